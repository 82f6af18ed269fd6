#include "core/debrief/coaching.h"

#include "core/path/turn_faults.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bh {
namespace {

/// How a finding's numbers are told.
constexpr std::pair<std::string_view, std::string_view> number_forms[] = {{"frequency_hz", label("frequency %1 Hz")},
                                                                          {"amplitude", label("amplitude %1")},
                                                                          {"cycles", label("cycles %1")},
                                                                          {"lean_deg", label("lean %1°")},
                                                                          {"turned_deg", label("turned %1°")},
                                                                          {"peak_dps", label("peak %1 °/s")},
                                                                          {"height_change_m", label("height change %1 m")},
                                                                          {"exit_deg", label("exit %1°")},
                                                                          {"settled_s", label("settled %1 s")},
                                                                          {"bank_deg", label("bank %1°")},
                                                                          {"heading_change_deg", label("heading change %1°")},
                                                                          {"entry_mps", label("entry %1 m/s")},
                                                                          {"radius_m", label("radius %1 m")},
                                                                          {"yaw_lead_ms", label("yaw lead %1 ms")},
                                                                          {"yaw_share", label("yaw share %1")},
                                                                          {"drift_deg", label("drift %1°")},
                                                                          {"horizon_error_deg", label("horizon error %1°")},
                                                                          {"throttle_sd", label("throttle sd %1")},
                                                                          {"height_gain_m", label("height gain %1 m")},
                                                                          {"distance_m", label("distance %1 m")},
                                                                          {"sink_m", label("sink %1 m")},
                                                                          {"sink_mps", label("sink %1 m/s")},
                                                                          {"bounces", label("bounces %1")},
                                                                          {"seconds", label("took %1 s")}};

} // namespace

Message number_in_words(const FindingNumber& n)
{
    const double* value = std::get_if<double>(&n.value);
    const auto form =
        std::find_if(std::begin(number_forms), std::end(number_forms), [&](const auto& f) { return f.first == n.key; });
    if (!value || form == std::end(number_forms)) return {};
    const bool counted = n.key == "cycles" || n.key == "bounces";
    return message(form->second, rounded(*value, !counted && std::abs(*value) < 10 ? 1 : 0));
}

