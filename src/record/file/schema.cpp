#include "record/file/schema.h"

#include "core/base/number_text.h"
#include "record/chain/projection.h"
#include "record/record.h"

#include <vector>

namespace bh {
namespace {

using Statements = std::vector<const char*>;

/// Step n brings version n to n+1. A step that has landed is never changed again.
const std::vector<Statements>& steps()
{
    static const std::vector<Statements> all{
        // 1: the chain of entries
        {"CREATE TABLE entries (seq INTEGER PRIMARY KEY, at INTEGER NOT NULL, who TEXT NOT NULL, kind TEXT NOT NULL,"
         " subject TEXT NOT NULL, supersedes INTEGER REFERENCES entries(seq), why TEXT NOT NULL, body TEXT NOT NULL,"
         " previous_hash TEXT NOT NULL, hash TEXT NOT NULL UNIQUE)",
         "CREATE INDEX entries_by_subject ON entries (subject, seq)",
         "CREATE TRIGGER entries_stay BEFORE UPDATE ON entries BEGIN SELECT RAISE(ABORT, 'entries are never changed'); END",
         "CREATE TRIGGER entries_are_kept BEFORE DELETE ON entries BEGIN SELECT RAISE(ABORT, 'entries are never deleted'); END",
         "CREATE TABLE notes (key TEXT PRIMARY KEY, value TEXT NOT NULL)"},
        // 2: people and controllers
        {"CREATE TABLE pilots (id TEXT PRIMARY KEY, name TEXT NOT NULL, curriculum TEXT NOT NULL, target_h REAL NOT NULL,"
         " archived INTEGER NOT NULL, entry INTEGER NOT NULL REFERENCES entries(seq))",
         "CREATE TABLE controllers (id TEXT PRIMARY KEY, name TEXT NOT NULL, guid TEXT NOT NULL,"
         " entry INTEGER NOT NULL REFERENCES entries(seq))",
         "CREATE TABLE calibrations (id TEXT PRIMARY KEY, controller_id TEXT NOT NULL REFERENCES controllers(id),"
         " at INTEGER NOT NULL, document TEXT NOT NULL, entry INTEGER NOT NULL REFERENCES entries(seq))",
         "CREATE INDEX calibrations_by_controller ON calibrations (controller_id, at)"},
        // 3: practice and attempts
        {"CREATE TABLE sessions (id TEXT PRIMARY KEY, pilot_id TEXT NOT NULL REFERENCES pilots(id),"
         " controller_id TEXT REFERENCES controllers(id), started_at INTEGER NOT NULL, ended_at INTEGER,"
         " active_s REAL NOT NULL, idle_s REAL NOT NULL, entry INTEGER NOT NULL REFERENCES entries(seq))",
         "CREATE TABLE session_times (session_id TEXT PRIMARY KEY, active_s REAL NOT NULL, idle_s REAL NOT NULL,"
         " at INTEGER NOT NULL)",
         "CREATE TABLE attempts (id TEXT PRIMARY KEY, pilot_id TEXT NOT NULL REFERENCES pilots(id),"
         " session_id TEXT NOT NULL REFERENCES sessions(id), drill_id TEXT NOT NULL, drill_version INTEGER NOT NULL,"
         " at INTEGER NOT NULL, mode TEXT NOT NULL, score REAL NOT NULL, passed INTEGER NOT NULL, flown_s REAL NOT NULL,"
         " summary TEXT NOT NULL, log_hash TEXT NOT NULL, entry INTEGER NOT NULL REFERENCES entries(seq))",
         "CREATE INDEX attempts_by_pilot ON attempts (pilot_id, at)",
         "CREATE TABLE criteria (attempt_id TEXT NOT NULL REFERENCES attempts(id), position INTEGER NOT NULL,"
         " label TEXT NOT NULL, unit TEXT NOT NULL, value REAL, fail REAL NOT NULL, pass REAL NOT NULL,"
         " merit REAL NOT NULL, marks REAL NOT NULL, must INTEGER NOT NULL, PRIMARY KEY (attempt_id, position))"},
        // 4: the first hour of a pilot: stick mode, kit, verified calibrations, grip, simulators
        {"ALTER TABLE pilots ADD COLUMN stick_mode INTEGER NOT NULL DEFAULT 2",
         "CREATE TABLE verifications (calibration_id TEXT PRIMARY KEY REFERENCES calibrations(id), at INTEGER NOT NULL,"
         " entry INTEGER NOT NULL REFERENCES entries(seq))",
         "CREATE TABLE kit_ticks (pilot_id TEXT NOT NULL REFERENCES pilots(id), item TEXT NOT NULL, at INTEGER NOT NULL,"
         " ticked INTEGER NOT NULL, entry INTEGER NOT NULL REFERENCES entries(seq), PRIMARY KEY (pilot_id, item))",
         "CREATE TABLE grip_rounds (id TEXT PRIMARY KEY, pilot_id TEXT NOT NULL REFERENCES pilots(id), at INTEGER NOT NULL,"
         " grip TEXT NOT NULL, throughput_bps REAL NOT NULL, mean_time_s REAL NOT NULL, taps INTEGER NOT NULL,"
         " entry INTEGER NOT NULL REFERENCES entries(seq))",
         "CREATE TABLE simulators (id TEXT PRIMARY KEY, at INTEGER NOT NULL, document TEXT NOT NULL,"
         " entry INTEGER NOT NULL REFERENCES entries(seq))"},
        // 5: practice in other programs
        {"ALTER TABLE sessions ADD COLUMN recording TEXT NOT NULL DEFAULT ''"},
        // 6: real aircraft, how practice on them is set up, and what an attempt was flown with
        {"CREATE TABLE aircraft (id TEXT PRIMARY KEY, at INTEGER NOT NULL, document TEXT NOT NULL, entry INTEGER NOT NULL "
         "REFERENCES entries(seq))",
         "CREATE TABLE setups (pilot_id TEXT PRIMARY KEY REFERENCES pilots(id), at INTEGER NOT NULL, document TEXT NOT NULL,"
         " entry INTEGER NOT NULL REFERENCES entries(seq))",
         "ALTER TABLE attempts ADD COLUMN flown_with TEXT NOT NULL DEFAULT ''"},
        // 7: the whole ladder: what an attempt was judged by and how its throttle was cut, edited drills and curricula, stages
        // opened by hand, demonstrations
        {"ALTER TABLE attempts ADD COLUMN curriculum TEXT NOT NULL DEFAULT ''",
         "ALTER TABLE attempts ADD COLUMN curriculum_version INTEGER NOT NULL DEFAULT 0",
         "ALTER TABLE attempts ADD COLUMN observed TEXT NOT NULL DEFAULT ''",
         "ALTER TABLE attempts ADD COLUMN demonstration TEXT NOT NULL DEFAULT ''",
         "ALTER TABLE attempts ADD COLUMN left_minus_right REAL", "ALTER TABLE criteria ADD COLUMN below_fail REAL",
         "ALTER TABLE criteria ADD COLUMN below_pass REAL", "ALTER TABLE criteria ADD COLUMN below_merit REAL",
         "ALTER TABLE criteria ADD COLUMN from_s REAL", "ALTER TABLE criteria ADD COLUMN to_s REAL",
         "CREATE TABLE throttle_cuts (attempt_id TEXT NOT NULL REFERENCES attempts(id), position INTEGER NOT NULL, seconds REAL "
         "NOT NULL,"
         " PRIMARY KEY (attempt_id, position))",
         "CREATE TABLE stage_openings (pilot_id TEXT NOT NULL REFERENCES pilots(id), curriculum TEXT NOT NULL, stage TEXT NOT "
         "NULL,"
         " reason TEXT NOT NULL, at INTEGER NOT NULL, entry INTEGER NOT NULL REFERENCES entries(seq), PRIMARY KEY (pilot_id, "
         "curriculum, stage))",
         "CREATE TABLE documents (kind TEXT NOT NULL, id TEXT NOT NULL, at INTEGER NOT NULL, document TEXT NOT NULL,"
         " entry INTEGER NOT NULL REFERENCES entries(seq), PRIMARY KEY (kind, id))",
         "CREATE TABLE demonstrations (drill_id TEXT PRIMARY KEY, attempt_id TEXT NOT NULL REFERENCES attempts(id), at INTEGER "
         "NOT NULL,"
         " entry INTEGER NOT NULL REFERENCES entries(seq))"},
        // 8: hours on rates that match the real aircraft's
        {"ALTER TABLE sessions ADD COLUMN matched INTEGER NOT NULL DEFAULT 0"},
        // 9: what was judged in codes: measures, sides and weights of criteria; faults, disqualifications, aircraft, rates and
        // day of
        // an attempt as JSON; own words for rates (read so from older entries, see older_words.h)
        {"ALTER TABLE criteria ADD COLUMN measure TEXT NOT NULL DEFAULT ''",
         "ALTER TABLE criteria ADD COLUMN side TEXT NOT NULL DEFAULT ''",
         "ALTER TABLE criteria ADD COLUMN weight REAL NOT NULL DEFAULT 1",
         "ALTER TABLE criteria ADD COLUMN if_any INTEGER NOT NULL DEFAULT 0",
         "ALTER TABLE attempts ADD COLUMN simulator TEXT NOT NULL DEFAULT ''",
         "ALTER TABLE attempts ADD COLUMN details TEXT NOT NULL DEFAULT ''",
         "ALTER TABLE attempts ADD COLUMN in_words INTEGER NOT NULL DEFAULT 0",
         "CREATE INDEX entries_by_kind ON entries (kind, subject, seq)"},
        // 10: going on and holding are two things
        {"ALTER TABLE attempts ADD COLUMN holds INTEGER NOT NULL DEFAULT 0",
         "ALTER TABLE criteria ADD COLUMN to_hold INTEGER NOT NULL DEFAULT 0"},
        // 11: entries are signed; what an attempt was judged by is read from its entry, and what was noted is an entry too
        {"ALTER TABLE entries ADD COLUMN signature TEXT NOT NULL DEFAULT ''", "DROP TABLE criteria",
         "ALTER TABLE attempts DROP COLUMN details", "DROP TABLE notes",
         "ALTER TABLE session_times ADD COLUMN signature TEXT NOT NULL DEFAULT ''"},
        // 12: the keys to people's sealed names, which no entry holds (see seals.h)
        {"CREATE TABLE person_keys (person TEXT PRIMARY KEY, key TEXT NOT NULL)", "DROP INDEX entries_by_subject"},
        // 13: free flights, and where practice in other programs was flown
        {"ALTER TABLE attempts ADD COLUMN world TEXT NOT NULL DEFAULT ''",
         "ALTER TABLE sessions ADD COLUMN simulator TEXT NOT NULL DEFAULT ''",
         "ALTER TABLE sessions ADD COLUMN by_hand TEXT NOT NULL DEFAULT ''"},
        // 14: what was found in a flight
        {"ALTER TABLE attempts ADD COLUMN found TEXT NOT NULL DEFAULT ''"},
        // 15: one fold: what entries say is worked out by who reads them; what is left is the table of attempts, as on a server
        {"DROP TABLE throttle_cuts", "DROP TABLE demonstrations", "DROP TABLE attempts", "DROP TABLE sessions",
         "DROP TABLE verifications", "DROP TABLE calibrations", "DROP TABLE controllers", "DROP TABLE kit_ticks",
         "DROP TABLE grip_rounds", "DROP TABLE simulators", "DROP TABLE aircraft", "DROP TABLE setups",
         "DROP TABLE stage_openings", "DROP TABLE documents", "DROP TABLE pilots",
         "CREATE TABLE attempts (id TEXT NOT NULL UNIQUE, pilot_id TEXT NOT NULL, session_id TEXT NOT NULL, drill_id TEXT NOT "
         "NULL, drill_version INTEGER NOT NULL, at INTEGER NOT NULL, mode TEXT NOT NULL, score REAL NOT NULL, passed INTEGER NOT "
         "NULL, flown_s REAL NOT NULL, summary TEXT NOT NULL, log_hash TEXT NOT NULL, entry INTEGER PRIMARY KEY REFERENCES "
         "entries(seq), flown_with TEXT NOT NULL, curriculum TEXT NOT NULL, curriculum_version INTEGER NOT NULL, observed TEXT "
         "NOT "
         "NULL, demonstration TEXT NOT NULL, left_minus_right REAL, simulator TEXT NOT NULL, in_words INTEGER NOT NULL, holds "
         "INTEGER NOT NULL, world TEXT NOT NULL, found TEXT NOT NULL, cuts TEXT NOT NULL)"},
    };
    return all;
}

/// A consistent copy of the file as it was, without overwriting an earlier copy.
void keep_copy(const Database& database, const std::filesystem::path& file, int version)
{
    std::filesystem::path copy = file.string() + ".version-" + whole_text(version);
    std::error_code error;
    for (int n = 2; std::filesystem::exists(copy, error); ++n)
        copy = file.string() + ".version-" + whole_text(version) + "-" + whole_text(n);
    database.run("VACUUM INTO ?", copy.string());
}

} // namespace

int version_of(const Database& database) { return database.value("PRAGMA user_version").toInt(); }

void migrate_to(const Database& database, const std::filesystem::path& file, int wanted, const Carry& carry)
{
    constexpr int with_notes = 10;
    const int found = version_of(database);
    if (found >= wanted) return;
    if (found > 0) keep_copy(database, file, found);
    Transaction transaction(database);
    const int version = version_of(database);
    if (version >= wanted) return; // another program was quicker
    std::vector<OlderNote> notes;
    if (version > 0 && version <= with_notes && wanted > with_notes) {
        QSqlQuery rows = database.run("SELECT key, value FROM notes ORDER BY key");
        while (rows.next()) notes.push_back({rows.value(0).toString().toStdString(), rows.value(1).toString().toStdString()});
    }
    for (int step = version; step < wanted; ++step)
        for (const char* statement : steps()[static_cast<std::size_t>(step)]) database.run(statement);
    if (version > 0 && wanted == Record::schema_version) remake_attempts(database);
    if (version > 0 && carry) carry(database, version, notes);
    database.run(QStringLiteral("PRAGMA application_id = %1").arg(record_application_id));
    database.run(QStringLiteral("PRAGMA user_version = %1").arg(wanted));
    transaction.commit();
}

} // namespace bh
