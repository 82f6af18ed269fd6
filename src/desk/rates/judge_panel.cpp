#include "desk/rates/judge_panel.h"

#include "core/rates/purpose.h"
#include "core/rates/rate_table.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/rates/curve_plot.h"
#include "desk/words/message_words.h"
#include "desk/words/shown_units.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QLabel>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

constexpr int judged_row_px = 26, judged_head_px = 34;

void put(QTableWidget* table, int row, const QStringList& cells, bool bold = false)
{
    for (int column = 0; column < cells.size(); ++column) {
        auto* item = new QTableWidgetItem(cells[column]);
        if (bold) item->setFont(uiFont(text_points, true));
        table->setItem(row, column, item);
    }
    table->setRowHeight(row, scaled(judged_row_px));
}

} // namespace

JudgePanel::JudgePanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    heading_ = new QLabel;
    heading_->setObjectName(QStringLiteral("judgeHeading"));
    heading_->setFont(uiFont(text_points, true));
    heading_->setWordWrap(true);
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("judgeWords"));
    words_->setWordWrap(true);
    plot_ = new CurvePlot(tr("Roll"));
    plot_->setEnabled(false); // to be read; the handles are on the match
    bands_ = readingTable("rateBands", tr("What rates mean, common practice"),
                          {tr("°/s"), tr("Full turn"), tr("Fall"), tr("Who flies it")}, 3);
    explain(bands_, {tr("Roll and pitch at full stick."), tr("360° at that rate."),
                     tr("Without power in that time, ½·g·t²: a rough guide."), tr("Common practice, no source.")});
    bands_->setRowCount(static_cast<int>(flown_rates.size()));
    evidence_ = readingTable("flipEvidence", tr("Flips and rolls by the rate that they were flown on"),
                             {tr("Flown on"), tr("Flips"), tr("Off level"), tr("Settled after"), tr("In time"), tr("So")}, 5);
    explain(evidence_,
            {tr("Rate at full stick of that axis."),
             tr("Flips and rolls that drills asked for, in the newest twelve such flights."),
             tr("Bank or pitch 0.3 s after the turn stops; the median."),
             tr("From the end of the turn until within 10° of level and slower than 40 °/s; the median."),
             tr("Settled within 0.5 s (house)."), tr("From three flips on; in time and within 20° of level (house).")});
    auto* left = new QVBoxLayout;
    left->addWidget(plot_, 1);
    auto* right = new QVBoxLayout;
    right->addWidget(partTitle(tr("Common practice")));
    right->addWidget(bands_, 1);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(16);
    upper->addLayout(left, 2);
    upper->addLayout(right, 3);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(heading_);
    layout->addWidget(words_);
    layout->addLayout(upper, 3);
    said_ = partTitle(tr("What the flips say"));
    layout->addWidget(said_);
    layout->addWidget(evidence_, 2);
    bands_->setWordWrap(true); // where the window is narrow, who flies it goes on below
    bands_->verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    bands_->setMinimumHeight(scaled(judged_head_px + judged_row_px * static_cast<int>(flown_rates.size())) + 4);
}

void JudgePanel::setContext(const RatesContext& context)
{
    context_ = context;
    stale_ = true;
    if (isVisible()) refresh();
}

void JudgePanel::showEvent(QShowEvent*)
{
    if (stale_) refresh();
}

void JudgePanel::showBands(double practised_dps)
{
    const auto nearest = std::min_element(flown_rates.begin(), flown_rates.end(), [&](const FlownRate& a, const FlownRate& b) {
        return std::abs(std::log(a.rate_dps / practised_dps)) < std::abs(std::log(b.rate_dps / practised_dps));
    });
    int row = 0;
    for (const FlownRate& band : flown_rates) {
        const bool here = &band == &*nearest;
        put(bands_, row++,
            {(here ? QStringLiteral("▸ ") : QString()) + inPlaces(band.rate_dps, 0), tr("%1 s").arg(inPlaces(band.turn_s(), 2)),
             lengthInWords(band.fall_m()), asWords(band.flown_by)},
            here);
    }
}

void JudgePanel::refresh()
{
    stale_ = false;
    const RateCurve& roll = context_.practised.roll;
    plot_->setCurves({context_.real.roll, roll, std::nullopt, false, true, {}, false});
    const double practised_dps = std::max(1.0, rate_dps(roll, 1));
    showBands(practised_dps);
    const auto evidence = flip_evidence(school_, context_.question.pilot_id);
    evidence_->setRowCount(static_cast<int>(evidence.size()));
    int row = 0;
    for (const FlipsOnRate& e : evidence) {
        const bool judged = e.flips >= flips_to_judge_by;
        put(evidence_, row++,
            {tr("%1 °/s").arg(inPlaces(e.rate_dps, 0)), QString::number(e.flips), tr("%1°").arg(inPlaces(e.off_level_deg, 0)),
             e.settled_s >= most_settling_s ? tr("over %1 s").arg(inPlaces(most_settling_s, 0))
             : e.settled_s < 0.05           ? tr("at once")
                                            : tr("%1 s").arg(inPlaces(e.settled_s, 2)),
             tr("%1 of %2").arg(e.settled_in_time).arg(e.flips),
             !judged    ? tr("too few to judge by")
             : e.keep() ? tr("settled in time")
                        : tr("not settled in time")});
    }
    for (QWidget* w : std::initializer_list<QWidget*>{said_, evidence_}) w->setVisible(!evidence.empty());
    const FlownRate practised{practised_dps, ""};
    heading_->setText(tr("Practised: %1 °/s at full roll, a full turn in %2 s, %3 of fall without power.")
                          .arg(inPlaces(practised_dps, 0))
                          .arg(inPlaces(practised.turn_s(), 2))
                          .arg(lengthInWords(practised.fall_m())));
    // What the Advice section says as well: there is one voice about rates.
    const auto verdict = rate_verdict(
        rate_evidence(context_, context_.rocking_share, evidence, school_.real_aircraft(context_.question.aircraft_id)));
    const QString unknown =
        evidence.empty()
            ? tr("No flip or roll that a drill asked for is on record yet. Fly the roll pair or the flip pair: how soon "
                 "the aircraft is settled after each decides more than the table.")
            : tr("Fewer than three flips on this rate: fly more before it is judged.");
    words_->setText(verdict ? asWords(verdict->sentence) : unknown);
}

} // namespace bh::desk
