#include "desk/first_flight/first_flight_page.h"

#include "desk/first_flight/after_panel.h"
#include "desk/first_flight/flight_day_panel.h"
#include "desk/first_flight/release_panel.h"
#include "desk/first_flight/tick_list.h"
#include "desk/parts/forms/begin_card.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/column_beneath.h"
#include "desk/parts/forms/columns_that_give.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/sections.h"
#include "desk/parts/forms/sickness_dialog.h"
#include "desk/parts/forms/side_by_side.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/parts/paper/paper.h"
#include "desk/parts/paper/paper_window.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "desk/words/utf8.h"
#include "school/views/first_flight.h"
#include "school/views/readiness_facts.h"
#include "school/views/today.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QDate>
#include <QDialog>
#include <QLabel>
#include <QLocale>
#include <algorithm>

namespace bh::desk {
namespace {

enum GateColumn { GateIs, GateName, GateBy, GateEvidence };
constexpr int met_role = Qt::UserRole + 1;

QString stateInWords(GateState state)
{
    switch (state) {
    case GateState::Met: return QObject::tr("● met");
    case GateState::NotYet: return QObject::tr("◐ not yet");
    case GateState::Unknown: return QObject::tr("? not known");
    }
    return {};
}

/// A list to be read and ticked with a pencil.
QString listOnPaper(const FirstFlightPlan& plan)
{
    QList<QStringList> briefing, programme;
    for (const FirstFlightPlan::Item& item : plan.briefing)
        briefing.push_back({QStringLiteral("☐"), QStringLiteral("☐"),
                            onPaper(asWords(item.text)) +
                                QStringLiteral("<br><span class=\"quiet\">%1</span>").arg(onPaper(asWords(item.why)))});
    for (const FirstFlightPlan::Item& item : plan.programme)
        programme.push_back(
            {QString::number(item.battery), QStringLiteral("☐"), onPaper(asWords(item.text)), QStringLiteral("…………………………")});
    return QStringLiteral("<h2>%1</h2>").arg(QObject::tr("Before arming, read aloud")) +
           paperTable({QObject::tr("Pilot"), QObject::tr("Coordinator"), QString()}, briefing) +
           QStringLiteral("<h2>%1</h2>").arg(QObject::tr("Battery by battery")) +
           paperTable({QObject::tr("Battery"), QString(), QString(), QObject::tr("How it went")}, programme);
}

} // namespace

FirstFlightPage::FirstFlightPage(School& school, Station& station, QWidget* parent)
    : QWidget(parent), school_(school), station_(station)
{
    summary_ = new QLabel;
    summary_->setObjectName(QStringLiteral("readinessSummary"));
    summary_->setFont(uiFont(head_points, true));
    summary_->setWordWrap(true);
    explain(summary_, tr("Gates are house rules and common practice; each says what it was judged by."));
    caution_ =
        new QLabel(tr("This is advice. A coordinator decides and answers for it, and the law says who may fly what, and where."));
    caution_->setObjectName(QStringLiteral("readinessCaution"));
    caution_->setProperty("quiet", true);
    caution_->setWordWrap(true);
    body_ = new QWidget;
    auto* body = new QHBoxLayout(body_);
    body->setContentsMargins(0, 0, 0, 0);
    body->addWidget(new SideBySide(QStringLiteral("firstFlightParts"), makeGates(), makePreparation(), 11, 9));
    release_ = new ReleasePanel(school_);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(8);
    layout->addWidget(summary_);
    layout->addWidget(caution_);
    layout->addWidget(new BeginCard(tr("What stands before a first flight on a real aircraft, gate by gate; the day itself, the "
                                       "briefing, and the release."),
                                    school_, station_));
    layout->addWidget(body_, 1);
    layout->addWidget(release_);
    layout->addStretch(0);
    connect(release_, &ReleasePanel::reasonsChanged, this, &FirstFlightPage::refresh);
    connect(&school_, &School::changed, this, &FirstFlightPage::refresh);
    connect(&station_, &Station::pilotChosen, this, &FirstFlightPage::refresh);
    connect(&themeNews(), &ThemeNews::changed, this, &FirstFlightPage::refresh);
}

QWidget* FirstFlightPage::makeGates()
{
    gates_ = readingTable("gates", tr("Gates before a first flight on a real aircraft"),
                          {tr("State"), tr("Gate"), tr("By"), tr("What is known")}, GateEvidence);
    constexpr int line_px = 26; // sixteen of them in the smallest window
    gates_->verticalHeader()->setDefaultSectionSize(scaled(line_px));
    gates_->setSelectionMode(QAbstractItemView::SingleSelection);
    gates_->setSelectionBehavior(QAbstractItemView::SelectRows);
    gates_->setWordWrap(false);
    new ColumnsThatGive(gates_, {GateBy});
    new ColumnBeneath(gates_, GateName, GateEvidence);
    evidence_ = new QLabel;
    evidence_->setObjectName(QStringLiteral("gateEvidence"));
    evidence_->setWordWrap(true);
    look_ = namedButton(tr("Evidence"), "gateLook", tr("The page that the chosen gate is judged by (Enter on its line)"));
    sickness_ = namedButton(tr("Sickness …"), "askSickness", tr("How the pilot feels: sixteen questions by keys"));
    auto* rules = namedButton(tr("House rules"), "gateRules", tr("What each gate asks for here, and why"));
    connect(gates_, &QTableWidget::cellActivated, this, &FirstFlightPage::look);
    connect(gates_, &QTableWidget::currentCellChanged, this, &FirstFlightPage::gateChosen);
    connect(look_, &QPushButton::clicked, this, &FirstFlightPage::look);
    connect(rules, &QPushButton::clicked, this, &FirstFlightPage::rulesAsked);
    connect(sickness_, &QPushButton::clicked, this, [this] {
        auto* dialog = new SicknessDialog(school_, station_.pilotId(), this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(8);
    for (QPushButton* b : {look_, sickness_, rules}) buttons->addWidget(b);
    buttons->addStretch();
    auto* part = new QWidget;
    auto* layout = new QVBoxLayout(part);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(gates_, 1);
    layout->addWidget(evidence_);
    layout->addLayout(buttons);
    return part;
}

QWidget* FirstFlightPage::makePreparation()
{
    sections_ = new Sections;
    auto* top = new QHBoxLayout;
    top->setSpacing(8);
    top->addWidget(sections_->add(tr("Day"), QStringLiteral("sectionDay"), [this] {
        day_ = new FlightDayPanel(school_);
        day_->show(station_.pilotId());
        return day_;
    }));
    const auto ticks = [this](TickList*& list, TickList::Of of) {
        list = new TickList(school_, of);
        list->show(station_.pilotId());
        return list;
    };
    top->addWidget(sections_->add(tr("Briefing"), QStringLiteral("sectionBriefing"),
                                  [this, ticks] { return ticks(briefing_, TickList::Of::Briefing); }));
    top->addWidget(sections_->add(tr("Programme"), QStringLiteral("sectionProgramme"),
                                  [this, ticks] { return ticks(programme_, TickList::Of::Programme); }));
    top->addWidget(sections_->add(tr("After"), QStringLiteral("sectionAfter"), [this] {
        after_ = new AfterPanel(school_);
        after_->show(station_.pilotId());
        connect(after_, &AfterPanel::practiceAsked, this, &FirstFlightPage::practiceAsked);
        return after_;
    }));
    top->addStretch();
    auto* small =
        namedButton(tr("Small window"), "smallWindow", tr("Briefing and programme in a window as large as a telephone"));
    auto* paper = namedButton(tr("On paper …"), "listPaper", tr("Briefing and programme, to be ticked with a pencil"));
    connect(small, &QPushButton::clicked, this, &FirstFlightPage::openSmallWindow);
    connect(paper, &QPushButton::clicked, this, &FirstFlightPage::paper);
    auto* foot = new QHBoxLayout;
    foot->setSpacing(8);
    foot->addWidget(small);
    foot->addWidget(paper);
    foot->addStretch();
    auto* part = new QWidget;
    auto* layout = new QVBoxLayout(part);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addLayout(top);
    layout->addWidget(sections_, 1);
    layout->addLayout(foot);
    return part;
}

void FirstFlightPage::showSection(Section section) { sections_->choose(section); }

void FirstFlightPage::openSmallWindow()
{
    if (!school_.pilot(station_.pilotId())) return;
    auto* window = new QDialog(this);
    window->setAttribute(Qt::WA_DeleteOnClose);
    window->setObjectName(QStringLiteral("smallBriefing"));
    window->setWindowTitle(QString::fromStdString(school_.pilot(station_.pilotId())->name));
    constexpr int telephone_wide = 360, telephone_high = 680;
    window->resize(telephone_wide, telephone_high);
    auto* sections = new Sections;
    auto* top = new QHBoxLayout;
    for (const auto& [words, name, of] : {std::tuple(tr("Briefing"), "smallBriefingSection", TickList::Of::Briefing),
                                          std::tuple(tr("Programme"), "smallProgrammeSection", TickList::Of::Programme)})
        top->addWidget(sections->add(words, QLatin1String(name), [this, kind = of] {
            auto* list = new TickList(school_, kind);
            list->show(station_.pilotId());
            return list;
        }));
    top->addStretch();
    auto* layout = new QVBoxLayout(window);
    layout->addLayout(top);
    layout->addWidget(sections, 1);
    window->show();
}

void FirstFlightPage::paper()
{
    const Pilot* pilot = school_.pilot(station_.pilotId());
    if (!pilot) return;
    showOnPaper(this, tr("first-flight.pdf"), tr("First flight of %1").arg(QString::fromStdString(pilot->name)),
                listOnPaper(school_.first_flight_plan()));
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
    const std::string& id = station_.pilotId();
    const Pilot* pilot = school_.pilot(id);
    body_->setVisible(pilot != nullptr);
    release_->show(id);
    if (day_) day_->show(id);
    for (TickList* list : {briefing_, programme_})
        if (list) list->show(id);
    if (after_) after_->show(id);
    if (!pilot) {
        gates_->setRowCount(0);
        return summary_->setText(tr("Choose or add a pilot on the left."));
    }
    auto gates = gates_of(school_, id);
    const auto open = std::count_if(gates.begin(), gates.end(), [](const ReadinessGate& g) { return g.state != GateState::Met; });
    const QString name = QString::fromStdString(pilot->name);
    const auto earliest = first_flight_day(school_, id);
    summary_->setText(
        open == 0 ? tr("%1: all gates met. Whether a first flight is justified is the coordinator's to say.").arg(name)
        : earliest
            ? tr("%1: not yet. %2 gates open, at the present pace met by %3.").arg(name).arg(open).arg(calendarDay(*earliest))
            : tr("%1: not yet. %2 of %3 gates open; not all of them can be dated.").arg(name).arg(open).arg(gates.size()));
    std::stable_sort(gates.begin(), gates.end(), [](const ReadinessGate& a, const ReadinessGate& b) { // the open ones first
        return (a.state == GateState::Met) < (b.state == GateState::Met);
    });
    const QTableWidgetItem* chosen = gates_->item(gates_->currentRow(), GateIs);
    const QString known = chosen ? chosen->data(Qt::UserRole).toString() : QString();
    int at = 0;
    gates_->setRowCount(static_cast<int>(gates.size()));
    for (int row = 0; row < gates_->rowCount(); ++row) {
        fillGate(row, gates[static_cast<std::size_t>(row)]);
        if (!known.isEmpty() && utf8(gates[static_cast<std::size_t>(row)].id) == known) at = row;
    }
    gates_->setCurrentCell(at, GateIs);
    gateChosen();
}

void FirstFlightPage::fillGate(int row, const ReadinessGate& g)
{
    const auto& reasons = release_->reasons();
    const auto reason = reasons.find(std::string(g.id));
    QString evidence = asWords(g.evidence);
    if (reason != reasons.end() && g.state != GateState::Met)
        evidence = tr("overridden: %1; %2").arg(QString::fromStdString(reason->second), evidence);
    int column = 0;
    for (const QString& words :
         {stateInWords(g.state), asWords(g.name), g.by_day ? calendarDay(*g.by_day) : QString(), evidence}) {
        auto* item = new QTableWidgetItem(words);
        item->setToolTip(words);
        if (column == GateIs) {
            item->setForeground(g.state == GateState::Met      ? theme().held
                                : g.state == GateState::NotYet ? theme().caution
                                                               : theme().soft);
            item->setData(Qt::UserRole, utf8(g.id));
            item->setData(met_role, g.state == GateState::Met);
        }
        if (column == GateName) item->setData(Qt::AccessibleDescriptionRole, evidence);
        gates_->setItem(row, column++, item);
    }
}

void FirstFlightPage::gateChosen()
{
    const int row = gates_->currentRow();
    const QTableWidgetItem* item = gates_->item(row, GateIs);
    look_->setEnabled(item != nullptr);
    if (!item || !gates_->item(row, GateEvidence)) return;
    const QString name = gates_->item(row, GateName)->text();
    evidence_->setText(tr("%1: %2.").arg(name, gates_->item(row, GateEvidence)->text()));
    release_->chooseGate(item->data(Qt::UserRole).toString().toStdString(), name, item->data(met_role).toBool());
}

void FirstFlightPage::look()
{
    const QTableWidgetItem* item = gates_->item(gates_->currentRow(), GateIs);
    if (item) Q_EMIT evidenceAsked(item->data(Qt::UserRole).toString().toStdString());
}

} // namespace bh::desk
