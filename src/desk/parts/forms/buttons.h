#pragma once

#include "desk/parts/look/theme.h"

#include <QFontMetrics>
#include <QPushButton>
#include <QString>
#include <QStyle>

namespace bh::desk {

/// A button with its name for tests and style, and what it does on hover.
inline QPushButton* namedButton(const QString& text, const char* name, const QString& tip)
{
    auto* button = new QPushButton(text);
    button->setObjectName(QLatin1String(name));
    button->setToolTip(tip);
    return button;
}

/// The same, but a click leaves the keys where they were: in a flight view, or with a card that is worked by keys.
inline QPushButton* tabButton(const QString& text, const char* name, const QString& tip)
{
    QPushButton* button = namedButton(text, name, tip);
    button->setFocusPolicy(Qt::TabFocus);
    return button;
}

/// As wide as its words need when it is chosen, and bold.
inline void leaveRoomForBold(QPushButton* button)
{
    constexpr int beside_px = 26;
    button->setMinimumWidth(QFontMetrics(uiFont(text_points, true)).horizontalAdvance(button->text()) + beside_px);
}

/// The one button of a page, or of a part of it, that is the next step. May change while it is shown.
inline void setPrimary(QPushButton* button, bool primary = true)
{
    if (button->property("primary").toBool() == primary) return;
    button->setProperty("primary", primary);
    button->style()->polish(button); // the style sheet looks at the property again
}

} // namespace bh::desk
