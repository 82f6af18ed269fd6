#pragma once

class QCustomPlot;

namespace bh::desk {

/// Empties a plot and gives its paper, axes, grid and lettering the desk's look of the moment.
void startPlot(QCustomPlot& plot);

} // namespace bh::desk
