#pragma once

#include "core/curves/rate_curve.h"

#include <string>
#include <string_view>
#include <vector>

namespace bh {

struct MatchOptions {
    /// What each part of the stick counts: bins over |stick| from 0 to 1, none negative, not all zero; empty: all the same.
    std::vector<double> weights;
    bool keep_max = false;              ///< the rate at full stick exactly
    bool keep_centre = false;           ///< the slope at the centred stick exactly
    bool on_steps = true;               ///< also the best on the lattice of steps; otherwise `rounded` is the curve itself
    std::vector<ParameterRange> ranges; ///< in the order of the family's parameters; empty: the family's own
};

/// How near one curve is to another over the stick.
struct CurveDifference {
    double rms_dps = 0;
    double worst_dps = 0;   ///< of the sizes
    double worst_stick = 0; ///< where that is, 0…1
};

struct RateMatch {
    RateCurve curve;   ///< as near as the family comes
    RateCurve rounded; ///< as near as its steps come
    CurveDifference difference, rounded_difference;
};

/// Weighted difference of two curves at 201 even stick positions from 0 to 1 (they are odd).
[[nodiscard]] CurveDifference difference(const RateCurve& a, const RateCurve& b, const std::vector<double>& weights = {});

/// The curve of a family that is nearest to `target`: least squares in deg/s over the stick within the ranges, first
/// continuous, then on the lattice of steps. OutOfRange for an unknown family, "table", ranges or weights that cannot be.
[[nodiscard]] Result<RateMatch> match_rates(const RateCurve& target, std::string_view family, const MatchOptions& options = {});

} // namespace bh
