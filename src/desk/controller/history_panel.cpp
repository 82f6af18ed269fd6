#include "desk/controller/history_panel.h"

#include "core/controller/drift.h"
#include "desk/record_store.h"
#include "desk/station.h"
#include "desk/theme.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTime>
#include <QLabel>
#include <QSignalBlocker>
#include <qcustomplot.h>

namespace bh::desk {

HistoryPanel::HistoryPanel(RecordStore& store, Station& station, QWidget* parent) : QWidget(parent), store_(store), station_(station)
{
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("driftWords"));
    words_->setWordWrap(true);
    words_->setFont(uiFont(12, true));
    controller_ = new QComboBox;
    controller_->setObjectName(QStringLiteral("historyController"));
    controller_->setAccessibleName(tr("Controller whose history is shown"));
    function_ = new QComboBox;
    function_->setObjectName(QStringLiteral("historyFunction"));
    function_->setAccessibleName(tr("Function"));
    for (const QString& name : {tr("Throttle"), tr("Yaw"), tr("Pitch"), tr("Roll")}) function_->addItem(name);
    function_->setCurrentIndex(3);
    measure_ = new QComboBox;
    measure_->setObjectName(QStringLiteral("historyMeasure"));
    measure_->setAccessibleName(tr("What is followed"));
    for (const QString& name : {tr("Centre off the middle"), tr("Jitter at rest"), tr("Centring, gap between the two rests"), tr("Travel of the device's range")})
        measure_->addItem(name);
    plot_ = new QCustomPlot;
    plot_->setAccessibleName(tr("Control chart of the calibrations"));
    plot_->setMinimumHeight(220);
    foot_ = new QLabel(tr("Limits: mean of the earlier calibrations and 2.66 times their mean moving range to both sides (individuals control chart after "
                          "Shewhart; ISO 7870-2, from memory), at least as wide as a change that matters (house). Four earlier ones are needed to judge the newest."));
    foot_->setObjectName(QStringLiteral("quiet"));
    foot_->setWordWrap(true);
    auto* row = new QHBoxLayout;
    row->addWidget(controller_);
    row->addWidget(function_);
    row->addWidget(measure_);
    row->addStretch();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(words_);
    layout->addLayout(row);
    layout->addWidget(plot_, 1);
    layout->addWidget(foot_);
    for (QComboBox* box : {controller_, function_, measure_}) connect(box, &QComboBox::currentIndexChanged, this, &HistoryPanel::draw);
    connect(&store_, &RecordStore::changed, this, [this] { if (isVisible()) refresh(); });
    connect(&station_, &Station::deviceChosen, this, [this] { if (isVisible()) refresh(); });
}

/// The one in use first, then every other one that the record knows.
void HistoryPanel::fillControllers()
{
    const QSignalBlocker quiet(controller_);
    const QString before = controller_->currentText();
    const DeviceInfo here = station_.device();
    controller_->clear();
    controller_->addItem(QString::fromStdString(here.name), QStringList{QString::fromStdString(here.name), QString::fromStdString(here.guid)});
    for (const ControllerRow& c : store_.controllers())
        if (c.name != here.name || c.guid != here.guid)
            controller_->addItem(QString::fromStdString(c.name), QStringList{QString::fromStdString(c.name), QString::fromStdString(c.guid)});
    controller_->setCurrentIndex(std::max(0, controller_->findText(before)));
}

void HistoryPanel::refresh()
{
    fillControllers();
    draw();
}

void HistoryPanel::draw()
{
    const QStringList chosen = controller_->currentData().toStringList();
    const auto rows = store_.calibrationsOf(chosen.value(0).toStdString(), chosen.value(1).toStdString());
    std::vector<Calibration> history;
    for (const CalibrationRow& row : rows) history.push_back(row.calibration);
    const Drift drift = drift_of(history);
    const QString name = chosen.value(0);
    if (rows.empty()) words_->setText(tr("%1 has not been calibrated yet: its history begins with the first calibration.").arg(name));
    else {
        const auto age = store_.today() - RecordStore::localDay(rows.back().at);
        words_->setText(tr("%1: %2, the newest %3 old%4. %5")
                            .arg(name, rows.size() == 1 ? tr("1 calibration") : tr("%1 calibrations").arg(rows.size()), age == 1 ? tr("1 day") : tr("%1 days").arg(age))
                            .arg(age > calibration_valid_days ? tr(", time for a new one") : QString())
                            .arg(!drift.words.empty() ? QString::fromStdString(drift.words) + QLatin1Char('.')
                                 : rows.size() > 4   ? tr("Nothing has drifted.")
                                                     : tr("Too few to judge drift.")));
    }
    const auto f = static_cast<Function>(function_->currentIndex());
    const auto m = static_cast<DriftMeasure>(measure_->currentIndex());
    const ControlChart chart = drift_chart(history, f, m);
    const Theme& t = theme();
    plot_->clearPlottables();
    plot_->clearItems();
    plot_->setBackground(t.paper);
    QVector<double> at, values;
    for (std::size_t i = 0; i < chart.values.size() && i < rows.size(); ++i) {
        at << static_cast<double>(rows[i].at);
        values << 100 * chart.values[i];
    }
    auto* line = plot_->addGraph();
    line->setData(at, values);
    line->setPen(QPen(t.night ? t.chromeSoft : t.chrome, 1.5));
    line->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssDisc, t.night ? t.chromeSoft : t.chrome, 7));
    if (chart.out_of_control) {
        auto* last = plot_->addGraph();
        last->setData({at.back()}, {values.back()});
        last->setLineStyle(QCPGraph::lsNone);
        last->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssSquare, QPen(t.notMet, 2), QBrush(t.notMet), 11));
    }
    if (chart.can_judge)
        for (const auto& [value, style] : {std::pair{chart.mean, Qt::SolidLine}, {chart.low, Qt::DashLine}, {chart.high, Qt::DashLine}}) {
            auto* limit = new QCPItemStraightLine(plot_);
            limit->point1->setCoords(0, 100 * value);
            limit->point2->setCoords(1, 100 * value);
            limit->setPen(QPen(t.attention, 1.2, style));
        }
    QSharedPointer<QCPAxisTickerDateTime> dates(new QCPAxisTickerDateTime);
    dates->setDateTimeFormat(QStringLiteral("d MMM"));
    plot_->xAxis->setTicker(dates);
    plot_->yAxis->setLabel(m == DriftMeasure::Travel ? tr("% of the range") : tr("% of half travel"));
    plot_->rescaleAxes();
    plot_->xAxis->setRange(plot_->xAxis->range().lower - 2 * 86400, plot_->xAxis->range().upper + 2 * 86400);
    double low = plot_->yAxis->range().lower, high = plot_->yAxis->range().upper;
    if (chart.can_judge) low = std::min(low, 100 * chart.low), high = std::max(high, 100 * chart.high);
    const double margin = std::max(0.05, 0.12 * (high - low));
    plot_->yAxis->setRange(low - margin, high + margin);
    for (QCPAxis* axis : {plot_->xAxis, plot_->yAxis}) {
        axis->setTickLabelFont(uiFont(8.5));
        axis->setLabelFont(uiFont(8.5));
        axis->setTickLabelColor(t.soft);
        axis->setLabelColor(t.soft);
        axis->setBasePen(QPen(t.line));
        axis->setTickPen(QPen(t.line));
        axis->setSubTickPen(Qt::NoPen);
        axis->grid()->setPen(QPen(t.line, 1, Qt::DotLine));
    }
    plot_->setAccessibleDescription(words_->text());
    plot_->replot();
}

} // namespace bh::desk
