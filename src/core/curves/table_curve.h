#pragma once

#include "core/base/message.h"

#include "core/curves/rate_family.h"

#include <array>
#include <string>
#include <tuple>
#include <vector>

namespace bh {

/// Measured points with a monotone cubic between (Fritsch and Carlson 1980), through zero at the centre. Nothing of it is set: it
/// has no parameters and no handles.
class TableCurve {
public:
    TableCurve() = default;
    /// Sticks rising, above 0, the last one 1; the rate of each, never falling. Other points make a curve that checked() refuses
    /// and that stands still.
    TableCurve(std::vector<double> stick, std::vector<double> rates_dps);

    [[nodiscard]] const std::vector<double>& stick() const { return stick_; }
    [[nodiscard]] const std::vector<double>& rates_dps() const { return rates_dps_; }
    [[nodiscard]] double rate_dps(double stick) const noexcept;
    [[nodiscard]] double centre_slope_dps() const noexcept { return slopes_.empty() ? 0 : slopes_.front(); }
    [[nodiscard]] Message problem() const; ///< what is wrong with the points; empty: nothing
    bool operator==(const TableCurve& other) const { return stick_ == other.stick_ && rates_dps_ == other.rates_dps_; }

private:
    std::vector<double> stick_, rates_dps_;
    std::vector<double> slopes_; ///< at the centre and the points, worked out once; empty where the points are no curve
};

template <>
struct RateFamilyOf<TableCurve> {
    static constexpr std::string_view key = "table";
    static constexpr std::array<RateParameter, 0> parameters{};
    static constexpr std::size_t sizing = 0;
    static std::tuple<> values(auto&) { return {}; }

    static double rate_dps(const TableCurve& c, double x) { return c.rate_dps(x); }
    static double centre_slope_dps(const TableCurve& c) { return c.centre_slope_dps(); }
    static TableCurve with_end(TableCurve c, double) { return c; }
    static TableCurve with_centre(TableCurve c, double, double) { return c; }
};

} // namespace bh
