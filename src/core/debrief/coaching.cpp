#include "core/debrief/coaching.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace bh {
namespace {

/// "height_gain_m" as a person reads it: "height gain 2.1 m".
std::string number_in_words(const FindingNumber& n)
{
    const double* value = std::get_if<double>(&n.value);
    if (!value) return {};
    std::string name(n.key), unit;
    for (const auto& [ending, words] :
         {std::pair{"_mps", " m/s"}, {"_dps", "°/s"}, {"_deg", "°"}, {"_hz", " Hz"}, {"_ms", " ms"}, {"_m", " m"}, {"_s", " s"}})
        if (name.ends_with(ending)) {
            name.resize(name.size() - std::string_view(ending).size());
            unit = words;
            break;
        }
    if (name == "seconds") unit = " s";
    std::replace(name.begin(), name.end(), '_', ' ');
    char text[80];
    std::snprintf(text, sizeof text, "%s %.*f%s", name.c_str(), std::abs(*value) < 10 ? 1 : 0, *value, unit.c_str());
    return text;
}

std::string evidence_of(const std::vector<const Finding*>& found)
{
    const Finding& worst = *found.front();
    char text[120];
    std::snprintf(text, sizeof text, "%s, the weightiest from %.1f s to %.1f s",
                  found.size() == 1 ? "once" : (std::to_string(found.size()) + " times").c_str(), worst.start_s, worst.end_s);
    std::string words = text;
    if (found.size() == 1)
        std::snprintf(text, sizeof text, "once, from %.1f s to %.1f s", worst.start_s, worst.end_s), words = text;
    constexpr std::size_t told = 3;
    std::size_t count = 0;
    for (const FindingNumber& n : worst.numbers)
        if (const std::string number = number_in_words(n); !number.empty() && count++ < told)
            words += (count == 1 ? ": " : ", ") + number;
    return words;
}

/// Marks of 100 that a drill lost in these measures.
std::optional<double> marks_lost(const Score& score, const std::vector<Measure>& measures)
{
    double lost = 0, weights = 0;
    bool judged = false;
    for (const CriterionScore& c : score.criteria) {
        weights += c.criterion.weight;
        if (!c.value || std::find(measures.begin(), measures.end(), c.criterion.measure) == measures.end()) continue;
        judged = true;
        lost += c.criterion.weight * (100 - c.marks);
    }
    return judged && weights > 0 ? std::optional(lost / weights) : std::nullopt;
}

} // namespace

std::vector<Advice> advise(const Debrief& debrief, const std::vector<CoachingRule>& rules, const Score* score)
{
    std::vector<Advice> advice;
    const std::vector<const Finding*> faults = debrief.faults();
    for (const CoachingRule& rule : rules) {
        std::vector<const Finding*> found;
        for (const Finding* f : faults)
            if (f->kind == rule.finding) found.push_back(f);
        if (found.empty() || static_cast<int>(found.size()) < rule.at_least) continue;
        const auto lost = score ? marks_lost(*score, rule.measures) : std::nullopt;
        advice.push_back({rule.id, rule.cause, rule.change, evidence_of(found),
                          lost ? std::optional(rule.gain_share * *lost) : std::nullopt, found.front()->weight});
    }
    std::stable_sort(advice.begin(), advice.end(), [](const Advice& a, const Advice& b) { return a.weight > b.weight; });
    if (advice.size() > most_advice) advice.resize(most_advice);
    return advice;
}

} // namespace bh
