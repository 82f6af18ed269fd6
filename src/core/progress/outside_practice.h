#pragma once

#include "core/progress/practice_clock.h"

namespace bh {

/// Watches the sticks while the pilot flies in another program: practice begins by itself when the sticks are worked and
/// ends by itself when they have been left alone. House rules: begun by 5 s of movement within half a minute, ended by two
/// minutes without any; those two minutes are not counted.
class OutsidePractice {
public:
    enum class State { Waiting, Running, Ended };
    static constexpr double begins_after_s = 5;
    static constexpr double forgets_after_s = 30;
    static constexpr double ends_after_s = 120;

    /// The sticks now. While `here` (the flight or the checklists of this program use the sticks) nothing is counted, and
    /// what runs ends.
    State look(double t_s, const Sticks& sticks, bool here);
    [[nodiscard]] State state() const { return state_; }
    [[nodiscard]] double started_s() const { return started_s_; }  ///< when the first movement was seen
    [[nodiscard]] double ended_s() const { return last_moved_s_; } ///< last movement so far
    [[nodiscard]] double active_s() const { return clock_.active_s(); }
    /// Pauses between movements; the time after the last one is left out.
    [[nodiscard]] double idle_s() const;
    void wait_again(); ///< after the offer has been dealt with

private:
    State state_ = State::Waiting;
    PracticeClock clock_;
    Sticks moved_from_;
    bool first_ = true;
    double last_t_s_ = 0;
    double started_s_ = 0;
    double moving_s_ = 0; ///< movement seen so far while waiting
    double last_moved_s_ = 0;
};

} // namespace bh
