#include "core/progress/house_limits.h"

#include "core/base/said.h"

#include <algorithm>
#include <limits>

namespace bh {

const std::vector<HouseLimit>& house_limits()
{
    constexpr std::string_view hours = label("Hours"), holding = label("Holding a drill"), look = label("Who needs a look"),
                               gates = label("Gates"), sickness = label("Sickness"), day = label("The day of a first flight"),
                               money = label("Repairs and kit"), week = label("The week"), keeping = label("Keeping");
    static const std::vector<HouseLimit> all{
        {"hours.low", hours, label("Hours before a first real flight"), "h", 20, 0, 500, 0,
         label("The low end of what is called enough (common practice, no source)")},
        {"hours.comfortable", hours, label("Hours that are comfortable"), "h", 50, 0, 1000, 0,
         label("Common practice, no source")},
        {"hours.matched", hours, label("Of them on matched rates"), "h", 10, 0, 500, 0,
         label("10, 20 or 30 hours on other rates felt like starting over (common practice, no source)")},
        {"hours.weekly", hours, label("Practice a week"), "h", 3, 0.5, 40, 1,
         label("Keeps a pilot growing; 26 minutes a day, or six half hours (common practice, no source)")},
        {"hours.short_weeks", hours, label("Weeks below it before it is told"), label("weeks"), 2, 1, 12, 0, label("House")},

        {"hold.passes", holding, label("Passes that hold a drill"), "", 3, 1, 20, 0, label("Mastered, or done once? (house)")},
        {"hold.days", holding, label("On different days"), label("days"), 2, 1, 10, 0,
         label("Again tomorrow, and the day after (house)")},
        {"hold.currency_days", holding, label("A held drill is due again after"), label("days"), 30, 1, 365, 0, label("House")},
        {"hold.side_gap", holding, label("Marks between the sides that are told"), label("marks"), 15, 1, 60, 0, label("House")},

        {"look.rest_days", look, label("Days without practice"), label("days"), 14, 1, 120, 0, label("House")},
        {"look.failures", look, label("Failures in a row"), "", 5, 2, 50, 0,
         label("Then the drill, the aircraft or the way of flying is changed (house)")},

        {"gate.crashes", gates, label("Newest crashes that are looked at"), "", 20, 1, 200, 0, label("House")},
        {"gate.cut_share", gates, label("Of them with the throttle cut within 1 s"), "%", 95, 50, 100, 0,
         label("After a crash the throttle goes to zero first (common practice; the share is house)")},
        {"gate.roof_minutes", gates, label("Minutes under the low roof"), "min", 30, 0, 600, 0,
         label("In all (common practice, no source)")},
        {"gate.calibration_days", gates, label("Days that a calibration holds"), label("days"), 60, 1, 365, 0, label("House")},
        {"gate.simulator_hours", gates, label("On the matched rates in their simulator"), "h", 5, 0, 100, 0, label("House")},
        {"gate.practice_days", gates, label("Days since the last practice"), label("days"), 14, 1, 120, 0, label("House")},
        {"gate.rehearsal_days", gates, label("Days on which the first day was rehearsed"), label("days"), 2, 1, 10, 0,
         label("House")},
        {"gate.rocking_share", gates, label("Rocking over the last five flights, below"), "%", 15, 1, 100, 0, label("House")},

        {"sickness.total", sickness, label("Questionnaire above which the screen is chosen"), "", 15, 0, 235, 1,
         label("House; the questionnaire itself sets no limit (Kennedy and others, 1993)")},

        {"day.wind_first_mps", day, label("Wind for a pilot who has not flown a real one"), "m/s", 4, 0, 20, 1, label("House")},
        {"day.wind_later_mps", day, label("Wind for one who has"), "m/s", 8, 0, 25, 1, label("House")},
        {"day.gust_mps", day, label("Gusts above the mean wind"), "m/s", 3, 0, 15, 1, label("House")},
        {"day.visibility_m", day, label("Visibility"), "m", 1500, 100, 10000, 0, label("The law may ask for more (house)")},
        {"day.cold_c", day, label("Coldest for the batteries"), "°C", 5, -20, 25, 0,
         label("A cold battery gives less and sags sooner (common practice; the limit is house)")},
        {"day.hot_c", day, label("Warmest"), "°C", 35, 15, 50, 0, label("Thin air and hot motors (house)")},
        {"day.room_m", day, label("Room around the pilot"), "m", 60, 10, 1000, 0, label("House; the law may ask for more")},
        {"day.tilt_less_deg", day, label("Camera tilt lower than practised by"), "°", 10, 0, 30, 0,
         label("Tilt and expectations are lowered for a first flight (common practice; the amount is house)")},
        {"day.pack_share", day, label("Of a pack that is flown"), "%", 70, 30, 90, 0,
         label("Land before the pack is empty (common practice; the share is house)")},
        {"day.cell_v", day, label("Cell voltage to land at"), "V", 3.5, 3.2, 3.9, 2,
         label("Under load (common practice, no source)")},
        {"day.release_days", day, label("Days that a release holds"), label("days"), 14, 1, 365, 0, label("House")},

        {"week.blocks_a_day", week, label("Blocks a day of one pilot"), "", 1, 1, 8, 0,
         label("Half hours on separate days teach more than a long one (common practice, no source)")},
        {"week.near_gates", week, label("Near a first flight with so many gates open"), label("gates"), 3, 0, 16, 0,
         label("House")},

        {"price.propellers", money, label("A set of propellers"), "", 3, 0, 10000, 0, label("In the school's own money")},
        {"price.motor", money, label("A motor"), "", 18, 0, 10000, 0, label("In the school's own money")},
        {"price.arm", money, label("An arm of the frame"), "", 9, 0, 10000, 0, label("In the school's own money")},
        {"price.camera", money, label("A camera"), "", 22, 0, 10000, 0, label("In the school's own money")},
        {"price.battery", money, label("A battery"), "", 20, 0, 10000, 0, label("In the school's own money")},
        {"price.aircraft", money, label("A whole aircraft"), "", 240, 0, 100000, 0, label("In the school's own money")},
        {"price.controller", money, label("A controller"), "", 65, 0, 10000, 0, label("In the school's own money")},
        {"price.simulators", money, label("The simulators of a station"), "", 80, 0, 10000, 0,
         label("Four together cost about as much as one repair (common practice)")},
        {"price.computer", money, label("A computer and a screen, where one has to be bought"), "", 0, 0, 100000, 0,
         label("In the school's own money")},

        {label("kit_days"), keeping, label("Days that a tick of the kit list holds"), label("days"), 60, 1, 3650, 0,
         label("House")},
        {label("keep_months"), keeping, label("Months that pilots who have left are kept"), label("months"), 36, 1, 240, 0,
         label("Common practice; the law of the place may say otherwise")},
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
