#pragma once

#include "core/drill/measures.h"
#include "core/flight/flight.h"
#include "core/result.h"

#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace bh {

/// A place in the frame of a drill: from its start along its heading, and to the right.
struct DrillPlace {
    double along_m = 0;
    double across_m = 0;
    std::optional<double> height_m; ///< where a way has one of its own
};

/// What ends a phase.
struct Goal {
    enum class Kind : std::uint8_t {
        ReachHeight, ///< within within_m of the phase's height, kept for for_s
        Stay,        ///< for_s have gone by
        Run,         ///< distance_m along the drill's heading, from where the phase began
        Land,        ///< standing on the ground, throttle at the bottom (or motors off) for for_s
        Go,          ///< within within_m of a place and slower than 1 m/s, kept for for_s
        Turn,        ///< turned by turn_deg on the spot, to within within_deg, kept for for_s
        Way,         ///< all way points in their order, each passed within within_m over ground, `laps` times
        Spin,        ///< turned at least 300° about the roll or the pitch axis towards spin_side, then level for for_s
        Recover,     ///< level, slow to turn and no longer falling, kept for for_s
        Arm,         ///< motors running for for_s
        Disarm,      ///< motors off for for_s
        CutThrottle  ///< throttle at the bottom (under 5 %) for for_s
    };
    Kind kind = Kind::Stay;
    double for_s = 0;
    double within_m = 1;
    double distance_m = 0;
    DrillPlace place{};             ///< of Go
    double turn_deg = 0;            ///< right positive
    double within_deg = 10;
    std::vector<DrillPlace> way{};
    bool closed = false;            ///< the way goes on from its last point to its first
    int laps = 1;
    bool spin_about_roll = true;    ///< otherwise about pitch
    double spin_side = 1;           ///< roll right and nose up positive
};

/// What a phase must not leave; leaving it disqualifies. Empty = free.
struct PhaseBounds {
    std::optional<double> lowest_m, highest_m;
    std::optional<double> corridor_m;  ///< off the drill's line, to either side
    std::optional<double> fastest_mps; ///< over ground
};

struct Phase {
    std::string id;
    std::string instruction;           ///< one short sentence for the pilot
    Goal goal;
    double height_m = 0;               ///< the height this phase is about; drawn on the height tape
    double window_m = 0;               ///< half height of the window drawn there; 0 = none
    double speed_mps = 0;              ///< the speed meant for a run
    double time_limit_s = 60;
    std::optional<int> touches_allowed; ///< more ground or object touches disqualify; empty = no limit
    std::string side{};                ///< "left" or "right" where the drill has both
    PhaseBounds bounds{};
    std::vector<StickAxis> sticks{};   ///< those that may be used; empty = all
    std::optional<Mode> mode{};        ///< that the flight is switched to when the phase begins
    std::optional<double> motors_out_above_m{}; ///< a planted failure: the motors stop at this height
    struct Upset {
        double pitch_deg = 0, bank_deg = 0;
    };
    std::optional<Upset> upset{}; ///< a planted attitude, when the phase begins
    bool panic = false;           ///< the panic switch is to be used
};

/// 0 marks at `fail`, 60 at `pass`, 100 at `merit`.
struct Limits {
    double fail = 0, pass = 0, merit = 0;
};

/// A measure and what of the flight it is taken over.
struct Measuring {
    Measure measure = Measure::HeightInWindow;
    std::vector<std::string> phases; ///< ids, in a row; the span runs from the first one's start to the last one's end
    /// How the span is taken: all of its phases in one, or each by itself with the worst, the mean or the best one.
    enum class Over : std::uint8_t { Whole, Worst, Mean, Best };
    Over over = Over::Whole;
    MeasureOptions options;          ///< its line is filled in from the flight
    std::string label;               ///< for people: "Height within ±1 m"
    std::string unit;                ///< "share", "m", "m/s", "Hz", "deg", "count"
    std::string advice;              ///< one sentence: what to change when it fails, or is found
};

/// One measure with its limits. Marks: 0 at `fail`, 60 at `pass`, 100 at `merit`, straight lines between. Whether more
/// or less is better follows from the order of the limits.
struct Criterion : Measuring {
    std::string side;                ///< counts to this side's marks, for the gap between them
    bool must = false;
    bool if_any = false;             ///< left out where there was nothing to measure, as a throttle cut without a crash
    bool common_practice = false;    ///< the limit is common practice of the trade, not ours
    double weight = 1;
    double fail = 0, pass = 0, merit = 0;
    std::optional<Limits> below{}; ///< a band: too little is judged by these, too much by the ones above
};

