// What a station's login can do to a server, past the program: with its password, its key, and a database program.
#include "record/chain/bodies.h"
#include "record/copies/backup.h"
#include "record/copies/exchange.h"
#include "record/copies/verify.h"
#include "record/file/database.h"
#include "record/server/server_files.h"
#include "school_place.h"

#include <catch2/catch.hpp>
#include <chrono>
#include <fstream>
#include <nlohmann/json.hpp>
#include <sodium.h>

using namespace bh;
using Json = nlohmann::json;

namespace {

/// A school on a server, with a pilot, a session of the station "bay" and one of the station "other".
struct Attacked : Place {
    PrivateServer& server = *PrivateServer::of_this_program();
    std::string database;
    std::unique_ptr<Database> line; ///< of the station's login
    StationKey key = StationKey::from_seed({});

    Attacked() : Place("PostgreSQL"), database(PrivateServer::database_in(at.server))
    {
        clock = 1'900'000'000;
        server.make_logins();
        record()->append(
            {{"pilot", "p1", body_of(Pilot{"p1", "Iris Quayle"}), ""}, {"pilot", "p2", body_of(Pilot{"p2", "Oren Pell"}), ""}});
        record("bay", as("bay"))->append({{"session", "mine", session("p1"), ""}});
        record("other", as("other"))->append({{"session", "theirs", session("p2"), ""}});
        let_everybody_in();
        key = *StationKey::in(folder / "bay");
        line = Database::on_server(as("bay").server);
    }
    [[nodiscard]] RecordPlace as(const std::string& login) const { return server.address(database, login); }
    static std::string session(const std::string& pilot, double active_s = 0)
    {
        Session row;
        row.pilot_id = pilot, row.started_at = 1'899'990'000, row.active_s = active_s;
        return body_of(row);
    }
    /// As the program would send it, signed with the station's key; `change` may alter it before it is signed, `after`
    /// afterwards.
    [[nodiscard]] std::string refusal(std::string kind, std::string subject, std::string body,
                                      const std::function<void(Entry&)>& change = {},
                                      const std::function<void(Json&)>& after = {})
    {
        QSqlQuery last = line->run("SELECT seq, hash, at FROM entries ORDER BY seq DESC LIMIT 1");
        last.next();
        Entry e;
        e.seq = last.value(0).toLongLong() + 1, e.previous_hash = last.value(1).toString().toStdString(),
        e.at = last.value(2).toLongLong();
        e.who = "station", e.kind = std::move(kind), e.subject = std::move(subject), e.body = std::move(body);
        QSqlQuery before =
            line->run("SELECT coalesce(max(seq), 0) FROM entries WHERE kind = ? AND subject = ?", e.kind, e.subject);
        if (before.next()) e.supersedes = before.value(0).toLongLong();
        if (change) change(e);
        Json batch{{"follows", e.seq - 1}, {"previous", e.previous_hash}, {"keys", Json::object()}};
        batch["entries"].push_back({{"at", e.at},
                                    {"who", e.who},
                                    {"kind", e.kind},
                                    {"subject", e.subject},
                                    {"supersedes", e.supersedes},
                                    {"why", e.why},
                                    {"body", e.body},
                                    {"signature", key.sign(entry_hash(e))}});
        if (after) after(batch);
        return told([&] { line->run("SELECT append_entries(?::jsonb)", batch.dump()); });
    }
    static std::string told(const std::function<void()>& what)
    {
        try {
            what();
        } catch (const StoreFailure& why) {
            return why.what();
        }
        return "";
    }
    [[nodiscard]] std::string put(const std::string& file_name, const std::string& ending, const std::string& bytes,
                                  const char* kind = "log")
    {
        std::string answer;
        const std::string why = told([&] {
            answer = line->answer("SELECT put_chunk(?,?,?,?,?,?)", file_name, ending, kind,
                                  static_cast<std::int64_t>(bytes.size()), 0, QByteArray::fromStdString(bytes));
        });
        return why.empty() ? answer : why;
    }
};

bool has(const std::string& text, const std::string& words)
{
    INFO(text);
    return text.find(words) != std::string::npos;
}

} // namespace

