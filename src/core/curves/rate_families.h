#pragma once

#include "core/curves/rate_curve.h"

#include <span>
#include <string>
#include <string_view>

namespace bh {

/// A way in which programs let rates be set.
struct RateFamily {
    std::string_view key;  ///< neutral
    std::string_view name; ///< by what it holds, as shown
    std::span<const RateParameter> parameters;
    std::size_t sizing = 1; ///< the curve's size goes with the first so many parameters
};

/// All families in which rates can be set: centre-max, gain-edge, gain-curve, percent-end, linear-expo.
[[nodiscard]] std::span<const RateFamily> rate_families();

/// The family of a key, nullptr when there is none; a table cannot be set.
[[nodiscard]] const RateFamily* rate_family(std::string_view key);

/// "centre-max, gain-edge, gain-curve, percent-end or linear-expo", for messages.
[[nodiscard]] std::string rate_family_names();

/// How far a family's parameters go, in its order.
[[nodiscard]] std::vector<ParameterRange> ranges_of(const RateFamily& family);

} // namespace bh
