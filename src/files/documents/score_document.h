#pragma once

#include "core/drill/drill_score.h"

#include <nlohmann/json_fwd.hpp>

namespace bh {

[[nodiscard]] nlohmann::ordered_json score_json(const Score& score);

} // namespace bh
