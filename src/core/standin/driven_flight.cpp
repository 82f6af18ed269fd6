#include "core/standin/driven_flight.h"

namespace bh {

DrivenFlight::DrivenFlight(Flight flight, Drill drill, std::optional<StandInPilot> pilot)
    : flight_(std::move(flight)), runner_(std::move(drill)), pilot_(std::move(pilot))
{
}

void DrivenFlight::begin()
{
    if (!runner_.drill().begins_disarmed) flight_.arm();
}

void DrivenFlight::press_arm()
{
    if (runner_.drill().sticks_only) return;
    if (flight_.armed())
        flight_.disarm();
    else
        flight_.arm();
}

void DrivenFlight::set_mode(Mode mode)
{
    const Drill& drill = runner_.drill();
    if (!drill.sticks_only && !drill.phases[runner_.phase()].mode) flight_.set_mode(mode);
}

void DrivenFlight::stop_after_landing()
{
    if (!flight_.armed()) flew_ = false;
    if (!flight_.on_ground()) flew_ = flight_.armed();
    if (!flew_ || !flight_.on_ground() || sticks_.throttle >= 0.05) {
        down_since_s_.reset();
        return;
    }
    if (!down_since_s_) down_since_s_ = flight_.time_s();
    if (flight_.time_s() - *down_since_s_ >= stops_after_s) flight_.disarm();
}

bool DrivenFlight::step(const Sticks& by_hand)
{
    if (!pilot_) sticks_ = by_hand;
    if (!flight_.step(sticks_)) return false;
    runner_.follow(flight_.log());
    intervene(runner_, flight_);
    if (!pilot_) {
        if (runner_.drill().arming_by_pilot()) stop_after_landing();
        return true;
    }
    sticks_ =
        pilot_->fly(flight_.log().sample(flight_.log().size() - 1), runner_.phase(), flight_.crashed() || flight_.motors_out());
    if (pilot_->presses_arm()) press_arm();
    if (pilot_->presses_panic()) flight_.set_panic(true);
    return true;
}

Result<FlownDrill> fly_drill(const Drill& drill, const FlightSetup& setup, double skill, std::uint64_t seed,
                             const StandInFaults& faults)
{
    Result<Flight> flight = Flight::create(setup);
    if (!flight) return tl::unexpected(flight.error());
    if (drill.sticks_only && !drill.demonstration) return bad_input("drill %1 needs a demonstration to follow", drill.id);
    DrivenFlight driven(std::move(*flight), drill, StandInPilot(drill, setup, skill, seed, faults));
    driven.begin();
    while (!driven.over()) driven.step({});
    return driven.result();
}

} // namespace bh
