#include "record/verify.h"

#include "files/first_flight_documents.h"
#include "record/attachments.h"
#include "record/bodies.h"
#include "record/database.h"
#include "record/known_heads.h"
#include "record/postgres_schema.h"
#include "record/projection.h"
#include "record/record.h"
#include "record/schema.h"
#include "record/seals.h"
#include "record/server_copy.h"
#include "record/station_key.h"
#include "record/waiting.h"

#include <algorithm>
#include <deque>
#include <future>
#include <iterator>
#include <map>
#include <set>
#include <thread>
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

std::vector<Said> schema_problems(const std::map<std::string, std::string>& found,
                                  const std::map<std::string, std::string>& wanted)
{
    std::vector<Said> problems;
    for (const auto& [name, words] : wanted)
        if (const auto there = found.find(name); there == found.end())
            problems.push_back(said(is_missing, name));
        else if (there->second != words)
            problems.push_back(said(is_another, name));
    for (const auto& [name, words] : found)
        if (!wanted.contains(name)) problems.push_back(said(is_not_ours, name));
    return problems;
}

/// What is wrong with a record in which the entry of a head that was seen before has another hash, or is not there at all.
std::optional<Said> unlike(const Head& seen, std::int64_t count, const std::string& hash_there, const Said& who)
{
    if (seen.count > count) return said("the newest entries are missing: %1 has %2 entries, the file %3", who, seen.count, count);
    if (seen.count > 0 && hash_there != seen.hash)
        return said("entry %1 is not that of %2: another record, or a rewritten one, stands in its place", seen.count, who);
    return std::nullopt;
}

constexpr std::string_view seen_here = label("what this station saw last");

/// Follows the chain, entry by entry. Hashes and signatures, which take the time, are worked out beside it, in batches.
class Chain {
public:
    explicit Chain(const VerifyOptions& options) : options_(options) {}

    void follow(Entry entry)
    {
        const Said at = said("entry %1", entry.seq);
        if (entry.seq != expected_) tell(expected_, said("entry %1 is missing", expected_));
        if (entry.previous_hash != previous_) tell(entry.seq, said("%1 does not follow the one before it", at));
        if (entry.kind == "key") learn_key(entry);
        if (!keys_.empty() && entry.at < last_at_ && entry.kind != "clock")
            tell(entry.seq, said("%1 is dated before the one before it", at));
        previous_ = entry.hash;
        expected_ = entry.seq + 1;
        last_at_ = entry.at;
        hashes_.push_back(entry.hash);
        batch_.push_back(std::move(entry));
        constexpr std::size_t batch = 1024;
        if (batch_.size() == batch) start_batch();
    }

    void tell(std::int64_t seq, Said problem) { told_.push_back({seq, std::move(problem)}); }

    /// Every problem of the chain, in the order of the entries.
    [[nodiscard]] std::vector<Said> finish()
    {
        start_batch();
        while (!running_.empty()) end_oldest_batch();
        const auto count = static_cast<std::int64_t>(hashes_.size());
        if (keys_.empty() && !options_.trusted_keys.empty() && count > 0) tell(0, said("no entry is signed"));
        for (const Unsigned& u : unsigned_) { // by no key that was known then
            if (keys_.empty() || u.seq <= unsigned_up_to_ || signed_well(trusted(), u.hash, u.signature)) continue;
            const std::string_view named = key_named_in(u.signature);
            const bool known = std::any_of(trusted().begin(), trusted().end(),
                                           [named](const std::string& key) { return key.starts_with(named); });
            tell(u.seq,
                 said(u.signature.empty()      ? label("entry %1 is not signed")
                      : named.empty() || known ? label("entry %1 does not carry the signature of the station that it names")
                                               : label("entry %1 is signed by a station that is not trusted"),
                      u.seq));
        }
        std::stable_sort(told_.begin(), told_.end(), [](const Told& a, const Told& b) { return a.seq < b.seq; });
        std::vector<Said> problems;
        for (Told& t : told_) problems.push_back(std::move(t.problem));
        return problems;
    }

    [[nodiscard]] std::optional<Said> against(const Head& seen, const Said& who) const
    {
        const auto count = static_cast<std::int64_t>(hashes_.size());
        return unlike(seen, count, seen.count > 0 && seen.count <= count ? hashes_[static_cast<std::size_t>(seen.count) - 1] : "",
                      who);
    }

