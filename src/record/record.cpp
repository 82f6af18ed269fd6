#include "record/record.h"

#include "files/file_text.h"
#include "record/bodies.h"
#include "record/database.h"
#include "record/known_heads.h"
#include "record/older_words.h"
#include "record/presence.h"
#include "record/projection.h"
#include "record/schema.h"
#include "record/seals.h"

#include <QUuid>
#include <chrono>
#include <cstdio>
#include <fcntl.h>
#include <fstream>
#include <sys/stat.h>
#include <thread>
#include <unistd.h>
#include <unordered_map>
#include <unordered_set>

namespace bh {
namespace {

/// Flight logs beside a record that has nothing in it, or is not there, tell that there was more.
Result<void> has_not_lost_itself(const std::filesystem::path& file)
{
    std::error_code error;
    const bool there = std::filesystem::exists(file, error);
    if (there && std::filesystem::file_size(file, error) > 0) return {};
    const std::filesystem::path logs = file.string() + ".logs";
    if (!std::filesystem::is_directory(logs, error) || std::filesystem::is_empty(logs, error)) return {};
    return bad_input(file.string() + (there ? ": is empty" : ": is not there") +
                     ", but flight logs of a record lie beside it in " + logs.filename().string() +
                     "; restore a copy of the record, or take the logs away to begin a new one");
}

/// Refuses what is not a record.
Result<void> inspect(const Database& database, const std::filesystem::path& file)
{
    const int version = database.value("PRAGMA user_version").toInt();
    const bool empty = database.value("SELECT count(*) FROM sqlite_master") == "0"; // another program is about to fill it
    if (database.value("PRAGMA application_id").toInt() != record_application_id && !empty)
        return bad_input(file.string() + ": is a database, but not a training record; it was left as it is");
    if (version > Record::schema_version)
        return failure(Error::Code::Unsupported, file.string() + ": was written by a newer version (" + std::to_string(version) +
                                                     ", this one knows up to " + std::to_string(Record::schema_version) +
                                                     "); it was left as it is");
    if (const QString check = database.value("PRAGMA quick_check"); check != "ok")
        return bad_input(file.string() + ": is damaged (" + check.simplified().left(120).toStdString() +
                         "); it was left as it is, restore a copy");
    return {};
}

Result<void> inspect(const std::filesystem::path& file, bool may_write)
{
    std::ifstream in(file, std::ios::binary);
    char head[16] = {};
    in.read(head, sizeof head);
    if (!in && in.gcount() < static_cast<std::streamsize>(sizeof head))
        return bad_input(file.string() + ": is not a training record; it was left as it is");
    if (std::string_view(head, 15) != "SQLite format 3")
        return bad_input(file.string() + ": is not a training record; it was left as it is");
    try {
        return inspect(Database(file, true), file);
    } catch (const StoreFailure& why) {
        // What a program that was killed in the middle of making it had begun is taken back first, and that is a change.
        if (may_write) try {
                return inspect(Database(file, false), file);
            } catch (const StoreFailure&) {
            }
        return bad_input(file.string() + ": cannot be read as a training record: " + why.what() + "; it was left as it is");
    }
}

/// Only its owner reads it, and so what the database lays beside it. Where that cannot be, opening says why.
void make_own_file(const std::filesystem::path& file)
{
    const int fd = ::open(file.c_str(), O_WRONLY | O_CREAT | O_CLOEXEC | O_NONBLOCK, S_IRUSR | S_IWUSR);
    if (fd < 0) return;
    ::fchmod(fd, S_IRUSR | S_IWUSR);
    ::close(fd);
}

std::string text(const QSqlQuery& q, int column) { return q.value(column).toString().toStdString(); }

Entry as_read_today(Entry entry, const PersonKeys& keys)
{
    entry.body = body_to_read(entry, keys);
    return entry;
}

AttemptRow attempt_from(const QSqlQuery& q)
{
    AttemptRow a;
    a.id = text(q, 0);
    a.pilot_id = text(q, 1);
    a.session_id = text(q, 2);
    a.drill_id = text(q, 3);
    a.drill_version = q.value(4).toInt();
    a.at = q.value(5).toLongLong();
    a.mode = mode_from_key(text(q, 6)).value_or(Mode::Acro);
    a.score = q.value(7).toDouble();
    a.passed = q.value(8).toBool();
    a.flown_s = q.value(9).toDouble();
    a.log_hash = text(q, 10);
    a.curriculum = text(q, 11);
    a.curriculum_version = q.value(12).toInt();
    const std::string observed = text(q, 13);
    a.observed = !observed.empty();
    a.demonstration = text(q, 14);
    if (!q.value(15).isNull()) a.left_minus_right = q.value(15).toDouble();
    a.simulator = text(q, 16);
    if (q.value(17).toBool()) a.in_words = {text(q, 18), text(q, 19), observed};
    a.holds = q.value(20).toBool();
    a.world = text(q, 21);
    a.found = text(q, 22);
    return a;
}

} // namespace

class Record::Impl {
public:
    Impl(std::filesystem::path path, RecordOptions opts, StationKey station_key)
        : file(std::move(path)), options(std::move(opts)), key(std::move(station_key)),
          presence(options.read_only ? nullptr : std::make_unique<Presence>(file)), database(file, options.read_only),
          attachments(file, options.read_logs_also_from), heads(options.station_folder)
    {
        if (options.read_only) {
            if (version_of(database) != schema_version)
                throw StoreFailure("it is of another version, and to be read only it would have to be of this one");
        } else {
            use_write_ahead_log();
            database.run("PRAGMA synchronous = FULL"); // a committed attempt survives a power cut too
            database.run("PRAGMA foreign_keys = ON");
            database.run("PRAGMA secure_delete = ON"); // what is erased is not left in a free page
            migrate_to(database, file, schema_version,
                       [this](int from, const std::vector<OlderNote>& notes) { carry(from, notes); });
        }
        VerifyOptions quick;
        if (options.remember_heads) quick.station_folder = options.station_folder;
        problems = quick_problems(database, file, quick);
        for (const std::string& problem : problems) // nothing can be read from a table that is not there
            if (problem.starts_with("table ") && !problem.ends_with("is not this program's"))
                throw StoreFailure(problem + "; restore a copy");
        first_hash = database.value("SELECT hash FROM entries WHERE seq = 1").toStdString();
        if (!presence) return;
        if (presence->after_a_bad_end())
            put_aside = attachments.put_aside(names_in(database, QStringLiteral("main"), schema_version));
        presence->settle();
    }

