#include "desk/shell/acts/tour.h"

#include "desk/controller/controller_page.h"
#include "desk/debrief/debrief_page.h"
#include "desk/debrief/time_lanes.h"
#include "desk/drills/drills_page.h"
#include "desk/parts/look/theme.h"
#include "desk/progress/curves_panel.h"
#include "desk/progress/progress_page.h"
#include "desk/rates/rates_page.h"
#include "desk/record/record_window.h"
#include "desk/setup/setup_page.h"
#include "desk/shell/window/main_window.h"
#include "school/school.h"
#include "station/station.h"

#include <QApplication>
#include <QComboBox>
#include <QDialog>
#include <QDir>
#include <QElapsedTimer>
#include <QKeyEvent>
#include <QPixmap>
#include <QPushButton>
#include <QThread>
#include <cstdio>

namespace bh::desk {
namespace {

bool waitFor(const std::function<bool()>& condition, int ms)
{
    QElapsedTimer timer;
    timer.start();
    while (!condition() && timer.elapsed() < ms) {
        QApplication::processEvents(QEventLoop::AllEvents, 10);
        QThread::msleep(2);
    }
    return condition();
}

void settle()
{
    waitFor([] { return false; }, 150);
}

/// Moves the simulated controller as a pilot does in a calibration, until the page is through or at `until`.
void moveThroughCalibration(Station& station, ControllerPage& page, int until)
{
    SimulatedController& sticks = station.input().simulated_controller();
    const auto hold = [&](double ms) { waitFor([] { return false; }, static_cast<int>(ms)); };
    page.startCalibration();
    hold(2300);
    const std::pair<Function, double> moves[] = {{Function::Throttle, 1}, {Function::Throttle, 0}, {Function::Yaw, 1},
                                                 {Function::Yaw, -1},     {Function::Pitch, 1},    {Function::Pitch, -1},
                                                 {Function::Roll, 1},     {Function::Roll, -1}};
    for (int i = 0; i < until; ++i) {
        const double from = sticks.value(moves[i].first);
        for (int step = 1; step <= 10; ++step) {
            sticks.set(moves[i].first, from + (moves[i].second - from) * step / 10);
            hold(20);
        }
        if (i == until - 1) return;
        hold(moves[i].first == Function::Throttle ? 1900 : 200);
        if (moves[i].first != Function::Throttle) sticks.set(moves[i].first, 0), hold(900);
    }
}

/// The window, walked page by page.
struct Tour {
    MainWindow& window;
    School& school;
    Station& station;
    const std::function<void(const QString&, QWidget&)>& look;
    DrillsPage& drills;

    void picture(const char* name, QWidget* shown = nullptr)
    {
        settle();
        look(QLatin1String(name), shown ? *shown : window);
    }

    void page(MainWindow::Page which, const char* name)
    {
        window.showPage(which);
        picture(name);
    }

    /// The pilot in this place of the roster, if there is one.
    void choosePilot(std::size_t place)
    {
        if (place < school.pilots().size()) station.choosePilot(school.pilots()[place].id);
    }

    void controller()
    {
        ControllerPage& bench = *window.controllerPage();
        page(MainWindow::Controller, "controller");
        moveThroughCalibration(station, bench, 5);
        picture("calibrating");
        bench.cancel();
        bench.showSection(ControllerPage::Sheets);
        picture("sheets");
        bench.showSection(ControllerPage::Switches);
        picture("switches");
        bench.showSection(ControllerPage::Bench);
        station.input().simulated_controller().set(Function::Pitch, 0);
        station.input().simulated_controller().set(Function::Throttle, 0);
    }

    void setUp() { page(MainWindow::Setup, "setup"); }

    /// For a pilot who is on the way back from an easy aircraft.
    void wayBack()
    {
        for (const Pilot& p : school.pilots())
            if (school.file(p.id).way_back) station.choosePilot(p.id);
        window.showPage(MainWindow::Setup);
        window.setupPage()->showWayBack();
        picture("way-back");
    }

