#include "core/flight/scene.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double near_m = 0.05;
constexpr double tile_m = 15;

struct Corners {
    std::array<Vec3, Shape::most_points + 2> at;
    std::size_t count = 0;
    void add(const Vec3& p)
    {
        if (count < at.size()) at[count++] = p;
    }
};

/// Keeps the part of a convex polygon with normal·p >= offset (Sutherland–Hodgman, 1974, one plane).
Corners clipped(const Corners& in, const Vec3& normal, double offset)
{
    Corners out;
    for (std::size_t i = 0; i < in.count; ++i) {
        const Vec3& a = in.at[i];
        const Vec3& b = in.at[(i + 1) % in.count];
        const double da = normal.dot(a) - offset;
        const double db = normal.dot(b) - offset;
        if (da >= 0) out.add(a);
        if ((da >= 0) != (db >= 0)) out.add(a + (b - a) * (da / (da - db)));
    }
    return out;
}

/// Everything that projecting one picture needs: the world-to-eye turn and the sides of the view pyramid.
struct Eye {
    explicit Eye(const Camera& camera)
        : position(camera.position_m), to_eye(camera.attitude.conjugate().toRotationMatrix()),
          focal_px(0.5 * camera.width_px / std::tan(radians(0.5 * std::clamp(camera.fov_deg, 30.0, 150.0)))),
          middle_x(0.5 * camera.width_px), middle_y(0.5 * camera.height_px)
    {
        const double side = middle_x / focal_px;
        const double top = middle_y / focal_px;
        sides = {Vec3(side, 1, 0).normalized(), Vec3(side, -1, 0).normalized(), Vec3(top, 0, 1).normalized(),
                 Vec3(top, 0, -1).normalized()};
    }
    [[nodiscard]] Vec3 seen(const Vec3& world) const { return to_eye * (world - position); }
    [[nodiscard]] ScreenPoint on_screen(const Vec3& p) const
    {
        return {static_cast<float>(middle_x + focal_px * p.y() / p.x()),
                static_cast<float>(middle_y + focal_px * p.z() / p.x())};
    }

    Vec3 position;
    Eigen::Matrix3d to_eye;
    double focal_px, middle_x, middle_y;
    std::array<Vec3, 4> sides; ///< inward normals through the eye
};

bool polygon_shape(const Eye& eye, Corners corners, Paint paint, Shape& shape)
{
    corners = clipped(corners, Vec3::UnitX(), near_m);
    for (const Vec3& side : eye.sides) {
        if (corners.count < 3) return false;
        corners = clipped(corners, side, 0);
    }
    if (corners.count < 3) return false;
    shape.count = static_cast<std::uint8_t>(std::min(corners.count, Shape::most_points));
    for (std::size_t i = 0; i < shape.count; ++i) shape.points[i] = eye.on_screen(corners.at[i]);
    shape.paint = paint;
    return true;
}

bool line_shape(const Eye& eye, Vec3 a, Vec3 b, Paint paint, Shape& shape)
{
    const auto cut = [&a, &b](const Vec3& normal, double offset) {
        const double da = normal.dot(a) - offset;
        const double db = normal.dot(b) - offset;
        if (da < 0 && db < 0) return false;
        if (da < 0) a += (b - a) * (da / (da - db));
        else if (db < 0) b += (a - b) * (db / (db - da));
        return true;
    };
    if (!cut(Vec3::UnitX(), near_m)) return false;
    for (const Vec3& side : eye.sides)
        if (!cut(side, 0)) return false;
    shape.count = 2;
    shape.points[0] = eye.on_screen(a);
    shape.points[1] = eye.on_screen(b);
    shape.paint = paint;
    return true;
}

