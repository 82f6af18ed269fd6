#include "record/database.h"
#include "record/projection.h"
#include "record/record.h"
#include "record/schema.h"

#include <QCoreApplication>
#include <catch2/catch.hpp>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <unistd.h>

using namespace bh;

namespace {

/// A folder of its own for each test, and the Qt that the record's plug-ins need.
struct Place {
    int argc = 1;
    char name[12] = "store_tests";
    char* argv[2] = {name, nullptr};
    QCoreApplication application{argc, argv};
    std::filesystem::path folder = std::filesystem::temp_directory_path() / ("bh-store-" + std::to_string(getpid()));
    std::filesystem::path file = folder / "record.sqlite";
    UnixTime clock = 1'000'000;

    Place() { std::filesystem::remove_all(folder), std::filesystem::create_directories(folder); }
    ~Place() { std::filesystem::remove_all(folder); }
    std::unique_ptr<Record> open()
    {
        RecordOptions options;
        options.clock = [this] { return clock; };
        auto record = Record::open(file, options);
        if (!record) FAIL(record.error().message);
        return std::move(*record);
    }
    [[nodiscard]] std::string bytes() const
    {
        std::ifstream in(file, std::ios::binary);
        return {std::istreambuf_iterator<char>(in), {}};
    }
};

FlightLog shortLog(double height_m)
{
    FlightLog log;
    for (int i = 0; i < 50; ++i) {
        FlightSample s;
        s.t_s = i * 0.01;
        s.height_m = height_m;
        log.append(as_logged(s));
    }
    return log;
}

void fill(Record& record)
{
    const std::string pilot = record.add_pilot({"", "Iris Quayle"});
    const std::string session = record.start_session(pilot, record.controller_id("Station 1 controller", "sq-01"));
    for (int i = 0; i < 3; ++i) {
        AttemptRow a;
        a.pilot_id = pilot;
        a.session_id = session;
        a.drill_id = "lift-settle";
        a.mode = "angle";
        a.score = 70 + i;
        a.passed = i > 0;
        a.flown_s = 20;
        a.criteria = {{"Bounces", "count", std::nullopt, 4, 2, 0, 0, false}, {"Sink", "m/s", 0.5, 2, 1, 0.4, 93, true}};
        record.add_attempt(a, shortLog(i));
    }
    record.end_session(session, 300, 60);
}

std::string refusal(const std::filesystem::path& file)
{
    const auto record = Record::open(file);
    REQUIRE_FALSE(record);
    return record.error().message;
}

} // namespace

TEST_CASE("what is written is there after opening again", "[store]")
{
    Place place;
    fill(*place.open());
    const auto record = place.open();
    REQUIRE(record->pilots().size() == 1);
    CHECK(record->pilots()[0].name == "Iris Quayle");
    const auto attempts = record->attempts();
    REQUIRE(attempts.size() == 3);
    CHECK(attempts[2].score == 72);
    CHECK(record->flight_log(attempts[2].log_hash)->height_m[0] == 2);
    const auto criteria = record->criteria(attempts[0].id);
    REQUIRE(criteria.size() == 2);
    CHECK_FALSE(criteria[0].value);
    CHECK(criteria[1].marks == 93);
    CHECK(record->sessions()[0].active_s == 300);
    CHECK(record->verify().problems.empty());
    CHECK(record->verify().entries == 7); // pilot, controller, session, three attempts, session's end
}

TEST_CASE("a correction is a new entry; the old one stays in the chain", "[store]")
{
    Place place;
    const auto record = place.open();
    PilotRow pilot{"", "Oren Pel"};
    pilot.id = record->add_pilot(pilot);
    pilot.name = "Oren Pell";
    record->correct_pilot(pilot, "spelling");
    CHECK(record->pilots()[0].name == "Oren Pell");
    const Database database(place.file, true);
    QSqlQuery rows = database.run("SELECT * FROM entries ORDER BY seq");
    REQUIRE(rows.next());
    CHECK(entry_from(rows).body.find("Oren Pel\"") != std::string::npos);
    REQUIRE(rows.next());
    CHECK(entry_from(rows).supersedes == 1);
    CHECK(entry_from(rows).why == "spelling");
}

