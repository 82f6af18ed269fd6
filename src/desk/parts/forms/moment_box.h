#pragma once

#include "desk/words/time_words.h"

#include <QDateTimeEdit>

namespace bh::desk {

/// A box for a day and a time.
inline QDateTimeEdit* momentBox(const char* name, const QString& spoken, std::int64_t unix_time = 0)
{
    auto* box = new QDateTimeEdit(QDateTime::fromSecsSinceEpoch(unix_time));
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(spoken);
    box->setDisplayFormat(dayFormat() + QStringLiteral(" HH:mm"));
    return box;
}

} // namespace bh::desk
