#include "record/projection.h"

#include "record/bodies.h"
#include "record/older_words.h"
#include "record/record.h"

#include <QCryptographicHash>
#include <QSqlRecord>
#include <array>
#include <nlohmann/json.hpp>

namespace bh {
namespace {

using Json = nlohmann::json;

QVariant id_or_null(const std::string& id) { return id.empty() ? QVariant() : bound(id); }

struct Table {
    const char* name;
    int since_version;
};
constexpr std::array<Table, 16> tables{{{"pilots", 2},
                                        {"controllers", 2},
                                        {"calibrations", 2},
                                        {"sessions", 3},
                                        {"attempts", 3},
                                        {"criteria", 3},
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
    db.run(
        "INSERT INTO pilots (id, name, curriculum, target_h, archived, entry) VALUES (?,?,?,?,?,?) ON CONFLICT (id) DO UPDATE "
        "SET name = excluded.name,"
        " curriculum = excluded.curriculum, target_h = excluded.target_h, archived = excluded.archived, entry = excluded.entry",
        e.subject, b.at("name").get<std::string>(), b.at("curriculum").get<std::string>(), b.at("target_h").get<double>(),
        b.at("archived").get<bool>(), e.seq);
    if (version >= 4) db.run("UPDATE pilots SET stick_mode = ? WHERE id = ?", b.value("stick_mode", 2), e.subject);
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
        db.run("INSERT INTO verifications VALUES (?,?,?) ON CONFLICT (calibration_id) DO UPDATE SET at = excluded.at, entry = "
               "excluded.entry",
               b.at("calibration_id").get<std::string>(), e.at, e.seq);
    if (e.kind == "kit")
        db.run("INSERT INTO kit_ticks VALUES (?,?,?,?,?) ON CONFLICT (pilot_id, item) DO UPDATE SET at = excluded.at,"
               " ticked = excluded.ticked, entry = excluded.entry",
               b.at("pilot_id").get<std::string>(), b.at("item").get<std::string>(), e.at, b.at("ticked").get<bool>(), e.seq);
    if (e.kind == "grip_round")
        db.run("INSERT INTO grip_rounds VALUES (?,?,?,?,?,?,?,?)", e.subject, b.at("pilot_id").get<std::string>(), e.at,
               b.at("grip").get<std::string>(), b.at("throughput_bps").get<double>(), b.at("mean_time_s").get<double>(),
               b.at("taps").get<int>(), e.seq);
    if (e.kind == "simulator") apply_document(db, e, b, QStringLiteral("simulators"), QStringLiteral("id"));
}

void apply_session(const Database& db, const Entry& e, const Json& b, int version)
{
    const QVariant ended = b.contains("ended_at") ? bound(b["ended_at"].get<std::int64_t>()) : QVariant();
    db.run("INSERT INTO sessions (id, pilot_id, controller_id, started_at, ended_at, active_s, idle_s, entry) VALUES "
           "(?,?,?,?,?,?,?,?) ON CONFLICT (id) DO UPDATE SET ended_at = excluded.ended_at,"
           " active_s = excluded.active_s, idle_s = excluded.idle_s, entry = excluded.entry",
           e.subject, b.at("pilot_id").get<std::string>(), id_or_null(b.at("controller_id").get<std::string>()),
           b.at("started_at").get<std::int64_t>(), ended, b.at("active_s").get<double>(), b.at("idle_s").get<double>(), e.seq);
    if (version >= 5) db.run("UPDATE sessions SET recording = ? WHERE id = ?", b.value("recording", std::string()), e.subject);
    if (version >= 8) db.run("UPDATE sessions SET matched = ? WHERE id = ?", b.value("matched", false), e.subject);
}

QVariant number_or_null(const std::optional<double>& value) { return value ? bound(*value) : QVariant(); }

void apply_criterion(const Database& db, const std::string& attempt_id, int position, const CriterionRow& c)
{
    const auto limit = [&](double Limits::*which) { return c.below ? bound((*c.below).*which) : QVariant(); };
    db.run("INSERT INTO criteria (attempt_id, position, label, unit, value, fail, pass, merit, marks, must, below_fail, "
           "below_pass, below_merit,"
           " from_s, to_s, measure, side, weight, if_any, to_hold) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?)",
           attempt_id, position, c.label, std::string(unit_key(c.unit)), number_or_null(c.value), c.fail, c.pass, c.merit,
           c.marks, c.must, limit(&Limits::fail), limit(&Limits::pass), limit(&Limits::merit),
           c.span ? bound(c.span->from_s) : QVariant(), c.span ? bound(c.span->to_s) : QVariant(),
           std::string(c.measure ? measure_key(*c.measure) : ""), std::string(c.side ? side_key(*c.side) : ""), c.weight,
           c.if_any, c.to_hold);
}

void apply_attempt(const Database& db, const Entry& e, int version)
{
    if (version < Record::schema_version) return; // the tables of an older record are remade when it is brought up to date
    const auto attempt = attempt_in(e);
    if (!attempt) throw StoreFailure(attempt.error().message);
    const JudgedAttempt& a = *attempt;
    const AttemptRow::InWords words = a.in_words.value_or(AttemptRow::InWords{});
    db.run("INSERT INTO attempts (id, pilot_id, session_id, drill_id, drill_version, at, mode, score, passed, flown_s, summary, "
           "log_hash, entry,"
           " flown_with, curriculum, curriculum_version, observed, demonstration, left_minus_right, simulator, details, in_words,"
           " holds) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?)",
           a.id, a.pilot_id, a.session_id, a.drill_id, a.drill_version, a.at, std::string(mode_key(a.mode)), a.score, a.passed,
           a.flown_s, words.summary, a.log_hash, e.seq, words.flown_with, a.curriculum, a.curriculum_version,
           a.in_words ? words.simulator : std::string(a.observed ? "1" : ""), a.demonstration, number_or_null(a.left_minus_right),
           a.simulator, details_json(a), a.in_words.has_value(), a.holds);
    int position = 0;
    for (const CriterionRow& c : a.criteria) apply_criterion(db, a.id, position++, c);
    position = 0;
    for (const double cut_s : a.throttle_cuts_s) db.run("INSERT INTO throttle_cuts VALUES (?,?,?)", a.id, position++, cut_s);
}

/// Stages opened by hand, edited documents, demonstrations: an entry without its text or attempt takes the earlier one back.
void apply_ladder(const Database& db, const Entry& e, const Json& b)
{
    if (e.kind == "stage") {
        const auto pilot = b.at("pilot_id").get<std::string>(), curriculum = b.at("curriculum").get<std::string>(),
                   stage = b.at("stage").get<std::string>();
        db.run("DELETE FROM stage_openings WHERE pilot_id = ? AND curriculum = ? AND stage = ?", pilot, curriculum, stage);
        if (b.at("open").get<bool>())
            db.run("INSERT INTO stage_openings VALUES (?,?,?,?,?,?)", pilot, curriculum, stage, e.why, e.at, e.seq);
    }
    if (e.kind == "document") {
        const auto kind = b.at("kind").get<std::string>(), id = b.at("id").get<std::string>();
        db.run("DELETE FROM documents WHERE kind = ? AND id = ?", kind, id);
        if (!b.at("document").is_null())
            db.run("INSERT INTO documents VALUES (?,?,?,?,?)", kind, id, e.at, b["document"].get<std::string>(), e.seq);
    }
    if (e.kind == "demonstration") {
        db.run("DELETE FROM demonstrations WHERE drill_id = ?", b.at("drill_id").get<std::string>());
        if (const auto attempt = b.at("attempt_id").get<std::string>(); !attempt.empty())
            db.run("INSERT INTO demonstrations VALUES (?,?,?,?)", b["drill_id"].get<std::string>(), attempt, e.at, e.seq);
    }
}

} // namespace

Entry entry_from(const QSqlQuery& row)
{
    const auto text = [&row](int column) { return row.value(column).toString().toStdString(); };
    return {row.value(0).toLongLong(),
            row.value(1).toLongLong(),
            text(2),
            text(3),
            text(4),
            row.value(5).toLongLong(),
            text(6),
            text(7),
            text(8),
            text(9)};
}

void apply_entry(const Database& db, const Entry& e, int version)
try {
    const Json b = Json::parse(in_todays_words(e.kind, e.body));
    if (version >= 2) {
        if (e.kind == "pilot") apply_pilot(db, e, b, version);
        if (e.kind == "controller")
            db.run("INSERT INTO controllers VALUES (?,?,?,?)", e.subject, b.at("name").get<std::string>(),
                   b.at("guid").get<std::string>(), e.seq);
        if (e.kind == "calibration")
            db.run("INSERT INTO calibrations VALUES (?,?,?,?,?)", e.subject, b.at("controller_id").get<std::string>(), e.at,
                   b.at("document").dump(), e.seq);
    }
    if (version >= 3 && e.kind == "session") apply_session(db, e, b, version);
    if (e.kind == "attempt") apply_attempt(db, e, version);
    if (version >= 4) apply_first_hour(db, e, b);
    if (version >= 6 && e.kind == "aircraft") apply_document(db, e, b, QStringLiteral("aircraft"), QStringLiteral("id"));
    if (version >= 6 && e.kind == "setup") apply_document(db, e, b, QStringLiteral("setups"), QStringLiteral("pilot_id"));
    if (version >= 7) apply_ladder(db, e, b);
} catch (const Json::exception& why) {
    throw StoreFailure("entry " + std::to_string(e.seq) + " (" + e.kind + ") cannot be understood: " + why.what());
}

void remake_tables(const Database& db, int version)
{
    for (auto table = tables.rbegin(); table != tables.rend(); ++table) // children before parents
        if (table->since_version <= version) db.run(QStringLiteral("DELETE FROM %1").arg(table->name));
    QSqlQuery rows = db.run("SELECT * FROM entries ORDER BY seq");
    while (rows.next()) apply_entry(db, entry_from(rows), version);
}

std::string tables_digest(const Database& db, int version)
{
    QCryptographicHash hash(QCryptographicHash::Sha256);
    for (const Table& table : tables) {
        if (table.since_version > version) continue;
        QSqlQuery rows = db.run(QStringLiteral("SELECT * FROM %1 ORDER BY 1, 2, 3").arg(table.name));
        while (rows.next())
            for (int column = 0; column < rows.record().count(); ++column)
                hash.addData(rows.value(column).toString().toUtf8() + '\x1f');
    }
    return hash.result().toHex().toStdString();
}

} // namespace bh
