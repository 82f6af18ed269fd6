#pragma once

#include "core/base/result.h"

#include <array>
#include <string_view>
#include <vector>

namespace bh {

/// One of the 16 symptoms, and which of the three scales it counts for.
struct Symptom {
    std::string_view name;
    bool nausea = false, oculomotor = false, disorientation = false;
};
inline constexpr std::size_t symptom_count = 16;
/// In the questionnaire's order (Kennedy, Lane, Berbaum and Lilienthal 1993; which counts for which from memory, seven each).
[[nodiscard]] const std::array<Symptom, symptom_count>& symptoms();

inline constexpr int worst_answer = 3; ///< 0 none, 1 slight, 2 moderate, 3 severe
[[nodiscard]] std::string_view answer_in_words(int answer);

/// Scores of the simulator sickness questionnaire: sums of the answers of a scale × 9.54, 7.58 and 13.92, and of all three sums
/// × 3.74.
struct SicknessScore {
    double nausea = 0, oculomotor = 0, disorientation = 0, total = 0;
    bool operator==(const SicknessScore&) const = default;
};
/// BadInput for other than 16 answers of 0 to 3.
[[nodiscard]] Result<SicknessScore> sickness_score(const std::vector<int>& answers);

} // namespace bh
