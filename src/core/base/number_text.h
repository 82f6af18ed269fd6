#pragma once

#include <concepts>
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
/// A whole number's digits. (std::to_string takes doubles too, and writes those with the locale's comma: CI refuses it.)
[[nodiscard]] std::string whole_text(long long value);
[[nodiscard]] std::string whole_text(unsigned long long value);
template <std::integral Whole>
[[nodiscard]] std::string whole_text(Whole value)
{
    if constexpr (std::signed_integral<Whole>)
        return whole_text(static_cast<long long>(value));
    else
        return whole_text(static_cast<unsigned long long>(value));
}
template <std::floating_point Number>
std::string whole_text(Number) = delete;
/// The whole of a text as a number; nothing for anything else. No white space, no sign + before it.
[[nodiscard]] std::optional<double> number_of(std::string_view text);
[[nodiscard]] std::optional<long long> whole_number_of(std::string_view text);

} // namespace bh
