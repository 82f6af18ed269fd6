#include "core/progress/practice_clock.h"

#include <cmath>

namespace bh {

void PracticeClock::update(double t_s, const Sticks& sticks, bool armed)
{
    constexpr double enough = 0.02; // of travel: 0…1 for the throttle, −1…1 for the others
    constexpr double counts_on_for_s = 10;
    const bool moved =
        std::abs(sticks.throttle - moved_from_.throttle) > enough || std::abs(sticks.yaw - moved_from_.yaw) > 2 * enough ||
        std::abs(sticks.pitch - moved_from_.pitch) > 2 * enough || std::abs(sticks.roll - moved_from_.roll) > 2 * enough;
    if (last_t_s_ < 0) {
        last_t_s_ = t_s;
        moved_from_ = sticks;
        return;
    }
    if (moved) {
        moved_from_ = sticks;
        last_moved_s_ = t_s;
    }
    active_now_ = armed || t_s - last_moved_s_ < counts_on_for_s;
    (active_now_ ? active_s_ : idle_s_) += t_s - last_t_s_;
    last_t_s_ = t_s;
}

} // namespace bh
