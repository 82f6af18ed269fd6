#include "desk/progress/sickness_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/sickness_dialog.h"
#include "desk/parts/look/plot_look.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "school/views/pilot_progress.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QLabel>
#include <algorithm>
#include <qcustomplot.h>

namespace bh::desk {

SicknessPanel::SicknessPanel(School& school, Station& station, QWidget* parent)
    : QWidget(parent), school_(school), station_(station)
{
    advice_ = new QLabel;
    advice_->setObjectName(QStringLiteral("sicknessAdvice"));
    advice_->setFont(uiFont(text_points, true));
    advice_->setWordWrap(true);
    explains_ =
        new QLabel(tr("Sixteen symptoms, 0 to 3 each, weighted as by Kennedy, Lane, Berbaum and Lilienthal (1993). Discs: "
                      "in goggles; rings: by the screen; small: asked before a session. The dashed line is the house's "
                      "limit: above it the screen, a rest, and no real aircraft that day."));
    explains_->setProperty("quiet", true);
    explains_->setWordWrap(true);
    plot_ = new QCustomPlot;
    plot_->setObjectName(QStringLiteral("sicknessPlot"));
    auto* ask = namedButton(tr("Ask how the pilot feels"), "askSicknessHere", tr("Sixteen questions by keys, a minute"));
    connect(ask, &QPushButton::clicked, this, [this] {
        if (!school_.pilot(station_.pilotId())) return;
        auto* dialog = new SicknessDialog(school_, station_.pilotId(), this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    auto* head = new QHBoxLayout;
    head->addWidget(advice_, 1);
    head->addWidget(ask);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addLayout(head);
    layout->addWidget(explains_);
    layout->addWidget(plot_, 1);
    layout->addStretch(0);
    connect(&school_, &School::changed, this, &SicknessPanel::refresh);
    connect(&station_, &Station::pilotChosen, this, &SicknessPanel::refresh);
    connect(&themeNews(), &ThemeNews::changed, this, &SicknessPanel::refresh);
}

void SicknessPanel::showEvent(QShowEvent*)
{
    if (stale_) fill();
}

void SicknessPanel::refresh()
{
    stale_ = true;
    if (isVisible()) fill();
}

void SicknessPanel::fill()
{
    stale_ = false;
    const SicknessTrend trend = sickness_of(school_, station_.pilotId());
    advice_->setText(school_.pilot(station_.pilotId()) ? asWords(trend.advice) : tr("Choose a pilot on the left."));
    plot_->setVisible(!trend.points.empty());
    if (trend.points.empty()) return;
    const Theme& t = theme();
    startPlot(*plot_);
    const double limit = school_.house().of(Limit::SicknessTotal);
    double most = 1.5 * limit;
    const auto add = [&](bool goggles, bool before) {
        QVector<double> at, total;
        for (const SicknessTrend::Point& p : trend.points) {
            if (p.goggles != goggles || p.before != before) continue;
            at << static_cast<double>(p.at);
            total << p.total;
            most = std::max(most, 1.15 * p.total);
        }
        auto* graph = plot_->addGraph();
        graph->setLineStyle(QCPGraph::lsNone);
        constexpr double small = 6, large = 10;
        graph->setScatterStyle(QCPScatterStyle(goggles ? QCPScatterStyle::ssDisc : QCPScatterStyle::ssCircle, t.attention,
                                               goggles ? QBrush(t.attention) : QBrush(Qt::NoBrush), before ? small : large));
        graph->setData(at, total, true);
    };
    for (const bool goggles : {false, true})
        for (const bool before : {true, false}) add(goggles, before);
    auto* line = new QCPItemStraightLine(plot_);
    line->point1->setCoords(0, limit);
    line->point2->setCoords(1, limit);
    line->setPen(QPen(t.notMet, 1.5, Qt::DashLine));
    constexpr double day_s = 86400;
    const QSharedPointer<QCPAxisTickerDateTime> dates(new QCPAxisTickerDateTime);
    dates->setDateTimeFormat(QStringLiteral("d MMM"));
    plot_->xAxis->setTicker(dates);
    const auto first = static_cast<double>(trend.points.front().at), last = static_cast<double>(trend.points.back().at);
    plot_->xAxis->setRange(first - 2 * day_s, std::max(last, first + 7 * day_s) + 2 * day_s);
    plot_->yAxis->setRange(0, most);
    plot_->yAxis->setLabel(tr("questionnaire, total"));
    plot_->replot();
}

} // namespace bh::desk
