#pragma once

#include "desk/words/message_words.h"

#include <QString>
#include <array>

namespace bh::desk {

/// "Roll", "Pitch", "Yaw", in the order of RateAxis.
inline constexpr std::array<std::string_view, 3> axis_labels{"Roll", "Pitch", "Yaw"};
[[nodiscard]] inline QString axisName(std::size_t axis) { return asWords(axis_labels[axis]); }
/// The same inside a sentence.
[[nodiscard]] inline QString axisNameInside(std::size_t axis) { return asWords(small(axis_labels[axis])); }

} // namespace bh::desk