TEST_CASE("no name that a station gives a file becomes a path on another computer", "[record][server][hostile]")
{
    if (!PrivateServer::of_this_program()) return;
    Attacked school;
    const std::string loot = (school.folder / "loot").string(), hash(64, 'a');
    for (const std::string& name : {loot, hash + ".a/../../../loot", std::string("../loot"), hash + "/", std::string(63, 'a'),
                                    hash + "\n", std::string(64, 'A')})
        CHECK(has(school.put(name, ".pack.gz", "x"), "a file is named by 64 hex digits"));
    for (const char* ending : {".a/../../loot", "", ".gz", ".csv.gz", ".flight.gz"})
        CHECK(has(school.put(hash, ending, "x"), "a file is a log"));
    // Nor where the server itself was changed by force: what is fetched has a name that is made here.
    school.server.sql(school.database,
                      "SET search_path TO hangar; ALTER TABLE attachments DROP CONSTRAINT attachments_hash_check;"
                      "INSERT INTO attachments VALUES ('" +
                          loot + "', '.pack.gz', 'log', 1), ('" + hash +
                          ".a/../../../loot', '.pack.gz', 'log', 1);"
                          "INSERT INTO chunks VALUES ('" +
                          loot + "', 0, 'x'), ('" + hash + ".a/../../../loot', 0, 'x')");
    const auto desk = school.record("desk");
    for (const std::string& name : {loot, hash + ".a/../../../loot", std::string("../loot")}) {
        CHECK_FALSE(desk->attachments().flight_log(name));
        CHECK((!desk->attachments().stick_recording(name) ||
               desk->attachments().stick_recording(name)->parent_path().filename() == "record.sticks"));
    }
    CHECK(back_up(school.at, school.folder / "b.tar.gz"));
    CHECK(export_record(school.at, school.folder / "exported"));
    CHECK_FALSE(std::filesystem::exists(loot));
}

