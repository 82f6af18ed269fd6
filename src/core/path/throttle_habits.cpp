#include "core/path/throttle_habits.h"

#include "core/path/contacts.h"
#include "core/path/spins.h"

#include <algorithm>

namespace bh {
namespace {

/// Stretches of rows for which something holds, longer than a time.
template <class Holds>
std::vector<RowSpan> stretches_longer(const FlightLog& log, RowSpan span, double more_than_s, Holds holds)
{
    std::vector<RowSpan> found;
    for (std::size_t i = span.first; i < span.last; ++i) {
        if (!holds(i)) continue;
        RowSpan rows{i, i};
        while (rows.last < span.last && holds(rows.last)) ++rows.last;
        i = rows.last;
        if (log.t_s[rows.last - 1] - log.t_s[rows.first] > more_than_s) found.push_back(rows);
    }
    return found;
}

} // namespace

std::vector<ThrottleHeld> find_chopped_throttle(const FlightLog& log, RowSpan span)
{
    constexpr double nothing = 0.05, longer_s = 0.4, sinks_mps = 3;
    std::vector<ThrottleHeld> found;
    if (!log.has_position) return found;
    const std::vector<Spin> spins = find_spins(log, span);
    const auto chopped = stretches_longer(log, span, longer_s, [&](std::size_t i) {
        return log.armed[i] && log.throttle[i] < nothing && log.height_m[i] > on_ground_m;
    });
    for (const RowSpan& rows : chopped) {
        const double start_s = log.t_s[rows.first], end_s = log.t_s[rows.last - 1];
        const bool spinning =
            std::any_of(spins.begin(), spins.end(), [&](const Spin& s) { return s.start_s < end_s && s.end_s > start_s; });
        if (!spinning && log.climb_mps[rows.last - 1] < -sinks_mps) found.push_back({start_s, end_s});
    }
    return found;
}

std::vector<ThrottleHeld> find_full_throttle_take_offs(const FlightLog& log, RowSpan span)
{
    constexpr double full = 0.9, longer_s = 0.5, within_s = 3;
    std::vector<ThrottleHeld> found;
    if (!log.has_position) return found;
    for (const RowSpan& rows :
         stretches_longer(log, span, longer_s, [&](std::size_t i) { return log.armed[i] && log.throttle[i] > full; })) {
        // The last time that it stood on the ground before, or as it began.
        std::size_t left = rows.last;
        while (left > span.first && log.height_m[left - 1] > on_ground_m) --left;
        const bool took_off = left > span.first || log.height_m[span.first] <= on_ground_m;
        if (left == 0 || !took_off || left >= rows.last) continue;
        if (log.t_s[rows.first] - log.t_s[left] <= within_s) found.push_back({log.t_s[rows.first], log.t_s[rows.last - 1]});
    }
    return found;
}

} // namespace bh
