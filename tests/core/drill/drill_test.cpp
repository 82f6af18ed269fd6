#include "core/drill/drill_score.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"
#include "files/flights/flight_csv.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

/// A small drill made here: up to 5 m, hold 2 s, land.
Drill smallDrill()
{
    Drill d;
    d.id = "small";
    d.name = "Small";
    d.phases = {{"climb", "Up.", {Goal::Kind::ReachHeight, 0.5, 1, 0}, 5, 1, 0, 10, std::nullopt},
                {"hold", "Hold.", {Goal::Kind::Stay, 2, 0, 0}, 5, 1, 0, 5, 0},
                {"land", "Down.", {Goal::Kind::Land, 0.5, 0, 0}, 0, 0, 0, 20, std::nullopt}};
    Criterion height;
    height.measure = Measure::HeightInWindow;
    height.phases = {"hold"};
    height.label = "Height within ±1 m";
    height.must = true;
    height.weight = 3;
    height.fail = 0.2;
    height.pass = 0.6;
    height.merit = 0.9;
    height.options.height_m = 5;
    height.options.window_m = 1;
    height.advice = "Smaller throttle movements.";
    Criterion sink;
    sink.measure = Measure::TouchdownMps;
    sink.phases = {"land"};
    sink.label = "Sink at touchdown";
    sink.fail = 2;
    sink.pass = 1;
    sink.merit = 0.4;
    d.criteria = {height, sink};
    return *checked(d);
}

/// Climbs at 2 m/s to `top`, stays for `stay` s, sinks at `sink` m/s, stands for 2 s with the throttle off.
FlightLog upAndDown(double top, double stay, double sink)
{
    FlightLog log;
    const double up_s = top / 2;
    const double down_s = top / sink;
    for (int i = 0; i <= static_cast<int>((up_s + stay + down_s + 2) * 100); ++i) {
        FlightSample s;
        s.t_s = i / 100.0;
        const double t = s.t_s;
        s.height_m = t < up_s ? 2 * t : t < up_s + stay ? top : std::max(0.0, top - sink * (t - up_s - stay));
        s.climb_mps = t < up_s ? 2 : t < up_s + stay || s.height_m == 0 ? 0 : -sink;
        s.sticks.throttle = s.height_m > 0 || t < up_s ? 0.4 : 0;
        s.armed = true;
        log.append(as_logged(s));
    }
    return log;
}

} // namespace

TEST_CASE("marks run from fail over pass to merit, either way round", "[core][drill]")
{
    Criterion rising;
    rising.fail = 0.2, rising.pass = 0.6, rising.merit = 1.0;
    Criterion falling;
    falling.fail = 4, falling.pass = 2, falling.merit = 0.5;
    // By hand, from "0 marks at fail, 60 at pass, 100 at merit, straight lines between".
    const auto [value, marks] =
        GENERATE(table<double, double>({{0.1, 0}, {0.2, 0}, {0.4, 30}, {0.6, 60}, {0.8, 80}, {1.0, 100}, {2.0, 100}}));
    CHECK(marks_for(rising, value) == Approx(marks).margin(1e-9));
    const auto [low, good] =
        GENERATE(table<double, double>({{5, 0}, {4, 0}, {3, 30}, {2, 60}, {1.25, 80}, {0.5, 100}, {0, 100}}));
    CHECK(marks_for(falling, low) == Approx(good).margin(1e-9));
}

TEST_CASE("a good flight runs through the phases and is scored by its limits", "[core][drill]")
{
    const FlightLog log = upAndDown(5, 6, 0.7);
    const auto result = score_log(smallDrill(), log);
    REQUIRE(result);
    CHECK(result->passed);
    CHECK(result->disqualified.empty());
    CHECK(*result->criteria[0].value == 1.0);
    CHECK(*result->criteria[1].value == Approx(0.7));
    // By hand: 0.7 m/s gives 60 + 40·(1−0.7)/0.6 = 80 marks; weights 3 and 1: (3·100 + 80)/4 = 95.
    CHECK(result->score == Approx(95).margin(0.2));
}

