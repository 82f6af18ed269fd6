#pragma once

#include "record/chain/station_key.h"
#include "record/file/dialect.h"
#include "record/record.h"

#include <map>
#include <string>
#include <unordered_set>
#include <vector>

namespace bh {

/// The newest entry of each kind and subject, as far as it is known.
using LatestEntries = std::map<std::pair<std::string, std::string>, std::int64_t>;

/// Makes entries of drafts, to follow a certain one: numbered, chained, hashed and signed, with what has to be said before them.
/// Reads only.
class Composer {
public:
    /// `latest`: taken as it is instead of asking, by who is told where it is wrong. `known_shared`: names of shared bodies that
    /// are known to be entries; those that are found are added.
    Composer(const Database& database, const StationKey& key, const RecordOptions& options, UnixTime now,
             bool key_is_entry = false, std::unordered_set<std::string>* known_shared = nullptr,
             const LatestEntries* latest = nullptr)
        : database_(database), key_(key), options_(options), now_(now), key_is_entry_(key_is_entry),
          known_shared_(known_shared ? *known_shared : own_shared_), latest_(latest)
    {
    }
    [[nodiscard]] Batch compose(const std::vector<Draft>& drafts, Entry last);

private:
    void add(const Draft& draft);
    void say_first(); ///< whose key it is, and that the clock was set back
    void say_whose_key();
    void say_what_stands();
    [[nodiscard]] std::int64_t before(const std::string& kind, const std::string& subject);
    [[nodiscard]] bool has_shared(const std::string& name);
    [[nodiscard]] std::string key_of_person(const std::string& id);

    const Database& database_;
    const StationKey& key_;
    const RecordOptions& options_;
    UnixTime now_;
    bool key_is_entry_;
    std::unordered_set<std::string> own_shared_;
    std::unordered_set<std::string>& known_shared_;
    Entry last_;
    Batch batch_;
    const LatestEntries* latest_;
    LatestEntries in_batch_;
};

/// The newest entry's number, hash and time; one of number 0 before the first.
[[nodiscard]] Entry tail_in(const Database& database);

/// Drafts that say who did it.
[[nodiscard]] std::vector<Draft> with_actor(std::vector<Draft> drafts, const std::string& who);

} // namespace bh
