#pragma once

#include "core/base/result.h"
#include "core/flight/world.h"

#include <string>
#include <string_view>

namespace bh {

[[nodiscard]] Result<World> parse_world(std::string_view text, const std::string& file);

} // namespace bh
