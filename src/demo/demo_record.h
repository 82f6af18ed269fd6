#pragma once

#include "core/base/result.h"
#include "files/data_folder.h"

#include <filesystem>

namespace bh {

/// Makes the demo record of Sallow Quay from `demo/roster.json`: every flight is flown by the stand-in pilot in the real
/// flight and scored by the real scorer, every calibration is computed from a stand-in controller's recording. Practice
/// minutes come from the roster (they include free flight elsewhere). Seeded: the same data give the same record.
/// The record's note "demo_now" holds the moment at which the demo is meant to be looked at.
[[nodiscard]] Result<void> make_demo_record(const DataFolder& data, const std::filesystem::path& file);

} // namespace bh
