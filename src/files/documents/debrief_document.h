#pragma once

#include "core/debrief/coaching.h"

#include <nlohmann/json_fwd.hpp>
#include <vector>

namespace bh {

/// "bluehangar.debrief/1".
[[nodiscard]] nlohmann::ordered_json debrief_json(const Debrief& debrief, const std::vector<Advice>& advice);

} // namespace bh
