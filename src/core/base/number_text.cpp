#include "core/base/number_text.h"

#include <array>
#include <charconv>

namespace bh {

namespace {

std::string text_of(double value, std::chars_format format, int digits)
{
    std::array<char, 400> room{}; // the largest double has 309 digits before the point
    const auto [end, problem] = std::to_chars(room.data(), room.data() + room.size(), value, format, digits);
    return problem == std::errc() ? std::string(room.data(), end) : std::string();
}

template <class Number>
std::optional<Number> parsed_as(std::string_view text)
{
    Number value{};
    const auto [end, problem] = std::from_chars(text.data(), text.data() + text.size(), value);
    return problem == std::errc() && end == text.data() + text.size() ? std::optional(value) : std::nullopt;
}

} // namespace

std::string exact(double value) { return text_of(value, std::chars_format::general, 17); }
std::string fixed(double value, int decimals) { return text_of(value, std::chars_format::fixed, decimals); }
std::string to_digits(double value, int digits) { return text_of(value, std::chars_format::general, digits); }
std::string whole_text(long long value) { return std::to_string(value); } // of whole numbers, which no locale groups
std::string whole_text(unsigned long long value) { return std::to_string(value); }
std::optional<double> number_of(std::string_view text) { return parsed_as<double>(text); }
std::optional<long long> whole_number_of(std::string_view text) { return parsed_as<long long>(text); }

} // namespace bh
