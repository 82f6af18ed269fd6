#include "desk/logbook/logbook_page.h"

#include "desk/logbook/hours_plot.h"
#include "desk/logbook/practice_dialog.h"
#include "desk/parts/criteria_panel.h"
#include "desk/parts/station.h"
#include "desk/parts/theme.h"
#include "desk/words/attempt_words.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTime>
#include <QFrame>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QSortFilterProxyModel>
#include <QTableView>
#include <algorithm>

namespace bh::desk {
namespace {

QString whenText(UnixTime at) { return QDateTime::fromSecsSinceEpoch(at).toString(QStringLiteral("d MMM yyyy HH:mm")); }
QString minutesText(double seconds) { return QObject::tr("%1 min").arg(seconds / 60, 0, 'f', 1); }
constexpr int numbers = Qt::AlignRight | Qt::AlignVCenter;
constexpr int words = Qt::AlignLeft | Qt::AlignVCenter;

void dressTable(QTableView* table)
{
    table->verticalHeader()->hide();
    table->verticalHeader()->setDefaultSectionSize(26);
    table->setSelectionBehavior(QAbstractItemView::SelectRows);
    table->setSelectionMode(QAbstractItemView::SingleSelection);
    table->setShowGrid(false);
    table->setWordWrap(false);
    table->setTabKeyNavigation(false);
    table->horizontalHeader()->setStretchLastSection(true);
    table->horizontalHeader()->setHighlightSections(false);
    table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    table->setHorizontalScrollBarPolicy(
        Qt::ScrollBarAlwaysOff); // the last column takes what is left; the detail beside shows it whole
}

} // namespace

AttemptModel::AttemptModel(const School& school, QObject* parent) : QAbstractTableModel(parent), school_(school) {}

void AttemptModel::show(std::vector<AttemptRow> attempts)
{
    beginResetModel();
    rows_ = std::move(attempts);
    std::reverse(rows_.begin(), rows_.end());
    endResetModel();
}

int AttemptModel::rowCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : static_cast<int>(rows_.size()); }
int AttemptModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : ColumnCount; }

QVariant AttemptModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const AttemptRow& a = rows_[static_cast<std::size_t>(index.row())];
    if (role == AttemptIdRole) return QString::fromStdString(a.id);
    if (role == DrillIdRole) return QString::fromStdString(a.drill_id);
    if (role == Qt::TextAlignmentRole) return index.column() == ScoreColumn || index.column() == Flown ? numbers : words;
    if (role == Qt::ToolTipRole && index.column() == Summary) return QString::fromStdString(school_.summary(a));
    if (role == Qt::ToolTipRole && index.column() == Result && a.passed && !a.holds)
        return tr("Passed, but not so well that it counts towards holding the drill.");
    if (role == Qt::ForegroundRole && index.column() == Result)
        return a.free() ? theme().soft : a.passed ? theme().held : theme().notMet;
    const bool sort = role == SortRole;
    if (role != Qt::DisplayRole && !sort) return {};
    switch (index.column()) {
    case When: return sort ? QVariant::fromValue<qlonglong>(a.at) : QVariant(whenText(a.at));
    case DrillName: return flownInWords(school_, a);
    case FlightMode: return a.observed ? tr("by eye") : QLatin1String(mode_key(a.mode).data());
    case ScoreColumn:
        if (a.free()) return sort ? QVariant(-1.0) : QVariant(QStringLiteral("–"));
        return sort ? QVariant(a.score) : QVariant(QString::number(a.score, 'f', 0));
    case Result: return a.free() ? tr("◇ flown") : a.holds ? tr("● passed") : a.passed ? tr("○ passed only") : tr("▬ not passed");
    case Flown: return sort ? QVariant(a.flown_s) : QVariant(tr("%1 s").arg(a.flown_s, 0, 'f', 0));
    case Summary: return QString::fromStdString(school_.summary(a));
    default: return {};
    }
}

QVariant AttemptModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (orientation == Qt::Horizontal && role == Qt::TextAlignmentRole)
        return section == ScoreColumn || section == Flown ? numbers : words;
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
    const QString names[] = {tr("When"), tr("Drill"), tr("Mode"), tr("Score"), tr("Result"), tr("Flown"), tr("What decided it")};
    return section < ColumnCount ? names[section] : QVariant();
}

