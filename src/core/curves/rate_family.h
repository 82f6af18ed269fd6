#pragma once

#include "core/base/message.h"

#include <string_view>

namespace bh {

/// No aircraft of this trade reports or commands a faster turn; every curve is clamped here.
inline constexpr double rate_limit_dps = 1998.0;
/// Parameters may go beyond: what a curve is clamped to is its output, and one whose end lies higher is steeper below.
inline constexpr double rate_parameter_limit_dps = 2500;

/// One setting of a rate family: its key, which carries its unit, and the widest range in which it means anything.
struct RateParameter {
    std::string_view key;
    std::string_view name; ///< as shown
    std::string_view unit; ///< "°/s", "%" or nothing
    double low, high, step;
    bool may_be_left_out = false; ///< of a file, and is 0 then
};

/// All there is to say of one kind of curve, in a header of its own: its `key`, its `name` and `parameters`, the `values` of a
/// curve in the order of the parameters, its rate and its slope at the centre, what its two handles do, and which parameters its
/// size goes with (from the first on; those are found by scaling). A new kind is such a header, and its name in RateCurve.
template <class Curve>
struct RateFamilyOf;

} // namespace bh
