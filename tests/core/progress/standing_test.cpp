#include "core/progress/practice_clock.h"
#include "core/progress/standing.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

const Curriculum steps{"first-steps", "First steps", 1, {{"Lift", {"lift"}}, {"Height", {"height"}}}};
const std::vector<DrillFact> drills{{"lift", "Lift and settle", 0}, {"height", "Height window", 0}};
const DrillFact& lift = drills[0];

AttemptFact pass(std::int64_t day, const char* drill = "lift") { return {drill, day, 85, true, true, 30, std::nullopt, {}}; }
AttemptFact failed(std::int64_t day, const char* drill = "lift") { return {drill, day, 30, false, false, 30, std::nullopt, {}}; }

} // namespace

TEST_CASE("a drill is held after three passes on two days, the latest in the last thirty", "[core][progress]")
{
    CHECK(drill_standing({}, lift, 100).state == DrillState::Untried);
    CHECK(drill_standing({failed(99)}, lift, 100).state == DrillState::Tried);
    const auto one_day = drill_standing({pass(99), pass(99), pass(99)}, lift, 100);
    CHECK(one_day.state == DrillState::Tried);
    CHECK(one_day.next == "passed 3 times, needs another day");
    const std::vector<AttemptFact> enough{pass(98), failed(98), pass(99), pass(99)};
    CHECK(drill_standing(enough, lift, 100).state == DrillState::Held);
    CHECK(drill_standing(enough, lift, 129).state == DrillState::Held); // 30 days after the last pass
    CHECK(drill_standing(enough, lift, 130).state == DrillState::Due);
    CHECK(drill_standing(enough, drills[1], 100).state == DrillState::Untried); // another drill's attempts do not count
}

TEST_CASE("the board's reason is the most pressing one", "[core][progress]")
{
    PilotFacts facts;
    const auto reason = [&](std::int64_t today) { return pilot_standing(facts, steps, today, drills).attention; };
    CHECK(reason(100) == "No controller calibration yet");
    facts.calibrated_day = 95;
    CHECK(reason(100) == "Has not practised yet");
    for (int week = 0; week < 5; ++week) facts.practice.push_back({70 + 7 * week, 2 * 3600}); // two hours a week, to day 98
    facts.attempts = {pass(97), pass(98), pass(98), failed(98, "height")};
    CHECK(reason(100) == "Next: Height window, no pass in 1 attempt");
    CHECK_FALSE(pilot_standing(facts, steps, 100, drills).needs_attention);
    for (int i = 0; i < 4; ++i) facts.attempts.push_back(failed(98, "height"));
    CHECK(reason(100) == "Height window failed 5 times in a row");
    CHECK(reason(113) == "No practice for 15 days");
    facts.practice.push_back({156, 2 * 3600});
    facts.attempts = {pass(150), pass(156), pass(156), failed(156, "height")};
    CHECK(reason(157) == "Controller calibrated 62 days ago");
    facts.calibrated_day = 150;
    CHECK(reason(157) == "Next: Height window, no pass in 1 attempt"); // few hours are told, and no reason to stop there
    const auto looks = pilot_standing(facts, steps, 157, drills).looks;
    REQUIRE(looks.size() == 1);
    CHECK(looks[0].cause == Cause::Slow);
    CHECK(looks[0].words == "Below 3 h a week for 2 weeks, 0.5 h over four");
}

TEST_CASE("a stage opens when the one before is held, or by hand, and stays open while a drill is due again", "[core][progress]")
{
    PilotFacts facts;
    const auto stages = [&](std::int64_t today) { return pilot_standing(facts, steps, today, drills).stages; };
    using S = StageState;
    CHECK(stages(100) == std::vector{S::Open, S::Locked});
    facts.opened_stages = {"Height"};
    CHECK(stages(100) == std::vector{S::Open, S::Open});
    CHECK_FALSE(pilot_standing(facts, steps, 100, drills).ladder[1].locked);
    facts.opened_stages.clear();
    facts.attempts = {pass(97), pass(98), pass(98)};
    CHECK(stages(100) == std::vector{S::Held, S::Open});
    CHECK(stages(140) == std::vector{S::Partly, S::Open}); // due again: what comes after stays open
    CHECK(pilot_standing(facts, steps, 140, drills).next_drill == "lift");
}

