#include "desk/progress/log_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/columns_that_give.h"
#include "desk/parts/forms/criteria_panel.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/forms/sorting.h"
#include "desk/parts/forms/text_box.h"
#include "desk/parts/look/theme.h"
#include "desk/parts/paper/paper.h"
#include "desk/progress/correct_dialog.h"
#include "desk/progress/pilot_logbook.h"
#include "desk/progress/practice_dialog.h"
#include "desk/words/attempt_words.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "files/text/file_text.h"
#include "school/corrections.h"
#include "school/school.h"
#include "school/views/pilot_export.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTime>
#include <QFileDialog>
#include <QFrame>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSortFilterProxyModel>
#include <QTableView>
#include <algorithm>

namespace bh::desk {
namespace {

QString minutesText(double seconds) { return QObject::tr("%1 min").arg(inPlaces(seconds / 60, 1)); }
constexpr int numbers = Qt::AlignRight | Qt::AlignVCenter;
constexpr int words = Qt::AlignLeft | Qt::AlignVCenter;

void dressTable(QTableView* table)
{
    table->verticalHeader()->hide();
    table->verticalHeader()->setDefaultSectionSize(scaled(26));
    table->setSelectionBehavior(QAbstractItemView::SelectRows);
    table->setSelectionMode(QAbstractItemView::SingleSelection);
    table->setShowGrid(false);
    table->setWordWrap(false);
    table->setTabKeyNavigation(false);
    constexpr int rows_measured = 50;
    table->horizontalHeader()->setResizeContentsPrecision(rows_measured);
    table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table->horizontalHeader()->setStretchLastSection(true);
    table->horizontalHeader()->setHighlightSections(false);
    table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    table->setHorizontalScrollBarPolicy(
        Qt::ScrollBarAlwaysOff); // the last column takes what is left; the detail beside shows it whole
}

} // namespace

AttemptModel::AttemptModel(const School& school, QObject* parent) : QAbstractTableModel(parent), school_(school) {}

void AttemptModel::show(std::vector<Attempt> attempts, std::map<std::string, std::string> struck)
{
    beginResetModel();
    rows_ = std::move(attempts);
    struck_ = std::move(struck);
    std::reverse(rows_.begin(), rows_.end());
    endResetModel();
}

int AttemptModel::rowCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : static_cast<int>(rows_.size()); }
int AttemptModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : ColumnCount; }

QVariant AttemptModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const Attempt& a = rows_[static_cast<std::size_t>(index.row())];
    if (role == AttemptIdRole) return QString::fromStdString(a.id);
    constexpr int least_summary_px = 220; // to tell one from another; the detail beside shows it whole
    if (role == Qt::SizeHintRole && index.column() == Summary) return QSize(scaled(least_summary_px), 0);
    if (role == Qt::TextAlignmentRole) return index.column() == ScoreColumn || index.column() == Flown ? numbers : words;
    if (role == Qt::ToolTipRole && index.column() == Summary) return asWords(school_.summary(a));
    if (role == Qt::ToolTipRole && index.column() == Result && a.passed && !a.holds)
        return tr("Passed, but not so well that it counts towards holding the drill.");
    const auto struck = struck_.find(a.id);
    const bool counts = struck == struck_.end();
    if (role == Qt::ForegroundRole && !counts) return theme().soft;
    if (role == Qt::ForegroundRole && index.column() == Result)
        return a.free() ? theme().soft : a.passed ? theme().held : theme().notMet;
    const bool sort = role == SortRole;
    if (role != Qt::DisplayRole && !sort) return {};
    switch (index.column()) {
    case When: return sort ? QVariant::fromValue<qlonglong>(a.at) : QVariant(momentInWords(a.at));
    case DrillName: return flownInWords(school_, a);
    case FlightMode: return a.observed ? tr("by eye") : asWords(mode_key(a.mode));
    case ScoreColumn:
        if (a.free()) return sort ? QVariant(-1.0) : QVariant(QStringLiteral("–"));
        return sort ? QVariant(a.score) : QVariant(inPlaces(a.score, 0));
    case Result:
        return !counts    ? tr("✕ struck out")
               : a.free() ? tr("◇ flown")
               : a.holds  ? tr("● passed")
               : a.passed ? tr("○ passed only")
                          : tr("▬ not passed");
    case Flown: return sort ? QVariant(a.flown_s) : QVariant(tr("%1 s").arg(inPlaces(a.flown_s, 0)));
    case Summary: return asWords(counts ? school_.summary(a) : struck->second);
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

void SessionModel::show(std::vector<Session> sessions, const std::vector<Attempt>& attempts,
                        std::map<std::string, std::string> struck)
{
    beginResetModel();
    rows_ = std::move(sessions);
    struck_ = std::move(struck);
    std::reverse(rows_.begin(), rows_.end());
    flights_.clear();
    for (const Session& s : rows_)
        flights_.push_back(static_cast<int>(
            std::count_if(attempts.begin(), attempts.end(), [&](const Attempt& a) { return a.session_id == s.id; })));
    endResetModel();
}

int SessionModel::rowCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : static_cast<int>(rows_.size()); }
int SessionModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : ColumnCount; }