TEST_CASE("entries cannot be changed, and tampering past that is found", "[store]")
{
    Place place;
    fill(*place.open());
    {
        const Database database(place.file, false);
        CHECK_THROWS_AS(database.run("UPDATE entries SET body = '{}' WHERE seq = 4"), StoreFailure);
        CHECK_THROWS_AS(database.run("DELETE FROM entries WHERE seq = 4"), StoreFailure);
    }
    SECTION("an entry changed by force")
    {
        const Database database(place.file, false);
        database.run("DROP TRIGGER entries_stay");
        database.run("UPDATE entries SET body = replace(body, '71.0', '99.0') WHERE seq = 5");
        const auto problems = place.open()->verify().problems;
        REQUIRE_FALSE(problems.empty());
        CHECK(problems[0] == "entry 5 (attempt) was changed after it was written");
    }
    SECTION("an entry taken out of the middle")
    {
        const Database database(place.file, false);
        database.run("PRAGMA foreign_keys = OFF");
        database.run("DROP TRIGGER entries_are_kept");
        database.run("DELETE FROM entries WHERE seq = 5");
        const auto problems = place.open()->verify().problems;
        REQUIRE(problems.size() >= 2);
        CHECK(problems[0] == "entry 5 is missing");
    }
    SECTION("a table changed behind the entries' back")
    {
        Database(place.file, false).run("UPDATE attempts SET score = 100");
        CHECK(place.open()->verify().problems.front() == "the tables differ from what the entries say");
    }
    SECTION("a flight log changed or lost")
    {
        for (const auto& entry : std::filesystem::recursive_directory_iterator(place.file.string() + ".logs"))
            if (entry.is_regular_file()) {
                std::filesystem::resize_file(entry.path(), 20);
                break;
            }
        const auto problems = place.open()->verify().problems;
        REQUIRE(problems.size() == 1);
        CHECK(problems[0].find("damaged or cut short") != std::string::npos);
    }
}

TEST_CASE("a file that is no good record is refused in a sentence and left as it is", "[store]")
{
    Place place;
    std::string words;
    SECTION("not a database")
    {
        std::ofstream(place.file) << "Dear diary, today nobody crashed at all.";
        words = "is not a training record";
    }
    SECTION("another program's database")
    {
        Database(place.file, false).run("CREATE TABLE recipes (name TEXT)");
        words = "is a database, but not a training record";
    }
    SECTION("written by a newer version")
    {
        fill(*place.open());
        Database(place.file, false).run("PRAGMA user_version = 99");
        words = "was written by a newer version (99";
    }
    SECTION("cut short")
    {
        fill(*place.open());
        std::filesystem::resize_file(place.file, std::filesystem::file_size(place.file) / 2);
        words = "is damaged";
    }
    SECTION("overwritten in the middle")
    {
        fill(*place.open());
        std::fstream out(place.file, std::ios::in | std::ios::out | std::ios::binary);
        out.seekp(4096);
        out << std::string(3 * 4096, '\x5a');
        out.close();
        words = "is damaged";
    }
    const std::string before = place.bytes();
    const std::string message = refusal(place.file);
    CAPTURE(message);
    CHECK(message.find(words) != std::string::npos);
    CHECK(message.find("left as it is") != std::string::npos);
    CHECK(place.bytes() == before);
}

TEST_CASE("an older record is brought up to date and a copy is kept", "[store]")
{
    Place place;
    {
        const Database old(place.file, false);
        migrate_to(old, place.file, 2);
        Entry e;
        e.seq = 1;
        e.at = 5;
        e.who = "coordinator";
        e.kind = "pilot";
        e.subject = "p1";
        e.body = R"({"name":"Maud Tansley","curriculum":"first-steps","target_h":50,"archived":false})";
        e.hash = entry_hash(e);
        old.run("INSERT INTO entries VALUES (?,?,?,?,?,?,?,?,?,?)", e.seq, e.at, e.who, e.kind, e.subject, QVariant(), e.why,
                e.body, e.previous_hash, e.hash);
        apply_entry(old, e, 2);
    }
    const auto record = place.open();
    REQUIRE(record->pilots().size() == 1);
    CHECK(record->pilots()[0].target_h == 50);
    CHECK(record->verify().problems.empty());
    const std::filesystem::path copy = place.file.string() + ".version-2";
    REQUIRE(std::filesystem::exists(copy));
    CHECK(Database(copy, true).value("PRAGMA user_version") == "2");
    CHECK(Database(copy, true).value("SELECT name FROM pilots") == "Maud Tansley");
}

