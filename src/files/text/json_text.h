#pragma once

#include "core/base/result.h"
#include "files/text/message_json.h"

#include <cmath>
#include <cstdint>
#include <nlohmann/json.hpp>
#include <optional>
#include <string_view>
#include <utility>

namespace bh {

/// Text as JSON. Refused, with the line: what is no UTF-8, what is nested deeper than 100, what is no JSON. The message names no
/// file.
[[nodiscard]] Result<nlohmann::json> checked_json(std::string_view text);
/// The same, and every number is finite and not beyond 10^12, as a document's are.
[[nodiscard]] Result<nlohmann::json> checked_document(std::string_view text);
/// Whether lists and objects stand in each other no deeper than 100, so that whoever walks through them gets to an end.
[[nodiscard]] bool is_shallow_json(std::string_view text);

/// The whole number that `value` is; none for any other, and for one that an Int does not hold. nlohmann's own conversion wraps
/// such a number round, and is undefined for a large one with a point in it.
template <class Int = int>
[[nodiscard]] std::optional<Int> whole_in(const nlohmann::json& value)
{
    const auto as_int = [](auto whole) {
        return std::in_range<Int>(whole) ? std::optional(static_cast<Int>(whole)) : std::nullopt;
    };
    if (value.is_number_unsigned()) return as_int(value.get<std::uint64_t>());
    if (value.is_number_integer()) return as_int(value.get<std::int64_t>());
    constexpr double told_apart = 9007199254740992; // 2^53
    const double number = value.is_number() ? value.get<double>() : 0.5;
    if (number != std::floor(number) || std::abs(number) >= told_apart) return std::nullopt;
    return as_int(static_cast<std::int64_t>(number));
}

} // namespace bh
