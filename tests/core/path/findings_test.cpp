// What is found in a flight, against flights that are drawn by kinematics: a level turn at a speed and a heading rate has a
// radius of v/ω, a coordinated bank of atan(v·ω/g) and body rates by Euler's equations, whatever finds it.
#include "core/drill/measures.h"
#include "core/path/brakes.h"
#include "core/path/held_pushes.h"
#include "core/path/leans.h"
#include "core/path/stretches.h"
#include "core/path/throttle_habits.h"
#include "core/path/turn_faults.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <functional>

using namespace bh;

namespace {

/// A flight drawn row by row: the drawer changes the sample, time goes on by itself.
FlightLog drawn(double seconds, const std::function<void(FlightSample&)>& draw)
{
    FlightLog log;
    FlightSample s;
    s.height_m = 10;
    s.armed = true;
    s.sticks.throttle = 0.35;
    for (int i = 0; i * 0.01 <= seconds; ++i) {
        s.t_s = i * 0.01;
        draw(s);
        log.append(s);
    }
    return log;
}

void lean(FlightSample& s, double heading, double pitch, double bank)
{
    const Quat q = attitude(heading, pitch, bank);
    s.qw = q.w(), s.qx = q.x(), s.qy = q.y(), s.qz = q.z();
}

RowSpan all(const FlightLog& log) { return {0, log.size()}; }

struct Level {
    double speed_mps = 8, turn_dps = 60, pitch_deg = -20, bank_share = 1, side = 1, drift_deg = 0;
};
/// Straight for 2 s, turned for 3 s, straight again.
FlightLog level_turn(const Level& turn)
{
    double heading = 0;
    return drawn(7, [&, turn](FlightSample& s) {
        const bool turns = s.t_s > 2 && s.t_s <= 5;
        const double rate = turns ? turn.side * turn.turn_dps : 0;
        heading += rate * 0.01;
        const double bank = turns ? turn.bank_share * degrees(std::atan(turn.speed_mps * radians(rate) / gravity_mps2)) : 0;
        lean(s, heading, turn.pitch_deg, bank);
        const double track = radians(heading - turn.side * turn.drift_deg * turns);
        s.vn_mps = turn.speed_mps * std::cos(track), s.ve_mps = turn.speed_mps * std::sin(track);
        s.north_m += 0.01 * s.vn_mps, s.east_m += 0.01 * s.ve_mps;
        // Euler's kinematic equations with pitch and bank held (Stevens & Lewis, from memory).
        s.p_dps = -rate * std::sin(radians(turn.pitch_deg));
        s.q_dps = rate * std::cos(radians(turn.pitch_deg)) * std::sin(radians(bank));
        s.r_dps = rate * std::cos(radians(turn.pitch_deg)) * std::cos(radians(bank));
        s.sticks.yaw = turns ? turn.side * 0.4 : 0;
        s.sticks.roll = s.t_s > 2.1 && s.t_s < 2.4 ? turn.side * 0.5 : 0; // a tenth of a second after the yaw
    });
}

} // namespace

TEST_CASE("a coordinated turn measures as its kinematics say, and is no fault", "[core][path]")
{
    for (const double side : {1.0, -1.0}) {
        const FlightLog log = level_turn({.side = side});
        const auto turns = find_turns(log, all(log));
        REQUIRE(turns.size() == 1);
        const Turn& t = turns[0];
        CHECK(t.side() == (side > 0 ? Side::Right : Side::Left));
        CHECK(t.heading_change_deg == Approx(side * 180).margin(1));
        CHECK(t.radius_m == Approx(8 / radians(60)).epsilon(0.08)); // it begins and ends on the straight
        const double bank = std::atan(8 * radians(60) / gravity_mps2);
        const double yaw = std::cos(radians(20)) * std::cos(bank), roll = std::sin(radians(20));
        CHECK(t.yaw_share == Approx(yaw / (yaw + roll)).margin(0.01));
        CHECK(t.mean_bank_deg == Approx(degrees(bank)).margin(3));
        CHECK(t.horizon_error_deg < 5); // the rate is evened out over a tenth of a second at both ends
        CHECK(std::abs(t.drift_deg) < 1);
        CHECK(*t.bank_share() == Approx(1).margin(0.05));
        CHECK(t.yaw_share_asked == Approx(t.yaw_share).margin(0.03));
        CHECK(t.entry_speed_mps == Approx(8));
        CHECK(*t.yaw_lead_s == Approx(0.1).margin(0.021));
        CHECK(t.throttle_sd == Approx(0).margin(1e-6));
        CHECK_FALSE(fault_of(t));
        CHECK_FALSE(t.flag_m);
        // A flag in the middle of the circle, which begins 16 m to the north: as far away as the radius.
        const Vec2 centre(16, side * 8 / radians(60));
        CHECK(*find_turns(log, all(log), {Vec2(200, 0), centre}).at(0).flag_m == Approx(8 / radians(60)).margin(0.3));
    }
    const FlightLog log = level_turn({});
    CHECK(*measure(log, all(log), Measure::YawAloneTurns) == 0);
    CHECK(*measure(log, all(log), Measure::TurnDriftDeg) < 1);
}

