#include "core/drill/measures.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bh {
namespace {

constexpr std::array<std::string_view, measure_count> measure_keys{
    "height_in_window", "height_mean_error_m", "height_rms_m", "height_span_m",      "height_lost_m",
    "overshoot_m",      "drift_rms_m",         "closure_m",    "leg_straightness_m", "heading_error_deg",
    "speed_mps",        "touches",             "crashes",      "throttle_cut_s",     "touchdown_mps",
    "bounces",          "reversal_rate_hz",    "held_pushes",  "sideways_share"};

template <class PerRow>
double mean_over(RowSpan span, PerRow per_row)
{
    double sum = 0;
    for (std::size_t i = span.first; i < span.last; ++i) sum += per_row(i);
    return sum / static_cast<double>(span.size());
}

double highest(const std::vector<double>& column, RowSpan span)
{
    return *std::max_element(column.begin() + static_cast<std::ptrdiff_t>(span.first),
                             column.begin() + static_cast<std::ptrdiff_t>(span.last));
}
double lowest(const std::vector<double>& column, RowSpan span)
{
    return *std::min_element(column.begin() + static_cast<std::ptrdiff_t>(span.first),
                             column.begin() + static_cast<std::ptrdiff_t>(span.last));
}

int count_events(const FlightLog& log, RowSpan span, FlightEvent event)
{
    return static_cast<int>(std::count_if(log.events.begin(), log.events.end(), [&](const FlightLog::Event& e) {
        return e.event == event && e.row >= span.first && e.row < span.last;
    }));
}

std::optional<double> worst_throttle_cut_s(const FlightLog& log, RowSpan span)
{
    std::optional<double> worst;
    for (const FlightLog::Event& e : log.events) {
        if (e.event != FlightEvent::Crash || e.row < span.first || e.row >= span.last) continue;
        std::size_t row = e.row;
        while (row + 1 < log.size() && log.throttle[row] >= 0.05) ++row; // a log that ends first counts to its end
        worst = std::max(worst.value_or(0), log.t_s[row] - log.t_s[e.row]);
    }
    return worst;
}

/// Rows on which the aircraft comes down to the ground from above it.
std::vector<std::size_t> ground_contacts(const FlightLog& log, RowSpan span)
{
    std::vector<std::size_t> rows;
    for (std::size_t i = std::max<std::size_t>(span.first, 1); i < span.last; ++i)
        if (log.height_m[i] <= on_ground_m && log.height_m[i - 1] > on_ground_m) rows.push_back(i);
    return rows;
}

/// The steepest sink over the last tenth of a second in the air: the contact itself has already taken the speed away.
double sink_before(const FlightLog& log, std::size_t contact_row)
{
    double sink = 0;
    for (std::size_t i = contact_row; i > 0 && log.t_s[contact_row] - log.t_s[i - 1] < 0.1; --i)
        sink = std::max(sink, -log.climb_mps[i - 1]);
    return sink;
}

int held_pushes(const FlightLog& log, RowSpan span)
{
    int count = 0;
    for (const auto* stick : {&log.stick_pitch, &log.stick_roll}) {
        std::size_t begin = span.first;
        bool counted = false;
        for (std::size_t i = span.first; i < span.last; ++i) {
            const bool pushed = log.mode[i] == Mode::Acro && std::abs((*stick)[i]) > 0.2 &&
                                (i == begin || (*stick)[i] * (*stick)[begin] > 0);
            if (!pushed) {
                begin = i + 1;
                counted = false;
                continue;
            }
            if (counted || log.t_s[i] - log.t_s[begin] <= 0.6) continue;
            const double lean = lean_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]});
            const double lean_then = lean_deg({log.qw[begin], log.qx[begin], log.qy[begin], log.qz[begin]});
            if (lean > 45 && lean > lean_then) {
                ++count;
                counted = true;
            }
        }
    }
    return count;
}

} // namespace

std::string_view measure_key(Measure measure) { return measure_keys[static_cast<std::size_t>(measure)]; }

std::optional<Measure> measure_from_key(std::string_view key)
{
    const auto found = std::find(measure_keys.begin(), measure_keys.end(), key);
    if (found == measure_keys.end()) return std::nullopt;
    return static_cast<Measure>(found - measure_keys.begin());
}

