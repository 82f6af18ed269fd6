#pragma once

#include "core/base/message.h"
#include "core/drill/drill_runner.h"

namespace bh {

/// Times of a log.
struct TimeSpan {
    double from_s = 0, to_s = 0;
};

struct CriterionScore {
    Criterion criterion;
    std::optional<double> value;    ///< nothing when the flight never got to it
    double marks = 0;               ///< 0…100
    std::optional<TimeSpan> span{}; ///< of the log that the value was taken from; of several, the one that counted
    [[nodiscard]] bool passed() const { return value && marks >= 60 - 1e-9; }
};

struct FaultFound {
    Fault fault;
    double value = 0;               ///< over the fault's limit
    std::optional<TimeSpan> span{}; ///< of the log; nothing for a gap between sides
    /// "Rocking, 34 % from 12 s to 61 s: smaller movements."
    [[nodiscard]] Message in_words() const;
};

struct Score {
    std::string drill_id;
    int drill_version = 1;
    double score = 0; ///< weighted mean of the marks, 0…100
    bool passed = false;
    bool holds = false; ///< passed so well that it counts towards holding the drill, see most_rocking_to_hold
    std::vector<CriterionScore> criteria;
    std::vector<RuleViolation> disqualified;
    double flown_s = 0;
    std::optional<double> left_minus_right; ///< mean marks of the sides' criteria; nothing before both have been flown
    std::optional<double> rocking_share;    ///< of the whole flight, with any stick; nothing where nobody measured it
    std::vector<double> throttle_cuts_s;    ///< for each crash, until the throttle was at the bottom (or the log ended)
    std::vector<FaultFound> faults{};       ///< looked for when the drill is over: the farthest over its limit first
};

/// So many faults are told at once: nobody works on more.
inline constexpr std::size_t most_faults_told = 3;

/// A drill is not held on flights that rock for more of their time (house).
inline constexpr double most_rocking_to_hold = 0.25;

/// Rocking for more of a phase than that is not a pass, or of the whole flight, unless a phase asks for it. In shorter phases
/// than so many seconds, which a few swings fill, it is only told (house).
inline constexpr double most_rocking_to_pass = 0.5, rough_from_s = 8;

/// Marks for a value: 0 at fail, 60 at pass, 100 at merit, straight lines between, flat outside.
[[nodiscard]] double marks_for(const Criterion& criterion, double value) noexcept;

/// Scores what the runner has seen of the log so far. A drill that ended early is worth the share of its phases that was
/// flown.
[[nodiscard]] Score score(const DrillRunner& runner, const FlightLog& log);

/// Adds up the criteria's values to marks and the score; the runner and its log are not needed for that.
/// `finished`: the drill was flown to its end. A criterion that is left out has no weight; a `must` that is left out has to
/// be judged before the drill is passed.
[[nodiscard]] Score totalled(const Drill& drill, std::vector<CriterionScore> criteria, std::vector<RuleViolation> disqualified,
                             bool finished, bool unmeasured_counts);

/// What is to be said of it: passed, or what failed and what to do about it; what the throttle did after a crash, and the gravest
/// fault that showed itself.
[[nodiscard]] Message summary_of(const Score& score);

/// Runs a whole log through a drill and scores it. BadInput when the log is never armed or carries no positions.
[[nodiscard]] Result<Score> score_log(const Drill& drill, const FlightLog& log);

} // namespace bh
