// Each habit that can be planted in the stand-in pilot shows in the measure that is about it, and not without it.
#include "core/standin/stand_in_pilot.h"
#include "files/documents.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

const DataFolder data(BH_DATA);

FlownDrill flown(const char* id, const StandInFaults& faults, double skill = 0.9)
{
    const Drill drill = *data.drill(id);
    auto result = fly_drill(drill, *data.setup_for(drill, RateProfile{}), skill, 21, faults);
    REQUIRE(result);
    return std::move(*result);
}

double of(const FlownDrill& f, Measure what, const MeasureOptions& options = {})
{
    return measure(f.log, {0, f.log.size()}, what, options).value_or(-1);
}

double criterion(const FlownDrill& f, Measure what)
{
    for (const CriterionScore& c : f.score.criteria)
        if (c.criterion.measure == what) return c.value.value_or(-1);
    return -1;
}

} // namespace

TEST_CASE("rocking", "[core][habits]")
{
    MeasureOptions roll;
    roll.axis = StickAxis::Roll;
    CHECK(of(flown("hover-window", {}), Measure::RockingShare, roll) < 0.05);
    CHECK(of(flown("hover-window", {.rocking = true}), Measure::RockingShare, roll) > 0.5);
}

TEST_CASE("held push", "[core][habits]")
{
    CHECK(of(flown("straight-run", {}), Measure::HeldPushes) == 0);
    CHECK(of(flown("straight-run", {.held_push = true}), Measure::HeldPushes) >= 1);
}

TEST_CASE("yaw-only turns", "[core][habits]")
{
    const double both = of(flown("oval-pair", {}), Measure::YawShare), alone = of(flown("oval-pair", {.yaw_only = true}), Measure::YawShare);
    CHECK(both < 0.75);
    CHECK(alone > both + 0.1);
}

TEST_CASE("ballooning", "[core][habits]")
{
    CHECK(criterion(flown("run-stop", {}), Measure::BalloonM) < 1);
    CHECK(criterion(flown("run-stop", {.ballooning = true}), Measure::BalloonM) > 1.5);
}

TEST_CASE("no throttle cut", "[core][habits]")
{
    const FlownDrill good = flown("arm-safe", {}), bad = flown("arm-safe", {.no_throttle_cut = true});
    CHECK(criterion(good, Measure::ThrottleCutS) < 1);
    CHECK(criterion(bad, Measure::ThrottleCutS) > 3);
    CHECK_FALSE(bad.score.passed);
}

TEST_CASE("one-sided", "[core][habits]")
{
    const FlownDrill even = flown("roll-pair", {}), lame = flown("roll-pair", {.one_sided = true});
    REQUIRE(even.score.left_minus_right);
    REQUIRE(lame.score.left_minus_right);
    CHECK(std::abs(*even.score.left_minus_right) < 15);
    CHECK(*lame.score.left_minus_right < *even.score.left_minus_right - 10);
}

TEST_CASE("a habit that there is not is told", "[core][habits]")
{
    CHECK(stand_in_faults({"rocking", "one-sided"})->one_sided);
    CHECK(stand_in_faults({"whistling"}).error().message.find("found 'whistling'") != std::string::npos);
}
