#include "core/standin/stand_in_habits.h"

#include "core/flight/dynamics.h"
#include "core/flight/geometry.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace bh {
namespace {

constexpr std::array<StandInHabit, 11> all_habits{{{"rocking", &StandInFaults::rocking},
                                                   {"held-push", &StandInFaults::held_push},
                                                   {"yaw-only", &StandInFaults::yaw_only},
                                                   {"ballooning", &StandInFaults::ballooning},
                                                   {"no-throttle-cut", &StandInFaults::no_throttle_cut},
                                                   {"one-sided", &StandInFaults::one_sided},
                                                   {"bank-left-over", &StandInFaults::bank_left_over},
                                                   {"sink-in-lean", &StandInFaults::sink_in_lean},
                                                   {"chopped-throttle", &StandInFaults::chopped_throttle},
                                                   {"full-throttle", &StandInFaults::full_throttle},
                                                   {"hands-on", &StandInFaults::hands_on}}};

bool by_speed(Mode mode) { return mode == Mode::Hold || mode == Mode::Sport; } // there the sticks are speeds

double speed_of(const FlightSample& s) { return std::hypot(s.vn_mps, s.ve_mps); }

} // namespace

std::span<const StandInHabit> stand_in_habits() { return all_habits; }

std::string stand_in_habit_names()
{
    std::string names;
    for (std::size_t i = 0; i < all_habits.size(); ++i)
        names += std::string(i == 0 ? "" : i + 1 < all_habits.size() ? ", " : " or ").append(all_habits[i].name);
    return names;
}

Result<StandInFaults> stand_in_faults(const std::vector<std::string>& names)
{
    StandInFaults faults;
    for (const std::string& name : names) {
        const auto habit =
            std::find_if(all_habits.begin(), all_habits.end(), [&](const StandInHabit& h) { return h.name == name; });
        if (habit == all_habits.end())
            return failure(Error::Code::OutOfRange, "expected %1, found '%2'", stand_in_habit_names(), name);
        faults.*habit->planted = true;
    }
    return faults;
}

HabitPlanter::HabitPlanter(const StandInFaults& faults, const Airframe& airframe)
    : faults_(faults), hover_throttle_(hover_throttle(airframe))
{
}

/// How far it has turned in one go.
void HabitPlanter::follow_nose(const FlightSample& seen)
{
    constexpr double slowest_dps = 25;
    const double deg = heading_deg(seen.attitude());
    if (nose_ && seen.t_s > nose_->t_s) {
        const double step_deg = wrapped_deg(deg - nose_->deg);
        const bool turns = std::abs(step_deg) > slowest_dps * (seen.t_s - nose_->t_s);
        nose_turned_deg_ = turns ? (step_deg * nose_turned_deg_ < 0 ? 0 : nose_turned_deg_) + step_deg : 0;
    }
    nose_ = Nose{seen.t_s, deg};
}

Sticks HabitPlanter::shaped(Sticks asked, const Moment& at)
{
    follow_nose(at.seen);
    if (faults_.rocking) rock(asked, at);
    if (faults_.held_push) hold_push(asked, at);
    if (faults_.yaw_only) turn_by_yaw(asked, at);
    if (faults_.ballooning) balloon(asked, at);
    if (faults_.bank_left_over) leave_bank(asked, at);
    if (faults_.sink_in_lean) sink(asked, at);
    if (faults_.chopped_throttle) chop(asked, at);
    if (faults_.full_throttle) take_off_in_full(asked, at);
    if (faults_.hands_on) keep_hands_on(asked, at);
    if (faults_.no_throttle_cut) dive(asked, at);
    return asked;
}

/// With a stick that may be used, the roll stick first.
void HabitPlanter::rock(Sticks& asked, const Moment& at)
{
    if (at.seen.height_m <= 1 || at.phase.goal.kind == Goal::Kind::Spin) return;
    const auto allowed = [&](StickAxis axis) {
        const auto& sticks = at.phase.sticks;
        return sticks.empty() || std::find(sticks.begin(), sticks.end(), axis) != sticks.end();
    };
    const double swing = std::sin(2 * std::numbers::pi * 1.4 * at.now_s);
    const auto swung = [swing](double stick) { return std::clamp(stick + 0.35 * swing, -1.0, 1.0); };
    if (allowed(StickAxis::Roll))
        asked.roll = swung(asked.roll);
    else if (allowed(StickAxis::Pitch))
        asked.pitch = swung(asked.pitch);
    else if (allowed(StickAxis::Yaw))
        asked.yaw = swung(asked.yaw);
    else
        asked.throttle = std::clamp(asked.throttle + 0.15 * swing, 0.0, 1.0);
    rocking_s_ += at.until_next_s;
    flown_.rocking = rocking_s_ > 3;
}

