#include "core/progress/practice_clock.h"
#include "core/progress/standing.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

const Curriculum steps{"first-steps", "First steps", 1, {{"Lift", {"lift"}}, {"Height", {"height"}}}};
const std::vector<std::pair<std::string, std::string>> names{{"lift", "Lift and settle"}, {"height", "Height window"}};

AttemptFact pass(std::int64_t day, const char* drill = "lift") { return {drill, day, 85, true, 30}; }
AttemptFact failed(std::int64_t day, const char* drill = "lift") { return {drill, day, 30, false, 30}; }

} // namespace

TEST_CASE("a drill is held after three passes on two days, the latest in the last thirty", "[core][progress]")
{
    CHECK(drill_standing({}, "lift", 100).state == DrillState::Untried);
    CHECK(drill_standing({failed(99)}, "lift", 100).state == DrillState::Tried);
    const auto one_day = drill_standing({pass(99), pass(99), pass(99)}, "lift", 100);
    CHECK(one_day.state == DrillState::Tried);
    CHECK(one_day.next == "passed 3 times, needs another day");
    const std::vector<AttemptFact> enough{pass(98), failed(98), pass(99), pass(99)};
    CHECK(drill_standing(enough, "lift", 100).state == DrillState::Held);
    CHECK(drill_standing(enough, "lift", 129).state == DrillState::Held); // 30 days after the last pass
    CHECK(drill_standing(enough, "lift", 130).state == DrillState::Due);
    CHECK(drill_standing(enough, "height", 100).state == DrillState::Untried); // another drill's attempts do not count
}

TEST_CASE("the board's reason is the most pressing one", "[core][progress]")
{
    PilotFacts facts;
    const auto reason = [&](std::int64_t today) { return pilot_standing(facts, steps, today, names).attention; };
    CHECK(reason(100) == "No controller calibration yet");
    facts.calibrated_day = 95;
    CHECK(reason(100) == "Has not practised yet");
    for (int week = 0; week < 5; ++week) facts.practice.push_back({70 + 7 * week, 2 * 3600}); // two hours a week, to day 98
    facts.attempts = {pass(97), pass(98), pass(98), failed(98, "height")};
    CHECK(reason(100) == "Next: Height window, not passed yet after 1 attempt");
    CHECK_FALSE(pilot_standing(facts, steps, 100, names).needs_attention);
    for (int i = 0; i < 4; ++i) facts.attempts.push_back(failed(98, "height"));
    CHECK(reason(100) == "Height window failed 5 times in a row");
    CHECK(reason(113) == "No practice for 15 days");
    facts.practice.push_back({156, 2 * 3600});
    facts.attempts = {pass(150), pass(156), pass(156), failed(156, "height")};
    CHECK(reason(157) == "Controller calibrated 62 days ago");
    facts.calibrated_day = 150;
    CHECK(reason(157) == "Only 0.5 h a week over four weeks");
}

TEST_CASE("hours are counted by weeks that end today", "[core][progress]")
{
    PilotFacts facts;
    facts.practice = {{100, 3600}, {94, 1800}, {93, 7200}, {40, 3600}};
    const PilotStanding s = pilot_standing(facts, steps, 100, names);
    CHECK(s.hours == Approx(4.5));
    REQUIRE(s.weekly_hours.size() == 8);
    CHECK(s.weekly_hours.back() == Approx(1.5)); // days 94 to 100
    CHECK(s.weekly_hours[6] == Approx(2));
    CHECK(s.last_practice_day == 100);
    CHECK(s.stages == std::vector<StageState>{StageState::Open, StageState::Open});
}

TEST_CASE("practice counts while armed or within ten seconds of a stick movement", "[core][progress]")
{
    PracticeClock clock;
    Sticks sticks;
    auto run = [&, t = 0.0](double seconds, bool armed) mutable {
        for (int i = 0; i < static_cast<int>(seconds * 10); ++i, t += 0.1) clock.update(t, sticks, armed);
    };
    run(5, false); // nothing moves
    CHECK(clock.active_s() == Approx(0).margin(0.01));
    CHECK(clock.idle_s() == Approx(4.9).margin(0.01));
    sticks.roll = 0.03; // 1.5 % of travel: not a movement
    run(2, false);
    CHECK(clock.active_s() == Approx(0).margin(0.01));
    sticks.roll = 0.2;
    run(30, false); // ten seconds count, twenty do not
    CHECK(clock.active_s() == Approx(10).margin(0.25));
    run(20, true);
    CHECK(clock.active_s() == Approx(30).margin(0.25));
    CHECK(clock.active_s() + clock.idle_s() == Approx(56.9).margin(0.01));
}