/// A habit to look for once the drill is over, whatever its marks are, and the advice that it draws.
struct Fault : Measuring {
    double more_than = 0; ///< shows itself over this value, which is above 0
};

struct Drill {
    std::string id;
    std::string name;
    int version = 1;
    std::string purpose;
    std::string world = "pan";
    std::string aircraft = "five-inch";
    std::vector<Mode> modes{Mode::Acro}; ///< allowed; the first is the default
    FlightStart start;
    Conditions day;                      ///< that belongs to the drill
    std::vector<DrillPlace> flags;       ///< the drill's own, to fly round
    std::vector<Gate> gates;             ///< in their order, as they stand in the world
    double camera_tilt_deg = 25;
    double fov_deg = 110;
    std::vector<Phase> phases;
    std::vector<Criterion> criteria;
    std::vector<Fault> faults;
    std::optional<int> crashes_allowed = 0; ///< one more disqualifies; nothing: as many as come
    bool panic_disqualifies = true;
    bool crash_disarms = true;  ///< otherwise the pilot has to
    /// Time runs from the first row, motors off: arming is part of the drill, or it is flown with the sticks alone.
    bool begins_disarmed = false;
    bool sticks_only = false;   ///< a demonstration plays and the sticks follow it; nothing flies
    std::shared_ptr<const FlightLog> demonstration{}; ///< that the sticks follow; comes with the flight, not with the file
    bool on_real_aircraft = false; ///< flown on the likeness of the pilot's real aircraft where one is chosen
    double tilt_change_deg = 0;    ///< of the pilot's own camera tilt
    double least_minutes = 0;      ///< of practice in all before it can be held

    [[nodiscard]] const Phase* phase(const std::string& id) const;
    /// North, east and down of a place in the drill's frame.
    [[nodiscard]] Vec3 in_world(const DrillPlace& place, double otherwise_height_m) const;
};

/// The drill itself, or an error that says which part is wrong (no phases, a criterion on an unknown phase, limits
/// that do not run one way, a weight that is not positive, …), with a JSON-pointer-like place in front.
[[nodiscard]] Result<Drill> checked(Drill drill);

struct PhaseSpan {
    std::size_t phase = 0; ///< index into Drill::phases
    RowSpan rows;
};

/// Follows a drill along a flight log, row by row: which phase is on, when it ends, and whether the drill is over. The
/// flight may still be growing (live) or be complete (a file): the result is the same.
class DrillRunner {
public:
    enum class Status : std::uint8_t { Waiting, Running, Finished, Disqualified };

    explicit DrillRunner(Drill drill);
    /// Takes in the log's rows that it has not seen yet. After a crash that ends the drill it goes on until the throttle is
    /// at the bottom, for at most `cut_within_s`: that habit is measured in every drill.
    void follow(const FlightLog& log);
    static constexpr double cut_within_s = 5;
    /// To be called when no more rows will come: a drill that is not finished is disqualified.
    void end_of_log();

    [[nodiscard]] const Drill& drill() const { return drill_; }
    [[nodiscard]] Status status() const { return status_; }
    [[nodiscard]] bool over() const { return (status_ == Status::Finished || status_ == Status::Disqualified) && !wants_throttle_cut_; }
    /// It crashed and the throttle is not at the bottom yet.
    [[nodiscard]] bool wants_throttle_cut() const { return wants_throttle_cut_; }
    /// The planted failure of the phase that is on is due.
    [[nodiscard]] bool motors_fail_now() const { return motors_fail_; }
    /// Crashed where that does not end the drill, throttle at the bottom again: the aircraft goes back to the start.
    [[nodiscard]] bool puts_back_now() const { return puts_back_; }
    /// The phase began with the row seen last.
    [[nodiscard]] bool phase_just_began() const { return phase_began_; }
    /// Index of the phase that is on (the last one once the drill is over).
    [[nodiscard]] std::size_t phase() const { return phase_; }
    [[nodiscard]] double phase_time_s() const { return now_s_ - phase_start_s_; }
    /// 0…1, how much of the phase's goal is done, for a progress mark.
    [[nodiscard]] double phase_progress() const { return progress_; }
    [[nodiscard]] const std::vector<PhaseSpan>& spans() const { return spans_; }
    [[nodiscard]] const std::vector<std::string>& disqualified() const { return disqualified_; }

private:
    void row(const FlightLog& log, std::size_t i);
    [[nodiscard]] bool goal_met(const FlightLog& log, std::size_t i);
    void after_crash(const FlightLog& log, std::size_t i);
    /// What must not happen in this row: the sentence, empty when it does not.
    [[nodiscard]] std::string event_against(FlightEvent event);
    [[nodiscard]] std::string rule_broken(const FlightLog& log, std::size_t i);
    void disqualify(std::string why);

