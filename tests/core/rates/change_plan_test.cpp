// Change plans, handling ratings, blind tests, advice by evidence, and whether a match still holds.
#include "core/base/random.h"
#include "core/curves/curve_handles.h"
#include "core/curves/rate_families.h"
#include "core/rates/blind_test.h"
#include "core/rates/change_plan.h"
#include "core/rates/handling.h"
#include "core/rates/kept_match.h"
#include "core/rates/purpose.h"
#include "core/rates/turn_numbers.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <set>

using namespace bh;

namespace {

RateProfile all_axes(const RateCurve& curve) { return {"", curve, curve, curve}; }

ChangePlan plan_of(const RateCurve& from, const RateCurve& to, bool yaw_too = false)
{
    ChangePlan plan;
    plan.from = all_axes(from);
    plan.to = all_axes(to);
    plan.locked[2] = !yaw_too;
    return plan;
}

/// Flies a plan to its end, each step rated the same.
std::vector<RateStep> flown_to_the_end(ChangePlan plan, int rating, std::size_t most = 100)
{
    std::vector<RateStep> steps;
    for (auto standing = standing_of(plan); standing && standing->next && steps.size() < most; standing = standing_of(plan)) {
        steps.push_back(*standing->next);
        plan.flown.push_back({*standing->next, rating});
    }
    return steps;
}

} // namespace

TEST_CASE("a plan goes from here to there: centre, then max, then expo, no step over 15 % of the max", "[core][rates]")
{
    ChangePlan plan = plan_of(CentreMaxCurve{150, 450, 0.1}, CentreMaxCurve{260, 800, 0.4});
    const auto steps = flown_to_the_end(plan, 3);
    REQUIRE(steps.size() >= 5);
    RateProfile now = plan.from;
    std::size_t last_parameter = 0;
    for (const RateStep& step : steps) {
        CHECK(step.axes == std::vector{RateAxis::Roll, RateAxis::Pitch}); // the same now and then: together
        CHECK(step.parameter >= last_parameter);
        last_parameter = step.parameter;
        const RateProfile then = with_parameter(now, step, step.to);
        const CurveDifference d = difference(now.roll, then.roll);
        CHECK(d.worst_dps == Approx(step.worst_dps));
        CHECK(d.worst_dps <= 0.15 * 800 + 1e-9);
        CHECK(parameters_of(now.roll)[step.parameter] == step.from);
        now = then;
    }
    CHECK(now.roll == plan.to.roll);
    CHECK(now.pitch == plan.to.pitch);
    CHECK(now.yaw == plan.from.yaw); // locked
    CHECK(standing_of(plan)->left.size() == steps.size());
    plan.flown.push_back({steps[0], 2});
    CHECK(standing_of(plan)->left.size() == steps.size() - 1);
    CHECK(flown_to_the_end(plan_of(CentreMaxCurve{150, 450, 0.1}, CentreMaxCurve{150, 450, 0.1}), 2).empty());
}

TEST_CASE("a rating of 7 goes half-way back and makes the steps after it smaller; 6 does not", "[core][rates]")
{
    ChangePlan plan = plan_of(CentreMaxCurve{150, 400, 0}, CentreMaxCurve{150, 460, 0});
    const auto first = standing_of(plan)->next;
    REQUIRE(first);
    CHECK(first->from == 400);
    CHECK(first->to == 460); // 60 of 460 is 13 %
    plan.flown = {{*first, 6}};
    CHECK(std::get<CentreMaxCurve>(standing_of(plan)->now.roll).max_dps == 460);
    CHECK_FALSE(standing_of(plan)->next);
    plan.flown = {{*first, 7}};
    const auto back = standing_of(plan);
    CHECK(std::get<CentreMaxCurve>(back->now.roll).max_dps == 430);
    REQUIRE(back->next);
    CHECK(back->next->from == 430);
    CHECK(back->next->worst_dps <= 0.075 * 460 + 1e-9);
    // A step of one lattice unit that is found bad leaves nothing half-way that is not on the lattice.
    CHECK(left_by({RateStep{{RateAxis::Roll}, 1, 400, 410, 10}, 9}, {0, 2000, 10}) == Approx(410)); // 405 rounds to a step
    CHECK(left_by({RateStep{{RateAxis::Roll}, 1, 400, 440, 40}, 9}, {0, 2000, 10}) == 420);
}

