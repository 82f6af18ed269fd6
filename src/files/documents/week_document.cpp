#include "files/documents/week_document.h"

#include "files/text/csv.h"
#include "files/text/json_in.h"

#include <algorithm>
#include <cstdio>
#include <optional>
#include <set>

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

constexpr int minutes_in_day = 24 * 60;
constexpr int most_blocks = 1000;

bool is_day(const std::string& text)
{
    int year = 0, month = 0, day = 0, read = 0;
    constexpr int months[] = {31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31};
    if (text.size() != 10 || std::sscanf(text.c_str(), "%4d-%2d-%2d%n", &year, &month, &day, &read) != 3 || read != 10)
        return false;
    if (text.find_first_not_of("0123456789-") != std::string::npos || month < 1 || month > 12) return false;
    const bool leap = (year % 4 == 0 && year % 100 != 0) || year % 400 == 0;
    return day >= 1 && day <= months[month - 1] + (month == 2 && leap ? 1 : 0);
}

std::optional<int> minutes_in(const std::string& text)
{
    int hours = 0, minutes = 0, read = 0;
    const bool good =
        text.size() == 5 && text[2] == ':' && std::sscanf(text.c_str(), "%2d:%2d%n", &hours, &minutes, &read) == 2 && read == 5 &&
        text.find_first_not_of("0123456789:") == std::string::npos && minutes < 60 && hours * 60 + minutes <= minutes_in_day;
    return good ? std::optional(hours * 60 + minutes) : std::nullopt;
}

int minutes_at(const JsonIn& in, const char* key)
{
    const auto minutes = minutes_in(in.text(key));
    if (!minutes) in.at(key).fault("expected a time such as 09:30");
    return *minutes;
}

std::string time_text(int minutes)
{
    char text[24];
    std::snprintf(text, sizeof text, "%02d:%02d", minutes / 60, minutes % 60);
    return text;
}

WeekSlot slot_at(const JsonIn& in)
{
    WeekSlot slot{in.text("day"), minutes_at(in, "start"), minutes_at(in, "end"), in.truth("coordinator", false)};
    if (!is_day(slot.day)) in.at("day").fault("expected a day such as 2031-02-10");
    if (slot.end_min <= slot.start_min) in.at("end").fault("expected a time after the start");
    return slot;
}

std::vector<std::string> names_at(const JsonIn& in, const char* key)
{
    std::vector<std::string> names;
    if (!in.has(key)) return names;
    for (const JsonIn& name : in.at(key).items()) names.push_back(name.text());
    return names;
}

int slot_number(const JsonIn& in, std::size_t slots)
{
    const int slot = in.whole();
    if (slot < 0 || static_cast<std::size_t>(slot) >= slots) in.fault("expected a slot from 0 to %1 less one", slots);
    return slot;
}

std::vector<int> slots_at(const JsonIn& in, const char* key, std::size_t slots)
{
    std::vector<int> numbers;
    if (!in.has(key)) return numbers;
    for (const JsonIn& slot : in.at(key).items()) numbers.push_back(slot_number(slot, slots));
    return numbers;
}

int count_at(const JsonIn& in, const char* key, int otherwise, int most)
{
    if (!in.has(key)) return otherwise;
    const int count = in.at(key).whole();
    if (count < 0 || count > most) in.at(key).fault("expected 0 to %1", most);
    return count;
}

template <class Named>
int place_of(const std::vector<Named>& all, const JsonIn& name)
{
    const std::string text = name.text();
    const auto found = std::find_if(all.begin(), all.end(), [&](const Named& n) { return n.name == text; });
    if (found == all.end()) name.fault("there is no '%1'", text);
    return static_cast<int>(found - all.begin());
}

template <class Named>
void check_new(const std::vector<Named>& all, const Named& next, const JsonIn& in)
{
    if (next.name.empty()) in.at("name").fault("expected a name");
    if (std::any_of(all.begin(), all.end(), [&](const Named& n) { return n.name == next.name; }))
        in.at("name").fault("'%1' stands twice", next.name);
}

