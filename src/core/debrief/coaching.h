#pragma once

#include "core/debrief/debrief.h"

#include <string>
#include <vector>

namespace bh {

/// What to change when something is found. Rules are data, see data/coaching.
struct CoachingRule {
    std::string id;
    FindingKind finding = FindingKind::Rocking;
    std::string cause;             ///< the likely one, a sentence
    std::string change;            ///< one thing, a sentence
    std::vector<Measure> measures; ///< of a drill, that get better with it
    double gain_share = 0.5;       ///< of the marks lost in them, that are expected back (house)
    int at_least = 1;              ///< so often in the flight
};

/// One thing to change, with why.
struct Advice {
    std::string rule, cause, change;
    std::string evidence;                 ///< "3 times, the weightiest from 12.0 s to 18.4 s: 1.6 Hz, …"
    std::optional<double> expected_marks; ///< of 100; nothing: no drill is known, or it is not judged by that
    double weight = 0;
};

/// Nobody works on more.
inline constexpr std::size_t most_advice = 3;

/// From what was found, the weightiest first. `score` is the drill's, where there is one.
[[nodiscard]] std::vector<Advice> advise(const Debrief& debrief, const std::vector<CoachingRule>& rules, const Score* score);

} // namespace bh