    [[nodiscard]] Head head() const { return {static_cast<std::int64_t>(hashes_.size()), previous_}; }
    [[nodiscard]] std::int64_t unsigned_up_to() const { return unsigned_up_to_; }
    [[nodiscard]] bool has_keys() const { return !keys_.empty(); }

private:
    struct Told {
        std::int64_t seq;
        Said problem;
    };
    struct Unsigned {
        std::int64_t seq;
        std::string hash, signature;
    };
    struct Checked {
        std::vector<Told> changed;
        std::vector<Unsigned> not_signed; ///< by a key that is known so far
    };

    void learn_key(const Entry& entry)
    {
        const auto key = station_key_in(entry);
        if (!key || !is_public_key(key->public_key)) return tell(entry.seq, said("entry %1 holds no station's key", entry.seq));
        if (keys_.empty()) unsigned_up_to_ = entry.seq - 1; // only the first can say that there were none before it
        keys_.push_back(key->public_key);
    }
    [[nodiscard]] const std::vector<std::string>& trusted() const
    {
        return options_.trusted_keys.empty() ? keys_ : options_.trusted_keys;
    }
    static bool signed_well(const std::vector<std::string>& keys, const std::string& hash, const std::string& signature)
    {
        const std::string_view named = key_named_in(signature);
        return !named.empty() && std::any_of(keys.begin(), keys.end(), [&](const std::string& key) {
            return key.starts_with(named) && is_signed_by(key, hash, signature);
        });
    }
    void start_batch()
    {
        const std::size_t most = std::max(1U, std::thread::hardware_concurrency());
        if (running_.size() >= most) end_oldest_batch();
        running_.push_back(std::async(std::launch::async, [batch = std::exchange(batch_, {}), keys = trusted()] {
            Checked checked;
            for (const Entry& e : batch) {
                if (entry_hash(e) != e.hash)
                    checked.changed.push_back({e.seq, said("entry %1 (%2) was changed after it was written", e.seq, e.kind)});
                if (!signed_well(keys, e.hash, e.signature)) checked.not_signed.push_back({e.seq, e.hash, e.signature});
            }
            return checked;
        }));
    }
    void end_oldest_batch()
    {
        Checked checked = running_.front().get();
        running_.pop_front();
        std::move(checked.changed.begin(), checked.changed.end(), std::back_inserter(told_));
        std::move(checked.not_signed.begin(), checked.not_signed.end(), std::back_inserter(unsigned_));
    }

    const VerifyOptions& options_;
    std::vector<std::string> keys_, hashes_;
    std::string previous_;
    std::int64_t expected_ = 1, unsigned_up_to_ = 0;
    UnixTime last_at_ = 0;
    std::vector<Entry> batch_;
    std::deque<std::future<Checked>> running_;
    std::vector<Told> told_;
    std::vector<Unsigned> unsigned_;
};

/// People's names that are sealed, and those that an entry says were erased.
class SealedNames {
public:
    void follow(const Entry& e)
    {
        if (e.kind == "erased") erased_.insert(e.subject);
        if (has_sealed_name(e.kind) && name_is_sealed(e.body)) sealed_.insert(e.subject);
    }
    void check(const Database& db, std::vector<Said>& problems) const
    {
        std::set<std::string> keys;
        QSqlQuery rows = db.run("SELECT person FROM kept.person_keys");
        while (rows.next()) keys.insert(text_of(rows, 0).toStdString());
        for (const std::string& person : sealed_)
            if (!keys.contains(person) && !erased_.contains(person))
                problems.push_back(said("the key to the name of %1 is missing, and no entry says that it was erased", person));
        for (const std::string& person : erased_)
            if (keys.contains(person)) problems.push_back(said("%1 was erased, but the key to the name is still there", person));
    }

private:
    std::set<std::string> sealed_, erased_;
};