TEST_CASE("a file counts when its bytes are what its name says, from whomever it comes", "[record][server][hostile]")
{
    if (!PrivateServer::of_this_program()) return;
    Attacked school;
    const auto other = school.record("other", school.as("other"));
    other->hold_files_back(true);
    const std::string hash = other->attachments().keep(shortLog(2));
    CHECK(school.put(hash, ".pack.gz", "something else") == "other"); // first, under the true name
    CHECK(school.put(hash, ".text.gz", "something else") == "other");
    CHECK(has(school.put(hash, ".csv.gz", "something else"), "a file is a log"));
    other->hold_files_back(false);
    REQUIRE(other->finish_sending(5000));
    const auto desk = school.record("desk");
    const auto there = desk->attachments().flight_log(hash);
    REQUIRE(there);
    CHECK(there->height_m == shortLog(2).height_m);
    CHECK(school.put(hash, ".pack.gz", "something else") == "whole"); // it is there, and stays
    CHECK(verify_record(school.at)->problems == std::vector<Message>{});
    SECTION("half of a file is nothing, and begins anew")
    {
        const std::string bytes = "twenty bytes of sth.", name = sha256_hex(bytes);
        const auto part = [&](int place, const std::string& of) {
            return school.line->answer("SELECT put_chunk(?,?,?,?,?,?)", name, ".pack.gz", "log", std::int64_t{20}, place,
                                       QByteArray::fromStdString(of));
        };
        CHECK(part(0, "twenty") == "more");
        CHECK(part(0, bytes.substr(0, 10)) == "more");
        CHECK(part(1, bytes.substr(10)) == "whole");
        CHECK(bytes_on(*school.line, *FileName::of(name + ".pack.gz", true)) == bytes);
    }
    SECTION("too much at once, too large, too much a day")
    {
        CHECK(has(Attacked::told([&] {
                      school.line->run("SELECT put_chunk(?,?,?,?,?,?)", hash.substr(1) + "b", ".pack.gz", "log",
                                       std::int64_t{300'000}, 0, QByteArray(262'145, 'x'));
                  }),
                  "a chunk has at most 256 KB"));
        CHECK(has(Attacked::told([&] {
                      school.line->run("SELECT put_chunk(?,?,?,?,?,?)", hash.substr(1) + "b", ".pack.gz", "log",
                                       std::int64_t{300'000'000}, 0, QByteArray("x"));
                  }),
                  "at most 256 MB"));
        school.server.sql(school.database, "UPDATE hangar.used_today SET bytes = 4294967290 WHERE login = 'bay'");
        CHECK(has(school.put(hash.substr(1) + "b", ".pack.gz", "0123456789"), "has sent its 4 GB of today"));
        school.server.sql(school.database,
                          "UPDATE hangar.used_today SET day = day - 1 WHERE login = 'bay'"); // and tomorrow again
        CHECK(school.put(hash.substr(1) + "b", ".pack.gz", "0123456789") == "other");
    }
    SECTION("what was erased does not come back, and goes from other stations")
    {
        school.record("desk")->attachments().erase_log(hash);
        CHECK(school.put(hash, ".pack.gz", "x") == "erased");
        const auto again = school.record("other", school.as("other"));
        for (int tenth_s = 0; again->attachments().flight_log_file(hash) && tenth_s < 100; ++tenth_s)
            std::this_thread::sleep_for(std::chrono::milliseconds(100));
        CHECK_FALSE(again->attachments().flight_log_file(hash));
    }
    SECTION("what the server lost is sent again by the station that has it")
    {
        school.server.sql(school.database, "DELETE FROM hangar.attachments");
        const auto again = school.record("other", school.as("other"));
        REQUIRE(again->finish_sending(5000));
        for (int tenth_s = 0; files_on(*school.line, true).empty() && tenth_s < 100; ++tenth_s)
            std::this_thread::sleep_for(std::chrono::milliseconds(100));
        CHECK(files_on(*school.line, true).size() == 1);
    }
}

TEST_CASE("a file that lies here changed is not used", "[record][hostile]")
{
    Place place;
    const auto record = place.record();
    const std::string hash = record->attachments().keep(shortLog(1)), other = record->attachments().keep(shortLog(2));
    std::filesystem::copy_file(*record->attachments().flight_log_file(other), *record->attachments().flight_log_file(hash),
                               std::filesystem::copy_options::overwrite_existing);
    const auto log = record->attachments().flight_log(hash);
    REQUIRE_FALSE(log);
    CHECK(has(log.error().english, "is not what was written"));
    const auto part = record->attachments().new_stick_recording("practice");
    std::filesystem::create_directories(part.parent_path());
    std::ofstream(part) << "t_s,a0\n0,1\n";
    const std::string name = record->attachments().keep_stick_recording(part);
    std::ofstream(*record->attachments().stick_recording(name)) << "t_s,a0\n0,2\n";
    CHECK_FALSE(record->attachments().stick_recording(name));
}

