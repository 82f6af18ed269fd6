// Practice curves against a search over the whole range, forecasts in closed form, and how often an interval holds the truth.
#include "core/base/random.h"
#include "core/progress/practice_curve.h"
#include "core/progress/sickness.h"
#include "reference.h"

#include <catch2/catch.hpp>
#include <functional>

using namespace bh;

namespace {

std::vector<double> list(const nlohmann::json& row, const char* name)
{
    return row.at("inputs").at(name).at("value").get<std::vector<double>>();
}

Trials made(std::size_t count, bool higher_is_better, const std::function<double(double)>& value)
{
    Trials t;
    t.higher_is_better = higher_is_better;
    for (std::size_t i = 1; i <= count; ++i)
        t.trial.push_back(static_cast<double>(i)), t.value.push_back(value(static_cast<double>(i)));
    return t;
}

} // namespace

TEST_CASE("both laws with their asymptotes fit as well as a search over every exponent, and the better one is preferred",
          "[core][practice]")
{
    int looked_at = 0;
    for (const auto& row : referenceRows("learning.json")) {
        if (row["kind"] != "compare_with_asymptote") continue;
        ++looked_at;
        CAPTURE(row["id"].get<std::string>());
        const auto curve = practice_curve({list(row, "trials"), list(row, "times"), false});
        REQUIRE(curve);
        const auto& e = row["expected"];
        CHECK(meets(e["sse_power"], curve->power.sse));
        CHECK(meets(e["sse_exponential"], curve->exponential.sse));
        CHECK(meets(e["aicc_power"], *curve->power.aicc));
        CHECK(meets(e["aicc_exponential"], *curve->exponential.aicc));
        const PracticeLaw law = e["preferred"]["value"] == "power"         ? PracticeLaw::Power
                                : e["preferred"]["value"] == "exponential" ? PracticeLaw::Exponential
                                                                           : PracticeLaw::Either;
        CHECK(curve->preferred == law);
    }
    CHECK(looked_at == 4);
}

TEST_CASE("Wright's curve of 80 % is found again, and its trial of a threshold is the closed form's", "[core][practice]")
{
    for (const auto& row : referenceRows("learning.json")) {
        CAPTURE(row["id"].get<std::string>());
        if (row["kind"] == "wright") { // units and their values, without an asymptote
            const auto curve =
                practice_curve({list(row, "units"), row["expected"]["values"]["value"].get<std::vector<double>>(), false});
            REQUIRE(curve);
            CHECK(std::pow(2, -curve->power.b) == Approx(input(row, "learning_rate")).margin(0.002)); // a rate per doubling
            CHECK(curve->power.a + curve->power.c == Approx(input(row, "first_unit")).epsilon(0.001));
        }
        if (row["kind"] == "forecast_direct") {
            const double a = input(row, "a"), b = input(row, "b");
            const Trials t = made(12, false, [&](double n) { return a * std::pow(n, -b); });
            const auto forecast = practice_forecast(t, *practice_curve(t), input(row, "threshold"));
            const auto& expected = row["expected"]["trial_whole"]["value"];
            REQUIRE(forecast);
            if (expected.is_null())
                CHECK_FALSE(forecast->trial);
            else
                CHECK(*forecast->trial == Approx(expected.get<double>()).margin(b == 0 ? 0 : 1)); // the asymptote is fitted too
        }
    }
}

TEST_CASE("marks rise to their best as times fall to theirs", "[core][practice]")
{
    const Trials marks = made(20, true, [](double n) { return 90 - 60 * std::exp(-0.2 * n); });
    const auto curve = practice_curve(marks);
    REQUIRE(curve);
    CHECK(curve->preferred == PracticeLaw::Exponential);
    CHECK(curve->exponential.a == Approx(60).epsilon(1e-4));
    CHECK(curve->exponential.b == Approx(0.2).epsilon(1e-4));
    CHECK(curve->exponential.c == Approx(90).epsilon(1e-4));
    CHECK(curve->at(5, true) == Approx(90 - 60 * std::exp(-1)));
    // 90 − 60·exp(−0.2·n) ≥ 88 from n = ln(30)/0.2 = 17.01 on.
    const auto forecast = practice_forecast(marks, *curve, 88);
    REQUIRE(forecast);
    CHECK(forecast->trial == 18.0);
    CHECK(forecast->low == 18.0); // nothing is left to chance
    CHECK(forecast->high == 18.0);
    CHECK_FALSE(practice_forecast(marks, *curve, 95)->trial); // above the asymptote: never
    CHECK(practice_forecast(marks, *curve, 20)->trial == 1.0);
    // The marks that fall are no practice: flat is the best that such a curve can be.
    const auto falling = practice_curve(made(10, true, [](double n) { return 80 - n; }));
    CHECK(falling->power.a == 0);
    CHECK(falling->power.c == Approx(74.5));
}

