#include "core/progress/sickness.h"

#include <string>

namespace bh {

const std::array<Symptom, symptom_count>& symptoms()
{
    static constexpr std::array<Symptom, symptom_count> all{{
        {"General discomfort", true, true, false},
        {"Fatigue", false, true, false},
        {"Headache", false, true, false},
        {"Eyestrain", false, true, false},
        {"Difficulty focusing", false, true, true},
        {"Increased salivation", true, false, false},
        {"Sweating", true, false, false},
        {"Nausea", true, false, true},
        {"Difficulty concentrating", true, true, false},
        {"Fullness of head", false, false, true},
        {"Blurred vision", false, true, true},
        {"Dizzy (eyes open)", false, false, true},
        {"Dizzy (eyes closed)", false, false, true},
        {"Vertigo", false, false, true},
        {"Stomach awareness", true, false, false},
        {"Burping", true, false, false},
    }};
    return all;
}

std::string_view answer_in_words(int answer)
{
    static constexpr std::array<std::string_view, worst_answer + 1> words{"none", "slight", "moderate", "severe"};
    return answer >= 0 && answer <= worst_answer ? words[static_cast<std::size_t>(answer)] : "";
}

Result<SicknessScore> sickness_score(const std::vector<int>& answers)
{
    if (answers.size() != symptom_count)
        return bad_input("expected " + std::to_string(symptom_count) + " answers, found " + std::to_string(answers.size()));
    int nausea = 0, oculomotor = 0, disorientation = 0;
    for (std::size_t i = 0; i < symptom_count; ++i) {
        const Symptom& s = symptoms()[i];
        if (answers[i] < 0 || answers[i] > worst_answer)
            return bad_input("answer " + std::to_string(i + 1) + " (" + std::string(s.name) + "): expected 0 to 3, found " +
                             std::to_string(answers[i]));
        nausea += s.nausea * answers[i], oculomotor += s.oculomotor * answers[i], disorientation += s.disorientation * answers[i];
    }
    return SicknessScore{9.54 * nausea, 7.58 * oculomotor, 13.92 * disorientation, 3.74 * (nausea + oculomotor + disorientation)};
}

} // namespace bh
