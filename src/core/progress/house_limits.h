#pragma once

#include "core/base/message.h"

#include <array>
#include <cstdint>
#include <span>
#include <string_view>

namespace bh {

/// A limit that no law and no standard sets: the house's, or common practice. Every school may have its own.
enum class Limit : std::uint8_t {
    HoursLow,
    HoursComfortable,
    HoursMatched,
    HoursWeekly,
    HoursShortWeeks,
    HoldPasses,
    HoldDays,
    HoldCurrencyDays,
    HoldSideGap,
    LookRestDays,
    LookFailures,
    GateCrashes,
    GateCutShare,
    GateRoofMinutes,
    GateCalibrationDays,
    GateSimulatorHours,
    GatePracticeDays,
    GateRehearsalDays,
    GateRockingShare,
    SicknessTotal,
    DayWindFirstMps,
    DayWindLaterMps,
    DayGustMps,
    DayVisibilityM,
    DayColdC,
    DayHotC,
    DayRoomM,
    DayTiltLessDeg,
    DayPackShare,
    DayCellV,
    DayReleaseDays,
    WeekBlocksADay,
    WeekNearGates,
    PricePropellers,
    PriceMotor,
    PriceArm,
    PriceCamera,
    PriceBattery,
    PriceAircraft,
    PriceController,
    PriceSimulators,
    PriceComputer,
    KitDays,
    KeepMonths,
    TurnsBegin
};
inline constexpr std::size_t house_limit_count = static_cast<std::size_t>(Limit::TurnsBegin) + 1;

enum class LimitGroup : std::uint8_t { Hours, Holding, Look, Gates, Sickness, Day, Prices, Week, Keeping, Turns };
[[nodiscard]] std::string_view group_name(LimitGroup group); ///< under which its limits are shown

/// All there is to say of a limit: the one place where its usual value stands.
struct HouseLimit {
    Limit limit;
    std::string_view id; ///< "hours.low", as on the record
    LimitGroup group;
    std::string_view name; ///< "Hours before a first real flight"
    std::string_view unit; ///< "h"; empty: a count
    double usual, least, most;
    int decimals;
    std::string_view why;                      ///< for what it is, and where the usual value comes from
    std::array<std::string_view, 3> choices{}; ///< what the values 0, 1 and 2 mean, where it is not an amount
    [[nodiscard]] bool is_choice() const { return !choices[0].empty(); }
};

/// All of them, group by group.
[[nodiscard]] std::span<const HouseLimit> house_limits();
[[nodiscard]] const HouseLimit& facts_of(Limit limit);
/// A value of it for people: "20 h", "yaw a moment first".
[[nodiscard]] Message in_words(const HouseLimit& limit, double value);
[[nodiscard]] const HouseLimit* house_limit(std::string_view id); ///< by its name on the record; null: there is none

/// The limits of one house: as usual, but for those that it has changed.
class HouseLimits {
public:
    HouseLimits();
    void change(Limit limit, double value); ///< beyond what the limit allows: to the nearest that is; not a number: not at all
    [[nodiscard]] double of(Limit limit) const { return values_[static_cast<std::size_t>(limit)]; }
    [[nodiscard]] int whole(Limit limit) const { return static_cast<int>(of(limit) + 0.5); }
    [[nodiscard]] double share(Limit limit) const { return 0.01 * of(limit); } ///< of one in per cent
    [[nodiscard]] bool is_changed(Limit limit) const;
    bool operator==(const HouseLimits&) const = default;

private:
    std::array<double, house_limit_count> values_;
};

} // namespace bh
