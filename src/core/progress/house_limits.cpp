#include "core/progress/house_limits.h"

#include <algorithm>
#include <limits>

namespace bh {

const std::vector<HouseLimit>& house_limits()
{
    constexpr std::string_view hours = "Hours", holding = "Holding a drill", look = "Who needs a look", gates = "Gates",
                               sickness = "Sickness", day = "The day of a first flight", money = "Repairs and kit",
                               week = "The week", keeping = "Keeping";
    static const std::vector<HouseLimit> all{
        {"hours.low", hours, "Hours before a first real flight", "h", 20, 0, 500, 0,
         "The low end of what is called enough (common practice, no source)"},
        {"hours.comfortable", hours, "Hours that are comfortable", "h", 50, 0, 1000, 0, "Common practice, no source"},
        {"hours.matched", hours, "Of them on matched rates", "h", 10, 0, 500, 0,
         "10, 20 or 30 hours on other rates felt like starting over (common practice, no source)"},
        {"hours.weekly", hours, "Practice a week", "h", 3, 0.5, 40, 1,
         "Keeps a pilot growing; 26 minutes a day, or six half hours (common practice, no source)"},
        {"hours.short_weeks", hours, "Weeks below it before it is told", "weeks", 2, 1, 12, 0, "House"},

        {"hold.passes", holding, "Passes that hold a drill", "", 3, 1, 20, 0, "Mastered, or done once? (house)"},
        {"hold.days", holding, "On different days", "days", 2, 1, 10, 0, "Again tomorrow, and the day after (house)"},
        {"hold.currency_days", holding, "A held drill is due again after", "days", 30, 1, 365, 0, "House"},
        {"hold.side_gap", holding, "Marks between the sides that are told", "marks", 15, 1, 60, 0, "House"},

        {"look.rest_days", look, "Days without practice", "days", 14, 1, 120, 0, "House"},
        {"look.failures", look, "Failures in a row", "", 5, 2, 50, 0,
         "Then the drill, the aircraft or the way of flying is changed (house)"},

        {"gate.crashes", gates, "Newest crashes that are looked at", "", 20, 1, 200, 0, "House"},
        {"gate.cut_share", gates, "Of them with the throttle cut within 1 s", "%", 95, 50, 100, 0,
         "After a crash the throttle goes to zero first (common practice; the share is house)"},
        {"gate.roof_minutes", gates, "Minutes under the low roof", "min", 30, 0, 600, 0, "In all (common practice, no source)"},
        {"gate.calibration_days", gates, "Days that a calibration holds", "days", 60, 1, 365, 0, "House"},
        {"gate.simulator_hours", gates, "On the matched rates in their simulator", "h", 5, 0, 100, 0, "House"},
        {"gate.practice_days", gates, "Days since the last practice", "days", 14, 1, 120, 0, "House"},
        {"gate.rehearsal_days", gates, "Days on which the first day was rehearsed", "days", 2, 1, 10, 0, "House"},
        {"gate.rocking_share", gates, "Rocking over the last five flights, below", "%", 15, 1, 100, 0, "House"},

        {"sickness.total", sickness, "Questionnaire above which the screen is chosen", "", 15, 0, 235, 1,
         "House; the questionnaire itself sets no limit (Kennedy and others, 1993)"},

        {"day.wind_first_mps", day, "Wind for a pilot who has not flown a real one", "m/s", 4, 0, 20, 1, "House"},
        {"day.wind_later_mps", day, "Wind for one who has", "m/s", 8, 0, 25, 1, "House"},
        {"day.gust_mps", day, "Gusts above the mean wind", "m/s", 3, 0, 15, 1, "House"},
        {"day.visibility_m", day, "Visibility", "m", 1500, 100, 10000, 0, "The law may ask for more (house)"},
        {"day.cold_c", day, "Coldest for the batteries", "°C", 5, -20, 25, 0,
         "A cold battery gives less and sags sooner (common practice; the limit is house)"},
        {"day.hot_c", day, "Warmest", "°C", 35, 15, 50, 0, "Thin air and hot motors (house)"},
        {"day.room_m", day, "Room around the pilot", "m", 60, 10, 1000, 0, "House; the law may ask for more"},
        {"day.tilt_less_deg", day, "Camera tilt lower than practised by", "°", 10, 0, 30, 0,
         "Tilt and expectations are lowered for a first flight (common practice; the amount is house)"},
        {"day.pack_share", day, "Of a pack that is flown", "%", 70, 30, 90, 0,
         "Land before the pack is empty (common practice; the share is house)"},
        {"day.cell_v", day, "Cell voltage to land at", "V", 3.5, 3.2, 3.9, 2, "Under load (common practice, no source)"},
        {"day.release_days", day, "Days that a release holds", "days", 14, 1, 365, 0, "House"},

        {"week.blocks_a_day", week, "Blocks a day of one pilot", "", 1, 1, 8, 0,
         "Half hours on separate days teach more than a long one (common practice, no source)"},
        {"week.near_gates", week, "Near a first flight with so many gates open", "gates", 3, 0, 16, 0, "House"},

        {"price.propellers", money, "A set of propellers", "", 3, 0, 10000, 0, "In the school's own money"},
        {"price.motor", money, "A motor", "", 18, 0, 10000, 0, "In the school's own money"},
        {"price.arm", money, "An arm of the frame", "", 9, 0, 10000, 0, "In the school's own money"},
        {"price.camera", money, "A camera", "", 22, 0, 10000, 0, "In the school's own money"},
        {"price.battery", money, "A battery", "", 20, 0, 10000, 0, "In the school's own money"},
        {"price.aircraft", money, "A whole aircraft", "", 240, 0, 100000, 0, "In the school's own money"},
        {"price.controller", money, "A controller", "", 65, 0, 10000, 0, "In the school's own money"},
        {"price.simulators", money, "The simulators of a station", "", 80, 0, 10000, 0,
         "Four together cost about as much as one repair (common practice)"},
        {"price.computer", money, "A computer and a screen, where one has to be bought", "", 0, 0, 100000, 0,
         "In the school's own money"},

        {"kit_days", keeping, "Days that a tick of the kit list holds", "days", 60, 1, 3650, 0, "House"},
        {"keep_months", keeping, "Months that pilots who have left are kept", "months", 36, 1, 240, 0,
         "Common practice; the law of the place may say otherwise"},
    };
    return all;
}

const HouseLimit* house_limit(std::string_view id)
{
    const auto& all = house_limits();
    const auto found = std::find_if(all.begin(), all.end(), [id](const HouseLimit& l) { return l.id == id; });
    return found == all.end() ? nullptr : &*found;
}

void HouseLimits::change(const std::string& id, double value)
{
    const HouseLimit* limit = house_limit(id);
    if (!limit || !(value == value)) return;
    value = std::clamp(value, limit->least, limit->most);
    if (value == limit->usual)
        changed_.erase(id);
    else
        changed_[id] = value;
}

double HouseLimits::of(std::string_view id) const
{
    const HouseLimit* limit = house_limit(id);
    if (!limit) return std::numeric_limits<double>::quiet_NaN();
    const auto changed = changed_.find(std::string(id));
    return changed == changed_.end() ? limit->usual : changed->second;
}

ReadinessRules readiness_rules(const HouseLimits& house)
{
    constexpr double per_cent = 0.01;
    ReadinessRules rules;
    rules.hours = house.of("hours.low");
    rules.matched_hours = house.of("hours.matched");
    rules.weekly_hours = house.of("hours.weekly");
    rules.crashes = house.whole("gate.crashes");
    rules.cut_share = per_cent * house.of("gate.cut_share");
    rules.roof_minutes = house.of("gate.roof_minutes");
    rules.calibration_days = house.whole("gate.calibration_days");
    rules.hours_in_simulator = house.of("gate.simulator_hours");
    rules.last_practice_days = house.whole("gate.practice_days");
    rules.rehearsal_days = house.whole("gate.rehearsal_days");
    rules.rocking_share = per_cent * house.of("gate.rocking_share");
    rules.sickness_total = house.of("sickness.total");
    return rules;
}

StandingRules standing_rules(const HouseLimits& house)
{
    StandingRules rules;
    rules.passes = house.whole("hold.passes");
    rules.days = house.whole("hold.days");
    rules.currency_days = house.whole("hold.currency_days");
    rules.side_gap = house.of("hold.side_gap");
    rules.rest_days = house.whole("look.rest_days");
    rules.failures = house.whole("look.failures");
    rules.weekly_hours = house.of("hours.weekly");
    rules.short_weeks = house.whole("hours.short_weeks");
    rules.calibration_days = house.whole("gate.calibration_days");
    return rules;
}

} // namespace bh
