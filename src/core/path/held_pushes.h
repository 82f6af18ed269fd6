#pragma once

#include "core/flight/row_span.h"

namespace bh {

/// Times that the pitch or roll stick was held beyond 20 % for over 0.6 s in acro while the lean grew over 45°.
[[nodiscard]] int held_pushes(const FlightLog& log, RowSpan span);

} // namespace bh