    /// For a pilot with the most rolls on record: the one with the most hours.
    void judge()
    {
        const auto hours = [&](const Pilot& p) { return school.standing(p.id).hours; };
        const auto most = std::max_element(school.pilots().begin(), school.pilots().end(),
                                           [&](const Pilot& a, const Pilot& b) { return hours(a) < hours(b); });
        if (most != school.pilots().end()) station.choosePilot(most->id);
        window.showPage(MainWindow::Rates);
        window.ratesPage()->showSection(5);
        picture("judge");
        window.ratesPage()->showSection(0);
    }

    void scoreByEye()
    {
        drills.chooseDrill("gaps");
        drills.chooseDrill("hover-window");
        drills.showSection(1);
        QWidget* card = window.findChild<QWidget*>(QStringLiteral("scoreCard"));
        const auto press = [card](int key, int ms) {
            QKeyEvent down(QEvent::KeyPress, key, Qt::NoModifier);
            QApplication::sendEvent(card, &down);
            waitFor([] { return false; }, ms);
        };
        for (const auto& [key, ms] :
             {std::pair{Qt::Key_Space, 1500}, {Qt::Key_Return, 1200}, {Qt::Key_2, 500}, {Qt::Key_2, 900}, {Qt::Key_4, 300}})
            press(key, ms);
        picture("by-eye");
        press(Qt::Key_X, 0);
        drills.showSection(2);
        picture("change");
        drills.showSection(0);
    }

    /// The stand-in flies the drill to its end; a picture on the way if there is a name for it.
    void fly(const char* drill, double until_s, const char* name)
    {
        drills.reset();
        drills.chooseDrill(drill);
        drills.demonstrate(DrillsPage::Shown::ByStandIn);
        drills.setPace(8);
        waitFor([&] { return !drills.loop() || drills.loop()->snapshot().time_s >= until_s; }, 20000);
        drills.setPace(1);
        waitFor([] { return false; }, 700);
        if (*name) picture(name);
        drills.setPace(0);
        waitFor([&] { return drills.loop() && drills.loop()->snapshot().status == DrillRunner::Status::Finished; }, 20000);
        waitFor([] { return false; }, 200);
        drills.setPace(1);
    }

    void week()
    {
        const auto section = [this](const char* name) { return window.findChild<QPushButton*>(QLatin1String(name)); };
        section("sectionWeek")->click();
        if (auto* next = section("weekOn")) next->click();
        picture("week");
        section("sectionToday")->click();
    }

    /// For a pilot with many drills, some of them under way.
    void progress()
    {
        int most = -1;
        for (const Pilot& p : school.pilots()) {
            int flown = 0, under_way = 0;
            for (const LadderStep& s : school.standing(p.id).ladder) {
                constexpr int enough = 5; // to look ahead from
                flown += s.standing.attempts > 0;
                under_way += s.standing.state == DrillState::Tried && s.standing.attempts >= enough;
            }
            constexpr int worth_drills = 4;
            const int worth = under_way > 0 ? flown + worth_drills * under_way : 0;
            if (worth > most) most = worth, station.choosePilot(p.id);
        }
        window.showPage(MainWindow::Progress);
        if (const auto* curves = window.findChild<CurvesPanel*>()) waitFor([curves] { return !curves->working(); }, 60000);
        picture("progress");
        window.progressPage()->showSection(ProgressPage::Hours);
        picture("hours");
    }

    /// For a pilot whose day is prepared, and who is not released yet.
    void firstFlight()
    {
        for (const Pilot& p : school.pilots())
            if (school.file(p.id).flight_day && school.file(p.id).releases.empty()) station.choosePilot(p.id);
        page(MainWindow::FirstFlight, "first-flight");
    }

    void record()
    {
        window.showRecord(RecordWindow::People);
        auto* shown = window.findChild<QDialog*>(QStringLiteral("recordWindow"));
        picture("record", shown);
        window.showRecord(RecordWindow::House);
        picture("house", shown);
        shown->close();
    }

