#pragma once

#include "core/flight/conditions.h"
#include "core/flight/flight_log.h"
#include "core/flight/position_hold.h"
#include "core/flight/world.h"

#include <optional>
#include <vector>

namespace bh {

/// Where and how a flight begins.
struct FlightStart {
    double north_m = 0;
    double east_m = 0;
    double height_m = 0; ///< 0: on the ground, motors off; above: hovering, armed
    double heading_deg = 0;
    double pitch_deg = 0, bank_deg = 0; ///< above ground: nose up, right wing down
    std::optional<double> throttle;     ///< above ground: what the motors have settled to, 0…1; hovering when not said
};

struct FlightSetup {
    Airframe airframe;
    World world;
    RateProfile rates;
    AngleMode angle;
    Mode mode = Mode::Acro;
    FlightStart start;
    double field_height_m = 0; ///< above sea level, for the air's density
    Conditions conditions;
    bool crash_disarms = true;
    int steps_per_row = 10; ///< of the log: 10 for 100 rows a second, 4 for 250
};

/// The set-up with what its world says of the ground in its conditions.
[[nodiscard]] FlightSetup over_its_ground(FlightSetup setup);

/// A flight under way: 1 ms physics, one log row each 10 ms or as set. Deterministic: the same set-up and sticks give the same
/// flight, whatever the calls are paced by. Copyable.
class Flight {
public:
    static constexpr double step_s = 0.001;

    /// OutOfRange for an airframe that cannot fly, conditions that cannot be, or less than one step per row.
    static Result<Flight> create(FlightSetup setup);

    /// One step of step_s with these sticks. Returns true when it wrote a row to the log.
    bool step(const Sticks& sticks);

    /// Starts the motors if the throttle is at the bottom (under 5 %); false otherwise, and the log says so.
    bool arm();
    void disarm();
    /// A planted failure: the motors stop and give nothing any more.
    void fail_motors();
    void set_mode(Mode mode);
    /// Other rates, from the next step on.
    void set_rates(const RateProfile& rates) { setup_.rates = rates; }
    /// Throws it about where it is: this attitude, at rest, keeping its heading.
    void upset(double pitch_deg, double bank_deg);
    /// After a crash: back on the ground where the flight began, level, motors running at the bottom of the throttle.
    void put_back();
    /// Panic switch: stop and hover from any attitude until it is called again with false.
    void set_panic(bool on);

    [[nodiscard]] const State& state() const { return state_; }
    [[nodiscard]] const Sticks& sticks() const { return sticks_; }
    [[nodiscard]] const FlightSetup& setup() const { return setup_; }
    [[nodiscard]] const FlightLog& log() const { return log_; }
    [[nodiscard]] bool armed() const { return armed_; }
    [[nodiscard]] bool crashed() const { return crashed_; }
    [[nodiscard]] bool on_ground() const { return on_ground_; }
    [[nodiscard]] bool out_of_bounds() const { return out_of_bounds_; }
    [[nodiscard]] bool panic() const { return panic_; }
    [[nodiscard]] bool motors_out() const { return motors_out_; }
    [[nodiscard]] const Day& day() const { return day_; }
    [[nodiscard]] double time_s() const { return static_cast<double>(steps_) * step_s; }

private:
    explicit Flight(FlightSetup setup);
    void note(FlightEvent event);
    void write_row();

    FlightSetup setup_;
    Day day_;
    PositionHold hold_;
    State state_;
    Sticks sticks_;
    FlightLog log_;
    std::vector<FlightEvent> pending_; ///< since the last row, written with the next
    long steps_ = 0;
    bool armed_ = false;
    bool crashed_ = false;
    bool on_ground_ = true;
    bool panic_ = false;
    bool motors_out_ = false;
    bool out_of_bounds_ = false;
    double airborne_s_ = 0; ///< time since the last contact, so that resting on the ground is one touch, not thousands
};

} // namespace bh
