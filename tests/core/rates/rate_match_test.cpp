// Matching one curve with another family: against optima found by search over the whole range and every step, and against
// many starts of another solver on cases that no table has.
#include "core/base/random.h"
#include "core/curves/rate_families.h"
#include "core/flight/flight.h"
#include "core/rates/rate_match.h"
#include "core/rates/stopwatch.h"
#include "core/rates/turn_numbers.h"
#include "reference.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

nlohmann::json whole(const char* file)
{
    std::ifstream in(std::string(BH_REFERENCE) + "/" + file);
    return nlohmann::json::parse(in);
}

RateCurve curve_of(const nlohmann::json& j, const nlohmann::json& document)
{
    if (j.contains("table")) {
        const auto& table = document["tables"][j["table"].get<std::string>()];
        std::vector<double> at, dps; // the reference joins the knots by straight lines: so many points leave the cubic no room
        const auto stick = table["stick"].get<std::vector<double>>(), rate = table["rate_dps"].get<std::vector<double>>();
        for (std::size_t i = 0; i + 1 < stick.size(); ++i)
            for (int k = 1; k <= 20; ++k) {
                const double share = k / 20.0;
                at.push_back(stick[i] + share * (stick[i + 1] - stick[i]));
                dps.push_back(rate[i] + share * (rate[i + 1] - rate[i]));
            }
        return TableCurve(at, dps);
    }
    const std::string family = j["family"];
    std::vector<double> p;
    for (const RateParameter& of : rate_family(family)->parameters) p.push_back(j.at(std::string(of.key))["value"].get<double>());
    return *curve_with(family, p);
}

/// The bounds and steps of the reference.
MatchOptions reference_options(const std::string& family, const nlohmann::json& document, const std::string& weights)
{
    MatchOptions options;
    if (weights != "uniform") options.weights = document["histograms"][weights]["bins"].get<std::vector<double>>();
    if (family == "centre-max")
        options.ranges = {{10, 2000, 10}, {10, 2000, 10}, {0, 1, 0.01}};
    else
        options.ranges = {{0.01, 2.55, 0.01}, {0, 0.99, 0.01}, {0, 1, 0.01}};
    return options;
}

RateCurve random_curve(std::string_view family, SeededRandom& random)
{
    const auto between = [&](double low, double high) { return low + (high - low) * random.uniform(); };
    if (family == "centre-max") {
        const double centre = between(20, 400);
        return CentreMaxCurve{centre, between(centre, 1100), between(0, 1)};
    }
    if (family == "linear-expo") return LinearExpoCurve{between(100, 1000), between(0, 0.95)};
    if (family == "gain-edge") return GainEdgeCurve{between(0.3, 1.8), between(0, 0.85), between(0, 0.8)};
    if (family == "gain-curve") return GainCurveCurve{between(0.3, 1.8), between(0, 0.85), between(0, 0.8)};
    return PercentEndCurve{between(100, 700), between(0, 150), between(0, 90)};
}

} // namespace

TEST_CASE("matches come within the limits of the reference optima, continuous and on the steps", "[core][rates]")
{
    const auto document = whole("rate_fits.json");
    int checked = 0;
    for (const auto& row : document["rows"]) {
        CAPTURE(row["id"].get<std::string>());
        const std::string family = row["inputs"]["fit_family"];
        MatchOptions options = reference_options(family, document, row["inputs"]["weights"]);
        const auto match = match_rates(curve_of(row["inputs"]["target"], document), family, options);
        REQUIRE(match);
        CAPTURE(match->difference.rms_dps, match->rounded_difference.rms_dps);
        CHECK(match->difference.rms_dps <= row["expected"]["rms_optimum"]["pass_limit"].get<double>());
        CHECK(match->rounded_difference.rms_dps <= row["expected"]["rms_rounded_optimum"]["pass_limit"].get<double>());
        ++checked;
    }
    CHECK(checked == 54);
}

TEST_CASE("between all pairs of families, random targets are matched as well as many starts can", "[core][rates][slow]")
{
    SeededRandom random(7);
    for (const RateFamily& from : rate_families())
        for (const RateFamily& to : rate_families())
            for (int n = 0; n < 6; ++n) {
                const RateCurve target = random_curve(from.key, random);
                MatchOptions options;
                if (n % 2) options.weights = {9, 7, 5, 4, 3, 2, 2, 1, 1, 1};
                const auto match = match_rates(target, to.key, options);
                REQUIRE(match);
                // The judge: the best of many random curves of the family, each walked downhill by halving steps.
                double best = 1e300;
                for (int start = 0; start < 12; ++start) {
                    std::vector<double> p = parameters_of(random_curve(to.key, random)), step;
                    for (const RateParameter& of : to.parameters) step.push_back(0.1 * (std::min(of.high, 1200.0) - of.low));
                    double now = difference(target, *curve_with(to.key, p), options.weights).rms_dps;
                    for (int round = 0; round < 60; ++round) {
                        bool moved = false;
                        for (std::size_t k = 0; k < p.size(); ++k)
                            for (const double side : {1.0, -1.0}) {
                                auto there = p;
                                there[k] = std::clamp(p[k] + side * step[k], to.parameters[k].low, to.parameters[k].high);
                                if (const double cost = difference(target, *curve_with(to.key, there), options.weights).rms_dps;
                                    cost < now)
                                    p = there, now = cost, moved = true;
                            }
                        if (!moved)
                            for (double& s : step) s /= 2;
                    }
                    best = std::min(best, now);
                }
                CAPTURE(std::string(from.key), std::string(to.key), n, parameters_of(target), parameters_of(match->curve),
                        match->difference.rms_dps, best);
                CHECK(match->difference.rms_dps <= 1.02 * best + 0.05);
                CHECK(match->rounded_difference.rms_dps <= match->difference.rms_dps + 3); // the families' steps are fine
            }
}

