#pragma once

#include "core/base/message.h"

#include <array>
#include <cstdint>
#include <optional>
#include <string_view>

namespace bh {

/// What a measure is given in.
enum class Unit : std::uint8_t { Share, Metres, MetresPerSecond, Seconds, Milliseconds, Hertz, Degrees, Count, PerMinute };
inline constexpr std::array<std::string_view, 9> unit_keys{
    label("share"), "m", "m/s", "s", "ms", "Hz", label("deg"), label("count"), label("a minute")};

/// As written in files: "share", "m", "m/s", ….
[[nodiscard]] constexpr std::string_view unit_key(Unit unit) { return unit_keys[static_cast<std::size_t>(unit)]; }
[[nodiscard]] constexpr std::optional<Unit> unit_from_key(std::string_view key)
{
    for (std::size_t i = 0; i < unit_keys.size(); ++i)
        if (unit_keys[i] == key) return static_cast<Unit>(i);
    return std::nullopt;
}

} // namespace bh
