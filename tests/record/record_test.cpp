#include "record/database.h"
#include "record/projection.h"
#include "record/schema.h"
#include "school_place.h"

#include <catch2/catch.hpp>
#include <fstream>
#include <nlohmann/json.hpp>

using namespace bh;

namespace {

std::string bytes(const std::filesystem::path& file)
{
    std::ifstream in(file, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

void fill(School& school)
{
    const std::string pilot = school.add_pilot({"", "Iris Quayle"});
    const std::string session = school.start_session(pilot, "Station 1 controller", "sq-01");
    for (int i = 0; i < 3; ++i) {
        JudgedAttempt a;
        a.pilot_id = pilot;
        a.session_id = session;
        a.drill_id = "lift-settle";
        a.mode = Mode::Angle;
        a.score = 70 + i;
        a.passed = i > 0;
        a.flown_s = 20;
        a.criteria = {{.measure = Measure::Bounces,
                       .label = "Bounces",
                       .unit = Unit::Count,
                       .value = std::nullopt,
                       .fail = 4,
                       .pass = 2,
                       .marks = 0},
                      {.measure = Measure::TouchdownMps,
                       .label = "Sink",
                       .unit = Unit::MetresPerSecond,
                       .value = 0.5,
                       .fail = 2,
                       .pass = 1,
                       .merit = 0.4,
                       .marks = 93,
                       .must = true}};
        const FlightLog log = shortLog(i);
        school.add_attempt(a, &log);
    }
    school.end_session(session, 300, 60);
}

std::string refusal(const std::filesystem::path& file)
{
    const auto record = Record::open(file);
    REQUIRE_FALSE(record);
    return record.error().message;
}

} // namespace

TEST_CASE("what is written is there after opening again", "[record]")
{
    Place place;
    fill(*place.open());
    const auto school = place.open();
    REQUIRE(school->pilots().size() == 1);
    CHECK(school->pilots()[0].name == "Iris Quayle");
    const auto& attempts = school->attempts(school->pilots()[0].id);
    REQUIRE(attempts.size() == 3);
    CHECK(attempts[2].score == 72);
    CHECK(school->flight_log(attempts[2].log_hash)->height_m[0] == 2);
    const auto criteria = school->judged(attempts[0].id).criteria;
    REQUIRE(criteria.size() == 2);
    CHECK_FALSE(criteria[0].value);
    CHECK(criteria[1].marks == 93);
    CHECK(criteria[1].measure == Measure::TouchdownMps);
    CHECK(school->sessions(school->pilots()[0].id)[0].active_s == 300);
    const VerifyReport report = school->record().verify();
    CHECK(report.problems.empty());
    CHECK(report.entries == 7); // pilot, controller, session, three attempts, session's end
}

TEST_CASE("an entry names the one before of the same kind and subject, and why", "[record]")
{
    Place place;
    const auto record = place.record();
    const auto body = [](const char* name) {
        return std::string(R"({"name":")") + name + R"(","curriculum":"first-steps","target_h":20,"archived":false})";
    };
    record->append({{"pilot", "p1", body("Oren Pel"), ""}});
    record->append({{"setup", "p1", R"({"document":null})", ""}}); // another kind about the same subject
    record->append({{"pilot", "p1", body("Oren Pell"), "spelling"}, {"setup", "p1", R"({"document":null})", "none"}});
    const auto entries = record->entries_after(0);
    REQUIRE(entries.size() == 4);
    CHECK(entries[0].supersedes == 0);
    CHECK(entries[1].supersedes == 0);
    CHECK(entries[2].supersedes == 1);
    CHECK(entries[2].why == "spelling");
    CHECK(entries[3].supersedes == 2);
    CHECK(entries[0].body.find("Oren Pel\"") != std::string::npos); // the old one stays
    CHECK(record->entries_after(2).size() == 2);
    CHECK(record->verify().problems.empty());
}

TEST_CASE("entries of one gesture are written all or none", "[record]")
{
    Place place;
    const auto record = place.record();
    const std::string orphan = R"({"pilot_id":"nobody","controller_id":"","started_at":1,"active_s":0,"idle_s":0})";
    CHECK_THROWS_AS(record->append({{"controller", "c1", R"({"name":"a","guid":"b"})", ""}, {"session", "s1", orphan, ""}}),
                    StoreFailure);
    CHECK(record->entries_after(0).empty());
    CHECK_THROWS_AS(record->append({{"pilot", "p1", "not json", ""}}), StoreFailure); // never an end without a word
    CHECK(record->entries_after(0).empty());
}

TEST_CASE("entries cannot be changed, and tampering past that is found", "[record]")
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
        const auto problems = place.record()->verify().problems;
        REQUIRE_FALSE(problems.empty());
        CHECK(problems[0] == "entry 5 (attempt) was changed after it was written");
    }
    SECTION("an entry taken out of the middle")
    {
        const Database database(place.file, false);
        database.run("PRAGMA foreign_keys = OFF");
        database.run("DROP TRIGGER entries_are_kept");
        database.run("DELETE FROM entries WHERE seq = 5");
        const auto problems = place.record()->verify().problems;
        REQUIRE(problems.size() >= 2);
        CHECK(problems[0] == "entry 5 is missing");
    }
    SECTION("a table changed behind the entries' back")
    {
        Database(place.file, false).run("UPDATE attempts SET score = 100");
        CHECK(place.record()->verify().problems.front() == "the tables differ from what the entries say");
    }
    SECTION("a flight log changed or lost")
    {
        for (const auto& entry : std::filesystem::recursive_directory_iterator(place.file.string() + ".logs"))
            if (entry.is_regular_file()) {
                std::filesystem::resize_file(entry.path(), 20);
                break;
            }
        const auto problems = place.record()->verify().problems;
        REQUIRE(problems.size() == 1);
        CHECK(problems[0].find("damaged or cut short") != std::string::npos);
    }
}

TEST_CASE("a file that is no good record is refused in a sentence and left as it is", "[record]")
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
    const std::string before = bytes(place.file);
    const std::string message = refusal(place.file);
    CAPTURE(message);
    CHECK(message.find(words) != std::string::npos);
    CHECK(message.find("left as it is") != std::string::npos);
    CHECK(bytes(place.file) == before);
}

TEST_CASE("an older record is brought up to date and a copy is kept", "[record]")
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
    const auto school = place.open();
    REQUIRE(school->pilots().size() == 1);
    CHECK(school->pilots()[0].target_h == 50);
    CHECK(school->record().verify().problems.empty());
    const std::filesystem::path copy = place.file.string() + ".version-2";
    REQUIRE(std::filesystem::exists(copy));
    CHECK(Database(copy, true).value("PRAGMA user_version") == "2");
    CHECK(Database(copy, true).value("SELECT name FROM pilots") == "Maud Tansley");
}

TEST_CASE("a failing write changes nothing and says so", "[record]")
{
    Place place;
    const auto school = place.open();
    std::string said;
    QObject::connect(school.get(), &School::failed, [&](const QString& sentence) { said = sentence.toStdString(); });
    JudgedAttempt orphan;
    orphan.pilot_id = "nobody";
    orphan.session_id = "nothing";
    orphan.drill_id = "lift-settle";
    const FlightLog log = shortLog(1);
    CHECK(school->add_attempt(orphan, &log).empty());
    CHECK(said.find("nothing was changed") != std::string::npos);
    CHECK(school->attempts("nobody").empty());
    CHECK(school->record().verify().entries == 0);
}
