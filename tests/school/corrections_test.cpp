// Corrections of what was logged: they count at once, say why, keep what stood before, and are undone.
#include "school/corrections.h"
#include "school/views/pilot_export.h"
#include "school/views/pilot_progress.h"
#include "school/views/school_bill.h"
#include "school_place.h"

#include <nlohmann/json.hpp>

using namespace bh;

namespace {

struct Logged {
    Place place;
    std::unique_ptr<School> school = place.open();
    std::string pilot = school->add_pilot({"", "Tomas Brede"}), other = school->add_pilot({"", "Iris Quayle"});
    std::string session, attempt;

    Logged()
    {
        place.clock = 2'000'000;
        session = school->start_session(pilot, "Station 1", "guid");
        JudgedAttempt a;
        a.pilot_id = pilot, a.session_id = session, a.drill_id = "lift-settle", a.score = 80, a.passed = a.holds = true;
        a.flown_s = 30;
        attempt = school->add_attempt(a, nullptr);
        place.clock += 1800;
        REQUIRE(school->end_session(session, 1500, 300));
    }
    void again() { school = place.open(); } ///< from the file
    [[nodiscard]] const Session& row() const { return school->sessions(pilot).front(); }
};

} // namespace

TEST_CASE("a session is corrected with a reason, and the old entry stays", "[school][corrections]")
{
    Logged l;
    Session corrected = l.row();
    corrected.active_s = 600, corrected.simulator = "mudlark", corrected.viewing = Viewing::Goggles;
    CHECK_FALSE(correct_session(*l.school, corrected, "  "));
    CHECK(l.row().active_s == 1500);
    const auto entries = l.school->record().head().count;
    REQUIRE(correct_session(*l.school, corrected, "The clock ran on over lunch"));
    CHECK(l.school->record().head().count == entries + 1);
    l.again();
    CHECK(l.row().active_s == 600);
    CHECK(l.row().simulator == "mudlark");
    CHECK(l.row().viewing == Viewing::Goggles);
    CHECK(l.school->standing(l.pilot).hours == Approx(600.0 / 3600));
    bool told = false, old_stays = false;
    for (const Entry& e : l.school->record().entries_after(0)) {
        told |= e.kind == "session" && e.why == "The clock ran on over lunch" && e.supersedes > 0;
        old_stays |= e.kind == "session" && e.body.find("1500") != std::string::npos;
    }
    CHECK(told);
    CHECK(old_stays);
    REQUIRE(correct_session(*l.school, l.row(), "nothing")); // changes nothing, writes nothing
    CHECK(l.school->record().head().count == entries + 1);
    corrected.started_at = l.place.clock + 10;
    CHECK_FALSE(correct_session(*l.school, corrected, "later"));
    corrected = l.row();
    corrected.active_s = 1e9;
    CHECK_FALSE(correct_session(*l.school, corrected, "longer"));
    corrected.id = "nobody's";
    CHECK_FALSE(correct_session(*l.school, corrected, "other"));
    CHECK(l.school->record().verify().problems.empty());
}

TEST_CASE("what is struck out does not count, wherever it is counted, until it does again", "[school][corrections]")
{
    Logged l;
    CHECK(l.school->drill_standing(l.pilot, "lift-settle").passes == 1);
    CHECK_FALSE(strike(*l.school, l.attempt, ""));
    REQUIRE(strike(*l.school, l.attempt, "Somebody pushed the table"));
    for (int from_file = 0; from_file < 2; ++from_file) {
        CHECK(l.school->attempts(l.pilot).empty());
        CHECK(l.school->file(l.pilot).facts.empty());
        CHECK(l.school->file(l.pilot).struck_attempts.size() == 1);
        CHECK(l.school->drill_standing(l.pilot, "lift-settle").passes == 0);
        CHECK(l.school->standing(l.pilot).hours > 0); // the session counts
        if (from_file == 0) l.again();
    }
    REQUIRE(count_again(*l.school, l.attempt, "It was the other table"));
    CHECK(l.school->drill_standing(l.pilot, "lift-settle").passes == 1);
    REQUIRE(l.school->undo());
    CHECK(l.school->attempts(l.pilot).empty());
    REQUIRE(l.school->redo());
    CHECK(l.school->attempts(l.pilot).size() == 1);
    // A session goes with its flights.
    REQUIRE(strike(*l.school, l.session, "Tried the loan gamepad only"));
    CHECK(l.school->sessions(l.pilot).empty());
    CHECK(l.school->attempts(l.pilot).empty());
    CHECK(l.school->standing(l.pilot).hours == 0);
    REQUIRE(l.school->undo());
    CHECK(l.school->sessions(l.pilot).size() == 1);
    CHECK(l.school->attempts(l.pilot).size() == 1);
    CHECK(l.school->record().verify().problems.empty());
}