    /// Two programs that open a new file at once are in each other's way here, and SQLite does not wait by itself.
    void use_write_ahead_log() const
    {
        constexpr int tries = 100;
        for (int i = 1;; ++i) try {
                database.run("PRAGMA journal_mode = WAL");
                return;
            } catch (const StoreFailure&) {
                if (i == tries) throw;
                std::this_thread::sleep_for(std::chrono::milliseconds(20));
            }
    }

    /// What an older record kept beside its entries.
    void carry(int from_version, const std::vector<OlderNote>& notes)
    {
        constexpr int unsigned_times = 10, with_times = 3;
        Entry last = tail();
        for (const OlderNote& n : notes) last = append_signed({"note", n.key, note_body(n.value), ""}, last).back();
        if (from_version > unsigned_times || from_version < with_times) return;
        for (const auto& [id, noted] : session_times())
            database.run("UPDATE session_times SET signature = ? WHERE session_id = ?", key.sign(noted_time_text(id, noted)), id);
    }

    [[nodiscard]] UnixTime now() const
    {
        if (options.clock) return options.clock();
        return std::chrono::duration_cast<std::chrono::seconds>(std::chrono::system_clock::now().time_since_epoch()).count();
    }

    /// The newest entry; one of number 0 before the first.
    [[nodiscard]] Entry tail() const
    {
        Entry last;
        QSqlQuery q = database.run("SELECT seq, hash, at FROM entries ORDER BY seq DESC LIMIT 1");
        if (q.next()) last.seq = q.value(0).toLongLong(), last.hash = text(q, 1), last.at = q.value(2).toLongLong();
        return last;
    }

