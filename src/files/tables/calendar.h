#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <string>
#include <vector>

namespace bh {

/// Something in a calendar, between two moments (seconds since 1970).
struct CalendarEvent {
    std::string uid;
    std::int64_t start = 0, end = 0;
    std::string summary, location, description;
    int sequence = 0; ///< of the change that it is of
};
/// iCalendar (RFC 5545) by libical, times in UTC, as of a moment.
[[nodiscard]] std::string calendar_text(const std::vector<CalendarEvent>& events, const std::string& name, std::int64_t as_of);

/// Stretches of an iCalendar between two moments, whatever is in it, repeated ones as often as they come (at most 1,000). Times
/// without a zone are taken for `zone`, such as "Europe/Berlin"; an unknown one for UTC. BadInput for what is no calendar.
struct CalendarSpan {
    std::int64_t start = 0, end = 0; ///< seconds since 1970
};
[[nodiscard]] Result<std::vector<CalendarSpan>> read_calendar(const std::string& text, const std::string& file, std::int64_t from,
                                                              std::int64_t to, const std::string& zone);

} // namespace bh
