// Two flights laid over each other: the warping against every way there is, and differences in words.
#include "core/base/random.h"
#include "core/debrief/compare.h"

#include <catch2/catch.hpp>
#include <functional>

using namespace bh;

namespace {

/// The least sum over every monotone path, one by one.
double least_of_all(const std::vector<Vec3>& a, const std::vector<Vec3>& b)
{
    double least = 1e300;
    const std::function<void(std::size_t, std::size_t, double)> walk = [&](std::size_t i, std::size_t j, double sum) {
        sum += (a[i] - b[j]).norm();
        if (i + 1 == a.size() && j + 1 == b.size()) least = std::min(least, sum);
        if (i + 1 < a.size()) walk(i + 1, j, sum);
        if (j + 1 < b.size()) walk(i, j + 1, sum);
        if (i + 1 < a.size() && j + 1 < b.size()) walk(i + 1, j + 1, sum);
    };
    walk(0, 0, 0);
    return least;
}

/// Straight to the north at a speed and a height.
FlightLog run_north(double speed_mps, double height_m, double long_m)
{
    FlightLog log;
    for (double t_s = 0; t_s * speed_mps <= long_m + 1e-9; t_s += 0.02) {
        FlightSample s;
        s.t_s = t_s;
        s.north_m = speed_mps * t_s, s.height_m = height_m;
        s.vn_mps = speed_mps;
        s.armed = true;
        log.append(s);
    }
    return log;
}

Debrief with_brake(const FlightLog& log, double at_s, double gain_m)
{
    Debrief d;
    d.duration_s = log.duration_s();
    d.has_position = true;
    d.phases.push_back({});
    d.phases.back().id = "run";
    d.phases.back().start_s = log.t_s.front(), d.phases.back().end_s = log.t_s.back();
    d.findings.push_back(
        {FindingKind::Brake, StickAxis::Pitch, std::nullopt, at_s, at_s + 1, false, 0, {{"height_gain_m", gain_m}}});
    return d;
}

} // namespace

TEST_CASE("the warping is the least of all there are, and never goes back", "[core][compare]")
{
    SeededRandom random(5);
    for (int k = 0; k < 40; ++k) {
        std::vector<Vec3> a, b;
        const auto length = [&] { return 2 + static_cast<std::size_t>(random.uniform() * 5); };
        for (std::size_t n = length(); n > 0; --n) a.emplace_back(random.normal(), random.normal(), random.normal());
        for (std::size_t n = length(); n > 0; --n) b.emplace_back(random.normal(), random.normal(), random.normal());
        const Warping w = warped(a, b);
        CAPTURE(k, a.size(), b.size());
        CHECK(w.distance_m == Approx(least_of_all(a, b)));
        CHECK(warped(b, a).distance_m == Approx(w.distance_m)); // either way round
        REQUIRE(w.pairs.front() == std::pair<std::size_t, std::size_t>(0, 0));
        REQUIRE(w.pairs.back() == std::pair(a.size() - 1, b.size() - 1));
        double sum = 0;
        for (std::size_t i = 0; i < w.pairs.size(); ++i) {
            sum += (a[w.pairs[i].first] - b[w.pairs[i].second]).norm();
            if (i == 0) continue;
            const std::size_t on = w.pairs[i].first - w.pairs[i - 1].first, other_on = w.pairs[i].second - w.pairs[i - 1].second;
            CHECK(on <= 1);
            CHECK(other_on <= 1);
            CHECK(on + other_on >= 1);
        }
        CHECK(sum == Approx(w.distance_m));
    }
}

TEST_CASE("the same way at half the speed is bent by as much as it is longer", "[core][compare]")
{
    const FlightLog fast = run_north(6, 3, 60), slow = run_north(3, 3, 60);
    const auto c = compare(slow, with_brake(slow, 18, 0), fast, with_brake(fast, 9, 0));
    REQUIRE(c);
    REQUIRE(c->phases.size() == 1);
    CHECK(c->phases[0].id == "run");
    CHECK(c->phases[0].apart_m < 0.2); // half of a step of 0.1 s
    CHECK(c->phases[0].most_bent_s == Approx(10).margin(0.2));
    CHECK(c->phases[0].bent_s == Approx(5).margin(0.3));
    for (const double t_s : {2.0, 8.0, 15.0, 19.0}) CHECK(c->other_time_s(t_s) == Approx(t_s / 2).margin(0.15));
    for (std::size_t i = 1; i < c->times.size(); ++i) CHECK(c->times[i].second >= c->times[i - 1].second);
    const FlightLog over = laid_over(slow, fast, *c);
    REQUIRE(over.size() == slow.size());
    for (std::size_t i = 0; i < over.size(); i += 50) CHECK(over.north_m[i] == Approx(slow.north_m[i]).margin(0.8));
}

TEST_CASE("what one does otherwise is told in words and numbers, the weightiest first", "[core][compare]")
{
    const FlightLog log = run_north(5, 5, 40), other = run_north(5, 3.1, 40);
    const auto c = compare(log, with_brake(log, 4.8, 0.2), other, with_brake(other, 4, 0.3));
    REQUIRE(c);
    REQUIRE(c->differences.size() == 2);
    CHECK(c->differences[0].words == "brakes 0.8 s later and 1.9 m higher");
    CHECK(c->differences[0].phase == "run");
    CHECK(c->differences[0].at_s == Approx(4.8));
    CHECK(c->differences[1].words == "is 1.9 m higher in the mean");
    CHECK(c->differences[0].weight > c->differences[1].weight);
    CHECK(c->phases[0].apart_m == Approx(1.9).margin(0.05));
    // The other way round it is the other way round; with itself there is nothing to say.
    CHECK(compare(other, with_brake(other, 4, 0.3), log, with_brake(log, 4.8, 0.2))->differences[0].words ==
          "brakes 0.8 s earlier and 1.9 m lower");
    CHECK(compare(log, with_brake(log, 4, 0), log, with_brake(log, 4, 0))->differences.empty());
    FlightLog sticks = log;
    sticks.has_position = false;
    const auto none = compare(log, {}, sticks, {});
    REQUIRE_FALSE(none);
    CHECK(none.error().english.find("no positions") != std::string::npos);
}
