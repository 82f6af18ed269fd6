#pragma once

#include "core/flight/row_span.h"

#include <vector>

namespace bh {

/// For each crash (or planted failure of the motors) in the span, how long until the throttle was under 5 %; where the log
/// ends first, until then.
[[nodiscard]] std::vector<double> throttle_cuts_s(const FlightLog& log, RowSpan span);

} // namespace bh
