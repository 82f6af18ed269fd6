#include "core/progress/flight_day.h"

#include "core/setup/camera_tilt.h"

#include <algorithm>
#include <array>

namespace bh {
namespace {

constexpr std::array<std::string_view, 7> grounds{label("not said"), label("grass"),   label("tall weeds"), label("sand"),
                                                  label("gravel"),   label("asphalt"), label("concrete")};

DayFinding ground_finding(const FlyingSite& site)
{
    switch (site.ground) {
    case SiteGround::NotSaid:
        return {Grade::NotSaid, "ground", message("What the ground is was not said: grass or tall weeds are wanted")};
    case SiteGround::Grass:
    case SiteGround::TallWeeds: return {Grade::Good, "ground", message("Soft ground: %1", message(ground_key(site.ground)))};
    case SiteGround::Sand: return {Grade::Careful, "ground", message("Sand is soft, but gets into motors: grass is better")};
    case SiteGround::Gravel:
        return {Grade::Careful, "ground", message("Gravel breaks propellers and is thrown up: grass is better")};
    case SiteGround::Asphalt:
    case SiteGround::Concrete: break;
    }
    return {Grade::Stop, "ground",
            message("Not over %1: every touch breaks something, and hard ground throws the wash back",
                    message(ground_key(site.ground)))};
}

void judge_site(const FlyingSite& site, const HouseLimits& house, std::vector<DayFinding>& found)
{
    found.push_back(ground_finding(site));
    const double room = house.of(Limit::DayRoomM);
    if (site.room_m <= 0)
        found.push_back({Grade::NotSaid, "room", message("How much room there is was not said")});
    else
        found.push_back({site.room_m < room ? Grade::Stop : Grade::Good, "room",
                         message("%1 m of room around the pilot, %2 m wanted", rounded(site.room_m, 0), rounded(room, 0))});
    if (site.people) found.push_back({Grade::Stop, "people", message("People are near: wait, or fly elsewhere")});
    if (site.water)
        found.push_back({Grade::Careful, "water", message("Water is near: stay on the other side of it, no flips there")});
    if (site.masts) found.push_back({Grade::Careful, "masts", message("Masts or lines are near: say out loud where they are")});
    if (site.spotter.empty())
        found.push_back({Grade::Stop, "spotter", message("No spotter: in goggles somebody has to see the aircraft and the sky")});
    else
        found.push_back({Grade::Good, "spotter", message("Spotter: %1", site.spotter)});
    if (site.permission.empty())
        found.push_back(
            {Grade::NotSaid, "permission", message("No permission noted: ask the owner and the national aviation authority")});
    else
        found.push_back({Grade::Good, "permission", message("Permission: %1", site.permission)});
}

void judge_weather(const Weather& w, bool has_flown, const HouseLimits& house, std::vector<DayFinding>& found)
{
    if (w.thunder) found.push_back({Grade::Stop, "thunder", message("Thunder or squalls are told: not today")});
    if (w.wet) found.push_back({Grade::Stop, "rain", message("Rain or snow is told: the electronics are open")});
    if (w.fog) found.push_back({Grade::Stop, "fog", message("Fog is told")});
    const double wind = house.of(has_flown ? Limit::DayWindLaterMps : Limit::DayWindFirstMps), gust = house.of(Limit::DayGustMps);
    constexpr double nearly = 0.75; // house
    if (!w.wind_mps)
        found.push_back({Grade::NotSaid, "wind", message("The wind was not said")});
    else
        found.push_back(
            {*w.wind_mps > wind            ? Grade::Stop
             : *w.wind_mps > nearly * wind ? Grade::Careful
                                           : Grade::Good,
             "wind",
             has_flown ? message("Wind %1 m/s, at most %2 m/s for a pilot who has flown a real aircraft", rounded(*w.wind_mps, 1),
                                 rounded(wind, 1))
                       : message("Wind %1 m/s, at most %2 m/s for a first flight", rounded(*w.wind_mps, 1), rounded(wind, 1))});
    if (w.gust_mps && w.wind_mps) {
        const double above = *w.gust_mps - *w.wind_mps;
        found.push_back({above > gust ? Grade::Stop : Grade::Good, "gusts",
                         message("Gusts to %1 m/s, %2 m/s above the wind, at most %3 m/s", rounded(*w.gust_mps, 1),
                                 rounded(above, 1), rounded(gust, 1))});
    }
    const double visibility = house.of(Limit::DayVisibilityM);
    if (!w.visibility_m)
        found.push_back({Grade::NotSaid, "visibility", message("The visibility was not said")});
    else
        found.push_back({*w.visibility_m < visibility ? Grade::Stop : Grade::Good, "visibility",
                         message("Visibility %1 m, at least %2 m", rounded(*w.visibility_m, 0), rounded(visibility, 0))});
    const double cold = house.of(Limit::DayColdC), hot = house.of(Limit::DayHotC);
    if (!w.temperature_c)
        found.push_back({Grade::NotSaid, "temperature", message("The temperature was not said")});
    else if (*w.temperature_c < cold)
        found.push_back(
            {Grade::Careful, "temperature",
             message("%1 °C: keep the batteries warm until they are flown, and land earlier", rounded(*w.temperature_c, 0))});
    else if (*w.temperature_c > hot)
        found.push_back(
            {Grade::Careful, "temperature", message("%1 °C: thin air, hot motors, short flights", rounded(*w.temperature_c, 0))});
    else
        found.push_back({Grade::Good, "temperature", message("%1 °C", rounded(*w.temperature_c, 0))});
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
    constexpr std::array<std::string_view, 4> keys{label("good"), label("not said"), label("careful"), label("stop")};
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
    plan.tilt_deg = std::clamp(practised_tilt_deg - house.of(Limit::DayTiltLessDeg), std::min(least_tilt_deg, practised_tilt_deg),
                               practised_tilt_deg);
    const double temperature_c = day.weather.temperature_c.value_or(standard_c - kelvin_per_m * day.site.field_m);
    plan.density_kgpm3 = air_density_kgpm3(day.weather.pressure_hpa.value_or(standard_hpa), day.site.field_m, temperature_c);
    plan.thrust_share = plan.density_kgpm3 / sea_level_density_kgpm3;
    plan.practised_mps = level_flight(aircraft, plan.practised_tilt_deg, plan.density_kgpm3).speed_mps;
    plan.level_mps = level_flight(aircraft, plan.tilt_deg, plan.density_kgpm3).speed_mps;
    const double warmth = std::clamp(1 - per_degree * (usual_c - temperature_c), 0.5, 1.0);
    const double share = 0.01 * house.of(Limit::DayPackShare);
    plan.pack_min = aircraft.battery_hover_s / 60 * share * warmth / flying_against_hovering;
    plan.all_min = plan.pack_min * day.packs;
    plan.land_at_v = house.of(Limit::DayCellV) * day.cells;
    plan.packs_needed = programme_packs;
    return plan;
}

} // namespace bh
