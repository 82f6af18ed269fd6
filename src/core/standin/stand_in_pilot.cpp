#include "core/standin/stand_in_pilot.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bh {
namespace {

constexpr double tick_s = 0.01; // a row of the log at its usual 100 a second

/// The phase allows the stick.
bool may_use(const Phase& phase, StickAxis axis)
{
    return phase.sticks.empty() || std::find(phase.sticks.begin(), phase.sticks.end(), axis) != phase.sticks.end();
}

double limited(double value, double limit) { return std::clamp(value, -limit, limit); }

/// Through the rest in the middle, which a hand has soon learnt to push past.
double past_the_rest(double share)
{
    constexpr double rest = 0.06, nothing = 0.01;
    return std::abs(share) < nothing ? share : std::copysign(rest, share) + (1 - rest) * limited(share, 1);
}

} // namespace

struct StandInPilot::Target {
    double vn_mps = 0, ve_mps = 0;
    double height_m = 0;
    double most_climb_mps = 1.5, most_sink_mps = 1.2;
    bool throttle_off = false;
    double nose_deg = 0;
    double an_mps2 = 0, ae_mps2 = 0; ///< that the way itself asks for
    double most_accel_mps2 = 3.2;
};

StandInPilot::StandInPilot(const Drill& drill, const FlightSetup& setup, double skill, std::uint64_t seed,
                           const StandInFaults& faults)
    : drill_(drill), airframe_(setup.airframe), camera_tilt_deg_(drill.camera_tilt_deg), rates_(setup.rates), angle_(setup.angle),
      faults_(faults), habits_(faults, setup.airframe), usual_clumsiness_(1 - std::clamp(skill, 0.0, 1.0)),
      clumsiness_(usual_clumsiness_), random_(seed)
{
    mode_ = setup.mode;
    throttle_misjudged_ = 0.06 * clumsiness_ * random_.normal();
}

/// A slowly wandering error: first-order noise with the given standard deviation.
double StandInPilot::wander(double& state, double sd, double time_constant_s)
{
    const double keep = std::exp(-tick_s / time_constant_s);
    state = keep * state + std::sqrt(1 - keep * keep) * sd * random_.normal();
    return state;
}

StandInPilot::Target StandInPilot::target_for(const FlightSample& seen, const Phase& phase)
{
    Target target;
    target.height_m = phase.height_m;
    target.nose_deg = nose_deg_;
    const double heading = radians(drill_.start.heading_deg);
    const double c = std::cos(heading);
    const double s = std::sin(heading);
    Vec3 place(phase_start_.north_m, phase_start_.east_m, 0);
    if (phase.goal.kind == Goal::Kind::Go) place = drill_.in_world(phase.goal.place, phase.height_m);
    if (phase.goal.kind == Goal::Kind::Way) {
        target = along_the_way(seen, phase);
        if (faults_.yaw_only) turn_nose_against_drift(seen, target);
        return target;
    }
    if (phase.goal.kind == Goal::Kind::Lean) return leaning(seen, phase, phase.goal.lean_deg + 3 + 3 * clumsiness_);
    if (phase.horizon) return leaning(seen, phase, camera_tilt_deg_);
    if (phase.goal.kind == Goal::Kind::Chase) return behind_the_lead(seen);
    if (phase.goal.kind == Goal::Kind::ReachHeight && phase.speed_mps > 0) target.most_sink_mps = phase.speed_mps;
    const bool holds = (mode_ == Mode::Hold || mode_ == Mode::Sport) && phase.goal.kind == Goal::Kind::Go;
    if (holds) { // an aircraft that keeps its place shows what the eye has misjudged, until it has looked again
        const double still = std::exp(-(seen.t_s - phase_began_s_) / 8);
        place += Vec3(still * place_misjudged_m_.x(), still * place_misjudged_m_.y(), 0);
    }
    const double dn = place.x() - seen.north_m;
    const double de = place.y() - seen.east_m;
    const double eager_per_s = holds ? 0.5 + 1.2 * clumsiness_ : 0.5; // brakes late
    double along = eager_per_s * (c * dn + s * de);
    double across = eager_per_s * (-s * dn + c * de);
    if (phase.goal.kind == Goal::Kind::Run) along = phase.speed_mps > 0 ? phase.speed_mps : 5;
    const double most = phase.goal.kind == Goal::Kind::Go && phase.speed_mps > 0 ? phase.speed_mps : 1.5 + 0.8 * clumsiness_;
    if (phase.goal.kind != Goal::Kind::Run) along = limited(along, most);
    across = limited(across, most);
    target.vn_mps = c * along - s * across;
    target.ve_mps = s * along + c * across;
    const bool on_the_ground =
        phase.goal.kind == Goal::Kind::Arm || phase.goal.kind == Goal::Kind::Disarm ||
        (phase.goal.kind == Goal::Kind::CutThrottle && !phase.motors_out_above_m); // a planted failure it does not know of
    if (on_the_ground) target.throttle_off = true;
    if (phase.goal.kind == Goal::Kind::Land) {
        target.height_m = -1; // go on down until the ground is there
        target.most_sink_mps = seen.height_m > 1.2 ? 0.9 + 1.2 * clumsiness_ : 0.35 + 1.6 * clumsiness_ * clumsiness_;
        target.throttle_off = seen.height_m < 0.03;
    }
    return target;
}

