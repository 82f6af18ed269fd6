#include "core/drill/free_flight.h"
#include "device/flight_loop.h"
#include "files/data_folder.h"

#include <atomic>
#include <catch2/catch.hpp>
#include <chrono>
#include <thread>

using namespace bh;

namespace {

struct Bench {
    DataFolder data{BH_DATA};
    Drill drill = *data.drill("lift-settle");
    Flight flight = *Flight::create(*data.setup_for(drill, RateProfile{}));
};

/// Sticks that never move.
FlightLoop::SticksSince still(Sticks sticks)
{
    return [sticks](double) { return std::vector{TimedSticks{FlightLoop::now_s(), sticks}}; };
}

template <class Condition>
bool soon(Condition condition, int ms = 20000)
{
    for (int waited = 0; waited < ms && !condition(); waited += 5) std::this_thread::sleep_for(std::chrono::milliseconds(5));
    return condition();
}

} // namespace

TEST_CASE("a demonstration flies to its end and hands its result over once", "[device]")
{
    Bench b;
    FlightLoop loop(b.flight, b.drill, still({}), FlightLoop::StandIn{0.95, 3});
    loop.set_pace(0);
    REQUIRE(soon([&] { return loop.snapshot().status == DrillRunner::Status::Finished; }));
    const auto result = loop.take_result();
    REQUIRE(result);
    CHECK(result->score.passed);
    CHECK_FALSE(loop.take_result());
    // The same as flown without the loop: pacing changes nothing.
    const auto plain = fly_drill(b.drill, b.flight.setup(), 0.95, 3);
    CHECK(plain->log.height_m == result->log.height_m);
    CHECK(plain->score.score == result->score.score);
}

TEST_CASE("the motors wait for the throttle; pause holds the flight still; panic hovers", "[device]")
{
    Bench b;
    std::atomic<double> throttle{0.6};
    FlightLoop loop(b.flight, b.drill, [&](double) {
        return std::vector{TimedSticks{FlightLoop::now_s(), {throttle, 0, 0, 0}}};
    });
    std::this_thread::sleep_for(std::chrono::milliseconds(500));
    CHECK(loop.snapshot().waiting_for_throttle);
    CHECK_FALSE(loop.snapshot().armed);
    throttle = 0;
    REQUIRE(soon([&] { return loop.snapshot().armed; }));
    throttle = 0.5;
    REQUIRE(soon([&] { return loop.snapshot().state.height_m() > 0.5; }));
    loop.set_paused(true);
    std::this_thread::sleep_for(std::chrono::milliseconds(50));
    const double held = loop.snapshot().time_s;
    std::this_thread::sleep_for(std::chrono::milliseconds(300));
    CHECK(loop.snapshot().time_s == held);
    loop.set_paused(false);
    loop.set_panic(true);
    REQUIRE(soon([&] { return loop.snapshot().status == DrillRunner::Status::Disqualified; }));
    CHECK(summary_of(loop.take_result()->score).english().find("panic switch") != std::string::npos);
}

TEST_CASE("real time is real time, whoever looks and however slowly", "[device]")
{
    // Not a speed test: flight time must keep up with the clock even when snapshots are taken rarely.
    Bench b;
    FlightLoop loop(b.flight, b.drill, still({}), FlightLoop::StandIn{0.95, 4});
    REQUIRE(soon([&] { return loop.snapshot().time_s > 0; }));
    const auto from = std::chrono::steady_clock::now();
    const double flown_from = loop.snapshot().time_s;
    std::this_thread::sleep_for(std::chrono::milliseconds(1500)); // a frame that takes for ever
    const auto now = loop.snapshot();
    const double passed_s = std::chrono::duration<double>(std::chrono::steady_clock::now() - from).count();
    CHECK(now.time_s - flown_from + now.skipped_s == Approx(passed_s).margin(0.1));
}

