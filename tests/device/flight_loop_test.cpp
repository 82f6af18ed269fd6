#include "device/flight_loop.h"
#include "files/documents.h"

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
    FlightLoop loop(b.flight, b.drill, [] { return Sticks{}; }, FlightLoop::StandIn{0.95, 3});
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
    FlightLoop loop(b.flight, b.drill, [&] { return Sticks{throttle, 0, 0, 0}; });
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
    CHECK(loop.take_result()->score.summary.find("panic switch") != std::string::npos);
}

TEST_CASE("real time is real time, whoever looks and however slowly", "[device]")
{
    // Not a speed test: flight time must keep up with the clock even when snapshots are taken rarely.
    Bench b;
    FlightLoop loop(b.flight, b.drill, [] { return Sticks{}; }, FlightLoop::StandIn{0.95, 4});
    REQUIRE(soon([&] { return loop.snapshot().time_s > 0; }));
    const auto from = std::chrono::steady_clock::now();
    const double flown_from = loop.snapshot().time_s;
    std::this_thread::sleep_for(std::chrono::milliseconds(1500)); // a frame that takes for ever
    const auto now = loop.snapshot();
    const double passed_s = std::chrono::duration<double>(std::chrono::steady_clock::now() - from).count();
    CHECK(now.time_s - flown_from + now.skipped_s == Approx(passed_s).margin(0.1));
}
