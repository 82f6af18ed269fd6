// The whole ladder on the Drills page: locked stages, scores by eye, edited limits and stages, demonstrations, shadowing,
// and stick logs of the stand-in pilot replayed through a controller.
#include "core/standin/stand_in_pilot.h"
#include "desk/drills/drills_page.h"
#include "desk/drills/score_card.h"
#include "desk/parts/forms/criteria_panel.h"
#include "flying.h"

#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QRegularExpression>
#include <QTableView>
#include <QTableWidget>
#include <QTreeWidget>
#include <QUndoStack>
#include <catch2/catch.hpp>

using namespace bh;
using namespace bh::desk;

namespace {

QString detail(const Flying& f, int row) { return f.desk.find<QListWidget>("ladder")->item(row)->toolTip(); }

void click(const Flying& f, const char* button) { QTest::mouseClick(f.desk.find<QPushButton>(button), Qt::LeftButton); }

/// Moves the plugged-in controller as a log's sticks moved, `late_s` after the flight's own clock.
template <class Over>
void replay(Flying& f, const FlightLog& log, double late_s, Over over)
{
    const bool ended = f.desk.waitFor(
        [&] {
            if (!f.drills->loop()) return true;
            const double at_s = f.now().time_s - late_s;
            const auto after = std::upper_bound(log.t_s.begin(), log.t_s.end(), at_s);
            f.hold(log.sample(after == log.t_s.begin() ? 0 : static_cast<std::size_t>(after - log.t_s.begin()) - 1).sticks);
            return over();
        },
        60000);
    if (f.drills->loop()) {
        const FlightSnapshot now = f.now();
        INFO("at " << now.time_s << " s, phase " << now.phase << ", paused " << now.paused << ", no controller "
                   << now.no_controller << ", waiting " << now.waiting_for_throttle << ", throttle " << now.sticks.throttle
                   << ", height " << now.state.height_m() << ", status " << static_cast<int>(now.status) << ", wants cut "
                   << now.wants_throttle_cut << ": " << f.desk.text("resultHeading").toStdString() << " / "
                   << f.desk.text("resultSentence").toStdString());
        REQUIRE(ended);
    }
    REQUIRE(ended);
}

} // namespace

TEST_CASE("a locked stage says so and is opened by hand with a reason, which is kept and can be undone", "[desk]")
{
    Flying f;
    f.follow("one-axis", "turn-spot");
    CHECK(detail(f, 0).startsWith("Stage Safe hands: not flown yet"));
    CHECK(detail(f, 4) == "Stage Yaw: locked");
    CHECK_FALSE(f.desk.find<QPushButton>("start")->isEnabled());
    CHECK(f.desk.find<QPushButton>("shadow")->isEnabled());
    REQUIRE(f.desk.find<QWidget>("opening")->isVisible());
    CHECK_FALSE(f.desk.find<QPushButton>("openStage")->isEnabled()); // not without a reason
    QTest::keyClicks(f.desk.find<QLineEdit>("openReason"), "Has flown gliders for years");
    click(f, "openStage");
    CHECK(f.desk.find<QPushButton>("start")->isEnabled());
    CHECK_FALSE(f.desk.find<QWidget>("opening")->isVisible());
    const auto opened = f.desk.school->opened_stages(f.desk.station->pilotId());
    REQUIRE(opened.size() == 1);
    CHECK(opened[0].stage == "Yaw");
    CHECK(opened[0].reason == "Has flown gliders for years");
    f.desk.school->undo();
    CHECK(f.desk.school->opened_stages(f.desk.station->pilotId()).empty());
    CHECK_FALSE(f.desk.find<QPushButton>("start")->isEnabled());
    f.desk.school->redo();
    f.desk.close();
    f.desk.open();
    CHECK(f.desk.school->opened_stages(f.desk.school->pilots()[0].id).size() == 1);
}