void add_ground(Scene& scene, double half_m)
{
    // A chequered pan: the eye needs something on the ground to see its own speed and drift by.
    const int tiles = static_cast<int>(half_m / tile_m);
    for (int n = -tiles; n < tiles; ++n)
        for (int e = -tiles; e < tiles; ++e) {
            if ((n + e) % 2 != 0) continue;
            const double south = n * tile_m;
            const double west = e * tile_m;
            scene.surfaces.push_back({{Vec3(south, west, 0), Vec3(south + tile_m, west, 0),
                                       Vec3(south + tile_m, west + tile_m, 0), Vec3(south, west + tile_m, 0)},
                                      Paint::SaltDark,
                                      true});
        }
    const int lines = static_cast<int>(half_m / 5);
    for (int i = -lines; i <= lines; ++i) {
        const double at = 5.0 * i;
        const Paint paint = i % 3 == 0 ? Paint::GridCoarse : Paint::GridFine;
        scene.lines.push_back({Vec3(at, -half_m, 0), Vec3(at, half_m, 0), paint, true});
        scene.lines.push_back({Vec3(-half_m, at, 0), Vec3(half_m, at, 0), paint, true});
    }
}

/// All sides of a turned box.
void add_box(Scene& scene, const Box& box, Paint light, Paint dark)
{
    const Quat turned(Eigen::AngleAxisd(radians(box.heading_deg), Vec3::UnitZ()));
    const auto corner = [&](bool along, bool right, bool up) -> Vec3 {
        const Vec3 local(along ? box.high_m.x() : box.low_m.x(), right ? box.high_m.y() : box.low_m.y(), up ? -box.high_m.z() : -box.low_m.z());
        return Vec3(box.north_m, box.east_m, 0) + turned * local;
    };
    for (const bool side : {false, true}) {
        scene.surfaces.push_back({{corner(side, false, false), corner(side, true, false), corner(side, true, true), corner(side, false, true)}, light});
        scene.surfaces.push_back({{corner(false, side, false), corner(true, side, false), corner(true, side, true), corner(false, side, true)}, dark});
        scene.surfaces.push_back({{corner(false, false, side), corner(true, false, side), corner(true, true, side), corner(false, true, side)}, dark});
    }
}

/// A post in three pieces, so that sorting by distance holds near it.
void add_post(Scene& scene, const Pillar& p)
{
    constexpr int pieces = 3;
    for (int i = 0; i < pieces; ++i)
        add_box(scene, {p.north_m, p.east_m, 0, {-p.radius_m, -p.radius_m, p.height_m * i / pieces}, {p.radius_m, p.radius_m, p.height_m * (i + 1) / pieces}},
                Paint::Shed, Paint::ShedShade);
}

/// A roof is seen from below and above: flat pieces.
void add_roof(Scene& scene, const Block& b)
{
    constexpr double piece = 3;
    for (double n = b.south_m; n < b.north_m; n += piece)
        for (double e = b.west_m; e < b.east_m; e += piece) {
            const double to_n = std::min(n + piece, b.north_m), to_e = std::min(e + piece, b.east_m);
            const bool even = (static_cast<int>((n - b.south_m) / piece) + static_cast<int>((e - b.west_m) / piece)) % 2 == 0;
            for (const double height : {b.low_m, b.height_m})
                scene.surfaces.push_back({{Vec3(n, e, -height), Vec3(to_n, e, -height), Vec3(to_n, to_e, -height), Vec3(n, to_e, -height)},
                                          even ? Paint::Shed : Paint::ShedShade});
        }
}

