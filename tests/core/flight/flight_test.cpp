#include "core/base/random.h"
#include "core/flight/atmosphere.h"
#include "core/flight/flight.h"
#include "reference.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

/// No rotor drag and no thrust curve: what the closed forms assume.
Airframe plainAirframe(double mass_kg, double drag_area_m2)
{
    Airframe a;
    a.mass_kg = mass_kg;
    a.drag_area_m2 = drag_area_m2;
    a.rotor_drag_kgps = 0;
    return a;
}

Flight hovering(double height_m, Mode mode = Mode::Acro)
{
    FlightSetup setup;
    setup.mode = mode;
    setup.start.height_m = height_m;
    return *Flight::create(setup);
}

} // namespace

TEST_CASE("the standard atmosphere meets ISO 2533", "[core][flight]")
{
    int checked = 0;
    for (const auto& row : referenceRows("physics.json")) {
        const std::string kind = row.at("kind");
        CAPTURE(row.at("id").get<std::string>());
        if (kind == "geopotential") {
            CHECK(meets(row["expected"]["geopotential_height"], geopotential_height_m(input(row, "geometric_height"))));
            ++checked;
        }
        if (!kind.starts_with("isa")) continue;
        const double offset = row["inputs"].contains("temperature_offset") ? input(row, "temperature_offset") : 0;
        const Air air = standard_air(input(row, "geopotential_height"), offset);
        CHECK(meets(row["expected"]["density"], air.density_kgpm3));
        if (row["expected"].contains("pressure")) CHECK(meets(row["expected"]["pressure"], air.pressure_pa));
        if (row["expected"].contains("temperature")) CHECK(meets(row["expected"]["temperature"], air.temperature_k));
        ++checked;
    }
    CHECK(checked >= 18);
}

TEST_CASE("a fall with drag follows the closed form", "[core][flight]")
{
    int checked = 0;
    for (const auto& row : referenceRows("physics.json")) {
        if (row.at("kind") != "free_fall") continue;
        CAPTURE(row.at("id").get<std::string>());
        const Airframe airframe = plainAirframe(input(row, "mass"), input(row, "drag_area"));
        State state;
        const int steps = static_cast<int>(std::lround(input(row, "time") * 1000));
        for (int i = 0; i < steps; ++i) state = advanced(state, {}, airframe, {input(row, "density")}, 0.001);
        CHECK(meets(row["expected"]["speed"], state.velocity_mps.z()));
        CHECK(meets(row["expected"]["distance"], state.position_m.z()));
        ++checked;
    }
    CHECK(checked == 4);
}

TEST_CASE("level flight at a lean settles at the speed of the force balance", "[core][flight]")
{
    int checked = 0;
    for (const auto& row : referenceRows("physics.json")) {
        if (row.at("kind") != "tilted_level_flight") continue;
        CAPTURE(row.at("id").get<std::string>());
        const double tilt = input(row, "tilt");
        const double density = input(row, "density");
        Airframe airframe = plainAirframe(input(row, "mass"), input(row, "drag_area"));
        CHECK(meets(row["expected"]["speed"], level_speed_mps(airframe, tilt, density)));
        // And flown: leaning by the tilt with the thrust that carries the weight, until the speed no longer changes.
        State state;
        state.attitude = attitude(0, -tilt, 0);
        const double thrust_n = row["expected"]["thrust"]["value"];
        airframe.thrust_to_weight = 4;
        const double share = thrust_n / (4 * airframe.mass_kg * gravity_mps2 * density / 1.225);
        const Demand demand{Vec3::Zero(), throttle_for_share(airframe, share)};
        state.thrust_share = share;
        for (int i = 0; i < 90000; ++i) state = advanced(state, demand, airframe, {density}, 0.001);
        CHECK(state.velocity_mps.x() == Approx(row["expected"]["speed"]["value"].get<double>()).epsilon(0.001));
        CHECK(std::abs(state.velocity_mps.z()) < 0.01);
        ++checked;
    }
    CHECK(checked == 4);
}

