#pragma once

#include "core/base/sticks.h"

namespace bh {

/// Counts practice: time in which the motors are armed or a stick was moved by more than 2 % of its travel within the
/// last 10 s is active, the rest is idle (house rule). Time comes in with every update; it must not run backwards.
class PracticeClock {
public:
    void update(double t_s, const Sticks& sticks, bool armed);
    [[nodiscard]] double active_s() const { return active_s_; }
    [[nodiscard]] double idle_s() const { return idle_s_; }
    [[nodiscard]] bool running() const { return active_now_; }

private:
    double last_t_s_ = -1;
    double last_moved_s_ = -1e9;
    Sticks moved_from_;
    bool active_now_ = false;
    double active_s_ = 0;
    double idle_s_ = 0;
};

} // namespace bh
