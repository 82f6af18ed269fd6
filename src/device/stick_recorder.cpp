#include "device/stick_recorder.h"

#include "core/base/number_text.h"

#include <charconv>
#include <cstdlib>
#include <zlib.h>

namespace bh {

Result<std::unique_ptr<StickRecorder>> StickRecorder::create(const std::filesystem::path& file)
{
    std::error_code ignored;
    if (file.has_parent_path()) std::filesystem::create_directories(file.parent_path(), ignored);
    gzFile stream = gzopen(file.c_str(), "wb6");
    if (!stream) return bad_input(file.string() + ": cannot be written, expected a folder where files may be made");
    gzbuffer(stream, 32 * 1024);
    return std::unique_ptr<StickRecorder>(new StickRecorder(file, stream));
}

StickRecorder::~StickRecorder() { finish(); }

void StickRecorder::add(const DeviceSample& sample)
{
    const std::scoped_lock lock(mutex_);
    if (!stream_ || sample.counts.empty()) return;
    const auto stream = static_cast<gzFile>(stream_);
    const bool first = rows_ == 0;
    if (!first && (sample.t_s - last_t_s_ < shortest_row_s - 1e-6 || sample.counts.size() != last_counts_.size())) return;
    bool moved = first;
    for (std::size_t i = 0; !moved && i < sample.counts.size(); ++i)
        moved = std::abs(sample.counts[i] - last_counts_[i]) >= moves_by_counts;
    if (!moved) return;
    if (first) {
        std::string head = "t_s";
        for (std::size_t i = 0; i < sample.counts.size(); ++i) head += ",a" + whole_text(i);
        failed_ = gzputs(stream, (head + "\n").c_str()) <= 0 || failed_;
        first_t_s_ = flushed_t_s_ = sample.t_s;
    }
    char row[512];
    char* at = std::to_chars(row, row + sizeof row, sample.t_s - first_t_s_, std::chars_format::fixed, 3).ptr;
    for (int count : sample.counts) {
        if (at > row + sizeof row - 16) break;
        *at++ = ',';
        at = std::to_chars(at, row + sizeof row, count).ptr;
    }
    *at++ = '\n';
    failed_ = gzwrite(stream, row, static_cast<unsigned>(at - row)) <= 0 || failed_;
    last_counts_ = sample.counts;
    last_t_s_ = sample.t_s;
    ++rows_;
    constexpr double flush_each_s = 10;
    if (sample.t_s - flushed_t_s_ < flush_each_s) return;
    failed_ = gzflush(stream, Z_SYNC_FLUSH) != Z_OK || failed_;
    flushed_t_s_ = sample.t_s;
}

bool StickRecorder::finish()
{
    const std::scoped_lock lock(mutex_);
    if (stream_) failed_ = gzclose(static_cast<gzFile>(std::exchange(stream_, nullptr))) != Z_OK || failed_;
    return !failed_;
}

std::size_t StickRecorder::rows() const
{
    const std::scoped_lock lock(mutex_);
    return rows_;
}

} // namespace bh