void add_block(Scene& scene, const Block& b)
{
    if (b.kind == Block::Kind::Roof) return add_roof(scene, b);
    const bool bank = b.kind == Block::Kind::Bank;
    const Paint light = bank ? Paint::BankGrass : Paint::Shed;
    const Paint dark = bank ? Paint::BankGrassShade : Paint::ShedShade;
    const double top = -b.height_m;
    const auto wall = [&](double n1, double e1, double n2, double e2, Paint paint) {
        scene.surfaces.push_back({{Vec3(n1, e1, -b.low_m), Vec3(n2, e2, -b.low_m), Vec3(n2, e2, top), Vec3(n1, e1, top)}, paint});
    };
    // Long walls in pieces, so that sorting by distance holds along their length.
    const double piece = 15;
    for (double e = b.west_m; e < b.east_m; e += piece) {
        const double to = std::min(e + piece, b.east_m);
        wall(b.south_m, e, b.south_m, to, light);
        wall(b.north_m, e, b.north_m, to, light);
    }
    for (double n = b.south_m; n < b.north_m; n += piece) {
        const double to = std::min(n + piece, b.north_m);
        wall(n, b.west_m, to, b.west_m, dark);
        wall(n, b.east_m, to, b.east_m, dark);
    }
    for (double n = b.south_m; n < b.north_m; n += piece)
        for (double e = b.west_m; e < b.east_m; e += piece) {
            const double nt = std::min(n + piece, b.north_m);
            const double et = std::min(e + piece, b.east_m);
            scene.surfaces.push_back({{Vec3(n, e, top), Vec3(nt, e, top), Vec3(nt, et, top), Vec3(n, et, top)},
                                      bank ? Paint::BankGrass : Paint::ShedShade});
        }
}

void add_poplar(Scene& scene, const Pillar& p)
{
    constexpr int sides = 6;
    const auto ring = [&](int i, double radius, double height) {
        const double angle = 2 * std::numbers::pi * i / sides;
        return Vec3(p.north_m + radius * std::cos(angle), p.east_m + radius * std::sin(angle), -height);
    };
    for (int i = 0; i < sides; ++i) {
        const Paint paint = i < sides / 2 ? Paint::PoplarLight : Paint::PoplarDark;
        const double waist = 0.35 * p.height_m;
        scene.surfaces.push_back({{ring(i, 0.45 * p.radius_m, 0.6), ring(i + 1, 0.45 * p.radius_m, 0.6),
                                   ring(i + 1, p.radius_m, waist), ring(i, p.radius_m, waist)},
                                  paint});
        scene.surfaces.push_back({{ring(i, p.radius_m, waist), ring(i + 1, p.radius_m, waist),
                                   Vec3(p.north_m, p.east_m, -p.height_m)},
                                  paint});
    }
    scene.lines.push_back({Vec3(p.north_m, p.east_m, 0), Vec3(p.north_m, p.east_m, -0.6), Paint::FlagPole});
}

void add_flag(Scene& scene, const Pillar& p)
{
    scene.lines.push_back({Vec3(p.north_m, p.east_m, 0), Vec3(p.north_m, p.east_m, -p.height_m), Paint::FlagPole});
    const double top = p.height_m;
    // Two cloths at right angles: one of them can always be seen.
    for (const Vec3& along : {Vec3(0, 0.9, 0), Vec3(0.9, 0, 0)})
        scene.surfaces.push_back({{Vec3(p.north_m, p.east_m, -top), Vec3(p.north_m, p.east_m, -top + 0.6) ,
                                   Vec3(p.north_m, p.east_m, -top + 0.3) + along},
                                  Paint::FlagCloth});
}

} // namespace

Camera onboard_camera(const State& state, double tilt_deg, double fov_deg, int width_px, int height_px)
{
    Camera camera;
    camera.position_m = state.position_m + state.attitude * Vec3(0.06, 0, -0.08);
    camera.attitude = state.attitude * Quat(Eigen::AngleAxisd(radians(tilt_deg), Vec3::UnitY()));
    camera.fov_deg = fov_deg;
    camera.width_px = width_px;
    camera.height_px = height_px;
    return camera;
}

Scene scene_of(const World& world)
{
    Scene scene;
    add_ground(scene, std::min(world.half_size_m, 150.0));
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
    for (int i = 0; i < pieces; ++i) scene.lines.push_back({at(i), at(i + 1), Paint::Mark, true});
}

