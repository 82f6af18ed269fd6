#include "desk/kit/kit_page.h"
#include "desk_fixture.h"
#include "device/other_programs.h"
#include "virtual_joystick.h"

#include <QCheckBox>
#include <QComboBox>
#include <catch2/catch.hpp>
#include <fstream>

using namespace bh;
using namespace bh::desk;

TEST_CASE("kit is ticked off per pilot and kind of station, with dates, and stays after a restart", "[desk][kit]")
{
    Desk desk;
    QTest::keyClick(&*desk.window, Qt::Key_2, Qt::AltModifier);
    CHECK(desk.text("kitSummary").contains("Choose or add a pilot"));
    CHECK_FALSE(desk.find<QCheckBox>("kit-cable")->isEnabled());
    desk.school->add_pilot({"", "Wilf Dunnock"});
    desk.school->add_pilot({"", "Sami Roake"});
    desk.station->choosePilot(desk.school->pilots()[1].id); // Wilf
    QTest::mouseClick(desk.find<QCheckBox>("kit-cable"), Qt::LeftButton, {}, QPoint(8, 8));
    QTest::mouseClick(desk.find<QCheckBox>("kit-battery"), Qt::LeftButton, {}, QPoint(8, 8));
    CHECK(desk.text("kitSummary").startsWith("Wilf Dunnock: 2 of 9 ticked"));
    desk.station->choosePilot(desk.school->pilots()[0].id);
    CHECK(desk.text("kitSummary").startsWith("Sami Roake: 0 of 9 ticked"));
    CHECK_FALSE(desk.find<QCheckBox>("kit-cable")->isChecked());
    desk.find<QComboBox>("kitKind")->setCurrentIndex(1); // goggles
    CHECK(desk.text("kitSummary").contains("0 of 12 ticked"));
    CHECK(desk.waitFor([&] { return desk.find<QCheckBox>("kit-goggle-pack")->isVisible(); }));
    desk.close();
    desk.open();
    desk.station->choosePilot(desk.school->pilots()[1].id);
    CHECK(desk.find<QCheckBox>("kit-cable")->isChecked());
    QTest::keyClick(&*desk.window, Qt::Key_2, Qt::AltModifier);
    auto* cable = desk.find<QCheckBox>("kit-cable");
    cable->setFocus();
    QTest::keyClick(cable, Qt::Key_Space); // and off again, by the keyboard
    CHECK(desk.text("kitSummary").contains("1 of 9 ticked"));
}

TEST_CASE("what must be so at every start is asked again after a session, with the day of the last answer", "[desk][kit]")
{
    Desk desk;
    const std::string pilot = desk.school->add_pilot({"", "Wilf Dunnock"});
    desk.station->choosePilot(pilot);
    QTest::keyClick(&*desk.window, Qt::Key_2, Qt::AltModifier);
    QTest::mouseClick(desk.find<QCheckBox>("kit-battery"), Qt::LeftButton, {}, QPoint(8, 8));
    QTest::mouseClick(desk.find<QCheckBox>("kit-cable"), Qt::LeftButton, {}, QPoint(8, 8));
    CHECK(desk.text("kitSummary").contains("2 of 9 ticked"));
    const std::string session = desk.school->start_session(pilot, "Simulated controller", "simulated");
    QTest::qWait(1100); // times on the record are whole seconds
    REQUIRE(desk.school->end_session(session, 1, 0));
    CHECK_FALSE(desk.find<QCheckBox>("kit-battery")->isChecked());
    CHECK(desk.find<QCheckBox>("kit-cable")->isChecked());
    CHECK(desk.text("kitSummary").contains("1 of 9 ticked"));
    bool told = false;
    for (const QLabel* label : desk.window->findChildren<QLabel*>()) told = told || label->text().startsWith("last ");
    CHECK(told);
    QTest::mouseClick(desk.find<QCheckBox>("kit-battery"), Qt::LeftButton, {}, QPoint(8, 8));
    CHECK(desk.text("kitSummary").contains("2 of 9 ticked"));
    desk.find<QComboBox>("kitKind")->setCurrentIndex(2); // goggles with a phone in them
    CHECK(desk.text("kitSummary").contains("0 of 13 ticked"));
}