/// Leans so far to the goal's side, and flies as fast as that makes it.
StandInPilot::Target StandInPilot::leaning(const FlightSample& seen, const Phase& phase, double to_deg) const
{
    Target target;
    target.height_m = phase.height_m;
    target.nose_deg = nose_deg_;
    target.vn_mps = seen.vn_mps, target.ve_mps = seen.ve_mps;
    const double accel_mps2 = gravity_mps2 * std::tan(radians(to_deg));
    const double towards = radians(nose_deg_ + phase.goal.lean_towards_deg);
    target.an_mps2 = accel_mps2 * std::cos(towards), target.ae_mps2 = accel_mps2 * std::sin(towards);
    target.most_accel_mps2 = 7;
    return target;
}

/// In the middle of the window, straight behind it, with its nose on it.
StandInPilot::Target StandInPilot::behind_the_lead(const FlightSample& seen) const
{
    const LeadAircraftPlace it = lead_aircraft_->at(seen.t_s - phase_began_s_);
    const double gap_m = (lead_aircraft_->lead_aircraft().nearest_m + lead_aircraft_->lead_aircraft().farthest_m) / 2;
    const double heading = radians(it.heading_deg);
    const Vec3 behind = it.position_m - gap_m * Vec3(std::cos(heading), std::sin(heading), 0);
    constexpr double comes_back_per_s = 0.7, most_mps = 11;
    Vec2 speed = it.velocity_mps.head<2>() + comes_back_per_s * (behind - Vec3(seen.north_m, seen.east_m, 0)).head<2>();
    if (speed.norm() > most_mps) speed *= most_mps / speed.norm();
    Target target;
    target.vn_mps = speed.x(), target.ve_mps = speed.y();
    target.height_m = -it.position_m.z();
    target.most_climb_mps = 2.5, target.most_sink_mps = 2;
    target.nose_deg = degrees(std::atan2(it.position_m.y() - seen.east_m, it.position_m.x() - seen.north_m));
    target.most_accel_mps2 = 6;
    return target;
}

/// Who turns on yaw alone has nothing but the nose to stop a drift with.
void StandInPilot::turn_nose_against_drift(const FlightSample& seen, Target& target)
{
    constexpr double against_drift = 1.2;
    const double north = target.vn_mps + against_drift * (target.vn_mps - seen.vn_mps);
    const double east = target.ve_mps + against_drift * (target.ve_mps - seen.ve_mps);
    if (std::hypot(north, east) > 0.5) target.nose_deg = degrees(std::atan2(east, north));
}

