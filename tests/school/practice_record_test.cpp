// Practice without a score: free flights, practice outside with its simulator, the way back, and plans of the full stick.
#include "core/drill/free_flight.h"
#include "school/session_import.h"
#include "school/views/rate_rules.h"
#include "school/views/setup_rules.h"
#include "school_place.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

JudgedAttempt freeAttempt(const std::string& pilot, const std::string& session, const std::string& world)
{
    JudgedAttempt a;
    a.pilot_id = pilot, a.session_id = session;
    a.drill_id = free_flight_id;
    a.world = world;
    a.flown_s = 360;
    a.throttle_cuts_s = {0.4, 1.8};
    a.rocking_share = 0.1;
    return a;
}

} // namespace

TEST_CASE("a free flight is kept without a score, read again, and can be looked at", "[free]")
{
    Place place;
    std::string pilot, kept;
    {
        auto school = place.open();
        pilot = school->add_pilot({"", "Iris Quayle"});
        const std::string session = school->start_session(pilot, "Simulated controller", "simulated");
        const FlightLog log = shortLog(4);
        kept = school->add_attempt(freeAttempt(pilot, session, "loft"), &log);
        REQUIRE(!kept.empty());
    }
    auto school = place.open(); // from the file
    const Attempt* row = school->attempt(kept);
    REQUIRE(row);
    CHECK(row->free());
    CHECK(row->world == "loft");
    CHECK_FALSE(row->passed);
    CHECK(school->summary(*row) == "6.0 minutes without a task, 2 crashes; throttle at the bottom within 1 s after 1 of 2.");
    CHECK(school->flight_log(row->log_hash));
    CHECK(school->standing(pilot).throttle_cuts.crashes == 2);
    CHECK(school->drill_standing(pilot, "low-roof").minutes == Approx(6)); // in the loft
    CHECK(school->drill_standing(pilot, "low-roof").attempts == 0);
    CHECK(school->judged(kept).criteria.empty());
    CHECK_FALSE(school->keep_document(Kind::Curriculum, "first-steps",
                                      R"({"format":"bluehangar.curriculum/1","id":"first-steps","name":"x","version":1,)"
                                      R"("stages":[{"name":"a","drills":[{"free_flight_min":0}]}]})"));
    REQUIRE(school->keep_document(Kind::Curriculum, "first-steps",
                                  R"({"format":"bluehangar.curriculum/1","id":"first-steps","name":"x","version":1,)"
                                  R"("stages":[{"name":"a","drills":[{"free_flight_min":5,"world":"loft"},"hover-window"]}]})"));
    CHECK(school->standing(pilot).ladder.front().standing.next == "flown");
    CHECK(school->document(Kind::Curriculum, "first-steps")->find("free_flight_min") != std::string::npos);
}

TEST_CASE("a free flight cut short by the program's end is kept without a score", "[free]")
{
    Place place;
    auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Iris Quayle"}),
                      session = school->start_session(pilot, "Simulated controller", "simulated");
    FlightLog log;
    for (int i = 0; i < 900; ++i) {
        FlightSample s;
        s.t_s = i * 0.01, s.height_m = 5, s.armed = true;
        log.append(as_logged(s));
    }
    log.has_position = true;
    const auto kept = school->keep_cut_short({place.folder / "x", freeAttempt(pilot, session, "mill"), log});
    REQUIRE(kept);
    CHECK(school->attempt(*kept)->free());
    CHECK(school->attempt(*kept)->world == "mill");
    CHECK(school->attempt(*kept)->flown_s == Approx(8.99));
    CHECK(school->judged(*kept).disqualified.empty());
}

