#pragma once

#include "core/flight/flight_log.h"

#include <cstddef>

namespace bh {

/// Whether an aircraft that was upset is flying again in a row: within 20° of level, turning slower than 60 °/s about roll
/// and pitch, sinking slower than 1.5 m/s (house).
[[nodiscard]] bool recovered(const FlightLog& log, std::size_t row);

} // namespace bh
