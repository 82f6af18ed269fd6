#pragma once

#include "core/base/message.h"
#include "core/flight/dynamics.h"

#include <string>
#include <vector>

namespace bh {

/// A standing thing with a round cross-section.
struct Pillar {
    enum class Kind { Flag, Poplar, Post };
    Kind kind = Kind::Flag;
    double north_m = 0;
    double east_m = 0;
    double radius_m = 0.05;
    double height_m = 2.5;
};

/// A box with sides along north and east: a grass bank, a shed, a wall, or, above the ground, a roof.
struct Block {
    enum class Kind { Bank, Shed, Roof };
    Kind kind = Kind::Bank;
    double south_m = 0, north_m = 0, west_m = 0, east_m = 0;
    double height_m = 1; ///< of its top
    double low_m = 0;    ///< of its underside
};

/// An upright frame to fly through: two posts down to the ground, a bar above the opening, and one below it when it does
/// not begin at the ground.
struct Gate {
    double north_m = 0, east_m = 0;   ///< middle of the opening
    double heading_deg = 0;           ///< in which it is flown through
    double width_m = 3, height_m = 3; ///< of the opening
    double sill_m = 0;                ///< height at which it begins
    double frame_m = 0.12;            ///< thickness of posts and bars
    bool operator==(const Gate&) const = default;
};

/// Flat ground at height 0 with things on it. Leaving `half_size_m` to any side is out of bounds.
struct World {
    std::string id = "pan";
    std::string name = "Pan";
    double half_size_m = 150;
    bool hard_ground = false; ///< stone, wood, concrete; otherwise grass or mud
    std::vector<Pillar> pillars;
    std::vector<Block> blocks;
    std::vector<Gate> gates;
};

/// A box turned about the vertical: sides along `heading_deg` and across it, low and high corner relative to the place,
/// z up. What gates and blocks are made of.
struct Box {
    double north_m = 0, east_m = 0, heading_deg = 0;
    Vec3 low_m = Vec3::Zero(), high_m = Vec3::Zero(); ///< along, to the right, up
};
[[nodiscard]] std::vector<Box> boxes_of(const Gate& gate);
[[nodiscard]] Box box_of(const Block& block);

/// What is wrong with a world, one sentence each: things out of bounds or without size, openings too small or blocked, a
/// start place that is not free. Empty when it can be flown.
[[nodiscard]] std::vector<Message> problems_of(const World& world);

enum class Contact { None, Touch, Crash };

struct ContactResult {
    Contact contact = Contact::None;
    bool on_ground = false;
    double impact_mps = 0; ///< speed into the surface
};

/// Keeps the aircraft out of the ground and of things in the world: takes the speed into the surface away (a little of
/// it comes back as a bounce), lets friction and the landing gear bring it to rest and level on the ground. A touch is
/// slow and upright; into the ground faster than 3 m/s, with more than 60° of lean, or into a thing faster than
/// 2.5 m/s is a crash (house limits).
ContactResult resolve_contact(State& state, const World& world, const Airframe& airframe, double dt_s);

} // namespace bh
