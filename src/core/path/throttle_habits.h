#pragma once

#include "core/flight/row_span.h"

#include <vector>

namespace bh {

/// A throttle that was held at an end where it should not have been.
struct ThrottleHeld {
    double start_s = 0, end_s = 0;
};

/// Chopped to nothing for a descent: under 5 % for over 0.4 s, armed and in the air, sinking at over 3 m/s at its end. Not in a
/// spin. Limits house.
[[nodiscard]] std::vector<ThrottleHeld> find_chopped_throttle(const FlightLog& log, RowSpan span);

/// Full throttle at a take-off: over 90 % for over 0.5 s, begun within 3 s of leaving the ground. Limits house.
[[nodiscard]] std::vector<ThrottleHeld> find_full_throttle_take_offs(const FlightLog& log, RowSpan span);

} // namespace bh
