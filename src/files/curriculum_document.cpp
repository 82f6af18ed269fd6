#include "files/curriculum_document.h"

#include "files/json_in.h"

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

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
            in.at("opens_on").fault("expected held or passes, found '" + opens + "'");
        for (const JsonIn& stage : in.at("stages").items()) {
            Curriculum::Stage s;
            s.name = stage.text("name");
            for (const JsonIn& id : stage.at("drills").items()) s.drills.push_back(id.text());
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
    for (const Curriculum::Stage& stage : curriculum.stages)
        json["stages"].push_back({{"name", stage.name}, {"drills", stage.drills}});
    return json.dump(1);
}

} // namespace bh
