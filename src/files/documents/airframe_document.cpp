#include "files/documents/airframe_document.h"

#include "files/text/json_in.h"

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

} // namespace

Result<Airframe> parse_airframe(std::string_view text, const std::string& file)
{
    auto airframe = read_document<Airframe>(text, file, "aircraft", [](const JsonIn& in) -> Result<Airframe> {
        Airframe a;
        a.id = in.text("id");
        a.name = in.text("name");
        a.mass_kg = in.number("mass_kg");
        a.thrust_to_weight = in.number("thrust_to_weight");
        a.thrust_curve = in.number("thrust_curve");
        a.motor_lag_s = in.number("motor_lag_s");
        a.drag_area_m2 = in.number("drag_area_m2");
        a.rotor_drag_kgps = in.number("rotor_drag_kgps");
        a.rate_lag_s = in.number("rate_lag_s");
        a.max_angular_accel_dps2 = in.number("max_angular_accel_dps2");
        a.body_radius_m = in.number("body_radius_m");
        a.wheelbase_m = in.number("wheelbase_m", a.wheelbase_m);
        if (in.has("rotors")) a.rotors = in.at("rotors").whole();
        a.propeller_m = in.number("propeller_m", a.propeller_m);
        if (in.has("inertia_kgm2")) {
            const auto about = in.at("inertia_kgm2").items();
            if (about.size() != 3) in.at("inertia_kgm2").fault("expected three numbers: about the axes forward, right, down");
            a.inertia_kgm2 = Vec3(about[0].number(), about[1].number(), about[2].number());
        }
        a.battery_hover_s = in.number("battery_hover_s", a.battery_hover_s);
        a.battery_load_sag = in.number("battery_load_sag", a.battery_load_sag);
        a.battery_rest_sag = in.number("battery_rest_sag", a.battery_rest_sag);
        return a;
    });
    return airframe ? with_file(checked(std::move(*airframe)), file) : airframe;
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

} // namespace bh
