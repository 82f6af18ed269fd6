#pragma once

#include "core/flight/row_span.h"

#include <optional>

#include <cstddef>

namespace bh {

/// Whether an aircraft that was upset is flying again in a row: within 20° of level, turning slower than 60 °/s about roll
/// and pitch, sinking slower than 1.5 m/s (house).
[[nodiscard]] bool recovered(const FlightLog& log, std::size_t row);
/// Until it has recovered and stays so for half a second; nothing where it never does.
[[nodiscard]] std::optional<double> recovery_s(const FlightLog& log, RowSpan span);

} // namespace bh
