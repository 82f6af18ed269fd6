#include "core/debrief/coaching.h"

#include <algorithm>
#include <array>
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
    if (name == "seconds") name = "took", unit = " s";
    std::replace(name.begin(), name.end(), '_', ' ');
    char text[80];
    const bool counted = name == "cycles" || name == "bounces";
    std::snprintf(text, sizeof text, "%s %.*f%s", name.c_str(), !counted && std::abs(*value) < 10 ? 1 : 0, *value, unit.c_str());
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
std::optional<double> marks_lost(const std::vector<MarksFor>& marks, const std::vector<Measure>& measures)
{
    double lost = 0, weights = 0;
    bool judged = false;
    for (const MarksFor& m : marks) {
        weights += m.weight;
        if (std::find(measures.begin(), measures.end(), m.measure) == measures.end()) continue;
        judged = true;
        lost += m.weight * (100 - m.marks);
    }
    return judged && weights > 0 ? std::optional(lost / weights) : std::nullopt;
}

/// In how many of the last flights, this one with them, and how many say something of it.
CoachingRule::Lately seen_lately(FindingKind kind, const Coached* pilot, int of)
{
    CoachingRule::Lately seen{1, 1};
    if (!pilot) return seen;
    for (auto t = pilot->before.rbegin(); t != pilot->before.rend() && seen.of < of; ++t)
        if (const FindingTally* tally = t->of(kind)) ++seen.of, seen.flights += tally->faults > 0;
    return seen;
}

bool is_met(const CoachingRule& rule, const std::vector<const Finding*>& found, const Coached* pilot)
{
    if (found.empty() || static_cast<int>(found.size()) < rule.at_least) return false;
    if (rule.number && std::abs(found.front()->number(rule.number->key).value_or(0)) < rule.number->at_least) return false;
    if (seen_lately(rule.finding, pilot, rule.lately.of).flights < rule.lately.flights) return false;
    return !pilot || !is_set(rule, pilot->settings);
}

const GivenBefore* given_before(const CoachingRule& rule, const Coached* pilot)
{
    if (!pilot) return nullptr;
    const auto found =
        std::find_if(pilot->given.rbegin(), pilot->given.rend(), [&](const GivenBefore& g) { return g.rule == rule.id; });
    return found == pilot->given.rend() ? nullptr : &*found;
}

Advice advice_of(const CoachingRule& rule, const std::vector<const Finding*>& found, const Score* score, const Coached* pilot)
{
    Advice a{rule.id, rule.cause, rule.change, rule.finding, rule.kind, evidence_of(found), {}, found.front()->weight};
    constexpr int lately = 5;
    if (const auto seen = seen_lately(rule.finding, pilot, lately); seen.of > 1)
        a.evidence += "; in " + std::to_string(seen.flights) + " of the last " + std::to_string(seen.of) + " flights";
    const std::vector<MarksFor> marks = pilot && !pilot->next_drill.empty() ? pilot->next_drill
                                        : score                             ? marks_in(*score)
                                                                            : std::vector<MarksFor>{};
    if (const auto lost = marks_lost(marks, rule.measures)) a.expected_marks = rule.gain_share * *lost;
    a.improves = rule.improves;
    for (const Finding* f : found) a.at.push_back({f->start_s, f->end_s});
    const GivenBefore* before = given_before(rule, pilot);
    a.again = before && !before->closed;
    return a;
}

constexpr std::array<std::string_view, 8> change_keys{"movement", "grip", "rate", "power", "propeller", "tilt", "mode", "drill"};

} // namespace

std::string_view change_key(ChangeKind kind) { return change_keys[static_cast<std::size_t>(kind)]; }

std::optional<ChangeKind> change_from_key(std::string_view key)
{
    const auto found = std::find(change_keys.begin(), change_keys.end(), key);
    return found == change_keys.end() ? std::nullopt : std::optional(static_cast<ChangeKind>(found - change_keys.begin()));
}

std::vector<MarksFor> marks_in(const Score& score)
{
    std::vector<MarksFor> marks;
    for (const CriterionScore& c : score.criteria)
        if (c.value) marks.push_back({c.criterion.measure, c.criterion.weight, c.marks});
    return marks;
}

bool is_set(const CoachingRule& rule, const CoachedSettings& settings)
{
    const auto at_most = [&](const std::optional<double>& value, double close) {
        return !rule.target || (value && *value <= *rule.target + close); // close enough, as it is set in steps
    };
    switch (rule.kind) {
    case ChangeKind::Rate: return at_most(settings.rate_dps, 10);
    case ChangeKind::Power: return at_most(settings.power_share, 0.02);
    case ChangeKind::Propeller: return at_most(settings.propeller_ratio, 0.02);
    case ChangeKind::Tilt: return at_most(settings.tilt_deg, 1);
    case ChangeKind::Grip: return settings.grip == rule.to;
    case ChangeKind::Mode: return settings.mode == rule.to;
    case ChangeKind::Movement:
    case ChangeKind::Drill: return false;
    }
    return false;
}

std::vector<Advice> advise(const Debrief& debrief, const std::vector<CoachingRule>& rules, const Score* score,
                           const Coached* pilot)
{
    std::vector<Advice> advice;
    const std::vector<const Finding*> faults = debrief.faults();
    for (const CoachingRule& rule : rules) {
        const auto same = [&](const Advice& a) { return a.finding == rule.finding; };
        if (std::any_of(advice.begin(), advice.end(), same)) continue;
        if (const GivenBefore* before = given_before(rule, pilot); before && before->followed && before->effect.given_up())
            continue;
        std::vector<const Finding*> found;
        for (const Finding* f : faults)
            if (f->kind == rule.finding) found.push_back(f);
        if (is_met(rule, found, pilot)) advice.push_back(advice_of(rule, found, score, pilot));
    }
    std::stable_sort(advice.begin(), advice.end(), [&](const Advice& a, const Advice& b) {
        const bool a_safety = a.weight >= safety_weight, b_safety = b.weight >= safety_weight;
        if (a_safety != b_safety) return a_safety;
        const auto whole_marks = [](const Advice& of) { return std::floor(of.expected_marks.value_or(0)); };
        if (pilot && whole_marks(a) != whole_marks(b)) return whole_marks(a) > whole_marks(b);
        return a.weight > b.weight;
    });
    if (advice.size() > most_advice) advice.resize(most_advice);
    return advice;
}

} // namespace bh
