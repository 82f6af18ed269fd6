#include "core/flight/flight_log.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bh {
namespace {

constexpr std::array<std::string_view, 10> event_keys{"arm",       "disarm", "touch",         "crash",      "panic",
                                                      "panic_off", "reset",  "out_of_bounds", "motors_out", "arm_refused"};

// Division of a whole number by a power of ten is correctly rounded, and so is reading its decimal digits: both give
// the same double.
double rounded(double value, double per_unit) { return std::round(value * per_unit) / per_unit + 0.0; }

} // namespace

std::string_view event_key(FlightEvent event) { return event_keys[static_cast<std::size_t>(event)]; }

std::optional<FlightEvent> event_from_key(std::string_view key)
{
    const auto found = std::find(event_keys.begin(), event_keys.end(), key);
    if (found == event_keys.end()) return std::nullopt;
    return static_cast<FlightEvent>(found - event_keys.begin());
}

FlightSample as_logged(const FlightSample& in) noexcept
{
    FlightSample s = in;
    s.t_s = rounded(in.t_s, 1e3);
    for (double FlightSample::*m : {&FlightSample::north_m, &FlightSample::east_m, &FlightSample::height_m, &FlightSample::vn_mps,
                                    &FlightSample::ve_mps, &FlightSample::climb_mps})
        s.*m = rounded(in.*m, 1e3);
    for (double FlightSample::*q : {&FlightSample::qw, &FlightSample::qx, &FlightSample::qy, &FlightSample::qz})
        s.*q = rounded(in.*q, 1e5);
    for (double FlightSample::*w : {&FlightSample::p_dps, &FlightSample::q_dps, &FlightSample::r_dps}) s.*w = rounded(in.*w, 1e2);
    for (double Sticks::*stick : {&Sticks::throttle, &Sticks::yaw, &Sticks::pitch, &Sticks::roll})
        s.sticks.*stick = rounded(in.sticks.*stick, 1e4);
    return s;
}

void FlightLog::append(const FlightSample& s)
{
    t_s.push_back(s.t_s);
    north_m.push_back(s.north_m);
    east_m.push_back(s.east_m);
    height_m.push_back(s.height_m);
    vn_mps.push_back(s.vn_mps);
    ve_mps.push_back(s.ve_mps);
    climb_mps.push_back(s.climb_mps);
    qw.push_back(s.qw);
    qx.push_back(s.qx);
    qy.push_back(s.qy);
    qz.push_back(s.qz);
    p_dps.push_back(s.p_dps);
    q_dps.push_back(s.q_dps);
    r_dps.push_back(s.r_dps);
    throttle.push_back(s.sticks.throttle);
    stick_roll.push_back(s.sticks.roll);
    stick_pitch.push_back(s.sticks.pitch);
    stick_yaw.push_back(s.sticks.yaw);
    mode.push_back(s.mode);
    armed.push_back(s.armed);
}

FlightSample FlightLog::sample(std::size_t i) const
{
    FlightSample s;
    s.t_s = t_s[i];
    s.north_m = north_m[i];
    s.east_m = east_m[i];
    s.height_m = height_m[i];
    s.vn_mps = vn_mps[i];
    s.ve_mps = ve_mps[i];
    s.climb_mps = climb_mps[i];
    s.qw = qw[i];
    s.qx = qx[i];
    s.qy = qy[i];
    s.qz = qz[i];
    s.p_dps = p_dps[i];
    s.q_dps = q_dps[i];
    s.r_dps = r_dps[i];
    s.sticks = {throttle[i], stick_yaw[i], stick_pitch[i], stick_roll[i]};
    s.mode = mode[i];
    s.armed = armed[i] != 0;
    return s;
}

} // namespace bh
