#include "files/debrief_document.h"

#include "files/json_in.h"

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

CoachingRule rule_at(const JsonIn& in)
{
    CoachingRule rule;
    rule.id = in.text("id");
    const auto finding = finding_from_key(in.text("finding"));
    if (!finding) in.at("finding").fault("there is no finding '" + in.text("finding") + "'");
    rule.finding = *finding;
    rule.cause = in.text("cause");
    rule.change = in.text("change");
    if (in.has("measures"))
        for (const JsonIn& key : in.at("measures").items()) {
            const auto measure = measure_from_key(key.text());
            if (!measure) key.fault("there is no measure '" + key.text() + "'");
            rule.measures.push_back(*measure);
        }
    rule.gain_share = in.number("gain_share", rule.gain_share);
    if (!(rule.gain_share >= 0 && rule.gain_share <= 1)) in.at("gain_share").fault("expected 0 to 1");
    if (in.has("at_least")) rule.at_least = in.at("at_least").whole();
    in.only({"id", "finding", "cause", "change", "measures", "gain_share", "at_least"});
    return rule;
}

Json optional_json(const std::optional<double>& value) { return value ? Json(*value) : Json(nullptr); }

Json finding_json(const Finding& f)
{
    Json json{{"kind", finding_key(f.kind)},
              {"axis", stick_axis_key(f.axis)},
              {"side", f.side ? Json(side_key(*f.side)) : Json(nullptr)},
              {"start_s", f.start_s},
              {"end_s", f.end_s},
              {"fault", f.fault},
              {"weight", f.weight}};
    for (const FindingNumber& n : f.numbers)
        json[std::string(n.key)] = std::holds_alternative<double>(n.value) ? Json(std::get<double>(n.value))
                                   : std::holds_alternative<bool>(n.value) ? Json(std::get<bool>(n.value))
                                                                           : Json(nullptr);
    return json;
}

Json statistics_json(const StickStatistics& s)
{
    Json json;
    for (const StickAxis axis : {StickAxis::Throttle, StickAxis::Yaw, StickAxis::Pitch, StickAxis::Roll}) {
        const auto& r = s.reversals[static_cast<std::size_t>(axis)];
        json["reversals"][std::string(stick_axis_key(axis))] = {{"count", r.count}, {"rate_hz", r.rate_hz}};
    }
    json["throttle_band"] = s.throttle_band ? Json{{"mean", s.throttle_band->mean},
                                                   {"sd", s.throttle_band->sd},
                                                   {"low", s.throttle_band->low},
                                                   {"high", s.throttle_band->high}}
                                            : Json(nullptr);
    json["stick_share"] = {{"yaw_throttle", s.yaw_throttle}, {"roll_pitch", s.roll_pitch}};
    json["hands_off_share"] = s.hands_off_share;
    json["sparc"] = optional_json(s.sparc);
    json["ldlj"] = optional_json(s.ldlj);
    return json;
}

} // namespace

Result<std::vector<CoachingRule>> parse_coaching(std::string_view text, const std::string& file)
{
    return read_document<std::vector<CoachingRule>>(text, file, "coaching",
                                                    [](const JsonIn& in) -> Result<std::vector<CoachingRule>> {
                                                        std::vector<CoachingRule> rules;
                                                        for (const JsonIn& rule : in.at("rules").items())
                                                            rules.push_back(rule_at(rule));
                                                        return rules;
                                                    });
}

Json debrief_json(const Debrief& d, const std::vector<Advice>& advice)
{
    Json json{{"format", "bluehangar.debrief/1"}, {"duration_s", d.duration_s}, {"has_position", d.has_position}};
    json["findings"] = Json::array();
    for (const Finding& f : d.findings) json["findings"].push_back(finding_json(f));
    json["statistics"] = statistics_json(d.statistics);
    json["advice"] = Json::array();
    for (const Advice& a : advice)
        json["advice"].push_back({{"rule", a.rule},
                                  {"cause", a.cause},
                                  {"change", a.change},
                                  {"evidence", a.evidence},
                                  {"expected_marks", optional_json(a.expected_marks)}});
    return json;
}

} // namespace bh
