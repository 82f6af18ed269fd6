// The same work in two languages: what is pressed, typed and chosen puts the same onto the record.
#include "desk/board/week_grid.h"
#include "desk/board/week_panel.h"
#include "desk/controller/controller_page.h"
#include "desk/debrief/debrief_page.h"
#include "desk/debrief/import_dialog.h"
#include "desk/debrief/rules_dialog.h"
#include "desk/drills/drills_page.h"
#include "desk/first_flight/first_flight_page.h"
#include "desk/record/record_window.h"
#include "desk/words/language.h"
#include "desk/words/message_words.h"
#include "desk_fixture.h"
#include "school/views/week_plan.h"

#include <QAbstractButton>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QListWidget>
#include <QRegularExpression>
#include <QSignalSpy>
#include <QTableWidget>
#include <QTreeWidget>

using namespace bh;
using namespace bh::desk;

namespace {

/// Somebody at the demo school's desk.
struct Hands {
    Desk desk{BH_DEMO};
    std::int64_t begun = desk.school->record().head().count;

    void pilot(const char* name)
    {
        for (const Pilot& p : desk.school->pilots())
            if (p.name == name) desk.station->choosePilot(p.id);
    }
    void page(MainWindow::Page page)
    {
        desk.window->showPage(page);
        QTest::qWait(50); // built when it is first looked at
    }
    void press(const char* name)
    {
        auto* button = desk.find<QAbstractButton>(name);
        CAPTURE(name);
        REQUIRE(button->isEnabled());
        button->click();
        QTest::qWait(20);
    }
    void type(const char* name, const char* words)
    {
        auto* edit = desk.find<QLineEdit>(name);
        edit->setFocus();
        edit->setText(QString::fromUtf8(words));
        QTest::keyClick(edit, Qt::Key_Return);
    }
    void choose(const char* name, int row)
    {
        auto* box = desk.find<QComboBox>(name);
        REQUIRE(row < box->count());
        box->setCurrentIndex(row);
        Q_EMIT box->activated(row);
    }
    void set(const char* name, double value) { desk.find<QDoubleSpinBox>(name)->setValue(value); }

    /// What was written since, without what is another each time: ids, keys, seals.
    [[nodiscard]] QStringList written()
    {
        static const QRegularExpression made(QStringLiteral("[A-Za-z0-9+/=_-]{20,}"));
        QStringList lines, known;
        for (const Entry& e : desk.school->record().entries_after(begun)) {
            QString line = QString::fromStdString(e.kind + ' ' + e.subject + ' ' + e.why + ' ' + e.body);
            for (auto match = made.match(line); match.hasMatch(); match = made.match(line)) {
                if (!known.contains(match.captured())) known << match.captured();
                line.replace(match.captured(), QStringLiteral("<%1>").arg(known.indexOf(match.captured())));
            }
            lines << line;
        }
        return lines;
    }
};

void plan(Hands& h)
{
    h.page(MainWindow::Board);
    h.press("sectionWeek");
    auto* panel = h.desk.window->findChild<WeekPanel*>();
    panel->showWeek("2031-W26");
    h.desk.find<WeekGrid>("weekGrid")->choose(planned_week(*h.desk.school, panel->week()).blocks.back());
    h.press("weekLock");
    h.press("weekPublish");
    h.press("weekClosed");
}

void drills(Hands& h)
{
    h.page(MainWindow::Drills);
    auto* ladder = h.desk.find<QListWidget>("ladder");
    const auto* opening = h.desk.find<QWidget>("opening");
    for (int row = 0; row < ladder->count() && !opening->isVisible(); ++row) ladder->setCurrentRow(row);
    REQUIRE(opening->isVisible());
    h.desk.find<QLineEdit>("openReason")->setText("Has flown gliders for years");
    h.press("openStage");
    CHECK_FALSE(opening->isVisible());
    h.press("sectionChange");
    ladder->setCurrentRow(0);
    auto* limits = h.desk.find<QTableWidget>("limits");
    const QString weight = limits->item(0, 4)->text();
    limits->item(0, 4)->setText(inDigits(1.5, 3));
    QTest::qWait(50);
    CHECK(limits->item(0, 4)->text() == inDigits(1.5, 3));
    CHECK(limits->item(0, 4)->text() != weight);
    auto* stages = h.desk.find<QTreeWidget>("stages");
    stages->setCurrentItem(stages->topLevelItem(1));
    Q_EMIT stages->itemChanged(stages->topLevelItem(1), 0); // looked into, and left as it was
    QTest::qWait(50);
    stages->setCurrentItem(stages->topLevelItem(1));
    h.press("moveUp");
    h.desk.find<QComboBox>("addsDrill")->setCurrentIndex(3);
    stages->setCurrentItem(stages->topLevelItem(0));
    h.press("newStage");
}

void controllerAndSetup(Hands& h)
{
    h.page(MainWindow::Kit);
    h.press("kit-cable");
    h.page(MainWindow::Controller);
    h.desk.window->controllerPage()->showSection(ControllerPage::Sheets);
    h.type("axisWord", "Lever"); // and nothing else of the simulator's
    h.page(MainWindow::Setup);
    h.type("newAircraft", "Curlew");
    h.set("realMass", 1050);
    h.page(MainWindow::Rates);
    h.set("real-roll-0", 1.2);
    h.choose("ratesFamily", 1);
    h.press("applyMatch");
    h.press("sectionPlan");
    h.choose("planKind", 1);
    h.press("beginPlan");
}

void debrief(Hands& h)
{
    h.page(MainWindow::Debrief);
    RulesDialog rules(*h.desk.school);
    rules.findChild<QDoubleSpinBox*>("ruleGain")->setValue(0.35); // its words stay as they are
    rules.findChild<QPushButton*>("ruleKeep")->click();
    { // how a table of another program is read is kept, its units by their keys
        ImportDialog import(*h.desk.school, h.desk.station->pilotId());
        REQUIRE(import.openTable(QStringLiteral(BH_REFERENCE "/logs/slalom.csv")));
        QSignalSpy done(&import, &ImportDialog::done);
        import.findChild<QPushButton*>("importLook")->click();
        REQUIRE(h.desk.waitFor([&] { return done.count() == 1; }));
    }
    h.page(MainWindow::Progress);
    h.press("sectionLog");
    h.press("addPractice");
    auto* practice = h.desk.find<QDialog>("practiceDialog");
    practice->findChild<QLineEdit*>("handReason")->setText("Flown at home");
    practice->findChild<QComboBox*>("handSimulator")->setCurrentIndex(2);
    practice->findChild<QPushButton*>("handAdd")->click();
    practice->close();
    h.desk.window->showRecord(RecordWindow::House);
    h.choose("houseGroup", 2);
    h.desk.find<QTableWidget>("houseRules")->setCurrentCell(0, 0);
    auto* limit = h.desk.find<QDoubleSpinBox>("houseValue");
    limit->stepUp();
    h.desk.find<QLineEdit>("houseReason")->setText("As our school has it");
    h.press("houseKeep");
}

void firstFlight(Hands& h)
{
    h.page(MainWindow::FirstFlight);
    h.type("siteSpotter", "Edda Fenn");
    h.choose("siteGround", 2);
    h.press("sectionProgramme");
    h.type("note-up", "Watched at five points");
    h.press("coordinator-up");
    auto* gates = h.desk.find<QTableWidget>("gates");
    for (int row = 0; row < gates->rowCount() && !gates->item(row, 0)->data(Qt::UserRole + 1).toBool(); ++row) {
        gates->setCurrentCell(row, 0);
        h.type("overrideReason", "Seen by eye, on the meadow");
    }
    h.type("releasePassphrase", "salt and west wind");
    h.press("sectionAfter");
    h.press("surprise-rates");
    h.desk.find<QLineEdit>("afterWent")->setText("Faster than here");
    h.press("afterKeep");
}

QStringList worked(const char* language)
{
    speak(*qApp, language);
    Hands h;
    h.pilot("Nell Harker");
    plan(h);
    controllerAndSetup(h);
    debrief(h);
    firstFlight(h);
    h.desk.station->choosePilot(h.desk.school->add_pilot({"", "Wilf Dunnock"}));
    drills(h);
    h.desk.school->finish_keeping();
    QStringList lines = h.written();
    speak(*qApp, "en");
    return lines;
}

} // namespace

