#include "desk/progress/hours_plot.h"

#include "desk/parts/look/plot_look.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"

#include <QVBoxLayout>
#include <algorithm>
#include <qcustomplot.h>

namespace bh::desk {

HoursPlot::HoursPlot(QWidget* parent) : QWidget(parent), plot_(new QCustomPlot(this))
{
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(plot_);
    setAccessibleName(tr("Practice hours of the last eight weeks"));
    setMinimumHeight(150);
}

void HoursPlot::setWeeks(const std::vector<double>& hours, const QStringList& labels, double wanted_h)
{
    hours_ = hours;
    labels_ = labels;
    wanted_h_ = wanted_h;
    QStringList spoken;
    for (double h : hours_) spoken << tr("%1 h").arg(inPlaces(h, 1));
    setAccessibleDescription(spoken.join(QStringLiteral(", ")));
    recolour();
}

void HoursPlot::recolour()
{
    const Theme& t = theme();
    startPlot(*plot_);
    auto* bars = new QCPBars(plot_->xAxis, plot_->yAxis);
    bars->setWidth(0.62);
    bars->setPen(Qt::NoPen);
    bars->setBrush(t.night ? QColor("#4F7FAE") : t.chrome);
    QVector<double> at, values;
    double most = 1.3 * wanted_h_;
    QSharedPointer<QCPAxisTickerText> ticker(new QCPAxisTickerText);
    for (std::size_t i = 0; i < hours_.size(); ++i) {
        at << static_cast<double>(i);
        values << hours_[i];
        most = std::max(most, hours_[i] * 1.12);
        ticker->addTick(static_cast<double>(i), labels_.value(static_cast<int>(i)));
    }
    bars->setData(at, values, true);
    auto* target = new QCPItemStraightLine(plot_);
    target->point1->setCoords(0, wanted_h_);
    target->point2->setCoords(1, wanted_h_);
    target->setPen(QPen(t.attention, 1.5, Qt::DashLine));
    plot_->xAxis->setTicker(ticker);
    plot_->xAxis->setRange(-0.6, static_cast<double>(std::max<std::size_t>(hours_.size(), 1)) - 0.4);
    plot_->yAxis->setRange(0, most);
    plot_->yAxis->setLabel(tr("practice, h a week"));
    plot_->xAxis->grid()->setVisible(false);
    plot_->replot();
}

} // namespace bh::desk
