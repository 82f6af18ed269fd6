#pragma once

#include "core/base/sticks.h"
#include "core/flight/dynamics.h"

#include <optional>

namespace bh {

/// How fast position-hold goes; common practice, no source.
struct HoldLimits {
    double speed_mps = 5;
    double climb_mps = 2.5;
    double sink_mps = 2;
    double yaw_dps = 90;
    double lean_deg = 25;
};
inline constexpr HoldLimits normal_hold{5, 2.5, 2, 90, 25};
inline constexpr HoldLimits sport_hold{11, 5, 3.5, 150, 38};

/// Position-hold mode: centred sticks stop and hover on the spot; roll and pitch stick command a speed over ground, the
/// throttle stick a climb with its middle at rest, the yaw stick a turn. Sinking pauses about a metre above the ground
/// until the throttle stick has been held at the bottom for a second (common practice). Knows where it is without error.
class PositionHold {
public:
    explicit PositionHold(const HoldLimits& limits) : limits_(limits) {}
    /// What to ask of the aircraft for a step of `dt_s`.
    Demand demand(const Sticks& sticks, const State& state, const Airframe& airframe, double dt_s);

private:
    HoldLimits limits_;
    std::optional<Vec2> place_m_; ///< held over ground: north, east
    std::optional<double> height_m_;
    double down_held_s_ = 0; ///< throttle stick at the bottom, near the ground
};

/// Brakes, levels from any attitude and hovers: what the panic switch does.
[[nodiscard]] Demand hover_demand(const State& state, const Airframe& airframe);

/// Body rates that turn the aircraft's underside towards `down_wanted` (world, unit length) by the shortest way, `per_s`
/// per radian still to go, at most `limit_dps`.
[[nodiscard]] Vec3 rates_towards(const Quat& attitude, const Vec3& down_wanted, double per_s, double limit_dps);

} // namespace bh
