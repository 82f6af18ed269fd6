#include "record/composer.h"

#include "record/bodies.h"
#include "record/seals.h"

namespace bh {

Entry tail_in(const Database& database)
{
    Entry last;
    const QVariantList newest = database.first("SELECT seq, hash, at FROM entries ORDER BY seq DESC LIMIT 1");
    if (newest.isEmpty()) return last;
    last.seq = newest[0].toLongLong(), last.hash = newest[1].toString().toStdString(), last.at = newest[2].toLongLong();
    return last;
}

std::vector<Draft> with_actor(std::vector<Draft> drafts, const std::string& who)
{
    for (Draft& draft : drafts)
        if (draft.who.empty()) draft.who = who;
    return drafts;
}

Batch Composer::compose(const std::vector<Draft>& drafts, Entry last)
{
    last_ = std::move(last);
    say_first();
    for (const Draft& draft : drafts) {
        for (const std::string& body : draft.shared) {
            const std::string name = shared_name(body);
            if (has_shared(name)) continue;
            add({"shared", name, body, ""});
            known_shared_.insert(name);
        }
        add(draft);
    }
    return std::move(batch_);
}

void Composer::say_first()
{
    // Clocks of stations differ by seconds; nobody has set one back.
    constexpr UnixTime stations_differ_s = 60;
    if (database_.kind() == Database::Kind::Postgres && now_ < last_.at && last_.at - now_ <= stations_differ_s) now_ = last_.at;
    if (now_ < last_.at) add({"clock", "", clock_body(last_.at - now_), "the clock was set back"});
    if (key_is_entry_) return;
    QSqlQuery known = database_.run("SELECT 1 FROM entries WHERE kind = 'key' AND subject = ? LIMIT 1", key_.public_key());
    if (known.next()) return;
    known.finish();
    const bool first = database_.value("SELECT count(*) FROM entries WHERE kind = 'key'") == "0";
    const StationKeyRow row{key_.public_key(), first ? last_.seq : 0};
    add({"key", key_.public_key(), body_of(row), ""});
}

void Composer::add(const Draft& draft)
{
    Entry entry;
    entry.seq = last_.seq + 1;
    entry.previous_hash = last_.hash;
    entry.at = now_;
    entry.who = draft.who.empty() ? options_.who : draft.who;
    entry.kind = draft.kind;
    entry.subject = draft.subject;
    entry.supersedes = before(draft.kind, draft.subject);
    entry.why = draft.why;
    entry.body = has_sealed_name(draft.kind) ? with_sealed_name(draft.body, key_of_person(draft.subject)) : draft.body;
    entry.hash = entry_hash(entry);
    entry.signature = key_.sign(entry.hash);
    in_batch_[{entry.kind, entry.subject}] = entry.seq;
    last_ = entry;
    batch_.entries.push_back(std::move(entry));
}

std::int64_t Composer::before(const std::string& kind, const std::string& subject)
{
    if (const auto found = in_batch_.find({kind, subject}); found != in_batch_.end()) return found->second;
    if (latest_ && kind != "shared") {
        const auto known = latest_->find({kind, subject});
        return known == latest_->end() ? 0 : known->second;
    }
    return database_.first("SELECT max(seq) FROM entries WHERE kind = ? AND subject = ?", kind, subject).value(0).toLongLong();
}

bool Composer::has_shared(const std::string& name)
{
    if (known_shared_.contains(name)) return true;
    if (before("shared", name) == 0) return false;
    known_shared_.insert(name);
    return true;
}

/// Made for one who is new.
std::string Composer::key_of_person(const std::string& id)
{
    if (const auto made = batch_.person_keys.find(id); made != batch_.person_keys.end()) return made->second;
    QSqlQuery q = database_.run("SELECT key FROM person_keys WHERE person = ?", id);
    if (q.next()) return q.value(0).toString().toStdString();
    const std::string made = new_person_key(options_.new_id ? std::optional(options_.new_id()) : std::nullopt);
    batch_.person_keys[id] = made;
    return made;
}

} // namespace bh
