#pragma once

#include "core/base/message.h"
#include "core/progress/house_limits.h"

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// What is known of a pilot. Days are whole local days since 1970-01-01; nothing: it is not known.
struct ReadinessFacts {
    double hours = 0, matched_hours = 0;
    double weekly_hours = 0, weekly_matched_hours = 0; ///< mean of four weeks
    double weekly_roof_minutes = 0, weekly_hours_in_simulator = 0;
    int stages = 0, stages_held = 0;
    Message stage_next;                  ///< the drill that is missing first
    bool has_sides = false;              ///< a drill of the curriculum is flown to both
    std::vector<Message> side_gaps;      ///< a sentence for each drill whose sides lie apart
    std::vector<Message> side_doubts;    ///< a sentence for each of which that cannot be known yet
    std::vector<double> throttle_cuts_s; ///< after each crash, the newest last
    /// Names of the curriculum's drills that are flown under a roof, ask for the panic switch, and rehearse the first day; empty:
    /// the curriculum has none, so that its gate can only be met elsewhere.
    std::string roof_drill, panic_drill, rehearsal_drill;
    double roof_minutes = 0;
    int panic_passes = 0;
    std::optional<std::int64_t> calibrated_day;
    Message controller_fault;      ///< what is wrong with it, a sentence; empty: it is good
    std::string match;             ///< for which simulator; empty: rates were not matched
    Message match_stale;           ///< why it holds no more; empty: it holds
    double hours_in_simulator = 0; ///< on the matched rates, since they were matched
    std::optional<std::int64_t> last_practice_day;
    std::vector<std::int64_t> rehearsal_days; ///< on which the rehearsal was passed, each once
    int rocking_flights = 0;                  ///< of the last five that tell of it
    double rocking_share = 0;
    Message strong_habit; ///< empty: none
    std::optional<double> sickness_total;
    bool by_screen = false;      ///< practises by the screen
    std::optional<bool> as_real; ///< the practised aircraft is as the real one is; nothing: no set-up
    Message eased;               ///< what is eased yet, in words
    std::optional<bool> briefed; ///< nothing: no briefing was begun
};

enum class GateState : std::uint8_t { Met, NotYet, Unknown };
[[nodiscard]] std::string_view gate_state_key(GateState state); ///< "met", "not yet", "unknown"

struct ReadinessGate {
    std::string_view id, name; ///< "throttle-cut", "Throttle after a crash"
    GateState state = GateState::Unknown;
    std::optional<std::int64_t> by_day; ///< when it is met at the present pace; nothing: that cannot be said, or it is met
    Message evidence;                   ///< a sentence
};

/// Every gate, in the order in which they are usually met. That all are met is advice: a coordinator decides, and the law. What
/// must be true before a first flight on a real aircraft is all house or common practice, all adjustable.
[[nodiscard]] std::vector<ReadinessGate> readiness(const ReadinessFacts& facts, std::int64_t today,
                                                   const HouseLimits& house = {});
[[nodiscard]] bool all_met(const std::vector<ReadinessGate>& gates);

} // namespace bh
