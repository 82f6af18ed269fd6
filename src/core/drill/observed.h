#pragma once

#include "core/drill/drill_score.h"

namespace bh {

/// A flight in another simulator, as it was seen: the stopwatch, the tallies and what was judged, criterion by criterion of
/// the drill. Times are the watcher's, in seconds; values in, values out.
class ObservedFlight {
public:
    explicit ObservedFlight(Drill drill);

    void start(double now_s);
    void stop(double now_s, bool finished); ///< finished: flown to its end; otherwise broken off
    [[nodiscard]] bool running() const { return started_s_ && !stopped_s_; }
    [[nodiscard]] bool over() const { return stopped_s_.has_value(); }
    [[nodiscard]] double time_s(double now_s) const;

    /// What the key of a criterion does: one more, the stopwatch on or off, out of the window or back, the next judgement.
    /// Shares and stopwatches need the flight to be running; false when nothing was done.
    bool press(std::size_t criterion, double now_s);
    /// One less, for a slip of the finger.
    bool take_back(std::size_t criterion);
    void crash(double now_s); ///< counts it, and starts the watch for the throttle
    void throttle_down(double now_s);
    [[nodiscard]] bool waits_for_throttle() const { return crashed_s_.has_value(); }
    void next_phase();
    [[nodiscard]] std::size_t phase() const { return phase_; }

    [[nodiscard]] std::optional<double> value(std::size_t criterion, double now_s) const;
    [[nodiscard]] bool ticking(std::size_t criterion) const; ///< its watch runs, or it is out of its window
    [[nodiscard]] const Drill& drill() const { return drill_; }
    /// Scored against the drill's limits. Criteria that nobody judged have no weight, but a `must` has to be judged to pass.
    /// `sticks`: what the sticks did meanwhile, a log without positions, for the measures that need no more; null: unknown.
    [[nodiscard]] Score score(double now_s, const FlightLog* sticks = nullptr) const;

private:
    struct Seen {
        int count = 0;
        bool judged = false;
        std::optional<double> since_s; ///< a stopwatch or a share under way
        double worst_s = -1, outside_s = 0;
        int judgement = -1; ///< 0 merit, 1 pass, 2 fail
    };
    Drill drill_;
    std::vector<Seen> seen_; ///< by criterion
    std::optional<double> started_s_, stopped_s_, crashed_s_;
    bool finished_ = false;
    int crashes_ = 0;
    std::vector<double> cuts_s_;
    std::size_t phase_ = 0;
};

} // namespace bh
