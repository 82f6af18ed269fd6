#pragma once

#include "core/base/result.h"

#include <string>
#include <variant>
#include <vector>

namespace bh {

/// No aircraft of this trade reports or commands a faster turn; every curve is clamped here.
inline constexpr double rate_limit_dps = 1998.0;

/// w = x·c + max(0, m−c)·|x|·(x⁵·e + x·(1−e)). Formula common to open flight-control firmware, from memory.
struct CentreMaxCurve {
    double centre_dps = 150; ///< slope at the centre, deg/s per unit stick
    double max_dps = 350;    ///< rate at full stick
    double expo = 0;         ///< 0…1, how late the curve bends from one to the other
    bool operator==(const CentreMaxCurve&) const = default;
};

/// w = m·((1−e)·x + e·x³).
struct LinearExpoCurve {
    double max_dps = 350;
    double expo = 0; ///< 0…1
    bool operator==(const LinearExpoCurve&) const = default;
};

/// x' = x·|x|³·e + x·(1−e); a gain over 2 counts as g + 14.54·(g−2); w = 200·g·x'/clamp(1 − |x|·s, 0.01, 1). Formula common
/// to open flight-control firmware, from memory, as are the next two.
struct GainSuperCurve {
    double gain = 1;
    double super = 0.5; ///< 0…1
    double expo = 0;    ///< 0…1
    bool operator==(const GainSuperCurve&) const = default;
};

/// w = 200·g·(x³·k + x·(1−k))/clamp(1 − |x|·s, 0.01, 1).
struct GainCurveCurve {
    double gain = 1;
    double super = 0.5; ///< 0…1
    double curve = 0;   ///< 0…1
    bool operator==(const GainCurveCurve&) const = default;
};

/// x' = (1 + 0.01·e·(x²−1))·x; w = r·x'·(1 + |x|·p·0.01).
struct PercentPlusCurve {
    double rate_dps = 300;
    double plus_percent = 0;
    double expo_percent = 0; ///< 0…100
    bool operator==(const PercentPlusCurve&) const = default;
};

/// Measured points with a monotone cubic between (Fritsch and Carlson 1980), through zero at the centre.
struct TableCurve {
    std::vector<double> stick;     ///< rising, above 0, the last one 1
    std::vector<double> rates_dps; ///< of each, never falling
    bool operator==(const TableCurve&) const = default;
};

/// How one axis turns stick into rate. Which alternative it holds is the family.
using RateCurve = std::variant<CentreMaxCurve, LinearExpoCurve, GainSuperCurve, GainCurveCurve, PercentPlusCurve, TableCurve>;

/// Neutral key of the curve's family: "centre-max", "linear-expo", "gain-super", "gain-curve", "percent-plus" or "table".
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

/// How far and how finely one parameter can be set, in a simulator or on an aircraft.
struct ParameterRange {
    double low = 0, high = 1, step = 0.01;
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
