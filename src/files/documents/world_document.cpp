#include "files/documents/world_document.h"

#include "files/text/json_in.h"
#include "files/text/json_parts.h"

namespace bh {

Result<World> parse_world(std::string_view text, const std::string& file)
{
    return read_document<World>(text, file, "world", [](const JsonIn& in) -> Result<World> {
        World world;
        world.id = in.text("id");
        world.name = in.text("name");
        world.half_size_m = in.number("half_size_m");
        if (!(world.half_size_m >= 10 && world.half_size_m <= 1000)) in.at("half_size_m").fault("expected 10 to 1000 m");
        world.hard_ground = in.truth("hard_ground", false);
        const auto pillars = [&](const char* key, Pillar::Kind kind, double radius_m, double height_m) {
            if (!in.has(key)) return;
            for (const JsonIn& p : in.at(key).items())
                world.pillars.push_back({kind, p.number("north_m"), p.number("east_m"), p.number("radius_m", radius_m),
                                         p.number("height_m", height_m)});
        };
        pillars("flags", Pillar::Kind::Flag, 0.04, 2.5);
        pillars("poplars", Pillar::Kind::Poplar, 1.1, 8);
        pillars("posts", Pillar::Kind::Post, 0.15, 3);
        const auto blocks = [&](const char* key, Block::Kind kind) {
            if (!in.has(key)) return;
            for (const JsonIn& b : in.at(key).items())
                world.blocks.push_back({kind, b.number("south_m"), b.number("north_m"), b.number("west_m"), b.number("east_m"),
                                        b.number("height_m"), b.number("low_m", 0)});
        };
        blocks("banks", Block::Kind::Bank);
        blocks("sheds", Block::Kind::Shed);
        blocks("roofs", Block::Kind::Roof);
        if (in.has("gates"))
            for (const JsonIn& g : in.at("gates").items()) world.gates.push_back(gate_at(g));
        return world;
    });
}

} // namespace bh
