#pragma once

#include "core/base/result.h"
#include "core/flight/flight_log.h"

#include <filesystem>
#include <string>

namespace bh {

/// What lies beside a record, in folders of its own: flight logs, compressed and named by a hash, and stick recordings.
///
/// A flight log is packed (see flight_pack), or written as CSV where it cannot be packed without loss, then gzip-compressed, and
/// named by the SHA-256 of the bytes that are stored: the same log again leaves one file. Logs of records before version 9 are
/// named by the SHA-256 of their CSV text and are read as they are.
class Attachments {
public:
    /// Beside the record's file; flight logs are looked for in a second folder too.
    explicit Attachments(const std::filesystem::path& record_file, std::filesystem::path flight_logs_also = {});

    /// Written once, flushed to the disk, and then named; returns the hash. Throws StoreFailure. May be called from any thread.
    std::string keep(const FlightLog& log) const;
    [[nodiscard]] Result<FlightLog> flight_log(const std::string& hash) const;
    /// Empty when the file is there and has that hash, otherwise what is wrong.
    [[nodiscard]] std::string problem_with(const std::string& hash) const;
    /// Where a recording of sticks lies, or is to lie.
    [[nodiscard]] std::filesystem::path stick_recording(const std::string& name) const { return sticks_ / name; }

private:
    struct Found {
        std::string bytes; ///< as they are stored
        std::filesystem::path path;
    };
    [[nodiscard]] Result<Found> find(const std::string& hash) const;
    std::filesystem::path flight_logs_, also_, sticks_;
};

} // namespace bh