    /// Appends an entry after `last` and applies it, inside a transaction; before it what has to be said first.
    [[nodiscard]] std::vector<Entry> append_signed(const Draft& draft, Entry last)
    {
        std::vector<Entry> written;
        if (const UnixTime at = now(); at < last.at)
            written.push_back(last = append({"clock", "", clock_body(last.at - at), "the clock was set back"}, last));
        if (!key_is_entry) {
            QSqlQuery known = database.run("SELECT 1 FROM entries WHERE kind = 'key' AND subject = ? LIMIT 1", key.public_key());
            if (!known.next()) {
                known.finish();
                const bool first = database.value("SELECT count(*) FROM entries WHERE kind = 'key'") == "0";
                const StationKeyRow row{key.public_key(), first ? last.seq : 0};
                written.push_back(last = append({"key", key.public_key(), body_of(row), ""}, last));
            }
        }
        for (const std::string& body : draft.shared) {
            const std::string name = shared_name(body);
            if (has_shared(name)) continue;
            written.push_back(last = append({"shared", name, body, ""}, last));
            shared_here.insert(name);
        }
        written.push_back(append(draft, last));
        return written;
    }

    /// Whether a shared body is an entry already.
    [[nodiscard]] bool has_shared(const std::string& name)
    {
        if (shared_here.contains(name)) return true;
        if (!shared_body(name)) return false;
        shared_here.insert(name);
        return true;
    }
    [[nodiscard]] std::optional<std::string> shared_body(const std::string& name) const
    {
        QSqlQuery q = database.run("SELECT body FROM entries WHERE kind = 'shared' AND subject = ? LIMIT 1", name);
        return q.next() ? std::optional(text(q, 0)) : std::nullopt;
    }

    /// The key to a person's name, made for one who is new.
    [[nodiscard]] std::string key_of_person(const std::string& id) const
    {
        QSqlQuery q = database.run("SELECT key FROM person_keys WHERE person = ?", id);
        if (q.next()) return text(q, 0);
        q.finish();
        const std::string made = new_person_key(options.new_id ? std::optional(options.new_id()) : std::nullopt);
        database.run("INSERT INTO person_keys VALUES (?,?)", id, made);
        return made;
    }

    [[nodiscard]] Entry append(const Draft& draft, const Entry& last) const
    {
        Entry entry;
        entry.seq = last.seq + 1;
        entry.previous_hash = last.hash;
        entry.at = now();
        entry.who = draft.who.empty() ? options.who : draft.who;
        entry.kind = draft.kind;
        entry.subject = draft.subject;
        QSqlQuery before = database.run("SELECT max(seq) FROM entries WHERE kind = ? AND subject = ?", draft.kind, draft.subject);
        if (before.next()) entry.supersedes = before.value(0).toLongLong();
        before.finish();
        entry.why = draft.why;
        entry.body = has_sealed_name(draft.kind) ? with_sealed_name(draft.body, key_of_person(draft.subject)) : draft.body;
        entry.hash = entry_hash(entry);
        entry.signature = key.sign(entry.hash);
        insert_entry(database, entry);
        if (entry.kind == "erased") database.run("DELETE FROM person_keys WHERE person = ?", entry.subject); // both or neither
        apply_entry(database, entry, schema_version);
        return entry;
    }

    [[nodiscard]] std::map<std::string, NotedTime> session_times() const
    {
        std::map<std::string, NotedTime> times;
        QSqlQuery q = database.run("SELECT session_id, active_s, idle_s, at FROM session_times");
        while (q.next()) times[text(q, 0)] = {q.value(1).toDouble(), q.value(2).toDouble(), q.value(3).toLongLong()};
        return times;
    }

    /// As they were written: those that a WHERE clause names, all without one.
    template <class... Values>
    [[nodiscard]] std::vector<AttemptRow> attempts(const char* where = "", const Values&... values) const
    {
        const QString which = QString::fromUtf8(where);
        QSqlQuery q = database.run(
            "SELECT id, pilot_id, session_id, drill_id, drill_version, at, mode, score, passed, flown_s, log_hash, curriculum,"
            " curriculum_version, observed, demonstration, left_minus_right, simulator, in_words, summary, flown_with, holds, "
            "world, found"
            " FROM attempts " +
                which + " ORDER BY rowid", // as they were written, without sorting
            values...);
        std::vector<AttemptRow> rows;
        while (q.next()) rows.push_back(attempt_from(q));
        q.finish();
        QSqlQuery cuts =
            database.run("SELECT attempt_id, seconds FROM throttle_cuts WHERE attempt_id IN (SELECT id FROM attempts " + which +
                             ") ORDER BY attempt_id, position",
                         values...);
        std::unordered_map<std::string, std::vector<double>> of_attempt;
        while (cuts.next()) of_attempt[text(cuts, 0)].push_back(cuts.value(1).toDouble());
        for (AttemptRow& a : rows)
            if (const auto found = of_attempt.find(a.id); found != of_attempt.end()) a.throttle_cuts_s = found->second;
        return rows;
    }

