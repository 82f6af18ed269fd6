#pragma once

#include "desk/parts/look/theme.h"

#include <QLineEdit>

namespace bh::desk {

/// A line to write on; `hint` says what is expected while it is empty.
inline QLineEdit* textBox(const char* name, const QString& spoken, const QString& hint, int longest)
{
    auto* box = new QLineEdit;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(spoken);
    box->setPlaceholderText(hint);
    box->setMaxLength(longest);
    return box;
}

/// At least as wide as its hint, for a window that is as wide as its boxes.
inline void leaveRoomForHint(QLineEdit* box)
{
    constexpr int beside_px = 24;
    box->setMinimumWidth(QFontMetrics(uiFont(text_points)).horizontalAdvance(box->placeholderText()) + beside_px);
}

} // namespace bh::desk
