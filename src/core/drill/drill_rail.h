#pragma once

#include "core/drill/drill.h"
#include "core/flight/dynamics.h"
#include "core/view/guide_rail.h"

namespace bh {

/// The way that a phase (one of the drill's own) is to be flown, and how the aircraft lies in the air on it: along its run or
/// through its way points, a tie each `spacing_m`, or turning over in its figure. Empty for phases that have none.
[[nodiscard]] std::vector<RailTie> rail_of(const Drill& drill, const Phase& phase, const Airframe& airframe, double spacing_m);

} // namespace bh