/// Looks ahead along the rail and flies there (pure pursuit), leaning into its turns; the nose goes with it.
StandInPilot::Target StandInPilot::along_the_way(const FlightSample& seen, const Phase& phase)
{
    constexpr double ahead_s = 0.55, least_ahead_m = 1.6;
    Target target;
    target.height_m = phase.height_m;
    if (rail_.empty()) return target;
    double speed = phase.speed_mps > 0 ? phase.speed_mps : 5;
    if (!may_use(phase, StickAxis::Throttle)) { // height by pitch: slower carries it up, faster lets it down
        const double low_m = phase.height_m - seen.height_m;
        speed = std::clamp(speed - 0.9 * low_m + 1.3 * seen.climb_mps, 0.5 * speed, 1.5 * speed);
    }
    const auto off = [&](std::size_t i) {
        return std::hypot(rail_[i].place_m.x() - seen.north_m, rail_[i].place_m.y() - seen.east_m);
    };
    const bool closed = phase.goal.closed;
    const auto next = [&](std::size_t i, std::size_t steps) {
        return closed ? (i + steps) % (rail_.size() - 1)
                      : std::min(i + steps, rail_.size() - 1); // a closed rail ends where it begins
    };
    const auto ahead = [&](double time_s) {
        return static_cast<std::size_t>(std::lround(std::max(least_ahead_m, time_s * speed)));
    };
    // The nearest place, searched a few metres on, so that a way which crosses itself is followed in its order.
    std::size_t best = rail_at_;
    for (std::size_t k = 1; k <= 6; ++k)
        if (const std::size_t i = next(rail_at_, k); off(i) < off(best)) best = i;
    rail_at_ = best;
    const RailTie& here = rail_[rail_at_];
    const RailTie& there = rail_[next(rail_at_, ahead(ahead_s))];
    const Vec2 way = (there.place_m - Vec3(seen.north_m, seen.east_m, 0)).head<2>();
    const Vec2 unit = way.norm() > 0.1 ? Vec2(way.normalized())
                                       : Vec2(std::cos(radians(here.heading_deg)), std::sin(radians(here.heading_deg)));
    const bool end = !closed && next(rail_at_, 2) == rail_.size() - 1;
    target.vn_mps = unit.x() * (end ? std::min(speed, 0.8 * way.norm()) : speed);
    target.ve_mps = unit.y() * (end ? std::min(speed, 0.8 * way.norm()) : speed);
    double bank_deg = 0; // evened out: a hand leans into a turn smoothly
    constexpr double evened_s = 0.9;
    const auto evened = static_cast<std::size_t>(std::max(1L, std::lround(evened_s * speed))); // ties, a metre apart
    for (std::size_t k = 0; k < evened; ++k) bank_deg += rail_[next(rail_at_, k)].bank_deg / static_cast<double>(evened);
    const double into_turn = gravity_mps2 * std::tan(radians(bank_deg)); // to the right of the way
    target.an_mps2 = -into_turn * std::sin(radians(here.heading_deg));
    target.ae_mps2 = into_turn * std::cos(radians(here.heading_deg));
    constexpr double usual_mps2 = 7, steepest_mps2 = 16, more = 1.15; // as steep as the way asks for
    target.most_accel_mps2 = std::clamp(more * std::abs(into_turn), usual_mps2, steepest_mps2);
    constexpr double nose_ahead_s = 0.85; // the nose goes first, the bank follows
    target.nose_deg = nose_deg_ = rail_[next(rail_at_, ahead(nose_ahead_s))].heading_deg;
    target.height_m = -there.place_m.z();
    target.most_climb_mps = 2.5;
    target.most_sink_mps = 2;
    return target;
}

