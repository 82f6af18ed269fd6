#pragma once

#include "core/base/message.h"
#include "core/drill/drill.h"

namespace bh {

/// A rule that a drill was ended by, with what is to be said of it. The sentence is made when it is shown.
struct RuleViolation {
    enum class Rule : std::uint8_t {
        NeverArmed,
        EndedEarly, ///< the log ends before the drill is done
        BrokenOff,  ///< by whoever looked on
        Crashed,    ///< `limit`: crashes that the drill allows
        Panic,
        LeftField,
        Touched,   ///< `limit`: touches that the phase allows
        WrongMode, ///< `flown` where `meant` was asked for
        TooHigh,   ///< `limit` in m, as in the next
        TooLow,
        TooFast,  ///< `limit` in m/s
        OffLine,  ///< `limit` in m to either side
        Stick,    ///< `stick` was used, which the phase does not allow
        TimedOut, ///< `limit` in s
        TooRough  ///< `limit`: share of the phase that rocked; found once the flight is over
    };
    Rule rule = Rule::EndedEarly;
    std::string phase{}; ///< id; empty where it is about no phase
    double limit = 0;
    Mode flown = Mode::Acro, meant = Mode::Acro;
    StickAxis stick = StickAxis::Throttle;
    bool operator==(const RuleViolation&) const = default;
};
[[nodiscard]] std::string_view rule_key(RuleViolation::Rule rule); ///< "crashed", "timed_out", …
[[nodiscard]] std::optional<RuleViolation::Rule> rule_from_key(std::string_view key);
[[nodiscard]] Message in_words(const RuleViolation& broken); ///< a sentence

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
    /// So long, in all, a flight may be in hold that is not flown in it: a hand takes that to leave it (house).
    static constexpr double leaves_hold_s = 5;
    /// To be called when no more rows will come: a drill that is not finished is disqualified.
    void end_of_log();

    [[nodiscard]] const Drill& drill() const { return drill_; }
    [[nodiscard]] Status status() const { return status_; }
    [[nodiscard]] bool over() const
    {
        return (status_ == Status::Finished || status_ == Status::Disqualified) && !wants_throttle_cut_;
    }
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
    [[nodiscard]] const std::vector<RuleViolation>& disqualified() const { return disqualified_; }

private:
    void row(const FlightLog& log, std::size_t i);
    bool pulled_through(const FlightLog& log, std::size_t i);
    bool way_flown(const FlightLog& log, std::size_t i);
    [[nodiscard]] bool goal_met(const FlightLog& log, std::size_t i);
    void after_crash(const FlightLog& log, std::size_t i);
    /// What must not happen in this row, where it does.
    [[nodiscard]] std::optional<RuleViolation> event_against(FlightEvent event);
    [[nodiscard]] std::optional<RuleViolation> rule_broken(const FlightLog& log, std::size_t i);
    [[nodiscard]] std::optional<RuleViolation> bound_broken(const FlightLog& log, std::size_t i) const;
    [[nodiscard]] std::optional<StickAxis> stray_stick(const FlightLog& log, std::size_t i) const;
    [[nodiscard]] std::optional<RuleViolation> mode_broken(const FlightLog& log, std::size_t i);
    void disqualify(RuleViolation broken);

    Drill drill_;
    Status status_ = Status::Waiting;
    std::size_t phase_ = 0;
    std::size_t rows_seen_ = 0;
    std::size_t events_seen_ = 0;
    std::vector<PhaseSpan> spans_;
    std::vector<RuleViolation> disqualified_;
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
    double stray_since_s_ = -1;              ///< a stick is moved that the phase does not allow
    bool panicked_ = false;                  ///< in this phase, which asks for it
    double held_s_ = 0;                      ///< in hold, where neither the phase nor the drill asks for it
    std::optional<double> last_heading_deg_; ///< of a Turn under way
    double turned_deg_ = 0;                  ///< of a Turn, a Spin, or the roll of a PullThrough
    double pulled_deg_ = 0;                  ///< of a PullThrough, once on the back
    std::size_t way_passed_ = 0;             ///< points of a Way
};

/// Does to the flight what the drill asks for at this row: its mode, planted failures, back to the start after a crash.
void intervene(const DrillRunner& runner, Flight& flight);

} // namespace bh
