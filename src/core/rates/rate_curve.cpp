#include "core/rates/rate_curve.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace bh {
namespace {

double raw_rate(const CentreMaxCurve& c, double x)
{
    const double x2 = x * x;
    return x * c.centre_dps +
           std::max(0.0, c.max_dps - c.centre_dps) * std::abs(x) * (x2 * x2 * x * c.expo + x * (1 - c.expo));
}
double raw_rate(const LinearExpoCurve& c, double x) { return c.max_dps * ((1 - c.expo) * x + c.expo * x * x * x); }

double raw_slope(const CentreMaxCurve& c) { return c.centre_dps; }
double raw_slope(const LinearExpoCurve& c) { return c.max_dps * (1 - c.expo); }

bool within(double value, double low, double high) { return value >= low && value <= high; } // false for NaN

} // namespace

const char* family_key(const RateCurve& curve)
{
    return std::holds_alternative<CentreMaxCurve>(curve) ? "centre-max" : "linear-expo";
}

double rate_dps(const RateCurve& curve, double stick) noexcept
{
    const double rate = std::visit([stick](const auto& c) { return raw_rate(c, stick); }, curve);
    return std::clamp(rate, -rate_limit_dps, rate_limit_dps);
}

double centre_slope_dps(const RateCurve& curve) noexcept
{
    return std::visit([](const auto& c) { return raw_slope(c); }, curve);
}

double full_turn_s(const RateCurve& curve) noexcept { return 360.0 / rate_dps(curve, 1.0); }

double stick_for_rate(const RateCurve& curve, double rate) noexcept
{
    const double wanted = std::abs(rate);
    if (!(rate_dps(curve, 1.0) > wanted)) return std::copysign(1.0, rate);
    double low = 0;
    double high = 1;
    while (high - low > 1e-12) {
        const double middle = 0.5 * (low + high);
        (rate_dps(curve, middle) < wanted ? low : high) = middle;
    }
    return std::copysign(high, rate);
}

Result<RateCurve> checked(RateCurve curve)
{
    const auto out_of_range = [](const char* what) { return failure(Error::Code::OutOfRange, what); };
    if (const auto* c = std::get_if<CentreMaxCurve>(&curve)) {
        if (!within(c->centre_dps, 0, 2000)) return out_of_range("centre_dps must lie in 0 to 2000 deg/s");
        if (!within(c->max_dps, 1, 2500)) return out_of_range("max_dps must lie in 1 to 2500 deg/s");
        if (!within(c->expo, 0, 1)) return out_of_range("expo must lie in 0 to 1");
    } else if (const auto* l = std::get_if<LinearExpoCurve>(&curve)) {
        if (!within(l->max_dps, 1, 2500)) return out_of_range("max_dps must lie in 1 to 2500 deg/s");
        if (!within(l->expo, 0, 1)) return out_of_range("expo must lie in 0 to 1");
    }
    return curve;
}

} // namespace bh
