#include "desk/parts/look/plot_look.h"

#include "desk/parts/look/theme.h"

#include <qcustomplot.h>

namespace bh::desk {

void startPlot(QCustomPlot& plot)
{
    const Theme& t = theme();
    plot.clearPlottables();
    plot.clearItems();
    plot.setBackground(t.paper);
    for (QCPAxis* axis : {plot.xAxis, plot.yAxis}) {
        axis->setTickLabelFont(uiFont(small_points));
        axis->setLabelFont(uiFont(small_points));
        axis->setTickLabelColor(t.soft);
        axis->setLabelColor(t.soft);
        axis->setBasePen(QPen(t.line));
        axis->setTickPen(QPen(t.line));
        axis->setSubTickPen(Qt::NoPen);
        axis->grid()->setPen(QPen(t.line, 1, Qt::DotLine));
        axis->grid()->setZeroLinePen(QPen(t.line, 1));
    }
}

} // namespace bh::desk
