#include "core/debrief/recovered.h"

#include <cmath>

namespace bh {

bool recovered(const FlightLog& log, std::size_t i)
{
    constexpr double level_deg = 20, slow_dps = 60, falls_mps = -1.5;
    return lean_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]}) < level_deg && std::abs(log.p_dps[i]) < slow_dps && std::abs(log.q_dps[i]) < slow_dps &&
           log.climb_mps[i] > falls_mps;
}

} // namespace bh
