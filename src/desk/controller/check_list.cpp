#include "desk/controller/check_list.h"

#include "desk/parts/theme.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace bh::desk {

CheckList::CheckList(const QString& name, QWidget* parent) : QWidget(parent)
{
    setAccessibleName(name);
    setMinimumSize(250, 10 * 26 + 8);
}

void CheckList::setSteps(const QStringList& steps)
{
    steps_ = steps;
    current_ = -1;
    failed_ = false;
    update();
}

void CheckList::setProgress(int current, double progress)
{
    if (current == current_ && std::abs(progress - progress_) < 0.01) return;
    current_ = current;
    progress_ = progress;
    if (current >= 0 && current < steps_.size()) setAccessibleDescription(steps_[current]);
    update();
}

void CheckList::setFailed(bool failed)
{
    failed_ = failed;
    update();
}

void CheckList::paintEvent(QPaintEvent*)
{
    const Theme& t = theme();
    QPainter p(this);
    const double row = std::min(30.0, (height() - 4.0) / std::max<int>(10, static_cast<int>(steps_.size())));
    for (int i = 0; i < steps_.size(); ++i) {
        const QRectF box(0, 2 + i * row, width(), row - 2);
        const bool on = i == current_;
        if (on) {
            p.fillRect(box, t.card);
            p.fillRect(QRectF(box.left(), box.bottom() - 3, box.width() * progress_, 3), t.attention);
        }
        const StateMark mark = i < current_ ? StateMark::Done
                               : on         ? (failed_ ? StateMark::Blocked : StateMark::Due)
                                            : StateMark::None;
        paintMark(p, QRectF(8, box.center().y() - 6, 12, 12), mark,
                  i < current_ ? t.held
                  : !on        ? t.steel
                  : failed_    ? t.notMet
                               : t.attention);
        p.setFont(uiFont(10, on));
        p.setPen(on || current_ < 0 ? t.ink : t.soft);
        p.drawText(box.adjusted(30, 0, -4, 0), Qt::AlignVCenter | Qt::AlignLeft, steps_[i]);
    }
}

} // namespace bh::desk
