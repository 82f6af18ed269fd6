#include "record/record.h"

#include "core/base/number_text.h"
#include "files/text/file_text.h"
#include "record/chain/bodies.h"
#include "record/chain/composer.h"
#include "record/chain/known_heads.h"
#include "record/chain/older_words.h"
#include "record/chain/projection.h"
#include "record/chain/seals.h"
#include "record/file/database.h"
#include "record/file/presence.h"
#include "record/file/schema.h"
#include "record/server/hand_over.h"
#include "record/server/server_files.h"
#include "record/server/server_line.h"
#include "record/server/waiting.h"

#include <QUuid>
#include <chrono>
#include <fcntl.h>
#include <fstream>
#include <mutex>
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
    return bad_input("%1%2, but flight logs of a record lie beside it in %3; restore a copy of the record, or take the logs away "
                     "to begin a new one",
                     file.string(), (there ? ": is empty" : ": is not there"), logs.filename().string());
}

/// Refuses what is not a record.
Result<void> inspect(const Database& database, const std::filesystem::path& file)
{
    const int version = database.value("PRAGMA user_version").toInt();
    const bool empty = database.value("SELECT count(*) FROM sqlite_master") == "0"; // another program is about to fill it
    if (database.value("PRAGMA application_id").toInt() != record_application_id && !empty)
        return bad_input("%1: is a database, but not a training record; it was left as it is", file.string());
    if (version > Record::schema_version)
        return failure(Error::Code::Unsupported,
                       "%1: was written by a newer version (%2, this one knows up to %3); it was left as it is", file.string(),
                       version, Record::schema_version);
    if (const QString check = database.value("PRAGMA quick_check"); check != "ok")
        return bad_input("%1: is damaged (%2); it was left as it is, restore a copy", file.string(),
                         check.simplified().left(120).toStdString());
    return {};
}

Result<void> inspect(const std::filesystem::path& file, bool may_write)
{
    std::ifstream in(file, std::ios::binary);
    char head[16] = {};
    in.read(head, sizeof head);
    if (!in && in.gcount() < static_cast<std::streamsize>(sizeof head))
        return bad_input("%1: is not a training record; it was left as it is", file.string());
    if (std::string_view(head, 15) != "SQLite format 3")
        return bad_input("%1: is not a training record; it was left as it is", file.string());
    try {
        return inspect(Database(file, true), file);
    } catch (const StoreFailure& why) {
        // What a program that was killed in the middle of making it had begun is taken back first, and that is a change.
        if (may_write) try {
                return inspect(Database(file, false), file);
            } catch (const StoreFailure&) {
            }
        return bad_input("%1: cannot be read as a training record: %2; it was left as it is", file.string(), why.message());
    }
}

Result<void> may_be_opened(const std::filesystem::path& file, bool read_only)
{
    if (auto possible = is_possible_path(file); !possible) return possible;
    std::error_code error;
    if (std::filesystem::is_directory(file, error))
        return bad_input("%1: is a folder, expected a training record", file.string());
    if (std::filesystem::exists(file, error) && !std::filesystem::is_regular_file(file, error))
        return bad_input("%1: is not a file, expected a training record", file.string());
    if (auto whole = has_not_lost_itself(file); !whole) return whole;
    if (std::filesystem::exists(file, error) && std::filesystem::file_size(file, error) > 0) return inspect(file, !read_only);
    if (read_only) return failure(Error::Code::NotFound, "%1: there is no such record", file.string());
    return {};
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

} // namespace

class Record::Impl {
public:
    Impl(RecordPlace where, RecordOptions opts, StationKey station_key)
        : place(std::move(where)), file(beside(place, opts.station_folder)), options(std::move(opts)),
          key(std::move(station_key)),
          presence(options.read_only || place.on_server() ? nullptr : std::make_unique<Presence>(file)),
          dialect(place.on_server() ? postgres_dialect(place.server, options.read_only, options.rights, file)
                                    : sqlite_dialect(file, options.read_only,
                                                     [this](const Database& db, int from, const std::vector<OlderNote>& notes) {
                                                         carry(db, from, notes);
                                                     })),
          database(dialect->database()), attachments(file, options.read_logs_also_from), heads(options.station_folder),
          waiting(file.string() + ".waiting")
    {
        const Patience opening(database, Patience::opening_ms);
        VerifyOptions quick;
        quick.newest = options.newest_looked_at;
        if (options.remember_heads) quick.station_folder = options.station_folder;
        problems = dialect->quick_problems(quick);
        for (const Message& problem : problems)
            if (keeps_from_reading(problem)) throw StoreFailure(message("%1; restore a copy", problem));
        first_hash = database.value("SELECT hash FROM entries WHERE seq = 1").toStdString();
        if (options.remember_heads && !first_hash.empty()) remember_what_is_there();
        if (place.on_server()) begin_as_station();
        static_cast<void>(wiped());
        if (!presence) return;
        if (presence->after_a_bad_end())
            put_aside = attachments.put_aside(names_in(database, QStringLiteral("main"), schema_version));
        presence->settle();
    }

