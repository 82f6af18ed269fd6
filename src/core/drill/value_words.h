#pragma once

#include "core/base/said.h"
#include "core/base/units.h"

namespace bh {

/// A measure's value for people: "12 %", "3", "1.5 m".
[[nodiscard]] Said value_in_words(double value, Unit unit);

} // namespace bh
