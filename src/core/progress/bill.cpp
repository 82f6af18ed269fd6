#include "core/progress/bill.h"

#include "core/base/message.h"

#include <algorithm>
#include <array>

namespace bh {

std::string_view damage_words(Damage damage)
{
    constexpr std::array<std::string_view, damage_count> words{label("propellers"), label("an arm, a motor and propellers"),
                                                               label("arms, motors, camera and propellers"),
                                                               label("the aircraft")};
    return words[static_cast<std::size_t>(damage)];
}

Damage damage_of(const Crash& c, bool hard_ground)
{
    constexpr double gravity = 9.80665, hard_more = 4.0 / 3;
    constexpr double props_mps = 4, arm_mps = 9, frame_mps = 18; // house
    const double squared =
        std::max(c.speed_mps * c.speed_mps, 2 * gravity * c.height_m) * (hard_ground ? hard_more * hard_more : 1);
    if (squared < props_mps * props_mps) return Damage::Propellers;
    if (squared < arm_mps * arm_mps) return Damage::Arm;
    return squared < frame_mps * frame_mps ? Damage::Frame : Damage::Aircraft;
}

double price_of(Damage damage, const HouseLimits& prices)
{
    const double propellers = prices.of(Limit::PricePropellers), arm = prices.of(Limit::PriceArm),
                 motor = prices.of(Limit::PriceMotor);
    switch (damage) {
    case Damage::Propellers: return propellers;
    case Damage::Arm: return propellers + arm + motor;
    case Damage::Frame: return propellers + 2 * arm + 2 * motor + prices.of(Limit::PriceCamera);
    case Damage::Aircraft: return prices.of(Limit::PriceAircraft) + prices.of(Limit::PriceBattery);
    }
    return 0;
}

Bill bill_of(const std::vector<TakenCrash>& crashes, int unknown, int stations, int controllers, const HouseLimits& prices)
{
    Bill bill;
    bill.crashes = static_cast<int>(crashes.size()) + unknown;
    bill.unknown = unknown;
    for (const TakenCrash& taken : crashes) {
        const Damage damage = damage_of(taken.crash, taken.hard_ground);
        ++bill.by_damage[static_cast<std::size_t>(damage)];
        bill.would_have_cost += price_of(damage, prices);
    }
    const double each =
        crashes.empty() ? price_of(Damage::Propellers, prices) : bill.would_have_cost / static_cast<double>(crashes.size());
    bill.would_have_cost += unknown * each;
    bill.practice_cost = stations * (prices.of(Limit::PriceSimulators) + prices.of(Limit::PriceComputer)) +
                         controllers * prices.of(Limit::PriceController);
    return bill;
}

double station_budget(const HouseLimits& prices)
{
    return prices.of(Limit::PriceSimulators) + prices.of(Limit::PriceComputer) + prices.of(Limit::PriceController);
}

} // namespace bh