TEST_CASE("a session left open by a crash is closed with the time that was noted", "[store]")
{
    Place place;
    {
        const auto record = place.open();
        const std::string pilot = record->add_pilot({"", "Sami Roake"});
        const std::string session = record->start_session(pilot, "");
        place.clock += 120;
        record->note_session_time(session, 100, 20);
    }
    const auto record = place.open();
    CHECK(record->close_left_open_sessions() == 1);
    CHECK(record->close_left_open_sessions() == 0);
    CHECK(record->sessions()[0].active_s == 100);
    CHECK(record->sessions()[0].ended_at == 1'000'120);
}

TEST_CASE("a failing write changes nothing and says so", "[store]")
{
    Place place;
    const auto record = place.open();
    AttemptRow orphan;
    orphan.pilot_id = "nobody";
    orphan.session_id = "nothing";
    orphan.drill_id = "lift-settle";
    CHECK_THROWS_AS(record->add_attempt(orphan, shortLog(1)), StoreFailure);
    CHECK(record->attempts().empty());
    CHECK(record->verify().entries == 0);
}

TEST_CASE("the first hour of a pilot is kept: stick mode, kit, verified calibrations, grip rounds, simulators", "[store]")
{
    Place place;
    Calibration calibration;
    for (FunctionCalibration& f : calibration.functions)
        f.axis = static_cast<int>(&f - calibration.functions.data()), f.high_counts = 4000, f.centre_counts = 2000;
    std::string pilot, first, second;
    {
        const auto record = place.open();
        pilot = record->add_pilot({"", "Petra Lowmoor", "first-steps", 20, false, 3});
        const std::string controller = record->controller_id("Station 1 controller", "sq-01");
        first = record->add_calibration(controller, calibration);
        second = record->add_calibration(controller, calibration);
        place.clock += 60;
        record->verify_calibration(second);
        record->tick_kit(pilot, "screen/cable", true);
        place.clock += 60;
        record->tick_kit(pilot, "screen/cable", false);
        record->tick_kit(pilot, "screen/battery", true);
        record->add_grip_round({"", pilot, 0, "pinch", 3.4, 0.82, 11});
        record->add_session({"", pilot, controller, 999'000, 999'900, 700, 200, "2031-06-12T140200.csv.gz"});
        SimulatorProfile simulator;
        simulator.id = "heron-loft", simulator.name = "Heron Loft";
        record->keep_simulator(simulator);
        simulator.axis_base = 0;
        record->keep_simulator(simulator);
    }
    const auto record = place.open();
    CHECK(record->pilots()[0].stick_mode == 3);
    const auto calibrations = record->calibrations("");
    REQUIRE(calibrations.size() == 2);
    CHECK(calibrations[0].id == first);
    CHECK(calibrations[0].verified_at == 0);
    CHECK(calibrations[1].verified_at == 1'000'060);
    const auto ticks = record->kit_ticks(pilot);
    REQUIRE(ticks.size() == 2);
    CHECK(ticks[0].item == "screen/battery");
    CHECK(ticks[0].ticked);
    CHECK(ticks[0].at == 1'000'120);
    CHECK_FALSE(ticks[1].ticked);
    const auto rounds = record->grip_rounds(pilot);
    REQUIRE(rounds.size() == 1);
    CHECK(rounds[0].grip == "pinch");
    CHECK(rounds[0].throughput_bps == 3.4);
    const auto sessions = record->sessions(pilot);
    REQUIRE(sessions.size() == 1);
    CHECK(sessions[0].ended_at == 999'900);
    CHECK(sessions[0].active_s == 700);
    CHECK(sessions[0].recording == "2031-06-12T140200.csv.gz");
    const auto simulators = record->simulators();
    REQUIRE(simulators.size() == 1); // the later one stands
    CHECK(simulators[0].axis_base == 0);
    const VerifyReport report = record->verify();
    CHECK(report.problems.empty());
    CHECK(report.entries >= 11);
}

TEST_CASE("real aircraft, set-ups and what an attempt was flown with are kept; the newest counts", "[store]")
{
    Place place;
    {
        const auto record = place.open();
        const std::string pilot = record->add_pilot({"", "Iris Quayle"});
        CHECK_FALSE(record->setup(pilot));
        Airframe real;
        real.id = "real-avocet";
        real.name = "Avocet";
        real.mass_kg = 0.76;
        record->keep_aircraft(real);
        real.mass_kg = 0.8;
        record->keep_aircraft(real);
        TrainingSetup setup;
        setup.real_aircraft = real.id;
        record->keep_setup(pilot, setup);
        place.clock += 100;
        setup.camera_tilt_deg = 18;
        setup.day.wind_mps = 4;
        record->keep_setup(pilot, setup);
        AttemptRow attempt;
        attempt.pilot_id = pilot;
        attempt.session_id = record->start_session(pilot, "");
        attempt.drill_id = "hover-window";
        attempt.flown_with = "Avocet; wind 4 m/s";
        record->add_attempt(attempt, FlightLog{});
    }
    const auto record = place.open();
    REQUIRE(record->aircraft().size() == 1);
    CHECK(record->aircraft()[0].mass_kg == 0.8);
    const std::string pilot = record->pilots()[0].id;
    REQUIRE(record->setup(pilot));
    CHECK(record->setup(pilot)->camera_tilt_deg == 18);
    CHECK(record->setup(pilot)->day.wind_mps == 4);
    CHECK(record->setup_at(pilot) == place.clock);
    CHECK(record->attempts(pilot)[0].flown_with == "Avocet; wind 4 m/s");
    CHECK(record->verify().problems.empty());
}

TEST_CASE("what an attempt was judged by, stages opened by hand, edited documents and demonstrations are kept", "[store]")
{
    Place place;
    std::string attempt_id, pilot;
    {
        const auto record = place.open();
        pilot = record->add_pilot({"", "Iris Quayle"});
        AttemptRow attempt;
        attempt.pilot_id = pilot;
        attempt.session_id = record->start_session(pilot, "");
        attempt.drill_id = "shadow";
        attempt.curriculum = "one-axis";
        attempt.curriculum_version = 3;
        attempt.left_minus_right = -12.5;
        attempt.throttle_cuts_s = {0.4, 1.25};
        attempt.criteria = {{"Yaw lead", "ms", 120.0, 700, 300, 200, 100, false, Limits{-400, -50, 20}, TimeSpan{3.5, 41.25}},
                            {"Bounces", "count", std::nullopt, 4, 2, 0, 0, true, std::nullopt, std::nullopt}};
        const FlightLog shown = shortLog(7);
        attempt_id = record->add_attempt(attempt, shortLog(2), &shown);
        attempt.observed = "Mudlark";
        attempt.demonstration.clear();
        record->add_observed(attempt);
        record->open_stage({pilot, "one-axis", "Yaw", "Flew before", 0}, true);
        record->open_stage({pilot, "one-axis", "Roll", "Flew before", 0}, true);
        record->open_stage({pilot, "one-axis", "Yaw", "undone", 0}, false);
        record->keep_document("drill", {"slalom", "{\"a\": 1}"}, "edited");
        record->keep_document("drill", {"gaps", "{}"}, "edited");
        record->keep_document("drill", {"gaps", ""}, "undone");
        record->keep_document("curriculum", {"slalom", "{\"b\": 2}"}, "edited");
        record->keep_demonstration("shadow", attempt_id);
        record->keep_demonstration("gaps", attempt_id);
        record->keep_demonstration("gaps", "");
    }
    const auto record = place.open();
    const auto attempts = record->attempts(pilot);
    REQUIRE(attempts.size() == 2);
    const AttemptRow& a = attempts[0];
    CHECK(a.curriculum == "one-axis");
    CHECK(a.curriculum_version == 3);
    CHECK(*a.left_minus_right == -12.5);
    CHECK(a.throttle_cuts_s == std::vector{0.4, 1.25});
    CHECK(record->flight_log(a.demonstration)->height_m == shortLog(7).height_m);
    CHECK(attempts[1].observed == "Mudlark");
    CHECK(attempts[1].log_hash.empty());
    const auto criteria = record->criteria(attempt_id);
    REQUIRE(criteria.size() == 2);
    CHECK(criteria[0].below->pass == -50);
    CHECK(criteria[0].span->to_s == 41.25);
    CHECK_FALSE(criteria[1].below);
    CHECK_FALSE(criteria[1].span);
    REQUIRE(record->opened_stages().size() == 1);
    CHECK(record->opened_stages()[0].stage == "Roll");
    CHECK(record->opened_stages()[0].reason == "Flew before");
    REQUIRE(record->documents("drill").size() == 1);
    CHECK(record->documents("drill")[0].text == "{\"a\": 1}");
    CHECK(record->documents("curriculum").size() == 1);
    CHECK(record->demonstration("shadow")->attempt_id == attempt_id);
    CHECK_FALSE(record->demonstration("gaps"));
    CHECK(record->verify().problems.empty());
}
