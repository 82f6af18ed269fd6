#pragma once

#include "record/file/database.h"

#include <filesystem>
#include <functional>
#include <string>
#include <vector>

namespace bh {

inline constexpr int record_application_id = 0x42486172;

[[nodiscard]] int version_of(const Database& database);

/// A small fact that older records kept beside their entries.
struct OlderNote {
    std::string key, value;
};
/// What is to be done in the same transaction, once a record that was of an older version has the new tables.
using Carry = std::function<void(const Database& database, int from_version, const std::vector<OlderNote>& notes)>;

/// Brings a database to a version, in one transaction, after keeping a copy of the file as it was. Throws StoreFailure.
void migrate_to(const Database& database, const std::filesystem::path& file, int version, const Carry& carry = {});

} // namespace bh
