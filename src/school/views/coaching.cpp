#include "school/views/coaching.h"

#include <algorithm>
#include <map>

namespace bh {
namespace {

CoachedSettings settings_in(const TrainingSetup& setup)
{
    CoachedSettings s;
    s.rate_dps = std::max(rate_dps(setup.rates.roll, 1), rate_dps(setup.rates.pitch, 1));
    s.power_share = setup.power_share;
    s.propeller_ratio = setup.propeller_ratio;
    s.tilt_deg = setup.camera_tilt_deg;
    return s;
}

CoachedSettings settings_in(const JudgedAttempt& attempt)
{
    CoachedSettings s;
    s.mode = mode_key(attempt.mode);
    if (!attempt.flight) return s;
    s.rate_dps = std::max(rate_dps(attempt.flight->rates.roll, 1), rate_dps(attempt.flight->rates.pitch, 1));
    s.power_share = attempt.flight->power_share;
    s.propeller_ratio = attempt.flight->propeller_ratio;
    s.tilt_deg = attempt.flight->camera_tilt_deg;
    return s;
}

/// When it was seen to be followed: the first flight with what it asks for, or the drill flown, or the grip tried; 0: not.
UnixTime seen_followed_at(const School& school, const GivenAdvice& advice, const CoachingRule& rule)
{
    const PilotFile& file = school.file(advice.pilot_id);
    if (rule.kind == ChangeKind::Movement) return 0;
    if (rule.kind == ChangeKind::Grip) {
        for (const GripRound& round : file.grip_rounds)
            if (round.at > advice.at && grip_key(round.grip) == rule.to) return round.at;
        return 0;
    }
    for (const Attempt& a : file.attempts) {
        if (a.at <= advice.at || a.log_hash.empty()) continue;
        if (rule.kind == ChangeKind::Drill ? a.drill_id == rule.to : is_set(rule, settings_in(school.judged(a.id)))) return a.at;
    }
    return 0;
}

/// What the drill that is next gave marks for when it was flown last; empty where it never was.
std::vector<MarksFor> marks_of_next_drill(const School& school, const std::string& pilot_id)
{
    const std::string& next = school.standing(pilot_id).next_drill;
    const auto& attempts = school.attempts(pilot_id);
    const auto last = std::find_if(attempts.rbegin(), attempts.rend(), [&](const Attempt& a) { return a.drill_id == next; });
    std::vector<MarksFor> marks;
    if (next.empty() || last == attempts.rend()) return marks;
    for (const JudgedCriterion& c : school.judged(last->id).criteria)
        if (c.measure && c.value) marks.push_back({*c.measure, c.weight, c.marks});
    return marks;
}

} // namespace

std::vector<const Attempt*> flights_of(const School& school, const std::string& pilot_id, std::size_t newest, UnixTime until)
{
    std::vector<const Attempt*> flights;
    const auto& attempts = school.attempts(pilot_id);
    for (auto a = attempts.rbegin(); a != attempts.rend() && flights.size() < newest; ++a)
        if (!a->log_hash.empty() && a->demonstration.empty() && (until == 0 || a->at <= until)) flights.push_back(&*a);
    std::reverse(flights.begin(), flights.end());
    return flights;
}

std::vector<FlightOfHabits> flights_for_habits(const School& school, const std::vector<const Attempt*>& flights)
{
    std::vector<FlightOfHabits> all;
    all.reserve(flights.size());
    for (const Attempt* a : flights) all.push_back({a->drill_id, a->mode, school.tally(*a)});
    return all;
}

std::vector<Habit> habits_of(const School& school, const std::string& pilot_id, std::size_t newest)
{
    return habits(flights_for_habits(school, flights_of(school, pilot_id, newest)));
}

Message strong_habit(const School& school, const std::string& pilot_id)
{
    auto flights = flights_of(school, pilot_id, flights_for_a_habit);
    std::erase_if(flights, [](const Attempt* a) { return a->found.empty(); });
    const auto found = habits(flights_for_habits(school, flights));
    const auto& given = school.file(pilot_id).advice;
    const auto worked_on = [&](FindingKind kind) {
        constexpr UnixTime week_s = 7 * 24 * 3600;
        return std::any_of(given.begin(), given.end(),
                           [&](const GivenAdvice& a) { return a.finding == kind && !a.closed && school.now() - a.at < week_s; });
    };
    const auto strong =
        std::find_if(found.begin(), found.end(), [&](const Habit& h) { return h.strong() && !worked_on(h.kind); });
    return strong == found.end() ? Message() : habit_in_words(*strong);
}

AdviceStanding standing_of(const School& school, const GivenAdvice& advice)
{
    constexpr std::size_t looked_at = 8, most_since = 20;
    AdviceStanding s{advice, advice.followed_at, false, {}};
    const CoachingRule* rule = school.coaching().rule(advice.rule);
    if (s.followed_at == 0 && rule)
        if (const UnixTime seen = seen_followed_at(school, advice, *rule); seen > 0) s.followed_at = seen, s.seen = true;
    std::vector<double> before, since;
    const UnixTime from = s.followed_at > 0 ? s.followed_at : school.now() + 1;
    const auto& attempts = school.attempts(advice.pilot_id);
    for (auto a = attempts.rbegin(); a != attempts.rend() && before.size() < looked_at; ++a) {
        if (a->log_hash.empty() || !a->demonstration.empty()) continue;
        const FindingTally* t = school.tally(*a).of(advice.finding);
        // A flight is dated when it is over: the one that shows it to be followed is the first with it, a tick comes before.
        const bool with_it = s.seen ? a->at >= from : a->at > from;
        if (t) (with_it ? since : before).push_back(t->value);
    }
    if (since.size() > most_since) since.erase(since.begin(), since.end() - static_cast<std::ptrdiff_t>(most_since));
    s.effect = effect(before, since);
    return s;
}

std::vector<AdviceStanding> advice_given(const School& school, const std::string& pilot_id)
{
    std::vector<AdviceStanding> all;
    const auto& given = school.file(pilot_id).advice;
    for (auto a = given.rbegin(); a != given.rend(); ++a) all.push_back(standing_of(school, *a));
    return all;
}

Coached coached(const School& school, const std::string& pilot_id, const Attempt* flight)
{
    constexpr std::size_t lately = 5;
    Coached pilot;
    if (const auto& setup = school.setup(pilot_id)) pilot.settings = settings_in(*setup);
    if (flight) {
        const CoachedSettings flown = settings_in(school.judged(flight->id));
        pilot.settings.mode = flown.mode;
        if (!school.setup(pilot_id)) pilot.settings = flown;
    }
    std::vector<const Attempt*> flights = flights_of(school, pilot_id, lately, flight ? flight->at : 0);
    if (flight) std::erase(flights, flight);
    for (const Attempt* a : flights) pilot.before.push_back(school.tally(*a));
    for (const GivenAdvice& advice : school.file(pilot_id).advice) {
        if (flight && advice.at > flight->at && advice.attempt_id != flight->id) continue; // not known then
        const AdviceStanding s = standing_of(school, advice);
        pilot.given.push_back({advice.rule, s.followed_at > 0, advice.closed, s.effect});
        const CoachingRule* rule = school.coaching().rule(advice.rule);
        if (rule && rule->kind == ChangeKind::Grip && s.followed_at > 0) pilot.settings.grip = rule->to;
    }
    pilot.next_drill = marks_of_next_drill(school, pilot_id);
    return pilot;
}

std::optional<ShareFallen> share_fallen_by(const School& school, const std::string& rule)
{
    std::vector<Effect> effects;
    for (const auto& [_, file] : school.values().pilots)
        for (const GivenAdvice& advice : file.advice)
            if (advice.rule == rule)
                if (const AdviceStanding s = standing_of(school, advice); s.followed_at > 0) effects.push_back(s.effect);
    return share_fallen(effects);
}

std::vector<RuleRecord> rule_records(const School& school)
{
    std::map<std::string, RuleRecord> by_rule;
    for (const auto& [id, file] : school.values().pilots) {
        if (file.row.erased) continue;
        for (const GivenAdvice& advice : file.advice) {
            const AdviceStanding s = standing_of(school, advice);
            RuleRecord& r = by_rule[advice.rule];
            r.rule = advice.rule;
            ++r.given, r.followed += s.followed_at > 0;
            if (s.followed_at == 0) continue;
            r.helped += s.effect.helped == Helped::Yes;
            r.no_sign += s.effect.helped == Helped::NoSign;
            r.worse += s.effect.helped == Helped::Worse;
        }
    }
    std::vector<RuleRecord> all;
    for (auto& [_, r] : by_rule) all.push_back(std::move(r));
    std::stable_sort(all.begin(), all.end(), [](const RuleRecord& a, const RuleRecord& b) { return a.given > b.given; });
    return all;
}

} // namespace bh
