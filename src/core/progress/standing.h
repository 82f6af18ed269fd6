#pragma once

#include "core/progress/curriculum.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace bh {

/// One scored flight as far as progress is concerned. Days are whole local days since 1970-01-01.
struct AttemptFact {
    std::string drill_id;
    std::int64_t day = 0;
    double score = 0;
    bool passed = false;
    double flown_s = 0;
};

/// House rules for when a drill is mastered, all adjustable.
struct MasteryRules {
    int passes = 3;
    int days = 2;
    int currency_days = 30;
};

enum class DrillState { Untried, Tried, Due, Held };

/// Where a pilot stands with one drill. Due = it was held, but the latest pass is older than the currency window.
struct DrillStanding {
    DrillState state = DrillState::Untried;
    int attempts = 0;
    int passes = 0;
    int pass_days = 0;
    int failed_in_a_row = 0;
    std::optional<double> best;
    std::optional<double> last;
    std::int64_t last_pass_day = 0;
    std::string next; ///< what is missing, in words
};

/// Attempts of one pilot in time order; those of other drills are passed over.
[[nodiscard]] DrillStanding drill_standing(const std::vector<AttemptFact>& attempts, const std::string& drill_id,
                                           std::int64_t today, const MasteryRules& rules = {});

struct PracticeFact {
    std::int64_t day = 0;
    double active_s = 0;
};

/// What is known of a pilot, for the board.
struct PilotFacts {
    std::vector<AttemptFact> attempts;  ///< in time order
    std::vector<PracticeFact> practice; ///< in time order
    std::optional<std::int64_t> calibrated_day; ///< of the controller last flown with, or any when nothing was flown
    std::string controller_drift; ///< what has drifted on that controller, a sentence; empty when nothing has
    double target_h = 20;
};

enum class StageState { Open, Partly, Held };

struct PilotStanding {
    std::vector<StageState> stages;
    double hours = 0;
    double hours_last_7_days = 0;
    std::vector<double> weekly_hours; ///< the last 8 weeks, oldest first, the last one ends today
    std::optional<std::int64_t> last_practice_day;
    std::string next_drill;  ///< id; empty when every stage is held
    std::string next_reason; ///< why that one
    bool needs_attention = false;
    std::string attention; ///< the one reason to look at this pilot, or what comes next
    enum class Go { Nowhere, Controller, Drills } go = Go::Nowhere; ///< where that is done
};

/// `drill_name` gives people's names for drill ids.
[[nodiscard]] PilotStanding pilot_standing(const PilotFacts& facts, const Curriculum& curriculum, std::int64_t today,
                                           const std::vector<std::pair<std::string, std::string>>& drill_names,
                                           const MasteryRules& rules = {});

} // namespace bh
