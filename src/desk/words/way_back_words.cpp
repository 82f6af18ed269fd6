#include "desk/words/way_back_words.h"

#include "desk/words/message_words.h"
#include "school/school.h"
#include "school/views/setup_rules.h"

#include <QObject>

namespace bh::desk {

QString easedValueInWords(Eased what, double value)
{
    switch (what) {
    case Eased::Power:
    case Eased::Propellers: return QObject::tr("%1 %").arg(inDigits(100 * value, 4));
    case Eased::Rates: return QObject::tr("%1 °/s").arg(inPlaces(value, 0));
    case Eased::Tilt: return QObject::tr("%1°").arg(inDigits(value, 3));
    }
    return {};
}

namespace {

QString easedInWords(Eased what)
{
    switch (what) {
    case Eased::Power: return QObject::tr("power");
    case Eased::Propellers: return QObject::tr("propellers");
    case Eased::Rates: return QObject::tr("roll and pitch at full stick");
    case Eased::Tilt: return QObject::tr("camera tilt");
    }
    return {};
}

} // namespace

QString rungInWords(const Rung& rung)
{
    return QObject::tr("%1 from %2 to %3")
        .arg(easedInWords(rung.what), easedValueInWords(rung.what, rung.from), easedValueInWords(rung.what, rung.to));
}

QString wayBackInWords(const School& school, const std::string& pilot_id)
{
    const auto standing = way_back_standing(school, pilot_id);
    if (!standing) return {};
    if (!standing->next) return QObject::tr("Way back to the real aircraft: all %1 steps taken").arg(standing->rungs.size());
    return QObject::tr("Way back: step %1 of %2 is next, %3")
        .arg(standing->climbed + 1)
        .arg(standing->rungs.size())
        .arg(rungInWords(*standing->next));
}

} // namespace bh::desk
