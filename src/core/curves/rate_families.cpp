#include "core/curves/rate_families.h"

#include "core/curves/rate_curve.h"

#include <algorithm>
#include <array>

namespace bh {
namespace {

constexpr RateParameter centre_dps{"centre_dps", "centre", "°/s", 0, rate_limit_dps, 1};
constexpr RateParameter max_dps{"max_dps", "max", "°/s", 0, rate_limit_dps, 1};
constexpr RateParameter expo{"expo", "expo", "", 0, 1, 0.01};
constexpr RateParameter gain{"gain", "gain", "", 0, 10, 0.01};
constexpr RateParameter super{"super", "super", "", 0, 1, 0.01};
constexpr RateParameter curve{"curve", "curve", "", 0, 1, 0.01};
constexpr RateParameter rate_dps{"rate_dps", "rate", "°/s", 0, rate_limit_dps, 1};
constexpr RateParameter plus{"plus_percent", "plus", "%", 0, 300, 1};
constexpr RateParameter expo_percent{"expo_percent", "expo", "%", 0, 100, 1};

constexpr std::array centre_max{centre_dps, max_dps, expo};
constexpr std::array gain_super{gain, super, expo};
constexpr std::array gain_curve{gain, super, curve};
constexpr std::array percent_plus{rate_dps, plus, expo_percent};
constexpr std::array linear_expo{max_dps, expo};

constexpr std::array<RateFamily, 5> families{{{"centre-max", centre_max},
                                              {"gain-super", gain_super},
                                              {"gain-curve", gain_curve},
                                              {"percent-plus", percent_plus},
                                              {"linear-expo", linear_expo}}};

} // namespace

std::span<const RateFamily> rate_families() { return families; }

const RateFamily* rate_family(std::string_view key)
{
    const auto found = std::find_if(families.begin(), families.end(), [key](const RateFamily& f) { return f.key == key; });
    return found == families.end() ? nullptr : &*found;
}

} // namespace bh
