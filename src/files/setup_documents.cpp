#include "files/setup_documents.h"

#include "core/rates/rate_families.h"
#include "files/documents.h"
#include "files/json_in.h"

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

struct CurveOut {
    Json operator()(const CentreMaxCurve& c) const { return {{"centre_dps", c.centre_dps}, {"max_dps", c.max_dps}, {"expo", c.expo}}; }
    Json operator()(const LinearExpoCurve& c) const { return {{"max_dps", c.max_dps}, {"expo", c.expo}}; }
    Json operator()(const GainSuperCurve& c) const { return {{"gain", c.gain}, {"super", c.super}, {"expo", c.expo}}; }
    Json operator()(const GainCurveCurve& c) const { return {{"gain", c.gain}, {"super", c.super}, {"curve", c.curve}}; }
    Json operator()(const PercentPlusCurve& c) const { return {{"rate_dps", c.rate_dps}, {"plus_percent", c.plus_percent}, {"expo_percent", c.expo_percent}}; }
    Json operator()(const TableCurve& c) const
    {
        Json points = Json::array();
        for (std::size_t i = 0; i < c.stick.size(); ++i) points.push_back(Json::array({c.stick[i], c.rates_dps[i]}));
        return {{"points", points}};
    }
};

Conditions conditions_at(const JsonIn& in)
{
    Conditions c;
    c.wind_mps = in.number("wind_mps", c.wind_mps);
    c.wind_from_deg = in.number("wind_from_deg", c.wind_from_deg);
    c.gusts = in.truth("gusts", c.gusts);
    c.ground_effect = in.truth("ground_effect", c.ground_effect);
    c.prop_wash = in.truth("prop_wash", c.prop_wash);
    c.battery_sag = in.truth("battery_sag", c.battery_sag);
    c.bent_propeller = in.number("bent_propeller", c.bent_propeller);
    c.warmer_k = in.number("warmer_k", c.warmer_k);
    if (in.has("seed")) c.seed = static_cast<std::uint64_t>(in.at("seed").whole());
    const auto good = checked(c);
    if (!good) in.fault(good.error().message);
    return c;
}

} // namespace

Result<Conditions> parse_conditions(std::string_view text, const std::string& file)
{
    return read_document<Conditions>(text, file, "conditions", [](const JsonIn& in) -> Result<Conditions> { return conditions_at(in); });
}

Result<TrainingSetup> parse_training_setup(std::string_view text, const std::string& file)
{
    return read_document<TrainingSetup>(text, file, "setup", [&](const JsonIn& in) -> Result<TrainingSetup> {
        TrainingSetup s;
        s.real_aircraft = in.text("real_aircraft", "");
        s.simulated_aircraft = in.text("simulated_aircraft", s.simulated_aircraft);
        s.camera_tilt_deg = in.number("camera_tilt_deg", s.camera_tilt_deg);
        s.fov_deg = in.number("fov_deg", s.fov_deg);
        s.propeller_ratio = in.number("propeller_ratio", s.propeller_ratio);
        s.power_share = in.number("power_share", s.power_share);
        if (in.has("rates")) {
            auto rates = parse_rates(in.at("rates").value().dump(), file + ": /rates");
            if (!rates) return tl::unexpected(rates.error());
            s.rates = std::move(*rates);
        }
        if (in.has("day")) s.day = conditions_at(in.at("day"));
        auto good = checked(s);
        if (!good) in.fault(good.error().message);
        return good;
    });
}

Json airframe_json(const Airframe& a)
{
    return {{"format", "bluehangar.aircraft/1"},
            {"id", a.id},
            {"name", a.name},
            {"mass_kg", a.mass_kg},
            {"thrust_to_weight", a.thrust_to_weight},
            {"thrust_curve", a.thrust_curve},
            {"motor_lag_s", a.motor_lag_s},
            {"drag_area_m2", a.drag_area_m2},
            {"rotor_drag_kgps", a.rotor_drag_kgps},
            {"rate_lag_s", a.rate_lag_s},
            {"max_angular_accel_dps2", a.max_angular_accel_dps2},
            {"body_radius_m", a.body_radius_m},
            {"wheelbase_m", a.wheelbase_m},
            {"rotors", a.rotors},
            {"propeller_m", a.propeller_m},
            {"inertia_kgm2", Json::array({a.inertia_kgm2.x(), a.inertia_kgm2.y(), a.inertia_kgm2.z()})},
            {"battery_hover_s", a.battery_hover_s},
            {"battery_load_sag", a.battery_load_sag},
            {"battery_rest_sag", a.battery_rest_sag}};
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
            json["limits"][std::string(known->parameters[k].key)] = {rates.limits[k].low, rates.limits[k].high, rates.limits[k].step};
    return json;
}

Json conditions_json(const Conditions& c)
{
    return {{"format", "bluehangar.conditions/1"}, {"wind_mps", c.wind_mps}, {"wind_from_deg", c.wind_from_deg}, {"gusts", c.gusts},
            {"ground_effect", c.ground_effect}, {"prop_wash", c.prop_wash}, {"battery_sag", c.battery_sag},
            {"bent_propeller", c.bent_propeller}, {"warmer_k", c.warmer_k}, {"seed", c.seed}};
}

Json training_setup_json(const TrainingSetup& s)
{
    return {{"format", "bluehangar.setup/1"}, {"real_aircraft", s.real_aircraft}, {"simulated_aircraft", s.simulated_aircraft},
            {"camera_tilt_deg", s.camera_tilt_deg}, {"fov_deg", s.fov_deg}, {"propeller_ratio", s.propeller_ratio},
            {"power_share", s.power_share}, {"rates", rates_json(s.rates)}, {"day", conditions_json(s.day)}};
}

} // namespace bh
