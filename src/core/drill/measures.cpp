#include "core/drill/measures.h"

#include "core/debrief/brakes.h"
#include "core/debrief/recovered.h"
#include "core/debrief/rocking.h"
#include "core/debrief/shadowing.h"
#include "core/debrief/smoothness.h"
#include "core/debrief/spins.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>
#include <utility>

namespace bh {
namespace {

constexpr std::array<std::string_view, measure_count> measure_keys{
    "height_in_window", "height_mean_error_m", "height_rms_m", "height_span_m",      "height_lost_m",
    "overshoot_m",      "drift_rms_m",         "closure_m",    "leg_straightness_m", "heading_error_deg",
    "speed_mps",        "touches",             "crashes",      "throttle_cut_s",     "touchdown_mps",
    "bounces",          "reversal_rate_hz",    "held_pushes",  "sideways_share",
    "turned_deg",       "turn_error_deg",      "corner_error_deg", "flag_distance_m", "gates_hit",
    "gates_missed",     "balloon_m",           "stop_s",       "stop_m",             "roll_exit_deg",
    "past_place_m",        "line_offset_m",    "recovery_s",          "rocking_share", "yaw_lead_ms",       "yaw_share",
    "lap_s",            "lap_spread",          "throttle_inverted", "clearance_m",   "done_s",
    "arm_refusals",     "disarmed_at_end",     "touches_per_min", "panic_s",         "sparc_sticks",      "stick_match",
    "stick_lag_ms",     "side_gap"};

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

double off_line(const FlightLog& log, std::size_t i, const Line& line)
{
    return -(log.north_m[i] - line.north_m) * std::sin(radians(line.heading_deg)) + (log.east_m[i] - line.east_m) * std::cos(radians(line.heading_deg));
}

/// A pass begins when the aircraft comes nearer than all it was before and ends when it has gone 3 m farther off again.
std::optional<double> flag_distance_m(const FlightLog& log, RowSpan span, const std::vector<Vec2>& flags)
{
    constexpr double away_m = 3;
    double sum = 0, passes = 0;
    for (const Vec2& flag : flags) {
        double nearest = 1e300, farthest = -1;
        bool coming = true; // nearer and nearer, since the farthest point
        for (std::size_t i = span.first; i < span.last; ++i) {
            const double d = (Vec2(log.north_m[i], log.east_m[i]) - flag).norm(); // no overflow to fear: quicker than hypot
            if (coming) {
                nearest = std::min(nearest, d);
                if (d > nearest + away_m) sum += nearest, ++passes, coming = false, farthest = d;
            } else {
                farthest = std::max(farthest, d);
                if (d < farthest - away_m) coming = true, nearest = d;
            }
        }
    }
    return passes > 0 ? std::optional(sum / passes) : std::nullopt;
}

struct Through {
    std::size_t gate;
    double t_s;
};

/// Every time the path goes through a gate's opening, in the gate's direction.
std::vector<Through> gates_through(const FlightLog& log, RowSpan span, const std::vector<Gate>& gates)
{
    struct Crossing {
        std::size_t row, gate;
    };
    std::vector<Crossing> crossings;
    for (std::size_t g = 0; g < gates.size(); ++g) { // gate by gate: a long log is read straight through
        const Gate& gate = gates[g];
        const double c = std::cos(radians(gate.heading_deg)), s = std::sin(radians(gate.heading_deg));
        const auto ahead = [&](std::size_t k) { return (log.north_m[k] - gate.north_m) * c + (log.east_m[k] - gate.east_m) * s; };
        double before = ahead(span.first);
        for (std::size_t i = span.first + 1; i < span.last; ++i) {
            const double now = ahead(i);
            const bool crosses = before < 0 && now >= 0;
            const double start = std::exchange(before, now);
            if (!crosses) continue;
            const double share = start / (start - now);
            const double north = log.north_m[i - 1] + share * (log.north_m[i] - log.north_m[i - 1]), east = log.east_m[i - 1] + share * (log.east_m[i] - log.east_m[i - 1]);
            const double height = log.height_m[i - 1] + share * (log.height_m[i] - log.height_m[i - 1]);
            const double aside = -(north - gate.north_m) * s + (east - gate.east_m) * c;
            if (std::abs(aside) <= gate.width_m / 2 && height >= gate.sill_m && height <= gate.sill_m + gate.height_m) crossings.push_back({i, g});
        }
    }
    std::sort(crossings.begin(), crossings.end(), [](const Crossing& a, const Crossing& b) { return std::pair(a.row, a.gate) < std::pair(b.row, b.gate); });
    std::vector<Through> through;
    for (const Crossing& crossing : crossings) through.push_back({crossing.gate, log.t_s[crossing.row]});
    return through;
}

double gates_missed(const FlightLog& log, RowSpan span, const MeasureOptions& options)
{
    const std::size_t count = options.gates.size(), wanted = count * static_cast<std::size_t>(std::max(1, options.laps));
    std::size_t next = 0, missed = 0; // of all gates of all laps in their order
    for (const Through& t : gates_through(log, span, options.gates)) {
        const std::size_t skipped = (t.gate + count - next % count) % count;
        if (skipped > count / 2) continue; // one that was flown already, again
        missed += skipped;
        next += skipped + 1;
        if (next >= wanted) break;
    }
    return static_cast<double>(missed + (wanted - std::min(next, wanted)));
}

std::vector<double> lap_times_s(const FlightLog& log, RowSpan span, const std::vector<Gate>& gates)
{
    std::vector<double> laps;
    double last_s = -1;
    for (const Through& t : gates_through(log, span, gates)) {
        if (t.gate != 0) continue;
        if (last_s >= 0) laps.push_back(t.t_s - last_s);
        last_s = t.t_s;
    }
    return laps;
}

std::optional<double> recovery_s(const FlightLog& log, RowSpan span)
{
    constexpr double kept_s = 0.5;
    double since_s = -1;
    for (std::size_t i = span.first; i < span.last; ++i) {
        if (!recovered(log, i)) since_s = -1;
        else if (since_s < 0) since_s = log.t_s[i];
        if (since_s >= 0 && log.t_s[i] - since_s >= kept_s) return since_s - log.t_s[span.first];
    }
    return std::nullopt;
}

} // namespace

std::string_view measure_key(Measure measure) { return measure_keys[static_cast<std::size_t>(measure)]; }

std::optional<Measure> measure_from_key(std::string_view key)
{
    const auto found = std::find(measure_keys.begin(), measure_keys.end(), key);
    if (found == measure_keys.end()) return std::nullopt;
    return static_cast<Measure>(found - measure_keys.begin());
}

std::vector<double> throttle_cuts_s(const FlightLog& log, RowSpan span)
{
    std::vector<double> cuts;
    bool motors_out = false;
    for (const FlightLog::Event& e : log.events) {
        if (e.row >= span.last) break;
        if (e.event == FlightEvent::Reset) motors_out = false;
        const bool counts = e.event == FlightEvent::MotorsOut || (e.event == FlightEvent::Crash && !motors_out); // the fall after a failure is no second one
        if (e.event == FlightEvent::MotorsOut) motors_out = true;
        if (!counts || e.row < span.first) continue;
        std::size_t row = e.row;
        while (row + 1 < log.size() && log.throttle[row] >= 0.05) ++row;
        cuts.push_back(log.t_s[row] - log.t_s[e.row]);
    }
    return cuts;
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

bool is_of_turns(Measure measure) { return measure == Measure::CornerErrorDeg || measure == Measure::YawLeadMs || measure == Measure::YawShare; }

std::optional<double> measure_of_turns(const std::vector<Turn>& turns, Measure what)
{
    std::vector<double> values;
    for (const Turn& turn : turns) {
        if (what == Measure::CornerErrorDeg) values.push_back(std::abs(std::abs(turn.heading_change_deg) - 90));
        else if (what == Measure::YawShare) values.push_back(turn.yaw_share);
        else if (turn.yaw_lead_s) values.push_back(1000 * *turn.yaw_lead_s);
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
            if (what == Measure::StickMatch) value = std::min(value.value_or(1), follow->correlation);
            else value = std::max(value.value_or(-1e300), 1000 * follow->lag_s);
        }
        return value;
    }
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
        const StickAxis axis = options.axis.value_or(StickAxis::Throttle);
        const double travel = axis == StickAxis::Throttle ? 1 : 2;
        return static_cast<double>(turning_points(stick_column(log, axis), span, 0.06 * travel).size()) / seconds;
    }
    case Measure::HeldPushes: return held_pushes(log, span);
    case Measure::SidewaysShare:
        return mean_over(span, [&](std::size_t i) { return std::abs(log.stick_roll[i]) > 0.1; });
    case Measure::TurnedDeg: return turned_deg(log, span);
    case Measure::TurnErrorDeg: return std::abs(turned_deg(log, span) - options.turn_deg);
    case Measure::FlagDistanceM: return flag_distance_m(log, span, options.flags_m);
    case Measure::GatesHit: return static_cast<double>(gates_through(log, span, options.gates).size());
    case Measure::GatesMissed: return gates_missed(log, span, options);
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
        for (std::size_t i = first; i < span.last; ++i) past = std::max(past, (log.north_m[i] - line.north_m) * c + (log.east_m[i] - line.east_m) * s);
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
        const auto along = [&](std::size_t i) { return (log.north_m[i] - line.north_m) * c + (log.east_m[i] - line.east_m) * s - options.along_m; };
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
