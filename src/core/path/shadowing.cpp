#include "core/path/shadowing.h"

#include <Eigen/Core>
#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double step_s = 0.02;
constexpr int first_lag = -15, last_lag = 60; // steps
constexpr int coarse = 3;                     // steps at first: hands do not move so quickly that a peak could hide between
constexpr double least_s = 2;

/// A column at even steps from `from_s` on, for `count` of them, held where the log has no row yet.
std::vector<double> evenly(const std::vector<double>& t_s, const std::vector<double>& column, double from_s, std::size_t count)
{
    std::vector<double> out(count);
    std::size_t row = 0;
    for (std::size_t k = 0; k < count; ++k) {
        const double at_s = from_s + static_cast<double>(k) * step_s;
        while (row + 1 < t_s.size() && t_s[row + 1] <= at_s) ++row;
        out[k] = column[row];
    }
    return out;
}

/// Pearson's correlations of one column with another that is shifted.
class Correlator {
public:
    Correlator(const std::vector<double>& a, const std::vector<double>& b) : a_(a), b_(b), sums_a_(sums(a)), sums_b_(sums(b)) {}
    /// Of a[i] and b[i + lag]; 0 where one of them does not move.
    [[nodiscard]] double at(int lag) const
    {
        const auto from_a = static_cast<std::size_t>(std::max(0, -lag)), from_b = static_cast<std::size_t>(std::max(0, lag));
        const std::size_t count = std::min(a_.size() - std::min(a_.size(), from_a), b_.size() - std::min(b_.size(), from_b));
        if (count < 2) return 0;
        const auto n = static_cast<double>(count);
        const auto over = [count](const Sums& s, std::size_t from) {
            return std::pair{s.plain[from + count] - s.plain[from], s.squares[from + count] - s.squares[from]};
        };
        const auto [sa, saa] = over(sums_a_, from_a);
        const auto [sb, sbb] = over(sums_b_, from_b);
        const auto rows = static_cast<Eigen::Index>(count);
        const double sab = Eigen::Map<const Eigen::VectorXd>(a_.data() + from_a, rows)
                               .dot(Eigen::Map<const Eigen::VectorXd>(b_.data() + from_b, rows));
        const double va = saa / n - sa * sa / (n * n), vb = sbb / n - sb * sb / (n * n);
        return va > 1e-12 && vb > 1e-12 ? (sab / n - sa * sb / (n * n)) / std::sqrt(va * vb) : 0;
    }
    [[nodiscard]] double sd_a() const
    {
        const auto n = static_cast<double>(a_.size());
        return std::sqrt(std::max(0.0, sums_a_.squares.back() / n - sums_a_.plain.back() * sums_a_.plain.back() / (n * n)));
    }

private:
    struct Sums {
        std::vector<double> plain{0}, squares{0}; ///< of the first k
    };
    static Sums sums(const std::vector<double>& column)
    {
        Sums s;
        for (const double v : column) s.plain.push_back(s.plain.back() + v), s.squares.push_back(s.squares.back() + v * v);
        return s;
    }
    const std::vector<double>&a_, &b_;
    Sums sums_a_, sums_b_;
};

} // namespace

std::array<std::optional<StickFollow>, 4> follow_sticks(const FlightLog& demonstration, const FlightLog& log, RowSpan span)
{
    std::array<std::optional<StickFollow>, 4> follows;
    span.last = std::min(span.last, log.size());
    if (span.size() < 2 || demonstration.size() < 2) return follows;
    const double from_s = log.t_s[span.first] - log.t_s.front();
    const double duration_s = std::min(log.t_s[span.last - 1] - log.t_s[span.first], demonstration.duration_s() - from_s);
    if (duration_s < least_s) return follows;
    const auto count = static_cast<std::size_t>(duration_s / step_s);
    for (const StickAxis axis : {StickAxis::Throttle, StickAxis::Yaw, StickAxis::Pitch, StickAxis::Roll}) {
        const auto shown =
            evenly(demonstration.t_s, stick_column(demonstration, axis), demonstration.t_s.front() + from_s, count);
        const auto followed = evenly(log.t_s, stick_column(log, axis), log.t_s[span.first], count);
        const double travel = axis == StickAxis::Throttle ? 1 : 2;
        const Correlator correlator(shown, followed);
        if (correlator.sd_a() < 0.01 * travel) continue;
        std::pair<double, int> best{-2, 0}; // correlation, lag
        for (int lag = first_lag; lag <= last_lag; lag += coarse) best = std::max(best, {correlator.at(lag), lag});
        for (int lag = std::max(first_lag, best.second - coarse + 1), last = std::min(last_lag, best.second + coarse - 1);
             lag <= last; ++lag)
            best = std::max(best, {correlator.at(lag), lag});
        follows[static_cast<std::size_t>(axis)] = StickFollow{best.first, best.second * step_s};
    }
    return follows;
}

} // namespace bh
