#include "core/progress/house_limits.h"

#include "core/base/message.h"
#include "core/base/number_text.h"

#include <algorithm>
#include <iterator>

namespace bh {

namespace {

constexpr HouseLimit limit_table[] = {
    {Limit::HoursLow, "hours.low", LimitGroup::Hours, label("Hours before a first real flight"), "h", 20, 0, 500, 0,
     label("The low end of what is called enough (common practice, no source)")},
    {Limit::HoursComfortable, "hours.comfortable", LimitGroup::Hours, label("Hours that are comfortable"), "h", 50, 0, 1000, 0,
     label("Common practice, no source")},
    {Limit::HoursMatched, "hours.matched", LimitGroup::Hours, label("Of them on matched rates"), "h", 10, 0, 500, 0,
     label("What was practised on other rates is learnt anew on the real aircraft (common practice; the number is house)")},
    {Limit::HoursWeekly, "hours.weekly", LimitGroup::Hours, label("Practice a week"), "h", 3, 0.5, 40, 1,
     label("Keeps a pilot growing; 26 minutes a day, or six half hours (common practice, no source)")},
    {Limit::HoursShortWeeks, "hours.short_weeks", LimitGroup::Hours, label("Weeks below it before it is told"), label("weeks"), 2,
     1, 12, 0, label("House")},

    {Limit::HoldPasses, "hold.passes", LimitGroup::Holding, label("Passes that hold a drill"), "", 3, 1, 20, 0,
     label("Mastered, or done once? (house)")},
    {Limit::HoldDays, "hold.days", LimitGroup::Holding, label("On different days"), label("days"), 2, 1, 10, 0,
     label("Again tomorrow, and the day after (house)")},
    {Limit::HoldCurrencyDays, "hold.currency_days", LimitGroup::Holding, label("A held drill is due again after"), label("days"),
     30, 1, 365, 0, label("House")},
    {Limit::HoldSideGap, "hold.side_gap", LimitGroup::Holding, label("Marks between the sides that are told"), label("marks"), 15,
     1, 60, 0, label("House")},

    {Limit::LookRestDays, "look.rest_days", LimitGroup::Look, label("Days without practice"), label("days"), 14, 1, 120, 0,
     label("House")},
    {Limit::LookFailures, "look.failures", LimitGroup::Look, label("Failures in a row"), "", 5, 2, 50, 0,
     label("Then the drill, the aircraft or the way of flying is changed (house)")},

    {Limit::GateCrashes, "gate.crashes", LimitGroup::Gates, label("Newest crashes that are looked at"), "", 20, 1, 200, 0,
     label("House")},
    {Limit::GateCutShare, "gate.cut_share", LimitGroup::Gates, label("Of them with the throttle cut within 1 s"), "%", 95, 50,
     100, 0, label("After a crash the throttle goes to zero first (common practice; the share is house)")},
    {Limit::GateRoofMinutes, "gate.roof_minutes", LimitGroup::Gates, label("Minutes under the low roof"), "min", 30, 0, 600, 0,
     label("In all (common practice, no source)")},
    {Limit::GateCalibrationDays, "gate.calibration_days", LimitGroup::Gates, label("Days that a calibration holds"),
     label("days"), 60, 1, 365, 0, label("House")},
    {Limit::GateSimulatorHours, "gate.simulator_hours", LimitGroup::Gates, label("On the matched rates in their simulator"), "h",
     5, 0, 100, 0, label("House")},
    {Limit::GatePracticeDays, "gate.practice_days", LimitGroup::Gates, label("Days since the last practice"), label("days"), 14,
     1, 120, 0, label("House")},
    {Limit::GateRehearsalDays, "gate.rehearsal_days", LimitGroup::Gates, label("Days on which the first day was rehearsed"),
     label("days"), 2, 1, 10, 0, label("House")},
    {Limit::GateRockingShare, "gate.rocking_share", LimitGroup::Gates, label("Rocking over the last five flights, below"), "%",
     15, 1, 100, 0, label("House")},

    {Limit::SicknessTotal, "sickness.total", LimitGroup::Sickness, label("Questionnaire above which the screen is chosen"), "",
     15, 0, 235, 1, label("House; the questionnaire itself sets no limit (Kennedy and others, 1993)")},

    {Limit::DayWindFirstMps, "day.wind_first_mps", LimitGroup::Day, label("Wind for a pilot who has not flown a real one"), "m/s",
     4, 0, 20, 1, label("House")},
    {Limit::DayWindLaterMps, "day.wind_later_mps", LimitGroup::Day, label("Wind for one who has"), "m/s", 8, 0, 25, 1,
     label("House")},
    {Limit::DayGustMps, "day.gust_mps", LimitGroup::Day, label("Gusts above the mean wind"), "m/s", 3, 0, 15, 1, label("House")},
    {Limit::DayVisibilityM, "day.visibility_m", LimitGroup::Day, label("Visibility"), "m", 1500, 100, 10000, 0,
     label("The law may ask for more (house)")},
    {Limit::DayColdC, "day.cold_c", LimitGroup::Day, label("Coldest for the batteries"), "°C", 5, -20, 25, 0,
     label("A cold battery gives less and sags sooner (common practice; the limit is house)")},
    {Limit::DayHotC, "day.hot_c", LimitGroup::Day, label("Warmest"), "°C", 35, 15, 50, 0,
     label("Thin air and hot motors (house)")},
    {Limit::DayRoomM, "day.room_m", LimitGroup::Day, label("Room around the pilot"), "m", 60, 10, 1000, 0,
     label("House; the law may ask for more")},
    {Limit::DayTiltLessDeg, "day.tilt_less_deg", LimitGroup::Day, label("Camera tilt lower than practised by"), "°", 10, 0, 30, 0,
     label("Tilt and expectations are lowered for a first flight (common practice; the amount is house)")},
    {Limit::DayPackShare, "day.pack_share", LimitGroup::Day, label("Of a pack that is flown"), "%", 70, 30, 90, 0,
     label("Land before the pack is empty (common practice; the share is house)")},
    {Limit::DayCellV, "day.cell_v", LimitGroup::Day, label("Cell voltage to land at"), "V", 3.5, 3.2, 3.9, 2,
     label("Under load (common practice, no source)")},
    {Limit::DayReleaseDays, "day.release_days", LimitGroup::Day, label("Days that a release holds"), label("days"), 14, 1, 365, 0,
     label("House")},

    {Limit::WeekBlocksADay, "week.blocks_a_day", LimitGroup::Week, label("Blocks a day of one pilot"), "", 1, 1, 8, 0,
     label("Half hours on separate days teach more than a long one (common practice, no source)")},
    {Limit::WeekNearGates, "week.near_gates", LimitGroup::Week, label("Near a first flight with so many gates open"),
     label("gates"), 3, 0, 16, 0, label("House")},

    {Limit::PricePropellers, "price.propellers", LimitGroup::Prices, label("A set of propellers"), "", 4, 0, 10000, 0,
     label("In the school's own money")},
    {Limit::PriceMotor, "price.motor", LimitGroup::Prices, label("A motor"), "", 21, 0, 10000, 0,
     label("In the school's own money")},
    {Limit::PriceArm, "price.arm", LimitGroup::Prices, label("An arm of the frame"), "", 11, 0, 10000, 0,
     label("In the school's own money")},
    {Limit::PriceCamera, "price.camera", LimitGroup::Prices, label("A camera"), "", 26, 0, 10000, 0,
     label("In the school's own money")},
    {Limit::PriceBattery, "price.battery", LimitGroup::Prices, label("A battery"), "", 23, 0, 10000, 0,
     label("In the school's own money")},
    {Limit::PriceAircraft, "price.aircraft", LimitGroup::Prices, label("A whole aircraft"), "", 285, 0, 100000, 0,
     label("In the school's own money")},
    {Limit::PriceController, "price.controller", LimitGroup::Prices, label("A controller"), "", 72, 0, 10000, 0,
     label("In the school's own money")},
    {Limit::PriceSimulators, "price.simulators", LimitGroup::Prices, label("The simulators of a station"), "", 95, 0, 10000, 0,
     label("In the school's own money")},
    {Limit::PriceComputer, "price.computer", LimitGroup::Prices, label("A computer and a screen, where one has to be bought"), "",
     0, 0, 100000, 0, label("In the school's own money")},

    {Limit::KitDays, "kit_days", LimitGroup::Keeping, label("Days that a tick of the kit list holds"), label("days"), 60, 1, 3650,
     0, label("House")},
    {Limit::KeepMonths, "keep_months", LimitGroup::Keeping, label("Months that pilots who have left are kept"), label("months"),
     36, 1, 240, 0, label("Common practice; the law of the place may say otherwise")},

    {Limit::TurnsBegin,
     "turns.begin",
     LimitGroup::Turns,
     label("How a turn is begun"),
     "",
     0,
     0,
     2,
     0,
     label("Practitioners disagree; the school that has chosen one marks it in drills with turns, others are told of it "
           "(common practice, no source)"),
     {label("not judged"), label("yaw a moment first"), label("both together")}},
};

consteval bool limits_in_order()
{
    for (std::size_t i = 0; i < std::size(limit_table); ++i)
        if (limit_table[i].limit != static_cast<Limit>(i)) return false;
    return std::size(limit_table) == house_limit_count;
}
static_assert(limits_in_order(), "each limit has its row, in the order of the enumeration");

} // namespace

std::string_view group_name(LimitGroup group)
{
    switch (group) {
    case LimitGroup::Hours: return label("Hours");
    case LimitGroup::Holding: return label("Holding a drill");
    case LimitGroup::Look: return label("Who needs a look");
    case LimitGroup::Gates: return label("Gates");
    case LimitGroup::Sickness: return label("Sickness");
    case LimitGroup::Day: return label("The day of a first flight");
    case LimitGroup::Prices: return label("Repairs and kit");
    case LimitGroup::Week: return label("The week");
    case LimitGroup::Keeping: return label("Keeping");
    case LimitGroup::Turns: return label("Turns");
    }
    return {};
}

std::span<const HouseLimit> house_limits() { return limit_table; }
const HouseLimit& facts_of(Limit limit) { return limit_table[static_cast<std::size_t>(limit)]; }

Message in_words(const HouseLimit& limit, double value)
{
    if (limit.is_choice()) return message(limit.choices[std::min<std::size_t>(static_cast<std::size_t>(value + 0.5), 2)]);
    const std::string number = fixed(value, limit.decimals);
    return limit.unit.empty() ? message("%1", number) : message("%1 %2", number, message(limit.unit));
}

const HouseLimit* house_limit(std::string_view id)
{
    const auto* found =
        std::find_if(std::begin(limit_table), std::end(limit_table), [id](const HouseLimit& l) { return l.id == id; });
    return found == std::end(limit_table) ? nullptr : found;
}

HouseLimits::HouseLimits()
{
    for (const HouseLimit& l : limit_table) values_[static_cast<std::size_t>(l.limit)] = l.usual;
}

void HouseLimits::change(Limit limit, double value)
{
    const HouseLimit& facts = facts_of(limit);
    if (value == value) values_[static_cast<std::size_t>(limit)] = std::clamp(value, facts.least, facts.most);
}

bool HouseLimits::is_changed(Limit limit) const { return of(limit) != facts_of(limit).usual; }

} // namespace bh
