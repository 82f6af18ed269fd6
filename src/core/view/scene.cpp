#include "core/view/scene.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <span>

namespace bh {
namespace {

/// A side of a solid body around `inside`: seen from outside only.
void add_side(Scene& scene, std::vector<Vec3> corners, const Vec3& inside, Paint paint)
{
    const Vec3 normal = (corners[1] - corners[0]).cross(corners[2] - corners[0]);
    if (normal.dot(corners[0] - inside) < 0) std::reverse(corners.begin(), corners.end());
    scene.surfaces.push_back({std::move(corners), paint, false, true});
}

/// All sides of a turned box, `turned` about `place`; corners in its own axes with z up.
void add_box(Scene& scene, const Vec3& place, const Quat& turned, const Vec3& low, const Vec3& high, Paint light, Paint dark)
{
    const auto corner = [&](bool along, bool right, bool up) -> Vec3 {
        return place + turned * Vec3(along ? high.x() : low.x(), right ? high.y() : low.y(), up ? -high.z() : -low.z());
    };
    const Vec3 inside = place + turned * Vec3((low.x() + high.x()) / 2, (low.y() + high.y()) / 2, -(low.z() + high.z()) / 2);
    for (const bool side : {false, true}) {
        add_side(scene,
                 {corner(side, false, false), corner(side, true, false), corner(side, true, true), corner(side, false, true)},
                 inside, light);
        add_side(scene,
                 {corner(false, side, false), corner(true, side, false), corner(true, side, true), corner(false, side, true)},
                 inside, dark);
        add_side(scene,
                 {corner(false, false, side), corner(true, false, side), corner(true, true, side), corner(false, true, side)},
                 inside, dark);
    }
}

void add_box(Scene& scene, const Box& box, Paint light, Paint dark)
{
    add_box(scene, Vec3(box.north_m, box.east_m, 0), attitude(box.heading_deg, 0, 0), box.low_m, box.high_m, light, dark);
}

void add_post(Scene& scene, const Pillar& p)
{
    add_box(scene, {p.north_m, p.east_m, 0, {-p.radius_m, -p.radius_m, 0}, {p.radius_m, p.radius_m, p.height_m}}, Paint::Shed,
            Paint::ShedShade);
}

/// A roof is seen from below and above: in squares of two shades, so that it has a scale.
void add_roof(Scene& scene, const Block& b)
{
    constexpr double piece = 3;
    const Vec3 inside((b.south_m + b.north_m) / 2, (b.west_m + b.east_m) / 2, -(b.low_m + b.height_m) / 2);
    for (double n = b.south_m; n < b.north_m; n += piece)
        for (double e = b.west_m; e < b.east_m; e += piece) {
            const double to_n = std::min(n + piece, b.north_m), to_e = std::min(e + piece, b.east_m);
            const bool even = (static_cast<int>((n - b.south_m) / piece) + static_cast<int>((e - b.west_m) / piece)) % 2 == 0;
            for (const double height : {b.low_m, b.height_m})
                add_side(scene, {Vec3(n, e, -height), Vec3(to_n, e, -height), Vec3(to_n, to_e, -height), Vec3(n, to_e, -height)},
                         inside, even ? Paint::Shed : Paint::ShedShade);
        }
}

/// A high wall shows its courses, so that the eye can tell how fast it goes by.
void add_courses(Scene& scene, const Block& b)
{
    constexpr double high_m = 8, course_m = 3, off_m = 0.03;
    if (b.height_m - b.low_m < high_m) return;
    const double south = b.south_m - off_m, north = b.north_m + off_m, west = b.west_m - off_m, east = b.east_m + off_m;
    for (double height = b.low_m + course_m; height < b.height_m; height += course_m) {
        const std::array<Vec3, 4> corners{Vec3(south, west, -height), Vec3(south, east, -height), Vec3(north, east, -height),
                                          Vec3(north, west, -height)};
        for (std::size_t i = 0; i < corners.size(); ++i)
            scene.lines.push_back({corners[i], corners[(i + 1) % corners.size()], Paint::Trunk, false, 0.12});
    }
}

void add_block(Scene& scene, const Block& b)
{
    if (b.kind == Block::Kind::Roof) return add_roof(scene, b);
    const bool bank = b.kind == Block::Kind::Bank;
    const Box box = box_of(b);
    add_box(scene, box, bank ? Paint::BankGrass : Paint::Shed, bank ? Paint::BankGrassShade : Paint::ShedShade);
    if (!bank) return add_courses(scene, b);
    for (Scene::Surface& top : std::span(scene.surfaces).last(6)) // a bank's top is grass in the light
        if (std::all_of(top.corners_m.begin(), top.corners_m.end(), [&](const Vec3& c) { return c.z() == -b.height_m; }))
            top.paint = Paint::BankGrass;
}

/// Even in 0…1, the same for the same tree, ring and side.
double unevenness(const Pillar& tree, int ring, int side)
{
    const double x = std::sin(12.9898 * tree.north_m + 78.233 * tree.east_m + 37.719 * ring + 11.135 * side) * 43758.5453;
    return x - std::floor(x);
}

/// A trunk, and a crown of uneven rings: leaves in the sun to the south, in the shade to the north, and tufts between.
void add_poplar(Scene& scene, const Pillar& p)
{
    constexpr int sides = 8;
    struct Ring {
        double height, radius; ///< shares of the tree's
    };
    constexpr Ring rings[] = {{0.1, 0.3},   {0.17, 0.75}, {0.27, 0.95}, {0.38, 1.0},  {0.5, 0.95},
                              {0.61, 0.85}, {0.72, 0.7},  {0.82, 0.5},  {0.91, 0.28}, {1.0, 0.02}};
    constexpr int last = static_cast<int>(std::size(rings)) - 1;
    const auto corner = [&](int r, int side) {
        const int s = side % sides;
        const double angle = 2 * std::numbers::pi * (s + (r % 2) * 0.5) / sides; // every other ring is turned by half a side
        const double radius = p.radius_m * rings[r].radius * (0.7 + 0.6 * unevenness(p, r, s));
        const double height = p.height_m * (rings[r].height + (r == last ? 0 : 0.05 * (unevenness(p, r + 50, s) - 0.5)));
        return Vec3(p.north_m + radius * std::cos(angle), p.east_m + radius * std::sin(angle), -height);
    };
    const auto lit = [&](int r, int side) {
        const double angle = 2 * std::numbers::pi * (side + 0.5 + (r % 2) * 0.5) / sides;
        const double sun = -0.8 * std::cos(angle) + 1.5 * (unevenness(p, r + 20, side) - 0.5); // the sun stands in the south
        return sun > 0.35 ? Paint::PoplarLight : sun > -0.35 ? Paint::PoplarMiddle : Paint::PoplarDark;
    };
    const Vec3 inside(p.north_m, p.east_m, -0.5 * p.height_m);
    for (int r = 0; r < last; ++r)
        for (int side = 0; side < sides; ++side) {
            add_side(scene, {corner(r, side), corner(r, side + 1), corner(r + 1, side)}, inside, lit(r, side));
            add_side(scene, {corner(r, side + 1), corner(r + 1, side + 1), corner(r + 1, side)}, inside, lit(r + 7, side));
        }
    std::vector<Vec3> foot;
    for (int side = 0; side < sides; ++side) foot.push_back(corner(0, side));
    add_side(scene, std::move(foot), inside, Paint::PoplarDark);
    const double trunk = std::max(0.1, 0.14 * p.radius_m);
    add_box(scene, Vec3(p.north_m, p.east_m, 0), Quat::Identity(), {-trunk, -trunk, 0}, {trunk, trunk, 0.2 * p.height_m},
            Paint::Trunk, Paint::Trunk);
    std::vector<Vec3> shade; // on the ground, to the north: a long narrow leaf
    for (int i = 0; i < 12; ++i) {
        const double angle = 2 * std::numbers::pi * i / 12;
        shade.emplace_back(p.north_m + 0.5 * p.height_m * (1 - std::cos(angle)), p.east_m + 0.8 * p.radius_m * std::sin(angle),
                           0);
    }
    scene.surfaces.push_back({std::move(shade), Paint::Shadow, true});
}

} // namespace

void add_flag(Scene& scene, const Pillar& p)
{
    scene.lines.push_back({Vec3(p.north_m, p.east_m, 0), Vec3(p.north_m, p.east_m, -p.height_m), Paint::FlagPole, false, 0.06});
    const double top = p.height_m;
    // Two cloths at right angles: one of them can always be seen.
    for (const Vec3& along : {Vec3(0, 0.9, 0), Vec3(0.9, 0, 0)})
        scene.surfaces.push_back({{Vec3(p.north_m, p.east_m, -top), Vec3(p.north_m, p.east_m, -top + 0.6),
                                   Vec3(p.north_m, p.east_m, -top + 0.3) + along},
                                  Paint::FlagCloth});
}

Scene scene_of(const World& world)
{
    Scene scene;
    for (const Block& block : world.blocks) add_block(scene, block);
    for (const Pillar& pillar : world.pillars) switch (pillar.kind) {
        case Pillar::Kind::Flag: add_flag(scene, pillar); break;
        case Pillar::Kind::Poplar: add_poplar(scene, pillar); break;
        case Pillar::Kind::Post: add_post(scene, pillar); break;
        }
    for (const Gate& gate : world.gates)
        for (const Box& box : boxes_of(gate)) add_box(scene, box, Paint::GateFrame, Paint::GateFrameShade);
    return scene;
}

void add_ring(Scene& scene, double north_m, double east_m, double radius_m)
{
    constexpr int pieces = 20;
    const auto at = [&](int i) {
        const double angle = 2 * std::numbers::pi * i / pieces;
        return Vec3(north_m + radius_m * std::cos(angle), east_m + radius_m * std::sin(angle), 0);
    };
    for (int i = 0; i < pieces; ++i) scene.lines.push_back({at(i), at(i + 1), Paint::Mark, true, 0.04});
}

void add_guide(Scene& scene, double north_m, double east_m, double heading, double low_m, double high_m, double half_width_m)
{
    const Vec3 across(-std::sin(radians(heading)), std::cos(radians(heading)), 0);
    const Vec3 middle(north_m, east_m, 0);
    const Vec3 left = middle - half_width_m * across;
    const Vec3 right = middle + half_width_m * across;
    const Vec3 low(0, 0, -low_m);
    const Vec3 high(0, 0, -high_m);
    for (const auto& [from, to] : {std::pair<Vec3, Vec3>{left + low, left + high},
                                   {left + high, right + high},
                                   {right + high, right + low},
                                   {right + low, left + low}})
        scene.lines.push_back({from, to, Paint::Mark, false, 0.06});
}

void add_touch_mark(Scene& scene, const Vec3& place)
{
    constexpr int pieces = 8;
    constexpr double radius = 0.25;
    const auto at = [&](int i) -> Vec3 {
        const double angle = 2 * std::numbers::pi * i / pieces;
        return place + Vec3(radius * std::cos(angle), radius * std::sin(angle), -0.02);
    };
    for (int i = 0; i < pieces; ++i) scene.lines.push_back({at(i), at(i + 1), Paint::TouchMark, false, 0.05});
}

void add_crash_mark(Scene& scene, const Vec3& place)
{
    constexpr double size = 0.6;
    const Vec3 middle = place - Vec3(0, 0, size);
    for (const Vec3& along : {Vec3(size, 0, 0), Vec3(0, size, 0)}) // can be seen from any side
        for (const double side : {-1.0, 1.0}) {
            const Vec3 arm = along + Vec3(0, 0, side * size);
            scene.lines.push_back({middle - arm, middle + arm, Paint::CrashMark, false, 0.08});
        }
}

void add_aircraft(Scene& scene, const State& state, const Airframe& airframe)
{
    const double arm = airframe.wheelbase_m / 2, body = 0.28 * arm, disc = airframe.propeller_m / 2,
                 thick = 0.06 * airframe.wheelbase_m;
    const Vec3& place = state.position_m;
    const Quat& turned = state.attitude;
    const double diagonals[] = {45, -45};
    for (const double angle : diagonals)
        add_box(scene, place, turned * attitude(angle, 0, 0), {-arm, -0.1 * arm, 0}, {arm, 0.1 * arm, thick}, Paint::Aircraft,
                Paint::AircraftShade);
    add_box(scene, place, turned, {-1.6 * body, -body, -thick}, {1.2 * body, body, 2.5 * thick}, Paint::Aircraft,
            Paint::AircraftShade);
    add_box(scene, place, turned, {1.2 * body, -0.8 * body, -0.5 * thick}, {2.2 * body, 0.8 * body, 2 * thick},
            Paint::AircraftNose, Paint::AircraftNose);
    constexpr int sides = 8;
    for (const double along : {1.0, -1.0})
        for (const double right : {1.0, -1.0}) {
            const Vec3 hub(along * arm * std::numbers::sqrt2 / 2, right * arm * std::numbers::sqrt2 / 2, -1.5 * thick);
            std::vector<Vec3> rim;
            for (int i = 0; i < sides; ++i) {
                const double angle = 2 * std::numbers::pi * i / sides;
                rim.push_back(place + turned * (hub + disc * Vec3(std::cos(angle), std::sin(angle), 0)));
            }
            scene.surfaces.push_back({std::move(rim), along > 0 ? Paint::AircraftNose : Paint::Rotor});
        }
}

void add_shadow(Scene& scene, const State& state, const Airframe& airframe, bool under_a_roof)
{
    const double north = under_a_roof ? 0 : state.height_m();
    const double arm = airframe.wheelbase_m / 2, disc = airframe.propeller_m / 2;
    const auto on_ground = [&](const Vec3& body) {
        const Vec3 at = state.position_m + state.attitude * body;
        return Vec3(at.x() + north, at.y(), 0);
    };
    constexpr int sides = 6;
    const auto disc_at = [&](double along, double right, double radius) {
        std::vector<Vec3> rim;
        for (int i = 0; i < sides; ++i) {
            const double angle = 2 * std::numbers::pi * i / sides;
            rim.push_back(on_ground({along + radius * std::cos(angle), right + radius * std::sin(angle), 0}));
        }
        scene.surfaces.push_back({std::move(rim), Paint::Shadow, true});
    };
    disc_at(0, 0, 0.6 * arm);
    const double out = arm * std::numbers::sqrt2 / 2;
    for (const double along : {out, -out})
        for (const double right : {out, -out}) disc_at(along, right, disc);
}

} // namespace bh
