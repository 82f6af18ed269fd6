#include "school/views/today.h"

#include "core/progress/practice_hours.h"
#include "school/views/first_flight.h"
#include "school/views/readiness_facts.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace bh {
namespace {

using Look = PilotStanding::Look;
using Weight = TodayItem::Weight;
using Go = PilotStanding::Go;

/// Pilots whose looks have the same subject have one cause.
std::string subject_of(const School& school, const std::string& pilot_id, const Look& look)
{
    switch (look.cause) {
    case Cause::OldCalibration:
    case Cause::Drift: return school.controller_standing(pilot_id).controller;
    case Cause::StaleMatch: return school.match(pilot_id)->aircraft;
    case Cause::Failing: return school.standing(pilot_id).next_drill;
    case Cause::Habit: return look.words.english();
    case Cause::Symptoms: return pilot_id;
    default: return {};
    }
}

/// By how many days the pilot's first flight has moved for it.
int moved_days(const School& school, const std::string& pilot_id, const Look& look)
{
    const PilotStanding& s = school.standing(pilot_id);
    const auto since = [&](std::int64_t day) { return static_cast<int>(std::max<std::int64_t>(0, school.today() - day)); };
    switch (look.cause) {
    case Cause::Rest: return since(*s.last_practice_day);
    case Cause::Slow: {
        const double wanted = school.house().of(Limit::HoursWeekly), left_h = school.house().of(Limit::HoursLow) - s.hours;
        const Pace pace = pace_of({s.weekly_hours.end() - 4, s.weekly_hours.end()});
        constexpr double least_a_week = 0.1; // less is none
        if (left_h <= 0 || pace.weekly_hours >= wanted) return 0;
        return static_cast<int>(std::lround(7 * left_h * (1 / std::max(least_a_week, pace.weekly_hours) - 1 / wanted)));
    }
    case Cause::StaleMatch: {
        std::optional<std::int64_t> matched_last;
        for (const Session& session : school.sessions(pilot_id))
            if (session.matched) matched_last = local_day(session.started_at);
        return matched_last ? since(*matched_last) : 0;
    }
    default: return look.since_day ? since(*look.since_day) : 0;
    }
}

Message held_up_by(Cause cause)
{
    switch (cause) {
    case Cause::Symptoms: return message("no real aircraft today");
    case Cause::NoCalibration:
    case Cause::NeverPractised: return message("everything waits for it");
    case Cause::OldCalibration:
    case Cause::Drift: return message("flights on it tell little");
    case Cause::StaleMatch: return message("hours do not count as matched");
    case Cause::Failing: return message("the stages after it wait");
    case Cause::Habit: return message("a gate of the first flight");
    case Cause::Rest:
    case Cause::Slow: return message("hours");
    }
    return {};
}

/// Said of several pilots at once, where each one's own sentence has a number in it.
Message in_common(const School& school, const std::string& subject, const Look& look)
{
    const HouseLimits& house = school.house();
    switch (look.cause) {
    case Cause::Rest:
        return message_of(house.whole(Limit::LookRestDays), "No practice for more than %n day",
                          "No practice for more than %n days");
    case Cause::Slow:
        return message_of(house.whole(Limit::HoursShortWeeks), "Below %1 h a week for %n week", "Below %1 h a week for %n weeks",
                          significant(house.of(Limit::HoursWeekly), 6));
    case Cause::Failing: {
        const Drill* drill = school.drill(subject);
        return message("%1 failed %2 times or more in a row", message(drill ? drill->name : subject),
                       house.whole(Limit::LookFailures));
    }
    default: return look.words;
    }
}

/// What only a coordinator can decide: gates that are all met, releases that run out, flights that nobody told of.
void add_decisions(const School& school, const Pilot& pilot, std::vector<TodayItem>& items)
{
    const Release* release = newest_release(school, pilot.id);
    const auto add = [&](Message what, Message holds_up, std::optional<std::int64_t> since) {
        items.push_back({Weight::Decision, {pilot.id}, std::move(what), since, std::move(holds_up), 0, Go::FirstFlight});
    };
    if (release && release->withdrawn.empty()) {
        const std::int64_t left = release->until_day - school.today();
        const bool told = has_flown(school, pilot.id) && school.file(pilot.id).after_flight.back().at >= release->at;
        constexpr std::int64_t soon_days = 3;
        if (!told && left < 0)
            add(message("The release has run out, and nobody told whether %1 has flown", pilot.name),
                message("what to practise next"), release->until_day);
        else if (!told && left <= soon_days)
            add(message_of(left, "The release runs out in %n day", "The release runs out in %n days"),
                message("the first flight"), local_day(release->at));
        return;
    }
    if (has_flown(school, pilot.id) || release) return;
    const auto gates = gates_of(school, pilot.id);
    if (all_met(gates))
        return add(message("Every gate is met: release, or say what is missing"), message("the first flight"), std::nullopt);
    const auto open = std::count_if(gates.begin(), gates.end(), [](const auto& g) { return g.state != GateState::Met; });
    if (open == 1 && gates.back().state != GateState::Met)
        add(message("Only the briefing is missing before the first flight"), message("the first flight"), std::nullopt);
}

} // namespace

std::vector<TodayItem> items_of_today(const School& school)
{
    std::vector<TodayItem> items;
    std::map<std::pair<Cause, std::string>, std::size_t> known;
    for (const Pilot& pilot : school.pilots()) {
        add_decisions(school, pilot, items);
        for (const Look& look : school.standing(pilot.id).looks) {
            const std::string subject = subject_of(school, pilot.id, look);
            const auto [found, is_new] = known.try_emplace({look.cause, subject}, items.size());
            if (is_new) {
                const Weight weight = look.cause == Cause::Symptoms ? Weight::Safety
                                      : look.cause == Cause::Slow   ? Weight::Pace
                                                                    : Weight::Practice;
                items.push_back({weight, {}, look.words, look.since_day, held_up_by(look.cause), 0, look.go});
            } else {
                items[found->second].what = in_common(school, subject, look);
            }
            TodayItem& item = items[found->second];
            item.pilots.push_back(pilot.id);
            item.moved_days += moved_days(school, pilot.id, look);
            if (look.since_day) item.since_day = std::min(item.since_day.value_or(*look.since_day), *look.since_day);
        }
    }
    std::stable_sort(items.begin(), items.end(), [](const TodayItem& a, const TodayItem& b) {
        return a.weight != b.weight ? a.weight < b.weight : a.moved_days > b.moved_days;
    });
    return items;
}

std::set<std::string> named_today(const School& school)
{
    std::set<std::string> named;
    const auto& items = school.today_items();
    for (std::size_t i = 0; i < std::min(items.size(), most_today); ++i)
        if (items[i].weight != Weight::Pace) named.insert(items[i].pilots.begin(), items[i].pilots.end());
    return named;
}

std::optional<std::int64_t> first_flight_day(const School& school, const std::string& pilot_id)
{
    std::int64_t latest = school.today();
    for (const ReadinessGate& g : gates_of(school, pilot_id)) {
        if (g.state == GateState::Met || g.id == "briefing") continue; // which is read on the day itself
        if (!g.by_day) return std::nullopt;
        latest = std::max(latest, *g.by_day);
    }
    return latest;
}

} // namespace bh
