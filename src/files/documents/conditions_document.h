#pragma once

#include "core/base/result.h"
#include "core/flight/conditions.h"
#include "files/text/json_in.h"

namespace bh {

/// What a real day does, "bluehangar.conditions/1"; what is not named is off.
[[nodiscard]] Result<Conditions> parse_conditions(std::string_view text, const std::string& file);
[[nodiscard]] nlohmann::ordered_json conditions_json(const Conditions& conditions);
/// As parse_conditions, inside another document.
[[nodiscard]] Conditions conditions_at(const JsonIn& in);

} // namespace bh
