#pragma once

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

} // namespace bh
