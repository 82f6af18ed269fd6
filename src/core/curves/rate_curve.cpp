#include "core/curves/rate_curve.h"

#include "core/curves/rate_families.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <sstream>

namespace bh {
namespace {

/// A gain over 2 counts as much more.
double boosted(double gain) { return gain > 2 ? gain + 14.54 * (gain - 2) : gain; }

double raw_rate(const CentreMaxCurve& c, double x)
{
    const double x2 = x * x;
    return x * c.centre_dps + std::max(0.0, c.max_dps - c.centre_dps) * std::abs(x) * (x2 * x2 * x * c.expo + x * (1 - c.expo));
}
double raw_rate(const LinearExpoCurve& c, double x) { return c.max_dps * ((1 - c.expo) * x + c.expo * x * x * x); }

double raw_rate(const GainSuperCurve& c, double x)
{
    const double size = std::abs(x), bent = x * size * size * size * c.expo + x * (1 - c.expo);
    return 200 * boosted(c.gain) * bent / std::clamp(1 - size * c.super, 0.01, 1.0);
}
double raw_rate(const GainCurveCurve& c, double x)
{
    return 200 * c.gain * (x * x * x * c.curve + x * (1 - c.curve)) / std::clamp(1 - std::abs(x) * c.super, 0.01, 1.0);
}
double raw_rate(const PercentPlusCurve& c, double x)
{
    return c.rate_dps * (1 + 0.01 * c.expo_percent * (x * x - 1)) * x * (1 + std::abs(x) * c.plus_percent * 0.01);
}

/// Slopes of the monotone cubic at the points, the centre first (Fritsch and Carlson, SIAM J. Numer. Anal. 17, 1980, with
/// their limit 3 on the slopes over the secants).
std::vector<double> slopes(const TableCurve& c)
{
    const std::size_t n = c.stick.size();
    std::vector<double> secants, at(n + 1);
    for (std::size_t i = 0; i < n; ++i) {
        const double from = i == 0 ? 0 : c.stick[i - 1], low = i == 0 ? 0 : c.rates_dps[i - 1];
        secants.push_back((c.rates_dps[i] - low) / (c.stick[i] - from));
    }
    at.front() = secants.front(); // odd: the curve is straight through the centre
    at.back() = secants.back();
    for (std::size_t i = 1; i < n; ++i) at[i] = secants[i - 1] * secants[i] <= 0 ? 0 : (secants[i - 1] + secants[i]) / 2;
    for (std::size_t i = 0; i < n; ++i) {
        if (secants[i] == 0) at[i] = at[i + 1] = 0;
        const double length = secants[i] == 0 ? 0 : std::hypot(at[i], at[i + 1]) / secants[i];
        if (length > 3) at[i] *= 3 / length, at[i + 1] *= 3 / length;
    }
    return at;
}

double raw_rate(const TableCurve& c, double x)
{
    if (c.stick.empty() || std::isnan(x)) return x; // no curve, no rate: checked() refuses it
    const double size = std::min(std::abs(x), c.stick.back());
    const auto i = static_cast<std::size_t>(std::min(std::lower_bound(c.stick.begin(), c.stick.end(), size), c.stick.end() - 1) -
                                            c.stick.begin());
    const double from = i == 0 ? 0 : c.stick[i - 1], low = i == 0 ? 0 : c.rates_dps[i - 1];
    const double width = c.stick[i] - from, t = (size - from) / width;
    const std::vector<double> slope = slopes(c);
    const double rate = low * (1 + 2 * t) * (1 - t) * (1 - t) + width * slope[i] * t * (1 - t) * (1 - t) +
                        c.rates_dps[i] * t * t * (3 - 2 * t) + width * slope[i + 1] * t * t * (t - 1);
    return std::copysign(rate, x);
}

double raw_slope(const GainSuperCurve& c) { return 200 * boosted(c.gain) * (1 - c.expo); }
double raw_slope(const GainCurveCurve& c) { return 200 * c.gain * (1 - c.curve); }
double raw_slope(const PercentPlusCurve& c) { return c.rate_dps * (1 - 0.01 * c.expo_percent); }
double raw_slope(const TableCurve& c) { return c.stick.empty() ? 0 : slopes(c).front(); }
double raw_slope(const CentreMaxCurve& c) { return c.centre_dps; }
double raw_slope(const LinearExpoCurve& c) { return c.max_dps * (1 - c.expo); }

/// The parameters in the order of the family's table.
std::array<double, 3> parameters(const CentreMaxCurve& c) { return {c.centre_dps, c.max_dps, c.expo}; }
std::array<double, 2> parameters(const LinearExpoCurve& c) { return {c.max_dps, c.expo}; }
std::array<double, 3> parameters(const GainSuperCurve& c) { return {c.gain, c.super, c.expo}; }
std::array<double, 3> parameters(const GainCurveCurve& c) { return {c.gain, c.super, c.curve}; }
std::array<double, 3> parameters(const PercentPlusCurve& c) { return {c.rate_dps, c.plus_percent, c.expo_percent}; }

/// What is wrong with a curve; empty when nothing is.
template <class Curve>
std::string problem(const Curve& curve, std::string_view family)
{
    const auto values = parameters(curve);
    const auto known = rate_family(family)->parameters;
    for (std::size_t i = 0; i < values.size(); ++i)
        if (!(values[i] >= known[i].low && values[i] <= known[i].high)) { // false for NaN
            std::ostringstream out;
            out << known[i].key << " must lie in " << known[i].low << " to " << known[i].high;
            return out.str();
        }
    return {};
}
std::string problem(const TableCurve& c, std::string_view)
{
    if (c.stick.empty() || c.stick.size() != c.rates_dps.size()) return "points must hold one rate for each stick";
    for (std::size_t i = 0; i < c.stick.size(); ++i) {
        if (!(c.stick[i] > (i == 0 ? 0 : c.stick[i - 1]) && c.stick[i] <= 1)) return "stick must rise from above 0 to 1";
        if (!(c.rates_dps[i] >= (i == 0 ? 0 : c.rates_dps[i - 1]) && c.rates_dps[i] <= rate_limit_dps))
            return "rates must never fall, from 0 to 1998 deg/s";
    }
    return c.stick.back() < 1 ? "stick must reach 1" : "";
}

} // namespace

const char* family_key(const RateCurve& curve)
{
    static constexpr std::array keys{"centre-max", "linear-expo", "gain-super", "gain-curve", "percent-plus", "table"};
    static_assert(keys.size() == std::variant_size_v<RateCurve>);
    return keys[curve.index()];
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
    const std::string wrong = std::visit([&](const auto& c) { return problem(c, family_key(curve)); }, curve);
    if (!wrong.empty()) return failure(Error::Code::OutOfRange, wrong);
    return curve;
}

} // namespace bh
