#include "core/flight/scene.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

Camera level(double height_m, double fov_deg = 90)
{
    Camera camera;
    camera.position_m = Vec3(0, 0, -height_m);
    camera.fov_deg = fov_deg;
    return camera;
}

/// A scene with one line, to see where it lands on the screen.
std::vector<Shape> projectLine(const Camera& camera, Vec3 from, Vec3 to)
{
    Scene scene;
    scene.lines.push_back({from, to, Paint::FlagPole});
    std::vector<Shape> shapes;
    project(scene, camera, shapes);
    return shapes;
}

} // namespace

TEST_CASE("points land where the pinhole camera puts them", "[core][scene]")
{
    // By hand: 90° across 1280 px gives a focal length of 640 px; 10 m ahead, 2 m right, eye level is 128 px right.
    const auto shapes = projectLine(level(3), Vec3(10, 2, -3), Vec3(10, 2, 0));
    REQUIRE(shapes.size() == 1);
    CHECK(shapes[0].points[0].x == Approx(640 + 128));
    CHECK(shapes[0].points[0].y == Approx(400));
    CHECK(shapes[0].points[1].y == Approx(400 + 640 * 3.0 / 10)); // the foot, 3 m lower
}

TEST_CASE("what is behind the eye is cut off, not mirrored", "[core][scene]")
{
    CHECK(projectLine(level(3), Vec3(-10, 0, 0), Vec3(-5, 0, 0)).empty());
    const auto crossing = projectLine(level(3), Vec3(-10, 1, -3), Vec3(10, 1, -3));
    REQUIRE(crossing.size() == 1);
    for (std::size_t i = 0; i < 2; ++i) {
        CHECK(crossing[0].points[i].x >= 640 - 0.01);
        CHECK(crossing[0].points[i].x <= 1280 + 0.01);
    }
}

TEST_CASE("the horizon lies in the middle when level, lower when the camera looks up", "[core][scene]")
{
    const auto top = [](const Camera& camera) {
        const Shape ground = ground_polygon(camera);
        float y = 1e9f;
        for (std::size_t i = 0; i < ground.count; ++i) y = std::min(y, ground.points[i].y);
        return ground.count >= 3 ? y : -1;
    };
    CHECK(top(level(3)) == Approx(400));
    State state;
    state.position_m = Vec3(0, 0, -3);
    // By hand: tipped up by 25°, the horizon is tan(25°) focal lengths (640 px at 90°) below the middle.
    CHECK(top(onboard_camera(state, 25, 90, 1280, 800)) == Approx(400 + 640 * std::tan(radians(25))).margin(0.5));
    Camera up = level(3);
    up.attitude = attitude(0, 90, 0);
    CHECK(top(up) == -1); // only sky
}

TEST_CASE("every shape stays inside the picture and far things are painted first", "[core][scene]")
{
    World world;
    world.pillars = {{Pillar::Kind::Poplar, 20, 3, 1, 8}, {Pillar::Kind::Flag, 12, -1, 0.05, 2.5}};
    world.blocks = {{Block::Kind::Bank, 30, 34, -40, 40, 1.5}};
    const Scene scene = scene_of(world);
    Camera camera = level(2, 120);
    camera.attitude = attitude(GENERATE(0, 15, 100, 270), GENERATE(0, -30, 40), GENERATE(0, 35));
    std::vector<Shape> shapes;
    project(scene, camera, shapes);
    REQUIRE_FALSE(shapes.empty());
    for (std::size_t s = 0; s < shapes.size(); ++s) {
        REQUIRE(shapes[s].count <= Shape::most_points);
        for (std::size_t i = 0; i < shapes[s].count; ++i) {
            REQUIRE(shapes[s].points[i].x >= -0.5f);
            REQUIRE(shapes[s].points[i].x <= 1280.5f);
            REQUIRE(shapes[s].points[i].y >= -0.5f);
            REQUIRE(shapes[s].points[i].y <= 800.5f);
        }
        if (s > 0) REQUIRE(shapes[s].distance_m <= shapes[s - 1].distance_m);
    }
}
