#pragma once

#include "core/base/result.h"
#include "core/setup/training_setup.h"
#include "core/setup/way_back.h"

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>

namespace bh {

/// How a pilot's practice is set up, "bluehangar.setup/1".
[[nodiscard]] Result<TrainingSetup> parse_training_setup(std::string_view text, const std::string& file);
[[nodiscard]] nlohmann::ordered_json training_setup_json(const TrainingSetup& setup);

/// "bluehangar.way-back/1": the ladder from an eased aircraft to the real one, with the steps taken.
[[nodiscard]] std::string way_back_text(const WayBack& way);
[[nodiscard]] Result<WayBack> parse_way_back(std::string_view text, const std::string& file);

} // namespace bh
