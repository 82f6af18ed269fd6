#pragma once

#include "core/base/result.h"
#include "core/progress/curriculum.h"

#include <string>
#include <string_view>

namespace bh {

[[nodiscard]] Result<Curriculum> parse_curriculum(std::string_view text, const std::string& file);
[[nodiscard]] std::string curriculum_text(const Curriculum& curriculum);

} // namespace bh
