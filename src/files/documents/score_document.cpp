#include "files/documents/score_document.h"

#include "files/text/json_in.h"

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

} // namespace

Json score_json(const Score& score)
{
    Json json;
    json["format"] = "bluehangar.score/1";
    json["drill"] = score.drill_id;
    json["drill_version"] = score.drill_version;
    json["score"] = score.score;
    json["passed"] = score.passed;
    json["holds"] = score.holds;
    json["flown_s"] = score.flown_s;
    json["criteria"] = Json::array();
    for (const CriterionScore& c : score.criteria) {
        Json one{{"measure", measure_key(c.criterion.measure)},
                 {"label", c.criterion.label},
                 {"unit", unit_key(c.criterion.unit())},
                 {"must", c.criterion.must},
                 {"to_hold", c.criterion.to_hold},
                 {"weight", c.criterion.weight},
                 {"fail", c.criterion.fail},
                 {"pass", c.criterion.pass},
                 {"merit", c.criterion.merit},
                 {"value", c.value ? Json(*c.value) : Json(nullptr)},
                 {"marks", c.marks},
                 {"passed", c.passed()}};
        if (const auto& below = c.criterion.below)
            one["below"] = {{"fail", below->fail}, {"pass", below->pass}, {"merit", below->merit}};
        if (c.span) one["from_s"] = c.span->from_s, one["to_s"] = c.span->to_s;
        json["criteria"].push_back(std::move(one));
    }
    json["faults"] = Json::array();
    for (const FaultFound& f : score.faults) {
        Json one{{"measure", measure_key(f.fault.measure)}, {"label", f.fault.label}, {"unit", unit_key(f.fault.unit())},
                 {"more_than", f.fault.more_than},          {"value", f.value},       {"advice", f.fault.advice}};
        if (f.span) one["from_s"] = f.span->from_s, one["to_s"] = f.span->to_s;
        json["faults"].push_back(std::move(one));
    }
    if (score.rocking_share) json["rocking_share"] = *score.rocking_share;
    json["throttle_cuts_s"] = score.throttle_cuts_s;
    json["disqualified"] = Json::array();
    for (const RuleViolation& broken : score.disqualified) json["disqualified"].push_back(in_words(broken));
    json["summary"] = summary_of(score);
    return json;
}

} // namespace bh
