// The First flight page: every gate of the chosen pilot, and the page that it is judged by one click away.
#include "desk/first_flight/first_flight_page.h"
#include "desk/parts/forms/sickness_dialog.h"
#include "desk_fixture.h"
#include "school/views/first_flight.h"
#include "school/views/readiness_facts.h"

#include <QAbstractButton>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QTableWidget>
#include <algorithm>

using namespace bh;
using namespace bh::desk;

TEST_CASE("each gate stands with its state, its evidence and by when it is met, and leads to its page", "[desk][readiness]")
{
    Desk desk(BH_DEMO);
    const auto choose = [&](const char* name) {
        for (const Pilot& p : desk.school->pilots())
            if (p.name == name) desk.station->choosePilot(p.id);
    };
    choose("Petra Lowmoor");
    QTest::keyClick(&*desk.window, Qt::Key_9, Qt::AltModifier);
    auto* page = desk.window->findChild<FirstFlightPage*>();
    REQUIRE(page);
    REQUIRE(page->isVisible());
    auto* table = desk.find<QTableWidget>("gates");
    auto gates = gates_of(*desk.school, desk.station->pilotId());
    std::stable_sort(gates.begin(), gates.end(), [](const auto& a, const auto& b) { // the open ones first
        return (a.state == GateState::Met) < (b.state == GateState::Met);
    });
    REQUIRE(table->rowCount() == static_cast<int>(gates.size()));
    int met = 0;
    for (int row = 0; row < table->rowCount(); ++row) {
        const ReadinessGate& g = gates[static_cast<std::size_t>(row)];
        CHECK(table->item(row, 3)->text().toStdString() == g.evidence);
        CHECK(table->item(row, 0)->text().endsWith(
            QLatin1String(gate_state_key(g.state) == "unknown" ? "not known" : gate_state_key(g.state).data())));
        CHECK(table->item(row, 2)->text().isEmpty() == !g.by_day.has_value());
        met += g.state == GateState::Met;
    }
    CHECK(desk.text("readinessSummary").startsWith(QStringLiteral("Petra Lowmoor: not yet. %1 of 16 gates open").arg(16 - met)));
    CHECK(desk.text("readinessCaution").contains("advice"));
    for (const auto& [gate, expected] : std::initializer_list<std::pair<const char*, const char*>>{
             {"hours", "pageProgress"}, {"controller", "pageController"}, {"roof", "pageDrills"}, {"habits", "pageDebrief"}}) {
        QTest::keyClick(&*desk.window, Qt::Key_9, Qt::AltModifier);
        for (int row = 0; row < table->rowCount(); ++row)
            if (table->item(row, 0)->data(Qt::UserRole).toString() == gate) table->setCurrentCell(row, 0);
        QTest::mouseClick(desk.find<QPushButton>("gateLook"), Qt::LeftButton);
        CHECK_FALSE(page->isVisible());
        CHECK(desk.find<QAbstractButton>(expected)->isChecked());
    }
    // Another pilot's gates, while the page is looked at.
    QTest::keyClick(&*desk.window, Qt::Key_9, Qt::AltModifier);
    choose("Nell Harker");
    CHECK(desk.text("readinessSummary").startsWith("Nell Harker"));
}

TEST_CASE("without a pilot the page says what to do, and a new one has nothing met that was not done", "[desk][readiness]")
{
    Desk desk;
    QTest::keyClick(&*desk.window, Qt::Key_9, Qt::AltModifier);
    CHECK(desk.text("readinessSummary").startsWith("Choose or add a pilot"));
    desk.station->choosePilot(desk.school->add_pilot({"", "Wilf Dunnock"}));
    auto* table = desk.find<QTableWidget>("gates");
    REQUIRE(table->isVisible());
    for (int row = 0; row < table->rowCount(); ++row) {
        const bool sides = table->item(row, 0)->data(Qt::UserRole).toString() == "sides"; // nothing lies apart yet
        CHECK((sides || !table->item(row, 0)->text().endsWith(" met")));
    }
}