QVariant SessionModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const Session& s = rows_[static_cast<std::size_t>(index.row())];
    if (role == Qt::TextAlignmentRole) return index.column() == When || index.column() >= Seen ? words : numbers;
    if (role == SessionIdRole) return QString::fromStdString(s.id);
    const auto struck = struck_.find(s.id);
    if (role == Qt::ForegroundRole && struck != struck_.end()) return theme().soft;
    if (role == Qt::ToolTipRole && index.column() == Where && !s.by_hand.empty())
        return tr("Entered by hand: %1").arg(QString::fromStdString(s.by_hand));
    if (role != Qt::DisplayRole) return {};
    switch (index.column()) {
    case When: return momentInWords(s.started_at);
    case Seen: return s.viewing == Viewing::Screen ? tr("screen") : s.viewing == Viewing::Goggles ? tr("goggles") : QString();
    case Where: return struck == struck_.end() ? where(s) : tr("✕ struck out: %1").arg(QString::fromStdString(struck->second));
    case Active: return s.ended_at == 0 ? tr("running") : minutesText(s.active_s);
    case Idle: return s.ended_at == 0 ? QString() : minutesText(s.idle_s);
    case Flights: return flights_[static_cast<std::size_t>(index.row())];
    default: return {};
    }
}

/// Here, or in which program; whether the rates were matched, and whether somebody wrote it down.
QString SessionModel::where(const Session& s) const
{
    const bool outside = !s.recording.empty() || !s.simulator.empty() || !s.by_hand.empty();
    const SimulatorProfile* simulator = school_.simulator(s.simulator);
    QStringList parts{!outside              ? tr("here")
                      : simulator           ? asWords(simulator->name)
                      : s.simulator.empty() ? tr("another program")
                                            : QString::fromStdString(s.simulator)};
    if (s.matched) parts << tr("matched");
    if (!s.by_hand.empty()) parts << tr("by hand");
    return parts.join(QStringLiteral(", "));
}

QVariant SessionModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (orientation == Qt::Horizontal && role == Qt::TextAlignmentRole)
        return section == When || section >= Seen ? words : numbers;
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
    const QString names[] = {tr("Practice session"), tr("Active"), tr("Idle"), tr("Flights"), tr("Seen"), tr("Where")};
    return section < ColumnCount ? names[section] : QVariant();
}

LogPanel::LogPanel(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    totals_ = new QLabel;
    totals_->setObjectName(QStringLiteral("totals"));
    totals_->setWordWrap(true);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("logSaid"));
    said_->setProperty("quiet", true);
    said_->setWordWrap(true);
    makeTables();
    auto* tables = new QVBoxLayout;
    tables->setSpacing(8);
    tables->addWidget(sessionTable_, 2);
    tables->addWidget(attemptTable_, 3);
    tables->addLayout(makeCorrections());
    tables->addWidget(said_);
    auto* lower = new QHBoxLayout;
    lower->setSpacing(8);
    lower->addLayout(tables, 1);
    lower->addLayout(makeDetail());
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(totals_);
    layout->addLayout(makeFilters());
    layout->addLayout(lower, 1);
    connectAll();
    refresh();
}

