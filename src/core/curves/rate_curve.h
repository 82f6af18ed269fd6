#pragma once

#include "core/base/result.h"
#include "core/curves/centre_max.h"
#include "core/curves/gain_curve.h"
#include "core/curves/gain_edge.h"
#include "core/curves/linear_expo.h"
#include "core/curves/percent_end.h"
#include "core/curves/table_curve.h"

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace bh {

/// How one axis turns stick into rate. Which alternative it holds is the family.
using RateCurve = std::variant<CentreMaxCurve, GainEdgeCurve, GainCurveCurve, PercentEndCurve, LinearExpoCurve, TableCurve>;

/// Neutral key of the curve's family: "centre-max", "gain-edge", "gain-curve", "percent-end", "linear-expo" or "table".
[[nodiscard]] const char* family_key(const RateCurve& curve);

/// Rate in deg/s for a stick of −1…1: odd in the stick, clamped to ±rate_limit_dps. NaN passes through.
[[nodiscard]] double rate_dps(const RateCurve& curve, double stick) noexcept;

/// Slope at the centred stick, deg/s per unit stick (analytic).
[[nodiscard]] double centre_slope_dps(const RateCurve& curve) noexcept;

/// Seconds for a full turn at full stick, 360/max; leaves out the rate loop's lag. Infinite for a zero rate.
[[nodiscard]] double full_turn_s(const RateCurve& curve) noexcept;

/// Smallest stick ≥ 0 that reaches |rate| (bisection, to 1e-12), with the sign of the rate; ±1 where it is never reached.
[[nodiscard]] double stick_for_rate(const RateCurve& curve, double rate) noexcept;

/// The curve itself when its parameters are finite and within those of its family (see rate_family), otherwise an
/// OutOfRange error naming the parameter.
[[nodiscard]] Result<RateCurve> checked(RateCurve curve);

/// The parameters of a curve in its family's order; nothing for a table.
[[nodiscard]] std::vector<double> parameters_of(const RateCurve& curve);
/// The curve of a family with these parameters, unchecked; nothing where the family is unknown or has another number of them.
[[nodiscard]] std::optional<RateCurve> curve_with(std::string_view family, std::span<const double> parameters);

/// How far and how finely one parameter can be set, in a simulator or on an aircraft.
struct ParameterRange {
    double low = 0, high = 1, step = 0.01;
    bool operator==(const ParameterRange&) const = default;
};

/// The three curves of an aircraft as it is set up. Two are equal whatever they are called and allow.
struct RateProfile {
    std::string name = "Learner";
    RateCurve roll = CentreMaxCurve{150, 350, 0.2};
    RateCurve pitch = CentreMaxCurve{150, 350, 0.2};
    RateCurve yaw = CentreMaxCurve{140, 300, 0.2};
    std::vector<ParameterRange>
        limits{}; ///< of the roll curve's family, in its order, where the aircraft has its own; empty: the family's
    bool operator==(const RateProfile& other) const { return roll == other.roll && pitch == other.pitch && yaw == other.yaw; }
};

} // namespace bh
