#include "core/view/ground.h"

#include "core/base/random.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr int texels_a_side = GroundPattern::side_texels;
constexpr double haze_m = 900; ///< at which two thirds of what the haze takes are gone

/// Noise that repeats after `cells` cells: random values at the corners, evened between (value noise).
std::vector<double> noise(int cells, SeededRandom& random)
{
    std::vector<double> corner(static_cast<std::size_t>(cells * cells));
    for (double& c : corner) c = random.uniform();
    const auto at = [&](int row, int column) { return corner[static_cast<std::size_t>((row % cells) * cells + column % cells)]; };
    std::vector<double> values(static_cast<std::size_t>(texels_a_side * texels_a_side));
    const auto eased = [](double x) { return x * x * (3 - 2 * x); };
    for (int row = 0; row < texels_a_side; ++row)
        for (int column = 0; column < texels_a_side; ++column) {
            const double y = static_cast<double>(row) * cells / texels_a_side,
                         x = static_cast<double>(column) * cells / texels_a_side;
            const int r = static_cast<int>(y), c = static_cast<int>(x);
            const double fy = eased(y - r), fx = eased(x - c);
            values[static_cast<std::size_t>(row * texels_a_side + column)] =
                (1 - fy) * ((1 - fx) * at(r, c) + fx * at(r, c + 1)) + fy * ((1 - fx) * at(r + 1, c) + fx * at(r + 1, c + 1));
        }
    return values;
}

GroundPattern::Levels levels_of(const std::vector<double>& values)
{
    GroundPattern::Levels levels;
    std::vector<std::uint8_t> first;
    for (const double v : values) first.push_back(static_cast<std::uint8_t>(std::lround(std::clamp(v, 0.0, 1.0) * 255)));
    levels.of.push_back(std::move(first));
    for (int n = texels_a_side / 2; n >= 1; n /= 2) {
        const std::vector<std::uint8_t>& finer = levels.of.back();
        std::vector<std::uint8_t> level(static_cast<std::size_t>(n * n));
        for (int row = 0; row < n; ++row)
            for (int column = 0; column < n; ++column) {
                const auto texel = [&](int r, int c) {
                    return finer[static_cast<std::size_t>((2 * row + r) * 2 * n + 2 * column + c)];
                };
                level[static_cast<std::size_t>(row * n + column)] =
                    static_cast<std::uint8_t>((texel(0, 0) + texel(0, 1) + texel(1, 0) + texel(1, 1) + 2) / 4);
            }
        levels.of.push_back(std::move(level));
    }
    return levels;
}

/// The level whose texels are as large as a pixel.
int level_for(double pixel_texels)
{
    constexpr int last = 9; // of 512 texels
    return pixel_texels <= 1 ? 0 : std::min(last, static_cast<int>(std::log2(pixel_texels) + 0.5));
}

struct Texels {
    const std::uint8_t* at;
    unsigned mask; ///< of a row or column
    int shift;     ///< rows
    float per_m;
    [[nodiscard]] unsigned operator()(float north_m, float east_m) const
    {
        const auto row = static_cast<unsigned>(static_cast<int>(north_m * per_m + 65536.0f * 8)) & mask;
        const auto column = static_cast<unsigned>(static_cast<int>(east_m * per_m + 65536.0f * 8)) & mask;
        return at[(row << shift) + column];
    }
};

Texels texels(const GroundPattern::Levels& levels, double period_m, double pixel_m)
{
    const int level = level_for(pixel_m * texels_a_side / period_m);
    const int shift = 9 - level;
    return {levels.of[static_cast<std::size_t>(level)].data(), (1U << shift) - 1, shift,
            static_cast<float>((1 << shift) / period_m)};
}

/// How much of the lightness comes from which pattern, of 256. The close one is seen only within a few metres.
constexpr unsigned close_share = 60, fine_share = 86, coarse_share = 256 - close_share - fine_share;
constexpr double close_to_pixel_m = 0.05; ///< beyond it the close pattern is its mean

} // namespace

