#pragma once

#include "core/base/message.h"

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
    {250, label("when rocking persists")},
    {350, label("learners, yaw 300; races at 350 to 400")},
    {450, label("calm filming")},
    {680, label("beginners' flips end in time")},
    {800, label("freestyle, 700 to 800")},
    {1000, label("freestyle; hard to foretell in courses")},
}};

} // namespace bh
