#include "record/copies/verify.h"

#include "files/text/file_text.h"
#include "record/attachments.h"
#include "record/chain/bodies.h"
#include "record/chain/chain_check.h"
#include "record/chain/entry_rules.h"
#include "record/chain/known_heads.h"
#include "record/chain/projection.h"
#include "record/chain/seals.h"
#include "record/chain/station_key.h"
#include "record/copies/server_copy.h"
#include "record/file/database.h"
#include "record/file/presence.h"
#include "record/file/schema.h"
#include "record/record.h"
#include "record/server/postgres_schema.h"
#include "record/server/server_logins.h"
#include "record/server/waiting.h"

#include <algorithm>
#include <iterator>
#include <map>
#include <set>
#include <utility>

namespace bh {
namespace {

QString text_of(const QSqlQuery& row, int column) { return row.value(column).toString(); }

/// What a database is made of: name of each table, index, trigger and view, with the words that made it.
std::map<std::string, std::string> schema_of(const Database& database, const QString& of)
{
    std::map<std::string, std::string> parts;
    QSqlQuery rows = database.run("SELECT type, name, sql FROM " + of +
                                  ".sqlite_master WHERE sql IS NOT NULL AND name NOT LIKE "
                                  "'sqlite\\_stat%' ESCAPE '\\'");
    while (rows.next())
        parts[(text_of(rows, 0) + " '" + text_of(rows, 1) + "'").simplified().left(120).toStdString()] =
            text_of(rows, 2).simplified().toStdString();
    return parts;
}

constexpr std::string_view is_missing = label("%1 is missing from the file");
constexpr std::string_view is_another = label("%1 is not as this program makes it");
/// What is in the file beside our own does no harm.
constexpr std::string_view is_not_ours = label("%1 is not this program's");

std::vector<Message> schema_problems(const std::map<std::string, std::string>& found,
                                     const std::map<std::string, std::string>& wanted)
{
    std::vector<Message> problems;
    for (const auto& [name, words] : wanted)
        if (const auto there = found.find(name); there == found.end())
            problems.push_back(message(is_missing, name));
        else if (there->second != words)
            problems.push_back(message(is_another, name));
    for (const auto& [name, words] : found)
        if (!wanted.contains(name)) problems.push_back(message(is_not_ours, name));
    return problems;
}

constexpr std::string_view seen_here = label("what this station saw last");

/// People's names that are sealed, and those that an entry says were erased.
class SealedNames {
public:
    void add(const Entry& e, const PersonKeys& keys)
    {
        if (e.kind == "erased") erased_.insert(e.subject);
        if (!has_sealed_name(e.kind) || !name_is_sealed(e.body)) return;
        sealed_.insert(e.subject);
        const std::string key = keys(e.subject);
        if (!key.empty() && with_open_name(e.body, key) == with_open_name(e.body, {})) unopened_.insert(e.subject);
    }
    void check(const Database& db, std::vector<Message>& problems) const
    {
        std::set<std::string> keys;
        QSqlQuery rows = db.run("SELECT person FROM kept.person_keys");
        while (rows.next()) keys.insert(text_of(rows, 0).toStdString());
        for (const std::string& person : sealed_)
            if (!keys.contains(person) && !erased_.contains(person))
                problems.push_back(message("the key to the name of %1 is missing, and no entry says that it was erased", person));
        for (const std::string& person : unopened_)
            problems.push_back(message("the key to the name of %1 does not open it", person));
        for (const std::string& person : erased_)
            if (keys.contains(person))
                problems.push_back(message("%1 was erased, but the key to the name is still there", person));
    }

private:
    std::set<std::string> sealed_, erased_, unopened_;
};

/// The file attached, to be read only, beside a database in memory that has the schema which the file should have.
struct Opened {
    std::unique_ptr<Database> database;
    int version = 0;
};
Opened open_beside_memory(const std::filesystem::path& file)
{
    std::error_code error;
    const auto log_size = std::filesystem::file_size(file.string() + "-wal", error);
    const bool at_rest = error || log_size == 0; // nobody writes: leave nothing beside it
    Opened opened{Database::in_memory()};
    opened.database->run("ATTACH ? AS kept", read_only_uri(file, at_rest));
    opened.version = opened.database->value("PRAGMA kept.user_version").toInt();
    return opened;
}

Result<void> is_record(const Opened& opened, const std::filesystem::path& file)
{
    if (opened.database->value("PRAGMA kept.application_id").toInt() != record_application_id)
        return bad_input("%1: is not a training record", file.string());
    if (opened.version > Record::schema_version)
        return failure(Error::Code::Unsupported, "%1: was written by a newer version (%2, this one knows up to %3)",
                       file.string(), opened.version, Record::schema_version);
    return {};
}

/// Opens, and refuses what is no record in a sentence.
Result<Opened> opened_to_read(const std::filesystem::path& file)
{
    if (const auto possible = is_possible_path(file); !possible) return tl::unexpected(possible.error());
    std::error_code error;
    const auto status = std::filesystem::status(file, error);
    if (!std::filesystem::exists(status)) return failure(Error::Code::NotFound, "%1: there is no such record", file.string());
    if (!std::filesystem::is_regular_file(status))
        return bad_input("%1: is not a file, expected a training record", file.string());
    try {
        Opened opened = open_beside_memory(file);
        if (const auto good = is_record(opened, file); !good) return tl::unexpected(good.error());
        return opened;
    } catch (const StoreFailure& why) {
        return bad_input("%1: is not a training record, or cannot be read: %2", file.string(), why.message());
    }
}

/// Signatures of the times that running sessions have noted.
void check_session_times(const Database& db, const std::vector<std::string>& keys, std::vector<Message>& problems,
                         std::vector<Message>& remarks)
{
    int with_commas = 0;
    QSqlQuery rows = db.run("SELECT session_id, active_s, idle_s, at, signature FROM kept.session_times ORDER BY 1");
    while (rows.next()) {
        const NotedTime noted{rows.value(1).toDouble(), rows.value(2).toDouble(), rows.value(3).toLongLong()};
        const std::string id = text_of(rows, 0).toStdString(), signature = text_of(rows, 4).toStdString();
        const auto signed_as = [&](const std::string& text) {
            return std::any_of(keys.begin(), keys.end(),
                               [&](const std::string& key) { return is_signed_by(key, text, signature); });
        };
        if (signed_as(noted_time_text(id, noted))) continue;
        if (signed_as(noted_time_text_with_commas(id, noted)))
            ++with_commas;
        else
            problems.push_back(message("the time noted for session %1 was changed after it was written", id));
    }
    if (with_commas > 0)
        remarks.push_back(
            message("the times noted for %1 running sessions were signed with decimal commas, by an older version", with_commas));
}

/// Asks a record, wherever it lies; `ask` is told the name of its schema.
template <class Ask>
auto asked_of(const RecordPlace& place, Ask ask) -> Result<decltype(ask(std::declval<const Database&>(), QString()))>
{
    try {
        if (place.on_server()) {
            const auto server = Database::on_server(place.server);
            if (servers_version(*server) == 0)
                return failure(Error::Code::NotFound, "%1: there is no record on this server", place.in_words());
            return ask(*server, QStringLiteral("hangar"));
        }
        const auto opened = opened_to_read(place.file);
        if (!opened) return tl::unexpected(opened.error());
        return ask(*opened->database, QStringLiteral("kept"));
    } catch (const StoreFailure& why) {
        return bad_input("%1: cannot be read: %2", place.in_words(), why.message());
    }
}

std::vector<std::string> keys_among(const Database& db, const QString& of)
{
    std::vector<std::string> keys;
    QSqlQuery rows = db.run("SELECT * FROM " + of + ".entries WHERE kind = 'key' ORDER BY seq");
    while (rows.next())
        if (const auto key = station_key_in(entry_from(rows))) keys.push_back(key->public_key);
    return keys;
}

} // namespace

namespace {

/// What this station saw last of it, asked before it is read: a writer may go on.
std::optional<Head> seen_before(const Database& db, const QString& of, const std::filesystem::path& place,
                                const VerifyOptions& options)
{
    if (options.station_folder.empty()) return std::nullopt;
    const QString first = db.value("SELECT hash FROM " + of + ".entries WHERE seq = 1");
    return KnownHeads(options.station_folder).seen(first.toStdString(), place);
}

/// When a record was written to last, by its files.
std::filesystem::file_time_type last_written(const std::filesystem::path& file)
{
    std::error_code error;
    auto newest = std::filesystem::last_write_time(file, error);
    const auto log = std::filesystem::last_write_time(file.string() + "-wal", error);
    if (!error) newest = std::max(newest, log);
    return newest;
}

/// What was looked at in one go, in the snapshot of a file.
struct Looked {
    ChainCheck& chain;
    std::vector<Message> of_file, of_tables, remarks;
    Attachments::Names named;
    std::optional<Head> seen;
};

/// Of each kind that others name: what there was so far.
using KnownSubjects = std::set<std::pair<std::string, std::string>>;

/// What whoever reads the record cannot make anything of.
void tell_of_content(const Entry& entry, const std::optional<Message>& why, KnownSubjects& known, ChainCheck& chain)
{
    if (why) return chain.tell(entry.seq, message("entry %1 cannot be understood: %2", entry.seq, *why));
    for (const CheckedEntry::Named& named : named_in(entry))
        if (!known.contains({named.kind, named.subject}))
            chain.tell(entry.seq, message("entry %1 cannot be understood: %2", entry.seq,
                                          message("\"%1\" names a %2 that is not there", entry.kind, named.kind)));
    if (const bool is_new = known.insert({entry.kind, entry.subject}).second; !is_new && comes_once(entry.kind))
        chain.tell(entry.seq, message("entry %1 cannot be understood: %2", entry.seq,
                                      message("there is a \"%1\" of this name already", entry.kind)));
}

void look_at_file(const Opened& opened, const std::filesystem::path& file, const VerifyOptions& options, KeyBook& book,
                  Looked& looked)
{
    const Database& db = *opened.database;
    const int version = opened.version;
    const bool today = version == Record::schema_version;
    ChainCheck& chain = looked.chain;
    migrate_to(db, {}, version);
    if (!looked.seen) looked.seen = seen_before(db, "kept", file, options);
    const Transaction snapshot(db); // to write into the memory's; the file is attached to be read only
    if (const QString check = db.value("PRAGMA kept.quick_check"); check != "ok")
        looked.of_file.push_back(message("the file is damaged (%1)", check.simplified().left(120).toStdString()));
    for (Message& problem : schema_problems(schema_of(db, "kept"), schema_of(db, "main")))
        looked.of_file.push_back(std::move(problem));
    SealedNames names;
    KnownSubjects known;
    ReleaseCheck releases(book);
    if (today) db.run("INSERT INTO main.person_keys SELECT * FROM kept.person_keys");
    const PersonKeys keys = today ? all_person_keys_in(db) : PersonKeys([](const std::string&) { return std::string(); });
    const QString columns = today ? QString::fromLatin1(entry_columns_in_bytes) : QStringLiteral("*");
    QSqlQuery rows = db.run("SELECT " + columns + " FROM kept.entries ORDER BY seq");
    while (rows.next()) {
        Entry entry = entry_from(rows);
        if (today) {
            tell_of_content(entry, entry.kind == "attempt" ? add_attempt_as_understood(db, entry) : not_understood(entry), known,
                            chain);
        }
        names.add(entry, keys);
        if (entry.kind == "person")
            if (Entry open = entry; true) {
                open.body = body_to_read(entry, keys);
                if (const auto person = person_in(open)) chain.call(person->id, person->name);
            }
        releases.add(entry, chain);
        if (entry.kind == "late")
            if (const std::string problem = late_problem(entry); !problem.empty())
                chain.tell(entry.seq, message("entry %1, handed over late, %2", entry.seq, problem));
        chain.add(std::move(entry));
    }
    rows.finish();
    releases.finish(chain);
    if (today) {
        names.check(db, looked.of_tables);
        if (attempts_differ(db, "kept"))
            looked.of_tables.push_back(message("the table of %1 differs from what the entries say", "attempts"));
        check_session_times(db, options.trusted_keys.empty() ? keys_among(db, "kept") : options.trusted_keys, looked.of_tables,
                            looked.remarks);
    }
    looked.named = names_in(db, "kept", version);
}

/// `seen`: by this station, where that is known already.
Result<VerifyReport> verify_file(const std::filesystem::path& file, const VerifyOptions& options, std::optional<Head> seen = {})
{
    const auto opened = opened_to_read(file);
    if (!opened) return tl::unexpected(opened.error());
    VerifyReport report;
    std::vector<std::string> stand = own_key(options.station_folder);
    stand.insert(stand.end(), options.also_stand.begin(), options.also_stand.end());
    KeyBook book(std::move(stand));
    ChainCheck chain(options, book);
    Looked looked{chain, {}, {}, {}, {}, std::move(seen)};
    try {
        look_at_file(*opened, file, options, book, looked);
    } catch (const StoreFailure& why) {
        looked.of_tables.push_back(message("the file cannot be read to its end: %1", why.message()));
    }
    report.problems = std::move(looked.of_file);
    report.remarks = std::move(looked.remarks);
    for (ChainCheck::Problem& p : chain.finish())
        if (p.known)
            report.known.push_back(message("%1 (known, %2)", std::move(p.message), std::move(*p.known)));
        else
            report.problems.push_back(std::move(p.message));
    std::move(looked.of_tables.begin(), looked.of_tables.end(), std::back_inserter(report.problems));
    report.head = chain.head();
    report.entries = report.head.count;
    if (options.head)
        if (const auto problem = chain.against(*options.head, label("the given head"))) report.problems.push_back(*problem);
    const auto lost = looked.seen ? chain.against(*looked.seen, seen_here) : std::nullopt;
    if (lost) report.problems.push_back(*lost);
    if (!lost && options.remember && !options.station_folder.empty() && report.entries > 0)
        KnownHeads(options.station_folder).remember(book.first_hash(), file, report.head);
    if (options.attachments) {
        const auto named_now = [&] { // what a writer has written meanwhile
            const auto again = opened_to_read(file);
            return again ? names_in(*again->database, "kept", again->version) : Attachments::Names{};
        };
        const Attachments beside(file, options.read_logs_also_from);
        int left_over = 0;
        const auto left_since = Presence::ended_badly(file) ? std::optional(last_written(file)) : std::nullopt;
        for (Message& problem : beside.problems(looked.named, named_now, left_since, &left_over))
            report.problems.push_back(std::move(problem));
        if (left_over > 0)
            report.remarks.push_back(
                message("%1 files were left over by a program that was ended; the next start puts them aside", left_over));
    }
    if (opened->version != Record::schema_version)
        report.remarks.push_back(message("the record is of version %1: its tables were not compared", opened->version));
    if (!chain.has_keys() && report.entries > 0)
        report.remarks.emplace_back(message("no entry is signed: written before there were keys"));
    if (chain.unsigned_up_to() > 0)
        report.remarks.push_back(message("entries 1 to %1 were written before there were keys", chain.unsigned_up_to()));
    if (chain.has_keys() && !book.is_strict())
        report.remarks.emplace_back(message("keys were not countersigned yet when this was written: the next entry says so"));
    return report;
}

/// Who can do more than before, by the keys among the entries and by what this station saw.
std::vector<Message> login_problems_of(const Database& server, const std::filesystem::path& copy, const VerifyOptions& options)
{
    KeyBook book;
    const Database entries(copy, true);
    QSqlQuery rows =
        entries.run("SELECT * FROM entries WHERE seq = 1 OR kind IN ('key', 'standing', 'admitted', 'person') ORDER BY seq");
    while (rows.next()) book.add(entry_from(rows));
    const ServerLogins logins = logins_on(server);
    if (options.station_folder.empty() || book.first_hash().empty()) return login_problems(server, logins, book, nullptr);
    const KnownLogins known(options.station_folder, book.first_hash());
    std::vector<Message> problems = login_problems(server, logins, book, known.seen());
    if ((problems.empty() || !known.seen()) && options.remember) known.remember(logins);
    return problems;
}

/// Of a record on a server.
Result<VerifyReport> verify_server(const RecordPlace& place, const VerifyOptions& options)
{
    try {
        const auto server = Database::on_server(place.server);
        const auto seen = seen_before(*server, "hangar", beside(place, options.station_folder), options);
        const ServerCopy copy(*server);
        VerifyOptions of_copy = options;
        of_copy.attachments = false;
        of_copy.remember = false; // it goes
        auto report = verify_file(copy.file(), of_copy, seen ? *seen : Head{});
        if (!report) return report;
        const QString first = server->value("SELECT hash FROM hangar.entries WHERE seq = 1");
        if (!options.station_folder.empty() && options.remember && (!seen || seen->count <= report->head.count))
            KnownHeads(options.station_folder).remember(first.toStdString(), beside(place, options.station_folder), report->head);
        std::vector<Message> more = server_schema_problems(*server);
        std::vector<Message> of_logins = login_problems_of(*server, copy.file(), options);
        more.insert(more.end(), of_logins.begin(), of_logins.end());
        if (options.attachments)
            check_server_files(*server, names_in(Database(copy.file(), true), "main", Record::schema_version), more,
                               report->remarks);
        std::move(more.begin(), more.end(), std::back_inserter(report->problems));
        return report;
    } catch (const StoreFailure& why) {
        return bad_input("%1: cannot be read as a training record: %2", place.in_words(), why.message());
    }
}

} // namespace

std::vector<std::string> own_key(const std::filesystem::path& station_folder)
{
    std::error_code error;
    if (station_folder.empty() || !std::filesystem::exists(station_folder / "key", error)) return {};
    const auto key = StationKey::in(station_folder);
    return key ? std::vector<std::string>{key->public_key()} : std::vector<std::string>{};
}

Result<VerifyReport> verify_record(const RecordPlace& place, const VerifyOptions& options)
{
    return place.on_server() ? verify_server(place, options) : verify_file(place.file, options);
}

std::vector<Message> quick_problems(const Database& db, const std::filesystem::path& file, const VerifyOptions& options)
{
    std::vector<Message> problems;
    const auto memory = Database::in_memory();
    migrate_to(*memory, {}, Record::schema_version);
    for (Message& problem : schema_problems(schema_of(db, "main"), schema_of(*memory, "main")))
        problems.push_back(std::move(problem));
    for (Message& problem : newest_entries_problems(db, file, options)) problems.push_back(std::move(problem));
    return problems;
}

bool keeps_from_reading(const Message& problem)
{
    if (problem.form != is_missing && problem.form != is_another) return false;
    const auto* part = std::get_if<std::string>(&problem.values.at(0).is);
    return part && part->starts_with("table ");
}

std::vector<Message> newest_entries_problems(const Database& db, const std::filesystem::path& file, const VerifyOptions& options)
{
    std::vector<Message> problems;
    std::vector<Entry> entries;
    QSqlQuery rows = db.run("SELECT * FROM entries ORDER BY seq DESC LIMIT ?", options.newest + 1);
    while (rows.next()) entries.push_back(entry_from(rows));
    rows.finish();
    const std::vector<std::string> keys = keys_among(db, db.kind() == Database::Kind::Sqlite ? "main" : "hangar");
    for (std::size_t i = 0; i + 1 < entries.size(); ++i) { // from the newest back
        const Entry& e = entries[i];
        const Message at = message("entry %1", e.seq);
        if (e.previous_hash != entries[i + 1].hash) problems.push_back(message("%1 does not follow the one before it", at));
        if (entry_hash(e) != e.hash) problems.push_back(message("%1 (%2) was changed after it was written", at, e.kind));
        const bool is_signed =
            std::any_of(keys.begin(), keys.end(), [&, named = key_named_in(e.signature)](const std::string& key) {
                return key.starts_with(named) && is_signed_by(key, e.hash, e.signature);
            });
        if (!e.signature.empty() && !is_signed)
            problems.push_back(message("%1 does not carry the signature of the station that it names", at));
    }
    const QString first = db.value("SELECT hash FROM entries WHERE seq = 1");
    if (options.station_folder.empty() || entries.empty()) return problems;
    if (const auto seen = KnownHeads(options.station_folder).seen(first.toStdString(), file)) {
        QSqlQuery there = db.run("SELECT hash FROM entries WHERE seq = ?", seen->count);
        const std::string hash = there.next() ? text_of(there, 0).toStdString() : "";
        if (const auto problem = unlike(*seen, entries.front().seq, hash, seen_here)) problems.push_back(*problem);
    }
    return problems;
}

Result<Head> head_of(const RecordPlace& place)
{
    return asked_of(place, [](const Database& db, const QString& of) {
        QSqlQuery newest = db.run("SELECT seq, hash FROM " + of + ".entries ORDER BY seq DESC LIMIT 1");
        return newest.next() ? Head{newest.value(0).toLongLong(), text_of(newest, 1).toStdString()} : Head{};
    });
}

Result<HeadThere> head_of(const RecordPlace& place, const std::filesystem::path& station_folder)
{
    return asked_of(place, [&](const Database& db, const QString& of) {
        HeadThere there;
        QSqlQuery newest = db.run("SELECT seq, hash FROM " + of + ".entries ORDER BY seq DESC LIMIT 1");
        if (newest.next()) there.head = {newest.value(0).toLongLong(), text_of(newest, 1).toStdString()};
        const std::string first = db.value("SELECT hash FROM " + of + ".entries WHERE seq = 1").toStdString();
        const KnownHeads heads(station_folder);
        const auto file = beside(place, station_folder);
        if (const auto seen = heads.seen(first, file)) {
            QSqlQuery same = db.run("SELECT hash FROM " + of + ".entries WHERE seq = ?", seen->count);
            there.lost = unlike(*seen, there.head.count, same.next() ? text_of(same, 0).toStdString() : "", seen_here);
        }
        if (!there.lost) heads.remember(first, file, there.head);
        return there;
    });
}

Result<std::map<std::string, int>> take_logins_as_they_are(const RecordPlace& place, const std::filesystem::path& station_folder)
{
    if (!place.on_server()) return bad_input("%1: is a file, and logins are those of a server", place.in_words());
    return asked_of(place, [&](const Database& db, const QString&) {
        const ServerLogins logins = logins_on(db);
        KnownLogins(station_folder, db.value("SELECT hash FROM hangar.entries WHERE seq = 1").toStdString()).remember(logins);
        return logins;
    });
}

Result<std::vector<std::string>> station_keys_of(const RecordPlace& place)
{
    return asked_of(place, [](const Database& db, const QString& of) { return keys_among(db, of); });
}

} // namespace bh