TEST_CASE("going on and holding are two things: a stage opens on passes where the curriculum says so", "[core][progress]")
{
    using S = StageState;
    Curriculum own_pace = steps;
    own_pace.opens_on = Curriculum::OpensOn::Passes;
    PilotFacts facts;
    const auto stages = [&](const Curriculum& c) { return pilot_standing(facts, c, 101, drills).stages; };
    CHECK(stages(own_pace) == std::vector{S::Open, S::Locked});
    AttemptFact once = pass(100);
    once.holds = false;
    facts.attempts = {once};
    CHECK(stages(own_pace) == std::vector{S::Partly, S::Open});
    CHECK(stages(steps) == std::vector{S::Partly, S::Locked});
    // Passed again and again, and never well enough to hold it.
    facts.attempts = {once, once, once, once};
    facts.attempts[3].day = 101;
    const DrillStanding s = drill_standing(facts.attempts, lift, 101);
    CHECK(s.state == DrillState::Tried);
    CHECK(s.passes == 4);
    CHECK(s.next == "passed 4 times, 0 of 3 to hold");
    CHECK(stages(steps) == std::vector{S::Partly, S::Locked});
}

TEST_CASE("the next best drill is one that can be brought on today, with the reason", "[core][progress]")
{
    const Curriculum pair{"pair", "Pair", 1, {{"Both", {"lift", "height"}}}};
    PilotFacts facts;
    facts.attempts = {pass(100), pass(100), pass(100)};
    CHECK(pilot_standing(facts, pair, 100, drills).next_drill == "height"); // the other one waits for another day
    CHECK(pilot_standing(facts, pair, 101, drills).next_drill == "lift");
    CHECK(pilot_standing(facts, pair, 101, drills).next_reason == "passed 3 times, needs another day");
    facts.attempts.push_back(pass(101));
    for (const std::size_t i : {1, 2, 3}) facts.attempts[i].left_minus_right = 15 + static_cast<double>(i * i % 5); // 16, 19, 19
    for (const std::int64_t day : {100, 101, 101}) facts.attempts.push_back(pass(day, "height"));
    const PilotStanding s = pilot_standing(facts, pair, 101, drills);
    CHECK(s.next_drill == "lift");
    CHECK(s.next_reason == "right 18 points behind left over the last 3 attempts");
}

TEST_CASE("a weak side is said only when it is there: over the last attempts, with an interval", "[core][progress]")
{
    const auto message = [](const std::vector<double>& gaps) {
        std::vector<AttemptFact> attempts;
        for (const double gap : gaps) attempts.push_back(pass(100)), attempts.back().left_minus_right = gap;
        return side_gap_in_words(drill_standing(attempts, lift, 100));
    };
    CHECK(message({40, 45}).empty());                // too few to tell
    CHECK(message({-60, -20, 30, 80, 60}).empty());  // 18 on the mean, and nothing but chance
    CHECK(message({12, 9, 14, 10, 11, 13}).empty()); // there, and small
    CHECK(message({-30, -22, -41, -25}) == "left 30 points behind right over the last 4 attempts");
    CHECK(message({90, 90, 90, -20, -25, -30, -20, -25, -30}) == "left 25 points behind right over the last 6 attempts");
    const auto doubt = [](const std::vector<double>& gaps) {
        std::vector<AttemptFact> attempts(1, pass(100)); // one that flew one side only
        for (const double gap : gaps) attempts.push_back(pass(100)), attempts.back().left_minus_right = gap;
        return side_doubt_in_words(drill_standing(attempts, lift, 100));
    };
    CHECK(doubt({}) == "3 more attempts of both sides are needed");
    CHECK(doubt({40, 45}) == "1 more attempt of both sides is needed");
    CHECK(doubt({12, 9, 14}).empty());
    CHECK(doubt({-30, -22, -41, -25}).empty()); // it is known that they lie apart
    CHECK(doubt({-96, -2, 2}) ==
          "left 32 points behind right over the last 3 attempts, which may be chance: 3 more attempts of both sides are needed");
    CHECK(doubt({-60, -20, 30, 80, 60, 60}) == "right 25 points behind left over the last 6 attempts, which may be chance");
    // A mean of 3 values and its interval as in any handbook: 16, 19, 19 gives 18 ± 4.303·√3/√3.
    std::vector<AttemptFact> attempts(3, pass(100));
    for (const std::size_t i : {0, 1, 2}) attempts[i].left_minus_right = i == 0 ? 16 : 19;
    const SideGap gap = *drill_standing(attempts, lift, 100).sides;
    CHECK(gap.low == Approx(18 - 4.303).margin(0.001));
    CHECK(gap.high == Approx(18 + 4.303).margin(0.001));
}

