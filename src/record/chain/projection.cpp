#include "record/chain/projection.h"

#include "files/text/json_text.h"
#include "record/chain/bodies.h"
#include "record/chain/older_words.h"
#include "record/chain/seals.h"
#include "record/record.h"

#include <QSqlRecord>
#include <array>
#include <nlohmann/json.hpp>
#include <unordered_map>

namespace bh {
namespace {

using Json = nlohmann::json;

QVariant id_or_null(const std::string& id) { return id.empty() ? QVariant() : bound(id); }

struct Table {
    const char* name;
    int since_version;
};
constexpr std::array<Table, 15> tables{{{"pilots", 2},
                                        {"controllers", 2},
                                        {"calibrations", 2},
                                        {"sessions", 3},
                                        {"attempts", 3},
                                        {"verifications", 4},
                                        {"kit_ticks", 4},
                                        {"grip_rounds", 4},
                                        {"simulators", 4},
                                        {"aircraft", 6},
                                        {"setups", 6},
                                        {"throttle_cuts", 7},
                                        {"stage_openings", 7},
                                        {"documents", 7},
                                        {"demonstrations", 7}}};

void apply_pilot(const Database& db, const Entry& e, const Json& b, int version)
{
    db.write(
        "INSERT INTO pilots (id, name, curriculum, target_h, archived, entry) VALUES (?,?,?,?,?,?) ON CONFLICT (id) DO UPDATE "
        "SET name = excluded.name,"
        " curriculum = excluded.curriculum, target_h = excluded.target_h, archived = excluded.archived, entry = excluded.entry",
        e.subject, b.at("name").get<std::string>(), b.at("curriculum").get<std::string>(), b.at("target_h").get<double>(),
        b.at("archived").get<bool>(), e.seq);
    if (version >= 4) db.write("UPDATE pilots SET stick_mode = ? WHERE id = ?", b.value("stick_mode", 2), e.subject);
}

/// Documents with a table of their own; one that is nothing takes the earlier one back.
void apply_document(const Database& db, const Entry& e, const Json& b, const QString& table, const QString& key)
{
    db.run(QStringLiteral("DELETE FROM %1 WHERE %2 = ?").arg(table, key), e.subject);
    if (!b.at("document").is_null())
        db.run(QStringLiteral("INSERT INTO %1 VALUES (?,?,?,?)").arg(table), e.subject, e.at, b.at("document").dump(), e.seq);
}

void apply_first_hour(const Database& db, const Entry& e, const Json& b)
{
    if (e.kind == "verification")
        db.write("INSERT INTO verifications VALUES (?,?,?) ON CONFLICT (calibration_id) DO UPDATE SET at = excluded.at, entry = "
                 "excluded.entry",
                 b.at("calibration_id").get<std::string>(), e.at, e.seq);
    if (e.kind == "kit")
        db.write("INSERT INTO kit_ticks VALUES (?,?,?,?,?) ON CONFLICT (pilot_id, item) DO UPDATE SET at = excluded.at,"
                 " ticked = excluded.ticked, entry = excluded.entry",
                 b.at("pilot_id").get<std::string>(), b.at("item").get<std::string>(), e.at, b.at("ticked").get<bool>(), e.seq);
    if (e.kind == "grip_round")
        db.write("INSERT INTO grip_rounds VALUES (?,?,?,?,?,?,?,?)", e.subject, b.at("pilot_id").get<std::string>(), e.at,
                 b.at("grip").get<std::string>(), b.at("throughput_bps").get<double>(), b.at("mean_time_s").get<double>(),
                 b.at("taps").get<int>(), e.seq);
    if (e.kind == "simulator") apply_document(db, e, b, QStringLiteral("simulators"), QStringLiteral("id"));
}

void apply_session(const Database& db, const Entry& e, const Json& b, int version)
{
    const auto session = session_in(e); // as everybody else reads it: a time beyond all calendars is not understood
    if (!session) throw StoreFailure(session.error().message);
    const QVariant ended = session->ended_at > 0 ? bound(session->ended_at) : QVariant();
    db.write("INSERT INTO sessions (id, pilot_id, controller_id, started_at, ended_at, active_s, idle_s, entry) VALUES "
             "(?,?,?,?,?,?,?,?) ON CONFLICT (id) DO UPDATE SET ended_at = excluded.ended_at,"
             " active_s = excluded.active_s, idle_s = excluded.idle_s, entry = excluded.entry",
             e.subject, session->pilot_id, id_or_null(session->controller_id), session->started_at, ended, session->active_s,
             session->idle_s, e.seq);
    if (version >= 5) db.write("UPDATE sessions SET recording = ? WHERE id = ?", b.value("recording", std::string()), e.subject);
    if (version >= 8) db.write("UPDATE sessions SET matched = ? WHERE id = ?", b.value("matched", false), e.subject);
    if (version >= 13)
        db.write("UPDATE sessions SET simulator = ?, by_hand = ? WHERE id = ?", b.value("simulator", std::string()),
                 b.value("by_hand", std::string()), e.subject);
}

QVariant number_or_null(const std::optional<double>& value) { return value ? bound(*value) : QVariant(); }

void apply_attempt(const Database& db, const Entry& e, int version)
{
    if (version < Record::schema_version) return; // the tables of an older record are remade when it is brought up to date
    const AttemptColumns a = attempt_columns(e);
    db.write(
        "INSERT INTO attempts (id, pilot_id, session_id, drill_id, drill_version, at, mode, score, passed, flown_s, summary, "
        "log_hash, entry,"
        " flown_with, curriculum, curriculum_version, observed, demonstration, left_minus_right, simulator, in_words,"
        " holds, world, found) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?)",
        a.values[0], a.values[1], a.values[2], a.values[3], a.values[4], a.values[5], a.values[6], a.values[7], a.values[8],
        a.values[9], a.values[10], a.values[11], a.values[12], a.values[13], a.values[14], a.values[15], a.values[16],
        a.values[17], a.values[18], a.values[19], a.values[20], a.values[21], a.values[22], a.values[23]);
    int position = 0;
    for (const double cut_s : a.throttle_cuts_s)
        db.write("INSERT INTO throttle_cuts VALUES (?,?,?)", a.values[0], position++, cut_s);
}

/// Stages opened by hand, edited documents, demonstrations: an entry without its text or attempt takes the earlier one back.
void apply_ladder(const Database& db, const Entry& e, const Json& b)
{
    if (e.kind == "stage") {
        const auto pilot = b.at("pilot_id").get<std::string>(), curriculum = b.at("curriculum").get<std::string>(),
                   stage = b.at("stage").get<std::string>();
        db.write("DELETE FROM stage_openings WHERE pilot_id = ? AND curriculum = ? AND stage = ?", pilot, curriculum, stage);
        if (b.at("open").get<bool>())
            db.write("INSERT INTO stage_openings VALUES (?,?,?,?,?,?)", pilot, curriculum, stage, e.why, e.at, e.seq);
    }
    if (e.kind == "document") {
        const auto kind = b.at("kind").get<std::string>(), id = b.at("id").get<std::string>();
        db.write("DELETE FROM documents WHERE kind = ? AND id = ?", kind, id);
        if (!b.at("document").is_null())
            db.write("INSERT INTO documents VALUES (?,?,?,?,?)", kind, id, e.at, b["document"].get<std::string>(), e.seq);
    }
    if (e.kind == "demonstration") {
        db.write("DELETE FROM demonstrations WHERE drill_id = ?", b.at("drill_id").get<std::string>());
        if (const auto attempt = b.at("attempt_id").get<std::string>(); !attempt.empty())
            db.write("INSERT INTO demonstrations VALUES (?,?,?,?)", b["drill_id"].get<std::string>(), attempt, e.at, e.seq);
    }
}

} // namespace

AttemptColumns attempt_columns(const Entry& e)
{
    const auto attempt = attempt_row_in(e);
    if (!attempt) throw StoreFailure(attempt.error().message);
    const AttemptRow& a = *attempt;
    const AttemptRow::InWords words = a.in_words.value_or(AttemptRow::InWords{});
    return {{bound(a.id),
             bound(a.pilot_id),
             bound(a.session_id),
             bound(a.drill_id),
             bound(a.drill_version),
             bound(a.at),
             bound(std::string(mode_key(a.mode))),
             bound(a.score),
             bound(a.passed),
             bound(a.flown_s),
             bound(words.summary),
             bound(a.log_hash),
             bound(e.seq),
             bound(words.flown_with),
             bound(a.curriculum),
             bound(a.curriculum_version),
             bound(a.in_words ? words.simulator : std::string(a.observed ? "1" : "")),
             bound(a.demonstration),
             number_or_null(a.left_minus_right),
             bound(a.simulator),
             bound(a.in_words.has_value()),
             bound(a.holds),
             bound(a.world),
             bound(a.found)},
            a.throttle_cuts_s};
}

Entry entry_from(const QSqlQuery& row)
{
    const auto text = [&row](int column) { return row.value(column).toByteArray().toStdString(); }; // UTF-8, also of a text
    return {row.value(0).toLongLong(),
            row.value(1).toLongLong(),
            text(2),
            text(3),
            text(4),
            row.value(5).toLongLong(),
            text(6),
            text(7),
            text(8),
            text(9),
            row.record().count() > 10 ? text(10) : std::string()};
}

PersonKeys person_keys_in(const Database& db)
{
    return [&db](const std::string& person) {
        QSqlQuery key = db.run("SELECT key FROM person_keys WHERE person = ?", person);
        return key.next() ? key.value(0).toString().toStdString() : std::string();
    };
}

PersonKeys all_person_keys_in(const Database& db)
{
    std::unordered_map<std::string, std::string> keys;
    QSqlQuery rows = db.run("SELECT person, key FROM person_keys");
    while (rows.next()) keys[rows.value(0).toString().toStdString()] = rows.value(1).toString().toStdString();
    return [keys = std::move(keys)](const std::string& person) {
        const auto found = keys.find(person);
        return found == keys.end() ? std::string() : found->second;
    };
}

std::string body_to_read(const Entry& e, const PersonKeys& keys)
{
    if (!has_sealed_name(e.kind)) return in_todays_words(e.kind, e.body);
    return name_is_sealed(e.body) ? with_open_name(e.body, keys(e.subject)) : e.body; // or written before names were sealed
}

void insert_entry(const Database& db, const Entry& e)
{
    db.write("INSERT INTO entries VALUES (?,?,?,?,?,?,?,?,?,?,?)", e.seq, e.at, e.who, e.kind, e.subject,
             e.supersedes > 0 ? bound(e.supersedes) : QVariant(), e.why, e.body, e.previous_hash, e.hash, e.signature);
}

void apply_entry(const Database& db, const Entry& e, int version)
try {
    if (e.kind == "attempt") return apply_attempt(db, e, version);
    if (!is_shallow_json(e.body)) throw StoreFailure(message("entry %1 (%2) is nested deeper than 100", e.seq, e.kind));
    if (e.kind == "shared" && e.subject != shared_name(e.body))
        throw StoreFailure(message("entry %1 is not what it is named by", e.seq));
    const Json b = Json::parse(body_to_read(e, person_keys_in(db)));
    if (version >= 2) {
        if (e.kind == "pilot") apply_pilot(db, e, b, version);
        if (e.kind == "controller")
            db.write("INSERT INTO controllers VALUES (?,?,?,?)", e.subject, b.at("name").get<std::string>(),
                     b.at("guid").get<std::string>(), e.seq);
        if (e.kind == "calibration")
            db.write("INSERT INTO calibrations VALUES (?,?,?,?,?)", e.subject, b.at("controller_id").get<std::string>(), e.at,
                     b.at("document").dump(), e.seq);
    }
    if (version >= 3 && e.kind == "session") apply_session(db, e, b, version);
    if (version >= 4) apply_first_hour(db, e, b);
    if (version >= 6 && e.kind == "aircraft") apply_document(db, e, b, QStringLiteral("aircraft"), QStringLiteral("id"));
    if (version >= 6 && e.kind == "setup") apply_document(db, e, b, QStringLiteral("setups"), QStringLiteral("pilot_id"));
    if (version >= 7) apply_ladder(db, e, b);
    if (e.kind == "erased")
        db.write("UPDATE pilots SET name = ?, archived = 1, entry = ? WHERE id = ?", std::string(erased_name), e.seq, e.subject);
} catch (const Json::exception& why) {
    throw StoreFailure(message("entry %1 (%2) cannot be understood: %3", e.seq, e.kind, why.what()));
}

std::optional<Message> apply_as_understood(const Database& db, const Entry& e, int version)
try {
    const bool in_one = e.kind == "attempt"; // its first statement is the one that can be refused
    if (!in_one) db.run("SAVEPOINT of_entry");
    try {
        apply_entry(db, e, version);
    } catch (const StoreFailure&) {
        if (!in_one) db.run("ROLLBACK TO of_entry"), db.run("RELEASE of_entry");
        throw;
    }
    if (!in_one) db.run("RELEASE of_entry");
    return std::nullopt;
} catch (const StoreFailure& why) {
    return why.message();
}

void remake_tables(const Database& db, int version)
{
    for (auto table = tables.rbegin(); table != tables.rend(); ++table) // children before parents
        if (table->since_version <= version) db.run(QStringLiteral("DELETE FROM %1").arg(table->name));
    QSqlQuery rows = db.run("SELECT * FROM entries ORDER BY seq");
    while (rows.next()) static_cast<void>(apply_as_understood(db, entry_from(rows), version)); // verification tells of those
}

Attachments::Names names_in(const Database& db, const QString& of, int version)
{
    Attachments::Names names;
    const auto add = [&](std::map<std::string, std::string>& to, const QString& column, const QString& table, const char* who) {
        QSqlQuery rows = db.run(QStringLiteral("SELECT id, %1 FROM %2.%3 WHERE %1 <> ''").arg(column, of, table));
        while (rows.next()) to.emplace(rows.value(1).toString().toStdString(), who + rows.value(0).toString().toStdString());
    };
    if (version >= 3) add(names.logs, "log_hash", "attempts", "attempt ");
    if (version >= 7) add(names.logs, "demonstration", "attempts", "attempt ");
    if (version >= 5) add(names.sticks, "recording", "sessions", "session ");
    if (version < 12) return names;
    for (const auto& [column, table] :
         {std::pair{"log_hash", "attempts"}, {"demonstration", "attempts"}, {"recording", "sessions"}}) {
        QSqlQuery rows = db.run(QStringLiteral("SELECT %1 FROM %2.%3 WHERE pilot_id IN"
                                               " (SELECT subject FROM %2.entries WHERE kind = 'erased')")
                                    .arg(QLatin1String(column), of, QLatin1String(table)));
        while (rows.next()) names.of_erased.insert(rows.value(0).toString().toStdString());
    }
    return names;
}

std::vector<std::string> tables_that_differ(const Database& db, const QString& other)
{
    std::vector<std::string> differing;
    for (const Table& table : tables) {
        const QString name = QLatin1String(table.name);
        const auto count = [&](const QString& in) { return db.value("SELECT count(*) FROM " + in + "." + name); };
        const QString unlike =
            QStringLiteral("SELECT count(*) FROM (SELECT * FROM main.%1 EXCEPT SELECT * FROM %2.%1)").arg(name, other);
        // Every table has a key: as many rows, and none that the other lacks, is the same.
        if (count(QStringLiteral("main")) != count(other) || db.value(unlike) != QLatin1String("0"))
            differing.emplace_back(table.name);
    }
    return differing;
}

} // namespace bh
