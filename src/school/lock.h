#pragma once

#include "school/school.h"

#include <QElapsedTimer>
#include <QObject>
#include <QTimer>
#include <optional>
#include <string>

namespace bh {

/// Who is at this station. Coordinators and instructors unlock it with a passphrase; while it is locked it is the chosen pilot's,
/// or nobody's. When nothing has been touched for a while it locks itself. A school that wants no passphrases has none, and then
/// whoever is here is its coordinator.
class Lock : public QObject {
    Q_OBJECT
public:
    explicit Lock(School& school, QObject* parent = nullptr);

    /// The school has said how it wants it: people with passphrases, or none at all.
    [[nodiscard]] bool decided() const { return in_use() || school_.wants_no_passphrases(); }
    /// There is a coordinator with a passphrase, so that things can be refused and that one can do them.
    [[nodiscard]] bool in_use() const;
    [[nodiscard]] const Person* unlocked_by() const; ///< null: locked, or not in use
    /// An error says what was wrong. After three wrong passphrases nobody is let in for a while, longer each
    /// time (house).
    Result<void> unlock(const std::string& person_id, const std::string& passphrase);
    void lock();
    /// The key with which whoever unlocked signs; an error where it is locked, or that one has none.
    [[nodiscard]] Result<StationKey> signing_key() const;
    /// With which key to sign: that of whoever unlocked; in a school without passphrases that of the coordinator with this one,
    /// or, without any, the station's own (nothing).
    [[nodiscard]] Result<std::optional<StationKey>> signer(const std::string& passphrase) const;
    /// Whose the station is while it is locked.
    void choose_pilot(const std::string& pilot_id);
    /// Somebody is here: the mouse, the keyboard or the sticks moved.
    void touch() { idle_.start(); }

    /// A coordinator or instructor, with a passphrase; the first must be a coordinator. Returns the id.
    Result<std::string> add_person(const std::string& name, Role role, const std::string& passphrase);
    Result<void> change_passphrase(const std::string& person_id, const std::string& passphrase);
    /// May no longer unlock. The last coordinator stays.
    Result<void> retire(const std::string& person_id);

    static constexpr int locks_after_ms = 10 * 60 * 1000; ///< house, no source

Q_SIGNALS:
    void changed();

private:
    void act();
    [[nodiscard]] Result<void> keep(Person person, const std::string& why);
    void remember(const std::string& passphrase);
    [[nodiscard]] Result<void> vouch_for(const std::string& public_key);

    School& school_;
    std::string unlocked_by_, pilot_id_;
    std::string passphrase_; ///< of whoever unlocked, for as long: other keys are countersigned with that one's
    QTimer idle_{this};
    int wrong_ = 0; ///< passphrases, one after the other
    QElapsedTimer since_wrong_;
};

/// An error says what a passphrase has to be.
[[nodiscard]] Result<void> good_passphrase(const std::string& passphrase);

} // namespace bh
