// Looking ahead from attempts that follow a practice curve exactly: the attempt is worked out by hand.
#include "core/progress/drill_outlook.h"

#include <catch2/catch.hpp>
#include <cmath>

using namespace bh;

namespace {

/// 90 - 70·n^-0.3: 60 marks are met at n = (70/30)^(1/0.3) = 16.85, so at attempt 17.
DrillTrials learning(int attempts)
{
    DrillTrials t;
    t.drill_id = "lift-settle", t.name = "Lift and settle";
    for (int n = 1; n <= attempts; ++n) {
        t.marks.push_back(90 - 70 * std::pow(n, -0.3));
        t.days.push_back(90 + n);
    }
    t.standing.state = DrillState::Tried;
    t.standing.attempts = attempts;
    t.attempts_a_week = 3.5;
    return t;
}

} // namespace

TEST_CASE("a pass is forecast as an attempt and a day", "[core][progress][outlook]")
{
    const DrillOutlook o = drill_outlook(learning(10), 100, {});
    REQUIRE(o.pass_trial);
    CHECK(*o.pass_trial == 17);
    CHECK(*o.pass_day == 114);  // seven attempts at half an attempt a day
    CHECK(*o.hold_trial == 19); // three passes, that one and two more
    CHECK(*o.hold_day == 118);
    CHECK_FALSE(o.no_progress());
    CHECK(o.words == "passed by attempt 17");
}

TEST_CASE("the leading measure may be what a pass waits for", "[core][progress][outlook]")
{
    DrillTrials t = learning(10);
    t.leading = DrillTrials::Leading{};
    t.leading->label = "Height error", t.leading->unit = Unit::Metres, t.leading->limit = 2;
    for (int n = 1; n <= 10; ++n) {
        t.leading->trials.trial.push_back(n);
        t.leading->trials.value.push_back(1 + 9 * std::pow(n, -0.7)); // 2 m at n = 9^(1/0.7) = 23.1
    }
    const DrillOutlook o = drill_outlook(t, 100, {});
    CHECK(*o.pass_trial == 24);
    CHECK(*o.leading_pass->trial == 24);
}

TEST_CASE("nothing is forecast from fewer than five attempts, and it is said", "[core][progress][outlook]")
{
    const DrillOutlook o = drill_outlook(learning(4), 100, {});
    CHECK_FALSE(o.pass);
    CHECK_FALSE(o.pass_day);
    CHECK(o.words == "4 of 5 attempts: nothing is forecast from fewer than 5");
}

TEST_CASE("no progress is told, a pass that is there is not forecast, and who does not fly has no date",
          "[core][progress][outlook]")
{
    DrillTrials stuck = learning(0);
    for (int i = 0; i < 10; ++i) stuck.marks.push_back(i % 2 == 0 ? 40 : 42), stuck.days.push_back(i);
    const DrillOutlook o = drill_outlook(stuck, 100, {});
    CHECK(o.no_progress());
    CHECK(o.words.english().starts_with("no progress"));
    stuck.usual_slope = 0.2; // where nobody gains more than that an attempt, eight of them do not tell
    CHECK(drill_outlook(stuck, 100, {}).progress == Progress::NotSure);
    CHECK(drill_outlook(stuck, 100, {}).words.english().starts_with("not sure yet"));
    DrillTrials passed = learning(30);
    passed.standing.passes = 5, passed.standing.holding = 2, passed.standing.holding_days = 1;
    const DrillOutlook p = drill_outlook(passed, 100, {});
    CHECK_FALSE(p.pass_trial);
    CHECK(*p.hold_trial == 31); // one more pass
    CHECK(*p.hold_day == 102);  // half an attempt a day
    DrillTrials idle = learning(10);
    idle.attempts_a_week = 0;
    CHECK(drill_outlook(idle, 100, {}).pass_trial == 17.0);
    CHECK_FALSE(drill_outlook(idle, 100, {}).pass_day);
    DrillTrials held = learning(30);
    held.standing.state = DrillState::Held, held.standing.passes = 9, held.standing.holding = 9, held.standing.holding_days = 3;
    CHECK(drill_outlook(held, 100, {}).words == "held");
}
