#include "desk/shell/window/main_window.h"

#include "desk/board/board_page.h"
#include "desk/controller/controller_page.h"
#include "desk/debrief/debrief_page.h"
#include "desk/drills/drills_page.h"
#include "desk/first_flight/first_flight_page.h"
#include "desk/kit/kit_page.h"
#include "desk/parts/flight/keyboard_sticks.h"
#include "desk/parts/forms/focus_ring.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/forms/sections.h"
#include "desk/parts/look/theme.h"
#include "desk/parts/speech/stay_awake.h"
#include "desk/progress/progress_page.h"
#include "desk/rates/rates_page.h"
#include "desk/record/cut_short_dialog.h"
#include "desk/record/record_window.h"
#include "desk/record/unlock_dialog.h"
#include "desk/setup/setup_page.h"
#include "desk/shell/acts/brought_file.h"
#include "desk/shell/window/help_window.h"
#include "desk/shell/window/menu.h"
#include "desk/shell/window/page_bar.h"
#include "desk/shell/window/roster.h"
#include "desk/shell/window/status_bar.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/lock.h"
#include "school/record_watch.h"
#include "school/school.h"
#include "station/station.h"

#include <QApplication>
#include <QBoxLayout>
#include <QCloseEvent>
#include <QCryptographicHash>
#include <QDropEvent>
#include <QIcon>
#include <QLineEdit>
#include <QMenuBar>
#include <QMimeData>
#include <QStackedWidget>
#include <QUrl>
#include <algorithm>
#include <cmath>
#include <map>

