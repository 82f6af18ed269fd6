#pragma once

#include "core/base/units.h"
#include "desk/words/message_words.h"
#include "desk/words/shown_units.h"

#include <QString>

namespace bh::desk {

/// "12 %", "3", "120 ms", "15°", "1.5 m".
[[nodiscard]] inline QString valueInWords(double value, Unit unit)
{
    switch (unit) {
    case Unit::Share: return QStringLiteral("%1 %").arg(inPlaces(100 * value, 0));
    case Unit::Metres: return lengthInWords(value);
    case Unit::MetresPerSecond: return speedInWords(value);
    case Unit::Count: return inPlaces(value, 0);
    case Unit::Milliseconds: return QStringLiteral("%1 ms").arg(inPlaces(value, 0));
    case Unit::Degrees: return QStringLiteral("%1°").arg(inPlaces(value, 0));
    default: return QStringLiteral("%1 %2").arg(inPlaces(value, 1)).arg(asWords(unit_key(unit)));
    }
}

} // namespace bh::desk
