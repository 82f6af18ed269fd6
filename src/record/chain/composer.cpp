#include "record/chain/composer.h"

#include "record/chain/bodies.h"
#include "record/chain/projection.h"
#include "record/chain/seals.h"

#include <algorithm>
#include <utility>

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
    if (!key_is_entry_) { // first, for everything else is signed with it: and so not before the newest entry
        const UnixTime by_the_clock = std::exchange(now_, std::max(now_, last_.at));
        say_whose_key();
        now_ = by_the_clock;
    }
    if (now_ < last_.at) add({"clock", "", clock_body(last_.at - now_), "the clock was set back"});
}

void Composer::say_whose_key()
{
    say_what_stands();
    QSqlQuery known = database_.run("SELECT 1 FROM entries WHERE kind = 'key' AND subject = ? LIMIT 1", key_.public_key());
    if (known.next()) return;
    known.finish();
    const bool first = database_.value("SELECT count(*) FROM entries WHERE kind = 'key'") == "0";
    StationKeyRow row{key_.public_key(), first ? last_.seq : 0, first && last_.seq == 0, {}, 0};
    if (database_.kind() == Database::Kind::Postgres) {
        QSqlQuery login = database_.run("SELECT session_user, login_may()");
        if (login.next()) row.login = login.value(0).toString().toStdString(), row.login_may = login.value(1).toInt();
    }
    add({"key", key_.public_key(), body_of(row), ""});
}

/// Of a record from before keys were countersigned: those that are there stand, and from here on new ones are. On a server it is
/// said by a login that may.
void Composer::say_what_stands()
{
    QSqlQuery first_key = database_.run("SELECT * FROM entries WHERE kind = 'key' ORDER BY seq LIMIT 1");
    if (!first_key.next()) return;
    const auto key = station_key_in(entry_from(first_key));
    if (key && key->countersigned) return;
    first_key.finish();
    if (database_.value("SELECT count(*) FROM entries WHERE kind = 'standing'") != QLatin1String("0")) return;
    if (database_.kind() == Database::Kind::Postgres && database_.value("SELECT login_may()") != QLatin1String("3")) return;
    add({"standing", "", standing_body(last_.seq), "keys are countersigned from here on"});
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