TEST_CASE("another curriculum keeps the credit", "[desk]")
{
    Flying f;
    f.follow("manual-first", "arm-safe");
    f.desk.school->start_session(f.desk.station->pilotId(), "Simulated controller", "simulated");
    JudgedAttempt a;
    a.pilot_id = f.desk.station->pilotId();
    a.session_id = f.desk.school->sessions(a.pilot_id)[0].id;
    a.drill_id = "arm-safe";
    a.passed = a.holds = true;
    a.score = 90;
    REQUIRE_FALSE(f.desk.school->add_attempt(a, nullptr).empty());
    CHECK(detail(f, 0).contains("passed 1 time of 3 · best 90, last 90"));
    f.follow("steady-first", "arm-safe");
    CHECK(detail(f, 0).contains("passed 1 time of 3 · best 90, last 90"));
    f.desk.school->finish_keeping();
    const auto kept = f.desk.school->attempts(a.pilot_id);
    CHECK(kept[0].curriculum == "manual-first"); // it was judged on
    CHECK(kept[0].curriculum_version == f.desk.school->data().curriculum("manual-first")->version);
}

TEST_CASE("a drill flown elsewhere is scored with keys alone and kept as observed", "[desk]")
{
    Flying f;
    f.follow("steady-first", "gaps");
    click(f, "sectionByEye");
    auto* card = f.desk.find<ScoreCard>("scoreCard");
    const auto key = [&](Qt::Key k) { QTest::keyClick(card, k); };
    CHECK(card->hasFocus());
    key(Qt::Key_K); // nothing to keep yet
    CHECK(f.desk.keptAttempts().empty());
    key(Qt::Key_Space);
    CHECK(card->running());
    key(Qt::Key_Return);
    CHECK(f.desk.text("cardInstruction").startsWith("Through the openings"));
    for (int i = 0; i < 6; ++i) key(Qt::Key_1); // six openings
    key(Qt::Key_Backspace);                     // one too many
    key(Qt::Key_C);
    CHECK(f.desk.text("cardWords").startsWith("Crashed: press T"));
    QTest::qWait(300);
    key(Qt::Key_T);
    f.press(Qt::Key_F5); // nothing flies here meanwhile
    key(Qt::Key_Space);
    CHECK(f.desk.text("cardWords").startsWith("Passed"));
    key(Qt::Key_K);
    CHECK(f.desk.text("cardWords").startsWith("Kept as observed in"));
    key(Qt::Key_K); // once
    const auto attempts = f.desk.keptAttempts();
    REQUIRE(attempts.size() == 1);
    CHECK(attempts[0].drill_id == "gaps");
    CHECK(attempts[0].passed);
    CHECK(f.desk.school->simulator(attempts[0].simulator)->name == "Dyke Runner");
    CHECK(attempts[0].log_hash.empty());
    REQUIRE(attempts[0].throttle_cuts_s.size() == 1);
    CHECK(attempts[0].throttle_cuts_s[0] >= 0.3);
    CHECK(attempts[0].throttle_cuts_s[0] < 1.5);
    CHECK(*f.desk.school->judged(attempts[0].id).criteria[0].value == 5);
    CHECK(f.desk.text("throttleHabit").contains("of 1 crashes"));
    QTest::keyClick(&*f.desk.window, Qt::Key_8, Qt::AltModifier);
    f.desk.find<QPushButton>("sectionLog")->click();
    CHECK(f.desk.find<QTableView>("attempts")->model()->index(0, 2).data().toString() == "by eye");
    CHECK(f.desk.text("attemptJudged").contains("by eye, in Dyke Runner"));
    CHECK_FALSE(f.desk.find<QPushButton>("keepAsDemonstration")->isVisible()); // there is no flight to show
}

