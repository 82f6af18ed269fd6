// The Progress page: curves, hours, the log with its corrections, sickness, the bill; and the rules of the house.
#include "desk/first_flight/release_panel.h"
#include "desk/parts/paper/paper.h"
#include "desk/progress/curves_panel.h"
#include "desk/progress/log_panel.h"
#include "desk/record/house_panel.h"
#include "desk_fixture.h"
#include "run_program.h"
#include "school/views/first_flight.h"
#include "school/views/readiness_facts.h"
#include "school/views/today.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QLineEdit>
#include <QTableView>
#include <QTableWidget>

using namespace bh;
using namespace bh::desk;

namespace {

struct AtProgress {
    Desk desk{BH_DEMO};
    explicit AtProgress(const char* name, const char* section)
    {
        for (const Pilot& p : desk.school->pilots())
            if (p.name == name) desk.station->choosePilot(p.id);
        QTest::keyClick(&*desk.window, Qt::Key_8, Qt::AltModifier);
        press(section);
    }
    void press(const char* name) const { desk.find<QAbstractButton>(name)->click(); }
    [[nodiscard]] QString file(const char* name) const { return desk.folder.filePath(QLatin1String(name)); }
};

QString textOf(const QString& pdf)
{
    return QString::fromStdString(runProgram("pdftotext -layout " + pdf.toStdString() + " -").out)
        .normalized(QString::NormalizationForm_KC); // letters that are printed as one
}

} // namespace

TEST_CASE("curves are drawn for every drill that was flown, beside the window", "[desk][progress]")
{
    AtProgress p("Tomas Brede", "sectionCurves");
    auto* grid = p.desk.find<CurveGrid>("curveGrid");
    REQUIRE(p.desk.waitFor([&] { return grid->count() > 0; }, 60000));
    int flown = 0;
    for (const LadderStep& step : p.desk.school->standing(p.desk.station->pilotId()).ladder) flown += step.standing.attempts > 0;
    CHECK(grid->count() == flown);
    grid->setFocus();
    QTest::keyClick(grid, Qt::Key_Right);
    REQUIRE(grid->chosen());
    CHECK(p.desk.text("curveDetail").startsWith(QString::fromStdString(grid->chosen()->name)));
    const std::string first = grid->chosen()->drill_id;
    QTest::keyClick(grid, Qt::Key_Left);
    CHECK(grid->chosen()->drill_id != first);
    p.press("curvesLeading");
    CHECK(p.desk.text("curvesSummary").contains("drills flown"));
}

TEST_CASE("hours tell the pace, the weeks left and who is too slow", "[desk][progress]")
{
    AtProgress p("Jonah Wickett", "sectionHours");
    CHECK(p.desk.text("progressSummary").startsWith("Jonah Wickett: "));
    CHECK(p.desk.find<QLabel>("hoursAlert")->isVisible());
    auto* targets = p.desk.find<QTableWidget>("hoursTargets");
    REQUIRE(targets->rowCount() == 3);
    CHECK(targets->item(0, 0)->text() == "20 h, the low end");
    CHECK(targets->item(0, 3)->text().contains(" to "));
    CHECK(p.desk.text("hoursArithmetic").contains("20 h at 3 h a week is 6.7 weeks, 50 h is 16.7"));
    REQUIRE(p.desk.school->keep_house_limit(Limit::HoursWeekly, 4, "more"));
    CHECK(p.desk.text("hoursArithmetic").contains("20 h at 4 h a week is 5.0 weeks"));
    for (const Pilot& pilot : p.desk.school->pilots())
        if (pilot.name == "Nell Harker") p.desk.station->choosePilot(pilot.id);
    CHECK_FALSE(p.desk.find<QLabel>("hoursAlert")->isVisible());
    CHECK(targets->item(0, 4)->text() == "reached");
}

