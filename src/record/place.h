#pragma once

#include "core/base/result.h"

#include <filesystem>
#include <string>
#include <string_view>

namespace bh {

/// Where a record lies: in a file of this computer, or on a PostgreSQL server.
struct RecordPlace {
    RecordPlace() = default;
    RecordPlace(std::filesystem::path record) : file(std::move(record)) {}
    /// As it is given on a command line: "postgresql://…", "postgres://…", "service=NAME", or else a file.
    RecordPlace(const std::string& given);
    RecordPlace(const char* given) : RecordPlace(std::string(given)) {}

    std::filesystem::path file; ///< empty: on a server
    std::string server{};       ///< "postgresql://…", or "service=NAME" of libpq's service file

    [[nodiscard]] bool on_server() const { return !server.empty(); }
    [[nodiscard]] std::string in_words() const; ///< without a password
    /// By which it is found again, from whatever folder; empty: an address with a password, which is kept nowhere.
    [[nodiscard]] std::string found_again_by() const;
};

/// What libpq makes of a server's address.
struct ServerAddress {
    std::string parameters; ///< "host='…' port='…' …", without the password, with what makes a lost line known in seconds
    std::string password;   ///< empty: none was given, libpq looks for it where it always does
    std::string in_words;   ///< "postgresql://user@host/database"
};
/// An error says what cannot be understood about it.
[[nodiscard]] Result<ServerAddress> server_address(const std::string& server);

/// By what a station keeps beside it is found: the file itself, or a place of its own for each server in the station's folder.
[[nodiscard]] std::filesystem::path beside(const RecordPlace& place, const std::filesystem::path& station_folder);

} // namespace bh
