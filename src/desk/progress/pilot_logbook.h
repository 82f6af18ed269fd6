#pragma once

#include "school/school.h"

#include <QString>

namespace bh::desk {

/// A pilot's logbook as it is printed: totals, sessions and attempts, those that were struck out with the reason. HTML, see
/// saveOnPaper().
[[nodiscard]] QString pilotLogbook(const School& school, const std::string& pilot_id);

} // namespace bh::desk