TEST_CASE("the log is filtered, struck out with a reason, and corrected", "[desk][progress]")
{
    AtProgress p("Jonah Wickett", "sectionLog");
    const std::string pilot = p.desk.station->pilotId();
    auto* attempts = p.desk.find<QTableView>("attempts");
    const int all = attempts->model()->rowCount();
    CHECK(all == static_cast<int>(p.desk.school->attempts(pilot).size()) + 1); // the demo's coordinator struck one out
    auto* result = p.desk.find<QComboBox>("resultFilter");
    result->setCurrentIndex(3);
    CHECK(attempts->model()->rowCount() == 1);
    CHECK(attempts->model()->index(0, 6).data().toString().contains("Petra flew this one"));
    result->setCurrentIndex(0);
    p.desk.find<QComboBox>("periodFilter")->setCurrentIndex(1);
    CHECK(attempts->model()->rowCount() < all);
    p.desk.find<QComboBox>("periodFilter")->setCurrentIndex(0);

    attempts->setFocus();
    attempts->setCurrentIndex(attempts->model()->index(0, 0));
    const auto counted = p.desk.school->attempts(pilot).size();
    p.press("strikeOut");
    CHECK(p.desk.text("logSaid").contains("reason"));
    CHECK(p.desk.school->attempts(pilot).size() == counted);
    p.desk.find<QLineEdit>("strikeReason")->setText("The table was pushed");
    p.press("strikeOut");
    CHECK(p.desk.school->attempts(pilot).size() == counted - 1);
    QTest::keyClick(&*p.desk.window, Qt::Key_Z, Qt::ControlModifier);
    CHECK(p.desk.school->attempts(pilot).size() == counted);

    auto* sessions = p.desk.find<QTableView>("sessions");
    sessions->setFocus();
    sessions->setCurrentIndex(sessions->model()->index(0, 0));
    p.press("correctSession");
    auto* dialog = p.desk.find<QWidget>("correctDialog");
    const Session before = p.desk.school->sessions(pilot).back();
    dialog->findChild<QDoubleSpinBox*>("correctActive")->setValue(12);
    dialog->findChild<QAbstractButton*>("correctKeep")->click();
    CHECK(dialog->findChild<QLabel*>("correctSaid")->text().contains("reason"));
    dialog->findChild<QLineEdit*>("correctReason")->setText("Lunch");
    dialog->findChild<QComboBox*>("correctViewing")->setCurrentIndex(2);
    dialog->findChild<QAbstractButton*>("correctKeep")->click();
    const Session& after = p.desk.school->sessions(pilot).back();
    CHECK(after.id == before.id);
    CHECK(after.active_s == 720);
    CHECK(after.idle_s == before.idle_s);
    CHECK(after.started_at == before.started_at);
    CHECK(after.viewing == Viewing::Goggles);
}

TEST_CASE("a logbook is written as tables, as everything that is known, and on paper", "[desk][progress]")
{
    AtProgress p("Nell Harker", "sectionLog");
    auto* log = p.desk.window->findChild<LogPanel*>();
    REQUIRE(log);
    for (const char* name : {"nell.csv", "nell.json", "nell.pdf"}) {
        log->writeOut(p.file(name));
        CHECK(QFile::exists(p.file(name)));
    }
    CHECK(QFile::exists(p.file("nell-flights.csv")));
    const QString paper = textOf(p.file("nell.pdf"));
    CHECK(paper.contains("Logbook of Nell Harker"));
    CHECK(paper.contains("h practised"));
    CHECK(paper.contains("1 of "));
    log->writeOut("/no/such/folder/x.csv");
    CHECK(p.desk.text("logSaid").contains("could not be written"));
}

TEST_CASE("the bill is an estimate, and its prices are the house's", "[desk][progress]")
{
    AtProgress p("Oren Pell", "sectionBill");
    CHECK(p.desk.text("billEstimate").startsWith("An estimate"));
    CHECK(p.desk.text("billSummary").contains("Saved so far"));
    auto* bill = p.desk.find<QTableWidget>("bill");
    const QString whole = bill->item(bill->rowCount() - 1, 5)->text();
    CHECK(whole.toInt() > 0);
    REQUIRE(p.desk.school->keep_house_limit(Limit::PriceAircraft, 1000, "another one"));
    CHECK(bill->item(bill->rowCount() - 1, 5)->text().toInt() >= whole.toInt());
    p.press("billPrices");
    REQUIRE(p.desk.find<QWidget>("recordWindow")->isVisible());
    CHECK(p.desk.find<QTableWidget>("houseRules")->isVisible());
}

TEST_CASE("sickness over time is shown with what to do about it", "[desk][progress]")
{
    AtProgress p("Sami Roake", "sectionSickness");
    CHECK(p.desk.text("sicknessAdvice").startsWith("Goggles were too much once"));
    CHECK(p.desk.find<QWidget>("sicknessPlot")->isVisible());
    for (const Pilot& pilot : p.desk.school->pilots())
        if (pilot.name == "Wilf Dunnock") p.desk.station->choosePilot(pilot.id);
    CHECK(p.desk.text("sicknessAdvice").contains("begin on the screen"));
    CHECK_FALSE(p.desk.find<QWidget>("sicknessPlot")->isVisible());
}

