#pragma once

#include "core/base/random.h"
#include "core/drill/drill_rail.h"
#include "core/standin/stand_in_pilot.h"

#include <deque>

namespace bh {

/// A hand by the crossover model (McRuer and Krendel, AGARDograph 188, 1974; figures from memory): it sees late, its muscles lag,
/// and it answers an error with a gain and some lead. Nothing is planted: what it does wrong follows from these.
struct CrossoverHand {
    double delay_s = 0.25;        ///< effective, 0.2–0.4
    double neuromuscular_s = 0.1; ///< first-order lag
    double gain = 0.4;            ///< of the attitude loops, a share of that at which they are not stable any more
    double lead_s = 2;    ///< of a place to be held, times the speed loop's own time: how far ahead it looks by what it sees
    double remnant = 0.1; ///< noise in what it sees, of the error's own size
};

/// Where an attitude loop of this hand around an aircraft that turns at a commanded rate, with that lag, is at the edge of
/// stability: the frequency at which delay, both lags and the integration add up to half a cycle, and the gain there, 1/s.
struct StabilityEdge {
    double rad_per_s = 0, gain_per_s = 0;
};
[[nodiscard]] StabilityEdge stability_edge(const CrossoverHand& hand, double rate_lag_s);

/// Flies a drill in acro with that hand, phases of height, staying, places, runs and ways; others are over by their time. Seeded.
/// Errors as Flight::create.
[[nodiscard]] Result<FlownDrill> fly_crossover(const Drill& drill, FlightSetup setup, const CrossoverHand& hand,
                                               std::uint64_t seed);

} // namespace bh