TEST_CASE("halving the step cuts the integrator's error some sixteen times", "[core][flight]")
{
    // On a smooth motion: turning and climbing without reaching the limits of the angular acceleration.
    const Airframe airframe;
    const Demand demand{Vec3(0.4, -0.3, 0.5), 0.5};
    const auto fly = [&](int steps) {
        State state;
        state.velocity_mps = Vec3(5, 1, -2);
        state.thrust_share = 0.2;
        for (int i = 0; i < steps; ++i) state = advanced(state, demand, airframe, {}, 1.0 / steps);
        return state.position_m;
    };
    const Vec3 truth = fly(8192);
    const double coarse = (fly(128) - truth).norm();
    const double fine = (fly(256) - truth).norm();
    CHECK(coarse / fine > 12);
    CHECK(coarse / fine < 20);
}

TEST_CASE("hover throttle holds a hover, more climbs, less sinks", "[core][flight]")
{
    Flight flight = hovering(10);
    const double hover = hover_throttle(flight.setup().airframe);
    const double change = GENERATE(-0.05, 0.0, 0.05);
    for (int i = 0; i < 3000; ++i) flight.step({hover + change, 0, 0, 0});
    CAPTURE(change, flight.state().height_m());
    if (change == 0) CHECK(flight.state().height_m() == Approx(10).margin(0.02));
    if (change > 0) CHECK(flight.state().height_m() > 11);
    if (change < 0) CHECK(flight.state().height_m() < 9);
}

TEST_CASE("acro keeps the attitude when the sticks are let go, angle mode levels it", "[core][flight]")
{
    const Mode mode = GENERATE(Mode::Acro, Mode::Angle);
    Flight flight = hovering(40, mode);
    const double hover = hover_throttle(flight.setup().airframe);
    for (int i = 0; i < 300; ++i) flight.step({hover, 0, 0.4, 0});
    const double leaning = lean_deg(flight.state().attitude);
    CHECK(leaning > 10);
    CHECK(flight.state().velocity_mps.x() > 0.1); // pushed forward, it goes forward
    for (int i = 0; i < 1500; ++i) flight.step({hover, 0, 0, 0});
    if (mode == Mode::Acro)
        CHECK(lean_deg(flight.state().attitude) > 0.9 * leaning);
    else
        CHECK(lean_deg(flight.state().attitude) < 1);
}

TEST_CASE("full stick turns at the rate of the curve, to the right for right", "[core][flight]")
{
    Flight flight = hovering(60);
    for (int i = 0; i < 500; ++i) flight.step({0.4, 1, 0, 0});
    CHECK(degrees(flight.state().rates_radps.z()) == Approx(rate_dps(flight.setup().rates.yaw, 1)).epsilon(0.01));
    Flight rolling = hovering(60);
    for (int i = 0; i < 150; ++i) rolling.step({0.4, 0, 0, 0.5});
    CHECK(rolling.state().velocity_mps.y() > 0); // leans and drifts to the right (east, nose north)
}

TEST_CASE("the panic switch stops and hovers from any attitude", "[core][flight]")
{
    SeededRandom random(GENERATE(1, 2, 3, 4, 5, 6, 7, 8));
    Flight flight = hovering(60);
    for (int i = 0; i < 400; ++i) flight.step({0.3, 0.3, random.uniform() * 2 - 1, 1});
    flight.set_panic(true);
    for (int i = 0; i < 6000; ++i) flight.step({0, 1, 1, -1}); // whatever the sticks do now
    CHECK(flight.state().velocity_mps.norm() < 0.3);
    CHECK(lean_deg(flight.state().attitude) < 3);
    CHECK(flight.state().height_m() > 20);
    CHECK_FALSE(flight.crashed());
}

