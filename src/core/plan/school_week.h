#pragma once

#include "core/plan/week.h"

#include <cstdint>
#include <string>
#include <utility>
#include <vector>

namespace bh {

/// A stretch of every week: weekday 1 (Monday) to 7, minutes since midnight.
struct WeeklyHours {
    int weekday = 1, start_min = 0, end_min = 0;
    bool coordinator = false; ///< is there; of a school's hours
    bool operator==(const WeeklyHours&) const = default;
};

/// Where and when a school can be flown in. Bays have no closed slots here: those are a week's.
struct SchoolBays {
    int slot_minutes = 30;
    std::vector<WeekBay> bays;
    std::vector<WeeklyHours> hours;
};

/// A stretch of one day.
struct DatedHours {
    std::string day; ///< YYYY-MM-DD
    int start_min = 0, end_min = 0;
    bool operator==(const DatedHours&) const = default;
};

/// When a pilot can come.
struct Availability {
    double wanted_hours = 3; ///< a week
    std::vector<WeeklyHours> hours;
    std::vector<std::string> not_on; ///< days, YYYY-MM-DD
    std::vector<DatedHours> on{};    ///< besides, as from a calendar
};

/// A block of a week as it is kept: by what it is called, so that it stays what it is when bays or hours change.
struct PlannedBlock {
    std::string pilot_id, bay, day;
    int start_min = 0, end_min = 0;
    bool locked = false; ///< stays where it is when the week is planned again
    bool operator==(const PlannedBlock&) const = default;
};

struct PlannedWeek {
    std::vector<PlannedBlock> blocks;
    std::vector<PlannedBlock> published;                     ///< as people know it; none: not published yet
    std::vector<std::pair<std::string, std::string>> closed; ///< bay and day
    int version = 0;                                         ///< so often it was published
    std::int64_t published_at = 0;                           ///< seconds since 1970
};

} // namespace bh
