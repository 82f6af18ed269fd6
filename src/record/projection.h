#pragma once

#include "record/database.h"

#include <cstdint>
#include <nlohmann/json_fwd.hpp>
#include <string>

namespace bh {

/// An entry as it stands in the chain.
struct Entry {
    std::int64_t seq = 0;
    std::int64_t at = 0;
    std::string who;
    std::string kind;            ///< "pilot", "controller", "calibration", "session", "attempt"
    std::string subject;         ///< id of what it is about
    std::int64_t supersedes = 0; ///< 0: nothing
    std::string why;
    std::string body; ///< JSON
    std::string previous_hash;
    std::string hash;
};

/// SHA-256 in hex over the entry's fields and the previous hash, written as one JSON list.
[[nodiscard]] std::string entry_hash(const Entry& entry);

[[nodiscard]] Entry entry_from(const QSqlQuery& row); ///< of SELECT * FROM entries

/// Writes what an entry says into the tables that are read from. Kinds whose tables a version lacks are passed over.
void apply_entry(const Database& database, const Entry& entry, int version);

/// Empties those tables and fills them again from all entries.
void remake_tables(const Database& database, int version);

/// One text over all rows of those tables, to compare two states.
[[nodiscard]] std::string tables_digest(const Database& database, int version);

} // namespace bh
