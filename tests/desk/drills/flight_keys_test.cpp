// The flight's keys, the result panel, and what happens when the controller goes away in mid-air.
#include "desk/drills/drills_page.h"
#include "desk/parts/flight/flight_view.h"
#include "desk/parts/forms/criteria_panel.h"
#include "desk_fixture.h"
#include "flying.h"
#include "virtual_joystick.h"

#include <QComboBox>
#include <QElapsedTimer>
#include <QLabel>
#include <QListWidget>
#include <QUndoStack>
#include <catch2/catch.hpp>

using namespace bh;
using namespace bh::desk;

TEST_CASE("the pilot's curriculum is chosen beside the ladder, fills it, is kept, and can be undone", "[desk]")
{
    Flying f;
    auto* ladder = f.desk.find<QListWidget>("ladder");
    auto* choice = f.desk.find<QComboBox>("curriculum");
    CHECK(choice->currentText() == "First steps");
    CHECK(ladder->count() == 3);
    const int row = choice->findText("Manual first");
    REQUIRE(row >= 0);
    choice->setCurrentIndex(row);
    Q_EMIT choice->activated(row);
    CHECK(f.desk.school->pilots()[0].curriculum == "manual-first");
    // What the curriculum's own file says, whatever its length.
    const Curriculum& manual_first = f.desk.school->curriculum(f.desk.station->pilotId());
    size_t entries = 0;
    for (const auto& stage : manual_first.stages) entries += stage.drills.size();
    CHECK(static_cast<size_t>(ladder->count()) == entries);
    CHECK(f.desk.school->standing(f.desk.station->pilotId()).stages.size() == manual_first.stages.size());
    REQUIRE(ladder->currentItem());
    CHECK(ladder->item(0)->text() == "Safe hands");
    // A drill with a way of its own is demonstrated.
    for (int i = 0; i < ladder->count(); ++i)
        if (ladder->item(i)->text() == "Ovals, both ways") ladder->setCurrentRow(i);
    f.drills->demonstrate();
    REQUIRE(f.drills->loop());
    f.drills->setPace(0);
    REQUIRE(f.desk.waitFor([&] { return f.desk.text("resultHeading").contains("of 100"); }, 60000));
    CHECK(f.desk.text("resultHeading").startsWith("Passed"));
    f.press(Qt::Key_F6);
    f.desk.school->undo();
    CHECK(choice->currentText() == "First steps");
    CHECK(ladder->count() == 3);
}

TEST_CASE("a demonstration is shown slowed, with the next second of its sticks", "[desk]")
{
    Flying f;
    auto* speed = f.desk.find<QComboBox>("demonstrationSpeed");
    REQUIRE(speed->count() == 3);
    speed->setCurrentIndex(2); // a quarter
    f.drills->demonstrate();
    REQUIRE(f.drills->loop());
    REQUIRE(f.desk.waitFor([&] { return f.now().time_s > 0.3; }, 8000));
    const double from_s = f.now().time_s;
    QElapsedTimer clock;
    clock.start();
    QTest::qWait(1200);
    const double pace = (f.now().time_s - from_s) / (static_cast<double>(clock.elapsed()) / 1000);
    CHECK(pace > 0.15);
    CHECK(pace < 0.3);
    // What is told to come is what comes.
    const FlightSnapshot told = f.now();
    REQUIRE(told.sticks_ahead.size() >= 25); // 25 a second
    f.drills->setPace(4);
    REQUIRE(f.desk.waitFor([&] { return f.now().time_s >= told.time_s + 0.9; }, 8000));
    f.press(Qt::Key_F8);
    QTest::qWait(60);
    const FlightSnapshot then = f.now();
    const auto row = static_cast<std::size_t>((then.time_s - told.time_s) / 0.04);
    REQUIRE(row >= 20);
    if (row < told.sticks_ahead.size()) CHECK(then.sticks.throttle == Approx(told.sticks_ahead[row].throttle).margin(0.06));
    speed->setCurrentIndex(0);
}

