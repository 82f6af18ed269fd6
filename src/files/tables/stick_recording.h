#pragma once

#include "core/base/result.h"

#include <filesystem>
#include <vector>

namespace bh {

/// What a controller did outside: raw counts of its axes at times, each held until the next row.
struct StickRecording {
    std::vector<double> t_s;
    std::vector<std::vector<int>> counts; ///< of each row
};

/// Reads a gzip-compressed CSV with the columns t_s, a0, a1, …. One that was cut off is read as far as it goes. BadInput with the
/// place for anything else.
[[nodiscard]] Result<StickRecording> load_stick_recording(const std::filesystem::path& file);

/// BadInput for a file that cannot be written.
[[nodiscard]] Result<void> write_stick_recording(const std::filesystem::path& file, const StickRecording& recording);

} // namespace bh
