#include "record/record.h"

#include "core/base/number_text.h"
#include "files/text/file_text.h"
#include "record/chain/bodies.h"
#include "record/chain/seals.h"
#include "record/file/openable.h"
#include "record/record_impl.h"

#include <algorithm>
#include <limits>

namespace bh {

Record::Record(std::unique_ptr<Impl> impl) : impl_(std::move(impl)) {}
Record::~Record()
{
    impl_->worker.reset(); // they call back
    impl_->line.reset();
    impl_->remember();
}

Result<std::unique_ptr<Record>> Record::open(const RecordPlace& place, RecordOptions options)
{
    if (!place.on_server())
        if (const auto good = may_be_opened(place.file, options.read_only); !good) return tl::unexpected(good.error());
    if (options.station_folder.empty()) options.station_folder = usual_station_folder();
    if (options.as_of) options.read_only = true, options.clock = [at = *options.as_of] { return at; };
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
    const Entry last = impl_->answered<Entry>([](Impl& at) { return tail_in(at.database); }, [this] { return impl_->last_seen; });
    impl_->last_seen = last;
    return {last.seq, last.hash};
}

std::vector<Entry> Record::append(const std::vector<Draft>& drafts, std::optional<std::int64_t> after)
{
    impl_->must_write();
    if (drafts.empty()) return {};
    if (impl_->worker) return impl_->keep_for_worker(drafts, after);
    std::vector<Entry> entries;
    try {
        if (impl_->away) throw ServerAway(message("the server does not answer"));
        entries = impl_->append(drafts, after);
    } catch (const ServerAway& why) {
        const bool sent = !impl_->away;
        impl_->lose_server();
        if (!std::all_of(drafts.begin(), drafts.end(), WaitingEntries::may_wait))
            throw ServerAway(message("what changes something that others share waits for the server: %1", why.message()));
        WaitingGesture gesture;
        gesture.drafts = with_actor(drafts, impl_->options.who);
        gesture.at = now();
        if (sent && !impl_->tried.empty()) gesture.tried = {impl_->tried};
        return as_entries(impl_->waiting.keep(std::move(gesture), new_id(), impl_->key));
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

bool Record::erased_for_good() const { return impl_->wiped(); }

int Record::erase_person(const std::string& id, const std::string& why, const std::string& who)
{
    if (impl_->worker) return impl_->worker->ask_patiently<int>([&](Record& there) { return there.erase_person(id, why, who); });
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
    const auto ask = [](Impl& at) {
        KeyBook book;
        QSqlQuery rows = at.database.run(
            "SELECT * FROM entries WHERE seq = 1 OR (kind IN ('key', 'standing', 'admitted', 'person') AND at <= ?) ORDER BY seq",
            at.options.as_of.value_or(std::numeric_limits<UnixTime>::max()));
        while (rows.next()) book.add(entry_from(rows));
        return book;
    };
    return impl_->last_keys = impl_->answered<KeyBook>(ask, [this] { return impl_->last_keys; });
}

const std::string& Record::own_key() const { return impl_->key.public_key(); }

Result<void> Record::countersign(const std::string& public_key, const StationKey* with, const std::string& who)
{
    if (impl_->worker)
        return impl_->worker->ask_patiently<Result<void>>(
            [&](Record& there) { return there.countersign(public_key, with, who); });
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
    if (impl_->worker)
        return impl_->worker->ask_patiently<Result<void>>(
            [&](Record& there) { return there.mark_as_known(seq, why, with, who); });
    if (why.empty()) return bad_input("a reason is missing: why is entry %1 as it is?", seq);
    QSqlQuery there = impl_->database.run("SELECT hash FROM entries WHERE seq = ?", seq);
    if (!there.next()) return bad_input("there is no entry %1", seq);
    RepairRow row{seq, there.value(0).toString().toStdString(), with ? with->public_key() : impl_->key.public_key(), {}};
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
    using Hash = std::optional<std::string>;
    return impl_->answered<Hash>(
        [seq](Impl& at) {
            QSqlQuery there = at.database.run("SELECT hash FROM entries WHERE seq = ?", seq);
            return there.next() ? Hash(there.value(0).toString().toStdString()) : Hash();
        },
        [] { return Hash(); });
}

bool Record::wrote(const std::string& kind, const std::string& subject) const
{
    return impl_->there<bool>([kind, subject](Impl& at) {
        QSqlQuery newest = at.database.run(
            "SELECT signature FROM entries WHERE kind = ? AND subject = ? ORDER BY seq DESC LIMIT 1", kind, subject);
        const std::string signature = newest.next() ? newest.value(0).toString().toStdString() : "";
        return !signature.empty() && at.key.public_key().starts_with(key_named_in(signature));
    });
}

std::vector<Entry> Record::entries_after(std::int64_t seq) const
{
    if (impl_->worker)
        return impl_->worker->ask_patiently<std::vector<Entry>>([&](Record& there) { return there.entries_after(seq); });
    return impl_->entries_after(seq);
}

Record::Snapshot Record::snapshot() const
{
    const Patience much(impl_->database);
    const Transaction unchanged(impl_->database, Transaction::Kind::Read); // others may write meanwhile
    Snapshot all;
    all.seq = tail_in(impl_->database).seq;
    const PersonKeys keys = all_person_keys_in(impl_->database);
    // In two ranges, which the index by kind finds without reading all the attempts.
    const auto of_then = impl_->options.as_of;
    QSqlQuery rows =
        impl_->database.run("SELECT * FROM entries WHERE (kind < 'attempt' OR kind > 'attempt') AND at <= ? ORDER BY seq",
                            of_then.value_or(std::numeric_limits<UnixTime>::max()));
    while (rows.next()) {
        Entry entry = entry_from(rows);
        impl_->know(entry);
        all.entries.push_back(as_read_today(std::move(entry), keys));
    }
    rows.finish();
    all.attempts = impl_->dialect->attempts("", of_then);
    return all;
}

std::optional<JudgedAttempt> Record::judged(const std::string& attempt_id) const
{
    return impl_->answered<std::optional<JudgedAttempt>>([attempt_id](Impl& at) { return at.judged(attempt_id); },
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
    static_cast<void>(impl_->answered<int>(
        [&](Impl& at) { return at.dialect->note_session_time(session_id, noted, signature), 0; }, [] { return 0; }));
}

std::map<std::string, NotedTime> Record::noted_session_times() const
{
    return impl_->there<std::map<std::string, NotedTime>>([](Impl& at) { return session_times_in(at.database); });
}

std::string Record::note(const std::string& key) const
{
    return impl_->there<std::string>([key](Impl& at) {
        QSqlQuery q = at.database.run("SELECT * FROM entries WHERE kind = 'note' AND subject = ? ORDER BY seq DESC LIMIT 1", key);
        return q.next() ? note_in(entry_from(q)).value_or("") : "";
    });
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
