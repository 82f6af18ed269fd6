// Intervals against published data: a straight line, and a difference of means by the bootstrap.
#include "core/base/stats.h"

#include <catch2/catch.hpp>

using namespace bh;

TEST_CASE("the slope and its standard error are the certified ones", "[core][stats]")
{
    // Norris (1979), calibration of ozone monitors: NIST Statistical Reference Datasets, linear regression, lower difficulty.
    // Data and certified values from memory; that they fit each other to ten digits is the check of that.
    const std::vector<double> y{0.1, 338.8, 118.1, 888.0, 9.2,   228.1, 668.5, 998.5, 449.1, 778.9, 559.2, 0.3,
                                0.1, 778.1, 668.8, 339.3, 448.9, 10.8,  557.7, 228.3, 998.0, 888.8, 119.6, 0.3,
                                0.6, 557.6, 339.3, 888.0, 998.5, 778.9, 10.2,  117.6, 228.9, 668.4, 449.2, 0.2};
    const std::vector<double> x{0.2, 337.4, 118.2, 884.6, 10.1,  226.5, 666.3, 996.3, 448.6, 777.0, 558.2, 0.4,
                                0.6, 775.5, 666.9, 338.0, 447.5, 11.6,  556.0, 228.1, 995.8, 887.6, 120.2, 0.3,
                                0.3, 556.8, 339.1, 887.2, 999.0, 779.0, 11.1,  118.3, 229.2, 669.1, 448.9, 0.5};
    REQUIRE(x.size() == 36);
    REQUIRE(y.size() == 36);
    const SlopeInterval s = slope_interval(x, y);
    CHECK(s.slope == Approx(1.00211681802045).epsilon(1e-10));
    const double t_34 = 2.032244509; // Student's t, 34 degrees of freedom, 97.5 %
    CHECK((s.high - s.low) / 2 == Approx(t_34 * 0.429796848199937e-3).epsilon(1e-6));
    CHECK((s.high + s.low) / 2 == Approx(s.slope));
    // Two points tell a slope, and nothing of where it lies.
    CHECK(std::isinf(slope_interval({1, 2}, {3, 4}).high));
    CHECK(std::isinf(slope_interval({1, 1, 1}, {3, 4, 5}).low));
}

TEST_CASE("the bootstrap of a difference agrees with the mice of the textbook", "[core][stats]")
{
    // Efron and Tibshirani, An Introduction to the Bootstrap (1993), table 2.1: days that mice survived, with the treatment and
    // without; the difference is 30.63. The ideal bootstrap's standard errors are √(Σ(x−x̄)²)/n: 23.36 and 13.33.
    const std::vector<double> treated{94, 197, 16, 38, 99, 141, 23}, control{52, 104, 146, 10, 51, 30, 40, 27, 46};
    SeededRandom random(3);
    const auto means = resampled_means(treated, random);
    CHECK(sample_sd(means) == Approx(23.36).epsilon(0.04));
    CHECK(mean(means) == Approx(86.86).epsilon(0.02));
    const DifferenceInterval d = bootstrap_difference(control, treated);
    CHECK(d.difference == Approx(30.63).margin(0.01));
    CHECK(d.low < 0); // "we cannot reject"
    CHECK((d.high - d.low) / (2 * 1.96) == Approx(std::hypot(23.36, 13.33)).epsilon(0.06));
    const DifferenceInterval again = bootstrap_difference(control, treated);
    CHECK(again.low == d.low); // seeded
}

TEST_CASE("the bootstrap's interval holds the truth about as often as it says", "[core][stats]")
{
    // From 20 and 20 draws of two normal distributions 1 apart; percentile intervals of few values are known to be a little
    // short.
    SeededRandom random(17);
    int held = 0;
    constexpr int tries = 300, each = 20;
    for (int k = 0; k < tries; ++k) {
        std::vector<double> from, to;
        for (int i = 0; i < each; ++i) from.push_back(random.normal()), to.push_back(1 + random.normal());
        const DifferenceInterval d = bootstrap_difference(from, to, static_cast<std::uint64_t>(k) + 1);
        held += d.low <= 1 && 1 <= d.high;
    }
    CHECK(held >= 0.90 * tries);
    CHECK(held <= 0.99 * tries);
}

TEST_CASE("Student's t at 97.5 % is that of the published tables", "[core][base]")
{
    // The table of critical values that every handbook has (NIST/SEMATECH e-Handbook of Statistical Methods 1.3.6.7.2, from
    // memory).
    const std::vector<std::pair<double, double>> table{{1, 12.706}, {2, 4.303},  {3, 3.182},  {4, 2.776},  {5, 2.571},
                                                       {6, 2.447},  {7, 2.365},  {8, 2.306},  {9, 2.262},  {10, 2.228},
                                                       {15, 2.131}, {20, 2.086}, {30, 2.042}, {60, 2.000}, {120, 1.980}};
    for (const auto& [freedom, t] : table) {
        CAPTURE(freedom);
        CHECK(student_t_975(freedom) == Approx(t).margin(0.0006));
    }
    CHECK(student_t_975(0) == student_t_975(1));
    CHECK(student_t_975(1e6) == Approx(1.96).margin(0.0001)); // the normal deviate
}