QLayout* LogPanel::makeFilters()
{
    const auto box = [](const char* name, const QString& spoken) {
        auto* made = new QComboBox;
        made->setObjectName(QLatin1String(name));
        made->setAccessibleName(spoken);
        return made;
    };
    filter_ = box("drillFilter", tr("Show attempts at"));
    filter_->addItem(tr("All drills"), QString());
    filter_->addItem(tr("Free flights"), QString::fromUtf8(free_flight_id.data()));
    for (const Drill& d : school_.drills()) filter_->addItem(asWords(d.name), QString::fromStdString(d.id));
    period_ = box("periodFilter", tr("Show how far back"));
    for (const auto& [words, days] : {std::pair(tr("All the time"), 0), std::pair(tr("Last 7 days"), 7),
                                      std::pair(tr("Last 4 weeks"), 28), std::pair(tr("Last 12 weeks"), 84)})
        period_->addItem(words, days);
    result_ = box("resultFilter", tr("Show which attempts"));
    result_->addItems({tr("Passed or not"), tr("Passed"), tr("Not passed"), tr("Struck out")});
    add_ = namedButton(tr("Add practice"), "addPractice",
                       tr("Practice in another program that was not watched here: by hand with a reason, or from a table"));
    out_ = namedButton(tr("Write out …"), "logOut",
                       tr("The pilot's logbook: a table (CSV), everything that is known (JSON), or on paper (PDF)"));
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    for (QComboBox* b : {filter_, period_, result_}) row->addWidget(b);
    row->addStretch();
    row->addWidget(add_);
    row->addWidget(out_);
    return row;
}

QLayout* LogPanel::makeCorrections()
{
    reason_ = textBox("strikeReason", tr("Why it does not count"), tr("Reason"), 160);
    reason_->setToolTip(tr("Why the chosen line does not count, or counts again"));
    strike_ =
        namedButton(tr("Strike out"), "strikeOut",
                    tr("The chosen attempt, or the chosen session with its flights, counts no more; it stays on the record"));
    correct_ = namedButton(tr("Correct session …"), "correctSession",
                           tr("When, how long, where, by whom; what stood before stays on the record"));
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    row->addWidget(reason_, 1);
    row->addWidget(strike_);
    row->addWidget(correct_);
    return row;
}

void LogPanel::makeTables()
{
    attempts_ = new AttemptModel(school_, this);
    proxy_ = new QSortFilterProxyModel(this);
    proxy_->setSourceModel(attempts_);
    proxy_->setSortRole(AttemptModel::SortRole);
    attemptTable_ = new QTableView;
    attemptTable_->setObjectName(QStringLiteral("attempts"));
    attemptTable_->setAccessibleName(tr("Attempts, newest first"));
    attemptTable_->setModel(proxy_);
    dressTable(attemptTable_);
    attemptTable_->setSortingEnabled(true);
    attemptTable_->sortByColumn(AttemptModel::When, Qt::DescendingOrder);
    rememberSorting(attemptTable_);
    new ColumnsThatGive(attemptTable_, {AttemptModel::Summary, AttemptModel::FlightMode, AttemptModel::Flown});

    sessions_ = new SessionModel(school_, this);
    sessionTable_ = new QTableView;
    sessionTable_->setObjectName(QStringLiteral("sessions"));
    sessionTable_->setAccessibleName(tr("Practice sessions, newest first"));
    sessionTable_->setModel(sessions_);
    dressTable(sessionTable_);
    new ColumnsThatGive(sessionTable_, {SessionModel::Idle, SessionModel::Seen});
}

