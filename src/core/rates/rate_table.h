#pragma once

#include <array>
#include <string_view>

namespace bh {

/// What a rate at full stick means, and who flies it (common practice, no source).
struct FlownRate {
    double rate_dps;
    std::string_view flown_by;
    [[nodiscard]] constexpr double turn_s() const { return 360 / rate_dps; } ///< a full turn
    /// Fallen in that time without power, ½·g·t² (common practice, a rough guide).
    [[nodiscard]] constexpr double fall_m() const { return 0.5 * 9.80665 * turn_s() * turn_s(); }
};
inline constexpr std::array<FlownRate, 6> flown_rates{{
    {250, "when rocking persists"},
    {350, "learners, yaw 300; races at 350 to 400"},
    {450, "calm filming"},
    {680, "beginners' flips end in time"},
    {800, "freestyle, 700 to 800"},
    {1000, "freestyle; hard to foretell in courses"},
}};

} // namespace bh
