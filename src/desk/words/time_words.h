#pragma once

#include "desk/words/shown_units.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QLocale>
#include <QString>
#include <cstdint>

namespace bh::desk {

/// "12 Jun 2031".
[[nodiscard]] inline QString dayInWords(std::int64_t unix_time)
{
    return dateInWords(QDateTime::fromSecsSinceEpoch(unix_time).date());
}

/// "14:05", of this computer's own time.
[[nodiscard]] inline QString clockInWords(std::int64_t unix_time)
{
    return QDateTime::fromSecsSinceEpoch(unix_time).toString(QStringLiteral("HH:mm"));
}
/// "12 Jun 2031, 14:05".
[[nodiscard]] inline QString momentInWords(std::int64_t unix_time)
{
    return QStringLiteral("%1, %2").arg(dayInWords(unix_time), clockInWords(unix_time));
}

/// "12 Jun 2031", and "12 Jun" in short, of a day since 1970-01-01.
[[nodiscard]] inline QString calendarDay(std::int64_t day) { return dateInWords(QDate(1970, 1, 1).addDays(day)); }
[[nodiscard]] inline QString shortDate(const QDate& day)
{
    return QLocale().toString(day, QCoreApplication::translate("days", "d MMM", "day and month, as QLocale::toString has them"));
}
/// "Thu 12 Jun".
[[nodiscard]] inline QString weekdayInWords(const QDate& day)
{
    return QLocale().toString(day, QCoreApplication::translate("days", "ddd d MMM", "weekday, day and month"));
}
[[nodiscard]] inline QString shortDay(std::int64_t day) { return shortDate(QDate(1970, 1, 1).addDays(day)); }
/// "12 Jun 14:05".
[[nodiscard]] inline QString shortMoment(std::int64_t unix_time)
{
    return QStringLiteral("%1 %2").arg(shortDate(QDateTime::fromSecsSinceEpoch(unix_time).date()), clockInWords(unix_time));
}

} // namespace bh::desk