TEST_CASE("what can be seen ticks itself", "[desk][kit]")
{
    Desk desk;
    desk.school->add_pilot({"", "Wilf Dunnock"});
    desk.station->choosePilot(desk.school->pilots()[0].id);
    QTest::keyClick(&*desk.window, Qt::Key_2, Qt::AltModifier);
    CHECK(desk.text("kitSeen").contains("No controller is seen"));
    CHECK_FALSE(desk.find<QCheckBox>("kit-joystick")->isChecked());
    VirtualJoystick joystick(4);
    CHECK(desk.waitFor([&] { return desk.find<QCheckBox>("kit-joystick")->isChecked(); }));
    CHECK(desk.text("kitSeen").contains("stand still"));
    CHECK_FALSE(desk.find<QCheckBox>("kit-moves")->isChecked());
    for (int i = 0; i < 60; ++i) joystick.set(1, i % 2 ? 20000 : -20000), QTest::qWait(10);
    CHECK(desk.waitFor([&] { return desk.find<QCheckBox>("kit-moves")->isChecked(); }));
    CHECK(desk.text("kitSeen").contains("move"));
    CHECK(desk.station->sampleInterval_ms() > 5);
    CHECK(desk.station->sampleInterval_ms() < 40);
}

TEST_CASE("the fault finder leads from a question to what to do, and answers what it sees", "[desk][kit]")
{
    Desk desk;
    desk.school->add_pilot({"", "Wilf Dunnock"});
    desk.station->choosePilot(desk.school->pilots()[0].id);
    QTest::keyClick(&*desk.window, Qt::Key_2, Qt::AltModifier);
    auto* yes = desk.find<QPushButton>("faultYes");
    auto* no = desk.find<QPushButton>("faultNo");
    CHECK_FALSE(yes->isVisible());
    QTest::mouseClick(desk.find<QPushButton>("findFault"), Qt::LeftButton);
    CHECK(desk.text("faultQuestion").contains("switched on")); // "is it listed" was seen here
    QTest::mouseClick(yes, Qt::LeftButton);
    CHECK(desk.text("faultQuestion").contains("same cable"));
    QTest::mouseClick(no, Qt::LeftButton);
    CHECK(desk.text("faultQuestion").contains("only charges"));
    CHECK_FALSE(yes->isVisible());
    QTest::mouseClick(desk.find<QPushButton>("faultBack"), Qt::LeftButton);
    CHECK(desk.text("faultQuestion").contains("same cable"));
    CHECK(yes->isVisible());
    yes->setFocus();
    QTest::keyClick(yes, Qt::Key_Space);
    CHECK(desk.text("faultQuestion").contains("joystick, simulator or USB"));
    QTest::mouseClick(desk.find<QPushButton>("findFault"), Qt::LeftButton); // from the start
    CHECK(desk.text("faultQuestion").contains("switched on"));
}

TEST_CASE("a program that holds a joystick is found among the open files", "[desk][kit]")
{
    const QTemporaryDir proc;
    const std::filesystem::path root = proc.path().toStdString();
    CHECK_FALSE(program_holding_a_joystick(root));
    for (const char* pid : {"100", "200", "self"}) std::filesystem::create_directories(root / pid / "fd");
    std::filesystem::create_symlink("/dev/null", root / "100" / "fd" / "0");
    std::filesystem::create_symlink("/dev/input/js0", root / "self" / "fd" / "5"); // no process number
    std::ofstream(root / "200" / "comm") << "othersim\n";
    CHECK_FALSE(program_holding_a_joystick(root));
    std::filesystem::create_symlink("/dev/input/js0", root / "200" / "fd" / "7");
    CHECK(program_holding_a_joystick(root) == "othersim");
    CHECK_FALSE(program_holding_a_joystick("/nowhere"));
}
