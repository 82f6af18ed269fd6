#include "core/drill/observed.h"
#include "files/data_folder.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

Drill shipped(const char* id) { return *DataFolder(BH_DATA).drill(id); }

std::size_t criterion(const Drill& drill, Measure measure)
{
    for (std::size_t i = 0; i < drill.criteria.size(); ++i)
        if (drill.criteria[i].measure == measure) return i;
    FAIL("no such criterion");
    return 0;
}

} // namespace

TEST_CASE("a drill flown elsewhere is scored by eye against the same limits", "[core][observed]")
{
    const Drill drill = shipped("gaps");
    ObservedFlight flight(drill);
    const std::size_t gates = criterion(drill, Measure::GatesHit);
    CHECK_FALSE(flight.press(gates, 0)); // not started
    flight.start(100);
    for (int i = 0; i < 5; ++i) CHECK(flight.press(gates, 110 + i));
    flight.crash(120);
    CHECK(flight.waits_for_throttle());
    flight.throttle_down(120.6);
    flight.stop(190, true);
    const Score s = flight.score(500); // the watch has stopped
    CHECK(*s.criteria[gates].value == 5);
    CHECK(s.criteria[gates].marks == Approx(80)); // half-way from pass 4 to merit 6
    CHECK(*s.criteria[criterion(drill, Measure::Crashes)].value == 1);
    CHECK(*s.criteria[criterion(drill, Measure::DoneS)].value == Approx(90));
    CHECK(s.flown_s == Approx(90));
    REQUIRE(s.throttle_cuts_s.size() == 1);
    CHECK(s.throttle_cuts_s[0] == Approx(0.6));
    CHECK(s.passed);
}

TEST_CASE("windows left and met again, judgements and slips", "[core][observed]")
{
    const Drill drill = shipped("lift-settle");
    ObservedFlight flight(drill);
    const std::size_t window = criterion(drill, Measure::HeightInWindow), drift = criterion(drill, Measure::DriftRmsM),
                      bounces = criterion(drill, Measure::Bounces);
    flight.start(0);
    flight.press(window, 10);
    CHECK(flight.ticking(window));
    flight.press(window, 14); // four seconds outside
    flight.press(window, 38); // and to the end
    flight.press(bounces, 30), flight.press(bounces, 31), flight.press(bounces, 32);
    CHECK(flight.take_back(bounces));
    flight.press(drift, 33);
    CHECK(*flight.value(drift, 33) == drill.criteria[drift].merit);
    flight.press(drift, 34);
    CHECK(*flight.value(drift, 34) == drill.criteria[drift].pass);
    flight.stop(40, true);
    CHECK(*flight.value(window, 99) == Approx(1 - 6.0 / 40));
    CHECK(*flight.value(bounces, 99) == 2);
    CHECK_FALSE(flight.value(criterion(drill, Measure::OvershootM), 99)); // nobody judged it
    const Score s = flight.score(99);
    CHECK(s.passed == s.criteria[window].passed());
    double weights = 0, marks = 0;
    for (const CriterionScore& c : s.criteria)
        if (c.value) weights += c.criterion.weight, marks += c.criterion.weight * c.marks;
    CHECK(s.score == Approx(marks / weights)); // what was not judged has no weight
}

TEST_CASE("what must be judged and was not, and what was broken off, is not passed", "[core][observed]")
{
    const Drill drill = shipped("turn-spot"); // its turns are a must that can only be judged
    ObservedFlight flight(drill);
    flight.start(0);
    flight.stop(60, true);
    CHECK_FALSE(flight.score(60).passed);
    ObservedFlight gaps(shipped("gaps"));
    gaps.start(0);
    for (int i = 0; i < 6; ++i) gaps.press(0, i);
    gaps.next_phase();
    gaps.stop(30, false);
    CHECK_FALSE(gaps.score(30).passed);
    CHECK(gaps.score(30).disqualified ==
          std::vector<RuleViolation>{{.rule = RuleViolation::Rule::BrokenOff, .phase = "through"}});
}

TEST_CASE("the sticks are measured where they were recorded", "[core][observed]")
{
    const Drill drill = shipped("hover-window");
    const std::size_t reversals = criterion(drill, Measure::ReversalRateHz);
    ObservedFlight flight(drill);
    flight.start(0);
    flight.stop(20, true);
    CHECK_FALSE(flight.score(20).criteria[reversals].value);
    FlightLog sticks;
    sticks.has_position = false;
    for (int i = 0; i <= 2000; ++i) { // the throttle goes up and down once a second: two turning points
        FlightSample s;
        s.t_s = 0.01 * i;
        s.sticks.throttle = 0.5 + 0.2 * std::sin(2 * 3.14159265 * s.t_s);
        sticks.append(s);
    }
    CHECK(*flight.score(20, &sticks).criteria[reversals].value == Approx(2).margin(0.11));
}