    /// For a pilot whose real aircraft's rates are known, and are not what is practised on.
    void rates()
    {
        for (const Pilot& p : school.pilots())
            if (const auto own = school.setup(p.id);
                own && school.rates_of(own->real_aircraft) && own->real_aircraft == "real-school-avocet" && !school.match(p.id))
                station.choosePilot(p.id);
        window.showPage(MainWindow::Rates);
        if (auto* simulator = window.findChild<QComboBox*>(QStringLiteral("ratesSimulator"));
            simulator && simulator->findText(QStringLiteral("Mudlark")) >= 0) {
            simulator->setCurrentIndex(simulator->findText(QStringLiteral("Mudlark")));
            Q_EMIT simulator->activated(simulator->currentIndex());
        }
        picture("rates");
        window.ratesPage()->showSection(2);
        picture("rate-plan");
        window.ratesPage()->showSection(0);
    }

    /// The newest flight of the school with something to change in it, of those with a drill.
    void debrief()
    {
        window.showPage(MainWindow::Debrief);
        const Attempt* newest = nullptr;
        for (const Pilot& pilot : school.pilots())
            for (const Attempt& a : school.attempts(pilot.id)) {
                if (a.free() || a.log_hash.empty() || (newest && a.at < newest->at)) continue;
                const FindingTally* brakes = school.tally(a).of(FindingKind::Brake);
                if (brakes && brakes->faults > 0) newest = &a;
            }
        if (!newest) return picture("debrief");
        station.choosePilot(newest->pilot_id);
        window.debriefPage()->look(newest->id);
        picture("debrief");
    }

    /// Practice in another program beside a recording of its screen, and the habits of whoever it was.
    void outside()
    {
        window.showPage(MainWindow::Debrief);
        for (const auto& [session, video] : school.values().videos)
            for (const Pilot& pilot : school.pilots())
                for (const Session& s : school.sessions(pilot.id)) {
                    if (s.id != session) continue;
                    station.choosePilot(pilot.id);
                    window.debriefPage()->lookOutside(session);
                }
        window.debriefPage()->showTab(DebriefPage::Habits);
        if (auto* lanes = window.findChild<TimeLanes*>()) {
            lanes->setCursor(12);
            Q_EMIT lanes->cursorMoved(12);
        }
        waitFor([] { return false; }, 600); // the recording is being opened
        picture("debrief-night");
    }
};

} // namespace

void walkTour(MainWindow& window, School& school, Station& station, QSize size,
              const std::function<void(const QString& name, QWidget& shown)>& look)
{
    window.resize(size);
    Tour tour{window, school, station, look, *window.drillsPage()};
    tour.choosePilot(0);
    tour.page(MainWindow::Board, "board");
    tour.week();
    tour.page(MainWindow::Kit, "kit");
    tour.controller();
    tour.setUp();
    window.showPage(MainWindow::Drills);
    tour.choosePilot(1); // with stages that are locked, and one opened by hand
    tour.picture("drills");
    tour.scoreByEye();
    tour.fly("straight-run", 14, "flight");
    tour.fly("hover-window", 16, "");
    tour.picture("result");
    tour.drills.reset();
    tour.debrief();
    tour.progress();
    tour.firstFlight();
    tour.rates();
    tour.judge();
    tour.wayBack();
    applyTheme(*qApp, !theme().night);
    tour.outside();
    applyTheme(*qApp, !theme().night);
    tour.record();
}

int saveTour(MainWindow& window, School& school, Station& station, const QString& folder, QSize size)
{
    if (!QDir().mkpath(folder)) {
        std::fprintf(stderr, "bluehangar: %s: expected a folder for the pictures, and it could not be made\n",
                     qPrintable(folder));
        return 1;
    }
    QApplication::setCursorFlashTime(0); // pictures of two tours are alike
    int failures = 0;
    walkTour(window, school, station, size, [&](const QString& name, QWidget& shown) {
        const QString file = QDir(folder).filePath(name + QStringLiteral(".png"));
        if (shown.grab().save(file)) return;
        std::fprintf(stderr, "bluehangar: %s could not be written\n", qPrintable(file));
        ++failures;
    });
    return failures == 0 ? 0 : 1;
}

} // namespace bh::desk
