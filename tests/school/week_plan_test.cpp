// The week on the record: slots of the school's hours, who can come when, what is kept and handed out.
#include "files/documents/week_document.h"
#include "files/tables/calendar.h"
#include "school/views/week_plan.h"
#include "school_place.h"

#include <QDateTime>
#include <algorithm>

using namespace bh;

namespace {

struct Week {
    Place place;
    std::unique_ptr<School> school;
    std::string nell, sami;
    static constexpr const char* id = "2031-W07";

    Week()
    {
        place.clock = QDateTime(QDate(2031, 2, 9), QTime(12, 0)).toSecsSinceEpoch(); // the Sunday before
        school = place.open();
        nell = school->add_pilot({"", "Nell Harker"}), sami = school->add_pilot({"", "Sami Roake"});
        SchoolBays bays;
        bays.bays = {{"Bay 1", {"mudlark"}, {}}, {"Bay 2", {}, {}}};
        for (int day = 1; day <= 5; ++day) bays.hours.push_back({day, 9 * 60, 10 * 60, day == 1});
        REQUIRE(school->make({school->change_to(Kind::Bays, "school", bays_text(bays))}));
        available(nell, {1.5, {{1, 540, 600}, {2, 540, 600}, {3, 540, 600}}, {"2031-02-12"}});
    }
    void available(const std::string& pilot, const Availability& when) const
    {
        REQUIRE(school->make({school->change_to(Kind::Available, pilot, availability_text(when))}));
    }
};

} // namespace

TEST_CASE("weeks are those of ISO 8601", "[school][week]")
{
    CHECK(days_of_week("2031-W07").front() == "2031-02-10");
    CHECK(days_of_week("2031-W07").size() == 7);
    CHECK(days_of_week("2026-W53").front() == "2026-12-28"); // a year of 53 weeks (its 1 January is a Thursday)
    CHECK(days_of_week("2025-W01").front() == "2024-12-30");
    for (const char* none : {"2031-W00", "2031-W54", "2025-W53", "2031-07", "2031-W7", "", "2031-W07x"})
        CHECK(days_of_week(none).empty());
    CHECK(week_of(QDate(1970, 1, 1).daysTo(QDate(2024, 12, 30))) == "2025-W01");
}

TEST_CASE("a week is asked for by hours, bays and who can come", "[school][week]")
{
    Week w;
    CHECK_FALSE(week_asked(*w.school, "next week"));
    const auto asked = week_asked(*w.school, Week::id);
    REQUIRE(asked);
    CHECK(asked->problem.time_slots.size() == 10);
    CHECK(asked->problem.time_slots[0].coordinator);
    CHECK_FALSE(asked->problem.time_slots[2].coordinator);
    REQUIRE(asked->pilot_ids == std::vector{w.nell}); // nobody said when Sami can
    CHECK(asked->problem.pilots[0].wanted_blocks == 3);
    CHECK(asked->problem.pilots[0].available == std::vector{0, 1, 2, 3}); // Wednesday is excepted
    const auto plan = plan_week(asked->problem);
    REQUIRE(plan);
    CHECK(plan->blocks.size() == 2); // one a day
    PlannedWeek planned;
    planned.blocks = blocks_of(*asked, *plan);
    REQUIRE(keep_week(*w.school, Week::id, planned, "planned"));
    CHECK(places_of(*asked, planned_week(*w.school, Week::id).blocks).size() == 2);
    REQUIRE(publish_week(*w.school, Week::id));
    // A locked block is no part of the next plan, and the day is taken.
    planned = planned_week(*w.school, Week::id);
    planned.blocks[0].locked = true;
    REQUIRE(keep_week(*w.school, Week::id, planned, "locked"));
    const auto again = week_asked(*w.school, Week::id);
    CHECK(again->locked.size() == 1);
    CHECK(again->problem.pilots[0].wanted_blocks == 2);
    CHECK(again->problem.pilots[0].available.size() == 2);
    CHECK(again->problem.published.size() == 1);
    w.school = w.place.open();
    CHECK(planned_week(*w.school, Week::id).version == 1);
    CHECK(planned_week(*w.school, Week::id).blocks == planned.blocks);
}