/// Releases to a real aircraft: each is signed by the key that a coordinator among the entries had then, over what it says, and
/// names the record as it was.
class SignedReleases {
public:
    void follow(const Entry& e, const Chain& before)
    {
        if (e.kind == "person") return learn_person(e);
        if (e.kind != "document" || !e.subject.starts_with("release/")) return;
        const Said at = said("entry %1", e.seq);
        const auto text = text_in(e);
        const auto release =
            text ? parse_release(text->text, "release", text->id) : Result<Release>(tl::unexpected(text.error()));
        if (!release) return tell(said("%1 holds a release that cannot be read", at));
        if (accepted_.contains(text_to_sign(*release) + release->signature)) return; // again, as when it is withdrawn
        const auto signer = coordinators_.find(release->signer);
        if (signer == coordinators_.end() || !signer->second.contains(release->key))
            return tell(said("%1 holds a release that no coordinator of this record signed", at));
        if (!is_signed_by(release->key, text_to_sign(*release), release->signature))
            return tell(said("%1 holds a release that was changed after it was signed", at));
        const auto head = parse_head(release->head);
        if (!head || before.against(*head, label("the release")))
            return tell(said("%1 holds a release of another record: the head that it names is not in this one", at));
        accepted_.insert(text_to_sign(*release) + release->signature);
    }
    [[nodiscard]] const std::vector<Said>& problems() const { return problems_; }

private:
    void learn_person(const Entry& e)
    {
        Entry open = e;
        open.body = with_open_name(e.body, {}); // whoever it is
        const auto person = person_in(open);
        const bool signs = person && person->role == Role::Coordinator && person->active;
        if (!signs) coordinators_.erase(e.subject);
        if (signs && !person->key.empty()) coordinators_[e.subject].insert(person->key);
    }
    void tell(Said problem) { problems_.push_back(std::move(problem)); }

    std::map<std::string, std::set<std::string>> coordinators_; ///< by id: every key that each has had so far
    std::set<std::string> accepted_;
    std::vector<Said> problems_;
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
        return bad_input("%1: is not a training record, or cannot be read: %2", file.string(), why.said());
    }
}

/// Signatures of the times that running sessions have noted.
void check_session_times(const Database& db, const std::vector<std::string>& keys, std::vector<Said>& problems)
{
    QSqlQuery rows = db.run("SELECT session_id, active_s, idle_s, at, signature FROM kept.session_times ORDER BY 1");
    while (rows.next()) {
        const NotedTime noted{rows.value(1).toDouble(), rows.value(2).toDouble(), rows.value(3).toLongLong()};
        const std::string id = text_of(rows, 0).toStdString(), signature = text_of(rows, 4).toStdString();
        const bool good = std::any_of(keys.begin(), keys.end(), [&](const std::string& key) {
            return is_signed_by(key, noted_time_text(id, noted), signature);
        });
        if (!good) problems.push_back(said("the time noted for session %1 was changed after it was written", id));
    }
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
        return bad_input("%1: cannot be read: %2", place.in_words(), why.said());
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

/// `seen`: by this station, where that is known already.
Result<VerifyReport> verify_file(const std::filesystem::path& file, const VerifyOptions& options, std::optional<Head> seen = {})
{
    auto opened = opened_to_read(file);
    if (!opened) return tl::unexpected(opened.error());
    const Database& db = *opened->database;
    const int version = opened->version;
    const bool today = version == Record::schema_version;
    VerifyReport report;
    std::vector<Said> of_tables;
    Chain chain(options);
    Attachments::Names named;
    try {
        migrate_to(db, {}, version);
        if (!seen) seen = seen_before(db, "kept", file, options);
        const Transaction snapshot(db); // to write into the memory's; the file is attached to be read only
        if (const QString check = db.value("PRAGMA kept.quick_check"); check != "ok")
            report.problems.push_back(said("the file is damaged (%1)", check.simplified().left(120).toStdString()));
        for (Said& problem : schema_problems(schema_of(db, "kept"), schema_of(db, "main")))
            report.problems.push_back(std::move(problem));
        bool understood = today;
        SealedNames names;
        SignedReleases releases;
        if (today) db.run("INSERT INTO main.person_keys SELECT * FROM kept.person_keys");
        const QString columns = today ? QString::fromLatin1(entry_columns_in_bytes) : QStringLiteral("*");
        QSqlQuery rows = db.run("SELECT " + columns + " FROM kept.entries ORDER BY seq");
        while (rows.next()) {
            Entry entry = entry_from(rows);
            try {
                if (understood) apply_entry(db, entry, version);
            } catch (const StoreFailure& why) {
                chain.tell(entry.seq, said("entry %1 cannot be understood: %2", entry.seq, why.said()));
                understood = false;
            }
            names.follow(entry);
            releases.follow(entry, chain);
            if (entry.kind == "late")
                if (const std::string problem = late_problem(entry); !problem.empty())
                    chain.tell(entry.seq, said("entry %1, handed over late, %2", entry.seq, problem));
            chain.follow(std::move(entry));
        }
        rows.finish();
        if (today) names.check(db, of_tables);
        of_tables.insert(of_tables.end(), releases.problems().begin(), releases.problems().end());
        if (understood)
            for (const std::string& table : tables_that_differ(db, "kept"))
                of_tables.push_back("the table of " + table + " differs from what the entries say");
        if (today)
            check_session_times(db, options.trusted_keys.empty() ? keys_among(db, "kept") : options.trusted_keys, of_tables);
        named = names_in(db, "kept", version);
    } catch (const StoreFailure& why) {
        of_tables.push_back(said("the file cannot be read to its end: %1", why.said()));
    }
    for (std::vector<Said> some : {chain.finish(), std::move(of_tables)})
        std::move(some.begin(), some.end(), std::back_inserter(report.problems));
    report.head = chain.head();
    report.entries = report.head.count;
    if (options.head)
        if (const auto problem = chain.against(*options.head, label("the given head"))) report.problems.push_back(*problem);
    if (seen)
        if (const auto problem = chain.against(*seen, seen_here)) report.problems.push_back(*problem);
    if (options.attachments) {
        const auto named_now = [&] { // what a writer has written meanwhile
            const auto again = opened_to_read(file);
            return again ? names_in(*again->database, "kept", again->version) : Attachments::Names{};
        };
        const Attachments beside(file, options.read_logs_also_from);
        for (Said& problem : beside.problems(named, named_now)) report.problems.push_back(std::move(problem));
    }
    if (!today) report.remarks.push_back(said("the record is of version %1: its tables were not compared", version));
    if (!chain.has_keys() && report.entries > 0)
        report.remarks.emplace_back(said("no entry is signed: written before there were keys"));
    if (chain.unsigned_up_to() > 0)
        report.remarks.push_back(said("entries 1 to %1 were written before there were keys", chain.unsigned_up_to()));
    return report;
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
        of_copy.station_folder.clear();
        auto report = verify_file(copy.file(), of_copy, seen);
        if (!report) return report;
        std::vector<Said> more = server_schema_problems(*server);
        if (options.attachments)
            check_server_files(*server, names_in(Database(copy.file(), true), "main", Record::schema_version), more,
                               report->remarks);
        std::move(more.begin(), more.end(), std::back_inserter(report->problems));
        return report;
    } catch (const StoreFailure& why) {
        return bad_input("%1: cannot be read as a training record: %2", place.in_words(), why.said());
    }
}

} // namespace

