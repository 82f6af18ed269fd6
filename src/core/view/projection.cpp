#include "core/view/projection.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double near_m = 0.05;

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
        return {static_cast<float>(middle_x + focal_px * p.y() / p.x()), static_cast<float>(middle_y + focal_px * p.z() / p.x())};
    }

    Vec3 position;
    Eigen::Matrix3d to_eye;
    double focal_px, middle_x, middle_y;
    std::array<Vec3, 4> sides; ///< inward normals through the eye
};

/// False when nothing of it is seen: it lies outside the picture, shows its inside, or is seen edge-on.
bool polygon_shape(const Eye& eye, Corners corners, const Scene::Surface& surface, Shape& shape)
{
    const Vec3 normal = (corners.at[1] - corners.at[0]).cross(corners.at[2] - corners.at[0]);
    const double offset = normal.dot(corners.at[0]);
    if (surface.one_sided ? offset >= 0 : offset == 0) return false;
    corners = clipped(corners, Vec3::UnitX(), near_m);
    for (const Vec3& side : eye.sides) {
        if (corners.count < 3) return false;
        corners = clipped(corners, side, 0);
    }
    if (corners.count < 3) return false;
    shape.count = static_cast<std::uint8_t>(std::min(corners.count, Shape::most_points));
    for (std::size_t i = 0; i < shape.count; ++i) shape.points[i] = eye.on_screen(corners.at[i]);
    shape.paint = surface.paint;
    shape.flat_on_ground = surface.flat_on_ground;
    // On the plane normal·p = offset a ray (1, across, down) meets the depth offset / normal·ray.
    const double across = normal.y() / (eye.focal_px * offset), down = normal.z() / (eye.focal_px * offset);
    shape.nearness_across = static_cast<float>(across);
    shape.nearness_down = static_cast<float>(down);
    shape.nearness_at = static_cast<float>(normal.x() / offset - across * eye.middle_x - down * eye.middle_y);
    return true;
}

bool line_shape(const Eye& eye, Vec3 a, Vec3 b, const Scene::Line& line, Shape& shape)
{
    const auto cut = [&a, &b](const Vec3& normal, double offset) {
        const double da = normal.dot(a) - offset;
        const double db = normal.dot(b) - offset;
        if (da < 0 && db < 0) return false;
        if (da < 0)
            a += (b - a) * (da / (da - db));
        else if (db < 0)
            b += (a - b) * (db / (db - da));
        return true;
    };
    if (!cut(Vec3::UnitX(), near_m)) return false;
    for (const Vec3& side : eye.sides)
        if (!cut(side, 0)) return false;
    constexpr double widest_px = 5;
    shape.count = 2;
    shape.points[0] = eye.on_screen(a);
    shape.points[1] = eye.on_screen(b);
    shape.paint = line.paint;
    shape.flat_on_ground = line.flat_on_ground;
    shape.width_px =
        static_cast<std::uint8_t>(std::clamp(std::round(eye.focal_px * line.width_m * 2 / (a.x() + b.x())), 1.0, widest_px));
    // One over the depth runs evenly along the line on the screen.
    const double dx = shape.points[1].x - shape.points[0].x, dy = shape.points[1].y - shape.points[0].y;
    const double per_px2 = (1 / b.x() - 1 / a.x()) / std::max(1e-6, dx * dx + dy * dy);
    shape.nearness_across = static_cast<float>(per_px2 * dx);
    shape.nearness_down = static_cast<float>(per_px2 * dy);
    shape.nearness_at = static_cast<float>(1 / a.x() - per_px2 * (dx * shape.points[0].x + dy * shape.points[0].y));
    return true;
}

} // namespace

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

bool horizon(const Camera& camera, double half_length_px, std::array<ScreenPoint, 2>& ends)
{
    const Eye eye(camera);
    const Vec3 down = eye.to_eye * Vec3::UnitZ(); // rays (1, x, y) with down·ray = 0 run along the ground
    const Vec2 normal(down.y(), down.z());
    if (normal.norm() < 1e-6) return false; // straight up or down
    const Vec2 nearest = -down.x() / normal.squaredNorm() * normal * eye.focal_px;
    if (std::abs(nearest.x()) > eye.middle_x || std::abs(nearest.y()) > eye.middle_y) return false;
    const Vec2 along = Vec2(normal.y(), -normal.x()).normalized() * half_length_px;
    for (std::size_t i = 0; i < 2; ++i) {
        const Vec2 at = nearest + (i == 0 ? -along : along);
        ends[i] = {static_cast<float>(eye.middle_x + at.x()), static_cast<float>(eye.middle_y + at.y())};
    }
    return true;
}

void project(const Scene& scene, const Camera& camera, std::vector<Shape>& shapes)
{
    constexpr double fine_seen_m = 40; // fine grid lines farther away only shimmer
    constexpr double tile_seen_m = 90;
    const Eye eye(camera);
    Shape shape;
    for (const Scene::Surface& surface : scene.surfaces) {
        if (surface.flat_on_ground && (surface.corners_m[0] - eye.position).head<2>().norm() > tile_seen_m) continue;
        Corners corners;
        for (const Vec3& corner : surface.corners_m) corners.add(eye.seen(corner));
        if (polygon_shape(eye, corners, surface, shape)) shapes.push_back(shape);
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
        if (line_shape(eye, eye.seen(from), eye.seen(to), line, shape)) shapes.push_back(shape);
    }
}

} // namespace bh
