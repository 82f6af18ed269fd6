#pragma once

#include "core/base/message.h"
#include "core/base/units.h"

namespace bh {

/// A measure's value for people: "12 %", "3", "1.5 m".
[[nodiscard]] Message value_in_words(double value, Unit unit);

} // namespace bh