Result<VerifyReport> verify_record(const RecordPlace& place, const VerifyOptions& options)
{
    return place.on_server() ? verify_server(place, options) : verify_file(place.file, options);
}

std::vector<Said> quick_problems(const Database& db, const std::filesystem::path& file, const VerifyOptions& options)
{
    std::vector<Said> problems;
    const auto memory = Database::in_memory();
    migrate_to(*memory, {}, Record::schema_version);
    for (Said& problem : schema_problems(schema_of(db, "main"), schema_of(*memory, "main")))
        problems.push_back(std::move(problem));
    for (Said& problem : newest_entries_problems(db, file, options)) problems.push_back(std::move(problem));
    return problems;
}

bool keeps_from_reading(const Said& problem)
{
    if (problem.form != is_missing && problem.form != is_another) return false;
    const auto* part = std::get_if<std::string>(&problem.values.at(0).is);
    return part && part->starts_with("table ");
}

std::vector<Said> newest_entries_problems(const Database& db, const std::filesystem::path& file, const VerifyOptions& options)
{
    std::vector<Said> problems;
    std::vector<Entry> entries;
    QSqlQuery rows = db.run("SELECT * FROM entries ORDER BY seq DESC LIMIT ?", options.newest + 1);
    while (rows.next()) entries.push_back(entry_from(rows));
    rows.finish();
    const std::vector<std::string> keys = keys_among(db, db.kind() == Database::Kind::Sqlite ? "main" : "hangar");
    for (std::size_t i = 0; i + 1 < entries.size(); ++i) { // from the newest back
        const Entry& e = entries[i];
        const Said at = said("entry %1", e.seq);
        if (e.previous_hash != entries[i + 1].hash) problems.push_back(said("%1 does not follow the one before it", at));
        if (entry_hash(e) != e.hash) problems.push_back(said("%1 (%2) was changed after it was written", at, e.kind));
        const bool is_signed =
            std::any_of(keys.begin(), keys.end(), [&, named = key_named_in(e.signature)](const std::string& key) {
                return key.starts_with(named) && is_signed_by(key, e.hash, e.signature);
            });
        if (!e.signature.empty() && !is_signed)
            problems.push_back(said("%1 does not carry the signature of the station that it names", at));
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

Result<std::vector<std::string>> station_keys_of(const RecordPlace& place)
{
    return asked_of(place, [](const Database& db, const QString& of) { return keys_among(db, of); });
}

} // namespace bh
