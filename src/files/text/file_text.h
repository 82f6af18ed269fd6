#pragma once

#include "core/base/result.h"

#include <filesystem>
#include <memory>
#include <string>
#include <string_view>

namespace bh {

/// A file's bytes, read as a whole. (Not mapped: a file that another program cuts short meanwhile would end this one.)
class FileBytes {
public:
    /// NotFound or BadInput with a sentence that names the file. A folder, a pipe or a device is no file.
    static Result<FileBytes> open(const std::filesystem::path& path);
    [[nodiscard]] std::string_view text() const { return {data_.get(), size_}; }

private:
    FileBytes(std::unique_ptr<char[]> data, std::size_t size) : data_(std::move(data)), size_(size) {}
    std::unique_ptr<char[]> data_;
    std::size_t size_;
};

/// The whole file as text; files over 64 MB are refused (documents are small, a larger one is a mistake).
[[nodiscard]] Result<std::string> read_text(const std::filesystem::path& path);

/// Writes beside the target, flushes to the disk and renames, and flushes the folder: the file is there whole or not at all. Only
/// its owner can read it where `own` says so.
[[nodiscard]] Result<void> write_whole(const std::filesystem::path& path, std::string_view content, bool own = false);
/// The same without waiting for the disk: after a power cut the file may be the one before, or empty.
[[nodiscard]] Result<void> replace_quickly(const std::filesystem::path& path, std::string_view content);
[[nodiscard]] Result<void> flush_file(const std::filesystem::path& path);
/// A folder, with those that it lies in, that only its owner can look into.
[[nodiscard]] Result<void> make_own_folder(const std::filesystem::path& folder);
/// Refuses what is too long to be a path, or leads in a ring: for what follows it would only be missing.
[[nodiscard]] Result<void> is_possible_path(const std::filesystem::path& path);
/// What was made, renamed or taken away in a folder is so after a power cut too.
void flush_folder(const std::filesystem::path& folder) noexcept;

} // namespace bh
