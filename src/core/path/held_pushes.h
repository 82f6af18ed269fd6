#pragma once

#include "core/flight/row_span.h"

#include <vector>

namespace bh {

/// A stick that was held where it should have been nudged: in acro the lean goes on growing.
struct HeldPush {
    StickAxis axis = StickAxis::Pitch; ///< or roll
    double start_s = 0, end_s = 0;
    double lean_deg = 0; ///< at its end
};

/// In acro, the pitch or roll stick beyond 20 % to one side for over 0.6 s, at whose end the lean is over 45° and at least 30°
/// more than at its start. A spin, which turns by 270° or more about that axis, is none. In time order. Limits house.
[[nodiscard]] std::vector<HeldPush> find_held_pushes(const FlightLog& log, RowSpan span);

} // namespace bh
