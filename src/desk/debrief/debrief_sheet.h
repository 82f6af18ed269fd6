#pragma once

#include "core/flight/world.h"
#include "desk/debrief/looked_at.h"

#include <QStringList>

class QPainter;
class QRectF;

namespace bh::desk {

/// What stands on a debrief's one page.
struct SheetFacts {
    QString pilot, date;
    const LookedAt* looked_at = nullptr;
    QStringList next_drill; ///< its name and its limits, a line each; empty: none is next
    QStringList notes;
};

/// The decisive six seconds: about the weightiest fault; without one the first six.
[[nodiscard]] TimeSpan decisive_s(const LookedAt& looked_at);

/// Track, height, the sticks of the decisive six seconds, what to change, the next drill, and room for a note.
void paintDebriefSheet(QPainter& painter, const QRectF& page, const SheetFacts& facts);
/// As PDF (A4) or PNG, by the file's ending. False when it could not be written.
[[nodiscard]] bool saveDebriefSheet(const QString& file, const SheetFacts& facts);

} // namespace bh::desk
