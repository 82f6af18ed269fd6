#include "desk_fixture.h"
#include "school/school.h"
#include "school_place.h"
#include "station/station.h"

#include <QAbstractItemModelTester>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QTableView>
#include <QUndoStack>
#include <catch2/catch.hpp>

#include "desk/board/board_page.h"
#include "desk/drills/drills_page.h"
#include "desk/progress/log_panel.h"
#include "desk/shell/window/roster.h"

using namespace bh;
using namespace bh::desk;

TEST_CASE("an empty record says on every page what to do first", "[desk]")
{
    Desk desk;
    CHECK(desk.text("boardSummary").contains("Now: Add the first pilot"));
    desk.find<QPushButton>("begin-6")->click(); // the last step can be looked at
    CHECK(desk.window->drillsPage()->isVisible());
    QTest::keyClick(&*desk.window, Qt::Key_8, Qt::AltModifier);
    CHECK(desk.text("progressSummary").contains("add a pilot"));
}

TEST_CASE("a pilot is added, renamed and given another target, and all of it can be undone", "[desk]")
{
    Desk desk;
    auto* name = desk.find<QLineEdit>("newPilotName");
    QTest::keyClicks(name, "Nel Harker");
    QTest::keyClick(name, Qt::Key_Return);
    REQUIRE(desk.school->pilots().size() == 1);
    CHECK(desk.station->pilotId() == desk.school->pilots()[0].id);

    auto* edit = desk.find<QLineEdit>("pilotName");
    edit->setFocus();
    edit->selectAll();
    QTest::keyClicks(edit, "Nell Harker");
    QTest::keyClick(edit, Qt::Key_Return);
    CHECK(desk.school->pilots()[0].name == "Nell Harker");
    desk.find<QDoubleSpinBox>("pilotTarget")->setValue(50);
    CHECK(desk.school->pilots()[0].target_h == 50);

    QTest::keyClick(&*desk.window, Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.school->pilots()[0].target_h == 20);
    QTest::mouseClick(desk.find<QPushButton>("undo"), Qt::LeftButton);
    CHECK(desk.school->pilots()[0].name == "Nel Harker");
    CHECK_FALSE(desk.find<QPushButton>("undo")->isEnabled());
    desk.school->redo();
    CHECK(desk.school->pilots()[0].name == "Nell Harker");
}

TEST_CASE("the status bar tells of a flight that is on its way to the disk, until it is safe", "[desk]")
{
    Desk desk;
    JudgedAttempt attempt;
    attempt.pilot_id = desk.school->add_pilot({"", "Nel Harker"});
    attempt.session_id = desk.school->start_session(attempt.pilot_id, "Simulated controller", "simulated");
    attempt.drill_id = "lift-settle";
    const auto log = std::make_shared<const FlightLog>(shortLog(3));
    desk.school->keep_flight(attempt, log);
    CHECK(desk.text("statusRecord") == "Keeping the flight …");
    desk.school->keep_flight(attempt, log);
    CHECK(desk.text("statusRecord") == "Keeping 2 flights …");
    CHECK(desk.school->attempts(attempt.pilot_id).empty());
    REQUIRE(desk.waitFor([&] { return desk.school->flights_waiting() == 0; }));
    CHECK(desk.text("statusRecord").contains("saved"));
    CHECK(desk.school->attempts(attempt.pilot_id).size() == 2);
}

TEST_CASE("the demo record fills roster, board and logbook; typing finds a pilot", "[desk]")
{
    Desk desk(BH_DEMO);
    CHECK(desk.find<QListView>("pilotList")->model()->rowCount() == 11);
    CHECK(desk.text("boardSummary").startsWith("5 things need you today."));
    auto* filter = desk.find<QLineEdit>("pilotFilter");
    QTest::keyClicks(filter, "pell");
    CHECK(desk.school->pilot(desk.station->pilotId())->name == "Oren Pell");
    QTest::keyClick(filter, Qt::Key_Escape);
    QTest::keyClick(filter, Qt::Key_Down);
    CHECK(desk.school->pilot(desk.station->pilotId())->name == "Petra Lowmoor");
    QTest::keyClick(&*desk.window, Qt::Key_8, Qt::AltModifier);
    const auto attempts = desk.keptAttempts();
    desk.find<QPushButton>("sectionLog")->click();
    CHECK(desk.find<QTableView>("attempts")->model()->rowCount() == static_cast<int>(attempts.size()));
    CHECK(desk.text("totals").contains(QString("%1 flights").arg(attempts.size())));
}

TEST_CASE("a reason on the board leads to the page where it is dealt with", "[desk]")
{
    Desk desk(BH_DEMO);
    auto* go = desk.find<QPushButton>("go-Maud Tansley");
    QTest::mouseClick(go, Qt::LeftButton);
    desk.waitFor([&] { return desk.find<QPushButton>("start")->isVisible(); });
    CHECK(desk.school->pilot(desk.station->pilotId())->name == "Maud Tansley");
    CHECK(desk.find<QPushButton>("start")->isVisible());
}

TEST_CASE("the tables' models keep Qt's rules", "[desk]")
{
    Desk desk(BH_DEMO);
    PilotListModel pilots(*desk.school);
    BoardModel board(*desk.school);
    AttemptModel attempts(*desk.school);
    SessionModel sessions(*desk.school);
    for (QAbstractItemModel* model : {static_cast<QAbstractItemModel*>(&pilots), static_cast<QAbstractItemModel*>(&board),
                                      static_cast<QAbstractItemModel*>(&attempts), static_cast<QAbstractItemModel*>(&sessions)})
        QAbstractItemModelTester(model, QAbstractItemModelTester::FailureReportingMode::Fatal);
    const std::string id = desk.school->pilots()[0].id;
    attempts.show(desk.school->attempts(id));
    sessions.show(desk.school->sessions(id), desk.school->attempts(id));
    CHECK(attempts.rowCount() > 0);
    CHECK(sessions.rowCount() > 0);
}
