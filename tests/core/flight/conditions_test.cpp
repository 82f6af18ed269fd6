// Modes with a memory and the conditions of a real day, each on its own, flown in the real flight.
#include "core/base/stats.h"
#include "core/flight/atmosphere.h"
#include "core/flight/flight.h"
#include "core/flight/rotor_air.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

constexpr Sticks centred{0.5, 0, 0, 0};

Flight flying(Mode mode, double height_m, const Conditions& conditions = {})
{
    FlightSetup setup;
    setup.mode = mode;
    setup.start.height_m = height_m;
    setup.conditions = conditions;
    return *Flight::create(setup);
}

/// A state that hovers at a height, for asking a Day about.
State hovering_at(double height_m, const Airframe& airframe)
{
    State s;
    s.position_m.z() = -height_m;
    s.thrust_share = 1 / airframe.thrust_to_weight;
    return s;
}

void fly(Flight& flight, const Sticks& sticks, double seconds)
{
    for (int i = 0; i < static_cast<int>(seconds / Flight::step_s); ++i) flight.step(sticks);
}

/// Standard deviation of a rate, deg/s, while it hovers in angle mode.
double shaking_dps(Flight& flight, double seconds)
{
    std::vector<double> rates;
    const double throttle = hover_throttle(flight.setup().airframe);
    for (int i = 0; i < static_cast<int>(seconds / Flight::step_s); ++i) {
        flight.step({throttle, 0, 0, 0});
        rates.push_back(degrees(flight.state().rates_radps.x()));
    }
    return sample_sd(rates);
}

} // namespace

TEST_CASE("position-hold stops and hovers with centred sticks, and goes as fast as its limits say", "[core][flight][hold]")
{
    const bool sport = GENERATE(false, true);
    CAPTURE(sport);
    const HoldLimits& limits = sport ? sport_hold : normal_hold;
    Flight f = flying(sport ? Mode::Sport : Mode::Hold, 10);
    fly(f, {0.5, 0, 1, 0}, 8);                                                   // forward: north
    CHECK(f.state().velocity_mps.x() == Approx(limits.speed_mps).epsilon(0.12)); // drag takes a little
    CHECK(f.state().velocity_mps.y() == Approx(0).margin(0.05));
    CHECK(f.state().height_m() == Approx(10).margin(0.4));
    fly(f, centred, 8);
    CHECK(f.state().velocity_mps.norm() < 0.05);
    const Vec3 there = f.state().position_m;
    fly(f, centred, 20);
    CHECK((f.state().position_m - there).norm() < 0.1);
    fly(f, {1, 0, 0, 0}, 4);
    CHECK(-f.state().velocity_mps.z() == Approx(limits.climb_mps).epsilon(0.05));
    fly(f, {0.5, 1, 0, 0}, 2);
    CHECK(degrees(f.state().rates_radps.z()) == Approx(limits.yaw_dps).epsilon(0.02));
    // Right is right of the nose, wherever it points.
    fly(f, centred, 4);
    const Vec3 from = f.state().position_m;
    const double heading = radians(heading_deg(f.state().attitude));
    fly(f, {0.5, 0, 0, 1}, 3);
    const Vec3 moved = f.state().position_m - from;
    CHECK(moved.dot(Vec3(-std::sin(heading), std::cos(heading), 0)) > 3);
    CHECK(std::abs(moved.dot(Vec3(std::cos(heading), std::sin(heading), 0))) < 0.3);
}

TEST_CASE("a landing in position-hold pauses at a metre until the throttle is held at the bottom", "[core][flight][hold]")
{
    Flight f = flying(Mode::Hold, 6);
    fly(f, {0.2, 0, 0, 0}, 12); // sinks, but the stick is not at the bottom
    CHECK(f.state().height_m() == Approx(1).margin(0.1));
    fly(f, centred, 3);
    CHECK(f.state().height_m() == Approx(1).margin(0.15));
    fly(f, {0, 0, 0, 0}, 0.7);
    CHECK(f.state().height_m() > 0.8); // not held long enough
    fly(f, {0, 0, 0, 0}, 4);
    CHECK(f.state().height_m() < 0.01);
    CHECK_FALSE(f.crashed());
    CHECK(f.on_ground());
    fly(f, centred, 2); // landed with the stick let go it stays there
    CHECK(f.state().height_m() < 0.02);
    fly(f, {0.8, 0, 0, 0}, 2);
    CHECK(f.state().height_m() > 1);
}

TEST_CASE("horizon mode levels when centred and flips at full stick", "[core][flight][hold]")
{
    Flight f = flying(Mode::Horizon, 60);
    fly(f, {0.45, 0, 0, 0.5}, 0.6);
    CHECK(lean_deg(f.state().attitude) > 10);
    fly(f, {0.4, 0, 0, 0}, 1.5);
    CHECK(lean_deg(f.state().attitude) < 2);
    double most = 0;
    for (int i = 0; i < 1500; ++i) {
        f.step({0.4, 0, 0, 1});
        most = std::max(most, lean_deg(f.state().attitude));
    }
    CHECK(most > 170);
    fly(f, {0.4, 0, 0, 0}, 2);
    CHECK(lean_deg(f.state().attitude) < 2);
}

