#include "core/path/rocking.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double window_s = 2, hop_s = 0.25;
constexpr double apart_share = 0.12; // of the travel from stop to stop
constexpr std::size_t fewest_points = 4;
constexpr double slowest_hz = 0.7, fastest_hz = 4;
constexpr double follows_dps = 6, follows_mps = 0.1; // SD of what the aircraft does

double sd_over(const std::vector<double>& column, RowSpan span)
{
    double sum = 0, squares = 0;
    for (std::size_t i = span.first; i < span.last; ++i) sum += column[i];
    const double mean = sum / static_cast<double>(span.size());
    for (std::size_t i = span.first; i < span.last; ++i) squares += (column[i] - mean) * (column[i] - mean);
    return std::sqrt(squares / static_cast<double>(span.size()));
}

bool aircraft_follows(const FlightLog& log, RowSpan span, StickAxis axis)
{
    switch (axis) {
    case StickAxis::Roll: return sd_over(log.p_dps, span) > follows_dps;
    case StickAxis::Pitch: return sd_over(log.q_dps, span) > follows_dps;
    case StickAxis::Yaw: return sd_over(log.r_dps, span) > follows_dps;
    case StickAxis::Throttle: break;
    }
    return sd_over(log.climb_mps, span) > follows_mps;
}

struct Range {
    double low = 1e300, high = -1e300;
};
constexpr auto hops_of_window = static_cast<std::size_t>(window_s / hop_s);

/// Lowest and highest value of a column in each hop from the span's start on.
std::vector<Range> ranges_by_hop(const FlightLog& log, RowSpan span, const std::vector<double>& column)
{
    std::vector<Range> ranges;
    const double start_s = log.t_s[span.first];
    for (std::size_t i = span.first; i < span.last;) {
        const auto hop = static_cast<std::size_t>((log.t_s[i] - start_s) / hop_s);
        const double until_s = start_s + static_cast<double>(hop + 1) * hop_s;
        ranges.resize(hop + 1);
        Range range;
        do range = {std::min(range.low, column[i]), std::max(range.high, column[i])};
        while (++i < span.last && log.t_s[i] < until_s);
        ranges[hop] = {std::min(range.low, ranges[hop].low), std::max(range.high, ranges[hop].high)};
    }
    return ranges;
}

double frequency_of(const FlightLog& log, const std::vector<TurningPoint>& points)
{
    const double time_s = log.t_s[points.back().row] - log.t_s[points.front().row];
    return time_s > 0 ? static_cast<double>(points.size() - 1) / (2 * time_s) : 0;
}

} // namespace

std::vector<Rocking> find_rocking(const FlightLog& log, RowSpan span, StickAxis axis)
{
    std::vector<Rocking> found;
    if (span.size() < 2) return found;
    const std::vector<double>& stick = stick_column(log, axis);
    const double apart = apart_share * (axis == StickAxis::Throttle ? 1 : 2);
    struct Stretch {
        std::size_t first, last; ///< turning points
    };
    std::vector<Stretch> stretches;
    const double end_s = log.t_s[span.last - 1];
    const std::vector<Range> hops = ranges_by_hop(log, span, stick);
    std::size_t hop = 0;
    for (double from_s = log.t_s[span.first]; from_s < end_s; from_s += hop_s, ++hop) {
        Range moved = hops[hop]; // a stick that stays in its place needs no closer look
        for (std::size_t k = 1; k <= hops_of_window && hop + k < hops.size(); ++k)
            moved.low = std::min(moved.low, hops[hop + k].low), moved.high = std::max(moved.high, hops[hop + k].high);
        if (moved.high - moved.low <= apart) continue;
        RowSpan window = rows_between(log, from_s, std::min(from_s + window_s, end_s + 1e-9));
        window.last = std::min(window.last, span.last);
        const auto points = turning_points(stick, window, apart);
        if (points.size() < fewest_points) continue;
        const double hz = frequency_of(log, points);
        if (hz < slowest_hz || hz > fastest_hz || !aircraft_follows(log, window, axis)) continue;
        if (!stretches.empty() && points.front().row <= stretches.back().last)
            stretches.back().last = std::max(stretches.back().last, points.back().row);
        else
            stretches.push_back({points.front().row, points.back().row});
    }
    for (const Stretch& s : stretches) {
        // The turning points of the whole stretch; half a swing lies before the first and after the last one.
        RowSpan rows{s.first, s.last + 1};
        const double margin_s = 0.5 / slowest_hz;
        rows = rows_between(log, log.t_s[s.first] - margin_s, log.t_s[s.last] + margin_s);
        rows = {std::max(rows.first, span.first), std::min(rows.last, span.last)};
        auto points = turning_points(stick, rows, apart);
        std::erase_if(points, [&](const TurningPoint& p) { return p.row < s.first || p.row > s.last; });
        if (points.size() < 2) continue;
        Rocking r;
        r.axis = axis;
        r.frequency_hz = frequency_of(log, points);
        for (std::size_t i = 1; i < points.size(); ++i)
            r.amplitude += std::abs(points[i].value - points[i - 1].value) / 2 / static_cast<double>(points.size() - 1);
        const double quarter_s = 0.25 / r.frequency_hz;
        r.start_s = std::max(log.t_s[span.first], log.t_s[points.front().row] - quarter_s);
        r.end_s = std::min(end_s, log.t_s[points.back().row] + quarter_s);
        found.push_back(r);
    }
    return found;
}

std::vector<Rocking> find_rocking(const FlightLog& log, RowSpan span)
{
    std::vector<Rocking> all;
    for (const StickAxis axis : {StickAxis::Throttle, StickAxis::Yaw, StickAxis::Pitch, StickAxis::Roll}) {
        auto found = find_rocking(log, span, axis);
        all.insert(all.end(), found.begin(), found.end());
    }
    return all;
}

double rocking_share(const FlightLog& log, RowSpan span, std::optional<StickAxis> axis)
{
    if (span.size() < 2) return 0;
    auto found = axis ? find_rocking(log, span, *axis) : find_rocking(log, span);
    std::sort(found.begin(), found.end(), [](const Rocking& a, const Rocking& b) { return a.start_s < b.start_s; });
    double rocking_s = 0, until_s = -1e300;
    for (const Rocking& r : found) { // stretches of several axes may overlap
        rocking_s += std::max(0.0, r.end_s - std::max(r.start_s, until_s));
        until_s = std::max(until_s, r.end_s);
    }
    return rocking_s / (log.t_s[span.last - 1] - log.t_s[span.first]);
}

} // namespace bh