    void begin_as_station()
    {
        attachments.use_server(
            {[this](const std::string& name, bool log) {
                 try {
                     ask_server(&fetch_file, name, log, attachments);
                 } catch (const StoreFailure&) { // not what its name says, or no room here: it is missing, and so told
                 }
             },
             [this](const std::string& name, bool log) { ask_server(&erase_file, name, log); },
             [this] {
                 if (files) files->wake();
             }});
        if (options.read_only) return;
        if (options.hands_over_only) return hand_over();
        files = std::make_unique<ServerFiles>(place.server, attachments);
        hand_over();
    }

    /// What is asked of the server about a file beside the record; while it is away there is no answer.
    template <class Ask, class... More>
    void ask_server(Ask ask, const std::string& name, bool log, const More&... more) const
    {
        static_cast<void>(answered<int>([&] { return ask(database, name, log, more...), 0; }, [] { return 0; }));
    }

    /// What was seen last is kept outside at most once a second: a file each time would take longer than the entry itself.
    void remember_soon(const Head& head)
    {
        constexpr auto apart = std::chrono::seconds(1);
        seen = head;
        const auto at = std::chrono::steady_clock::now();
        if (at - remembered_at >= apart) remember(), remembered_at = at;
    }
    void remember()
    {
        if (seen) heads.remember(first_hash, file, *seen);
        seen.reset();
    }

    /// Whatever was read is known the next time, unless it is less than what was seen before.
    void remember_what_is_there()
    {
        const Entry newest_there = tail_in(database);
        const auto before = heads.seen(first_hash, file);
        if (!before || before->count <= newest_there.seq) seen = Head{newest_there.seq, newest_there.hash};
        remember();
    }

    /// Attempts are many, and none comes after another under its name.
    void know(const Entry& entry) const
    {
        if (place.on_server() && entry.kind != "attempt") latest[{entry.kind, entry.subject}] = entry.seq;
    }

    void lose_server() const
    {
        away = true;
        if (line) line->doubt();
    }

    /// What the server answers; while it is away, something else.
    template <class T, class Ask, class Otherwise>
    [[nodiscard]] T answered(Ask ask, Otherwise otherwise) const
    {
        if (away) return otherwise();
        try {
            return ask();
        } catch (const ServerAway&) {
            lose_server();
            return otherwise();
        }
    }

    /// One that waits for the server.
    [[nodiscard]] std::optional<JudgedAttempt> waiting_attempt(const std::string& id) const
    {
        if (!place.on_server()) return std::nullopt;
        for (const WaitingGesture& gesture : waiting.all())
            for (std::size_t i = 0; i < gesture.drafts.size(); ++i) {
                if (gesture.drafts[i].kind != "attempt" || gesture.drafts[i].subject != id) continue;
                const auto shared = [&](const std::string& name) -> std::optional<std::string> {
                    for (const std::string& body : gesture.drafts[i].shared)
                        if (shared_name(body) == name) return body;
                    return std::nullopt;
                };
                if (auto attempt = attempt_in(as_entries(gesture)[i], shared)) return std::move(*attempt);
            }
        return std::nullopt;
    }

    /// What an older record kept beside its entries. Called while the file is being brought up to date.
    void carry(const Database& db, int from_version, const std::vector<OlderNote>& notes) const
    {
        constexpr int unsigned_times = 10, with_times = 3;
        for (const OlderNote& n : notes)
            insert_batch(db, Composer(db, key, options, now()).compose({{"note", n.key, note_body(n.value), ""}}, tail_in(db)));
        if (from_version > unsigned_times || from_version < with_times) return;
        for (const auto& [id, noted] : session_times(db))
            db.run("UPDATE session_times SET signature = ? WHERE session_id = ?", key.sign(noted_time_text(id, noted)), id);
    }