TEST_CASE("limits are changed in the window: a new version, undone, and a mistake is told", "[desk]")
{
    Flying f;
    f.follow("manual-first", "hover-window");
    click(f, "sectionChange");
    auto* limits = f.desk.find<QTableWidget>("limits");
    const Drill before = *f.desk.school->drill("hover-window");
    const auto drill = [&]() -> const Drill& { return *f.desk.school->drill("hover-window"); };
    limits->item(1, 2)->setText("0.7");
    REQUIRE(f.desk.waitFor([&] { return drill().criteria[1].pass == 0.7; }));
    CHECK(drill().version == before.version + 1);
    CHECK(f.drills->findChild<CriteriaPanel*>("criteria")->criteria().at(1).pass == 0.7); // at once beside the ladder
    limits->item(1, 2)->setText("7");                                                     // pass beyond merit
    REQUIRE(f.desk.waitFor([&] { return f.desk.text("editorSays").startsWith("Not changed"); }));
    CHECK(f.desk.text("editorSays").contains("/criteria/1: expected fail, pass and merit"));
    CHECK(limits->item(1, 2)->text() == "0.7");
    limits->item(1, 2)->setText("most");
    REQUIRE(f.desk.waitFor([&] { return f.desk.text("editorSays").contains("expected a number"); }));
    CHECK(drill().version == before.version + 1);
    f.desk.school->undo();
    CHECK(drill().criteria[1].pass == before.criteria[1].pass);
    CHECK(drill().version == before.version);
    CHECK_FALSE(f.desk.school->edited(Kind::Drill, "hover-window"));
    f.desk.school->redo();
    f.desk.close();
    f.desk.open();
    CHECK(f.desk.school->drill("hover-window")->criteria[1].pass == 0.7);
}

TEST_CASE("stages are renamed, moved, filled and emptied; what was flown keeps the version it was judged by", "[desk]")
{
    Flying f;
    f.follow("one-axis", "arm-safe");
    click(f, "sectionChange");
    auto* tree = f.desk.find<QTreeWidget>("stages");
    const auto curriculum = [&]() -> const Curriculum& { return f.desk.school->curriculum(f.desk.station->pilotId()); };
    const int version = curriculum().version;
    tree->topLevelItem(1)->setText(0, "Up and down");
    tree->setCurrentItem(tree->topLevelItem(1));
    REQUIRE(f.desk.waitFor([&] { return curriculum().stages[1].name == "Up and down"; }));
    CHECK(curriculum().version == version + 1);
    tree->setCurrentItem(tree->topLevelItem(1));
    click(f, "moveUp");
    CHECK(curriculum().stages[0].name == "Up and down");
    CHECK(f.desk.find<QListWidget>("ladder")->item(0)->text() == "Throttle alone"); // the ladder follows
    auto* adds = f.desk.find<QComboBox>("addsDrill");
    adds->setCurrentIndex(adds->findText("Slalom"));
    tree->setCurrentItem(tree->topLevelItem(0));
    click(f, "addDrill");
    CHECK(curriculum().stages[0].drills == std::vector<std::string>{"throttle-alone", "hover-window", "hover-watch", "slalom"});
    tree->setCurrentItem(tree->topLevelItem(0)->child(0));
    click(f, "removeStep");
    CHECK(curriculum().stages[0].drills == std::vector<std::string>{"hover-window", "hover-watch", "slalom"});
    tree->setCurrentItem(tree->topLevelItem(0));
    click(f, "newStage");
    CHECK(curriculum().stages[1].name == "Slalom");
    for (int i = 0; i < 5; ++i) f.desk.school->undo();
    CHECK(curriculum().version == version);
    CHECK(curriculum().stages[1].name == "Throttle");
}

