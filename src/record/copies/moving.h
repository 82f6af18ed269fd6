#pragma once

#include "record/chain/rights_of_entries.h"
#include "record/copies/verify.h"
#include "record/place.h"

#include <functional>

namespace bh {

struct MoveOptions {
    EntryRights rights{}; ///< which a server is told
    /// Asked after each part: how much of how much, entries and files together. False: it stops, to be taken up again.
    std::function<bool(std::int64_t done, std::int64_t of)> go_on{};
};

/// Copies a whole record from a file to a server or from a server to a file, entry by entry as they stand, with the keys to
/// names, the flight logs and the recordings, and verifies it there. What was stopped before is taken up where it stood; until it
/// is done nobody can work with it. The record that it comes from stays as it is. An error says what is in the way.
[[nodiscard]] Result<VerifyReport> move_house(const RecordPlace& from, const RecordPlace& to, const MoveOptions& options = {});

} // namespace bh
