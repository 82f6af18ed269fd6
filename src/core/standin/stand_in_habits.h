#pragma once

#include "core/base/result.h"
#include "core/drill/drill.h"
#include "core/flight/dynamics.h"
#include "core/flight/flight_log.h"

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// Habits that a debrief is to find, each planted on demand.
struct StandInFaults {
    bool rocking = false;          ///< the right stick goes to and fro
    bool held_push = false;        ///< leans into a run by holding the stick
    bool yaw_only = false;         ///< turns with the yaw stick alone
    bool ballooning = false;       ///< brakes without taking the throttle out
    bool no_throttle_cut = false;  ///< dives into the ground, and leaves the throttle where it is
    bool one_sided = false;        ///< much weaker to the left
    bool bank_left_over = false;   ///< lets go of the sticks after a turn or a roll, with a bank still on
    bool sink_in_lean = false;     ///< adds no throttle when it leans
    bool chopped_throttle = false; ///< takes the throttle to the bottom to come down
    bool full_throttle = false;    ///< takes off with the throttle at the top
    bool hands_on = false;         ///< goes on stirring where the hands are to be off
};

struct StandInHabit {
    std::string_view name; ///< as the command line has it: rocking, held-push, …
    bool StandInFaults::*planted;
};
[[nodiscard]] std::span<const StandInHabit> stand_in_habits();
/// "rocking, held-push, … or hands-on".
[[nodiscard]] std::string stand_in_habit_names();
/// By name. OutOfRange for another.
[[nodiscard]] Result<StandInFaults> stand_in_faults(const std::vector<std::string>& names);

/// Plants habits in the sticks that a pilot would give, and keeps count of what was really flown of them: by what the hands did
/// and where the aircraft was then, not by the measures that are to find it.
class HabitPlanter {
public:
    HabitPlanter(const StandInFaults& faults, const Airframe& airframe);

    /// What the pilot knows at a look.
    struct Moment {
        const FlightSample& seen;
        const Phase& phase;
        double now_s, phase_s;   ///< in the flight, in the phase
        double until_next_s;     ///< for which the sticks stay as they are
        double wanted_speed_mps; ///< along the track
        double wanted_height_m;
        bool rolled; ///< in this phase
    };
    void begin_phase() { begun_ = {}; }
    [[nodiscard]] Sticks shaped(Sticks asked, const Moment& at);
    [[nodiscard]] StandInFaults flown() const { return flown_; }

private:
    void follow_nose(const FlightSample& seen);
    void rock(Sticks& asked, const Moment& at);
    void hold_push(Sticks& asked, const Moment& at);
    void turn_by_yaw(Sticks& asked, const Moment& at);
    void balloon(Sticks& asked, const Moment& at);
    void leave_bank(Sticks& asked, const Moment& at);
    void sink(Sticks& asked, const Moment& at);
    void chop(Sticks& asked, const Moment& at);
    void take_off_in_full(Sticks& asked, const Moment& at);
    void keep_hands_on(Sticks& asked, const Moment& at);
    void dive(Sticks& asked, const Moment& at);

    StandInFaults faults_, flown_;
    double hover_throttle_;
    struct Lean {
        double begun_s, height_m, throttle, most_deg;
    };
    struct InPhase {
        double held_push_s = 0, chopped_s = 0, hands_on_s = 0;
        bool pushed = false, chopped = false, sunk = false;
        bool let_go = false;
        std::optional<Lean> lean; ///< for which no throttle is added
    } begun_;
    double rocking_s_ = 0, ballooning_s_ = 0, full_s_ = 0;
    struct Nose {
        double t_s, deg;
    };
    std::optional<Nose> nose_; ///< at the look before
    double nose_turned_deg_ = 0;
    double let_go_s_ = -1e9; ///< of the sticks, with a bank on
    bool dives_ = false, on_its_side_ = false;
};

} // namespace bh
