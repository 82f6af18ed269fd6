#pragma once

#include "core/curves/rate_curve.h"
#include "core/path/spins.h"

#include <optional>
#include <vector>

namespace bh {

/// A flip or a roll as it was flown on a rate.
struct FlipFlown {
    Spin::About about = Spin::About::Roll;
    double rate_dps = 0; ///< at full stick, of that axis
    double off_level_deg = 0;
    std::optional<double> settled_s; ///< nothing: not within most_settling_s
};
/// Those of a flight on these rates that somebody meant: whole ones, 300° or more as a drill asks for, about the axes that were
/// asked for. A tumble is none. Attitudes and body rates are enough.
[[nodiscard]] std::vector<FlipFlown> flips_flown(const FlightLog& log, const RateProfile& rates, bool rolls_asked = true,
                                                 bool flips_asked = true);

/// What flips say about a rate: the medians over those flown on it.
struct FlipsOnRate {
    double rate_dps = 0;
    int flips = 0, settled_in_time = 0;
    double off_level_deg = 0;
    double settled_s = 0; ///< most_settling_s stands for longer
    /// Settled in time and level: kept. Not: to be taken down by this much.
    [[nodiscard]] bool keep() const { return settled_s <= settled_within_s && off_level_deg <= level_within_deg; }
    [[nodiscard]] double better_dps() const { return keep() ? rate_dps : slower * rate_dps; }
    static constexpr double settled_within_s = 0.5, level_within_deg = 20, slower = 0.95; ///< house
};
inline constexpr int flips_to_judge_by = 3; ///< house

/// By the rate, slowest first; rates within 5 °/s are one.
[[nodiscard]] std::vector<FlipsOnRate> evidence_by_rate(const std::vector<FlipFlown>& flips);

} // namespace bh
