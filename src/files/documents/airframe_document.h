#pragma once

#include "core/base/result.h"
#include "core/flight/dynamics.h"

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>

namespace bh {

[[nodiscard]] Result<Airframe> parse_airframe(std::string_view text, const std::string& file);
[[nodiscard]] nlohmann::ordered_json airframe_json(const Airframe& airframe);

} // namespace bh
