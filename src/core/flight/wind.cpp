#include "core/flight/wind.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bh {

double wind_at_height_mps(double wind_at_20ft_mps, double height_m, double roughness_m) noexcept
{
    return height_m <= roughness_m ? 0
                                   : wind_at_20ft_mps * std::log(height_m / roughness_m) / std::log(20 * foot_m / roughness_m);
}

Turbulence low_height_turbulence(double height_m, double wind_at_20ft_mps) noexcept
{
    const double height_ft = std::clamp(height_m / foot_m, 10.0, 1000.0);
    const double base = 0.177 + 0.000823 * height_ft;
    Turbulence t{};
    t.length_w_m = height_ft * foot_m;
    t.length_u_m = t.length_v_m = height_ft / std::pow(base, 1.2) * foot_m;
    t.sigma_w_mps = 0.1 * wind_at_20ft_mps;
    t.sigma_u_mps = t.sigma_v_mps = t.sigma_w_mps / std::pow(base, 0.4);
    return t;
}

double dryden_along(double omega_radps, double sigma_mps, double length_m, double airspeed_mps) noexcept
{
    const double tau = length_m / airspeed_mps, x = tau * omega_radps;
    return sigma_mps * sigma_mps * 2 * tau / std::numbers::pi / (1 + x * x);
}

double dryden_across(double omega_radps, double sigma_mps, double length_m, double airspeed_mps) noexcept
{
    const double tau = length_m / airspeed_mps, x = tau * omega_radps;
    return sigma_mps * sigma_mps * tau / std::numbers::pi * (1 + 3 * x * x) / ((1 + x * x) * (1 + x * x));
}

Gusts::Gusts(std::uint64_t seed) : random_(seed)
{
    along_ = random_.normal();
    for (Vec2& x : across_) {
        const double n1 = random_.normal(), n2 = random_.normal();
        x = Vec2(n1, 0.5 * n1 + 0.5 * n2); // of the covariance P of step()
    }
}

Vec3 Gusts::step(const Turbulence& t, double airspeed_mps, double dt_s)
{
    const double speed = std::max(1.0, airspeed_mps);
    const double a_along = std::exp(-dt_s * speed / t.length_u_m);
    along_ = a_along * along_ + std::sqrt(1 - a_along * a_along) * random_.normal();
    now_.x() = t.sigma_u_mps * along_;
    // The second-order filter σ·sqrt(τ/π)·(1 + √3·τ·s)/(1 + τ·s)² as two first-order ones in a row, x1 and x2, of unit
    // noise: y = σ/√2·(√3·x1 + (1 − √3)·x2). Their stationary covariance is P = (1, ½; ½, ½), and the noise of one step
    // what is missing to it: Q = P − F·P·Fᵀ.
    for (int i = 0; i < 2; ++i) {
        const double length_m = i == 0 ? t.length_v_m : t.length_w_m;
        const double sigma = i == 0 ? t.sigma_v_mps : t.sigma_w_mps;
        const double h = dt_s * speed / length_m, a = std::exp(-h), a2 = a * a;
        const double q11 = 1 - a2, q12 = 0.5 - a2 * (h + 0.5), q22 = 0.5 - a2 * (h * h + h + 0.5);
        const double l11 = std::sqrt(q11), l21 = q12 / l11, l22 = std::sqrt(std::max(0.0, q22 - l21 * l21));
        const double n1 = random_.normal(), n2 = random_.normal();
        Vec2& x = across_[i];
        x = Vec2(a * x[0] + l11 * n1, a * h * x[0] + a * x[1] + l21 * n1 + l22 * n2);
        constexpr double root3 = std::numbers::sqrt3;
        now_[i + 1] = sigma / std::numbers::sqrt2 * (root3 * x[0] + (1 - root3) * x[1]);
    }
    return now_;
}

} // namespace bh
