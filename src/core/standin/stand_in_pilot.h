#pragma once

#include "core/base/random.h"
#include "core/drill/drill_rail.h"
#include "core/drill/drill_score.h"
#include "core/standin/stand_in_habits.h"

#include <cstdint>
#include <deque>

namespace bh {

/// A made-up pilot who closes the loop from what is seen to what the sticks do: sees late, misjudges, over-controls,
/// looks away now and then, and has hands that shake, all of it less with more skill. Seeded: the same seed flies the
/// same flight. It exists to test and demonstrate drills; it is no model of a person, and its skill is no measure.
class StandInPilot {
public:
    static constexpr double weaker_on_one_side = 0.55; ///< skill that one-sided takes from the left

    /// skill 0…1 (clamped). The set-up tells the rates it has learnt and the aircraft it sits in.
    StandInPilot(const Drill& drill, const FlightSetup& setup, double skill, std::uint64_t seed,
                 const StandInFaults& faults = {});

    /// Sticks for the next 10 ms, from the newest log row, the phase that is on, and whether it has crashed or its motors have
    /// failed. To be called once per row.
    Sticks fly(const FlightSample& now, std::size_t phase, bool down = false);
    /// The habits that it has really flown so far: those asked for, where the drill gave it the chance.
    [[nodiscard]] StandInFaults planted() const;
    /// Its finger on the switches in this row: starts or stops the motors, and the panic switch.
    [[nodiscard]] bool presses_arm() const { return presses_arm_; }
    [[nodiscard]] bool presses_panic() const { return presses_panic_; }

private:
    struct Target;
    [[nodiscard]] Target target_for(const FlightSample& seen, const Phase& phase);
    [[nodiscard]] Target leaning(const FlightSample& seen, const Phase& phase, double to_deg) const;
    [[nodiscard]] Target behind_the_lead(const FlightSample& seen) const;
    static void turn_nose_against_drift(const FlightSample& seen, Target& target);
    double wander(double& state, double sd, double time_constant_s);
    void begin_phase(const FlightSample& now, std::size_t phase_index);
    [[nodiscard]] Target along_the_way(const FlightSample& seen, const Phase& phase);
    [[nodiscard]] bool spin(const FlightSample& seen, const FlightSample& now,
                            const Phase& phase); ///< true while it holds the sticks
    [[nodiscard]] bool turns_over(const FlightSample& seen, const FlightSample& now, const Phase& phase); ///< as spin()
    void as_the_drill_asks(const Phase& phase, double now_s);
    void take_left_for_right(double now_s);
    void end_turn_with_burst(const Phase& phase, double now_s);
    [[nodiscard]] bool pull_through(const FlightSample& now, const Phase& phase); ///< as spin()
    Sticks moved_hands();
    [[nodiscard]] bool after_crash(const FlightSample& now, bool down); ///< true while it holds the sticks
    void switches(const FlightSample& now, const Phase& phase);
    void leave_alone(const Phase& phase);
    [[nodiscard]] Sticks shadow(double t_s);
    void sticks_of_hold(const Target& target, const FlightSample& seen, double turn_deg, double climb_mps);

    Drill drill_;
    Mode mode_ = Mode::Acro;
    Airframe airframe_;
    double camera_tilt_deg_;
    RateProfile rates_;
    AngleMode angle_;
    StandInFaults faults_;
    HabitPlanter habits_;
    bool crashed_ = false, flew_left_ = false, flew_right_ = false;
    double usual_clumsiness_; ///< 1 − skill
    double clumsiness_;       ///< in the phase that is on
    SeededRandom random_;
    std::deque<FlightSample> memory_;
    std::size_t phase_ = SIZE_MAX;
    double nose_deg_ = 0;       ///< heading that the nose is to have
    std::vector<RailTie> rail_; ///< of the phase that is on
    std::size_t rail_at_ = 0;
    std::shared_ptr<const LeadAircraftPath> lead_aircraft_; ///< of the phase that is on
    double spun_deg_ = 0;                                   ///< in the phase that is on
    double pulled_deg_ = 0;                                 ///< of a pull through, once on the back
    double spin_misjudged_deg_ = 0;
    double mistaken_until_s_ = -1; ///< looked at from in front: left taken for right
    bool rolling_ = false;
    std::optional<double> burst_at_s_; ///< in the phase that is on
    bool spun_ = false;
    Vec2 place_misjudged_m_{0, 0}; ///< north, east; of a place to go to
    FlightSample turn_place_;
    double turn_left_deg_ = 0;
    std::optional<double> turn_seen_deg_;
    double phase_began_s_ = 0;
    FlightSample phase_start_;
    double throttle_trim_ = 0;
    double throttle_misjudged_ = 0, throttle_before_phase_ = 0, throttle_lately_ = 0;
    double climb_wander_ = 0, north_wander_ = 0, east_wander_ = 0;
    double tremor_roll_ = 0, tremor_pitch_ = 0, tremor_yaw_ = 0, tremor_throttle_ = 0;
    double looks_away_until_s_ = 0;
    double next_look_s_ = 0;
    std::optional<double> crashed_at_s_;
    double cut_after_s_ = 0, switch_after_s_ = 0;
    bool presses_arm_ = false, presses_panic_ = false, switched_ = false, fumbled_ = false;
    double climb_asked_mps_ = 0;
    Sticks asked_; ///< what it means to do
    Sticks hands_; ///< where its hands have got to
};

struct FlownDrill {
    FlightLog log;
    Score score;
    StandInFaults planted{}; ///< what of the habits was really flown
};

/// Lets the stand-in pilot fly a drill from start to end in the real flight and scores it with the real scorer.
/// Errors as Flight::create; BadInput for a drill of sticks alone without a demonstration.
[[nodiscard]] Result<FlownDrill> fly_drill(const Drill& drill, const FlightSetup& setup, double skill, std::uint64_t seed,
                                           const StandInFaults& faults = {});

} // namespace bh
