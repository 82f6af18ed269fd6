#include "core/base/stats.h"
#include "device/stick_input.h"
#include "virtual_joystick.h"

#include <catch2/catch.hpp>
#include <chrono>
#include <functional>
#include <thread>

using namespace bh;

namespace {

bool soon(const std::function<bool()>& condition, int ms = 3000)
{
    for (int waited = 0; waited < ms && !condition(); waited += 5) std::this_thread::sleep_for(std::chrono::milliseconds(5));
    return condition();
}

/// Between the samples of 0.6 s.
std::vector<double> gaps_s(ControllerHub& hub)
{
    (void)hub.drain();
    std::this_thread::sleep_for(std::chrono::milliseconds(600));
    std::vector<double> gaps;
    const auto samples = hub.drain();
    for (std::size_t i = 1; i < samples.size(); ++i) gaps.push_back(samples[i].t_s - samples[i - 1].t_s);
    return gaps;
}

} // namespace

TEST_CASE("a controller is seen when it comes, read while it is there, and missed when it goes", "[device]")
{
    ControllerHub hub;
    REQUIRE(soon([&] { return hub.trouble().empty(); }));
    const auto before = hub.changes();
    VirtualJoystick stick;
    REQUIRE(soon([&] { return hub.devices().size() == 1 && hub.changes() > before; }));
    CHECK(hub.devices()[0].axes == 6);
    hub.choose(hub.devices()[0].instance);
    stick.set(2, 12345);
    stick.set(0, -32768);
    CHECK(soon([&] {
        const auto now = hub.latest();
        return now && now->counts[2] == 12345 && now->counts[0] == -32768;
    }));
    CHECK(hub.devices()[0].buttons == 8);
    stick.press(3, true);
    CHECK(soon([&] {
        const auto now = hub.latest();
        return now && now->buttons == std::vector<std::uint8_t>{0, 0, 0, 1, 0, 0, 0, 0};
    }));
    stick.unplug();
    CHECK(soon([&] { return hub.devices().empty() && !hub.latest(); }));
}

TEST_CASE("samples come at 250 Hz or faster", "[device]")
{
    ControllerHub hub;
    VirtualJoystick stick;
    REQUIRE(soon([&] { return !hub.devices().empty(); }));
    hub.choose(hub.devices()[0].instance);
    REQUIRE(soon([&] { return hub.latest().has_value(); }));
    const auto gaps = gaps_s(hub);
    for (const double gap : gaps) CHECK(gap > 0);
    REQUIRE(gaps.size() > 50);
    CHECK(median(gaps) <= 0.004); // the median: a busy machine may delay single samples
}

TEST_CASE("a controller is looked at as often as is asked for", "[device]")
{
    ControllerHub hub;
    VirtualJoystick stick;
    REQUIRE(soon([&] { return !hub.devices().empty(); }));
    hub.choose(hub.devices()[0].instance);
    REQUIRE(soon([&] { return hub.latest().has_value(); }));
    const auto median_gap_s = [&](int rate_hz) {
        hub.set_rate(rate_hz);
        std::this_thread::sleep_for(std::chrono::milliseconds(50));
        const auto gaps = gaps_s(hub);
        REQUIRE(gaps.size() > 20);
        return median(gaps);
    };
    CHECK(median_gap_s(100) == Approx(0.010).epsilon(0.2));
    CHECK(median_gap_s(1000) < 0.003);
    CHECK(median_gap_s(1) == Approx(0.010).epsilon(0.2)); // no less than 100 a second
}

TEST_CASE("plugging and unplugging at random while it is read does no harm", "[device]")
{
    ControllerHub hub;
    StickInput input(hub);
    input.calibrate_with(std::make_shared<const Calibration>(SimulatedController::factory_calibration()));
    for (int round = 0; round < 25; ++round) {
        VirtualJoystick stick(round % 7); // also without any axis
        if (round % 2) soon([&] { return !hub.devices().empty(); }, 200);
        for (const DeviceInfo& d : hub.devices()) hub.choose(d.instance);
        for (int i = 0; i < 10; ++i) {
            stick.set(0, i * 1000);
            (void)input.sticks();
            (void)hub.drain();
        }
        if (round % 3 == 0) stick.unplug();
    }
    CHECK(soon([&] { return hub.devices().empty(); }));
}

TEST_CASE("the simulated controller is calibrated and read like a real one", "[device]")
{
    ControllerHub hub;
    StickInput input(hub);
    CHECK(input.simulated());
    CHECK(input.calibrated());
    input.simulated_controller().set(Function::Throttle, 0.75);
    input.simulated_controller().set(Function::Roll, -0.5);
    CHECK(input.sticks().throttle == Approx(0.75).margin(1e-3));
    CHECK(input.sticks().roll == Approx(-0.5).margin(1e-3));
    input.choose(12345); // a device that is not there
    CHECK_FALSE(input.present());
    CHECK_FALSE(input.calibrated());
    CHECK(input.sticks().throttle == 0);
}