TEST_CASE("plans of all families end where they should, in steps on the lattice", "[core][rates][slow]")
{
    SeededRandom random(31);
    for (const RateFamily& family : rate_families())
        for (int round = 0; round < 20; ++round) {
            std::vector<double> ends[2];
            for (auto& values : ends)
                for (const RateParameter& p : family.parameters) {
                    const double high = p.unit == "°/s"   ? 900
                                        : p.key == "gain" ? 2
                                        : p.key == "edge" ? 0.8
                                        : p.unit == "%"   ? 80
                                                          : p.high;
                    values.push_back(p.low + std::round(random.uniform() * (high - p.low) / p.step) * p.step);
                }
            ChangePlan plan = plan_of(*curve_with(family.key, ends[0]), *curve_with(family.key, ends[1]), true);
            INFO(family.key);
            const auto steps = flown_to_the_end(plan, 4, 300);
            RateProfile now = plan.from;
            for (const RateStep& s : steps) {
                now = with_parameter(now, s, s.to);
                const RateParameter& p = family.parameters[s.parameter];
                const double on = (s.to - p.low) / p.step;
                const bool at_the_end = s.to == parameters_of(curve_of(plan.to, s.axes.front()))[s.parameter];
                CHECK((at_the_end || std::abs(on - std::round(on)) < 1e-6));
            }
            const auto reached = parameters_of(now.yaw);
            for (std::size_t k = 0; k < reached.size(); ++k) CHECK(reached[k] == Approx(ends[1][k]).margin(1e-6));
        }
}

TEST_CASE("a plan between two families is refused in a sentence", "[core][rates]")
{
    const auto refused = standing_of(plan_of(CentreMaxCurve{}, GainEdgeCurve{}));
    REQUIRE_FALSE(refused);
    CHECK(refused.error().english == "rates: expected both in one family that can be set, found centre-max and gain-edge");
    ChangePlan none = plan_of(CentreMaxCurve{}, CentreMaxCurve{});
    none.most_share = 0;
    CHECK_FALSE(standing_of(none));
}

TEST_CASE("the handling questions reach every rating once, in the shape of the published scale", "[core][rates]")
{
    // NASA TN D-5153, figure 7: three questions lead to 10, 7-9, 4-6 and 1-3.
    const auto questions = handling_questions();
    std::multiset<int> ratings;
    std::set<std::size_t> reached{0};
    for (std::size_t i = 0; i < questions.size(); ++i)
        for (const HandlingAnswer& a : questions[i].answers) {
            if (a.rating)
                ratings.insert(a.rating);
            else {
                REQUIRE(a.next > i); // no way round in circles
                REQUIRE(a.next < questions.size());
                reached.insert(a.next);
            }
        }
    CHECK(reached.size() == questions.size());
    CHECK(ratings == std::multiset<int>{1, 2, 3, 4, 5, 6, 7, 8, 9, 10});
    const auto end_of = [&](std::vector<std::size_t> answers) {
        std::size_t at = 0;
        for (const std::size_t answer : answers) {
            const HandlingAnswer& a = questions[at].answers[answer];
            if (a.rating) return a.rating;
            at = a.next;
        }
        return 0;
    };
    CHECK(end_of({1}) == 10);
    CHECK(end_of({0, 1, 0}) == 7);
    CHECK(end_of({0, 1, 2}) == 9);
    CHECK(end_of({0, 0, 1, 0}) == 4);
    CHECK(end_of({0, 0, 0, 0}) == 1);
    CHECK(handling_words(10) == "No, it got away from me");

    CHECK(handling_steady({8, 5, 3, 4, 3}));
    CHECK_FALSE(handling_steady({3, 3}));
    CHECK_FALSE(handling_steady({2, 4, 3})); // two apart
    CHECK_FALSE(handling_steady({4, 5, 5}));

    const auto hours = why_not_on_aircraft(4.97, 5, {3, 3, 3});
    REQUIRE(hours);
    CHECK(in_words(*hours) == "Not on the aircraft yet: 4.9 of 5 hours flown on these rates, 3 handling ratings.");
    const auto unsteady = why_not_on_aircraft(5, 5, {3, 6});
    REQUIRE(unsteady);
    CHECK(unsteady->why == NotOnAircraft::Why::Ratings);
    CHECK(in_words(*unsteady).english().find("the handling ratings are not steady") != std::string::npos);
    CHECK_FALSE(why_not_on_aircraft(5, 5, {6, 3, 3, 4}));
}

