#pragma once

#include "core/drill/drill.h"

namespace bh {

/// A drill of sticks alone, to follow this demonstration for as long as it lasts.
[[nodiscard]] Drill shadowing(Drill sticks_only, std::shared_ptr<const FlightLog> demonstration);

/// A drill's demonstration to be looked at: its phases follow each other as they did in that flight, and nothing is judged.
[[nodiscard]] Drill replay_of(const Drill& drill, std::shared_ptr<const FlightLog> demonstration);

} // namespace bh
