#include "core/base/random.h"
#include "core/view/cameras.h"
#include "core/view/guide_rail.h"
#include "core/view/raster.h"

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

TEST_CASE("every shape stays inside the picture", "[core][scene]")
{
    World world;
    world.pillars = {{Pillar::Kind::Poplar, 20, 3, 1, 8}, {Pillar::Kind::Flag, 12, -1, 0.05, 2.5}};
    world.blocks = {{Block::Kind::Bank, 30, 34, -40, 40, 1.5}};
    world.blocks.push_back({Block::Kind::Roof, -20, 20, -20, 20, 12, 10}); // something wherever one looks
    Scene scene = scene_of(world);
    add_ring(scene, 0, 0, 5);
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
    }
}

namespace {

Palette numbered()
{
    Palette palette{};
    for (std::size_t i = 0; i < paint_count; ++i) palette[i] = static_cast<std::uint32_t>(i);
    return palette;
}

Raster painted(const Scene& scene, const Camera& camera)
{
    std::vector<Shape> shapes;
    project(scene, camera, shapes);
    Raster picture;
    begin_raster(picture, camera, numbered());
    paint(shapes, numbered(), picture);
    return picture;
}

/// Depth at which a ray from the eye meets a triangle, negative when it does not (Möller and Trumbore, 1997), and how near
/// to its edge.
double met_by(const Vec3& ray, const std::vector<Vec3>& t, double& edge)
{
    const Vec3 e1 = t[1] - t[0], e2 = t[2] - t[0], h = ray.cross(e2);
    const double det = e1.dot(h);
    const double u = -t[0].dot(h) / det, v = ray.dot((-t[0]).cross(e1)) / det;
    edge = std::min({std::abs(u), std::abs(v), std::abs(1 - u - v)});
    return u < 0 || v < 0 || u + v > 1 ? -1 : e2.dot((-t[0]).cross(e1)) / det;
}

} // namespace

TEST_CASE("where surfaces pass through each other, each pixel shows the nearer one", "[core][scene]")
{
    // Judged by rays through the pixels' middles. Each triangle has a paint of its own.
    SeededRandom random(11);
    Camera camera;
    camera.fov_deg = 70;
    camera.width_px = 160;
    camera.height_px = 120;
    const double focal_px = 80 / std::tan(radians(35));
    for (int round = 0; round < 20; ++round) {
        Scene scene;
        for (int i = 0; i < 8; ++i) {
            const auto corner = [&]() -> Vec3 {
                return {2 + 6 * random.uniform(), 8 * random.uniform() - 4, 6 * random.uniform() - 3};
            };
            scene.surfaces.push_back({{corner(), corner(), corner()}, static_cast<Paint>(4 + i)});
        }
        const Raster picture = painted(scene, camera);
        int judged = 0, wrong = 0;
        for (int y = 0; y < camera.height_px; ++y)
            for (int x = 0; x < camera.width_px; ++x) {
                const Vec3 ray(1, (x + 0.5 - 80) / focal_px, (y + 0.5 - 60) / focal_px);
                double nearest = 1e9, second = 1e9, closest_edge = 1;
                int expected = -1;
                for (int i = 0; i < 8; ++i) {
                    double edge = 0;
                    const double depth = met_by(ray, scene.surfaces[static_cast<std::size_t>(i)].corners_m, edge);
                    closest_edge = std::min(closest_edge, edge);
                    if (depth <= 0) continue;
                    if (depth < nearest)
                        second = nearest, nearest = depth, expected = 4 + i;
                    else
                        second = std::min(second, depth);
                }
                if (expected < 0 || closest_edge < 0.02 || second - nearest < 1e-3) continue; // too close to call
                ++judged;
                wrong += static_cast<int>(picture.colours[static_cast<std::size_t>(y * camera.width_px + x)]) != expected;
            }
        CHECK(judged > 1000);
        CHECK(wrong == 0);
    }
}

TEST_CASE("a flag behind a wall is hidden, one in front of it is seen, and the ground hides nothing", "[core][scene]")
{
    const auto cloth = [](double wall_north_m) {
        World world;
        world.pillars = {{Pillar::Kind::Flag, 12, 0, 0.05, 2.5}};
        if (wall_north_m > 0) world.blocks = {{Block::Kind::Shed, wall_north_m, wall_north_m + 1, -20, 20, 4}};
        const Raster picture = painted(scene_of(world), level(2));
        return std::count(picture.colours.begin(), picture.colours.end(), static_cast<std::uint32_t>(Paint::FlagCloth));
    };
    const auto alone = cloth(0);
    CHECK(alone > 100);
    CHECK(cloth(20) == alone);
    CHECK(cloth(8) == 0);
}

