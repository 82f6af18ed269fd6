#pragma once

#include "core/base/result.h"
#include "core/controller/recording.h"

#include <filesystem>
#include <string>
#include <string_view>

namespace bh {

/// Reads a controller recording: t_s, a0, a1, … (raw counts, up to 32 axes) and prompt. Errors name file, line, column.
[[nodiscard]] Result<ControllerRecording> parse_recording_csv(std::string_view text, std::string_view file_name);
[[nodiscard]] Result<ControllerRecording> load_recording_csv(const std::filesystem::path& path);
[[nodiscard]] std::string recording_csv(const ControllerRecording& recording);

} // namespace bh
