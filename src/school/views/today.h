#pragma once

#include "school/school.h"

#include <set>
#include <string>
#include <vector>

namespace bh {

/// Everything that needs a look today, by its consequence: what is about safety, then what only a coordinator can decide, then
/// by the days by which first flights are moved. What has one cause for several pilots (a controller, an aircraft's rates, a
/// drill) is one item.
/// See School::today_items(), which remembers them.
[[nodiscard]] std::vector<TodayItem> items_of_today(const School& school);
/// So many are shown; the rest can wait.
inline constexpr std::size_t most_today = 5;
/// Pilots who are named in those, few hours apart.
[[nodiscard]] std::set<std::string> named_today(const School& school);

/// When the first real flight can be at the present pace: the last of the gates that are not met; nothing where one of them
/// cannot be dated.
[[nodiscard]] std::optional<std::int64_t> first_flight_day(const School& school, const std::string& pilot_id);

} // namespace bh
