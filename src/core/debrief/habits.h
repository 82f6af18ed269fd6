#pragma once

#include "core/base/message.h"
#include "core/base/stats.h"
#include "core/debrief/tally.h"
#include "core/flight/modes.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace bh {

/// A flight as far as habits are concerned.
struct FlightOfHabits {
    std::string drill_id;
    Mode mode = Mode::Acro;
    FlightTally tally;
};

/// One kind of finding over a pilot's last flights.
struct Habit {
    FindingKind kind = FindingKind::Rocking;
    int flights = 0, at_fault = 0;             ///< those that say something of it, and those of them with a fault
    std::vector<std::optional<double>> values; ///< flight by flight, the newest last; nothing: it says nothing of it
    std::vector<bool> faults;                  ///< of the same flights
    std::vector<double> weights;               ///< of the same flights: of each one's weightiest fault, 0 for none
    std::optional<SlopeInterval> trend;        ///< of the values, a flight; nothing for fewer than four
    struct Share {
        int flights = 0, at_fault = 0;
    };
    std::map<std::string, Share> by_mode, by_drill; ///< by key
    std::array<FindingTally::OfSide, 2> sides{};    ///< findings to the left and to the right
    /// At fault in at least three of its last five flights (house).
    [[nodiscard]] bool strong() const;
    [[nodiscard]] int at_fault_lately() const; ///< of its last five
    [[nodiscard]] int flights_lately() const;  ///< at most five
    /// Danger times amount: the sum of weights over those.
    [[nodiscard]] double weight_lately() const;
};

/// "Rocking at fault in 4 of the last 5 flights"
[[nodiscard]] Message habit_in_words(const Habit& habit);

/// Of flights, the newest last; kinds that were ever at fault, the weightiest over the last flights first: not what is seen most
/// often, but what breaks aircraft or hides the rest.
[[nodiscard]] std::vector<Habit> habits(const std::vector<FlightOfHabits>& flights);

} // namespace bh