    std::filesystem::path file;
    RecordOptions options;
    StationKey key;
    std::unique_ptr<Presence> presence; ///< none while it is only read
    Database database;
    Attachments attachments;
    KnownHeads heads;
    std::vector<std::string> problems;           ///< at the opening
    std::string first_hash;                      ///< by which the record is known; empty before its first entry
    bool key_is_entry = false;                   ///< known to be so
    std::unordered_set<std::string> shared_here; ///< names of shared bodies that are known to be entries
    int put_aside = 0;                           ///< files that a program which was ended had left
};

Record::Record(std::unique_ptr<Impl> impl) : impl_(std::move(impl)) {}
Record::~Record() = default;

Result<std::unique_ptr<Record>> Record::open(const std::filesystem::path& file, RecordOptions options)
{
    std::error_code error;
    if (std::filesystem::is_directory(file, error)) return bad_input(file.string() + ": is a folder, expected a training record");
    if (std::filesystem::exists(file, error) && !std::filesystem::is_regular_file(file, error))
        return bad_input(file.string() + ": is not a file, expected a training record");
    if (const auto whole = has_not_lost_itself(file); !whole) return tl::unexpected(whole.error());
    if (std::filesystem::exists(file, error) && std::filesystem::file_size(file, error) > 0) {
        if (const auto good = inspect(file, !options.read_only); !good) return tl::unexpected(good.error());
    } else if (options.read_only) {
        return failure(Error::Code::NotFound, file.string() + ": there is no such record");
    }
    if (options.station_folder.empty()) options.station_folder = usual_station_folder();
    if (options.read_only) options.key = StationKey::from_seed({}); // signs nothing
    if (file.has_parent_path() && !options.read_only)
        if (const auto made = make_own_folder(file.parent_path()); !made) return tl::unexpected(made.error());
    if (!options.read_only) make_own_file(file);
    auto key = options.key ? Result<StationKey>(*options.key) : StationKey::in(options.station_folder);
    if (!key) return tl::unexpected(key.error());
    try {
        return std::unique_ptr<Record>(new Record(std::make_unique<Impl>(file, std::move(options), std::move(*key))));
    } catch (const StoreFailure& why) {
        return bad_input(file.string() + ": cannot be opened as a training record: " + why.what());
    }
}

const std::filesystem::path& Record::file() const { return impl_->file; }
UnixTime Record::now() const { return impl_->now(); }

std::string Record::new_id() const
{
    return impl_->options.new_id ? impl_->options.new_id() : QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
}
const Attachments& Record::attachments() const { return impl_->attachments; }
const std::vector<std::string>& Record::problems_at_opening() const { return impl_->problems; }
int Record::put_aside_at_opening() const { return impl_->put_aside; }

Head Record::head() const
{
    const Entry last = impl_->tail();
    return {last.seq, last.hash};
}

std::vector<Entry> Record::append(const std::vector<Draft>& drafts)
{
    if (impl_->options.read_only) throw StoreFailure("the record was opened to be read only");
    Transaction transaction(impl_->database);
    std::vector<Entry> entries;
    // Another process may have written since: the chain goes on from what is there now, under the write lock.
    Entry last = impl_->tail();
    try {
        for (const Draft& draft : drafts) {
            for (Entry& entry : impl_->append_signed(draft, last)) entries.push_back(std::move(entry));
            last = entries.back();
        }
        transaction.commit();
    } catch (const StoreFailure&) {
        impl_->shared_here.clear(); // none of them is there
        throw;
    }
    impl_->key_is_entry = impl_->key_is_entry || !entries.empty();
    for (Entry& entry : entries) entry = as_read_today(std::move(entry), person_keys_in(impl_->database));
    if (entries.empty() || !impl_->options.remember_heads) return entries;
    if (impl_->first_hash.empty())
        impl_->first_hash = impl_->database.value("SELECT hash FROM entries WHERE seq = 1").toStdString();
    impl_->heads.remember(impl_->first_hash, impl_->file, {last.seq, last.hash});
    return entries;
}

int Record::erase_person(const std::string& id, const std::string& why, const std::string& who)
{
    append({{"erased", id, "{}", why, {}, who}});
    const Database& db = impl_->database;
    try {
        db.run("PRAGMA wal_checkpoint(TRUNCATE)"); // nor in the log beside the file
    } catch (const StoreFailure&) {
        // somebody reads: the log is emptied when the last one closes
    }
    int in_the_clear = 0;
    QSqlQuery rows = db.run("SELECT * FROM entries WHERE kind IN ('pilot', 'person') AND subject = ?", id);
    while (rows.next()) in_the_clear += name_is_sealed(entry_from(rows).body) ? 0 : 1;
    return in_the_clear;
}

std::vector<Entry> Record::entries_after(std::int64_t seq) const
{
    std::vector<Entry> entries;
    QSqlQuery rows = impl_->database.run("SELECT * FROM entries WHERE seq > ? ORDER BY seq", seq);
    while (rows.next()) entries.push_back(as_read_today(entry_from(rows), person_keys_in(impl_->database)));
    return entries;
}

Record::Snapshot Record::snapshot() const
{
    const Transaction unchanged(impl_->database, Transaction::Kind::Read); // others may write meanwhile
    Snapshot all;
    all.seq = impl_->tail().seq;
    const PersonKeys keys = all_person_keys_in(impl_->database);
    // In two ranges, which the index by kind finds without reading all the attempts.
    QSqlQuery rows = impl_->database.run("SELECT * FROM entries WHERE kind < 'attempt' OR kind > 'attempt' ORDER BY seq");
    while (rows.next()) all.entries.push_back(as_read_today(entry_from(rows), keys));
    rows.finish();
    all.attempts = impl_->attempts();
    return all;
}

std::optional<JudgedAttempt> Record::judged(const std::string& attempt_id) const
{
    const auto found = impl_->attempts("WHERE id = ?", attempt_id);
    if (found.empty()) return std::nullopt;
    QSqlQuery written =
        impl_->database.run("SELECT * FROM entries WHERE seq = (SELECT entry FROM attempts WHERE id = ?)", attempt_id);
    const auto attempt = written.next()
                             ? attempt_in(entry_from(written), [this](const std::string& n) { return impl_->shared_body(n); })
                             : Result<JudgedAttempt>(bad_input(""));
    if (!attempt) return JudgedAttempt{found.front()};
    return *attempt;
}

std::string noted_time_text(const std::string& session_id, const NotedTime& noted)
{
    char numbers[96];
    std::snprintf(numbers, sizeof numbers, "%.17g:%.17g:%lld", noted.active_s, noted.idle_s, static_cast<long long>(noted.at));
    return "session-time:" + session_id + ":" + numbers;
}

void Record::note_session_time(const std::string& session_id, double active_s, double idle_s)
{
    if (impl_->options.read_only) throw StoreFailure("the record was opened to be read only");
    const NotedTime noted{active_s, idle_s, now()};
    impl_->database.run("INSERT OR REPLACE INTO session_times VALUES (?,?,?,?,?)", session_id, active_s, idle_s, noted.at,
                        impl_->key.sign(noted_time_text(session_id, noted)));
}

std::map<std::string, NotedTime> Record::noted_session_times() const { return impl_->session_times(); }

std::string Record::note(const std::string& key) const
{
    QSqlQuery q = impl_->database.run("SELECT * FROM entries WHERE kind = 'note' AND subject = ? ORDER BY seq DESC LIMIT 1", key);
    return q.next() ? note_in(entry_from(q)).value_or("") : "";
}

void Record::set_note(const std::string& key, const std::string& value) { append({{"note", key, note_body(value), ""}}); }

VerifyReport Record::verify() const
{
    VerifyOptions verifying;
    if (impl_->options.remember_heads) verifying.station_folder = impl_->options.station_folder;
    verifying.read_logs_also_from = impl_->options.read_logs_also_from;
    auto report = verify_record(impl_->file, verifying);
    if (report) return std::move(*report);
    VerifyReport unreadable;
    unreadable.problems.push_back(report.error().message);
    return unreadable;
}

} // namespace bh
