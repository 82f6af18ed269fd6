#include "core/progress/readiness.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bh {
namespace {

using Facts = ReadinessFacts;

struct Answer {
    GateState state;
    Message evidence;
    std::optional<std::int64_t> by_day{};
};

Message with_days_ago(int days, std::string_view today, std::string_view yesterday, std::string_view before)
{
    return days == 0 ? message(today) : days == 1 ? message(yesterday) : message(before, days);
}

Answer answer(bool met, Message evidence, std::optional<std::int64_t> by_day = {})
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

bool on_matched_rates(const Facts& f) { return !f.match.empty() && f.match_stale.empty(); }

Answer hours(const Facts& f, const HouseLimits& house, std::int64_t today)
{
    return answer(f.hours >= house.of(Limit::HoursLow),
                  message("%1 of %2 h, %3 h a week over four weeks", rounded(f.hours, 1), rounded(house.of(Limit::HoursLow), 0),
                          rounded(f.weekly_hours, 1)),
                  day_of(f.hours, house.of(Limit::HoursLow), f.weekly_hours, today));
}

Answer matched_hours(const Facts& f, const HouseLimits& house, std::int64_t today)
{
    return answer(f.matched_hours >= house.of(Limit::HoursMatched),
                  message("%1 of %2 h on rates that were matched, %3 h a week", rounded(f.matched_hours, 1),
                          rounded(house.of(Limit::HoursMatched), 0), rounded(f.weekly_matched_hours, 1)),
                  on_matched_rates(f) ? day_of(f.matched_hours, house.of(Limit::HoursMatched), f.weekly_matched_hours, today)
                                      : std::nullopt); // whoever flies on flies no hour that counts
}

Answer cadence(const Facts& f, const HouseLimits& house, std::int64_t)
{
    return answer(
        f.weekly_hours >= house.of(Limit::HoursWeekly),
        message("%1 h a week over four weeks, %2 wanted", rounded(f.weekly_hours, 1), rounded(house.of(Limit::HoursWeekly), 0)));
}

Answer stages(const Facts& f, const HouseLimits&, std::int64_t)
{
    if (f.stages == 0) return {GateState::Unknown, message("No curriculum")};
    const Message held = message("%1 of %2 stages held", f.stages_held, f.stages);
    const bool all = f.stages_held >= f.stages;
    return answer(all, all || f.stage_next.empty() ? held : message("%1; next is %2", held, f.stage_next));
}

Answer sides(const Facts& f, const HouseLimits&, std::int64_t)
{
    if (!f.side_gaps.empty()) return answer(false, f.side_gaps.front());
    if (!f.has_sides) return {GateState::Unknown, message("The curriculum has no drill %1", message(label("with two sides")))};
    if (!f.side_doubts.empty()) return {GateState::Unknown, f.side_doubts.front()};
    return answer(true, message("No drill whose sides lie apart"));
}

Answer throttle_cut(const Facts& f, const HouseLimits& house, std::int64_t)
{
    if (f.throttle_cuts_s.empty()) return {GateState::Unknown, message("No crash yet: what the hand does then is not known")};
    // House: from fewer than five nobody can tell a hand that does it from one that was lucky.
    const int least = std::min(5, house.whole(Limit::GateCrashes));
    const std::size_t n = std::min(f.throttle_cuts_s.size(), static_cast<std::size_t>(house.whole(Limit::GateCrashes)));
    const auto within = std::count_if(f.throttle_cuts_s.end() - static_cast<std::ptrdiff_t>(n), f.throttle_cuts_s.end(),
                                      [](double seconds) { return seconds <= 1; });
    const Message so_far = message_of(static_cast<int>(n), "within 1 s after %1 of the last %n crash",
                                      "within 1 s after %1 of the last %n crashes", static_cast<int>(within));
    if (const int missing = least - static_cast<int>(n); missing > 0)
        return {GateState::Unknown, message_of(missing, "%1; what the hand does then is known after %n crash more",
                                               "%1; what the hand does then is known after %n crashes more", so_far)};
    return answer(static_cast<double>(within) >= house.share(Limit::GateCutShare) * static_cast<double>(n), so_far);
}

/// What a curriculum has no drill for can be done elsewhere, and is not known until it was.
Answer with_drill(const std::string& drill, std::string_view wanted, Answer found)
{
    if (found.state == GateState::Met || !drill.empty()) return found;
    return {GateState::Unknown, message("The curriculum has no drill %1", message(wanted))};
}

Answer roof(const Facts& f, const HouseLimits& house, std::int64_t today)
{
    return with_drill(
        f.roof_drill, label("that is flown under a roof"),
        answer(
            f.roof_minutes >= house.of(Limit::GateRoofMinutes),
            message("%1 of %2 minutes under the roof", rounded(f.roof_minutes, 0), rounded(house.of(Limit::GateRoofMinutes), 0)),
            day_of(f.roof_minutes / 60, house.of(Limit::GateRoofMinutes) / 60, f.weekly_roof_minutes / 60, today)));
}

Answer panic(const Facts& f, const HouseLimits&, std::int64_t)
{
    const Message drill = f.panic_drill.empty() ? message("a drill with the panic switch") : message(f.panic_drill);
    return with_drill(f.panic_drill, label("that asks for the panic switch"),
                      answer(f.panic_passes > 0, f.panic_passes > 0
                                                     ? message_of(f.panic_passes, "%1 passed %n time with the switch",
                                                                  "%1 passed %n times with the switch", drill)
                                                     : message("%1 was not passed yet with the panic switch in time", drill)));
}

Answer controller(const Facts& f, const HouseLimits& house, std::int64_t today)
{
    if (!f.calibrated_day) return answer(false, message("No controller calibration that was verified"));
    const auto age = static_cast<int>(today - *f.calibrated_day);
    if (!f.controller_fault.empty()) return answer(false, f.controller_fault);
    return answer(age <= house.whole(Limit::GateCalibrationDays),
                  with_days_ago(age, label("calibrated and verified today"), label("calibrated and verified yesterday"),
                                label("calibrated and verified %1 days ago")));
}

Answer match(const Facts& f, const HouseLimits& house, std::int64_t today)
{
    if (f.match.empty()) return answer(false, message("Rates were not matched with the real aircraft's"));
    if (!f.match_stale.empty()) return answer(false, f.match_stale);
    return answer(f.hours_in_simulator >= house.of(Limit::GateSimulatorHours),
                  message("matched in %1, %2 of %3 h on them there", f.match, rounded(f.hours_in_simulator, 1),
                          rounded(house.of(Limit::GateSimulatorHours), 0)),
                  day_of(f.hours_in_simulator, house.of(Limit::GateSimulatorHours), f.weekly_hours_in_simulator, today));
}

Answer currency(const Facts& f, const HouseLimits& house, std::int64_t today)
{
    if (!f.last_practice_day) return answer(false, message("Has not practised yet"));
    const auto ago = static_cast<int>(today - *f.last_practice_day);
    return answer(
        ago <= house.whole(Limit::GatePracticeDays),
        with_days_ago(ago, label("last practice today"), label("last practice yesterday"), label("last practice %1 days ago")));
}

Answer rehearsal(const Facts& f, const HouseLimits& house, std::int64_t)
{
    const auto days = static_cast<int>(f.rehearsal_days.size());
    const int wanted = house.whole(Limit::GateRehearsalDays);
    return with_drill(f.rehearsal_drill, label("that rehearses the first day"),
                      answer(days >= wanted, message("First day rehearsed and passed on %1 of %2 days", days, wanted)));
}

Answer habits(const Facts& f, const HouseLimits& house, std::int64_t)
{
    constexpr int least_flights = 3;
    if (!f.strong_habit.empty()) return answer(false, f.strong_habit);
    if (f.rocking_flights < least_flights) return {GateState::Unknown, message("Fewer than three flights tell of rocking")};
    return answer(
        f.rocking_share < house.share(Limit::GateRockingShare),
        message("no strong habit; rocked for %1 % of the last %2 flights", rounded(100 * f.rocking_share, 0), f.rocking_flights));
}

Answer sickness(const Facts& f, const HouseLimits& house, std::int64_t)
{
    if (f.by_screen) return answer(true, message("practises by the screen"));
    if (!f.sickness_total) return {GateState::Unknown, message("No answers to the sickness questionnaire")};
    return answer(
        *f.sickness_total <= house.of(Limit::SicknessTotal),
        message("questionnaire %1, at most %2", rounded(*f.sickness_total, 1), rounded(house.of(Limit::SicknessTotal), 0)));
}

Answer real_setup(const Facts& f, const HouseLimits&, std::int64_t)
{
    if (!f.as_real) return {GateState::Unknown, message("No set-up beside a real aircraft")};
    return answer(*f.as_real, *f.as_real        ? message("practised as the real aircraft is set")
                              : f.eased.empty() ? message("eased yet")
                                                : f.eased);
}

Answer briefing(const Facts& f, const HouseLimits&, std::int64_t)
{
    if (!f.briefed) return {GateState::Unknown, message("No briefing is kept")};
    return answer(*f.briefed, *f.briefed ? message("read aloud and ticked") : message("begun, and not every point is ticked"));
}

} // namespace

