// What the built-in flight knows of the air, and what is timed or pointed at by hand.
#include "cli/commands.h"
#include "cli/print.h"
#include "core/base/number_text.h"
#include "core/base/stats.h"
#include "core/flight/atmosphere.h"
#include "core/flight/rotor_air.h"
#include "core/flight/wind.h"
#include "core/rates/stopwatch.h"
#include "files/tables/pointing_csv.h"
#include "files/text/file_text.h"

#include <cstdio>
#include <iostream>
#include <map>
#include <nlohmann/json.hpp>
#include <tuple>

namespace bh::cli {
namespace {

using Json = nlohmann::ordered_json;

} // namespace

Result<int> vertical_flight(const DataFolder& data, const VerticalArguments& arguments)
{
    const auto airframe = data.airframe(arguments.aircraft);
    if (!airframe) return tl::unexpected(airframe.error());
    if (!(arguments.field_m >= lowest_field_m && arguments.field_m <= highest_field_m))
        return bad_input("--field-m: expected -400 to 20000");
    if (!(arguments.rate_mps >= 0 && arguments.rate_mps <= 100)) return bad_input("--rate-mps: expected 0 to 100");
    const double climb_mps = arguments.down ? -arguments.rate_mps : arguments.rate_mps;
    const double density = standard_air(geopotential_height_m(arguments.field_m)).density_kgpm3;
    const double thrust_n = airframe->mass_kg * gravity_mps2; // carries the weight; the body's own drag is left out
    const double hover_mps = hover_induced_mps(thrust_n, density, disc_area_m2(airframe->propeller_m, airframe->rotors));
    const double induced_mps = axial_induced_mps(hover_mps, climb_mps);
    const double share = 1 / airframe->thrust_to_weight * sea_level_density_kgpm3 / density;
    print({{"density_kgpm3", density},
           {"thrust_n", thrust_n},
           {"induced_mps", induced_mps},
           {"power_w", thrust_n * (climb_mps + induced_mps)}, // ideal, of the discs; below 0 the air drives them
           {"throttle", share <= 1 ? Json(throttle_for_share(*airframe, share)) : Json(nullptr)}, // null: it cannot carry itself
           {"wash_depth", wake_depth(hover_mps, climb_mps, 0)}});
    return share <= 1 ? 0 : 1;
}

Result<int> write_gusts(const GustArguments& arguments)
{
    const auto& [wind_mps, height_m, airspeed_mps, seconds, rate_hz, seed, out] = arguments;
    if (!(wind_mps >= 0 && wind_mps <= most_wind_mps)) return bad_input("--wind-mps: expected 0 to 40");
    if (!(height_m >= 0 && height_m <= 1000)) return bad_input("--height-m: expected 0 to 1000");
    if (!(airspeed_mps >= 0 && airspeed_mps <= 100)) return bad_input("--airspeed-mps: expected 0 to 100");
    if (!(seconds > 0 && seconds <= 7200)) return bad_input("--seconds: expected more than 0, at most 7200");
    if (!(rate_hz >= 1 && rate_hz <= 1000)) return bad_input("--rate-hz: expected 1 to 1000");
    Gusts gusts(seed);
    const Turbulence size = low_height_turbulence(height_m, wind_mps);
    std::string csv = "t_s,along_mps,right_mps,up_mps\n";
    const auto rows = static_cast<long>(seconds * rate_hz);
    for (long i = 0; i <= rows; ++i) {
        const Vec3 gust = gusts.step(size, airspeed_mps, 1 / rate_hz);
        csv += to_digits(static_cast<double>(i) / rate_hz, 6);
        for (const double part : {gust.x(), gust.y(), gust.z()}) csv += ',' + fixed(part, 5);
        csv += '\n';
    }
    if (out.empty()) {
        std::fputs(csv.c_str(), stdout);
        return 0;
    }
    if (const auto written = write_whole(out, csv); !written) return tl::unexpected(written.error());
    return 0;
}

Result<int> time_turns(const StopwatchArguments& arguments)
{
    const auto& [turns, seconds, sigma_s, precision] = arguments;
    if (seconds.empty()) return bad_input("--seconds: expected at least one timing");
    const auto timed = seconds.size() == 1 ? timed_rate(turns, seconds.front(), sigma_s) : timed_rate(turns, seconds);
    if (!timed) return bad_input("--" + timed.error().english);
    Json json{{"rate_dps", timed->rate_dps}, {"standard_error_dps", timed->standard_error_dps}};
    if (seconds.size() > 1) json["timings"] = seconds.size();
    if (precision) {
        const auto needed = turns_needed(timed->rate_dps, *precision, sigma_s);
        if (!needed) return bad_input("--precision: " + needed.error().english);
        json["turns_needed"] = *needed;
    }
    print(json);
    return 0;
}

Result<int> score_pointing(const std::string& file)
{
    const auto trials = load_pointing_csv(file);
    if (!trials) return tl::unexpected(trials.error());
    std::map<std::tuple<std::string, double, double>, std::vector<Tap>> conditions;
    for (const PointingTrial& t : *trials) conditions[{t.participant, t.distance_deg, t.width_deg}].push_back(t.tap);
    Json json{{"conditions", Json::array()}};
    std::map<std::string, std::vector<double>> of_participant;
    for (const auto& [condition, taps] : conditions) {
        const auto& [participant, distance_deg, width_deg] = condition;
        const auto p = pointing(taps);
        if (!p) return bad_input(file + ": participant '" + participant + "': " + p.error().english);
        if (!(p->width > 0))
            return bad_input(file + ": participant '" + participant + "': every tap ended in one place, expected some spread");
        json["conditions"].push_back({{"participant", participant},
                                      {"nominal_distance_deg", distance_deg},
                                      {"nominal_width_deg", width_deg},
                                      {"effective_distance", p->distance},
                                      {"effective_width", p->width},
                                      {"effective_id", p->difficulty_bit},
                                      {"mean_time", p->mean_time_s},
                                      {"throughput", p->throughput_bps}});
        of_participant[participant].push_back(p->throughput_bps);
    }
    std::vector<double> means;
    for (const auto& [_, values] : of_participant) means.push_back(mean(values));
    json["mean"] = {{"throughput", mean(means)}};
    print(json);
    return 0;
}

} // namespace bh::cli
