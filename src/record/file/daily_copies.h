#pragma once

#include "core/base/result.h"

#include <filesystem>
#include <string>
#include <vector>

namespace bh {

/// A copy of the record of each day on which it was in use, as a record of its own that can be opened, in "RECORD.copies/DAY".
/// Flight logs and recordings, which never change, are the same files (hard links) where the file system allows it: against a
/// disk that fails only a backup elsewhere helps.
[[nodiscard]] std::filesystem::path daily_copies_of(const std::filesystem::path& record);

/// Makes the copy of a day ("2031-02-03") unless there is one, verifies it, and deletes the oldest beyond so many. False: there
/// was one already. Beside each lies "head", with the count and hash of its newest entry.
[[nodiscard]] Result<bool> keep_copy_of_day(const std::filesystem::path& record, const std::string& day, int most,
                                            const std::filesystem::path& read_logs_also_from = {});

struct DailyCopy {
    std::string day;
    std::filesystem::path record;
    std::string head; ///< COUNT:HASH
};
[[nodiscard]] std::vector<DailyCopy> copies_of_days(const std::filesystem::path& record); ///< newest first

inline constexpr int daily_copies_kept = 14; ///< house, no source

} // namespace bh
