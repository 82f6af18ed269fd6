#pragma once

#include "core/controller/settings_sheet.h"

#include <nlohmann/json.hpp>
#include <string>
#include <string_view>

namespace bh {

/// A simulator's conventions, "bluehangar.simulator/1". Faults name the file, the place and what was expected.
[[nodiscard]] Result<SimulatorProfile> parse_simulator(std::string_view text, const std::string& file);
[[nodiscard]] nlohmann::ordered_json simulator_json(const SimulatorProfile& simulator);
[[nodiscard]] nlohmann::ordered_json sheet_json(const SettingsSheet& sheet, const SimulatorProfile& simulator);

[[nodiscard]] const char* throttle_key(SimulatorProfile::Throttle throttle); ///< "full", "upper_half", "choice"
[[nodiscard]] const char* arming_key(SimulatorProfile::Arming arming);       ///< "by_itself", "switch", "sticks", "key"
/// The word for the side of a function that counts as positive: "up", "right", "forward", and for the other side "down",
/// "left", "back".
[[nodiscard]] std::string_view side_word(Function function, bool positive);

} // namespace bh