void SessionModel::show(std::vector<SessionRow> sessions, const std::vector<AttemptRow>& attempts)
{
    beginResetModel();
    rows_ = std::move(sessions);
    std::reverse(rows_.begin(), rows_.end());
    flights_.clear();
    for (const SessionRow& s : rows_)
        flights_.push_back(static_cast<int>(
            std::count_if(attempts.begin(), attempts.end(), [&](const AttemptRow& a) { return a.session_id == s.id; })));
    endResetModel();
}

int SessionModel::rowCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : static_cast<int>(rows_.size()); }
int SessionModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : ColumnCount; }

QVariant SessionModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const SessionRow& s = rows_[static_cast<std::size_t>(index.row())];
    if (role == Qt::TextAlignmentRole) return index.column() == When || index.column() == Where ? words : numbers;
    if (role == Qt::ToolTipRole && index.column() == Where && !s.by_hand.empty())
        return tr("Entered by hand: %1").arg(QString::fromStdString(s.by_hand));
    if (role != Qt::DisplayRole) return {};
    switch (index.column()) {
    case When: return QDateTime::fromSecsSinceEpoch(s.started_at).toString(QStringLiteral("d MMM yy HH:mm"));
    case Where: return where(s);
    case Active: return s.ended_at == 0 ? tr("running") : minutesText(s.active_s);
    case Idle: return s.ended_at == 0 ? QString() : minutesText(s.idle_s);
    case Flights: return flights_[static_cast<std::size_t>(index.row())];
    default: return {};
    }
}

/// Here, or in which program; whether the rates were matched, and whether somebody wrote it down.
QString SessionModel::where(const SessionRow& s) const
{
    const bool outside = !s.recording.empty() || !s.simulator.empty() || !s.by_hand.empty();
    const SimulatorProfile* simulator = school_.simulator(s.simulator);
    QStringList parts{!outside              ? tr("here")
                      : simulator           ? QString::fromStdString(simulator->name)
                      : s.simulator.empty() ? tr("another program")
                                            : QString::fromStdString(s.simulator)};
    if (s.matched) parts << tr("matched");
    if (!s.by_hand.empty()) parts << tr("by hand");
    return parts.join(QStringLiteral(", "));
}

QVariant SessionModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (orientation == Qt::Horizontal && role == Qt::TextAlignmentRole)
        return section == When || section == Where ? words : numbers;
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
    const QString names[] = {tr("Practice session"), tr("Active"), tr("Idle"), tr("Flights"), tr("Where")};
    return section < ColumnCount ? names[section] : QVariant();
}

