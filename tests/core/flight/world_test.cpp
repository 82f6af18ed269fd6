// Things to touch and to fly through.
#include "core/base/random.h"
#include "core/flight/flight.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

/// Flies straight on from a place at a speed for a second without thrust or gravity mattering much; the worst contact.
ContactResult drift(const World& world, const Vec3& from_m, const Vec3& velocity_mps, State* end = nullptr)
{
    State s;
    s.position_m = from_m;
    s.velocity_mps = velocity_mps;
    const Airframe airframe;
    ContactResult worst;
    for (int i = 0; i < 1000; ++i) {
        s.position_m += 0.001 * s.velocity_mps;
        const ContactResult hit = resolve_contact(s, world, airframe, 0.001);
        worst.contact = std::max(worst.contact, hit.contact);
        worst.impact_mps = std::max(worst.impact_mps, hit.impact_mps);
    }
    if (end) *end = s;
    return worst;
}

} // namespace

TEST_CASE("a gate is flown through, and its posts, bar and sill are hit, whichever way it stands", "[core][flight][world]")
{
    const double heading = GENERATE(0.0, 30.0, 117.0, 270.0);
    CAPTURE(heading);
    World world;
    world.gates = {{10, -5, heading, 3, 2, 1, 0.12}};
    const Quat turned(Eigen::AngleAxisd(radians(heading), Vec3::UnitZ()));
    const auto at = [&](double along, double right, double height) -> Vec3 {
        return Vec3(10, -5, 0) + turned * Vec3(along, right, -height);
    };
    const Vec3 through = turned * Vec3(2, 0, 0), fast = turned * Vec3(8, 0, 0);
    CHECK(drift(world, at(-1, 0, 2), through).contact == Contact::None);
    CHECK(drift(world, at(-1, 1.3, 2), through).contact == Contact::None);
    State end;
    CHECK(drift(world, at(-1, 1.5, 2), through, &end).contact == Contact::Touch); // the right post
    CHECK((turned.conjugate() * (end.position_m - at(0, 0, 0))).x() < 0);         // and does not come through it
    CHECK(drift(world, at(-1, -1.5, 2), fast).contact == Contact::Crash);
    CHECK(drift(world, at(-1, 0, 3.05), through).contact == Contact::Touch); // the bar above
    CHECK(drift(world, at(-1, 0, 0.95), through).contact == Contact::Touch); // the sill
    CHECK(drift(world, at(-1, 0, 0.5), through).contact == Contact::None);   // below the sill it is open
    CHECK(drift(world, at(-1, 0, 3.4), through).contact == Contact::None);   // above the frame
    CHECK(drift(world, at(-1, 2, 2), through).contact == Contact::None);     // beside it
}

TEST_CASE("a roof is met from below and stood on from above, a slow touch is no crash", "[core][flight][world]")
{
    World world;
    world.blocks = {{Block::Kind::Roof, -10, 10, -10, 10, 2.3, 2.0}};
    CHECK(drift(world, {0, 0, -1}, {2, 0, 0}).contact == Contact::None); // headroom
    State end;
    CHECK(drift(world, {0, 0, -1.5}, {0, 0, -1}, &end).contact == Contact::Touch);
    CHECK(end.height_m() < 2.0 - 0.1);
    CHECK(drift(world, {0, 0, -1.5}, {0, 0, -4}).contact == Contact::Crash);
    CHECK(drift(world, {0, 0, -3.0}, {0, 0, 1}, &end).contact == Contact::Touch);
    CHECK(end.height_m() > 2.3);
    // However it comes to be inside, it comes out by the nearest side.
    State inside;
    inside.position_m = {9.95, 0, -2.15};
    (void)resolve_contact(inside, world, Airframe{}, 0.001);
    CHECK((inside.position_m.x() > 10 || inside.height_m() > 2.3 || inside.height_m() < 2.0));
}

TEST_CASE("nothing flies into anything, wherever it is thrown", "[core][flight][world]")
{
    World world;
    world.blocks = {{Block::Kind::Roof, -10, 10, -10, 10, 2.3, 2.0}, {Block::Kind::Shed, 4, 8, -3, 3, 3, 0}};
    world.pillars = {{Pillar::Kind::Post, -4, 0, 0.15, 2}};
    world.gates = {{0, 5, 40, 2, 1.5, 0.3, 0.12}};
    SeededRandom random(GENERATE(range(1, 40)));
    FlightSetup setup;
    setup.world = world;
    setup.crash_disarms = false;
    setup.start.height_m = 1;
    Flight flight = *Flight::create(setup);
    Sticks sticks;
    for (int i = 0; i < 8000; ++i) {
        if (i % 200 == 0) sticks = {random.uniform(), 2 * random.uniform() - 1, random.uniform() - 0.5, random.uniform() - 0.5};
        flight.step(sticks);
        for (const Block& b : world.blocks) { // its middle is never inside a box
            const Vec3& p = flight.state().position_m;
            const bool inside = p.x() > b.south_m && p.x() < b.north_m && p.y() > b.west_m && p.y() < b.east_m &&
                                -p.z() > b.low_m + 0.02 && -p.z() < b.height_m;
            REQUIRE_FALSE(inside);
        }
    }
    CHECK(flight.state().position_m.allFinite());
}

TEST_CASE("what is wrong with a world is told thing by thing", "[core][flight][world]")
{
    World world;
    world.half_size_m = 50;
    CHECK(problems_of(world).empty());
    world.pillars = {{Pillar::Kind::Post, 60, 0, 0.1, 2}, {Pillar::Kind::Post, 10, 0, 0, 2}};
    world.blocks = {{Block::Kind::Shed, 5, 2, 0, 1, 3, 0},
                    {Block::Kind::Roof, -1, 1, -1, 1, 2.2, 0.4},
                    {Block::Kind::Shed, 18, 22, -2, 2, 4, 0}};
    world.gates = {{20, 0, 0, 3, 3, 0, 0.1}, {-20, 0, 0, 0.3, 3, 0, 0.1}};
    const auto problems = problems_of(world);
    const auto message = [&](const char* what) { return std::find(problems.begin(), problems.end(), what) != problems.end(); };
    CHECK(message("pillar 1 stands out of bounds"));
    CHECK(message("pillar 2 has no size"));
    CHECK(message("block 1 has no size"));
    CHECK(message("gate 1 is blocked"));
    CHECK(message("gate 2 is smaller than 0.5 m"));
    CHECK(message("the start place in the middle is not free"));
}