TEST_CASE("the sickness questionnaire is answered by keys, kept, and the Board says so that day", "[desk][readiness]")
{
    Desk desk;
    const std::string pilot = desk.school->add_pilot({"", "Wilf Dunnock"});
    desk.station->choosePilot(pilot);
    QTest::keyClick(&*desk.window, Qt::Key_9, Qt::AltModifier);
    QTest::mouseClick(desk.find<QPushButton>("askSickness"), Qt::LeftButton);
    auto* dialog = desk.window->findChild<SicknessDialog*>();
    REQUIRE(dialog);
    auto* questions = dialog->findChild<QTableWidget*>("sicknessQuestions");
    auto* keep = dialog->findChild<QPushButton*>("sicknessKeep");
    const auto message = [&] { return dialog->findChild<QLabel*>("sicknessSaid")->text(); };
    REQUIRE(questions->rowCount() == 16);
    CHECK(dialog->findChild<QLabel*>("sicknessBefore")->text() == "Not asked before.");
    for (int i = 0; i < 15; ++i) QTest::keyClick(questions, i == 7 ? Qt::Key_3 : i == 11 ? Qt::Key_2 : Qt::Key_0);
    CHECK_FALSE(keep->isEnabled());
    CHECK(message() == "1 lines to answer.");
    QTest::keyClick(questions, Qt::Key_0);
    // Nausea counts for nausea and disorientation, dizzy with open eyes for disorientation.
    CHECK(message().startsWith("Nausea 28.6, eyes 0.0, disorientation 69.6; total 29.9."));
    CHECK(message().contains("no real aircraft today"));
    dialog->findChild<QComboBox*>("sicknessViewing")->setCurrentIndex(1);
    QTest::mouseClick(keep, Qt::LeftButton);
    REQUIRE(desk.school->file(pilot).sickness.size() == 1);
    CHECK(desk.school->file(pilot).sickness[0].goggles);
    CHECK_FALSE(desk.school->file(pilot).sickness[0].before);
    CHECK(desk.school->standing(pilot).attention == "Symptoms today: the screen, a rest, and no real aircraft today");
    auto* table = desk.find<QTableWidget>("gates");
    const auto state = [&] {
        for (int row = 0; row < table->rowCount(); ++row)
            if (table->item(row, 0)->data(Qt::UserRole).toString() == "sickness") return table->item(row, 0)->text();
        return QString();
    };
    CHECK(state().endsWith("not yet"));
    // Better by the screen: the newest answers tell.
    SicknessAnswers well;
    well.pilot_id = pilot;
    well.answers.assign(16, 0);
    REQUIRE(desk.school->add_sickness(well));
    CHECK(state().endsWith(" met"));
    CHECK_FALSE(desk.school->standing(pilot).attention.english().starts_with("Symptoms"));
}

namespace {

/// A demo desk at the First flight page of a pilot.
struct AtFirstFlight {
    Desk desk{BH_DEMO};
    explicit AtFirstFlight(const char* name)
    {
        for (const Pilot& p : desk.school->pilots())
            if (p.name == name) desk.station->choosePilot(p.id);
        QTest::keyClick(&*desk.window, Qt::Key_9, Qt::AltModifier);
    }
    void press(const char* name) const { desk.find<QAbstractButton>(name)->click(); }
    void type(const char* name, const char* words) const
    {
        auto* edit = desk.find<QLineEdit>(name);
        edit->setFocus();
        edit->setText(QString::fromUtf8(words));
        QTest::keyClick(edit, Qt::Key_Return);
    }
    [[nodiscard]] FlightDay day() const { return flight_day(*desk.school, desk.station->pilotId()); }
};

} // namespace

TEST_CASE("the day is typed or read from a weather line, judged worst first, and undone", "[desk][first-flight]")
{
    AtFirstFlight f("Nell Harker");
    CHECK(f.desk.text("dayJudged").contains("Wind 6.5 m/s, at most 5.0 m/s"));
    CHECK(f.desk.text("dayPlan").contains("Camera tilt 15° instead of 25°"));
    f.type("weatherReport", "METAR YUDO 221630Z 24003MPS 9999 SCT030 17/11 Q1018");
    CHECK(f.day().weather.wind_mps == 3.0);
    CHECK(f.desk.text("reportSaid").startsWith("Report of YUDO."));
    CHECK_FALSE(f.desk.text("dayJudged").contains("Wind 6.5"));
    CHECK(f.desk.find<QDoubleSpinBox>("dayWind")->value() == 3);
    f.type("weatherReport", "sunny");
    CHECK(f.desk.text("reportSaid").contains("expected"));
    CHECK(f.day().weather.wind_mps == 3.0); // nothing is lost
    f.type("siteSpotter", "Edda Fenn");
    CHECK(f.day().site.spotter == "Edda Fenn");
    CHECK(f.desk.text("dayJudged").contains("Spotter: Edda Fenn"));
    f.desk.find<QComboBox>("siteGround")->setCurrentIndex(static_cast<int>(SiteGround::Concrete));
    CHECK(f.desk.text("dayJudged").indexOf("Not over concrete") < f.desk.text("dayJudged").indexOf("Spotter"));
    QTest::keyClick(&*f.desk.window, Qt::Key_Z, Qt::ControlModifier);
    CHECK(f.day().site.ground == SiteGround::Grass);
}

