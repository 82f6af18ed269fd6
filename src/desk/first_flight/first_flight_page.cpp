#include "desk/first_flight/first_flight_page.h"

#include "desk/first_flight/sickness_dialog.h"
#include "desk/parts/buttons.h"
#include "desk/parts/hints.h"
#include "desk/parts/station.h"
#include "desk/parts/tables.h"
#include "desk/parts/theme.h"
#include "desk/words/plain_words.h"
#include "school/readiness_facts.h"

#include <QBoxLayout>
#include <QDate>
#include <QLabel>
#include <QLocale>
#include <algorithm>

namespace bh::desk {
namespace {

enum GateColumn { GateIs, GateName, GateBy, GateEvidence };

QString stateInWords(GateState state)
{
    switch (state) {
    case GateState::Met: return QObject::tr("● met");
    case GateState::NotYet: return QObject::tr("◐ not yet");
    case GateState::Unknown: return QObject::tr("? not known");
    }
    return {};
}

} // namespace

FirstFlightPage::FirstFlightPage(School& school, Station& station, QWidget* parent)
    : QWidget(parent), school_(school), station_(station)
{
    summary_ = new QLabel;
    summary_->setObjectName(QStringLiteral("readinessSummary"));
    summary_->setFont(uiFont(14, true));
    summary_->setWordWrap(true);
    explain(summary_, tr("Gates are house rules and common practice; each says what it was judged by."));
    caution_ =
        new QLabel(tr("This is advice. A coordinator decides and answers for it, and the law says who may fly what, and where."));
    caution_->setObjectName(QStringLiteral("readinessCaution"));
    caution_->setProperty("quiet", true);
    caution_->setWordWrap(true);
    gates_ = readingTable("gates", tr("Gates before a first flight on a real aircraft"),
                          {tr("State"), tr("Gate"), tr("By, at this pace"), tr("What is known")}, GateEvidence);
    gates_->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    constexpr int line_px = 28; // sixteen of them in the smallest window
    gates_->verticalHeader()->setDefaultSectionSize(line_px);
    gates_->setSelectionMode(QAbstractItemView::SingleSelection);
    gates_->setSelectionBehavior(QAbstractItemView::SelectRows);
    look_ =
        namedButton(tr("Look at the evidence"), "gateLook", tr("The page that the chosen gate is judged by (Enter on its line)"));
    connect(gates_, &QTableWidget::cellActivated, this, &FirstFlightPage::look);
    connect(gates_, &QTableWidget::currentCellChanged, this, [this](int row) { look_->setEnabled(row >= 0); });
    connect(look_, &QPushButton::clicked, this, &FirstFlightPage::look);
    sickness_ =
        namedButton(tr("Ask how the pilot feels"), "askSickness", tr("The sickness questionnaire, sixteen questions by keys"));
    connect(sickness_, &QPushButton::clicked, this, [this] {
        auto* dialog = new SicknessDialog(school_, station_.pilotId(), this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(look_);
    buttons->addWidget(sickness_);
    buttons->addStretch();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 12);
    layout->setSpacing(10);
    layout->addWidget(summary_);
    layout->addWidget(caution_);
    layout->addWidget(gates_, 1);
    layout->addLayout(buttons);
    connect(&school_, &School::changed, this, &FirstFlightPage::refresh);
    connect(&station_, &Station::pilotChosen, this, &FirstFlightPage::refresh);
}

void FirstFlightPage::showEvent(QShowEvent*)
{
    if (stale_) fill();
}

void FirstFlightPage::refresh()
{
    stale_ = true;
    if (isVisible()) fill();
}

void FirstFlightPage::fill()
{
    stale_ = false;
    const PilotRow* pilot = school_.pilot(station_.pilotId());
    gates_->setVisible(pilot != nullptr);
    for (QWidget* w : {look_, sickness_}) w->setVisible(pilot != nullptr);
    if (!pilot) {
        gates_->setRowCount(0);
        return summary_->setText(
            tr("Choose a pilot in the line-up: what stands before a first flight on a real aircraft is shown here."));
    }
    const auto gates = readiness(readiness_facts(school_, pilot->id), school_.today());
    const auto met = std::count_if(gates.begin(), gates.end(), [](const ReadinessGate& g) { return g.state == GateState::Met; });
    const QString name = QString::fromStdString(pilot->name);
    summary_->setText(
        all_met(gates) ? tr("%1: every gate is met. Whether a first flight is justified is the coordinator's to say.").arg(name)
                       : tr("%1: %2 of %3 gates are met.").arg(name).arg(met).arg(gates.size()));
    const int chosen = gates_->currentRow();
    gates_->setRowCount(static_cast<int>(gates.size()));
    for (int row = 0; row < gates_->rowCount(); ++row) {
        const ReadinessGate& g = gates[static_cast<std::size_t>(row)];
        const QString by =
            g.by_day ? QLocale::c().toString(QDate(1970, 1, 1).addDays(*g.by_day), QStringLiteral("d MMM yyyy")) : QString();
        int column = 0;
        for (const QString& words : {stateInWords(g.state), plainWords(g.name), by, QString::fromStdString(g.evidence)}) {
            auto* item = new QTableWidgetItem(words);
            if (column == GateIs) {
                item->setForeground(g.state == GateState::Met      ? theme().held
                                    : g.state == GateState::NotYet ? theme().attention
                                                                   : theme().soft);
                item->setData(Qt::UserRole, plainWords(g.id));
            }
            gates_->setItem(row, column++, item);
        }
    }
    gates_->setCurrentCell(std::clamp(chosen, 0, gates_->rowCount() - 1), GateIs);
    look_->setEnabled(gates_->rowCount() > 0);
}

void FirstFlightPage::look()
{
    const QTableWidgetItem* item = gates_->item(gates_->currentRow(), GateIs);
    if (item) Q_EMIT evidenceAsked(item->data(Qt::UserRole).toString().toStdString());
}

} // namespace bh::desk
