// The First flight page: every gate of the chosen pilot, and the page that it is judged by one click away.
#include "desk/first_flight/first_flight_page.h"
#include "desk/parts/sickness_dialog.h"
#include "desk_fixture.h"
#include "school/readiness_facts.h"

#include <QAbstractButton>
#include <QComboBox>
#include <QTableWidget>

using namespace bh;
using namespace bh::desk;

TEST_CASE("each gate stands with its state, its evidence and by when it is met, and leads to its page", "[desk][readiness]")
{
    Desk desk(BH_DEMO);
    const auto choose = [&](const char* name) {
        for (const PilotRow& p : desk.school->pilots())
            if (p.name == name) desk.station->choosePilot(p.id);
    };
    choose("Petra Lowmoor");
    QTest::keyClick(&*desk.window, Qt::Key_9, Qt::AltModifier);
    auto* page = desk.window->findChild<FirstFlightPage*>();
    REQUIRE(page);
    REQUIRE(page->isVisible());
    auto* table = desk.find<QTableWidget>("gates");
    const auto gates = gates_of(*desk.school, desk.station->pilotId());
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
    CHECK(desk.text("readinessSummary") == QStringLiteral("Petra Lowmoor: %1 of 16 gates are met.").arg(met));
    CHECK(desk.text("readinessCaution").contains("advice"));
    for (const auto& [gate, expected] : std::initializer_list<std::pair<const char*, const char*>>{
             {"hours", "pageLogbook"}, {"controller", "pageController"}, {"roof", "pageDrills"}, {"habits", "pageDebrief"}}) {
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
    CHECK(desk.text("readinessSummary").startsWith("Choose a pilot"));
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
    const auto said = [&] { return dialog->findChild<QLabel*>("sicknessSaid")->text(); };
    REQUIRE(questions->rowCount() == 16);
    CHECK(dialog->findChild<QLabel*>("sicknessBefore")->text() == "Not asked before.");
    for (int i = 0; i < 15; ++i) QTest::keyClick(questions, i == 7 ? Qt::Key_3 : i == 11 ? Qt::Key_2 : Qt::Key_0);
    CHECK_FALSE(keep->isEnabled());
    CHECK(said() == "1 lines to answer.");
    QTest::keyClick(questions, Qt::Key_0);
    // Nausea counts for nausea and disorientation, dizzy with open eyes for disorientation.
    CHECK(said().startsWith("Nausea 28.6, eyes 0.0, disorientation 69.6; total 29.9."));
    CHECK(said().contains("no real aircraft today"));
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
    CHECK_FALSE(desk.school->standing(pilot).attention.starts_with("Symptoms"));
}
