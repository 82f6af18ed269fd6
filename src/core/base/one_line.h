#pragma once

#include <string>
#include <string_view>

namespace bh {

/// Text that came from outside, fit to stand in one line: control characters, marks that end a line or turn the direction of
/// writing, and bytes that are no UTF-8 are shown escaped (\n, \x1b, \u202e).
[[nodiscard]] std::string one_line(std::string_view text);

/// Whether every byte belongs to a character as UTF-8 writes it (RFC 3629: no overlong forms, no surrogates).
[[nodiscard]] bool is_utf8(std::string_view text);

} // namespace bh
