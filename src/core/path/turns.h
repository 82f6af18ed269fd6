#pragma once

#include "core/base/side.h"
#include "core/flight/row_span.h"

#include <cstdint>
#include <optional>
#include <vector>

namespace bh {

/// A turn of the nose over ground, from rest to rest. What needs positions is 0 where the log has none.
struct Turn {
    RowSpan rows;
    double start_s = 0, end_s = 0;
    double heading_change_deg = 0; ///< to the right positive
    double entry_speed_mps = 0;
    double yaw_share = 0; ///< of the body's yaw and roll, ∫|r| / (∫|r| + ∫|p|): the same in every mode, which stick work is not
    /// Yaw stick before roll stick: each when it first passes 20 % of its peak into the turn, from 0.6 s before the turn until
    /// its middle; nothing when either peak is under 5 % of the travel, or a stick stands there already, as in linked turns.
    std::optional<double> yaw_lead_s;
    std::optional<double> flag_m;                       ///< the closest pass of a flag in the turn; nothing where there are none
    double radius_m = 0;                                ///< way flown over the angle turned
    double drift_deg = 0;                               ///< mean angle between track and nose
    double horizon_error_deg = 0;                       ///< RMS of the bank off the coordinated one, atan(v·heading rate/g)
    double mean_bank_deg = 0, mean_coordinated_deg = 0; ///< into the turn positive
    double most_lean_deg = 0;
    double height_change_m = 0;
    double throttle_sd = 0;
    [[nodiscard]] bool right() const { return heading_change_deg > 0; }
    [[nodiscard]] Side side() const { return right() ? Side::Right : Side::Left; }
};

/// Turns of more than 20 °/s and at least 45° in all (house); flags, where there are some, stand at these places north and east.
[[nodiscard]] std::vector<Turn> find_turns(const FlightLog& log, RowSpan span, const std::vector<Vec2>& flags_m = {});

/// What of a turn is judged good at a camera tilt: shares of yaw between these. The more the camera is tipped up, the more the
/// aircraft leans in flight, and the more of a turn of the nose is roll of the body.
struct TurnBand {
    double tilt_deg = 25;
    double least_yaw_share = 0.35, most_yaw_share = 0.80;
    bool operator==(const TurnBand&) const = default;
};
/// By camera tilt, between two of them in proportion. That yaw should be a little more at 20–30°, and roll from 35° on, is common
/// practice without a source; the figures are house.
[[nodiscard]] TurnBand turn_band(double camera_tilt_deg);

/// Whether a turn tells something of the stick work: entered at over 3 m/s, which one on the spot is not, and never with a lean
/// of over 80°, as in a roll (house).
[[nodiscard]] bool can_be_judged(const Turn& turn);

/// What is wrong with the stick work of a turn.
enum class TurnFault : std::uint8_t {
    YawAlone, ///< more yaw than the band, or a bank under a third of the coordinated one: it drifts wide
    RollAlone ///< less yaw than the band
};
/// Nothing for a turn that is good or cannot be judged.
[[nodiscard]] std::optional<TurnFault> fault_of(const Turn& turn, const TurnBand& band);

/// The nose's heading without jumps at ±180°, degrees, for the rows of a span. While the aircraft points nearly straight
/// up or down, or lies on its back, the last heading is kept.
[[nodiscard]] std::vector<double> unwrapped_heading_deg(const FlightLog& log, RowSpan span);

/// How far the nose turned over ground in all, right positive, whole turns counted. Rows in which it points nowhere (straight
/// up, on its side) are passed over.
[[nodiscard]] double turned_deg(const FlightLog& log, RowSpan span);

} // namespace bh
