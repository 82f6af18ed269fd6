#include "desk/words/shown_units.h"

#include "desk/words/message_words.h"

#include <QCoreApplication>
#include <QLocale>

namespace bh::desk {

ShownUnits& shownUnits()
{
    static ShownUnits units; // the one desk's
    return units;
}

ShownValue shownLength(double length_m)
{
    constexpr double foot_m = 0.3048;
    return shownUnits().feet_and_knots ? ShownValue{length_m / foot_m, QObject::tr("ft")}
                                       : ShownValue{length_m, QObject::tr("m")};
}

ShownValue shownSpeed(double speed_mps)
{
    constexpr double knot_mps = 1852.0 / 3600;
    return shownUnits().feet_and_knots ? ShownValue{speed_mps / knot_mps, QObject::tr("kn")}
                                       : ShownValue{speed_mps, QObject::tr("m/s")};
}

QString lengthInWords(double length_m, int decimals)
{
    const ShownValue shown = shownLength(length_m);
    return QStringLiteral("%1 %2").arg(inPlaces(shown.value, decimals)).arg(shown.unit);
}

QString speedInWords(double speed_mps, int decimals)
{
    const ShownValue shown = shownSpeed(speed_mps);
    return QStringLiteral("%1 %2").arg(inPlaces(shown.value, decimals)).arg(shown.unit);
}

QString dayFormat()
{
    return shownUnits().system_days ? QLocale::system().dateFormat(QLocale::ShortFormat)
                                    : QCoreApplication::translate("days", "d MMM yyyy", "day, month and year");
}

QString dateInWords(const QDate& date)
{
    return (shownUnits().system_days ? QLocale::system() : QLocale()).toString(date, dayFormat());
}

} // namespace bh::desk
