#pragma once

#include "core/drill/drill.h"

namespace bh {

/// A flight without goals in a world, for twenty minutes, in any mode; crashes end nothing.
[[nodiscard]] Drill free_flight(const std::string& world);

} // namespace bh
