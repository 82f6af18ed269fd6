#pragma once

#include "core/flight/world.h"

#include <cstdint>
#include <vector>

namespace bh {

/// What a shape is; the view gives it a colour.
enum class Paint : std::uint8_t {
    Sky,
    SaltLight,
    SaltDark,
    GridFine,
    GridCoarse,
    BankGrass,
    BankGrassShade,
    PoplarLight,
    PoplarMiddle,
    PoplarDark,
    Trunk,
    FlagPole,
    FlagCloth,
    Shed,
    ShedShade,
    GateFrame,
    GateFrameShade,
    Mark,
    Rail,
    TouchMark,
    CrashMark,
    Aircraft,
    AircraftShade,
    AircraftNose,
    Rotor,
    Haze,
    Shadow ///< darkens what is there
};
inline constexpr std::size_t paint_count = static_cast<std::size_t>(Paint::Shadow) + 1;

/// The world's surfaces and lines in world coordinates, made once.
struct Scene {
    struct Surface {
        std::vector<Vec3> corners_m;
        Paint paint;
        bool flat_on_ground = false; ///< painted before everything that stands
        bool one_sided = false;      ///< seen only from where its corners run clockwise: the outside of a solid body
    };
    struct Line {
        Vec3 from_m, to_m;
        Paint paint;
        bool flat_on_ground = false;
        double width_m = 0; ///< 0: a hair line
    };
    std::vector<Surface> surfaces;
    std::vector<Line> lines;
};
[[nodiscard]] Scene scene_of(const World& world);

/// Adds a mark that is drawn on the ground as a ring of the given radius (a landing spot, a place to stop).
void add_ring(Scene& scene, double north_m, double east_m, double radius_m);
/// Adds an upright frame across the way: a guide for where and how high to fly.
void add_guide(Scene& scene, double north_m, double east_m, double heading_deg, double low_m, double high_m, double half_width_m);

/// A flag of the drill's own, as the world's.
void add_flag(Scene& scene, const Pillar& flag);

/// A mark where the aircraft touched (a small ring) or crashed (a cross that stands up, with a ring).
void add_touch_mark(Scene& scene, const Vec3& place_m);
void add_crash_mark(Scene& scene, const Vec3& place_m);
/// The aircraft itself as others see it: arms, rotors, and a nose of its own colour, so that it shows which way it points.
void add_aircraft(Scene& scene, const State& state, const Airframe& airframe);
/// Its shadow on the ground: to the north, as high as it is long (the sun stands 45° in the south); straight below under a roof.
void add_shadow(Scene& scene, const State& state, const Airframe& airframe, bool under_a_roof);

} // namespace bh