QLayout* LogPanel::makeDetail()
{
    detail_ = new QLabel;
    detail_->setObjectName(QStringLiteral("attemptDetail"));
    detail_->setWordWrap(true);
    detail_->setFont(uiFont(text_points, true));
    criteria_ = new CriteriaPanel;
    judged_ = new QLabel;
    judged_->setObjectName(QStringLiteral("attemptJudged"));
    judged_->setProperty("quiet", true);
    judged_->setWordWrap(true);
    shows_ = new QPushButton(tr("Keep as demonstration"));
    shows_->setObjectName(QStringLiteral("keepAsDemonstration"));
    shows_->setToolTip(tr("From now on this flight shows how the drill is flown; it can be undone"));
    connect(shows_, &QPushButton::clicked, this, [this] {
        if (const Attempt* a = chosenAttempt()) school_.keep_demonstration(a->drill_id, a->id);
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
    detailScroll->setFixedWidth(scaled(250));
    auto* side = new QVBoxLayout;
    side->addWidget(detailScroll, 1);
    watch_ = new QPushButton(tr("Look at this flight"));
    watch_->setObjectName(QStringLiteral("watchFlight"));
    watch_->setToolTip(tr("On the Debrief page: its sticks, its way, and what was found in it"));
    connect(watch_, &QPushButton::clicked, this, [this] {
        if (const Attempt* a = chosenAttempt()) Q_EMIT watchAsked(a->id);
    });
    side->addWidget(watch_, 0, Qt::AlignLeft);
    side->addWidget(shows_, 0, Qt::AlignLeft);
    return side;
}

void LogPanel::connectAll()
{
    for (QComboBox* box : {filter_, period_, result_}) connect(box, &QComboBox::currentIndexChanged, this, &LogPanel::refresh);
    connect(add_, &QPushButton::clicked, this, [this] {
        auto* dialog = new PracticeDialog(school_, station_.pilotId(), this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    connect(out_, &QPushButton::clicked, this, [this] {
        const Pilot* pilot = school_.pilot(station_.pilotId());
        if (!pilot) return;
        const QString file = QFileDialog::getSaveFileName(
            this, tr("Write out the logbook"), placeToWrite(QString::fromStdString(pilot->name) + QStringLiteral(".csv")),
            tr("Table (*.csv);;Everything (*.json);;On paper (*.pdf)"));
        if (!file.isEmpty()) writeOut(file);
    });
    connect(strike_, &QPushButton::clicked, this, &LogPanel::strikeOrPutBack);
    connect(reason_, &QLineEdit::returnPressed, this, &LogPanel::strikeOrPutBack);
    connect(correct_, &QPushButton::clicked, this, [this] {
        const Session* session = chosenSession();
        if (!session) return;
        auto* dialog = new CorrectDialog(school_, *session, this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    const auto choose = [this](bool session) {
        session_chosen_ = session;
        offerCorrections();
    };
    connect(sessionTable_, &QTableView::clicked, this, [choose] { choose(true); });
    connect(attemptTable_, &QTableView::clicked, this, [choose] { choose(false); });
    connect(sessionTable_->selectionModel(), &QItemSelectionModel::currentRowChanged, this, [this, choose] {
        if (sessionTable_->hasFocus()) choose(true);
        offerCorrections();
    });
    connect(attemptTable_->selectionModel(), &QItemSelectionModel::currentRowChanged, this, [this, choose] {
        if (attemptTable_->hasFocus()) choose(false);
        showCriteria();
    });
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Pilot, Kind::Attempt, Kind::Session, Kind::Demonstration, Kind::Drill, Kind::Curriculum,
                         Kind::Simulator, Kind::Struck, Kind::FlownBy},
                        station_.pilotId()))
            refresh();
    });
    connect(&themeNews(), &ThemeNews::changed, this, &LogPanel::refresh);
    connect(&station_, &Station::pilotChosen, this, &LogPanel::refresh);
}

bool LogPanel::isShown(const Attempt& a) const
{
    const int days = period_->currentData().toInt();
    const std::string drill = filter_->currentData().toString().toStdString();
    enum { Any, Passed, NotPassed, StruckOut };
    return (days == 0 || school_.today() - local_day(a.at) < days) && (drill.empty() || a.drill_id == drill) &&
           (result_->currentIndex() != Passed || a.passed) && (result_->currentIndex() != NotPassed || (!a.passed && !a.free()));
}

bool LogPanel::isShown(const Session& s) const
{
    const int days = period_->currentData().toInt();
    return days == 0 || school_.today() - local_day(s.started_at) < days;
}

void LogPanel::refresh()
{
    const Pilot* pilot = school_.pilot(station_.pilotId());
    const PilotFile& file = school_.file(station_.pilotId());
    const int session_row = sessionTable_->currentIndex().row();
    std::map<std::string, std::string> struck;
    std::vector<Attempt> attempts;
    std::vector<Session> sessions;
    const Values& values = school_.values();
    const bool only_struck = result_->currentIndex() == result_->count() - 1;
    const auto collect = [&](const auto& rows, auto& shown) {
        for (const auto& row : rows)
            if (isShown(row)) shown.push_back(row);
    };
    if (!only_struck) {
        collect(file.attempts, attempts);
        collect(file.sessions, sessions);
    }
    double shown_s = 0, sessions_s = 0;
    int passed = 0;
    for (const Attempt& a : attempts) shown_s += a.flown_s, passed += a.passed;
    for (const Session& s : sessions) sessions_s += s.active_s;
    const auto counted = attempts.size(), counted_sessions = sessions.size();
    collect(file.struck_attempts, attempts);
    collect(file.struck_sessions, sessions);
    for (const Attempt& a : file.struck_attempts) {
        const std::string own = values.text(Kind::Struck, a.id);
        struck[a.id] = own.empty() ? values.text(Kind::Struck, a.session_id) : own;
    }
    for (const Session& s : file.struck_sessions) struck[s.id] = values.text(Kind::Struck, s.id);
    std::stable_sort(attempts.begin(), attempts.end(), [](const auto& a, const auto& b) { return a.at < b.at; });
    std::stable_sort(sessions.begin(), sessions.end(), [](const auto& a, const auto& b) { return a.started_at < b.started_at; });
    attempts_->show(attempts, struck);
    sessions_->show(sessions, attempts, struck);
    for (QWidget* w : std::initializer_list<QWidget*>{add_, out_}) w->setEnabled(pilot != nullptr);
    if (!pilot)
        totals_->setText(tr("Choose or add a pilot on the left."));
    else if (file.attempts.empty() && file.sessions.empty() && struck.empty())
        totals_->setText(tr("%1 has not practised yet. Start with the first drill on the Drills page (Alt+6).")
                             .arg(QString::fromStdString(pilot->name)));
    else
        totals_->setText(tr("Shown: %1 sessions with %2 h of practice, %3 flights with %4 h in the air, %5 passed%6.")
                             .arg(counted_sessions)
                             .arg(inPlaces(sessions_s / 3600, 1))
                             .arg(counted)
                             .arg(inPlaces(shown_s / 3600, 1))
                             .arg(passed)
                             .arg(struck.empty()       ? QString()
                                  : struck.size() == 1 ? tr("; one line is struck out")
                                                       : tr("; %1 lines are struck out").arg(struck.size())));
    if (proxy_->rowCount() > 0) attemptTable_->selectRow(0);
    if (session_row >= 0 && session_row < sessions_->rowCount()) sessionTable_->selectRow(session_row);
    showCriteria();
    offerCorrections();
}

void LogPanel::offerCorrections()
{
    const bool may = school_.may_do(Act::Correct).has_value();
    const Attempt* attempt = chosenAttempt();
    const Session* session = chosenSession();
    const bool any = session_chosen_ ? session != nullptr : attempt != nullptr;
    const std::string id = !any ? "" : session_chosen_ ? session->id : attempt->id;
    const bool struck = any && school_.edited(Kind::Struck, id);
    strike_->setText(struck ? tr("Count again") : session_chosen_ ? tr("Strike out session") : tr("Strike out attempt"));
    strike_->setEnabled(may && any);
    correct_->setEnabled(may && session && !school_.edited(Kind::Struck, session->id));
}

void LogPanel::strikeOrPutBack()
{
    const Attempt* attempt = chosenAttempt();
    const Session* session = chosenSession();
    if (session_chosen_ ? !session : !attempt) return;
    const std::string id = session_chosen_ ? session->id : attempt->id, why = reason_->text().toStdString();
    const bool back = school_.edited(Kind::Struck, id);
    const auto done = back ? count_again(school_, id, why) : strike(school_, id, why);
    if (done) reason_->clear();
    said_->setText(!done  ? asWords(done.error())
                   : back ? tr("It counts again. Ctrl+Z takes that back.")
                          : tr("Struck out; it stays on the record with the reason. Ctrl+Z takes that back."));
}

void LogPanel::writeOut(const QString& file)
{
    const std::string& id = station_.pilotId();
    const Pilot* pilot = school_.pilot(id);
    if (!pilot) return;
    const auto written = [](const QString& to, const std::string& text) {
        return write_whole(to.toStdString(), text, true).has_value();
    };
    QStringList files{file};
    bool done = false;
    if (file.endsWith(QStringLiteral(".pdf"), Qt::CaseInsensitive)) {
        done = saveOnPaper(file, tr("Logbook of %1").arg(QString::fromStdString(pilot->name)), pilotLogbook(school_, id));
    } else if (file.endsWith(QStringLiteral(".json"), Qt::CaseInsensitive)) {
        done = written(file, pilot_json(school_, id));
    } else {
        const QString stem = file.endsWith(QStringLiteral(".csv"), Qt::CaseInsensitive) ? file.chopped(4) : file;
        files << stem + tr("-flights.csv");
        done = written(file, sessions_csv(school_, id)) && written(files.last(), attempts_csv(school_, id));
    }
    said_->setText(done ? tr("Written: %1").arg(files.join(QStringLiteral(", ")))
                        : tr("%1 could not be written: is there such a folder, and may it be written to?").arg(file));
}

const Session* LogPanel::chosenSession() const
{
    const std::string id = sessionTable_->currentIndex().data(SessionModel::SessionIdRole).toString().toStdString();
    const PilotFile& file = school_.file(station_.pilotId());
    for (const auto* rows : {&file.sessions, &file.struck_sessions})
        for (const Session& s : *rows)
            if (s.id == id) return &s;
    return nullptr;
}

const Attempt* LogPanel::chosenAttempt() const
{
    const std::string id = attemptTable_->currentIndex().data(AttemptModel::AttemptIdRole).toString().toStdString();
    const PilotFile& file = school_.file(station_.pilotId());
    for (const auto* rows : {&file.attempts, &file.struck_attempts})
        for (const Attempt& a : *rows)
            if (a.id == id) return &a;
    return nullptr;
}

/// By which limits it was judged, where it was flown, and what the throttle did after a crash.
void LogPanel::showJudged()
{
    const Attempt* a = chosenAttempt();
    judged_->setVisible(a);
    shows_->setVisible(a && !a->observed && !a->free() && a->demonstration.empty());
    watch_->setVisible(a && !a->log_hash.empty() && a->demonstration.empty());
    if (!a) return;
    QStringList parts{a->free() ? tr("Nothing was judged") : tr("Judged by version %1 of the drill").arg(a->drill_version)};
    for (const Curriculum& c : school_.curricula())
        if (c.id == a->curriculum) parts << tr("on \"%1\", version %2").arg(asWords(c.name)).arg(a->curriculum_version);
    if (a->observed) parts << tr("by eye, in %1").arg(simulatorInWords(school_, *a));
    if (const QString with = flownWithInWords(school_, school_.judged(a->id)); !with.isEmpty()) parts << with;
    for (const double cut_s : a->throttle_cuts_s)
        parts << tr("throttle at the bottom %1 s after a crash").arg(inPlaces(cut_s, 1));
    judged_->setText(parts.join(QStringLiteral("; ")) + QLatin1Char('.'));
    const Attempt* shown = school_.demonstration(a->drill_id);
    const bool this_one = shown && shown->id == a->id;
    shows_->setEnabled(!this_one);
    shows_->setText(this_one ? tr("This is the demonstration") : tr("Keep as demonstration"));
}

void LogPanel::showCriteria()
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
    const Attempt* chosen = chosenAttempt();
    detail_->setText(chosen && chosen->free()
                         ? what + QLatin1Char('\n') + at(AttemptModel::Summary)
                         : tr("%1\nScore %2. %3").arg(what, at(AttemptModel::ScoreColumn), at(AttemptModel::Summary)));
    criteria_->setCriteria(school_.judged(row.data(AttemptModel::AttemptIdRole).toString().toStdString()).criteria);
}

} // namespace bh::desk