TEST_CASE("few attempts forecast nothing, and what is no series of attempts is refused", "[core][practice]")
{
    const auto four = made(4, false, [](double n) { return 50 / n; });
    const auto curve = practice_curve(four);
    REQUIRE(curve);
    CHECK_FALSE(curve->power.aicc);
    CHECK(curve->preferred == PracticeLaw::Either);
    CHECK_FALSE(practice_forecast(four, *curve, 10));
    CHECK(practice_forecast(made(5, false, [](double n) { return 50 / n; }), *curve, 10));
    CHECK_FALSE(practice_curve({{1, 2}, {3, 4}, false}));
    CHECK_FALSE(practice_curve({{1, 3, 2}, {3, 4, 5}, false}));
    CHECK_FALSE(practice_curve({{0, 1, 2}, {3, 4, 5}, false}));
}

TEST_CASE("no progress is a slope that may be nought, at a level that is short", "[core][practice]")
{
    SeededRandom random(4);
    const Trials flat = made(12, true, [&](double) { return 50 + random.normal(); });
    CHECK(on_a_plateau(flat, 60));
    CHECK_FALSE(on_a_plateau(flat, 40));                                                                   // good enough
    CHECK_FALSE(on_a_plateau(made(12, true, [&](double n) { return 40 + 2 * n + random.normal(); }), 80)); // it rises
    CHECK_FALSE(on_a_plateau(made(7, true, [&](double) { return 50 + random.normal(); }), 60));            // fewer than eight
    Trials times = flat;
    times.higher_is_better = false;
    CHECK(on_a_plateau(times, 40));
}

namespace {

/// How often the interval of learners whose attempts hang together holds their own trial, and on which side it misses it.
struct Held {
    double held = 0, sooner = 0, later = 0; ///< shares
};
Held held_by_the_interval(bool power, double correlation, int learners)
{
    SeededRandom random(11);
    Held found;
    for (int k = 0; k < learners; ++k) {
        const double a = 40 + 40 * random.uniform(), b = power ? 0.2 + 0.5 * random.uniform() : 0.05 + 0.15 * random.uniform();
        const double c = 10 + 10 * random.uniform(), sd = 1 + 3 * random.uniform();
        const auto own = [&](double n) { return c + a * (power ? std::pow(n, -b) : std::exp(-b * n)); };
        const auto count = static_cast<std::size_t>(8 + 24 * random.uniform());
        const double trial = std::ceil(static_cast<double>(count) * (0.8 + 0.9 * random.uniform())),
                     threshold = own(trial) + 1e-9;
        double off = random.normal();
        const Trials t = made(count, false, [&](double n) {
            if (n > 1) off = correlation * off + std::sqrt(1 - correlation * correlation) * random.normal();
            return own(n) + sd * off;
        });
        const auto forecast = practice_forecast(t, *practice_curve(t), threshold);
        const double low = forecast->low.value_or(1e9), high = forecast->high.value_or(1e9);
        found.held += (low <= trial && trial <= high) / static_cast<double>(learners);
        found.sooner += (trial < low) / static_cast<double>(learners);
        found.later += (trial > high) / static_cast<double>(learners);
    }
    return found;
}

} // namespace