TEST_CASE("a block is ticked by a flight in it, and a missed one says so", "[school][week]")
{
    Week w;
    const PlannedBlock block{w.nell, "Bay 1", "2031-02-10", 540, 570, false};
    CHECK(state_of(*w.school, block) == BlockState::Ahead);
    w.place.clock = QDateTime(QDate(2031, 2, 10), QTime(11, 0)).toSecsSinceEpoch();
    CHECK(state_of(*w.school, block) == BlockState::Missed);
    Session session;
    session.pilot_id = w.nell, session.started_at = QDateTime(QDate(2031, 2, 10), QTime(8, 50)).toSecsSinceEpoch();
    session.ended_at = session.started_at + 1500, session.active_s = 1400;
    REQUIRE_FALSE(w.school->add_session(session).empty());
    CHECK(state_of(*w.school, block) == BlockState::Flown);
}

TEST_CASE("the week goes out as iCalendar, and an update keeps its UID", "[school][week]")
{
    Week w;
    PlannedWeek planned;
    planned.blocks = {{w.nell, "Bay 1", "2031-02-10", 540, 570, false}, {w.sami, "Bay 2", "2031-02-11", 570, 600, false}};
    REQUIRE(keep_week(*w.school, Week::id, planned, "by hand"));
    REQUIRE(publish_week(*w.school, Week::id));
    const auto line = [](const std::string& text, const std::string& name) {
        const auto at = text.find("\n" + name + ":");
        return at == std::string::npos ? std::string() : text.substr(at + 1, text.find('\r', at + 1) - at - 1);
    };
    const auto calendar = [&](const std::string& pilot = {}, const std::string& bay = {}) {
        return week_calendar(*w.school, Week::id, known_blocks(planned_week(*w.school, Week::id)), pilot, bay);
    };
    const std::string whole = calendar(), nells = calendar(w.nell), bay = calendar({}, "Bay 2");
    CHECK(whole.starts_with("BEGIN:VCALENDAR\r\n"));
    CHECK(whole.find("Sami Roake") != std::string::npos);
    CHECK(nells.find("Sami Roake") == std::string::npos);
    CHECK(bay.find("Nell Harker") == std::string::npos);
    const QDateTime starts(QDate(2031, 2, 10), QTime(9, 0));
    CHECK(line(nells, "DTSTART") == "DTSTART:" + starts.toUTC().toString("yyyyMMdd'T'HHmmss'Z'").toStdString());
    CHECK(line(nells, "SEQUENCE") == "SEQUENCE:1");
    planned = planned_week(*w.school, Week::id);
    planned.blocks[0].day = "2031-02-12";
    REQUIRE(keep_week(*w.school, Week::id, planned, "moved"));
    CHECK(calendar(w.nell) == nells); // not before it is published
    REQUIRE(publish_week(*w.school, Week::id));
    const std::string moved = calendar(w.nell);
    CHECK(line(moved, "UID") == line(nells, "UID"));
    CHECK(line(moved, "SEQUENCE") == "SEQUENCE:2");
    CHECK(line(moved, "DTSTART") != line(nells, "DTSTART"));
    CHECK(calendar_text({{"1", 0, 60, "a, b; c\nd", "", ""}}, "x", 0).find("a\\, b\\; c\\nd") !=
          std::string::npos); // RFC 5545, 3.3.11
}

TEST_CASE("a problem file is read as it is written, and what is wrong with it is told with its place", "[school][week]")
{
    const std::string good =
        R"({"format":"bluehangar.week/1","slots":[{"day":"2031-02-10","start":"09:00","end":"09:30","coordinator":true}],
        "bays":[{"name":"Bay 1","simulators":["mudlark"],"controllers":[],"closed":[0]}],
        "pilots":[{"name":"A","wanted_blocks":2,"most_per_day":1,"available":[0],"simulators":[],"controllers":[],"needs_coordinator":true,"priority":2}],
        "published":[{"pilot":"A","bay":"Bay 1","slot":0}]})";
    const auto problem = parse_week(good, "w.json");
    REQUIRE(problem);
    CHECK(problem->published == std::vector<WeekBlock>{{0, 0, 0}});
    const auto again = parse_week(week_text(*problem), "w.json");
    REQUIRE(again);
    CHECK(week_text(*again) == week_text(*problem));
    const auto told = [&](std::string from, const std::string& to) {
        std::string bad = good;
        bad.replace(bad.find(from), from.size(), to);
        const auto read = parse_week(bad, "w.json");
        CAPTURE(to);
        REQUIRE_FALSE(read);
        return read.error().english;
    };
    CHECK(told("2031-02-10", "2031-02-30").find("/slots/0/day") != std::string::npos);
    CHECK(told("\"09:30\"", "\"09:00\"").find("after the start") != std::string::npos);
    CHECK(told("\"09:30\"", "\"25:30\"").find("/slots/0/end") != std::string::npos);
    CHECK(told("\"available\":[0]", "\"available\":[1]").find("/pilots/0/available/0") != std::string::npos);
    CHECK(told("\"pilot\":\"A\"", "\"pilot\":\"B\"").find("there is no 'B'") != std::string::npos);
    CHECK(told("\"wanted_blocks\":2", "\"wanted_blocks\":-2").find("wanted_blocks") != std::string::npos);
    CHECK_FALSE(parse_bays(R"({"format":"bluehangar.bays/1","slot_minutes":1,"bays":[],"hours":[]})", "b"));
    CHECK_FALSE(parse_availability(
        R"({"format":"bluehangar.availability/1","hours":[{"weekday":8,"start":"09:00","end":"10:00"}]})", "a"));
}

