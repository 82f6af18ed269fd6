#include "record/copies/moving.h"

#include "record/file/database.h"
#include "school_place.h"

#include <catch2/catch.hpp>
#include <fstream>

using namespace bh;

namespace {

/// A record with flights, a recording, an erased pilot, a running session and changes of rules.
void fill(School& school)
{
    const std::string pilot = school.add_pilot({"", "Iris Quayle"}), gone = school.add_pilot({"", "Oren Pell"});
    const std::string session = school.start_session(pilot, "Station 1 controller", "sq-01");
    for (int i = 0; i < 30; ++i) {
        JudgedAttempt a;
        a.pilot_id = pilot, a.session_id = session, a.drill_id = "lift-settle", a.score = 50 + i, a.throttle_cuts_s = {1.5, 2};
        const FlightLog log = shortLog(i % 7);
        REQUIRE_FALSE(school.add_attempt(a, i % 3 ? &log : nullptr).empty());
    }
    REQUIRE(school.note_session(session, 33, 4));
    const auto part = school.new_stick_recording("practice");
    std::filesystem::create_directories(part.parent_path());
    std::ofstream(part) << "t_s,a0\n0,1\n1,2\n";
    Session outside;
    outside.pilot_id = pilot, outside.started_at = 900'000, outside.ended_at = 900'600, outside.active_s = 500;
    REQUIRE(school.add_outside_session(outside, "Station 1 controller", "sq-01", part));
    REQUIRE(school.keep_house_limit(Limit::KitDays, 5, "spring"));
    REQUIRE(school.erase_pilot(gone, "asked for it"));
    REQUIRE(school.record().finish_sending(5000));
}

} // namespace

TEST_CASE("a record moves to a server and back, and is the same one", "[record][server][moving]")
{
    if (!PrivateServer::of_this_program()) return;
    Place place;
    fill(*place.open());
    const RecordPlace server = PrivateServer::of_this_program()->new_database();
    const Head head = *head_of(place.at);
    MoveOptions options;
    options.rights = entry_rights();
    const auto there = move_house(place.at, server, options);
    REQUIRE(there);
    CHECK(there->problems == std::vector<Message>{});
    CHECK(there->head == head);
    const auto told = [](const School& school) {
        std::string all;
        for (const Pilot& pilot : school.pilots())
            for (const Attempt& a : school.attempts(pilot.id))
                all += pilot.name + a.id + std::to_string(a.score) + a.log_hash + std::to_string(a.throttle_cuts_s.size()) + ";";
        return all + std::to_string(school.house().of(Limit::KitDays));
    };
    const std::string before = told(*place.open());
    CHECK(told(*place.open("desk", server)) == before);
    CHECK(place.record("desk", server)->noted_session_times().size() == 1);
    SECTION("and back")
    {
        place.record("desk", server)->set_note("moved", "yes");
        const std::string desk = place.record("desk", server)->own_key();
        REQUIRE(place.record("station", server)->countersign(desk));
        const RecordPlace back = place.folder / "back.sqlite";
        const auto home = move_house(server, back);
        REQUIRE(home);
        CHECK(home->problems == std::vector<Message>{});
        CHECK(home->head == *head_of(server));
        CHECK(home->entries == head.count + 3); // the other station's key, the note, and that it was let in
        RecordOptions of_station;
        of_station.station_folder = place.folder / "station";
        const School school(*Record::open(back, of_station), DataFolder(BH_DATA));
        CHECK(told(school) == before);
        for (const Pilot& pilot : school.pilots())
            for (const Attempt& a : school.attempts(pilot.id)) CHECK((a.log_hash.empty() || school.flight_log(a.log_hash)));
        CHECK_FALSE(std::filesystem::exists(back.file.string() + ".moving"));
    }
    SECTION("not over what is there")
    {
        CHECK(move_house(place.at, server).error().english.find("there is a record on it already") != std::string::npos);
        CHECK(move_house(server, place.at).error().english.find("is there already") != std::string::npos);
    }
}

TEST_CASE("a move that was stopped anywhere is taken up again", "[record][server][moving]")
{
    if (!PrivateServer::of_this_program()) return;
    Place place;
    fill(*place.open());
    const Head head = *head_of(place.at);
    const bool to_server = GENERATE(true, false);
    const RecordPlace first = PrivateServer::of_this_program()->new_database();
    MoveOptions whole;
    whole.rights = entry_rights();
    if (!to_server) REQUIRE(move_house(place.at, first, whole));
    const RecordPlace from = to_server ? place.at : first;
    const RecordPlace to = to_server ? first : RecordPlace(place.folder / "home.sqlite");
    int parts = 0, stops = 0;
    for (;;) {
        MoveOptions options;
        options.rights = entry_rights();
        options.go_on = [&, left = 1 + parts % 3](std::int64_t done, std::int64_t of) mutable {
            CHECK(done <= of);
            return left-- > 0;
        };
        const auto moved = move_house(from, to, options);
        ++parts;
        if (moved) {
            CHECK(moved->problems == std::vector<Message>{});
            CHECK(moved->head == head);
            break;
        }
        REQUIRE(moved.error().english.find("it was stopped") != std::string::npos);
        ++stops;
        if (to_server) { // nobody works with half of a record
            RecordOptions options_of_station;
            options_of_station.station_folder = place.folder / "early";
            const auto early = Record::open(to, options_of_station);
            REQUIRE_FALSE(early);
            CHECK(early.error().english.find("take it up again with `record move`") != std::string::npos);
        } else {
            CHECK_FALSE(std::filesystem::exists(to.file));
        }
        REQUIRE(stops < 100);
    }
    CHECK(stops >= 3);
}

TEST_CASE("half a move of another record is not taken up", "[record][server][moving]")
{
    if (!PrivateServer::of_this_program()) return;
    Place place;
    fill(*place.open());
    const RecordPlace server = PrivateServer::of_this_program()->new_database();
    MoveOptions stop;
    stop.go_on = [](std::int64_t, std::int64_t) { return false; };
    REQUIRE_FALSE(move_house(place.at, server, stop));
    RecordOptions options;
    options.station_folder = place.folder / "other-station";
    const RecordPlace other = place.folder / "other.sqlite";
    (*Record::open(other, options))->set_note("other", "record");
    for (int i = 0; i < 60; ++i) (*Record::open(other, options))->set_note("other", std::to_string(i));
    CHECK(move_house(other, server).error().english.find("another record was being moved there") != std::string::npos);
}
