#include "school/views/pilot_progress.h"

#include "core/progress/sickness.h"

#include <algorithm>
#include <limits>
#include <map>

namespace bh {
namespace {

constexpr double hour_s = 3600;

std::vector<HoursOfPilot::Share> most_first(const std::map<std::string, double>& shares)
{
    std::vector<HoursOfPilot::Share> sorted;
    for (const auto& [of, hours] : shares) sorted.push_back({of, hours});
    std::stable_sort(sorted.begin(), sorted.end(), [](const auto& a, const auto& b) { return a.hours > b.hours; });
    return sorted;
}

std::string simulator_in_words(const School& school, const Session& s)
{
    if (!s.simulator.empty()) {
        const SimulatorProfile* known = school.simulator(s.simulator);
        return known ? known->name : s.simulator;
    }
    return s.recording.empty() && s.by_hand.empty() ? std::string(label("here")) : std::string(label("another program"));
}

/// The criterion that leads, as it was judged the last time.
const JudgedCriterion* leading_of(const JudgedAttempt& attempt)
{
    const JudgedCriterion* leading = nullptr;
    for (const JudgedCriterion& c : attempt.criteria)
        if (c.must && c.measure && !c.below && (!leading || c.weight > leading->weight)) leading = &c;
    return leading;
}

std::optional<DrillTrials::Leading> leading_trials(const std::vector<JudgedAttempt>& judged)
{
    if (judged.size() < least_trials_for_forecast) return std::nullopt;
    const JudgedCriterion* last = leading_of(judged.back());
    if (!last) return std::nullopt;
    DrillTrials::Leading leading{last->label, last->unit, {}, last->pass};
    leading.trials.higher_is_better = last->merit > last->fail;
    for (std::size_t i = 0; i < judged.size(); ++i)
        for (const JudgedCriterion& c : judged[i].criteria)
            if (c.measure == last->measure && c.label == last->label && c.value) {
                leading.trials.trial.push_back(static_cast<double>(i + 1));
                leading.trials.value.push_back(*c.value);
                break;
            }
    return leading.trials.trial.size() >= least_trials_for_forecast ? std::optional(std::move(leading)) : std::nullopt;
}

double attempts_a_week(const std::vector<const Attempt*>& attempts, std::int64_t today)
{
    constexpr std::int64_t lately_days = 28;
    const auto lately =
        std::count_if(attempts.begin(), attempts.end(), [&](const Attempt* a) { return today - local_day(a->at) < lately_days; });
    if (lately > 0) return static_cast<double>(lately) / 4;
    if (attempts.empty()) return 0;
    const std::int64_t days = std::max<std::int64_t>(7, local_day(attempts.back()->at) - local_day(attempts.front()->at));
    return 7 * static_cast<double>(attempts.size()) / static_cast<double>(days);
}

} // namespace

HoursOfPilot hours_of(const School& school, const std::string& pilot_id)
{
    HoursOfPilot h;
    const PilotStanding& s = school.standing(pilot_id);
    const HouseLimits& house = school.house();
    h.hours = s.hours, h.matched = s.hours_matched, h.weeks = s.weekly_hours;
    std::map<std::string, std::map<std::string, double>> flown_in; ///< seconds by session and mode
    for (const Attempt& a : school.attempts(pilot_id))
        if (!a.observed) flown_in[a.session_id][std::string(mode_key(a.mode))] += a.flown_s;
    std::map<std::string, double> by_simulator, by_viewing, by_mode;
    for (const Session& session : school.sessions(pilot_id)) {
        const double hours = session.active_s / hour_s;
        h.idle += session.idle_s / hour_s;
        by_simulator[simulator_in_words(school, session)] += hours;
        by_viewing[session.viewing == Viewing::NotSaid ? std::string(label("not said"))
                                                       : std::string(viewing_key(session.viewing))] += hours;
        const auto flown = flown_in.find(session.id);
        double all_s = 0;
        if (flown != flown_in.end())
            for (const auto& [mode, seconds] : flown->second) all_s += seconds;
        if (all_s > 0) // a session's hours go to its modes as they were flown
            for (const auto& [mode, seconds] : flown->second) by_mode[mode] += hours * seconds / all_s;
        else
            by_mode[std::string(label("not known"))] += hours;
    }
    h.by_simulator = most_first(by_simulator), h.by_mode = most_first(by_mode), h.by_viewing = most_first(by_viewing);
    if (h.weeks.size() >= 4) h.pace = pace_of({h.weeks.end() - 4, h.weeks.end()});
    h.to_low = weeks_left(house.of(Limit::HoursLow), h.hours, h.pace);
    h.to_comfortable = weeks_left(house.of(Limit::HoursComfortable), h.hours, h.pace);
    h.short_weeks = short_weeks(h.weeks, house.of(Limit::HoursWeekly));
    return h;
}

namespace {

/// Of everybody else who was scored in it.
std::optional<double> school_slope(const School& school, const std::string& drill_id, const std::string& but_for)
{
    std::vector<Trials> others;
    for (const auto& [pilot_id, file] : school.values().pilots) {
        if (pilot_id == but_for) continue;
        Trials of;
        of.higher_is_better = true;
        for (const Attempt& a : file.attempts)
            if (a.drill_id == drill_id && !a.free())
                of.trial.push_back(static_cast<double>(of.trial.size() + 1)), of.value.push_back(a.score);
        others.push_back(std::move(of));
    }
    return usual_slope(others, marks_to_pass);
}

} // namespace

bool TrialsInPieces::read(std::size_t most)
{
    const auto& ladder = school_.standing(pilot_id_).ladder;
    while (step_ < ladder.size()) {
        const LadderStep& step = ladder[step_];
        const Drill* drill = school_.drill(step.drill_id);
        std::vector<const Attempt*> attempts;
        for (const Attempt& a : school_.attempts(pilot_id_))
            if (drill && a.drill_id == step.drill_id && !a.free()) attempts.push_back(&a);
        const bool looks_ahead = attempts.size() >= least_trials_for_forecast; // from fewer nothing is told
        for (; looks_ahead && judged_.size() < attempts.size(); --most) {
            if (most == 0) return true;
            judged_.push_back(school_.judged(attempts[judged_.size()]->id));
        }
        if (!attempts.empty()) {
            DrillTrials& trials = taken_.emplace_back();
            trials.drill_id = drill->id, trials.name = drill->name, trials.standing = step.standing;
            for (const Attempt* a : attempts) trials.marks.push_back(a->score), trials.days.push_back(local_day(a->at));
            trials.leading = leading_trials(judged_);
            if (looks_ahead) trials.usual_slope = school_slope(school_, drill->id, pilot_id_);
            trials.attempts_a_week = attempts_a_week(attempts, school_.today());
        }
        judged_.clear(), ++step_;
    }
    return false;
}

std::vector<DrillTrials> trials_of(const School& school, const std::string& pilot_id)
{
    TrialsInPieces pieces(school, pilot_id);
    while (pieces.read(std::numeric_limits<std::size_t>::max())) {
    }
    return pieces.taken();
}

SicknessTrend sickness_of(const School& school, const std::string& pilot_id)
{
    SicknessTrend trend;
    double worst = 0;
    bool worst_in_goggles = false, any_after = false;
    for (const SicknessAnswers& s : school.file(pilot_id).sickness) {
        const auto score = sickness_score(s.answers);
        if (!score) continue;
        trend.points.push_back({s.at, score->total, s.before, s.goggles});
        any_after |= !s.before;
        if (!s.before && score->total > worst) worst = score->total, worst_in_goggles = s.goggles;
    }
    const double limit = school.house().of(Limit::SicknessTotal);
    if (trend.points.empty())
        trend.advice = message("Nobody asked yet: begin on the screen, and ask before and after the first time in goggles.");
    else if (school.standing(pilot_id).looks.size() > 0 && school.standing(pilot_id).looks.front().cause == Cause::Symptoms)
        trend.advice = message("Symptoms today: the screen, a rest, and no real aircraft today.");
    else if (worst > limit && worst_in_goggles)
        trend.advice = message("Goggles were too much once: the screen, short turns in goggles, and ask again each time.");
    else if (!any_after)
        trend.advice = message("Asked before a session only: ask after it as well.");
    else
        trend.advice = message("Below the house's limit so far.");
    return trend;
}

} // namespace bh
