#pragma once

#include "core/drill/drill.h"
#include "core/view/guide_rail.h"

namespace bh {

/// The way that a phase is to be flown: along its run or through its way points, a tie each `spacing_m`. Empty for phases
/// that have none.
[[nodiscard]] std::vector<RailTie> rail_of(const Drill& drill, const Phase& phase, double spacing_m);

} // namespace bh
