// How a window of any width is used: parts that share it by a handle, columns that give way, the debrief beside the flight; and
// paper before it is printed.
#include "core/standin/stand_in_pilot.h"
#include "desk/debrief/debrief_page.h"
#include "desk/drills/drills_page.h"
#include "desk/parts/forms/columns_that_give.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/forms/side_by_side.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/paper/paper_window.h"
#include "desk/progress/curves_panel.h"
#include "desk_fixture.h"

#include <QLabel>
#include <QProcess>
#include <QStackedWidget>
#include <QTableView>

using namespace bh;
using namespace bh::desk;

namespace {

/// Whether the column's text is whole.
bool whole(const QTableView& table, int column)
{
    const QAbstractItemView& cells = table;
    return table.columnWidth(column) >= cells.sizeHintForColumn(column);
}

} // namespace

TEST_CASE("how two parts share the room is remembered, and neither can be pushed away", "[desk][wide]")
{
    preferences().keepPlace("debriefParts", {});
    {
        Desk desk;
        desk.window->resize(1600, 900);
        desk.window->showPage(MainWindow::Debrief);
        auto* parts = desk.find<SideBySide>("debriefParts");
        const QList<int> usual = parts->sizes();
        CHECK(usual[1] >= 300);
        CHECK(usual[0] > usual[1]);
        auto* handle = parts->handle(1);
        QTest::mousePress(handle, Qt::LeftButton, {}, handle->rect().center());
        QTest::mouseMove(handle, handle->rect().center() - QPoint(150, 0));
        QTest::mouseRelease(handle, Qt::LeftButton, {}, handle->rect().center() - QPoint(150, 0));
        REQUIRE(parts->sizes()[1] > usual[1] + 100);
    }
    Desk desk;
    desk.window->resize(1600, 900);
    desk.window->showPage(MainWindow::Debrief);
    auto* parts = desk.find<SideBySide>("debriefParts");
    CHECK(parts->sizes()[1] > 400);
    parts->setSizes({10000, 0});
    CHECK(parts->sizes()[1] >= 300);
    preferences().keepPlace("debriefParts", {});
}

TEST_CASE("a table is sorted as it was last time, until that is taken back", "[desk][wide]")
{
    const auto first = [](const QTableView* table) { return table->model()->index(0, 0).data().toString(); };
    QString as_it_comes, by_name;
    {
        Desk desk(BH_DEMO);
        auto* board = desk.find<QTableView>("board");
        as_it_comes = first(board);
        board->sortByColumn(0, Qt::DescendingOrder);
        by_name = first(board);
        CHECK(by_name != as_it_comes);
    }
    {
        Desk desk(BH_DEMO);
        auto* board = desk.find<QTableView>("board");
        CHECK(first(board) == by_name);
        CHECK(board->horizontalHeader()->sortIndicatorSection() == 0);
        board->sortByColumn(-1, Qt::AscendingOrder);
        CHECK(first(board) == as_it_comes);
    }
    const Desk desk(BH_DEMO);
    CHECK(first(desk.find<QTableView>("board")) == as_it_comes);
}

TEST_CASE("columns give way one after the other, and what counts stays whole", "[desk][wide]")
{
    auto* table = readingTable("t", "Table", {"Name", "Less", "Least", "Reason"}, 3);
    new ColumnsThatGive(table, {2, 1});
    table->setRowCount(1);
    const QString words[] = {"A name of some length", "some number", "another one", "The reason, which is a whole sentence"};
    for (int c = 0; c < 4; ++c) table->setItem(0, c, new QTableWidgetItem(words[c]));
    const auto hidden = [&](int width) {
        table->resize(width, 200);
        QTest::qWait(20);
        return std::pair(table->isColumnHidden(2), table->isColumnHidden(1));
    };
    table->show();
    const QAbstractItemView& cells = *table;
    const int name = cells.sizeHintForColumn(0), less = cells.sizeHintForColumn(1), reason = cells.sizeHintForColumn(3);
    CHECK(hidden(1200) == std::pair(false, false));
    CHECK(hidden(name + less + reason + 20) == std::pair(true, false));
    CHECK(whole(*table, 3));
    CHECK(hidden(name + reason + 20) == std::pair(true, true));
    CHECK(whole(*table, 3));
    CHECK(hidden(1200) == std::pair(false, false)); // they come back
    // A head that is longer than its cells counts when its column has given way too: it does not come and go.
    table->horizontalHeaderItem(2)->setText("A head of many more letters than what stands below");
    REQUIRE(hidden(name + less + reason + 150) == std::pair(true, false));
    for (int i = 0; i < 3; ++i) {
        table->item(0, 1)->setText(words[1] + QString(i, QLatin1Char('.')));
        QTest::qWait(20);
        CHECK(table->isColumnHidden(2));
    }
    table->item(0, 3)->setText(QString("word ").repeated(60));
    QTest::qWait(20);
    CHECK(table->isColumnHidden(1)); // a longer text takes the room at once
    delete table;
}

