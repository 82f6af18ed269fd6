#include "core/view/raster.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace bh {
namespace {

/// Where a convex polygon begins and ends in each row of the picture.
struct Spans {
    std::vector<float> left, right;
    int top = 0, bottom = 0; ///< rows, bottom not included

    void of(const Shape& shape, int height_px)
    {
        float low = std::numeric_limits<float>::max(), high = std::numeric_limits<float>::lowest();
        for (std::size_t i = 0; i < shape.count; ++i) {
            low = std::min(low, shape.points[i].y);
            high = std::max(high, shape.points[i].y);
        }
        top = std::max(0, static_cast<int>(std::ceil(low - 0.5f)));
        bottom = std::min(height_px, static_cast<int>(std::ceil(high - 0.5f)));
        if (bottom <= top) return;
        left.assign(static_cast<std::size_t>(bottom - top), std::numeric_limits<float>::max());
        right.assign(left.size(), std::numeric_limits<float>::lowest());
        for (std::size_t i = 0; i < shape.count; ++i) {
            ScreenPoint a = shape.points[i], b = shape.points[(i + 1) % shape.count];
            if (a.y > b.y) std::swap(a, b);
            const int from = std::max(top, static_cast<int>(std::ceil(a.y - 0.5f)));
            const int to = std::min(bottom, static_cast<int>(std::ceil(b.y - 0.5f)));
            if (from >= to) continue;
            const float slope = (b.x - a.x) / (b.y - a.y);
            float x = a.x + (static_cast<float>(from) + 0.5f - a.y) * slope;
            for (int row = from; row < to; ++row, x += slope) {
                float& l = left[static_cast<std::size_t>(row - top)];
                float& r = right[static_cast<std::size_t>(row - top)];
                l = std::min(l, x);
                r = std::max(r, x);
            }
        }
    }
    /// First pixel and the one after the last in a row.
    [[nodiscard]] std::pair<int, int> pixels(int row, int width_px) const
    {
        const auto i = static_cast<std::size_t>(row - top);
        const auto clamped = [width_px](float x) { return std::clamp(static_cast<int>(std::ceil(x - 0.5f)), 0, width_px); };
        return left[i] > right[i] ? std::pair{0, 0} : std::pair{clamped(left[i]), clamped(right[i])};
    }
};

void fill(const Shape& shape, std::uint32_t colour, Raster& picture, Spans& spans)
{
    spans.of(shape, picture.height_px);
    for (int row = spans.top; row < spans.bottom; ++row) {
        const auto [from, to] = spans.pixels(row, picture.width_px);
        std::uint32_t* const colours = picture.colours.data() + static_cast<std::ptrdiff_t>(row) * picture.width_px;
        if (shape.flat_on_ground) {
            std::fill(colours + from, colours + to, colour);
            continue;
        }
        float* const nearness = picture.nearness.data() + static_cast<std::ptrdiff_t>(row) * picture.width_px;
        const float at =
            shape.nearness_at + shape.nearness_down * (static_cast<float>(row) + 0.5f) + 0.5f * shape.nearness_across;
        for (int x = from; x < to; ++x) { // without branches, so that the compiler does several pixels at once
            const float here = at + shape.nearness_across * static_cast<float>(x);
            const bool front = here > nearness[x];
            colours[x] = front ? colour : colours[x];
            nearness[x] = front ? here : nearness[x];
        }
    }
}

void draw_line(const Shape& shape, std::uint32_t colour, Raster& picture)
{
    const ScreenPoint a = shape.points[0], b = shape.points[1];
    const bool steep = std::abs(b.y - a.y) > std::abs(b.x - a.x);
    const int steps = static_cast<int>(std::ceil(std::max(std::abs(b.x - a.x), std::abs(b.y - a.y))));
    for (int i = 0; i <= steps; ++i) {
        const float share = steps > 0 ? static_cast<float>(i) / static_cast<float>(steps) : 0;
        const float x = a.x + share * (b.x - a.x), y = a.y + share * (b.y - a.y);
        const float here = shape.nearness_at + shape.nearness_across * x + shape.nearness_down * y;
        for (int w = 0; w < shape.width_px; ++w) {
            const int aside = w - shape.width_px / 2;
            const int column = static_cast<int>(x) + (steep ? aside : 0), row = static_cast<int>(y) + (steep ? 0 : aside);
            if (column < 0 || row < 0 || column >= picture.width_px || row >= picture.height_px) continue;
            const std::ptrdiff_t pixel = static_cast<std::ptrdiff_t>(row) * picture.width_px + column;
            float& nearest = picture.nearness[static_cast<std::size_t>(pixel)];
            if (!shape.flat_on_ground) {
                if (here <= nearest) continue;
                nearest = here;
            }
            picture.colours[static_cast<std::size_t>(pixel)] = colour;
        }
    }
}

} // namespace

void begin_raster(Raster& picture, const Camera& camera, const Palette& palette)
{
    picture.width_px = camera.width_px;
    picture.height_px = camera.height_px;
    const auto pixels = static_cast<std::size_t>(camera.width_px) * static_cast<std::size_t>(camera.height_px);
    picture.colours.assign(pixels, palette[static_cast<std::size_t>(Paint::Sky)]);
    picture.nearness.assign(pixels, 0.0f);
    Shape ground = ground_polygon(camera);
    ground.flat_on_ground = true;
    if (ground.count < 3) return;
    Spans spans;
    fill(ground, palette[static_cast<std::size_t>(ground.paint)], picture, spans);
}

void paint(const std::vector<Shape>& shapes, const Palette& palette, Raster& picture)
{
    Spans spans;
    for (const bool on_ground : {true, false})
        for (const Shape& shape : shapes) {
            if (shape.flat_on_ground != on_ground) continue;
            const std::uint32_t colour = palette[static_cast<std::size_t>(shape.paint)];
            if (shape.count == 2)
                draw_line(shape, colour, picture);
            else
                fill(shape, colour, picture, spans);
        }
}

} // namespace bh
