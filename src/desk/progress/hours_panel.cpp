#include "desk/progress/hours_panel.h"

#include "desk/parts/forms/columns_that_give.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/tables.h"
#include "desk/progress/hours_plot.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/views/pilot_progress.h"
#include "station/station.h"

#include <QBoxLayout>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

QString number(double value, int decimals = 1) { return inPlaces(value, decimals); }

QString dayIn(double weeks, std::int64_t today)
{
    constexpr double furthest_weeks = 520;
    if (weeks > furthest_weeks) return QObject::tr("in over ten years");
    return calendarDay(today + static_cast<std::int64_t>(std::ceil(7 * weeks)));
}

QTableWidgetItem* cell(const QString& words, bool to_the_right = false)
{
    auto* item = new QTableWidgetItem(words);
    item->setTextAlignment((to_the_right ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    return item;
}

} // namespace

HoursPanel::HoursPanel(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    pace_ = new QLabel;
    pace_->setObjectName(QStringLiteral("hoursPace"));
    pace_->setWordWrap(true);
    alert_ = new QLabel;
    alert_->setObjectName(QStringLiteral("hoursAlert"));
    alert_->setProperty("caution", true);
    alert_->setWordWrap(true);
    targets_ = readingTable("hoursTargets", tr("Towards what is called enough"),
                            {tr("Towards"), tr("Flown"), tr("Left"), tr("Weeks left at this pace"), tr("About")}, 4);
    shares_ = readingTable("hoursShares", tr("Where, how and by what hours were flown"),
                           {tr("By"), tr("Which"), tr("Hours"), tr("Share")}, 1);
    constexpr int flown = 1; // follows from what is left
    new ColumnsThatGive(targets_, {flown});
    targets_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    arithmetic_ = new QLabel;
    arithmetic_->setObjectName(QStringLiteral("hoursArithmetic"));
    arithmetic_->setProperty("quiet", true);
    arithmetic_->setWordWrap(true);
    plot_ = new HoursPlot;
    auto* left = new QVBoxLayout;
    left->setSpacing(8);
    left->addWidget(partTitle(tr("Towards a first real flight")));
    left->addWidget(targets_);
    left->addWidget(arithmetic_);
    left->addWidget(partTitle(tr("Week by week")));
    left->addWidget(plot_, 1);
    auto* right = new QVBoxLayout;
    right->setSpacing(8);
    right->addWidget(partTitle(tr("Where the hours were flown")));
    right->addWidget(shares_, 1);
    auto* body = new QHBoxLayout;
    body->setSpacing(16);
    body->addLayout(left, 3);
    body->addLayout(right, 2);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(pace_);
    layout->addWidget(alert_);
    layout->addLayout(body, 1);
    connect(&school_, &School::changed, this, &HoursPanel::refresh);
    connect(&station_, &Station::pilotChosen, this, &HoursPanel::refresh);
    connect(&themeNews(), &ThemeNews::changed, this, &HoursPanel::refresh);
}

void HoursPanel::showEvent(QShowEvent*)
{
    if (stale_) fill();
}

void HoursPanel::refresh()
{
    stale_ = true;
    if (isVisible()) fill();
}

void HoursPanel::fill()
{
    stale_ = false;
    const Pilot* pilot = school_.pilot(station_.pilotId());
    const HouseLimits& house = school_.house();
    const HoursOfPilot h = hours_of(school_, station_.pilotId());
    const double wanted = house.of(Limit::HoursWeekly), low = house.of(Limit::HoursLow),
                 comfortable = house.of(Limit::HoursComfortable);
    pace_->setText(
        !pilot ? QString()
               : tr("%1 h of practice, %2 h idle taken off. Over the last four weeks %3 h a week (95 %: %4 to %5).")
                     .arg(number(h.hours), number(h.idle), number(h.pace.weekly_hours), number(h.pace.low), number(h.pace.high)));
    pace_->setVisible(pilot);
    alert_->setVisible(pilot && h.short_weeks >= house.whole(Limit::HoursShortWeeks));
    alert_->setText(tr("Below %1 h a week for %2 weeks now: hours that come too slowly are forgotten in between.")
                        .arg(number(wanted, wanted == std::floor(wanted) ? 0 : 1))
                        .arg(h.short_weeks));
    struct Target {
        QString name;
        double hours, flown;
        WeeksLeft left;
    };
    const double matched_pace = [&] { // matched hours of the last four weeks
        double hours = 0;
        for (const Session& s : school_.sessions(station_.pilotId()))
            if (s.matched && school_.today() - local_day(s.started_at) < 28) hours += s.active_s / 3600;
        return hours / 4;
    }();
    const double matched = house.of(Limit::HoursMatched);
    const Target targets[] = {
        {tr("%1 h, the low end").arg(low), low, h.hours, h.to_low},
        {tr("%1 h, comfortable").arg(comfortable), comfortable, h.hours, h.to_comfortable},
        {tr("%1 h on matched rates").arg(matched), matched, h.matched,
         weeks_left(matched, h.matched, {matched_pace, matched_pace, matched_pace})},
    };
    targets_->setRowCount(0);
    for (const Target& target : targets) {
        const int row = targets_->rowCount();
        targets_->insertRow(row);
        const double left = std::max(0.0, target.hours - target.flown);
        const WeeksLeft& weeks = target.left;
        QString words = left == 0 || !pilot ? QStringLiteral("–") : !weeks.weeks ? tr("never") : number(*weeks.weeks);
        if (left > 0 && weeks.weeks && weeks.low && *weeks.low < *weeks.weeks)
            words += weeks.high ? tr(" (%1 to %2)").arg(number(*weeks.low), number(*weeks.high))
                                : tr(" (%1 or more)").arg(number(*weeks.low));
        const QString about = left == 0 ? tr("reached") : weeks.weeks ? dayIn(*weeks.weeks, school_.today()) : QString();
        int column = 0;
        for (const QString& text :
             {target.name, tr("%1 h").arg(number(target.flown)), tr("%1 h").arg(number(left)), words, about})
            targets_->setItem(row, column++, cell(text));
    }
    targets_->setFixedHeight(targets_->horizontalHeader()->sizeHint().height() +
                             targets_->rowCount() * targets_->verticalHeader()->defaultSectionSize() + 4);
    arithmetic_->setText(tr("%1 h at %2 h a week is %3 weeks, %4 h is %5; %2 h a week is about %6 min a day, or six half hours "
                            "on separate days. Hours on other rates than the real aircraft's carry over badly (common practice).")
                             .arg(low)
                             .arg(wanted)
                             .arg(number(low / wanted))
                             .arg(comfortable)
                             .arg(number(comfortable / wanted))
                             .arg(number(60 * wanted / 7, 0)));
    shares_->setRowCount(0);
    const auto add = [this, &h](const QString& by, const std::vector<HoursOfPilot::Share>& shares) {
        bool first = true;
        for (const HoursOfPilot::Share& share : shares) {
            const int row = shares_->rowCount();
            shares_->insertRow(row);
            shares_->setItem(row, 0, cell(first ? by : QString()));
            shares_->setItem(row, 1, cell(asWords(share.of)));
            shares_->setItem(row, 2, cell(tr("%1 h").arg(number(share.hours)), true));
            shares_->setItem(row, 3, cell(tr("%1 %").arg(number(h.hours > 0 ? 100 * share.hours / h.hours : 0, 0)), true));
            first = false;
        }
    };
    add(tr("Simulator"), h.by_simulator);
    add(tr("Mode"), h.by_mode);
    add(tr("Seen by"), h.by_viewing);
    QStringList labels;
    const int weeks = static_cast<int>(h.weeks.size());
    for (int i = 0; i < weeks; ++i) labels << shortDay(school_.today() - 7 * (weeks - 1 - i));
    plot_->setWeeks(h.weeks, labels, wanted);
}

} // namespace bh::desk
