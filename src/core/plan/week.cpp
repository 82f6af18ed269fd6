#include "core/plan/week.h"

#include <algorithm>
#include <array>
#include <bit>
#include <map>
#include <set>

namespace bh {
namespace {

bool contains(const std::vector<int>& list, int value) { return std::find(list.begin(), list.end(), value) != list.end(); }

/// The bay has one of them, or none is asked for.
bool has_one(const std::vector<std::string>& asked, const std::vector<std::string>& there)
{
    return asked.empty() || std::any_of(asked.begin(), asked.end(), [&](const std::string& wanted) {
               return std::find(there.begin(), there.end(), wanted) != there.end();
           });
}

/// Whether a block by itself keeps one of the rules that are about single blocks.
bool keeps(const WeekProblem& problem, const WeekBlock& b, WeekRule rule)
{
    const WeekPilot& pilot = problem.pilots[static_cast<std::size_t>(b.pilot)];
    const WeekBay& bay = problem.bays[static_cast<std::size_t>(b.bay)];
    switch (rule) {
    case WeekRule::Availability: return contains(pilot.available, b.slot);
    case WeekRule::Simulator: return has_one(pilot.simulators, bay.simulators);
    case WeekRule::Controller: return has_one(pilot.controllers, bay.controllers);
    case WeekRule::Coordinator:
        return !pilot.needs_coordinator || problem.time_slots[static_cast<std::size_t>(b.slot)].coordinator;
    case WeekRule::ClosedBay: return !contains(bay.closed, b.slot);
    default: return true;
    }
}

constexpr std::array single_rules{WeekRule::Availability, WeekRule::Simulator, WeekRule::Controller, WeekRule::Coordinator,
                                  WeekRule::ClosedBay};

/// The most blocks that a pilot could have with some of the rules alone, the others' blocks staying where they are.
int most_with(const WeekProblem& problem, const std::vector<WeekBlock>& others, int pilot, const std::set<WeekRule>& rules)
{
    std::set<std::pair<int, int>> taken; // bay and slot
    if (rules.contains(WeekRule::BaysFull))
        for (const WeekBlock& b : others) taken.emplace(b.bay, b.slot);
    std::map<std::string, int> a_day;
    for (int slot = 0; slot < static_cast<int>(problem.time_slots.size()); ++slot)
        for (int bay = 0; bay < static_cast<int>(problem.bays.size()); ++bay) {
            const WeekBlock block{pilot, bay, slot};
            const bool fits = std::all_of(rules.begin(), rules.end(), [&](WeekRule r) { return keeps(problem, block, r); });
            if (!fits || taken.contains({bay, slot})) continue;
            ++a_day[problem.time_slots[static_cast<std::size_t>(slot)].day];
            break; // one bay at a time
        }
    const int most_per_day = problem.pilots[static_cast<std::size_t>(pilot)].most_per_day;
    int most = 0;
    for (const auto& [day, blocks] : a_day)
        most += rules.contains(WeekRule::BlocksADay) ? std::min(blocks, most_per_day) : blocks;
    return most;
}

/// What could be lifted so that there is room for one block more than `own`: every rule that does it alone; where none does, the
/// smallest set that does together.
ShortPilot why_short(const WeekProblem& problem, const std::vector<WeekBlock>& others, int pilot, int own)
{
    ShortPilot told{pilot, problem.pilots[static_cast<std::size_t>(pilot)].wanted_blocks - own, {}, false};
    constexpr std::array all{WeekRule::Availability, WeekRule::Simulator,  WeekRule::Controller, WeekRule::Coordinator,
                             WeekRule::ClosedBay,    WeekRule::BlocksADay, WeekRule::BaysFull};
    const auto makes_room = [&](unsigned lifted) {
        std::set<WeekRule> kept;
        for (std::size_t i = 0; i < all.size(); ++i)
            if (!(lifted >> i & 1U)) kept.insert(all[i]);
        return most_with(problem, others, pilot, kept) > own;
    };
    if (makes_room(0)) return told;
    unsigned alone = 0, fewest = 0;
    for (unsigned lifted = 1; lifted < 1U << all.size(); ++lifted) {
        if (fewest > 0 && std::popcount(lifted) >= std::popcount(fewest) && std::popcount(lifted) > 1) continue;
        if (!makes_room(lifted)) continue;
        if (std::popcount(lifted) == 1) alone |= lifted;
        if (fewest == 0 || std::popcount(lifted) < std::popcount(fewest)) fewest = lifted;
    }
    const unsigned availability = 1; // where nothing helps: there are no more slots in the week at all
    const unsigned named = alone > 0 ? alone : fewest > 0 ? fewest : availability;
    for (std::size_t i = 0; i < all.size(); ++i)
        if (named >> i & 1U) told.because.push_back(all[i]);
    told.together = alone == 0 && told.because.size() > 1;
    return told;
}

} // namespace

std::string_view week_rule_words(WeekRule rule)
{
    constexpr std::array<std::string_view, 9> words{label("available slots"),
                                                    label("no bay with the simulator"),
                                                    label("no bay with the controller"),
                                                    label("needs the coordinator"),
                                                    label("bay closed"),
                                                    label("blocks a day"),
                                                    label("bays full"),
                                                    label("two places at once"),
                                                    label("more blocks than wanted")};
    return words[static_cast<std::size_t>(rule)];
}

std::vector<BrokenRule> broken_rules(const WeekProblem& problem, const std::vector<WeekBlock>& blocks)
{
    std::vector<BrokenRule> broken;
    std::map<std::pair<int, int>, int> in_bay, of_pilot;
    std::map<std::pair<int, std::string>, int> a_day;
    std::map<int, int> in_all;
    for (const WeekBlock& b : blocks) {
        for (const WeekRule rule : single_rules)
            if (!keeps(problem, b, rule)) broken.push_back({rule, b});
        const WeekPilot& pilot = problem.pilots[static_cast<std::size_t>(b.pilot)];
        if (++in_bay[{b.bay, b.slot}] > 1) broken.push_back({WeekRule::BaysFull, b});
        if (++of_pilot[{b.pilot, b.slot}] > 1) broken.push_back({WeekRule::TwoPlaces, b});
        if (++a_day[{b.pilot, problem.time_slots[static_cast<std::size_t>(b.slot)].day}] > pilot.most_per_day)
            broken.push_back({WeekRule::BlocksADay, b});
        if (++in_all[b.pilot] > pilot.wanted_blocks) broken.push_back({WeekRule::TooMany, b});
    }
    return broken;
}

std::vector<ShortPilot> short_pilots(const WeekProblem& problem, const std::vector<WeekBlock>& blocks)
{
    std::vector<ShortPilot> all;
    for (int p = 0; p < static_cast<int>(problem.pilots.size()); ++p) {
        std::vector<WeekBlock> others;
        int own = 0;
        for (const WeekBlock& b : blocks)
            if (b.pilot == p)
                ++own;
            else
                others.push_back(b);
        if (own < problem.pilots[static_cast<std::size_t>(p)].wanted_blocks) all.push_back(why_short(problem, others, p, own));
    }
    return all;
}

std::vector<int> objectives_of(const WeekProblem& problem, const std::vector<WeekBlock>& blocks)
{
    std::map<int, int, std::greater<>> by_priority;
    for (const WeekPilot& p : problem.pilots) by_priority[p.priority] += 0;
    std::vector<int> own(problem.pilots.size());
    for (const WeekBlock& b : blocks) {
        ++by_priority[problem.pilots[static_cast<std::size_t>(b.pilot)].priority];
        ++own[static_cast<std::size_t>(b.pilot)];
    }
    std::vector<int> objectives;
    for (const auto& [priority, placed] : by_priority) objectives.push_back(placed);
    objectives.push_back(static_cast<int>(blocks.size()));
    int shortest = 0;
    for (std::size_t p = 0; p < own.size(); ++p) shortest = std::max(shortest, problem.pilots[p].wanted_blocks - own[p]);
    objectives.push_back(shortest);
    const std::set<WeekBlock> kept(blocks.begin(), blocks.end());
    objectives.push_back(static_cast<int>(std::count_if(problem.published.begin(), problem.published.end(),
                                                        [&](const WeekBlock& b) { return !kept.contains(b); })));
    return objectives;
}

} // namespace bh
