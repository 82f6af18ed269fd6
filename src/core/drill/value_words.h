#pragma once

#include "core/base/units.h"

#include <string>

namespace bh {

/// A measure's value for people: "12 %", "3", "1.5 m".
[[nodiscard]] std::string value_in_words(double value, Unit unit);

} // namespace bh
