#pragma once

#include "core/base/result.h"

#include <filesystem>

namespace bh {

/// Whether a file can be opened as a training record, or one can be begun there: what is no record, is damaged or was written by
/// a newer version is refused with a sentence and left as it is.
Result<void> may_be_opened(const std::filesystem::path& file, bool read_only);

/// Only its owner reads it, and so what the database lays beside it. Where that cannot be, opening says why.
void make_own_file(const std::filesystem::path& file);

} // namespace bh
