#pragma once

#include "core/base/result.h"

#include <filesystem>

namespace bh {
class DataFolder;
}

namespace bh::desk {

/// The demo school's record: the one that was built beside the program, or one that is flown once, which takes some half a minute
/// with a word on the screen unless `quiet`, and kept in the user's cache under this version's name.
[[nodiscard]] Result<std::filesystem::path> demoRecord(const DataFolder& data, bool quiet);

} // namespace bh::desk
