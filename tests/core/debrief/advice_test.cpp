// What to change: the ladder of steps, what is left out, what goes first; habits over flights, and whether it helped.
#include "core/debrief/coaching.h"
#include "core/debrief/habits.h"
#include "files/data_folder.h"

#include <catch2/catch.hpp>
#include <cmath>

using namespace bh;

namespace {

Finding fault(FindingKind kind, double start_s, double weight)
{
    return {kind, StickAxis::Roll, std::nullopt, start_s, start_s + 2, true, weight, {{"frequency_hz", 1.6}}};
}

Debrief with(std::vector<Finding> findings)
{
    Debrief d;
    d.duration_s = 60;
    d.findings = std::move(findings);
    return d;
}

FlightTally tallied(FindingKind kind, int seen, int faults, double value) { return {{{kind, seen, faults, value, {}}}}; }

GivenBefore gave(const std::string& rule, Helped helped, int after)
{
    GivenBefore g{rule, true, false, {}};
    g.effect.helped = helped, g.effect.before = 8, g.effect.after = after;
    return g;
}

const std::vector<CoachingRule>& rules()
{
    static const CoachingRules known = *DataFolder(BH_DATA).coaching();
    return known.rules;
}

std::string first_for(const Coached& pilot)
{
    const auto advice = advise(with({fault(FindingKind::Rocking, 5, 60)}), rules(), nullptr, &pilot);
    return advice.empty() ? "" : advice.front().rule;
}

} // namespace

TEST_CASE("against rocking one step follows the other, as common practice has it", "[core][advice]")
{
    // Order when nothing else decides (common practice, no source): movements, grip, 350, 250, propellers, power, tilt 30,
    // 25, 20.
    Coached pilot;
    pilot.settings = {670.0, 1.0, 1.0, 35.0, "thumb", "acro"};
    for (int i = 0; i < 4; ++i) pilot.before.push_back(tallied(FindingKind::Rocking, 3, 2, 30)); // again and again
    const std::vector<std::string> steps{"rocking",           "rocking-pinch",      "rocking-rates-350",
                                         "rocking-rates-250", "rocking-propellers", "rocking-power",
                                         "rocking-tilt-30",   "rocking-tilt-25",    "rocking-tilt-20"};
    for (const std::string& step : steps) {
        CHECK(first_for(pilot) == step);
        pilot.given.push_back(gave(step, Helped::NoSign, Effect::enough_flights)); // followed, and of no use
    }
    CHECK(first_for(pilot).empty()); // nothing is told twice to somebody whom it did not help
    pilot.given.clear();
    pilot.given.push_back(gave("rocking", Helped::NoSign, Effect::enough_flights - 1)); // not tried for long enough
    CHECK(first_for(pilot) == "rocking");
    pilot.given.back() = gave("rocking", Helped::Worse, 3);
    CHECK(first_for(pilot) == "rocking-pinch");
    pilot.given.back().followed = false; // it was told and nothing came of it: told again
    CHECK(first_for(pilot) == "rocking");
}

TEST_CASE("what is set already is not asked for", "[core][advice]")
{
    Coached pilot;
    for (int i = 0; i < 4; ++i) pilot.before.push_back(tallied(FindingKind::Rocking, 3, 2, 30));
    pilot.given = {gave("rocking", Helped::Worse, 4)};
    pilot.settings.grip = "pinch";
    pilot.settings.rate_dps = 355; // close to it
    CHECK(first_for(pilot) == "rocking-rates-250");
    pilot.settings.rate_dps = 250;
    pilot.settings.propeller_ratio = 0.8, pilot.settings.power_share = 0.79;
    pilot.settings.tilt_deg = 25;
    CHECK(first_for(pilot) == "rocking-tilt-20");
    pilot.settings.tilt_deg = 15;
    CHECK(first_for(pilot).empty());
}

