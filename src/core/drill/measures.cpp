#include "core/drill/measures.h"

#include "core/path/big_inputs.h"
#include "core/path/brakes.h"
#include "core/path/contacts.h"
#include "core/path/corners.h"
#include "core/path/flags.h"
#include "core/path/gates.h"
#include "core/path/held_pushes.h"
#include "core/path/leans.h"
#include "core/path/recovered.h"
#include "core/path/rocking.h"
#include "core/path/shadowing.h"
#include "core/path/smoothness.h"
#include "core/path/spins.h"
#include "core/path/stretches.h"
#include "core/path/throttle_cuts.h"
#include "core/path/throttle_habits.h"
#include "core/path/turn_faults.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>
#include <utility>

namespace bh {
namespace {

/// What a measure is worked out from: the rows, and what they are held against.
struct Flown {
    const FlightLog& log;
    RowSpan span;
    const MeasureOptions& options;
    double height_m;
    Line line;

    [[nodiscard]] Quat attitude(std::size_t i) const { return {log.qw[i], log.qx[i], log.qy[i], log.qz[i]}; }
    [[nodiscard]] Vec2 off_place(std::size_t i) const { return {log.north_m[i] - line.north_m, log.east_m[i] - line.east_m}; }
    [[nodiscard]] double off_place_m(std::size_t i) const { return off_place(i).norm(); }
    /// Along the line from its place, and to its right.
    [[nodiscard]] double along_m(std::size_t i) const
    {
        return (log.north_m[i] - line.north_m) * std::cos(radians(line.heading_deg)) +
               (log.east_m[i] - line.east_m) * std::sin(radians(line.heading_deg));
    }
    [[nodiscard]] double across_m(std::size_t i) const
    {
        return -(log.north_m[i] - line.north_m) * std::sin(radians(line.heading_deg)) +
               (log.east_m[i] - line.east_m) * std::cos(radians(line.heading_deg));
    }
    [[nodiscard]] double seconds() const { return log.t_s[span.last - 1] - log.t_s[span.first]; }
    [[nodiscard]] int count(FlightEvent event) const
    {
        return static_cast<int>(std::count_if(log.events.begin(), log.events.end(), [&](const FlightLog::Event& e) {
            return e.event == event && e.row >= span.first && e.row < span.last;
        }));
    }
};

using Value = std::optional<double>;

template <class PerRow>
double mean_over(RowSpan span, PerRow per_row)
{
    double sum = 0;
    for (std::size_t i = span.first; i < span.last; ++i) sum += per_row(i);
    return sum / static_cast<double>(span.size());
}

template <class PerRow>
double rms_over(RowSpan span, PerRow per_row)
{
    return std::sqrt(mean_over(span, [&](std::size_t i) {
        const double value = per_row(i);
        return value * value;
    }));
}

auto rows_of(const std::vector<double>& column, RowSpan span)
{
    return std::pair(column.begin() + static_cast<std::ptrdiff_t>(span.first),
                     column.begin() + static_cast<std::ptrdiff_t>(span.last));
}
double highest(const std::vector<double>& column, RowSpan span)
{
    const auto [from, to] = rows_of(column, span);
    return *std::max_element(from, to);
}
double lowest(const std::vector<double>& column, RowSpan span)
{
    const auto [from, to] = rows_of(column, span);
    return *std::min_element(from, to);
}

Value height_in_window(const Flown& f)
{
    return mean_over(f.span, [&](std::size_t i) { return std::abs(f.log.height_m[i] - f.height_m) <= f.options.window_m; });
}
Value height_mean_error_m(const Flown& f)
{
    return mean_over(f.span, [&](std::size_t i) { return f.log.height_m[i] - f.height_m; });
}
Value height_rms_m(const Flown& f)
{
    return rms_over(f.span, [&](std::size_t i) { return f.log.height_m[i] - f.height_m; });
}
Value height_span_m(const Flown& f) { return highest(f.log.height_m, f.span) - lowest(f.log.height_m, f.span); }
Value height_lost_m(const Flown& f) { return f.log.height_m[f.span.first] - lowest(f.log.height_m, f.span); }
Value overshoot_m(const Flown& f) { return std::max(0.0, highest(f.log.height_m, f.span) - f.height_m); }
Value drift_rms_m(const Flown& f)
{
    return rms_over(f.span, [&](std::size_t i) { return f.off_place_m(i); });
}
Value closure_m(const Flown& f) { return f.off_place_m(f.span.last - 1); }
Value leg_straightness_m(const Flown& f)
{
    return rms_over(f.span, [&](std::size_t i) { return f.across_m(i); });
}
Value heading_error_deg(const Flown& f)
{
    return rms_over(f.span, [&](std::size_t i) { return wrapped_deg(heading_deg(f.attitude(i)) - f.line.heading_deg); });
}
Value speed_mps(const Flown& f)
{
    return mean_over(f.span, [&](std::size_t i) { return std::hypot(f.log.vn_mps[i], f.log.ve_mps[i]); });
}
Value touches(const Flown& f) { return f.count(FlightEvent::Touch); }
Value crashes(const Flown& f) { return f.count(FlightEvent::Crash); }
Value throttle_cut_s(const Flown& f)
{
    const auto cuts = throttle_cuts_s(f.log, f.span);
    return cuts.empty() ? std::nullopt : Value(*std::max_element(cuts.begin(), cuts.end()));
}
Value touchdown_mps(const Flown& f)
{
    const auto contacts = ground_contacts(f.log, f.span);
    return contacts.empty() ? std::nullopt : Value(sink_before_mps(f.log, contacts.front()));
}
Value bounces(const Flown& f)
{
    const auto contacts = ground_contacts(f.log, f.span);
    return contacts.empty() ? std::nullopt : Value(static_cast<double>(contacts.size() - 1));
}
Value reversal_rate_hz(const Flown& f)
{
    if (!(f.seconds() > 0)) return std::nullopt;
    const StickAxis axis = f.options.axis.value_or(StickAxis::Throttle);
    const double travel = axis == StickAxis::Throttle ? 1 : 2;
    return static_cast<double>(turning_points(stick_column(f.log, axis), f.span, 0.06 * travel).size()) / f.seconds();
}
Value sideways_share(const Flown& f)
{
    return mean_over(f.span, [&](std::size_t i) { return std::abs(f.log.stick_roll[i]) > 0.1; });
}
Value turned(const Flown& f) { return turned_deg(f.log, f.span); }
Value turn_error_deg(const Flown& f) { return std::abs(turned_deg(f.log, f.span) - f.options.turn_deg); }
template <Measure what>
Value of_turns(const Flown& f)
{
    return measure_of_turns(f.log, f.span, find_turns(f.log, f.span), what);
}
Value flag_distance(const Flown& f) { return flag_distance_m(f.log, f.span, f.options.flags_m); }
Value gates_hit(const Flown& f) { return static_cast<double>(gates_through(f.log, f.span, f.options.gates).size()); }
Value gates_left_out(const Flown& f) { return gates_missed(f.log, f.span, f.options.gates, f.options.laps); }
Value lap_s(const Flown& f)
{
    const auto laps = lap_times_s(f.log, f.span, f.options.gates);
    if (laps.empty()) return std::nullopt;
    return std::accumulate(laps.begin(), laps.end(), 0.0) / static_cast<double>(laps.size());
}
Value lap_spread(const Flown& f)
{
    const auto laps = lap_times_s(f.log, f.span, f.options.gates);
    if (laps.empty()) return std::nullopt;
    const auto [quickest, slowest] = std::minmax_element(laps.begin(), laps.end());
    return (*slowest - *quickest) / *lap_s(f);
}
template <double Brake::*what>
Value of_brake(const Flown& f)
{
    const auto brake = brake_in(f.log, f.span);
    return brake ? Value((*brake).*what) : std::nullopt;
}
Value roll_exit_deg(const Flown& f)
{
    Value worst;
    for (const Spin& spin : find_spins(f.log, f.span)) worst = std::max(worst.value_or(0), exit_error_deg(f.log, spin));
    return worst;
}
Value past_place_m(const Flown& f)
{
    double past = 0;
    for (std::size_t i = f.span.first; i < f.span.last; ++i) past = std::max(past, f.along_m(i));
    return past;
}
Value off_level_deg(const Flown& f)
{
    return rms_over(f.span, [&](std::size_t i) { return lean_deg(f.attitude(i)); });
}
Value line_offset_m(const Flown& f) { return std::abs(f.across_m(f.span.last - 1)); }
Value recovery(const Flown& f) { return recovery_s(f.log, f.span); }
Value rocking(const Flown& f) { return rocking_share(f.log, f.span, f.options.axis); }
Value throttle_inverted(const Flown& f)
{
    double sum = 0, rows = 0;
    for (std::size_t i = f.span.first; i < f.span.last; ++i)
        if (lean_deg(f.attitude(i)) > 120) sum += f.log.throttle[i], ++rows;
    return rows > 0 ? Value(sum / rows) : std::nullopt;
}
Value clearance_m(const Flown& f)
{
    for (std::size_t i = f.span.first + 1; i < f.span.last; ++i)
        if (f.along_m(i - 1) < f.options.along_m && f.along_m(i) >= f.options.along_m) return f.log.height_m[i] - f.height_m;
    return std::nullopt;
}
Value done_s(const Flown& f) { return f.seconds(); }
Value arm_refusals(const Flown& f) { return f.count(FlightEvent::ArmRefused); }
Value disarmed_at_end(const Flown& f) { return f.log.armed[f.span.last - 1] ? 0 : 1; }
Value touches_per_min(const Flown& f)
{
    return f.seconds() > 0 ? Value(60 * f.count(FlightEvent::Touch) / f.seconds()) : std::nullopt;
}
/// The switch, or the mode lever to hold: whichever came first.
Value panic_s(const Flown& f)
{
    const auto held = [&f](std::size_t i) { return f.log.armed[i] && f.log.mode[i] == Mode::Hold; };
    std::size_t row = f.span.first; // whoever is in hold already switches nothing
    while (row < f.span.last && !(held(row) && row > 0 && !held(row - 1))) ++row;
    for (const FlightLog::Event& e : f.log.events)
        if (e.event == FlightEvent::Panic && e.row >= f.span.first) row = std::min(row, e.row);
    return row < f.span.last ? Value(f.log.t_s[row] - f.log.t_s[f.span.first]) : std::nullopt;
}
Value horizon_centred(const Flown& f)
{
    constexpr double centred_deg = 5; // the trade's figure, common practice, no source
    return mean_over(
        f.span, [&](std::size_t i) { return std::abs(pitch_deg(f.attitude(i)) + f.options.camera_tilt_deg) <= centred_deg; });
}
/// Seen from the pilot's place with the nose towards the pilot, left and right are the other way round: when the aircraft has
/// drifted off to a side and the roll stick leaves its middle to bring it back, it may first go the wrong way. Off by over 0.7 m
/// or moving away at over 0.3 m/s there; a stick that has rested for 0.2 s and then passes 8 % (house).
Value wrong_corrections(const Flown& f)
{
    constexpr double off_m = 0.7, away_mps = 0.3, moves = 0.08, rests_s = 0.2;
    double wrong = 0, rested_since_s = f.log.t_s[f.span.first];
    bool rests = true;
    for (std::size_t i = f.span.first; i < f.span.last; ++i) {
        if (std::abs(f.log.stick_roll[i]) < moves) {
            if (!rests) rested_since_s = f.log.t_s[i];
            rests = true;
            continue;
        }
        const bool begins = rests && f.log.t_s[i] - rested_since_s >= rests_s;
        rests = false;
        if (!begins) continue;
        // To the aircraft's own right: how far the place is to its left, and how fast it moves.
        const double heading = radians(heading_deg(f.attitude(i)));
        const Vec2 right(-std::sin(heading), std::cos(heading));
        const double off = right.dot(f.off_place(i)), away = right.dot(Vec2(f.log.vn_mps[i], f.log.ve_mps[i]));
        const double side = std::abs(off) > off_m ? off : std::abs(away) > away_mps ? away : 0;
        wrong += side * f.log.stick_roll[i] > 0;
    }
    return wrong;
}
Value top_speed_mps(const Flown& f)
{
    constexpr double kept_s = 0.5;
    double top = 0;
    for (std::size_t i = f.span.first, last = i; i < f.span.last; ++i) {
        double least = 1e300;
        while (last < f.span.last && f.log.t_s[last] - f.log.t_s[i] < kept_s) ++last;
        if (last == f.span.last) break;
        for (std::size_t k = i; k < last; ++k) least = std::min(least, std::hypot(f.log.vn_mps[k], f.log.ve_mps[k]));
        top = std::max(top, least);
    }
    return top;
}
Value sparc_sticks(const Flown& f) { return sparc(stick_speed(f.log, f.span), rows_per_second(f.log, f.span)); }
Value stick_match(const Flown& f)
{
    Value least;
    if (f.options.demonstration)
        for (const auto& follow : follow_sticks(*f.options.demonstration, f.log, f.span))
            if (follow) least = std::min(least.value_or(1), follow->correlation);
    return least;
}
Value stick_lag_ms(const Flown& f)
{
    constexpr double follows_at_all = 0.3; // below, no lag can be told
    Value latest;
    if (f.options.demonstration)
        for (const auto& follow : follow_sticks(*f.options.demonstration, f.log, f.span))
            if (follow && follow->correlation >= follows_at_all) latest = std::max(latest.value_or(-1e300), 1000 * follow->lag_s);
    return latest;
}
/// How often something was found while it flew.
template <auto find>
Value times_found(const Flown& f)
{
    std::size_t count = 0;
    for (const RowSpan& flown : flown_stretches(f.log, f.span)) count += find(f.log, flown).size();
    return static_cast<double>(count);
}
/// The worst of what was found while it flew; nothing where there was none to find.
template <auto find, auto size>
Value worst_found(const Flown& f)
{
    Value worst;
    for (const RowSpan& flown : flown_stretches(f.log, f.span))
        for (const auto& one : find(f.log, flown)) worst = std::max(worst.value_or(0), one.*size);
    return worst;
}
/// Of a number of each row.
template <class PerRow>
double sd_over(RowSpan span, PerRow per_row)
{
    const double middle = mean_over(span, per_row);
    return rms_over(span, [&](std::size_t i) { return per_row(i) - middle; });
}
Value throttle_sd(const Flown& f)
{
    return sd_over(f.span, [&](std::size_t i) { return f.log.throttle[i]; });
}
Value throttle_bursts(const Flown& f)
{
    constexpr double above = 0.1, for_s = 0.1; // house
    const double middle = mean_over(f.span, [&](std::size_t i) { return f.log.throttle[i]; });
    int bursts = 0;
    std::optional<double> since_s;
    bool told = false;
    for (std::size_t i = f.span.first; i < f.span.last; ++i) {
        if (f.log.throttle[i] < middle + above) {
            since_s.reset(), told = false;
            continue;
        }
        if (!since_s) since_s = f.log.t_s[i];
        if (!told && f.log.t_s[i] - *since_s >= for_s) ++bursts, told = true;
    }
    return bursts;
}
double ground_speed_mps(const Flown& f, std::size_t i) { return std::hypot(f.log.vn_mps[i], f.log.ve_mps[i]); }
Value speed_kept(const Flown& f)
{
    const double at_first = ground_speed_mps(f, f.span.first);
    double least = at_first;
    for (std::size_t i = f.span.first; i < f.span.last; ++i) least = std::min(least, ground_speed_mps(f, i));
    return at_first > 0.5 ? Value(least / at_first) : std::nullopt;
}
Value speed_sd_mps(const Flown& f)
{
    return sd_over(f.span, [&](std::size_t i) { return ground_speed_mps(f, i); });
}
Value sink_peak_mps(const Flown& f) { return std::max(0.0, -lowest(f.log.climb_mps, f.span)); }
Value lowest_m(const Flown& f) { return lowest(f.log.height_m, f.span); }
Value gap_in_window(const Flown& f)
{
    if (!f.options.lead_aircraft) return std::nullopt;
    const double from_s = f.log.t_s[f.span.first];
    return mean_over(f.span, [&](std::size_t i) {
        return f.options.lead_aircraft->followed_from({f.log.north_m[i], f.log.east_m[i], -f.log.height_m[i]},
                                                      f.log.t_s[i] - from_s);
    });
}
Value hands_on_share(const Flown& f)
{
    constexpr double on = 0.1;
    return mean_over(f.span, [&](std::size_t i) {
        return std::abs(f.log.stick_roll[i]) > on || std::abs(f.log.stick_pitch[i]) > on || std::abs(f.log.stick_yaw[i]) > on;
    });
}
Value of_the_whole_score(const Flown&) { return std::nullopt; } // see score()

struct Row {
    MeasureFacts facts;
    Value (*take)(const Flown&);
};

constexpr bool position = true, no_position = false, only_sticks = true, more_than_sticks = false;

using enum Measure;
constexpr std::array<Row, measure_count> table{{
    {{HeightInWindow, "height_in_window", Unit::Share, Better::More, position, more_than_sticks, ByEye::Share}, height_in_window},
    {{HeightMeanErrorM, "height_mean_error_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged},
     height_mean_error_m},
    {{HeightRmsM, "height_rms_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged}, height_rms_m},
    {{HeightSpanM, "height_span_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged}, height_span_m},
    {{HeightLostM, "height_lost_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged}, height_lost_m},
    {{OvershootM, "overshoot_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged}, overshoot_m},
    {{DriftRmsM, "drift_rms_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged}, drift_rms_m},
    {{ClosureM, "closure_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged}, closure_m},
    {{LegStraightnessM, "leg_straightness_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged},
     leg_straightness_m},
    {{HeadingErrorDeg, "heading_error_deg", Unit::Degrees, Better::Less, position, more_than_sticks, ByEye::Judged},
     heading_error_deg},
    {{SpeedMps, "speed_mps", Unit::MetresPerSecond, Better::Either, position, more_than_sticks, ByEye::Judged}, speed_mps},
    {{Touches, "touches", Unit::Count, Better::Less, no_position, more_than_sticks, ByEye::Tally}, touches},
    {{Crashes, "crashes", Unit::Count, Better::Less, no_position, more_than_sticks, ByEye::Tally}, crashes},
    {{ThrottleCutS, "throttle_cut_s", Unit::Seconds, Better::Less, no_position, more_than_sticks, ByEye::Watch}, throttle_cut_s},
    {{TouchdownMps, "touchdown_mps", Unit::MetresPerSecond, Better::Less, position, more_than_sticks, ByEye::Judged},
     touchdown_mps},
    {{Bounces, "bounces", Unit::Count, Better::Less, position, more_than_sticks, ByEye::Tally}, bounces},
    {{ReversalRateHz, "reversal_rate_hz", Unit::Hertz, Better::Less, no_position, only_sticks, ByEye::Sticks}, reversal_rate_hz},
    {{HeldPushes, "held_pushes", Unit::Count, Better::Less, no_position, more_than_sticks, ByEye::Tally},
     times_found<find_held_pushes>},
    {{SidewaysShare, "sideways_share", Unit::Share, Better::Less, no_position, only_sticks, ByEye::Sticks}, sideways_share},
    {{TurnedDeg, "turned_deg", Unit::Degrees, Better::Either, no_position, more_than_sticks, ByEye::Judged}, turned},
    {{TurnErrorDeg, "turn_error_deg", Unit::Degrees, Better::Less, no_position, more_than_sticks, ByEye::Judged}, turn_error_deg},
    {{CornerErrorDeg, "corner_error_deg", Unit::Degrees, Better::Less, no_position, more_than_sticks, ByEye::Judged},
     of_turns<CornerErrorDeg>},
    {{FlagDistanceM, "flag_distance_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged}, flag_distance},
    {{GatesHit, "gates_hit", Unit::Count, Better::More, position, more_than_sticks, ByEye::Tally}, gates_hit},
    {{GatesMissed, "gates_missed", Unit::Count, Better::Less, position, more_than_sticks, ByEye::Tally}, gates_left_out},
    {{BalloonM, "balloon_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged},
     of_brake<&Brake::height_gain_m>},
    {{StopS, "stop_s", Unit::Seconds, Better::Less, position, more_than_sticks, ByEye::Watch}, of_brake<&Brake::stop_s>},
    {{StopM, "stop_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged}, of_brake<&Brake::stop_m>},
    {{RollExitDeg, "roll_exit_deg", Unit::Degrees, Better::Less, position, more_than_sticks, ByEye::Judged}, roll_exit_deg},
    {{PastPlaceM, "past_place_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged}, past_place_m},
    {{LineOffsetM, "line_offset_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged}, line_offset_m},
    {{RecoveryS, "recovery_s", Unit::Seconds, Better::Less, position, more_than_sticks, ByEye::Watch}, recovery},
    {{RockingShare, "rocking_share", Unit::Share, Better::Less, no_position, more_than_sticks, ByEye::Share}, rocking},
    {{YawLeadMs, "yaw_lead_ms", Unit::Milliseconds, Better::Either, no_position, more_than_sticks, ByEye::Sticks},
     of_turns<YawLeadMs>},
    {{YawShare, "yaw_share", Unit::Share, Better::Either, no_position, more_than_sticks, ByEye::Sticks}, of_turns<YawShare>},
    {{LapS, "lap_s", Unit::Seconds, Better::Less, position, more_than_sticks, ByEye::Watch}, lap_s},
    {{LapSpread, "lap_spread", Unit::Share, Better::Less, position, more_than_sticks, ByEye::Judged}, lap_spread},
    {{ThrottleInverted, "throttle_inverted", Unit::Share, Better::Less, no_position, more_than_sticks, ByEye::Judged},
     throttle_inverted},
    {{ClearanceM, "clearance_m", Unit::Metres, Better::Either, position, more_than_sticks, ByEye::Judged}, clearance_m},
    {{DoneS, "done_s", Unit::Seconds, Better::Either, no_position, more_than_sticks, ByEye::Watch}, done_s},
    {{ArmRefusals, "arm_refusals", Unit::Count, Better::Less, no_position, more_than_sticks, ByEye::Tally}, arm_refusals},
    {{DisarmedAtEnd, "disarmed_at_end", Unit::Count, Better::More, no_position, more_than_sticks, ByEye::Judged},
     disarmed_at_end},
    {{TouchesPerMin, "touches_per_min", Unit::PerMinute, Better::Less, no_position, more_than_sticks, ByEye::Tally},
     touches_per_min},
    {{PanicS, "panic_s", Unit::Seconds, Better::Less, no_position, more_than_sticks, ByEye::Watch}, panic_s},
    {{SparcSticks, "sparc_sticks", Unit::Count, Better::More, no_position, only_sticks, ByEye::Sticks}, sparc_sticks},
    {{StickMatch, "stick_match", Unit::Share, Better::More, no_position, more_than_sticks, ByEye::Sticks}, stick_match},
    {{StickLagMs, "stick_lag_ms", Unit::Milliseconds, Better::Less, no_position, more_than_sticks, ByEye::Sticks}, stick_lag_ms},
    {{YawAloneTurns, "yaw_alone_turns", Unit::Share, Better::Less, position, more_than_sticks, ByEye::Judged},
     of_turns<YawAloneTurns>},
    {{BrakeGainM, "brake_gain_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged},
     worst_found<find_brakes, &Brake::height_gain_m>},
    {{BanksLeftOver, "banks_left_over", Unit::Count, Better::Less, no_position, more_than_sticks, ByEye::Tally},
     times_found<find_banks_left_over>},
    {{SinkInLeanM, "sink_in_lean_m", Unit::Metres, Better::Less, position, more_than_sticks, ByEye::Judged},
     worst_found<find_sinks_in_lean, &SinkInLean::sink_m>},
    {{ChoppedThrottles, "chopped_throttles", Unit::Count, Better::Less, position, more_than_sticks, ByEye::Tally},
     times_found<find_chopped_throttle>},
    {{FullThrottleTakeOffs, "full_throttle_take_offs", Unit::Count, Better::Less, position, more_than_sticks, ByEye::Tally},
     times_found<find_full_throttle_take_offs>},
    {{ThrottleSd, "throttle_sd", Unit::Share, Better::Less, no_position, only_sticks, ByEye::Sticks}, throttle_sd},
    {{ThrottleBursts, "throttle_bursts", Unit::Count, Better::Less, no_position, only_sticks, ByEye::Tally}, throttle_bursts},
    {{SpeedKept, "speed_kept", Unit::Share, Better::More, position, more_than_sticks, ByEye::Judged}, speed_kept},
    {{SpeedSdMps, "speed_sd_mps", Unit::MetresPerSecond, Better::Less, position, more_than_sticks, ByEye::Judged}, speed_sd_mps},
    {{SinkPeakMps, "sink_peak_mps", Unit::MetresPerSecond, Better::Either, position, more_than_sticks, ByEye::Judged},
     sink_peak_mps},
    {{LowestM, "lowest_m", Unit::Metres, Better::Either, position, more_than_sticks, ByEye::Judged}, lowest_m},
    {{GapInWindow, "gap_in_window", Unit::Share, Better::More, position, more_than_sticks, ByEye::Share}, gap_in_window},
    {{HandsOnShare, "hands_on_share", Unit::Share, Better::Less, no_position, only_sticks, ByEye::Sticks}, hands_on_share},
    {{TurnDriftDeg, "turn_drift_deg", Unit::Degrees, Better::Less, position, more_than_sticks, ByEye::Judged},
     of_turns<TurnDriftDeg>},
    {{HorizonCentred, "horizon_centred", Unit::Share, Better::More, no_position, more_than_sticks, ByEye::Share},
     horizon_centred},
    {{BigInputs, "big_inputs", Unit::Count, Better::Less, no_position, more_than_sticks, ByEye::Tally},
     times_found<find_big_inputs>},
    {{StirredCorners, "stirred_corners", Unit::Count, Better::Less, position, more_than_sticks, ByEye::Tally},
     of_turns<StirredCorners>},
    {{WrongCorrections, "wrong_corrections", Unit::Count, Better::Less, position, more_than_sticks, ByEye::Tally},
     wrong_corrections},
    {{TopSpeedMps, "top_speed_mps", Unit::MetresPerSecond, Better::More, position, more_than_sticks, ByEye::Judged},
     top_speed_mps},
    {{OffLevelDeg, "off_level_deg", Unit::Degrees, Better::Less, no_position, more_than_sticks, ByEye::Judged}, off_level_deg},
    {{SideGap, "side_gap", Unit::Count, Better::Less, position, more_than_sticks, ByEye::Sides}, of_the_whole_score},
}};
constexpr bool in_order()
{
    for (std::size_t i = 0; i < table.size(); ++i)
        if (static_cast<std::size_t>(table[i].facts.measure) != i || table[i].facts.key.empty() || !table[i].take) return false;
    return true;
}
static_assert(in_order(), "a row for each measure, in the order of the enum");

} // namespace

const MeasureFacts& facts_of(Measure measure) { return table[static_cast<std::size_t>(measure)].facts; }

std::optional<Measure> measure_from_key(std::string_view key)
{
    for (const Row& row : table)
        if (row.facts.key == key) return row.facts.measure;
    return std::nullopt;
}

bool is_of_turns(Measure measure)
{
    return measure == Measure::CornerErrorDeg || measure == Measure::YawLeadMs || measure == Measure::YawShare ||
           measure == Measure::YawAloneTurns || measure == Measure::TurnDriftDeg || measure == Measure::StirredCorners;
}

std::optional<double> measure_of_turns(const FlightLog& log, RowSpan span, const std::vector<Turn>& turns, Measure what)
{
    if (what == Measure::StirredCorners) return static_cast<double>(find_stirred_corners(log, span, turns).size());
    if (what == Measure::YawAloneTurns || what == Measure::TurnDriftDeg) {
        const auto rocked = rocked_times(log, span, std::nullopt);
        double sum = 0, judged = 0;
        for (const Turn& turn : turns) {
            if (!can_be_judged(turn, rocked)) continue;
            ++judged;
            sum += what == Measure::TurnDriftDeg ? std::abs(turn.drift_deg) : fault_of(turn, rocked) == TurnFault::YawAlone;
        }
        return judged > 0 ? std::optional(sum / judged) : std::nullopt;
    }
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
    const Quat nose{log.qw[first], log.qx[first], log.qy[first], log.qz[first]};
    return table[static_cast<std::size_t>(what)].take(
        {log, span, options, options.height_m.value_or(log.height_m.empty() ? 0 : log.height_m[first]),
         options.line.value_or(Line{log.north_m[first], log.east_m[first], heading_deg(nose)})});
}

} // namespace bh