TEST_CASE("a rule of the house is changed with a reason; gates go by it; it is undone and printed", "[desk][house]")
{
    AtProgress p("Petra Lowmoor", "sectionHours");
    p.desk.window->showRecord(3);
    auto* rules = p.desk.find<QTableWidget>("houseRules");
    const auto choose = [&](const char* id) {
        for (int row = 0; row < rules->rowCount(); ++row)
            if (rules->item(row, 0)->data(Qt::UserRole).toString() == id) rules->setCurrentCell(row, 0);
    };
    CHECK(rules->rowCount() == static_cast<int>(house_limits().size()));
    choose("hours.low");
    p.desk.find<QDoubleSpinBox>("houseValue")->setValue(12);
    p.press("houseKeep");
    CHECK(p.desk.text("houseSaid").contains("Say why"));
    CHECK(p.desk.school->house().of(Limit::HoursLow) == 20);
    p.desk.find<QLineEdit>("houseReason")->setText("The first flights are flown tethered");
    p.press("houseKeep");
    CHECK(p.desk.school->house().of(Limit::HoursLow) == 12);
    const auto gates = gates_of(*p.desk.school, p.desk.station->pilotId());
    CHECK(gates.front().evidence.english().find("of 12 h") != std::string::npos);
    choose("hours.low");
    const QString changed = rules->item(rules->currentRow(), 4)->text();
    CHECK(changed.contains("tethered"));
    const QString paper = p.file("rules.pdf");
    REQUIRE(saveOnPaper(paper, "Rules of the house", p.desk.window->findChild<HousePanel*>()->onPaperNow()));
    const QString printed = textOf(paper);
    CHECK(printed.contains("tethered"));
    CHECK(printed.contains("Marks of drills"));
    QTest::keyClick(&*p.desk.window, Qt::Key_Z, Qt::ControlModifier);
    CHECK(p.desk.school->house().of(Limit::HoursLow) == 20);
    // A rule that is a choice and not an amount: how turns are begun, which drills with turns are then judged by.
    choose("turns.begin");
    CHECK(rules->item(rules->currentRow(), 1)->text() == "not judged");
    const auto judged_by_lead = [&] {
        const auto& criteria = p.desk.school->drill("oval-pair")->criteria;
        return std::any_of(criteria.begin(), criteria.end(), [](const Criterion& c) { return c.measure == Measure::YawLeadMs; });
    };
    CHECK_FALSE(judged_by_lead());
    p.desk.find<QComboBox>("houseChoice")->setCurrentIndex(2);
    p.desk.find<QLineEdit>("houseReason")->setText("So it is taught here");
    p.press("houseKeep");
    CHECK(p.desk.text("houseSaid").contains("both together from now on"));
    CHECK(judged_by_lead());
    QTest::keyClick(&*p.desk.window, Qt::Key_Z, Qt::ControlModifier);
    CHECK_FALSE(judged_by_lead());
    auto* group = p.desk.find<QComboBox>("houseGroup");
    group->setCurrentIndex(group->findText("Marks of drills"));
    CHECK(rules->rowCount() > 60);
    CHECK_FALSE(p.desk.find<QDoubleSpinBox>("houseValue")->isEnabled()); // they are changed where drills are
    p.press("houseMarks");
    CHECK(p.desk.find<QAbstractButton>("pageDrills")->isChecked());
}

TEST_CASE("a release on paper can be checked later", "[desk][first-flight]")
{
    AtProgress p("Anselm Roe", "sectionHours");
    const Release* release = newest_release(*p.desk.school, p.desk.station->pilotId());
    REQUIRE(release);
    REQUIRE(saveOnPaper(p.file("release.pdf"), "Release to a real aircraft", releasePaper(*p.desk.school, *release)));
    const QString text = textOf(p.file("release.pdf")).simplified();
    CHECK(text.contains("Anselm Roe is released to fly School Avocet"));
    CHECK(text.contains("Edda Fenn, coordinator"));
    CHECK(text.contains("twelve cuts of twelve"));
    CHECK(text.contains(QString::fromStdString(parse_head(release->head)->hash).left(16)));
    CHECK(text.contains("national aviation authority"));
}

TEST_CASE("the Board names at most five things, and sorts and groups the school", "[desk][board]")
{
    AtProgress p("Nell Harker", "sectionHours");
    QTest::keyClick(&*p.desk.window, Qt::Key_1, Qt::AltModifier);
    const auto& items = p.desk.school->today_items();
    REQUIRE(items.size() > most_today);
    int lines = 0;
    for (const QPushButton* b : p.desk.window->findChildren<QPushButton*>())
        lines += b->objectName().startsWith("go-") && b->isVisible();
    CHECK(lines == static_cast<int>(most_today));
    CHECK(p.desk.text("boardPlanned").contains("can wait"));
    auto* table = p.desk.find<QTableView>("board");
    auto* group = p.desk.find<QComboBox>("boardGroup");
    CHECK(table->model()->rowCount() == 11);
    group->setCurrentIndex(group->findText("Have flown"));
    REQUIRE(table->model()->rowCount() == 1);
    CHECK(table->model()->index(0, 0).data().toString() == "Anselm Roe");
    group->setCurrentIndex(group->findText("Released"));
    REQUIRE(table->model()->rowCount() == 1);
    CHECK(table->model()->index(0, 0).data().toString() == "Greta Holm");
    group->setCurrentIndex(0);
    table->sortByColumn(2, Qt::DescendingOrder); // hours
    CHECK(table->model()->index(0, 0).data().toString() == "Nell Harker");
    int marked = 0; // in the roster: who is named today, and nobody else
    const auto* list = p.desk.find<QAbstractItemView>("pilotList");
    for (int row = 0; row < list->model()->rowCount(); ++row)
        marked += list->model()->index(row, 0).data(Qt::UserRole + 5).toBool();
    CHECK(marked < 8);
    CHECK(marked > 0);
    table->sortByColumn(-1, Qt::AscendingOrder); // it would be remembered
}
