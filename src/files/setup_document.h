#pragma once

#include "core/base/result.h"
#include "core/setup/training_setup.h"

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>

namespace bh {

/// How a pilot's practice is set up, "bluehangar.setup/1".
[[nodiscard]] Result<TrainingSetup> parse_training_setup(std::string_view text, const std::string& file);
[[nodiscard]] nlohmann::ordered_json training_setup_json(const TrainingSetup& setup);

} // namespace bh
