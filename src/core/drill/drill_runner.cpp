#include "core/drill/drill_runner.h"

#include "core/path/contacts.h"
#include "core/path/recovered.h"

#include <algorithm>
#include <cmath>

namespace bh {

DrillRunner::DrillRunner(Drill drill) : drill_(std::move(drill)) {}

void DrillRunner::follow(const FlightLog& log)
{
    while (rows_seen_ < log.size() && !over()) row(log, rows_seen_++);
}

void DrillRunner::end_of_log()
{
    wants_throttle_cut_ = false;
    if (status_ == Status::Waiting) disqualify({.rule = RuleViolation::Rule::NeverArmed});
    if (status_ == Status::Running) disqualify({.rule = RuleViolation::Rule::EndedEarly, .phase = drill_.phases[phase_].id});
}

void DrillRunner::disqualify(RuleViolation broken)
{
    disqualified_.push_back(std::move(broken));
    status_ = Status::Disqualified;
}

std::optional<RuleViolation> DrillRunner::event_against(FlightEvent event)
{
    using Rule = RuleViolation::Rule;
    const Phase& phase = drill_.phases[phase_];
    const auto broken = [&](Rule rule, double limit = 0) {
        return RuleViolation{.rule = rule, .phase = phase.id, .limit = limit};
    };
    if (event == FlightEvent::Reset) crashed_ = false;
    if (event == FlightEvent::Crash) {
        crashed_ = true;
        crashed_at_s_ = now_s_;
        ++crashes_;
        if (drill_.crashes_allowed && crashes_ > *drill_.crashes_allowed) return broken(Rule::Crashed, *drill_.crashes_allowed);
    }
    if (event == FlightEvent::Panic && drill_.panic_disqualifies && !phase.panic) return broken(Rule::Panic);
    if (event == FlightEvent::OutOfBounds) return broken(Rule::LeftField);
    if (event == FlightEvent::Touch && phase.touches_allowed && ++touches_ > *phase.touches_allowed)
        return broken(Rule::Touched, *phase.touches_allowed);
    return std::nullopt;
}

std::optional<RuleViolation> DrillRunner::bound_broken(const FlightLog& log, std::size_t i) const
{
    using Rule = RuleViolation::Rule;
    const Phase& phase = drill_.phases[phase_];
    const PhaseBounds& bounds = phase.bounds;
    const auto broken = [&](Rule rule, double limit) { return RuleViolation{.rule = rule, .phase = phase.id, .limit = limit}; };
    if (bounds.highest_m && log.height_m[i] > *bounds.highest_m) return broken(Rule::TooHigh, *bounds.highest_m);
    if (bounds.lowest_m && log.height_m[i] < *bounds.lowest_m) return broken(Rule::TooLow, *bounds.lowest_m);
    if (bounds.fastest_mps && std::hypot(log.vn_mps[i], log.ve_mps[i]) > *bounds.fastest_mps)
        return broken(Rule::TooFast, *bounds.fastest_mps);
    if (!bounds.corridor_m) return std::nullopt;
    const double heading = radians(drill_.start.heading_deg);
    const double off =
        -(log.north_m[i] - drill_.start.north_m) * std::sin(heading) + (log.east_m[i] - drill_.start.east_m) * std::cos(heading);
    return std::abs(off) > *bounds.corridor_m ? std::optional(broken(Rule::OffLine, *bounds.corridor_m)) : std::nullopt;
}

/// A stick that the phase does not allow, off its rest.
std::optional<StickAxis> DrillRunner::stray_stick(const FlightLog& log, std::size_t i) const
{
    constexpr double rests_within = 0.15; // house: a hand that rests on a stick moves it a little
    const std::vector<StickAxis>& allowed = drill_.phases[phase_].sticks;
    const std::size_t from = spans_.back().rows.first;
    std::optional<StickAxis> stray;
    for (const StickAxis axis : {StickAxis::Throttle, StickAxis::Yaw, StickAxis::Pitch, StickAxis::Roll}) {
        if (std::find(allowed.begin(), allowed.end(), axis) != allowed.end()) continue;
        const auto& column = stick_column(log, axis);
        const bool holds_height = log.mode[i] == Mode::Hold || log.mode[i] == Mode::Sport; // then the middle is rest
        const double rest = axis != StickAxis::Throttle ? 0 : holds_height ? 0.5 : column[from];
        if (std::abs(column[i] - rest) > rests_within) stray = axis;
    }
    return stray;
}

/// Flown in a mode that is not the drill's. A switch to hold is the panic switch, whichever key or lever it was; whoever began in
/// hold, or panicked where that was asked for, has a while to leave it.
std::optional<RuleViolation> DrillRunner::mode_broken(const FlightLog& log, std::size_t i)
{
    const Phase& phase = drill_.phases[phase_];
    constexpr double switching_s = 1; // a hand needs a moment to change the mode
    const Mode mode = log.mode[i];
    const bool right = phase.mode ? mode == *phase.mode || phase_time_s() < switching_s
                                  : std::find(drill_.modes.begin(), drill_.modes.end(), mode) != drill_.modes.end();
    if (!log.armed[i] || right) return std::nullopt;
    const bool held_before = i > 0 && log.armed[i - 1] && log.mode[i - 1] == Mode::Hold;
    if (mode == Mode::Hold && phase.panic && (panicked_ = panicked_ || !held_before)) return std::nullopt;
    const RuleViolation wrong{.rule = RuleViolation::Rule::WrongMode,
                              .phase = phase.id,
                              .flown = mode,
                              .meant = phase.mode.value_or(drill_.modes.front())};
    if (mode != Mode::Hold) return wrong;
    const bool in_flight = i > 0 && log.armed[i - 1] && log.height_m[i] > on_ground_m;
    if (in_flight && !held_before && drill_.panic_disqualifies)
        return RuleViolation{.rule = RuleViolation::Rule::Panic, .phase = phase.id};
    if (i > 0) held_s_ += log.t_s[i] - log.t_s[i - 1];
    return held_s_ > leaves_hold_s ? std::optional(wrong) : std::nullopt;
}

std::optional<RuleViolation> DrillRunner::rule_broken(const FlightLog& log, std::size_t i)
{
    const Phase& phase = drill_.phases[phase_];
    if (const auto wrong = mode_broken(log, i)) return wrong;
    if (const auto bound = bound_broken(log, i)) return bound;
    if (phase.sticks.empty()) return std::nullopt;
    constexpr double stray_s = 0.3; // house
    const std::optional<StickAxis> stray = stray_stick(log, i);
    if (!stray)
        stray_since_s_ = -1;
    else if (stray_since_s_ < 0)
        stray_since_s_ = now_s_;
    if (!stray || now_s_ - stray_since_s_ < stray_s) return std::nullopt;
    return RuleViolation{.rule = RuleViolation::Rule::Stick, .phase = phase.id, .stick = *stray};
}

/// The habit that everything hangs on: throttle to the bottom.
void DrillRunner::after_crash(const FlightLog& log, std::size_t i)
{
    const bool down = log.throttle[i] < 0.05;
    if (!down)
        throttle_down_since_s_ = -1;
    else if (throttle_down_since_s_ < 0)
        throttle_down_since_s_ = now_s_;
    if (wants_throttle_cut_ && (down || now_s_ - crashed_at_s_ >= cut_within_s)) wants_throttle_cut_ = false;
    constexpr double breath_s = 0.5;
    puts_back_ = !over() && !motors_fail_ && down && now_s_ - std::max(throttle_down_since_s_, crashed_at_s_) >= breath_s;
}

void DrillRunner::row(const FlightLog& log, std::size_t i)
{
    now_s_ = log.t_s[i];
    puts_back_ = phase_began_ = false;
    if (status_ == Status::Disqualified) return after_crash(log, i);
    if (status_ == Status::Waiting) {
        if (!log.armed[i] && !drill_.begins_disarmed) return;
        status_ = Status::Running;
        phase_start_s_ = now_s_;
        spans_.push_back({0, {i, i}});
        phase_began_ = true;
        while (events_seen_ < log.events.size() && log.events[events_seen_].row < i) ++events_seen_;
    }
    const Phase& phase = drill_.phases[phase_];
    spans_.back().rows.last = i + 1;

    for (; events_seen_ < log.events.size() && log.events[events_seen_].row <= i; ++events_seen_) {
        auto broken = event_against(log.events[events_seen_].event);
        if (!broken) continue;
        wants_throttle_cut_ = crashed_ && log.throttle[i] >= 0.05;
        return disqualify(std::move(*broken));
    }
    if (auto broken = rule_broken(log, i)) return disqualify(std::move(*broken));
    if (phase.motors_out_above_m && log.height_m[i] >= *phase.motors_out_above_m) motors_fail_ = true;
    if (crashed_) after_crash(log, i);
    if (goal_met(log, i)) {
        if (phase_ + 1 == drill_.phases.size()) {
            status_ = Status::Finished;
            return;
        }
        ++phase_;
        phase_began_ = true;
        phase_start_s_ = now_s_;
        met_since_s_ = stray_since_s_ = -1;
        panicked_ = false;
        touches_ = 0;
        progress_ = 0;
        last_heading_deg_.reset();
        turned_deg_ = pulled_deg_ = 0;
        way_passed_ = 0;
        spans_.push_back({phase_, {i, i + 1}});
    } else if (phase_time_s() > phase.time_limit_s) {
        disqualify({.rule = RuleViolation::Rule::TimedOut, .phase = phase.id, .limit = phase.time_limit_s});
    }
}

void intervene(const DrillRunner& runner, Flight& flight)
{
    const Phase& phase = runner.drill().phases[runner.phase()];
    if (phase.mode) flight.set_mode(*phase.mode);
    if (phase.upset && runner.phase_just_began()) flight.upset(phase.upset->pitch_deg, phase.upset->bank_deg);
    if (runner.motors_fail_now()) flight.fail_motors();
    if (runner.puts_back_now() && flight.crashed()) flight.put_back();
}

namespace {

/// Far enough, and roughly to the side that is asked for.
bool leans(const Quat& q, const Goal& goal)
{
    constexpr double roughly_deg = 50;
    return lean_deg(q) >= goal.lean_deg && std::abs(wrapped_deg(lean_towards_deg(q) - goal.lean_towards_deg)) < roughly_deg;
}

} // namespace

/// On the back and round to level the other way, so far as this row.
bool DrillRunner::pulled_through(const FlightLog& log, std::size_t i)
{
    constexpr double on_the_back_deg = 130, pulled_through_deg = 130, level_deg = 25; // house: the rest is the hand's
    const Goal& goal = drill_.phases[phase_].goal;
    const double seconds = i > spans_.back().rows.first ? log.t_s[i] - log.t_s[i - 1] : 0;
    const double lean = lean_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]});
    const bool on_its_back = goal.spin_side * turned_deg_ >= on_the_back_deg && (pulled_deg_ != 0 || lean >= on_the_back_deg);
    if (on_its_back)
        pulled_deg_ += log.q_dps[i] * seconds;
    else
        turned_deg_ += log.p_dps[i] * seconds;
    progress_ = std::clamp((goal.spin_side * turned_deg_ + pulled_deg_) / 360, 0.0, 1.0);
    return pulled_deg_ > pulled_through_deg && lean < level_deg;
}

