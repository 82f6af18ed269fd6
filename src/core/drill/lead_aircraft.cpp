#include "core/drill/lead_aircraft.h"

#include "core/base/random.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double step_s = 0.1, thinks_every_s = 4, smooth_s = 0.8;

} // namespace

LeadAircraftPath::LeadAircraftPath(const LeadAircraft& lead_aircraft, const Vec3& start_m, double heading, double for_s)
    : lead_aircraft_(lead_aircraft)
{
    SeededRandom random(lead_aircraft.seed);
    LeadAircraftPlace now{start_m, Vec3::Zero(), heading};
    double speed = 0.6 * lead_aircraft.speed_mps, turn_dps = 0, climb = 0; // it gives a moment to come after it
    double wants_speed = speed, wants_turn = 0, wants_climb = 0, thinks_at_s = 3;
    const double follow = 1 - std::exp(-step_s / smooth_s);
    for (double t_s = 0; t_s <= for_s + step_s; t_s += step_s) {
        now.velocity_mps = {speed * std::cos(radians(now.heading_deg)), speed * std::sin(radians(now.heading_deg)), -climb};
        places_.push_back(now);
        if (t_s >= thinks_at_s) {
            thinks_at_s += thinks_every_s;
            wants_speed = lead_aircraft.speed_mps * (0.35 + 0.9 * random.uniform());
            wants_turn = 28 * (2 * random.uniform() - 1);
            wants_climb = 1.2 * (2 * random.uniform() - 1);
        }
        const Vec3 off = now.position_m - start_m;
        if (off.head<2>().norm() > lead_aircraft.field_m) { // back to the middle
            const double home = degrees(std::atan2(-off.y(), -off.x()));
            wants_turn = std::clamp(wrapped_deg(home - now.heading_deg), -40.0, 40.0);
        }
        const double height = -now.position_m.z();
        if (height < 4) wants_climb = std::max(wants_climb, 0.5);
        if (height > lead_aircraft.height_m + 8) wants_climb = std::min(wants_climb, -0.5);
        speed += follow * (wants_speed - speed);
        turn_dps += follow * (wants_turn - turn_dps);
        climb += follow * (wants_climb - climb);
        now.position_m += now.velocity_mps * step_s;
        now.position_m.z() = std::min(now.position_m.z(), -3.0);
        now.heading_deg = wrapped_deg(now.heading_deg + turn_dps * step_s);
    }
}

LeadAircraftPlace LeadAircraftPath::at(double t_s) const
{
    const double at = std::clamp(t_s / step_s, 0.0, static_cast<double>(places_.size() - 1));
    const auto i = std::min(static_cast<std::size_t>(at), places_.size() - 1);
    const LeadAircraftPlace &a = places_[i], &b = places_[std::min(i + 1, places_.size() - 1)];
    const double share = at - static_cast<double>(i);
    return {a.position_m + share * (b.position_m - a.position_m), a.velocity_mps + share * (b.velocity_mps - a.velocity_mps),
            wrapped_deg(a.heading_deg + share * wrapped_deg(b.heading_deg - a.heading_deg))};
}

bool LeadAircraftPath::followed_from(const Vec3& position_m, double t_s) const
{
    constexpr double off_the_tail_deg = 60; // house
    const LeadAircraftPlace it = at(t_s);
    const Vec3 to_it = it.position_m - position_m;
    const double gap_m = to_it.norm();
    if (gap_m < lead_aircraft_.nearest_m || gap_m > lead_aircraft_.farthest_m) return false;
    return std::abs(wrapped_deg(degrees(std::atan2(to_it.y(), to_it.x())) - it.heading_deg)) <= off_the_tail_deg;
}

} // namespace bh
