#pragma once

#include "core/path/crashes.h"
#include "core/progress/house_limits.h"

#include <string_view>
#include <vector>

namespace bh {

/// What a crash would have broken. The classes and what breaks in them are the house's estimate, no measurement.
enum class Damage : std::uint8_t { Propellers, Arm, Frame, Aircraft };
inline constexpr std::size_t damage_count = 4;
[[nodiscard]] std::string_view damage_words(Damage damage); ///< "propellers", "an arm and a motor", …
/// By the speed of the hit, or of the fall after it where that is more (v² = 2·g·h); on hard ground a third more.
[[nodiscard]] Damage damage_of(const Crash& crash, bool hard_ground);
[[nodiscard]] double price_of(Damage damage, const HouseLimits& prices);

struct TakenCrash {
    Crash crash;
    bool hard_ground = false;
};
/// Crashes taken here against what practice cost.
struct Bill {
    int crashes = 0, unknown = 0;                                ///< of unknown the mean of the others is taken, or propellers
    std::vector<int> by_damage = std::vector<int>(damage_count); ///< of those that are known
    double would_have_cost = 0;                                  ///< an estimate
    double practice_cost = 0;                                    ///< simulators and controllers
    [[nodiscard]] double saved() const { return would_have_cost - practice_cost; }
    [[nodiscard]] bool break_even() const { return would_have_cost >= practice_cost; }
};
/// `stations`: how many had to be equipped, `controllers`: how many are in use.
[[nodiscard]] Bill bill_of(const std::vector<TakenCrash>& crashes, int unknown, int stations, int controllers,
                           const HouseLimits& prices);
/// What one more station costs.
[[nodiscard]] double station_budget(const HouseLimits& prices);

} // namespace bh
