#include "core/debrief/shadowing.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double step_s = 0.02;
constexpr int first_lag = -15, last_lag = 60; // steps
constexpr double least_s = 2;

/// A column at even steps from `from_s` on, for `count` of them, held where the log has no row yet.
std::vector<double> evenly(const std::vector<double>& t_s, const std::vector<double>& column, double from_s, std::size_t count)
{
    std::vector<double> out(count);
    std::size_t row = 0;
    for (std::size_t k = 0; k < count; ++k) {
        const double at_s = from_s + static_cast<double>(k) * step_s;
        while (row + 1 < t_s.size() && t_s[row + 1] <= at_s) ++row;
        out[k] = column[row];
    }
    return out;
}

/// Pearson's correlation of a[i] and b[i + lag], and the standard deviation of a.
struct Correlation {
    double r, sd_a;
};
Correlation correlated(const std::vector<double>& a, const std::vector<double>& b, int lag)
{
    double n = 0, sa = 0, sb = 0, saa = 0, sbb = 0, sab = 0;
    for (int i = std::max(0, -lag); i < static_cast<int>(a.size()) && i + lag < static_cast<int>(b.size()); ++i) {
        const double x = a[static_cast<std::size_t>(i)], y = b[static_cast<std::size_t>(i + lag)];
        n += 1, sa += x, sb += y, saa += x * x, sbb += y * y, sab += x * y;
    }
    if (n < 2) return {0, 0};
    const double va = std::max(0.0, saa / n - sa * sa / (n * n)), vb = std::max(0.0, sbb / n - sb * sb / (n * n));
    return {va > 1e-12 && vb > 1e-12 ? (sab / n - sa * sb / (n * n)) / std::sqrt(va * vb) : 0, std::sqrt(va)};
}

} // namespace

std::array<std::optional<StickFollow>, 4> follow_sticks(const FlightLog& demonstration, const FlightLog& log, RowSpan span)
{
    std::array<std::optional<StickFollow>, 4> follows;
    span.last = std::min(span.last, log.size());
    if (span.size() < 2 || demonstration.size() < 2) return follows;
    const double from_s = log.t_s[span.first] - log.t_s.front();
    const double duration_s = std::min(log.t_s[span.last - 1] - log.t_s[span.first], demonstration.duration_s() - from_s);
    if (duration_s < least_s) return follows;
    const auto count = static_cast<std::size_t>(duration_s / step_s);
    for (const StickAxis axis : {StickAxis::Throttle, StickAxis::Yaw, StickAxis::Pitch, StickAxis::Roll}) {
        const auto shown = evenly(demonstration.t_s, stick_column(demonstration, axis), demonstration.t_s.front() + from_s, count);
        const auto followed = evenly(log.t_s, stick_column(log, axis), log.t_s[span.first], count);
        const double travel = axis == StickAxis::Throttle ? 1 : 2;
        if (correlated(shown, followed, 0).sd_a < 0.01 * travel) continue;
        StickFollow best{-2, 0};
        for (int lag = first_lag; lag <= last_lag; ++lag)
            if (const Correlation c = correlated(shown, followed, lag); c.r > best.correlation) best = {c.r, lag * step_s};
        follows[static_cast<std::size_t>(axis)] = best;
    }
    return follows;
}

} // namespace bh
