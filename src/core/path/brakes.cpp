#include "core/path/brakes.h"

#include <algorithm>
#include <cmath>

namespace bh {

std::optional<Brake> brake_in(const FlightLog& log, RowSpan span)
{
    constexpr double entry_s = 0.3, least_mps = 1, stands_mps = 0.4;
    if (span.size() < 2) return std::nullopt;
    const auto speed = [&log](std::size_t i) { return std::hypot(log.vn_mps[i], log.ve_mps[i]); };
    Brake b;
    for (std::size_t i = span.first; i < span.last && log.t_s[i] - log.t_s[span.first] <= entry_s; ++i)
        b.entry_speed_mps = std::max(b.entry_speed_mps, speed(i));
    if (b.entry_speed_mps < least_mps) return std::nullopt;
    std::size_t begins = span.first;
    while (begins + 1 < span.last && speed(begins) > 0.95 * b.entry_speed_mps) ++begins;
    std::size_t ends = begins;
    const double slow = std::max(0.05 * b.entry_speed_mps, std::min(stands_mps, 0.2 * b.entry_speed_mps));
    while (ends < span.last && speed(ends) > slow) ++ends;
    if (ends >= span.last) return std::nullopt;
    b.stop_s = log.t_s[ends] - log.t_s[begins];
    for (std::size_t i = begins + 1; i <= ends; ++i)
        b.stop_m += std::hypot(log.north_m[i] - log.north_m[i - 1], log.east_m[i] - log.east_m[i - 1]);
    for (std::size_t i = span.first; i < span.last; ++i)
        b.height_gain_m = std::max(b.height_gain_m, log.height_m[i] - log.height_m[span.first]);
    return b;
}

} // namespace bh
