// The week on the Board: planned in the background, moved by hand with the rules it breaks, locked, published, handed out.
#include "desk/board/bays_dialog.h"
#include "desk/board/week_grid.h"
#include "desk/board/week_panel.h"
#include "desk_fixture.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QTableWidget>

using namespace bh;
using namespace bh::desk;

namespace {

struct AtWeek {
    Desk desk{BH_DEMO};
    WeekPanel* panel = nullptr;
    WeekGrid* grid = nullptr;
    AtWeek()
    {
        desk.find<QAbstractButton>("sectionWeek")->click();
        panel = desk.window->findChild<WeekPanel*>();
        grid = desk.find<WeekGrid>("weekGrid");
        panel->showWeek("2031-W26"); // planned, and not published yet
    }
    [[nodiscard]] PlannedWeek planned() const { return planned_week(*desk.school, panel->week()); }
    void plan() const
    {
        desk.find<QPushButton>("weekPlan")->click();
        REQUIRE(desk.waitFor([&] { return !panel->planning(); }, 60000));
    }
};

} // namespace

TEST_CASE("a week is planned, and keeps what is locked and what was published", "[desk][week]")
{
    AtWeek w;
    CHECK(w.desk.text("weekName").startsWith("Week 26"));
    REQUIRE_FALSE(w.planned().blocks.empty());
    CHECK(w.desk.text("weekWaiting").contains("Nobody said when: Maud Tansley"));
    // The last block is locked where it is; then everything is planned again.
    const PlannedBlock last = w.planned().blocks.back();
    w.grid->choose(last);
    w.desk.find<QPushButton>("weekLock")->click();
    CHECK(w.planned().blocks.back().locked);
    w.desk.find<QPushButton>("weekPublish")->click();
    CHECK(w.planned().version == 1);
    const auto published = w.planned().published;
    CHECK(published == w.planned().blocks);
    w.plan();
    CHECK(w.desk.text("weekSaid").contains("0 changes"));
    CHECK(w.planned().blocks.size() == published.size());
    PlannedBlock locked = last;
    locked.locked = true;
    const auto blocks = w.planned().blocks;
    CHECK(std::find(blocks.begin(), blocks.end(), locked) != blocks.end());
    // A bay is down: planned around, and undone.
    w.grid->choose(blocks.front());
    w.desk.find<QPushButton>("weekClosed")->click();
    REQUIRE(w.planned().closed.size() == 1);
    w.plan();
    for (const PlannedBlock& b : w.planned().blocks) CHECK((b.locked || std::pair(b.bay, b.day) != w.planned().closed.front()));
    QTest::keyClick(&*w.desk.window, Qt::Key_Z, Qt::ControlModifier);
    QTest::keyClick(&*w.desk.window, Qt::Key_Z, Qt::ControlModifier);
    CHECK(w.planned().closed.empty());
    CHECK(w.planned().blocks == blocks);
}

