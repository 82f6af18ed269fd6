#pragma once

#include "core/base/message.h"
#include "school/values/kinds.h"

#include <string>
#include <vector>

namespace bh {

/// One change of one text: what stood, what shall stand, and why. An empty text stands for nothing. Refused when something else
/// stands by now.
struct TextChange {
    Kind kind = Kind::Pilot;
    std::string subject;
    std::string before, after;
    std::string why = "edited";
};

/// What takes it back.
[[nodiscard]] inline TextChange reversed(const TextChange& c) { return {c.kind, c.subject, c.after, c.before, "undone"}; }

/// Where two texts differ, for who wanted the second and finds the first: "roll.max_dps is 500 there, 480 here"; the first few.
[[nodiscard]] Message difference_in_words(const std::string& there, const std::string& here);

/// Changes of one gesture, made and undone together.
using Edit = std::vector<TextChange>;

} // namespace bh
