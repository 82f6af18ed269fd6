#include "core/progress/standing.h"

#include "core/controller/drift.h"

#include <algorithm>
#include <cstdio>
#include <set>

namespace bh {
namespace {

constexpr int weeks_shown = 8;
constexpr double weekly_target_h = 3;   // common practice
constexpr int rest_limit_days = 14;     // house

std::string counted(std::int64_t count, const char* noun)
{
    return std::to_string(count) + " " + noun + (count == 1 ? "" : "s");
}

std::string capital(std::string text)
{
    if (!text.empty() && text[0] >= 'a' && text[0] <= 'z') text[0] = static_cast<char>(text[0] - 'a' + 'A');
    return text;
}

std::string what_is_missing(const DrillStanding& s, const MasteryRules& rules)
{
    if (s.state == DrillState::Held) return "held";
    if (s.state == DrillState::Due) return "was held; pass it again to stay current";
    if (s.attempts == 0) return "not flown yet";
    if (s.passes == 0) return "not passed yet after " + counted(s.attempts, "attempt");
    if (s.passes < rules.passes) return "passed " + counted(s.passes, "time") + " of " + std::to_string(rules.passes);
    return "passed " + counted(s.passes, "time") + ", needs another day";
}

struct Attention {
    std::string reason;
    PilotStanding::Go go = PilotStanding::Go::Nowhere;
};

/// The most pressing reason first; at most one is shown.
Attention attention_for(const PilotFacts& facts, const PilotStanding& s, std::int64_t today, const std::string& next_name,
                        const DrillStanding& next)
{
    using Go = PilotStanding::Go;
    if (!facts.calibrated_day) return {"No controller calibration yet", Go::Controller};
    if (!s.last_practice_day) return {"Has not practised yet", Go::Drills};
    if (const auto rest = today - *s.last_practice_day; rest > rest_limit_days)
        return {"No practice for " + counted(rest, "day"), Go::Drills};
    if (next.failed_in_a_row >= 5)
        return {next_name + " failed " + counted(next.failed_in_a_row, "time") + " in a row", Go::Drills};
    if (const auto age = today - *facts.calibrated_day; age > calibration_valid_days)
        return {"Controller calibrated " + counted(age, "day") + " ago", Go::Controller};
    if (!facts.controller_drift.empty()) return {facts.controller_drift, Go::Controller};
    if (next.state == DrillState::Due)
        return {next_name + " last passed " + counted(today - next.last_pass_day, "day") + " ago", Go::Drills};
    double four_weeks = 0;
    for (int i = weeks_shown - 4; i < weeks_shown; ++i) four_weeks += s.weekly_hours[static_cast<std::size_t>(i)];
    if (four_weeks / 4 < weekly_target_h / 4) {
        char text[64];
        std::snprintf(text, sizeof text, "Only %.1f h a week over four weeks", four_weeks / 4);
        return {text, Go::Drills};
    }
    return {};
}

} // namespace

DrillStanding drill_standing(const std::vector<AttemptFact>& attempts, const std::string& drill_id, std::int64_t today,
                             const MasteryRules& rules)
{
    DrillStanding s;
    std::set<std::int64_t> pass_days;
    for (const AttemptFact& a : attempts) {
        if (a.drill_id != drill_id) continue;
        ++s.attempts;
        s.best = std::max(s.best.value_or(0), a.score);
        s.last = a.score;
        s.failed_in_a_row = a.passed ? 0 : s.failed_in_a_row + 1;
        if (!a.passed) continue;
        ++s.passes;
        pass_days.insert(a.day);
        s.last_pass_day = a.day;
    }
    s.pass_days = static_cast<int>(pass_days.size());
    if (s.attempts > 0) s.state = DrillState::Tried;
    if (s.passes >= rules.passes && s.pass_days >= rules.days)
        s.state = today - s.last_pass_day <= rules.currency_days ? DrillState::Held : DrillState::Due;
    s.next = what_is_missing(s, rules);
    return s;
}

PilotStanding pilot_standing(const PilotFacts& facts, const Curriculum& curriculum, std::int64_t today,
                             const std::vector<std::pair<std::string, std::string>>& drill_names, const MasteryRules& rules)
{
    PilotStanding s;
    s.weekly_hours.assign(weeks_shown, 0);
    for (const PracticeFact& p : facts.practice) {
        const double hours = p.active_s / 3600;
        s.hours += hours;
        s.last_practice_day = std::max(s.last_practice_day.value_or(p.day), p.day);
        const auto weeks_ago = (today - p.day) / 7;
        if (p.day <= today && weeks_ago < weeks_shown) s.weekly_hours[static_cast<std::size_t>(weeks_shown - 1 - weeks_ago)] += hours;
    }
    s.hours_last_7_days = s.weekly_hours.back();

    DrillStanding next;
    for (const Curriculum::Stage& stage : curriculum.stages) {
        std::size_t held = 0;
        std::size_t flown = 0;
        for (const std::string& id : stage.drills) {
            const DrillStanding d = drill_standing(facts.attempts, id, today, rules);
            held += d.state == DrillState::Held;
            flown += d.attempts > 0;
            if (d.state != DrillState::Held && s.next_drill.empty()) {
                s.next_drill = id;
                s.next_reason = d.next;
                next = d;
            }
        }
        s.stages.push_back(held == stage.drills.size() ? StageState::Held : flown > 0 ? StageState::Partly : StageState::Open);
    }
    std::string next_name = s.next_drill;
    for (const auto& [id, name] : drill_names)
        if (id == s.next_drill) next_name = name;
    const Attention attention = attention_for(facts, s, today, next_name, next);
    s.needs_attention = !attention.reason.empty();
    s.go = attention.go;
    if (s.needs_attention) s.attention = attention.reason;
    else if (s.next_drill.empty()) s.attention = "Every stage is held";
    else {
        s.attention = "Next: " + next_name + ", " + s.next_reason;
        s.go = PilotStanding::Go::Drills;
    }
    s.attention = capital(s.attention);
    return s;
}

} // namespace bh