TEST_CASE("the server takes nothing that the program would not write", "[record][server][hostile]")
{
    if (!PrivateServer::of_this_program()) return;
    Attacked school;
    const auto is_refused = [&](const std::string& kind, const std::string& subject, const std::string& body,
                                const std::string& because, const std::function<void(Entry&)>& change = {},
                                const std::function<void(Json&)>& after = {}) {
        CAPTURE(kind, subject, body);
        CHECK_THAT(school.refusal(kind, subject, body, change, after), Catch::Contains(because));
    };
    const std::string good = Attacked::session("p1");
    SECTION("bodies")
    {
        is_refused("session", "s9", "{}", "it has no \"");
        is_refused("session", "s9", "[]", "it is no object");
        is_refused("session", "s9", R"({"active_s":NaN})", "invalid input syntax for type json");
        is_refused("session", "s9", R"({"active_s":"NaN","controller_id":"","idle_s":0,"pilot_id":"p1","started_at":1})",
                   "\"active_s\" that is no number");
        is_refused("session", "s9", R"({"active_s":1e300,"controller_id":"","idle_s":0,"pilot_id":"p1","started_at":1})",
                   "10^12");
        is_refused("session", "s9", R"({"active_s":"Infinity","controller_id":"","idle_s":0,"pilot_id":"p1","started_at":1})",
                   "no number");
        is_refused("session", "s9",
                   R"({"active_s":0,"controller_id":"","idle_s":0,"pilot_id":"p1","started_at":9223372036854775807})",
                   "\"started_at\" that is no time");
        is_refused("session", "s9", R"({"active_s":0,"controller_id":"","idle_s":0,"pilot_id":"p1","started_at":1.5})",
                   "\"started_at\" that is no time");
        is_refused("session", "s9", R"({"active_s":360000,"controller_id":"","idle_s":0,"pilot_id":"p1","started_at":1})",
                   "more than 24 hours");
        is_refused("session", "s9", good.substr(0, good.size() - 1) + R"(,"bonus":1})", "a \"bonus\" that none has");
        is_refused("session", "s9", "{ " + good.substr(1), "white space");
        is_refused("session", "s9", R"({"active_s":1,)" + good.substr(1), "something twice");
        is_refused("strange", "x", "{}", "a kind that is not known here");
        is_refused("document", "handling/p1/x", text_body("rule", "pass_days", "9"), "another document than its subject says");
        is_refused("document", "rule/pass_days", text_body("rule", "pass_days", "9"), "only a coordinator's login");
        is_refused("note", "demo_now", R"({"value":"stoll"})", "only a coordinator's login");
        const std::string key = StationKey::from_seed({7}).public_key();
        is_refused("key", key, R"({"public_key":")" + key + R"(","unsigned_up_to":99})", "\"unsigned_up_to\" that is no nought");
        is_refused("shared", "0123", R"({"document":{}})", "not what it is named by");
        std::string deep = R"({"document":)";
        for (int i = 0; i < 200; ++i) deep += "[";
        for (int i = 0; i < 200; ++i) deep += "]";
        is_refused("shared", shared_name(deep + "}"), deep + "}", "deeper than 100");
    }
    SECTION("times, signatures, keys, sizes")
    {
        school.server.sql(school.database, "DELETE FROM hangar.state WHERE key = 'clock_may_be_ahead_s'");
        is_refused("session", "s9", good, "dated in the future", [](Entry& e) { e.at = 253'402'300'799; });
        is_refused("session", "s9", good, "out of range", {}, [](Json& b) { b["entries"][0]["at"] = 1e30; });
        is_refused("session", "s9", good, "dated before", [](Entry& e) { e.at -= 5; });
        is_refused("session", "s9", good, "does not carry the signature", {},
                   [&](Json& b) { b["entries"][0]["signature"] = school.key.sign("x"); });
        is_refused("session", "s9", good, "signed by no key that is known", {},
                   [](Json& b) { b["entries"][0]["signature"] = ""; });
        is_refused("session", "s9", good, "signed by no key that is known", {},
                   [](Json& b) { b["entries"][0]["signature"] = StationKey::from_seed({9}).sign("x"); });
        const StationKey other = *StationKey::in(school.folder / "other");
        is_refused("session", "s9", good, "the key of another login", {},
                   [&](Json& b) { b["entries"][0]["signature"] = other.sign("x"); });
        is_refused("session", "s9", good, "another station wrote at the same moment",
                   [](Entry& e) { e.previous_hash = std::string(64, '0'); });
        is_refused("session", "s9", good, "at most 500 entries", {}, [](Json& b) {
            for (int i = 0; i < 500; ++i) b["entries"].push_back(b["entries"][0]);
        });
        is_refused("session", "s9", good, "is too long", [](Entry& e) { e.why = std::string(5000, 'x'); });
        is_refused("session", "s9", good, "expected entries", {}, [](Json& b) { b.erase("entries"); });
        is_refused("session", "s9", good, "has a time", {}, [](Json& b) { b["entries"][0].erase("why"); });
    }
    SECTION("of others")
    {
        is_refused("session", "theirs", Attacked::session("p2", 360'000), "24 hours");
        is_refused("session", "theirs", Attacked::session("p2", 36'000), "correct a session");
        is_refused("session", "mine", Attacked::session("p2", 36), "correct a session"); // nor to another pilot
        CHECK(school.refusal("session", "mine", Attacked::session("p1", 36)).empty());   // its own, which runs
        Session ended;
        ended.pilot_id = "p1", ended.started_at = 1'899'990'000;
        ended.ended_at = 1'899'993'600, ended.active_s = 3000;
        CHECK(school.refusal("session", "mine", body_of(ended)).empty());
        ended.active_s = 3600;
        is_refused("session", "mine", body_of(ended), "correct a session"); // it is over
        ended.active_s = 3000, ended.viewing = Viewing::Goggles;
        CHECK(school.refusal("session", "mine", body_of(ended)).empty());
        JudgedAttempt a;
        a.id = "a1", a.pilot_id = "p1", a.session_id = "mine", a.drill_id = "lift-settle", a.score = 50;
        const Draft attempt = draft_of(a);
        CHECK(school.refusal("shared", shared_name(attempt.shared[0]), attempt.shared[0]).empty());
        CHECK(school.refusal("attempt", "a1", attempt.body).empty());
        is_refused("attempt", "a1", attempt.body, "of this name already");
        a.session_id = "theirs";
        is_refused("attempt", "a2", draft_of(a).body, "of another pilot than its session");
        a.session_id = "mine", a.score = 101;
        is_refused("attempt", "a2", draft_of(a).body, "beyond 0 to 100");
        // Another login's running session is not noted for it.
        const NotedTime noted{100, 0, 1'900'000'000};
        const auto note = [&](const std::string& id) {
            return Attacked::told([&] {
                school.line->write("SELECT note_session_time(?,?,?,?,?)", id, "100", "0", noted.at,
                                   school.key.sign(noted_time_text(id, noted)));
            });
        };
        CHECK(has(note("theirs"), "its own sessions"));
        CHECK(note("mine").empty());
    }
    SECTION("keys to names")
    {
        const auto keeper = school.record();
        keeper->erase_person("p2", "asked for it");
        const std::string key(64, 'b');
        const auto with_key = [&](const std::string& person) { return [=](Json& b) { b["keys"][person] = key; }; };
        is_refused("session", "s9", good, "comes with the first entry", {}, with_key("p2"));
        is_refused("session", "s9", good, "comes with the first entry", {}, with_key("p1"));
        CHECK(has(Attacked::told([&] {
                      keeper->append({{"pilot", "p2", body_of(Pilot{"p2", "Somebody"}), ""}});
                  }),
                  "this one was erased"));
    }
    school.let_everybody_in();
    CHECK(verify_record(school.at)->problems == std::vector<Message>{});
}

TEST_CASE("many entries at once are written in a time that grows with their number", "[record][server][hostile]")
{
    if (!PrivateServer::of_this_program()) return;
    Attacked school;
    const auto keeper = school.record();
    std::vector<Draft> drafts;
    for (int i = 0; i < 498; ++i) drafts.push_back({"note", "n" + std::to_string(i), R"({"value":"x"})", ""});
    CHECK(keeper->append(drafts).size() == 498);
    for (int i = 0; i < 3; ++i) drafts.push_back({"note", "m" + std::to_string(i), R"({"value":"x"})", ""});
    CHECK_THAT(Attacked::told([&] { keeper->append(drafts); }), Catch::Contains("at most 500 entries"));
}

TEST_CASE("a changed catalogue is seen, whatever was changed", "[record][server][hostile]")
{
    if (!PrivateServer::of_this_program()) return;
    Attacked school;
    const std::string change = GENERATE(
        as<std::string>{}, "CREATE RULE quiet AS ON INSERT TO attempts DO ALSO NOTHING",
        "CREATE VIEW mine AS SELECT * FROM person_keys", "CREATE INDEX slow ON entries (why)", "DROP INDEX entries_by_kind",
        "ALTER TABLE entries DROP CONSTRAINT entries_supersedes_fkey",
        "ALTER TABLE attachments DROP CONSTRAINT attachments_check", "ALTER TABLE entries ALTER COLUMN why SET DEFAULT 'x'",
        "ALTER TABLE entries ALTER COLUMN why DROP NOT NULL",
        "ALTER FUNCTION append_entries(jsonb) SET search_path = public, hangar",
        "ALTER FUNCTION append_entries(jsonb) SECURITY INVOKER", "GRANT CREATE ON SCHEMA hangar TO hangar_station",
        "GRANT CREATE ON SCHEMA hangar TO PUBLIC", "GRANT UPDATE ON entries TO bay", "GRANT UPDATE (body) ON entries TO bay",
        "ALTER TABLE attempts OWNER TO bay", "CREATE FUNCTION left(text, int) RETURNS text LANGUAGE sql AS 'SELECT $1'",
        "ALTER TABLE entries DISABLE TRIGGER entries_stay", "ALTER TABLE entries ENABLE ROW LEVEL SECURITY",
        "CREATE TRIGGER more BEFORE INSERT ON entries FOR EACH ROW EXECUTE FUNCTION suppress_redundant_updates_trigger()",
        "UPDATE entry_rights SET least = 0 WHERE kind = 'erased'", "UPDATE body_fields SET needed = false WHERE kind = 'attempt'",
        "UPDATE curve_points SET z2 = 1 WHERE key = 'base' AND place = 5", "ALTER FUNCTION login_may() OWNER TO bay",
        "ALTER DEFAULT PRIVILEGES IN SCHEMA hangar GRANT INSERT ON TABLES TO bay", "CREATE TABLE hangar.mine (x int)",
        "CREATE TYPE hangar.mine AS ENUM ('x')", "ALTER ROLE bay IN DATABASE current_db SET session_replication_role = replica",
        "ALTER TABLE entries SET (autovacuum_enabled = off)");
    CAPTURE(change);
    std::string sql = change;
    if (const auto at = sql.find("current_db"); at != std::string::npos) sql.replace(at, 10, school.database);
    CHECK(verify_record(school.at)->problems == std::vector<Message>{});
    school.server.sql(school.database, "SET search_path TO hangar; " + sql);
    const auto after = verify_record(school.at)->problems;
    REQUIRE(after.size() == 1);
    CHECK_THAT(after[0].english(), Catch::Contains("not as this program made them"));
    const auto desk = school.record("desk2"); // and at a quick look
    CHECK(desk->problems_at_opening().size() == 1);
}

TEST_CASE("a role that came to more than it had is told of", "[record][server][hostile]")
{
    if (!PrivateServer::of_this_program()) return;
    Attacked school;
    VerifyOptions options;
    options.station_folder = school.folder / "looker";
    CHECK(verify_record(school.at, options)->problems == std::vector<Message>{}); // and remembers who may what
    const auto [grant, revoke, words] = GENERATE(table<std::string, std::string, std::string>({
        {"GRANT hangar_coordinator TO bay", "REVOKE hangar_coordinator FROM bay",
         "'bay' may write what a coordinator may"}, // as its own key entry knows
        {"GRANT hangar_coordinator TO third", "REVOKE hangar_coordinator FROM third",
         "'third' may write what a coordinator may"}, // as the looker knows
        {"GRANT hangar_instructor TO third", "REVOKE hangar_instructor FROM third", "'third' may write what an instructor may"},
        {"GRANT keeper TO bay", "REVOKE keeper FROM bay", "'bay' may do what the owner of the record may"},
        {"GRANT pg_write_all_data TO guest", "REVOKE pg_write_all_data FROM guest",
         "'guest' may write past the program (pg_write_all_data)"},
        {"ALTER ROLE guest BYPASSRLS SUPERUSER", "ALTER ROLE guest NOBYPASSRLS NOSUPERUSER", "'guest' is a superuser"},
    }));
    CAPTURE(grant);
    school.server.sql(school.database, grant);
    const auto report = verify_record(school.at, options);
    school.server.sql(school.database, revoke); // roles are of the whole server
    REQUIRE(report->problems.size() >= 1);
    CHECK_THAT(report->problems[0].english(), Catch::Contains(words));
    CHECK(verify_record(school.at, options)->problems == std::vector<Message>{});
}

TEST_CASE("a login has its station's key, and another only when a coordinator lets it in", "[record][server][hostile]")
{
    if (!PrivateServer::of_this_program()) return;
    Attacked school;
    const Draft session{"session", "s9", Attacked::session("p1"), ""};
    const auto again = school.record("bay-made-anew", school.as("bay")); // its folder was lost, and its key with it
    CHECK(has(Attacked::told([&] { again->append({session}); }), "a coordinator lets this one in first"));
    REQUIRE(school.record()->countersign(again->own_key()));
    again->append({session});
    CHECK(verify_record(school.at)->problems == std::vector<Message>{});
    CHECK(has(school.refusal("session", "s10", Attacked::session("p1")),
              "a coordinator lets this one in first")); // the old one is over
}

TEST_CASE("the server's own verification of signatures is libsodium's", "[record][server][hostile]")
{
    if (!PrivateServer::of_this_program()) return;
    Attacked school;
    const auto owner = Database::on_server(school.at.server);
    // RFC 8032, section 7.1, TEST 2.
    const std::string key = "3d4017c3e843895a92b70aa74d1b7ebc9c982ccf2ec4968cc0cd55f12af4660c";
    const std::string signature = "kqAJqfDUyrhyDoILX2QlQKKye1QWUD+Ps3YiI+vbadoIWsHkPhWZbkWPNhPQ8R2MOHsurrQwKu6wDSkWErsMAA==";
    const auto good = [&](const std::string& of, const std::string& message, const std::string& signed_so) {
        owner->run("SELECT learn_key(?)", of);
        QSqlQuery q = owner->run("SELECT is_signed(?, ?, ?)", of, message, signed_so);
        return q.next() && q.value(0).toBool();
    };
    CHECK(good(key, "r", key.substr(0, 16) + ":" + signature));
    CHECK_FALSE(good(key, "s", key.substr(0, 16) + ":" + signature));
    for (unsigned char n = 0; n < 6; ++n) { // keys and messages as they come
        const StationKey station = StationKey::from_seed({n, 1, 2, static_cast<unsigned char>(n * n)});
        for (const std::string& message : {std::string(), std::string(n * 100u, 'x'), sha256_hex(std::string(n, 'y'))}) {
            const std::string signed_so = station.sign(message);
            CHECK(good(station.public_key(), message, signed_so));
            CHECK_FALSE(good(station.public_key(), message + "!", signed_so));
            std::string changed = signed_so;
            changed[20 + n * 9u] = changed[20 + n * 9u] == 'A' ? 'B' : 'A';
            CHECK_FALSE(good(station.public_key(), message, changed));
        }
    }
    // Points of small order, and one that is none: libsodium takes no signature of theirs either.
    for (const std::string& none : std::vector<std::string>{std::string(64, '0'), "01" + std::string(62, '0'),
                                                            "ecffffffffffffffffffffffffffffffffffffffffffffffffffffffffffff7f",
                                                            "26e8958fc2b227b045c3f489f2ef98f0d5dfac05d3c63339b13802886d53fc05",
                                                            "0200000000000000000000000000000000000000000000000000000000000000"}) {
        QSqlQuery q = owner->run("SELECT learn_key(?)", none);
        CAPTURE(none);
        CHECK((q.next() && !q.value(0).toBool()));
    }
}
