#include "school/lock.h"

#include "core/base/one_line.h"
#include "record/chain/passphrase.h"
#include "record/chain/signing_key.h"

#include <algorithm>

namespace bh {

Result<void> good_passphrase(const std::string& passphrase)
{
    if (QString::fromStdString(passphrase).size() < static_cast<qsizetype>(shortest_passphrase))
        return bad_input("a passphrase has at least %1 letters; three words are better", shortest_passphrase);
    return {};
}

Lock::Lock(School& school, QObject* parent) : QObject(parent), school_(school)
{
    idle_.setObjectName(QStringLiteral("idle"));
    idle_.setSingleShot(true);
    idle_.setInterval(locks_after_ms);
    connect(&idle_, &QTimer::timeout, this, &Lock::lock);
    connect(&school, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Person, Kind::HouseRule})) act();
    });
    act();
}

bool Lock::in_use() const
{
    const auto& people = school_.people();
    return std::any_of(people.begin(), people.end(),
                       [](const Person& p) { return p.active && p.role == Role::Coordinator && !p.passphrase.empty(); });
}

const Person* Lock::unlocked_by() const
{
    const Person* person = school_.person(unlocked_by_);
    return person && person->active ? person : nullptr;
}

Result<void> Lock::unlock(const std::string& person_id, const std::string& passphrase)
{
    constexpr int free_tries = 3;
    const Person* person = school_.person(person_id);
    if (!person || !person->active) return bad_input("choose who unlocks");
    constexpr qint64 longest_ms = 8000, more_ms = 1000;
    const qint64 wait_ms = wrong_ < free_tries ? 0 : std::min(longest_ms, more_ms * (wrong_ - free_tries + 1));
    if (wait_ms > 0 && since_wrong_.elapsed() < wait_ms)
        return bad_input("wrong %1 times, one after the other: try again in %2 s", wrong_,
                         (wait_ms - since_wrong_.elapsed() + more_ms - 1) / more_ms);
    if (!is_passphrase(passphrase, person->passphrase)) {
        ++wrong_;
        since_wrong_.start();
        return bad_input("this is not the passphrase of %1", person->name);
    }
    wrong_ = 0;
    remember(passphrase);
    unlocked_by_ = person_id;
    idle_.start();
    act();
    return {};
}

void Lock::lock()
{
    unlocked_by_.clear();
    remember({});
    idle_.stop();
    act();
}

/// What was known before is not left in memory.
void Lock::remember(const std::string& passphrase)
{
    std::fill(passphrase_.begin(), passphrase_.end(), '\0');
    passphrase_ = passphrase;
}

Result<StationKey> Lock::signing_key() const
{
    const Person* person = unlocked_by();
    if (!person) return bad_input("unlock the station first (Ctrl+U)");
    if (person->key.empty()) return bad_input("%1 has no key to sign with yet: change the passphrase once", person->name);
    return opened({person->key, person->sealed_key}, passphrase_);
}

Result<std::optional<StationKey>> Lock::signer(const std::string& passphrase) const
{
    if (in_use()) {
        auto key = signing_key();
        if (!key) return tl::unexpected(key.error());
        return std::optional(std::move(*key));
    }
    if (passphrase.empty()) return std::optional<StationKey>();
    for (const Person& p : school_.people()) {
        if (!p.active || p.role != Role::Coordinator || p.key.empty()) continue;
        if (auto key = opened({p.key, p.sealed_key}, passphrase)) return std::optional(std::move(*key));
    }
    return bad_input("this is not the passphrase of a coordinator here");
}

/// A coordinator's key stands where another coordinator countersigned it; the first one's does by itself.
Result<void> Lock::vouch_for(const std::string& public_key)
{
    if (school_.keys().stands(public_key)) return {};
    const auto own = signing_key();
    if (!own) return tl::unexpected(own.error());
    return school_.let_in(public_key, &*own);
}

void Lock::choose_pilot(const std::string& pilot_id)
{
    pilot_id_ = pilot_id;
    act();
}

void Lock::act()
{
    if (!in_use())
        school_.act_as("coordinator", Role::Coordinator);
    else if (const Person* person = unlocked_by())
        school_.act_as(person->id, person->role);
    else
        school_.act_as(pilot_id_.empty() ? "station" : pilot_id_, pilot_id_.empty() ? Role::Station : Role::Pilot);
    Q_EMIT changed();
}

Result<void> Lock::keep(Person person, const std::string& why)
{
    person.name = one_line(QString::fromStdString(person.name).simplified().toStdString());
    if (person.name.empty()) return bad_input("a name is missing");
    return school_.keep_person(person, why);
}

Result<std::string> Lock::add_person(const std::string& name, Role role, const std::string& passphrase)
{
    if (const auto good = good_passphrase(passphrase); !good) return tl::unexpected(good.error());
    if (!in_use() && role != Role::Coordinator) return bad_input("the first one has to be a coordinator");
    const bool first = !in_use();
    Person person{school_.record().new_id(), name, role, kept_of_passphrase(passphrase), true};
    if (role == Role::Coordinator) {
        const SealedKey key = new_signing_key(passphrase);
        person.key = key.public_key, person.sealed_key = key.sealed;
    }
    if (const auto kept = keep(person, "added"); !kept) return tl::unexpected(kept.error());
    if (first) remember(passphrase), unlocked_by_ = person.id, idle_.start();
    act();
    if (role == Role::Coordinator)
        if (const auto stands = vouch_for(person.key); !stands) return tl::unexpected(stands.error());
    return person.id;
}

Result<void> Lock::change_passphrase(const std::string& person_id, const std::string& passphrase)
{
    const Person* person = school_.person(person_id);
    if (!person) return bad_input("there is nobody of that name");
    if (const auto good = good_passphrase(passphrase); !good) return good;
    Person changed = *person;
    changed.passphrase = kept_of_passphrase(passphrase);
    if (person->role != Role::Coordinator) return keep(std::move(changed), "passphrase changed");
    // One's own key stays, sealed anew; of somebody who has forgotten a passphrase nobody can open it any more.
    const bool own = person_id == unlocked_by_ && !person->key.empty();
    const auto key = own ? sealed_anew({person->key, person->sealed_key}, passphrase_, passphrase)
                         : Result<SealedKey>(new_signing_key(passphrase));
    if (!key) return tl::unexpected(key.error());
    changed.key = key->public_key, changed.sealed_key = key->sealed;
    const std::string public_key = changed.key;
    if (const auto kept = keep(std::move(changed), "passphrase changed"); !kept) return kept;
    if (person_id == unlocked_by_) remember(passphrase);
    return vouch_for(public_key);
}

Result<void> Lock::retire(const std::string& person_id)
{
    const Person* person = school_.person(person_id);
    if (!person) return bad_input("there is nobody of that name");
    const auto& people = school_.people();
    const bool another = std::any_of(people.begin(), people.end(), [&](const Person& p) {
        return p.id != person_id && p.active && p.role == Role::Coordinator;
    });
    if (!another) return bad_input("%1 is the only coordinator; add another one first", person->name);
    Person retired = *person;
    retired.active = false;
    retired.passphrase.clear();
    return keep(std::move(retired), "may no longer unlock");
}

} // namespace bh
