// The controller's own buttons, switches and springs. House limits unless a source is named.
#include "core/controller/down_and_in.h"
#include "core/controller/switches.h"
#include "files/documents/calibration_document.h"
#include "files/tables/recording_csv.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>

using namespace bh;

namespace {

/// Moves a device that has six axes (0 to 3 carry sticks) and four buttons.
struct Hand {
    SwitchReading at{{0, 0, 0, 0, -30000, -30000}, {0, 0, 0, 0}};
    double t_s = 0;
    SwitchWatch watch;
    explicit Hand(SwitchUse use) : watch(use, {0, 1, 2, 3}) { wait(0.1); }
    bool wait(double seconds)
    {
        bool learned = false;
        for (const double until = t_s + seconds; t_s < until; t_s += 0.01) learned = watch.look(t_s, at) || learned;
        return learned;
    }
    bool axis(std::size_t which, int counts, double seconds)
    {
        at.axes_counts[which] = counts;
        return wait(seconds);
    }
    bool button(std::size_t which, bool down, double seconds)
    {
        at.buttons[which] = down;
        return wait(seconds);
    }
};

} // namespace

TEST_CASE("a button that is pressed and let go is learned, one that stays is a switch", "[core][switches]")
{
    Hand quick(SwitchUse::Panic);
    CHECK_FALSE(quick.button(2, true, 0.2));
    REQUIRE(quick.button(2, false, 1));
    CHECK(quick.watch.learned()->source == SwitchSource{SwitchSource::Kind::Button, 2});
    CHECK(quick.watch.learned()->springs_back);
    CHECK(quick.watch.learned()->source.words() == "button 3"); // people count from 1
    Hand slow(SwitchUse::Arm);
    slow.button(1, true, 1.2);
    REQUIRE(slow.button(1, false, 1));
    CHECK_FALSE(slow.watch.learned()->springs_back);
    CHECK(slow.watch.learned()->positions_counts == std::vector<int>{0, 1});
}

TEST_CASE("a switch of three places on a spare axis is learned in the order of its travel; sticks are left out",
          "[core][switches]")
{
    Hand hand(SwitchUse::Mode);
    hand.axis(0, 20000, 0.5); // a stick moves and comes back: no switch
    CHECK_FALSE(hand.axis(0, 0, 1));
    hand.axis(5, 200, 0.5);
    hand.axis(5, 29800, 0.5);
    hand.axis(5, 150, 0.1); // passes by the middle
    REQUIRE(hand.axis(5, -30000, 1));
    const SwitchCalibration found = *hand.watch.learned();
    CHECK(found.source == SwitchSource{SwitchSource::Kind::Axis, 5});
    REQUIRE(found.positions_counts.size() == 3);
    CHECK(found.positions_counts.front() == -30000);
    CHECK(found.positions_counts.back() == 29800);
    CHECK(found.modes == std::vector<Mode>{Mode::Acro, Mode::Angle, Mode::Hold});
    hand.at.axes_counts[5] = 900;
    CHECK(position_of(found, hand.at) == 1);
    CHECK_FALSE(position_of(found, {{0, 0}, {}})); // a device without that axis
}

TEST_CASE("the board tells what moved, and only that", "[core][switches]")
{
    const SwitchCalibration arm{SwitchUse::Arm, {SwitchSource::Kind::Button, 0}, {0, 1}, false, {}};
    const SwitchCalibration mode{
        SwitchUse::Mode, {SwitchSource::Kind::Axis, 4}, {-30000, 30000}, false, {Mode::Acro, Mode::Hold}};
    SwitchBoard board({arm, mode});
    SwitchReading at{{0, 0, 0, 0, 30000}, {1}};
    auto moved = board.look(at);
    REQUIRE(moved.size() == 1); // an arm switch that is on when the device comes starts nothing
    CHECK(moved[0].mode == Mode::Hold);
    CHECK(board.look(at).empty());
    at.buttons[0] = 0;
    moved = board.look(at);
    REQUIRE(moved.size() == 1);
    CHECK(moved[0].use == SwitchUse::Arm);
    CHECK_FALSE(moved[0].on);
    CHECK(problem_of({arm, mode}).empty());
    CHECK(problem_of({arm, {SwitchUse::Panic, arm.source, {0, 1}, true, {}}}) == "arm and panic are both on button 1");
}

TEST_CASE("switches are checked one by one, through every place and back", "[core][switches]")
{
    SwitchChecks checks({{SwitchUse::Mode, {SwitchSource::Kind::Axis, 0}, {-300, 0, 300}, false, usual_modes(3)},
                         {SwitchUse::Panic, {SwitchSource::Kind::Button, 0}, {0, 1}, true, {}}});
    const auto look = [&](int axis, std::uint8_t button) { checks.look({{axis}, {button}}); };
    look(-300, 0), look(300, 0), look(-300, 0);
    CHECK(checks.current() == 0); // the middle was never seen
    look(0, 0), look(-300, 0);
    CHECK(checks.current() == 1);
    look(-300, 1);
    CHECK_FALSE(checks.passed());
    look(-300, 0);
    CHECK(checks.passed());
}

