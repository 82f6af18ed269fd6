#include "core/progress/outside_practice.h"

#include <algorithm>
#include <cmath>

namespace bh {

OutsidePractice::State OutsidePractice::look(double t_s, const Sticks& s, bool here)
{
    if (state_ == State::Ended) return state_;
    constexpr double movement = 0.02; // of travel, as the practice clock has it
    if (first_) moved_from_ = s, last_t_s_ = t_s, first_ = false;
    const double moved = std::max({std::abs(s.throttle - moved_from_.throttle), 0.5 * std::abs(s.yaw - moved_from_.yaw),
                                   0.5 * std::abs(s.pitch - moved_from_.pitch), 0.5 * std::abs(s.roll - moved_from_.roll)});
    const double step_s = t_s - last_t_s_;
    last_t_s_ = t_s;
    if (here) {
        moving_s_ = 0;
        moved_from_ = s;
        if (state_ == State::Running) state_ = State::Ended;
        return state_;
    }
    if (moved > movement) {
        moved_from_ = s;
        if (state_ == State::Waiting) {
            if (moving_s_ == 0 || t_s - last_moved_s_ > forgets_after_s) {
                moving_s_ = 0;
                started_s_ = t_s;
                clock_ = {};
            }
            const double gap_s = t_s - last_moved_s_;
            moving_s_ += gap_s < 1 ? gap_s : std::clamp(step_s, 0.001, 0.5); // movements less than a second apart are one
        }
        last_moved_s_ = t_s;
    }
    if (state_ == State::Running || moving_s_ > 0) clock_.update(t_s, s, false);
    if (state_ == State::Waiting && moving_s_ >= begins_after_s) state_ = State::Running;
    if (state_ == State::Running && t_s - last_moved_s_ >= ends_after_s) state_ = State::Ended;
    return state_;
}

double OutsidePractice::idle_s() const { return std::max(0.0, ended_s() - started_s_ - active_s()); }

void OutsidePractice::wait_again() { *this = {}; }

} // namespace bh
