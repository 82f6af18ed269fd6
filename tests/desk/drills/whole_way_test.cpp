// The main job, clicked and typed from end to end, as the program itself says: begin the school, add a pilot, tick the kit,
// calibrate the controller, set the aircraft up, fly a drill, see it scored, and find it on the pilot's record after a restart.
// With BH_STEPS in the environment each step is written down with its time (docs/first-start.md).
#include "core/standin/stand_in_controller.h"
#include "core/standin/stand_in_pilot.h"
#include "desk/controller/controller_page.h"
#include "desk/drills/drills_page.h"
#include "desk/kit/kit_page.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/speech/voice.h"
#include "desk/shell/start/first_start.h"
#include "desk_fixture.h"
#include "school/lock.h"
#include "virtual_joystick.h"

#include <QCheckBox>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QSignalSpy>
#include <QTableView>
#include <catch2/catch.hpp>
#include <cmath>
#include <cstdio>

using namespace bh;
using namespace bh::desk;

namespace {

/// The truth of the controller in the pilot's hands: axes 1, 0, 4, 3, throttle and pitch the wrong way round.
Calibration truth()
{
    Calibration c = SimulatedController::factory_calibration();
    const int axes[] = {1, 0, 4, 3};
    const bool inverted[] = {true, false, true, false};
    for (std::size_t f = 0; f < 4; ++f) {
        c.functions[f].axis = axes[f];
        c.functions[f].inverted = inverted[f];
        c.functions[f].low_counts = inverted[f] ? 30000 : -30000;
        c.functions[f].centre_counts = 0;
        c.functions[f].high_counts = inverted[f] ? -30000 : 30000;
    }
    return c;
}

/// Hands that move the virtual controller's sticks.
struct Hands {
    VirtualJoystick& joystick;
    Sticks at;
    void put(Sticks to, int ms)
    {
        const Sticks from = at;
        for (int step = 1; step <= ms / 10; ++step) {
            const double share = step * 10.0 / ms;
            at = {from.throttle + share * (to.throttle - from.throttle), from.yaw + share * (to.yaw - from.yaw),
                  from.pitch + share * (to.pitch - from.pitch), from.roll + share * (to.roll - from.roll)};
            joystick.set(to_counts(truth(), at, 6));
            QTest::qWait(10);
        }
    }
};

/// What was done so far, and when.
class Steps {
public:
    Steps() { timer_.start(); }
    void done(const char* what)
    {
        if (!qEnvironmentVariableIsEmpty("BH_STEPS"))
            std::fprintf(stderr, "step %2d, after %5.1f s: %s\n", ++count_, static_cast<double>(timer_.elapsed()) / 1000, what);
    }

private:
    QElapsedTimer timer_;
    int count_ = 0;
};

/// Follows what is spoken, without a computer that speaks.
struct Listener {
    QByteArray path = qgetenv("PATH");
    QSignalSpy said;
    explicit Listener(const Desk& desk) : said(desk.window->findChild<Voice*>(), &Voice::said)
    {
        qputenv("PATH", "/nowhere"); // no command to speak with is found there
        preferences().setSpeaks(true);
    }
    ~Listener()
    {
        preferences().setSpeaks(false);
        qputenv("PATH", path);
    }
    [[nodiscard]] QStringList words() const
    {
        QStringList all;
        for (const auto& each : said) all << each.value(0).toString();
        return all;
    }
};

/// The button of the guide's next step, which has to be this one.
void follow(const Desk& desk, const char* step, const QString& words)
{
    desk.window->showPage(MainWindow::Board);
    CAPTURE(words.toStdString(), desk.text("boardSummary").toStdString());
    CHECK(desk.text("boardSummary").endsWith("Now: " + words + "."));
    CHECK(desk.text(QLatin1String(step)) == words);
    QTest::mouseClick(desk.find<QPushButton>(QLatin1String(step)), Qt::LeftButton);
    QTest::qWait(20);
}

} // namespace

