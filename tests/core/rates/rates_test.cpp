#include "core/base/random.h"
#include "core/counted_memory.h"
#include "core/curves/rate_curve.h"
#include "core/rates/rate_match.h"
#include "core/rates/stopwatch.h"
#include "reference.h"

#include <catch2/catch.hpp>
#include <cmath>

using namespace bh;

namespace {

std::optional<RateCurve> curveOf(const nlohmann::json& row)
{
    const std::string family = row.at("inputs").value("family", ""); // rows that compare two curves have none
    if (family == "centre-max") return CentreMaxCurve{input(row, "centre_dps"), input(row, "max_dps"), input(row, "expo")};
    if (family == "linear-expo") return LinearExpoCurve{input(row, "max_dps"), input(row, "expo")};
    if (family == "gain-edge") return GainEdgeCurve{input(row, "gain"), input(row, "edge"), input(row, "expo")};
    if (family == "gain-curve") return GainCurveCurve{input(row, "gain"), input(row, "edge"), input(row, "curve")};
    if (family == "percent-end")
        return PercentEndCurve{input(row, "rate_dps"), input(row, "end_percent"), input(row, "expo_percent")};
    return std::nullopt;
}

} // namespace

TEST_CASE("rate curves meet the reference points", "[core][rates]")
{
    int checked = 0;
    for (const auto& row : referenceRows("rate_curves.json")) {
        const auto curve = curveOf(row);
        if (!curve) continue;
        CAPTURE(row.at("id").get<std::string>());
        const std::string kind = row.at("kind");
        const auto& expected = row.at("expected");
        if (kind == "rate_at_stick") {
            const auto sticks = row.at("inputs").at("stick").at("value").get<std::vector<double>>();
            const auto rates = expected.at("rate").at("value").get<std::vector<double>>();
            for (std::size_t i = 0; i < sticks.size(); ++i)
                CHECK(rate_dps(*curve, sticks[i]) == Approx(rates[i]).margin(expected["rate"]["abs_tol"].get<double>()));
        } else if (kind == "slope_at_centre") {
            CHECK(meets(expected.at("slope"), centre_slope_dps(*curve)));
        } else if (kind == "full_stick") {
            CHECK(meets(expected.at("rate"), rate_dps(*curve, 1)));
            CHECK(meets(expected.at("roll_time"), full_turn_s(*curve)));
        } else if (kind == "stick_for_rate") {
            CHECK(meets(expected.at("stick"), stick_for_rate(*curve, input(row, "rate"))));
        } else {
            continue;
        }
        ++checked;
    }
    CHECK(checked == 89); // all rows of the five families
}

TEST_CASE("a rate curve is odd, monotone and clamped", "[core][rates]")
{
    const RateCurve curve = GENERATE(
        RateCurve{CentreMaxCurve{150, 350, 0.2}}, RateCurve{CentreMaxCurve{10, 2400, 1}}, RateCurve{LinearExpoCurve{2200, 0.7}},
        RateCurve{GainEdgeCurve{1.3, 0.95, 0.4}}, RateCurve{GainEdgeCurve{4, 1, 0}}, RateCurve{GainCurveCurve{0.8, 0.7, 1}},
        RateCurve{PercentEndCurve{400, 150, 100}}, RateCurve{TableCurve{{0.2, 0.5, 1}, {20, 20, 500}}});
    double last = -1e9;
    for (int i = -100; i <= 100; ++i) {
        const double stick = i / 100.0;
        CHECK(rate_dps(curve, -stick) == -rate_dps(curve, stick));
        CHECK(rate_dps(curve, stick) >= last - 1e-9); // rounding on a flat stretch
        CHECK(std::abs(rate_dps(curve, stick)) <= rate_limit_dps);
        last = rate_dps(curve, stick);
    }
    CHECK(std::isnan(rate_dps(curve, std::nan(""))));
}

TEST_CASE("the stick for a rate is the inverse of the curve", "[core][rates]")
{
    const RateCurve curve = CentreMaxCurve{120, 640, 0.35};
    const double rate = GENERATE(-600.0, -50.0, 1.0, 333.0, 639.0);
    CHECK(rate_dps(curve, stick_for_rate(curve, rate)) == Approx(rate).margin(1e-6));
    CHECK(stick_for_rate(curve, 5000) == 1);
    CHECK(stick_for_rate(curve, -5000) == -1);
}

TEST_CASE("parameters out of range are refused by name", "[core][rates]")
{
    const auto bad_expo = checked(RateCurve{CentreMaxCurve{150, 350, 1.2}});
    REQUIRE_FALSE(bad_expo);
    CHECK(bad_expo.error().code == Error::Code::OutOfRange);
    CHECK(bad_expo.error().english.find("expo") != std::string::npos);
    CHECK(checked(RateCurve{GainEdgeCurve{1, 1.5, 0}}).error().english == "edge must lie in 0 to 1");
    CHECK(checked(RateCurve{PercentEndCurve{300, 0, 120}}).error().english == "expo_percent must lie in 0 to 100");
    CHECK(checked(RateCurve{TableCurve{{0.5, 0.5, 1}, {1, 2, 3}}}).error().english == "stick must rise from above 0 to 1");
    CHECK(checked(RateCurve{TableCurve{{0.5, 1}, {200, 100}}}).error().english.find("rates must never fall") == 0);
    CHECK(checked(RateCurve{TableCurve{{0.5, 0.9}, {100, 200}}}).error().english == "stick must reach 1");
    CHECK_FALSE(checked(RateCurve{TableCurve{}}));
    CHECK_FALSE(checked(RateCurve{LinearExpoCurve{std::nan(""), 0}}));
    CHECK(checked(RateCurve{LinearExpoCurve{500, 0.3}}));
    // Only the output is clamped; a parameter may go beyond it, and the curve below is the steeper for it.
    for (const double max_dps : {2000.0, 2050.0, 2200.0}) {
        CHECK(checked(RateCurve{CentreMaxCurve{200, max_dps, 0.4}}));
        CHECK(rate_dps(LinearExpoCurve{max_dps, 0.2}, 1) == rate_limit_dps);
        CHECK(rate_dps(LinearExpoCurve{max_dps, 0}, 0.5) == Approx(max_dps / 2));
    }
    CHECK_FALSE(checked(RateCurve{LinearExpoCurve{9000, 0.3}}));
}

