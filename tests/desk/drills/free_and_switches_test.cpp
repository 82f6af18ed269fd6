// Free flights that are kept, the controller's own switches, the way back and judging on their pages, practice by hand.
#include "desk/controller/controller_page.h"
#include "desk/debrief/debrief_page.h"
#include "desk/drills/drills_page.h"
#include "desk/progress/practice_dialog.h"
#include "desk/setup/setup_page.h"
#include "desk_fixture.h"
#include "flying.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QTableView>
#include <QTableWidget>
#include <catch2/catch.hpp>

using namespace bh;
using namespace bh::desk;

TEST_CASE("a free flight is kept when it ends, and can be looked at from the logbook", "[desk]")
{
    Flying f;
    f.drills->setPace(4);
    f.drills->flyFreely("pan", Mode::Angle);
    REQUIRE(f.drills->loop());
    REQUIRE(f.desk.waitFor([&] { return f.now().armed; }));
    f.sticks().set(Function::Throttle, 0.5);
    REQUIRE(f.desk.waitFor([&] { return f.now().time_s > 7; }, 20000));
    CHECK(f.desk.find<QPushButton>("arm")->isVisible());
    f.press(Qt::Key_F6); // begins again: the one that was flown is kept
    const auto& kept = f.desk.keptAttempts();
    REQUIRE(kept.size() == 1);
    CHECK(kept[0].free());
    CHECK(kept[0].world == "pan");
    CHECK(kept[0].flown_s > 5);
    CHECK(f.desk.school->judged(kept[0].id).flight);
    f.drills->chooseDrill("lift-settle"); // a second one, too short to be kept
    CHECK(f.desk.keptAttempts().size() == 1);
    QTest::keyClick(&*f.desk.window, Qt::Key_8, Qt::AltModifier);
    f.desk.find<QPushButton>("sectionLog")->click();
    CHECK(f.desk.text("totals").contains("1 flights"));
    CHECK(f.desk.text("totals").contains("0 passed"));
    auto* table = f.desk.find<QTableView>("attempts");
    REQUIRE(table->model()->rowCount() == 1);
    CHECK(table->model()->index(0, 3).data().toString() == QStringLiteral("–"));
    CHECK(table->model()->index(0, 1).data().toString() == "Free: Salt pan");
    CHECK(f.desk.text("attemptDetail").contains("without a task"));
    CHECK_FALSE(f.desk.find<QPushButton>("keepAsDemonstration")->isVisible());
    QTest::mouseClick(f.desk.find<QPushButton>("watchFlight"), Qt::LeftButton);
    CHECK(f.desk.window->debriefPage()->isVisible());
    CHECK(f.desk.text("debriefTitle").startsWith("Free: Salt pan"));
    REQUIRE(f.desk.window->debriefPage()->debrief());
    CHECK(f.desk.window->debriefPage()->debrief()->duration_s > 5);
    CHECK(f.desk.keptAttempts().size() == 1); // what is only watched is not flown
}

TEST_CASE("a curriculum's free block is flown from the ladder and fills", "[desk]")
{
    Flying f;
    REQUIRE(f.desk.school->keep_document(
        Kind::Curriculum, "first-steps",
        R"({"format":"bluehangar.curriculum/1","id":"first-steps","name":"First steps","version":1,"stages":[)"
        R"({"name":"Free","drills":[{"free_flight_min":0.1,"world":"loft"}]},{"name":"Then","drills":["hover-window"]}],)"
        R"("opens_on":"passes"})"));
    auto* ladder = f.desk.find<QListWidget>("ladder");
    REQUIRE(ladder->count() == 2);
    CHECK(ladder->item(0)->text() == "Free flight, 0.1 min, loft");
    ladder->setCurrentRow(0);
    CHECK_FALSE(f.desk.find<QPushButton>("demonstrate")->isEnabled());
    f.drills->setPace(0);
    f.press(Qt::Key_F5);
    REQUIRE(f.desk.waitFor([&] { return f.desk.text("resultHeading") == "The free flight is over"; }, 20000));
    REQUIRE(f.desk.keptAttempts().size() == 1);
    CHECK(f.desk.school->standing(f.desk.station->pilotId()).next_drill == "hover-window");
}