TEST_CASE("a turn on yaw alone is told by its bank or its drift; one on the spot tells nothing", "[core][path]")
{
    const FlightLog flat = level_turn({.bank_share = 0, .drift_deg = 27});
    const Turn alone = find_turns(flat, all(flat)).at(0);
    CHECK(alone.drift_deg == Approx(27).margin(2));
    CHECK(alone.horizon_error_deg == Approx(degrees(std::atan(8 * radians(60) / gravity_mps2))).margin(3));
    CHECK(*alone.bank_share() == Approx(0).margin(0.01));
    CHECK(fault_of(alone) == TurnFault::YawAlone);
    const FlightLog drifts = level_turn({.drift_deg = 27}); // with the bank that it needs
    CHECK(fault_of(find_turns(drifts, all(drifts)).at(0)) == TurnFault::YawAlone);
    const FlightLog behind = level_turn({.drift_deg = -27});
    CHECK(fault_of(find_turns(behind, all(behind)).at(0)) == TurnFault::RollAlone);
    CHECK(*measure(flat, all(flat), Measure::YawAloneTurns) == 1);
    const FlightLog spot = level_turn({.speed_mps = 0.5, .pitch_deg = 0, .bank_share = 0});
    const Turn on_the_spot = find_turns(spot, all(spot)).at(0);
    CHECK_FALSE(can_be_judged(on_the_spot, {}));
    CHECK_FALSE(fault_of(on_the_spot));
    // Half of the way through it the sticks rock: that is told, and the turn is not.
    CHECK_FALSE(fault_of(alone, {{alone.start_s, alone.start_s + 0.6 * (alone.end_s - alone.start_s)}}));
    CHECK(fault_of(alone, {{alone.start_s, alone.start_s + 0.4 * (alone.end_s - alone.start_s)}}) == TurnFault::YawAlone);
    // At a high tilt the body turns by roll more than by yaw, and that is as good.
    const FlightLog steep = level_turn({.speed_mps = 14, .pitch_deg = -45});
    const Turn fast = find_turns(steep, all(steep)).at(0);
    CHECK(fast.yaw_share < 0.5);
    CHECK_FALSE(fault_of(fast));
}

TEST_CASE("a push that is held until the lean is deep is found; a nudge, a steady lean and a roll are not", "[core][path]")
{
    const auto pushes = [](double stick, double held_s, double dps, double from_deg) {
        double pitch = -from_deg;
        const FlightLog log = drawn(6, [&](FlightSample& s) {
            const bool held = s.t_s >= 2 && s.t_s < 2 + held_s;
            s.sticks.pitch = held ? stick : 0;
            s.q_dps = held ? -dps : 0;
            pitch += s.q_dps * 0.01;
            lean(s, 0, pitch, 0);
        });
        return find_held_pushes(log, {0, log.size()});
    };
    const auto held = pushes(0.4, 0.8, 70, 5);
    REQUIRE(held.size() == 1);
    CHECK(held[0].axis == StickAxis::Pitch);
    CHECK(held[0].start_s == Approx(2).margin(0.011));
    CHECK(held[0].end_s == Approx(2.79).margin(0.011));
    CHECK(held[0].lean_deg == Approx(61).margin(1));
    CHECK(pushes(0.4, 0.5, 100, 5).empty()); // a nudge
    CHECK(pushes(0.15, 0.8, 70, 5).empty()); // hardly moved
    CHECK(pushes(0.4, 0.8, 25, 50).empty()); // leant already, and little more
    CHECK(pushes(0.9, 0.9, 400, 0).empty()); // a flip
}

