#pragma once

#include "core/progress/readiness.h"
#include "school/school.h"

namespace bh {

/// Of all drills that are flown under one, and of free flights in their worlds, from a day on.
[[nodiscard]] double minutes_under_a_roof(const School& school, const std::string& pilot_id, std::int64_t since_day = 0);

/// What the record knows of a pilot, for the gates before a first real flight.
[[nodiscard]] ReadinessFacts readiness_facts(const School& school, const std::string& pilot_id);

/// Its gates today, by the house's limits.
[[nodiscard]] std::vector<ReadinessGate> gates_of(const School& school, const std::string& pilot_id);

} // namespace bh
