#pragma once

#include "core/flight/row_span.h"

namespace bh {

/// A turn of the nose over ground.
struct Turn {
    RowSpan rows;
    double start_s = 0, end_s = 0;
    double heading_change_deg = 0; ///< to the right positive, of the whole turn from rest to rest
    std::optional<double>
        yaw_lead_s;       ///< yaw stick before roll stick, each at 20 % of its peak at the entry; nothing when one of them rests
    double yaw_share = 0; ///< of the stick work of yaw and roll
    double entry_speed_mps = 0;
    [[nodiscard]] bool right() const { return heading_change_deg > 0; }
};

/// Turns of more than 20 °/s and at least 45° in all (house).
[[nodiscard]] std::vector<Turn> find_turns(const FlightLog& log, RowSpan span);

/// The nose's heading without jumps at ±180°, degrees, for the rows of a span. While the aircraft points nearly straight
/// up or down, or lies on its back, the last heading is kept.
[[nodiscard]] std::vector<double> unwrapped_heading_deg(const FlightLog& log, RowSpan span);

/// How far the nose turned over ground in all, right positive, whole turns counted. Rows in which it points nowhere (straight
/// up, on its side) are passed over.
[[nodiscard]] double turned_deg(const FlightLog& log, RowSpan span);

} // namespace bh
