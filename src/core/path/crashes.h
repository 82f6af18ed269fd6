#pragma once

#include "core/flight/flight_log.h"

#include <vector>

namespace bh {

/// A crash, as far as the flight log says how hard it was.
struct Crash {
    double speed_mps = 0; ///< in space, in the tenth of a second before
    double height_m = 0;  ///< above the ground, from which it falls then
    bool operator==(const Crash&) const = default;
};
/// In their order. None where the log has no positions.
[[nodiscard]] std::vector<Crash> find_crashes(const FlightLog& log);

} // namespace bh