LogbookPage::LogbookPage(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    totals_ = new QLabel;
    totals_->setObjectName(QStringLiteral("totals"));
    totals_->setFont(uiFont(13, true));
    totals_->setWordWrap(true);
    filter_ = new QComboBox;
    filter_->setObjectName(QStringLiteral("drillFilter"));
    filter_->setAccessibleName(tr("Show attempts at"));
    filter_->addItem(tr("All drills"), QString());
    filter_->addItem(tr("Free flights"), QString::fromUtf8(free_flight_id.data()));
    for (const Drill& d : school_.drills()) filter_->addItem(QString::fromStdString(d.name), QString::fromStdString(d.id));

    makeTables();
    plot_ = new HoursPlot;
    makeOffer();
    auto* head = new QHBoxLayout;
    head->addWidget(totals_, 1);
    add_ = new QPushButton(tr("Add practice"));
    add_->setObjectName(QStringLiteral("addPractice"));
    add_->setToolTip(tr("Practice in another program that was not watched here: by hand with a reason, or from a table"));
    connect(add_, &QPushButton::clicked, this, [this] {
        auto* dialog = new PracticeDialog(school_, station_.pilotId(), this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    head->addWidget(add_);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(12);
    upper->addWidget(plot_, 3);
    upper->addWidget(sessionTable_, 3);
    auto* attemptSide = new QVBoxLayout;
    auto* filterRow = new QHBoxLayout;
    auto* title = new QLabel(tr("Attempts"));
    title->setFont(uiFont(11, true));
    filterRow->addWidget(title);
    filterRow->addWidget(filter_);
    filterRow->addStretch();
    attemptSide->addLayout(filterRow);
    attemptSide->addWidget(attemptTable_, 1);
    auto* lower = new QHBoxLayout;
    lower->setSpacing(12);
    lower->addLayout(attemptSide, 1);
    lower->addLayout(makeDetail());
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 12, 16, 12);
    layout->setSpacing(10);
    layout->addLayout(head);
    layout->addWidget(offer_);
    layout->addLayout(upper, 2);
    layout->addLayout(lower, 3);

    connectAll();
    refresh();
}

void LogbookPage::makeTables()
{
    attempts_ = new AttemptModel(school_, this);
    proxy_ = new QSortFilterProxyModel(this);
    proxy_->setSourceModel(attempts_);
    proxy_->setSortRole(AttemptModel::SortRole);
    proxy_->setFilterRole(AttemptModel::DrillIdRole);
    attemptTable_ = new QTableView;
    attemptTable_->setObjectName(QStringLiteral("attempts"));
    attemptTable_->setAccessibleName(tr("Attempts, newest first"));
    attemptTable_->setModel(proxy_);
    dressTable(attemptTable_);
    attemptTable_->setSortingEnabled(true);
    attemptTable_->sortByColumn(AttemptModel::When, Qt::DescendingOrder);
    const int widths[] = {132, 106, 54, 52, 98, 52};
    for (int i = 0; i < 6; ++i) attemptTable_->setColumnWidth(i, widths[i]);

    sessions_ = new SessionModel(school_, this);
    sessionTable_ = new QTableView;
    sessionTable_->setObjectName(QStringLiteral("sessions"));
    sessionTable_->setAccessibleName(tr("Practice sessions, newest first"));
    sessionTable_->setModel(sessions_);
    dressTable(sessionTable_);
    const int sessionWidths[] = {112, 64, 58, 56};
    for (int i = 0; i < 4; ++i) sessionTable_->setColumnWidth(i, sessionWidths[i]);
}

QLayout* LogbookPage::makeDetail()
{
    detail_ = new QLabel;
    detail_->setObjectName(QStringLiteral("attemptDetail"));
    detail_->setWordWrap(true);
    detail_->setFont(uiFont(10, true));
    criteria_ = new CriteriaPanel;
    judged_ = new QLabel;
    judged_->setObjectName(QStringLiteral("attemptJudged"));
    judged_->setProperty("quiet", true);
    judged_->setWordWrap(true);
    shows_ = new QPushButton(tr("Keep as demonstration"));
    shows_->setObjectName(QStringLiteral("keepAsDemonstration"));
    shows_->setToolTip(tr("From now on this flight shows how the drill is flown; it can be undone"));
    connect(shows_, &QPushButton::clicked, this, [this] {
        if (const AttemptRow* a = chosenAttempt()) school_.keep_demonstration(a->drill_id, a->id);
    });
    auto* detailBox = new QWidget;
    auto* detailLayout = new QVBoxLayout(detailBox);
    detailLayout->setContentsMargins(0, 0, 0, 0);
    detailLayout->addWidget(detail_);
    detailLayout->addWidget(judged_);
    detailLayout->addWidget(criteria_);
    detailLayout->addStretch();
    auto* detailScroll = new QScrollArea;
    detailScroll->setWidget(detailBox);
    detailScroll->setWidgetResizable(true);
    detailScroll->setFrameShape(QFrame::NoFrame);
    detailScroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    detailScroll->setFixedWidth(250);
    auto* side = new QVBoxLayout;
    side->addWidget(detailScroll, 1);
    watch_ = new QPushButton(tr("Look at this flight"));
    watch_->setObjectName(QStringLiteral("watchFlight"));
    watch_->setToolTip(tr("On the Debrief page: its sticks, its way, and what was found in it"));
    connect(watch_, &QPushButton::clicked, this, [this] {
        if (const AttemptRow* a = chosenAttempt()) Q_EMIT watchAsked(a->id);
    });
    side->addWidget(watch_, 0, Qt::AlignLeft);
    side->addWidget(shows_, 0, Qt::AlignLeft);
    return side;
}

void LogbookPage::makeOffer()
{
    offer_ = new QFrame;
    offer_->setObjectName(QStringLiteral("card"));
    offerWords_ = new QLabel;
    offerWords_->setObjectName(QStringLiteral("outsideOffer"));
    offerWords_->setWordWrap(true);
    keep_ = new QPushButton;
    keep_->setObjectName(QStringLiteral("keepOutside"));
    keep_->setProperty("primary", true);
    auto* discard = new QPushButton(tr("Discard"));
    discard->setObjectName(QStringLiteral("discardOutside"));
    simulator_ = new QComboBox;
    simulator_->setObjectName(QStringLiteral("outsideSimulator"));
    simulator_->setAccessibleName(tr("The program that it was flown in"));
    simulator_->setToolTip(tr("Hours are matched only in the simulator that the rates were matched for"));
    auto* offerRow = new QHBoxLayout(offer_);
    offerRow->setContentsMargins(12, 6, 8, 6);
    offerRow->addWidget(offerWords_, 1);
    offerRow->addWidget(simulator_);
    offerRow->addWidget(keep_);
    offerRow->addWidget(discard);
    connect(keep_, &QPushButton::clicked, this,
            [this] { station_.keepOutside(simulator_->currentData().toString().toStdString()); });
    connect(discard, &QPushButton::clicked, &station_, &Station::discardOutside);
    connect(&station_, &Station::outsideChanged, this, &LogbookPage::showOffer);
}

void LogbookPage::connectAll()
{
    connect(filter_, &QComboBox::currentIndexChanged, this, [this] {
        proxy_->setFilterRegularExpression(QRegularExpression::anchoredPattern(
            filter_->currentData().toString().isEmpty() ? QStringLiteral(".*")
                                                        : QRegularExpression::escape(filter_->currentData().toString())));
    });
    connect(attemptTable_->selectionModel(), &QItemSelectionModel::currentRowChanged, this, &LogbookPage::showCriteria);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any(
                {Kind::Pilot, Kind::Attempt, Kind::Session, Kind::Demonstration, Kind::Drill, Kind::Curriculum, Kind::Simulator},
                station_.pilotId()))
            refresh();
    });
    connect(&themeNews(), &ThemeNews::changed, this, &LogbookPage::refresh);
    connect(&station_, &Station::pilotChosen, this, &LogbookPage::refresh);
}

