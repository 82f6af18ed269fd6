// Each habit that can be planted in the stand-in pilot shows in the measure that is about it, and not without it.
#include "core/path/rocking.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>

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
    const double both = of(flown("oval-pair", {}), Measure::YawShare),
                 alone = of(flown("oval-pair", {.yaw_only = true}), Measure::YawShare);
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
    for (const StandInHabit& habit : stand_in_habits()) {
        const auto faults = stand_in_faults({std::string(habit.name)});
        REQUIRE(faults);
        CHECK((*faults).*habit.planted);
    }
    CHECK(stand_in_faults({"whistling"}).error().english.find("found 'whistling'") != std::string::npos);
}

TEST_CASE("a habit that was planted is told by name when the drill is over, with advice and times", "[core][habits][slow]")
{
    const auto labels = [](const FlownDrill& f) {
        std::vector<std::string> found;
        for (const FaultFound& fault : f.score.faults) found.push_back(fault.fault.label);
        return found;
    };
    const auto has = [&](const FlownDrill& f, const char* label) {
        const auto found = labels(f);
        return std::find(found.begin(), found.end(), label) != found.end();
    };
    struct Case {
        const char *drill, *label;
        StandInFaults faults;
    };
    const Case cases[]{{"hover-window", "Rocking", {.rocking = true}},
                       {"straight-run", "Push held", {.held_push = true}},
                       {"oval-pair", "Turning with the nose alone", {.yaw_only = true}},
                       {"run-stop", "Ballooning", {.ballooning = true}},
                       {"roll-pair", "One side weaker", {.one_sided = true}}};
    for (const Case& c : cases) {
        INFO(c.drill << ": " << c.label);
        CHECK_FALSE(has(flown(c.drill, {}), c.label));
        const FlownDrill with = flown(c.drill, c.faults);
        REQUIRE(has(with, c.label));
        for (std::size_t i = 1; i < with.score.faults.size(); ++i) { // the farthest over its limit comes first
            const FaultFound &one = with.score.faults[i - 1], &next = with.score.faults[i];
            CHECK(one.value / one.fault.more_than >= next.value / next.fault.more_than);
        }
        const FaultFound& first = with.score.faults.front();
        CHECK(first.value > first.fault.more_than);
        CHECK(summary_of(with.score).english().find(first.fault.label.substr(1)) != std::string::npos);
    }
}

TEST_CASE("a fault's time span is that of the phase it showed itself in", "[core][habits]")
{
    const FlownDrill f = flown("hover-window", {.rocking = true});
    const auto rocking = std::find_if(f.score.faults.begin(), f.score.faults.end(),
                                      [](const FaultFound& fault) { return fault.fault.label == "Rocking"; });
    REQUIRE(rocking != f.score.faults.end());
    REQUIRE(rocking->span);
    CHECK(rocking->span->to_s == Approx(f.log.t_s.back()).margin(0.1)); // the hold is the last phase, 30 s of it
    CHECK(rocking->span->to_s - rocking->span->from_s == Approx(30).margin(0.1));
    // The same from the measure itself.
    const RowSpan rows = rows_between(f.log, rocking->span->from_s, rocking->span->to_s + 0.005);
    CHECK(rocking->value == Approx(rocking_share(f.log, rows, std::nullopt)).margin(1e-9));
}

TEST_CASE("faults are looked for when the drill is over, not while it is flown", "[core][habits]")
{
    const FlownDrill f = flown("hover-window", {.rocking = true});
    FlightLog half;
    for (std::size_t i = 0; i < f.log.size() / 2; ++i) half.append(f.log.sample(i));
    DrillRunner runner(*data.drill("hover-window"));
    runner.follow(half);
    REQUIRE_FALSE(runner.over());
    CHECK(score(runner, half).faults.empty());
    CHECK_FALSE(score_log(*data.drill("hover-window"), f.log)->faults.empty());
}

TEST_CASE("what a rocking stick does as well is told as rocking alone", "[core][habits]")
{
    // The stick that rocks turns round often, and stands beside the middle; of another stick it says nothing.
    const auto measures = [](const FlownDrill& f) {
        std::vector<Measure> found;
        for (const FaultFound& fault : f.score.faults) found.push_back(fault.fault.measure);
        return found;
    };
    CHECK(measures(flown("pitch-alone", {.rocking = true})) == std::vector{Measure::RockingShare});
    CHECK(measures(flown("corner-box", {.rocking = true})) == std::vector{Measure::RockingShare});
    Drill reach = *data.drill("side-reach");
    for (Fault& fault : reach.faults)
        if (fault.measure == Measure::ReversalRateHz) fault.more_than = 0; // the throttle's, which does not rock
    const auto rocks = fly_drill(reach, *data.setup_for(reach, RateProfile{}), 0.6, 21, {.rocking = true});
    REQUIRE(rocks);
    const auto found = measures(*rocks);
    CHECK(std::find(found.begin(), found.end(), Measure::ReversalRateHz) != found.end());
}

