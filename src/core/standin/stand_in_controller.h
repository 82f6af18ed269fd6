#pragma once

#include "core/base/sticks.h"
#include "core/controller/recording.h"

#include <array>
#include <cstdint>

namespace bh {

/// A made-up controller with known faults, for demo data and tests. Shares are of half travel.
struct StandInController {
    std::array<int, 4> axes{2, 3, 1, 0}; ///< axis of throttle, yaw, pitch, roll
    std::array<bool, 4> inverted{};
    int axis_count = 6;
    int low_counts = 0;
    int high_counts = 4095;
    double travel_share = 0.92;
    double jitter_share = 0.0008;
    double hysteresis_share = 0.004;
    double centre_offset_share = 0.004;
    bool throttle_sprung = false;
    double rate_hz = 250;
};

/// The recording that a calibration with all ten prompts makes of it: each push starts 0.4 s after its prompt, stays
/// at the stop, and what is sprung returns before the prompt ends. Seeded.
[[nodiscard]] ControllerRecording stand_in_recording(const StandInController& controller, std::uint64_t seed);

/// Where its axes stand with the sticks so: without jitter, slack and wear.
[[nodiscard]] std::vector<int> counts_of(const StandInController& controller, const Sticks& sticks);

} // namespace bh
