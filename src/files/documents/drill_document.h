#pragma once

#include "core/drill/drill.h"

#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// `slips` takes the keys that drills do not have, a sentence each; they are no error.
[[nodiscard]] Result<Drill> parse_drill(std::string_view text, const std::string& file, std::vector<Message>* slips);
[[nodiscard]] Result<Drill> parse_drill(std::string_view text, const std::string& file);

} // namespace bh
