#pragma once

#include "core/base/result.h"
#include "core/controller/calibration.h"

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>

namespace bh {

[[nodiscard]] nlohmann::ordered_json calibration_json(const Calibration& calibration);
[[nodiscard]] Result<Calibration> parse_calibration(std::string_view text, const std::string& file);

} // namespace bh
