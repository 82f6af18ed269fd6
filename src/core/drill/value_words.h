#pragma once

#include <string>

namespace bh {

/// A measure's value for people: "12 %", "3", "1.5 m".
[[nodiscard]] std::string value_in_words(double value, const std::string& unit);

} // namespace bh
