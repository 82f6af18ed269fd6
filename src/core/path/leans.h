#pragma once

#include "core/flight/row_span.h"
#include "core/path/spins.h"
#include "core/path/turns.h"

#include <vector>

namespace bh {

/// A bank that was left standing after a turn or a roll: no equal input the other way followed.
struct BankLeftOver {
    double start_s = 0, end_s = 0;
    double bank_deg = 0; ///< mean, right positive
};
/// In acro, within 1 s after a turn or a roll: roll and yaw sticks under 6 %, the nose turning at less than a third of what a
/// turn with that bank asks for, g·tan φ / v, and a bank of over 10° for over 1 s, until the sticks move. Limits house.
[[nodiscard]] std::vector<BankLeftOver> find_banks_left_over(const FlightLog& log, RowSpan span);
/// The same where the span's turns and spins have been found already.
[[nodiscard]] std::vector<BankLeftOver> banks_left_over_after(const FlightLog& log, RowSpan span, const std::vector<Turn>& turns,
                                                              const std::vector<Spin>& spins);

/// A sink because no throttle was added when the aircraft leaned.
struct SinkInLean {
    double start_s = 0, end_s = 0;
    double sink_m = 0;
};
/// The lean grows by over 12° within 1 s, not in a descent begun before (0.5 m/s), the throttle is not raised by 3 %, and over 1
/// m is lost. From a lean of 10° until the throttle is raised or the aircraft sinks no more. Limits house.
[[nodiscard]] std::vector<SinkInLean> find_sinks_in_lean(const FlightLog& log, RowSpan span);

} // namespace bh
