// Every drill that ships, flown by the stand-in pilot in the real flight: a good hand passes it in its usual mode, and more
// skill scores more.
#include "core/drill/demonstration.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <numeric>

using namespace bh;

namespace {

/// Ranks with ties shared (Spearman 1904).
std::vector<double> ranks(const std::vector<double>& values)
{
    std::vector<std::size_t> order(values.size());
    std::iota(order.begin(), order.end(), 0u);
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return values[a] < values[b]; });
    std::vector<double> rank(values.size());
    for (std::size_t i = 0; i < order.size();) {
        std::size_t j = i;
        while (j + 1 < order.size() && values[order[j + 1]] == values[order[i]]) ++j;
        for (std::size_t k = i; k <= j; ++k) rank[order[k]] = static_cast<double>(i + j) / 2;
        i = j + 1;
    }
    return rank;
}

double correlation(const std::vector<double>& a, const std::vector<double>& b)
{
    const double n = static_cast<double>(a.size());
    const double ma = std::accumulate(a.begin(), a.end(), 0.0) / n, mb = std::accumulate(b.begin(), b.end(), 0.0) / n;
    double ab = 0, aa = 0, bb = 0;
    for (std::size_t i = 0; i < a.size(); ++i)
        ab += (a[i] - ma) * (b[i] - mb), aa += (a[i] - ma) * (a[i] - ma), bb += (b[i] - mb) * (b[i] - mb);
    return aa > 0 && bb > 0 ? ab / std::sqrt(aa * bb) : 0;
}

const std::vector<Drill>& ladder()
{
    static const std::vector<Drill> drills = [] {
        const DataFolder data(BH_DATA);
        auto all = *data.drills();
        const Drill eight = *data.drill("figure-eight"); // that the sticks of the one without a flight follow
        const auto shown = fly_drill(eight, *data.setup_for(eight, RateProfile{}), 0.95, 11);
        for (Drill& drill : all)
            if (drill.sticks_only) drill = shadowing(drill, std::make_shared<const FlightLog>(shown->log));
        return all;
    }();
    return drills;
}

} // namespace

TEST_CASE("every drill is passed with skill 0.95, the same seed flies the same, and it is read again to the same score",
          "[core][ladder][slow]")
{
    REQUIRE_FALSE(ladder().empty());
    for (const Drill& drill : ladder()) {
        CAPTURE(drill.id);
        const auto setup = DataFolder(BH_DATA).setup_for(drill, RateProfile{});
        REQUIRE(setup);
        const auto flown = fly_drill(drill, *setup, 0.95, 7);
        REQUIRE(flown);
        CAPTURE(summary_of(flown->score));
        CHECK(flown->score.passed);
        CHECK(flown->score.score >= 80);
        for (const CriterionScore& c : flown->score.criteria) {
            CAPTURE(c.criterion.label);
            CHECK((c.value || c.criterion.if_any)); // every criterion is measured in a whole flight
        }
        CHECK(fly_drill(drill, *setup, 0.95, 7)->log.height_m == flown->log.height_m);
        const auto again = score_log(drill, flown->log);
        REQUIRE(again);
        CHECK(again->score == flown->score.score);
    }
}

TEST_CASE("more skill scores more in every drill", "[core][ladder][slow]")
{
    for (const Drill& drill : ladder()) {
        const auto setup = DataFolder(BH_DATA).setup_for(drill, RateProfile{});
        REQUIRE(setup);
        std::vector<double> skills, scores;
        for (const double skill : {0.1, 0.3, 0.5, 0.7, 0.95})
            for (std::uint64_t seed = 1; seed <= 6; ++seed) {
                skills.push_back(skill);
                scores.push_back(fly_drill(drill, *setup, skill, seed)->score.score);
            }
        CAPTURE(drill.id, scores);
        CHECK(correlation(ranks(skills), ranks(scores)) >= 0.8);
    }
}

TEST_CASE("drills with two sides say how far apart they are", "[core][ladder]")
{
    int with_sides = 0;
    for (const Drill& drill : ladder()) {
        const auto gap = std::find_if(drill.criteria.begin(), drill.criteria.end(),
                                      [](const Criterion& c) { return c.measure == Measure::SideGap; });
        if (gap == drill.criteria.end()) continue;
        ++with_sides;
        CAPTURE(drill.id);
        int left = 0, right = 0;
        for (const Phase& p : drill.phases) left += p.side == Side::Left, right += p.side == Side::Right;
        CHECK(left == right);
        CHECK(left > 0);
    }
    CHECK(with_sides >= 6);
}
