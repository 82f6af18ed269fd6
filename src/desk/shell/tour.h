#pragma once

#include <QSize>
#include <QString>

namespace bh {
class School;
}

namespace bh::desk {

class MainWindow;
class Station;

/// Walks through the main views and saves a PNG of each, of this size. Returns 0, or 1 with a line on stderr when a picture
/// could not be written.
int walkTour(MainWindow& window, School& school, Station& station, const QString& folder, QSize size);

} // namespace bh::desk
