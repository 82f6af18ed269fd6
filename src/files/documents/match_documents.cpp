#include "files/documents/match_documents.h"

#include "core/curves/rate_families.h"
#include "files/documents/rates_document.h"
#include "files/text/json_in.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

constexpr std::array axis_keys{"roll", "pitch", "yaw"};

RateProfile profile_at(const JsonIn& in)
{
    auto rates = parse_rates(in.value().dump(), "rates");
    if (!rates) in.fault(rates.error().message);
    return std::move(*rates);
}

Json ranges_json(const std::vector<ParameterRange>& ranges)
{
    Json json = Json::array();
    for (const ParameterRange& r : ranges) json.push_back({r.low, r.high, r.step});
    return json;
}

std::vector<ParameterRange> ranges_at(const JsonIn& in)
{
    std::vector<ParameterRange> ranges;
    for (const JsonIn& range : in.items()) {
        const auto numbers = range.items();
        if (numbers.size() != 3) range.fault("expected low, high and step");
        ranges.push_back({numbers[0].number(), numbers[1].number(), numbers[2].number()});
    }
    return ranges;
}

int rating_at(const JsonIn& in)
{
    const int rating = in.at("rating").whole();
    if (rating < 1 || rating > 10) in.at("rating").fault("expected 1 to 10");
    return rating;
}

RateStep step_at(const JsonIn& in, const RateProfile& of)
{
    RateStep step;
    for (const JsonIn& axis : in.at("axes").items()) {
        const auto found = std::find(axis_keys.begin(), axis_keys.end(), axis.text());
        if (found == axis_keys.end()) axis.fault("expected roll, pitch or yaw, found '%1'", axis.text());
        step.axes.push_back(static_cast<RateAxis>(found - axis_keys.begin()));
    }
    if (step.axes.empty()) in.at("axes").fault("expected at least one axis");
    const RateFamily* family = rate_family(family_key(curve_of(of, step.axes.front())));
    const std::string parameter = in.text("parameter");
    const auto known = family ? std::find_if(family->parameters.begin(), family->parameters.end(),
                                             [&](const RateParameter& p) { return p.key == parameter; })
                              : std::span<const RateParameter>::iterator{};
    if (!family || known == family->parameters.end())
        in.at("parameter").fault("is not one of the family's, found '%1'", parameter);
    step.parameter = static_cast<std::size_t>(known - family->parameters.begin());
    step.from = in.number("from");
    step.to = in.number("to");
    step.worst_dps = in.number("worst_dps", 0);
    return step;
}

} // namespace

std::string match_text(const KeptMatch& m, std::int64_t at)
{
    return Json{{"format", "bluehangar.match/1"},
                {"at", at},
                {"aircraft", m.aircraft},
                {"simulator", m.simulator},
                {"real", rates_json(m.real)},
                {"practised", rates_json(m.practised)},
                {"family", m.family},
                {"ranges", ranges_json(m.ranges)}}
        .dump();
}

Result<KeptMatch> parse_match(std::string_view text, const std::string& file, std::int64_t* at)
{
    return read_document<KeptMatch>(text, file, "match", [&](const JsonIn& in) -> Result<KeptMatch> {
        if (at) *at = in.at("at").time();
        return KeptMatch{in.text("aircraft"),       in.text("simulator"),
                         profile_at(in.at("real")), profile_at(in.at("practised")),
                         in.text("family"),         ranges_at(in.at("ranges"))};
    });
}

std::string trial_text(const RatesTrial& t)
{
    return Json{{"format", "bluehangar.trial/1"}, {"at", t.at}, {"rates", rates_json(t.rates)}}.dump();
}

Result<RatesTrial> parse_trial(std::string_view text, const std::string& file)
{
    return read_document<RatesTrial>(text, file, "trial", [](const JsonIn& in) -> Result<RatesTrial> {
        return RatesTrial{in.at("at").time(), profile_at(in.at("rates"))};
    });
}

