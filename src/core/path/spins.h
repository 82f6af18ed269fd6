#pragma once

#include "core/flight/row_span.h"

#include <optional>

namespace bh {

/// A flip or a roll: a quick turn about a body axis.
struct Spin {
    enum class About : std::uint8_t { Roll, Pitch };
    About about = About::Roll;
    double start_s = 0, end_s = 0; ///< where the spin begins and first stops
    RowSpan rows;
    double turned_deg = 0; ///< roll right and nose up positive
    double peak_dps = 0;
    double height_change_m = 0; ///< end minus start
    double lowest_m = 0;        ///< against the start, from the start to 1.5 s after the end
    double entry_speed_mps = 0;
};

/// Spins of at least 180° about the roll or the pitch axis that reach 150 °/s (house).
[[nodiscard]] std::vector<Spin> find_spins(const FlightLog& log, RowSpan span);

/// Time from the spin's end until bank (of a roll) or pitch (of a flip) is within 10° of level and turns slower than 40 °/s, for
/// 0.3 s (house); nothing: not within most_settling_s.
[[nodiscard]] std::optional<double> settled_s(const FlightLog& log, const Spin& spin);
inline constexpr double most_settling_s = 3;

/// How far bank (of a roll) or pitch (of a flip) is from level, degrees, 0.3 s after it has stopped.
[[nodiscard]] double exit_error_deg(const FlightLog& log, const Spin& spin);

} // namespace bh
