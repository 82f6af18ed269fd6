#pragma once

#include "core/base/message.h"
#include "core/base/side.h"
#include "core/base/units.h"
#include "core/base/unix_time.h"
#include "core/controller/calibration.h"
#include "core/controller/grip_trial.h"
#include "core/drill/drill_score.h"
#include "core/drill/free_flight.h"
#include "core/setup/flown_with.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

/// What a school keeps of its people, their controllers, practice and attempts, as plain values.
namespace bh {

/// What somebody at a station may do, from the least; see rights.h of the school.
enum class Role : std::uint8_t { Station, Pilot, Instructor, Coordinator };
[[nodiscard]] std::string_view role_key(Role role);
[[nodiscard]] std::optional<Role> role_from_key(std::string_view key);

/// A coordinator or an instructor.
struct Person {
    std::string id;
    std::string name;
    Role role = Role::Instructor;
    std::string passphrase;   ///< what is kept of it (see passphrase.h)
    bool active = true;       ///< may unlock
    std::string key{};        ///< to sign releases with, public; empty: none yet (see signing_key.h)
    std::string sealed_key{}; ///< and its secret part, sealed with a passphrase
};

struct Pilot {
    std::string id;
    std::string name;
    std::string curriculum = "first-steps";
    double target_h = 20;
    bool archived = false;
    int stick_mode = 2;  ///< 1…4
    bool erased = false; ///< who it was can be told no more; in no entry of the pilot, but in one of its own
    bool operator==(const Pilot&) const = default;
};

struct KnownController {
    std::string id;
    std::string name; ///< as the device calls itself
    std::string guid; ///< of the device model
};

struct KeptCalibration {
    std::string id;
    std::string controller_id;
    UnixTime at = 0;
    Calibration calibration;
    UnixTime verified_at = 0; ///< 0: not verified, and then not to be flown with
};

/// The latest tick of one item of a kit checklist, "LIST/ITEM".
struct ItemTick {
    std::string item;
    UnixTime at = 0;
    bool ticked = false;
};

/// One round of the tapping task with one grip.
struct GripRound {
    std::string id;
    std::string pilot_id;
    UnixTime at = 0;
    Grip grip = Grip::Thumb;
    double throughput_bps = 0;
    double mean_time_s = 0;
    int taps = 0;
};

/// What a pilot looked at.
enum class Viewing : std::uint8_t { NotSaid, Screen, Goggles };
[[nodiscard]] std::string_view viewing_key(Viewing viewing); ///< "", "screen", "goggles"
[[nodiscard]] std::optional<Viewing> viewing_from_key(std::string_view key);

struct Session {
    std::string id;
    std::string pilot_id;
    std::string controller_id; ///< empty for the simulated controller
    UnixTime started_at = 0;
    UnixTime ended_at = 0; ///< 0 while it runs
    double active_s = 0;
    double idle_s = 0;
    std::string recording;   ///< practice in another program: the file with the sticks beside the record; empty when flown here
    bool matched = false;    ///< on rates that were matched with the real aircraft's when it began
    std::string simulator{}; ///< practice in another program: its profile's id; empty when flown here, or not known
    std::string by_hand{};   ///< why nobody measured it; empty when it was
    Viewing viewing = Viewing::NotSaid;
};

/// How far a running session has come, as it was noted last.
struct NotedTime {
    double active_s = 0, idle_s = 0;
    UnixTime at = 0;
};

/// A criterion as an attempt was judged by it. Of entries written before the record kept codes, the measure is not known.
struct JudgedCriterion {
    std::optional<Measure> measure{};
    std::string label{};
    Unit unit = Unit::Count;
    std::optional<Side> side{};
    double weight = 1;
    std::optional<double> value{};
    double fail = 0, pass = 0, merit = 0;
    double marks = 0;
    bool must = false;
    bool to_hold = false;
    bool if_any = false;
    std::optional<Limits> below{};  ///< of a band
    std::optional<TimeSpan> span{}; ///< of the flight log that the value was taken from
};

struct JudgedFault {
    Measure measure = Measure::RockingShare;
    std::string label;
    double more_than = 0;
    double value = 0;
    std::optional<TimeSpan> span{};
};

struct Attempt {
    std::string id;
    std::string pilot_id;
    std::string session_id;
    std::string drill_id;
    int drill_version = 1;
    UnixTime at = 0;
    Mode mode = Mode::Acro;
    double score = 0;
    bool passed = false;
    bool holds = false; ///< counts towards holding the drill; of older entries: passed
    double flown_s = 0;
    std::string log_hash;     ///< names the flight log beside the record; empty where there is none
    std::string curriculum{}; ///< id of the pilot's at the time
    int curriculum_version = 0;
    bool observed = false;                    ///< flown elsewhere under somebody's eyes
    std::string simulator{};                  ///< id of where it was flown; empty: here, or somewhere that is not known here
    std::optional<double> left_minus_right{}; ///< marks of the sides
    std::vector<double> throttle_cuts_s{};    ///< for each crash
    std::string demonstration{};              ///< hash of the flight log that was shadowed
    std::string world{};                      ///< id, of a free flight
    std::string found{};                      ///< what was found in it, see tally_text(); empty: nobody looked
    /// Of entries written before the record kept codes: sentences and names as they were shown then.
    struct InWords {
        std::string summary, flown_with, simulator;
    };
    std::optional<InWords> in_words{};
    /// Flown without a drill: there is no score.
    [[nodiscard]] bool free() const { return drill_id == free_flight_id; }
};

/// An attempt with what it was flown with and judged by, which lists of attempts leave out.
struct JudgedAttempt : Attempt {
    std::string shadowed{};                ///< id of the drill that the shadowed flight shows
    std::optional<FlownWith> flight{};     ///< nothing: flown elsewhere, or written before the record kept it
    std::optional<double> rocking_share{}; ///< of the whole flight
    std::vector<RuleViolation> disqualified{};
    std::vector<JudgedFault> faults{};
    std::vector<JudgedCriterion> criteria{};
};

/// A stage that a coordinator opened for a pilot by hand.
struct OpenedStage {
    std::string pilot_id;
    std::string curriculum; ///< id
    std::string stage;      ///< name
    std::string reason;
    UnixTime at = 0;
};

/// The flight that shows how a drill is flown.
struct Demonstration {
    std::string attempt_id;
    UnixTime at = 0;
};

/// An attempt as it stands in the record, from a score.
[[nodiscard]] JudgedAttempt judged_attempt(const Score& score, Mode mode);

/// Of a free flight: what a score said of goals is left out.
[[nodiscard]] JudgedAttempt without_score(JudgedAttempt flight);

/// The criteria alone, as in judged_attempt().
[[nodiscard]] std::vector<JudgedCriterion> judged_criteria(const Score& score);

/// The score that an attempt was judged by, made from its codes. The drill, where it is still there, knows the advice.
[[nodiscard]] Score score_of(const JudgedAttempt& attempt, const Drill* drill);

/// What an attempt says about itself, made from its codes; the drill, where it is still there, knows the advice.
[[nodiscard]] Message summary_of(const JudgedAttempt& attempt, const Drill* drill);

} // namespace bh