void StandInPilot::begin_phase(const FlightSample& now, std::size_t index)
{
    const Phase& phase = drill_.phases[std::min(index, drill_.phases.size() - 1)];
    clumsiness_ = std::min(1.0, usual_clumsiness_ + (faults_.one_sided && phase.side == Side::Left ? weaker_on_one_side : 0));
    switch_after_s_ = now.t_s + 0.4 + 0.8 * clumsiness_ * random_.uniform();
    switched_ = false;
    fumbled_ =
        phase.goal.kind == Goal::Kind::Arm && random_.uniform() < 0.9 * clumsiness_; // in a hurry: the throttle is not down yet
    // Holds the place where the drill began, until something has carried it away from there.
    const bool moved = phase_ < drill_.phases.size() && drill_.phases[phase_].goal.kind != Goal::Kind::ReachHeight &&
                       drill_.phases[phase_].goal.kind != Goal::Kind::Stay && drill_.phases[phase_].goal.kind != Goal::Kind::Land;
    if (phase_ == SIZE_MAX) nose_deg_ = drill_.start.heading_deg;
    if (phase_ == SIZE_MAX || moved) {
        const Phase* before = phase_ == SIZE_MAX ? nullptr : &drill_.phases[phase_];
        phase_start_ = now;
        if (before && before->goal.kind == Goal::Kind::Go) { // at the place that was asked for
            const Vec3 place = drill_.in_world(before->goal.place, before->height_m);
            phase_start_.north_m = place.x();
            phase_start_.east_m = place.y();
        }
        if (before && before->goal.kind == Goal::Kind::Turn) phase_start_ = turn_place_;
    }
    if (phase.goal.kind == Goal::Kind::Turn) {
        const double turn_deg = phase.goal.turn_deg; // the farther, the worse it is judged, but less than in proportion
        double luck = random_.normal();
        if (faults_.one_sided && phase.side == Side::Left) luck = std::copysign(std::max(1.0, std::abs(luck)), luck);
        nose_deg_ += turn_deg + 14 * clumsiness_ * std::sqrt(std::abs(turn_deg) / 90) * luck;
        turn_place_ = phase_start_;
    }
    turn_left_deg_ = phase.goal.kind == Goal::Kind::Turn ? phase.goal.turn_deg : 0;
    turn_seen_deg_.reset();
    rail_ = phase.goal.kind == Goal::Kind::Way ? rail_of(drill_, phase, airframe_, 1) : std::vector<RailTie>{};
    rail_at_ = 0;
    lead_aircraft_ = phase.goal.kind == Goal::Kind::Chase ? drill_.lead_aircraft_in(phase) : nullptr;
    throttle_before_phase_ = throttle_lately_;
    const bool holds = mode_ == Mode::Hold || mode_ == Mode::Sport;
    place_misjudged_m_ = holds && phase.goal.kind == Goal::Kind::Go
                             ? Vec2(2 * clumsiness_ * random_.normal(), 2 * clumsiness_ * random_.normal())
                             : Vec2(0, 0);
    spun_deg_ = pulled_deg_ = 0;
    burst_at_s_.reset();
    spun_ = false;
    const bool turns_over = phase.goal.kind == Goal::Kind::Spin || phase.goal.kind == Goal::Kind::PullThrough;
    spin_misjudged_deg_ = turns_over ? 45 * clumsiness_ * random_.normal() : 0;
    if (faults_.bank_left_over && phase.goal.spin_about_roll) spin_misjudged_deg_ = -10; // for a bank that it will leave
    if (phase.side) (*phase.side == Side::Left ? flew_left_ : flew_right_) = true;
    habits_.begin_phase();
    phase_ = index;
    phase_began_s_ = now.t_s;
}

/// A flip or a roll: a burst of throttle, full stick with the throttle out, and hands off in time.
bool StandInPilot::spin(const FlightSample& seen, const FlightSample& now, const Phase& phase)
{
    if (spun_ || phase.goal.kind != Goal::Kind::Spin) return false;
    constexpr double burst_s = 0.35;
    if (now.t_s - phase_began_s_ < burst_s) {
        asked_.throttle = std::min(1.0, 1.9 * hover_throttle(airframe_));
        asked_.roll = asked_.pitch = asked_.yaw = 0;
        return true;
    }
    const double rate = phase.goal.spin_side * (phase.goal.spin_about_roll ? now.p_dps : now.q_dps);
    spun_deg_ += rate * tick_s;
    const double rolls_on_deg = rate * (0.05 + airframe_.rate_lag_s) + 8; // hands and aircraft take a moment to stop
    if (spun_deg_ + rolls_on_deg >= 360 + spin_misjudged_deg_) {
        spun_ = true;
        return false;
    }
    const double lean = lean_deg(seen.attitude());
    asked_ = {};
    asked_.throttle = (lean > 60 ? 0.05 + 0.25 * clumsiness_ : 0.6 * hover_throttle(airframe_));
    (phase.goal.spin_about_roll ? asked_.roll : asked_.pitch) =
        phase.goal.spin_side * (phase.goal.spin_about_roll ? 1 : -1); // nose up is stick back
    hands_.roll = asked_.roll;
    hands_.pitch = asked_.pitch;
    return true;
}

