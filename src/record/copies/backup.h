#pragma once

#include "record/copies/verify.h"
#include "record/place.h"

#include <filesystem>

namespace bh {

/// Copies the record as it stands in one moment, with the flight logs and stick recordings that it names and the stations' public
/// keys, into one file (a gzipped tar), while others may write to it. The file is read back and verified before it gets its name;
/// what is wrong with the record is in the report, and is in the copy too. Nothing stands there already.
[[nodiscard]] Result<VerifyReport> back_up(const RecordPlace& record, const std::filesystem::path& to,
                                           const std::filesystem::path& read_logs_also_from = {});

/// Puts a backup where there is no record yet, and verifies it there, against the head that was noted when it was made. A file
/// that is no backup, or holds anything else, is refused and nothing is left.
[[nodiscard]] Result<VerifyReport> restore(const std::filesystem::path& backup, const std::filesystem::path& record);

} // namespace bh
