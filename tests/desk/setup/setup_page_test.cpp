// The Set-up page, from a new real aircraft to a free flight with what was set.
#include "desk/controller/sheet_panel.h"
#include "desk/drills/drills_page.h"
#include "desk/parts/flight/flight_view.h"
#include "desk/parts/look/theme.h"
#include "desk/setup/candidate_list.h"
#include "desk/setup/setup_page.h"
#include "desk/setup/tilt_view.h"
#include "desk/words/attempt_words.h"
#include "desk_fixture.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QSlider>
#include <QTableWidget>
#include <QUndoStack>
#include <algorithm>
#include <catch2/catch.hpp>

using namespace bh;
using namespace bh::desk;

namespace {

struct Setting {
    Desk desk;
    explicit Setting(bool pilot = true)
    {
        if (pilot) {
            desk.school->add_pilot({"", "Nell Harker"});
            desk.station->choosePilot(desk.school->pilots()[0].id);
        }
        QTest::keyClick(&*desk.window, Qt::Key_4, Qt::AltModifier);
        REQUIRE(desk.window->setupPage()->isVisible());
    }
    [[nodiscard]] TrainingSetup kept() const { return desk.school->setup(desk.station->pilotId()).value_or(TrainingSetup{}); }
    void type(const char* box, double value)
    {
        auto* spin = desk.find<QDoubleSpinBox>(box);
        spin->setFocus();
        spin->selectAll();
        QTest::keyClicks(spin, QString::number(value));
        QTest::keyClick(spin, Qt::Key_Return);
    }
    [[nodiscard]] QString figure(int row, int column) const
    {
        return desk.find<QTableWidget>("figures")->item(row, column)->text();
    }
    void addReal(const char* name)
    {
        auto* field = desk.find<QLineEdit>("newAircraft");
        QTest::keyClicks(field, name);
        QTest::keyClick(field, Qt::Key_Return);
    }
    void pick(int row)
    {
        auto* list = desk.find<QListWidget>("candidates");
        QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(list->item(row)).center());
    }
};

} // namespace

TEST_CASE("a real aircraft is described, the simulated ones are ranked beside it, and the nearest is taken", "[desk][setup]")
{
    Setting s;
    CHECK(s.desk.text("setupState").contains("has no set-up yet"));
    s.addReal("Curlew");
    CHECK(s.desk.find<QComboBox>("realAircraft")->currentText() == "Curlew");
    CHECK(s.kept().real_aircraft == "real-curlew");
    s.type("realMass", 1050);
    s.type("realThrust", 4.2);
    s.type("realHover", 38);
    auto* list = s.desk.find<QListWidget>("candidates");
    REQUIRE(list->count() == 6);
    CHECK(list->item(0)->text().contains("heavy camera"));
    CHECK(list->item(1)->data(Qt::AccessibleTextRole).toString().contains("against 1050 g"));
    s.pick(0);
    REQUIRE(s.desk.waitFor([&] { return s.kept().simulated_aircraft == "five-camera"; }));
    REQUIRE(s.desk.school->real_aircraft("real-curlew"));
    const Airframe real = *s.desk.school->real_aircraft("real-curlew");
    CHECK(real.mass_kg == Approx(1.05));
    CHECK(hover_throttle(real) == Approx(0.38).margin(0.005)); // the thrust curve was fitted to it
    // One edit of the aircraft taken back.
    const std::size_t undone = s.desk.school->edits_standing();
    CHECK(undone >= 4);
    s.desk.school->undo();
    CHECK(s.kept().simulated_aircraft == "five-inch");

    s.desk.close();
    s.desk.open();
    s.desk.station->choosePilot(s.desk.school->pilots()[0].id);
    QTest::keyClick(&*s.desk.window, Qt::Key_4, Qt::AltModifier);
    CHECK(s.desk.find<QComboBox>("realAircraft")->currentText() == "Curlew");
    CHECK(s.desk.find<QDoubleSpinBox>("realMass")->value() == 1050);
}

