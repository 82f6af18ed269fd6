#include "core/path/crashes.h"

#include <algorithm>
#include <cmath>

namespace bh {

std::vector<Crash> find_crashes(const FlightLog& log)
{
    std::vector<Crash> crashes;
    if (!log.has_position) return crashes;
    constexpr double before_s = 0.1;
    for (const FlightLog::Event& e : log.events) {
        if (e.event != FlightEvent::Crash || e.row >= log.size()) continue;
        Crash crash;
        for (std::size_t row = e.row + 1; row-- > 0 && log.t_s[e.row] - log.t_s[row] <= before_s;)
            crash.speed_mps = std::max(crash.speed_mps, std::hypot(log.vn_mps[row], log.ve_mps[row], log.climb_mps[row]));
        crash.height_m = std::max(0.0, log.height_m[e.row]);
        crashes.push_back(crash);
    }
    return crashes;
}

} // namespace bh
