#include "core/progress/readiness.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdarg>
#include <cstdio>

namespace bh {
namespace {

using Facts = ReadinessFacts;
using Rules = ReadinessRules;

__attribute__((format(printf, 1, 2))) std::string text(const char* format, ...)
{
    char words[240];
    std::va_list values;
    va_start(values, format);
    std::vsnprintf(words, sizeof words, format, values);
    va_end(values);
    return words;
}

struct Answer {
    GateState state;
    std::string evidence;
    std::optional<std::int64_t> by_day{};
};

std::string days_ago(int days) { return days == 0 ? "today" : days == 1 ? "yesterday" : text("%d days ago", days); }

Answer answer(bool met, std::string evidence, std::optional<std::int64_t> by_day = {})
{
    return {met ? GateState::Met : GateState::NotYet, std::move(evidence), met ? std::nullopt : by_day};
}

/// When so many hours are reached at so many a week.
std::optional<std::int64_t> day_of(double hours, double wanted, double a_week, std::int64_t today)
{
    constexpr double least_a_week = 0.05, furthest_weeks = 520;
    const double weeks = a_week > least_a_week ? (wanted - hours) / a_week : furthest_weeks + 1;
    return weeks <= furthest_weeks ? std::optional(today + static_cast<std::int64_t>(std::ceil(7 * weeks))) : std::nullopt;
}

Answer hours(const Facts& f, const Rules& r, std::int64_t today)
{
    return answer(f.hours >= r.hours, text("%.1f of %.0f h, %.1f h a week over four weeks", f.hours, r.hours, f.weekly_hours),
                  day_of(f.hours, r.hours, f.weekly_hours, today));
}

Answer matched_hours(const Facts& f, const Rules& r, std::int64_t today)
{
    return answer(f.matched_hours >= r.matched_hours,
                  text("%.1f of %.0f h on rates that were matched, %.1f h a week", f.matched_hours, r.matched_hours,
                       f.weekly_matched_hours),
                  day_of(f.matched_hours, r.matched_hours, f.weekly_matched_hours, today));
}

Answer cadence(const Facts& f, const Rules& r, std::int64_t)
{
    return answer(f.weekly_hours >= r.weekly_hours,
                  text("%.1f h a week over four weeks, %.0f wanted", f.weekly_hours, r.weekly_hours));
}

Answer stages(const Facts& f, const Rules&, std::int64_t)
{
    if (f.stages == 0) return {GateState::Unknown, "No curriculum"};
    std::string evidence = text("%d of %d stages held", f.stages_held, f.stages);
    if (f.stages_held < f.stages && !f.stage_next.empty()) evidence += "; " + f.stage_next;
    return answer(f.stages_held >= f.stages, evidence);
}

Answer sides(const Facts& f, const Rules&, std::int64_t)
{
    return answer(f.side_gaps.empty(), f.side_gaps.empty() ? "No drill whose sides lie apart" : f.side_gaps.front());
}

Answer throttle_cut(const Facts& f, const Rules& r, std::int64_t)
{
    if (f.throttle_cuts_s.empty()) return {GateState::Unknown, "No crash yet: what the hand does then is not known"};
    const std::size_t n = std::min(f.throttle_cuts_s.size(), static_cast<std::size_t>(r.crashes));
    const auto within = std::count_if(f.throttle_cuts_s.end() - static_cast<std::ptrdiff_t>(n), f.throttle_cuts_s.end(),
                                      [](double seconds) { return seconds <= 1; });
    return answer(static_cast<double>(within) >= r.cut_share * static_cast<double>(n),
                  text("within 1 s after %d of the last %zu crashes", static_cast<int>(within), n));
}

Answer roof(const Facts& f, const Rules& r, std::int64_t)
{
    return answer(f.roof_minutes >= r.roof_minutes, text("%.0f of %.0f minutes under the roof", f.roof_minutes, r.roof_minutes));
}

Answer panic(const Facts& f, const Rules&, std::int64_t)
{
    return answer(f.panic_passes > 0, f.panic_passes > 0
                                          ? text("Upset passed %d time%s", f.panic_passes, f.panic_passes == 1 ? "" : "s")
                                          : "Upset, which asks for the panic switch, was not passed yet");
}

Answer controller(const Facts& f, const Rules& r, std::int64_t today)
{
    if (!f.calibrated_day) return answer(false, "No controller calibration that was verified");
    const auto age = static_cast<int>(today - *f.calibrated_day);
    if (!f.controller_fault.empty()) return answer(false, f.controller_fault);
    return answer(age <= r.calibration_days, "calibrated and verified " + days_ago(age));
}

Answer match(const Facts& f, const Rules& r, std::int64_t today)
{
    if (f.match.empty()) return answer(false, "Rates were not matched with the real aircraft's");
    if (!f.match_stale.empty()) return answer(false, f.match_stale);
    return answer(
        f.hours_in_simulator >= r.hours_in_simulator,
        text("matched in %s, %.1f of %.0f h on them there", f.match.c_str(), f.hours_in_simulator, r.hours_in_simulator),
        day_of(f.hours_in_simulator, r.hours_in_simulator, f.weekly_matched_hours, today));
}

Answer currency(const Facts& f, const Rules& r, std::int64_t today)
{
    if (!f.last_practice_day) return answer(false, "Has not practised yet");
    const auto ago = static_cast<int>(today - *f.last_practice_day);
    return answer(ago <= r.last_practice_days, "last practice " + days_ago(ago));
}

Answer rehearsal(const Facts& f, const Rules& r, std::int64_t)
{
    const auto days = static_cast<int>(f.rehearsal_days.size());
    return answer(days >= r.rehearsal_days, text("First day rehearsed and passed on %d of %d days", days, r.rehearsal_days));
}

Answer habits(const Facts& f, const Rules& r, std::int64_t)
{
    constexpr int least_flights = 3;
    if (!f.strong_habit.empty()) return answer(false, f.strong_habit);
    if (f.rocking_flights < least_flights) return {GateState::Unknown, "Fewer than three flights tell of rocking"};
    return answer(f.rocking_share < r.rocking_share,
                  text("no strong habit; rocked for %.0f %% of the last %d flights", 100 * f.rocking_share, f.rocking_flights));
}

Answer sickness(const Facts& f, const Rules& r, std::int64_t)
{
    if (f.by_screen) return answer(true, "practises by the screen");
    if (!f.sickness_total) return {GateState::Unknown, "No answers to the sickness questionnaire"};
    return answer(*f.sickness_total <= r.sickness_total,
                  text("questionnaire %.1f, at most %.0f", *f.sickness_total, r.sickness_total));
}

Answer real_setup(const Facts& f, const Rules&, std::int64_t)
{
    if (!f.as_real) return {GateState::Unknown, "No set-up beside a real aircraft"};
    return answer(*f.as_real, *f.as_real ? "practised as the real aircraft is set" : f.eased.empty() ? "eased yet" : f.eased);
}

Answer briefing(const Facts& f, const Rules&, std::int64_t)
{
    if (!f.briefed) return {GateState::Unknown, "No briefing is kept"};
    return answer(*f.briefed, *f.briefed ? "read aloud and ticked" : "begun, and not every point is ticked");
}

} // namespace

std::string_view gate_state_key(GateState state)
{
    return state == GateState::Met ? "met" : state == GateState::NotYet ? "not yet" : "unknown";
}

std::vector<ReadinessGate> readiness(const ReadinessFacts& facts, std::int64_t today, const ReadinessRules& rules)
{
    struct Looked {
        std::string_view id, name;
        Answer (*look)(const Facts&, const Rules&, std::int64_t);
    };
    static constexpr std::array looked{Looked{"hours", "Hours", &hours},
                                       Looked{"matched-hours", "Hours on matched rates", &matched_hours},
                                       Looked{"cadence", "Hours a week", &cadence},
                                       Looked{"stages", "Stages", &stages},
                                       Looked{"sides", "Both sides", &sides},
                                       Looked{"throttle-cut", "Throttle after a crash", &throttle_cut},
                                       Looked{"roof", "Under a roof", &roof},
                                       Looked{"panic", "Panic switch", &panic},
                                       Looked{"controller", "Controller", &controller},
                                       Looked{"match", "Rates as on the aircraft", &match},
                                       Looked{"currency", "Last practice", &currency},
                                       Looked{"rehearsal", "First day rehearsed", &rehearsal},
                                       Looked{"habits", "Habits", &habits},
                                       Looked{"sickness", "Sickness", &sickness},
                                       Looked{"real-setup", "Set as the real aircraft", &real_setup},
                                       Looked{"briefing", "Briefing", &briefing}};
    std::vector<ReadinessGate> gates;
    for (const Looked& l : looked) {
        Answer a = l.look(facts, rules, today);
        gates.push_back({l.id, l.name, a.state, a.by_day, std::move(a.evidence)});
    }
    return gates;
}

bool all_met(const std::vector<ReadinessGate>& gates)
{
    return std::all_of(gates.begin(), gates.end(), [](const ReadinessGate& g) { return g.state == GateState::Met; });
}

} // namespace bh