void LogbookPage::showOffer()
{
    const auto& offer = station_.outsideOffer();
    offer_->setVisible(offer.has_value());
    if (!offer) return;
    if (offerOf_ != station_.pilotId() || offerAt_ != offer->started_at) // asked once for each
        fillSimulators(simulator_, school_, school_.last_simulator(station_.pilotId()));
    offerOf_ = station_.pilotId(), offerAt_ = offer->started_at;
    const PilotRow* pilot = school_.pilot(station_.pilotId());
    const auto at = [](UnixTime t, const char* format) {
        return QDateTime::fromSecsSinceEpoch(t).toString(QLatin1String(format));
    };
    offerWords_->setText(tr("Practice in another program, %1 to %2: %3 min active, %4 min idle, on %5.%6")
                             .arg(at(offer->started_at, "d MMM yyyy HH:mm"), at(offer->ended_at, "HH:mm"))
                             .arg(offer->active_s / 60, 0, 'f', 1)
                             .arg(offer->idle_s / 60, 0, 'f', 1)
                             .arg(QString::fromStdString(offer->device.name),
                                  offer->recording.empty() ? QString() : tr(" The sticks were recorded.")));
    keep_->setText(pilot ? tr("Keep for %1").arg(QString::fromStdString(pilot->name)) : tr("Choose a pilot to keep it"));
    keep_->setEnabled(pilot != nullptr);
}

