#include "core/curves/table_curve.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

/// Slopes of the monotone cubic at the points, the centre first (Fritsch and Carlson, SIAM J. Numer. Anal. 17, 1980, with
/// their limit 3 on the slopes over the secants).
std::vector<double> slopes_through(const std::vector<double>& stick, const std::vector<double>& rates_dps)
{
    const std::size_t n = stick.size();
    std::vector<double> secants, at(n + 1);
    for (std::size_t i = 0; i < n; ++i) {
        const double from = i == 0 ? 0 : stick[i - 1], low = i == 0 ? 0 : rates_dps[i - 1];
        secants.push_back((rates_dps[i] - low) / (stick[i] - from));
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

} // namespace

TableCurve::TableCurve(std::vector<double> stick, std::vector<double> rates_dps)
    : stick_(std::move(stick)), rates_dps_(std::move(rates_dps))
{
    if (problem().empty()) slopes_ = slopes_through(stick_, rates_dps_);
}

double TableCurve::rate_dps(double x) const noexcept
{
    if (slopes_.empty() || std::isnan(x)) return slopes_.empty() ? 0 : x;
    const double size = std::min(std::abs(x), stick_.back());
    const auto point = std::min(std::lower_bound(stick_.begin(), stick_.end(), size), stick_.end() - 1);
    const auto i = static_cast<std::size_t>(point - stick_.begin());
    const double from = i == 0 ? 0 : stick_[i - 1], low = i == 0 ? 0 : rates_dps_[i - 1];
    const double width = stick_[i] - from, t = (size - from) / width;
    const double rate = low * (1 + 2 * t) * (1 - t) * (1 - t) + width * slopes_[i] * t * (1 - t) * (1 - t) +
                        rates_dps_[i] * t * t * (3 - 2 * t) + width * slopes_[i + 1] * t * t * (t - 1);
    return std::copysign(rate, x);
}

Message TableCurve::problem() const
{
    if (stick_.empty() || stick_.size() != rates_dps_.size()) return message("points must hold one rate for each stick");
    for (std::size_t i = 0; i < stick_.size(); ++i) {
        if (!(stick_[i] > (i == 0 ? 0 : stick_[i - 1]) && stick_[i] <= 1)) return message("stick must rise from above 0 to 1");
        if (!(rates_dps_[i] >= (i == 0 ? 0 : rates_dps_[i - 1]) && rates_dps_[i] <= rate_limit_dps))
            return message("rates must never fall, from 0 to 1998 deg/s");
    }
    return stick_.back() < 1 ? message("stick must reach 1") : Message();
}

} // namespace bh
