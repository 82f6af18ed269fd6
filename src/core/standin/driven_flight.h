#pragma once

#include "core/standin/stand_in_pilot.h"

#include <optional>

namespace bh {

/// A drill under way: the flight, who follows it, and the stand-in pilot where no hand is at the sticks. The one loop that flies
/// drills, whether in real time or in none.
class DrivenFlight {
public:
    DrivenFlight(Flight flight, Drill drill, std::optional<StandInPilot> pilot = std::nullopt);

    /// Starts the motors, where the drill does not leave that to the pilot.
    void begin();
    /// One step of Flight::step_s with these sticks, or with the stand-in's own. True when it wrote a row.
    bool step(const Sticks& by_hand);
    /// Starts or stops the motors.
    void press_arm();
    void set_panic(bool on) { flight_.set_panic(on); }
    void set_rates(const RateProfile& rates) { flight_.set_rates(rates); }
    /// A mode that the drill sets itself stays.
    void set_mode(Mode mode);
    /// Motors stop by themselves when, after a landing, the throttle has been at the bottom for so long (common practice), where
    /// the drill leaves them to the pilot.
    static constexpr double stops_after_s = 2;

    [[nodiscard]] const Flight& flight() const { return flight_; }
    [[nodiscard]] const DrillRunner& runner() const { return runner_; }
    [[nodiscard]] const Sticks& sticks() const { return sticks_; } ///< of the step before
    [[nodiscard]] bool flies_itself() const { return pilot_.has_value(); }
    [[nodiscard]] bool over() const { return runner_.over(); }
    [[nodiscard]] FlownDrill result() const
    {
        return {flight_.log(), score(runner_, flight_.log()), pilot_ ? pilot_->planted() : StandInFaults{}};
    }

private:
    Flight flight_;
    DrillRunner runner_;
    void stop_after_landing();
    std::optional<StandInPilot> pilot_;
    Sticks sticks_;
    bool flew_ = false;                  ///< since the motors were started
    std::optional<double> down_since_s_; ///< standing with the throttle at the bottom
};

} // namespace bh
