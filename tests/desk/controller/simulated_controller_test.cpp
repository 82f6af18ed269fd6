// The desk without any hardware: the simulated controller moved by keyboard and by mouse.
#include "desk/controller/controller_page.h"
#include "desk/controller/stick_view.h"
#include "desk/drills/drills_page.h"
#include "desk/parts/flight/flight_view.h"
#include "desk_fixture.h"

#include <QLineEdit>
#include <QSet>
#include <QTableWidget>
#include <catch2/catch.hpp>

using namespace bh;
using namespace bh::desk;

namespace {

/// Takes hold of a stick and drags it, in as many moves; right and up are -1…1.
void dragStick(StickView* stick, QPointF to, int moves = 1, QPointF from = {})
{
    const double size = std::min(stick->width() - 16.0, stick->height() - 44.0);
    const QPointF middle(stick->width() / 2.0, 26 + size / 2);
    const auto place_of = [&](QPointF at) { return middle + QPointF(at.x(), -at.y()) * size / 2 * 0.74; };
    QTest::mousePress(stick, Qt::LeftButton, {}, place_of(from).toPoint());
    for (int i = 1; i <= moves; ++i) {
        const QPointF place = place_of(from + (to - from) * i / moves);
        QMouseEvent move(QEvent::MouseMove, place, stick->mapToGlobal(place), Qt::NoButton, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(stick, &move);
        if (moves > 1) QTest::qWait(25); // a hand: the sticks are seen on their way
    }
}

struct Sim {
    Desk desk;
    Sim()
    {
        desk.school->add_pilot({"", "Tomas Brede"});
        desk.station->choosePilot(desk.school->pilots()[0].id);
        QTest::keyClick(&*desk.window, Qt::Key_3, Qt::AltModifier);
    }
    SimulatedController& sticks() { return desk.station->input().simulated_controller(); }
};

} // namespace

TEST_CASE("the mouse takes a stick where it is dragged; let go, it comes back and the throttle stays", "[desk]")
{
    Sim s;
    auto* left = s.desk.find<StickView>("leftStick");
    auto* right = s.desk.find<StickView>("rightStick");
    dragStick(left, {0.5, 1});
    CHECK(s.sticks().value(Function::Throttle) == Approx(1).margin(0.02));
    CHECK(s.sticks().value(Function::Yaw) == Approx(0.5).margin(0.02));
    QTest::mouseRelease(left, Qt::LeftButton);
    CHECK(s.sticks().value(Function::Throttle) == Approx(1).margin(0.02));
    CHECK(s.sticks().value(Function::Yaw) == 0);
    dragStick(right, {-1.5, -0.4}); // past the stop: held there
    CHECK(s.sticks().value(Function::Roll) == -1);
    CHECK(s.sticks().value(Function::Pitch) == Approx(-0.4).margin(0.02));
    QTest::mouseRelease(right, Qt::LeftButton);
    CHECK(s.sticks().value(Function::Roll) == 0);
    CHECK(s.sticks().value(Function::Pitch) == 0);
}

TEST_CASE("keys move the sticks half way, with Shift all the way, and release brings them back", "[desk]")
{
    Sim s;
    auto* right = s.desk.find<StickView>("rightStick");
    right->setFocus();
    struct Push {
        Qt::Key key;
        Function function;
        double sign;
    };
    for (const Push& push : {Push{Qt::Key_F, Function::Yaw, 1},
                             {Qt::Key_S, Function::Yaw, -1},
                             {Qt::Key_I, Function::Pitch, 1},
                             {Qt::Key_K, Function::Pitch, -1},
                             {Qt::Key_L, Function::Roll, 1},
                             {Qt::Key_J, Function::Roll, -1}}) {
        CAPTURE(push.key);
        QTest::keyPress(right, push.key);
        CHECK(s.desk.waitFor([&] { return s.sticks().value(push.function) == Approx(0.5 * push.sign); }));
        QTest::keyRelease(right, push.key);
        CHECK(s.desk.waitFor([&] { return s.sticks().value(push.function) == 0; }));
        QTest::keyPress(right, push.key, Qt::ShiftModifier);
        CHECK(s.desk.waitFor([&] { return s.sticks().value(push.function) == Approx(push.sign); }));
        QTest::keyRelease(right, push.key, Qt::ShiftModifier);
        CHECK(s.desk.waitFor([&] { return s.sticks().value(push.function) == 0; }));
    }
    QTest::keyPress(right, Qt::Key_E);
    CHECK(s.desk.waitFor([&] { return s.sticks().value(Function::Throttle) > 0.2; }));
    QTest::keyRelease(right, Qt::Key_E);
    QTest::qWait(50);
    const double left_at = s.sticks().value(Function::Throttle);
    QTest::qWait(100);
    CHECK(s.sticks().value(Function::Throttle) == left_at); // a throttle stays
    QTest::keyPress(right, Qt::Key_D);
    CHECK(s.desk.waitFor([&] { return s.sticks().value(Function::Throttle) == 0; }));
    QTest::keyRelease(right, Qt::Key_D);

    SECTION("and typing a name moves no stick")
    {
        auto* name = s.desk.find<QLineEdit>("newPilotName");
        name->setFocus();
        QTest::keyClicks(name, "Jed Files");
        QTest::qWait(60);
        CHECK(name->text() == "Jed Files");
        for (const Function f : all_functions) CHECK(s.sticks().value(f) == 0);
    }
    SECTION("and a stick held while the focus goes away comes back")
    {
        QTest::keyPress(right, Qt::Key_L);
        CHECK(s.desk.waitFor([&] { return s.sticks().value(Function::Roll) > 0.4; }));
        s.desk.find<QLineEdit>("pilotFilter")->setFocus();
        CHECK(s.desk.waitFor([&] { return s.sticks().value(Function::Roll) == 0; }));
    }
}

TEST_CASE("the simulated controller is calibrated with the mouse alone", "[desk]")
{
    Sim s;
    auto* left = s.desk.find<StickView>("leftStick");
    auto* right = s.desk.find<StickView>("rightStick");
    QTest::keyClick(&*s.desk.window, Qt::Key_F9);
    REQUIRE(s.desk.waitFor([&] { return s.desk.text("controllerMessage").startsWith("2 of 10"); }));
    const auto until = [&](const char* message) {
        const bool seen = s.desk.waitFor([&] { return s.desk.text("controllerMessage").startsWith(message); });
        INFO("waiting for " << message << ", shown: " << s.desk.text("controllerMessage").toStdString());
        REQUIRE(seen);
    };
    dragStick(left, {0, 1}, 12, {0, -1});
    QTest::mouseRelease(left, Qt::LeftButton);
    until("3 of 10");
    dragStick(left, {0, -1}, 12, {0, 1});
    QTest::mouseRelease(left, Qt::LeftButton);
    until("4 of 10");
    const auto push = [&](StickView* stick, QPointF to, const char* next) {
        dragStick(stick, to, 12, {0, stick == left ? -1.0 : 0.0}); // from where the knob stands
        QTest::qWait(400);
        QTest::mouseRelease(stick, Qt::LeftButton);
        until(next);
    };
    push(left, {1, -1}, "5 of 10");
    push(left, {-1, -1}, "6 of 10");
    push(right, {0, 1}, "7 of 10");
    push(right, {0, -1}, "8 of 10");
    push(right, {1, 0}, "9 of 10");
    push(right, {-1, 0}, "10 of 10");
    for (double angle = 0; angle < 13; angle += 0.5) {
        dragStick(right, {std::sin(angle), std::cos(angle)});
        dragStick(left, {std::sin(angle), std::cos(angle)});
        QTest::qWait(30);
    }
    QTest::mouseRelease(right, Qt::LeftButton);
    QTest::mouseRelease(left, Qt::LeftButton);
    until("Check 1 of 8");
    const auto kept = s.desk.school->calibration("Simulated controller", "simulated");
    REQUIRE(kept);
    CHECK(kept->calibration.usable());
    auto* table = s.desk.find<QTableWidget>("axisTable");
    CHECK(table->item(0, 0)->text() == "Throttle");
    CHECK(table->item(3, 1)->text() == "3");
    CHECK(table->item(3, 4)->text() == "4000");
    CHECK(table->item(3, 6)->text().contains("good"));
}

TEST_CASE("a drill is flown with the keyboard alone", "[desk]")
{
    Sim s;
    QTest::keyClick(&*s.desk.window, Qt::Key_6, Qt::AltModifier);
    DrillsPage* drills = s.desk.window->drillsPage();
    QTest::keyClick(&*s.desk.window, Qt::Key_F5);
    REQUIRE(drills->loop());
    auto* view = s.desk.find<FlightView>("flightView");
    CHECK(view->hasFocus());
    REQUIRE(s.desk.waitFor([&] { return drills->loop()->snapshot().armed; }));
    // Up with E, steer the height with E and D, and after the hold down with D: a coarse hand, but a hand.
    QSet<int> held;
    const auto key = [&](Qt::Key k, bool down) {
        if (held.contains(k) == down) return;
        if (down)
            held.insert(k), QTest::keyPress(view, k);
        else
            held.remove(k), QTest::keyRelease(view, k);
    };
    double highest_m = 0;
    REQUIRE(s.desk.waitFor(
        [&] {
            const FlightSnapshot now = drills->loop()->snapshot();
            highest_m = std::max(highest_m, now.state.height_m());
            const bool down_now = now.phase + 1 == drills->loop()->drill().phases.size();
            const double wanted_mps = std::clamp((down_now ? -0.5 : 5.0) - now.state.height_m(), -0.8, 1.5);
            const double climb_mps = -now.state.velocity_mps.z();
            const double error = wanted_mps - climb_mps - 2.0 * (now.state.thrust_share - 1 / 4.5);
            key(Qt::Key_E, error > 0.15);
            key(Qt::Key_D, error < -0.15 || (down_now && now.state.height_m() < 0.03));
            return s.desk.text("resultHeading").contains("of 100");
        },
        90000));
    key(Qt::Key_E, false);
    key(Qt::Key_D, false);
    CHECK(highest_m > 3);
    const auto attempts = s.desk.keptAttempts();
    REQUIRE(attempts.size() == 1);
    CHECK(attempts[0].drill_id == "lift-settle");
    CHECK(attempts[0].flown_s > 3); // how well depends on how promptly the keys come
}
