#pragma once

#include "record/database.h"

#include <filesystem>

namespace bh {

/// Brings a database up to `Record::schema_version`, in one transaction, after keeping a copy of a file that already
/// had an older version ("<file>.version-N"). Throws StoreFailure.
void migrate(const Database& database, const std::filesystem::path& file);

/// Brings it to an older version only, for tests of migration.
void migrate_to(const Database& database, const std::filesystem::path& file, int version);

/// Number that marks an SQLite file as a training record (its application_id).
inline constexpr int record_application_id = 0x42486172;

} // namespace bh
