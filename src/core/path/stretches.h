#pragma once

#include "core/flight/row_span.h"

#include <vector>

namespace bh {

/// The parts of a span that were flown: without what comes after a crash, until the flight is put back or leaves the ground
/// again. What sticks and aircraft do in between says nothing of the flying.
[[nodiscard]] std::vector<RowSpan> flown_stretches(const FlightLog& log, RowSpan span);

} // namespace bh