TEST_CASE("the camera is dragged, speed and throttle follow, and one drag is one edit", "[desk][setup]")
{
    Setting s;
    auto* view = s.desk.find<TiltView>("tiltView");
    CHECK(s.figure(0, 2) == "16.4 m/s"); // 25°, the plain aircraft, as in the core's own test
    const std::size_t edits = s.desk.school->edits_standing();
    const QPoint nose(static_cast<int>(0.46 * view->width()) + 80,
                      static_cast<int>(0.5 * view->height()) + 37); // 25° below level
    QTest::mousePress(view, Qt::LeftButton, {}, nose);
    for (const int down : {10, 20, 30}) QTest::mouseMove(view, nose + QPoint(0, down));
    QTest::mouseRelease(view, Qt::LeftButton, {}, nose + QPoint(0, 30));
    const double dragged = view->tilt_deg();
    CHECK(dragged == Approx(degrees(std::atan2(67.0, 80.0))).margin(2));
    CHECK(s.desk.find<QDoubleSpinBox>("cameraTilt")->value() == dragged);
    CHECK(s.desk.find<QTableWidget>("figures")->item(0, 2)->text().toDouble() == 0); // "… m/s"
    CHECK(s.figure(0, 2).split(' ')[0].toDouble() > 20);
    REQUIRE(s.desk.waitFor([&] { return s.kept().camera_tilt_deg == dragged; }));
    CHECK(s.desk.school->edits_standing() == edits + 1);
    QTest::keyClick(view, Qt::Key_Down);
    CHECK(view->tilt_deg() == dragged - 1);
    QTest::keyClick(view, Qt::Key_PageUp);
    CHECK(view->tilt_deg() == dragged + 4);
    for (int i = 0; i < 20; ++i) QTest::keyClick(view, Qt::Key_PageUp);
    CHECK(view->tilt_deg() == setup_limits::tilt_high_deg);
    CHECK(view->inWords().contains("throttle"));
}

TEST_CASE("full stick is set in every family of rates; a measured table says why it is not", "[desk][setup]")
{
    Setting s;
    for (const RateCurve& curve :
         {RateCurve{CentreMaxCurve{150, 350, 0.2}}, RateCurve{LinearExpoCurve{350, 0.3}}, RateCurve{GainEdgeCurve{1.2, 0.6, 0.1}},
          RateCurve{GainCurveCurve{1, 0.7, 0.2}}, RateCurve{PercentEndCurve{300, 120, 20}}}) {
        CAPTURE(family_key(curve));
        TrainingSetup setup = s.kept();
        setup.rates.roll = setup.rates.pitch = curve;
        REQUIRE(s.desk.school->keep_setup(s.desk.station->pilotId(), setup));
        REQUIRE(s.desk.find<QDoubleSpinBox>("rollRate")->isEnabled());
        s.type("rollRate", 420);
        REQUIRE(s.desk.waitFor([&] { return rate_dps(s.kept().rates.roll, 1) > 415 && rate_dps(s.kept().rates.roll, 1) < 425; }));
        CHECK(std::string(family_key(s.kept().rates.roll)) == family_key(curve));
        CHECK(s.kept().rates.roll == s.kept().rates.pitch);
        CHECK(s.desk.find<QDoubleSpinBox>("rollRate")->value() == Approx(420).margin(5));
    }
    TrainingSetup setup = s.kept();
    setup.rates.roll = setup.rates.pitch = TableCurve{{0.5, 1}, {60, 200}};
    REQUIRE(s.desk.school->keep_setup(s.desk.station->pilotId(), setup));
    CHECK_FALSE(s.desk.find<QDoubleSpinBox>("rollRate")->isEnabled());
    CHECK(s.desk.find<QDoubleSpinBox>("rollRate")->toolTip().contains("measured points"));
    CHECK(s.desk.find<QDoubleSpinBox>("yawRate")->isEnabled());
}

TEST_CASE("detuning shows before and after, and takes a warning away", "[desk][setup]")
{
    Setting s;
    auto* list = s.desk.find<QListWidget>("candidates");
    for (int row = 0; row < list->count(); ++row)
        if (list->item(row)->text().contains("freestyle")) s.pick(row);
    s.type("cameraTilt", 15);
    CHECK(s.desk.text("setupWarnings").contains("touchy for a learner"));
    const QString before = s.figure(5, 1);
    auto* power = s.desk.find<QSlider>("power");
    power->setFocus();
    while (power->value() > 45 && s.desk.text("setupWarnings").contains("touchy")) QTest::keyClick(power, Qt::Key_Left);
    CHECK_FALSE(s.desk.text("setupWarnings").contains("touchy"));
    CHECK(s.figure(5, 1) == before); // as it comes
    CHECK(s.figure(5, 2).split(' ')[0].toDouble() <= 0.45);
    auto* propeller = s.desk.find<QSlider>("propeller");
    propeller->setValue(90);
    CHECK(s.figure(3, 2).toDouble() < s.figure(3, 1).toDouble() * 0.78); // 0.9⁴ on motors that turn faster, and less power
    s.type("rollRate", 700);
    CHECK_FALSE(s.desk.text("setupWarnings").contains("700 °/s")); // no fault while nobody has seen this pilot rock
    REQUIRE(s.desk.waitFor([&] { return rate_dps(s.kept().rates.roll, 1) == Approx(700); }));
    CHECK(rate_dps(s.kept().rates.pitch, 1) == Approx(700));
    CHECK(rate_dps(s.kept().rates.yaw, 1) == Approx(300));
}