void add_guide(Scene& scene, double north_m, double east_m, double heading, double low_m, double high_m,
               double half_width_m)
{
    const Vec3 across(-std::sin(radians(heading)), std::cos(radians(heading)), 0);
    const Vec3 middle(north_m, east_m, 0);
    const Vec3 left = middle - half_width_m * across;
    const Vec3 right = middle + half_width_m * across;
    const Vec3 low(0, 0, -low_m);
    const Vec3 high(0, 0, -high_m);
    for (const auto& [from, to] : {std::pair<Vec3, Vec3>{left + low, left + high}, {left + high, right + high},
                                   {right + high, right + low}, {right + low, left + low}})
        scene.lines.push_back({from, to, Paint::Mark});
}

Shape ground_polygon(const Camera& camera)
{
    const Eye eye(camera);
    // The picture as a rectangle just in front of the eye, cut by the ground's horizon plane through the eye.
    const double depth = 1;
    const double y = eye.middle_x / eye.focal_px;
    const double z = eye.middle_y / eye.focal_px;
    Corners picture;
    for (const Vec3& corner : {Vec3(depth, -y, -z), Vec3(depth, y, -z), Vec3(depth, y, z), Vec3(depth, -y, z)})
        picture.add(corner);
    const Corners ground = clipped(picture, eye.to_eye * Vec3::UnitZ(), 0);
    Shape shape;
    shape.paint = Paint::SaltLight;
    if (ground.count < 3) return shape;
    shape.count = static_cast<std::uint8_t>(ground.count);
    for (std::size_t i = 0; i < ground.count; ++i) shape.points[i] = eye.on_screen(ground.at[i]);
    return shape;
}

void project(const Scene& scene, const Camera& camera, std::vector<Shape>& shapes)
{
    constexpr double fine_seen_m = 40;  // fine grid lines farther away only shimmer
    constexpr double tile_seen_m = 90;
    const Eye eye(camera);
    shapes.clear();
    const auto keep = [&shapes](Shape& shape, double distance, bool flat) {
        // Ground marks lie under everything that stands, whatever their distance.
        shape.distance_m = static_cast<float>(distance + (flat ? 1e5 : 0));
        shapes.push_back(shape);
    };
    Shape shape;
    for (const Scene::Surface& surface : scene.surfaces) {
        Vec3 middle = Vec3::Zero();
        Corners corners;
        for (const Vec3& corner : surface.corners_m) {
            middle += corner;
            corners.add(eye.seen(corner));
        }
        middle /= static_cast<double>(surface.corners_m.size());
        const double distance = (middle - eye.position).norm();
        if (surface.flat_on_ground && distance > tile_seen_m) continue;
        if (polygon_shape(eye, corners, surface.paint, shape)) keep(shape, distance + (surface.flat_on_ground ? 1e5 : 0), surface.flat_on_ground);
    }
    for (const Scene::Line& line : scene.lines) {
        Vec3 from = line.from_m;
        Vec3 to = line.to_m;
        if (line.paint == Paint::GridFine) { // only the piece near the eye
            const Vec3 along = (to - from).normalized();
            const double at = along.dot(eye.position - from);
            const Vec3 foot = from + along * at;
            const double off = (Vec3(eye.position.x(), eye.position.y(), 0) - foot).norm();
            if (off > fine_seen_m) continue;
            const double reach = std::sqrt(fine_seen_m * fine_seen_m - off * off);
            const double length = (to - from).norm();
            to = from + along * std::clamp(at + reach, 0.0, length);
            from = from + along * std::clamp(at - reach, 0.0, length);
        }
        if (!line_shape(eye, eye.seen(from), eye.seen(to), line.paint, shape)) continue;
        keep(shape, (0.5 * (from + to) - eye.position).norm(), line.flat_on_ground);
    }
    std::sort(shapes.begin(), shapes.end(), [](const Shape& a, const Shape& b) { return a.distance_m > b.distance_m; });
}

} // namespace bh
