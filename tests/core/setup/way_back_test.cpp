// The order of the steps is common practice of the trade (no source); their sizes and limits are house.
#include "core/setup/way_back.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {
const Easing eased{0.8, 0.9, 250, 20}, real{1, 1, 375, 35};
}

TEST_CASE("the ladder gives back power first, then propellers, rates, tilt", "[core][setup]")
{
    const auto rungs = ladder(eased, real);
    std::vector<std::pair<Eased, double>> ends;
    for (const Rung& r : rungs) ends.emplace_back(r.what, r.to);
    const std::vector<std::pair<Eased, double>> expected{{Eased::Power, 0.9}, {Eased::Power, 1},   {Eased::Propellers, 1},
                                                         {Eased::Rates, 300}, {Eased::Rates, 375}, {Eased::Tilt, 25},
                                                         {Eased::Tilt, 30},   {Eased::Tilt, 35}};
    REQUIRE(ends.size() == expected.size());
    for (std::size_t i = 0; i < ends.size(); ++i) {
        CAPTURE(i);
        CHECK(ends[i].first == expected[i].first);
        CHECK(ends[i].second == Approx(expected[i].second));
    }
    CHECK(ladder(real, real).empty());
    CHECK(ladder({1, 1, 680, 30}, {1, 1, 350, 30}).empty()); // faster already: nothing to give back
}

TEST_CASE("one step at a time, and half of it back", "[core][setup]")
{
    WayBack way{eased, real, 0, {}, false};
    WayBackStanding s = standing_of(way, eased);
    CHECK(s.climbed == 0);
    REQUIRE(s.next);
    CHECK(s.next->what == Eased::Power);
    CHECK(s.next->to == Approx(0.9));
    CHECK_FALSE(s.back);
    way.taken.push_back({10, *s.next, 0.05});
    Easing now = eased;
    now.power_share = 0.9;
    s = standing_of(way, now);
    CHECK(s.climbed == 1);
    REQUIRE(s.back);
    CHECK(s.back->to == Approx(0.85));
    way.taken.push_back({20, *s.back, 0.3});
    now.power_share = 0.85;
    s = standing_of(way, now);
    CHECK(s.climbed == 0);
    CHECK_FALSE(s.back); // not twice in a row
    CHECK(s.next->from == Approx(0.85));
    CHECK(s.next->to == Approx(0.9));
    now = real;
    s = standing_of(way, now);
    CHECK_FALSE(s.next);
    CHECK(s.climbed == s.rungs.size());
}

TEST_CASE("a step is offered under 15 % rocking over five flights, and taken back when that rises", "[core][setup]")
{
    WayBack way{eased, real, 0, {}, false};
    const WayBackStanding first = standing_of(way, eased);
    CHECK(advice(first, {4, 0.0}) == WayBackAdvice::FlyMore);
    CHECK(advice(first, {5, 0.149}) == WayBackAdvice::Step);
    CHECK(advice(first, {5, 0.15}) == WayBackAdvice::Stay);
    way.taken.push_back({10, *first.next, std::nullopt});
    Easing now = eased;
    now.power_share = 0.9;
    const WayBackStanding second = standing_of(way, now);
    CHECK(advice(second, {2, 0.4}) == WayBackAdvice::FlyMore);
    CHECK(advice(second, {3, 0.4}) == WayBackAdvice::GoBack);
    CHECK(advice(standing_of(way, real), {5, 0.0}) == WayBackAdvice::Through);
}
