#pragma once

#include "core/base/message.h"
#include "core/base/units.h"
#include "core/progress/practice_curve.h"
#include "core/progress/standing.h"

#include <optional>
#include <string>
#include <vector>

namespace bh {

/// What a pilot's attempts at one drill came to, attempt by attempt.
struct DrillTrials {
    std::string drill_id, name;
    std::vector<double> marks;
    std::vector<std::int64_t> days; ///< of the same attempts
    /// The criterion that weighs most of those that a pass needs.
    struct Leading {
        std::string label;
        Unit unit = Unit::Count;
        Trials trials; ///< attempts in which it could be measured
        double limit = 0;
    };
    std::optional<Leading> leading;
    DrillStanding standing;
    std::optional<double> usual_slope; ///< marks an attempt that the school's pilots gained here; nothing: not known
    double attempts_a_week = 0; ///< at this drill, over four weeks; where there were none, over the time in which it was flown
};

/// Marks that pass, of 100.
inline constexpr double marks_to_pass = 60;

/// What can be said of when it is passed and held.
struct DrillOutlook {
    std::string drill_id, name;
    Trials marks;
    std::optional<PracticeCurve> curve;
    std::optional<PracticeForecast> pass; ///< of the marks' curve, 80 % interval
    std::optional<DrillTrials::Leading> leading;
    std::optional<PracticeCurve> leading_curve;
    std::optional<PracticeForecast> leading_pass;
    Progress progress = Progress::There; ///< of the marks
    [[nodiscard]] bool no_progress() const { return progress == Progress::None; }
    DrillState state = DrillState::Untried;
    /// The attempt and the day of a pass and of holding; nothing: it is there, or that cannot be said.
    std::optional<double> pass_trial, hold_trial;
    std::optional<std::int64_t> pass_day, pass_low_day, pass_high_day, hold_day;
    Message words; ///< a line: where it stands
};
/// A pass is taken for the later one of the marks' and the leading measure's. Holding it takes so many passes on so many days
/// after that as the rules say, each attempt a pass: the earliest that it can be.
[[nodiscard]] DrillOutlook drill_outlook(const DrillTrials& trials, std::int64_t today, const HouseLimits& house);

} // namespace bh