TEST_CASE("the set-up card carries tilt, view, power and rates", "[desk][setup]")
{
    Setting s;
    s.addReal("Avocet");
    s.type("cameraTilt", 22);
    QTest::mouseClick(s.desk.find<QPushButton>("toCard"), Qt::LeftButton);
    REQUIRE(s.desk.find<QWidget>("sheet")->isVisible());
    CHECK(s.kept().camera_tilt_deg == 22); // kept on leaving
    auto* panel = s.desk.window->findChild<SheetPanel*>();
    REQUIRE(panel);
    const QString file = s.desk.folder.filePath("card.pdf");
    const QStringList lines = panel->setupOnCard();
    CHECK(lines.join('\n').contains("For Avocet"));
    CHECK(lines.join('\n').contains("Camera tilt 22°, field of view 120°"));
    CHECK(lines.join('\n').contains("roll 350, pitch 350, yaw 300"));
    REQUIRE(panel->saveAsPdf(file));
    CHECK(QFile(file).size() > 1000);
}

TEST_CASE("it is flown as set: aircraft, rates, camera, wind; and a drill in a real day says so", "[desk][setup]")
{
    Setting s;
    s.type("cameraTilt", 35);
    s.desk.find<QSlider>("power")->setValue(80);
    QTest::mouseClick(s.desk.find<QPushButton>("sectionDay"), Qt::LeftButton);
    for (const char* box : {"dayWind", "dayWash"})
        QTest::mouseClick(s.desk.find<QCheckBox>(box), Qt::LeftButton, {}, QPoint(8, 10));
    s.desk.find<QDoubleSpinBox>("windSpeed")->setValue(6);
    auto* from = s.desk.find<QComboBox>("windFrom");
    from->setCurrentIndex(0);
    Q_EMIT from->activated(0);
    CHECK(s.desk.text("dayWords").contains("wind 6 m/s, prop wash"));
    auto* world = s.desk.find<QComboBox>("tryWorld");
    world->setCurrentIndex(world->findData("bank"));
    auto* mode = s.desk.find<QComboBox>("tryMode");
    mode->setCurrentIndex(mode->findData(static_cast<int>(Mode::Angle)));
    SimulatedController& sticks = s.desk.station->input().simulated_controller();
    sticks.set(Function::Throttle, 0);
    QTest::mouseClick(s.desk.find<QPushButton>("flyIt"), Qt::LeftButton);
    DrillsPage* drills = s.desk.window->drillsPage();
    REQUIRE(drills->isVisible());
    REQUIRE(drills->loop());
    const FlightSetup& flown = drills->loop()->setup();
    CHECK(flown.world.id == "bank");
    CHECK(flown.mode == Mode::Angle);
    CHECK(flown.airframe.thrust_to_weight == Approx(4.5 * std::pow(0.8, 2.0 / 3)));
    CHECK(flown.conditions.wind_mps == 6);
    CHECK(flown.conditions.prop_wash);
    CHECK(s.desk.text("resultHeading").startsWith("Free flight"));
    // A wind from the north carries a level aircraft southwards.
    REQUIRE(s.desk.waitFor([&] { return drills->loop()->snapshot().armed; }));
    sticks.set(Function::Throttle, 0.55);
    REQUIRE(s.desk.waitFor([&] { return drills->loop()->snapshot().state.height_m() > 3; }));
    sticks.set(Function::Throttle, 0.4);
    CHECK(s.desk.waitFor([&] { return drills->loop()->snapshot().state.velocity_mps.x() < -0.5; }));
    // The view goes round its three places.
    auto* view = s.desk.window->findChild<FlightView*>();
    REQUIRE(view);
    for (const FlightEye eye : {FlightEye::Chase, FlightEye::Pilot, FlightEye::Aircraft}) {
        QTest::keyClick(&*s.desk.window, Qt::Key_F9);
        CHECK(view->eye() == eye);
        QTest::qWait(40);
    }
    // Cut the motors high up: it crashes, leaves a mark, and F6 begins again.
    sticks.set(Function::Throttle, 0);
    REQUIRE(s.desk.waitFor([&] { return drills->loop()->snapshot().crashed; }, 8000));
    REQUIRE(s.desk.waitFor([&] { // with the next row of the log
        const auto seen = drills->loop()->snapshot().marks;
        return seen && seen->back().event == FlightEvent::Crash;
    }));
    const auto marks = drills->loop()->snapshot().marks;
    CHECK(marks->back().event == FlightEvent::Crash);
    CHECK(std::abs(marks->back().place_m.z()) < 0.5);
    QTest::keyClick(&*s.desk.window, Qt::Key_F6);
    REQUIRE(drills->loop());
    CHECK_FALSE(drills->loop()->snapshot().crashed);
    CHECK(drills->loop()->setup().world.id == "bank");
    CHECK(s.desk.keptAttempts().empty());

    // Back to the ladder, and a drill in that wind.
    auto* ladder = s.desk.find<QListWidget>("ladder");
    REQUIRE(ladder->isEnabled());
    QTest::mouseClick(ladder->viewport(), Qt::LeftButton, {}, ladder->visualItemRect(ladder->item(0)).center());
    CHECK(drills->loop() == nullptr);
    QTest::mouseClick(s.desk.find<QCheckBox>("realDay"), Qt::LeftButton, {}, QPoint(8, 10));
    QTest::keyClick(&*s.desk.window, Qt::Key_F5);
    REQUIRE(drills->loop());
    CHECK(drills->loop()->setup().conditions.wind_mps == 6);
    CHECK(drills->loop()->setup().world.id == "pan");
    REQUIRE(s.desk.waitFor([&] { return drills->loop()->snapshot().armed; }));
    sticks.set(Function::Throttle, 0.6);
    REQUIRE(s.desk.waitFor([&] { return drills->loop()->snapshot().state.height_m() > 4; }));
    sticks.set(Function::Throttle, 0);
    REQUIRE(s.desk.waitFor([&] { return !s.desk.keptAttempts().empty(); }, 8000));
    const JudgedAttempt kept = s.desk.school->judged(s.desk.keptAttempts()[0].id);
    const QString with = bh::desk::flownWithInWords(*s.desk.school, kept);
    CHECK(with.contains("5-inch, plain"));
    CHECK(with.contains("wind 6 m/s"));
}

