#include "school/views/week_plan.h"

#include "core/base/number_text.h"
#include "files/tables/calendar.h"
#include "school/views/readiness_facts.h"

#include <QDateTime>
#include <algorithm>
#include <cmath>
#include <cstdio>
#include <map>
#include <tuple>

namespace bh {
namespace {

QDate date_of(const std::string& day) { return QDate::fromString(QString::fromStdString(day), Qt::ISODate); }

UnixTime moment_of(const std::string& day, int minutes)
{
    return QDateTime(date_of(day), QTime(0, 0).addSecs(60 * (minutes % (24 * 60)))).toSecsSinceEpoch() +
           (minutes >= 24 * 60 ? 86400 : 0);
}

int priority_of(const School& school, const std::string& pilot_id)
{
    constexpr int second_pass = 3, near_first_flight = 2, short_of_hours = 1;
    const PilotStanding& s = school.standing(pilot_id);
    const int days = school.house().whole(Limit::HoldDays);
    for (const LadderStep& step : s.ladder) {
        const bool waits = step.standing.holding >= school.house().whole(Limit::HoldPasses) && step.standing.holding_days < days;
        if (step.standing.state == DrillState::Due || waits) return second_pass;
    }
    const auto gates = gates_of(school, pilot_id);
    const auto open = std::count_if(gates.begin(), gates.end(), [](const auto& g) { return g.state != GateState::Met; });
    if (open <= school.house().whole(Limit::WeekNearGates)) return near_first_flight;
    double hours = 0;
    for (auto week = s.weekly_hours.rbegin(); week != s.weekly_hours.rend() && week - s.weekly_hours.rbegin() < 4; ++week)
        hours += *week;
    return hours < 4 * school.house().of(Limit::HoursWeekly) ? short_of_hours : 0;
}

bool is_free(const Availability& a, const WeekSlot& slot, int weekday)
{
    if (std::find(a.not_on.begin(), a.not_on.end(), slot.day) != a.not_on.end()) return false;
    const auto holds = [&](int start_min, int end_min) { return start_min <= slot.start_min && slot.end_min <= end_min; };
    return std::any_of(a.hours.begin(), a.hours.end(),
                       [&](const WeeklyHours& h) { return h.weekday == weekday && holds(h.start_min, h.end_min); }) ||
           std::any_of(a.on.begin(), a.on.end(),
                       [&](const DatedHours& h) { return h.day == slot.day && holds(h.start_min, h.end_min); });
}

std::vector<WeekSlot> slots_of(const SchoolBays& bays, const std::vector<std::string>& days)
{
    std::vector<WeekSlot> time_slots;
    for (std::size_t d = 0; d < days.size(); ++d)
        for (const WeeklyHours& h : bays.hours) {
            if (h.weekday != static_cast<int>(d) + 1) continue;
            for (int start = h.start_min; start + bays.slot_minutes <= h.end_min; start += bays.slot_minutes)
                time_slots.push_back({days[d], start, start + bays.slot_minutes, h.coordinator});
        }
    std::stable_sort(time_slots.begin(), time_slots.end(), [](const WeekSlot& a, const WeekSlot& b) {
        return std::pair(a.day, a.start_min) < std::pair(b.day, b.start_min);
    });
    return time_slots;
}

WeekPilot asked_of(const School& school, const std::string& pilot_id, const Availability& available, const WeekProblem& problem,
                   double slot_hours)
{
    WeekPilot pilot;
    pilot.name = school.file(pilot_id).row.name;
    pilot.wanted_blocks = static_cast<int>(std::lround(available.wanted_hours / slot_hours));
    pilot.most_per_day = school.house().whole(Limit::WeekBlocksADay);
    pilot.priority = priority_of(school, pilot_id);
    pilot.needs_coordinator = school.has_role(school.standing(pilot_id).next_drill, DrillRole::WithCoordinator);
    if (const auto& match = school.match(pilot_id)) pilot.simulators = {match->simulator};
    for (std::size_t s = 0; s < problem.time_slots.size(); ++s)
        if (is_free(available, problem.time_slots[s], date_of(problem.time_slots[s].day).dayOfWeek()))
            pilot.available.push_back(static_cast<int>(s));
    return pilot;
}

/// What is locked is taken out of the problem: its place, one of the pilot's blocks, and that day of the pilot's.
void keep_locked(WeekAsked& asked)
{
    for (const WeekBlock& b : places_of(asked, asked.locked)) {
        asked.problem.bays[static_cast<std::size_t>(b.bay)].closed.push_back(b.slot);
        WeekPilot& pilot = asked.problem.pilots[static_cast<std::size_t>(b.pilot)];
        pilot.wanted_blocks = std::max(0, pilot.wanted_blocks - 1);
        const std::string& day = asked.problem.time_slots[static_cast<std::size_t>(b.slot)].day;
        std::erase_if(pilot.available, [&](int s) {
            return s == b.slot || (pilot.most_per_day == 1 && asked.problem.time_slots[static_cast<std::size_t>(s)].day == day);
        });
    }
}

} // namespace

std::string week_of(std::int64_t day)
{
    int year = 0;
    const int week = QDate(1970, 1, 1).addDays(day).weekNumber(&year);
    char text[32];
    std::snprintf(text, sizeof text, "%04d-W%02d", year, week);
    return text;
}

std::vector<std::string> days_of_week(const std::string& week)
{
    int year = 0, number = 0, read = 0;
    if (week.size() != 8 || std::sscanf(week.c_str(), "%4d-W%2d%n", &year, &number, &read) != 2 || read != 8) return {};
    const QDate fourth(year, 1, 4); // which is always in the first week (ISO 8601)
    const QDate monday = fourth.addDays(1 - fourth.dayOfWeek() + 7 * (number - 1));
    if (!monday.isValid() || week_of(QDate(1970, 1, 1).daysTo(monday)) != week) return {};
    std::vector<std::string> days;
    for (int d = 0; d < 7; ++d) days.push_back(monday.addDays(d).toString(Qt::ISODate).toStdString());
    return days;
}

Result<WeekAsked> week_asked(const School& school, const std::string& week)
{
    const auto days = days_of_week(week);
    if (days.empty()) return bad_input("'%1': expected a week such as 2031-W07", week);
    const auto& bays = school.values().bays;
    if (!bays || bays->bays.empty()) return bad_input("the school has no bays yet: say which there are, and when it is open");
    if (bays->hours.empty()) return bad_input("the school has no hours yet: say when it is open");
    WeekAsked asked;
    asked.problem.time_slots = slots_of(*bays, days);
    asked.problem.bays = bays->bays;
    const PlannedWeek planned = planned_week(school, week);
    for (const auto& [bay, day] : planned.closed)
        for (WeekBay& b : asked.problem.bays)
            for (std::size_t s = 0; s < asked.problem.time_slots.size() && b.name == bay; ++s)
                if (asked.problem.time_slots[s].day == day) b.closed.push_back(static_cast<int>(s));
    for (const Pilot& pilot : school.pilots()) {
        const auto& available = school.file(pilot.id).available;
        if (!available) continue; // nobody said when
        asked.problem.pilots.push_back(asked_of(school, pilot.id, *available, asked.problem, bays->slot_minutes / 60.0));
        asked.pilot_ids.push_back(pilot.id);
    }
    for (const PlannedBlock& b : planned.blocks)
        if (b.locked) asked.locked.push_back(b);
    std::vector<PlannedBlock> published = planned.published;
    std::erase_if(published, [&](const PlannedBlock& p) {
        return std::any_of(asked.locked.begin(), asked.locked.end(), [&](const PlannedBlock& l) {
            return l.pilot_id == p.pilot_id && l.bay == p.bay && l.day == p.day && l.start_min == p.start_min;
        });
    });
    asked.problem.published = places_of(asked, published);
    keep_locked(asked);
    return asked;
}

std::vector<WeekBlock> places_of(const WeekAsked& asked, const std::vector<PlannedBlock>& blocks)
{
    std::vector<WeekBlock> places;
    for (const PlannedBlock& b : blocks) {
        const auto pilot = std::find(asked.pilot_ids.begin(), asked.pilot_ids.end(), b.pilot_id);
        const auto& bays = asked.problem.bays;
        const auto bay = std::find_if(bays.begin(), bays.end(), [&](const WeekBay& w) { return w.name == b.bay; });
        const auto& time_slots = asked.problem.time_slots;
        const auto slot = std::find_if(time_slots.begin(), time_slots.end(),
                                       [&](const WeekSlot& s) { return s.day == b.day && s.start_min == b.start_min; });
        if (pilot != asked.pilot_ids.end() && bay != bays.end() && slot != time_slots.end())
            places.push_back({static_cast<int>(pilot - asked.pilot_ids.begin()), static_cast<int>(bay - bays.begin()),
                              static_cast<int>(slot - time_slots.begin())});
    }
    return places;
}

std::vector<PlannedBlock> blocks_of(const WeekAsked& asked, const WeekPlan& plan)
{
    std::vector<PlannedBlock> blocks = asked.locked;
    for (const WeekBlock& b : plan.blocks) {
        const WeekSlot& slot = asked.problem.time_slots[static_cast<std::size_t>(b.slot)];
        blocks.push_back({asked.pilot_ids[static_cast<std::size_t>(b.pilot)],
                          asked.problem.bays[static_cast<std::size_t>(b.bay)].name, slot.day, slot.start_min, slot.end_min,
                          false});
    }
    std::stable_sort(blocks.begin(), blocks.end(), [](const PlannedBlock& a, const PlannedBlock& b) {
        return std::tuple(a.day, a.start_min, a.bay) < std::tuple(b.day, b.start_min, b.bay);
    });
    return blocks;
}

PlannedWeek planned_week(const School& school, const std::string& week)
{
    const auto found = school.values().weeks.find(week);
    return found == school.values().weeks.end() ? PlannedWeek{} : found->second;
}

bool keep_week(School& school, const std::string& week, const PlannedWeek& planned, const std::string& why)
{
    return !days_of_week(week).empty() && school.make({school.change_to(Kind::Week, week, planned_week_text(planned), why)});
}

bool publish_week(School& school, const std::string& week)
{
    PlannedWeek planned = planned_week(school, week);
    planned.published = planned.blocks;
    ++planned.version;
    planned.published_at = school.now();
    return keep_week(school, week, planned, "published");
}

Message to_fly(const School& school, const std::string& pilot_id)
{
    const PilotStanding& s = school.standing(pilot_id);
    const Drill* next = school.drill(s.next_drill);
    Message words = next ? message(next->name) : s.next_drill.empty() ? message("Free flight") : message(s.next_drill);
    for (const LadderStep& step : s.ladder) {
        const auto& sides = step.standing.sides;
        if (step.drill_id != s.next_drill || !sides || side_gap_in_words(step.standing).empty()) continue;
        words = sides->left_minus_right > 0 ? message("%1, right side first", words) : message("%1, left side first", words);
    }
    const Drill* roof = school.drill_with(DrillRole::Roof, pilot_id);
    const double flown = minutes_under_a_roof(school, pilot_id), wanted = school.house().of(Limit::GateRoofMinutes);
    if (roof && flown > 0 && flown < wanted && s.next_drill != roof->id)
        words = message("%1, ten minutes of %2", words, message(roof->name));
    return words;
}

BlockState state_of(const School& school, const PlannedBlock& block)
{
    const UnixTime start = moment_of(block.day, block.start_min), end = moment_of(block.day, block.end_min);
    constexpr UnixTime early_s = 15 * 60;
    for (const Session& s : school.sessions(block.pilot_id))
        if (s.started_at >= start - early_s && s.started_at < end) return BlockState::Flown;
    return school.now() < end ? BlockState::Ahead : BlockState::Missed;
}

std::vector<PlannedBlock> known_blocks(const PlannedWeek& planned)
{
    return planned.version > 0 ? planned.published : planned.blocks;
}

std::string week_calendar(const School& school, const std::string& week, const std::vector<PlannedBlock>& blocks,
                          const std::string& pilot_id, const std::string& bay)
{
    const int version = planned_week(school, week).version;
    std::map<std::string, int> of_pilot; ///< which block of the week it is: what it keeps when it is moved
    std::vector<CalendarEvent> events;
    for (const PlannedBlock& b : blocks) {
        const int number = ++of_pilot[b.pilot_id];
        if ((!pilot_id.empty() && b.pilot_id != pilot_id) || (!bay.empty() && b.bay != bay)) continue;
        events.push_back({week + "-" + b.pilot_id + "-" + whole_text(number) + "@bluehangar", moment_of(b.day, b.start_min),
                          moment_of(b.day, b.end_min),
                          school.file(b.pilot_id).row.name + ": " + to_fly(school, b.pilot_id).english(), b.bay, "", version});
    }
    const std::string name = !pilot_id.empty() ? school.file(pilot_id).row.name : !bay.empty() ? bay : week;
    return calendar_text(events, "Simulator practice, " + name, school.now());
}

} // namespace bh
