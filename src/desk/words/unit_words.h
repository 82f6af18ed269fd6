#pragma once

#include "core/base/units.h"
#include "desk/words/shown_units.h"

#include <QString>

namespace bh::desk {

/// "12 %", "3", "120 ms", "15 °", "1.5 m".
[[nodiscard]] inline QString valueInWords(double value, Unit unit)
{
    switch (unit) {
    case Unit::Share: return QStringLiteral("%1 %").arg(100 * value, 0, 'f', 0);
    case Unit::Metres: return lengthInWords(value);
    case Unit::MetresPerSecond: return speedInWords(value);
    case Unit::Count: return QString::number(value, 'f', 0);
    case Unit::Milliseconds: return QStringLiteral("%1 ms").arg(value, 0, 'f', 0);
    case Unit::Degrees: return QStringLiteral("%1 °").arg(value, 0, 'f', 0);
    default: return QStringLiteral("%1 %2").arg(value, 0, 'f', 1).arg(QLatin1String(unit_key(unit).data()));
    }
}

} // namespace bh::desk