TEST_CASE("F8 holds the flight and goes on, F6 goes back to the start without keeping anything", "[desk]")
{
    Flying f;
    f.takeOff();
    CHECK_FALSE(f.desk.find<QPushButton>("start")->isEnabled());
    CHECK_FALSE(f.desk.find<QListWidget>("ladder")->isEnabled()); // no other drill in mid-flight
    f.press(Qt::Key_F8);
    double held_s = -1; // the flight has a thread of its own, which hears of it in its own time
    REQUIRE(f.desk.waitFor([&] {
        held_s = f.now().time_s;
        QTest::qWait(200);
        return f.now().time_s == held_s;
    }));
    QTest::qWait(200);
    CHECK(f.now().time_s == held_s);
    f.press(Qt::Key_F8);
    CHECK(f.desk.waitFor([&] { return f.now().time_s > held_s + 0.1; }));
    f.sticks().set(Function::Throttle, 0.6);
    f.press(Qt::Key_F6);
    REQUIRE(f.drills->loop());
    CHECK(f.now().time_s < 0.1);
    CHECK(f.now().waiting_for_throttle); // flown again, and the throttle is not at the bottom yet
    CHECK(f.desk.keptAttempts().empty());
}

TEST_CASE("the motors do not start with the throttle up", "[desk]")
{
    Flying f;
    f.sticks().set(Function::Throttle, 0.4);
    f.press(Qt::Key_F5);
    QTest::qWait(600);
    CHECK(f.now().waiting_for_throttle);
    CHECK_FALSE(f.now().armed);
    f.sticks().set(Function::Throttle, 0);
    CHECK(f.desk.waitFor([&] { return f.now().armed; }));
}

TEST_CASE("F7 stops and hovers; the drill is over, not passed, and says why", "[desk]")
{
    Flying f;
    f.takeOff();
    f.press(Qt::Key_F7);
    REQUIRE(f.desk.waitFor([&] { return f.desk.text("resultHeading").startsWith("Not passed"); }));
    CHECK(f.desk.text("resultSentence").contains("panic switch"));
    const auto attempts = f.desk.keptAttempts();
    REQUIRE(attempts.size() == 1);
    CHECK_FALSE(attempts[0].passed);
    // The panel shows every criterion of the drill against its limits.
    const auto& shown = f.desk.window->findChild<CriteriaPanel*>()->criteria();
    const Drill* drill = f.desk.school->drill("lift-settle");
    REQUIRE(shown.size() == drill->criteria.size());
    for (std::size_t i = 0; i < shown.size(); ++i) {
        CHECK(shown[i].label == drill->criteria[i].label);
        CHECK(shown[i].pass == drill->criteria[i].pass);
    }
    CHECK(f.desk.find<QPushButton>("start")->isEnabled());
}

TEST_CASE("a crash is kept as flown, with what failed and what to do", "[desk]")
{
    Flying f;
    f.takeOff();
    REQUIRE(f.desk.waitFor([&] { return f.now().state.height_m() > 4; }));
    f.sticks().set(Function::Throttle, 0);
    REQUIRE(f.desk.waitFor([&] { return f.desk.text("resultHeading").startsWith("Not passed"); }, 15000));
    CHECK(f.desk.text("resultSentence").startsWith("Crashed during"));
    CHECK(f.desk.keptAttempts().size() == 1);
    f.press(Qt::Key_4); // a plain figure does nothing
    QTest::keyClick(&*f.desk.window, Qt::Key_8, Qt::AltModifier);
    f.desk.find<QPushButton>("sectionLog")->click();
    CHECK(f.desk.text("totals").contains("1 flights"));
    CHECK(f.desk.text("totals").contains("0 passed"));
}

TEST_CASE("leaving the page holds the flight; a demonstration is watched and not kept", "[desk]")
{
    Flying f;
    f.takeOff();
    QTest::keyClick(&*f.desk.window, Qt::Key_1, Qt::AltModifier);
    CHECK(f.drills->loop()->paused());
    QTest::keyClick(&*f.desk.window, Qt::Key_6, Qt::AltModifier);
    f.press(Qt::Key_F5); // F5 goes on as F8 does
    CHECK_FALSE(f.drills->loop()->paused());
    f.press(Qt::Key_F6);
    f.desk.window->drillsPage()->reset();

    Desk other;
    DrillsPage* drills = other.window->drillsPage();
    QTest::keyClick(&*other.window, Qt::Key_6, Qt::AltModifier);
    CHECK_FALSE(other.find<QPushButton>("start")->isEnabled()); // nobody to fly for
    QTest::mouseClick(other.find<QPushButton>("demonstrate"), Qt::LeftButton);
    REQUIRE(drills->loop());
    drills->setPace(0);
    CHECK(other.waitFor([&] { return other.text("resultHeading").startsWith("Passed"); }, 30000));
    CHECK(other.school->attempts("").empty());
}