GroundPattern::GroundPattern()
{
    SeededRandom random(20310);
    const std::vector<double> broad = noise(8, random), grain = noise(64, random), speck = noise(256, random);
    std::vector<double> fine(broad.size());
    const double texel_m = fine_m / texels_a_side;
    for (int row = 0; row < texels_a_side; ++row)
        for (int column = 0; column < texels_a_side; ++column) {
            const auto i = static_cast<std::size_t>(row * texels_a_side + column);
            const double north = row * texel_m, east = column * texel_m;
            const bool dark_tile = (static_cast<int>(north / 15) + static_cast<int>(east / 15)) % 2 == 0;
            double v = 0.66 - (dark_tile ? 0.2 : 0) + 0.2 * (broad[i] - 0.5) + 0.24 * (grain[i] - 0.5) + 0.3 * (speck[i] - 0.5);
            const auto off_line = [](double at, double every) { return std::abs(std::remainder(at, every)); };
            constexpr double line_m = 0.05;
            if (std::min(off_line(north, 5), off_line(east, 5)) < line_m) v -= 0.2;       // rows of the pans
            if (std::min(off_line(north, 15), off_line(east, 15)) < 3 * line_m) v -= 0.2; // their walks
            const double crust = std::abs(grain[i] - 0.5);                                // where the salt has cracked
            if (crust < 0.018) v -= 0.16;
            fine[i] = v;
        }
    fine_ = levels_of(fine);
    // Pans of 60 by 40 m, every row of them shifted, each drier or wetter than the next, with walks between.
    const std::vector<double> patches = noise(16, random), spots = noise(96, random);
    constexpr int pans_across = 16, pans_along = 24; // of 60 and of 40 m
    std::vector<double> wet(pans_across * pans_along);
    for (double& w : wet) w = random.uniform();
    std::vector<double> coarse(patches.size());
    const double coarse_texel_m = coarse_m / texels_a_side;
    for (int row = 0; row < texels_a_side; ++row)
        for (int column = 0; column < texels_a_side; ++column) {
            const auto i = static_cast<std::size_t>(row * texels_a_side + column);
            const double pan_m = 40, wide_m = 60, walk_m = 2.2;
            const int along = static_cast<int>(row * coarse_texel_m / pan_m) % pans_along;
            const double shifted = column * coarse_texel_m + (along % 2) * 0.5 * wide_m;
            const int across = static_cast<int>(shifted / wide_m) % pans_across;
            const double off =
                std::min(std::abs(std::remainder(row * coarse_texel_m, pan_m)), std::abs(std::remainder(shifted, wide_m)));
            coarse[i] = 0.2 + 0.7 * wet[static_cast<std::size_t>(along * pans_across + across)] + 0.3 * (patches[i] - 0.5) +
                        0.25 * (spots[i] - 0.5) + 0.14;
            if (off < walk_m) coarse[i] = 0.1 * spots[i];
        }
    coarse_ = levels_of(coarse);
    const std::vector<double> pebbles = noise(170, random), dust = noise(256, random), damp = noise(24, random);
    std::vector<double> close(pebbles.size());
    for (std::size_t i = 0; i < close.size(); ++i)
        close[i] = 0.5 + 0.7 * (dust[i] - 0.5) + 0.5 * (damp[i] - 0.5) + (pebbles[i] > 0.8 ? 0.3 : pebbles[i] < 0.16 ? -0.35 : 0);
    close_ = levels_of(close);
}

std::uint8_t GroundPattern::lightness(double north_m, double east_m, double pixel_m) const
{
    const Texels close = texels(close_, close_m, pixel_m), fine = texels(fine_, fine_m, pixel_m),
                 coarse = texels(coarse_, coarse_m, pixel_m);
    const auto north = static_cast<float>(north_m), east = static_cast<float>(east_m);
    return static_cast<std::uint8_t>(
        (close_share * close(north, east) + fine_share * fine(north, east) + coarse_share * coarse(north, east)) >> 8);
}

