#pragma once

#include "core/view/scene.h"

#include <array>
#include <vector>

namespace bh {

/// The eye that looks at a world. With the picture's width covering `fov_deg`, straight lines stay straight.
struct Camera {
    Vec3 position_m = Vec3::Zero();   ///< north, east, down
    Quat attitude = Quat::Identity(); ///< eye axes: x into the picture, y right, z down
    double fov_deg = 110;             ///< horizontal field of view, 30…150
    int width_px = 1280;
    int height_px = 800;
};

struct ScreenPoint {
    float x;
    float y;
};

/// A filled polygon (three points or more) or a line (two), in pixels, at most ten points after clipping.
struct Shape {
    static constexpr std::size_t most_points = 10;
    std::array<ScreenPoint, most_points> points;
    std::uint8_t count = 0;
    Paint paint = Paint::Sky;
    std::uint8_t width_px = 1;   ///< of a line
    bool flat_on_ground = false; ///< lies under everything that stands
    /// One over the depth in metres along the eye's axis at a screen point: at + x·across + y·down, exact for a plane and
    /// along a line. What is nearer has more.
    float nearness_at = 0, nearness_across = 0, nearness_down = 0;
};

/// The horizon as a screen polygon of ground (may be empty: only sky, or the whole picture: only ground).
[[nodiscard]] Shape ground_polygon(const Camera& camera);

/// Two points of the horizon, `half_length_px` to either side of where it comes nearest to the picture's middle; false
/// when it is not in the picture.
[[nodiscard]] bool horizon(const Camera& camera, double half_length_px, std::array<ScreenPoint, 2>& ends);

/// Projects and clips against the near plane and the picture's sides, and adds what is left to `shapes`.
void project(const Scene& scene, const Camera& camera, std::vector<Shape>& shapes);

} // namespace bh
