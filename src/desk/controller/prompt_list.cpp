#include "desk/controller/prompt_list.h"

#include "desk/theme.h"

#include <QPainter>

namespace bh::desk {

PromptList::PromptList(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("promptList"));
    setAccessibleName(tr("Calibration checklist"));
    setMinimumSize(250, 10 * 26 + 8);
}

QString PromptList::instruction(Prompt prompt)
{
    switch (prompt) {
    case Prompt::Rest: return tr("Let go of both sticks");
    case Prompt::ThrottleUp: return tr("Throttle to the top, hold it there");
    case Prompt::ThrottleDown: return tr("Throttle to the bottom, hold it there");
    case Prompt::YawRight: return tr("Yaw right to the stop, let go");
    case Prompt::YawLeft: return tr("Yaw left to the stop, let go");
    case Prompt::PitchForward: return tr("Pitch forward to the stop, let go");
    case Prompt::PitchBack: return tr("Pitch back to the stop, let go");
    case Prompt::RollRight: return tr("Roll right to the stop, let go");
    case Prompt::RollLeft: return tr("Roll left to the stop, let go");
    case Prompt::Circles: return tr("Circle both sticks, let go");
    }
    return {};
}

void PromptList::setProgress(int current, double progress)
{
    if (current == current_ && std::abs(progress - progress_) < 0.01) return;
    current_ = current;
    progress_ = progress;
    if (current >= 0 && current < static_cast<int>(prompt_count)) setAccessibleDescription(instruction(static_cast<Prompt>(current)));
    update();
}

void PromptList::paintEvent(QPaintEvent*)
{
    const Theme& t = theme();
    QPainter p(this);
    const double row = std::min(30.0, (height() - 4.0) / prompt_count);
    for (int i = 0; i < static_cast<int>(prompt_count); ++i) {
        const QRectF box(0, 2 + i * row, width(), row - 2);
        const bool on = i == current_;
        if (on) {
            p.fillRect(box, t.card);
            p.fillRect(QRectF(box.left(), box.bottom() - 3, box.width() * progress_, 3), t.attention);
        }
        const StateMark mark = i < current_ ? StateMark::Done : on ? StateMark::Due : StateMark::None;
        paintMark(p, QRectF(8, box.center().y() - 6, 12, 12), mark, i < current_ ? t.held : on ? t.attention : t.steel);
        p.setFont(uiFont(10, on));
        p.setPen(on || current_ < 0 ? t.ink : t.soft);
        p.drawText(box.adjusted(30, 0, -4, 0), Qt::AlignVCenter | Qt::AlignLeft, instruction(static_cast<Prompt>(i)));
    }
}

} // namespace bh::desk