TEST_CASE("without a pilot the page says what to do first and changes nothing", "[desk][setup]")
{
    Setting s(false);
    CHECK(s.desk.text("setupState").contains("Add a pilot"));
    CHECK_FALSE(s.desk.find<QPushButton>("flyIt")->isEnabled());
    CHECK_FALSE(s.desk.find<QDoubleSpinBox>("cameraTilt")->isEnabled());
}

TEST_CASE("one button is the next step, and looks like it: the way's on its section, the flight on the others", "[desk]")
{
    Desk desk(BH_DEMO);
    const auto& pilots = desk.school->pilots();
    const auto jonah = std::find_if(pilots.begin(), pilots.end(), [](const Pilot& p) { return p.name == "Jonah Wickett"; });
    REQUIRE(jonah != pilots.end());
    desk.station->choosePilot(jonah->id); // on his way back
    SetupPage* page = desk.window->setupPage();
    desk.window->showPage(MainWindow::Setup);
    const auto isNext = [&](const char* name) { // as it is painted, and not only as it is meant
        const QImage picture = desk.find<QPushButton>(name)->grab().toImage();
        return picture.pixelColor(picture.width() / 2, 4) == theme().button;
    };
    CHECK(isNext("flyIt"));
    page->showWayBack();
    QTest::qWait(20);
    const bool offered = desk.text("wayBackWords").startsWith("Offered: "); // as his flights of the demo turn out
    CHECK((offered || desk.text("wayBackWords").startsWith("Rocking rose to ")));
    CHECK(isNext("stepForward") == offered);
    CHECK(isNext("stepBack") == !offered);
    CHECK_FALSE(isNext("flyIt"));
    page->showDay();
    QTest::qWait(20);
    CHECK(isNext("flyIt"));
}