    [[nodiscard]] UnixTime now() const
    {
        if (options.clock) return options.clock();
        return std::chrono::duration_cast<std::chrono::seconds>(std::chrono::system_clock::now().time_since_epoch()).count();
    }

    [[nodiscard]] std::string new_id() const
    {
        return options.new_id ? options.new_id() : QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
    }

    /// Writes drafts after the newest entry. Where somebody was quicker they are made anew, unless they are to follow a certain
    /// one.
    /// `is_there`: asked once it is known after which entry it would come. What was sent before and answered by nobody may have
    /// been written until that very moment; after it, this batch is refused, since it does not follow the newest any more.
    std::vector<Entry> append(const std::vector<Draft>& drafts, std::optional<std::int64_t> after,
                              const std::function<bool()>& is_there = {},
                              const std::function<void(const std::string& hash)>& before_sending = {})
    {
        constexpr int tries = 200;
        bool out_of_date = false;
        for (int i = 1;; ++i) {
            tried.clear(); // nothing was sent yet
            const Entry last = i == 1 && newest ? *newest : tail_in(database);
            if (after && last.seq != *after) {
                newest.reset();
                throw MovedOn(message("something was written since"));
            }
            if (is_there && is_there()) return {};
            const bool guess = place.on_server() && !out_of_date; // a way to the server less: it says where it is wrong
            Batch batch = Composer(database, key, options, now(), key_is_entry, &known_shared, guess ? &latest : nullptr)
                              .compose(drafts, last);
            tried = batch.entries.back().hash;
            if (before_sending) before_sending(tried);
            try {
                dialect->write(batch);
                newest = batch.entries.back();
                key_is_entry = true;
                static_cast<void>(wiped());
                for (const Entry& entry : batch.entries) know(entry);
                return std::move(batch.entries);
            } catch (const StoreFailure& why) {
                newest.reset();
                known_shared.clear(); // none of this batch is there
                const bool behind = dynamic_cast<const OutOfDate*>(&why), moved = dynamic_cast<const MovedOn*>(&why);
                if (!moved || i == tries || (behind && out_of_date) || (!behind && after && i > 1)) throw;
                out_of_date = out_of_date || behind;
            }
        }
    }

    /// Gestures that waited, oldest first, until the server goes away again.
    void hand_over()
    {
        waiting_problems.clear();
        for (WaitingGesture& gesture : waiting.all(&waiting_problems)) {
            try {
                if (!is_there(gesture)) {
                    // What comes at once needs no word of when it was done: it is found again by its hash.
                    constexpr UnixTime at_once_s = 60;
                    const bool late = !gesture.soon || now() - gesture.at > at_once_s;
                    std::vector<Draft> drafts = gesture.drafts;
                    if (late) drafts.insert(drafts.begin(), late_draft(gesture));
                    append(
                        drafts, std::nullopt, [&] { return is_there(gesture); },
                        [&](const std::string& hash) { WaitingEntries::note_tried(gesture, hash); });
                }
                WaitingEntries::over(gesture);
            } catch (const ServerAway&) {
                throw;
            } catch (const StoreFailure& why) {
                if (is_there(gesture))
                    WaitingEntries::over(gesture);
                else
                    waiting_problems.push_back(
                        message("%1: the server does not take it: %2", gesture.file.string(), why.message()));
            }
        }
    }

    /// It was handed over before, or arrived although the line was cut.
    [[nodiscard]] bool is_there(const WaitingGesture& gesture) const
    {
        QSqlQuery late = database.run("SELECT 1 FROM entries WHERE kind = 'late' AND subject = ?", gesture.name);
        if (late.next()) return true;
        return std::any_of(gesture.tried.begin(), gesture.tried.end(), [this](const std::string& hash) {
            return database.run("SELECT 1 FROM entries WHERE hash = ?", hash).next();
        });
    }

    [[nodiscard]] std::optional<std::string> shared_body(const std::string& name) const
    {
        QSqlQuery q = database.run("SELECT body FROM entries WHERE kind = 'shared' AND subject = ? LIMIT 1", name);
        return q.next() ? std::optional(text(q, 0)) : std::nullopt;
    }

