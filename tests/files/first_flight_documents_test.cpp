// Documents of a first flight and tables for spreadsheets: out and in again, and what is wrong with them told.
#include "core/path/crashes.h"
#include "files/data_folder.h"
#include "files/documents/coaching_document.h"
#include "files/documents/first_flight_documents.h"
#include "files/text/csv_text.h"

#include <catch2/catch.hpp>

using namespace bh;

TEST_CASE("a flight day, a release and what surprised are read as they were written", "[files][first-flight]")
{
    FlightDay day;
    day.site = {"East, \"bank\"", SiteGround::TallWeeds, 80, -2, true, false, true, "Edda", "Board"};
    day.report = "METAR YUDO 221630Z 24004MPS";
    day.weather.wind_mps = 4, day.weather.gust_mps = 6.5, day.weather.thunder = true;
    day.packs = 3, day.cells = 6;
    day.briefing["manual"] = {true, false, ""};
    day.programme["up"] = {false, true, "five points"};
    const auto again = parse_flight_day(flight_day_text(day), "x");
    REQUIRE(again);
    CHECK(*again == day);

    Release release;
    release.id = "r1", release.pilot_id = "p", release.aircraft = "Avocet", release.rates = "450", release.site = "East";
    release.at = 1000, release.until_day = 20, release.gates = {{"hours", "Hours", "not yet", "12 of 20 h", "because"}};
    release.limits = {"Hours: 30 h, usually 20"};
    release.head = "3:abc", release.signer = "edda", release.key = "00", release.signature = "00:AA", release.withdrawn = "wind";
    const auto read = parse_release(release_text(release), "x", "r1");
    REQUIRE(read);
    CHECK(*read == release);
    CHECK(text_to_sign(*read) == text_to_sign(release));
    Release changed = release;
    changed.withdrawn.clear(), changed.signature.clear();
    CHECK(text_to_sign(changed) == text_to_sign(release)); // neither is signed
    changed.gates[0].overridden = "for no reason";
    CHECK(text_to_sign(changed) != text_to_sign(release));
    CHECK_FALSE(parse_release(release_text(release), "x", "another"));

    AfterFlight after;
    after.id = "a", after.pilot_id = "p", after.at = 5, after.surprised = {Surprise::Wind, Surprise::Nerves};
    after.packs = 3, after.went = "well", after.broke = "nothing", after.next = "hover";
    const auto told = parse_after_flight(after_flight_text(after), "x", "a");
    REQUIRE(told);
    CHECK(*told == after);
}

TEST_CASE("what is wrong with them is told with its place", "[files][first-flight]")
{
    FlightDay day;
    std::string text = flight_day_text(day);
    text.replace(text.find("not said"), 8, "lava    ");
    const auto bad = parse_flight_day(text, "day.json");
    REQUIRE_FALSE(bad);
    CHECK(bad.error().english.find("/site/ground") != std::string::npos);
    CHECK_FALSE(parse_flight_day("{}", "x"));
    CHECK_FALSE(parse_after_flight(
        R"({"format":"bluehangar.after-flight/1","pilot_id":"p","at":1,"surprised":["ghosts"],"packs":1})", "x", "a"));
    CHECK_FALSE(parse_first_flight_plan(R"({"format":"bluehangar.first-flight-plan/1","briefing":[],"programme":[]})", "x"));
}

TEST_CASE("the briefing and the programme that ship cover what common practice names", "[files][first-flight]")
{
    const auto plan = DataFolder(BH_DATA).first_flight_plan();
    REQUIRE(plan);
    const auto has = [](const auto& items, const char* id) {
        return std::any_of(items.begin(), items.end(), [id](const auto& item) { return item.id == id; });
    };
    for (const char* id : {"law", "manual", "panic", "rates", "propellers", "failsafe"}) CHECK(has(plan->briefing, id));
    for (const char* id : {"up", "stops", "slalom", "hover", "land-down", "land-ahead", "flips"}) CHECK(has(plan->programme, id));
    CHECK(plan->packs() == 4);
    CHECK(plan->programme.back().id == "flips"); // last, and high
}

TEST_CASE("a text that a spreadsheet would compute is made harmless, numbers stay", "[files][csv]")
{
    CHECK(csv_field("=1+1") == "'=1+1");
    CHECK(csv_field("+cmd|' /C calc'!A0") == "'+cmd|' /C calc'!A0");
    CHECK(csv_field("@SUM(A1)") == "'@SUM(A1)");
    CHECK(csv_field("-2+3") == "'-2+3");
    CHECK(csv_field("\tx") == "'\tx");
    CHECK(csv_field("-2.5") == "-2.5");
    CHECK(csv_field("plain") == "plain");
    CHECK(csv_field("a,b") == "\"a,b\"");
    CHECK(csv_field("=a,b") == "\"'=a,b\"");
    CHECK(csv_field("say \"x\"") == "\"say \"\"x\"\"\"");
    CHECK(csv_row({"a", "", "=b"}) == "a,,'=b\n");
}

TEST_CASE("crashes are found with their speed and height, and kept with the flight", "[files][crashes]")
{
    FlightLog log;
    for (int i = 0; i < 100; ++i) {
        FlightSample s;
        s.t_s = i * 0.01;
        s.vn_mps = i <= 50 ? 6 : 0, s.climb_mps = i <= 50 ? -8 : 0;
        s.height_m = i <= 50 ? 5 - 0.08 * i : 0;
        log.append(s);
    }
    log.events.push_back({50, FlightEvent::Crash});
    const auto crashes = find_crashes(log);
    REQUIRE(crashes.size() == 1);
    CHECK(crashes[0].speed_mps == Approx(10));
    CHECK(crashes[0].height_m == Approx(1));
    FlightTally tally;
    tally.crashes = crashes;
    const auto again = parse_tally(tally_text(tally));
    REQUIRE(again);
    REQUIRE(again->crashes);
    CHECK(again->crashes->front().speed_mps == Approx(10));
    CHECK_FALSE(parse_tally("{}")->crashes); // nobody looked
    CHECK_FALSE(parse_tally(R"({"crashes":[[1]]})"));
    log.has_position = false;
    CHECK(find_crashes(log).empty());
}