TEST_CASE("switches are learned by moving them, checked with the sticks, and do what the keys do", "[desk][realtime]")
{
    Flying f;
    f.plugIn();
    QTest::keyClick(&*f.desk.window, Qt::Key_3, Qt::AltModifier);
    f.desk.window->controllerPage()->showSection(ControllerPage::Switches);
    CHECK(f.desk.text("switchSaid").startsWith("Nothing is learned yet"));
    const auto tap = [&](int button) {
        f.joystick->press(button, true);
        QTest::qWait(150);
        f.joystick->press(button, false);
        QTest::qWait(100); // no finger is quicker
    };
    for (const auto& [use, button] : {std::pair{"panic", 2}, {"arm", 0}}) {
        QTest::mouseClick(f.desk.find<QPushButton>(QStringLiteral("switchLearn-") + use), Qt::LeftButton);
        QTest::qWait(100);
        tap(button);
        REQUIRE(f.desk.waitFor([&] { return f.desk.text(QStringLiteral("switchWhere-") + use).contains("button"); }, 3000));
    }
    CHECK(f.desk.text("switchWhere-panic") == "button 3, pressed and let go");
    CHECK(f.desk.station->switches().size() == 2);
    CHECK(f.desk.station->controllerState() == Station::Controller::Unverified); // to be checked with the rest
    f.desk.window->controllerPage()->startVerification();
    const StickMode mode = stick_mode(2);
    const std::vector<VerificationCheck> sticks = Verification(2).checks();
    for (const VerificationCheck& check : sticks) {
        Sticks to;
        to.throttle = 0.5;
        const Function up = check.left ? mode.left_up : mode.right_up, across = check.left ? mode.left_across : mode.right_across;
        const bool upright = check.hour == 12 || check.hour == 6;
        const double side = check.hour == 12 || check.hour == 3 ? 1 : -1;
        const Function moved = upright ? up : across;
        (moved == Function::Throttle ? to.throttle
         : moved == Function::Yaw    ? to.yaw
         : moved == Function::Pitch  ? to.pitch
                                     : to.roll) = moved == Function::Throttle ? (side + 1) / 2 : side;
        Sticks middle;
        middle.throttle = 0.5;
        f.hold(middle);
        QTest::qWait(250);
        f.hold(to);
        QTest::qWait(600);
        f.hold(middle);
        QTest::qWait(250);
    }
    REQUIRE(f.desk.waitFor([&] { return f.desk.text("controllerMessage").startsWith("Check 9 of 10: Panic"); }, 3000));
    tap(2);
    REQUIRE(f.desk.waitFor([&] { return f.desk.text("controllerMessage").startsWith("Check 10 of 10: Arm"); }, 3000));
    tap(0);
    REQUIRE(f.desk.waitFor([&] { return f.desk.station->controllerState() == Station::Controller::Ready; }, 3000));

    QTest::keyClick(&*f.desk.window, Qt::Key_6, Qt::AltModifier);
    f.hold({});
    f.drills->flyFreely("pan", Mode::Angle);
    REQUIRE(f.drills->loop());
    REQUIRE(f.desk.waitFor([&] { return f.now().armed; }));
    tap(0);
    REQUIRE(f.desk.waitFor([&] { return !f.now().armed; }));
    f.hold({0, 1, -1, -1}); // down and in: left stick to the right, right stick to the left
    REQUIRE(f.desk.waitFor([&] { return f.now().armed; }, 3000));
    f.hold({0.55, 0, 0, 0});
    REQUIRE(f.desk.waitFor([&] { return f.now().state.height_m() > 1; }, 8000));
    tap(2);
    REQUIRE(f.desk.waitFor([&] { return f.now().panic; }));
    tap(2);
    REQUIRE(f.desk.waitFor([&] { return !f.now().panic; }));
    f.press(Qt::Key_F7); // the keys remain
    CHECK(f.desk.waitFor([&] { return f.now().panic; }));
}

