#pragma once

#include "core/base/result.h"
#include "core/base/sticks.h"

#include <filesystem>
#include <string_view>
#include <vector>

namespace bh {

/// Stick positions at times: each is held until the next.
struct StickRow {
    double t_s = 0;
    Sticks sticks; ///< throttle 0…1, the others −1…1
};

/// A CSV with the columns t_s, throttle, yaw, pitch and roll in any order; other columns are passed over. Faults name
/// file, line and column. Times must rise from row to row.
[[nodiscard]] Result<std::vector<StickRow>> parse_stick_csv(std::string_view text, std::string_view file);
[[nodiscard]] Result<std::vector<StickRow>> load_stick_csv(const std::filesystem::path& path);

} // namespace bh
