#pragma once

#include "core/flight/row_span.h"

#include <vector>

namespace bh {

/// What the throttle did after a crash or a planted failure of the motors.
struct ThrottleCut {
    double start_s = 0, end_s = 0; ///< until it was under 5 %, or the log's end
    [[nodiscard]] double seconds() const { return end_s - start_s; }
};
/// The fall after a failure is no second one.
[[nodiscard]] std::vector<ThrottleCut> find_throttle_cuts(const FlightLog& log, RowSpan span);

/// For each crash (or planted failure of the motors) in the span, how long until the throttle was under 5 %; where the log
/// ends first, until then.
[[nodiscard]] std::vector<double> throttle_cuts_s(const FlightLog& log, RowSpan span);

} // namespace bh