TEST_CASE("the same work leaves the same record in every language", "[desk][language]")
{
    const QStringList english = worked("en"), german = worked("de");
    CHECK(english.size() > 20);
    CHECK(german.size() == english.size());
    for (int i = 0; i < std::min(english.size(), german.size()); ++i) {
        CAPTURE(i);
        CHECK(german[i].toStdString() == english[i].toStdString());
    }
}

TEST_CASE("a gate's evidence is found from its line in German too", "[desk][language]")
{
    speak(*qApp, "de");
    Hands h;
    h.pilot("Petra Lowmoor");
    for (const auto& [gate, expected] : std::initializer_list<std::pair<const char*, const char*>>{
             {"hours", "pageProgress"}, {"controller", "pageController"}, {"roof", "pageDrills"}, {"habits", "pageDebrief"}}) {
        h.page(MainWindow::FirstFlight);
        auto* gates = h.desk.find<QTableWidget>("gates");
        for (int row = 0; row < gates->rowCount(); ++row)
            if (gates->item(row, 0)->data(Qt::UserRole).toString() == gate) gates->setCurrentCell(row, 0);
        h.press("gateLook");
        CHECK(h.desk.find<QAbstractButton>(expected)->isChecked());
    }
    speak(*qApp, "en");
}

TEST_CASE("what a field shows in German is kept as it was where nobody writes over it", "[desk][language]")
{
    speak(*qApp, "de");
    CHECK(asWords("Drift") == "Abdrift");
    CHECK(asKept("Abdrift", "Drift") == "Drift");
    CHECK(asKept(" Abdrift\n", "Drift") == "Drift");
    CHECK(asKept("Abdrift links", "Drift") == "Abdrift links");
    CHECK(asKept("", "Drift").empty());
    CHECK(numberIn("1,5") == 1.5);
    CHECK(numberIn("1.5") == 1.5); // as the other language has it, and no thousands
    CHECK(numberIn("-0,25") == -0.25);
    CHECK_FALSE(numberIn("1,5,2"));
    CHECK_FALSE(numberIn("viel"));
    speak(*qApp, "en");
    CHECK(numberIn("1.5") == 1.5);
    CHECK_FALSE(numberIn("1,5"));
}
