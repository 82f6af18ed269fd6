#pragma once

#include "core/base/sticks.h"
#include "core/curves/rate_curve.h"
#include "core/flight/dynamics.h"

#include <cstdint>
#include <optional>
#include <string_view>

namespace bh {

/// How sticks are read. Hold is position-hold, sport the same and faster.
enum class Mode : std::uint8_t { Acro, Angle, Horizon, Hold, Sport };

/// Key as written in logs and drills: "acro", "angle", "horizon", "hold", "sport".
[[nodiscard]] std::string_view mode_key(Mode mode);
/// From a key; other programs' "rate" and "level" are read as acro and angle.
[[nodiscard]] std::optional<Mode> mode_from_key(std::string_view key);

struct AngleMode {
    double limit_deg = 45; ///< lean at full stick
    double gain_per_s = 7; ///< rate asked for per angle still to go
    double max_rate_dps = 400;
};

/// Sticks to what the aircraft is asked for in the modes that need no memory. Acro: the rate curves. Angle: roll and pitch
/// stick set a lean up to the limit, yaw stick a rate. Horizon: levels like angle with centred sticks, turns like acro at
/// full stick, and in between by the share of the greater deflection (common practice). Hold and sport: see PositionHold.
[[nodiscard]] Demand demand_for(Mode mode, const Sticks& sticks, const State& state, const RateProfile& rates,
                                const AngleMode& angle) noexcept;

} // namespace bh
