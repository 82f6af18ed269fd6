#pragma once

#include "core/flight/world.h"

#include <array>
#include <vector>

namespace bh {

/// The eye that looks at a world. With the picture's width covering `fov_deg`, straight lines stay straight.
struct Camera {
    Vec3 position_m = Vec3::Zero(); ///< north, east, down
    Quat attitude = Quat::Identity(); ///< eye axes: x into the picture, y right, z down
    double fov_deg = 110;             ///< horizontal field of view, 30…150
    int width_px = 1280;
    int height_px = 800;
};

/// The camera on an aircraft: a little above its belly, tipped up by the tilt.
[[nodiscard]] Camera onboard_camera(const State& state, double tilt_deg, double fov_deg, int width_px, int height_px);

/// What a shape is; the view gives it a colour.
enum class Paint : std::uint8_t {
    Sky, SaltLight, SaltDark, GridFine, GridCoarse, BankGrass, BankGrassShade, PoplarLight, PoplarDark, FlagPole, FlagCloth,
    Shed, ShedShade, GateFrame, GateFrameShade, Mark
};

struct ScreenPoint {
    float x;
    float y;
};

/// A filled polygon (three points or more) or a line (two), in pixels, at most eight points after clipping. The list
/// from `project` is in painting order: what is farther away comes first.
struct Shape {
    static constexpr std::size_t most_points = 10;
    std::array<ScreenPoint, most_points> points;
    std::uint8_t count = 0;
    Paint paint = Paint::Sky;
    float distance_m = 0;
};

/// The world's surfaces and lines in world coordinates, made once.
struct Scene {
    struct Surface {
        std::vector<Vec3> corners_m;
        Paint paint;
        bool flat_on_ground = false; ///< painted before everything that stands
    };
    struct Line {
        Vec3 from_m, to_m;
        Paint paint;
        bool flat_on_ground = false;
    };
    std::vector<Surface> surfaces;
    std::vector<Line> lines;
};
[[nodiscard]] Scene scene_of(const World& world);

/// Adds a mark that is drawn on the ground as a ring of the given radius (a landing spot, a place to stop).
void add_ring(Scene& scene, double north_m, double east_m, double radius_m);
/// Adds an upright frame across the way: a guide for where and how high to fly.
void add_guide(Scene& scene, double north_m, double east_m, double heading_deg, double low_m, double high_m,
               double half_width_m);

/// The horizon as a screen polygon of ground (may be empty: only sky, or the whole picture: only ground).
[[nodiscard]] Shape ground_polygon(const Camera& camera);

/// Projects, clips against the near plane and the picture's sides, sorts far to near. Reuses `shapes`.
void project(const Scene& scene, const Camera& camera, std::vector<Shape>& shapes);

} // namespace bh