TEST_CASE("a column that a narrow table leaves no room stands under another one, and comes back", "[desk][wide]")
{
    Desk desk(BH_DEMO);
    desk.window->showPage(MainWindow::FirstFlight);
    auto* gates = desk.find<QTableView>("gates");
    constexpr int name = 1, evidence = 3;
    const auto at = [&](int width, int height) {
        desk.window->resize(width, height);
        QTest::qWait(50);
        return gates->isColumnHidden(evidence);
    };
    REQUIRE_FALSE(at(1600, 900));
    const int line = gates->rowHeight(0);
    CHECK(at(1100, 700));
    CHECK(gates->rowHeight(0) > 1.5 * line);
    CHECK(gates->columnWidth(name) > gates->viewport()->width() / 2); // and has the room of both
    const QModelIndex gate = gates->model()->index(0, name);
    CHECK(gate.data(Qt::AccessibleDescriptionRole) == gate.siblingAtColumn(evidence).data());
    CHECK_FALSE(at(1600, 900));
    CHECK(gates->rowHeight(0) == line);
}

TEST_CASE("advice is read whole in the smallest window, and the list of what was found keeps its room", "[desk][wide]")
{
    Desk desk(BH_DEMO);
    desk.window->resize(1100, 700);
    desk.window->showPage(MainWindow::Debrief);
    for (const Pilot& p : desk.school->pilots())
        if (p.name == "Oren Pell") desk.station->choosePilot(p.id); // whose flights ask for a change
    auto* why = desk.find<QLabel>("debriefWhy");
    auto* findings = desk.find<QWidget>("findings");
    REQUIRE(desk.waitFor([&] { return findings->isVisible(); }));
    const auto whole_words = [&](const QString& words) {
        why->setText(words);
        CHECK(desk.waitFor([&] { return why->height() >= why->heightForWidth(why->width()); }));
        CHECK(findings->height() >= 120);
    };
    whole_words("Short.");
    whole_words(QString("The input is too big, and then too big the other way. ").repeated(5));
    whole_words(QString("The input is too big, and then too big the other way. ").repeated(20));
}

TEST_CASE("on the Board what comes next is read whole in the smallest window", "[desk][wide]")
{
    Desk desk(BH_DEMO);
    auto* table = desk.find<QTableView>("board");
    const int reason = table->model()->columnCount() - 1;
    QTest::qWait(200);
    CHECK(whole(*table, reason)); // as it opens
    desk.window->resize(1100, 700);
    QTest::qWait(50);
    CHECK(whole(*table, reason));
    int small = 0, wide = 0;
    for (int c = 0; c <= reason; ++c) small += !table->isColumnHidden(c);
    desk.window->resize(1920, 1080);
    QTest::qWait(50);
    for (int c = 0; c <= reason; ++c) wide += !table->isColumnHidden(c);
    CHECK(wide == reason + 1);
    CHECK(small < wide);
}

