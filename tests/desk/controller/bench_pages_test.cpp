// The controller's other sections: verification gone wrong, stick modes, history, settings sheets and how one is learnt.
#include "core/controller/stick_mode.h"
#include "desk/controller/check_list.h"
#include "desk/controller/controller_page.h"
#include "desk/controller/grip_panel.h"
#include "desk/controller/sheet_panel.h"
#include "desk_fixture.h"
#include "files/documents/simulator_document.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDateTime>
#include <QDoubleSpinBox>
#include <QFileInfo>
#include <QLineEdit>
#include <QListWidget>
#include <QScrollArea>
#include <QScrollBar>
#include <QSpinBox>
#include <QTableWidget>
#include <QUndoStack>
#include <QWheelEvent>
#include <catch2/catch.hpp>

using namespace bh;
using namespace bh::desk;

namespace {

struct Page {
    Desk desk;
    ControllerPage* page = desk.window->controllerPage();
    explicit Page(const char* record = nullptr) : desk(record)
    {
        if (!record) {
            desk.school->add_pilot({"", "Nell Harker"});
            desk.station->choosePilot(desk.school->pilots()[0].id);
        }
        QTest::keyClick(&*desk.window, Qt::Key_3, Qt::AltModifier);
    }
    SimulatedController& sticks() { return desk.station->input().simulated_controller(); }
    [[nodiscard]] QString message() const { return desk.text("controllerMessage"); }
    void section(const char* name) { QTest::mouseClick(desk.find<QPushButton>(QString("section") + name), Qt::LeftButton); }
    QTableWidget* sheet() { return desk.find<QTableWidget>("sheet"); }
    QString cell(int row, int column) { return sheet()->item(row, column)->text(); }
    void choose(const char* combo, int row)
    {
        auto* box = desk.find<QComboBox>(combo);
        box->setCurrentIndex(row);
        Q_EMIT box->activated(row);
    }
    void see(const char* combo, const char* words)
    {
        auto* box = desk.find<QComboBox>(combo);
        const int row = box->findText(words);
        REQUIRE(row >= 0);
        box->setCurrentIndex(row);
    }
};

/// A calibration in which roll is the wrong way round.
Calibration roll_reversed()
{
    Calibration c = SimulatedController::factory_calibration();
    std::swap(c.of(Function::Roll).low_counts, c.of(Function::Roll).high_counts);
    return c;
}

} // namespace

TEST_CASE("a wrong calibration is not verified, the page says what is wrong, and nothing can be flown with it", "[desk]")
{
    Page p;
    REQUIRE(p.desk.station->keepCalibration(roll_reversed()));
    QTest::keyClick(&*p.desk.window, Qt::Key_F10);
    REQUIRE(p.page->verifying());
    struct Step {
        Function function;
        double to, back;
    };
    int check = 1;
    for (const Step& s : {Step{Function::Throttle, 1, 1},
                          {Function::Throttle, 0, 0},
                          {Function::Yaw, 1, 0},
                          {Function::Yaw, -1, 0},
                          {Function::Pitch, 1, 0},
                          {Function::Pitch, -1, 0}}) {
        QTest::qWait(120);
        p.sticks().set(s.function, s.to);
        const QString next = QString("Check %1 of 8").arg(++check);
        REQUIRE(p.desk.waitFor([&] { return p.message().startsWith(next); }));
        p.sticks().set(s.function, s.back);
    }
    REQUIRE(p.desk.waitFor([&] { return p.message().startsWith("Check 7 of 8: right stick to 3"); }));
    QTest::qWait(120);
    p.sticks().set(Function::Roll, 1);
    REQUIRE(p.desk.waitFor([&] { return p.message().startsWith("Not verified."); }));
    CHECK(p.message().contains("roll is reversed"));
    CHECK(p.desk.station->controllerState() == Station::Controller::Unverified);
    CHECK(p.desk.text("statusController").contains("not verified"));
    QTest::keyClick(&*p.desk.window, Qt::Key_6, Qt::AltModifier);
    CHECK_FALSE(p.desk.find<QPushButton>("start")->isEnabled());
    // Back, and stopped: it stays unverified after a restart too.
    QTest::keyClick(&*p.desk.window, Qt::Key_3, Qt::AltModifier);
    QTest::mouseClick(p.desk.find<QPushButton>("cancelCalibration"), Qt::LeftButton);
    CHECK(p.message().startsWith("Calibrated, but not verified"));
    CHECK(p.desk.school->calibration("Simulated controller", "simulated")->verified_at == 0);
}

