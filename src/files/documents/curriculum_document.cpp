#include "files/documents/curriculum_document.h"

#include "core/base/number_text.h"
#include "files/text/json_in.h"
#include "files/text/json_parts.h"

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

/// A drill's id, or {"free_flight_min": 20, "world": "pan"}.
std::string step_at(const JsonIn& in, Curriculum& curriculum)
{
    if (!in.value().is_object()) return in.text();
    in.only({"free_flight_min", "world"});
    Curriculum::FreeBlock block;
    block.id = "free-" + whole_text(curriculum.free_blocks.size() + 1);
    block.minutes = in.number("free_flight_min");
    constexpr double most_min = 600;
    if (!(block.minutes > 0 && block.minutes <= most_min)) in.at("free_flight_min").fault("expected minutes, up to 600");
    block.world = in.text("world", "");
    curriculum.free_blocks.push_back(block);
    return block.id;
}

Json step_json(const std::string& id, const Curriculum& curriculum)
{
    const Curriculum::FreeBlock* block = curriculum.free_block(id);
    if (!block) return id;
    Json json{{"free_flight_min", block->minutes}};
    if (!block->world.empty()) json["world"] = block->world;
    return json;
}

} // namespace

Result<Curriculum> parse_curriculum(std::string_view text, const std::string& file)
{
    return read_document<Curriculum>(text, file, "curriculum", [](const JsonIn& in) -> Result<Curriculum> {
        Curriculum curriculum;
        curriculum.id = in.text("id");
        curriculum.name = in.text("name");
        curriculum.version = in.at("version").whole();
        if (const std::string opens = in.text("opens_on", "held"); opens == "passes")
            curriculum.opens_on = Curriculum::OpensOn::Passes;
        else if (opens != "held")
            in.at("opens_on").fault("expected held or passes, found '%1'", opens);
        for (const JsonIn& stage : in.at("stages").items()) {
            Curriculum::Stage s;
            s.name = stage.text("name");
            for (const JsonIn& step : stage.at("drills").items()) s.drills.push_back(step_at(step, curriculum));
            if (stage.has("mode")) s.mode = mode_at(stage.at("mode"));
            if (s.drills.empty()) stage.at("drills").fault("expected at least one drill");
            curriculum.stages.push_back(std::move(s));
        }
        if (curriculum.stages.empty()) in.at("stages").fault("expected at least one stage");
        return curriculum;
    });
}

std::string curriculum_text(const Curriculum& curriculum)
{
    Json json{
        {"format", "bluehangar.curriculum/1"}, {"id", curriculum.id}, {"name", curriculum.name}, {"version", curriculum.version}};
    if (curriculum.opens_on == Curriculum::OpensOn::Passes) json["opens_on"] = "passes";
    json["stages"] = Json::array();
    for (const Curriculum::Stage& stage : curriculum.stages) {
        Json steps = Json::array();
        for (const std::string& id : stage.drills) steps.push_back(step_json(id, curriculum));
        Json one{{"name", stage.name}};
        if (stage.mode) one["mode"] = mode_key(*stage.mode);
        one["drills"] = std::move(steps);
        json["stages"].push_back(std::move(one));
    }
    return json.dump(1);
}

} // namespace bh