TEST_CASE("from a plugged-in controller to a scored drill on the pilot's record", "[desk]")
{
    Steps steps;
    FirstStart start{DataFolder(BH_DATA)};
    start.show();
    QTest::keyClicks(start.findChild<QLineEdit*>("firstName"), "Sallow Quay");
    QTest::keyClick(&start, Qt::Key_Return);
    REQUIRE(start.result() == QDialog::Accepted);
    Desk desk;
    REQUIRE(start.keepOn(*desk.school, desk.window->lock()));
    steps.done("three questions answered: a name typed, Enter");
    follow(desk, "begin-1", "Add the first pilot");
    QTest::keyClicks(desk.find<QLineEdit>("newPilotName"), "Petra Lowmoor");
    QTest::mouseClick(desk.find<QPushButton>("addPilot"), Qt::LeftButton);
    REQUIRE(desk.school->pilots().size() == 1);
    steps.done("\"Add the first pilot\": a name typed, \"Add\"");
    follow(desk, "begin-2", "Look through the kit");
    for (QCheckBox* tick : desk.find<KitPage>("pageKit")->findChildren<QCheckBox*>())
        if (!tick->isChecked()) tick->click();
    steps.done("\"Look through the kit\": each line ticked");

    // Plugged in: taken into use by itself, and not flown uncalibrated.
    VirtualJoystick joystick;
    joystick.set(to_counts(truth(), {}, 6));
    REQUIRE(desk.waitFor([&] { return desk.station->device().instance == joystick.instance(); }));
    CHECK(desk.text("statusController").contains("not calibrated"));
    QTest::keyClick(&*desk.window, Qt::Key_6, Qt::AltModifier);
    CHECK_FALSE(desk.find<QPushButton>("start")->isEnabled());

    // Calibration by the checklist.
    follow(desk, "begin-3", "Make the controller ready");
    Hands hands{joystick, {}};
    QTest::mouseClick(desk.find<QPushButton>("startCalibration"), Qt::LeftButton);
    REQUIRE(desk.waitFor([&] { return desk.text("controllerMessage").startsWith("2 of 10"); }));
    const auto step = [&](Sticks to, bool let_go) {
        const QString before = desk.text("controllerMessage");
        hands.put(to, 250);
        if (let_go) {
            QTest::qWait(250);
            hands.put({hands.at.throttle, 0, 0, 0}, 200);
        }
        REQUIRE(desk.waitFor([&] { return desk.text("controllerMessage") != before; }));
    };
    step({1, 0, 0, 0}, false);
    step({0, 0, 0, 0}, false);
    for (const Sticks& push : {Sticks{0, 1, 0, 0}, {0, -1, 0, 0}, {0, 0, 1, 0}, {0, 0, -1, 0}, {0, 0, 0, 1}, {0, 0, 0, -1}})
        step(push, true);
    for (double angle = 0; angle < 6.3; angle += 0.3) hands.put({0, 0, std::cos(angle), std::sin(angle)}, 20);
    hands.put({}, 200);
    REQUIRE(desk.waitFor([&] { return desk.station->input().calibrated(); }));
    steps.done("\"Make the controller ready\", \"Calibrate\": ten prompts followed with the sticks");
    // It counts only once it has been checked on the sticks, which begins by itself.
    CHECK(desk.station->controllerState() == Station::Controller::Unverified);
    CHECK_FALSE(desk.find<QPushButton>("start")->isEnabled());
    const auto check = [&](const char* words, Sticks to, bool let_go) {
        REQUIRE(desk.waitFor([&] { return desk.text("controllerMessage").contains(words); }));
        QTest::qWait(100);
        hands.put(to, 250);
        QTest::qWait(450);
        if (let_go) hands.put({hands.at.throttle, 0, 0, 0}, 200);
    };
    check("left stick to 12", {1, 0, 0, 0}, false);
    check("left stick to 6", {0, 0, 0, 0}, false);
    check("left stick to 3", {0, 1, 0, 0}, true);
    check("left stick to 9", {0, -1, 0, 0}, true);
    check("right stick to 12", {0, 0, 1, 0}, true);
    check("right stick to 6", {0, 0, -1, 0}, true);
    check("right stick to 3", {0, 0, 0, 1}, true);
    check("right stick to 9", {0, 0, 0, -1}, true);
    REQUIRE(desk.waitFor([&] { return desk.station->controllerState() == Station::Controller::Ready; }));
    CHECK(desk.text("controllerMessage").startsWith("Calibrated on"));
    const auto kept = desk.school->calibration(desk.station->device().name, desk.station->device().guid);
    REQUIRE(kept);
    for (std::size_t f = 0; f < 4; ++f) {
        CHECK(kept->calibration.functions[f].axis == truth().functions[f].axis);
        CHECK(kept->calibration.functions[f].inverted == truth().functions[f].inverted);
    }

    steps.done("checked by eight more prompts, which begin by themselves");
    follow(desk, "begin-4", "Set the aircraft up");
    QTest::keyClicks(desk.find<QLineEdit>("newAircraft"), "Curlew");
    QTest::keyClick(desk.find<QLineEdit>("newAircraft"), Qt::Key_Return);
    REQUIRE(desk.school->setup(desk.station->pilotId()));
    steps.done("\"Set the aircraft up\": the real aircraft's name typed, Enter");

    // The rates can wait; until then the page of the drills says once what that costs.
    CHECK(desk.find<QPushButton>("begin-5")->text() == "Match the rates");
    desk.find<QPushButton>("beginLater")->click();
    steps.done("\"Later\" beside the rates, which can be matched another day");

    // The drill, flown with the sticks of that controller in real time.
    follow(desk, "begin-6", "Fly the first drill");
    REQUIRE(desk.window->drillsPage()->isVisible());
    DrillsPage* drills = desk.window->drillsPage();
    REQUIRE(desk.find<QPushButton>("start")->isEnabled());
    const Listener listener(desk);
    QTest::keyClick(&*desk.window, Qt::Key_F5);
    REQUIRE(drills->loop());
    const Drill flown = drills->loop()->drill();
    StandInPilot pilot(drills->loop()->drill(), drills->loop()->setup(), 0.95, 12);
    double last_s = -1;
    REQUIRE(desk.waitFor(
        [&] {
            const FlightSnapshot now = drills->loop()->snapshot();
            // The pilot decides once every 10 ms of flight, from what the view shows.
            while (now.armed && (last_s < 0 || now.time_s - last_s >= 0.01)) {
                last_s = last_s < 0 ? now.time_s : last_s + 0.01;
                FlightSample seen;
                seen.t_s = last_s;
                seen.north_m = now.state.position_m.x();
                seen.east_m = now.state.position_m.y();
                seen.height_m = now.state.height_m();
                seen.vn_mps = now.state.velocity_mps.x();
                seen.ve_mps = now.state.velocity_mps.y();
                seen.climb_mps = -now.state.velocity_mps.z();
                const Quat q = now.state.attitude;
                seen.qw = q.w(), seen.qx = q.x(), seen.qy = q.y(), seen.qz = q.z();
                seen.mode = now.mode;
                seen.armed = true;
                joystick.set(to_counts(truth(), pilot.fly(seen, now.phase), 6));
            }
            return desk.text("resultHeading").contains("of 100");
        },
        90000));
    CHECK(desk.text("resultHeading").startsWith("Passed"));
    steps.done("\"Fly the first drill\", \"Start\": flown and scored");
    // By ear: every part of the drill once and in its order, and at its end the marks.
    const QStringList heard = listener.words();
    int after = -1;
    for (const Phase& phase : flown.phases) {
        const QString task = QString::fromStdString(phase.instruction);
        CAPTURE(task.toStdString(), heard.join(" | ").toStdString());
        CHECK(heard.count(task) == 1);
        CHECK(heard.indexOf(task) > after);
        after = static_cast<int>(heard.indexOf(task));
    }
    CHECK(heard.last().startsWith(desk.text("resultHeading") + ". "));
    CHECK(heard.last().startsWith("Passed: "));
    CHECK(desk.text("resultSentence").startsWith("Passed"));
    const auto attempts = desk.keptAttempts();
    REQUIRE(attempts.size() == 1);

    // Restart: everything is there.
    desk.close();
    desk.open();
    QTest::keyClick(&*desk.window, Qt::Key_8, Qt::AltModifier);
    desk.find<QPushButton>("sectionLog")->click();
    REQUIRE(desk.find<QTableView>("attempts")->model()->rowCount() == 1);
    CHECK(desk.find<QTableView>("attempts")->model()->index(0, 1).data().toString() == "Lift and settle");
    CHECK(desk.text("totals").startsWith("Shown: 1 sessions"));
    CHECK(desk.text("totals").contains("1 passed"));
    const auto sessions = desk.school->sessions(desk.station->pilotId());
    REQUIRE(sessions.size() == 1);
    CHECK(sessions[0].ended_at > 0);
    CHECK(sessions[0].active_s >= attempts[0].flown_s - 1);
    REQUIRE(desk.waitFor([&] { return desk.station->device().instance == joystick.instance(); }));
    CHECK(desk.station->input().calibrated()); // the calibration is found again

    // Unplugged while in use: said at once, no harm.
    joystick.unplug();
    CHECK(desk.waitFor([&] { return desk.text("statusController").contains("unplugged"); }));
    CHECK_FALSE(desk.find<QPushButton>("start")->isEnabled());
}