TEST_CASE("the stick mode is the pilot's, moves the functions on the faces, and can be undone", "[desk]")
{
    Page p;
    p.choose("stickMode", 0); // mode 1
    CHECK(p.desk.school->pilots()[0].stick_mode == 1);
    CHECK(p.desk.station->stickMode().left_up == Function::Pitch);
    CHECK(p.desk.find<QWidget>("leftStick")->accessibleName() == "Stick: Pitch and Yaw");
    CHECK(p.desk.find<QWidget>("rightStick")->accessibleName() == "Stick: Throttle and Roll");
    QTest::keyClick(&*p.desk.window, Qt::Key_F10);
    CHECK(p.message().contains("left stick to 12"));
    QTest::mouseClick(p.desk.find<QPushButton>("cancelCalibration"), Qt::LeftButton);
    p.desk.school->undo();
    CHECK(p.desk.find<QComboBox>("stickMode")->currentIndex() == 1);
    CHECK(p.desk.find<QWidget>("leftStick")->accessibleName() == "Stick: Throttle and Yaw");
}

TEST_CASE("the history says when it begins, and when something has drifted", "[desk]")
{
    Page p;
    p.section("History");
    CHECK(p.desk.text("driftWords").contains("has not been calibrated yet"));
    Calibration c = SimulatedController::factory_calibration();
    for (int i = 0; i < 5; ++i) {
        c.of(Function::Roll).centre_counts = 2000 + i % 2;
        REQUIRE(p.desk.station->keepCalibration(c));
    }
    CHECK(p.desk.text("driftWords").contains("5 calibrations"));
    CHECK(p.desk.text("driftWords").contains("Nothing has drifted"));
    c.of(Function::Roll).centre_counts = 2100;
    REQUIRE(p.desk.station->keepCalibration(c));
    CHECK(p.desk.text("driftWords").contains("roll centre"));
    for (const char* combo : {"historyFunction", "historyMeasure"})
        for (int i = 0; i < 4; ++i) p.desk.find<QComboBox>(combo)->setCurrentIndex(i); // every chart can be drawn
}

TEST_CASE("a controller that is due or has drifted is told on the Board, with a way to the Controller page", "[desk]")
{
    QTemporaryDir folder;
    const std::filesystem::path file = std::filesystem::path(folder.path().toStdString()) / "prepared.sqlite";
    const UnixTime now = QDateTime::currentSecsSinceEpoch();
    const bool drifted = GENERATE(false, true);
    CAPTURE(drifted);
    {
        UnixTime at = now;
        RecordOptions options;
        options.clock = [&at] { return at; };
        auto opened = Record::open(file, options);
        REQUIRE(opened);
        School school(std::move(*opened), DataFolder(BH_DATA));
        Pilot pilot;
        pilot.name = "Nell Harker";
        const std::string id = school.add_pilot(pilot);
        Calibration c = SimulatedController::factory_calibration();
        for (int i = 0; i < 6; ++i) {
            at = now - (drifted ? 20 - i : 70 - i) * 86400;
            c.of(Function::Pitch).centre_counts = drifted && i == 5 ? 2130 : 2000 + i % 2;
            school.verify_calibration(school.add_calibration("Bench stick", "1234", c));
        }
        for (int day : {6, 3, 1}) { // practises well, so that only the controller is left to say
            at = now - day * 86400;
            const std::string session = school.start_session(id, "Bench stick", "1234");
            school.end_session(session, 3600, 0);
        }
    }
    Desk desk(file.c_str());
    const QString reason = drifted ? "pitch centre" : "Controller calibrated 65 days ago";
    bool told = false;
    for (const QLabel* label : desk.window->findChildren<QLabel*>())
        told = told || (label->isVisible() && label->text().contains(reason));
    CHECK(told);
    QTest::mouseClick(desk.find<QPushButton>("go-Nell Harker"), Qt::LeftButton);
    CHECK(desk.waitFor([&] { return desk.window->controllerPage()->isVisible(); }));
}

