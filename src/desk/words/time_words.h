#pragma once

#include "desk/words/shown_units.h"

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

/// "12 Jun 2031, 14:05", of this computer's own time.
[[nodiscard]] inline QString momentInWords(std::int64_t unix_time)
{
    const QDateTime at = QDateTime::fromSecsSinceEpoch(unix_time);
    return QStringLiteral("%1, %2").arg(dateInWords(at.date()), at.toString(QStringLiteral("HH:mm")));
}

/// "12 Jun 2031", and "12 Jun" in short, of a day since 1970-01-01.
[[nodiscard]] inline QString calendarDay(std::int64_t day) { return dateInWords(QDate(1970, 1, 1).addDays(day)); }
[[nodiscard]] inline QString shortDay(std::int64_t day)
{
    return QLocale(QLocale::English).toString(QDate(1970, 1, 1).addDays(day), QStringLiteral("d MMM"));
}

} // namespace bh::desk
