#pragma once

#include "core/drill/drill.h"

namespace bh {

/// Which stick begins a turn, where a school has chosen (both ways are taught, and neither is marked otherwise).
enum class TurnBeginning : std::uint8_t { NotJudged, YawFirst, Together };

/// Adds a criterion of the yaw lead to a drill in which turns are judged: 0…300 ms before the roll, or within 150 ms of it
/// (common practice, no source). It counts like the others and is no must.
void judge_turn_beginning(Drill& drill, TurnBeginning chosen);

} // namespace bh