TEST_CASE("a session that another pilot flew is given to that one, with its flights", "[school][corrections]")
{
    Logged l;
    CHECK_FALSE(give_session(*l.school, l.session, "nobody", "why"));
    REQUIRE(give_session(*l.school, l.session, l.other, "The pilot was changed too late"));
    for (int from_file = 0; from_file < 2; ++from_file) {
        CHECK(l.school->sessions(l.pilot).empty());
        CHECK(l.school->attempts(l.pilot).empty());
        REQUIRE(l.school->sessions(l.other).size() == 1);
        REQUIRE(l.school->attempts(l.other).size() == 1);
        CHECK(l.school->attempts(l.other)[0].pilot_id == l.other);
        CHECK(l.school->standing(l.other).hours > 0);
        CHECK(l.school->drill_standing(l.other, "lift-settle").passes == 1);
        if (from_file == 0) l.again();
    }
    Session corrected = l.school->sessions(l.other)[0]; // it is corrected where it is now
    corrected.active_s = 60;
    REQUIRE(correct_session(*l.school, corrected, "shorter"));
    REQUIRE(l.school->sessions(l.other).size() == 1);
    CHECK(l.school->sessions(l.other)[0].active_s == 60);
    CHECK(l.school->sessions(l.pilot).empty());
    REQUIRE(give_session(*l.school, l.session, l.pilot, "It was his after all"));
    CHECK(l.school->sessions(l.pilot).size() == 1);
    CHECK(l.school->attempts(l.pilot).size() == 1);
    CHECK(l.school->attempts(l.pilot)[0].pilot_id == l.pilot);
    CHECK(l.school->sessions(l.other).empty());
    l.again();
    CHECK(l.school->sessions(l.pilot).size() == 1);
}

TEST_CASE("a pilot may not correct, an instructor may", "[school][corrections]")
{
    Logged l;
    l.school->act_as(l.pilot, Role::Pilot);
    const auto refused = strike(*l.school, l.attempt, "I did not like it");
    REQUIRE_FALSE(refused);
    CHECK(refused.error().english.find("instructor") != std::string::npos);
    CHECK_FALSE(correct_session(*l.school, l.row(), "longer"));
    l.school->act_as("w", Role::Instructor);
    CHECK(strike(*l.school, l.attempt, "Pushed"));
}

