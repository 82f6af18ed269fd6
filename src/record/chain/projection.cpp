#include "record/chain/projection.h"

#include "files/text/json_text.h"
#include "record/chain/bodies.h"
#include "record/chain/older_words.h"
#include "record/chain/seals.h"
#include "record/file/failures.h"

#include <QSqlRecord>
#include <map>
#include <nlohmann/json.hpp>
#include <set>
#include <unordered_map>

namespace bh {
namespace {

using Json = nlohmann::json;

QVariant number_or_null(const std::optional<double>& value) { return value ? bound(*value) : QVariant(); }

} // namespace

AttemptColumns attempt_columns(const Entry& e)
{
    const auto attempt = attempt_row_in(e);
    if (!attempt) throw StoreFailure(attempt.error().message);
    const Attempt& a = *attempt;
    const Attempt::InWords words = a.in_words.value_or(Attempt::InWords{});
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
             bound(a.found),
             bound(Json(a.throttle_cuts_s).dump())}};
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

void add_attempt(const Database& db, const Entry& e)
{
    if (e.kind != "attempt") return;
    const auto& v = attempt_columns(e).values;
    db.write(
        "INSERT INTO attempts (id, pilot_id, session_id, drill_id, drill_version, at, mode, score, passed, flown_s, summary, "
        "log_hash, entry, flown_with, curriculum, curriculum_version, observed, demonstration, left_minus_right, simulator, "
        "in_words, holds, world, found, cuts) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?)",
        v[0], v[1], v[2], v[3], v[4], v[5], v[6], v[7], v[8], v[9], v[10], v[11], v[12], v[13], v[14], v[15], v[16], v[17], v[18],
        v[19], v[20], v[21], v[22], v[23], v[24]);
}

std::optional<Message> add_attempt_as_understood(const Database& db, const Entry& e)
try {
    add_attempt(db, e);
    return std::nullopt;
} catch (const StoreFailure& why) {
    return why.message();
}

void remake_attempts(const Database& db)
{
    db.run("DELETE FROM attempts");
    QSqlQuery rows = db.run("SELECT * FROM entries WHERE kind = 'attempt' ORDER BY seq");
    while (rows.next()) static_cast<void>(add_attempt_as_understood(db, entry_from(rows))); // verification tells of those
}

Attachments::Names names_in(const Database& db, const QString& of, int version)
{
    constexpr int with_attempts = 3, with_recordings = 5, with_demonstrations = 7, with_erased = 12;
    Attachments::Names names;
    std::set<std::string> erased;
    if (version >= with_erased) {
        QSqlQuery rows = db.run(QStringLiteral("SELECT subject FROM %1.entries WHERE kind = 'erased'").arg(of));
        while (rows.next()) erased.insert(rows.value(0).toString().toStdString());
    }
    const auto add = [&](std::map<std::string, std::string>& to, const std::string& name, const std::string& who,
                         const std::string& pilot) {
        if (name.empty()) return;
        to.emplace(name, who);
        if (erased.contains(pilot)) names.of_erased.insert(name);
    };
    for (const auto& [column, since] : {std::pair{"log_hash", with_attempts}, {"demonstration", with_demonstrations}}) {
        if (version < since) continue;
        QSqlQuery rows =
            db.run(QStringLiteral("SELECT id, %1, pilot_id FROM %2.attempts WHERE %1 <> ''").arg(QLatin1String(column), of));
        while (rows.next())
            add(names.logs, rows.value(1).toString().toStdString(), "attempt " + rows.value(0).toString().toStdString(),
                rows.value(2).toString().toStdString());
    }
    if (version < with_recordings) return names;
    QSqlQuery rows = db.run(QStringLiteral("SELECT subject, body FROM %1.entries WHERE kind = 'session'").arg(of));
    while (rows.next()) {
        const std::string body = rows.value(1).toString().toStdString();
        const Json says = is_shallow_json(body) ? Json::parse(body, nullptr, false) : Json();
        const auto text = [&says](const char* key) {
            return says.is_object() && says.contains(key) && says[key].is_string() ? says[key].get<std::string>() : std::string();
        };
        add(names.sticks, text("recording"), "session " + rows.value(0).toString().toStdString(), text("pilot_id"));
    }
    return names;
}

bool attempts_differ(const Database& db, const QString& other)
{
    // They have a key: as many rows, and none that the other lacks, is the same.
    const auto count = [&](const QString& in) { return db.value("SELECT count(*) FROM " + in + ".attempts"); };
    return count(QStringLiteral("main")) != count(other) ||
           db.value("SELECT count(*) FROM (SELECT * FROM main.attempts EXCEPT SELECT * FROM " + other + ".attempts)") !=
               QLatin1String("0");
}

} // namespace bh