TEST_CASE("a rule waits for as many flights and as much as it says", "[core][advice]")
{
    CoachingRule rule;
    rule.id = "x", rule.finding = FindingKind::Rocking, rule.change = "Change.";
    rule.lately = {3, 5};
    rule.at_least = 2;
    rule.number = CoachingRule::Number{"frequency_hz", 1.5};
    const Debrief twice = with({fault(FindingKind::Rocking, 5, 60), fault(FindingKind::Rocking, 15, 40)});
    Coached pilot;
    pilot.before = {tallied(FindingKind::Rocking, 1, 1, 9), tallied(FindingKind::Rocking, 0, 0, 0)};
    CHECK(advise(twice, {rule}, nullptr, &pilot).empty()); // in two of three
    pilot.before.push_back(tallied(FindingKind::Rocking, 1, 1, 9));
    const auto advice = advise(twice, {rule}, nullptr, &pilot);
    REQUIRE(advice.size() == 1);
    CHECK(advice[0].evidence ==
          "2 times, the weightiest from 5.0 s to 7.0 s: roll, frequency 1.6 Hz; in 3 of the last 4 flights");
    REQUIRE(advice[0].at.size() == 2);
    CHECK(advice[0].at[0].from_s == 5);                                                         // the weightiest first
    CHECK(advise(with({fault(FindingKind::Rocking, 5, 60)}), {rule}, nullptr, &pilot).empty()); // once
    rule.number->at_least = 1.7;
    CHECK(advise(twice, {rule}, nullptr, &pilot).empty());
}

TEST_CASE("marks of the next drill order the list, safety goes before them, and there are never more than three",
          "[core][advice]")
{
    const Debrief d = with({fault(FindingKind::Rocking, 1, 70), fault(FindingKind::Turn, 5, 50), fault(FindingKind::Brake, 9, 60),
                            fault(FindingKind::Landing, 30, 30)});
    const auto names = [](const std::vector<Advice>& all) {
        std::vector<std::string> all_names;
        for (const Advice& a : all) all_names.push_back(a.rule);
        return all_names;
    };
    CHECK(names(advise(d, rules(), nullptr)) == std::vector<std::string>{"rocking", "ballooning", "turn-any"}); // by weight alone
    Coached pilot;
    pilot.next_drill = {{Measure::TurnDriftDeg, 3, 20}, {Measure::HeightInWindow, 1, 90}};
    const auto advice = advise(d, rules(), nullptr, &pilot);
    REQUIRE(advice.size() == most_advice);
    CHECK(advice[0].rule == "turn-any");
    // 80 of 100 marks are lost in three quarters of the weight, and four tenths of them are expected back.
    CHECK(*advice[0].expected_marks == Approx(0.4 * 0.75 * 80));
    Debrief crash = d;
    crash.findings.push_back(fault(FindingKind::ThrottleCut, 40, 90));
    CHECK(advise(crash, rules(), nullptr, &pilot).front().rule == "throttle-cut");
}

TEST_CASE("what helped is told from what may be chance, and from what made it worse", "[core][advice]")
{
    const std::vector<double> before{42, 38, 45, 40, 47};
    CHECK(effect(before, {12, 9}).helped == Helped::TooFewFlights);
    CHECK(effect({40, 41}, before).helped == Helped::TooFewFlights);
    const Effect better = effect(before, {12, 9, 15, 11});
    // What thirty cases showed: 30 % and 50 % less in turn is 40 %, t(29) = 2.045 standard errors of 10.17 %/√30 about it.
    std::vector<Effect> cases;
    for (int i = 0; i < 30; ++i) cases.push_back({Helped::Yes, 3, 3, 20, i % 2 == 0 ? 14.0 : 10.0, 0, 0});
    const auto fallen = share_fallen(cases);
    REQUIRE(fallen);
    CHECK(fallen->cases == 30);
    CHECK(fallen->share == Approx(0.4));
    CHECK(fallen->low == Approx(0.4 - 2.045 * 0.1017 / std::sqrt(30)).margin(1e-4));
    CHECK(fallen->high == Approx(0.4 + 2.045 * 0.1017 / std::sqrt(30)).margin(1e-4));
    cases.back().after = 2; // too few flights to be one
    CHECK_FALSE(share_fallen(cases));
    CHECK(better.helped == Helped::Yes);
    CHECK(better.mean_before == Approx(42.4));
    CHECK(better.mean_after == Approx(11.75));
    CHECK(better.high < 0);
    CHECK(better.low < better.high);
    CHECK_FALSE(better.given_up());
    CHECK(effect(before, {41, 44, 39}).helped == Helped::NoSign);
    CHECK_FALSE(effect(before, {41, 44, 39}).given_up());
    CHECK(effect(before, {41, 44, 39, 45, 38, 42, 43, 40}).given_up());
    const Effect worse = effect(before, {70, 66, 75});
    CHECK(worse.helped == Helped::Worse);
    CHECK(worse.given_up());
    CHECK(helped_in_words(Helped::NoSign) == "no sign yet");
}

