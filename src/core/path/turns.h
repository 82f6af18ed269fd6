#pragma once

#include "core/base/side.h"
#include "core/flight/row_span.h"

#include <cstdint>
#include <optional>
#include <vector>

namespace bh {

/// A turn of the nose or of the way over ground. What needs positions is 0 where the log has none.
struct Turn {
    RowSpan rows;
    double start_s = 0, end_s = 0;
    double heading_change_deg = 0;                  ///< of the nose, or of the way where only that turned; right positive
    double nose_change_deg = 0, way_change_deg = 0; ///< each by itself; the way where it is flown at over 1 m/s
    double entry_speed_mps = 0, slowest_mps = 0;    ///< over ground
    double yaw_share = 0; ///< of the body's yaw and roll, ∫|r| / (∫|r| + ∫|p|): the same in every mode, which stick work is not
    /// The share of a steady turn in the attitudes that were flown: p = −Ω·sin θ, r = Ω·cos φ·cos θ (kinematics of rotation).
    double yaw_share_asked = 0;
    /// Yaw stick before roll stick: each when it first passes 20 % of its peak into the turn, from 0.6 s before the turn until
    /// its middle; nothing when either peak is under 5 % of the travel, or a stick stands there already, as in linked turns.
    std::optional<double> yaw_lead_s;
    std::optional<double> flag_m; ///< the closest pass of a flag in the turn; nothing where there are none
    double radius_m = 0;          ///< way flown over the angle turned
    /// Nose minus way, positive into the turn: mean over the middle half, and at the end.
    double drift_deg = 0, end_drift_deg = 0;
    double horizon_error_deg = 0; ///< RMS of the bank off the coordinated one, atan(v·heading rate/g)
    /// Into the turn positive: the bank, and what the way's turning needs, atan(v·its rate/g); means.
    double mean_bank_deg = 0, mean_needed_deg = 0;
    double most_lean_deg = 0;
    double height_change_m = 0;
    double throttle_sd = 0;
    /// Of the bank that the way needs; nothing where it needs hardly any.
    [[nodiscard]] std::optional<double> bank_share() const;
    [[nodiscard]] bool right() const { return heading_change_deg > 0; }
    [[nodiscard]] Side side() const { return right() ? Side::Right : Side::Left; }
};

/// Turns of the nose, and those of the way, above 3 m/s, that the nose does not make: over 12 °/s, on while over 8, and at least
/// 45° in all (house; a calm turn of 18 m at 6 m/s is 19 °/s). Flags, where there are some, stand at these places north and east.
[[nodiscard]] std::vector<Turn> find_turns(const FlightLog& log, RowSpan span, const std::vector<Vec2>& flags_m = {});

/// The nose's heading without jumps at ±180°, degrees, for the rows of a span. While the aircraft points nearly straight
/// up or down, or lies on its back, the last heading is kept.
[[nodiscard]] std::vector<double> unwrapped_heading_deg(const FlightLog& log, RowSpan span);

/// How far the nose turned over ground in all, right positive, whole turns counted. Rows in which it points nowhere (straight
/// up, on its side) are passed over.
[[nodiscard]] double turned_deg(const FlightLog& log, RowSpan span);

} // namespace bh