TEST_CASE("each sample of the sticks is flown at the physics step of its time, however it is delivered", "[device]")
{
    // All samples come in one batch, ahead of time: a short push on roll, another 60 ms after it. At 250 rows a second the
    // log must show them as long and as far apart as their times say, to one row.
    DataFolder data(BH_DATA);
    FlightSetup setup = *data.setup_for(*data.drill("lift-settle"), RateProfile{});
    setup.steps_per_row = 4;
    setup.start.height_m = 50; // hovering
    setup.mode = Mode::Acro;
    Drill drill = *data.drill("lift-settle");
    drill.modes = {Mode::Acro};
    drill.phases.resize(1);
    drill.phases[0].goal = {Goal::Kind::Stay, 0.5, 1, 0};
    drill.criteria.clear();
    bool given = false;
    const double hover = hover_throttle(setup.airframe);
    double from_s = 0;
    FlightLoop loop(*Flight::create(setup), drill, [&](double) {
        std::vector<TimedSticks> batch;
        if (given) return std::optional(batch);
        given = true;
        from_s = FlightLoop::now_s();
        batch.push_back({from_s, {hover, 0, 0, 0}});
        for (const double at : {0.1, 0.2}) {
            batch.push_back({from_s + at, {hover, 0, 0, 0.2}});
            batch.push_back({from_s + at + 0.04, {hover, 0, 0, 0}});
        }
        return std::optional(batch);
    });
    REQUIRE(soon([&] { return loop.snapshot().status == DrillRunner::Status::Finished; }));
    const FlightLog log = loop.take_result()->log;
    std::vector<double> on_s, off_s;
    for (std::size_t i = 1; i < log.size(); ++i) {
        if (log.stick_roll[i] > 0.1 && log.stick_roll[i - 1] < 0.1) on_s.push_back(log.t_s[i]);
        if (log.stick_roll[i] < 0.1 && log.stick_roll[i - 1] > 0.1) off_s.push_back(log.t_s[i]);
    }
    REQUIRE(on_s.size() == 2);
    REQUIRE(off_s.size() == 2);
    const double row_s = 0.004;
    for (std::size_t i = 0; i < 2; ++i) CHECK(off_s[i] - on_s[i] == Approx(0.04).margin(row_s + 1e-6));
    CHECK(on_s[1] - on_s[0] == Approx(0.1).margin(row_s + 1e-6));
}

TEST_CASE("a mode changed in the air is on the log, and a flight can be broken off where it is", "[device]")
{
    const DataFolder data(BH_DATA);
    const Drill drill = free_flight("pan");
    FlightSetup setup = *data.setup_for(drill, RateProfile{});
    setup.start.height_m = 30;
    FlightLoop loop(*Flight::create(setup), drill, still({hover_throttle(setup.airframe), 0, 0, 0}));
    REQUIRE(soon([&] { return loop.snapshot().time_s > 0.2; }));
    loop.set_mode(Mode::Hold);
    REQUIRE(soon([&] { return loop.snapshot().mode == Mode::Hold; }));
    const double at_s = loop.snapshot().time_s;
    REQUIRE(soon([&] { return loop.snapshot().time_s > at_s + 0.2; }));
    const FlownDrill flown = loop.break_off();
    REQUIRE(flown.log.size() > 20);
    CHECK(flown.log.mode.front() == Mode::Acro);
    CHECK(flown.log.mode.back() == Mode::Hold);
    CHECK(flown.score.criteria.empty());
    CHECK(flown.score.flown_s > 0.3);
}

TEST_CASE("two seconds at the bottom of the throttle after a landing stop the motors, where they are the pilot's", "[device]")
{
    const DataFolder data(BH_DATA);
    for (const bool pilots : {true, false}) {
        const Drill drill = pilots ? free_flight("pan") : *data.drill("ground-cushion");
        FlightSetup setup = *data.setup_for(drill, RateProfile{});
        setup.mode = Mode::Angle;
        DrivenFlight flight(*Flight::create(setup), drill);
        flight.begin();
        const auto fly = [&](double throttle, double seconds) {
            for (int i = 0; i < static_cast<int>(1000 * seconds); ++i) (void)flight.step({throttle, 0, 0, 0});
        };
        fly(0, 3); // it has not flown yet
        CHECK(flight.flight().armed());
        const double hover = hover_throttle(setup.airframe);
        fly(1.15 * hover, 1.0);
        CHECK(flight.flight().state().height_m() > 0.1);
        for (int i = 0; i < 3000 && !flight.flight().on_ground(); ++i) { // down at 0.8 m/s
            const double climb_mps = -flight.flight().state().velocity_mps.z();
            const double on_the_cushion = flight.flight().state().height_m() < 0.2 ? 0.8 : 1; // it floats there
            fly(on_the_cushion * hover * (1 + 0.2 * (-0.8 - climb_mps)), 0.01);
        }
        REQUIRE(flight.flight().on_ground());
        fly(0, 1.5);
        CHECK(flight.flight().armed());
        fly(0, 1.5);
        CHECK(flight.flight().armed() == !pilots);
    }
}