TEST_CASE("solid things show their outside only", "[core][scene]")
{
    // A box ahead, below and to the right of the eye shows three of its six sides.
    World world;
    world.blocks = {{Block::Kind::Shed, 10, 12, 1, 3, 1}};
    Scene scene = scene_of(world);
    std::erase_if(scene.surfaces, [](const Scene::Surface& s) { return s.flat_on_ground; });
    scene.lines.clear();
    std::vector<Shape> shapes;
    project(scene, level(3), shapes);
    CHECK(scene.surfaces.size() == 6);
    CHECK(shapes.size() == 3);
}

TEST_CASE("the ties of a guide rail lean as a coordinated turn does, and lie level on a straight run", "[core][scene]")
{
    // tan(bank) = v²/(g·r), from the balance of forces in a level turn (any textbook of flight mechanics).
    constexpr double radius_m = 20, speed_mps = 9;
    std::vector<Vec3> circle;
    for (int i = 0; i < 24; ++i)
        circle.emplace_back(radius_m * std::cos(radians(15.0 * i)), radius_m * std::sin(radians(15.0 * i)), -4);
    const auto ties = guide_rail(circle, true, speed_mps, 3);
    REQUIRE(ties.size() == 43); // 125.66 m in steps of 3 m, the first place again at the end
    const double bank_deg = degrees(std::atan(speed_mps * speed_mps / (gravity_mps2 * radius_m)));
    for (const RailTie& tie : ties) {
        CHECK(tie.bank_deg == Approx(bank_deg).epsilon(0.03)); // northwards then east: to the right
        CHECK(tie.place_m.head<2>().norm() == Approx(radius_m).epsilon(0.01));
        CHECK(std::abs(wrapped_deg(tie.heading_deg - degrees(std::atan2(tie.place_m.y(), tie.place_m.x())) - 90)) < 1);
    }
    for (const RailTie& tie : guide_rail({Vec3(0, 0, -4), Vec3(30, 30, -4)}, false, speed_mps, 3)) {
        CHECK(std::abs(tie.bank_deg) < 0.01);
        CHECK(tie.heading_deg == Approx(45));
    }
    CHECK(guide_rail({Vec3(0, 0, -4)}, false, 5, 3).empty());
    CHECK(guide_rail({Vec3(1, 0, -4), Vec3(1, 0, -4)}, false, 5, 3).empty());
}

TEST_CASE("a tie is pitched as the aircraft is to lie: gathering speed, cruising, stopping", "[core][scene]")
{
    const auto ties = guide_rail({Vec3(0, 0, -4), Vec3(60, 0, -4)}, false, 8, 3, 12);
    const double drags = std::tan(radians(12)), gathers = 3 / gravity_mps2; // m/s² over g
    CHECK(ties.front().pitch_deg == Approx(-degrees(std::atan(gathers))));  // from a hover
    CHECK(ties[ties.size() / 2].pitch_deg == Approx(-12));
    CHECK(ties.back().pitch_deg == Approx(degrees(std::atan(gathers)))); // nose up
    const double share = 3.0 / (8 * 8 / (2 * 3.0));                      // v² at 3 m of v² = 2·a·s
    CHECK(ties[1].pitch_deg == Approx(-degrees(std::atan(gathers + share * drags))).epsilon(1e-3));
}

TEST_CASE("a rail shows what turns over: a roll about the line, half a roll and the way down and back", "[core][scene]")
{
    const Vec3 from(10, 0, -40);
    const auto roll = figure_rail(RailFigure::Roll, from, 0, 1, 7, 350);
    REQUIRE(roll.size() == 25);
    CHECK(roll[6].bank_deg == Approx(90)); // right wing down after a quarter
    CHECK(std::abs(roll[12].bank_deg) == Approx(180));
    CHECK((roll.back().place_m - from).norm() == Approx(7 * 360.0 / 350));
    const auto through = figure_rail(RailFigure::PullThrough, from, 0, -1, 7, 180);
    const auto nose = [](const RailTie& tie) -> Vec3 {
        return attitude(tie.heading_deg, tie.pitch_deg, tie.bank_deg) * Vec3::UnitX();
    };
    const auto top = [](const RailTie& tie) -> Vec3 {
        return attitude(tie.heading_deg, tie.pitch_deg, tie.bank_deg) * -Vec3::UnitZ();
    };
    CHECK(through[6].bank_deg == Approx(-90)); // to the left
    CHECK(top(through[12]).z() == Approx(1));  // on its back
    const RailTie down = through[18], out = through.back();
    CHECK(nose(down).z() == Approx(1));
    CHECK(nose(out).x() == Approx(-1)); // level the other way
    CHECK(top(out).z() == Approx(-1));
    const double radius_m = 7 / radians(180.0); // v over ω
    CHECK(out.place_m.z() == Approx(from.z() + 2 * radius_m));
    // Each tie lies as the one before, turned about the body's own axis by 15°.
    for (std::size_t i = 1; i < through.size(); ++i) {
        const Quat was = attitude(through[i - 1].heading_deg, through[i - 1].pitch_deg, through[i - 1].bank_deg);
        const Quat is = attitude(through[i].heading_deg, through[i].pitch_deg, through[i].bank_deg);
        CHECK(degrees(was.angularDistance(is)) == Approx(15).margin(0.01));
    }
}