TEST_CASE("every brake of a flight is measured, with the height it gained and whether the throttle went first", "[core][path]")
{
    const auto flight = [](double gain_m, bool throttle_first) {
        return drawn(14, [=](FlightSample& s) {
            const double into = std::fmod(s.t_s, 7);
            const bool braking = into >= 4 && into < 6;
            s.vn_mps = into < 2 ? 4 * into : into < 4 ? 8 : braking ? 8 - 4 * (into - 4) : 0;
            s.north_m += 0.01 * s.vn_mps;
            s.sticks.pitch = into < 1 ? 0.3 : braking ? -0.3 : 0;
            s.height_m = 10 + (braking ? gain_m * std::sin(std::numbers::pi * (into - 4) / 2) : 0);
            s.sticks.throttle = throttle_first && into >= 3.9 && into < 4.3 ? 0.2 : 0.35;
        });
    };
    const FlightLog log = flight(2.2, false);
    const auto brakes = find_brakes(log, all(log));
    REQUIRE(brakes.size() == 2);
    for (std::size_t i = 0; i < 2; ++i) {
        CHECK(brakes[i].start_s == Approx(4 + 7.0 * static_cast<double>(i)).margin(0.02));
        CHECK(brakes[i].entry_speed_mps == Approx(8).margin(0.05));
        CHECK(brakes[i].height_gain_m == Approx(2.2).margin(0.02));
        CHECK(brakes[i].stop_s == Approx(1.76).margin(0.03)); // 8 to 1 m/s at 4 m/s²
        CHECK(brakes[i].stop_m == Approx(0.5 * (8 + 1) * 1.75).epsilon(0.02));
        CHECK_FALSE(brakes[i].throttle_first);
    }
    const FlightLog good = flight(0.3, true);
    CHECK(find_brakes(good, all(good)).at(0).throttle_first);
}

TEST_CASE("a bank that is left standing after a turn is found until the sticks move", "[core][path]")
{
    const auto flight = [](double left_deg, double for_s, double creeps_dps = 0, double sways = 0) {
        double heading = 0;
        return drawn(9, [=](FlightSample& s) mutable {
            const bool turns = s.t_s > 2 && s.t_s <= 4;
            heading += turns ? 0.6 : s.t_s > 4 ? 0.01 * creeps_dps : 0;
            s.r_dps = turns ? 60 : 0;
            lean(s, heading, -15, turns ? 30 : s.t_s > 4 && s.t_s < 4 + for_s ? left_deg : 0);
            const bool passes = sways > 0 && s.t_s > 4 && s.t_s < 4.6; // the yaw stick goes through its middle, and comes back
            s.sticks.yaw = turns ? 0.3 : passes ? sways * (4.3 - s.t_s) / 0.3 : 0;
            s.sticks.roll = s.t_s > 4 + for_s && s.t_s < 4.3 + for_s ? -0.4 : 0;
            s.vn_mps = 6;
        });
    };
    const FlightLog left = flight(22, 2.5);
    const auto found = find_banks_left_over(left, all(left));
    REQUIRE(found.size() == 1);
    CHECK(found[0].bank_deg == Approx(22).margin(1));
    CHECK(found[0].start_s == Approx(4.1).margin(0.15));
    CHECK(found[0].end_s == Approx(6.5).margin(0.1));
    // A little pitch in a bank lets the nose creep on: the turn is over all the same.
    const FlightLog creeping = flight(22, 2.5, 12);
    REQUIRE(find_banks_left_over(creeping, all(creeping)).size() == 1);
    CHECK(find_banks_left_over(creeping, all(creeping))[0].start_s == Approx(4.1).margin(0.15));
    const FlightLog swayed = flight(22, 2.5, 0, 0.2); // quiet for 0.18 s at 4.3 s, and again from 4.6 s on
    REQUIRE(find_banks_left_over(swayed, all(swayed)).size() == 1);
    CHECK(find_banks_left_over(swayed, all(swayed))[0].start_s == Approx(4.6).margin(0.02));
    // What turning is goes by the turn that the bank asks for, g·tan 22°/6 m/s = 38 °/s: a fast flight's is slower.
    const FlightLog turning = flight(22, 2.5, 14);
    CHECK(find_banks_left_over(turning, all(turning)).empty());
    const FlightLog taken_out = flight(22, 0.6), little = flight(6, 3);
    CHECK(find_banks_left_over(taken_out, all(taken_out)).empty());
    CHECK(find_banks_left_over(little, all(little)).empty());
}

