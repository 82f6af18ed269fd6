#pragma once

#include "core/base/message.h"
#include "core/drill/drill.h"

#include <string_view>

namespace bh {

/// The drill_id of attempts without a drill: they are kept without a score.
inline constexpr std::string_view free_flight_id = "free-flight";

/// A flight without goals in a world, for so long, in any mode; crashes end nothing.
[[nodiscard]] Drill free_flight(const std::string& world, double minutes = 20);

/// What is worth saying of one: "2 crashes, throttle at the bottom within 1 s after 1 of them."
[[nodiscard]] Message free_flight_in_words(double flown_s, const std::vector<double>& throttle_cuts_s);

} // namespace bh