TEST_CASE("hours are told apart by simulator, mode and viewing", "[school][progress]")
{
    Logged l;
    Session outside;
    outside.pilot_id = l.pilot, outside.started_at = l.place.clock, outside.ended_at = l.place.clock + 3600;
    outside.active_s = 3000, outside.idle_s = 600, outside.simulator = "mudlark", outside.viewing = Viewing::Goggles;
    REQUIRE_FALSE(l.school->add_session(outside).empty());
    const HoursOfPilot h = hours_of(*l.school, l.pilot);
    CHECK(h.hours == Approx(4500.0 / 3600));
    CHECK(h.idle == Approx(900.0 / 3600));
    const auto share = [](const std::vector<HoursOfPilot::Share>& shares, const std::string& of) {
        for (const auto& s : shares)
            if (s.of == of) return s.hours;
        return 0.0;
    };
    CHECK(share(h.by_simulator, "here") == Approx(1500.0 / 3600));
    CHECK(share(h.by_simulator, "Mudlark") == Approx(3000.0 / 3600));
    CHECK(share(h.by_viewing, "goggles") == Approx(3000.0 / 3600));
    CHECK(share(h.by_viewing, "not said") == Approx(1500.0 / 3600));
    CHECK(share(h.by_mode, "acro") == Approx(1500.0 / 3600)); // the session's one flight
    CHECK(share(h.by_mode, "not known") == Approx(3000.0 / 3600));
    // The next session begins with what the last one was looked at with, and can be told otherwise.
    const std::string next = l.school->start_session(l.pilot, "Station 1", "guid");
    CHECK(l.school->last_viewing(l.pilot) == Viewing::Goggles);
    REQUIRE(l.school->say_viewing(next, Viewing::Screen));
    l.again();
    CHECK(l.school->last_viewing(l.pilot) == Viewing::Screen);
}

TEST_CASE("a pilot's logbook is written out whole, and harmless", "[school][export]")
{
    Logged l;
    Session by_hand;
    by_hand.pilot_id = l.pilot, by_hand.started_at = l.place.clock - 7200, by_hand.ended_at = l.place.clock - 3600;
    by_hand.active_s = 3600, by_hand.by_hand = "=HYPERLINK(\"x\")";
    REQUIRE(l.school->add_session_by_hand(by_hand));
    REQUIRE(strike(*l.school, l.attempt, "Pushed"));
    const std::string sessions = sessions_csv(*l.school, l.pilot), attempts = attempts_csv(*l.school, l.pilot);
    CHECK(sessions.starts_with("started_utc,active_s,idle_s,flights,simulator,viewing,matched,by_hand,struck_out\n"));
    CHECK(sessions.find("\"'=HYPERLINK(\"\"x\"\")\"") != std::string::npos);
    CHECK(std::count(sessions.begin(), sessions.end(), '\n') == 3);
    CHECK(attempts.find("lift-settle") != std::string::npos);
    CHECK(attempts.find(",Pushed\n") != std::string::npos); // struck out, and told
    const auto json = nlohmann::json::parse(pilot_json(*l.school, l.pilot));
    CHECK(json["format"] == "bluehangar.pilot/1");
    CHECK(json["pilot"]["name"] == "Tomas Brede");
    CHECK(json["sessions"].size() == 2);
    REQUIRE(json["attempts"].size() == 1);
    CHECK(json["attempts"][0]["struck_out"] == "Pushed");
    CHECK(json["attempts"][0]["drill_id"] == "lift-settle");
}

TEST_CASE("crashes are billed by pilot and for the school", "[school][bill]")
{
    Logged l;
    CHECK(school_bill(*l.school).crashes == 0);
    FlightLog log = shortLog(2);
    log.events.push_back({20, FlightEvent::Crash});
    JudgedAttempt a;
    a.pilot_id = l.pilot, a.session_id = l.session, a.drill_id = std::string(free_flight_id), a.world = "loft";
    a.throttle_cuts_s = {0.4};
    REQUIRE_FALSE(l.school->add_attempt(a, &log).empty());
    const Bill own = school_bill(*l.school, l.pilot);
    CHECK(own.crashes == 1); // of a free flight
    CHECK(own.unknown == 0);
    CHECK(own.by_damage == std::vector{0, 1, 0, 0}); // from 2 m onto a hard floor, 8.4 m/s in effect
    CHECK(school_bill(*l.school, l.other).crashes == 0);
    CHECK(school_bill(*l.school).would_have_cost == Approx(own.would_have_cost));
    REQUIRE(l.school->keep_house_limit(Limit::PriceArm, 100, "carbon"));
    CHECK(school_bill(*l.school, l.pilot).would_have_cost == Approx(own.would_have_cost + 89));
}
