#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// Answers to the sickness questionnaire, before or after a session, and what was looked at in it.
struct SicknessAnswers {
    std::string id, pilot_id;
    std::int64_t at = 0;      ///< seconds since 1970
    std::vector<int> answers; ///< 16, see symptoms()
    bool before = false;      ///< a session; otherwise after it
    bool goggles = false;     ///< otherwise a screen
};
/// "bluehangar.sickness/1"
[[nodiscard]] std::string sickness_text(const SicknessAnswers& answers);
/// BadInput for other than 16 answers of 0 to 3.
[[nodiscard]] Result<SicknessAnswers> parse_sickness(std::string_view text, const std::string& file, const std::string& id);

} // namespace bh
