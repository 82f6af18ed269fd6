// Before there is a record: three questions; then what is done and what is next, up to the first score.
#include "desk/board/begin_panel.h"
#include "desk/kit/kit_page.h"
#include "desk/shell/start/first_start.h"
#include "desk_fixture.h"
#include "school/lock.h"
#include "school/views/beginning.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QRadioButton>

using namespace bh;
using namespace bh::desk;

namespace {

template <class Widget>
Widget* in(QWidget& window, const char* name)
{
    auto* widget = window.findChild<Widget*>(QLatin1String(name));
    CAPTURE(name);
    REQUIRE(widget);
    return widget;
}

void addPilot(const Desk& desk, const char* name)
{
    QTest::keyClicks(desk.find<QLineEdit>("newPilotName"), name);
    QTest::keyClick(desk.find<QLineEdit>("newPilotName"), Qt::Key_Return);
}

} // namespace

TEST_CASE("three questions begin a school: its name, its teaching, and no passphrase", "[desk][first]")
{
    Desk desk;
    FirstStart start{DataFolder(BH_DATA)};
    start.show();
    QTest::keyClicks(in<QLineEdit>(start, "firstName"), "Sallow Quay");
    auto* teaching = in<QComboBox>(start, "firstTeaching");
    CHECK(teaching->count() == static_cast<int>(desk.school->curricula().size()));
    teaching->setCurrentIndex(teaching->findData("one-axis"));
    QTest::keyClick(&start, Qt::Key_Return);
    CHECK(start.result() == QDialog::Accepted);
    CHECK(start.choice() == FirstStart::Choice::Begin);
    REQUIRE(start.keepOn(*desk.school, desk.window->lock()));
    CHECK(school_name(*desk.school) == "Sallow Quay");
    CHECK(desk.window->windowTitle() == QString::fromUtf8("Sallow Quay – Blue Hangar"));
    CHECK(desk.school->wants_no_passphrases());
    addPilot(desk, "Nell Harker");
    REQUIRE(desk.school->pilots().size() == 1);
    CHECK(desk.school->pilots()[0].curriculum == "one-axis");
    // Nothing is asked again.
    desk.window->askWhatIsOpen();
    CHECK_FALSE(desk.window->findChild<QDialog*>("recordWindow"));
}

TEST_CASE("a passphrase is asked twice before there is a record, and then guards it with the window unlocked", "[desk][first]")
{
    Desk desk;
    FirstStart start{DataFolder(BH_DATA)};
    start.show();
    in<QRadioButton>(start, "firstGuarded")->setChecked(true);
    const auto begin = [&] {
        in<QPushButton>(start, "firstBegin")->click();
        return in<QLabel>(start, "firstSaid")->text();
    };
    CHECK(begin() == "Say who the coordinator is.");
    QTest::keyClicks(in<QLineEdit>(start, "firstPerson"), "Edda Fenn");
    QTest::keyClicks(in<QLineEdit>(start, "firstPassphrase"), "short");
    CHECK(begin().contains("letters"));
    QTest::keyClicks(in<QLineEdit>(start, "firstPassphrase"), " salt herons");
    CHECK(begin() == "The two passphrases are not the same.");
    CHECK(start.isVisible());
    QTest::keyClicks(in<QLineEdit>(start, "firstAgain"), "short salt herons");
    begin();
    CHECK(start.result() == QDialog::Accepted);
    REQUIRE(start.keepOn(*desk.school, desk.window->lock()));
    REQUIRE(desk.window->lock().unlocked_by());
    CHECK(desk.window->lock().unlocked_by()->name == "Edda Fenn");
    CHECK_FALSE(desk.school->add_pilot({"", "Nell Harker"}).empty());
}

TEST_CASE("a record that is elsewhere, and a look at the demo, are one click away", "[desk][first]")
{
    for (const auto& [button, choice] :
         {std::pair{"firstElsewhere", FirstStart::Choice::Elsewhere}, {"firstDemo", FirstStart::Choice::Demo}}) {
        FirstStart start{DataFolder(BH_DATA)};
        start.show();
        in<QPushButton>(start, button)->click();
        CHECK(start.result() == QDialog::Accepted);
        CHECK(start.choice() == choice);
    }
}

