// Smoothness and shadowing: against reference values, the exact integral, and sticks whose lag is known.
#include "core/base/number_text.h"
#include "core/base/random.h"
#include "core/drill/measures.h"
#include "core/path/shadowing.h"
#include "core/path/smoothness.h"
#include "reference.h"

#include <catch2/catch.hpp>
#include <fstream>

using namespace bh;

namespace {

/// The last column of a CSV: the speed.
std::vector<double> speeds(const std::string& file)
{
    std::ifstream in(std::string(BH_REFERENCE) + "/" + file);
    std::string line;
    std::getline(in, line);
    std::vector<double> all;
    while (std::getline(in, line)) all.push_back(*bh::number_of(line.substr(line.find_last_of(',') + 1)));
    return all;
}

/// Sticks of slow sines of different lengths, `late_s` behind, with a share of noise.
FlightLog sines(double late_s, double noise, std::uint64_t seed)
{
    SeededRandom random(seed);
    FlightLog log;
    log.has_position = false;
    for (int i = 0; i <= 3000; ++i) {
        FlightSample s;
        s.t_s = 0.01 * i;
        const double t = s.t_s - late_s;
        s.sticks = {0.5 + 0.2 * std::sin(1.1 * t) + 0.2 * noise * random.normal(), 0,
                    0.5 * std::sin(0.7 * t + 1) + 0.5 * noise * random.normal(),
                    0.4 * std::sin(1.9 * t) + 0.4 * noise * random.normal()};
        log.append(s);
    }
    return log;
}

} // namespace

TEST_CASE("smoothness meets the reference values", "[core][debrief]")
{
    int checked = 0;
    for (const auto& row : referenceRows("smoothness.json")) {
        if (row["kind"] != "smoothness") continue;
        CAPTURE(row["id"].get<std::string>());
        const auto speed = speeds(row["inputs"]["file"].get<std::string>());
        const auto arc = sparc(speed, input(row, "sample_rate")), jerk = log_dimensionless_jerk(speed, input(row, "sample_rate"));
        REQUIRE(arc);
        REQUIRE(jerk);
        CAPTURE(*arc, *jerk);
        CHECK(meets(row["expected"]["sparc"], *arc));
        CHECK(meets(row["expected"]["log_dimensionless_jerk"], *jerk));
        ++checked;
    }
    CHECK(checked == 7);
}

TEST_CASE("a minimum-jerk movement comes near its exact value, and rest has no smoothness", "[core][debrief]")
{
    const auto jerk = log_dimensionless_jerk(speeds("smoothness/min_jerk_2s_250hz.csv"), 250);
    CHECK(*jerk == Approx(-std::log(204.8)).margin(0.06)); // 720 / 1.875²: the integral of the quintic's jerk
    CHECK_FALSE(sparc(std::vector<double>(200, 0.0), 100));
    CHECK_FALSE(log_dimensionless_jerk(std::vector<double>(200, 0.0), 100));
    CHECK_FALSE(sparc({1.0, 2.0}, 100));
}

TEST_CASE("sticks that follow a demonstration are found with their lag, axis by axis", "[core][debrief]")
{
    const FlightLog shown = sines(0, 0, 1);
    for (const double late_s : {0.0, 0.18, 0.4, 0.9}) {
        CAPTURE(late_s);
        const FlightLog hand = sines(late_s, 0.2, 2);
        const auto follows = follow_sticks(shown, hand, {0, hand.size()});
        CHECK_FALSE(follows[static_cast<std::size_t>(StickAxis::Yaw)]); // the demonstration leaves it alone
        for (const StickAxis axis : {StickAxis::Throttle, StickAxis::Pitch, StickAxis::Roll}) {
            REQUIRE(follows[static_cast<std::size_t>(axis)]);
            CHECK(follows[static_cast<std::size_t>(axis)]->lag_s == Approx(late_s).margin(0.061));
            // A sine of amplitude a has a standard deviation of a/√2; with noise of 0.2 a on it r = 1/√(1 + 2·0.2²).
            CHECK(follows[static_cast<std::size_t>(axis)]->correlation == Approx(1 / std::sqrt(1.08)).margin(0.02));
        }
        MeasureOptions options;
        options.demonstration = std::make_shared<const FlightLog>(shown);
        CHECK(*measure(hand, {0, hand.size()}, Measure::StickLagMs, options) == Approx(1000 * late_s).margin(61));
    }
}

TEST_CASE("sticks that do something else do not follow", "[core][debrief]")
{
    const FlightLog shown = sines(0, 0, 1), hand = sines(0.2, 30, 3);
    MeasureOptions options;
    options.demonstration = std::make_shared<const FlightLog>(shown);
    CHECK(*measure(hand, {0, hand.size()}, Measure::StickMatch, options) < 0.2);
    CHECK_FALSE(measure(hand, {0, hand.size()}, Measure::StickLagMs, options)); // no lag can be told
    CHECK_FALSE(measure(hand, {0, hand.size()}, Measure::StickMatch, {}));
}
