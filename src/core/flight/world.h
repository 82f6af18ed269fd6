#pragma once

#include "core/flight/dynamics.h"

#include <string>
#include <vector>

namespace bh {

/// A standing thing with a round cross-section: flag, poplar, post.
struct Pillar {
    enum class Kind { Flag, Poplar };
    Kind kind = Kind::Flag;
    double north_m = 0;
    double east_m = 0;
    double radius_m = 0.05;
    double height_m = 2.5;
};

/// An upright box on the ground, sides along north and east: a grass bank, a shed.
struct Block {
    enum class Kind { Bank, Shed };
    Kind kind = Kind::Bank;
    double south_m = 0, north_m = 0, west_m = 0, east_m = 0;
    double height_m = 1;
};

/// Flat ground at height 0 with things on it. Leaving `half_size_m` to any side is out of bounds.
struct World {
    std::string id = "pan";
    std::string name = "Pan";
    double half_size_m = 150;
    std::vector<Pillar> pillars;
    std::vector<Block> blocks;
};

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