TEST_CASE("the sheet follows the simulator, its edits and the controller's calibration", "[desk][sheet]")
{
    Page p;
    p.section("Sheets");
    auto* list = p.desk.find<QListWidget>("simulators");
    CHECK(list->count() >= 5);
    p.desk.window->findChild<SheetPanel*>()->chooseSimulator("saltwind");
    CHECK(p.desk.text("sheetTitle") == "In Saltwind, for Simulated controller, set");
    CHECK(p.cell(0, 0) == "Roll");
    CHECK(p.cell(0, 1) == "4"); // device axis 3, counted from 1
    CHECK(p.cell(1, 0) == "Pitch");
    CHECK(p.cell(1, 2).contains("yes")); // wants rising counts for "back"
    CHECK(p.cell(2, 3) == "full");
    CHECK(p.desk.text("sheetNotes").contains("arms by itself"));

    p.desk.find<QSpinBox>("axisBase")->setValue(0);
    CHECK(p.cell(0, 1) == "3");
    p.choose("throttleRange", 1);
    CHECK(p.cell(2, 3) == "upper half");
    p.choose("rising-pitch", 0);
    CHECK(p.cell(1, 2).contains("no"));
    // What was edited is on the record, and stands in for what shipped.
    p.desk.close();
    p.desk.open();
    const auto& all = p.desk.school->simulators();
    const auto kept = std::find_if(all.begin(), all.end(), [](const SimulatorProfile& s) { return s.id == "saltwind"; });
    REQUIRE(kept != all.end());
    CHECK(kept->axis_base == 0);
    CHECK(kept->throttle == SimulatorProfile::Throttle::UpperHalf);
    CHECK(kept->axis_word == "Channel");
}

TEST_CASE("every convention of a simulator can be edited, shows on the sheet, is kept, and can be undone", "[desk][sheet]")
{
    Page p;
    p.section("Sheets");
    p.desk.window->findChild<SheetPanel*>()->chooseSimulator("saltwind");
    const auto type = [&](const char* line, const char* words) {
        auto* edit = p.desk.find<QLineEdit>(line);
        edit->setFocus();
        edit->selectAll();
        QTest::keyClicks(edit, words);
        QTest::keyClick(edit, Qt::Key_Return);
    };
    const auto simulator = [&] {
        for (const SimulatorProfile& s : p.desk.school->simulators())
            if (s.id == "saltwind") return s;
        return SimulatorProfile{};
    };
    const SimulatorProfile shipped = simulator();
    auto* order = p.desk.find<QComboBox>("functionOrder");
    CHECK(order->count() == 24);
    p.choose("functionOrder", order->findText("yaw, pitch, throttle, roll"));
    CHECK(p.cell(0, 0) == "Yaw");
    CHECK(p.cell(3, 0) == "Roll");
    p.desk.school->undo();
    CHECK(p.cell(0, 0) == "Roll");
    CHECK(order->currentText() == "roll, pitch, throttle, yaw");
    p.desk.school->redo();
    CHECK(p.cell(0, 0) == "Yaw");

    type("axisWord", "Lever");
    type("invertWord", "Backwards");
    CHECK(p.sheet()->horizontalHeaderItem(1)->text() == "Lever");
    CHECK(p.sheet()->horizontalHeaderItem(2)->text() == "Backwards");
    type("axisWord", "");
    CHECK(p.sheet()->horizontalHeaderItem(1)->text() == "Lever"); // a sheet without a word would say nothing
    p.choose("arming", 3);
    type("armingWords", "The key is Home.");
    CHECK(p.desk.text("sheetNotes").contains("by a key of the computer, throttle to the bottom first. The key is Home."));
    type("mode-horizon", "Soft");
    CHECK(p.desk.text("sheetNotes").contains("Horizon mode is called \"Soft\" there."));

    type("stickMode-1", "Crossed");
    CHECK_FALSE(p.desk.text("sheetNotes").contains("Stick mode:")); // the pilot flies mode 2
    p.choose("stickMode", 0);
    CHECK(p.desk.text("sheetNotes").contains("Stick mode: choose \"Crossed\", mode 1."));

    auto* tilt = p.desk.find<QCheckBox>("has-tilt");
    if (tilt->isChecked()) QTest::mouseClick(tilt, Qt::LeftButton, Qt::NoModifier, QPoint(8, tilt->height() / 2));
    CHECK_FALSE(simulator().tilt_deg);
    QTest::mouseClick(tilt, Qt::LeftButton, Qt::NoModifier, QPoint(8, tilt->height() / 2));
    auto* tiltRange = p.desk.find<QWidget>("tilt");
    tiltRange->findChild<QDoubleSpinBox*>("low")->setValue(40);
    tiltRange->findChild<QDoubleSpinBox*>("high")->setValue(10); // the wrong way round is put in order
    tiltRange->findChild<QDoubleSpinBox*>("step")->setValue(2.5);
    REQUIRE(simulator().tilt_deg);
    CHECK(p.desk.text("sheetNotes").contains("Camera tilt: 10 to 40° in steps of 2.5."));

    p.choose("rateFamily", 4); // percent, plus, expo
    CHECK(simulator().rate_family == "percent-end");
    p.desk.find<QWidget>("limit-end_percent")->findChild<QDoubleSpinBox*>("high")->setValue(80);
    CHECK(simulator().rate_limits.at("end_percent").high == 80);
    CHECK(p.desk.text("sheetNotes").contains("end 0 to 80 % in steps of 1"));

    const SimulatorProfile edited = simulator();
    p.desk.close();
    p.desk.open();
    CHECK(simulator_json(simulator()) == simulator_json(edited));
    CHECK(simulator_json(simulator()) != simulator_json(shipped));
}

