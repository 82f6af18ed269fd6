#include "core/base/random.h"
#include "core/controller/calibration.h"
#include "core/standin/stand_in_controller.h"
#include "files/tables/recording_csv.h"
#include "reference.h"

#include <algorithm>
#include <catch2/catch.hpp>

using namespace bh;

namespace {

/// The recording without one prompt's samples.
ControllerRecording without(const ControllerRecording& recording, Prompt left_out)
{
    ControllerRecording out;
    for (std::size_t i = 0; i < recording.samples(); ++i) {
        if (recording.prompts[i] == left_out) continue;
        std::vector<int> counts;
        for (const auto& axis : recording.axes_counts) counts.push_back(axis[i]);
        out.append(recording.t_s[i], counts, recording.prompts[i]);
    }
    return out;
}

} // namespace

TEST_CASE("calibration finds the truth behind the reference recordings", "[core][controller]")
{
    const std::pair<const char*, double FunctionCalibration::*> numbers[] = {
        {"counts_at_minus_one", &FunctionCalibration::low_counts},
        {"counts_at_plus_one", &FunctionCalibration::high_counts},
        {"rest_sd", &FunctionCalibration::jitter_counts},
        {"centre_counts", &FunctionCalibration::centre_counts},
        {"rest_after_plus_counts", &FunctionCalibration::rest_after_high_counts},
        {"rest_after_minus_counts", &FunctionCalibration::rest_after_low_counts},
        {"hysteresis_counts", &FunctionCalibration::hysteresis_counts}};
    int files = 0;
    for (const auto& row : referenceRows("controllers.json")) {
        const std::string file = row.at("inputs").at("file");
        CAPTURE(file);
        const auto recording = load_recording_csv(std::string(BH_REFERENCE) + "/" + file);
        REQUIRE(recording);
        const auto calibration = calibrate(*recording);
        REQUIRE(calibration);
        CHECK(calibration->problems.empty());
        const auto& expected = row.at("expected");
        for (Function function : all_functions) {
            CAPTURE(function_key(function));
            const auto& truth = expected.at(function_key(function));
            const FunctionCalibration& found = calibration->of(function);
            CHECK(found.axis == truth.at("axis").at("value").get<int>());
            CHECK(found.inverted == truth.at("inverted").at("value").get<bool>());
            CHECK(found.sprung == truth.at("spring_centred").at("value").get<bool>());
            for (const auto& [name, member] : numbers) {
                CAPTURE(name, found.*member);
                if (truth.contains(name)) CHECK(meets(truth.at(name), found.*member));
            }
        }
        CHECK(calibration->step_counts == expected.at("step_counts").at("value").get<int>());
        CHECK(calibration->unused_axes == expected.at("unused_axes").at("value").get<std::vector<int>>());
        for (const CrossTalk& c : calibration->cross_talk) {
            const std::string key =
                "crosstalk " + std::string(function_key(c.first)) + "->" + std::string(function_key(c.second));
            CAPTURE(key, c.share);
            CHECK(meets(expected.at(key), c.share));
        }
        CHECK(calibration->cross_talk.size() == 4);
        ++files;
    }
    CHECK(files == 4);
}

TEST_CASE("the checklist keeps step with the reference recordings by what the sticks do alone", "[core][controller]")
{
    for (const auto& row : referenceRows("controllers.json")) {
        const std::string file = row.at("inputs").at("file");
        CAPTURE(file);
        const auto played = load_recording_csv(std::string(BH_REFERENCE) + "/" + file);
        REQUIRE(played);
        ControllerRecording seen;
        std::vector<int> rest;
        std::size_t prompt = 0;
        PromptWatch watch(Prompt::Rest, rest);
        for (std::size_t i = 0; i < played->samples() && prompt < prompt_count; ++i) {
            std::vector<int> counts;
            for (const auto& axis : played->axes_counts) counts.push_back(axis[i]);
            seen.append(played->t_s[i], counts, static_cast<Prompt>(prompt));
            if (!watch.add(played->t_s[i], counts)) continue;
            CAPTURE(prompt, played->t_s[i]);
            CHECK(std::abs(static_cast<int>(played->prompts[i]) - static_cast<int>(prompt)) <= 1); // never left behind
            if (prompt == 0) rest = counts;
            if (++prompt == prompt_count) break;
            watch = PromptWatch(static_cast<Prompt>(prompt), rest);
            (void)watch.add(played->t_s[i], counts);
        }
        CHECK(prompt == prompt_count);
        const auto calibration = calibrate(seen);
        REQUIRE(calibration);
        CHECK(calibration->problems.empty());
        for (Function function : all_functions) {
            CAPTURE(function_key(function));
            const auto& truth = row.at("expected").at(function_key(function));
            const FunctionCalibration& found = calibration->of(function);
            CHECK(found.axis == truth.at("axis").at("value").get<int>());
            CHECK(found.inverted == truth.at("inverted").at("value").get<bool>());
            CHECK(found.sprung == truth.at("spring_centred").at("value").get<bool>());
            CHECK(meets(truth.at("counts_at_minus_one"), found.low_counts));
            CHECK(meets(truth.at("counts_at_plus_one"), found.high_counts));
            CHECK(meets(truth.at("rest_sd"), found.jitter_counts));
        }
    }
}