TEST_CASE("a sink in a lean without more throttle is found, and not one with it, nor a descent", "[core][path]")
{
    // Leaning by 30° at the hover's throttle leaves (1 − cos 30°)·g to fall with.
    const auto flight = [](double raised, double climb_before_mps) {
        double climb = climb_before_mps;
        return drawn(8, [=](FlightSample& s) mutable {
            const double deg = s.t_s < 2 ? 0 : std::min(30.0, 60 * (s.t_s - 2));
            lean(s, 0, -deg, 0);
            s.sticks.throttle = 0.35 + (s.t_s > 2.2 ? raised : 0);
            if (raised == 0 && deg > 0 && s.t_s < 5) climb -= 0.01 * gravity_mps2 * (1 - std::cos(radians(deg)));
            if (s.t_s >= 5) climb = 0;
            s.climb_mps = climb;
            s.height_m += 0.01 * climb;
        });
    };
    const FlightLog sinks = flight(0, 0);
    const auto found = find_sinks_in_lean(sinks, all(sinks));
    REQUIRE(found.size() == 1);
    CHECK(found[0].start_s == Approx(2.17).margin(0.02)); // a lean of 10°
    CHECK(found[0].sink_m > 3);
    const FlightLog good = flight(0.05, 0), descent = flight(0, -1);
    CHECK(find_sinks_in_lean(good, all(good)).empty());
    CHECK(find_sinks_in_lean(descent, all(descent)).empty());
}

TEST_CASE("a throttle chopped for a descent and one held full after the take-off are found", "[core][path]")
{
    const FlightLog log = drawn(12, [](FlightSample& s) {
        if (s.t_s < 1) s.height_m = 0;
        if (s.t_s >= 1) s.height_m = std::min(20.0, 8 * (s.t_s - 1));
        s.sticks.throttle = s.t_s < 1 ? 0.1 : s.t_s < 2.2 ? 1 : 0.35;
        if (s.t_s >= 6 && s.t_s < 6.8) s.sticks.throttle = 0, s.climb_mps = -gravity_mps2 * (s.t_s - 6);
        if (s.t_s >= 9 && s.t_s < 9.3) s.sticks.throttle = 0, s.climb_mps = -1; // a moment
    });
    const auto full = find_full_throttle_take_offs(log, all(log));
    REQUIRE(full.size() == 1);
    CHECK(full[0].start_s == Approx(1).margin(0.011));
    CHECK(full[0].end_s == Approx(2.19).margin(0.011));
    const auto chopped = find_chopped_throttle(log, all(log));
    REQUIRE(chopped.size() == 1);
    CHECK(chopped[0].start_s == Approx(6).margin(0.011));
    // Later in the flight full throttle is no take-off.
    CHECK(find_full_throttle_take_offs(log, rows_between(log, 4, 12)).empty());
}

TEST_CASE("after a crash nothing was flown until the aircraft is put back or takes off again", "[core][path]")
{
    FlightLog log = drawn(10, [](FlightSample& s) { s.height_m = s.t_s > 3 && s.t_s < 6 ? 0 : 4; });
    log.events = {{300, FlightEvent::Crash}, {800, FlightEvent::Crash}, {900, FlightEvent::Reset}};
    const auto stretches = flown_stretches(log, all(log));
    REQUIRE(stretches.size() == 3);
    CHECK(stretches[0].first == 0);
    CHECK(stretches[0].last == 301);
    CHECK(log.t_s[stretches[1].first] == Approx(6).margin(0.011)); // took off again
    CHECK(stretches[1].last == 801);
    CHECK(stretches[2].first == 900);
    CHECK(flown_stretches(log, {400, 500}).empty());
}