/// Rolled onto the back with the throttle out, then the stick back until it flies level the other way.
bool StandInPilot::pull_through(const FlightSample& now, const Phase& phase)
{
    if (spun_ || phase.goal.kind != Goal::Kind::PullThrough) return false;
    const double stops_s = 0.05 + airframe_.rate_lag_s; // hands and aircraft take a moment to stop
    const double side = phase.goal.spin_side;
    if (spun_deg_ < 180) {
        spun_deg_ += std::max(0.0, side * now.p_dps) * tick_s;
        if (spun_deg_ + side * now.p_dps * stops_s + 4 >= 180 + 0.5 * spin_misjudged_deg_ && side * now.p_dps < 40)
            spun_deg_ = 180;
        asked_ = {};
        asked_.throttle = 0.05 + 0.1 * clumsiness_;
        asked_.roll = spun_deg_ + side * now.p_dps * stops_s + 4 >= 180 + 0.5 * spin_misjudged_deg_ ? 0 : side;
        return true;
    }
    pulled_deg_ += std::max(0.0, now.q_dps) * tick_s;
    if (pulled_deg_ + now.q_dps * stops_s + 4 >= 180 + spin_misjudged_deg_) {
        spun_ = true;
        nose_deg_ = heading_deg(now.attitude()); // on where it points now
        return false;
    }
    asked_ = {};
    asked_.pitch = -1; // back
    asked_.throttle = lean_deg(now.attitude()) > 100 ? 0.1 + 0.25 * clumsiness_ : 1.3 * hover_throttle(airframe_);
    return true;
}

/// Who looks at it from the ground, its nose towards him, takes left for right now and then, and sees it only as it moves off.
void StandInPilot::take_left_for_right(double now_s)
{
    constexpr double moves = 0.1, rests = 0.05;
    const bool begins = !rolling_ && std::abs(asked_.roll) > moves;
    if (std::abs(asked_.roll) < rests) rolling_ = false;
    if (begins) {
        rolling_ = true;
        if (random_.uniform() < 0.75 * clumsiness_) mistaken_until_s_ = now_s + 0.25 + 0.9 * clumsiness_ * random_.uniform();
    }
    if (now_s < mistaken_until_s_) asked_.roll = -asked_.roll;
}

/// One push of throttle once the nose is nearly round; a clumsy hand gives another.
void StandInPilot::end_turn_with_burst(const Phase& phase, double now_s)
{
    constexpr double nearly_round_deg = 60, of_a_way = 0.35, burst_s = 0.35, more = 0.3, again_s = 0.5;
    const bool due = phase.goal.kind == Goal::Kind::Way
                         ? static_cast<double>(rail_at_) > of_a_way * static_cast<double>(rail_.size())
                         : std::abs(turn_left_deg_) < nearly_round_deg;
    if (!burst_at_s_ && due) burst_at_s_ = now_s;
    if (!burst_at_s_) return;
    const double since_s = now_s - *burst_at_s_;
    const bool second = clumsiness_ > 0.5 && since_s > burst_s + again_s && since_s < 2 * burst_s + again_s;
    if (since_s < burst_s || second) asked_.throttle = std::min(1.0, asked_.throttle + more);
}