    static std::map<std::string, NotedTime> session_times(const Database& db)
    {
        std::map<std::string, NotedTime> times;
        QSqlQuery q = db.run("SELECT session_id, active_s, idle_s, at FROM session_times");
        while (q.next()) times[text(q, 0)] = {q.value(1).toDouble(), q.value(2).toDouble(), q.value(3).toLongLong()};
        return times;
    }

    /// A file beside the record says that something was erased whose place is not emptied yet.
    [[nodiscard]] std::filesystem::path to_wipe() const { return file.string() + ".to-wipe"; }
    void mark_to_wipe() const
    {
        if (place.on_server()) return;
        if (const auto written = write_whole(to_wipe(), "", true); !written) throw StoreFailure(written.error().message);
    }
    bool wiped() const
    {
        std::error_code error;
        if (options.read_only || place.on_server() || !std::filesystem::exists(to_wipe(), error)) return true;
        if (!dialect->wipe()) return false;
        std::filesystem::remove(to_wipe(), error);
        return true;
    }

    /// Nothing is written to what is only read.
    void must_write() const
    {
        if (options.read_only) throw StoreFailure(message("the record was opened to be read only"));
    }

    RecordPlace place;
    std::filesystem::path file; ///< or by what this station's things are found
    RecordOptions options;
    StationKey key;
    std::unique_ptr<Presence> presence; ///< none while it is only read, or on a server
    std::unique_ptr<Dialect> dialect;
    const Database& database;
    Attachments attachments;
    KnownHeads heads;
    WaitingEntries waiting;
    std::unique_ptr<ServerLine> line;
    std::unique_ptr<HandOver> handing; ///< none where what is added is written at once
    mutable std::mutex not_taken_mutex;
    std::vector<Message> not_taken;               ///< by the server, as that thread was told
    std::unique_ptr<ServerFiles> files;           ///< none in a file
    std::vector<Message> problems;                ///< at the opening
    std::vector<Message> waiting_problems;        ///< what the server did not take
    std::string first_hash;                       ///< by which the record is known; empty before its first entry
    std::optional<Entry> newest;                  ///< as it was written last from here; nothing: to be looked for
    mutable KeyBook last_keys;                    ///< as they were asked for last
    mutable Entry last_seen;                      ///< when its head was asked for
    std::string tried;                            ///< hash of the last entry that was sent
    bool key_is_entry = false;                    ///< known to be so
    std::unordered_set<std::string> known_shared; ///< names of shared bodies that are known to be entries
    mutable LatestEntries latest;                 ///< on a server, of what passed through here
    std::optional<Head> seen;                     ///< to be remembered
    std::chrono::steady_clock::time_point remembered_at{};
    int put_aside = 0;         ///< files that a program which was ended had left
    mutable bool away = false; ///< the server did not answer
};

Record::Record(std::unique_ptr<Impl> impl) : impl_(std::move(impl)) {}
Record::~Record()
{
    impl_->handing.reset(); // they call back
    impl_->line.reset();
    impl_->remember();
}

Result<std::unique_ptr<Record>> Record::open(const RecordPlace& place, RecordOptions options)
{
    if (!place.on_server())
        if (const auto good = may_be_opened(place.file, options.read_only); !good) return tl::unexpected(good.error());
    if (options.station_folder.empty()) options.station_folder = usual_station_folder();
    if (options.read_only) options.key = StationKey::from_seed({}); // signs nothing
    const std::filesystem::path file = beside(place, options.station_folder);
    if (file.has_parent_path() && !options.read_only)
        if (const auto made = make_own_folder(file.parent_path()); !made) return tl::unexpected(made.error());
    if (!options.read_only && !place.on_server()) make_own_file(file);
    auto key = options.key ? Result<StationKey>(*options.key) : StationKey::in(options.station_folder);
    if (!key) return tl::unexpected(key.error());
    try {
        return std::unique_ptr<Record>(new Record(std::make_unique<Impl>(place, std::move(options), std::move(*key))));
    } catch (const ServerAway& why) {
        return failure(Error::Code::NotFound, "%1: cannot be reached: %2", place.in_words(), why.message());
    } catch (const StoreFailure& why) {
        return bad_input("%1: cannot be opened as a training record: %2", place.in_words(), why.message());
    }
}