namespace {

/// What there was of a finding, in words of people; at most three parts.
std::vector<Message> parts_of(const Finding& f)
{
    const auto number = [&](std::string_view key, int decimals, double times = 1) {
        return rounded(times * f.number(key).value_or(0), decimals);
    };
    std::vector<Message> parts;
    if (is_of_any_stick(f.kind)) parts.push_back(message(stick_axis_key(f.axis)));
    switch (f.kind) {
    case FindingKind::Rocking:
        if (!f.number("cycles")) break; // only that it was is known
        parts.push_back(message("swings of %1 % of the stick, %2 in %3 s", number("amplitude", 0, 100), number("cycles", 0),
                                rounded(f.end_s - f.start_s, 0)));
        return parts;
    case FindingKind::OverControl:
        parts.push_back(message("%1 swings in one corner, the bank by %2°", number("swings", 0), number("bank_swing_deg", 0)));
        return parts;
    case FindingKind::BigInput:
        parts.push_back(message("%1 % of the stick, leaning %2°", number("peak", 0, 100), number("lean_deg", 0)));
        if (f.number("speed_mps").value_or(0) > 0) parts.push_back(message("up to %1 m/s", number("speed_mps", 0)));
        return parts;
    case FindingKind::Turn:
        if (const auto by = f.word(turn_fault_number))
            parts.push_back(by == turn_fault_key(TurnFault::YawAlone) ? message("on yaw alone") : message("on roll alone"));
        if (const auto share = f.number("bank_share"))
            parts.push_back(message("%1 % of the bank that it needs", rounded(100 * *share, 0)));
        if (const auto drift = f.number("drift_deg"))
            parts.push_back(*drift >= 0 ? message("the nose %1° ahead of the way", rounded(*drift, 0))
                                        : message("the nose %1° behind the way", rounded(-*drift, 0)));
        return parts;
    case FindingKind::HeldPush:
        parts.push_back(message("held for %1 s, leaning %2° in the end", rounded(f.end_s - f.start_s, 1), number("lean_deg", 0)));
        return parts;
    case FindingKind::Spin:
        parts.push_back(message("%1° off level after it", number("exit_deg", 0)));
        if (const auto settled = f.number("settled_s"))
            parts.push_back(*settled < 0.05 ? message("settled at once") : message("settled after %1 s", rounded(*settled, 1)));
        return parts;
    case FindingKind::BankLeftOver: parts.push_back(message("%1° of bank left standing", number("bank_deg", 0))); return parts;
    case FindingKind::SinkInLean: parts.push_back(message("%1 m of height lost", number("sink_m", 1))); return parts;
    case FindingKind::Brake: parts.push_back(message("%1 m higher while stopping", number("height_gain_m", 1))); return parts;
    case FindingKind::Landing:
        if (f.number("sink_mps")) parts.push_back(message("%1 m/s at the ground", number("sink_mps", 1)));
        if (f.number("bounces").value_or(0) > 0) parts.push_back(message("%1 bounces", number("bounces", 0)));
        return parts;
    case FindingKind::ThrottleCut:
        if (f.number("seconds")) parts.push_back(message("%1 s until the throttle was at the bottom", number("seconds", 1)));
        return parts;
    default: break;
    }
    constexpr std::size_t told = 3;
    std::size_t numbers = 0;
    for (const FindingNumber& n : f.numbers)
        if (Message one = number_in_words(n); !one.empty() && numbers < told) parts.push_back(std::move(one)), ++numbers;
    return parts;
}

Message evidence_of(const std::vector<const Finding*>& found)
{
    const Finding& worst = *found.front();
    const Rounded from = rounded(worst.start_s, 1), to = rounded(worst.end_s, 1);
    const Message seen = found.size() == 1 ? message("once, from %1 s to %2 s", from, to)
                                           : message("%3 times, the weightiest from %1 s to %2 s", from, to, found.size());
    const std::vector<Message> parts = parts_of(worst);
    return parts.empty() ? seen : message("%1: %2", seen, joined(parts, ", "));
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
    if (rule.word && found.front()->word(rule.word->key) != rule.word->is) return false;
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

/// The sticks that most of it was on, by their keys: each that carries at least a quarter of what was found, by time.
std::string sticks_of(const std::vector<const Finding*>& found)
{
    constexpr std::array<StickAxis, 4> order{StickAxis::Roll, StickAxis::Pitch, StickAxis::Yaw, StickAxis::Throttle};
    constexpr double a_part = 0.25;
    std::array<double, 4> seconds{};
    double all_s = 0;
    for (const Finding* f : found) {
        const double s = std::max(0.1, f->end_s - f->start_s); // found by a score alone it has no length
        seconds[static_cast<std::size_t>(f->axis)] += s, all_s += s;
    }
    std::string sticks;
    for (const StickAxis axis : order)
        if (seconds[static_cast<std::size_t>(axis)] >= a_part * all_s)
            sticks += (sticks.empty() ? "" : "+") + std::string(stick_axis_key(axis));
    return sticks;
}

Advice advice_of(const CoachingRule& rule, const std::vector<const Finding*>& found, const Score* score, const Coached* pilot)
{
    Advice a{rule.id, rule.cause,           rule.change_for(sticks_of(found)), rule.finding, rule.kind, evidence_of(found),
             {},      found.front()->weight};
    constexpr int lately = 5;
    if (const auto seen = seen_lately(rule.finding, pilot, lately); seen.of > 1)
        a.evidence = message("%1; in %2 of the last %3 flights", a.evidence, seen.flights, seen.of);
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

const std::string& CoachingRule::change_for(std::string_view sticks) const
{
    for (const auto& [on, words] : change_on)
        if (on == sticks) return words;
    return change;
}

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
