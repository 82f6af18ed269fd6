#include "core/curves/rate_curve.h"

#include "core/curves/rate_families.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <sstream>

namespace bh {
namespace {

template <class Curve>
using Of = RateFamilyOf<std::remove_cvref_t<Curve>>;

/// Where the values of a curve stand, in the order of its parameters.
template <class Curve>
auto values_of(Curve& curve)
{
    const auto tied = Of<Curve>::values(curve);
    constexpr std::size_t count = std::tuple_size_v<std::remove_cvref_t<decltype(tied)>>;
    static_assert(count == Of<Curve>::parameters.size(), "a value for each parameter");
    using Value = std::conditional_t<std::is_const_v<Curve>, const double, double>;
    return std::apply([](auto&... value) { return std::array<Value*, count>{&value...}; }, tied);
}

/// What is wrong with a curve; empty when nothing is.
template <class Curve>
Message problem(const Curve& curve)
{
    const auto values = values_of(curve);
    for (std::size_t i = 0; i < values.size(); ++i) {
        const RateParameter& p = Of<Curve>::parameters[i];
        if (*values[i] >= p.low && *values[i] <= p.high) continue; // false for NaN
        return message("%1 must lie in %2 to %3", p.key, significant(p.low, 6), significant(p.high, 6));
    }
    return {};
}
Message problem(const TableCurve& curve) { return curve.problem(); }

template <std::size_t I>
std::optional<RateCurve> with_parameters(std::string_view family, std::span<const double> parameters)
{
    using Curve = std::variant_alternative_t<I, RateCurve>;
    if (family == Of<Curve>::key && !Of<Curve>::parameters.empty()) {
        if (parameters.size() != Of<Curve>::parameters.size()) return std::nullopt;
        Curve curve;
        const auto values = values_of(curve);
        for (std::size_t i = 0; i < values.size(); ++i) *values[i] = parameters[i];
        return curve;
    }
    if constexpr (I + 1 < std::variant_size_v<RateCurve>)
        return with_parameters<I + 1>(family, parameters);
    else
        return std::nullopt;
}

} // namespace

const char* family_key(const RateCurve& curve)
{
    return std::visit([](const auto& c) { return Of<decltype(c)>::key.data(); }, curve);
}

double rate_dps(const RateCurve& curve, double stick) noexcept
{
    const double rate = std::visit([stick](const auto& c) { return Of<decltype(c)>::rate_dps(c, stick); }, curve);
    return std::clamp(rate, -rate_limit_dps, rate_limit_dps);
}

double centre_slope_dps(const RateCurve& curve) noexcept
{
    return std::visit([](const auto& c) { return Of<decltype(c)>::centre_slope_dps(c); }, curve);
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
    const Message wrong = std::visit([](const auto& c) { return problem(c); }, curve);
    if (!wrong.empty()) return failure(Error::Code::OutOfRange, wrong);
    return curve;
}

std::vector<double> parameters_of(const RateCurve& curve)
{
    return std::visit(
        [](const auto& c) {
            std::vector<double> all;
            for (const double* value : values_of(c)) all.push_back(*value);
            return all;
        },
        curve);
}

std::optional<RateCurve> curve_with(std::string_view family, std::span<const double> parameters)
{
    return with_parameters<0>(family, parameters);
}

} // namespace bh
