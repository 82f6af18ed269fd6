#pragma once

#include "core/progress/readiness.h"
#include "school/school.h"

namespace bh {

/// What the record knows of a pilot, for the gates before a first real flight.
[[nodiscard]] ReadinessFacts readiness_facts(const School& school, const std::string& pilot_id);

/// Its gates today, by the house's limits.
[[nodiscard]] std::vector<ReadinessGate> gates_of(const School& school, const std::string& pilot_id);

} // namespace bh
