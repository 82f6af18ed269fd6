#pragma once

#include "desk/parts/look/theme.h"

#include <QLabel>

namespace bh::desk {

/// The words over a part of a page.
inline QLabel* partTitle(const QString& text = {})
{
    auto* label = new QLabel(text);
    label->setFont(uiFont(text_points, true));
    label->setWordWrap(true);
    return label;
}

} // namespace bh::desk
