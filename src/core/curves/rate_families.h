#pragma once

#include <span>
#include <string_view>

namespace bh {

/// One setting of a rate family: its key, which carries its unit, and the widest range in which it means anything.
struct RateParameter {
    std::string_view key;
    std::string_view name; ///< as shown
    std::string_view unit; ///< "°/s", "%" or nothing
    double low, high, step;
};

/// A way in which programs let rates be set. The formulas are common to open flight-control firmware, from memory.
struct RateFamily {
    std::string_view key; ///< neutral
    std::span<const RateParameter> parameters;
};

/// All families in which rates can be set: centre-max, gain-super, gain-curve, percent-plus, linear-expo.
[[nodiscard]] std::span<const RateFamily> rate_families();

/// The family of a key, nullptr when there is none.
[[nodiscard]] const RateFamily* rate_family(std::string_view key);

} // namespace bh
