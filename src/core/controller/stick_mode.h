#pragma once

#include "core/controller/calibration.h"

namespace bh {

/// Which function lies on which direction of which stick. Modes 1 to 4 are the trade's own numbering.
struct StickMode {
    Function left_up, left_across, right_up, right_across;

    /// True when the function is on the left stick.
    [[nodiscard]] constexpr bool on_left(Function f) const { return f == left_up || f == left_across; }
    /// True when the function is pushed up and down rather than across.
    [[nodiscard]] constexpr bool upright(Function f) const { return f == left_up || f == right_up; }
};

/// `mode` 1…4; anything else is taken as 2, the commonest.
[[nodiscard]] constexpr StickMode stick_mode(int mode)
{
    using enum Function;
    switch (mode) {
    case 1: return {Pitch, Yaw, Throttle, Roll};
    case 3: return {Pitch, Roll, Throttle, Yaw};
    case 4: return {Throttle, Roll, Pitch, Yaw};
    default: return {Throttle, Yaw, Pitch, Roll};
    }
}

/// A function's value as a stick shows it, −1…1: the throttle's 0…1 is spread over the whole way.
[[nodiscard]] constexpr double on_stick(const Sticks& s, Function f)
{
    switch (f) {
    case Function::Throttle: return 2 * s.throttle - 1;
    case Function::Yaw: return s.yaw;
    case Function::Pitch: return s.pitch;
    case Function::Roll: return s.roll;
    }
    return 0;
}

} // namespace bh