std::string_view gate_state_key(GateState state)
{
    return state == GateState::Met ? label("met") : state == GateState::NotYet ? label("not yet") : label("unknown");
}

std::vector<ReadinessGate> readiness(const ReadinessFacts& facts, std::int64_t today, const HouseLimits& house)
{
    struct Looked {
        std::string_view id, name;
        Answer (*look)(const Facts&, const HouseLimits&, std::int64_t);
    };
    static constexpr std::array looked{Looked{"hours", label("Hours"), &hours},
                                       Looked{"matched-hours", label("Hours on matched rates"), &matched_hours},
                                       Looked{"cadence", label("Hours a week"), &cadence},
                                       Looked{"stages", label("Stages"), &stages},
                                       Looked{"sides", label("Both sides"), &sides},
                                       Looked{"throttle-cut", label("Throttle after a crash"), &throttle_cut},
                                       Looked{"roof", label("Under a roof"), &roof},
                                       Looked{"panic", label("Panic switch"), &panic},
                                       Looked{"controller", label("Controller"), &controller},
                                       Looked{"match", label("Rates as on the aircraft"), &match},
                                       Looked{"currency", label("Last practice"), &currency},
                                       Looked{"rehearsal", label("First day rehearsed"), &rehearsal},
                                       Looked{"habits", label("Habits"), &habits},
                                       Looked{"sickness", label("Sickness"), &sickness},
                                       Looked{"real-setup", label("Set as the real aircraft"), &real_setup},
                                       Looked{"briefing", label("Briefing"), &briefing}};
    std::vector<ReadinessGate> gates;
    for (const Looked& l : looked) {
        Answer a = l.look(facts, house, today);
        gates.push_back({l.id, l.name, a.state, a.by_day, std::move(a.evidence)});
    }
    return gates;
}

bool all_met(const std::vector<ReadinessGate>& gates)
{
    return std::all_of(gates.begin(), gates.end(), [](const ReadinessGate& g) { return g.state == GateState::Met; });
}

} // namespace bh