TEST_CASE("a measured table goes through its points without overshoot", "[core][rates]")
{
    // Fritsch and Carlson's purpose: monotone data give a monotone curve; straight data a straight line.
    const RateCurve straight = TableCurve{{0.1, 0.4, 1}, {35, 140, 350}};
    for (double x = 0; x <= 1; x += 0.05) CHECK(rate_dps(straight, x) == Approx(350 * x).margin(1e-9));
    CHECK(centre_slope_dps(straight) == Approx(350));
    const TableCurve points{{0.25, 0.5, 0.75, 1}, {30, 100, 110, 600}};
    const RateCurve curve = points;
    REQUIRE(checked(curve));
    for (std::size_t i = 0; i < points.stick().size(); ++i)
        CHECK(rate_dps(curve, points.stick()[i]) == Approx(points.rates_dps()[i]));
    for (double x = 0.5; x <= 0.75; x += 0.01) {
        CHECK(rate_dps(curve, x) >= 100 - 1e-9);
        CHECK(rate_dps(curve, x) <= 110 + 1e-9);
    }
    CHECK(std::string(family_key(curve)) == "table");
    CHECK(rate_dps(curve, stick_for_rate(curve, 300)) == Approx(300).margin(1e-6));
}

TEST_CASE("a measured table of a thousand points is read without any memory of its own", "[core][rates]")
{
    std::vector<double> stick, rates_dps;
    for (int i = 1; i <= 1000; ++i) stick.push_back(i / 1000.0), rates_dps.push_back(350 * std::pow(i / 1000.0, 1.5));
    const RateCurve curve = TableCurve{stick, rates_dps};
    REQUIRE(checked(curve));
    double sum = 0;
    const long before = memory_asked_for();
    for (int i = -100; i <= 100; ++i) sum += rate_dps(curve, i / 100.0) + centre_slope_dps(curve);
    CHECK(memory_asked_for() == before); // it promises not to throw
    CHECK(std::isfinite(sum));
    CHECK(rate_dps(curve, 0.5) == Approx(350 * std::pow(0.5, 1.5)).epsilon(1e-6));
}

TEST_CASE("two or three timed stick positions give the family's curve, with intervals that hold the truth", "[core][rates][slow]")
{
    SeededRandom random(12);
    const auto timed = [&](const RateCurve& truth, double stick, double turns) {
        const double seconds = 360 * turns / rate_dps(truth, stick);
        return TimedStick{stick, *timed_rate(turns, seconds + 0.1 * random.normal(), 0.1)};
    };
    const std::vector<RateCurve> truths{CentreMaxCurve{190, 650, 0.4}, LinearExpoCurve{500, 0.4}, GainEdgeCurve{0.9, 0.6, 0.1},
                                        GainCurveCurve{0.8, 0.65, 0.3}, PercentEndCurve{400, 60, 40}};
    for (const RateCurve& truth : truths) {
        INFO(family_key(truth));
        const auto values = parameters_of(truth);
        int inside = 0, all = 0;
        for (int round = 0; round < 100; ++round) {
            const std::vector<TimedStick> timings{timed(truth, 0.3, 5), timed(truth, 0.65, 8), timed(truth, 1, 12)};
            const auto found = rates_from_timings(timings, family_key(truth));
            REQUIRE(found);
            // Three positions and no more than three parameters: the curve goes through what was timed, or its range ends.
            for (std::size_t k = 0; k < values.size(); ++k) {
                ++all;
                inside += found->low[k] <= values[k] && values[k] <= found->high[k];
                CHECK_FALSE(found->assumed[k]);
            }
        }
        CHECK(inside >= 0.9 * all);
    }
    // Two positions of three parameters: the expo is left at 0, and said to be.
    const auto two = rates_from_timings({{0.5, {200, 2}}, {1, {500, 5}}}, "centre-max");
    REQUIRE(two);
    CHECK(two->assumed == std::vector<bool>{false, false, true});
    CHECK(rate_dps(two->curve, 0.5) == Approx(200).epsilon(1e-4));
    CHECK(rate_dps(two->curve, 1) == Approx(500).epsilon(1e-4));
    CHECK(two->low[1] == Approx(500 - 1.96 * 5).epsilon(1e-3)); // full stick is the max alone

    CHECK(rates_from_timings({{1, {500, 5}}}, "centre-max").error().english ==
          "expected timings at two stick positions or more, found 1");
    CHECK(rates_from_timings({{0.5, {200, 2}}, {0.5, {210, 2}}}, "centre-max").error().english.find("apart") !=
          std::string::npos);
    CHECK(rates_from_timings({{0.5, {200, 2}}, {1, {500, 5}}}, "table").error().english.find("found 'table'") !=
          std::string::npos);
    CHECK_FALSE(rates_from_timings({{0.5, {200, 0}}, {1, {500, 5}}}, "centre-max"));
    CHECK_FALSE(rates_from_timings({{1.5, {200, 2}}, {1, {500, 5}}}, "centre-max"));
}
