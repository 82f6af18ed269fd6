#include "desk/progress/bill_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "school/views/school_bill.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QLabel>

namespace bh::desk {
namespace {

QString money(double value) { return inPlaces(value, 0); }

} // namespace

BillPanel::BillPanel(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    summary_ = new QLabel;
    summary_->setObjectName(QStringLiteral("billSummary"));
    summary_->setFont(uiFont(text_points, true));
    summary_->setWordWrap(true);
    estimate_ = new QLabel(tr(
        "An estimate, no more: what breaks is guessed from the speed of the hit, the height that it falls from and the ground, "
        "by the house's own classes, with the house's own prices, in its own money. Crashes of free flights count."));
    estimate_->setObjectName(QStringLiteral("billEstimate"));
    estimate_->setProperty("quiet", true);
    estimate_->setWordWrap(true);
    bill_ = readingTable("bill", tr("Crashes by what would have broken"),
                         {tr("Would have broken"), tr("Each"), tr("This pilot"), tr("Cost"), tr("The school"), tr("Cost")}, 0);
    auto* prices = namedButton(tr("Prices …"), "billPrices", tr("Among the rules of the house"));
    connect(prices, &QPushButton::clicked, this, &BillPanel::pricesAsked);
    auto* head = new QHBoxLayout;
    head->addWidget(summary_, 1);
    head->addWidget(prices);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addLayout(head);
    layout->addWidget(estimate_);
    layout->addWidget(bill_, 1);
    connect(&school_, &School::changed, this, &BillPanel::refresh);
    connect(&station_, &Station::pilotChosen, this, &BillPanel::refresh);
}

void BillPanel::showEvent(QShowEvent*)
{
    if (stale_) fill();
}

void BillPanel::refresh()
{
    stale_ = true;
    if (isVisible()) fill();
}

void BillPanel::fill()
{
    stale_ = false;
    const HouseLimits& prices = school_.house();
    const Bill all = school_bill(school_);
    const bool one = school_.pilot(station_.pilotId()) != nullptr;
    const Bill own = one ? school_bill(school_, station_.pilotId()) : Bill{};
    const QString station = tr("One more station: %1.").arg(money(station_budget(prices)));
    if (all.crashes == 0)
        summary_->setText(tr("No crash was taken here yet. %1").arg(station));
    else
        summary_->setText(
            (all.break_even()
                 ? tr("Saved so far: about %1. %2 crashes here would have cost about %3; simulators and controllers cost %4, and "
                      "that was passed.")
                       .arg(money(all.saved()))
                       .arg(all.crashes)
                       .arg(money(all.would_have_cost), money(all.practice_cost))
                 : tr("%1 crashes here would have cost about %2; simulators and controllers cost %3, not yet passed.")
                       .arg(all.crashes)
                       .arg(money(all.would_have_cost), money(all.practice_cost))) +
            QLatin1Char(' ') + station);
    bill_->setRowCount(0);
    const auto add = [this](const QStringList& cells) {
        const int row = bill_->rowCount();
        bill_->insertRow(row);
        for (int i = 0; i < cells.size(); ++i) {
            auto* item = new QTableWidgetItem(cells[i]);
            item->setTextAlignment((i == 0 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
            bill_->setItem(row, i, item);
        }
    };
    for (std::size_t d = 0; d < damage_count; ++d) {
        const auto damage = static_cast<Damage>(d);
        const double each = price_of(damage, prices);
        add({asWords(damage_words(damage)), money(each), one ? QString::number(own.by_damage[d]) : QString(),
             one ? money(own.by_damage[d] * each) : QString(), QString::number(all.by_damage[d]),
             money(all.by_damage[d] * each)});
    }
    if (all.unknown > 0)
        add({tr("not known: flights from before this was looked at, or without positions"), tr("mean"),
             one ? QString::number(own.unknown) : QString(), QString(), QString::number(all.unknown), QString()});
    add({tr("all"), QString(), one ? QString::number(own.crashes) : QString(), one ? money(own.would_have_cost) : QString(),
         QString::number(all.crashes), money(all.would_have_cost)});
}

} // namespace bh::desk
