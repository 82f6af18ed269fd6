#pragma once

#include "core/flight/row_span.h"

#include <array>
#include <optional>

namespace bh {

/// How one stick axis follows another hand's.
struct StickFollow {
    double correlation = 0; ///< Pearson's, at the lag where it is highest
    double lag_s = 0;       ///< of the follower
};

/// Compares the sticks of a span with those of a demonstration at the same times, each from its first row (the span's time
/// counts from the log's first row). By StickAxis; nothing for an axis that the demonstration leaves at rest (standard
/// deviation under 1 % of travel) and for spans under 2 s. Lags from −0.3 to 1.2 s are tried to 20 ms, first in steps of 60 ms:
/// a hand that is later than that does not follow.
[[nodiscard]] std::array<std::optional<StickFollow>, 4> follow_sticks(const FlightLog& demonstration, const FlightLog& log,
                                                                      RowSpan span);

} // namespace bh
