#pragma once

#include "core/flight/row_span.h"

#include <vector>

namespace bh {

/// A brake from flight to a stop over a place.
struct Brake {
    double start_s = 0, end_s = 0;
    double entry_speed_mps = 0;
    double height_gain_m = 0; ///< ballooning: the highest above where it began, at least 0
    double stop_s = 0, stop_m = 0;
    bool throttle_first = false; ///< the throttle went down with the stick
};

/// The brake with which a span begins: from 95 % to 5 % of the entry speed (or slower than 0.4 m/s). Nothing when it enters at
/// under 1 m/s or does not stop.
[[nodiscard]] std::optional<Brake> brake_in(const FlightLog& log, RowSpan span);

/// Every brake in a span: from the pitch stick going back at over 3 m/s until the aircraft is slower than 1 m/s; the height is
/// that gained until half a second later. The throttle went first when it fell by 1.5 % of its travel below its mean, between 0.2
/// s before the stick went back and 0.6 s after. Limits house.
[[nodiscard]] std::vector<Brake> find_brakes(const FlightLog& log, RowSpan span);

/// A gain above which a brake is at fault (house).
inline constexpr double ballooning_m = 1.5;

} // namespace bh