TEST_CASE("calibration follows any wiring of a controller", "[core][controller]")
{
    // Held-out wirings: every seed another order, inversion, range and noise.
    const int seed = GENERATE(range(0, 24));
    SeededRandom random(static_cast<std::uint64_t>(seed));
    StandInController controller;
    std::array<int, 6> order{0, 1, 2, 3, 4, 5};
    for (std::size_t i = 5; i > 0; --i)
        std::swap(order[i], order[static_cast<std::size_t>(random.uniform() * static_cast<double>(i + 1))]);
    for (std::size_t f = 0; f < 4; ++f) {
        controller.axes[f] = order[f];
        controller.inverted[f] = random.uniform() < 0.5;
    }
    controller.throttle_sprung = random.uniform() < 0.5;
    const bool wide = random.uniform() < 0.5;
    controller.low_counts = wide ? -32768 : 0;
    controller.high_counts = wide ? 32767 : 1023;
    controller.jitter_share = 0.003 * random.uniform();
    const auto calibration = calibrate(stand_in_recording(controller, static_cast<std::uint64_t>(seed)));
    REQUIRE(calibration);
    REQUIRE(calibration->usable());
    for (std::size_t f = 0; f < 4; ++f) {
        CAPTURE(f);
        CHECK(calibration->functions[f].axis == controller.axes[f]);
        CHECK(calibration->functions[f].inverted == controller.inverted[f]);
        CHECK(calibration->functions[f].travel_share == Approx(controller.travel_share).margin(0.03));
    }
    CHECK(calibration->of(Function::Throttle).sprung == controller.throttle_sprung);
}

TEST_CASE("a faulty recording gives a problem, never a guess", "[core][controller]")
{
    const ControllerRecording good = stand_in_recording({}, 5);
    SECTION("a prompt is missing")
    {
        const auto calibration = calibrate(without(good, Prompt::YawLeft));
        REQUIRE(calibration);
        REQUIRE_FALSE(calibration->usable());
        CHECK(calibration->problems.front().english().find("yaw_left") != std::string::npos);
        CHECK(calibration->of(Function::Yaw).axis == -1);
    }
    SECTION("the rest prompt is missing")
    {
        const auto calibration = calibrate(without(good, Prompt::Rest));
        REQUIRE_FALSE(calibration);
        CHECK(calibration.error().english.find("rest") != std::string::npos);
    }
    SECTION("an axis is dead")
    {
        ControllerRecording dead = good;
        std::fill(dead.axes_counts[1].begin(), dead.axes_counts[1].end(), 2047); // pitch of the stand-in
        const auto calibration = calibrate(dead);
        REQUIRE(calibration);
        REQUIRE_FALSE(calibration->usable());
        CHECK(calibration->problems.front().english().find("pitch: no axis moved") != std::string::npos);
    }
    SECTION("two functions on one axis")
    {
        StandInController doubled;
        doubled.axes = {2, 3, 1, 1};
        const auto calibration = calibrate(stand_in_recording(doubled, 6));
        REQUIRE(calibration);
        CHECK_FALSE(calibration->usable());
    }
    SECTION("nothing at all") { CHECK_FALSE(calibrate({})); }
}

TEST_CASE("calibrated sticks reach both ends, rest at zero and come back as counts", "[core][controller]")
{
    StandInController controller;
    controller.inverted = {true, false, true, false};
    const auto calibration = calibrate(stand_in_recording(controller, 9));
    REQUIRE(calibration);
    const Sticks wanted{0.25, -0.5, 1.0, 0.75};
    const auto counts = to_counts(*calibration, wanted, 6);
    const Sticks got = to_sticks(*calibration, counts);
    const double band = calibration->of(Function::Yaw).dead_band;
    CHECK(got.throttle == Approx(0.25).margin(0.001));
    CHECK(got.yaw == Approx(-(0.5 - band) / (1 - band)).margin(0.002)); // by hand: dead band taken off, rest stretched
    CHECK(got.pitch == 1);
    const Sticks rest = to_sticks(*calibration, to_counts(*calibration, {}, 6));
    CHECK(rest.throttle == Approx(0).margin(1e-3));
    CHECK(rest.roll == 0);
    CHECK(to_sticks(*calibration, {}).roll == 0); // a device without axes
}

