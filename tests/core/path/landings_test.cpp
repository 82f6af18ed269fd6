// Landings straight down and rolling on, drawn by hand, and which of them suits.
#include "core/path/landings.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

/// Comes down at `sink_mps` with `speed_mps` over the ground and stands, from each height in turn.
FlightLog coming_down(double sink_mps, double speed_mps)
{
    FlightLog log;
    double height = 1, t = 0;
    for (int i = 0; i < 600; ++i, t += 0.01) {
        const bool down = height <= 0;
        FlightSample s;
        s.t_s = t, s.armed = true, s.height_m = std::max(0.0, height);
        s.climb_mps = down ? 0 : -sink_mps, s.vn_mps = down ? 0 : speed_mps;
        s.qw = 1;
        log.append(s);
        height -= 0.01 * sink_mps;
    }
    return log;
}

Landing landed(bool rolling, double sink_mps, int bounces = 0)
{
    Landing l;
    l.sink_mps = sink_mps, l.bounces = bounces, l.speed_mps = rolling ? 1.5 : 0.1;
    return l;
}

} // namespace

TEST_CASE("a landing is straight down, or with some way on", "[core][path]")
{
    const FlightLog straight = coming_down(0.5, 0), rolling = coming_down(0.4, 1.5);
    const auto down = find_landings(straight, {0, straight.size()}), ahead = find_landings(rolling, {0, rolling.size()});
    REQUIRE(down.size() == 1);
    REQUIRE(ahead.size() == 1);
    CHECK_FALSE(down[0].rolling());
    CHECK(down[0].sink_mps == Approx(0.5).margin(0.02));
    CHECK(ahead[0].rolling());
    CHECK(ahead[0].sink_mps == Approx(0.4).margin(0.02));
}

TEST_CASE("which landing suits is told from five of each", "[core][path]")
{
    std::vector<Landing> landings;
    for (int i = 0; i < 5; ++i) landings.push_back(landed(false, 0.9, 1));
    for (int i = 0; i < 4; ++i) landings.push_back(landed(true, 0.4));
    CHECK_FALSE(landing_advice(landings).rolling_suits);
    CHECK(landing_advice(landings).words ==
          "Which landing suits is told from 5 of each: 5 straight down and 4 with some way on so far.");
    landings.push_back(landed(true, 0.4));
    CHECK(landing_advice(landings).rolling_suits == true);
    CHECK(landing_advice(landings).words.english().find("some way on suits better: 0.4 m/s against 1.2 m/s") !=
          std::string::npos);
    for (Landing& l : landings) l.bounces = 0, l.sink_mps = 0.5;
    CHECK_FALSE(landing_advice(landings).rolling_suits); // alike
}