TEST_CASE("a drill is passed and not held: by a criterion that only holding asks for, and by rocking", "[core][habits]")
{
    const Drill hover = *data.drill("hover-window");
    std::vector<CriterionScore> seen;
    for (const Criterion& c : hover.criteria) seen.push_back({c, c.merit, 0, std::nullopt});
    REQUIRE(hover.criteria[1].to_hold);
    CHECK(totalled(hover, seen, {}, true, true).holds);
    seen[1].value = 0.3; // of the time within ±2.5 m
    const Score passed = totalled(hover, seen, {}, true, true);
    CHECK(passed.passed);
    CHECK_FALSE(passed.holds);
    CHECK(summary_of(passed).english().find("Passed, but not to hold it: height within ±2.5 m 30 % where 50 % holds") == 0);
    seen[0].value = 0.5; // within ±10 m
    CHECK_FALSE(totalled(hover, seen, {}, true, true).passed);

    const FlownDrill steady = flown("hover-window", {});
    CHECK(steady.score.holds);
    CHECK(*steady.score.rocking_share < 0.05);
    FlightLog log = steady.log; // the same flight, with a roll stick and a roll that swing for its last third
    for (std::size_t i = 0; i < log.size(); ++i) {
        const double phase = 2 * std::numbers::pi * 1.5 * log.t_s[i];
        if (log.t_s[i] > 0.65 * log.t_s.back()) log.stick_roll[i] = 0.4 * std::sin(phase), log.p_dps[i] = 60 * std::sin(phase);
    }
    const Score rocks = *score_log(*data.drill("hover-window"), log);
    CHECK(rocks.passed);
    CHECK_FALSE(rocks.holds);
    CHECK(*rocks.rocking_share > most_rocking_to_hold);
    CHECK(summary_of(rocks).english().find("Passed, but not to hold it: rocking for") == 0);
}

TEST_CASE("a side that crashed or was not flown is no side of 100 marks", "[core][habits]")
{
    const Drill pair = *data.drill("roll-pair");
    std::vector<CriterionScore> seen;
    for (const Criterion& c : pair.criteria)
        seen.push_back({c, c.measure == Measure::SideGap ? std::nullopt : std::optional(c.pass), 0, std::nullopt});
    CHECK(*totalled(pair, seen, {}, true, true).left_minus_right == Approx(0).margin(1e-9));
    // A crash in the left roll: 0 marks there, 60 on the right.
    const RuleViolation crash{.rule = RuleViolation::Rule::Crashed, .phase = "roll-left"};
    CHECK(*totalled(pair, seen, {crash}, false, true).left_minus_right == Approx(-60));
    // Not flown to the left at all, since the time ran out.
    std::vector<CriterionScore> half = seen;
    for (CriterionScore& c : half)
        if (c.criterion.side == Side::Left) c.value.reset();
    const RuleViolation late{.rule = RuleViolation::Rule::TimedOut, .phase = "roll-left", .limit = 10};
    CHECK(*totalled(pair, half, {late}, false, true).left_minus_right == Approx(-60));
    CHECK_FALSE(totalled(pair, half, {}, false, true).left_minus_right); // it may still come
    // It came to its end on the first side: nothing to compare, and no marks for an even pair.
    for (const RuleViolation::Rule rule : {RuleViolation::Rule::Crashed, RuleViolation::Rule::TimedOut}) {
        const Score neither = totalled(pair, half, {RuleViolation{.rule = rule, .phase = "roll-right"}}, false, true);
        CHECK_FALSE(neither.left_minus_right);
        for (const CriterionScore& c : neither.criteria)
            if (c.criterion.measure == Measure::SideGap) CHECK(c.marks == 0);
    }
    // Both sides far better than merit, and one of them better still: the measures tell.
    for (CriterionScore& c : seen)
        if (c.value) c.value = c.criterion.side == Side::Left ? c.criterion.merit : 0;
    const double gap = *totalled(pair, seen, {}, true, true).left_minus_right;
    CHECK(gap < -3);
    CHECK(gap >= -20);
}

TEST_CASE("each habit is found in every drill that shows it, and clean flights draw next to none", "[core][habits][slow]")
{
    // A small version of the accuracy program, which flies every drill with 20 seeds.
    struct Case {
        const char* drill;
        bool StandInFaults::*habit;
        Measure measure;
    };
    for (const Case& c : {Case{"corner-box", &StandInFaults::rocking, Measure::RockingShare},
                          {"yaw-alone", &StandInFaults::rocking, Measure::RockingShare},
                          {"circuit", &StandInFaults::held_push, Measure::HeldPushes},
                          {"slalom", &StandInFaults::yaw_only, Measure::YawAloneTurns},
                          {"four-ways", &StandInFaults::ballooning, Measure::OvershootM},
                          {"turnabout", &StandInFaults::ballooning, Measure::OvershootM},
                          {"low-roof", &StandInFaults::no_throttle_cut, Measure::ThrottleCutS},
                          {"first-day", &StandInFaults::yaw_only, Measure::YawAloneTurns},
                          {"roll-pair", &StandInFaults::bank_left_over, Measure::BanksLeftOver},
                          {"figure-eight", &StandInFaults::bank_left_over, Measure::BanksLeftOver},
                          {"run-stop", &StandInFaults::sink_in_lean, Measure::SinkInLeanM},
                          {"bank-hop", &StandInFaults::chopped_throttle, Measure::ChoppedThrottles},
                          {"gaps", &StandInFaults::full_throttle, Measure::FullThrottleTakeOffs},
                          {"corner-box", &StandInFaults::hands_on, Measure::HandsOnShare},
                          {"quick-box", &StandInFaults::one_sided, Measure::SideGap}}) {
        CAPTURE(c.drill);
        StandInFaults faults;
        faults.*c.habit = true;
        const FlownDrill with = flown(c.drill, faults);
        CHECK(with.planted.*c.habit);
        const auto of = [&](const FlownDrill& f) {
            return std::any_of(f.score.faults.begin(), f.score.faults.end(),
                               [&](const FaultFound& fault) { return fault.fault.measure == c.measure; });
        };
        CHECK(of(with));
        CHECK_FALSE(of(flown(c.drill, {})));
    }
}