const RecordPlace& Record::place() const { return impl_->place; }
const std::filesystem::path& Record::file() const { return impl_->file; }
UnixTime Record::now() const { return impl_->now(); }

std::string Record::new_id() const { return impl_->new_id(); }
const Attachments& Record::attachments() const { return impl_->attachments; }
const std::vector<Message>& Record::problems_at_opening() const { return impl_->problems; }
int Record::put_aside_at_opening() const { return impl_->put_aside; }

Head Record::head() const
{
    const Entry last = impl_->answered<Entry>([&] { return tail_in(impl_->database); }, [&] { return impl_->last_seen; });
    impl_->last_seen = last;
    return {last.seq, last.hash};
}

std::vector<Entry> Record::append(const std::vector<Draft>& drafts, std::optional<std::int64_t> after)
{
    impl_->must_write();
    if (drafts.empty()) return {};
    std::vector<Entry> entries;
    if (impl_->handing && !after && std::all_of(drafts.begin(), drafts.end(), WaitingEntries::may_wait)) {
        const auto gesture =
            impl_->waiting.keep(with_actor(drafts, impl_->options.who), now(), new_id(), impl_->key, {}, !impl_->away);
        impl_->handing->wake();
        return as_entries(gesture);
    }
    try {
        if (impl_->away) throw ServerAway(message("the server does not answer"));
        entries = impl_->append(drafts, after);
    } catch (const ServerAway& why) {
        const bool sent = !impl_->away;
        impl_->lose_server();
        if (!std::all_of(drafts.begin(), drafts.end(), WaitingEntries::may_wait))
            throw ServerAway(message("what changes something that others share waits for the server: %1", why.message()));
        return as_entries(impl_->waiting.keep(with_actor(drafts, impl_->options.who), now(), new_id(), impl_->key,
                                              sent ? impl_->tried : std::string()));
    }
    const Entry last = entries.back();
    try {
        for (Entry& entry : entries) entry = as_read_today(std::move(entry), person_keys_in(impl_->database));
        if (!impl_->options.remember_heads) return entries;
        if (impl_->first_hash.empty())
            impl_->first_hash = impl_->database.value("SELECT hash FROM entries WHERE seq = 1").toStdString();
    } catch (const ServerAway&) { // it went after it had taken them: they are written
        impl_->lose_server();
        return entries;
    }
    impl_->remember_soon({last.seq, last.hash});
    return entries;
}

bool Record::server_away() const { return impl_->away; }
int Record::waiting() const { return impl_->place.on_server() ? impl_->waiting.count() : 0; }
std::vector<Message> Record::waiting_problems() const
{
    if (!impl_->handing) return impl_->waiting_problems;
    const std::scoped_lock lock(impl_->not_taken_mutex);
    return impl_->not_taken;
}

std::vector<Entry> Record::waiting_entries() const
{
    std::vector<Entry> entries;
    if (!impl_->place.on_server()) return entries;
    for (const WaitingGesture& gesture : impl_->waiting.all())
        for (Entry& entry : as_entries(gesture)) entries.push_back(as_read_today(std::move(entry), {}));
    return entries;
}

bool Record::reach_server()
{
    if (!impl_->place.on_server()) return true;
    if (!impl_->answered<bool>([&] { return impl_->database.run("SELECT 1").next(); }, [] { return false; }))
        impl_->lose_server();
    try {
        if (impl_->away) {
            impl_->newest.reset();
            impl_->database.connect_again();
        }
        if (impl_->handing)
            impl_->handing->wake();
        else if (!impl_->options.read_only)
            impl_->hand_over();
        impl_->away = false;
        if (impl_->files) impl_->files->wake();
    } catch (const ServerAway&) {
        impl_->lose_server();
    }
    return !impl_->away;
}

void Record::listen(Listener listener)
{
    if (!impl_->place.on_server()) return;
    impl_->database.listen(QStringLiteral("hangar_entries"), [this, written = std::move(listener.written)](const QString&) {
        impl_->newest.reset();
        written();
    });
    impl_->database.listen(QStringLiteral("hangar_live"),
                           [told = std::move(listener.told_live)](const QString& text) { told(text.toStdString()); });
    if (impl_->options.journal_first && !impl_->options.read_only) {
        RecordOptions options = impl_->options;
        options.key = impl_->key, options.hands_over_only = true, options.journal_first = false, options.remember_heads = false;
        impl_->handing = std::make_unique<HandOver>(
            [place = impl_->place, options] {
                auto own = Record::open(place, options);
                return own ? std::move(*own) : nullptr;
            },
            [this, answers = listener.answers](std::vector<Message> not_taken) {
                {
                    const std::scoped_lock lock(impl_->not_taken_mutex);
                    impl_->not_taken = std::move(not_taken);
                }
                answers(true); // there may be news, and less may wait
            });
    }
    impl_->line = std::make_unique<ServerLine>(impl_->place.server, std::move(listener.answers));
}