TEST_CASE("a sprung throttle that is let go climbs in acro, and hovers in position-hold", "[core][flight][hold]")
{
    Flight acro = flying(Mode::Acro, 10);
    fly(acro, centred, 2);
    CHECK(acro.state().height_m() > 14);
    Flight hold = flying(Mode::Hold, 10);
    fly(hold, centred, 2);
    CHECK(hold.state().height_m() == Approx(10).margin(0.1));
}

TEST_CASE("steady wind carries an aircraft along, and position-hold leans against it", "[core][flight][conditions]")
{
    Conditions windy;
    windy.wind_mps = 6;
    windy.wind_from_deg = 270; // from the west: to the east
    Flight f = flying(Mode::Angle, 20, windy);
    const double wind = wind_at_height_mps(6, 20);
    CHECK(wind > 6);
    fly(f, {hover_throttle(f.setup().airframe), 0, 0, 0}, 60);
    CHECK(f.state().velocity_mps.y() == Approx(wind_at_height_mps(6, f.state().height_m())).epsilon(0.05));
    CHECK(f.state().velocity_mps.x() == Approx(0).margin(0.05));
    Flight h = flying(Mode::Hold, 20, windy);
    fly(h, centred, 20);
    CHECK(std::hypot(h.state().position_m.x(), h.state().position_m.y()) < 1);
    const Vec3 top = h.state().attitude * -Vec3::UnitZ();
    CHECK(top.y() < -0.02); // leans west, into the wind
}

TEST_CASE("gusts move the aircraft about and leave no trace when they are off", "[core][flight][conditions]")
{
    Conditions gusty;
    gusty.wind_mps = 8;
    gusty.gusts = true;
    Flight f = flying(Mode::Hold, 15, gusty), again = flying(Mode::Hold, 15, gusty);
    gusty.seed = 2;
    Flight other = flying(Mode::Hold, 15, gusty);
    std::vector<double> along;
    for (int i = 0; i < 240000; ++i) {
        f.step(centred);
        if (i < 20000) again.step(centred), other.step(centred);
        along.push_back(f.day().wind_mps().y());
        if (i == 19999) {
            CHECK(f.state().position_m == again.state().position_m);
            CHECK(f.state().position_m != other.state().position_m);
        }
    }
    CHECK(mean(along) == Approx(wind_at_height_mps(8, 15)).epsilon(0.1));
    CHECK(sample_sd(along) ==
          Approx(low_height_turbulence(15, 8).sigma_u_mps).epsilon(0.25)); // four minutes hold some 50 lengths
}

TEST_CASE("near the ground the same throttle carries more, unsteadily, and less so when moving", "[core][flight][conditions]")
{
    Conditions ground;
    ground.ground_effect = true;
    const Airframe airframe;
    Day day(ground, airframe, 0);
    State low = hovering_at(0.15, airframe);
    std::vector<double> still, moving;
    for (int i = 0; i < 20000; ++i) still.push_back(day.step(low, 0.001).thrust_ratio);
    const double expected = ground_effect_ratio(airframe.propeller_m, 0.15); // four rotors as one disc: twice the radius of one
    CHECK(mean(still) == Approx(expected).margin(0.004));
    low.velocity_mps.x() = 30;
    for (int i = 0; i < 20000; ++i) moving.push_back(day.step(low, 0.001).thrust_ratio);
    CHECK(sample_sd(still) > 0.005);
    CHECK(sample_sd(moving) < 1e-12);
    State high = low;
    high.position_m.z() = -3;
    CHECK(day.step(high, 0.001).thrust_ratio == Approx(1).margin(0.001));
}

TEST_CASE("hard ground throws the wash back within two rotor diameters, grass damps it", "[core][flight][conditions]")
{
    const Airframe airframe;
    const auto unsteady = [&](bool hard, double height_m) {
        Conditions c;
        c.ground_effect = true, c.hard_ground = hard;
        Day day(c, airframe, 0);
        const State s = hovering_at(height_m, airframe);
        std::vector<double> thrust, shake;
        for (int i = 0; i < 30000; ++i) {
            const Surroundings now = day.step(s, 0.001);
            thrust.push_back(now.thrust_ratio), shake.push_back(now.angular_accel_radps2.x());
        }
        return std::pair(sample_sd(thrust), sample_sd(shake));
    };
    const double diameter_m = 2 * airframe.propeller_m; // four rotors as one disc
    for (const double of_diameter : {0.5, 1.0, 1.5}) {
        const auto grass = unsteady(false, of_diameter * diameter_m), hard = unsteady(true, of_diameter * diameter_m);
        CAPTURE(of_diameter);
        CHECK(hard.first > 1.5 * grass.first);
        CHECK(hard.second > 1.5 * grass.second);
    }
    // Beyond, only the little that the ground effect itself has left.
    CHECK(unsteady(true, 2.1 * diameter_m).second == Approx(unsteady(false, 2.1 * diameter_m).second));
    Conditions c;
    c.ground_effect = true;
    CHECK(in_words(c) == "ground effect over grass");
    c.hard_ground = true;
    CHECK(in_words(c) == "ground effect over hard ground");
    // A world of stone is hard whatever the day says.
    FlightSetup setup;
    setup.world.hard_ground = true;
    CHECK(over_its_ground(setup).conditions.hard_ground);
}

