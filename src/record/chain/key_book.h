#pragma once

#include "core/logbook/logbook.h"
#include "record/chain/entry.h"
#include "record/chain/station_key.h"

#include <map>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace bh {

/// A key that entries bring in: a station's, or a coordinator's to sign releases with.
struct KnownKey {
    std::string public_key;
    std::string person;        ///< the coordinator's id; empty: a station's
    std::string login{};       ///< of a station on a server
    int login_may = 0;         ///< how much that might then, see StationKeyRow
    std::int64_t entry = 0;    ///< that brought it in
    UnixTime since = 0;        ///< when
    bool stands = false;       ///< from the record's beginning, or countersigned
    std::string countersigned; ///< by this key; empty: the record's beginning, or nobody
    UnixTime countersigned_at = 0;
};

/// Follows the entries of a record and knows whose keys stand: those of its beginning, and those that one that stands has
/// countersigned in an entry of the kind "admitted". Without that, whoever can write to the file could bring a key of their own.
/// The beginning is the first station's key and, while no coordinator has one yet, the first coordinator's, from an entry that a
/// station signed whose key stands. Records from before keys were countersigned have an entry "standing": up to there all do.
class KeyBook {
public:
    /// `also`: keys that stand whatever the entries say, as the looker's own.
    explicit KeyBook(std::vector<std::string> also = {}) : also_(also.begin(), also.end()) {}

    /// Nothing, or what is wrong with an entry.
    std::optional<Message> add(const Entry& entry);

    [[nodiscard]] const KnownKey* find(const std::string& public_key) const;
    [[nodiscard]] bool stands(const std::string& public_key) const;
    [[nodiscard]] const std::vector<KnownKey>& keys() const& { return keys_; } ///< in the order in which they came
    const std::vector<KnownKey>& keys() && = delete;                           ///< of a book that goes at once
    [[nodiscard]] const std::string& first_hash() const { return first_hash_; }
    /// Keys are countersigned here; false: the record is from before, and every key stands.
    [[nodiscard]] bool is_strict() const { return strict_; }
    [[nodiscard]] bool has_coordinator() const; ///< whose key stands
    /// A coordinator who may still act.
    [[nodiscard]] bool is_coordinator(const std::string& person) const { return coordinators_.contains(person); }
    /// Whether this key may mark an entry as known: a coordinator's that stands, or, while there is none, a station's.
    [[nodiscard]] bool may_repair(const std::string& public_key) const;

private:
    void bring(KnownKey key, bool from_the_beginning);
    std::optional<Message> add_admitted(const Entry& entry);

    std::set<std::string> also_, coordinators_;
    std::vector<KnownKey> keys_;
    std::map<std::string, std::pair<std::string, UnixTime>> early_; ///< countersigned before they came
    std::string first_hash_;
    bool strict_ = false;
};

/// What is signed to countersign a key, and to mark an entry as known. By the record's first hash they are good in this one only.
[[nodiscard]] std::string admission_text(const std::string& first_hash, const std::string& public_key);
[[nodiscard]] std::string repair_text(const std::string& first_hash, std::int64_t entry, const std::string& hash,
                                      const std::string& why);

/// The first digits of a key, as people compare them: "3f2a 91c0 77de 0b14".
[[nodiscard]] std::string key_in_words(const std::string& public_key);

} // namespace bh
