#include "files/documents/debrief_document.h"

#include "files/text/message_json.h"

#include <nlohmann/json.hpp>

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

Json optional_json(const std::optional<double>& value) { return value ? Json(*value) : Json(nullptr); }

Json as_json(std::monostate) { return nullptr; }
Json as_json(double value) { return value; }
Json as_json(bool value) { return value; }
Json as_json(std::string_view word) { return word; }
Json as_json(const std::vector<TimeSpan>& times)
{
    Json all = Json::array();
    for (const TimeSpan& t : times) all.push_back({t.from_s, t.to_s});
    return all;
}

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
        json[std::string(n.key)] = std::visit([](const auto& v) { return as_json(v); }, n.value);
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

Json phase_json(const PhaseDebrief& p)
{
    return {{"id", p.id},
            {"side", p.side ? Json(side_key(*p.side)) : Json(nullptr)},
            {"start_s", p.start_s},
            {"end_s", p.end_s},
            {"faults", p.faults},
            {"rocking_share", p.rocking_share},
            {"throttle_sd", p.throttle_sd},
            {"reversals_hz", p.reversals_hz},
            {"height_rms_m", optional_json(p.height_rms_m)},
            {"speed_mps", optional_json(p.speed_mps)}};
}

Json side_json(const SideDebrief& s)
{
    return {{"turns", s.turns},
            {"at_fault", s.at_fault},
            {"yaw_share", optional_json(s.yaw_share)},
            {"radius_m", optional_json(s.radius_m)},
            {"height_change_m", optional_json(s.height_change_m)},
            {"yaw_lead_ms", optional_json(s.yaw_lead_ms)}};
}

} // namespace

Json debrief_json(const Debrief& d, const std::vector<Advice>& advice)
{
    Json json{{"format", "bluehangar.debrief/1"}, {"duration_s", d.duration_s}, {"has_position", d.has_position}};
    json["findings"] = Json::array();
    for (const Finding& f : d.findings) json["findings"].push_back(finding_json(f));
    json["statistics"] = statistics_json(d.statistics);
    json["phases"] = Json::array();
    for (const PhaseDebrief& p : d.phases) json["phases"].push_back(phase_json(p));
    json["sides"] = {{"left", side_json(d.left)}, {"right", side_json(d.right)}};
    json["advice"] = Json::array();
    for (const Advice& a : advice)
        json["advice"].push_back({{"rule", a.rule},
                                  {"finding", finding_key(a.finding)},
                                  {"cause", a.cause},
                                  {"change", a.change},
                                  {"evidence", a.evidence},
                                  {"expected_marks", optional_json(a.expected_marks)}});
    return json;
}

} // namespace bh
