#pragma once

#include "core/debrief/tally.h"

#include <QString>

namespace bh::desk {

/// A letter for a finding's kind, so that bars and lists can be told apart without colour.
[[nodiscard]] QString findingLetter(FindingKind kind);
[[nodiscard]] QString findingName(FindingKind kind);
/// What stands in a finding's row: what it is, and its first numbers.
[[nodiscard]] QString findingInWords(const Finding& finding);
/// A habit's measure: "% of the time rocking", "held pushes a minute".
[[nodiscard]] QString habitMeasureInWords(FindingKind kind);
/// A habit's measure with its value: "23 % of the time rocking".
[[nodiscard]] QString habitValueInWords(FindingKind kind, double value);

} // namespace bh::desk