TEST_CASE("a flight is kept as the demonstration, replays with its sticks, and can be shadowed", "[desk][realtime]")
{
    Flying f;
    f.follow("steady-first", "lift-settle");
    REQUIRE(f.desk.school->open_stage(f.desk.station->pilotId(), "Lift", true, "For this test"));
    f.drills->chooseDrill("lift-settle");
    f.plugIn();
    // The stand-in's stick log of the same flight, flown again through the controller.
    const Drill drill = *f.desk.school->drill("lift-settle");
    auto* mode = f.desk.find<QComboBox>("flightMode");
    mode->setCurrentIndex(mode->findText("hold mode"));
    REQUIRE(mode->currentText() == "hold mode");
    FlightSetup setup = *f.desk.school->data().setup_for(drill, RateProfile{});
    setup.mode = Mode::Hold;
    const auto flown = fly_drill(drill, setup, 0.95, 5);
    REQUIRE(flown->score.passed);
    f.press(Qt::Key_F5);
    replay(f, flown->log, 0, [&] { return f.desk.text("resultHeading").contains("of 100"); });
    CHECK(f.desk.text("resultHeading").startsWith("Passed"));
    CHECK(f.desk.text("resultSentence").startsWith("Passed"));
    const auto attempts = f.desk.keptAttempts();
    REQUIRE(attempts.size() == 1);
    CHECK(attempts[0].score == Approx(flown->score.score).margin(8)); // the same sticks, some milliseconds off
    REQUIRE(f.desk.find<QPushButton>("keepDemonstration")->isVisible());
    click(f, "keepDemonstration");
    REQUIRE(f.desk.school->demonstration("lift-settle"));
    CHECK(f.desk.school->demonstration("lift-settle")->id == attempts[0].id);
    const auto kept = f.desk.school->flight_log(attempts[0].log_hash);
    REQUIRE(kept);

    // It plays by itself, with its own sticks and instructions, and keeps nothing.
    f.press(Qt::Key_F6);
    click(f, "demonstrate");
    REQUIRE(f.drills->loop());
    CHECK(f.desk.text("resultSentence").startsWith("Oren Pell's flight of"));
    f.drills->setPace(8);
    REQUIRE(f.desk.waitFor([&] { return f.now().time_s > 5; }));
    const FlightSnapshot shown = f.now();
    const auto row =
        static_cast<std::size_t>(std::upper_bound(kept->t_s.begin(), kept->t_s.end(), kept->t_s.front() + shown.time_s) -
                                 kept->t_s.begin()) -
        1;
    CHECK(shown.state.height_m() == Approx(kept->height_m[row]).margin(0.5));
    CHECK(shown.sticks.throttle == Approx(kept->throttle[row]).margin(0.3));
    REQUIRE(f.desk.waitFor([&] { return f.desk.text("resultHeading") == "The demonstration is over"; }, 30000));
    CHECK(f.desk.keptAttempts().size() == 1);
    f.drills->setPace(1);

    // Shadowed by a hand that is a quarter of a second late: likeness and lag are scored, live and at the end.
    click(f, "shadow");
    REQUIRE(f.drills->loop());
    replay(f, *kept, 0.25, [&] { return f.desk.text("resultHeading").contains("of 100"); });
    CHECK(f.desk.text("resultHeading").startsWith("Passed"));
    const auto all = f.desk.keptAttempts();
    REQUIRE(all.size() == 2);
    CHECK(all[1].drill_id == "shadow");
    CHECK(all[1].demonstration == attempts[0].log_hash);
    const auto criteria = f.desk.school->judged(all[1].id).criteria;
    REQUIRE(criteria.size() == 2);
    CHECK(*criteria[0].value > 0.9);
    CHECK(*criteria[1].value == Approx(250).margin(60));
    CHECK(f.desk.text("resultSentence")
              .contains(QRegularExpression("throttle (9\\d|100) %, 0\\.(2|3)\\d s behind"))); // axis by axis
    f.desk.school->undo();
    CHECK_FALSE(f.desk.school->demonstration("lift-settle"));
}