TEST_CASE("the wheel scrolls the simulator's form and changes nothing in it", "[desk][sheet]")
{
    Page p;
    p.section("Sheets");
    auto* arming = p.desk.find<QComboBox>("arming");
    const int before = arming->currentIndex();
    QTest::qWait(50);
    QWheelEvent wheel(QPointF(5, 5), arming->mapToGlobal(QPointF(5, 5)), QPoint(), QPoint(0, -120), Qt::NoButton, Qt::NoModifier,
                      Qt::NoScrollPhase, false);
    QApplication::sendEvent(arming, &wheel);
    CHECK(arming->currentIndex() == before);
    CHECK(p.desk.find<QScrollArea>("simulatorEditor")->verticalScrollBar()->value() > 0);
    CHECK(p.desk.school->edits_standing() == 0);
}

TEST_CASE("an unknown simulator is learnt from what it showed", "[desk][sheet]")
{
    Page p;
    p.section("Sheets");
    auto* name = p.desk.find<QLineEdit>("newSimulator");
    QTest::keyClicks(name, "Heron Loft");
    QTest::keyClick(name, Qt::Key_Return);
    CHECK(p.desk.text("sheetTitle").contains("Heron Loft"));
    CHECK(p.desk.find<QPushButton>("unknown")->isChecked());
    CHECK(p.cell(2, 1) == "3"); // pitch: axis 2 counted from 1, the first guess

    QTest::mouseClick(p.desk.find<QPushButton>("learn"), Qt::LeftButton);
    CHECK(p.desk.text("learnt").contains("Say first"));
    // The truth: counts from 0, pitch is the other way. Set as on the sheet, the number 3 is the device's axis 3, roll:
    // pushing roll moves pitch.
    p.see("seen-roll", "leaned back");
    p.see("seen-pitch", "turned right");
    QTest::mouseClick(p.desk.find<QPushButton>("learn"), Qt::LeftButton);
    CHECK(p.desk.text("learnt").contains("counts axes from 0"));
    CHECK(p.desk.text("learnt").contains("Pitch: rising counts are not forward there."));
    CHECK(p.cell(2, 1) == "2");
    CHECK(p.cell(2, 2).contains("yes"));
    // Set again: now everything answers as it should.
    p.see("seen-throttle", "power up");
    p.see("seen-yaw", "turned right");
    p.see("seen-pitch", "leaned forward");
    p.see("seen-roll", "leaned right");
    p.see("seen-middle", "about half power");
    QTest::mouseClick(p.desk.find<QPushButton>("learn"), Qt::LeftButton);
    CHECK(p.desk.text("learnt").contains("the sheet is right"));
    // A contradiction is told and changes nothing.
    p.see("seen-pitch", "leaned forward");
    p.see("seen-roll", "leaned back");
    QTest::mouseClick(p.desk.find<QPushButton>("learn"), Qt::LeftButton);
    CHECK(p.desk.text("learnt").contains("look again"));
    CHECK(p.cell(2, 1) == "2");
}