TEST_CASE("the way back is begun and taken on the Set-up page, and the card says the step", "[desk]")
{
    Desk desk;
    const std::string pilot = desk.school->add_pilot({"", "Nell Harker"});
    desk.station->choosePilot(pilot);
    QTest::keyClick(&*desk.window, Qt::Key_4, Qt::AltModifier);
    desk.window->setupPage()->showWayBack();
    CHECK_FALSE(desk.find<QPushButton>("beginWayBack")->isEnabled()); // no set-up yet
    TrainingSetup setup;
    setup.power_share = 0.8;
    REQUIRE(desk.school->keep_setup(pilot, setup));
    desk.find<QDoubleSpinBox>("wayBackTilt")->setValue(35);
    QTest::mouseClick(desk.find<QPushButton>("beginWayBack"), Qt::LeftButton);
    CHECK(desk.text("wayBackHeading").startsWith("Step 1 of"));
    CHECK(desk.text("wayBackHeading").contains("power from 80 % to 90 %"));
    CHECK(desk.text("wayBackWords").startsWith("No flight since the last step yet: 5 of them"));
    const int steps = desk.find<QTableWidget>("wayBackRungs")->rowCount();
    CHECK(steps >= 4);
    QTest::mouseClick(desk.find<QPushButton>("stepForward"), Qt::LeftButton);
    CHECK(desk.school->setup(pilot)->power_share == Approx(0.9));
    CHECK(desk.text("wayBackHeading").startsWith("Step 2 of"));
    QTest::mouseClick(desk.find<QPushButton>("stepBack"), Qt::LeftButton);
    CHECK(desk.school->setup(pilot)->power_share == Approx(0.85));
    CHECK(desk.find<QTableWidget>("wayBackRungs")->item(0, 1)->text().contains("next, from 85 %"));
    desk.school->undo();
    desk.school->undo();
    CHECK(desk.school->setup(pilot)->power_share == Approx(0.8));
    QTest::mouseClick(desk.find<QPushButton>("endWayBack"), Qt::LeftButton);
    CHECK(desk.text("wayBackHeading") == "No way back was begun.");
}

TEST_CASE("practice is entered by hand with a reason, or read from a table with its columns named", "[desk]")
{
    Desk desk;
    const std::string pilot = desk.school->add_pilot({"", "Sami Roake"});
    desk.station->choosePilot(pilot);
    QTest::keyClick(&*desk.window, Qt::Key_8, Qt::AltModifier);
    desk.find<QPushButton>("sectionLog")->click();
    QTest::mouseClick(desk.find<QPushButton>("addPractice"), Qt::LeftButton);
    auto* dialog = desk.find<PracticeDialog>("practiceDialog");
    CHECK_FALSE(desk.find<QPushButton>("handAdd")->isEnabled()); // not without a reason
    auto* simulator = desk.find<QComboBox>("handSimulator");
    simulator->setCurrentIndex(simulator->findText("Mudlark"));
    desk.find<QDoubleSpinBox>("handMinutes")->setValue(45);
    QTest::keyClicks(desk.find<QLineEdit>("handReason"), "flown at home");
    QTest::mouseClick(desk.find<QPushButton>("handAdd"), Qt::LeftButton);
    REQUIRE(desk.school->sessions(pilot).size() == 1);
    CHECK(desk.school->sessions(pilot)[0].simulator == "mudlark");
    CHECK(desk.school->sessions(pilot)[0].by_hand == "flown at home");
    const QString file = desk.folder.filePath("other.csv");
    const auto write = [&](const char* text) {
        QFile out(file);
        REQUIRE(out.open(QIODevice::WriteOnly));
        out.write(text);
    };
    write("begun,seconds,where\n2020-03-04 17:20,1800,Saltwind\n2020-03-05 17:20,900,\n");
    dialog->openTable(file);
    CHECK(desk.find<QTableWidget>("tablePreview")->rowCount() == 2);
    desk.find<QComboBox>("columnStarted")->setCurrentIndex(1);
    desk.find<QComboBox>("columnActive")->setCurrentIndex(2);
    desk.find<QComboBox>("columnUnit")->setCurrentIndex(0);
    QTest::mouseClick(desk.find<QPushButton>("tableAdd"), Qt::LeftButton);
    CHECK(desk.text("practiceSaid") == "2 sessions added.");
    REQUIRE(desk.school->sessions(pilot).size() == 3);
    CHECK(desk.school->sessions(pilot)[0].simulator == "saltwind"); // in time order
    CHECK(desk.school->sessions(pilot)[1].simulator == "mudlark");  // the last one, where no column says it
    CHECK(desk.school->sessions(pilot)[1].by_hand == "read from other.csv");
    dialog->openTable(file);
    desk.find<QComboBox>("columnStarted")->setCurrentIndex(1);
    desk.find<QComboBox>("columnActive")->setCurrentIndex(2);
    desk.find<QComboBox>("columnUnit")->setCurrentIndex(0);
    QTest::mouseClick(desk.find<QPushButton>("tableAdd"), Qt::LeftButton);
    CHECK(desk.text("practiceSaid").contains("2 that begin when another one does were left out"));
    CHECK(desk.school->sessions(pilot).size() == 3);
    dialog->close();
    auto* sessions = desk.find<QTableView>("sessions")->model();
    CHECK(sessions->index(0, 5).data().toString() == "Mudlark, by hand");
}
