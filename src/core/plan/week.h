#pragma once

#include "core/base/result.h"

#include <compare>
#include <cstdint>
#include <functional>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// A stretch of a day in which a bay can be flown in.
struct WeekSlot {
    std::string day;                ///< YYYY-MM-DD
    int start_min = 0, end_min = 0; ///< since midnight
    bool coordinator = false;       ///< is there
    [[nodiscard]] double hours() const { return (end_min - start_min) / 60.0; }
};

struct WeekBay {
    std::string name;
    std::vector<std::string> simulators, controllers; ///< that it has
    std::vector<int> closed{};                        ///< slots
};

struct WeekPilot {
    std::string name;
    int wanted_blocks = 0, most_per_day = 1;
    std::vector<int> available;                       ///< slots
    std::vector<std::string> simulators, controllers; ///< of which the bay needs one; empty: any bay will do
    bool needs_coordinator = false;
    int priority = 0; ///< the highest first
};

/// A pilot in a bay for a slot, by their places in the problem's lists.
struct WeekBlock {
    int pilot = 0, bay = 0, slot = 0;
    auto operator<=>(const WeekBlock&) const = default;
};

/// Who flies when, as it is asked for.
struct WeekProblem {
    std::vector<WeekSlot> time_slots;
    std::vector<WeekBay> bays;
    std::vector<WeekPilot> pilots;
    std::vector<WeekBlock> published; ///< the plan as people know it; it may break rules by now
};

/// Rules that a block or a pilot's blocks have to keep.
enum class WeekRule : std::uint8_t {
    Availability,
    Simulator,
    Controller,
    Coordinator,
    ClosedBay,
    BlocksADay,
    BaysFull,  ///< one pilot in a bay at a time
    TwoPlaces, ///< a pilot in two bays at a time
    TooMany    ///< more blocks than wanted
};
[[nodiscard]] std::string_view week_rule_words(WeekRule rule); ///< "not available then", …

struct BrokenRule {
    WeekRule rule = WeekRule::Availability;
    WeekBlock block; ///< the one that breaks it, or the last of those that do so together
};
/// Every rule that a plan breaks, block by block; empty: none.
[[nodiscard]] std::vector<BrokenRule> broken_rules(const WeekProblem& problem, const std::vector<WeekBlock>& blocks);

/// A pilot who got fewer blocks than wanted, and what could be lifted to make room for one more, the others' blocks staying where
/// they are: every rule that does it alone; where no single one does, the smallest set that does together; none where there is
/// room as it is. Where the week has no more slots at all, that no more can come.
struct ShortPilot {
    int pilot = 0, short_blocks = 0;
    std::vector<WeekRule> because;
    bool together = false; ///< none of them does it alone
};
[[nodiscard]] std::vector<ShortPilot> short_pilots(const WeekProblem& problem, const std::vector<WeekBlock>& blocks);

/// In this order, each kept while the next is improved: for every priority from the highest down the blocks of its pilots (most),
/// all blocks (most), the largest number of blocks that anybody is short of (least), published blocks that are not kept (least).
[[nodiscard]] std::vector<int> objectives_of(const WeekProblem& problem, const std::vector<WeekBlock>& blocks);

struct WeekPlan {
    bool optimal = true;           ///< proven; otherwise it was stopped
    std::vector<int> objective;    ///< see objectives_of()
    double gap = 0;                ///< of the objective that was being improved when it was stopped, a share; 0: optimal
    std::vector<WeekBlock> blocks; ///< by slot, bay and pilot
};

struct PlanOptions {
    double most_s = 60;                              ///< for all of it
    std::function<bool(int done, int of)> goes_on{}; ///< asked between objectives; false stops it
};
/// Solved as one integer program after the other by CBC (Debian), each in its share of the time. CBC is not safe in two threads
/// at once: whoever calls sees to that. OutOfRange where there is more than it can take (two million places for a block).
[[nodiscard]] Result<WeekPlan> plan_week(const WeekProblem& problem, const PlanOptions& options = {});

} // namespace bh
