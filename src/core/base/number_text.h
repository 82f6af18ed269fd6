#pragma once

#include <optional>
#include <string>
#include <string_view>

/// Numbers as text, the same bytes whatever the locale says of commas.
namespace bh {

/// 17 digits, which give the same double back; shorter where fewer say it too: as printf's %.17g in the locale C.
[[nodiscard]] std::string exact(double value);
/// With so many decimals, as printf's %.*f.
[[nodiscard]] std::string fixed(double value, int decimals);
/// So many significant digits, noughts at the end left out, as printf's %.*g.
[[nodiscard]] std::string to_digits(double value, int digits);
/// The whole of a text as a number; nothing for anything else. No white space, no sign + before it.
[[nodiscard]] std::optional<double> number_of(std::string_view text);
[[nodiscard]] std::optional<long long> whole_number_of(std::string_view text);

} // namespace bh