TEST_CASE("the prompt watch ticks what was seen and waits for what was not", "[core][controller]")
{
    auto hold = [t = 0.0](PromptWatch& watch, std::vector<int> counts, double seconds) mutable {
        bool seen = false;
        for (const double end = t + seconds; t < end; t += 0.004) seen = watch.add(t, counts) || seen;
        return seen;
    };
    const std::vector<int> rest{0, 2000, 2000, 2000};
    PromptWatch quiet(Prompt::Rest, {});
    CHECK_FALSE(hold(quiet, rest, 1.5));
    CHECK(hold(quiet, rest, 0.7));
    SECTION("a sprung stick counts when it has come back")
    {
        PromptWatch yaw(Prompt::YawRight, rest);
        CHECK_FALSE(hold(yaw, rest, 3));
        CHECK_FALSE(hold(yaw, {0, 4000, 2000, 2000}, 3)); // still held at the stop
        CHECK(hold(yaw, rest, 0.8));
    }
    SECTION("a throttle that stays counts where it was put")
    {
        PromptWatch up(Prompt::ThrottleUp, rest);
        CHECK_FALSE(hold(up, {4000, 2000, 2000, 2000}, 0.01)); // the first sample is where it starts from
        PromptWatch again(Prompt::ThrottleUp, rest);
        CHECK_FALSE(hold(again, rest, 0.2));
        CHECK(hold(again, {4000, 2000, 2000, 2000}, 2));
    }
    SECTION("a throttle left in the middle at rest and standing at the bottom now does not hold the others up")
    {
        const std::vector<int> now{0, 2000, 2000, 2000};
        PromptWatch yaw(Prompt::YawRight, {2100, 2000, 2000, 2000});
        CHECK_FALSE(hold(yaw, now, 0.1));
        CHECK_FALSE(hold(yaw, {0, 4000, 2000, 2000}, 3));
        CHECK(hold(yaw, now, 0.8));
    }
    SECTION("circles count when two axes have been to both sides and stand still again")
    {
        PromptWatch circles(Prompt::Circles, rest);
        for (double angle = 0; angle < 6.3; angle += 0.05)
            CHECK_FALSE(
                hold(circles,
                     {0, 2000, 2000 + static_cast<int>(1900 * std::sin(angle)), 2000 + static_cast<int>(1900 * std::cos(angle))},
                     0.02));
        CHECK(circles.progress() == 1);
        CHECK(hold(circles, rest, 0.7));
        PromptWatch line(Prompt::Circles, rest); // one axis to and fro is no circle
        for (double angle = 0; angle < 6.3; angle += 0.05)
            CHECK_FALSE(hold(line, {0, 2000, 2000, 2000 + static_cast<int>(1900 * std::sin(angle))}, 0.02));
        CHECK_FALSE(hold(line, rest, 2));
        CHECK(line.progress() == 0.5);
    }
    SECTION("a switch that is thrown meanwhile does not hold the sticks up, and a held stick is still no returned one")
    {
        PromptWatch yaw(Prompt::YawRight, rest);
        CHECK_FALSE(hold(yaw, rest, 0.1));
        CHECK_FALSE(hold(yaw, {0, 2000, 2000, 4000}, 3)); // only something that stays away: not seen to come back
        CHECK_FALSE(hold(yaw, {0, 4000, 2000, 4000}, 0.6));
        CHECK(hold(yaw, {0, 2000, 2000, 4000}, 0.6));
    }
    SECTION("a switch thrown by mistake and thrown back, small twitches and a drifting stick do not tick a push")
    {
        PromptWatch yaw(Prompt::YawRight, rest);
        for (int i = 0; i < 40; ++i) CHECK_FALSE(hold(yaw, {0, 2000 + (i % 3) * 100, 2000, 2000}, 0.1));
        CHECK(yaw.progress() < 0.6);
    }
}

TEST_CASE("a slow or coarse device and an uneven stick are named with what to do", "[core][controller]")
{
    const auto about = [](StandInController controller) {
        const auto calibration = calibrate(stand_in_recording(controller, 5));
        REQUIRE(calibration);
        return *calibration;
    };
    StandInController clean;
    const Calibration good = about(clean);
    REQUIRE(good.usable());
    CHECK(good.of(Function::Roll).verdict == Verdict::Good);
    CHECK(good.of(Function::Roll).effective_bits == Approx(std::log2(0.92 * 4095)).margin(0.1));
    CHECK(good.of(Function::Roll).asymmetry == Approx(1).margin(0.02));
    CHECK(good.interval_p95_ms == Approx(4).margin(0.1));

    StandInController slow = clean;
    slow.rate_hz = 30;
    const Calibration late = about(slow);
    CHECK(late.usable());
    CHECK(late.interval_ms == Approx(33.3).margin(0.5));
    CHECK(late.of(Function::Pitch).verdict == Verdict::Service);
    CHECK(late.of(Function::Pitch).reason.english().find("every 33 ms") != std::string::npos);

    StandInController coarse = clean;
    coarse.high_counts = 255;
    coarse.jitter_share = 0;
    coarse.hysteresis_share = 0;
    coarse.centre_offset_share = 0;
    const Calibration steps = about(coarse);
    CHECK(steps.usable());
    CHECK(steps.step_counts == 1);
    CHECK(steps.of(Function::Yaw).verdict == Verdict::Usable);
    CHECK(steps.of(Function::Yaw).reason.english().find("steps: look for a finer USB mode") != std::string::npos);

    StandInController uneven = clean;
    uneven.centre_offset_share = 0.05;
    const Calibration off = about(uneven);
    CHECK(off.of(Function::Roll).verdict == Verdict::Service);
    CHECK(std::abs(off.of(Function::Roll).asymmetry - 1) > 0.05);
}