void Record::tell_live(std::string text)
{
    if (impl_->line) impl_->line->tell(std::move(text));
}

void Record::take_as_away() { impl_->lose_server(); }

void Record::hold_files_back(bool hold)
{
    if (impl_->files) impl_->files->hold_back(hold);
}

bool Record::finish_sending(int most_ms) const { return !impl_->files || impl_->files->finish(most_ms); }

bool Record::erased_for_good() const { return impl_->wiped(); }

int Record::erase_person(const std::string& id, const std::string& why, const std::string& who)
{
    impl_->mark_to_wipe(); // first: a mark without need is no harm
    append({{"erased", id, "{}", why, {}, who}});
    static_cast<void>(impl_->wiped());
    const Database& db = impl_->database;
    int in_the_clear = 0;
    QSqlQuery rows = db.run("SELECT * FROM entries WHERE kind IN ('pilot', 'person') AND subject = ?", id);
    while (rows.next()) in_the_clear += name_is_sealed(entry_from(rows).body) ? 0 : 1;
    return in_the_clear;
}

KeyBook Record::keys() const
{
    const auto ask = [this] {
        KeyBook book;
        QSqlQuery rows = impl_->database.run(
            "SELECT * FROM entries WHERE seq = 1 OR kind IN ('key', 'standing', 'admitted', 'person') ORDER BY seq");
        while (rows.next()) book.add(entry_from(rows));
        return impl_->last_keys = book;
    };
    return impl_->answered<KeyBook>(ask, [this] { return impl_->last_keys; });
}

const std::string& Record::own_key() const { return impl_->key.public_key(); }

Result<void> Record::countersign(const std::string& public_key, const StationKey* with, const std::string& who)
{
    if (!is_public_key(public_key)) return bad_input("'%1' is no key, expected 64 hex digits", public_key.substr(0, 80));
    const StationKey& by = with ? *with : impl_->key;
    const KeyBook book = keys();
    const KnownKey* own = book.find(by.public_key());
    if (!own || !own->stands) return bad_input("this key was not countersigned itself, so that it can let no other in");
    const AdmissionRow row{public_key, by.public_key(), by.sign(admission_text(book.first_hash(), public_key))};
    Draft draft{"admitted", public_key, body_of(row), "let in", {}, who};
    append({std::move(draft)});
    return {};
}

Result<void> Record::mark_as_known(std::int64_t seq, const std::string& why, const StationKey* with, const std::string& who)
{
    if (why.empty()) return bad_input("a reason is missing: why is entry %1 as it is?", seq);
    QSqlQuery there = impl_->database.run("SELECT hash FROM entries WHERE seq = ?", seq);
    if (!there.next()) return bad_input("there is no entry %1", seq);
    RepairRow row{seq, text(there, 0), with ? with->public_key() : impl_->key.public_key(), {}};
    const KeyBook book = keys();
    if (!book.may_repair(row.by))
        return book.has_coordinator() ? bad_input("a coordinator marks an entry as known, with a passphrase")
                                      : bad_input("this station's key was not let in: mark it at one that was");
    row.signature = (with ? *with : impl_->key).sign(repair_text(book.first_hash(), seq, row.hash, why));
    append({{"repair", whole_text(seq), body_of(row), why, {}, who}});
    return {};
}

std::optional<std::string> Record::hash_of(std::int64_t seq) const
{
    return impl_->answered<std::optional<std::string>>(
        [&]() -> std::optional<std::string> {
            QSqlQuery there = impl_->database.run("SELECT hash FROM entries WHERE seq = ?", seq);
            return there.next() ? std::optional(text(there, 0)) : std::nullopt;
        },
        [] { return std::nullopt; });
}

