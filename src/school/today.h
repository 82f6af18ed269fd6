#pragma once

#include "school/school.h"

#include <string>
#include <vector>

namespace bh {

/// Something that needs the coordinator, for one pilot or for several who have it in common.
struct TodayItem {
    enum class Weight : std::uint8_t { Safety, Decision, Practice, Pace }; ///< the first comes first
    Weight weight = Weight::Practice;
    std::vector<std::string> pilots; ///< ids, at least one
    std::string what;                ///< a sentence, without whom
    std::optional<std::int64_t> since_day;
    std::string holds_up; ///< what waits for it; empty: nothing that can be told
    int moved_days = 0;   ///< by which it has moved the first flights, all pilots together
    PilotStanding::Go go = PilotStanding::Go::Nowhere;
};

/// Everything that needs a look today, by its consequence: what is about safety, then what only a coordinator can decide, then
/// by the days by which first flights are moved. What has one cause for several pilots (a controller, an aircraft's rates, a
/// drill) is one item.
[[nodiscard]] std::vector<TodayItem> today_items(const School& school);

/// When the first real flight can be at the present pace: the last of the gates that are not met; nothing where one of them
/// cannot be dated.
[[nodiscard]] std::optional<std::int64_t> first_flight_day(const School& school, const std::string& pilot_id);

} // namespace bh
