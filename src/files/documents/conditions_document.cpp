#include "files/documents/conditions_document.h"

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

} // namespace

Conditions conditions_at(const JsonIn& in)
{
    Conditions c;
    c.wind_mps = in.number("wind_mps", c.wind_mps);
    c.wind_from_deg = in.number("wind_from_deg", c.wind_from_deg);
    c.gusts = in.truth("gusts", c.gusts);
    c.ground_effect = in.truth("ground_effect", c.ground_effect);
    c.hard_ground = in.truth("hard_ground", c.hard_ground);
    c.prop_wash = in.truth("prop_wash", c.prop_wash);
    c.battery_sag = in.truth("battery_sag", c.battery_sag);
    c.bent_propeller = in.number("bent_propeller", c.bent_propeller);
    c.warmer_k = in.number("warmer_k", c.warmer_k);
    if (in.has("seed")) c.seed = static_cast<std::uint64_t>(in.at("seed").whole());
    const auto good = checked(c);
    if (!good) in.fault(good.error().message);
    return c;
}

Result<Conditions> parse_conditions(std::string_view text, const std::string& file)
{
    return read_document<Conditions>(text, file, "conditions",
                                     [](const JsonIn& in) -> Result<Conditions> { return conditions_at(in); });
}

Json conditions_json(const Conditions& c)
{
    Json json{{"format", "bluehangar.conditions/1"},
              {"wind_mps", c.wind_mps},
              {"wind_from_deg", c.wind_from_deg},
              {"gusts", c.gusts},
              {"ground_effect", c.ground_effect},
              {"prop_wash", c.prop_wash},
              {"battery_sag", c.battery_sag},
              {"bent_propeller", c.bent_propeller},
              {"warmer_k", c.warmer_k},
              {"seed", c.seed}};
    if (c.hard_ground) json["hard_ground"] = true; // otherwise as it was written before there was this one
    return json;
}

} // namespace bh
