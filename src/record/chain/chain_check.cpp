#include "record/chain/chain_check.h"

#include "files/documents/first_flight_documents.h"
#include "record/chain/bodies.h"
#include "record/chain/seals.h"

#include <algorithm>
#include <iterator>
#include <thread>
#include <utility>

namespace bh {
namespace {

bool signed_well(const std::vector<std::string>& keys, const std::string& hash, const std::string& signature)
{
    const std::string_view named = key_named_in(signature);
    return !named.empty() && std::any_of(keys.begin(), keys.end(), [&](const std::string& key) {
        return key.starts_with(named) && is_signed_by(key, hash, signature);
    });
}

} // namespace

std::optional<Message> unlike(const Head& seen, std::int64_t count, const std::string& hash_there, const Message& who)
{
    if (seen.count > count)
        return message("the newest entries are missing: %1 has %2 entries, the file %3", who, seen.count, count);
    if (seen.count > 0 && !hash_there.starts_with(seen.hash))
        return message("entry %1 is not that of %2: another record, or a rewritten one, stands in its place", seen.count, who);
    return std::nullopt;
}

void ChainCheck::add(Entry entry)
{
    const Message at = message("entry %1", entry.seq);
    if (entry.seq != expected_) tell_changed(expected_, message("entry %1 is missing", expected_));
    if (entry.previous_hash != previous_) tell_changed(entry.seq, message("%1 does not follow the one before it", at));
    if (entry.kind == "key") learn_key(entry);
    if (auto problem = book_.add(entry)) tell(entry.seq, std::move(*problem));
    if (entry.kind == "repair") learn_repair(entry);
    if (!is_possible(entry.at)) tell(entry.seq, message("%1 has a time outside the years 1970 to 9999", at));
    if (!keys_.empty() && entry.at < last_at_ && entry.kind != "clock")
        tell(entry.seq, message("%1 is dated before the one before it", at));
    previous_ = entry.hash;
    expected_ = entry.seq + 1;
    last_at_ = entry.at;
    hashes_.push_back(entry.hash);
    ++signed_by_[std::string(key_named_in(entry.signature))];
    batch_.push_back(std::move(entry));
    constexpr std::size_t batch = 1024;
    if (batch_.size() == batch) start_batch();
}

void ChainCheck::learn_key(const Entry& entry)
{
    const auto key = station_key_in(entry);
    if (!key || !is_public_key(key->public_key)) return; // the book tells
    if (keys_.empty()) unsigned_up_to_ = entry.seq - 1;  // only the first can say that there were none before it
    keys_.push_back(key->public_key);
}

/// Who marks what as known has to stand at that moment, and name the entry as it is.
void ChainCheck::learn_repair(const Entry& entry)
{
    const auto row = repair_in(entry);
    if (!row) return tell(entry.seq, message("entry %1 marks nothing as known", entry.seq));
    const std::string text = repair_text(book_.first_hash(), row->entry, row->hash, entry.why);
    if (entry.why.empty() || !is_signed_by(row->by, text, row->signature) || !book_.may_repair(row->by))
        return tell(entry.seq,
                    message("entry %1 marks another as known, and no coordinator of this record signed it", entry.seq));
    const auto name = names_.find(entry.who);
    repairs_[row->entry] = {row->hash, message("%1: %2", name == names_.end() ? entry.who : name->second, entry.why)};
}

const std::vector<std::string>& ChainCheck::trusted() const
{
    return options_.trusted_keys.empty() ? keys_ : options_.trusted_keys;
}

void ChainCheck::start_batch()
{
    const std::size_t most = std::max(1U, std::thread::hardware_concurrency());
    if (running_.size() >= most) end_oldest_batch();
    running_.push_back(std::async(std::launch::async, [batch = std::exchange(batch_, {}), keys = trusted()] {
        Checked checked;
        for (const Entry& e : batch) {
            if (entry_hash(e) != e.hash)
                checked.changed.push_back(
                    {e.seq, message("entry %1 (%2) was changed after it was written", e.seq, e.kind), false});
            if (!signed_well(keys, e.hash, e.signature)) checked.not_signed.push_back({e.seq, e.hash, e.signature});
        }
        return checked;
    }));
}

void ChainCheck::end_oldest_batch()
{
    Checked checked = running_.front().get();
    running_.pop_front();
    std::move(checked.changed.begin(), checked.changed.end(), std::back_inserter(told_));
    std::move(checked.not_signed.begin(), checked.not_signed.end(), std::back_inserter(unsigned_));
}

/// Keys that nobody who stands has countersigned; with --trust the list that was given says which stations are known.
void ChainCheck::tell_strangers()
{
    for (const KnownKey& key : book_.keys()) {
        if (book_.stands(key.public_key) || (key.person.empty() && !options_.trusted_keys.empty())) continue;
        if (key.person.empty())
            tell(key.entry,
                 message(
                     "entry %1 brings in a station (key %2) that nobody who was known has let in: %3 entries are signed with it",
                     key.entry, key_in_words(key.public_key), signed_by_[key.public_key.substr(0, 16)]));
        else
            tell(key.entry,
                 message("entry %1 gives %2 a key to sign releases with (%3) that no coordinator who was known has countersigned",
                         key.entry, names_.contains(key.person) ? names_.at(key.person) : key.person,
                         key_in_words(key.public_key)));
    }
}

std::vector<ChainCheck::Problem> ChainCheck::finish()
{
    start_batch();
    while (!running_.empty()) end_oldest_batch();
    const auto count = static_cast<std::int64_t>(hashes_.size());
    if (keys_.empty() && !options_.trusted_keys.empty() && count > 0) tell_changed(0, message("no entry is signed"));
    for (const Unsigned& u : unsigned_) { // by no key that was known then
        if (keys_.empty() || u.seq <= unsigned_up_to_ || signed_well(trusted(), u.hash, u.signature)) continue;
        const std::string_view named = key_named_in(u.signature);
        const bool known =
            std::any_of(trusted().begin(), trusted().end(), [named](const std::string& key) { return key.starts_with(named); });
        tell(u.seq, message(u.signature.empty()      ? label("entry %1 is not signed")
                            : named.empty() || known ? label("entry %1 does not carry the signature of the station that it names")
                                                     : label("entry %1 is signed by a station that is not trusted"),
                            u.seq));
    }
    tell_strangers();
    std::stable_sort(told_.begin(), told_.end(), [](const Told& a, const Told& b) { return a.seq < b.seq; });
    std::vector<Problem> problems;
    for (Told& t : told_) {
        Problem problem{std::move(t.problem)};
        const auto repair = repairs_.find(t.seq);
        const bool named = repair != repairs_.end() && t.seq >= 1 && t.seq <= count &&
                           hashes_[static_cast<std::size_t>(t.seq) - 1] == repair->second.hash;
        if (t.can_be_known && named) problem.known = repair->second.by;
        problems.push_back(std::move(problem));
    }
    return problems;
}

std::optional<Message> ChainCheck::against(const Head& seen, const Message& who) const
{
    const auto count = static_cast<std::int64_t>(hashes_.size());
    return unlike(seen, count, seen.count > 0 && seen.count <= count ? hashes_[static_cast<std::size_t>(seen.count) - 1] : "",
                  who);
}

void ReleaseCheck::learn_person(const Entry& e)
{
    Entry open = e;
    open.body = with_open_name(e.body, {}); // whoever it is
    const auto person = person_in(open);
    const bool signs = person && person->role == Role::Coordinator && person->active;
    if (!signs) coordinators_.erase(e.subject);
    if (signs && !person->key.empty()) coordinators_[e.subject].insert(person->key);
}

bool ReleaseCheck::is_coordinators(const std::string& person, const std::string& key) const
{
    const auto known = coordinators_.find(person);
    return known != coordinators_.end() && known->second.contains(key);
}

void ReleaseCheck::add(const Entry& e, ChainCheck& chain)
{
    if (e.kind == "person") return learn_person(e);
    if (e.kind != "document" || !e.subject.starts_with("release/")) return;
    const Message at = message("entry %1", e.seq);
    const auto text = text_in(e);
    const auto release = text ? parse_release(text->text, "release", text->id) : Result<Release>(tl::unexpected(text.error()));
    if (!release) return chain.tell(e.seq, message("%1 holds a release that cannot be read", at));
    if (!release->withdrawn.empty()) {
        const Release::Withdrawal& w = release->withdrawal;
        const bool is_good = is_coordinators(w.by, w.key) && is_signed_by(w.key, withdrawal_to_sign(*release), w.signature);
        if (book_.is_strict() && !is_good)
            chain.tell(e.seq, message("%1 withdraws a release, and no coordinator of this record signed that", at));
        if (is_good) signed_with_.emplace_back(e.seq, w.key);
        withdrawn_.insert(release->id);
    } else if (withdrawn_.contains(release->id)) {
        chain.tell(e.seq, message("%1 makes a release good again that was withdrawn", at));
    }
    if (accepted_.contains(text_to_sign(*release) + release->signature)) return; // again, as when it is withdrawn
    if (!is_coordinators(release->signer, release->key))
        return chain.tell(e.seq, message("%1 holds a release that no coordinator of this record signed", at));
    if (!is_signed_by(release->key, text_to_sign(*release), release->signature))
        return chain.tell(e.seq, message("%1 holds a release that was changed after it was signed", at));
    const auto head = parse_head(release->head);
    if (!head || chain.against(*head, label("the release")))
        return chain.tell(e.seq, message("%1 holds a release of another record: the head that it names is not in this one", at));
    accepted_.insert(text_to_sign(*release) + release->signature);
    signed_with_.emplace_back(e.seq, release->key);
}

void ReleaseCheck::finish(ChainCheck& chain) const
{
    for (const auto& [seq, key] : signed_with_)
        if (!book_.stands(key))
            chain.tell(seq, message("entry %1 holds a release that is signed with a key that does not stand", seq));
}

} // namespace bh
