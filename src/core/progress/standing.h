#pragma once

#include "core/base/message.h"
#include "core/progress/curriculum.h"
#include "core/progress/house_limits.h"

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
    bool holds = false; ///< passed so well that it counts towards holding the drill
    double flown_s = 0;
    std::optional<double> left_minus_right; ///< marks, where the drill has sides
    std::vector<double> throttle_cuts_s;    ///< for each crash
    bool free = false;                      ///< flown without a drill, and without a score
    std::string world{};                    ///< id, of a free flight
};

/// What has to be known of a drill besides its id.
struct DrillFact {
    std::string id;
    std::string name;
    double least_minutes = 0; ///< of practice before it can be held
    std::string world{};      ///< id; free flights there count towards those minutes
};

enum class DrillState { Untried, Tried, Due, Held };

/// How far the sides lie apart over the last attempts that flew both: the mean of left minus right, and where it lies with 95 %
/// (Student's t), from three attempts on.
struct SideGap {
    double left_minus_right = 0;
    double low = 0, high = 0;
    int attempts = 0;
    double told_above = 15; ///< marks
};

/// Where a pilot stands with one drill. Due = it was held, but the latest pass is older than the currency window.
struct DrillStanding {
    DrillState state = DrillState::Untried;
    int attempts = 0;
    int passes = 0;
    int holding = 0;      ///< passes that count towards holding it
    int holding_days = 0; ///< on which there was one
    int failed_in_a_row = 0;
    std::int64_t failing_since_day = 0; ///< the first of those
    std::optional<double> best;
    std::optional<double> last;
    std::int64_t last_pass_day = 0;     ///< of those that count towards holding it
    double minutes = 0;                 ///< flown of it in all
    std::optional<double> trend;        ///< points from attempt to attempt over the last five; nothing before the third
    int flown_both_sides = 0;           ///< attempts
    std::optional<SideGap> sides;       ///< nothing before three attempts that flew both
    bool waits_for_another_day = false; ///< nothing else is missing, and it was passed today
    Message next;                       ///< what is missing
};

/// Attempts of one pilot in time order; those of other drills are passed over.
[[nodiscard]] DrillStanding drill_standing(const std::vector<AttemptFact>& attempts, const DrillFact& drill, std::int64_t today,
                                           const HouseLimits& house = {});

/// Where a pilot stands with each of a curriculum's free blocks, in their order: what was flown freely fills the first block that
/// it fits, then the next. Held once its minutes are flown.
[[nodiscard]] std::vector<DrillStanding> free_standings(const std::vector<AttemptFact>& attempts, const Curriculum& curriculum);

/// "right 18 points behind left over the last 6 attempts"; empty while the gap is small, or may be chance.
[[nodiscard]] Message side_gap_in_words(const DrillStanding& standing);
/// Why it cannot be known, of a drill that has sides, whether they lie apart, and how many attempts are missing; empty where it
/// can.
[[nodiscard]] Message side_doubt_in_words(const DrillStanding& standing);

/// The habit after crashes: how many there were and how many throttles were at the bottom within a second.
struct ThrottleCutHabit {
    int crashes = 0;
    int within_1_s = 0;
    std::optional<double> last_s;
};
[[nodiscard]] ThrottleCutHabit throttle_cut_habit(const std::vector<AttemptFact>& attempts);

struct PracticeFact {
    std::int64_t day = 0;
    double active_s = 0;
    bool matched = false; ///< on rates that were matched with the real aircraft's
};

/// What is known of a pilot, for the board.
struct PilotFacts {
    std::vector<AttemptFact> attempts;          ///< in time order
    std::vector<PracticeFact> practice;         ///< in time order
    std::optional<std::int64_t> calibrated_day; ///< of the controller last flown with, or any when nothing was flown
    bool symptoms_today = false;                ///< the sickness questionnaire's score was above the house's limit
    Message controller_drift;                   ///< what has drifted on that controller, a sentence; empty when nothing has
    Message stale_match;                        ///< why the match of the rates holds no more, a sentence; empty when it does
    std::optional<std::int64_t> stale_since_day{};
    Message strong_habit; ///< what goes wrong flight after flight, a sentence; empty when nothing does
    double target_h = 20;
    std::vector<std::string> opened_stages; ///< of the curriculum, by name: opened by hand
};

/// Locked: the stage before it is not passed or held yet, as the curriculum says. Open: nothing of it has been flown. A drill
/// that is due again does not lock what comes after it.
enum class StageState { Locked, Open, Partly, Held };

/// One drill of the pilot's ladder.
struct LadderStep {
    std::string drill_id;
    std::size_t stage = 0;
    bool locked = false;
    DrillStanding standing;
};

/// Why to look at a pilot, the gravest first.
enum class Cause : std::uint8_t {
    Symptoms,
    NoCalibration,
    NeverPractised,
    Rest,
    Failing,
    OldCalibration,
    Drift,
    StaleMatch,
    Habit,
    Slow ///< too few hours a week: told, but no reason to stop at this pilot
};

struct PilotStanding {
    enum class Go : std::uint8_t { Nowhere, Controller, Drills, Rates, Debrief, FirstFlight, Progress };
    struct Look {
        Cause cause = Cause::Symptoms;
        Message words; ///< a sentence
        Go go = Go::Nowhere;
        std::optional<std::int64_t> since_day{}; ///< nothing: not known
    };
    std::vector<Look> looks; ///< the gravest first
    std::vector<StageState> stages;
    std::vector<LadderStep> ladder; ///< every drill of every stage, in order
    ThrottleCutHabit throttle_cuts;
    double hours = 0;
    double hours_matched = 0; ///< of them on rates that were matched with the real aircraft's at the time
    double hours_last_7_days = 0;
    std::vector<double> weekly_hours; ///< the last 8 weeks, oldest first, the last one ends today
    std::optional<std::int64_t> last_practice_day;
    std::string next_drill;       ///< id; empty when every stage is held
    Message next_reason;          ///< why that one
    bool needs_attention = false; ///< there is something to look at besides few hours
    Message attention;            ///< the gravest reason to look at this pilot, or what comes next
    Go go = Go::Nowhere;          ///< where that is done
};

/// `drills` tells what has to be known of them; one that is not there goes by its id.
///
/// The next best drill is the first of the open stages that is not held, but for those that only wait for another day; when
/// every one of those is flown, one of the open stages whose sides lie far apart.
[[nodiscard]] PilotStanding pilot_standing(const PilotFacts& facts, const Curriculum& curriculum, std::int64_t today,
                                           const std::vector<DrillFact>& drills, const HouseLimits& house = {});

} // namespace bh
