#include "core/flight/world.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double crash_into_ground_mps = 3.0;
constexpr double crash_into_thing_mps = 2.5;
constexpr double crash_lean_deg = 60;
constexpr double bounce_share = 0.25; // of the touchdown speed that comes back
constexpr double bounce_from_mps = 0.25; // slower than this the gear swallows it
constexpr double ground_friction_mps2 = 6;

/// Moves the aircraft out along `normal` by `depth_m` and reflects the speed into the surface.
void push_out(State& state, const Vec3& normal, double depth_m, ContactResult& result)
{
    state.position_m += depth_m * normal;
    const double into_mps = -state.velocity_mps.dot(normal);
    if (into_mps <= 0) return;
    state.velocity_mps += (1 + bounce_share) * into_mps * normal;
    result.impact_mps = std::max(result.impact_mps, into_mps);
    result.contact = std::max(result.contact, into_mps > crash_into_thing_mps ? Contact::Crash : Contact::Touch);
}

void rest_on_ground(State& state, double dt_s)
{
    const double speed = state.velocity_mps.head<2>().norm();
    const double kept = speed > ground_friction_mps2 * dt_s ? 1 - ground_friction_mps2 * dt_s / speed : 0;
    state.velocity_mps.head<2>() *= kept;
    // The gear rights a leaning aircraft within about a tenth of a second and stops its turning.
    state.rates_radps *= std::max(0.0, 1 - dt_s / 0.02);
    const Quat level = attitude(heading_deg(state.attitude), 0, 0);
    state.attitude = state.attitude.slerp(std::min(1.0, dt_s / 0.1), level);
}

} // namespace

ContactResult resolve_contact(State& state, const World& world, const Airframe& airframe, double dt_s)
{
    ContactResult result;
    if (state.position_m.z() >= 0) {
        result.on_ground = true;
        const double sink_mps = std::max(0.0, state.velocity_mps.z());
        const bool toppled = lean_deg(state.attitude) > crash_lean_deg;
        result.impact_mps = sink_mps;
        result.contact = toppled || sink_mps > crash_into_ground_mps ? Contact::Crash : Contact::Touch;
        state.position_m.z() = 0;
        state.velocity_mps.z() = sink_mps > bounce_from_mps ? -bounce_share * sink_mps : std::min(0.0, state.velocity_mps.z());
        rest_on_ground(state, dt_s);
    }
    const double radius = airframe.body_radius_m;
    for (const Pillar& pillar : world.pillars) {
        if (state.height_m() > pillar.height_m) continue;
        const double north = state.position_m.x() - pillar.north_m;
        const double east = state.position_m.y() - pillar.east_m;
        const double reach = radius + pillar.radius_m;
        if (std::abs(north) > reach || std::abs(east) > reach) continue;
        const double distance = std::hypot(north, east);
        if (distance >= reach) continue;
        const Vec3 normal = distance > 1e-6 ? Vec3(north / distance, east / distance, 0) : Vec3::UnitX();
        push_out(state, normal, reach - distance, result);
    }
    for (const Block& block : world.blocks) {
        const Vec3& p = state.position_m;
        const Vec3 nearest(std::clamp(p.x(), block.south_m, block.north_m), std::clamp(p.y(), block.west_m, block.east_m),
                           std::clamp(p.z(), -block.height_m, 0.0));
        const Vec3 away = p - nearest;
        const double distance = away.norm();
        if (distance >= radius) continue;
        if (distance > 1e-9) {
            push_out(state, away / distance, radius - distance, result);
        } else { // inside: out through the top, the way it most likely came
            push_out(state, -Vec3::UnitZ(), block.height_m - state.height_m() + radius, result);
        }
    }
    return result;
}

} // namespace bh
