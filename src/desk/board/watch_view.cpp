#include "desk/board/watch_view.h"

#include "desk/parts/look/theme.h"
#include "desk/words/flight_words.h"
#include "school/flights/take_off.h"
#include "school/school.h"

#include <QPainter>
#include <algorithm>

namespace bh::desk {

WatchView::WatchView(const School& school, QWidget* parent) : SpokenView(parent), school_(school)
{
    setObjectName(QStringLiteral("watchView"));
    setAccessibleName(tr("The flight at that station"));
    setAttribute(Qt::WA_OpaquePaintEvent);
    setMinimumSize(320, 200);
    painter_.setPlain(true);
    painter_.setEye(FlightEye::Chase);
    constexpr int frame_ms = 33;
    timer_.setInterval(frame_ms);
    connect(&timer_, &QTimer::timeout, this, qOverload<>(&QWidget::update));
}

void WatchView::take(const StationNow& now)
{
    if (!now.flying() || !setUp(now)) return clear();
    constexpr double longest_ms = 500; // after a gap it begins afresh
    const bool goes_on = last_ && static_cast<double>(since_last_.elapsed()) < longest_ms && now.sample.t_s >= last_->sample.t_s;
    between_ms_ = goes_on ? static_cast<double>(std::max<qint64>(1, since_last_.elapsed())) : 0;
    before_ = goes_on ? last_ : std::nullopt;
    last_ = now;
    since_last_.start();
    if (!timer_.isActive()) timer_.start();
    saysOtherwise();
}

QString WatchView::inWords() const
{
    const auto now = seen();
    if (!now) return tr("Nothing flies there.");
    return placeInWords(*now);
}

void WatchView::clear()
{
    timer_.stop();
    last_.reset();
    before_.reset();
    update();
}

void WatchView::nextEye()
{
    painter_.setEye(painter_.eye() == FlightEye::Chase   ? FlightEye::Pilot
                    : painter_.eye() == FlightEye::Pilot ? FlightEye::Aircraft
                                                         : FlightEye::Chase);
    update();
}

/// The world of the drill, with the pilot's camera.
bool WatchView::setUp(const StationNow& now)
{
    const std::string what = now.pilot_id + "/" + now.drill_id + "/" + now.world;
    if (what != set_up_for_) {
        const Drill* known = school_.drill(now.drill_id);
        const Drill drill = known ? *known : free_flight(now.world.empty() ? "pan" : now.world);
        TakeOff take_off;
        take_off.purpose = known ? TakeOff::Purpose::Drill : TakeOff::Purpose::Free;
        take_off.pilot_id = now.pilot_id;
        const auto flight = prepared(school_, drill, take_off);
        if (!flight) return false;
        painter_.setDrill(drill, flight->setup);
        set_up_for_ = what;
        before_.reset();
        last_.reset();
    }
    painter_.setCamera(now.camera_tilt_deg, now.fov_deg);
    painter_.setStickMode(stick_mode(now.stick_mode));
    return true;
}

std::optional<FlightSample> WatchView::seen() const
{
    if (!last_) return std::nullopt;
    FlightSample s = last_->sample;
    if (!before_) return s;
    const FlightSample& b = before_->sample;
    const double share = std::clamp(static_cast<double>(since_last_.elapsed()) / between_ms_, 0.0, 1.0);
    const auto between = [share](double from, double to) { return from + share * (to - from); };
    s.north_m = between(b.north_m, s.north_m), s.east_m = between(b.east_m, s.east_m);
    s.height_m = between(b.height_m, s.height_m), s.t_s = between(b.t_s, s.t_s);
    const Quat q = b.attitude().normalized().slerp(share, s.attitude().normalized());
    s.qw = q.w(), s.qx = q.x(), s.qy = q.y(), s.qz = q.z();
    return s;
}

void WatchView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    const auto s = seen();
    if (!s) {
        p.fillRect(rect(), theme().card);
        p.setPen(theme().soft);
        return p.drawText(rect().adjusted(16, 16, -16, -16), Qt::AlignCenter | Qt::TextWordWrap,
                          tr("Nothing flies at this station now. A flight that begins there is seen here."));
    }
    FlightSnapshot now;
    now.state.position_m = Vec3(s->north_m, s->east_m, -s->height_m);
    now.state.velocity_mps = Vec3(s->vn_mps, s->ve_mps, -s->climb_mps);
    now.state.attitude = s->attitude();
    now.sticks = last_->sticks;
    now.time_s = s->t_s;
    now.armed = last_->armed, now.crashed = last_->crashed, now.paused = last_->paused;
    now.mode = s->mode;
    now.phase = static_cast<std::size_t>(last_->phase);
    now.waiting_for_throttle = false;
    now.status = DrillRunner::Status::Running;
    painter_.paint(p, size(), now);
}

} // namespace bh::desk