TEST_CASE("unplugged in mid-air the flight is held, and goes on when the controller is back", "[desk]")
{
    Flying f;
    Calibration as_it_comes = SimulatedController::factory_calibration();
    for (FunctionCalibration& c : as_it_comes.functions) c.low_counts = -32000, c.centre_counts = 0, c.high_counts = 32000;
    auto joystick = std::make_unique<VirtualJoystick>(4);
    const auto hold = [&](Sticks sticks) { joystick->set(to_counts(as_it_comes, sticks, 4)); };
    hold({});
    REQUIRE(f.desk.waitFor([&] { return f.desk.station->device().instance == joystick->instance(); }));
    REQUIRE(f.desk.station->keepCalibration(as_it_comes));
    CHECK_FALSE(f.desk.find<QPushButton>("start")->isEnabled()); // not before it is verified
    REQUIRE(f.desk.station->verifyCalibration());
    f.press(Qt::Key_F5);
    REQUIRE(f.drills->loop());
    REQUIRE(f.desk.waitFor([&] { return f.now().armed; }));
    hold({0.5, 0, 0, 0});
    REQUIRE(f.desk.waitFor([&] { return f.now().state.height_m() > 1; }));

    joystick->unplug();
    REQUIRE(f.desk.waitFor([&] { return f.now().no_controller; }));
    CHECK(f.now().paused);
    CHECK(f.now().state.height_m() > 1);
    const double held_s = f.now().time_s;
    f.press(Qt::Key_F8); // nothing to fly with: it stays held
    QTest::qWait(200);
    CHECK(f.now().time_s == held_s);
    CHECK(f.desk.station->practising());

    joystick = std::make_unique<VirtualJoystick>(4);
    hold({0.4, 0, 0, 0});
    REQUIRE(f.desk.waitFor([&] { return !f.now().no_controller; }));
    CHECK(f.desk.station->practising()); // the same practice goes on
    CHECK(f.now().time_s == held_s);
    f.press(Qt::Key_F8);
    CHECK(f.desk.waitFor([&] { return f.now().time_s > held_s + 0.1; }));
    CHECK_FALSE(f.now().crashed);
}

TEST_CASE("a stage says in which mode its drills are begun, and a drill from where it is looked at", "[desk]")
{
    Flying f;
    auto* mode = f.desk.find<QComboBox>("flightMode");
    f.follow("manual-first", "arm-safe");
    CHECK(mode->currentText() == "angle mode"); // the drill's own first one
    f.follow("steady-first", "arm-safe");
    CHECK(mode->currentText() == "hold mode"); // steady first begins in position hold
    for (const char* drill : {"lift-settle", "turn-spot", "corner-box", "nose-in"}) {
        CAPTURE(drill);
        f.drills->chooseDrill(drill);
        CHECK(mode->currentText() == "hold mode");
    }
    f.drills->chooseDrill("quick-box");
    CHECK(mode->currentText() == "sport mode"); // which knows no other
    // Nose towards the pilot, who looks on from the ground: no key leads away from there.
    REQUIRE(f.desk.school->open_stage(f.desk.station->pilotId(), "Nose in", true, "For this test"));
    f.drills->chooseDrill("nose-in");
    f.sticks().set(Function::Throttle, 0);
    f.press(Qt::Key_F5);
    REQUIRE(f.drills->loop());
    auto* view = f.desk.window->findChild<FlightView*>();
    CHECK(view->eye() == FlightEye::Pilot);
    f.press(Qt::Key_F9);
    CHECK(view->eye() == FlightEye::Pilot);
}

TEST_CASE("that hours will not count as matched is said before they are flown, and once", "[desk]")
{
    Flying f;
    f.follow("first-steps", "lift-settle");
    CHECK(f.desk.text("ratesNote").startsWith("Hours flown now count as practice, not as hours on matched rates"));
    CHECK(f.desk.find<QLabel>("ratesNote")->isVisible());
    f.takeOff();
    f.press(Qt::Key_F6);
    f.drills->chooseDrill("hover-window");
    CHECK_FALSE(f.desk.find<QLabel>("ratesNote")->isVisible());
}
