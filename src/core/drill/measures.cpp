#include "core/drill/measures.h"

#include "core/path/brakes.h"
#include "core/path/contacts.h"
#include "core/path/flags.h"
#include "core/path/gates.h"
#include "core/path/held_pushes.h"
#include "core/path/recovered.h"
#include "core/path/rocking.h"
#include "core/path/shadowing.h"
#include "core/path/smoothness.h"
#include "core/path/spins.h"
#include "core/path/throttle_cuts.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>
#include <utility>

namespace bh {
namespace {

constexpr std::array<std::string_view, measure_count> measure_keys{"height_in_window",
                                                                   "height_mean_error_m",
                                                                   "height_rms_m",
                                                                   "height_span_m",
                                                                   "height_lost_m",
                                                                   "overshoot_m",
                                                                   "drift_rms_m",
                                                                   "closure_m",
                                                                   "leg_straightness_m",
                                                                   "heading_error_deg",
                                                                   "speed_mps",
                                                                   "touches",
                                                                   "crashes",
                                                                   "throttle_cut_s",
                                                                   "touchdown_mps",
                                                                   "bounces",
                                                                   "reversal_rate_hz",
                                                                   "held_pushes",
                                                                   "sideways_share",
                                                                   "turned_deg",
                                                                   "turn_error_deg",
                                                                   "corner_error_deg",
                                                                   "flag_distance_m",
                                                                   "gates_hit",
                                                                   "gates_missed",
                                                                   "balloon_m",
                                                                   "stop_s",
                                                                   "stop_m",
                                                                   "roll_exit_deg",
                                                                   "past_place_m",
                                                                   "line_offset_m",
                                                                   "recovery_s",
                                                                   "rocking_share",
                                                                   "yaw_lead_ms",
                                                                   "yaw_share",
                                                                   "lap_s",
                                                                   "lap_spread",
                                                                   "throttle_inverted",
                                                                   "clearance_m",
                                                                   "done_s",
                                                                   "arm_refusals",
                                                                   "disarmed_at_end",
                                                                   "touches_per_min",
                                                                   "panic_s",
                                                                   "sparc_sticks",
                                                                   "stick_match",
                                                                   "stick_lag_ms",
                                                                   "side_gap"};

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

double off_line(const FlightLog& log, std::size_t i, const Line& line)
{
    return -(log.north_m[i] - line.north_m) * std::sin(radians(line.heading_deg)) +
           (log.east_m[i] - line.east_m) * std::cos(radians(line.heading_deg));
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
    case Measure::SidewaysShare:
    case Measure::RockingShare:
    case Measure::TurnedDeg:
    case Measure::TurnErrorDeg:
    case Measure::CornerErrorDeg:
    case Measure::YawLeadMs:
    case Measure::YawShare:
    case Measure::ThrottleInverted:
    case Measure::ArmRefusals:
    case Measure::DisarmedAtEnd:
    case Measure::TouchesPerMin:
    case Measure::PanicS:
    case Measure::SparcSticks:
    case Measure::StickMatch:
    case Measure::StickLagMs:
    case Measure::DoneS: return false;
    default: return true;
    }
}

bool is_of_turns(Measure measure)
{
    return measure == Measure::CornerErrorDeg || measure == Measure::YawLeadMs || measure == Measure::YawShare;
}

std::optional<double> measure_of_turns(const std::vector<Turn>& turns, Measure what)
{
    std::vector<double> values;
    for (const Turn& turn : turns) {
        if (what == Measure::CornerErrorDeg)
            values.push_back(std::abs(std::abs(turn.heading_change_deg) - 90));
        else if (what == Measure::YawShare)
            values.push_back(turn.yaw_share);
        else if (turn.yaw_lead_s)
            values.push_back(1000 * *turn.yaw_lead_s);
    }
    if (values.empty()) return std::nullopt;
    if (what == Measure::YawShare) return std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
    std::sort(values.begin(), values.end());
    return what == Measure::CornerErrorDeg ? values.back() : (values[(values.size() - 1) / 2] + values[values.size() / 2]) / 2;
}

std::optional<double> measure(const FlightLog& log, RowSpan span, Measure what, const MeasureOptions& options)
{
    span.last = std::min(span.last, log.size());
    if (span.size() == 0 || (needs_position(what) && !log.has_position)) return std::nullopt;
    const std::size_t first = span.first;
    const double height = options.height_m.value_or(log.height_m.empty() ? 0 : log.height_m[first]);
    const Line line = options.line.value_or(
        Line{log.north_m[first], log.east_m[first], heading_deg({log.qw[first], log.qx[first], log.qy[first], log.qz[first]})});
    const auto off_place = [&](std::size_t i) { return std::hypot(log.north_m[i] - line.north_m, log.east_m[i] - line.east_m); };

    switch (what) {
    case Measure::HeightInWindow:
        return mean_over(span, [&](std::size_t i) { return std::abs(log.height_m[i] - height) <= options.window_m; });
    case Measure::HeightMeanErrorM: return mean_over(span, [&](std::size_t i) { return log.height_m[i] - height; });
    case Measure::HeightRmsM:
        return std::sqrt(mean_over(span, [&](std::size_t i) { return (log.height_m[i] - height) * (log.height_m[i] - height); }));
    case Measure::HeightSpanM: return highest(log.height_m, span) - lowest(log.height_m, span);
    case Measure::HeightLostM: return log.height_m[first] - lowest(log.height_m, span);
    case Measure::OvershootM: return std::max(0.0, highest(log.height_m, span) - height);
    case Measure::DriftRmsM: return std::sqrt(mean_over(span, [&](std::size_t i) { return off_place(i) * off_place(i); }));
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
            const double error = wrapped_deg(heading_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]}) - line.heading_deg);
            return error * error;
        }));
    case Measure::SpeedMps: return mean_over(span, [&](std::size_t i) { return std::hypot(log.vn_mps[i], log.ve_mps[i]); });
    case Measure::Touches: return count_events(log, span, FlightEvent::Touch);
    case Measure::Crashes: return count_events(log, span, FlightEvent::Crash);
    case Measure::ThrottleCutS: {
        const auto cuts = throttle_cuts_s(log, span);
        return cuts.empty() ? std::nullopt : std::optional(*std::max_element(cuts.begin(), cuts.end()));
    }
    case Measure::ArmRefusals: return count_events(log, span, FlightEvent::ArmRefused);
    case Measure::DisarmedAtEnd: return log.armed[span.last - 1] ? 0 : 1;
    case Measure::TouchesPerMin: {
        const double minutes = (log.t_s[span.last - 1] - log.t_s[first]) / 60;
        return minutes > 0 ? std::optional(count_events(log, span, FlightEvent::Touch) / minutes) : std::nullopt;
    }
    case Measure::PanicS:
        for (const FlightLog::Event& e : log.events)
            if (e.event == FlightEvent::Panic && e.row >= first && e.row < span.last) return log.t_s[e.row] - log.t_s[first];
        return std::nullopt;
    case Measure::SparcSticks: return sparc(stick_speed(log, span), rows_per_second(log, span));
    case Measure::StickMatch:
    case Measure::StickLagMs: {
        if (!options.demonstration) return std::nullopt;
        std::optional<double> value;
        for (const auto& follow : follow_sticks(*options.demonstration, log, span)) {
            if (!follow) continue;
            constexpr double follows_at_all = 0.3; // below, no lag can be told
            if (what == Measure::StickLagMs && follow->correlation < follows_at_all) continue;
            if (what == Measure::StickMatch)
                value = std::min(value.value_or(1), follow->correlation);
            else
                value = std::max(value.value_or(-1e300), 1000 * follow->lag_s);
        }
        return value;
    }
    case Measure::TouchdownMps: {
        const auto contacts = ground_contacts(log, span);
        if (contacts.empty()) return std::nullopt;
        return sink_before_mps(log, contacts.front());
    }
    case Measure::Bounces: {
        const auto contacts = ground_contacts(log, span);
        if (contacts.empty()) return std::nullopt;
        return static_cast<double>(contacts.size() - 1);
    }
    case Measure::ReversalRateHz: {
        const double seconds = log.t_s[span.last - 1] - log.t_s[first];
        if (!(seconds > 0)) return std::nullopt;
        const StickAxis axis = options.axis.value_or(StickAxis::Throttle);
        const double travel = axis == StickAxis::Throttle ? 1 : 2;
        return static_cast<double>(turning_points(stick_column(log, axis), span, 0.06 * travel).size()) / seconds;
    }
    case Measure::HeldPushes: return held_pushes(log, span);
    case Measure::SidewaysShare: return mean_over(span, [&](std::size_t i) { return std::abs(log.stick_roll[i]) > 0.1; });
    case Measure::TurnedDeg: return turned_deg(log, span);
    case Measure::TurnErrorDeg: return std::abs(turned_deg(log, span) - options.turn_deg);
    case Measure::FlagDistanceM: return flag_distance_m(log, span, options.flags_m);
    case Measure::GatesHit: return static_cast<double>(gates_through(log, span, options.gates).size());
    case Measure::GatesMissed: return gates_missed(log, span, options.gates, options.laps);
    case Measure::LapS:
    case Measure::LapSpread: {
        const auto laps = lap_times_s(log, span, options.gates);
        if (laps.empty()) return std::nullopt;
        const double mean = std::accumulate(laps.begin(), laps.end(), 0.0) / static_cast<double>(laps.size());
        const auto [quickest, slowest] = std::minmax_element(laps.begin(), laps.end());
        return what == Measure::LapS ? mean : (*slowest - *quickest) / mean;
    }
    case Measure::BalloonM:
    case Measure::StopS:
    case Measure::StopM: {
        const auto brake = brake_in(log, span);
        if (!brake) return std::nullopt;
        return what == Measure::BalloonM ? brake->height_gain_m : what == Measure::StopS ? brake->stop_s : brake->stop_m;
    }
    case Measure::RollExitDeg: {
        std::optional<double> worst;
        for (const Spin& spin : find_spins(log, span)) worst = std::max(worst.value_or(0), exit_error_deg(log, spin));
        return worst;
    }
    case Measure::PastPlaceM: {
        const double c = std::cos(radians(line.heading_deg)), s = std::sin(radians(line.heading_deg));
        double past = 0;
        for (std::size_t i = first; i < span.last; ++i)
            past = std::max(past, (log.north_m[i] - line.north_m) * c + (log.east_m[i] - line.east_m) * s);
        return past;
    }
    case Measure::LineOffsetM: return std::abs(off_line(log, span.last - 1, line));
    case Measure::RecoveryS: return recovery_s(log, span);
    case Measure::RockingShare: return rocking_share(log, span, options.axis);
    case Measure::CornerErrorDeg:
    case Measure::YawLeadMs:
    case Measure::YawShare: return measure_of_turns(find_turns(log, span), what);
    case Measure::ThrottleInverted: {
        double sum = 0, rows = 0;
        for (std::size_t i = span.first; i < span.last; ++i)
            if (lean_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]}) > 120) sum += log.throttle[i], ++rows;
        return rows > 0 ? std::optional(sum / rows) : std::nullopt;
    }
    case Measure::ClearanceM: {
        const double c = std::cos(radians(line.heading_deg)), s = std::sin(radians(line.heading_deg));
        const auto along = [&](std::size_t i) {
            return (log.north_m[i] - line.north_m) * c + (log.east_m[i] - line.east_m) * s - options.along_m;
        };
        for (std::size_t i = span.first + 1; i < span.last; ++i)
            if (along(i - 1) < 0 && along(i) >= 0) return log.height_m[i] - height;
        return std::nullopt;
    }
    case Measure::DoneS: return log.t_s[span.last - 1] - log.t_s[first];
    case Measure::SideGap: return std::nullopt; // of a whole score, see score()
    }
    return std::nullopt;
}

} // namespace bh
