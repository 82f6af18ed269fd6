#include "core/flight/flight.h"

#include <cmath>

namespace bh {

Result<Flight> Flight::create(FlightSetup setup)
{
    if (auto conditions = checked(setup.conditions); !conditions) return tl::unexpected(conditions.error());
    if (auto airframe = checked(setup.airframe); !airframe) return tl::unexpected(airframe.error());
    if (setup.steps_per_row < 1) return failure(Error::Code::OutOfRange, "steps_per_row: expected 1 or more");
    return Flight(std::move(setup));
}

FlightSetup over_its_ground(FlightSetup setup)
{
    setup.conditions.hard_ground |= setup.world.hard_ground;
    return setup;
}

Flight::Flight(FlightSetup setup)
    : setup_(over_its_ground(std::move(setup))), day_(setup_.conditions, setup_.airframe, setup_.field_height_m),
      hold_(setup_.mode == Mode::Sport ? sport_hold : normal_hold)
{
    const FlightStart& start = setup_.start;
    state_.position_m = Vec3(start.north_m, start.east_m, -start.height_m);
    state_.attitude = attitude(start.heading_deg, 0, 0);
    on_ground_ = start.height_m <= 0;
    if (!on_ground_) {
        state_.attitude = attitude(start.heading_deg, start.pitch_deg, start.bank_deg);
        armed_ = true;
        sticks_.throttle = start.throttle.value_or(hover_throttle(setup_.airframe));
        state_.thrust_share = thrust_share_at(setup_.airframe, sticks_.throttle);
        note(FlightEvent::Arm);
    }
    write_row();
}

bool Flight::step(const Sticks& sticks)
{
    sticks_ = sticks;
    Demand demand;
    if (armed_ && !motors_out_) {
        if (panic_)
            demand = hover_demand(state_, setup_.airframe);
        else if (setup_.mode == Mode::Hold || setup_.mode == Mode::Sport)
            demand = hold_.demand(sticks, state_, setup_.airframe, step_s);
        else
            demand = demand_for(setup_.mode, sticks, state_, setup_.rates, setup_.angle);
    } else {
        demand.rates_radps = state_.rates_radps; // nothing turns it when the motors are off
    }
    state_ = advanced(state_, demand, setup_.airframe, day_.step(state_, step_s), step_s);
    const ContactResult hit = resolve_contact(state_, setup_.world, setup_.airframe, step_s);
    on_ground_ = hit.on_ground;
    if (hit.contact == Contact::None) {
        airborne_s_ += step_s;
    } else {
        if (hit.contact == Contact::Crash && !crashed_) {
            crashed_ = true;
            note(FlightEvent::Crash);
            if (setup_.crash_disarms) disarm();
        } else if (airborne_s_ > 0.05) {
            note(FlightEvent::Touch);
        }
        airborne_s_ = 0;
    }
    const double reach = std::max(std::abs(state_.position_m.x()), std::abs(state_.position_m.y()));
    if (reach > setup_.world.half_size_m && !out_of_bounds_) note(FlightEvent::OutOfBounds);
    out_of_bounds_ = reach > setup_.world.half_size_m;
    ++steps_;
    if (steps_ % setup_.steps_per_row != 0) return false;
    write_row();
    return true;
}

bool Flight::arm()
{
    if (sticks_.throttle >= 0.05) {
        note(FlightEvent::ArmRefused);
        return false;
    }
    if (crashed_) return false;
    if (!armed_) note(FlightEvent::Arm);
    armed_ = true;
    return true;
}

void Flight::disarm()
{
    if (armed_) note(FlightEvent::Disarm);
    armed_ = false;
}

void Flight::fail_motors()
{
    if (!motors_out_) note(FlightEvent::MotorsOut);
    motors_out_ = true;
}

void Flight::set_mode(Mode mode)
{
    if (mode == setup_.mode) return;
    setup_.mode = mode;
    hold_ = PositionHold(mode == Mode::Sport ? sport_hold : normal_hold);
}

void Flight::upset(double pitch_deg, double bank_deg)
{
    state_.attitude = attitude(heading_deg(state_.attitude), pitch_deg, bank_deg);
    state_.rates_radps = state_.velocity_mps = Vec3::Zero();
}

void Flight::put_back()
{
    state_ = State{};
    state_.position_m = Vec3(setup_.start.north_m, setup_.start.east_m, 0);
    state_.attitude = attitude(setup_.start.heading_deg, 0, 0);
    on_ground_ = true;
    crashed_ = motors_out_ = panic_ = false;
    airborne_s_ = 0;
    note(FlightEvent::Reset);
    if (!armed_) note(FlightEvent::Arm);
    armed_ = true;
}

void Flight::set_panic(bool on)
{
    if (on != panic_) note(on ? FlightEvent::Panic : FlightEvent::PanicOff);
    panic_ = on;
}

void Flight::note(FlightEvent event) { pending_.push_back(event); }

void Flight::write_row()
{
    FlightSample s;
    s.t_s = time_s();
    s.north_m = state_.position_m.x();
    s.east_m = state_.position_m.y();
    s.height_m = state_.height_m();
    s.vn_mps = state_.velocity_mps.x();
    s.ve_mps = state_.velocity_mps.y();
    s.climb_mps = -state_.velocity_mps.z();
    s.qw = state_.attitude.w();
    s.qx = state_.attitude.x();
    s.qy = state_.attitude.y();
    s.qz = state_.attitude.z();
    s.p_dps = degrees(state_.rates_radps.x());
    s.q_dps = degrees(state_.rates_radps.y());
    s.r_dps = degrees(state_.rates_radps.z());
    s.sticks = sticks_;
    s.mode = panic_ ? Mode::Hold : setup_.mode;
    s.armed = armed_;
    log_.append(as_logged(s));
    for (FlightEvent event : pending_) log_.events.push_back({log_.size() - 1, event});
    pending_.clear();
}

} // namespace bh