TEST_CASE("a drill that asks for minutes is not held before they are flown", "[core][progress]")
{
    const DrillFact low{"lift", "Low roof", 30};
    std::vector<AttemptFact> attempts{pass(98), pass(99), pass(99)};
    for (AttemptFact& a : attempts) a.flown_s = 240;
    CHECK(drill_standing(attempts, low, 100).next == "passed 3 times, 12 minutes of 30 flown");
    attempts.push_back(failed(99));
    attempts.back().flown_s = 18 * 60;
    CHECK(drill_standing(attempts, low, 100).state == DrillState::Held);
}

TEST_CASE("trend and throttle cuts are told from the attempts", "[core][progress]")
{
    std::vector<AttemptFact> attempts{failed(98), pass(98)};
    CHECK_FALSE(drill_standing(attempts, lift, 100).trend);
    attempts = {failed(97), failed(97), failed(97), failed(97), failed(97)};
    for (std::size_t i = 0; i < 5; ++i) attempts[i].score = 10 + 4 * static_cast<double>(i);
    CHECK(*drill_standing(attempts, lift, 100).trend == Approx(4));
    attempts[1].throttle_cuts_s = {0.4, 2.0};
    attempts[4].throttle_cuts_s = {0.9};
    const ThrottleCutHabit habit = throttle_cut_habit(attempts);
    CHECK(habit.crashes == 3);
    CHECK(habit.within_1_s == 2);
    CHECK(*habit.last_s == Approx(0.9));
}

TEST_CASE("hours are counted by weeks that end today", "[core][progress]")
{
    PilotFacts facts;
    facts.practice = {{100, 3600}, {94, 1800}, {93, 7200}, {40, 3600}};
    const PilotStanding s = pilot_standing(facts, steps, 100, drills);
    CHECK(s.hours == Approx(4.5));
    REQUIRE(s.weekly_hours.size() == 8);
    CHECK(s.weekly_hours.back() == Approx(1.5)); // days 94 to 100
    CHECK(s.weekly_hours[6] == Approx(2));
    CHECK(s.last_practice_day == 100);
    CHECK(s.stages == std::vector<StageState>{StageState::Open, StageState::Locked});
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

TEST_CASE("free flights fill a curriculum's blocks in order, count under the roof and for crashes, and are no attempts",
          "[core][progress]")
{
    Curriculum c;
    c.id = "x";
    c.free_blocks = {{"free-1", 20, ""}, {"free-2", 10, "loft"}};
    c.stages = {{"First", {"free-1", "low-roof"}}, {"Then", {"free-2"}}};
    c.opens_on = Curriculum::OpensOn::Passes;
    const auto flight = [](double minutes, const char* world, std::vector<double> cuts = {}) {
        AttemptFact a;
        a.drill_id = "free-flight";
        a.flown_s = 60 * minutes;
        a.throttle_cuts_s = std::move(cuts);
        a.free = true;
        a.world = world;
        return a;
    };
    PilotFacts facts;
    facts.attempts = {flight(12, "pan", {0.4, 2.0}), flight(14, "loft")};
    const auto blocks = free_standings(facts.attempts, c);
    REQUIRE(blocks.size() == 2);
    CHECK(blocks[0].state == DrillState::Held); // 12 and 8 of the 14 minutes
    CHECK(blocks[1].state == DrillState::Tried);
    CHECK(blocks[1].minutes == Approx(6));
    CHECK(blocks[1].next == "6 of 10 minutes flown");
    const DrillFact roof{"low-roof", "Low roof", 30, "loft"};
    CHECK(drill_standing(facts.attempts, roof, 0).minutes == Approx(14));
    CHECK(drill_standing(facts.attempts, roof, 0).attempts == 0);
    const PilotStanding s = pilot_standing(facts, c, 0, {roof});
    CHECK(s.throttle_cuts.crashes == 2);
    CHECK(s.throttle_cuts.within_1_s == 1);
    REQUIRE(s.ladder.size() == 3);
    CHECK(s.ladder[0].standing.state == DrillState::Held);
    CHECK(s.next_drill == "low-roof");
    CHECK(s.ladder[2].locked);
}
