#include "files/documents/rates_document.h"

#include "core/curves/rate_families.h"
#include "files/text/json_in.h"

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

TableCurve table_at(const JsonIn& in)
{
    std::vector<double> stick, rates_dps;
    for (const JsonIn& point : in.at("points").items()) {
        const auto pair = point.items();
        if (pair.size() != 2) point.fault("expected a stick position and its rate in deg/s");
        stick.push_back(pair[0].number());
        rates_dps.push_back(pair[1].number());
    }
    return {std::move(stick), std::move(rates_dps)};
}

RateCurve curve_at(const JsonIn& in, const std::string& family, const JsonIn& whole)
{
    if (family == RateFamilyOf<TableCurve>::key) return table_at(in);
    const RateFamily* known = rate_family(family);
    if (!known) {
        std::string names;
        for (const RateFamily& f : rate_families()) names += std::string(f.key) + (&f == &rate_families().back() ? " " : ", ");
        whole.at("family").fault("expected %1or table, found '%2'", names, family);
    }
    std::vector<double> parameters;
    for (const RateParameter& p : known->parameters) {
        const std::string key(p.key);
        parameters.push_back(p.may_be_left_out ? in.number(key.c_str(), 0) : in.number(key.c_str()));
    }
    return *curve_with(family, parameters);
}

/// {"centre_dps": [lowest, highest, step], …}; the family's own where a parameter is not named.
std::vector<ParameterRange> limits_at(const JsonIn& in, const std::string& family)
{
    const RateFamily* known = rate_family(family);
    if (!known) in.fault("a table has no parameters to be limited");
    std::vector<ParameterRange> limits = ranges_of(*known);
    for (std::size_t i = 0; i < limits.size(); ++i) {
        const std::string key(known->parameters[i].key);
        if (!in.has(key.c_str())) continue;
        const auto numbers = in.at(key.c_str()).items();
        if (numbers.size() != 3) in.at(key.c_str()).fault("expected lowest, highest and step");
        limits[i] = {numbers[0].number(), numbers[1].number(), numbers[2].number()};
        if (!(limits[i].low < limits[i].high) || !(limits[i].step > 0))
            in.at(key.c_str()).fault("expected lowest under highest, and a step above 0");
    }
    return limits;
}

Json curve_json(const RateCurve& curve)
{
    Json json = Json::object();
    if (const auto* table = std::get_if<TableCurve>(&curve)) {
        Json& points = json["points"] = Json::array();
        for (std::size_t i = 0; i < table->stick().size(); ++i)
            points.push_back(Json::array({table->stick()[i], table->rates_dps()[i]}));
        return json;
    }
    const RateFamily* family = rate_family(family_key(curve));
    const auto values = parameters_of(curve);
    for (std::size_t i = 0; i < values.size(); ++i) json[std::string(family->parameters[i].key)] = values[i];
    return json;
}

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
            *curve = std::move(*good);
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
        json[key] = curve_json(*curve);
        if (family_key(*curve) != family) json[key]["family"] = family_key(*curve);
    }
    if (const RateFamily* known = rate_family(family); known && rates.limits.size() == known->parameters.size())
        for (std::size_t k = 0; k < rates.limits.size(); ++k)
            json["limits"][std::string(known->parameters[k].key)] = {rates.limits[k].low, rates.limits[k].high,
                                                                     rates.limits[k].step};
    return json;
}

} // namespace bh
