#pragma once

#include "desk/drills/drills_page.h"
#include "desk_fixture.h"
#include "virtual_joystick.h"

#include <optional>

/// The window with one pilot on the Drills page, flown with the simulated controller or one that is plugged in.
struct Flying {
    Desk desk;
    bh::desk::DrillsPage* drills = desk.window->drillsPage();
    Flying()
    {
        desk.school->add_pilot({"", "Oren Pell"});
        desk.station->choosePilot(desk.school->pilots()[0].id);
        QTest::keyClick(&*desk.window, Qt::Key_6, Qt::AltModifier);
    }
    bh::SimulatedController& sticks() { return desk.station->input().simulated_controller(); }
    void press(Qt::Key key) { QTest::keyClick(&*desk.window, key); }
    [[nodiscard]] bh::FlightSnapshot now() const { return drills->loop()->snapshot(); }
    /// Starts and is in the air a moment later.
    void takeOff()
    {
        sticks().set(bh::Function::Throttle, 0);
        press(Qt::Key_F5);
        REQUIRE(drills->loop());
        REQUIRE(desk.waitFor([&] { return now().armed; }));
        sticks().set(bh::Function::Throttle, 0.5);
        REQUIRE(desk.waitFor([&] { return now().state.height_m() > 0.5; }));
    }

    /// A controller that is plugged in, calibrated and verified, with the functions on its axes in their order.
    static bh::Calibration plain()
    {
        bh::Calibration c = bh::SimulatedController::factory_calibration();
        for (bh::FunctionCalibration& f : c.functions) f.low_counts = -32000, f.centre_counts = 0, f.high_counts = 32000;
        return c;
    }
    std::optional<VirtualJoystick> joystick;
    void hold(const bh::Sticks& sticks) { joystick->set(bh::to_counts(plain(), sticks, 4)); }
    void plugIn()
    {
        joystick.emplace(4);
        hold({});
        REQUIRE(desk.waitFor([&] { return desk.station->device().instance == joystick->instance(); }));
        REQUIRE(desk.station->keepCalibration(plain()));
        REQUIRE(desk.station->verifyCalibration());
    }
    /// Follows a curriculum, and has the drill chosen.
    void follow(const char* curriculum, const char* drill)
    {
        bh::Pilot pilot = desk.school->pilots()[0];
        pilot.curriculum = curriculum;
        desk.school->edit_pilot(pilot);
        drills->chooseDrill(drill);
    }
};
