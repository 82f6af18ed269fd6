#include "desk/parts/flight/flight_view.h"

#include "core/flight/geometry.h"
#include "desk/parts/look/theme.h"
#include "desk/words/flight_words.h"

#include <QPainter>

namespace bh::desk {

FlightView::FlightView(QWidget* parent) : SpokenView(parent)
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
    if (loop_ && painter_.eyeIsGiven()) return;
    painter_.setEye(static_cast<FlightEye>((static_cast<int>(painter_.eye()) + 1) % 3));
    update();
}

void FlightView::setInvitation(const QString& text)
{
    invitation_ = text;
    if (!loop_) update();
}

QString FlightView::inWords() const
{
    if (!loop_) return invitation_;
    const FlightSnapshot now = loop_->snapshot();
    return adviceInWords(loop_->drill(), now).words + QLatin1Char(' ') +
           placeInWords(-now.state.position_m.z(), now.state.velocity_mps.head<2>().norm(), heading_deg(now.state.attitude));
}

void FlightView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    if (loop_) {
        const FlightSnapshot now = loop_->snapshot();
        painter_.paint(p, size(), now);
        paintFocus(p);
        saysOtherwise();
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
    p.setFont(uiFont(head_points));
    p.drawText(rect().adjusted(60, 40, -60, -40), Qt::AlignCenter | Qt::TextWordWrap, invitation_);
    paintFocus(p);
}

} // namespace bh::desk
