#pragma once

#include <QSize>
#include <QString>
#include <functional>

class QWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

class MainWindow;

/// Walks through the main views in a window of this size, and has a look at each as soon as it is filled.
void walkTour(MainWindow& window, School& school, Station& station, QSize size,
              const std::function<void(const QString& name, QWidget& shown)>& look);

/// Saves a PNG of each view of the tour. Returns 0, or 1 with a line on stderr when a picture could not be written.
int saveTour(MainWindow& window, School& school, Station& station, const QString& folder, QSize size);

} // namespace bh::desk
