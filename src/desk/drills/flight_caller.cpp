#include "desk/drills/flight_caller.h"

#include "desk/words/flight_words.h"

#include <algorithm>
#include <cmath>

namespace bh::desk {

std::optional<QString> FlightCaller::look(const Drill& drill, const FlightSnapshot& now)
{
    const std::size_t at = std::min(now.phase, drill.phases.size() - 1);
    const Phase& phase = drill.phases[at];
    if (at != phase_) was_inside_ = false;
    phase_ = at;
    side_ = Side::Inside;
    const bool flies = now.armed && !now.paused && !now.crashed && now.status == DrillRunner::Status::Running;
    if (flies && phase.window_m > 0) {
        const double over_m = -now.state.position_m.z() - phase.height_m;
        if (std::abs(over_m) <= phase.window_m)
            was_inside_ = true;
        else if (was_inside_)
            side_ = over_m > 0 ? Side::Above : Side::Below;
    }
    const bool over = now.status == DrillRunner::Status::Finished || now.status == DrillRunner::Status::Disqualified;
    if (over && !now.wants_throttle_cut) return std::nullopt; // the result says more
    const QString words = adviceInWords(drill, now).words;
    if (words == said_) return std::nullopt;
    said_ = words;
    return words;
}

} // namespace bh::desk
