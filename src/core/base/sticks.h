#pragma once

namespace bh {

/// What the pilot asks for, after calibration. throttle 0 (bottom) … 1 (top); the others −1 … 1,
/// positive = yaw right, pitch forward (nose down), roll right. Centred = 0.
struct Sticks {
    double throttle = 0;
    double yaw = 0;
    double pitch = 0;
    double roll = 0;
    bool operator==(const Sticks&) const = default;
};

/// Where the sticks stood at a moment of a steady clock.
struct TimedSticks {
    double t_s = 0;
    Sticks sticks;
};

} // namespace bh
