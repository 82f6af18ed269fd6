// A second hand, which nobody planted anything in: the crossover model (McRuer and Krendel, AGARDograph 188, 1974).
#include "core/debrief/debrief.h"
#include "core/path/rocking.h"
#include "core/standin/crossover_pilot.h"
#include "files/data_folder.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <numbers>

using namespace bh;

namespace {

const DataFolder data(BH_DATA);

FlownDrill flown(const std::string& drill_id, const CrossoverHand& hand, std::uint64_t seed)
{
    const Drill drill = *data.drill(drill_id);
    auto flight = fly_crossover(drill, *data.setup_for(drill, RateProfile{}), hand, seed);
    REQUIRE(flight);
    return std::move(*flight);
}

bool rocks_or_stirs(const std::string& drill_id, const FlownDrill& flight)
{
    const Debrief d = debrief(flight.log, *data.drill(drill_id), &flight.score);
    return std::any_of(d.findings.begin(), d.findings.end(), [](const Finding& f) {
        return f.fault && (f.kind == FindingKind::Rocking || f.kind == FindingKind::OverControl);
    });
}

} // namespace

TEST_CASE("the edge of stability is where delay and lags add up to half a cycle", "[core][standin]")
{
    // A pure delay around an integration: the ultimate frequency is π/2 over the delay and the gain there equals it (textbook).
    CrossoverHand pure;
    pure.delay_s = 0.3, pure.neuromuscular_s = 0;
    const StabilityEdge edge = stability_edge(pure, 0);
    CHECK(edge.rad_per_s == Approx(std::numbers::pi / 2 / 0.3));
    CHECK(edge.gain_per_s == Approx(edge.rad_per_s));
    CHECK(stability_edge({}, 0.03).rad_per_s < stability_edge({}, 0).rad_per_s); // more lag, less of it
}

TEST_CASE("a gain inside the stable region flies the drills without a fault of rocking", "[core][standin]")
{
    for (const char* drill : {"hover-window", "straight-run", "oval-pair"})
        for (const double delay_s : {0.2, 0.3}) {
            CrossoverHand hand;
            hand.delay_s = delay_s;
            const FlownDrill flight = flown(drill, hand, 3);
            CAPTURE(drill, delay_s, summary_of(flight.score));
            CHECK(flight.score.passed);
            CHECK_FALSE(rocks_or_stirs(drill, flight));
        }
}

TEST_CASE("a gain beyond it rocks at the frequency that the loop itself has", "[core][standin]")
{
    for (const double delay_s : {0.2, 0.3}) {
        CrossoverHand hand;
        hand.delay_s = delay_s, hand.gain = 1.25;
        const FlownDrill flight = flown("hover-window", hand, 3);
        CAPTURE(delay_s);
        CHECK(rocks_or_stirs("hover-window", flight));
        const auto spans = find_rocking(flight.log, {0, flight.log.size()});
        REQUIRE_FALSE(spans.empty());
        const auto longest = std::max_element(
            spans.begin(), spans.end(), [](const auto& a, const auto& b) { return a.end_s - a.start_s < b.end_s - b.start_s; });
        const double edge_hz = stability_edge(hand, Airframe{}.rate_lag_s).rad_per_s / (2 * std::numbers::pi);
        CHECK(longest->frequency_hz == Approx(edge_hz).epsilon(0.25)); // stops of the stick and limits of the motors slow it
    }
}
