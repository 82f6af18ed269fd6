#pragma once

#include "core/path/rocking.h"
#include "core/path/turns.h"

#include <vector>

namespace bh {

/// A turn that was stirred through: too much, too much back, and so on until it fits.
struct StirredCorner {
    double start_s = 0, end_s = 0; ///< of the stirring, around the turn
    double turn_start_s = 0, turn_end_s = 0;
    int swings = 0;            ///< turning points of the roll stick
    double bank_swing_deg = 0; ///< of the bank with it, from one side to the other, mean
};

/// From 0.5 s before a turn until 1 s after it, or until the next one begins, the roll stick has three turning points or more,
/// each over 12 % of its travel both ways and at most 0.9 s from the next, and the bank turns round as often, by over 6° each
/// time. In time order. Limits house.
[[nodiscard]] std::vector<StirredCorner> find_stirred_corners(const FlightLog& log, RowSpan span, const std::vector<Turn>& turns);

/// Over-control in corners is a fault where two turns of a flight, or 40 % of them, are stirred through (house).
[[nodiscard]] bool is_over_control(const std::vector<StirredCorner>& corners, std::size_t turns);
/// How long before and after a turn its stirring counts.
inline constexpr double before_turn_s = 0.5, after_turn_s = 1;

} // namespace bh