TEST_CASE("a habit is what is at fault in three of the last five flights", "[core][habits]")
{
    std::vector<FlightOfHabits> flights;
    const auto fly = [&](FindingKind kind, int faults, double value, Mode mode = Mode::Acro) {
        flights.push_back({"slalom", mode, tallied(kind, 4, faults, value)});
    };
    for (const double v : {40.0, 36.0, 32.0, 28.0}) fly(FindingKind::Rocking, 2, v);
    for (const double v : {24.0, 20.0}) fly(FindingKind::Rocking, 0, v, Mode::Angle);
    fly(FindingKind::Brake, 1, 1.4); // says nothing of rocking
    auto all = habits(flights);
    REQUIRE(all.size() == 2);
    const Habit& rocking = all[0];
    CHECK(rocking.kind == FindingKind::Rocking);
    CHECK(rocking.flights == 6);
    CHECK(rocking.at_fault == 4);
    CHECK(rocking.at_fault_lately() == 3);
    CHECK(rocking.flights_lately() == 5);
    CHECK(rocking.strong());
    CHECK(habit_in_words(rocking) == "Rocking at fault in 3 of the last 5 flights");
    REQUIRE(rocking.values.size() == 7);
    CHECK_FALSE(rocking.values.back());
    REQUIRE(rocking.trend);
    CHECK(rocking.trend->slope == Approx(-4)); // a straight line
    CHECK(rocking.trend->high == Approx(-4));
    CHECK(rocking.by_mode.at("acro").at_fault == 4);
    CHECK(rocking.by_mode.at("angle").at_fault == 0);
    CHECK(rocking.by_mode.at("angle").flights == 2);
    CHECK(rocking.by_drill.at("slalom").flights == 6);
    CHECK_FALSE(all[1].strong());
    CHECK_FALSE(all[1].trend);        // one flight
    fly(FindingKind::Rocking, 0, 10); // and then it is two of five
    CHECK_FALSE(habits(flights)[0].strong());
}

TEST_CASE("a flight's tally says how much of each, and to which side", "[core][habits]")
{
    Debrief d = with({fault(FindingKind::Rocking, 0, 50), fault(FindingKind::Rocking, 1, 50)}); // 0…2 and 1…3 s of 60
    for (const Side side : {Side::Left, Side::Left, Side::Right}) {
        Finding turn = fault(FindingKind::Turn, 10, 20);
        turn.side = side;
        turn.fault = side == Side::Left;
        d.findings.push_back(turn);
    }
    const FlightTally t = tally(d);
    REQUIRE(t.of(FindingKind::Rocking));
    CHECK(t.of(FindingKind::Rocking)->seen == 2);
    CHECK(t.of(FindingKind::Rocking)->value == Approx(5)); // 3 s of 60, what overlaps once
    const FindingTally* turns = t.of(FindingKind::Turn);
    REQUIRE(turns);
    CHECK(turns->value == Approx(200.0 / 3).margin(0.005)); // % of the turns, as kept
    CHECK(turns->sides[0].seen == 2);
    CHECK(turns->sides[0].faults == 2);
    CHECK(turns->sides[1].seen == 1);
    CHECK(turns->sides[1].faults == 0);
    CHECK_FALSE(t.of(FindingKind::Brake));       // it says nothing of it
    REQUIRE(t.of(FindingKind::ChoppedThrottle)); // that there was none is a good answer
    CHECK(t.of(FindingKind::ChoppedThrottle)->seen == 0);
}

TEST_CASE("what is to be changed names the stick", "[core][advice]")
{
    const auto on = [](std::vector<std::pair<StickAxis, double>> sticks) {
        std::vector<Finding> found;
        double t = 1;
        for (const auto& [axis, seconds] : sticks) {
            Finding f = fault(FindingKind::Rocking, t, 70);
            f.axis = axis, f.end_s = t + seconds, t += 10;
            found.push_back(f);
        }
        return advise(with(found), rules(), nullptr).front().change;
    };
    CHECK(on({{StickAxis::Roll, 5}}) == "Half the movement on roll.");
    CHECK(on({{StickAxis::Pitch, 4}, {StickAxis::Roll, 3}}) == "Half the movement on pitch and roll.");
    CHECK(on({{StickAxis::Roll, 9}, {StickAxis::Pitch, 1}}) == "Half the movement on roll."); // a tenth is not worth the word
    CHECK(on({{StickAxis::Yaw, 3}, {StickAxis::Pitch, 3}}) == "Half the movement on each of these sticks.");
}
