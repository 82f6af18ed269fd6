// What the newer drills measure: an aircraft that flies ahead, leans, dives, even speeds.
#include "core/drill/drill_runner.h"
#include "core/drill/measures.h"
#include "files/documents/drill_document.h"

#include <catch2/catch.hpp>
#include <cmath>

using namespace bh;

namespace {

/// Rows 0.1 s apart.
template <class At>
FlightLog flown(int rows, At at)
{
    FlightLog log;
    for (int i = 0; i < rows; ++i) {
        FlightSample s;
        s.t_s = 0.1 * i;
        s.armed = true;
        at(s, i);
        log.append(as_logged(s));
    }
    log.has_position = true;
    return log;
}
RowSpan all(const FlightLog& log) { return {0, log.size()}; }

} // namespace

TEST_CASE("the same seed flies ahead the same way, within its field, another seed another", "[core][drill]")
{
    const LeadAircraft lead_aircraft{7, 6, 8, 10, 5, 15, 60};
    const LeadAircraftPath a(lead_aircraft, {10, 0, -8}, 0, 120), b(lead_aircraft, {10, 0, -8}, 0, 120);
    LeadAircraft other = lead_aircraft;
    other.seed = 8;
    const LeadAircraftPath c(other, {10, 0, -8}, 0, 120);
    double farthest = 0, slowest = 1e9, quickest = 0, most_turned = 0;
    for (double t = 0; t < 120; t += 0.5) {
        CHECK(a.at(t).position_m == b.at(t).position_m);
        const LeadAircraftPlace place = a.at(t);
        farthest = std::max(farthest, (place.position_m - Vec3(10, 0, -8)).head<2>().norm());
        slowest = std::min(slowest, place.velocity_mps.head<2>().norm());
        quickest = std::max(quickest, place.velocity_mps.head<2>().norm());
        most_turned = std::max(most_turned, std::abs(place.heading_deg));
        CHECK(place.position_m.z() <= -3);
        // It goes where its speed says.
        const Vec3 step = a.at(t + 0.1).position_m - place.position_m;
        CHECK(step.norm() < 1.5);
    }
    CHECK(farthest < 120);
    CHECK(slowest < 4);  // brakes
    CHECK(quickest > 6); // and goes on
    CHECK(most_turned > 60);
    CHECK(a.at(60).position_m != c.at(60).position_m);
    CHECK(a.at(1e6).position_m == a.at(121).position_m); // stands at its end
}

TEST_CASE("behind it is within the window and off its tail", "[core][drill]")
{
    const auto path = std::make_shared<const LeadAircraftPath>(LeadAircraft{1, 6, 8, 10, 5, 15, 60}, Vec3(0, 0, -8), 0, 2);
    CHECK(path->followed_from({-10, 0, -8}, 0));
    CHECK_FALSE(path->followed_from({-4, 0, -8}, 0));
    CHECK_FALSE(path->followed_from({-16, 0, -8}, 0));
    CHECK_FALSE(path->followed_from({10, 0, -8}, 0)); // ahead of it
    CHECK_FALSE(path->followed_from({0, 10, -8}, 0)); // beside it
    const FlightLog log = flown(20, [&](FlightSample& s, int i) {
        const Vec3 at = path->at(0.1 * i).position_m;
        s.north_m = at.x() - (i < 15 ? 10 : 30), s.east_m = at.y(), s.height_m = -at.z();
    });
    MeasureOptions options;
    options.lead_aircraft = path;
    CHECK(*measure(log, all(log), Measure::GapInWindow, options) == Approx(0.75));
    CHECK_FALSE(measure(log, all(log), Measure::GapInWindow));
}

TEST_CASE("throttle, speed and sink are measured as by hand", "[core][drill]")
{
    // Throttle 0.3 and 0.5 in turn: mean 0.4, standard deviation 0.1. Speeds 4 and 6: 1 m/s about 5.
    const FlightLog even = flown(40, [](FlightSample& s, int i) {
        s.sticks.throttle = i % 2 ? 0.5 : 0.3;
        s.vn_mps = i % 2 ? 6 : 4;
        s.height_m = 20 - 0.1 * i;
        s.climb_mps = i == 7 ? -6.5 : -1;
    });
    CHECK(*measure(even, all(even), Measure::ThrottleSd) == Approx(0.1));
    CHECK(*measure(even, all(even), Measure::SpeedSdMps) == Approx(1));
    CHECK(*measure(even, all(even), Measure::SinkPeakMps) == Approx(6.5));
    CHECK(*measure(even, all(even), Measure::LowestM) == Approx(16.1));
    CHECK(*measure(even, all(even), Measure::SpeedKept) == Approx(1)); // the least is the first
    const FlightLog slows = flown(10, [](FlightSample& s, int i) { s.ve_mps = 8 - 0.5 * i; });
    CHECK(*measure(slows, all(slows), Measure::SpeedKept) == Approx(3.5 / 8));
    // Two bursts of half a second, and a blip of one row that is none.
    const FlightLog bursts = flown(100, [](FlightSample& s, int i) {
        s.sticks.throttle = (i >= 20 && i < 25) || (i >= 60 && i < 65) || i == 80 ? 0.9 : 0.4;
    });
    CHECK(*measure(bursts, all(bursts), Measure::ThrottleBursts) == 2);
}

TEST_CASE("a lean counts towards its side only, and is kept", "[core][drill]")
{
    for (const auto& [pitch_up, bank, towards] :
         {std::tuple{-25.0, 0.0, "forward"}, {25.0, 0.0, "back"}, {0.0, 25.0, "right"}, {0.0, -25.0, "left"}}) {
        CAPTURE(towards);
        for (const std::string asked : {"forward", "back", "right", "left"}) {
            const std::string text = R"({"format":"bluehangar.drill/1","id":"x","name":"x","version":1,"setup":{"modes":["acro"]},
                "phases":[{"id":"lean","instruction":"","goal":{"lean_deg":20,"towards":")" +
                                     asked + R"(","for_s":1},"time_limit_s":60}],
                "criteria":[{"measure":"throttle_sd","label":"x","unit":"share","phases":["lean"],"fail":1,"pass":0.5,"merit":0.1}]})";
            const auto drill = parse_drill(text, "x");
            REQUIRE(drill);
            DrillRunner runner(*drill);
            const Quat q = attitude(70, pitch_up, bank); // whatever the heading
            runner.follow(flown(30, [&](FlightSample& s, int) { s.qw = q.w(), s.qx = q.x(), s.qy = q.y(), s.qz = q.z(); }));
            CHECK((runner.status() == DrillRunner::Status::Finished) == (asked == towards));
        }
    }
}