namespace bh::desk {
namespace {

constexpr const char* page_names[MainWindow::PageCount] = {
    QT_TRANSLATE_NOOP("bh::desk::MainWindow", "Board"),       QT_TRANSLATE_NOOP("bh::desk::MainWindow", "Kit"),
    QT_TRANSLATE_NOOP("bh::desk::MainWindow", "Controller"),  QT_TRANSLATE_NOOP("bh::desk::MainWindow", "Set-up"),
    QT_TRANSLATE_NOOP("bh::desk::MainWindow", "Rates"),       QT_TRANSLATE_NOOP("bh::desk::MainWindow", "Drills"),
    QT_TRANSLATE_NOOP("bh::desk::MainWindow", "Debrief"),     QT_TRANSLATE_NOOP("bh::desk::MainWindow", "Progress"),
    QT_TRANSLATE_NOOP("bh::desk::MainWindow", "First flight")};

/// Where the place is kept that somebody left a record at.
QString lastTimeKey(const School& school)
{
    return QString::fromLatin1(
        QCryptographicHash::hash(QByteArray::fromStdString(school.record().place().found_again_by()), QCryptographicHash::Sha1)
            .toHex());
}

} // namespace

MainWindow::MainWindow(School& school, Station& station, const QString& recordName) : school_(school), station_(station)
{
    const StyledOnce styled;
    const auto sample = [this] { station_.setSampling(preferences().samplingHz()); };
    sample();
    connect(&preferences(), &Preferences::changed, this, sample);
    station_.setUsedHere([] { return QGuiApplication::applicationState() == Qt::ApplicationActive; });
    setWindowTitle(tr("Blue Hangar"));
    setWindowIcon(QIcon(QStringLiteral(":/resources/icons/bluehangar.svg")));
    setMinimumSize(1000, 640);
    setAcceptDrops(true);
    auto* awake = new StayAwake(station_, this);
    connect(new Hints(this), &Hints::handbookAsked, this, [this] { showHelp(); });
    new FocusRing(this);
    resize(1280, 800);
    roster_ = new Roster(school_, station_);
    pageBar_ = new PageBar;
    auto* keys = new KeyboardSticks(station_.input(), this);
    board_ = new BoardPage(school_, station_);
    kit_ = new KitPage(school_, station_);
    controller_ = new ControllerPage(school_, station_, *keys);
    setup_ = new SetupPage(school_, station_);
    drills_ = new DrillsPage(school_, station_, *keys);
    debrief_ = new DebriefPage(school_, station_);
    progress_ = new ProgressPage(school_, station_);
    rates_ = new RatesPage(school_, station_, *keys);
    firstFlight_ = new FirstFlightPage(school_, station_);
    statusBar_ = new StatusBar(school_, station_, recordName);
    pages_ = new Stack;
    pages_->setObjectName(QStringLiteral("pages"));
    debriefAway_ = new QWidget(this);
    debriefAway_->hide();
    QWidget* const pages[] = {board_, kit_, controller_, setup_, rates_, drills_, debrief_, progress_, firstFlight_};
    for (int i = 0; i < PageCount; ++i) {
        const auto page = static_cast<Page>(i);
        marks_[i] = pageBar_->addPage(pageName(page), pageKey(page));
        pages[i]->setObjectName(QLatin1String("page") + QLatin1String(page_names[i]));
        pages_->addWidget(pages[i]);
    }
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    right->addWidget(pageBar_);
    pagesRow_ = new QHBoxLayout;
    pagesRow_->setSpacing(0);
    pagesRow_->addWidget(pages_, 3);
    right->addLayout(pagesRow_, 1);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(0);
    upper->addWidget(roster_);
    upper->addLayout(right, 1);
    auto* centre = new QWidget;
    auto* layout = new QVBoxLayout(centre);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addLayout(upper, 1);
    layout->addWidget(statusBar_);
    setCentralWidget(centre);

    connect(pageBar_, &PageBar::chosen, this, [this](int page) { showPage(static_cast<Page>(page)); });
    connectPages();
    connect(awake, &StayAwake::wentDark, drills_, &DrillsPage::hold);
    connect(drills_, &DrillsPage::wideToggled, this, [this] { roster_->setVisible(!roster_->isVisible()); });
    connect(statusBar_, &StatusBar::nightToggled, this, &MainWindow::toggleNight);
    guard();
    connect(kit_, &KitPage::progressChanged, this, &MainWindow::refreshMarks);
    connect(&school_, &School::changed, this, &MainWindow::refreshMarks);
    connect(&station_, &Station::pilotChosen, this, &MainWindow::refreshMarks);
    connect(&station_, &Station::deviceChosen, this, &MainWindow::refreshMarks);
    new Menu(*this, school_, station_);
    connect(&preferences(), &Preferences::lookChanged, this, &MainWindow::drawAnew);
    restoreGeometry(preferences().placeOf(QStringLiteral("main")));
    showPage(Board);
    refreshMarks();
}

/// From one page to the next.
void MainWindow::connectPages()
{
    connect(board_, &BoardPage::beginAsked, this, [this](BeginStep step) {
        if (step == BeginStep::Pilot)
            return findChild<QLineEdit*>(QStringLiteral("newPilotName"))->setFocus(Qt::ShortcutFocusReason);
        showPage(step == BeginStep::Kit          ? Kit
                 : step == BeginStep::Controller ? Controller
                 : step == BeginStep::Setup      ? Setup
                 : step == BeginStep::Rates      ? Rates
                                                 : Drills);
    });
    connect(board_, &BoardPage::beginPutOff, this, [this](BeginStep step) {
        if (step == BeginStep::Rates) put_off_rates(school_);
    });
    connect(board_, &BoardPage::goTo, this, [this](PilotStanding::Go place) {
        if (place == PilotStanding::Go::Controller) showPage(Controller);
        if (place == PilotStanding::Go::Drills) showPage(Drills);
        if (place == PilotStanding::Go::Rates) showPage(Rates);
        if (place == PilotStanding::Go::FirstFlight) showPage(FirstFlight);
        if (place == PilotStanding::Go::Progress) {
            showPage(Progress);
            progress_->showSection(ProgressPage::Hours);
        }
        if (place == PilotStanding::Go::Debrief) {
            showPage(Debrief);
            debrief_->showTab(DebriefPage::Habits);
        }
    });
    connect(&school_, &School::flight_kept, this, [this](const std::string& attempt_id) {
        if (pages_->indexOf(debrief_) < 0) debrief_->look(attempt_id); // it stands beside the flight
    });
    connect(setup_, &SetupPage::cardAsked, this, [this] {
        showPage(Controller);
        controller_->showSection(ControllerPage::Sheets);
    });
    connect(setup_, &SetupPage::flyAsked, this, [this](const std::string& world, Mode mode) {
        showPage(Drills);
        drills_->flyFreely(world, mode);
    });
    connect(progress_, &ProgressPage::watchAsked, this, [this](const std::string& attempt_id) {
        showPage(Debrief);
        debrief_->look(attempt_id);
    });
    connect(firstFlight_, &FirstFlightPage::evidenceAsked, this, &MainWindow::showEvidence);
    connect(firstFlight_, &FirstFlightPage::practiceAsked, this, &MainWindow::practise);
    connect(firstFlight_, &FirstFlightPage::rulesAsked, this, [this] { showRecord(RecordWindow::House); });
    connect(progress_, &ProgressPage::rulesAsked, this, [this] { showRecord(RecordWindow::House); });
}

/// Who is here, and that nobody is when nothing is touched any more.
void MainWindow::guard()
{
    lock_ = new Lock(school_, this);
    statusBar_->watch(*lock_);
    connect(statusBar_, &StatusBar::recordAsked, this, [this] { showRecord(); });
    connect(statusBar_, &StatusBar::lockAsked, this, &MainWindow::toggleLock);
    connect(&station_, &Station::pilotChosen, this, [this] { lock_->choose_pilot(station_.pilotId()); });
    connect(&station_, &Station::sticksMoved, this, [this, at = Sticks()]() mutable {
        constexpr double a_move = 0.05; // more than a stick that trembles
        const Sticks now = station_.input().sticks();
        if (std::max({std::abs(now.throttle - at.throttle), std::abs(now.roll - at.roll), std::abs(now.pitch - at.pitch),
                      std::abs(now.yaw - at.yaw)}) < a_move)
            return;
        at = now;
        lock_->touch();
    });
    lock_->choose_pilot(station_.pilotId());
    qApp->installEventFilter(this); // whatever is touched
}

MainWindow::~MainWindow() { setup_->keep(); } // while every page still stands

QString MainWindow::pageName(Page page) { return tr(page_names[page]); }
QString MainWindow::pageKey(Page page) { return QLatin1String(page_names[page]); }
QString MainWindow::helpPage(Page page) { return pageKey(page).toLower().replace(QLatin1Char(' '), QLatin1Char('-')); }

void MainWindow::showHelp(const QString& page)
{
    auto* window = findChild<HelpWindow*>();
    if (!window) {
        window = new HelpWindow(school_.data().root(), this);
        window->setAttribute(Qt::WA_DeleteOnClose);
    }
    window->showPage(page.isEmpty() ? helpPage(static_cast<Page>(pages_->currentIndex())) : page);
    window->show();
    window->raise();
    window->activateWindow();
}

void MainWindow::say(const QString& sentence) { statusBar_->say(sentence); }

void MainWindow::closeEvent(QCloseEvent* event)
{
    preferences().keepPlace(QStringLiteral("main"), saveGeometry());
    if (remembersPlace_)
        preferences().keepPlace(lastTimeKey(school_),
                                QByteArray::number(pages_->currentIndex()) + ' ' + QByteArray::fromStdString(station_.pilotId()));
    QMainWindow::closeEvent(event);
}

void MainWindow::goBackToLastTime()
{
    remembersPlace_ = true;
    const QByteArray last = preferences().placeOf(lastTimeKey(school_));
    const auto space = last.indexOf(' ');
    if (space < 0) return;
    const std::string pilot = last.mid(space + 1).toStdString();
    if (school_.pilot(pilot)) station_.choosePilot(pilot);
    if (const int page = last.left(space).toInt(); page >= 0 && page < PageCount) showPage(static_cast<Page>(page));
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event)
{
    if (event->mimeData()->hasUrls()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event)
{
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile()) takeFile(*this, url.toLocalFile());
    event->acceptProposedAction();
}

/// Something of the look was chosen anew.
void MainWindow::drawAnew() { applyTheme(*qApp, nightPreferred()); }

void MainWindow::showBoard(const QString& section)
{
    showPage(Board);
    const bool room = section == QLatin1String("room") && school_.on_server();
    board_->showSection(room ? BoardPage::Room : section == QLatin1String("week") ? BoardPage::Week : BoardPage::Today);
}

void MainWindow::showPage(Page page)
{
    if (page != Drills) roster_->setVisible(true);
    layBeside(page);
    pages_->setCurrentIndex(page);
    pageBar_->setCurrent(page);
}

/// In a wide window the debrief stands beside the flights that it is about.
void MainWindow::layBeside(Page shown)
{
    constexpr int wide_px = 2000;
    const bool beside = shown == Drills && width() >= scaled(wide_px);
    if (beside == (pages_->indexOf(debrief_) < 0)) return;
    pages_->insertWidget(Debrief, beside ? debriefAway_ : debrief_);
    pages_->removeWidget(beside ? debrief_ : debriefAway_);
    if (!beside) return;
    pagesRow_->addWidget(debrief_, 2);
    debrief_->setVisible(true);
}

void MainWindow::resizeEvent(QResizeEvent* event)
{
    layBeside(static_cast<Page>(pages_->currentIndex()));
    QMainWindow::resizeEvent(event);
}

/// The page that a gate is judged by.
void MainWindow::showEvidence(const std::string& gate)
{
    static const std::map<std::string, Page> pages{{"hours", Progress},      {"matched-hours", Progress}, {"cadence", Progress},
                                                   {"currency", Progress},   {"controller", Controller},  {"match", Rates},
                                                   {"real-setup", Setup},    {"habits", Debrief},         {"sickness", Progress},
                                                   {"briefing", FirstFlight}};
    const auto found = pages.find(gate);
    const Page page = found == pages.end() ? Drills : found->second;
    showPage(page);
    if (page == Progress)
        progress_->showSection(gate == "sickness"   ? ProgressPage::Sickness
                               : gate == "currency" ? ProgressPage::Log
                                                    : ProgressPage::Hours);
    if (page == FirstFlight) firstFlight_->showSection(FirstFlightPage::Briefing);
    if (page == Debrief) debrief_->showTab(DebriefPage::Habits);
}

/// What helps against a surprise: a drill, what the day does on the Set-up page, or the rates.
void MainWindow::practise(Surprise surprise)
{
    const Remedy remedy = remedy_for(surprise);
    if (const Drill* drill = remedy.drill ? school_.drill_with(*remedy.drill, station_.pilotId()) : nullptr)
        drills_->chooseDrill(drill->id);
    showPage(remedy.rates ? Rates : remedy.condition ? Setup : Drills);
}

void MainWindow::watch(RecordWatch& watch)
{
    recordWatch_ = &watch;
    connect(&watch, &QObject::destroyed, this, [this] { recordWatch_ = nullptr; });
    statusBar_->watch(watch);
}

void MainWindow::showRecord(int section)
{
    auto* window = findChild<RecordWindow*>();
    if (!window) {
        window = new RecordWindow(school_, *lock_, recordWatch_, this);
        window->setAttribute(Qt::WA_DeleteOnClose);
        connect(window, &RecordWindow::marksAsked, this, [this] {
            showPage(Drills);
            constexpr int limits_and_stages = 2;
            drills_->showSection(limits_and_stages);
        });
        connect(window, &RecordWindow::coachingAsked, this, [this] {
            showPage(Debrief);
            debrief_->showTab(DebriefPage::Habits);
        });
    }
    if (section != 0) window->showSection(static_cast<RecordWindow::Section>(section));
    window->show();
    window->raise();
}

void MainWindow::toggleLock()
{
    if (!lock_->in_use()) return showRecord(RecordWindow::People);
    if (lock_->unlocked_by()) return lock_->lock();
    auto* dialog = new UnlockDialog(school_, *lock_, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->show();
}

void MainWindow::askWhatIsOpen()
{
    if (!lock_->decided() && school_.pilots().empty()) showRecord(RecordWindow::People);
    sayWhenTheClockIsWrong();
    sayWhatCannotBeRead();
    auto flights = school_.cut_short();
    if (flights.empty()) return;
    auto* dialog = new CutShortDialog(school_, std::move(flights), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->show();
}

/// A clock that is behind the newest entry would date practice wrongly; entries made by it say so, and it can be set right
/// before.
void MainWindow::sayWhenTheClockIsWrong()
{
    constexpr UnixTime differs_s = 300; // clocks of stations do, a little
    const auto newest = school_.record().entries_after(school_.head().count - 1);
    if (newest.empty() || newest.back().at - school_.now() < differs_s) return;
    say(tr("This computer's clock says %1, the newest entry is of %2: set the clock right before practice is logged.")
            .arg(momentInWords(school_.now()), momentInWords(newest.back().at)));
}

/// Nothing of the house is left out in silence.
void MainWindow::sayWhatCannotBeRead()
{
    const auto unread = school_.unread();
    if (unread.empty()) return;
    say(unread.size() == 1 ? tr("Left out, as it cannot be read: %1.").arg(asWords(unread.front()))
                           : tr("%1 files are left out, as they cannot be read; the record's window names them. The first: %2.")
                                 .arg(unread.size())
                                 .arg(asWords(unread.front())));
}

bool MainWindow::eventFilter(QObject*, QEvent* event)
{
    switch (event->type()) {
    case QEvent::KeyPress:
    case QEvent::MouseButtonPress:
    case QEvent::MouseMove:
    case QEvent::Wheel: lock_->touch(); break;
    default: break;
    }
    return false;
}

void MainWindow::toggleNight()
{
    const bool night = !theme().night;
    preferences().setLook(night ? Preferences::Look::Night : Preferences::Look::Day);
    if (theme().night != night) drawAnew(); // it was dark for this once
}

/// The school's name, where it has one.
void MainWindow::refreshTitle()
{
    const QString name = QString::fromStdString(school_name(school_));
    setWindowTitle(name.isEmpty() ? tr("Blue Hangar") : tr("%1 – Blue Hangar").arg(name));
}

void MainWindow::refreshMarks()
{
    refreshTitle();
    const std::string& pilot = station_.pilotId();
    const auto put = [this](Page page, Done done, const QString& why) {
        marks_[page]->setMark(done == Done::Nothing ? StateMark::None
                              : done == Done::Due   ? StateMark::Due
                                                    : StateMark::Done,
                              why);
    };
    const BoardMark board = board_mark(school_);
    put(Board, board.state,
        board.need_a_look > 0 ? tr("%1 pilots need a look").arg(board.need_a_look) : tr("Nobody needs a look"));
    const auto [ticked, items] = kit_->progress();
    put(Kit,
        items == 0        ? Done::Nothing
        : ticked == items ? Done::Done
                          : Done::Due,
        items == 0 ? tr("No pilot chosen") : tr("%1 of %2 ticked").arg(ticked).arg(items));
    const bool ready = station_.controllerState() == Station::Controller::Ready;
    board_->showBeginning({ticked, items, ready});
    put(Controller, ready ? Done::Done : Done::Due,
        ready ? tr("The controller in use is calibrated and verified") : tr("The controller in use is not ready"));
    const Done setup = setup_mark(school_, pilot);
    put(Setup, setup, setup == Done::Done ? tr("The aircraft is set up") : tr("No real aircraft, camera and power chosen yet"));
    const Done drills = drills_mark(school_, pilot);
    put(Drills, drills,
        drills == Done::Nothing ? tr("No pilot chosen")
        : drills == Done::Done  ? tr("Every stage is held")
                                : tr("Next: %1").arg(asWords(school_.standing(pilot).next_reason)));
    const RatesMark rates = rates_mark(school_, pilot);
    put(Rates, rates.state, ratesInWords(rates));
    put(Debrief, Done::Nothing, tr("Any flight, its sticks and what was found in it"));
    const Done first_flight = first_flight_mark(school_, pilot);
    put(FirstFlight, first_flight,
        first_flight == Done::Done  ? tr("Released, or back from a first flight")
        : first_flight == Done::Due ? tr("Every gate is met: decide")
                                    : tr("What stands before a first flight on a real aircraft"));
    const Done progress = progress_mark(school_, pilot);
    put(Progress, progress,
        progress == Done::Done ? tr("Practised within the last 7 days") : tr("No practice within the last 7 days"));
}

QString MainWindow::ratesInWords(const RatesMark& mark)
{
    switch (mark.why) {
    case RatesMark::Why::NoSetup: return tr("No aircraft chosen on the Set-up page");
    case RatesMark::Why::RealUnknown: return tr("The real aircraft's rates are not known yet");
    case RatesMark::Why::Stale: return asWords(in_words(*mark.stale));
    case RatesMark::Why::Near: return tr("Practised on the real aircraft's rates");
    case RatesMark::Why::Apart: return tr("Practice rates differ from the real aircraft's");
    }
    return {};
}

} // namespace bh::desk
