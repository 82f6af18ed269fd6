#pragma once

#include "core/flight/row_span.h"

namespace bh {

/// Coming to a stop from forward flight.
struct Brake {
    double entry_speed_mps = 0;
    double height_gain_m = 0;      ///< highest point after the start over the height at the start
    double stop_s = 0, stop_m = 0; ///< from 95 % to 5 % of the entry speed, and the way over ground in that time
};

/// The brake within a span that begins with it: the entry speed is the greatest of the first 0.3 s. Nothing when the
/// aircraft was not faster than 1 m/s or does not come down to 5 % of that (or under 0.4 m/s).
[[nodiscard]] std::optional<Brake> brake_in(const FlightLog& log, RowSpan span);

} // namespace bh