/// In position-hold the sticks are speeds.
void StandInPilot::sticks_of_hold(const Target& target, const FlightSample& seen, double turn_deg, double climb_mps)
{
    const HoldLimits& limits = mode_ == Mode::Sport ? sport_hold : normal_hold;
    const double nose = radians(heading_deg(seen.attitude()));
    asked_.pitch = past_the_rest((std::cos(nose) * target.vn_mps + std::sin(nose) * target.ve_mps) / limits.speed_mps);
    asked_.roll = past_the_rest((-std::sin(nose) * target.vn_mps + std::cos(nose) * target.ve_mps) / limits.speed_mps);
    asked_.yaw = past_the_rest(1.6 * turn_deg / limits.yaw_dps);
    asked_.throttle = 0.5 + 0.5 * limited(climb_mps > 0 ? climb_mps / limits.climb_mps : climb_mps / limits.sink_mps, 1);
}

bool StandInPilot::turns_over(const FlightSample& seen, const FlightSample& now, const Phase& phase)
{
    return spin(seen, now, phase) || pull_through(now, phase);
}

/// Throttle to the bottom, after the time it takes to see what has happened.
bool StandInPilot::after_crash(const FlightSample& now, bool down)
{
    if (!down) {
        if (crashed_at_s_) hands_ = asked_ = {};
        crashed_at_s_.reset();
        return false;
    }
    if (!crashed_at_s_) {
        crashed_at_s_ = now.t_s;
        crashed_ = true;
        cut_after_s_ = 0.3 + clumsiness_ * (0.9 + random_.uniform());
        if (faults_.no_throttle_cut) cut_after_s_ = 1e9;
    }
    if (now.t_s - *crashed_at_s_ >= cut_after_s_) asked_ = {};
    return true;
}

void StandInPilot::switches(const FlightSample& now, const Phase& phase)
{
    presses_arm_ = presses_panic_ = false;
    if (now.t_s < switch_after_s_ || switched_) return;
    if (phase.panic) {
        presses_panic_ = switched_ = true;
        return;
    }
    const bool wanted = phase.goal.kind == Goal::Kind::Arm ? !now.armed : phase.goal.kind == Goal::Kind::Disarm && now.armed;
    if (!wanted) return;
    presses_arm_ = true;
    switched_ = !fumbled_ || now.armed;
    fumbled_ = false;
    switch_after_s_ = now.t_s + 0.6;
}

/// Another hand's sticks, copied late and not quite.
Sticks StandInPilot::shadow(double t_s)
{
    const FlightLog& shown = *drill_.demonstration;
    const double seen_s = shown.t_s.front() + t_s - 0.1 - 0.35 * clumsiness_;
    const auto after = std::upper_bound(shown.t_s.begin(), shown.t_s.end(), seen_s);
    asked_ = shown.sample(after == shown.t_s.begin() ? 0 : static_cast<std::size_t>(after - shown.t_s.begin()) - 1).sticks;
    const double misjudged = 0.17 * clumsiness_; // small beside what a stick of a calm flight does
    asked_.roll = limited(asked_.roll + wander(north_wander_, misjudged, 0.7), 1);
    asked_.pitch = limited(asked_.pitch + wander(east_wander_, misjudged, 0.7), 1);
    asked_.throttle = std::clamp(asked_.throttle + wander(climb_wander_, 0.5 * misjudged, 0.7), 0.0, 1.0);
    return moved_hands();
}

StandInFaults StandInPilot::planted() const
{
    StandInFaults flown = habits_.flown();
    flown.no_throttle_cut = faults_.no_throttle_cut && crashed_;
    flown.one_sided = faults_.one_sided && flew_left_ && flew_right_;
    return flown;
}

/// What is particular to some drills and phases.
void StandInPilot::as_the_drill_asks(const Phase& phase, double now_s)
{
    if (drill_.pilot) take_left_for_right(now_s);
    if (phase.burst) end_turn_with_burst(phase, now_s);
    leave_alone(phase);
}

