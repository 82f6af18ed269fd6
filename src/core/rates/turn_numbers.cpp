#include "core/rates/turn_numbers.h"

#include <algorithm>
#include <cmath>

namespace bh {

namespace {

/// How long a turn from rest lies behind one that is at full rate from the start: wound up at the largest acceleration until
/// what is left is within the lag's reach, then exponentially.
double start_costs_s(double rate, const Airframe& airframe)
{
    const double lag_s = airframe.rate_lag_s, accel = airframe.max_angular_accel_dps2;
    const double within_reach = std::min(rate, accel * lag_s); // the part that the lag alone follows
    if (!(rate > 0)) return 0;
    const double wound_up = rate - within_reach, wind_s = wound_up / accel;
    return wind_s - wound_up * wind_s / (2 * rate) + within_reach / rate * lag_s;
}

} // namespace

TurnNumbers turn_numbers(const RateCurve& curve, const Airframe& airframe)
{
    TurnNumbers n;
    n.max_dps = rate_dps(curve, 1);
    n.centre_dps = centre_slope_dps(curve);
    n.half_stick_dps = rate_dps(curve, 0.5);
    n.full_turn_s = full_turn_s(curve) + start_costs_s(n.max_dps, airframe);
    n.flip_height_m = 0.5 * gravity_mps2 * n.full_turn_s * n.full_turn_s;
    return n;
}

std::vector<double> stick_use(const std::vector<double>& stick, std::size_t bins)
{
    std::vector<double> shares(bins, 0.0);
    for (const double x : stick)
        shares[std::min(static_cast<std::size_t>(std::abs(x) * static_cast<double>(bins)), bins - 1)] += 1;
    for (double& s : shares) s /= static_cast<double>(std::max<std::size_t>(stick.size(), 1));
    return shares;
}

} // namespace bh
