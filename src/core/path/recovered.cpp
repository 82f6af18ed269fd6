#include "core/path/recovered.h"

#include <cmath>

namespace bh {

bool recovered(const FlightLog& log, std::size_t i)
{
    constexpr double level_deg = 20, slow_dps = 60, falls_mps = -1.5;
    return lean_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]}) < level_deg && std::abs(log.p_dps[i]) < slow_dps &&
           std::abs(log.q_dps[i]) < slow_dps && log.climb_mps[i] > falls_mps;
}

std::optional<double> recovery_s(const FlightLog& log, RowSpan span)
{
    constexpr double kept_s = 0.5;
    double since_s = -1;
    for (std::size_t i = span.first; i < span.last; ++i) {
        if (!recovered(log, i))
            since_s = -1;
        else if (since_s < 0)
            since_s = log.t_s[i];
        if (since_s >= 0 && log.t_s[i] - since_s >= kept_s) return since_s - log.t_s[span.first];
    }
    return std::nullopt;
}

} // namespace bh