TEST_CASE("a blind test's p-value is the binomial tail", "[core][rates]")
{
    // Table of the binomial distribution, n = 8 and 10, p = 1/2: P(X >= 7 of 8) = 9/256, P(X >= 9 of 10) = 11/1024.
    CHECK(chance_of(7, 8) == Approx(9.0 / 256));
    CHECK(chance_of(8, 8) == Approx(1.0 / 256));
    CHECK(chance_of(9, 10) == Approx(11.0 / 1024));
    CHECK(chance_of(0, 8) == Approx(1));
    CHECK(chance_of(5, 5) == Approx(0.03125));
    BlindTest test{77, 8, {}};
    int bs = 0;
    for (int i = 0; i < 8; ++i) test.said_b.push_back(test.x_is_b(i));
    CHECK(test.over());
    CHECK(test.right() == 8);
    CHECK(test.p_value() == Approx(1.0 / 256));
    for (std::uint64_t seed = 0; seed < 2000; ++seed) bs += BlindTest{seed, 8, {}}.x_is_b(static_cast<int>(seed % 8));
    CHECK(bs == Approx(1000).margin(110)); // five spreads of a fair coin
    // Guessing is found out: of 2000 tests answered by coin, about 35 in 1000 look like telling apart.
    SeededRandom coin(5);
    int fooled = 0;
    for (std::uint64_t seed = 0; seed < 2000; ++seed) {
        BlindTest guess{seed, 8, {}};
        for (int i = 0; i < 8; ++i) guess.said_b.push_back(coin.uniform() < 0.5);
        fooled += guess.p_value() < 0.05;
    }
    CHECK(fooled == Approx(2000 * 9.0 / 256).margin(42)); // five spreads
}

TEST_CASE("advice is reckoned from rocking and from planned flips", "[core][rates]")
{
    Airframe aircraft;
    aircraft.rate_lag_s = 0.03;
    aircraft.max_angular_accel_dps2 = 1e9; // winds up at once, and then lags
    // Free fall of 5 m: √(2·5/9.80665) = 1.0098 s; less the lag of 0.03 s the turn has 0.9798 s: 367.4 °/s.
    const auto least = least_rate_for_flip_dps(5, aircraft);
    REQUIRE(least);
    CHECK(*least == Approx(360 / (std::sqrt(10 / 9.80665) - 0.03)).epsilon(1e-6));
    CHECK(turn_numbers(LinearExpoCurve{*least, 0}, aircraft).flip_height_m == Approx(5).epsilon(1e-6));
    CHECK_FALSE(least_rate_for_flip_dps(0.02, aircraft));
    CHECK_FALSE(least_rate_for_flip_dps(0, aircraft));

    CHECK(rate_advice({350, std::nullopt, std::nullopt, aircraft}).empty());
    CHECK(rate_advice({350, 0.1, std::nullopt, aircraft})[0].sentence == "Nothing speaks against 350 °/s.");
    const auto rocking = rate_advice({400, 0.32, std::nullopt, aircraft});
    REQUIRE(rocking.size() == 1);
    CHECK(rocking[0].at_most_dps == Approx(340));
    CHECK(rocking[0].reckoning.english().find("Rocking 32 % of the newest flights, over 15 %; 400 °/s less 15 % is 340 °/s") ==
          0);
    CHECK(rate_advice({270, 0.32, std::nullopt, aircraft})[0].at_most_dps == 250); // no slower
    CHECK(rate_advice({250, 0.32, std::nullopt, aircraft})[0].sentence.english().find("slow already") != std::string::npos);
    const auto both = rate_advice({350, 0.32, 3, aircraft});
    REQUIRE(both.size() == 3); // slower for the hand, faster for the flip: said so
    CHECK(both[1].sentence.english().find("Faster") == 0);
    CHECK(both[2].sentence.english().find("Both do not go together yet") == 0);
    // One voice: what is said of the rates goes by all that is known at once.
    FlipsOnRate settled{350, 4, 4, 5, 0.2}, late{350, 4, 0, 5, 0.9}, crooked{350, 4, 4, 40, 0.2}, few{350, 2, 2, 5, 0.2};
    const auto verdict = [&](std::optional<double> rocking_share, const FlipsOnRate& flips) {
        return rate_verdict({350, rocking_share, std::nullopt, aircraft, flips});
    };
    CHECK(verdict(0.32, settled)->sentence ==
          "Slower: go down to 298 °/s, the hand over-controls, though the flips are settled in time.");
    CHECK(verdict(0.05, settled)->sentence == "Keep 350 °/s: the flips are settled in time. That counts more than any table.");
    CHECK(verdict(0.05, late)->at_most_dps == Approx(332.5));
    CHECK(verdict(0.05, crooked)->at_most_dps == Approx(332.5)); // in time, but off level
    CHECK(verdict(std::nullopt, late)->sentence == "A little slower: 332 °/s, the flips are not settled in time.");
    CHECK_FALSE(verdict(std::nullopt, few)); // nothing that tells
    CHECK_FALSE(rate_verdict({350, std::nullopt, std::nullopt, aircraft}));
    CHECK(verdict(0.05, {350, 3, 3, 5, 0})->reckoning.english().find("settled at once") != std::string::npos);
    CHECK(rate_advice({800, std::nullopt, 5, aircraft})[0].sentence.english().find("end in time") != std::string::npos);
    CHECK(rate_advice({800, std::nullopt, 0.01, aircraft})[0].sentence.english().find("No flips") == 0);
}

