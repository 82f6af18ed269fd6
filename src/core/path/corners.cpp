#include "core/path/corners.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double apart = 0.24, closest_s = 0.9, bank_apart_deg = 6; // 12 % of −1…1
constexpr std::size_t fewest_swings = 3;

/// The longest run of turning points that follow each other closely; those at which the stick was swung to and from.
std::vector<TurningPoint> longest_run(const FlightLog& log, RowSpan rows)
{
    auto points = turning_points(log.stick_roll, rows, apart);
    const auto swung_to = [&](const TurningPoint& p) {
        for (std::size_t i = rows.first; i < p.row; ++i)
            if (std::abs(log.stick_roll[i] - p.value) > apart) return true;
        return false;
    };
    if (!points.empty() && !swung_to(points.front())) points.erase(points.begin());
    std::vector<TurningPoint> run, longest;
    for (const TurningPoint& p : points) {
        if (!run.empty() && log.t_s[p.row] - log.t_s[run.back().row] > closest_s) run.clear();
        run.push_back(p);
        if (run.size() > longest.size()) longest = run;
    }
    return longest;
}

} // namespace

std::vector<StirredCorner> find_stirred_corners(const FlightLog& log, RowSpan span, const std::vector<Turn>& turns)
{
    std::vector<StirredCorner> found;
    std::vector<double> bank(log.size());
    for (std::size_t i = span.first; i < span.last; ++i) bank[i] = bank_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]});
    for (std::size_t t = 0; t < turns.size(); ++t) {
        const double next_s = t + 1 < turns.size() ? turns[t + 1].start_s : 1e300, last_s = t > 0 ? turns[t - 1].end_s : -1e300;
        RowSpan rows = rows_between(log, std::max(turns[t].start_s - before_turn_s, last_s),
                                    std::min(turns[t].end_s + after_turn_s, std::max(next_s, turns[t].end_s)));
        rows = {std::max(rows.first, span.first), std::min(rows.last, span.last)};
        if (rows.size() == 0) continue;
        const std::vector<TurningPoint> sticks = longest_run(log, rows);
        if (sticks.size() < fewest_swings) continue;
        // A stick that commands a rate turns round once more than the bank that it leads.
        const std::vector<TurningPoint> banks = turning_points(bank, rows, bank_apart_deg);
        if (banks.size() + 1 < sticks.size() || banks.size() + 1 < fewest_swings) continue;
        double swings_deg = 0;
        for (std::size_t i = 1; i < banks.size(); ++i) swings_deg += std::abs(banks[i].value - banks[i - 1].value);
        found.push_back({log.t_s[sticks.front().row], log.t_s[sticks.back().row], turns[t].start_s, turns[t].end_s,
                         static_cast<int>(sticks.size()), swings_deg / static_cast<double>(banks.size() - 1)});
    }
    return found;
}

bool is_over_control(const std::vector<StirredCorner>& corners, std::size_t turns)
{
    constexpr std::size_t enough = 2;
    constexpr double enough_share = 0.4;
    return corners.size() >= enough ||
           (!corners.empty() && static_cast<double>(corners.size()) >= enough_share * static_cast<double>(turns));
}

} // namespace bh