/// All places of a way passed in their order, or its time gone by.
bool DrillRunner::way_flown(const FlightLog& log, std::size_t i)
{
    const Phase& phase = drill_.phases[phase_];
    const Goal& goal = phase.goal;
    const std::size_t all = goal.way.size() * static_cast<std::size_t>(goal.laps);
    const Vec3 next = drill_.in_world(goal.way[way_passed_ % goal.way.size()], phase.height_m);
    if (std::hypot(log.north_m[i] - next.x(), log.east_m[i] - next.y()) <= goal.within_m) ++way_passed_;
    if (goal.for_s > 0) { // round and round
        progress_ = std::min(1.0, phase_time_s() / goal.for_s);
        return phase_time_s() >= goal.for_s;
    }
    progress_ = static_cast<double>(way_passed_) / static_cast<double>(all);
    return way_passed_ >= all;
}

bool DrillRunner::goal_met(const FlightLog& log, std::size_t i)
{
    const Phase& phase = drill_.phases[phase_];
    const Goal& goal = phase.goal;
    const auto kept = [&](bool condition) {
        if (!condition)
            met_since_s_ = -1;
        else if (met_since_s_ < 0)
            met_since_s_ = now_s_;
        return condition && now_s_ - met_since_s_ >= goal.for_s;
    };
    switch (goal.kind) {
    case Goal::Kind::ReachHeight:
        progress_ = std::clamp(phase.height_m > 0 ? log.height_m[i] / phase.height_m : 1.0, 0.0, 1.0);
        return kept(std::abs(log.height_m[i] - phase.height_m) <= goal.within_m);
    case Goal::Kind::Lean: {
        const Quat q{log.qw[i], log.qx[i], log.qy[i], log.qz[i]};
        progress_ = std::clamp(lean_deg(q) / goal.lean_deg, 0.0, 1.0);
        return kept(leans(q, goal));
    }
    case Goal::Kind::Chase:
    case Goal::Kind::Stay: progress_ = std::min(1.0, phase_time_s() / goal.for_s); return phase_time_s() >= goal.for_s;
    case Goal::Kind::Run: {
        const std::size_t from = spans_.back().rows.first;
        const double heading = radians(drill_.start.heading_deg);
        const double along =
            (log.north_m[i] - log.north_m[from]) * std::cos(heading) + (log.east_m[i] - log.east_m[from]) * std::sin(heading);
        progress_ = std::clamp(along / goal.distance_m, 0.0, 1.0);
        return along >= goal.distance_m;
    }
    case Goal::Kind::Land: {
        const bool down = log.height_m[i] <= on_ground_m && std::abs(log.climb_mps[i]) < 0.1;
        progress_ = down ? 1.0 : 0.0;
        return kept(down && (log.throttle[i] < 0.05 || !log.armed[i]));
    }
    case Goal::Kind::Go: {
        const Vec3 place = drill_.in_world(goal.place, phase.height_m);
        const std::size_t from = spans_.back().rows.first;
        const double away_m = std::hypot(log.north_m[i] - place.x(), log.east_m[i] - place.y());
        const double whole_m = std::hypot(log.north_m[from] - place.x(), log.east_m[from] - place.y());
        progress_ = whole_m > goal.within_m ? std::clamp(1 - (away_m - goal.within_m) / (whole_m - goal.within_m), 0.0, 1.0) : 1;
        constexpr double stands_mps = 1;
        return kept(away_m <= goal.within_m && std::hypot(log.vn_mps[i], log.ve_mps[i]) < stands_mps);
    }
    case Goal::Kind::Turn: {
        const double heading = heading_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]});
        if (last_heading_deg_) turned_deg_ += wrapped_deg(heading - *last_heading_deg_);
        last_heading_deg_ = heading;
        progress_ = std::clamp(turned_deg_ / goal.turn_deg, 0.0, 1.0);
        return kept(std::abs(turned_deg_ - goal.turn_deg) <= goal.within_deg);
    }
    case Goal::Kind::Way: return way_flown(log, i);
    case Goal::Kind::Spin: {
        const std::vector<double>& rate = goal.spin_about_roll ? log.p_dps : log.q_dps;
        if (i > spans_.back().rows.first) turned_deg_ += rate[i] * (log.t_s[i] - log.t_s[i - 1]);
        constexpr double most_of_it_deg = 300, level_deg = 25;
        progress_ = std::clamp(goal.spin_side * turned_deg_ / 360, 0.0, 1.0);
        return kept(goal.spin_side * turned_deg_ > most_of_it_deg &&
                    lean_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]}) < level_deg);
    }
    case Goal::Kind::PullThrough: return kept(pulled_through(log, i));
    case Goal::Kind::Arm:
    case Goal::Kind::Disarm: return kept((log.armed[i] != 0) == (goal.kind == Goal::Kind::Arm));
    case Goal::Kind::CutThrottle: return kept(log.throttle[i] < 0.05);
    case Goal::Kind::Recover: {
        progress_ = std::clamp(1 - lean_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]}) / 180, 0.0, 1.0);
        return kept(recovered(log, i));
    }
    }
    return false;
}

} // namespace bh
