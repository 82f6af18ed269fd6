#pragma once

#include "core/base/message.h"

namespace bh {

/// The controller that is moved on the screen and by keys goes by these; it needs no calibration.
inline constexpr std::string_view simulated_controller_name = label("Simulated controller");
inline constexpr const char* simulated_controller_guid = "simulated";

} // namespace bh