/// Once in a phase, shortly after the way begins: until the aircraft leans far too much.
void HabitPlanter::hold_push(Sticks& asked, const Moment& at)
{
    constexpr double too_far_deg = 44, least_s = 0.7, most_s = 1.6;
    if (at.seen.mode != Mode::Acro || begun_.pushed) return;
    const Goal::Kind kind = at.phase.goal.kind;
    const bool runs = kind == Goal::Kind::Run && at.phase_s > 0.3;
    const bool flies_on = kind == Goal::Kind::Way && at.seen.height_m > 2.5 && at.phase_s > 2.5;
    if (begun_.held_push_s == 0 && !runs && !flies_on) return;
    asked.pitch = 0.38;
    begun_.held_push_s += at.until_next_s;
    const bool too_far = lean_deg(at.seen.attitude()) > too_far_deg && begun_.held_push_s > least_s;
    begun_.pushed = too_far || begun_.held_push_s > most_s;
    flown_.held_push = flown_.held_push || too_far;
}

/// The horizon held level, and the turn on yaw. Flown when the nose went round so by 55° in one go at over 3.5 m/s.
void HabitPlanter::turn_by_yaw(Sticks& asked, const Moment& at)
{
    constexpr double least_mps = 3.5, least_deg = 55, levels_per_deg = 0.012;
    if (at.phase.goal.kind != Goal::Kind::Way) return;
    asked.roll = at.seen.mode == Mode::Acro ? std::clamp(-levels_per_deg * bank_deg(at.seen.attitude()), -0.5, 0.5) : 0;
    asked.yaw = std::clamp(1.3 * asked.yaw, -1.0, 1.0);
    if (speed_of(at.seen) < least_mps) nose_turned_deg_ = 0;
    flown_.yaw_only = flown_.yaw_only || std::abs(nose_turned_deg_) > least_deg;
}

void HabitPlanter::balloon(Sticks& asked, const Moment& at)
{
    const Goal::Kind kind = at.phase.goal.kind;
    const bool stops = kind == Goal::Kind::Go || kind == Goal::Kind::Stay || kind == Goal::Kind::Turn;
    const bool brakes =
        stops && speed_of(at.seen) > (kind == Goal::Kind::Go ? 1.5 : 3) && at.wanted_speed_mps < speed_of(at.seen) - 0.3;
    if (!brakes || by_speed(at.seen.mode)) return;
    asked.throttle = std::max(asked.throttle, 1.6 * hover_throttle_);
    ballooning_s_ += at.until_next_s;
    flown_.ballooning = ballooning_s_ > 0.8;
}

/// In the middle of a turn, or when a roll is over: hands off for a while, once in a phase.
void HabitPlanter::leave_bank(Sticks& asked, const Moment& at)
{
    constexpr double for_s = 1.6, least_bank_deg = 14, most_bank_deg = 60, least_turn_deg = 60;
    if (at.seen.mode != Mode::Acro) return;
    const double bank = std::abs(bank_deg(at.seen.attitude()));
    const bool turned = std::abs(nose_turned_deg_) > least_turn_deg && speed_of(at.seen) > 2 && bank > least_bank_deg;
    if (!begun_.let_go && ((turned && bank < most_bank_deg) || at.rolled)) begun_.let_go = true, let_go_s_ = at.now_s;
    if (at.now_s > let_go_s_ + for_s) return;
    asked.roll = asked.pitch = asked.yaw = 0;
    if (at.now_s > let_go_s_ + for_s - 2 * at.until_next_s && bank > least_bank_deg) flown_.bank_left_over = true;
}

