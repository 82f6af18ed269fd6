#pragma once

#include "core/base/result.h"
#include "core/flight/flight_log.h"

#include <filesystem>
#include <string>

namespace bh {

/// Flight logs beside a record: packed (see flight_pack) and gzip-compressed, each named by the SHA-256 of its CSV text, in
/// folders by the first two digits. Writing the same log twice leaves one file.
class LogFolder {
public:
    explicit LogFolder(std::filesystem::path folder, std::filesystem::path also = {})
        : folder_(std::move(folder)), also_(std::move(also))
    {
    }
    /// Written, flushed to the disk, and then named; returns the hash. Throws StoreFailure.
    std::string keep(const FlightLog& log) const;
    [[nodiscard]] Result<FlightLog> load(const std::string& hash) const;
    /// Empty when the file is there and its text has that hash, otherwise what is wrong.
    [[nodiscard]] std::string problem_with(const std::string& hash) const;

private:
    struct Found {
        std::string bytes, path;
        bool packed;
    };
    [[nodiscard]] std::filesystem::path place(const std::string& hash, const char* ending) const;
    [[nodiscard]] Result<Found> find(const std::string& hash) const;
    std::filesystem::path folder_;
    std::filesystem::path also_;
};

} // namespace bh