TEST_CASE("both sticks down and in are told once, in every stick mode", "[core][switches]")
{
    for (const int number : {1, 2, 3, 4}) {
        const StickMode mode = stick_mode(number);
        Sticks down;
        const auto put = [&](Function f, double place) {
            (f == Function::Throttle ? down.throttle
             : f == Function::Yaw    ? down.yaw
             : f == Function::Pitch  ? down.pitch
                                     : down.roll) = f == Function::Throttle ? (place + 1) / 2 : place;
        };
        put(mode.left_up, -1), put(mode.left_across, 1), put(mode.right_up, -1), put(mode.right_across, -1);
        SticksDownAndIn watch;
        int told = 0;
        for (double t_s = 0; t_s < 2; t_s += 0.02) told += watch.look(t_s, down, mode);
        CHECK(told == 1);
        CHECK_FALSE(watch.look(3, {}, mode));
        Sticks out = down;
        put(mode.left_across, -1);
        std::swap(out, down);
        for (double t_s = 4; t_s < 6; t_s += 0.02) CHECK_FALSE(watch.look(t_s, out, mode)); // down and out
    }
}

TEST_CASE("springs are measured side against side", "[core][switches]")
{
    // A stick that falls back as exp(-t/tau) is at 90 % of its way at -tau ln 0.9 and within 10 % at -tau ln 0.1: tau ln 9 apart.
    const auto recording = [](double tau_high_s, double tau_low_s) {
        ControllerRecording r;
        double t_s = 0;
        const auto add = [&](Prompt prompt, std::array<double, 4> at) {
            std::vector<int> counts;
            for (const double u : at) counts.push_back(static_cast<int>(std::lround(30000 * u)));
            r.append(t_s, counts, prompt);
            t_s += 0.002;
        };
        for (int i = 0; i < 1000; ++i) add(Prompt::Rest, {-1, 0.0001 * (i % 2), 0.0001 * (i % 3), 0});
        for (std::size_t f = 0; f < 4; ++f)
            for (const double side : {1.0, -1.0}) {
                const auto prompt = static_cast<Prompt>(1 + 2 * f + (side < 0 ? 1 : 0));
                for (int i = 0; i < 1000; ++i) {
                    const double t = i * 0.002, tau = side > 0 ? tau_high_s : tau_low_s;
                    double u = side * std::min(1.0, t / 0.3);
                    if (f > 0 && t > 1) u = side * std::exp(-(t - 1) / tau);
                    std::array<double, 4> at{-1, 0, 0, 0};
                    at[f] = u;
                    add(prompt, at);
                }
            }
        for (int i = 0; i < 500; ++i) {
            const double a = 2 * std::numbers::pi * i / 250;
            add(Prompt::Circles, {std::sin(a), std::cos(a), std::sin(a), std::cos(a)});
        }
        return r;
    };
    const auto even = calibrate(recording(0.04, 0.04));
    REQUIRE(even);
    const FunctionCalibration& roll = even->of(Function::Roll);
    REQUIRE(roll.spring_after_high);
    CHECK(roll.spring_after_high->time_s == Approx(0.04 * std::log(9.0)).margin(0.006));
    CHECK(roll.spring_after_low->overshoot < 0.01);
    CHECK(spring_in_words(roll, Function::Roll).empty());
    CHECK(roll.verdict == even->of(Function::Pitch).verdict); // no fault by itself
    CHECK(spring_in_words(calibrate(recording(0.12, 0.12))->of(Function::Roll), Function::Roll) == "slack");
    CHECK(spring_in_words(calibrate(recording(0.01, 0.01))->of(Function::Pitch), Function::Pitch) == "stiff");
    CHECK(spring_in_words(calibrate(recording(0.07, 0.03))->of(Function::Yaw), Function::Yaw) ==
          "the spring towards left is weaker");                  // slow from the right
    CHECK_FALSE(even->of(Function::Throttle).spring_after_high); // has none

    Calibration kept = *even;
    kept.switches = {{SwitchUse::Mode, {SwitchSource::Kind::Axis, 4}, {-30000, 0, 30000}, false, usual_modes(3)}};
    const auto again = parse_calibration(calibration_json(kept).dump(), "kept");
    REQUIRE(again);
    CHECK(again->switches == kept.switches);
    CHECK(again->of(Function::Roll).spring_after_high->time_s == Approx(roll.spring_after_high->time_s));
    auto two = calibration_json(kept);
    two["switches"].push_back(two["switches"][0]);
    two["switches"][1]["use"] = "arm";
    CHECK(parse_calibration(two.dump(), "two").error().english.find("both on axis 5") != std::string::npos);
}
