#pragma once

#include "core/base/unix_time.h"

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// An entry as it stands in the chain.
struct Entry {
    std::int64_t seq = 0;
    UnixTime at = 0;
    std::string who;
    std::string kind;            ///< "pilot", "session", "attempt", "document", …
    std::string subject;         ///< id of what it is about
    std::int64_t supersedes = 0; ///< the entry before of the same kind and subject; 0: none
    std::string why;
    std::string body; ///< JSON
    std::string previous_hash;
    std::string hash;
    std::string signature{}; ///< of the hash, by the station that wrote it; empty before there were keys
};

/// What is to be written.
struct Draft {
    std::string kind, subject, body, why;
    /// Bodies that many entries share, which this one names (see shared_name()): each is an entry of its own, written once.
    std::vector<std::string> shared{};
    std::string who{}; ///< empty: whoever the record is open for
};
[[nodiscard]] std::string sha256_hex(std::string_view text);
/// By what entries name a body that they share: the first 32 digits of its SHA-256. It is the subject of its entry.
[[nodiscard]] std::string shared_name(std::string_view body);

/// How many entries there are, and the hash of the newest.
struct Head {
    std::int64_t count = 0;
    std::string hash;
    bool operator==(const Head&) const = default;
};
[[nodiscard]] std::string in_words(const Head& head); ///< COUNT:HASH
[[nodiscard]] std::optional<Head> parse_head(std::string_view text);
/// One that somebody typed or read back: 12 digits of the hash, or more, are enough; white space and capitals do no harm. What
/// the hash begins with.
[[nodiscard]] std::optional<Head> typed_head(std::string_view text);

/// The entry's fields and the previous hash, written as one JSON list: what its hash is made of.
[[nodiscard]] std::string hashed_text(const Entry& entry);
/// SHA-256 in hex of that.
[[nodiscard]] std::string entry_hash(const Entry& entry);

} // namespace bh
