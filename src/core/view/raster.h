#pragma once

#include "core/view/projection.h"

#include <array>
#include <cstdint>
#include <vector>

namespace bh {

/// A picture with a depth for each pixel. Rows from the top; colours are whatever the palette holds.
struct Raster {
    int width_px = 0, height_px = 0;
    std::vector<std::uint32_t> colours;
    std::vector<float> nearness; ///< one over the depth of what was painted there; 0: sky or ground
};

/// A colour for each Paint.
using Palette = std::array<std::uint32_t, paint_count>;

/// Makes the picture the camera's size and fills it with sky, and with ground of one tone where that is not painted
/// otherwise (see GroundPainter).
void begin_raster(Raster& picture, const Camera& camera, const Palette& palette, bool with_ground = true);

/// Paints shapes: first those that lie on the ground, in their order; then the others, each pixel keeping what is nearest
/// (a z-buffer, Catmull 1974), so that things which pass through each other come out right. A pixel belongs to a polygon
/// when its middle does; of a line it takes as much colour as the line covers of it. Shadows darken what lies under them.
void paint(const std::vector<Shape>& shapes, const Palette& palette, Raster& picture);

} // namespace bh