TEST_CASE("the sheet is saved as a card and held beside the simulator", "[desk][sheet]")
{
    Page p;
    p.section("Sheets");
    auto* panel = p.desk.window->findChild<SheetPanel*>();
    const QString file = p.desk.folder.filePath("card.pdf");
    REQUIRE(panel->saveAsPdf(file));
    QFile pdf(file);
    REQUIRE(pdf.open(QIODevice::ReadOnly));
    CHECK(pdf.read(5) == "%PDF-");
    CHECK(QFileInfo(file).size() > 2000);
    CHECK_FALSE(panel->saveAsPdf("/nowhere/at/all.pdf"));
    CHECK(p.desk.text("cardSaved").contains("/nowhere/at/all.pdf could not be written"));

    QTest::mouseClick(p.desk.find<QPushButton>("holdBeside"), Qt::LeftButton);
    QWidget* card = nullptr;
    for (QWidget* w : QApplication::topLevelWidgets())
        if (w->objectName() == "cardWindow" && w->isVisible()) card = w;
    REQUIRE(card);
    CHECK((card->windowFlags() & Qt::WindowStaysOnTopHint));
    CHECK(card->accessibleDescription().contains("throttle"));
    QTest::keyClick(card, Qt::Key_Escape);
    CHECK(p.desk.waitFor([&] {
        for (QWidget* w : QApplication::topLevelWidgets())
            if (w->objectName() == "cardWindow" && w->isVisible()) return false;
        return true;
    }));
}

TEST_CASE("a grip trial is tapped through with the stick and kept on the pilot", "[desk][grip]")
{
    Page p;
    p.section("Grip");
    CHECK(p.desk.text("gripWords").contains("Which grip suits Nell Harker"));
    p.desk.find<QComboBox>("grip")->setCurrentIndex(1);
    QTest::mouseClick(p.desk.find<QPushButton>("startRound"), Qt::LeftButton);
    CHECK(p.desk.text("gripWords").contains("Rest on the crossed target"));
    const auto targets = tapping_targets(GripPanel::targets, GripPanel::circle_share);
    for (std::size_t i = 0; i < targets.size(); ++i) {
        const double off = 0.01 * (static_cast<double>(i % 3) - 1); // a hand that does not hit the same spot each time
        p.sticks().set(Function::Roll, targets[i].x + off);
        p.sticks().set(Function::Pitch, targets[i].y + off);
        const QString next = i + 1 == targets.size() ? QString("Which grip") : QString("Target %1 of 11").arg(i + 1);
        REQUIRE(p.desk.waitFor([&] { return p.desk.text("gripWords").startsWith(next); }));
    }
    const auto rounds = p.desk.school->grip_rounds(p.desk.station->pilotId());
    REQUIRE(rounds.size() == 1);
    CHECK(rounds[0].grip == Grip::Pinch);
    CHECK(rounds[0].taps == 11);
    CHECK(rounds[0].throughput_bps > 1);
    auto* table = p.desk.find<QTableWidget>("gripTable");
    CHECK(table->item(1, 1)->text() == "1");
    CHECK(table->item(0, 1)->text() == "0");
    CHECK(p.desk.text("gripVerdict").contains("Nothing to compare"));

    // Rounds of two grips: the verdict is honest about how little they say, and then about what they say.
    for (int i = 0; i < 5; ++i)
        p.desk.school->add_grip_round({"", p.desk.station->pilotId(), 0, Grip::Thumb, 2.0 + 0.01 * i, 1.1, 11});
    CHECK(p.desk.text("gripVerdict").contains("Too little to tell"));
    for (int i = 0; i < 4; ++i)
        p.desk.school->add_grip_round({"", p.desk.station->pilotId(), 0, Grip::Pinch, 3.0 + 0.01 * i, 0.9, 11});
    CHECK(p.desk.text("gripVerdict").startsWith("Pinch does better than thumb"));
    // Stopped half-way nothing is kept.
    QTest::mouseClick(p.desk.find<QPushButton>("startRound"), Qt::LeftButton);
    QTest::mouseClick(p.desk.find<QPushButton>("stopRound"), Qt::LeftButton);
    CHECK(p.desk.school->grip_rounds(p.desk.station->pilotId()).size() == 10);
}