TEST_CASE("live and from the finished log give the same score, bit for bit", "[core][drill]")
{
    const DataFolder data(BH_DATA);
    const std::string id = GENERATE("lift-settle", "hover-window", "straight-run");
    const Drill drill = *data.drill(id);
    const auto setup = data.setup_for(drill, RateProfile{});
    REQUIRE(setup);
    const auto flown = fly_drill(drill, *setup, 0.6, 77); // scored while it was flown
    REQUIRE(flown);
    const auto again = parse_flight_csv(flight_csv(flown->log), "again"); // and read back from its file
    REQUIRE(again);
    const auto rescored = score_log(drill, *again);
    REQUIRE(rescored);
    CHECK(rescored->score == flown->score.score);
    for (std::size_t i = 0; i < rescored->criteria.size(); ++i)
        CHECK(rescored->criteria[i].value == flown->score.criteria[i].value);
    CHECK(rescored->disqualified == flown->score.disqualified);
}

TEST_CASE("what goes wrong is said in a sentence", "[core][drill]")
{
    const Drill drill = smallDrill();
    FlightLog log = upAndDown(5, 6, 0.7);
    SECTION("a crash disqualifies")
    {
        log.events.push_back({350, FlightEvent::Crash});
        const auto result = score_log(drill, log);
        REQUIRE(result);
        CHECK_FALSE(result->passed);
        CHECK(summary_of(*result).english().find("Crashed during \"hold\"") != std::string::npos);
    }
    SECTION("a touch beyond the allowance disqualifies")
    {
        log.events.push_back({350, FlightEvent::Touch});
        CHECK(in_words(score_log(drill, log)->disqualified.front()).english().find("Touched") != std::string::npos);
    }
    SECTION("a phase that takes too long")
    {
        const auto result = score_log(drill, upAndDown(2, 20, 0.7)); // never reaches 5 m
        CHECK(in_words(result->disqualified.front()).english().find("\"climb\" was not done within 10.0 s") != std::string::npos);
    }
    SECTION("the wrong mode")
    {
        for (Mode& mode : log.mode) mode = Mode::Angle;
        CHECK(in_words(score_log(drill, log)->disqualified.front()).english().find("Flown in angle") != std::string::npos);
    }
    SECTION("a log that ends early")
    {
        const auto result = score_log(drill, upAndDown(5, 0.5, 100));
        CHECK_FALSE(result->passed);
    }
    SECTION("a failed must names the limit and the advice")
    {
        Drill strict = drill;
        strict.criteria[0].options.height_m = 12;
        const auto result = score_log(strict, log);
        CHECK_FALSE(result->passed);
        CHECK(summary_of(*result) == "Height within ±1 m: 0 % where 60 % passes; smaller throttle movements.");
    }
    SECTION("never armed, no rows, no positions")
    {
        std::fill(log.armed.begin(), log.armed.end(), 0);
        CHECK(score_log(drill, log).error().english.find("never armed") != std::string::npos);
        CHECK_FALSE(score_log(drill, FlightLog{}));
        log.has_position = false;
        CHECK(score_log(drill, log).error().english.find("positions") != std::string::npos);
    }
}

TEST_CASE("a drill with a mistake is refused with the place of the mistake", "[core][drill]")
{
    Drill d = smallDrill();
    SECTION("no phases")
    {
        d.phases.clear();
        CHECK(checked(d).error().english.find("/phases") == 0);
    }
    SECTION("two phases of one name")
    {
        d.phases[1].id = "climb";
        CHECK(checked(d).error().english.find("/phases/1/id") == 0);
    }
    SECTION("limits that do not run one way")
    {
        d.criteria[1].merit = 1.5;
        CHECK(checked(d).error().english.find("/criteria/1") == 0);
    }
    SECTION("an unknown phase")
    {
        d.criteria[0].phases = {"loop"};
        CHECK(checked(d).error().english.find("'loop'") != std::string::npos);
    }
    SECTION("no weight")
    {
        d.criteria[0].weight = 0;
        CHECK(checked(d).error().english.find("/criteria/0/weight") == 0);
    }
}