void LogbookPage::refresh()
{
    showOffer();
    const PilotRow* pilot = school_.pilot(station_.pilotId());
    const auto attempts = school_.attempts(station_.pilotId());
    const auto sessions = school_.sessions(station_.pilotId());
    attempts_->show(attempts);
    sessions_->show(sessions, attempts);
    add_->setEnabled(pilot != nullptr);
    const PilotStanding& s = school_.standing(station_.pilotId());
    const auto passed = std::count_if(attempts.begin(), attempts.end(), [](const AttemptRow& a) { return a.passed; });
    const auto free = std::count_if(attempts.begin(), attempts.end(), [](const AttemptRow& a) { return a.free(); });
    if (!pilot)
        totals_->setText(tr("Choose or add a pilot in the line-up."));
    else if (attempts.empty() && sessions.empty())
        totals_->setText(tr("%1 has not practised yet. Start with the first drill on the Drills page (Alt+5).")
                             .arg(QString::fromStdString(pilot->name)));
    else
        totals_->setText(tr("%1: %2 h practised of %3 h wanted, %4 sessions, %5 scored flights, %6 passed, %7 free")
                             .arg(QString::fromStdString(pilot->name))
                             .arg(s.hours, 0, 'f', 1)
                             .arg(pilot->target_h, 0, 'f', 0)
                             .arg(sessions.size())
                             .arg(static_cast<std::ptrdiff_t>(attempts.size()) - free)
                             .arg(passed)
                             .arg(free));
    QStringList labels;
    const QDate today = QDate(1970, 1, 1).addDays(school_.today());
    const int weeks = static_cast<int>(s.weekly_hours.size());
    for (int i = 0; i < weeks; ++i) labels << today.addDays(-7 * (weeks - 1 - i)).toString(QStringLiteral("d MMM"));
    plot_->setWeeks(s.weekly_hours, labels);
    if (proxy_->rowCount() > 0) attemptTable_->selectRow(0);
    showCriteria();
}

const AttemptRow* LogbookPage::chosenAttempt() const
{
    const std::string id = attemptTable_->currentIndex().data(AttemptModel::AttemptIdRole).toString().toStdString();
    for (const AttemptRow& a : school_.attempts(station_.pilotId()))
        if (a.id == id) return &a;
    return nullptr;
}

/// By which limits it was judged, where it was flown, and what the throttle did after a crash.
void LogbookPage::showJudged()
{
    const AttemptRow* a = chosenAttempt();
    judged_->setVisible(a);
    shows_->setVisible(a && !a->observed && !a->free() && a->demonstration.empty());
    watch_->setVisible(a && !a->log_hash.empty() && a->demonstration.empty());
    if (!a) return;
    QStringList parts{a->free() ? tr("Nothing was judged") : tr("Judged by version %1 of the drill").arg(a->drill_version)};
    for (const Curriculum& c : school_.curricula())
        if (c.id == a->curriculum)
            parts << tr("on \"%1\", version %2").arg(QString::fromStdString(c.name)).arg(a->curriculum_version);
    if (a->observed) parts << tr("by eye, in %1").arg(simulatorInWords(school_, *a));
    if (const QString with = flownWithInWords(school_, school_.judged(a->id)); !with.isEmpty()) parts << with;
    for (const double cut_s : a->throttle_cuts_s) parts << tr("throttle at the bottom %1 s after a crash").arg(cut_s, 0, 'f', 1);
    judged_->setText(parts.join(QStringLiteral("; ")) + QLatin1Char('.'));
    const AttemptRow* shown = school_.demonstration(a->drill_id);
    const bool this_one = shown && shown->id == a->id;
    shows_->setEnabled(!this_one);
    shows_->setText(this_one ? tr("This is the demonstration") : tr("Keep as demonstration"));
}

void LogbookPage::showCriteria()
{
    showJudged();
    const QModelIndex row = attemptTable_->currentIndex();
    if (!row.isValid()) {
        detail_->setText(attempts_->rowCount() == 0 ? tr("A scored flight shows its criteria here.")
                                                    : tr("Choose an attempt to see its criteria."));
        criteria_->setCriteria({});
        return;
    }
    const auto at = [&](int column) { return row.siblingAtColumn(column).data().toString(); };
    const QString what = at(AttemptModel::DrillName) + QStringLiteral(", ") + at(AttemptModel::When);
    const AttemptRow* chosen = chosenAttempt();
    detail_->setText(chosen && chosen->free()
                         ? what + QLatin1Char('\n') + at(AttemptModel::Summary)
                         : tr("%1\nScore %2. %3").arg(what, at(AttemptModel::ScoreColumn), at(AttemptModel::Summary)));
    criteria_->setCriteria(school_.judged(row.data(AttemptModel::AttemptIdRole).toString().toStdString()).criteria);
}

} // namespace bh::desk
