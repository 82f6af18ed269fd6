#include "core/flight/modes.h"

#include "core/base/message.h"
#include "core/flight/position_hold.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bh {
namespace {

constexpr std::array<std::string_view, 5> mode_keys{label("acro"), label("angle"), label("horizon"), label("hold"),
                                                    label("sport")};

/// What turns the aircraft to the lean that roll and pitch stick ask for, and its heading as the yaw stick asks.
Vec3 levelling_rates(const Sticks& sticks, const State& state, const AngleMode& angle, double yaw_radps)
{
    const Quat level_wanted =
        attitude(heading_deg(state.attitude), -sticks.pitch * angle.limit_deg, sticks.roll * angle.limit_deg);
    Vec3 rates = rates_towards(state.attitude, level_wanted * Vec3::UnitZ(), angle.gain_per_s, angle.max_rate_dps);
    rates.z() = yaw_radps;
    return rates;
}

} // namespace

std::string_view mode_key(Mode mode) { return mode_keys[static_cast<std::size_t>(mode)]; }

std::optional<Mode> mode_from_key(std::string_view key)
{
    if (key == "rate") return Mode::Acro;
    if (key == "level") return Mode::Angle;
    const auto found = std::find(mode_keys.begin(), mode_keys.end(), key);
    if (found == mode_keys.end()) return std::nullopt;
    return static_cast<Mode>(found - mode_keys.begin());
}

Demand demand_for(Mode mode, const Sticks& sticks, const State& state, const RateProfile& rates, const AngleMode& angle) noexcept
{
    Demand demand;
    demand.throttle = sticks.throttle;
    const double yaw_radps = radians(rate_dps(rates.yaw, sticks.yaw));
    if (mode == Mode::Angle) {
        demand.rates_radps = levelling_rates(sticks, state, angle, yaw_radps);
        return demand;
    }
    // Pushed forward is nose down, which is a negative rate about body y.
    demand.rates_radps =
        Vec3(radians(rate_dps(rates.roll, sticks.roll)), -radians(rate_dps(rates.pitch, sticks.pitch)), yaw_radps);
    if (mode == Mode::Horizon) {
        const double share = std::min(1.0, std::max(std::abs(sticks.roll), std::abs(sticks.pitch)));
        demand.rates_radps = share * demand.rates_radps + (1 - share) * levelling_rates(sticks, state, angle, yaw_radps);
    }
    return demand;
}

} // namespace bh
