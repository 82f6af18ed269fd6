#pragma once

#include "core/progress/standing.h"

#include <optional>
#include <string>
#include <vector>

namespace bh {

/// Something that needs the coordinator, for one pilot or for several who have it in common.
struct TodayItem {
    enum class Weight : std::uint8_t { Safety, Decision, Practice, Pace }; ///< the first comes first
    Weight weight = Weight::Practice;
    std::vector<std::string> pilots; ///< ids, at least one
    Message what;                    ///< a sentence, without whom
    std::optional<std::int64_t> since_day;
    Message holds_up;   ///< what waits for it; empty: nothing that can be told
    int moved_days = 0; ///< by which it has moved the first flights, all pilots together
    PilotStanding::Go go = PilotStanding::Go::Nowhere;
};

} // namespace bh
