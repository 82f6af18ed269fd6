#include "core/path/held_pushes.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double beyond = 0.2, longer_s = 0.6, least_lean_deg = 45, least_growth_deg = 30, spins_deg = 270;

double lean_at(const FlightLog& log, std::size_t row) { return lean_deg({log.qw[row], log.qx[row], log.qy[row], log.qz[row]}); }

/// How far the body turned in a span of rows, from its rate.
double turned_deg(const FlightLog& log, const std::vector<double>& rate_dps, RowSpan rows)
{
    double turned = 0;
    for (std::size_t i = rows.first + 1; i < rows.last; ++i)
        turned += 0.5 * (rate_dps[i] + rate_dps[i - 1]) * (log.t_s[i] - log.t_s[i - 1]);
    return turned;
}

} // namespace

std::vector<HeldPush> find_held_pushes(const FlightLog& log, RowSpan span)
{
    std::vector<HeldPush> found;
    for (const StickAxis axis : {StickAxis::Pitch, StickAxis::Roll}) {
        const std::vector<double>& stick = stick_column(log, axis);
        const std::vector<double>& rate_dps = axis == StickAxis::Pitch ? log.q_dps : log.p_dps;
        const auto held = [&](std::size_t i) { return log.mode[i] == Mode::Acro && std::abs(stick[i]) > beyond; };
        for (std::size_t i = span.first; i < span.last; ++i) {
            if (!held(i)) continue;
            RowSpan rows{i, i + 1};
            while (rows.last < span.last && held(rows.last) && stick[rows.last] * stick[i] > 0) ++rows.last;
            const std::size_t end = i = rows.last - 1;
            const HeldPush push{axis, log.t_s[rows.first], log.t_s[end], lean_at(log, end)};
            const bool long_enough = push.end_s - push.start_s > longer_s;
            const bool leans = push.lean_deg > least_lean_deg && push.lean_deg - lean_at(log, rows.first) >= least_growth_deg;
            if (long_enough && leans && std::abs(turned_deg(log, rate_dps, rows)) < spins_deg) found.push_back(push);
        }
    }
    std::sort(found.begin(), found.end(), [](const HeldPush& a, const HeldPush& b) { return a.start_s < b.start_s; });
    return found;
}

} // namespace bh
