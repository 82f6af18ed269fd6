#pragma once

#include "core/debrief/debrief.h"
#include "core/path/crashes.h"

#include <array>
#include <optional>

namespace bh {

/// What one flight says of one kind of finding, short enough to be kept with every attempt.
struct FindingTally {
    FindingKind kind = FindingKind::Rocking;
    int seen = 0, faults = 0;
    double value = 0;  ///< as habit_measure() says; more is worse
    double weight = 0; ///< of the weightiest fault, 0: none; see Finding
    struct OfSide {
        int seen = 0, faults = 0;
    };
    std::array<OfSide, 2> sides{}; ///< left, right; of kinds that have sides
    bool operator==(const FindingTally& other) const;
};

/// One for each kind that the flight says something of, in the kinds' order. Brakes, spins, landings and the like say nothing
/// where there were none; rocking that was not seen is a good answer.
struct FlightTally {
    std::vector<FindingTally> kinds;
    std::optional<std::vector<Crash>> crashes{}; ///< nothing: nobody looked for them
    [[nodiscard]] const FindingTally* of(FindingKind kind) const;
    bool operator==(const FlightTally&) const = default;
};
[[nodiscard]] FlightTally tally(const Debrief& debrief);

} // namespace bh
