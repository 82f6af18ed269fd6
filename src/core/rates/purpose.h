#pragma once

#include "core/base/message.h"
#include "core/curves/rate_curve.h"
#include "core/flight/dynamics.h"
#include "core/rates/flip_evidence.h"

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// A kind of flying and the rates at full stick that are usual for it: common practice, no source; a place to begin.
struct RateBand {
    std::string_view key;
    std::string_view name;
    double low_dps, high_dps;
    double start_dps; ///< roll and pitch to begin with
    double start_yaw_dps;
    std::string_view why;
};
[[nodiscard]] const std::array<RateBand, 4>& rate_bands();

/// What is known of the pilot and of what is planned.
struct RateEvidence {
    double max_dps = 350;                ///< of roll and pitch that is practised on
    std::optional<double> rocking_share; ///< of the newest flights; nothing: not flown
    std::optional<double> flip_height_m; ///< above the ground where flips are planned
    Airframe airframe;                   ///< of which the flips are flown
    std::optional<FlipsOnRate> flips{};  ///< on the rate that is practised on
};

/// A sentence of advice with how it was reckoned, and what follows for the rate at full stick.
struct RateAdvice {
    Message sentence;
    Message reckoning; ///< the arithmetic
    double at_least_dps = 0, at_most_dps = rate_limit_dps;
};

/// The one voice about the rates that are practised on, for wherever they are spoken of: rocking over the newest flights asks for
/// slower ones whatever the flips say, flips that end off level or settle late for somewhat slower ones (three or more), both
/// good for the rate as it is. Nothing: nothing has been flown that tells.
[[nodiscard]] std::optional<RateAdvice> rate_verdict(const RateEvidence& evidence);

/// The verdict, and what follows from flips planned at a height, which need a rate that is done with them in time; where the two
/// do not go together it is said so.
[[nodiscard]] std::vector<RateAdvice> rate_advice(const RateEvidence& evidence);

/// The slowest rate at full stick that turns a whole flip within a free fall from a height, from rest, on an aircraft
/// (½·g·t² without power: common practice, a rough guide); nothing when the fall is over sooner than it winds up.
[[nodiscard]] std::optional<double> least_rate_for_flip_dps(double height_m, const Airframe& airframe);

} // namespace bh