TEST_CASE("in a wide window the debrief stands beside the flight it is about", "[desk][wide]")
{
    Desk desk(BH_DEMO);
    auto* debrief = desk.window->findChild<DebriefPage*>();
    desk.window->resize(1900, 1000);
    desk.window->showPage(MainWindow::Drills);
    CHECK_FALSE(debrief->isVisible());
    desk.window->resize(2560, 1300);
    QTest::qWait(30);
    CHECK(debrief->isVisible());
    CHECK(desk.window->drillsPage()->isVisible());
    CHECK(debrief->width() > 700);

    const Drill drill = *desk.school->drill("straight-run"); // a flight that was just kept is the one that is looked at
    const FlownDrill flown = *fly_drill(drill, *desk.school->data().setup_for(drill, RateProfile{}), 0.9, 3, {});
    JudgedAttempt attempt = judged_attempt(flown.score, Mode::Acro);
    attempt.pilot_id = desk.station->pilotId();
    attempt.session_id = desk.school->start_session(attempt.pilot_id, "Simulated controller", "simulated");
    desk.school->keep_flight(std::move(attempt), std::make_shared<const FlightLog>(flown.log), nullptr, nullptr);
    desk.school->finish_keeping();
    REQUIRE(desk.waitFor([&] { return desk.text("debriefTitle").startsWith("Straight run"); }));

    for (int page = MainWindow::PageCount - 1; page >= 0; --page) { // every page is where it was
        desk.window->showPage(static_cast<MainWindow::Page>(page));
        CHECK(desk.find<QStackedWidget>("pages")->currentIndex() == page);
        CHECK(desk.find<QWidget>("page" + MainWindow::pageKey(static_cast<MainWindow::Page>(page)))->isVisible());
    }
    desk.window->showPage(MainWindow::Drills);
    desk.window->resize(1280, 800);
    QTest::qWait(30);
    CHECK_FALSE(debrief->isVisible());
    desk.window->showPage(MainWindow::Debrief);
    CHECK(debrief->isVisible());
}

TEST_CASE("paper is seen before it is printed, saved as it is seen, and can be dragged out", "[desk][wide]")
{
    Desk desk(BH_DEMO);
    desk.window->showPage(MainWindow::FirstFlight);
    desk.find<QPushButton>("listPaper")->click();
    auto* paper = desk.window->findChild<PaperWindow*>();
    REQUIRE(paper);
    REQUIRE(QTest::qWaitForWindowExposed(paper));
    const QString file = desk.folder.filePath("list.pdf");
    paper->saveTo(file);
    CHECK(desk.text("paperSaid") == "Written: " + file);
    paper->saveTo(desk.folder.filePath("no/such/folder/list.pdf"));
    CHECK(desk.text("paperSaid").contains("could not be written"));
    for (const QString& made : {file, paper->asFile()}) {
        QProcess text;
        text.start("pdftotext", {made, "-"});
        REQUIRE(text.waitForFinished());
        const QString words = QString::fromUtf8(text.readAllStandardOutput());
        CHECK(words.contains(QString::fromStdString(desk.school->pilot(desk.station->pilotId())->name))); // its heading
        CHECK(words.contains("1 of "));
    }
    CHECK(paper->asFile().endsWith("first-flight.pdf")); // the name that another program sees
}

TEST_CASE("a clock that is behind the newest entry is spoken of before anything is logged by it", "[desk][wide]")
{
    Desk desk(BH_DEMO);
    desk.window->askWhatIsOpen();
    CHECK_FALSE(desk.text("statusRecord").contains("clock"));
    const auto newest = desk.school->record().entries_after(desk.school->record().head().count - 1).back().at;
    desk.close();
    RecordOptions options;
    options.station_folder = desk.file.parent_path() / "station";
    options.clock = [at = newest - 86400] { return at; };
    auto record = Record::open(desk.place, options);
    REQUIRE(record);
    School school(std::move(*record), DataFolder(BH_DATA));
    Station station(school);
    MainWindow window(school, station, "Record");
    window.show();
    window.askWhatIsOpen();
    bool said = false;
    for (const auto* label : window.findChildren<QPushButton*>()) said = said || label->text().contains("set the clock right");
    for (const auto* label : window.findChildren<QLabel*>()) said = said || label->text().contains("set the clock right");
    CHECK(said);
}