std::string plan_text(const KeptPlan& p)
{
    Json json{{"format", "bluehangar.plan/1"},        {"aircraft", p.aircraft},          {"simulator", p.simulator},
              {"on_aircraft", p.on_aircraft},         {"stays", rates_json(p.stays)},    {"ended", p.ended},
              {"from", rates_json(p.plan.from)},      {"to", rates_json(p.plan.to)},     {"locked", p.plan.locked},
              {"ranges", ranges_json(p.plan.ranges)}, {"most_share", p.plan.most_share}, {"flown", Json::array()}};
    if (p.max_only) json["max_only"] = true;
    for (std::size_t i = 0; i < p.plan.flown.size(); ++i) {
        const RatedStep& rated = p.plan.flown[i];
        Json axes = Json::array();
        for (const RateAxis axis : rated.step.axes) axes.push_back(axis_keys[static_cast<std::size_t>(axis)]);
        const RateFamily* family = rate_family(family_key(curve_of(p.plan.from, rated.step.axes.front())));
        Json one{{"axes", axes},
                 {"parameter", family->parameters[rated.step.parameter].key},
                 {"from", rated.step.from},
                 {"to", rated.step.to},
                 {"worst_dps", rated.step.worst_dps},
                 {"rating", rated.rating}};
        if (i < p.decisions.size()) {
            const KeptPlan::Decision& d = p.decisions[i];
            one["at"] = d.at, one["by"] = d.by, one["outside"] = d.outside, one["cautions_read"] = d.cautions_read;
        }
        json["flown"].push_back(std::move(one));
    }
    return json.dump();
}

Result<KeptPlan> parse_plan(std::string_view text, const std::string& file)
{
    return read_document<KeptPlan>(text, file, "plan", [](const JsonIn& in) -> Result<KeptPlan> {
        KeptPlan p;
        p.aircraft = in.text("aircraft");
        p.simulator = in.text("simulator");
        p.stays = profile_at(in.at("stays"));
        p.on_aircraft = in.truth("on_aircraft", false);
        p.ended = in.truth("ended", false);
        p.max_only = in.truth("max_only", false);
        p.plan.from = profile_at(in.at("from"));
        p.plan.to = profile_at(in.at("to"));
        const auto locked = in.at("locked").items();
        if (locked.size() != 3) in.at("locked").fault("expected three: roll, pitch, yaw");
        for (std::size_t i = 0; i < 3; ++i) p.plan.locked[i] = locked[i].truth();
        p.plan.ranges = ranges_at(in.at("ranges"));
        p.plan.most_share = in.number("most_share", p.plan.most_share);
        for (const JsonIn& step : in.at("flown").items()) {
            p.plan.flown.push_back({step_at(step, p.plan.from), rating_at(step)});
            p.decisions.push_back(
                {step.at("at").time(), step.text("by", ""), step.truth("outside", false), step.truth("cautions_read", false)});
        }
        if (const auto good = standing_of(p.plan); !good) return tl::unexpected(good.error());
        return p;
    });
}

std::string handling_text(const std::vector<HandlingNote>& notes)
{
    Json json{{"format", "bluehangar.handling/1"}, {"notes", Json::array()}};
    for (const HandlingNote& n : notes)
        json["notes"].push_back({{"at", n.at}, {"rating", n.rating}, {"by", n.by}, {"rates", rates_json(n.rates)}});
    return json.dump();
}

Result<std::vector<HandlingNote>> parse_handling(std::string_view text, const std::string& file)
{
    return read_document<std::vector<HandlingNote>>(
        text, file, "handling", [](const JsonIn& in) -> Result<std::vector<HandlingNote>> {
            std::vector<HandlingNote> notes;
            for (const JsonIn& note : in.at("notes").items())
                notes.push_back({note.at("at").time(), rating_at(note), note.text("by", ""), profile_at(note.at("rates"))});
            return notes;
        });
}

std::string blind_text(const std::vector<BlindNote>& notes)
{
    Json json{{"format", "bluehangar.blind/1"}, {"notes", Json::array()}};
    for (const BlindNote& n : notes)
        json["notes"].push_back(
            {{"at", n.at}, {"between", n.between}, {"right", n.right}, {"trials", n.trials}, {"p_value", n.p_value}});
    return json.dump();
}

Result<std::vector<BlindNote>> parse_blind(std::string_view text, const std::string& file)
{
    return read_document<std::vector<BlindNote>>(text, file, "blind", [](const JsonIn& in) -> Result<std::vector<BlindNote>> {
        std::vector<BlindNote> notes;
        for (const JsonIn& note : in.at("notes").items())
            notes.push_back({note.at("at").time(), note.text("between"), note.at("right").whole(), note.at("trials").whole(),
                             note.number("p_value")});
        return notes;
    });
}

} // namespace bh