bool needs_position(Measure measure)
{
    switch (measure) {
    case Measure::Touches:
    case Measure::Crashes:
    case Measure::ThrottleCutS:
    case Measure::ReversalRateHz:
    case Measure::HeldPushes:
    case Measure::SidewaysShare: return false;
    default: return true;
    }
}

std::optional<double> measure(const FlightLog& log, RowSpan span, Measure what, const MeasureOptions& options)
{
    span.last = std::min(span.last, log.size());
    if (span.size() == 0 || (needs_position(what) && !log.has_position)) return std::nullopt;
    const std::size_t first = span.first;
    const double height = options.height_m.value_or(log.height_m.empty() ? 0 : log.height_m[first]);
    const Line line = options.line.value_or(Line{log.north_m[first], log.east_m[first],
                                                 heading_deg({log.qw[first], log.qx[first], log.qy[first], log.qz[first]})});
    const auto off_place = [&](std::size_t i) { return std::hypot(log.north_m[i] - line.north_m, log.east_m[i] - line.east_m); };

    switch (what) {
    case Measure::HeightInWindow:
        return mean_over(span, [&](std::size_t i) { return std::abs(log.height_m[i] - height) <= options.window_m; });
    case Measure::HeightMeanErrorM: return mean_over(span, [&](std::size_t i) { return log.height_m[i] - height; });
    case Measure::HeightRmsM:
        return std::sqrt(mean_over(span, [&](std::size_t i) {
            return (log.height_m[i] - height) * (log.height_m[i] - height);
        }));
    case Measure::HeightSpanM: return highest(log.height_m, span) - lowest(log.height_m, span);
    case Measure::HeightLostM: return log.height_m[first] - lowest(log.height_m, span);
    case Measure::OvershootM: return std::max(0.0, highest(log.height_m, span) - height);
    case Measure::DriftRmsM:
        return std::sqrt(mean_over(span, [&](std::size_t i) { return off_place(i) * off_place(i); }));
    case Measure::ClosureM: return off_place(span.last - 1);
    case Measure::LegStraightnessM: {
        const double across_n = -std::sin(radians(line.heading_deg));
        const double across_e = std::cos(radians(line.heading_deg));
        return std::sqrt(mean_over(span, [&](std::size_t i) {
            const double off = (log.north_m[i] - line.north_m) * across_n + (log.east_m[i] - line.east_m) * across_e;
            return off * off;
        }));
    }
    case Measure::HeadingErrorDeg:
        return std::sqrt(mean_over(span, [&](std::size_t i) {
            const double error =
                wrapped_deg(heading_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]}) - line.heading_deg);
            return error * error;
        }));
    case Measure::SpeedMps:
        return mean_over(span, [&](std::size_t i) { return std::hypot(log.vn_mps[i], log.ve_mps[i]); });
    case Measure::Touches: return count_events(log, span, FlightEvent::Touch);
    case Measure::Crashes: return count_events(log, span, FlightEvent::Crash);
    case Measure::ThrottleCutS: return worst_throttle_cut_s(log, span);
    case Measure::TouchdownMps: {
        const auto contacts = ground_contacts(log, span);
        if (contacts.empty()) return std::nullopt;
        return sink_before(log, contacts.front());
    }
    case Measure::Bounces: {
        const auto contacts = ground_contacts(log, span);
        if (contacts.empty()) return std::nullopt;
        return static_cast<double>(contacts.size() - 1);
    }
    case Measure::ReversalRateHz: {
        const double seconds = log.t_s[span.last - 1] - log.t_s[first];
        if (!(seconds > 0)) return std::nullopt;
        const double travel = options.axis == StickAxis::Throttle ? 1 : 2;
        return static_cast<double>(turning_points(stick_column(log, options.axis), span, 0.06 * travel).size()) / seconds;
    }
    case Measure::HeldPushes: return held_pushes(log, span);
    case Measure::SidewaysShare:
        return mean_over(span, [&](std::size_t i) { return std::abs(log.stick_roll[i]) > 0.1; });
    }
    return std::nullopt;
}

} // namespace bh
