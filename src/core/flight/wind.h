#pragma once

#include "core/base/random.h"
#include "core/flight/geometry.h"

namespace bh {

inline constexpr double foot_m = 0.3048; ///< international foot, exact
/// Roughness of open ground, 0.15 ft (MIL-F-8785C, from memory).
inline constexpr double open_ground_m = 0.15 * foot_m;

/// Wind at a height above ground from the wind at 20 ft (6.1 m), W20·ln(h/z0)/ln(20 ft/z0), as in MIL-F-8785C (from
/// memory); nothing at the roughness height and below. Speeds in m/s.
[[nodiscard]] double wind_at_height_mps(double wind_at_20ft_mps, double height_m, double roughness_m = open_ground_m) noexcept;

/// Size of low-height turbulence (below 1,000 ft) after MIL-F-8785C (from memory): lengths in m, standard deviations in m/s.
struct Turbulence {
    double length_u_m, length_v_m, length_w_m;
    double sigma_u_mps, sigma_v_mps, sigma_w_mps;
};
/// From the height above ground (held to 10…1,000 ft) and the wind at 20 ft.
[[nodiscard]] Turbulence low_height_turbulence(double height_m, double wind_at_20ft_mps) noexcept;

/// One-sided Dryden spectra of MIL-F-8785C (from memory), (m/s)² s/rad, of the along-wind and the other two components.
[[nodiscard]] double dryden_along(double omega_radps, double sigma_mps, double length_m, double airspeed_mps) noexcept;
[[nodiscard]] double dryden_across(double omega_radps, double sigma_mps, double length_m, double airspeed_mps) noexcept;

/// Gusts as they pass an aircraft, with the Dryden spectra: white noise through first- and second-order filters, exact for
/// a held step. Seeded: the same seed gives the same gusts. Components: along the wind, to its right, up.
class Gusts {
public:
    /// As they would have been blowing for long: the filters' states are drawn from what they are in the long run.
    explicit Gusts(std::uint64_t seed);
    /// Moves on by `dt_s` at that airspeed (at least 1 m/s is taken, so that a hovering aircraft meets gusts too).
    Vec3 step(const Turbulence& turbulence, double airspeed_mps, double dt_s);
    [[nodiscard]] const Vec3& now_mps() const { return now_; }

private:
    SeededRandom random_;
    Vec3 now_ = Vec3::Zero();
    double along_ = 0;
    Vec2 across_[2] = {Vec2::Zero(), Vec2::Zero()}; ///< states of the second-order filters
};

} // namespace bh
