#pragma once

#include "record/chain/entry.h"

#include <filesystem>
#include <optional>
#include <string>

namespace bh {

/// The newest entry that this station has seen of each record, kept outside of it: a record that has lost its newest entries, or
/// was put back as it once was, cannot tell so itself. A record is known by the hash of its first entry and by its place.
class KnownHeads {
public:
    explicit KnownHeads(const std::filesystem::path& station_folder) : folder_(station_folder / "heads") {}

    /// What was seen at this place; or, where nothing was, of a record that lies no longer where it lay. A copy of a record that
    /// is still there is a record of its own.
    [[nodiscard]] std::optional<Head> seen(const std::string& first_hash, const std::filesystem::path& record) const;
    /// Never fails: what cannot be kept is not known the next time.
    void remember(const std::string& first_hash, const std::filesystem::path& record, const Head& head) const noexcept;

private:
    [[nodiscard]] std::filesystem::path file_of(const std::string& first_hash, const std::filesystem::path& record) const;
    std::filesystem::path folder_;
};

} // namespace bh
