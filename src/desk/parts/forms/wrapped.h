#pragma once

#include <QFontMetrics>
#include <QRect>

namespace bh::desk {

/// Where words stand that begin here and have this much room beside: on as many lines as they need, to be drawn with
/// Qt::TextWordWrap.
inline QRect wrapped(const QFont& font, const QString& words, const QPoint& top_left, int width)
{
    constexpr int any_height_px = 10000;
    const QRect room(top_left, QSize(width, any_height_px));
    return {top_left, QSize(width, QFontMetrics(font).boundingRect(room, Qt::TextWordWrap, words).height())};
}

} // namespace bh::desk
