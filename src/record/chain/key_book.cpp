#include "record/chain/key_book.h"

#include "core/base/number_text.h"
#include "record/chain/bodies.h"
#include "record/chain/seals.h"

#include <algorithm>

namespace bh {

std::string admission_text(const std::string& first_hash, const std::string& public_key)
{
    return "admit:" + first_hash + ":" + public_key;
}

std::string repair_text(const std::string& first_hash, std::int64_t entry, const std::string& hash, const std::string& why)
{
    return "repair:" + first_hash + ":" + whole_text(entry) + ":" + hash + ":" + why;
}

std::string key_in_words(const std::string& public_key)
{
    std::string words;
    for (std::size_t i = 0; i < std::min<std::size_t>(16, public_key.size()); ++i) {
        if (i > 0 && i % 4 == 0) words += ' ';
        words += public_key[i];
    }
    return words;
}

const KnownKey* KeyBook::find(const std::string& public_key) const
{
    const auto found = std::find_if(keys_.begin(), keys_.end(), [&](const KnownKey& k) { return k.public_key == public_key; });
    return found == keys_.end() ? nullptr : &*found;
}

bool KeyBook::stands(const std::string& public_key) const
{
    if (also_.contains(public_key)) return true;
    const KnownKey* known = find(public_key);
    return known && known->stands;
}

bool KeyBook::has_coordinator() const
{
    return std::any_of(keys_.begin(), keys_.end(),
                       [this](const KnownKey& k) { return !k.person.empty() && stands(k.public_key); });
}

bool KeyBook::may_repair(const std::string& public_key) const
{
    const KnownKey* known = find(public_key);
    if (!has_coordinator()) return stands(public_key);
    return known && stands(public_key) && coordinators_.contains(known->person);
}

void KeyBook::bring(KnownKey key, bool from_the_beginning)
{
    const auto known =
        std::find_if(keys_.begin(), keys_.end(), [&](const KnownKey& k) { return k.public_key == key.public_key; });
    if (known != keys_.end()) return;
    key.stands = from_the_beginning || !strict_;
    if (const auto early = early_.find(key.public_key); !key.stands && early != early_.end())
        key.stands = true, key.countersigned = early->second.first, key.countersigned_at = early->second.second;
    keys_.push_back(std::move(key));
}

std::optional<Message> KeyBook::add(const Entry& e)
{
    if (e.seq == 1) first_hash_ = e.hash;
    if (e.kind == "key") {
        const auto row = station_key_in(e);
        if (!row || !is_public_key(row->public_key)) return message("entry %1 holds no station's key", e.seq);
        const bool first = keys_.empty();
        if (first && row->countersigned) strict_ = true;
        bring({row->public_key, "", row->login, row->login_may, e.seq, e.at, false, {}, 0}, first);
    }
    if (e.kind == "standing") strict_ = true; // the first one says it; later ones change nothing
    if (e.kind == "admitted") return add_admitted(e);
    if (e.kind == "person") {
        Entry open = e;
        open.body = with_open_name(e.body, {}); // whoever it is
        const auto person = person_in(open);
        const bool acts = person && person->role == Role::Coordinator && person->active;
        if (acts)
            coordinators_.insert(e.subject);
        else
            coordinators_.erase(e.subject);
        if (!acts || !is_public_key(person->key)) return std::nullopt;
        const std::string_view station = key_named_in(e.signature);
        const bool by_station_that_stands = std::any_of(keys_.begin(), keys_.end(), [&](const KnownKey& k) {
            return k.person.empty() && stands(k.public_key) && !station.empty() && k.public_key.starts_with(station);
        });
        bring({person->key, e.subject, "", 0, e.seq, e.at, false, {}, 0}, !has_coordinator() && by_station_that_stands);
    }
    return std::nullopt;
}

std::optional<Message> KeyBook::add_admitted(const Entry& e)
{
    const auto row = admission_in(e);
    if (!row) return message("entry %1 countersigns no key", e.seq);
    if (!is_signed_by(row->by, admission_text(first_hash_, row->public_key), row->signature))
        return message("entry %1 does not carry the countersignature that it names", e.seq);
    const auto known =
        std::find_if(keys_.begin(), keys_.end(), [&](const KnownKey& k) { return k.public_key == row->public_key; });
    // A coordinator's key is countersigned by a coordinator's, where there is one.
    const KnownKey* by = find(row->by);
    const bool of_station = known == keys_.end() || known->person.empty();
    const bool may = stands(row->by) && (of_station || !has_coordinator() || (by && coordinators_.contains(by->person)));
    if (!may) return message("entry %1 is countersigned by a key that does not stand itself", e.seq);
    if (known == keys_.end())
        early_[row->public_key] = {row->by, e.at}; // it is let in before it comes
    else if (!known->stands)
        known->stands = true, known->countersigned = row->by, known->countersigned_at = e.at;
    return std::nullopt;
}

} // namespace bh