/// Of the slots, which are mostly of one length.
double slot_hours(const WeekProblem& problem)
{
    std::vector<double> hours;
    for (const WeekSlot& s : problem.time_slots) hours.push_back(s.hours());
    if (hours.empty()) return 0.5;
    std::nth_element(hours.begin(), hours.begin() + static_cast<std::ptrdiff_t>(hours.size() / 2), hours.end());
    return hours[hours.size() / 2];
}

Json hours_json(const std::vector<WeeklyHours>& hours)
{
    Json list = Json::array();
    for (const WeeklyHours& h : hours)
        list.push_back({{"weekday", h.weekday},
                        {"start", time_text(h.start_min)},
                        {"end", time_text(h.end_min)},
                        {"coordinator", h.coordinator}});
    return list;
}

std::vector<WeeklyHours> hours_at(const JsonIn& in)
{
    std::vector<WeeklyHours> hours;
    for (const JsonIn& h : in.items()) {
        WeeklyHours one{h.at("weekday").whole(), minutes_at(h, "start"), minutes_at(h, "end"), h.truth("coordinator", false)};
        if (one.weekday < 1 || one.weekday > 7) h.at("weekday").fault("expected 1 (Monday) to 7");
        if (one.end_min <= one.start_min) h.at("end").fault("expected a time after the start");
        hours.push_back(one);
    }
    return hours;
}

std::string day_at(const JsonIn& in)
{
    std::string day = in.text();
    if (!is_day(day)) in.fault("expected a day such as 2031-02-10");
    return day;
}

Json blocks_json(const std::vector<PlannedBlock>& blocks)
{
    Json list = Json::array();
    for (const PlannedBlock& b : blocks)
        list.push_back({{"pilot_id", b.pilot_id},
                        {"bay", b.bay},
                        {"day", b.day},
                        {"start", time_text(b.start_min)},
                        {"end", time_text(b.end_min)},
                        {"locked", b.locked}});
    return list;
}

std::vector<PlannedBlock> blocks_at(const JsonIn& in)
{
    std::vector<PlannedBlock> blocks;
    for (const JsonIn& b : in.items())
        blocks.push_back({b.text("pilot_id"), b.text("bay"), day_at(b.at("day")), minutes_at(b, "start"), minutes_at(b, "end"),
                          b.truth("locked", false)});
    return blocks;
}

} // namespace

std::string bays_text(const SchoolBays& bays)
{
    Json list = Json::array();
    for (const WeekBay& b : bays.bays)
        list.push_back({{"name", b.name}, {"simulators", b.simulators}, {"controllers", b.controllers}});
    return Json{{"format", "bluehangar.bays/1"},
                {"slot_minutes", bays.slot_minutes},
                {"bays", std::move(list)},
                {"hours", hours_json(bays.hours)}}
        .dump();
}

Result<SchoolBays> parse_bays(std::string_view text, const std::string& file)
{
    return read_document<SchoolBays>(text, file, "bays", [](const JsonIn& in) -> Result<SchoolBays> {
        SchoolBays bays;
        constexpr int shortest_min = 10, longest_min = 240;
        bays.slot_minutes = in.at("slot_minutes").whole();
        if (bays.slot_minutes < shortest_min || bays.slot_minutes > longest_min)
            in.at("slot_minutes").fault("expected 10 to 240");
        for (const JsonIn& b : in.at("bays").items()) {
            WeekBay bay{b.text("name"), names_at(b, "simulators"), names_at(b, "controllers")};
            check_new(bays.bays, bay, b);
            bays.bays.push_back(std::move(bay));
        }
        bays.hours = hours_at(in.at("hours"));
        return bays;
    });
}

std::string availability_text(const Availability& a)
{
    Json on = Json::array();
    for (const DatedHours& h : a.on)
        on.push_back({{"day", h.day}, {"start", time_text(h.start_min)}, {"end", time_text(h.end_min)}});
    return Json{{"format", "bluehangar.availability/1"},
                {"wanted_hours", a.wanted_hours},
                {"hours", hours_json(a.hours)},
                {"not_on", a.not_on},
                {"on", std::move(on)}}
        .dump();
}

