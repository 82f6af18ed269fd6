#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// A field of a CSV row (RFC 4180 quoting). A text that a spreadsheet would take for a formula, because it begins with =, +, -,
/// @, a tab or a line's end, gets an apostrophe in front (as OWASP advises against CSV injection); numbers stay as they are.
[[nodiscard]] std::string csv_field(std::string_view text);
/// A row with its line's end.
[[nodiscard]] std::string csv_row(const std::vector<std::string>& fields);

} // namespace bh
