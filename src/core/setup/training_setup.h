#pragma once

#include "core/base/message.h"
#include "core/curves/rate_curve.h"
#include "core/flight/conditions.h"

#include <optional>
#include <string>
#include <vector>

namespace bh {

/// How a pilot's practice is set up: for which real aircraft, on which simulated one, and how that is tuned.
struct TrainingSetup {
    std::string real_aircraft;                    ///< id; empty: none chosen yet
    std::string simulated_aircraft = "five-inch"; ///< id
    double camera_tilt_deg = 25;
    double fov_deg = 120;       ///< horizontal
    double propeller_ratio = 1; ///< diameter against the aircraft's own
    double power_share = 1;
    RateProfile rates;
    Conditions day;
};

/// The least and most that the settings go to.
namespace setup_limits {
inline constexpr double tilt_low_deg = 0, tilt_high_deg = 60;
inline constexpr double fov_low_deg = 60, fov_high_deg = 150;
inline constexpr double propeller_low = 0.6, propeller_high = 1.1;
inline constexpr double power_low = 0.4, power_high = 1;
} // namespace setup_limits

/// The set-up itself, or an OutOfRange error naming the first setting outside its limits.
[[nodiscard]] Result<TrainingSetup> checked(TrainingSetup setup);

/// Vertical acceleration per 1 % of throttle above which height is touchy (house): a learner's hand and a steady one's.
[[nodiscard]] double touchy_mps2(bool learner);

/// What is known of the pilot who is to fly it.
struct SetupEvidence {
    bool learner = true;
    std::optional<double> rocking_share{}; ///< of the last five flights; nothing: not flown
};
/// Rocking of more of the time speaks against a set-up (house).
inline constexpr double rocks_above = 0.15;

/// What a coordinator should know about this set-up before the pilot flies it, one sentence each, the gravest first. A tilt of up
/// to 30° and rates of 400 deg/s and more are no fault by themselves; they are where the pilot rocks. `simulated` is the aircraft
/// as it comes, before it is detuned. Limits without another source are house; tilt and rates for learners are common practice,
/// no source.
[[nodiscard]] std::vector<Message> setup_warnings(const TrainingSetup& setup, const Airframe& simulated,
                                                  const SetupEvidence& pilot, double density_kgpm3);

} // namespace bh