TEST_CASE("when somebody can come is read from a table and from a calendar", "[school][week]")
{
    const auto table = read_availability_csv("day,weekday,start,end\n,2,09:00,10:30\n2031-02-14,,13:00,14:00\n", "a.csv");
    REQUIRE(table);
    CHECK(table->hours == std::vector<WeeklyHours>{{2, 540, 630, false}});
    CHECK(table->on == std::vector<DatedHours>{{"2031-02-14", 780, 840}});
    const auto told = read_availability_csv("weekday,start,end\n2,09:00,10:30\n9,09:00,10:00\n", "a.csv");
    REQUIRE_FALSE(told);
    CHECK(told.error().english.find("line 3") != std::string::npos);
    CHECK_FALSE(read_availability_csv("weekday,start\n", "a.csv"));
    CHECK_FALSE(read_availability_csv("weekday,start,end\n2,10:00,09:00\n", "a.csv"));

    // Every Tuesday of February 2031 but the third, from 10 to 11 o'clock UTC; and once without a zone.
    const std::string calendar = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//y//EN\r\n"
                                 "BEGIN:VEVENT\r\nUID:1\r\nDTSTART:20310204T100000Z\r\nDTEND:20310204T110000Z\r\n"
                                 "RRULE:FREQ=WEEKLY;UNTIL=20310228T000000Z\r\nEXDATE:20310218T100000Z\r\nEND:VEVENT\r\n"
                                 "BEGIN:VEVENT\r\nUID:2\r\nDTSTART:20310213T090000\r\nDTEND:20310213T093000\r\nEND:VEVENT\r\n"
                                 "END:VCALENDAR\r\n";
    const auto at = [](int day, int hour) { return QDateTime(QDate(2031, 2, day), QTime(hour, 0), Qt::UTC).toSecsSinceEpoch(); };
    const auto spans = read_calendar(calendar, "a.ics", at(1, 0), at(28, 0), "UTC");
    REQUIRE(spans);
    REQUIRE(spans->size() == 4);
    CHECK((*spans)[0].start == at(4, 10));
    CHECK((*spans)[1].start == at(11, 10));
    CHECK((*spans)[2].start == at(25, 10));
    CHECK((*spans)[3].start == at(13, 9));
    CHECK((*spans)[3].end - (*spans)[3].start == 1800);
    const auto berlin = read_calendar(calendar, "a.ics", at(1, 0), at(28, 0), "Europe/Berlin");
    CHECK(berlin->back().start == at(13, 8)); // an hour before, in winter
    CHECK_FALSE(read_calendar("no calendar", "a.ics", 0, 1, "UTC"));
    std::string too_often = calendar;
    too_often.replace(too_often.find("WEEKLY"), 6, "SECONDLY");
    CHECK_FALSE(read_calendar(too_often, "a.ics", at(1, 0), at(28, 0), "UTC"));

    Week w;
    w.available(w.sami, {1, {}, {}, {{"2031-02-11", 540, 600}}});
    const auto asked = week_asked(*w.school, Week::id);
    REQUIRE(asked->problem.pilots.size() == 2);
    CHECK(asked->problem.pilots[1].available == std::vector{2, 3});
    w.school = w.place.open();
    CHECK(w.school->file(w.sami).available->on.size() == 1);
}