TEST_CASE("the 80 % interval holds the learner's own trial in about 80 of 100 where attempts hang together, and misses it on "
          "both sides",
          "[core][practice][slow]")
{
    constexpr int learners = 300; // two standard errors are 4.6 of 100
    for (const bool power : {true, false}) {
        const Held together = held_by_the_interval(power, 0.5, learners), apart = held_by_the_interval(power, 0, learners);
        CAPTURE(power, together.held, together.sooner, together.later, apart.held);
        CHECK(together.held >= 0.74);
        CHECK(together.held <= 0.88);
        CHECK(together.sooner < 2.5 * together.later + 0.02); // 76 to 13 before
        CHECK(together.later < 2.5 * together.sooner + 0.02);
        CHECK(apart.held >= 0.8); // nobody knows that they do not: it is wider than it had to be
    }
}

TEST_CASE("no progress is said of who stands still, and seldom of who still gains half a standard deviation an attempt",
          "[core][practice]")
{
    const auto told = [](double slope_sd, const std::optional<double>& usual) {
        SeededRandom random(5);
        int none = 0;
        constexpr int learners = 1000;
        for (int k = 0; k < learners; ++k)
            none += progress_of(made(8, true, [&](double n) { return 30 + slope_sd * n + random.normal(); }), 60, usual) ==
                    Progress::None;
        return none / static_cast<double>(learners);
    };
    CHECK(told(0.5, {}) < 0.06); // one in four before
    CHECK(told(0.5, 0.5) < 0.06);
    CHECK(told(0, 0.5) > 0.6);
    CHECK(told(0, {}) > 0.6);
    CHECK(told(0.5, 3) > 0.15); // where others gain three times as much, it is told as it was
    std::vector<Trials> others(3, made(6, true, [](double n) { return 20 + 5 * n; }));
    CHECK(*usual_slope(others, 60) == Approx(5));
    CHECK_FALSE(usual_slope({others[0], others[1]}, 60));
    others.push_back(made(20, true, [](double n) { return n < 8 ? 10 + 8 * n : 90; })); // only until it is passed
    CHECK(*usual_slope(others, 60) == Approx(5));
    const Trials flat = made(12, true, [](double n) { return 50 + (static_cast<int>(n) % 2); });
    CHECK_FALSE(practice_forecast(flat, *practice_curve(flat), 60)->trial); // a flat learner gets no number
    SeededRandom random(3);
    for (int k = 0; k < 50; ++k) {
        const Trials noisy = made(12, true, [&](double) { return 50 + 4 * random.normal(); });
        if (on_a_plateau(noisy, 60)) CHECK_FALSE(practice_forecast(noisy, *practice_curve(noisy), 60)->trial);
    }
}

TEST_CASE("the sickness questionnaire gives the scores of its reference", "[core][sickness]")
{
    int looked_at = 0;
    for (const auto& row : referenceRows("sickness.json")) {
        CAPTURE(row["id"].get<std::string>());
        const auto score = sickness_score(row["inputs"]["answers"]["value"].get<std::vector<int>>());
        REQUIRE(score);
        const auto& e = row["expected"];
        CHECK(meets(e["nausea"], score->nausea));
        CHECK(meets(e["oculomotor"], score->oculomotor));
        CHECK(meets(e["disorientation"], score->disorientation));
        CHECK(meets(e["total"], score->total));
        ++looked_at;
    }
    CHECK(looked_at == 10);
    int of_each[3] = {};
    for (const Symptom& s : symptoms()) of_each[0] += s.nausea, of_each[1] += s.oculomotor, of_each[2] += s.disorientation;
    for (const int count : of_each) CHECK(count == 7);
    CHECK_FALSE(sickness_score({1, 2, 3}));
    CHECK(sickness_score({0, 0, 0, 0, 4, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0}).error().english ==
          "answer 5 (Difficulty focusing): expected 0 to 3, found 4");
}

TEST_CASE("a forecast that is noise is not told", "[core][practice]")
{
    CHECK(PracticeForecast{12, 9, 18}.tells_after(8));
    CHECK_FALSE(PracticeForecast{1, 1, 3}.tells_after(8));             // the curve has passed it already
    CHECK_FALSE(PracticeForecast{12, 9, 60}.tells_after(8));           // anything between the next and the sixtieth
    CHECK_FALSE(PracticeForecast{12, 9, std::nullopt}.tells_after(8)); // or never
    CHECK_FALSE(PracticeForecast{std::nullopt, 9, 30}.tells_after(8));
}