TEST_CASE("the ground holds, bounces a little and breaks what comes too fast", "[core][flight]")
{
    SECTION("dropped from 0.1 m it lands: sqrt(2 g h) = 1.4 m/s is a touch")
    {
        Flight flight = hovering(0.1);
        for (int i = 0; i < 1500; ++i) flight.step({0, 0, 0, 0});
        CHECK_FALSE(flight.crashed());
        CHECK(flight.state().height_m() == Approx(0).margin(0.001));
        CHECK(flight.state().velocity_mps.norm() < 1e-6);
    }
    SECTION("dropped from 5 m it crashes, motors off")
    {
        Flight flight = hovering(5);
        for (int i = 0; i < 2500; ++i) flight.step({0, 0, 0, 0});
        CHECK(flight.crashed());
        CHECK_FALSE(flight.armed());
        CHECK_FALSE(flight.arm());
    }
    SECTION("standing on the ground with little throttle it stays put")
    {
        Flight flight = *Flight::create({});
        CHECK(flight.arm());
        for (int i = 0; i < 2000; ++i) flight.step({0.2, 0, 0, 0});
        CHECK(flight.state().position_m.norm() < 1e-6);
        CHECK(flight.log().events.size() == 1); // armed; no thousand touches
    }
    SECTION("a flag pole in the way is hit")
    {
        FlightSetup setup;
        setup.start.height_m = 1;
        setup.world.pillars.push_back({Pillar::Kind::Flag, 8, 0, 0.04, 40});
        Flight flight = *Flight::create(setup);
        for (int i = 0; i < 4000 && !flight.crashed(); ++i) flight.step({0.42, 0, i < 150 ? 0.5 : 0, 0});
        CHECK(flight.crashed());
        CHECK(flight.state().position_m.x() == Approx(8).margin(0.5));
    }
}

TEST_CASE("motors start only with the throttle at the bottom", "[core][flight]")
{
    Flight flight = *Flight::create({});
    flight.step({0.5, 0, 0, 0});
    CHECK_FALSE(flight.arm());
    flight.step({0.01, 0, 0, 0});
    CHECK(flight.arm());
}

TEST_CASE("the same sticks fly the same flight, whatever paces the steps", "[core][flight]")
{
    const auto sticksAt = [](int i) {
        return Sticks{0.37 + 0.05 * std::sin(i * 0.003), 0.2 * std::sin(i * 0.001), 0.1 * std::cos(i * 0.002),
                      0.1 * std::sin(i * 0.004)};
    };
    Flight a = hovering(20);
    Flight b = hovering(20);
    for (int i = 0; i < 5000; ++i) a.step(sticksAt(i));
    for (int i = 0; i < 5000;) { // in bursts, and by way of copies
        Flight copy = b;
        for (const int end = std::min(5000, i + 137); i < end; ++i) copy.step(sticksAt(i));
        b = copy;
    }
    CHECK(a.state().position_m == b.state().position_m);
    CHECK(a.state().attitude.coeffs() == b.state().attitude.coeffs());
    CHECK(a.log().height_m == b.log().height_m);
}

TEST_CASE("no stick sequence makes numbers go wrong", "[core][flight]")
{
    SeededRandom random(GENERATE(11, 12, 13, 14));
    Flight flight = hovering(30);
    Sticks sticks;
    for (int i = 0; i < 20000; ++i) {
        if (i % 90 == 0)
            sticks = {random.uniform(), 2 * random.uniform() - 1, 2 * random.uniform() - 1, 2 * random.uniform() - 1};
        flight.step(sticks);
    }
    CHECK(flight.state().position_m.allFinite());
    CHECK(flight.state().velocity_mps.norm() < 100);
    CHECK(flight.state().attitude.norm() == Approx(1).margin(1e-9));
    CHECK(flight.state().height_m() >= 0);
}

TEST_CASE("left and right are mirror images", "[core][flight]")
{
    Flight left = hovering(20);
    Flight right = hovering(20);
    for (int i = 0; i < 3000; ++i) {
        const double s = 0.2 * std::sin(i * 0.005);
        left.step({0.38, -s, 0.05, -s});
        right.step({0.38, s, 0.05, s});
    }
    CHECK(left.state().position_m.y() == Approx(-right.state().position_m.y()).margin(1e-9));
    CHECK(left.state().position_m.x() == Approx(right.state().position_m.x()).margin(1e-9));
}

TEST_CASE("impossible airframes are refused", "[core][flight]")
{
    FlightSetup setup;
    setup.airframe.mass_kg = std::nan("");
    REQUIRE_FALSE(Flight::create(setup));
    CHECK(Flight::create(setup).error().english.find("mass_kg") != std::string::npos);
}
