#pragma once

#include "record/copies/verify.h"
#include "record/place.h"

#include <filesystem>

namespace bh {

/// Writes the whole record, as it stands in one moment, into a new folder in open formats:
/// record.json   every entry with its hash and signature ("format": "bluehangar.record/1"), an entry a line
/// pilots.csv, sessions.csv, attempts.csv   what the entries come to, for a spreadsheet
/// flights/HASH.csv   the flight logs as CSV
/// logs/, sticks/   flight logs and stick recordings as they lie beside the record, by which an import is the same record
[[nodiscard]] Result<Head> export_record(const RecordPlace& record, const std::filesystem::path& folder,
                                         const std::filesystem::path& read_logs_also_from = {});

/// Makes of such a folder a record where there is none: the same entries, with the same head. What is not as its hashes say is
/// refused, and nothing is left.
[[nodiscard]] Result<VerifyReport> import_record(const std::filesystem::path& folder, const std::filesystem::path& record);

} // namespace bh
