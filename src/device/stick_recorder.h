#pragma once

#include "core/base/result.h"
#include "device/controller_hub.h"

#include <filesystem>
#include <memory>
#include <mutex>

namespace bh {

/// Writes what a controller does to a gzip-compressed CSV (t_s from the first row, a0, a1, … raw counts) as it happens,
/// for hours: at most 50 rows a second, and only while something moves. What is not on the disk yet stays under 64 kB, and
/// is put there every few seconds, so that a crash loses little. Thread-safe.
class StickRecorder {
public:
    static constexpr double shortest_row_s = 0.02;
    static constexpr int moves_by_counts = 256; ///< less is jitter: 0.4 % of a 16-bit range

    static Result<std::unique_ptr<StickRecorder>> create(const std::filesystem::path& file);
    ~StickRecorder();
    void add(const DeviceSample& sample);
    /// Closes the file; later samples are passed over. False when something could not be written.
    bool finish();
    [[nodiscard]] std::size_t rows() const;
    [[nodiscard]] const std::filesystem::path& file() const { return file_; }

private:
    explicit StickRecorder(std::filesystem::path file, void* stream) : file_(std::move(file)), stream_(stream) {}
    std::filesystem::path file_;
    mutable std::mutex mutex_;
    void* stream_; ///< gzFile
    std::vector<int> last_counts_;
    double first_t_s_ = 0, last_t_s_ = 0, flushed_t_s_ = 0;
    std::size_t rows_ = 0;
    bool failed_ = false;
};

} // namespace bh
