#pragma once

#include "core/debrief/coaching.h"

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// "bluehangar.coaching/1": rules in the order in which they are looked at.
[[nodiscard]] Result<std::vector<CoachingRule>> parse_coaching(std::string_view text, const std::string& file);

/// "bluehangar.debrief/1".
[[nodiscard]] nlohmann::ordered_json debrief_json(const Debrief& debrief, const std::vector<Advice>& advice);

} // namespace bh
