#include "core/progress/sickness.h"

#include <string>

namespace bh {

const std::array<Symptom, symptom_count>& symptoms()
{
    static constexpr std::array<Symptom, symptom_count> all{{
        {label("General discomfort"), true, true, false},
        {label("Fatigue"), false, true, false},
        {label("Headache"), false, true, false},
        {label("Eyestrain"), false, true, false},
        {label("Difficulty focusing"), false, true, true},
        {label("Increased salivation"), true, false, false},
        {label("Sweating"), true, false, false},
        {label("Nausea"), true, false, true},
        {label("Difficulty concentrating"), true, true, false},
        {label("Fullness of head"), false, false, true},
        {label("Blurred vision"), false, true, true},
        {label("Dizzy (eyes open)"), false, false, true},
        {label("Dizzy (eyes closed)"), false, false, true},
        {label("Vertigo"), false, false, true},
        {label("Stomach awareness"), true, false, false},
        {label("Burping"), true, false, false},
    }};
    return all;
}

std::string_view answer_in_words(int answer)
{
    static constexpr std::array<std::string_view, worst_answer + 1> words{label("none"), label("slight"), label("moderate"),
                                                                          label("severe")};
    return answer >= 0 && answer <= worst_answer ? words[static_cast<std::size_t>(answer)] : "";
}

Result<SicknessScore> sickness_score(const std::vector<int>& answers)
{
    if (answers.size() != symptom_count) return bad_input("expected %1 answers, found %2", symptom_count, answers.size());
    int nausea = 0, oculomotor = 0, disorientation = 0;
    for (std::size_t i = 0; i < symptom_count; ++i) {
        const Symptom& s = symptoms()[i];
        if (answers[i] < 0 || answers[i] > worst_answer)
            return bad_input("answer %1 (%2): expected 0 to 3, found %3", i + 1, s.name, answers[i]);
        nausea += s.nausea * answers[i], oculomotor += s.oculomotor * answers[i], disorientation += s.disorientation * answers[i];
    }
    return SicknessScore{9.54 * nausea, 7.58 * oculomotor, 13.92 * disorientation, 3.74 * (nausea + oculomotor + disorientation)};
}

} // namespace bh
