#include "record/copies/exchange.h"

#include "files/flights/flight_csv.h"
#include "files/text/csv_text.h"
#include "files/text/file_text.h"
#include "files/text/json_in.h"
#include "record/attachments.h"
#include "record/chain/bodies.h"
#include "record/chain/projection.h"
#include "record/chain/seals.h"
#include "record/chain/station_key.h"
#include "record/copies/server_copy.h"
#include "record/file/database.h"
#include "record/file/record_files.h"
#include "record/file/schema.h"
#include "record/record.h"

#include <QDateTime>
#include <fstream>
#include <map>
#include <nlohmann/json.hpp>

namespace bh {
namespace {

namespace fs = std::filesystem;
using OrderedJson = nlohmann::ordered_json;

OrderedJson entry_json(const Entry& e)
{
    return {{"seq", e.seq},
            {"at", e.at},
            {"who", e.who},
            {"kind", e.kind},
            {"subject", e.subject},
            {"supersedes", e.supersedes},
            {"why", e.why},
            {"body", e.body},
            {"previous_hash", e.previous_hash},
            {"hash", e.hash},
            {"signature", e.signature}};
}

Entry entry_at(const JsonIn& in)
{
    Entry e;
    e.seq = in.at("seq").count();
    e.at = in.at("at").time();
    e.who = in.text("who");
    e.kind = in.text("kind");
    e.subject = in.text("subject");
    e.supersedes = in.at("supersedes").count();
    e.why = in.text("why");
    e.body = in.text("body");
    e.previous_hash = in.text("previous_hash");
    e.hash = in.text("hash");
    e.signature = in.text("signature", "");
    return e;
}

/// The keys to people's names, by person.
OrderedJson person_keys_json(const Database& db, int version)
{
    constexpr int with_keys = 12;
    OrderedJson keys = OrderedJson::object();
    if (version < with_keys) return keys;
    QSqlQuery rows = db.run("SELECT person, key FROM person_keys ORDER BY person");
    while (rows.next()) keys[rows.value(0).toString().toStdString()] = rows.value(1).toString().toStdString();
    return keys;
}

struct Exported {
    std::vector<Entry> entries;
    std::map<std::string, std::string> person_keys;
};
Result<Exported> exported_in(const JsonIn& in)
{
    Exported all;
    for (const JsonIn& one : in.at("entries").items()) all.entries.push_back(entry_at(one));
    if (!in.has("person_keys")) return all;
    const JsonIn keys = in.at("person_keys");
    if (!keys.value().is_object()) keys.fault("expected an object");
    for (const auto& [person, key] : keys.value().items()) all.person_keys[person] = keys.text(person.c_str());
    return all;
}

/// Columns of a query as CSV; those whose name begins with "at_", UTC times.
Result<void> write_csv(const Database& db, const fs::path& file, const QString& sql, const std::vector<std::string>& names)
{
    std::string text;
    for (const std::string& name : names) text += (text.empty() ? "" : ",") + name;
    text += "\n";
    QSqlQuery rows = db.run(sql);
    while (rows.next()) {
        for (int i = 0; i < static_cast<int>(names.size()); ++i) {
            const bool time = names[static_cast<std::size_t>(i)].ends_with("_utc") && !rows.value(i).isNull();
            text += i > 0 ? "," : "";
            text += time ? QDateTime::fromSecsSinceEpoch(rows.value(i).toLongLong(), Qt::UTC).toString(Qt::ISODate).toStdString()
                         : csv_field(rows.value(i).toString().toStdString());
        }
        text += "\n";
    }
    return write_whole(file, text, true);
}

/// What stands of pilots and sessions, for a query: worked out of the entries beside the record, and gone with the connection.
void work_out_tables(const Database& db, int version)
{
    db.run("CREATE TEMP TABLE pilots (id TEXT PRIMARY KEY, name, curriculum, target_h, archived, stick_mode)");
    db.run(
        "CREATE TEMP TABLE sessions (id TEXT PRIMARY KEY, pilot_id, started_at, ended_at, active_s, idle_s, recording, matched,"
        " simulator, by_hand)");
    constexpr int with_keys = 12;
    const PersonKeys keys =
        version < with_keys ? PersonKeys([](const std::string&) { return std::string(); }) : all_person_keys_in(db);
    QSqlQuery rows = db.run("SELECT * FROM entries WHERE kind IN ('pilot', 'session', 'erased') ORDER BY seq");
    while (rows.next()) {
        Entry e = entry_from(rows);
        e.body = body_to_read(e, keys);
        if (const auto pilot = e.kind == "pilot" ? pilot_in(e) : Result<Pilot>(bad_input("")))
            db.run("INSERT OR REPLACE INTO pilots VALUES (?,?,?,?,?,?)", e.subject, pilot->name, pilot->curriculum,
                   pilot->target_h, pilot->archived, pilot->stick_mode);
        if (const auto s = e.kind == "session" ? session_in(e) : Result<Session>(bad_input("")))
            db.run("INSERT OR REPLACE INTO sessions VALUES (?,?,?,?,?,?,?,?,?,?)", e.subject, s->pilot_id, s->started_at,
                   s->ended_at > 0 ? bound(s->ended_at) : QVariant(), s->active_s, s->idle_s, s->recording, s->matched,
                   s->simulator, s->by_hand);
        if (e.kind == "erased")
            db.run("UPDATE pilots SET name = ?, archived = 1 WHERE id = ?", std::string(erased_name), e.subject);
    }
}

Result<void> copy_whole(const fs::path& from, const fs::path& to)
{
    const auto bytes = FileBytes::open(from);
    if (!bytes) return tl::unexpected(bytes.error());
    if (const auto made = make_own_folder(to.parent_path()); !made) return made;
    return write_whole(to, bytes->text(), true);
}

Result<void> write_attachments(const Attachments& beside, const fs::path& folder, const Attachments::Names& named)
{
    for (const auto& [hash, who] : named.logs) {
        const auto file = beside.flight_log_file(hash);
        if (!file) continue; // verification says so
        if (const auto done = copy_whole(*file, folder / "logs" / hash.substr(0, 2) / file->filename()); !done) return done;
        const auto log = beside.flight_log(hash);
        if (!log) continue;
        if (const auto made = make_own_folder(folder / "flights"); !made) return made;
        if (const auto done = write_whole(folder / "flights" / (hash + ".csv"), flight_csv(*log), true); !done) return done;
    }
    for (const auto& [name, who] : named.sticks) {
        const auto file = beside.stick_recording(name);
        std::error_code error;
        if (!file || !fs::is_regular_file(*file, error)) continue;
        if (const auto done = copy_whole(*file, folder / "sticks" / name); !done) return done;
    }
    return {};
}

} // namespace

Result<Head> export_record(const RecordPlace& place, const fs::path& folder, const fs::path& read_logs_also_from)
{
    if (place.on_server()) return with_copy_of(place, [&](const fs::path& copy) { return export_record(copy, folder); });
    const fs::path& record = place.file;
    std::error_code error;
    if (fs::exists(folder, error)) return bad_input("%1: is there already, expected a new folder", folder.string());
    if (const auto is_one = head_of(record); !is_one) return tl::unexpected(is_one.error());
    if (const auto made = make_own_folder(folder); !made) return tl::unexpected(made.error());
    Head head;
    try {
        const Database db(record, true);
        const Transaction snapshot(db, Transaction::Kind::Read);
        const int version = version_of(db);
        std::ofstream out(folder / "record.json.part", std::ios::binary);
        out << "{\"format\":\"bluehangar.record/1\",\"version\":" << version << ",\"entries\":[";
        QSqlQuery rows = db.run("SELECT * FROM entries ORDER BY seq");
        while (rows.next()) {
            const Entry entry = entry_from(rows);
            out << (head.count == 0 ? "\n" : ",\n")
                << entry_json(entry).dump(-1, ' ', false, OrderedJson::error_handler_t::replace);
            head = {entry.seq, entry.hash};
        }
        rows.finish();
        out << "\n],\"person_keys\":" << person_keys_json(db, version).dump() << "}\n";
        out.close();
        if (!out) return bad_input("%1: cannot be written", (folder / "record.json").string());
        fs::rename(folder / "record.json.part", folder / "record.json");
        work_out_tables(db, version);
        for (const auto& done :
             {write_csv(db, folder / "pilots.csv",
                        "SELECT id, name, curriculum, target_h, archived, stick_mode FROM pilots ORDER BY name",
                        {"id", "name", "curriculum", "target_h", "archived", "stick_mode"}),
              write_csv(db, folder / "sessions.csv",
                        "SELECT s.id, s.pilot_id, p.name, s.started_at, s.ended_at, s.active_s, s.idle_s, s.recording, "
                        "s.matched, s.simulator, s.by_hand"
                        " FROM sessions s JOIN pilots p ON p.id = s.pilot_id ORDER BY s.started_at",
                        {"id", "pilot_id", "pilot", "started_utc", "ended_utc", "active_s", "idle_s", "recording", "matched",
                         "simulator", "by_hand"}),
              write_csv(db, folder / "attempts.csv",
                        "SELECT a.id, a.pilot_id, p.name, a.session_id, a.drill_id, a.drill_version, a.at, a.mode, a.score,"
                        " a.passed, a.holds, a.flown_s, a.log_hash, a.world FROM attempts a JOIN pilots p ON p.id = a.pilot_id "
                        "ORDER BY a.at",
                        {"id", "pilot_id", "pilot", "session_id", "drill_id", "drill_version", "at_utc", "mode", "score",
                         "passed", "holds", "flown_s", "log_hash", "world"}),
              write_attachments(Attachments(record, read_logs_also_from), folder, names_in(db, "main", version))})
            if (!done) return tl::unexpected(done.error());
    } catch (const StoreFailure& why) {
        return bad_input("%1: cannot be exported: %2", record.string(), why.message());
    }
    return head;
}

Result<VerifyReport> import_record(const fs::path& folder, const fs::path& record)
{
    if (const auto free = is_free_for_record(record); !free) return tl::unexpected(free.error());
    const fs::path source = folder / "record.json";
    const auto bytes = FileBytes::open(source);
    if (!bytes) return tl::unexpected(bytes.error());
    const auto exported = read_document<Exported>(bytes->text(), source.string(), "record", exported_in);
    if (!exported) return tl::unexpected(exported.error());
    const std::vector<Entry>& entries = exported->entries;
    const Workplace work(record.string() + ".importing");
    if (const auto made = make_own_folder(work.folder()); !made) return tl::unexpected(made.error());
    const fs::path made_here = work.folder() / "record.sqlite";
    const auto refused = [&](const Message& why) { return bad_input("%1: %2", source.string(), why); };
    try {
        const Database db(made_here, false);
        migrate_to(db, made_here, Record::schema_version);
        Transaction all_or_none(db);
        std::string previous;
        std::int64_t seq = 0;
        for (const auto& [person, key] : exported->person_keys) db.run("INSERT INTO person_keys VALUES (?,?)", person, key);
        for (const Entry& e : entries) {
            if (e.seq != ++seq || e.previous_hash != previous || entry_hash(e) != e.hash)
                return refused(message("entry %1 is not as its hash says, expected a whole export", seq));
            previous = e.hash;
            insert_entry(db, e);
            static_cast<void>(add_attempt_as_understood(db, e)); // what came so is kept so
        }
        all_or_none.commit();
    } catch (const StoreFailure& why) {
        return refused(message("cannot be made a record: %1", why.message()));
    }
    std::error_code error;
    for (const auto& [from, to] : {std::pair{"logs", ".logs"}, {"sticks", ".sticks"}})
        for (fs::recursive_directory_iterator at(folder / from, error), end; !error && at != end; at.increment(error))
            if (at->is_regular_file())
                if (const auto done =
                        copy_whole(at->path(), fs::path(made_here.string() + to) / fs::relative(at->path(), folder / from));
                    !done)
                    return tl::unexpected(done.error());
    VerifyOptions options;
    options.also_stand = own_key(usual_station_folder());
    if (!entries.empty()) options.head = Head{entries.back().seq, entries.back().hash};
    auto report = verify_record(made_here, options);
    if (!report) return refused(report.error().english);
    fs::permissions(made_here, fs::perms::owner_read | fs::perms::owner_write, error);
    if (const auto flushed = flush_file(made_here); !flushed) return refused(flushed.error().english);
    if (const auto moved = move_record(made_here, record); !moved) return tl::unexpected(moved.error());
    return report;
}

} // namespace bh