TEST_CASE("practice outside is matched only in the simulator that the match is for, and says when it was written down by hand",
          "[outside]")
{
    Place place;
    auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Tomas Brede"});
    Airframe avocet;
    avocet.id = "real-avocet", avocet.name = "Avocet";
    REQUIRE(school->keep_aircraft(avocet));
    TrainingSetup setup;
    setup.real_aircraft = avocet.id;
    REQUIRE(school->keep_rates(avocet.id, setup.rates));
    const SimulatorProfile* mudlark = school->simulator("mudlark");
    REQUIRE(mudlark);
    const KeptMatch match{avocet.id, "mudlark", setup.rates, setup.rates, mudlark->rate_family, ranges_in(*mudlark)};
    REQUIRE(school->practise_on_match(pilot, setup, match));
    const auto outside = [&](const char* simulator, const char* why, UnixTime at) {
        Session s;
        s.pilot_id = pilot, s.started_at = at, s.ended_at = at + 1800, s.active_s = 1700;
        s.simulator = simulator, s.by_hand = why;
        return s;
    };
    REQUIRE(school->add_outside_session(outside("mudlark", "", 900'000), "stick", "g"));
    REQUIRE(school->add_outside_session(outside("saltwind", "", 910'000), "stick", "g"));
    REQUIRE(school->add_outside_session(outside("", "", 920'000), "stick", "g"));
    CHECK(school->last_simulator(pilot) == "saltwind");
    CHECK_FALSE(school->add_session_by_hand(outside("mudlark", "  ", 930'000))); // not without a reason
    REQUIRE(school->add_session_by_hand(outside("mudlark", "flown at  home", 930'000)));
    const auto& sessions = school->sessions(pilot);
    REQUIRE(sessions.size() == 4);
    CHECK(sessions[0].matched);
    CHECK_FALSE(sessions[1].matched);
    CHECK_FALSE(sessions[2].matched);
    CHECK(sessions[3].matched);
    CHECK(sessions[3].by_hand == "flown at home");
    CHECK(school->standing(pilot).hours_matched == Approx(2 * 1700 / 3600.0));
    school = place.open();
    CHECK(school->sessions(pilot)[3].by_hand == "flown at home");
    CHECK(school->sessions(pilot)[1].simulator == "saltwind");
}

TEST_CASE("another program's table becomes sessions by its named columns, or says which line is wrong", "[outside]")
{
    const Place place;
    const auto school = place.open();
    const auto table = read_practice_table("Program,Start date,Duration_h,note\nSaltwind,2031-03-04 17:20,0.5,\"a, \"\"b\"\"\"\n"
                                           "mudlark,2031-03-05T18:00:30Z,1.25,\n\n",
                                           "t.csv");
    REQUIRE(table);
    REQUIRE(table->rows.size() == 2);
    CHECK(table->rows[0][3] == "a, \"b\"");
    const PracticeColumns columns = guessed_columns(*table);
    CHECK(columns.started == 1);
    CHECK(columns.active == 2);
    CHECK(columns.simulator == 0);
    CHECK(columns.unit == PracticeColumns::Unit::Hours);
    const auto sessions = sessions_in(*table, columns, school->simulators(), "", "t.csv");
    REQUIRE(sessions);
    CHECK((*sessions)[0].simulator == "saltwind");
    CHECK((*sessions)[0].active_s == Approx(1800));
    CHECK((*sessions)[1].started_at == 1930500030); // 5 March 2031, 18:00:30 UTC
    CHECK((*sessions)[1].ended_at == 1930500030 + 4500);
    const auto wrong = [&](const char* text) {
        const auto read = read_practice_table(text, "t.csv");
        if (!read) return read.error().english;
        const auto found = sessions_in(*read, guessed_columns(*read), school->simulators(), "", "t.csv");
        return found ? std::string() : found.error().english;
    };
    CHECK(wrong("start,minutes\n2031-13-04 17:20,30\n").find("line 2, column start: expected a date and time") !=
          std::string::npos);
    CHECK(wrong("start,minutes\n2031-03-04 17:20,-3\n").find("column minutes: expected a time over 0") != std::string::npos);
    CHECK(wrong("start,minutes,simulator\n2031-03-04 17:20,3,Nowhere\n").find("expected a simulator that is known here") !=
          std::string::npos);
    CHECK(wrong("start,minutes\n2031-03-04 17:20\n").find("line 2: expected 2 fields, found 1") != std::string::npos);
    CHECK(wrong("minutes\n3\n").find("choose the column that says when it began") != std::string::npos);
    CHECK(wrong("start,minutes\n").find("at least one row") != std::string::npos);
    CHECK(wrong("start,minutes\n\xff,1\n").find("not UTF-8") != std::string::npos);
}

TEST_CASE("the way back changes one thing at a time, with the set-up, and is undone with it", "[setup]")
{
    Place place;
    auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Nell Harker"});
    TrainingSetup setup;
    setup.power_share = 0.8, setup.camera_tilt_deg = 25;
    setup.rates.roll = setup.rates.pitch = CentreMaxCurve{100, 250, 0.2};
    REQUIRE(school->keep_setup(pilot, setup));
    CHECK_FALSE(step_on_way_back(*school, pilot, true)); // none was begun
    REQUIRE(school->keep_way_back(pilot, way_back_from(setup, 350, 30, school->now())));
    const auto standing = way_back_standing(*school, pilot);
    REQUIRE(standing);
    CHECK(standing->rungs.size() == 5); // 90, 100 %; 300, 350 °/s; 30°
    REQUIRE(step_on_way_back(*school, pilot, true));
    CHECK(school->setup(pilot)->power_share == Approx(0.9));
    CHECK(rate_dps(school->setup(pilot)->rates.roll, 1) == Approx(250)); // unchanged rates
    CHECK(way_back_standing(*school, pilot)->climbed == 1);
    REQUIRE(step_on_way_back(*school, pilot, false));
    CHECK(school->setup(pilot)->power_share == Approx(0.85));
    REQUIRE(school->undo());
    CHECK(school->setup(pilot)->power_share == Approx(0.9));
    CHECK(way_back_standing(*school, pilot)->climbed == 1);
    for (int i = 0; i < 2; ++i) REQUIRE(step_on_way_back(*school, pilot, true));
    CHECK(school->setup(pilot)->power_share == Approx(1));
    CHECK(rate_dps(school->setup(pilot)->rates.pitch, 1) == Approx(300));
    CHECK(school->setup(pilot)->camera_tilt_deg == 25);
    school = place.open();
    CHECK(way_back_standing(*school, pilot)->climbed == 3);
    CHECK(school->file(pilot).way_back->taken.size() == 3);
}

TEST_CASE("a plan of the full stick alone leaves centre, expo and yaw, and makes no match of what is still apart", "[rates]")
{
    Place place;
    auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Oren Pell"});
    Airframe avocet;
    avocet.id = "real-avocet", avocet.name = "Avocet";
    REQUIRE(school->keep_aircraft(avocet));
    RateProfile real;
    real.roll = real.pitch = real.yaw = CentreMaxCurve{300, 450, 0.1};
    REQUIRE(school->keep_rates(avocet.id, real));
    TrainingSetup setup;
    setup.real_aircraft = avocet.id;
    setup.rates.roll = setup.rates.pitch = setup.rates.yaw = CentreMaxCurve{100, 680, 0.6};
    REQUIRE(school->keep_setup(pilot, setup));
    MatchQuestion question;
    question.pilot_id = pilot, question.aircraft_id = avocet.id, question.simulator_id = "mudlark";
    question.direction = MatchDirection::RealToSimulator;
    const MatchAnswer answer = match_again(*school, question);
    auto plan = plan_of_max(answer, 680, false);
    REQUIRE(plan);
    CHECK(plan->max_only);
    const auto standing = standing_of(plan->plan);
    REQUIRE(standing);
    REQUIRE(standing->left.size() == 3);
    CHECK(standing->left.back().to == 680);
    RateProfile through = plan->plan.from;
    for (const RateStep& step : standing->left) through = with_parameter(through, step, step.to);
    CHECK(rate_dps(through.roll, 1) == Approx(680));
    CHECK(centre_slope_dps(through.roll) == Approx(centre_slope_dps(plan->plan.from.roll)));
    CHECK(through.yaw == plan->plan.from.yaw);
    CHECK_FALSE(match_of_plan(*school, pilot, *plan, through)); // the middle of the stick is still another
    REQUIRE(school->keep_plan(pilot, *plan));
    school = place.open();
    CHECK(school->file(pilot).plan->max_only);
    CHECK(standing_of(plan_of_max(answer, 680, true)->plan)->left.size() == 1);
}
