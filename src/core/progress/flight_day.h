#pragma once

#include "core/base/message.h"
#include "core/flight/dynamics.h"
#include "core/progress/house_limits.h"
#include "core/progress/weather_report.h"

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

enum class SiteGround : std::uint8_t { NotSaid, Grass, TallWeeds, Sand, Gravel, Asphalt, Concrete };
[[nodiscard]] std::string_view ground_key(SiteGround ground); ///< "grass", "tall weeds", …
[[nodiscard]] std::optional<SiteGround> ground_from_key(std::string_view key);

/// Where a first real flight is to be.
struct FlyingSite {
    std::string name;
    SiteGround ground = SiteGround::NotSaid;
    double room_m = 0;  ///< around the pilot, free of everything; 0: not said
    double field_m = 0; ///< above the sea
    bool people = false, water = false, masts = false;
    std::string spotter;    ///< who it is; empty: nobody yet
    std::string permission; ///< as the coordinator noted it; empty: none
    bool operator==(const FlyingSite&) const = default;
};

/// A briefing's point or a step of the programme, ticked.
struct Tick {
    bool by_pilot = false, by_coordinator = false;
    std::string note;
    bool operator==(const Tick&) const = default;
};

/// Everything that is prepared for one pilot's first real flight.
struct FlightDay {
    FlyingSite site;
    std::string report; ///< the weather line that was pasted in; empty: typed
    Weather weather;
    int packs = 4;
    int cells = 4;                                   ///< of a pack
    std::map<std::string, Tick> briefing, programme; ///< by item
    bool operator==(const FlightDay&) const = default;
};

/// How a day's thing stands, the gravest last.
enum class Grade : std::uint8_t { Good, NotSaid, Careful, Stop };
[[nodiscard]] std::string_view grade_key(Grade grade); ///< "good", "not said", "careful", "stop"

struct DayFinding {
    Grade grade = Grade::Good;
    std::string_view what; ///< "ground", "wind", …
    Message words;         ///< a sentence
};
/// What speaks against flying, the worst thing first. Limits are the house's; those of a pilot who has flown a real aircraft
/// before are wider.
[[nodiscard]] std::vector<DayFinding> judge_day(const FlightDay& day, bool has_flown, const HouseLimits& house);

/// What to fly with on that day.
struct DayPlan {
    double practised_tilt_deg = 0, tilt_deg = 0;
    double practised_mps = 0, level_mps = 0; ///< level flight with the horizon in the middle of the picture
    double density_kgpm3 = 0;                ///< of the day's air; the standard one where the weather does not say
    double thrust_share = 1;                 ///< of what the same throttle gives in standard air at sea level
    double pack_min = 0;                     ///< to fly of each
    double all_min = 0;
    double land_at_v = 0; ///< of the pack, under load
    int packs_needed = 0; ///< for the whole programme
};
/// A pack's minutes: those that it hovers, the share that is flown of it, less for flying about than for hovering (a third more
/// power; house), and one per cent less for each degree below 20 °C (house).
[[nodiscard]] DayPlan plan_day(const FlightDay& day, const Airframe& aircraft, double practised_tilt_deg, int programme_packs,
                               const HouseLimits& house);

} // namespace bh