TEST_CASE("the briefing is ticked by both, in a small window too, and becomes a gate", "[desk][first-flight]")
{
    AtFirstFlight f("Nell Harker");
    f.press("sectionBriefing");
    CHECK_FALSE(f.desk.find<QCheckBox>("pilot-crash")->isChecked());
    CHECK(f.desk.find<QCheckBox>("pilot-law")->isChecked());
    CHECK(f.desk.text("ratesOnAircraft").contains("by the record"));
    f.desk.window->firstFlightPage()->openSmallWindow();
    auto* small = f.desk.find<QWidget>("smallBriefing");
    REQUIRE(small->isVisible());
    CHECK(small->width() < 400);
    for (const auto& item : f.desk.school->first_flight_plan().briefing)
        for (const char* who : {"pilot-", "coordinator-"}) {
            auto* box = small->findChild<QCheckBox*>(QLatin1String(who) + QString::fromStdString(item.id));
            REQUIRE(box);
            if (!box->isChecked()) box->click();
        }
    CHECK(is_briefed(*f.desk.school, f.desk.station->pilotId()) == true);
    CHECK(f.desk.find<QCheckBox>("pilot-crash")->isChecked()); // here too
    f.press("sectionProgramme");
    f.type("note-up", "Watched at five points");
    f.desk.find<QCheckBox>("coordinator-up")->click();
    CHECK(f.day().programme.at("up") == Tick{false, true, "Watched at five points"});
}

TEST_CASE("a coordinator overrides a gate with a reason and signs; the release is on the Board", "[desk][first-flight]")
{
    AtFirstFlight f("Nell Harker");
    f.type("releasePassphrase", "salt and west wind");
    CHECK(f.desk.text("releaseSaid").contains("is not met"));
    auto* gates = f.desk.find<QTableWidget>("gates");
    while (gates->item(0, 0)->data(Qt::UserRole + 1).toBool() == false) { // the open ones stand first
        int open = 0;
        for (; open < gates->rowCount() && !gates->item(open, 0)->data(Qt::UserRole + 1).toBool(); ++open) {
            gates->setCurrentCell(open, 0);
            f.type("overrideReason", "Seen by eye, on the meadow");
        }
        break;
    }
    CHECK(gates->item(0, 3)->text().startsWith("overridden: Seen by eye"));
    f.type("releasePassphrase", "a wrong one, all the same");
    CHECK(f.desk.text("releaseSaid").contains("not the passphrase"));
    CHECK(newest_release(*f.desk.school, f.desk.station->pilotId()) == nullptr);
    f.type("releasePassphrase", "salt and west wind");
    const Release* release = newest_release(*f.desk.school, f.desk.station->pilotId());
    REQUIRE(release);
    CHECK(is_signed(*release));
    CHECK(f.desk.text("releaseState").startsWith("Released by Edda Fenn"));
    CHECK(std::any_of(release->gates.begin(), release->gates.end(),
                      [](const Release::Gate& g) { return g.overridden == "Seen by eye, on the meadow"; }));
    for (const Message& problem : f.desk.school->record().verify().problems)
        CHECK(problem.english().find("holds a release") ==
              std::string::npos); // the copy has no flight logs beside it, and that is told
    f.desk.find<QLineEdit>("overrideReason")->setText("The wind came up");
    f.press("releaseWithdraw"); // signed like a release, for good
    CHECK_FALSE(f.desk.text("releaseState").contains("Withdrawn"));
    CHECK(f.desk.text("releaseSaid").contains("not the passphrase"));
    f.desk.find<QLineEdit>("releasePassphrase")->setText("salt and west wind");
    f.press("releaseWithdraw");
    CHECK(f.desk.text("releaseState").contains("Withdrawn: The wind came up"));
}

TEST_CASE("what surprised leads to what to practise next", "[desk][first-flight]")
{
    AtFirstFlight f("Anselm Roe");
    f.press("sectionAfter");
    CHECK(f.desk.text("afterTold").contains("3 batteries"));
    f.press("practise-nerves");
    CHECK(f.desk.find<QAbstractButton>("pageDrills")->isChecked());
    QTest::keyClick(&*f.desk.window, Qt::Key_9, Qt::AltModifier);
    f.press("surprise-rates");
    f.desk.find<QLineEdit>("afterWent")->setText("Faster than here");
    f.press("afterKeep");
    REQUIRE(f.desk.school->file(f.desk.station->pilotId()).after_flight.size() == 2);
    CHECK(f.desk.text("afterTold").contains("Faster than here"));
    f.press("practise-rates");
    CHECK(f.desk.find<QAbstractButton>("pageRates")->isChecked());
    auto* everybody = f.desk.find<QTableWidget>("surprisesOfAll");
    REQUIRE(everybody->rowCount() == static_cast<int>(surprise_count));
}
