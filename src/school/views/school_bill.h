#pragma once

#include "core/progress/bill.h"
#include "school/school.h"

namespace bh {

/// Crashes taken here by one pilot, or by everybody where the id is empty, against what practice cost. Free flights count.
[[nodiscard]] Bill school_bill(const School& school, const std::string& pilot_id = {});

} // namespace bh