TEST_CASE("sinking straight into its own wash costs thrust and shakes; going forward does not", "[core][flight][conditions]")
{
    Conditions washed;
    washed.prop_wash = true;
    const Airframe airframe;
    Day day(washed, airframe, 0);
    State s = hovering_at(30, airframe);
    const double vh = hover_induced_mps(airframe.mass_kg * gravity_mps2, standard_air(0).density_kgpm3,
                                        disc_area_m2(airframe.propeller_m, airframe.rotors));
    const auto at = [&](double sink, double forward) {
        s.velocity_mps = Vec3(forward, 0, sink);
        return day.step(s, 0.001);
    };
    CHECK(at(0, 0).thrust_ratio == 1);
    CHECK(at(-5, 0).thrust_ratio == 1);
    CHECK(at(1.18 * vh, 0).thrust_ratio == Approx(0.85).margin(0.001));
    CHECK(at(1.18 * vh, vh).thrust_ratio == Approx(1).margin(1e-6));
    double shaken = 0;
    for (int i = 0; i < 2000; ++i) shaken = std::max(shaken, at(1.18 * vh, 0).angular_accel_radps2.norm());
    CHECK(shaken > 10);
    CHECK(at(0, 0).angular_accel_radps2.norm() == 0);
}

TEST_CASE("a battery sags under load and with use, a warm day thins the air", "[core][flight][conditions]")
{
    Conditions sagging;
    sagging.battery_sag = true;
    const Airframe airframe;
    Day day(sagging, airframe, 0);
    State s = hovering_at(10, airframe);
    const double first = day.step(s, 0.001).thrust_ratio;
    CHECK(first == Approx(1 - airframe.battery_load_sag / airframe.thrust_to_weight).margin(1e-4));
    for (int i = 0; i < static_cast<int>(airframe.battery_hover_s / 2 / 0.01); ++i) (void)day.step(s, 0.01);
    CHECK(day.battery_used() == Approx(0.5).margin(0.001)); // half its hover time
    CHECK(first - day.step(s, 0.001).thrust_ratio == Approx(airframe.battery_rest_sag / 2).margin(0.001));
    for (int i = 0; i < 100000; ++i) (void)day.step(s, 0.01);
    CHECK(day.battery_used() == 1);

    Conditions warm;
    warm.warmer_k = 15;
    CHECK(Day(warm, airframe, 0).step(s, 0.001).density_kgpm3 == Approx(standard_air(0, 15).density_kgpm3));
}

TEST_CASE("a bent propeller shakes, costs thrust, and twists when the throttle moves", "[core][flight][conditions]")
{
    Conditions bent;
    bent.bent_propeller = 0.3;
    Flight plain = flying(Mode::Angle, 30), shaky = flying(Mode::Angle, 30, bent);
    CHECK(shaking_dps(plain, 2) < 0.5);
    CHECK(shaking_dps(shaky, 2) > 3);
    CHECK(shaky.state().height_m() < plain.state().height_m() - 1);
    const Airframe airframe;
    Day day(bent, airframe, 0);
    State s;
    s.position_m.z() = -10;
    s.thrust_share = 0.2;
    Vec3 sum = Vec3::Zero();
    for (int i = 0; i < 5000; ++i) (void)day.step(s, 0.001); // trimmed by then
    for (int i = 0; i < 5000; ++i) sum += day.step(s, 0.001).angular_accel_radps2;
    CHECK(std::abs(sum.x() / 5000) < 1.5);
    s.thrust_share = 0.6;
    sum.setZero();
    for (int i = 0; i < 100; ++i) sum += day.step(s, 0.001).angular_accel_radps2;
    CHECK(sum.x() / 100 > 5); // the front right drops
    CHECK(sum.y() / 100 < -5);
}

TEST_CASE("conditions that cannot be are refused by name", "[core][flight][conditions]")
{
    FlightSetup setup;
    setup.conditions.wind_mps = 60;
    CHECK(Flight::create(setup).error().english == "wind_mps must lie in 0 to 40 m/s");
    setup.conditions = {};
    setup.conditions.bent_propeller = std::nan("");
    CHECK(Flight::create(setup).error().english.find("bent_propeller") == 0);
    setup.conditions = {};
    setup.airframe.propeller_m = 3;
    CHECK(Flight::create(setup).error().english.find("propeller_m") == 0);
}
