#include "desk/controller/check_list.h"

#include "desk/parts/look/theme.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace bh::desk {

CheckList::CheckList(const QString& name, QWidget* parent) : SpokenView(parent)
{
    setAccessibleName(name);
    setMinimumSize(scaled(250), scaled(10 * 26 + 8));
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
    saysOtherwise();
    update();
}

QString CheckList::inWords() const
{
    if (current_ >= steps_.size()) return tr("All %n step(s) are done", nullptr, static_cast<int>(steps_.size()));
    if (current_ < 0) return steps_.join(QStringLiteral("; "));
    const QString step = tr("Step %1 of %2: %3").arg(current_ + 1).arg(steps_.size()).arg(steps_[current_]);
    return failed_ ? tr("%1, went wrong").arg(step) : step;
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
        p.setFont(uiFont(text_points, on));
        p.setPen(on || current_ < 0 ? t.ink : t.soft);
        p.drawText(box.adjusted(30, 0, -4, 0), Qt::AlignVCenter | Qt::AlignLeft, steps_[i]);
    }
}

} // namespace bh::desk
