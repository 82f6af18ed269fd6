#include "core/progress/flight_day.h"

#include "core/setup/camera_tilt.h"

#include <algorithm>
#include <array>
#include <cstdarg>
#include <cstdio>

namespace bh {
namespace {

constexpr std::array<std::string_view, 7> grounds{"not said", "grass", "tall weeds", "sand", "gravel", "asphalt", "concrete"};

__attribute__((format(printf, 1, 2))) std::string sentence(const char* format, ...)
{
    char words[240];
    std::va_list values;
    va_start(values, format);
    std::vsnprintf(words, sizeof words, format, values);
    va_end(values);
    return words;
}

DayFinding ground_finding(const FlyingSite& site)
{
    switch (site.ground) {
    case SiteGround::NotSaid:
        return {Grade::NotSaid, "ground", "What the ground is was not said: grass or tall weeds are wanted"};
    case SiteGround::Grass:
    case SiteGround::TallWeeds: return {Grade::Good, "ground", "Soft ground: " + std::string(ground_key(site.ground))};
    case SiteGround::Sand: return {Grade::Careful, "ground", "Sand is soft, but gets into motors: grass is better"};
    case SiteGround::Gravel: return {Grade::Careful, "ground", "Gravel breaks propellers and is thrown up: grass is better"};
    case SiteGround::Asphalt:
    case SiteGround::Concrete: break;
    }
    return {Grade::Stop, "ground",
            "Not over " + std::string(ground_key(site.ground)) +
                ": every touch breaks something, and hard ground throws the wash back"};
}

void judge_site(const FlyingSite& site, const HouseLimits& house, std::vector<DayFinding>& found)
{
    found.push_back(ground_finding(site));
    const double room = house.of("day.room_m");
    if (site.room_m <= 0)
        found.push_back({Grade::NotSaid, "room", "How much room there is was not said"});
    else
        found.push_back({site.room_m < room ? Grade::Stop : Grade::Good, "room",
                         sentence("%.0f m of room around the pilot, %.0f m wanted", site.room_m, room)});
    if (site.people) found.push_back({Grade::Stop, "people", "People are near: wait, or fly elsewhere"});
    if (site.water) found.push_back({Grade::Careful, "water", "Water is near: stay on the other side of it, no flips there"});
    if (site.masts) found.push_back({Grade::Careful, "masts", "Masts or lines are near: say out loud where they are"});
    if (site.spotter.empty())
        found.push_back({Grade::Stop, "spotter", "No spotter: in goggles somebody has to see the aircraft and the sky"});
    else
        found.push_back({Grade::Good, "spotter", "Spotter: " + site.spotter});
    if (site.permission.empty())
        found.push_back({Grade::NotSaid, "permission", "No permission noted: ask the owner and the national aviation authority"});
    else
        found.push_back({Grade::Good, "permission", "Permission: " + site.permission});
}

void judge_weather(const Weather& w, bool has_flown, const HouseLimits& house, std::vector<DayFinding>& found)
{
    if (w.thunder) found.push_back({Grade::Stop, "thunder", "Thunder or squalls are told: not today"});
    if (w.wet) found.push_back({Grade::Stop, "rain", "Rain or snow is told: the electronics are open"});
    if (w.fog) found.push_back({Grade::Stop, "fog", "Fog is told"});
    const double wind = house.of(has_flown ? "day.wind_later_mps" : "day.wind_first_mps"), gust = house.of("day.gust_mps");
    constexpr double nearly = 0.75; // house
    if (!w.wind_mps)
        found.push_back({Grade::NotSaid, "wind", "The wind was not said"});
    else
        found.push_back({*w.wind_mps > wind            ? Grade::Stop
                         : *w.wind_mps > nearly * wind ? Grade::Careful
                                                       : Grade::Good,
                         "wind",
                         sentence("Wind %.1f m/s, at most %.1f m/s for %s", *w.wind_mps, wind,
                                  has_flown ? "a pilot who has flown a real aircraft" : "a first flight")});
    if (w.gust_mps && w.wind_mps) {
        const double above = *w.gust_mps - *w.wind_mps;
        found.push_back({above > gust ? Grade::Stop : Grade::Good, "gusts",
                         sentence("Gusts to %.1f m/s, %.1f m/s above the wind, at most %.1f m/s", *w.gust_mps, above, gust)});
    }
    const double visibility = house.of("day.visibility_m");
    if (!w.visibility_m)
        found.push_back({Grade::NotSaid, "visibility", "The visibility was not said"});
    else
        found.push_back({*w.visibility_m < visibility ? Grade::Stop : Grade::Good, "visibility",
                         sentence("Visibility %.0f m, at least %.0f m", *w.visibility_m, visibility)});
    const double cold = house.of("day.cold_c"), hot = house.of("day.hot_c");
    if (!w.temperature_c)
        found.push_back({Grade::NotSaid, "temperature", "The temperature was not said"});
    else if (*w.temperature_c < cold)
        found.push_back({Grade::Careful, "temperature",
                         sentence("%.0f °C: keep the batteries warm until they are flown, and land earlier", *w.temperature_c)});
    else if (*w.temperature_c > hot)
        found.push_back(
            {Grade::Careful, "temperature", sentence("%.0f °C: thin air, hot motors, short flights", *w.temperature_c)});
    else
        found.push_back({Grade::Good, "temperature", sentence("%.0f °C", *w.temperature_c)});
}

} // namespace

std::string_view ground_key(SiteGround ground) { return grounds[static_cast<std::size_t>(ground)]; }

std::optional<SiteGround> ground_from_key(std::string_view key)
{
    const auto found = std::find(grounds.begin(), grounds.end(), key);
    return found == grounds.end() ? std::nullopt : std::optional(static_cast<SiteGround>(found - grounds.begin()));
}

std::string_view grade_key(Grade grade)
{
    constexpr std::array<std::string_view, 4> keys{"good", "not said", "careful", "stop"};
    return keys[static_cast<std::size_t>(grade)];
}

std::vector<DayFinding> judge_day(const FlightDay& day, bool has_flown, const HouseLimits& house)
{
    std::vector<DayFinding> found;
    judge_weather(day.weather, has_flown, house, found);
    judge_site(day.site, house, found);
    std::stable_sort(found.begin(), found.end(), [](const DayFinding& a, const DayFinding& b) { return a.grade > b.grade; });
    return found;
}

DayPlan plan_day(const FlightDay& day, const Airframe& aircraft, double practised_tilt_deg, int programme_packs,
                 const HouseLimits& house)
{
    constexpr double least_tilt_deg = 5, flying_against_hovering = 4.0 / 3, usual_c = 20, per_degree = 0.01;
    constexpr double standard_hpa = 1013.25, standard_c = 15, kelvin_per_m = 0.0065;
    DayPlan plan;
    plan.practised_tilt_deg = practised_tilt_deg;
    plan.tilt_deg = std::clamp(practised_tilt_deg - house.of("day.tilt_less_deg"), std::min(least_tilt_deg, practised_tilt_deg),
                               practised_tilt_deg);
    const double temperature_c = day.weather.temperature_c.value_or(standard_c - kelvin_per_m * day.site.field_m);
    plan.density_kgpm3 = air_density_kgpm3(day.weather.pressure_hpa.value_or(standard_hpa), day.site.field_m, temperature_c);
    plan.thrust_share = plan.density_kgpm3 / sea_level_density_kgpm3;
    plan.practised_mps = level_flight(aircraft, plan.practised_tilt_deg, plan.density_kgpm3).speed_mps;
    plan.level_mps = level_flight(aircraft, plan.tilt_deg, plan.density_kgpm3).speed_mps;
    const double warmth = std::clamp(1 - per_degree * (usual_c - temperature_c), 0.5, 1.0);
    const double share = 0.01 * house.of("day.pack_share");
    plan.pack_min = aircraft.battery_hover_s / 60 * share * warmth / flying_against_hovering;
    plan.all_min = plan.pack_min * day.packs;
    plan.land_at_v = house.of("day.cell_v") * day.cells;
    plan.packs_needed = programme_packs;
    return plan;
}

} // namespace bh