TEST_CASE("the bands of purposes are those of the trade", "[core][rates]")
{
    // Common practice, no source: learner 250-350, calm filming 450 or less, racing 350-400, freestyle 700-1000.
    const auto& bands = rate_bands();
    CHECK(bands[0].low_dps == 250);
    CHECK(bands[0].high_dps == 350);
    CHECK(bands[1].high_dps == 450);
    CHECK(bands[2].low_dps == 350);
    CHECK(bands[2].high_dps == 400);
    CHECK(bands[3].low_dps == 700);
    CHECK(bands[3].high_dps == 1000);
    for (const RateBand& b : bands) {
        CHECK(b.start_dps >= b.low_dps);
        CHECK(b.start_dps <= b.high_dps);
        CHECK(b.start_yaw_dps <= b.start_dps);
    }
}

TEST_CASE("a match holds until one of its sides is changed, and says which", "[core][rates]")
{
    const std::vector<ParameterRange> ranges{{0, 1000, 10}, {0, 2000, 10}, {0, 1, 0.01}};
    KeptMatch match{"real-a", "sim-b", all_axes(GainEdgeCurve{}), all_axes(CentreMaxCurve{150, 350, 0.2}), "centre-max", ranges};
    RateProfile real = match.real, practised = match.practised;
    real.name = "by another name";
    MatchedThings now{&real, &practised, "centre-max", ranges};
    CHECK_FALSE(why_stale(match, now));
    SECTION("real")
    {
        real.yaw = GainEdgeCurve{1, 0.4, 0};
        CHECK(why_stale(match, now) == Stale::AircraftRates);
    }
    SECTION("practised")
    {
        practised.roll = CentreMaxCurve{150, 360, 0.2};
        CHECK(why_stale(match, now) == Stale::PractisedRates);
    }
    SECTION("steps")
    {
        now.ranges[1].step = 5;
        CHECK(why_stale(match, now) == Stale::Profile);
    }
    SECTION("family")
    {
        now.family = "gain-edge";
        CHECK(why_stale(match, now) == Stale::Profile);
    }
    SECTION("no rates")
    {
        now.family.clear();
        CHECK(why_stale(match, now) == Stale::NoRatesToSet);
    }
    SECTION("gone")
    {
        now.real = nullptr;
        CHECK(why_stale(match, now) == Stale::AircraftGone);
    }
}

TEST_CASE("a curve's end and centre are moved apart from each other, in every family", "[core][rates]")
{
    const std::vector<RateCurve> curves{CentreMaxCurve{150, 500, 0.3}, LinearExpoCurve{500, 0.6}, GainEdgeCurve{0.9, 0.6, 0.1},
                                        GainCurveCurve{0.8, 0.65, 0.3}, PercentEndCurve{300, 60, 40}};
    for (const RateCurve& curve : curves) {
        INFO(family_key(curve));
        const double centre = centre_slope_dps(curve), end = rate_dps(curve, 1);
        const RateCurve faster = with_end(curve, end + 80), steeper = with_centre(curve, centre + 25);
        CHECK(rate_dps(faster, 1) == Approx(end + 80));
        CHECK(centre_slope_dps(faster) == Approx(centre));
        CHECK(centre_slope_dps(steeper) == Approx(centre + 25));
        CHECK(rate_dps(steeper, 1) == Approx(end));
        CHECK(std::string(family_key(faster)) == family_key(curve));
        for (const RateCurve& moved :
             {faster, steeper, with_end(curve, -50), with_end(curve, 1e6), with_centre(curve, -50), with_centre(curve, 1e6)})
            CHECK(checked(moved));
    }
    const TableCurve table{{0.5, 1}, {200, 600}};
    CHECK(std::get<TableCurve>(with_end(table, 800)) == table);
}
