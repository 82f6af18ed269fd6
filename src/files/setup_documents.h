#pragma once

#include "core/setup/training_setup.h"

#include <nlohmann/json.hpp>
#include <string>
#include <string_view>

namespace bh {

/// What a real day does, "bluehangar.conditions/1"; what is not named is off.
[[nodiscard]] Result<Conditions> parse_conditions(std::string_view text, const std::string& file);
/// A pilot's set-up, "bluehangar.setup/1".
[[nodiscard]] Result<TrainingSetup> parse_training_setup(std::string_view text, const std::string& file);

[[nodiscard]] nlohmann::ordered_json airframe_json(const Airframe& airframe);
[[nodiscard]] nlohmann::ordered_json rates_json(const RateProfile& rates);
[[nodiscard]] nlohmann::ordered_json conditions_json(const Conditions& conditions);
[[nodiscard]] nlohmann::ordered_json training_setup_json(const TrainingSetup& setup);

} // namespace bh
