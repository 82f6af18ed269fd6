#include "core/debrief/habits.h"

#include <algorithm>

namespace bh {
namespace {

constexpr int lately = 5;

Habit habit_of(FindingKind kind, const std::vector<FlightOfHabits>& flights)
{
    Habit h;
    h.kind = kind;
    std::vector<double> when, values;
    for (const FlightOfHabits& f : flights) {
        const FindingTally* t = f.tally.of(kind);
        h.values.push_back(t ? std::optional(t->value) : std::nullopt);
        h.faults.push_back(t && t->faults > 0);
        h.weights.push_back(t ? t->weight : 0);
        if (!t) continue;
        const bool at_fault = t->faults > 0;
        when.push_back(h.flights), values.push_back(t->value);
        ++h.flights, h.at_fault += at_fault;
        for (Habit::Share* share : {&h.by_mode[std::string(mode_key(f.mode))], &h.by_drill[f.drill_id]})
            ++share->flights, share->at_fault += at_fault;
        for (std::size_t side = 0; side < t->sides.size(); ++side) {
            h.sides[side].seen += t->sides[side].seen;
            h.sides[side].faults += t->sides[side].faults;
        }
    }
    constexpr int least = 4;
    if (h.flights >= least) h.trend = slope_interval(when, values);
    return h;
}

} // namespace

int Habit::flights_lately() const { return std::min(lately, flights); }

int Habit::at_fault_lately() const
{
    int looked_at = 0, found = 0;
    for (std::size_t i = values.size(); i-- > 0 && looked_at < lately;)
        if (values[i]) ++looked_at, found += faults[i];
    return found;
}

double Habit::weight_lately() const
{
    int looked_at = 0;
    double sum = 0;
    for (std::size_t i = values.size(); i-- > 0 && looked_at < lately;)
        if (values[i]) ++looked_at, sum += weights[i];
    return sum;
}

bool Habit::strong() const
{
    constexpr int enough = 3;
    return at_fault_lately() >= enough;
}

Message habit_in_words(const Habit& habit)
{
    return message("%1 at fault in %2 of the last %3 flights", message(finding_name(habit.kind)), habit.at_fault_lately(),
                   habit.flights_lately());
}

std::vector<Habit> habits(const std::vector<FlightOfHabits>& flights)
{
    std::vector<Habit> all;
    for (const FindingFacts& facts : finding_kinds())
        if (Habit h = habit_of(facts.kind, flights); h.at_fault > 0) all.push_back(std::move(h));
    std::stable_sort(all.begin(), all.end(), [](const Habit& a, const Habit& b) {
        return std::pair(a.weight_lately(), a.at_fault) > std::pair(b.weight_lately(), b.at_fault);
    });
    return all;
}

} // namespace bh
