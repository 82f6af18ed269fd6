#pragma once

#include <cstdint>
#include <optional>
#include <string_view>

namespace bh {

/// To which side something is flown.
enum class Side : std::uint8_t { Left, Right };

[[nodiscard]] constexpr std::string_view side_key(Side side) { return side == Side::Left ? "left" : "right"; }
[[nodiscard]] constexpr std::optional<Side> side_from_key(std::string_view key)
{
    if (key == "left") return Side::Left;
    if (key == "right") return Side::Right;
    return std::nullopt;
}

} // namespace bh
