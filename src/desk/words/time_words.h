#pragma once

#include <QDateTime>
#include <QLocale>
#include <QString>
#include <cstdint>

namespace bh::desk {

/// "12 Jun 2031".
[[nodiscard]] inline QString dayInWords(std::int64_t unix_time)
{
    return QLocale(QLocale::English).toString(QDateTime::fromSecsSinceEpoch(unix_time).date(), QStringLiteral("d MMM yyyy"));
}

} // namespace bh::desk
