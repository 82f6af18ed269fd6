#pragma once

#include <QDate>
#include <QString>

namespace bh::desk {

/// How quantities and days are written for people; files, drills and the record stay metric. What the preferences say.
struct ShownUnits {
    bool feet_and_knots = false;
    bool system_days = false; ///< as the system writes a day
};
[[nodiscard]] ShownUnits& shownUnits();

struct ShownValue {
    double value = 0;
    QString unit;
};
/// Metres, or feet of 0.3048 m (the international foot, ISO 80000-3).
[[nodiscard]] ShownValue shownLength(double length_m);
/// Metres a second, or knots of 1852 m an hour (the international nautical mile, ISO 80000-3).
[[nodiscard]] ShownValue shownSpeed(double speed_mps);
/// "1.5 m", "4.9 ft".
[[nodiscard]] QString lengthInWords(double length_m, int decimals = 1);
[[nodiscard]] QString speedInWords(double speed_mps, int decimals = 1);
/// As QLocale::toString has it: of a day with its month and year, or as the system writes one.
[[nodiscard]] QString dayFormat();
/// "12 Jun 2031", or as the system writes it.
[[nodiscard]] QString dateInWords(const QDate& date);

} // namespace bh::desk
