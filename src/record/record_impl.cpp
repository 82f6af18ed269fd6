#include "record/record_impl.h"

#include "files/text/file_text.h"
#include "record/chain/bodies.h"
#include "record/chain/projection.h"
#include "record/file/dialect.h"
#include "record/file/failures.h"

#include <QUuid>

namespace bh {

Entry as_read_today(Entry entry, const PersonKeys& keys)
{
    entry.body = body_to_read(entry, keys);
    return entry;
}

Record::Impl::Impl(RecordPlace where, RecordOptions opts, StationKey station_key)
    : place(std::move(where)), file(beside(place, opts.station_folder)), options(std::move(opts)), key(std::move(station_key)),
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

void Record::Impl::remember_soon(const Head& head)
{
    constexpr auto apart = std::chrono::seconds(1);
    seen = head;
    const auto at = std::chrono::steady_clock::now();
    if (at - remembered_at >= apart) remember(), remembered_at = at;
}

void Record::Impl::remember()
{
    if (seen) heads.remember(first_hash, file, *seen);
    seen.reset();
}

/// Whatever was read is known the next time, unless it is less than what was seen before.
void Record::Impl::remember_what_is_there()
{
    const Entry newest_there = tail_in(database);
    const auto before = heads.seen(first_hash, file);
    if (!before || before->count <= newest_there.seq) seen = Head{newest_there.seq, newest_there.hash};
    remember();
}

void Record::Impl::know(const Entry& entry) const
{
    if (place.on_server() && entry.kind != "attempt") latest[{entry.kind, entry.subject}] = entry.seq;
}

void Record::Impl::carry(const Database& db, int from_version, const std::vector<OlderNote>& notes) const
{
    constexpr int unsigned_times = 10, with_times = 3;
    for (const OlderNote& n : notes)
        insert_batch(db, Composer(db, key, options, now()).compose({{"note", n.key, note_body(n.value), ""}}, tail_in(db)));
    if (from_version > unsigned_times || from_version < with_times) return;
    for (const auto& [id, noted] : session_times_in(db))
        db.run("UPDATE session_times SET signature = ? WHERE session_id = ?", key.sign(noted_time_text(id, noted)), id);
}

UnixTime Record::Impl::now() const
{
    if (options.clock) return options.clock();
    return std::chrono::duration_cast<std::chrono::seconds>(std::chrono::system_clock::now().time_since_epoch()).count();
}

std::string Record::Impl::new_id() const
{
    return options.new_id ? options.new_id() : QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
}

void Record::Impl::must_write() const
{
    if (options.read_only) throw StoreFailure(message("the record was opened to be read only"));
}

std::vector<Entry> Record::Impl::append(const std::vector<Draft>& drafts, std::optional<std::int64_t> after,
                                        const std::function<bool()>& is_there,
                                        const std::function<void(const std::string& hash)>& before_sending)
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
        Batch batch =
            Composer(database, key, options, now(), key_is_entry, &known_shared, guess ? &latest : nullptr).compose(drafts, last);
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

std::optional<std::string> Record::Impl::shared_body(const std::string& name) const
{
    QSqlQuery q = database.run("SELECT body FROM entries WHERE kind = 'shared' AND subject = ? LIMIT 1", name);
    return q.next() ? std::optional(q.value(0).toString().toStdString()) : std::nullopt;
}

std::optional<JudgedAttempt> Record::Impl::judged(const std::string& attempt_id) const
{
    const auto found = dialect->attempts(attempt_id);
    if (found.empty()) return waiting_attempt(attempt_id);
    QSqlQuery written = database.run("SELECT * FROM entries WHERE seq = (SELECT entry FROM attempts WHERE id = ?)", attempt_id);
    if (written.next())
        if (auto attempt = attempt_in(entry_from(written), [this](const std::string& name) { return shared_body(name); }))
            return std::move(*attempt);
    return JudgedAttempt{found.front()};
}

std::vector<Entry> Record::Impl::entries_after(std::int64_t seq)
{
    std::vector<Entry> entries;
    const Patience much(database);
    QSqlQuery rows = database.run("SELECT * FROM entries WHERE seq > ? ORDER BY seq", seq);
    while (rows.next()) {
        Entry entry = entry_from(rows);
        know(entry);
        entries.push_back(as_read_today(std::move(entry), person_keys_in(database)));
    }
    if (!entries.empty() && options.remember_heads && !first_hash.empty())
        remember_soon({entries.back().seq, entries.back().hash});
    return entries;
}

std::map<std::string, NotedTime> session_times_in(const Database& database)
{
    std::map<std::string, NotedTime> times;
    QSqlQuery q = database.run("SELECT session_id, active_s, idle_s, at FROM session_times");
    while (q.next())
        times[q.value(0).toString().toStdString()] = {q.value(1).toDouble(), q.value(2).toDouble(), q.value(3).toLongLong()};
    return times;
}

void Record::Impl::mark_to_wipe() const
{
    if (place.on_server()) return;
    if (const auto written = write_whole(to_wipe(), "", true); !written) throw StoreFailure(written.error().message);
}

bool Record::Impl::wiped() const
{
    std::error_code error;
    if (options.read_only || place.on_server() || !std::filesystem::exists(to_wipe(), error)) return true;
    if (!dialect->wipe()) return false;
    std::filesystem::remove(to_wipe(), error);
    return true;
}

} // namespace bh
