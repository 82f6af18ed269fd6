#pragma once

#include "core/kit/kit.h"

namespace bh {

/// Checklists by kind of station, "bluehangar.kit/1".
[[nodiscard]] Result<std::vector<KitList>> parse_kit(std::string_view text, const std::string& file);
/// The fault finder's questions, "bluehangar.faults/1"; checked.
[[nodiscard]] Result<FaultTree> parse_faults(std::string_view text, const std::string& file);

} // namespace bh
