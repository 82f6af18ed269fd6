#pragma once

#include "record/chain/rights_of_entries.h"
#include "record/file/database.h"

namespace bh {

inline constexpr int servers_schema_version = 2;
/// What brings a version to the next, in SQL.
extern const char* const servers_step_1;
extern const char* const servers_step_2;

/// The version of the record on a server; 0: there is none.
[[nodiscard]] int servers_version(const Database& server);

/// Makes the record's tables, functions and roles on a server, or brings them up to date, in one transaction under a lock, and
/// says anew who may write what. Needs the login that owns the database. Throws StoreFailure.
void prepare_server(const Database& server, const EntryRights& rights);
/// Whether this login may do that.
[[nodiscard]] bool owns_server(const Database& server);

/// SHA-256 of everything that the catalogue of a server says of the record's schema.
[[nodiscard]] std::string server_fingerprint(const Database& server);
/// What is not as prepare_server() makes it; a line each.
[[nodiscard]] std::vector<Message> server_schema_problems(const Database& server);

/// The locks under which entries are written and the schema is changed (any two numbers that nobody else uses).
inline constexpr int write_lock = 1'112'036'978, schema_lock = 1'112'036'979;

} // namespace bh
