#include "record/projection.h"

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
    if (e.kind == "simulator")
        db.run("INSERT INTO simulators VALUES (?,?,?,?) ON CONFLICT (id) DO UPDATE SET at = excluded.at, document = "
               "excluded.document,"
               " entry = excluded.entry",
               e.subject, e.at, b.at("document").dump(), e.seq);
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

void apply_set_up(const Database& db, const Entry& e, const Json& b)
{
    if (e.kind == "aircraft")
        db.run("INSERT INTO aircraft VALUES (?,?,?,?) ON CONFLICT (id) DO UPDATE SET at = excluded.at, document = "
               "excluded.document, entry = excluded.entry",
               e.subject, e.at, b.at("document").dump(), e.seq);
    if (e.kind == "setup")
        db.run("INSERT INTO setups VALUES (?,?,?,?) ON CONFLICT (pilot_id) DO UPDATE SET at = excluded.at, document = "
               "excluded.document, entry = excluded.entry",
               e.subject, e.at, b.at("document").dump(), e.seq);
}

void apply_criterion_details(const Database& db, const Entry& e, const Json& c, int position)
{
    if (c.contains("below"))
        db.run("UPDATE criteria SET below_fail = ?, below_pass = ?, below_merit = ? WHERE attempt_id = ? AND position = ?",
               c["below"].at(0).get<double>(), c["below"].at(1).get<double>(), c["below"].at(2).get<double>(), e.subject,
               position);
    if (c.contains("span_s"))
        db.run("UPDATE criteria SET from_s = ?, to_s = ? WHERE attempt_id = ? AND position = ?", c["span_s"].at(0).get<double>(),
               c["span_s"].at(1).get<double>(), e.subject, position);
}

void apply_attempt(const Database& db, const Entry& e, const Json& b, int version)
{
    db.run("INSERT INTO attempts (id, pilot_id, session_id, drill_id, drill_version, at, mode, score, passed, flown_s, summary, "
           "log_hash, entry) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?)",
           e.subject, b.at("pilot_id").get<std::string>(), b.at("session_id").get<std::string>(),
           b.at("drill_id").get<std::string>(), b.at("drill_version").get<int>(), b.at("at").get<std::int64_t>(),
           b.at("mode").get<std::string>(), b.at("score").get<double>(), b.at("passed").get<bool>(),
           b.at("flown_s").get<double>(), b.at("summary").get<std::string>(), b.at("log_hash").get<std::string>(), e.seq);
    if (version >= 6 && b.contains("flown_with"))
        db.run("UPDATE attempts SET flown_with = ? WHERE id = ?", b["flown_with"].get<std::string>(), e.subject);
    int position = 0;
    for (const Json& c : b.at("criteria")) {
        db.run("INSERT INTO criteria (attempt_id, position, label, unit, value, fail, pass, merit, marks, must) VALUES "
               "(?,?,?,?,?,?,?,?,?,?)",
               e.subject, position, c.at("label").get<std::string>(), c.at("unit").get<std::string>(),
               c.at("value").is_null() ? QVariant() : bound(c["value"].get<double>()), c.at("fail").get<double>(),
               c.at("pass").get<double>(), c.at("merit").get<double>(), c.at("marks").get<double>(), c.at("must").get<bool>());
        if (version >= 7) apply_criterion_details(db, e, c, position);
        ++position;
    }
    if (version < 7) return;
    const Json side = b.value("left_minus_right", Json(nullptr));
    db.run("UPDATE attempts SET curriculum = ?, curriculum_version = ?, observed = ?, demonstration = ?, left_minus_right = ? "
           "WHERE id = ?",
           b.value("curriculum", std::string()), b.value("curriculum_version", 0), b.value("observed", std::string()),
           b.value("demonstration", std::string()), side.is_null() ? QVariant() : bound(side.get<double>()), e.subject);
    position = 0;
    for (const Json& cut : b.value("throttle_cuts_s", Json::array()))
        db.run("INSERT INTO throttle_cuts VALUES (?,?,?)", e.subject, position++, cut.get<double>());
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

std::string entry_hash(const Entry& e)
{
    const Json fields = Json::array({e.previous_hash, e.seq, e.at, e.who, e.kind, e.subject, e.supersedes, e.why, e.body});
    const std::string text = fields.dump(-1, ' ', false, Json::error_handler_t::replace);
    return QCryptographicHash::hash(QByteArray::fromStdString(text), QCryptographicHash::Sha256).toHex().toStdString();
}

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
{
    const Json b = Json::parse(e.body);
    if (version >= 2) {
        if (e.kind == "pilot") apply_pilot(db, e, b, version);
        if (e.kind == "controller")
            db.run("INSERT INTO controllers VALUES (?,?,?,?)", e.subject, b.at("name").get<std::string>(),
                   b.at("guid").get<std::string>(), e.seq);
        if (e.kind == "calibration")
            db.run("INSERT INTO calibrations VALUES (?,?,?,?,?)", e.subject, b.at("controller_id").get<std::string>(), e.at,
                   b.at("document").dump(), e.seq);
    }
    if (version >= 3) {
        if (e.kind == "session") apply_session(db, e, b, version);
        if (e.kind == "attempt") apply_attempt(db, e, b, version);
    }
    if (version >= 4) apply_first_hour(db, e, b);
    if (version >= 6) apply_set_up(db, e, b);
    if (version >= 7) apply_ladder(db, e, b);
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
