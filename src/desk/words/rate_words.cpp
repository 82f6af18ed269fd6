#include "desk/words/rate_words.h"

#include "core/curves/rate_families.h"
#include "core/rates/rate_match.h"
#include "desk/words/message_words.h"

#include <QObject>
#include <QStringList>

namespace bh::desk {

QString settingsInWords(const RateCurve& curve)
{
    const RateFamily* family = rate_family(family_key(curve));
    if (!family) return QObject::tr("measured points");
    QStringList parts;
    const auto values = parameters_of(curve);
    for (std::size_t i = 0; i < values.size(); ++i)
        parts << QStringLiteral("%1 %2").arg(asWords(family->parameters[i].name)).arg(inDigits(values[i], 6));
    return parts.join(QStringLiteral(", "));
}

} // namespace bh::desk