    Drill drill_;
    Status status_ = Status::Waiting;
    std::size_t phase_ = 0;
    std::size_t rows_seen_ = 0;
    std::size_t events_seen_ = 0;
    std::vector<PhaseSpan> spans_;
    std::vector<std::string> disqualified_;
    double phase_start_s_ = 0;
    double now_s_ = 0;
    double met_since_s_ = -1;
    double progress_ = 0;
    int touches_ = 0;
    int crashes_ = 0;
    bool wants_throttle_cut_ = false;
    bool crashed_ = false; ///< and not put back yet
    bool motors_fail_ = false, puts_back_ = false, phase_began_ = false;
    double crashed_at_s_ = 0, throttle_down_since_s_ = -1;
    double stray_since_s_ = -1; ///< a stick is moved that the phase does not allow
    std::optional<double> last_heading_deg_; ///< of a Turn under way
    double turned_deg_ = 0;                  ///< of a Turn or a Spin
    std::size_t way_passed_ = 0;             ///< points of a Way
};

/// Does to the flight what the drill asks for at this row: its mode, planted failures, back to the start after a crash.
void intervene(const DrillRunner& runner, Flight& flight);

/// Times of a log.
struct TimeSpan {
    double from_s = 0, to_s = 0;
};

struct CriterionScore {
    Criterion criterion;
    std::optional<double> value; ///< nothing when the flight never got to it
    double marks = 0;            ///< 0…100
    std::optional<TimeSpan> span{}; ///< of the log that the value was taken from; of several, the one that counted
    [[nodiscard]] bool passed() const { return value && marks >= 60 - 1e-9; }
};

struct FaultFound {
    Fault fault;
    double value = 0; ///< over the fault's limit
    std::optional<TimeSpan> span{}; ///< of the log; nothing for a gap between sides
    /// "Rocking, 34 % from 12 s to 61 s: smaller movements."
    [[nodiscard]] std::string in_words() const;
};

struct Score {
    std::string drill_id;
    int drill_version = 1;
    double score = 0; ///< weighted mean of the marks, 0…100
    bool passed = false;
    std::vector<CriterionScore> criteria;
    std::vector<std::string> disqualified;
    double flown_s = 0;
    std::optional<double> left_minus_right; ///< mean marks of the sides' criteria; nothing before both have been flown
    std::vector<double> throttle_cuts_s; ///< for each crash, until the throttle was at the bottom (or the log ended)
    std::vector<FaultFound> faults{}; ///< looked for when the drill is over: the farthest over its limit first, at most three
    std::string summary; ///< one sentence: passed, or what failed and what to do about it
};

/// Marks for a value: 0 at fail, 60 at pass, 100 at merit, straight lines between, flat outside.
[[nodiscard]] double marks_for(const Criterion& criterion, double value) noexcept;

/// Scores what the runner has seen of the log so far. A drill that ended early is worth the share of its phases that was
/// flown.
[[nodiscard]] Score score(const DrillRunner& runner, const FlightLog& log);

/// Adds up the criteria's values to marks, the score and the sentence; the runner and its log are not needed for that.
/// `finished`: the drill was flown to its end. A criterion that is left out has no weight; a `must` that is left out has to
/// be judged before the drill is passed.
[[nodiscard]] Score totalled(const Drill& drill, std::vector<CriterionScore> criteria, std::vector<std::string> disqualified, bool finished, bool unmeasured_counts);

/// Runs a whole log through a drill and scores it. BadInput when the log is never armed or carries no positions.
[[nodiscard]] Result<Score> score_log(const Drill& drill, const FlightLog& log);

} // namespace bh