bool Record::wrote(const std::string& kind, const std::string& subject) const
{
    QSqlQuery newest = impl_->database.run(
        "SELECT signature FROM entries WHERE kind = ? AND subject = ? ORDER BY seq DESC LIMIT 1", kind, subject);
    return newest.next() && impl_->key.public_key().starts_with(key_named_in(text(newest, 0))) && !text(newest, 0).empty();
}

std::vector<Entry> Record::entries_after(std::int64_t seq) const
{
    std::vector<Entry> entries;
    const Patience much(impl_->database);
    QSqlQuery rows = impl_->database.run("SELECT * FROM entries WHERE seq > ? ORDER BY seq", seq);
    while (rows.next()) {
        Entry entry = entry_from(rows);
        impl_->know(entry);
        entries.push_back(as_read_today(std::move(entry), person_keys_in(impl_->database)));
    }
    if (!entries.empty() && impl_->options.remember_heads && !impl_->first_hash.empty())
        impl_->remember_soon({entries.back().seq, entries.back().hash});
    return entries;
}

Record::Snapshot Record::snapshot() const
{
    const Patience much(impl_->database);
    const Transaction unchanged(impl_->database, Transaction::Kind::Read); // others may write meanwhile
    Snapshot all;
    all.seq = tail_in(impl_->database).seq;
    const PersonKeys keys = all_person_keys_in(impl_->database);
    // In two ranges, which the index by kind finds without reading all the attempts.
    QSqlQuery rows = impl_->database.run("SELECT * FROM entries WHERE kind < 'attempt' OR kind > 'attempt' ORDER BY seq");
    while (rows.next()) {
        Entry entry = entry_from(rows);
        impl_->know(entry);
        all.entries.push_back(as_read_today(std::move(entry), keys));
    }
    rows.finish();
    all.attempts = impl_->dialect->attempts("");
    return all;
}

std::optional<JudgedAttempt> Record::judged(const std::string& attempt_id) const
{
    return impl_->answered<std::optional<JudgedAttempt>>(
        [&]() -> std::optional<JudgedAttempt> {
            const auto found = impl_->dialect->attempts(attempt_id);
            if (found.empty()) return impl_->waiting_attempt(attempt_id);
            QSqlQuery written =
                impl_->database.run("SELECT * FROM entries WHERE seq = (SELECT entry FROM attempts WHERE id = ?)", attempt_id);
            const auto attempt =
                written.next() ? attempt_in(entry_from(written), [this](const std::string& n) { return impl_->shared_body(n); })
                               : Result<JudgedAttempt>(bad_input(""));
            return attempt ? *attempt : JudgedAttempt{found.front()};
        },
        [&] { return impl_->waiting_attempt(attempt_id); });
}

std::string noted_time_text(const std::string& session_id, const NotedTime& noted)
{
    return "session-time:" + session_id + ":" + exact(noted.active_s) + ":" + exact(noted.idle_s) + ":" + whole_text(noted.at);
}

std::string noted_time_text_with_commas(const std::string& session_id, const NotedTime& noted)
{
    std::string active = exact(noted.active_s), idle = exact(noted.idle_s);
    std::replace(active.begin(), active.end(), '.', ',');
    std::replace(idle.begin(), idle.end(), '.', ',');
    return "session-time:" + session_id + ":" + active + ":" + idle + ":" + whole_text(noted.at);
}

void Record::note_session_time(const std::string& session_id, double active_s, double idle_s)
{
    impl_->must_write();
    const NotedTime noted{active_s, idle_s, now()};
    const std::string signature = impl_->key.sign(noted_time_text(session_id, noted));
    if (impl_->line) // in its thread: whoever flies waits for nothing
        return impl_->line->soon(session_id, [session_id, noted, signature](const Database& server) {
            server.write("SELECT note_session_time(?,?,?,?,?)", session_id, exact(noted.active_s), exact(noted.idle_s), noted.at,
                         signature);
        });
    // While the server is away it is not noted: it is known when the session's end is handed over.
    static_cast<void>(impl_->answered<int>([&] { return impl_->dialect->note_session_time(session_id, noted, signature), 0; },
                                           [] { return 0; }));
}

std::map<std::string, NotedTime> Record::noted_session_times() const { return Impl::session_times(impl_->database); }

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
    auto report = verify_record(impl_->place, verifying);
    if (report) return std::move(*report);
    VerifyReport unreadable;
    unreadable.problems.push_back(report.error().message);
    return unreadable;
}

} // namespace bh
