#include "desk/parts/flight_view.h"

#include "desk/parts/theme.h"

#include <QPainter>

namespace bh::desk {

FlightView::FlightView(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("flightView"));
    setAccessibleName(tr("Flight view"));
    setFocusPolicy(Qt::StrongFocus);
    setAttribute(Qt::WA_OpaquePaintEvent);
    setMinimumSize(320, 240);
    timer_.setInterval(16);
    timer_.setTimerType(Qt::PreciseTimer);
    connect(&timer_, &QTimer::timeout, this, qOverload<>(&QWidget::update));
}

void FlightView::show(const FlightLoop* loop)
{
    loop_ = loop;
    if (loop_) {
        painter_.setDrill(loop_->drill(), loop_->setup());
        timer_.start();
    } else {
        timer_.stop();
    }
    update();
}

void FlightView::nextEye()
{
    painter_.setEye(static_cast<FlightEye>((static_cast<int>(painter_.eye()) + 1) % 3));
    update();
}

void FlightView::setInvitation(const QString& text)
{
    invitation_ = text;
    if (!loop_) update();
}

void FlightView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    if (loop_) {
        const FlightSnapshot now = loop_->snapshot();
        painter_.paint(p, size(), now);
        Q_EMIT painted(now);
        const bool over = now.status == DrillRunner::Status::Finished || now.status == DrillRunner::Status::Disqualified;
        if (over && !now.wants_throttle_cut) timer_.stop();
        return;
    }
    const Theme& t = theme();
    p.fillRect(rect(), t.card);
    p.setPen(t.line);
    p.drawRect(rect().adjusted(0, 0, -1, -1));
    p.setPen(t.ink);
    p.setFont(uiFont(13));
    p.drawText(rect().adjusted(60, 40, -60, -40), Qt::AlignCenter | Qt::TextWordWrap, invitation_);
}

} // namespace bh::desk