TEST_CASE("the Kit and Controller pages are worked with keys alone", "[desk][keys]")
{
    Page p;
    Desk& desk = p.desk;
    const auto key = [&](Qt::Key k, Qt::KeyboardModifiers with = Qt::NoModifier) {
        QWidget* at = QApplication::focusWidget();
        QTest::keyClick(at ? at : desk.window.get(), k, with);
        QTest::qWait(5);
    };
    const auto tabTo = [&](const char* name) {
        for (int i = 0; i < 90; ++i) {
            if (const QWidget* at = QApplication::focusWidget(); at && at->objectName() == name) return;
            key(Qt::Key_Tab);
        }
        CAPTURE(name);
        FAIL("not reached with Tab");
    };
    QTest::keyClick(desk.window.get(), Qt::Key_2, Qt::AltModifier);
    tabTo("kit-aircraft-off");
    key(Qt::Key_Space);
    CHECK(desk.text("kitSummary").contains("1 of"));
    tabTo("findFault");
    key(Qt::Key_Space);
    const QString question = desk.text("faultQuestion");
    tabTo("faultYes");
    key(Qt::Key_Space);
    CHECK(desk.text("faultQuestion") != question);

    QTest::keyClick(desk.window.get(), Qt::Key_3, Qt::AltModifier);
    tabTo("sectionSheets");
    key(Qt::Key_Space);
    tabTo("simulators");
    const QString title = desk.text("sheetTitle");
    key(Qt::Key_Down);
    CHECK(desk.text("sheetTitle") != title);
    tabTo("functionOrder");
    const QString first = p.cell(0, 0) + p.cell(1, 0) + p.cell(2, 0);
    key(Qt::Key_Down);
    CHECK(p.cell(0, 0) + p.cell(1, 0) + p.cell(2, 0) != first);
    key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(p.cell(0, 0) + p.cell(1, 0) + p.cell(2, 0) == first);
    tabTo("newSimulator");
    QTest::keyClicks(QApplication::focusWidget(), "Heron Loft");
    key(Qt::Key_Return);
    CHECK(desk.text("sheetTitle").contains("Heron Loft"));
    tabTo("seen-roll");
    auto* roll = desk.find<QComboBox>("seen-roll");
    while (roll->currentText() != "leaned left") key(Qt::Key_Down);
    tabTo("learn");
    key(Qt::Key_Space);
    CHECK(desk.text("learnt").contains("Roll: rising counts are not right there."));
    tabTo("sectionHistory");
    key(Qt::Key_Space);
    CHECK(desk.text("driftWords").contains("not been calibrated"));
    tabTo("sectionGrip");
    key(Qt::Key_Space);
    tabTo("grip");
    key(Qt::Key_Down);
    tabTo("startRound");
    key(Qt::Key_Space);
    CHECK(desk.text("gripWords").contains("crossed target"));
    tabTo("stopRound");
    key(Qt::Key_Space);
    CHECK(desk.text("gripWords").contains("Which grip suits"));
    key(Qt::Key_F9);
    CHECK(p.page->calibrating());
    tabTo("cancelCalibration");
    key(Qt::Key_Space);
    CHECK_FALSE(p.page->calibrating());
}
