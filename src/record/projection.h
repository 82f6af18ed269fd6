#pragma once

#include "record/database.h"
#include "record/entry.h"

#include <cstdint>
#include <string>

namespace bh {

[[nodiscard]] Entry entry_from(const QSqlQuery& row); ///< of SELECT * FROM entries

/// Writes what an entry says into the tables that are read from. Kinds whose tables a version lacks are passed over.
void apply_entry(const Database& database, const Entry& entry, int version);

/// Empties those tables and fills them again from all entries.
void remake_tables(const Database& database, int version);

/// One text over all rows of those tables, to compare two states.
[[nodiscard]] std::string tables_digest(const Database& database, int version);

} // namespace bh
