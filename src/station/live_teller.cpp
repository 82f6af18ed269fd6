#include "station/live_teller.h"

#include "school/school.h"
#include "station/station.h"

namespace bh {

LiveTeller::LiveTeller(School& school, Station& station, QObject* parent) : QObject(parent), school_(school), station_(station)
{
    if (!school_.on_server()) return;
    connect(&timer_, &QTimer::timeout, this, &LiveTeller::tell);
    timer_.start(every_ms);
}

StationNow LiveTeller::now() const
{
    StationNow now;
    now.id = station_.liveId();
    now.name = station_.name().toStdString();
    now.pilot_id = station_.pilotId();
    now.stick_mode = station_.stickModeNumber();
    now.sticks = station_.input().sticks();
    const Station::Flying& flying = station_.flying();
    if (!flying.loop) return now;
    const FlightSnapshot s = flying.loop->snapshot();
    now.sticks = s.sticks;
    now.drill_id = flying.drill_id, now.world = flying.world;
    now.camera_tilt_deg = flying.camera_tilt_deg, now.fov_deg = flying.fov_deg;
    now.stand_in = flying.stand_in;
    now.armed = s.armed, now.paused = s.paused, now.crashed = s.crashed;
    now.over = s.status == DrillRunner::Status::Finished || s.status == DrillRunner::Status::Disqualified;
    now.phase = static_cast<int>(s.phase), now.phase_progress = s.phase_progress;
    if (s.score_so_far) now.marks = s.score_so_far->score;
    FlightSample& f = now.sample;
    f.t_s = s.time_s;
    f.north_m = s.state.position_m.x(), f.east_m = s.state.position_m.y(), f.height_m = -s.state.position_m.z();
    f.vn_mps = s.state.velocity_mps.x(), f.ve_mps = s.state.velocity_mps.y(), f.climb_mps = -s.state.velocity_mps.z();
    f.qw = s.state.attitude.w(), f.qx = s.state.attitude.x(), f.qy = s.state.attitude.y(), f.qz = s.state.attitude.z();
    f.mode = s.mode;
    return now;
}

void LiveTeller::tell()
{
    quiet_ms_ += every_ms;
    const StationNow what = now();
    school_.record().hold_files_back(what.flying() && !what.over); // the line is left to who flies
    const bool busy = station_.flying().loop || !(station_.input().sticks() == told_);
    if (!busy && quiet_ms_ < idle_every_ms) return;
    quiet_ms_ = 0;
    told_ = station_.input().sticks();
    school_.tell_live(QString::fromStdString(text_of(what)));
}

} // namespace bh