TEST_CASE("arming, the planted failure and the throttle cut are flown with the keys", "[desk][realtime]")
{
    Flying f;
    f.follow("manual-first", "arm-safe");
    REQUIRE(f.desk.find<QPushButton>("arm")->isVisible());
    f.sticks().set(Function::Throttle, 0);
    f.press(Qt::Key_F5);
    const auto phase = [&](std::size_t wanted) {
        return f.desk.waitFor([&] { return f.drills->loop() && f.now().phase == wanted; }, 20000);
    };
    REQUIRE(f.desk.waitFor([&] { return f.now().time_s > 0.3; }));
    CHECK_FALSE(f.now().armed); // the motors wait for the pilot
    f.sticks().set(Function::Throttle, 0.3);
    QTest::qWait(100);
    f.press(Qt::Key_F10); // refused: the throttle is up
    QTest::qWait(100);
    CHECK_FALSE(f.now().armed);
    f.sticks().set(Function::Throttle, 0);
    QTest::qWait(100);
    f.press(Qt::Key_F10);
    REQUIRE(phase(1));
    f.press(Qt::Key_F10);
    REQUIRE(phase(2));
    f.press(Qt::Key_F10);
    REQUIRE(phase(3));
    f.sticks().set(Function::Throttle, 0.55);
    REQUIRE(f.desk.waitFor([&] { return f.now().motors_out; }, 15000)); // the surprise
    QTest::qWait(400);
    f.sticks().set(Function::Throttle, 0);
    REQUIRE(phase(5));
    f.press(Qt::Key_F10);
    REQUIRE(f.desk.waitFor([&] { return f.desk.text("resultHeading").contains("of 100"); }, 10000));
    CHECK(f.desk.text("resultHeading").startsWith("Passed"));
    const auto attempts = f.desk.keptAttempts();
    REQUIRE(attempts.size() == 1);
    const auto criteria = f.desk.school->judged(attempts[0].id).criteria;
    CHECK(*criteria[0].value >= 0.35);
    CHECK(*criteria[0].value < 1);
    CHECK(criteria[0].span);
    CHECK(*criteria[1].value == 1); // the refusal
    CHECK(f.desk.text("resultSentence")
              .contains(QRegularExpression(
                  "Seen: armed with the throttle up once from 0 s to \\d+ s: throttle to the bottom before the switch")));
    CHECK(
        QString::fromStdString(f.desk.school->summary(attempts[0]).english()).contains("Seen: armed with the throttle up once"));
    CHECK(*criteria[2].value == 1);
    REQUIRE(attempts[0].throttle_cuts_s.size() == 1);
    CHECK(f.desk.text("throttleHabit").contains("after 1 of 1 crashes"));
}

TEST_CASE("after a crash in any drill the view asks for the throttle, and the time is shown and kept", "[desk]")
{
    Flying f;
    f.takeOff();
    REQUIRE(f.desk.waitFor([&] { return f.now().state.height_m() > 3; }));
    f.sticks().set(Function::Roll, 1); // over it goes
    f.sticks().set(Function::Throttle, 0.3);
    REQUIRE(f.desk.waitFor([&] { return f.now().wants_throttle_cut; }, 15000));
    CHECK_FALSE(f.desk.text("resultHeading").contains("of 100")); // it goes on until the throttle is down
    QTest::qWait(500);
    f.sticks().set(Function::Throttle, 0);
    REQUIRE(f.desk.waitFor([&] { return f.desk.text("resultHeading").startsWith("Not passed"); }));
    CHECK(f.desk.text("resultSentence").contains("Throttle at the bottom after"));
    const auto attempts = f.desk.keptAttempts();
    REQUIRE(attempts.size() == 1);
    REQUIRE(attempts[0].throttle_cuts_s.size() == 1);
    CHECK(attempts[0].throttle_cuts_s[0] >= 0.45);
    CHECK(attempts[0].throttle_cuts_s[0] < 1.5);
}

TEST_CASE("by eye, the sticks are measured where practice outside is watched", "[desk]")
{
    Flying f;
    f.follow("manual-first", "hover-window");
    f.plugIn();
    click(f, "sectionByEye");
    auto* card = f.desk.find<ScoreCard>("scoreCard");
    auto* table = f.desk.find<QTableWidget>("cardTable");
    QTest::keyClick(card, Qt::Key_Space);
    const auto stir = [&] { // the throttle up and down twice a second
        for (int i = 0; i < 60; ++i) f.hold({0.5 + 0.3 * std::sin(2 * 3.14159 * 2 * i * 0.02), 0, 0, 0}), QTest::qWait(20);
    };
    stir();
    CHECK(table->item(2, 3)->text() == QString::fromUtf8("–")); // not watched
    QTest::keyClick(card, Qt::Key_X);
    f.desk.station->watchOutside(true);
    QTest::keyClick(card, Qt::Key_Space);
    stir(), stir();
    QTest::keyClick(card, Qt::Key_Space);
    QTest::keyClick(card, Qt::Key_K);
    f.desk.station->watchOutside(false);
    const auto attempts = f.desk.keptAttempts();
    REQUIRE(attempts.size() == 1);
    const auto reversals = f.desk.school->judged(attempts[0].id).criteria[2];
    REQUIRE(reversals.value);
    CHECK(*reversals.value == Approx(4).margin(1.2)); // two turning points in each of two swings a second
}