TEST_CASE("from the pilot's place the aircraft stays in the middle and shrinks with its distance", "[core][scene]")
{
    const auto wide_px = [](double north_m) {
        State state;
        state.position_m = Vec3(north_m, 0, -1.6); // at eye level
        Camera picture;
        picture.fov_deg = 50;
        const Camera eye = pilot_eye(state, Vec3::Zero(), picture);
        Scene scene;
        add_aircraft(scene, state, Airframe{});
        std::vector<Shape> shapes;
        project(scene, eye, shapes);
        REQUIRE_FALSE(shapes.empty());
        float left = 1e9f, right = -1e9f;
        for (const Shape& s : shapes)
            for (std::size_t i = 0; i < s.count; ++i)
                left = std::min(left, s.points[i].x), right = std::max(right, s.points[i].x);
        CHECK((left + right) / 2 == Approx(640).margin(1));
        return right - left;
    };
    CHECK(wide_px(10) / wide_px(40) == Approx(4).epsilon(0.03));
}

TEST_CASE("the chasing eye stays behind the aircraft, and where it was while that is on its back", "[core][scene]")
{
    ChaseEye eye;
    State state;
    state.position_m = Vec3(0, 0, -10);
    state.attitude = attitude(90, -20, 0);
    Camera at = eye.follow(state, 0, {});
    CHECK(at.position_m.y() < -2); // west of an aircraft that flies east
    CHECK(heading_deg(at.attitude) == Approx(90).margin(0.1));
    state.attitude = attitude(90, 180, 0); // half a loop: the nose points west, upside down
    for (int i = 1; i < 60; ++i) at = eye.follow(state, i / 60.0, {});
    CHECK(at.position_m.y() < -2);
    state.attitude = attitude(0, 0, 0);
    for (int i = 60; i < 240; ++i) at = eye.follow(state, i / 60.0, {});
    CHECK(at.position_m.x() < -2);
    CHECK(std::abs(heading_deg(at.attitude)) < 1);
}

TEST_CASE("the horizon line goes through the horizon, banks against the aircraft, and is gone when it is out of sight",
          "[core][scene]")
{
    std::array<ScreenPoint, 2> ends;
    REQUIRE(horizon(level(3), 100, ends));
    for (const ScreenPoint& end : ends) CHECK(end.y == Approx(400));
    Camera banked = level(3);
    banked.attitude = attitude(0, 0, 30);
    REQUIRE(horizon(banked, 100, ends));
    const ScreenPoint& left = ends[0].x < ends[1].x ? ends[0] : ends[1];
    const ScreenPoint& right = ends[0].x < ends[1].x ? ends[1] : ends[0];
    CHECK(std::atan2(right.y - left.y, right.x - left.x) == Approx(radians(-30)));
    Camera up = level(3);
    up.attitude = attitude(0, 80, 0);
    CHECK_FALSE(horizon(up, 100, ends));
}

TEST_CASE("with the camera at 30° the picture begins three or four heights ahead", "[core][view]")
{
    // First gate says so: in a picture of 16:10 and of 16:9, over level ground.
    for (const auto& [height_px, nearest] : {std::pair(800, 3.2), std::pair(720, 3.95)}) {
        State state;
        state.position_m = Vec3(0, 0, -0.92); // the eye is 8 cm above it
        const Camera camera = onboard_camera(state, 30, 120, 1280, height_px);
        const double focal_px = 640 / std::tan(radians(60));
        const auto below_middle_px = [&](double ahead_m) {
            const Vec3 seen = camera.attitude.conjugate() * (Vec3(ahead_m, 0, 0) - camera.position_m);
            return focal_px * seen.z() / seen.x();
        };
        CHECK(below_middle_px(nearest + 0.2) < height_px / 2.0);
        CHECK(below_middle_px(nearest - 0.2) > height_px / 2.0);
    }
}