/// Once in a phase, as the aircraft leans into its way: the throttle sags, until it has sunk by two metres.
void HabitPlanter::sink(Sticks& asked, const Moment& at)
{
    constexpr double for_s = 4, least_height_m = 3.2, sinks_m = 2, leans_deg = 10, grows_deg = 13, sags_to = 0.92;
    const Goal::Kind kind = at.phase.goal.kind;
    const bool goes = kind == Goal::Kind::Run || kind == Goal::Kind::Way || kind == Goal::Kind::Go;
    const double lean = lean_deg(at.seen.attitude());
    if (!goes || by_speed(at.seen.mode) || begun_.sunk) return;
    if (lean < leans_deg || !begun_.lean) {
        const bool ready = lean < leans_deg && at.seen.height_m > least_height_m && at.seen.climb_mps > -0.3;
        begun_.lean.reset();
        if (ready) begun_.lean = Lean{at.now_s, at.seen.height_m, std::min(asked.throttle, hover_throttle_), 0};
        return;
    }
    Lean& leant = *begun_.lean;
    leant.most_deg = std::max(leant.most_deg, lean);
    asked.throttle = std::min(asked.throttle, sags_to * leant.throttle);
    const double sunk_m = leant.height_m - at.seen.height_m;
    if (sunk_m > sinks_m && leant.most_deg > grows_deg) flown_.sink_in_lean = true;
    begun_.sunk = sunk_m > sinks_m || at.now_s > leant.begun_s + for_s;
}

/// Once in a phase that goes down, or holds a height from which there is room.
void HabitPlanter::chop(Sticks& asked, const Moment& at)
{
    constexpr double least_height_m = 3.8, sinks_mps = 3.3, longer_s = 0.5;
    const auto& asks = at.phase.asks;
    const bool is_asked_for = std::find(asks.begin(), asks.end(), "chopped_throttle") != asks.end();
    if (by_speed(at.seen.mode) || begun_.chopped || is_asked_for) return;
    const Goal::Kind kind = at.phase.goal.kind;
    const bool down = kind == Goal::Kind::Land || at.wanted_height_m < at.seen.height_m - 1;
    const bool level = (kind == Goal::Kind::Way || kind == Goal::Kind::Run || kind == Goal::Kind::Stay) && at.phase_s > 2;
    if (begun_.chopped_s == 0 && (!(down || level) || at.seen.height_m < least_height_m)) return;
    asked.throttle = 0;
    begun_.chopped_s += at.until_next_s;
    if (at.seen.climb_mps < -sinks_mps && begun_.chopped_s > longer_s) begun_.chopped = flown_.chopped_throttle = true;
}

void HabitPlanter::take_off_in_full(Sticks& asked, const Moment& at)
{
    constexpr double for_s = 0.75;
    const bool leaves = at.phase.goal.kind == Goal::Kind::ReachHeight && at.seen.height_m < 0.1;
    if (by_speed(at.seen.mode) || full_s_ > for_s || (full_s_ == 0 && !leaves)) return;
    asked.throttle = 1;
    full_s_ += at.until_next_s;
    flown_.full_throttle = full_s_ > for_s;
}

/// Where an aircraft that keeps its place needs no hand.
void HabitPlanter::keep_hands_on(Sticks& asked, const Moment& at)
{
    if (!by_speed(at.seen.mode) || at.phase.goal.kind != Goal::Kind::Go || !at.phase.sticks.empty()) return;
    if (speed_of(at.seen) > 2) return;
    asked.yaw = std::sin(2 * std::numbers::pi * 0.4 * at.now_s) > 0 ? 0.15 : -0.15; // too slow to be rocking
    begun_.hands_on_s += at.until_next_s;
    flown_.hands_on = flown_.hands_on || begun_.hands_on_s > 1.5;
}

/// On its side and into the ground, soon after it is off it.
void HabitPlanter::dive(Sticks& asked, const Moment& at)
{
    const Goal::Kind kind = at.phase.goal.kind;
    if (by_speed(at.seen.mode) || kind == Goal::Kind::ReachHeight || kind == Goal::Kind::Land || kind == Goal::Kind::Recover)
        return;
    if (!dives_ && (at.phase_s < 1 || at.seen.height_m < 0.8)) return;
    dives_ = true;
    asked.throttle = std::max(asked.throttle, 0.2);
    on_its_side_ = on_its_side_ || std::abs(bank_deg(at.seen.attitude())) > 80;
    asked.roll = on_its_side_ ? 0 : 0.8;
    asked.pitch = asked.yaw = 0;
}

} // namespace bh
