#include "core/flight/world.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double crash_into_ground_mps = 3.0;
constexpr double crash_into_thing_mps = 2.5;
constexpr double crash_lean_deg = 60;
constexpr double bounce_share = 0.25;    // of the touchdown speed that comes back
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

void keep_out_of(const Box& box, State& state, double radius_m, ContactResult& result)
{
    const double c = std::cos(radians(box.heading_deg)), s = std::sin(radians(box.heading_deg));
    const double north = state.position_m.x() - box.north_m, east = state.position_m.y() - box.east_m;
    const Vec3 p(c * north + s * east, -s * north + c * east, state.height_m());
    if ((p.array() < box.low_m.array() - radius_m).any() || (p.array() > box.high_m.array() + radius_m).any()) return;
    const Vec3 away = p - p.cwiseMax(box.low_m).cwiseMin(box.high_m);
    const double distance = away.norm();
    if (distance >= radius_m) return;
    Vec3 normal = Vec3::Zero(); // in the box's axes, z up
    double depth = 0;
    if (distance > 1e-9) {
        normal = away / distance;
        depth = radius_m - distance;
    } else { // its middle is inside: out by the nearest side
        depth = 1e9;
        for (int axis = 0; axis < 3; ++axis)
            for (const double side : {-1.0, 1.0}) {
                const double way = (side > 0 ? box.high_m[axis] - p[axis] : p[axis] - box.low_m[axis]) + radius_m;
                const bool into_ground = axis == 2 && side < 0 && box.low_m.z() <= 0;
                if (way < depth && !into_ground) depth = way, normal = side * Vec3::Unit(axis);
            }
    }
    push_out(state, {c * normal.x() - s * normal.y(), s * normal.x() + c * normal.y(), -normal.z()}, depth, result);
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

Box box_of(const Block& b)
{
    const double north = (b.south_m + b.north_m) / 2, east = (b.west_m + b.east_m) / 2;
    const double along = (b.north_m - b.south_m) / 2, across = (b.east_m - b.west_m) / 2;
    return {north, east, 0, {-along, -across, b.low_m}, {along, across, b.height_m}};
}

std::vector<Box> boxes_of(const Gate& g)
{
    const double inner = g.width_m / 2, outer = inner + g.frame_m, deep = g.frame_m / 2, top = g.sill_m + g.height_m;
    const auto piece = [&](double left, double right, double low, double high) {
        return Box{g.north_m, g.east_m, g.heading_deg, {-deep, left, low}, {deep, right, high}};
    };
    std::vector<Box> boxes{piece(-outer, -inner, 0, top + g.frame_m), piece(inner, outer, 0, top + g.frame_m),
                           piece(-inner, inner, top, top + g.frame_m)};
    if (g.sill_m > 0) boxes.push_back(piece(-inner, inner, std::max(0.0, g.sill_m - g.frame_m), g.sill_m));
    return boxes;
}

std::vector<Message> problems_of(const World& world)
{
    std::vector<Message> problems;
    const auto inside = [&](double north, double east) { return std::max(std::abs(north), std::abs(east)) <= world.half_size_m; };
    for (std::size_t i = 0; i < world.pillars.size(); ++i) {
        const Pillar& p = world.pillars[i];
        if (!(p.radius_m > 0 && p.height_m > 0)) problems.push_back(message("pillar %1 has no size", i + 1));
        if (!inside(p.north_m, p.east_m)) problems.push_back(message("pillar %1 stands out of bounds", i + 1));
    }
    for (std::size_t i = 0; i < world.blocks.size(); ++i) {
        const Block& b = world.blocks[i];
        if (!(b.south_m < b.north_m && b.west_m < b.east_m && b.low_m < b.height_m && b.low_m >= 0))
            problems.push_back(message("block %1 has no size", i + 1));
        if (!inside(b.south_m, b.west_m) || !inside(b.north_m, b.east_m))
            problems.push_back(message("block %1 reaches out of bounds", i + 1));
    }
    constexpr double smallest_m = 0.5;
    const Airframe usual;
    const auto free = [&](const Vec3& place) {
        State probe;
        probe.position_m = place;
        return resolve_contact(probe, world, usual, 0.001).contact == Contact::None && probe.position_m == place;
    };
    for (std::size_t i = 0; i < world.gates.size(); ++i) {
        const Gate& g = world.gates[i];
        if (!(g.width_m >= smallest_m && g.height_m >= smallest_m))
            problems.push_back(message("gate %1 is smaller than 0.5 m", i + 1));
        if (!(g.sill_m >= 0 && g.frame_m > 0))
            problems.push_back(message("gate %1 needs a sill of 0 m or more and a frame with some thickness", i + 1));
        if (!inside(g.north_m, g.east_m)) problems.push_back(message("gate %1 stands out of bounds", i + 1));
        for (const double along : {-1.0, 0.0, 1.0}) {
            const double h = radians(g.heading_deg);
            if (free({g.north_m + along * std::cos(h), g.east_m + along * std::sin(h), -(g.sill_m + g.height_m / 2)})) continue;
            problems.push_back(message("gate %1 is blocked", i + 1));
            break;
        }
    }
    for (const double height : {0.5, 1.5})
        if (!free({0, 0, -height})) {
            problems.emplace_back(message("the start place in the middle is not free"));
            break;
        }
    return problems;
}

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
    for (const Block& block : world.blocks) keep_out_of(box_of(block), state, radius, result);
    for (const Gate& gate : world.gates) {
        const double reach = gate.width_m / 2 + gate.frame_m + radius;
        if (std::abs(state.position_m.x() - gate.north_m) > reach || std::abs(state.position_m.y() - gate.east_m) > reach)
            continue;
        for (const Box& box : boxes_of(gate)) keep_out_of(box, state, radius, result);
    }
    return result;
}

} // namespace bh