Result<Availability> parse_availability(std::string_view text, const std::string& file)
{
    return read_document<Availability>(text, file, "availability", [](const JsonIn& in) -> Result<Availability> {
        Availability a;
        constexpr double most_hours = 60;
        a.wanted_hours = in.number("wanted_hours", a.wanted_hours);
        if (!(a.wanted_hours >= 0 && a.wanted_hours <= most_hours)) in.at("wanted_hours").fault("expected 0 to 60 hours a week");
        a.hours = hours_at(in.at("hours"));
        if (in.has("not_on"))
            for (const JsonIn& day : in.at("not_on").items()) a.not_on.push_back(day_at(day));
        if (in.has("on"))
            for (const JsonIn& h : in.at("on").items())
                a.on.push_back({day_at(h.at("day")), minutes_at(h, "start"), minutes_at(h, "end")});
        return a;
    });
}

Result<Availability> read_availability_csv(std::string_view text, const std::string& file)
{
    CsvCursor cursor(text);
    const auto header = csv_header(cursor, text);
    if (!header) return bad_input("%1: %2", file, header.error().message);
    const auto column = [&](std::string_view name) { return std::find(header->begin(), header->end(), name) - header->begin(); };
    const auto columns = static_cast<std::ptrdiff_t>(header->size());
    const auto day = column("day"), weekday = column("weekday"), start = column("start"), end = column("end");
    if (start == columns || end == columns || (day == columns && weekday == columns))
        return bad_input("%1: line 1: expected columns start and end, and day or weekday", file);
    Availability a;
    while (!cursor.at_end()) {
        const long line = cursor.line();
        std::vector<std::string> fields;
        do {
            fields.emplace_back(cursor.text());
        } while (cursor.next_field());
        if (!cursor.next_line() || fields.size() != header->size())
            return bad_input(csv_place(file, line, "", message("expected %1 fields", header->size())));
        const auto at = [&](std::ptrdiff_t c) { return c < columns ? fields[static_cast<std::size_t>(c)] : std::string(); };
        const auto from = minutes_in(at(start)), to = minutes_in(at(end));
        if (!from || !to || *to <= *from)
            return bad_input(csv_place(file, line, "start", "expected times such as 09:30, the end after the start"));
        const std::string which = at(weekday);
        if (const std::string date = at(day); !date.empty()) {
            if (!is_day(date)) return bad_input(csv_place(file, line, "day", "expected a day such as 2031-02-10"));
            a.on.push_back({date, *from, *to});
        } else if (which.size() == 1 && which[0] >= '1' && which[0] <= '7') {
            a.hours.push_back({which[0] - '0', *from, *to});
        } else {
            return bad_input(csv_place(file, line, "weekday", "expected 1 (Monday) to 7"));
        }
    }
    return a;
}

std::string planned_week_text(const PlannedWeek& week)
{
    Json closed = Json::array();
    for (const auto& [bay, day] : week.closed) closed.push_back({{"bay", bay}, {"day", day}});
    return Json{{"format", "bluehangar.week-plan/1"},
                {"blocks", blocks_json(week.blocks)},
                {"published", blocks_json(week.published)},
                {"closed", std::move(closed)},
                {"version", week.version},
                {"published_at", week.published_at}}
        .dump();
}

Result<PlannedWeek> parse_planned_week(std::string_view text, const std::string& file)
{
    return read_document<PlannedWeek>(text, file, "week-plan", [](const JsonIn& in) -> Result<PlannedWeek> {
        PlannedWeek week;
        week.blocks = blocks_at(in.at("blocks"));
        week.published = blocks_at(in.at("published"));
        for (const JsonIn& c : in.at("closed").items()) week.closed.emplace_back(c.text("bay"), day_at(c.at("day")));
        week.version = in.at("version").whole();
        week.published_at = in.at("published_at").time();
        return week;
    });
}