GroundPainter::GroundPainter(const GroundPattern& pattern, const Camera& camera, std::uint32_t below, std::uint32_t above,
                             std::uint32_t haze)
    : pattern_(pattern), camera_(camera)
{
    const auto mixed = [](std::uint32_t a, std::uint32_t b, double share) {
        std::uint32_t colour = 0xff000000;
        for (const int bits : {0, 8, 16}) {
            const double from = (a >> bits) & 255, to = (b >> bits) & 255;
            colour |= static_cast<std::uint32_t>(std::lround(from + share * (to - from))) << bits;
        }
        return colour;
    };
    constexpr double most_haze = 0.6;
    for (int h = 0; h < haze_steps; ++h)
        for (int v = 0; v < 256; ++v)
            shade_[static_cast<std::size_t>(h)][static_cast<std::size_t>(v)] =
                mixed(mixed(below, above, v / 255.0), haze, most_haze * h / (haze_steps - 1.0));
}

void GroundPainter::rows(int first, int last, std::vector<std::uint32_t>& colours) const
{
    const double focal_px = 0.5 * camera_.width_px / std::tan(radians(0.5 * std::clamp(camera_.fov_deg, 30.0, 150.0)));
    const Eigen::Matrix3d to_world = camera_.attitude.toRotationMatrix();
    const double eye_m = std::max(0.02, -camera_.position_m.z());
    const int width = camera_.width_px;
    for (int row = first; row < last; ++row) {
        std::uint32_t* const out = colours.data() + static_cast<std::ptrdiff_t>(row) * width;
        const Vec3 left = to_world * Vec3(focal_px, 0.5 - 0.5 * width, row + 0.5 - 0.5 * camera_.height_px);
        const Vec3 step = to_world.col(1);
        constexpr int piece = 16; // the exact place every so many pixels, evenly between
        for (int from = 0; from < width; from += piece) {
            const int to = std::min(width, from + piece);
            const Vec3 a = left + from * step, b = left + to * step;
            constexpr double least = 2e-3; // of the ray's fall: nearer the horizon it is haze anyway
            const double down_a = a.z() / focal_px, down_b = b.z() / focal_px;
            if (down_a <= 0 && down_b <= 0) continue; // sky
            const double far_a = eye_m / std::max(least, down_a), far_b = eye_m / std::max(least, down_b);
            auto north = static_cast<float>(camera_.position_m.x() + far_a * a.x() / focal_px);
            auto east = static_cast<float>(camera_.position_m.y() + far_a * a.y() / focal_px);
            const auto north_to = static_cast<float>(camera_.position_m.x() + far_b * b.x() / focal_px);
            const auto east_to = static_cast<float>(camera_.position_m.y() + far_b * b.y() / focal_px);
            const auto pixels = static_cast<float>(to - from);
            const float north_step = (north_to - north) / pixels, east_step = (east_to - east) / pixels;
            // How large a pixel is on the ground: aside it grows with the distance, ahead with its square.
            const double far_m = std::min(far_a, far_b);
            const double pixel_m = far_m / focal_px * std::clamp(std::sqrt(far_m / eye_m), 1.0, 2.0);
            const Texels fine = texels(pattern_.fine(), GroundPattern::fine_m, pixel_m),
                         coarse = texels(pattern_.coarse(), GroundPattern::coarse_m, pixel_m);
            const double gone = 1 - std::exp(-far_m / haze_m);
            const auto& tone = shade_[static_cast<std::size_t>(gone * (haze_steps - 1))];
            const bool edge = down_a <= 0 || down_b <= 0; // the horizon runs through the piece
            const bool is_close = pixel_m < close_to_pixel_m;
            const Texels close = texels(pattern_.close(), GroundPattern::close_m, is_close ? pixel_m : GroundPattern::close_m);
            const unsigned mean = close_share * *pattern_.close().of.back().data();
            for (int x = from; x < to; ++x, north += north_step, east += east_step) {
                if (edge && (left + (x + 0.0) * step).z() <= 0) continue;
                const unsigned near = is_close ? close_share * close(north, east) : mean;
                out[x] = tone[(near + fine_share * fine(north, east) + coarse_share * coarse(north, east)) >> 8];
            }
        }
    }
}

} // namespace bh
