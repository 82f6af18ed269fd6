#pragma once

#include <array>
#include <optional>
#include <string>
#include <vector>

namespace bh::desk {

class RecordStore;

/// How a pilot's hands have moved lately.
struct StickHistory {
    std::array<std::vector<double>, 3> shares; ///< roll, pitch, yaw: of the time, in even bins of the stick; empty: nothing known
    std::optional<double> rocking_share;       ///< of the time in the newest flights
};

/// From the pilot's newest six flights and newest three recordings of practice outside.
[[nodiscard]] StickHistory stickHistory(const RecordStore& store, const std::string& pilot_id);

} // namespace bh::desk
