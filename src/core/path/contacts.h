#pragma once

#include "core/flight/row_span.h"

#include <vector>

namespace bh {

/// Height below which the aircraft counts as standing on the ground.
inline constexpr double on_ground_m = 0.05;

/// Rows on which the aircraft comes down to the ground from above it.
[[nodiscard]] std::vector<std::size_t> ground_contacts(const FlightLog& log, RowSpan span);
/// The steepest sink over the last tenth of a second in the air, m/s: the contact itself has already taken the speed away.
[[nodiscard]] double sink_before_mps(const FlightLog& log, std::size_t contact_row);

} // namespace bh
