#pragma once

#include "core/setup/way_back.h"

#include <QString>
#include <string>

namespace bh {
class School;
}

namespace bh::desk {

/// A power, propeller size, rate or tilt with its unit.
[[nodiscard]] QString easedValueInWords(Eased what, double value);
/// "power from 80 % to 90 %"
[[nodiscard]] QString rungInWords(const Rung& rung);
/// "Way back: step 3 of 9, next power from 90 % to 100 %"; empty without one.
[[nodiscard]] QString wayBackInWords(const School& school, const std::string& pilot_id);

} // namespace bh::desk