Result<WeekProblem> parse_week(std::string_view text, const std::string& file)
{
    return read_document<WeekProblem>(text, file, "week", [](const JsonIn& in) -> Result<WeekProblem> {
        WeekProblem problem;
        for (const JsonIn& slot : in.at("slots").items()) problem.time_slots.push_back(slot_at(slot));
        const std::size_t slots = problem.time_slots.size();
        for (const JsonIn& b : in.at("bays").items()) {
            WeekBay bay{b.text("name"), names_at(b, "simulators"), names_at(b, "controllers"), slots_at(b, "closed", slots)};
            check_new(problem.bays, bay, b);
            problem.bays.push_back(std::move(bay));
        }
        for (const JsonIn& p : in.at("pilots").items()) {
            WeekPilot pilot{p.text("name"),
                            count_at(p, "wanted_blocks", 0, most_blocks),
                            count_at(p, "most_per_day", 1, most_blocks),
                            slots_at(p, "available", slots),
                            names_at(p, "simulators"),
                            names_at(p, "controllers"),
                            p.truth("needs_coordinator", false),
                            p.has("priority") ? p.at("priority").whole() : 0};
            check_new(problem.pilots, pilot, p);
            problem.pilots.push_back(std::move(pilot));
        }
        if (in.has("published"))
            for (const JsonIn& block : in.at("published").items())
                problem.published.push_back({place_of(problem.pilots, block.at("pilot")), place_of(problem.bays, block.at("bay")),
                                             slot_number(block.at("slot"), slots)});
        return problem;
    });
}

std::string week_text(const WeekProblem& problem)
{
    Json slots = Json::array(), bays = Json::array(), pilots = Json::array(), published = Json::array();
    for (const WeekSlot& s : problem.time_slots)
        slots.push_back(
            {{"day", s.day}, {"start", time_text(s.start_min)}, {"end", time_text(s.end_min)}, {"coordinator", s.coordinator}});
    for (const WeekBay& b : problem.bays)
        bays.push_back({{"name", b.name}, {"simulators", b.simulators}, {"controllers", b.controllers}, {"closed", b.closed}});
    for (const WeekPilot& p : problem.pilots)
        pilots.push_back({{"name", p.name},
                          {"wanted_blocks", p.wanted_blocks},
                          {"most_per_day", p.most_per_day},
                          {"available", p.available},
                          {"simulators", p.simulators},
                          {"controllers", p.controllers},
                          {"needs_coordinator", p.needs_coordinator},
                          {"priority", p.priority}});
    for (const WeekBlock& b : problem.published)
        published.push_back({{"pilot", problem.pilots[static_cast<std::size_t>(b.pilot)].name},
                             {"bay", problem.bays[static_cast<std::size_t>(b.bay)].name},
                             {"slot", b.slot}});
    return Json{{"format", "bluehangar.week/1"},
                {"slots", std::move(slots)},
                {"bays", std::move(bays)},
                {"pilots", std::move(pilots)},
                {"published", std::move(published)}}
        .dump();
}

Json plan_json(const WeekProblem& problem, const WeekPlan& plan)
{
    Json blocks = Json::array(), unplaced = Json::array();
    for (const WeekBlock& b : plan.blocks)
        blocks.push_back({{"pilot", problem.pilots[static_cast<std::size_t>(b.pilot)].name},
                          {"bay", problem.bays[static_cast<std::size_t>(b.bay)].name},
                          {"slot", b.slot}});
    for (const ShortPilot& s : short_pilots(problem, plan.blocks)) {
        Json because = Json::array();
        for (const WeekRule rule : s.because) because.push_back(week_rule_words(rule));
        unplaced.push_back({{"pilot", problem.pilots[static_cast<std::size_t>(s.pilot)].name},
                            {"hours_short", s.short_blocks * slot_hours(problem)},
                            {"because", std::move(because)}});
    }
    return Json{{"status", plan.optimal ? "optimal" : "stopped"},
                {"objective", plan.objective},
                {"gap", plan.gap},
                {"blocks", std::move(blocks)},
                {"unplaced", std::move(unplaced)}};
}

} // namespace bh
