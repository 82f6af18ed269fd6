#pragma once

#include "core/flight/row_span.h"

#include <optional>
#include <vector>

namespace bh {

/// Spectral arc length of a speed profile sampled `per_s` times a second: nearer to 0 is smoother. Nothing for fewer than
/// three samples or a profile that is zero throughout. Balasubramanian, Melendez-Calderon, Roby-Brami and Burdet (2015),
/// J NeuroEng Rehab 12:112, with their values: padded by 2⁴, 10 Hz, amplitudes from 0.05.
[[nodiscard]] std::optional<double> sparc(const std::vector<double>& speed, double per_s);

/// Logarithm of the dimensionless jerk of a speed profile (the speed form of the same paper): nearer to 0 is smoother.
/// Nothing as for sparc().
[[nodiscard]] std::optional<double> log_dimensionless_jerk(const std::vector<double>& speed, double per_s);

/// Speed of the right stick (roll and pitch together), in half travels a second, row by row.
[[nodiscard]] std::vector<double> stick_speed(const FlightLog& log, RowSpan span);
[[nodiscard]] double rows_per_second(const FlightLog& log, RowSpan span);

} // namespace bh