TEST_CASE("a block is dragged, exchanged, and a broken rule is said at once", "[desk][week]")
{
    AtWeek w;
    const PlannedBlock first = w.planned().blocks.front(), second = w.planned().blocks.back();
    const QPoint from = w.grid->cellOf(first).center(), to = w.grid->cellOf(second).center();
    QTest::mousePress(w.grid, Qt::LeftButton, Qt::NoModifier, from);
    QTest::mouseMove(w.grid, from + QPoint(20, 0));
    QTest::mouseMove(w.grid, to);
    QMouseEvent move(QEvent::MouseMove, QPointF(to), w.grid->mapToGlobal(to), Qt::NoButton, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(w.grid, &move);
    QTest::mouseRelease(w.grid, Qt::LeftButton, Qt::NoModifier, to);
    const auto blocks = w.planned().blocks;
    const auto at = [&](const PlannedBlock& place) {
        const auto found = std::find_if(blocks.begin(), blocks.end(), [&](const PlannedBlock& b) {
            return b.bay == place.bay && b.day == place.day && b.start_min == place.start_min;
        });
        REQUIRE(found != blocks.end());
        return found->pilot_id;
    };
    CHECK(at(second) == first.pilot_id); // they have changed places
    CHECK(at(first) == second.pilot_id);
    CHECK(w.desk.text("weekSaid").startsWith("Moved"));
    QTest::keyClick(&*w.desk.window, Qt::Key_Z, Qt::ControlModifier);
    CHECK(w.planned().blocks.front() == first);
    // Sami can come for two half hours only.
    std::string sami;
    for (const Pilot& p : w.desk.school->pilots())
        if (p.name == "Sami Roake") sami = p.id;
    for (const PlannedBlock& b : w.planned().blocks)
        if (b.pilot_id == sami) {
            w.panel->moveBlock(b, b.bay, b.day, 15 * 60);
            break;
        }
    CHECK(w.desk.text("weekSaid").contains("a rule is broken: Sami Roake: available slots"));
    w.desk.find<QPushButton>("weekRemove")->click();
    CHECK(w.planned().blocks.size() + 1 == blocks.size());
    CHECK(w.panel->onPaperNow().contains("Petra Lowmoor"));
}

TEST_CASE("a school without bays says what to do, and a first plan takes two dialogs", "[desk][week]")
{
    Desk desk;
    const std::string pilot = desk.school->add_pilot({"", "Wilf Dunnock"});
    desk.station->choosePilot(pilot);
    desk.find<QAbstractButton>("sectionWeek")->click();
    CHECK(desk.text("weekSaid").contains("no bays yet"));
    CHECK_FALSE(desk.find<QPushButton>("weekPlan")->isEnabled());
    desk.find<QPushButton>("weekBays")->click();
    auto* bays = desk.find<BaysDialog>("baysDialog");
    bays->findChild<QPushButton*>("baysKeep")->click();
    CHECK(bays->findChild<QLabel*>("baysSaid")->text().contains("needed"));
    bays->findChild<QTableWidget*>("baysTable")->setItem(0, 0, new QTableWidgetItem("Bay 1"));
    bays->findChild<QTableWidget*>("baysTable")->setItem(0, 1, new QTableWidgetItem("mudlark, saltwind"));
    for (int day = 1; day <= 3; ++day) bays->findChild<QCheckBox*>(QStringLiteral("open-%1").arg(day))->setChecked(true);
    bays->findChild<QCheckBox*>("coordinator-1")->setChecked(true);
    bays->findChild<QPushButton*>("baysKeep")->click();
    REQUIRE(desk.school->values().bays);
    CHECK(desk.school->values().bays->bays[0].simulators == std::vector<std::string>{"mudlark", "saltwind"});
    CHECK(desk.school->values().bays->hours.size() == 4); // Monday in two parts
    desk.find<QPushButton>("weekAvailable")->click();
    auto* when = desk.find<AvailabilityDialog>("availabilityDialog");
    when->findChild<QDoubleSpinBox*>("availableWanted")->setValue(1);
    for (int day = 1; day <= 2; ++day) when->findChild<QCheckBox*>(QStringLiteral("open-%1").arg(day))->setChecked(true);
    when->findChild<QPushButton*>("availableKeep")->click();
    REQUIRE(desk.school->file(pilot).available);
    auto* panel = desk.window->findChild<WeekPanel*>();
    desk.find<QPushButton>("weekPlan")->click();
    REQUIRE(desk.waitFor([&] { return !panel->planning(); }, 60000));
    CHECK(planned_week(*desk.school, panel->week()).blocks.size() == 2);
    CHECK(desk.text("weekWaiting") == "Everybody has what was wanted.");
    desk.window->activateWindow(); // a dialog was the last to be
    QTest::qWait(50);
    QTest::keyClick(&*desk.window, Qt::Key_Z, Qt::ControlModifier);
    CHECK(planned_week(*desk.school, panel->week()).blocks.empty());
}