/// Sticks that the phase does not allow rest, as far as a hand rests.
void StandInPilot::leave_alone(const Phase& phase)
{
    const double leaks = 0.2 * clumsiness_;
    const auto rests = [&](StickAxis axis) { return !may_use(phase, axis); };
    const double throttle_rest = mode_ == Mode::Hold || mode_ == Mode::Sport ? 0.5 : throttle_before_phase_;
    if (rests(StickAxis::Throttle)) asked_.throttle = throttle_rest + leaks * (asked_.throttle - throttle_rest);
    if (rests(StickAxis::Yaw)) asked_.yaw *= leaks;
    if (rests(StickAxis::Pitch)) asked_.pitch *= leaks;
    if (rests(StickAxis::Roll)) asked_.roll *= leaks;
}

Sticks StandInPilot::fly(const FlightSample& now, std::size_t phase_index, bool down)
{
    const Phase& phase = drill_.phases[std::min(phase_index, drill_.phases.size() - 1)];
    if (phase_index != phase_) begin_phase(now, phase_index);
    if (drill_.sticks_only) return shadow(now.t_s);
    mode_ = now.mode;
    memory_.push_back(now);
    const double delay_s = 0.05 + 0.20 * clumsiness_;
    while (memory_.size() > 1 && memory_[1].t_s <= now.t_s - delay_s) memory_.pop_front();
    const FlightSample& seen = memory_.front();

    switches(now, phase);
    if (after_crash(now, down)) return moved_hands();
    if (!now.armed || now.t_s < 0.4) {
        hands_ = asked_ = {};
        if (fumbled_) hands_.throttle = 0.2;
        return hands_;
    }
    const double north_error = wander(north_wander_, 0.25 * clumsiness_, 1.5);
    const double east_error = wander(east_wander_, 0.25 * clumsiness_, 1.5);
    const double climb_error = wander(climb_wander_, 0.6 * clumsiness_, 1.2);

    if (turns_over(seen, now, phase)) return moved_hands();

    // A clumsy pilot decides less often, and now and then does not look at the height at all.
    if (now.t_s >= next_look_s_) {
        const double interval_s = 0.02 + 0.16 * clumsiness_;
        next_look_s_ = now.t_s + interval_s;
        const double look_away_per_s = 0.48 * clumsiness_ * clumsiness_;
        if (random_.uniform() < look_away_per_s * interval_s) // mostly short, now and then very long
            looks_away_until_s_ = now.t_s + (1 + 2.5 * clumsiness_) * -std::log(random_.uniform());

        const Target target = target_for(seen, phase);
        const Quat q = seen.attitude();
        const double lean = std::min(lean_deg(q), 60.0);
        const double nose = heading_deg(q);

        // Where to lean: a speed error asks for an acceleration, that for an angle.
        const double over = 1 + 1.4 * clumsiness_ * clumsiness_; // over-control: a middling hand hardly does
        const double an =
            limited(target.an_mps2 + 1.1 * over * (target.vn_mps - seen.vn_mps + north_error), target.most_accel_mps2);
        const double ae =
            limited(target.ae_mps2 + 1.1 * over * (target.ve_mps - seen.ve_mps + east_error), target.most_accel_mps2);
        const double c = std::cos(radians(nose));
        const double s = std::sin(radians(nose));
        const double forward_deg = degrees(std::atan2(c * an + s * ae, gravity_mps2));
        const double right_deg = degrees(std::atan2(-s * an + c * ae, gravity_mps2));
        const Vec3 up = q.conjugate() * Vec3(0, 0, -1); // in body axes
        const double leaning_forward_deg = degrees(std::atan2(up.x(), -up.z())) * -1;
        const double leaning_right_deg = degrees(std::atan2(up.y(), -up.z())) * -1;
        if (seen.mode == Mode::Angle) {
            asked_.pitch = limited(forward_deg / angle_.limit_deg, 1);
            asked_.roll = limited(right_deg / angle_.limit_deg, 1);
        } else {
            const double per_s = 3.2 * over;
            asked_.pitch = stick_for_rate(rates_.pitch, limited(per_s * (forward_deg - leaning_forward_deg), 220));
            asked_.roll = stick_for_rate(rates_.roll, limited(per_s * (right_deg - leaning_right_deg), 220));
        }
        if (turn_seen_deg_) turn_left_deg_ -= wrapped_deg(nose - *turn_seen_deg_);
        turn_seen_deg_ = nose;
        // A whole turn cannot be told from none by the nose alone.
        const double turn_deg = phase.goal.kind == Goal::Kind::Turn && std::abs(turn_left_deg_) > 150
                                    ? turn_left_deg_
                                    : wrapped_deg(target.nose_deg - nose);
        const double most_turn_dps = phase.goal.kind == Goal::Kind::Way ? 150 : phase.goal.kind == Goal::Kind::Turn ? 60 : 90;
        asked_.yaw = stick_for_rate(rates_.yaw, limited(1.6 * turn_deg, most_turn_dps));

        if (now.t_s >= looks_away_until_s_) {
            climb_asked_mps_ = std::clamp(0.9 * (target.height_m - seen.height_m), -target.most_sink_mps,
                                          target.most_climb_mps * (1 + 0.5 * clumsiness_));
            const double error = climb_asked_mps_ - seen.climb_mps + climb_error;
            throttle_trim_ = limited(throttle_trim_ + 0.04 * error * interval_s, 0.15);
            // Leaning lifts less; a clumsy hand adds too little for it.
            const double leaning = 1 / std::sqrt(std::cos(radians(lean))) - 1;
            const double hover = hover_throttle(airframe_) * (1 + (1 - clumsiness_) * leaning);
            asked_.throttle = std::clamp(hover + throttle_misjudged_ + throttle_trim_ + 0.055 * over * error, 0.0, 1.0);
        }
        if (mode_ == Mode::Hold || mode_ == Mode::Sport) sticks_of_hold(target, seen, turn_deg, climb_asked_mps_ + climb_error);
        if (phase.goal.kind == Goal::Kind::Land && (mode_ == Mode::Hold || mode_ == Mode::Sport))
            asked_.throttle = seen.height_m > 1.2 ? asked_.throttle : 0;
        if (phase.goal.kind == Goal::Kind::ReachHeight && seen.height_m < 0.2)
            asked_.roll = asked_.pitch = asked_.yaw = 0;                                    // off the ground before it steers
        if (lean_deg(q) > 80 && phase.goal.kind != Goal::Kind::Spin) asked_.throttle = 0.1; // on its side or its back: no push
        if (target.throttle_off) {
            asked_ = {};
            looks_away_until_s_ = 0;
        } else {
            const double speed = std::hypot(seen.vn_mps, seen.ve_mps);
            const double wanted = (target.vn_mps * seen.vn_mps + target.ve_mps * seen.ve_mps) / std::max(speed, 0.1);
            asked_ = habits_.shaped(asked_,
                                    {seen, phase, now.t_s, now.t_s - phase_began_s_, interval_s, wanted, target.height_m, spun_});
            as_the_drill_asks(phase, now.t_s);
        }
    }

    return moved_hands();
}

