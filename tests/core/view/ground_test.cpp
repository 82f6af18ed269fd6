// The ground that the eye judges height and speed by, lines that cover parts of pixels, and shadows.
#include "core/view/ground.h"
#include "core/view/raster.h"

#include <catch2/catch.hpp>
#include <cmath>

using namespace bh;

namespace {

constexpr std::uint32_t below = 0xff402010, above = 0xffe0d0c0, haze = 0xff8090a0;

Camera down_from(double height_m, int px = 160)
{
    Camera c;
    c.position_m = {13, -7, -height_m};
    c.attitude = attitude(0, -90, 0);
    c.fov_deg = 60;
    c.width_px = c.height_px = px;
    return c;
}

std::vector<std::uint32_t> ground_of(const Camera& camera)
{
    static const GroundPattern pattern;
    std::vector<std::uint32_t> colours(static_cast<std::size_t>(camera.width_px * camera.height_px), 0);
    const GroundPainter painter(pattern, camera, below, above, haze);
    painter.rows(0, camera.height_px / 2, colours);
    painter.rows(camera.height_px / 2, camera.height_px, colours);
    return colours;
}

double sd_of_red(const std::vector<std::uint32_t>& colours)
{
    double sum = 0, squares = 0;
    for (const std::uint32_t c : colours) sum += (c >> 16) & 255, squares += std::pow((c >> 16) & 255, 2);
    const auto n = static_cast<double>(colours.size());
    return std::sqrt(squares / n - sum / n * (sum / n));
}

} // namespace

TEST_CASE("the ground shows something to go by from 0.3 m to 150 m", "[core][scene]")
{
    for (const double height_m : {0.3, 1.0, 3.0, 10.0, 30.0, 100.0, 150.0}) {
        CAPTURE(height_m);
        const auto here = ground_of(down_from(height_m));
        CHECK(sd_of_red(here) > 5); // of 160 between the darkest and the lightest
        // A tenth of the height aside is seen: most of the picture has changed.
        Camera aside = down_from(height_m);
        aside.position_m.y() += 0.1 * height_m;
        const auto moved = ground_of(aside);
        std::size_t changed = 0;
        for (std::size_t i = 0; i < here.size(); ++i) changed += here[i] != moved[i];
        CHECK(changed > here.size() / 3);
    }
}

TEST_CASE("the ground is where it is: the same place has the same tone from the same height, and sky stays sky", "[core][scene]")
{
    static const GroundPattern pattern;
    // Straight below: the picture's middle is the place under the eye.
    for (const double height_m : {2.0, 40.0}) {
        const Camera c = down_from(height_m, 161);
        const auto colours = ground_of(c);
        const double focal_px = 80.5 / std::tan(radians(30));
        const double light = pattern.lightness(13, -7, height_m / focal_px) / 255.0;
        const double red = (colours[80 * 161 + 80] >> 16) & 255;
        CHECK(red == Approx(0x40 + light * (0xe0 - 0x40)).margin(12)); // some of it taken by the haze
    }
    Camera level = down_from(5);
    level.attitude = attitude(30, 0, 0);
    const auto colours = ground_of(level);
    for (int row = 0; row < 160; ++row) {
        CAPTURE(row);
        CHECK((colours[static_cast<std::size_t>(row * 160 + 80)] != 0) == (row >= 80));
    }
}

TEST_CASE("a line gives each pixel as much colour as it covers", "[core][scene]")
{
    Palette palette{};
    palette[static_cast<std::size_t>(Paint::Sky)] = 0xff000000;
    palette[static_cast<std::size_t>(Paint::Mark)] = 0xffffffff;
    Camera camera;
    camera.width_px = camera.height_px = 60;
    camera.attitude = attitude(0, 90, 0); // up: only sky
    for (const double slope : {0.0, 0.3, 0.9, 2.5}) {
        Raster picture;
        begin_raster(picture, camera, palette, false);
        Shape line;
        line.count = 2;
        line.paint = Paint::Mark;
        line.width_px = 2;
        line.nearness_at = 1;
        const float reach = slope <= 1 ? 40.0f : static_cast<float>(40 / slope);
        line.points[0] = {10.3f, 10.7f};
        line.points[1] = {10.3f + reach, 10.7f + static_cast<float>(slope) * reach};
        paint({line}, palette, picture);
        double covered = 0;
        int between = 0;
        for (const std::uint32_t c : picture.colours) covered += (c & 255) / 255.0, between += (c & 255) > 8 && (c & 255) < 247;
        CAPTURE(slope);
        const double length = std::hypot(reach, slope * reach);
        CHECK(covered == Approx(2 * length).epsilon(0.06)); // its area, but for the ends
        CHECK(between > 10);                                // and no stairs
    }
}

TEST_CASE("a shadow lies on the ground as high north as the aircraft flies, and darkens", "[core][scene]")
{
    Airframe airframe;
    State state;
    state.position_m = {5, 2, -3};
    Scene scene;
    add_shadow(scene, state, airframe, false);
    Vec3 middle = Vec3::Zero();
    double corners = 0;
    for (const Scene::Surface& s : scene.surfaces)
        for (const Vec3& c : s.corners_m) {
            CHECK(c.z() == 0);
            CHECK(s.flat_on_ground);
            middle += c, ++corners;
        }
    CHECK((middle / corners - Vec3(8, 2, 0)).norm() < 1e-9);
    Scene inside;
    add_shadow(inside, state, airframe, true);
    CHECK(inside.surfaces.front().corners_m.front().x() < 6); // straight below
}
