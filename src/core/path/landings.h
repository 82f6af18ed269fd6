#pragma once

#include "core/base/message.h"
#include "core/flight/row_span.h"

#include <optional>
#include <vector>

namespace bh {

/// A landing: contacts with the ground that follow each other within two seconds (house). A crash is none.
struct Landing {
    double start_s = 0, end_s = 0; ///< first and last contact
    std::size_t row = 0;           ///< of the first
    double sink_mps = 0;           ///< before it
    int bounces = 0;               ///< contacts after it
    double speed_mps = 0;          ///< over the ground, at the first contact
    /// Set down with some way on, and not straight down.
    [[nodiscard]] bool rolling() const { return speed_mps > rolling_mps; }
    static constexpr double rolling_mps = 0.7; ///< house
};
[[nodiscard]] std::vector<Landing> find_landings(const FlightLog& log, RowSpan span);

/// Which of the two suits a pilot.
struct LandingAdvice {
    int straight = 0, rolling = 0;     ///< landings of each
    std::optional<bool> rolling_suits; ///< nothing: too few yet, or alike
    Message words;                     ///< with the figures
};
inline constexpr int landings_to_advise_by = 5; ///< of each (house)
/// By the median of sink plus 0.3 m/s for each bounce; a difference under 0.15 m/s is none (house).
[[nodiscard]] LandingAdvice landing_advice(const std::vector<Landing>& landings);

} // namespace bh