Sticks StandInPilot::moved_hands()
{
    const double follow = 1 - std::exp(-tick_s / 0.05); // the hands' own lag
    const double shake = 0.004 + 0.02 * clumsiness_;
    hands_.roll += follow * (asked_.roll - hands_.roll);
    hands_.pitch += follow * (asked_.pitch - hands_.pitch);
    hands_.yaw += follow * (asked_.yaw - hands_.yaw);
    hands_.throttle += follow * (asked_.throttle - hands_.throttle);
    constexpr double lately_s = 1;
    throttle_lately_ += (1 - std::exp(-tick_s / lately_s)) * (hands_.throttle - throttle_lately_);
    Sticks out = hands_;
    out.roll = limited(out.roll + wander(tremor_roll_, shake, 0.08), 1);
    out.pitch = limited(out.pitch + wander(tremor_pitch_, shake, 0.08), 1);
    out.yaw = limited(out.yaw + wander(tremor_yaw_, 0.5 * shake, 0.08), 1);
    out.throttle = std::clamp(out.throttle + 0.5 * wander(tremor_throttle_, shake, 0.08), 0.0, 1.0);
    if (asked_.throttle <= 0 && hands_.throttle < 0.06) out.throttle = 0; // the stop holds the hand still
    return out;
}

} // namespace bh
