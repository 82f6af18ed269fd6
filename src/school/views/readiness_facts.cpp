#include "school/views/readiness_facts.h"

#include "core/progress/sickness.h"
#include "school/views/coaching.h"
#include "school/views/first_flight.h"
#include "school/views/setup_rules.h"

#include <algorithm>
#include <set>

namespace bh {
namespace {

constexpr int weeks = 4;

void add_practice(const School& school, const std::string& pilot_id, ReadinessFacts& f)
{
    const PilotStanding& s = school.standing(pilot_id);
    f.hours = s.hours, f.matched_hours = s.hours_matched;
    f.last_practice_day = s.last_practice_day;
    constexpr double seconds_in_hour = 3600, days = 7 * weeks;
    const auto& match = school.match(pilot_id);
    for (const Session& session : school.sessions(pilot_id)) {
        const double hours = session.active_s / seconds_in_hour;
        const bool lately = static_cast<double>(school.today() - local_day(session.started_at)) < days;
        if (lately) f.weekly_hours += hours / weeks;
        if (lately && session.matched) f.weekly_matched_hours += hours / weeks;
        // Practice here has the practised rates themselves, whichever simulator they were matched for.
        if (!match || !session.matched || session.started_at < school.file(pilot_id).match_at) continue;
        if (!session.simulator.empty() && session.simulator != match->simulator) continue;
        f.hours_in_simulator += hours;
        if (lately) f.weekly_hours_in_simulator += hours / weeks;
    }
    if (!match) return;
    const SimulatorProfile* simulator = school.simulator(match->simulator);
    f.match = simulator ? simulator->name : match->simulator;
    if (const auto stale = school.match_stale(pilot_id)) f.match_stale = in_words(*stale);
}

/// The panic switch was used, and in time: a pass from before that was asked for does not tell. Nothing known of it, as of a
/// flight that lies on a server that is away: it passed.
bool panicked_in_time(const JudgedAttempt& attempt)
{
    if (attempt.id.empty()) return true;
    return std::any_of(attempt.criteria.begin(), attempt.criteria.end(),
                       [](const JudgedCriterion& c) { return c.measure == Measure::PanicS && c.value && c.marks >= 60 - 1e-9; });
}

void add_ladder(const School& school, const std::string& pilot_id, ReadinessFacts& f)
{
    const PilotStanding& s = school.standing(pilot_id);
    f.stages = static_cast<int>(s.stages.size());
    f.stages_held = static_cast<int>(std::count(s.stages.begin(), s.stages.end(), StageState::Held));
    for (const LadderStep& step : s.ladder) {
        const Drill* drill = school.drill(step.drill_id);
        const std::string name = drill ? drill->name : step.drill_id;
        if (f.stage_next.empty() && step.standing.state != DrillState::Held && drill) f.stage_next = message(name);
        if (!drill || !drill->has_sides()) continue;
        f.has_sides = true;
        if (const Message gap = side_gap_in_words(step.standing); !gap.empty())
            f.side_gaps.push_back(message("%1: %2", message(name), gap));
        if (const Message doubt = side_doubt_in_words(step.standing); !doubt.empty())
            f.side_doubts.push_back(message("%1: %2", message(name), doubt));
    }
    const auto name_of = [&](DrillRole role) {
        const Drill* drill = school.drill_with(role, pilot_id, true);
        return drill ? drill->name : std::string();
    };
    f.roof_drill = name_of(DrillRole::Roof), f.panic_drill = name_of(DrillRole::Panic);
    f.rehearsal_drill = name_of(DrillRole::Rehearsal);
    f.roof_minutes = minutes_under_a_roof(school, pilot_id);
    f.weekly_roof_minutes = minutes_under_a_roof(school, pilot_id, school.today() - 7 * weeks + 1) / weeks;
    for (const AttemptFact& a : school.file(pilot_id).facts)
        f.throttle_cuts_s.insert(f.throttle_cuts_s.end(), a.throttle_cuts_s.begin(), a.throttle_cuts_s.end());
    for (const Attempt& a : school.attempts(pilot_id)) {
        if (!a.passed) continue;
        f.panic_passes += school.has_role(a.drill_id, DrillRole::Panic) && panicked_in_time(school.judged(a.id));
        const std::int64_t day = local_day(a.at);
        if (school.has_role(a.drill_id, DrillRole::Rehearsal) &&
            std::find(f.rehearsal_days.begin(), f.rehearsal_days.end(), day) == f.rehearsal_days.end())
            f.rehearsal_days.push_back(day);
    }
}

void add_hand(const School& school, const std::string& pilot_id, ReadinessFacts& f)
{
    const auto found = habits_of(school, pilot_id);
    const auto strong = std::find_if(found.begin(), found.end(), [](const Habit& h) { return h.strong(); });
    if (strong != found.end()) f.strong_habit = habit_in_words(*strong);
    constexpr std::size_t lately = 5;
    const auto flights = flights_of(school, pilot_id, lately);
    for (const Attempt* a : flights)
        if (const FindingTally* rocking = school.tally(*a).of(FindingKind::Rocking))
            ++f.rocking_flights, f.rocking_share += rocking->value / 100;
    if (f.rocking_flights > 0) f.rocking_share /= f.rocking_flights;
}

void add_aircraft(const School& school, const std::string& pilot_id, ReadinessFacts& f)
{
    const auto& setup = school.setup(pilot_id);
    if (!setup || setup->real_aircraft.empty()) return;
    constexpr double whole = 0.995;
    std::vector<Message> eased;
    if (setup->power_share < whole) eased.push_back(message("power at %1 %", std::lround(100 * setup->power_share)));
    if (setup->propeller_ratio < whole) eased.push_back(message("propellers at %1 %", std::lround(100 * setup->propeller_ratio)));
    if (const auto way = way_back_standing(school, pilot_id); way && way->next)
        eased.push_back(message("way back at step %1 of %2", way->climbed, way->rungs.size()));
    f.as_real = eased.empty();
    f.eased = joined(eased, ", ");
}

} // namespace

double minutes_under_a_roof(const School& school, const std::string& pilot_id, std::int64_t since_day)
{
    std::set<std::string> drills, worlds;
    for (const Drill& drill : school.drills())
        if (drill.has(DrillRole::Roof)) drills.insert(drill.id), worlds.insert(drill.world);
    double seconds = 0;
    for (const AttemptFact& a : school.file(pilot_id).facts)
        if (a.day >= since_day && (a.free ? worlds.contains(a.world) : drills.contains(a.drill_id))) seconds += a.flown_s;
    return seconds / 60;
}

ReadinessFacts readiness_facts(const School& school, const std::string& pilot_id)
{
    ReadinessFacts f;
    if (!school.pilot(pilot_id)) return f;
    add_practice(school, pilot_id, f);
    add_ladder(school, pilot_id, f);
    add_hand(school, pilot_id, f);
    add_aircraft(school, pilot_id, f);
    if (const auto& answered = school.file(pilot_id).sickness; !answered.empty()) {
        const auto score = sickness_score(answered.back().answers);
        if (score) f.sickness_total = score->total;
        f.by_screen = !answered.back().goggles;
    }
    if (const Viewing last = school.last_viewing(pilot_id); last != Viewing::NotSaid) f.by_screen = last == Viewing::Screen;
    f.briefed = is_briefed(school, pilot_id);
    School::ControllerStanding controller = school.controller_standing(pilot_id);
    f.calibrated_day = controller.day;
    f.controller_fault = std::move(controller.drift);
    return f;
}

std::vector<ReadinessGate> gates_of(const School& school, const std::string& pilot_id)
{
    return readiness(readiness_facts(school, pilot_id), school.today(), school.house());
}

} // namespace bh