TEST_CASE("what is to be kept is kept, within the step", "[core][rates]")
{
    const RateCurve target = GainEdgeCurve{1.2, 0.7, 0.1};
    MatchOptions options;
    options.keep_max = true;
    const auto max = match_rates(target, "linear-expo", options);
    CHECK(rate_dps(max->curve, 1) == Approx(rate_dps(target, 1)).margin(0.5));
    CHECK(rate_dps(max->rounded, 1) == Approx(rate_dps(target, 1)).margin(1.01));
    options.keep_max = false;
    options.keep_centre = true;
    const auto centre = match_rates(target, "centre-max", options);
    CHECK(centre_slope_dps(centre->curve) == Approx(centre_slope_dps(target)).margin(0.5));
    CHECK(centre_slope_dps(centre->rounded) == Approx(centre_slope_dps(target)).margin(1.01));
    CHECK(match_rates(target, "centre-max")->difference.rms_dps <= centre->difference.rms_dps);
}

TEST_CASE("ranges and steps of a simulator are kept to, and what cannot be is refused by name", "[core][rates]")
{
    MatchOptions options;
    options.ranges = {{100, 300, 25}, {200, 600, 50}, {0, 0.5, 0.1}};
    const auto match = match_rates(GainEdgeCurve{1, 0.7, 0}, "centre-max", options);
    const auto p = parameters_of(match->rounded);
    for (std::size_t i = 0; i < p.size(); ++i) {
        const double steps = (p[i] - options.ranges[i].low) / options.ranges[i].step;
        CHECK(steps == Approx(std::round(steps)).margin(1e-9));
        CHECK(p[i] <= options.ranges[i].high + 1e-9);
    }
    CHECK(match_rates(GainEdgeCurve{}, "table").error().english.find("found 'table'") != std::string::npos);
    options.ranges[1].step = 0;
    CHECK(match_rates(GainEdgeCurve{}, "centre-max", options).error().english ==
          "max_dps: expected a range from low to high with a step over 0");
    options.ranges.pop_back();
    CHECK(match_rates(GainEdgeCurve{}, "centre-max", options).error().english == "expected 3 ranges for centre-max");
    options = {};
    options.weights = {0, 0};
    CHECK(match_rates(GainEdgeCurve{}, "centre-max", options).error().english == "weights: expected at least one over 0");
    options.weights = {1, -1};
    CHECK_FALSE(match_rates(GainEdgeCurve{}, "centre-max", options));
}

TEST_CASE("the stopwatch meets the reference values", "[core][rates]")
{
    for (const auto& row : referenceRows("stopwatch.json")) {
        CAPTURE(row["id"].get<std::string>());
        if (row["kind"] == "rolls_needed") {
            CHECK(*turns_needed(input(row, "expected_rate"), input(row, "relative_error_wanted"), input(row, "timing_sigma")) ==
                  row["expected"]["rolls"]["value"].get<int>());
            continue;
        }
        const auto timed = row["kind"] == "single"
                               ? timed_rate(input(row, "rolls"), input(row, "total_time"), input(row, "timing_sigma"))
                               : timed_rate(input(row, "rolls"), row["inputs"]["times"]["value"].get<std::vector<double>>());
        REQUIRE(timed);
        CHECK(meets(row["expected"]["rate"], timed->rate_dps));
        CHECK(meets(row["expected"]["standard_error"], timed->standard_error_dps));
    }
    CHECK(timed_rate(0, 5).error().english == "turns: expected more than 0");
    CHECK(timed_rate(5, std::nan("")).error().english == "seconds: expected more than 0");
    CHECK_FALSE(timed_rate(5, std::vector{3.0}));
}

TEST_CASE("what people say of a curve follows from it and the aircraft", "[core][rates]")
{
    Airframe airframe;
    airframe.rate_lag_s = 0.03;
    airframe.max_angular_accel_dps2 = 7000;
    const TurnNumbers n = turn_numbers(CentreMaxCurve{150, 350, 0.2}, airframe);
    CHECK(n.max_dps == Approx(350));
    CHECK(n.centre_dps == Approx(150));
    // Wound up at 7000 °/s² to 140 °/s in 0.02 s, the other 210 within the lag's reach: 0.016 + 0.018 s lost.
    CHECK(n.full_turn_s == Approx(360.0 / 350 + 0.016 + 0.018));
    CHECK(n.flip_height_m == Approx(0.5 * 9.80665 * n.full_turn_s * n.full_turn_s).epsilon(1e-3));
    // The same turn in the flight, from rest at full stick.
    FlightSetup setup;
    setup.airframe.rate_lag_s = 0.03;
    setup.airframe.max_angular_accel_dps2 = 7000;
    setup.rates.roll = CentreMaxCurve{150, 350, 0.2};
    setup.start.height_m = 80;
    Flight flight = *Flight::create(setup);
    double turned_deg = 0, t_s = 0;
    while (turned_deg < 360) {
        flight.step({hover_throttle(setup.airframe), 0, 0, 1});
        turned_deg += degrees(flight.state().rates_radps.x()) * Flight::step_s;
        t_s += Flight::step_s;
    }
    CHECK(t_s == Approx(n.full_turn_s).margin(0.003));
}

TEST_CASE("stick use is a share of the time in each bin", "[core][rates]")
{
    CHECK(stick_use({0, 0.1, -0.3, 0.55, 1, -1}, 4) == std::vector{2.0 / 6, 1.0 / 6, 1.0 / 6, 2.0 / 6});
    CHECK(stick_use({}, 2) == std::vector{0.0, 0.0});
}
