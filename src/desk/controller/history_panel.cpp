#include "desk/controller/history_panel.h"

#include "core/controller/drift.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/look/plot_look.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "school/school.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTime>
#include <QLabel>
#include <QSignalBlocker>
#include <qcustomplot.h>

namespace bh::desk {

HistoryPanel::HistoryPanel(School& school, Station& station, QWidget* parent)
    : QWidget(parent), school_(school), station_(station)
{
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("driftWords"));
    words_->setWordWrap(true);
    words_->setFont(uiFont(text_points, true));
    explain(words_, tr("Calibrations of this controller on the record, counted; the age is today less the day of the newest, in "
                       "whole days. After 60 days a new one is due (house limit)."));
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
    for (const QString& name : {tr("Centre off the middle"), tr("Jitter at rest"), tr("Centring, gap between the two rests"),
                                tr("Travel of the device's range")})
        measure_->addItem(name);
    plot_ = new QCustomPlot;
    plot_->setAccessibleName(tr("Control chart of the calibrations"));
    plot_->setMinimumHeight(220);
    explain(plot_, tr("Each dot is one calibration: the counts that it found, as a share of half the stick's travel, or of the "
                      "device's range for the travel. "
                      "Solid line: mean of the earlier ones. Dashed: mean ± 2.66 × mean moving range (individuals control chart "
                      "after Shewhart; ISO 7870-2, from memory), "
                      "at least as far off as a change that matters (house)."));
    plot_->setFocusPolicy(Qt::TabFocus);
    foot_ = new QLabel(tr("A dot is one calibration. Solid line: mean of the earlier ones; dashed: as far as chance alone takes "
                          "the newest. Four earlier ones are needed to judge it."));
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
    layout->addStretch();
    for (QComboBox* box : {controller_, function_, measure_})
        connect(box, &QComboBox::currentIndexChanged, this, &HistoryPanel::draw);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Controller, Kind::Calibration, Kind::Verification})) refreshIfSeen();
    });
    connect(&themeNews(), &ThemeNews::changed, this, &HistoryPanel::refreshIfSeen);
    connect(&station_, &Station::deviceChosen, this, &HistoryPanel::refreshIfSeen);
}

void HistoryPanel::refreshIfSeen()
{
    if (isVisible()) refresh();
}

/// The one in use first, then every other one that the record knows.
void HistoryPanel::fillControllers()
{
    const QSignalBlocker quiet(controller_);
    const QString before = controller_->currentText();
    const DeviceInfo here = station_.device();
    controller_->clear();
    controller_->addItem(asWords(here.name), QStringList{asWords(here.name), QString::fromStdString(here.guid)});
    for (const KnownController& c : school_.controllers())
        if (c.name != here.name || c.guid != here.guid)
            controller_->addItem(asWords(c.name), QStringList{asWords(c.name), QString::fromStdString(c.guid)});
    const int same = controller_->findText(before);
    if (same >= 0) return controller_->setCurrentIndex(same);
    // At first the one in use, or one that has a history when that has none.
    for (int i = 0; i < controller_->count(); ++i)
        if (!historyAt(i).empty()) return controller_->setCurrentIndex(i);
}

std::vector<KeptCalibration> HistoryPanel::historyAt(int controller) const
{
    const QStringList chosen = controller_->itemData(controller).toStringList();
    return school_.calibrations(chosen.value(0).toStdString(), chosen.value(1).toStdString());
}

void HistoryPanel::refresh()
{
    fillControllers();
    draw();
}

void HistoryPanel::draw()
{
    const auto rows = historyAt(controller_->currentIndex());
    std::vector<Calibration> history;
    for (const KeptCalibration& row : rows) history.push_back(row.calibration);
    const Drift drift = drift_of(history);
    const QString name = controller_->currentText();
    function_->setVisible(!rows.empty());
    measure_->setVisible(!rows.empty());
    if (rows.empty())
        words_->setText(tr("%1 has not been calibrated yet: its history begins with the first calibration.").arg(name));
    else {
        const auto age = school_.today() - local_day(rows.back().at);
        words_->setText(tr("%1: %2, the newest %3 old%4. %5")
                            .arg(name, rows.size() == 1 ? tr("1 calibration") : tr("%1 calibrations").arg(rows.size()),
                                 age == 1 ? tr("1 day") : tr("%1 days").arg(age))
                            .arg(age > school_.house().whole(Limit::GateCalibrationDays) ? tr(", time for a new one") : QString())
                            .arg(!drift.words.empty() ? asWords(drift.words) + QLatin1Char('.')
                                 : rows.size() > 4    ? tr("Nothing has drifted.")
                                                      : tr("Too few to judge drift.")));
    }
    const auto f = static_cast<Function>(function_->currentIndex());
    const auto m = static_cast<DriftMeasure>(measure_->currentIndex());
    const ControlChart chart = drift_chart(history, f, m);
    const Theme& t = theme();
    startPlot(*plot_);
    plot_->setVisible(!rows.empty());
    foot_->setVisible(!rows.empty());
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
        for (const auto& [value, style] :
             {std::pair{chart.mean, Qt::SolidLine}, {chart.low, Qt::DashLine}, {chart.high, Qt::DashLine}}) {
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
    plot_->setAccessibleDescription(words_->text());
    plot_->replot();
}

} // namespace bh::desk
