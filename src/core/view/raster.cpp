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

/// So much of `over` on `under`, 0…256.
std::uint32_t blended(std::uint32_t under, std::uint32_t over, std::uint32_t share)
{
    const std::uint32_t red_blue = ((under & 0xff00ff) * (256 - share) + (over & 0xff00ff) * share) >> 8 & 0xff00ff;
    const std::uint32_t green = ((under & 0x00ff00) * (256 - share) + (over & 0x00ff00) * share) >> 8 & 0x00ff00;
    return 0xff000000 | red_blue | green;
}

/// A pixel takes as much of the line's colour as the line covers of it, measured across the line's steeper axis.
void draw_line(const Shape& shape, std::uint32_t colour, Raster& picture)
{
    ScreenPoint a = shape.points[0], b = shape.points[1];
    const bool steep = std::abs(b.y - a.y) > std::abs(b.x - a.x);
    if (steep ? a.y > b.y : a.x > b.x) std::swap(a, b);
    const float along = steep ? b.y - a.y : b.x - a.x, aside = steep ? b.x - a.x : b.y - a.y;
    const float slope = along > 0 ? aside / along : 0;
    // A line of that width is as much wider across the axis as it is slanted.
    const float half = 0.5f * static_cast<float>(shape.width_px) * std::sqrt(1 + slope * slope);
    const int limit = steep ? picture.height_px : picture.width_px, across = steep ? picture.width_px : picture.height_px;
    const int first = std::max(0, static_cast<int>(std::floor(steep ? a.y : a.x)));
    const int last = std::min(limit - 1, static_cast<int>(std::floor(steep ? b.y : b.x)));
    for (int i = first; i <= last; ++i) {
        const float middle = (steep ? a.x : a.y) + slope * (static_cast<float>(i) + 0.5f - (steep ? a.y : a.x));
        const float low = middle - half, high = middle + half;
        const int from = std::max(0, static_cast<int>(std::floor(low))),
                  to = std::min(across - 1, static_cast<int>(std::floor(high)));
        for (int k = from; k <= to; ++k) {
            const float covered = std::min(high, static_cast<float>(k) + 1) - std::max(low, static_cast<float>(k));
            const auto share = static_cast<std::uint32_t>(std::clamp(covered, 0.0f, 1.0f) * 256);
            const int column = steep ? k : i, row = steep ? i : k;
            const auto pixel =
                static_cast<std::size_t>(row) * static_cast<std::size_t>(picture.width_px) + static_cast<std::size_t>(column);
            if (!shape.flat_on_ground) {
                const float here = shape.nearness_at + shape.nearness_across * (static_cast<float>(column) + 0.5f) +
                                   shape.nearness_down * (static_cast<float>(row) + 0.5f);
                if (here <= picture.nearness[pixel]) continue;
                if (share > 128) picture.nearness[pixel] = here;
            }
            picture.colours[pixel] = blended(picture.colours[pixel], colour, share);
        }
    }
}

/// What lies under a shadow is darker.
void darken(const Shape& shape, std::uint32_t colour, Raster& picture, Spans& spans)
{
    constexpr std::uint32_t share = 110; // of 256
    spans.of(shape, picture.height_px);
    for (int row = spans.top; row < spans.bottom; ++row) {
        const auto [from, to] = spans.pixels(row, picture.width_px);
        std::uint32_t* const colours = picture.colours.data() + static_cast<std::ptrdiff_t>(row) * picture.width_px;
        for (int x = from; x < to; ++x) colours[x] = blended(colours[x], colour, share);
    }
}

} // namespace

void begin_raster(Raster& picture, const Camera& camera, const Palette& palette, bool with_ground)
{
    picture.width_px = camera.width_px;
    picture.height_px = camera.height_px;
    const auto pixels = static_cast<std::size_t>(camera.width_px) * static_cast<std::size_t>(camera.height_px);
    picture.colours.assign(pixels, palette[static_cast<std::size_t>(Paint::Sky)]);
    picture.nearness.assign(pixels, 0.0f);
    if (!with_ground) return;
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
            else if (shape.paint == Paint::Shadow)
                darken(shape, colour, picture, spans);
            else
                fill(shape, colour, picture, spans);
        }
}

} // namespace bh
