#include "core/path/leans.h"

#include "core/path/spins.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace bh {
namespace {

Quat attitude_at(const FlightLog& log, std::size_t i) { return {log.qw[i], log.qx[i], log.qy[i], log.qz[i]}; }

/// How fast the nose would turn in a turn that is flown with this bank, ψ' = g·tan φ / v: any other bank is left over. Below a
/// walk no bank asks for a turn.
double turn_asked_dps(const FlightLog& log, std::size_t i)
{
    constexpr double walk_mps = 1;
    const double lean_rad = radians(std::min(89.0, std::abs(bank_deg(attitude_at(log, i)))));
    return degrees(gravity_mps2 * std::tan(lean_rad) / std::max(walk_mps, std::hypot(log.vn_mps[i], log.ve_mps[i])));
}

} // namespace

std::vector<BankLeftOver> find_banks_left_over(const FlightLog& log, RowSpan span)
{
    return banks_left_over_after(log, span, find_turns(log, span), find_spins(log, span));
}

std::vector<BankLeftOver> banks_left_over_after(const FlightLog& log, RowSpan span, const std::vector<Turn>& turned_nose,
                                                const std::vector<Spin>& spins)
{
    constexpr double still = 0.06, turning_dps = 20, least_deg = 10, longer_s = 1, begins_within_s = 1, looks_s = 0.1,
                     least_turn_deg = 45;
    std::vector<BankLeftOver> found;
    if (span.size() < 2) return found;
    const std::vector<double> heading = unwrapped_heading_deg(log, span);
    const auto nose_dps = [&](std::size_t row) {
        const RowSpan about = rows_between(log, log.t_s[row] - looks_s, log.t_s[row] + looks_s);
        const std::size_t a = std::max(about.first, span.first), b = std::min(about.last, span.last) - 1;
        return b > a ? (heading[b - span.first] - heading[a - span.first]) / (log.t_s[b] - log.t_s[a]) : 0;
    };
    std::vector<std::size_t> ends; // of turns and rolls
    for (const Turn& turn : turned_nose) {
        ends.push_back(turn.rows.last - 1);
        // The nose may creep on with the sticks at rest: where it has turned far enough and slows down, a turn is over as well.
        bool turns = false;
        for (std::size_t i = turn.rows.first; i < turn.rows.last; ++i) {
            const bool far_enough = std::abs(heading[i - span.first] - heading[turn.rows.first - span.first]) >= least_turn_deg;
            const bool turned = std::exchange(turns, std::abs(nose_dps(i)) >= turning_dps);
            if (turned && !turns && far_enough) ends.push_back(i);
        }
    }
    for (const Spin& spin : spins)
        if (spin.about == Spin::About::Roll) ends.push_back(spin.rows.last - 1);
    std::sort(ends.begin(), ends.end());
    const auto left_standing = [&](std::size_t i) {
        return log.mode[i] == Mode::Acro && std::abs(log.stick_roll[i]) < still && std::abs(log.stick_yaw[i]) < still &&
               std::abs(bank_deg(attitude_at(log, i))) > least_deg && std::abs(nose_dps(i)) < turn_asked_dps(log, i) / 3;
    };
    double until_s = -1e300;
    for (const std::size_t end : ends) {
        // Sticks on their way through the middle are quiet for a moment as well: every such moment is tried.
        for (std::size_t i = end; i < span.last && log.t_s[i] <= log.t_s[end] + begins_within_s; ++i) {
            if (log.t_s[i] <= until_s || !left_standing(i)) continue;
            BankLeftOver b{log.t_s[i], log.t_s[i], 0};
            double sum = 0, rows = 0;
            for (; i < span.last && left_standing(i); ++i) b.end_s = log.t_s[i], sum += bank_deg(attitude_at(log, i)), ++rows;
            b.bank_deg = sum / rows;
            until_s = b.end_s;
            if (b.end_s - b.start_s > longer_s) found.push_back(b);
        }
    }
    return found;
}

std::vector<SinkInLean> find_sinks_in_lean(const FlightLog& log, RowSpan span)
{
    constexpr double grows_deg = 12, within_s = 1, begins_deg = 10, most_deg = 80, raised = 0.03, descends_mps = -0.5,
                     least_m = 1;
    std::vector<SinkInLean> found;
    if (!log.has_position || span.size() < 2) return found;
    const auto lean = [&](std::size_t i) { return lean_deg(attitude_at(log, i)); };
    const auto own_hands = [&](std::size_t i) {
        return log.armed[i] && (log.mode[i] == Mode::Acro || log.mode[i] == Mode::Angle || log.mode[i] == Mode::Horizon);
    };
    for (std::size_t i = span.first + 1; i < span.last; ++i) {
        if (!own_hands(i) || lean(i) < begins_deg || lean(i - 1) >= begins_deg) continue;
        const std::size_t begins = i; // a lean of 10°
        double least_deg = 1e300, most = 0, lowest_m = log.height_m[begins];
        for (std::size_t k = rows_between(log, log.t_s[begins] - within_s, 0).first; k <= begins; ++k)
            if (k >= span.first) least_deg = std::min(least_deg, lean(k));
        std::size_t k = begins;
        bool grew = false;
        for (; k < span.last && own_hands(k) && log.throttle[k] < log.throttle[begins] + raised && lean(k) >= begins_deg / 2;
             ++k) {
            if (log.t_s[k] - log.t_s[begins] <= within_s) grew = grew || lean(k) - least_deg > grows_deg;
            most = std::max(most, lean(k));
            if (log.height_m[k] < lowest_m) lowest_m = log.height_m[k];
            if (log.climb_mps[k] > 0 && log.t_s[k] - log.t_s[begins] > within_s) break; // sinks no more
        }
        const double sink_m = log.height_m[begins] - lowest_m;
        if (grew && most <= most_deg && log.climb_mps[begins] >= descends_mps && sink_m > least_m)
            found.push_back({log.t_s[begins], log.t_s[std::min(k, span.last - 1)], sink_m});
        i = std::max(i, k);
    }
    return found;
}

} // namespace bh