TEST_CASE("a new school is led to its first score, and left alone after it", "[desk][first]")
{
    Desk desk;
    const auto now = [&] { return desk.text("boardSummary"); };
    CHECK(now().endsWith("Now: Add the first pilot."));
    desk.find<QPushButton>("begin-1")->click();
    REQUIRE(desk.waitFor([&] { return desk.find<QLineEdit>("newPilotName")->hasFocus(); }));
    addPilot(desk, "Petra Lowmoor");
    CHECK(now().endsWith("Now: Look through the kit."));
    const std::string pilot = desk.station->pilotId();
    desk.find<QPushButton>("begin-2")->click();
    REQUIRE(desk.waitFor([&] { return desk.find<KitPage>("pageKit")->isVisible(); }));
    for (QCheckBox* tick : desk.find<KitPage>("pageKit")->findChildren<QCheckBox*>())
        if (!tick->isChecked()) tick->click();
    CHECK(now().endsWith("Now: Set the aircraft up.")); // the simulated controller is ready by itself
    const auto lines = beginning(*desk.school, pilot, {3, 3, false});
    REQUIRE(lines.size() == 6);
    CHECK(lines[1].done);
    CHECK_FALSE(lines[2].done); // a controller that is not ready
    CHECK_FALSE(beginning(*desk.school, "nobody", {0, 0, true})[0].done);
    // Anybody's first attempt ends it.
    const std::string session = desk.school->start_session(pilot, "Simulated controller", "sim");
    JudgedAttempt attempt;
    attempt.pilot_id = pilot, attempt.session_id = session, attempt.drill_id = "lift-settle";
    REQUIRE_FALSE(desk.school->add_attempt(attempt, nullptr).empty());
    CHECK(beginning(*desk.school, pilot, {}).empty());
    CHECK(desk.waitFor([&] { return now().contains("practised in the last 7 days"); }));
    CHECK_FALSE(desk.find<QWidget>("begin")->isVisible());
}

TEST_CASE("an empty page says what it will show, and has the one button that begins it", "[desk][first]")
{
    Desk desk;
    using W = MainWindow;
    const auto begins = [&](W::Page page) -> QPushButton* {
        desk.window->showPage(page);
        QTest::qWait(50);
        QPushButton* found = nullptr;
        int cards = 0;
        for (auto* button : desk.window->findChildren<QPushButton*>(QStringLiteral("beginHere")))
            if (button->isVisible()) found = button, ++cards;
        CAPTURE(page);
        CHECK(cards <= 1);
        return found;
    };
    for (const W::Page page : {W::Kit, W::Setup, W::Drills, W::Debrief, W::Progress, W::Rates, W::FirstFlight}) {
        QPushButton* begin = begins(page);
        CAPTURE(page);
        REQUIRE(begin);
        CHECK(begin->text() == "Add the first pilot");
        begin->click();
        CHECK(desk.waitFor([&] { return desk.find<QLineEdit>("newPilotName")->hasFocus(); }));
    }
    CHECK_FALSE(begins(W::Board)); // it leads the way itself
    CHECK_FALSE(begins(W::Controller));
    addPilot(desk, "Nell Harker");
    for (const W::Page page : {W::Kit, W::Setup, W::Drills, W::FirstFlight}) CHECK_FALSE(begins(page));
    for (const W::Page page : {W::Debrief, W::Progress}) {
        QPushButton* begin = begins(page);
        REQUIRE(begin);
        CHECK(begin->text() == "Fly a drill");
        begin->click();
        CHECK(desk.find<QAbstractButton>("pageDrills")->isChecked());
    }
    QPushButton* describe = begins(W::Rates);
    REQUIRE(describe);
    CHECK(describe->text() == "Describe the real aircraft");
    describe->click();
    CHECK(desk.find<QAbstractButton>("pageSet-up")->isChecked());
    QTest::keyClicks(desk.find<QLineEdit>("newAircraft"), "Curlew");
    QTest::keyClick(desk.find<QLineEdit>("newAircraft"), Qt::Key_Return);
    CHECK_FALSE(begins(W::Rates));
    desk.station->choosePilot({});
    QPushButton* find = begins(W::Progress);
    REQUIRE(find);
    CHECK(find->text() == "Find a pilot");
}
