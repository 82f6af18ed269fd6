#pragma once

#include "core/base/result.h"
#include "core/curves/rate_curve.h"

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>

namespace bh {

/// "bluehangar.rates/1": three curves of a family, or of one each.
[[nodiscard]] Result<RateProfile> parse_rates(std::string_view text, const std::string& file);
[[nodiscard]] nlohmann::ordered_json rates_json(const RateProfile& rates);

} // namespace bh
