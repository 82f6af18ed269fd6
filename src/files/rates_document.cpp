#include "files/rates_document.h"

#include "core/curves/rate_families.h"
#include "files/json_in.h"

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

RateCurve curve_at(const JsonIn& in, const std::string& family, const JsonIn& whole)
{
    if (family == "centre-max") return CentreMaxCurve{in.number("centre_dps"), in.number("max_dps"), in.number("expo", 0)};
    if (family == "linear-expo") return LinearExpoCurve{in.number("max_dps"), in.number("expo", 0)};
    if (family == "gain-super") return GainSuperCurve{in.number("gain"), in.number("super"), in.number("expo", 0)};
    if (family == "gain-curve") return GainCurveCurve{in.number("gain"), in.number("super"), in.number("curve", 0)};
    if (family == "percent-plus")
        return PercentPlusCurve{in.number("rate_dps"), in.number("plus_percent", 0), in.number("expo_percent", 0)};
    if (family == "table") {
        TableCurve table;
        for (const JsonIn& point : in.at("points").items()) {
            const auto pair = point.items();
            if (pair.size() != 2) point.fault("expected a stick position and its rate in deg/s");
            table.stick.push_back(pair[0].number());
            table.rates_dps.push_back(pair[1].number());
        }
        return table;
    }
    whole.at("family").fault("expected centre-max, gain-super, gain-curve, percent-plus, linear-expo or table, found '" + family +
                             "'");
}

/// {"centre_dps": [lowest, highest, step], …}; the family's own where a parameter is not named.
std::vector<ParameterRange> limits_at(const JsonIn& in, const std::string& family)
{
    std::vector<ParameterRange> limits;
    const RateFamily* known = rate_family(family);
    if (!known) in.fault("a table has no parameters to be limited");
    for (const RateParameter& p : known->parameters) {
        const std::string key(p.key);
        limits.push_back({p.low, p.high, p.step});
        if (!in.has(key.c_str())) continue;
        const auto numbers = in.at(key.c_str()).items();
        if (numbers.size() != 3) in.at(key.c_str()).fault("expected lowest, highest and step");
        limits.back() = {numbers[0].number(), numbers[1].number(), numbers[2].number()};
        if (!(limits.back().low < limits.back().high) || !(limits.back().step > 0))
            in.at(key.c_str()).fault("expected lowest under highest, and a step above 0");
    }
    return limits;
}

struct CurveOut {
    Json operator()(const CentreMaxCurve& c) const
    {
        return {{"centre_dps", c.centre_dps}, {"max_dps", c.max_dps}, {"expo", c.expo}};
    }
    Json operator()(const LinearExpoCurve& c) const { return {{"max_dps", c.max_dps}, {"expo", c.expo}}; }
    Json operator()(const GainSuperCurve& c) const { return {{"gain", c.gain}, {"super", c.super}, {"expo", c.expo}}; }
    Json operator()(const GainCurveCurve& c) const { return {{"gain", c.gain}, {"super", c.super}, {"curve", c.curve}}; }
    Json operator()(const PercentPlusCurve& c) const
    {
        return {{"rate_dps", c.rate_dps}, {"plus_percent", c.plus_percent}, {"expo_percent", c.expo_percent}};
    }
    Json operator()(const TableCurve& c) const
    {
        Json points = Json::array();
        for (std::size_t i = 0; i < c.stick.size(); ++i) points.push_back(Json::array({c.stick[i], c.rates_dps[i]}));
        return {{"points", points}};
    }
};

} // namespace

Result<RateProfile> parse_rates(std::string_view text, const std::string& file)
{
    return read_document<RateProfile>(text, file, "rates", [&](const JsonIn& in) -> Result<RateProfile> {
        RateProfile profile;
        profile.name = in.text("name", "");
        const std::string family = in.text("family");
        for (auto [key, curve] : {std::pair{"roll", &profile.roll}, {"pitch", &profile.pitch}, {"yaw", &profile.yaw}}) {
            const JsonIn axis = in.at(key); // may have a family of its own
            auto good = checked(curve_at(axis, axis.text("family", family), axis.has("family") ? axis : in));
            if (!good) in.at(key).fault(good.error().message);
            *curve = *good;
        }
        if (in.has("limits")) profile.limits = limits_at(in.at("limits"), family);
        return profile;
    });
}

Json rates_json(const RateProfile& rates)
{
    const std::string family = family_key(rates.roll);
    Json json{{"format", "bluehangar.rates/1"}, {"name", rates.name}, {"family", family}};
    for (const auto& [key, curve] : {std::pair{"roll", &rates.roll}, {"pitch", &rates.pitch}, {"yaw", &rates.yaw}}) {
        json[key] = std::visit(CurveOut{}, *curve);
        if (family_key(*curve) != family) json[key]["family"] = family_key(*curve);
    }
    if (const RateFamily* known = rate_family(family); known && rates.limits.size() == known->parameters.size())
        for (std::size_t k = 0; k < rates.limits.size(); ++k)
            json["limits"][std::string(known->parameters[k].key)] = {rates.limits[k].low, rates.limits[k].high,
                                                                     rates.limits[k].step};
    return json;
}

} // namespace bh
