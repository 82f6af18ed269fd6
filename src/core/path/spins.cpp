#include "core/path/spins.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {
constexpr double quick_dps = 150, stops_dps = 0.2, least_turned_deg = 180, after_s = 0.3, recovers_s = 1.5;
}

std::vector<Spin> find_spins(const FlightLog& log, RowSpan span)
{
    std::vector<Spin> spins;
    for (const Spin::About about : {Spin::About::Roll, Spin::About::Pitch}) {
        const std::vector<double>& rate = about == Spin::About::Roll ? log.p_dps : log.q_dps;
        for (std::size_t i = span.first; i < span.last;) {
            if (std::abs(rate[i]) < quick_dps) {
                ++i;
                continue;
            }
            const double side = rate[i] > 0 ? 1 : -1;
            std::size_t first = i, last = i;
            while (first > span.first && side * rate[first - 1] > stops_dps) --first;
            while (last + 1 < span.last && side * rate[last + 1] > stops_dps) ++last;
            i = last + 1;
            Spin s;
            s.about = about;
            s.rows = {first, last + 1};
            for (std::size_t r = first; r <= last; ++r) {
                s.peak_dps = std::max(s.peak_dps, std::abs(rate[r]));
                if (r > first) s.turned_deg += 0.5 * (rate[r] + rate[r - 1]) * (log.t_s[r] - log.t_s[r - 1]);
            }
            if (std::abs(s.turned_deg) < least_turned_deg) continue;
            s.start_s = log.t_s[first];
            s.end_s = log.t_s[last];
            s.height_change_m = log.height_m[last] - log.height_m[first];
            s.entry_speed_mps = log.sample(first).ground_speed_mps();
            const RowSpan until = rows_between(log, s.start_s, s.end_s + recovers_s);
            for (std::size_t r = first; r < std::min(until.last, span.last); ++r)
                s.lowest_m = std::min(s.lowest_m, log.height_m[r] - log.height_m[first]);
            spins.push_back(s);
        }
    }
    std::sort(spins.begin(), spins.end(), [](const Spin& a, const Spin& b) { return a.start_s < b.start_s; });
    return spins;
}

namespace {

/// From level about the spin's axis.
double off_level_deg(const FlightLog& log, Spin::About about, std::size_t row)
{
    const Quat q(log.qw[row], log.qx[row], log.qy[row], log.qz[row]);
    const Vec3 up = q.conjugate() * Vec3(0, 0, -1);
    return std::abs(degrees(about == Spin::About::Roll ? std::atan2(up.y(), -up.z()) : std::atan2(up.x(), -up.z())));
}

} // namespace

std::optional<double> settled_s(const FlightLog& log, const Spin& spin)
{
    constexpr double level_deg = 10, still_dps = 40, for_s = 0.3;
    const std::vector<double>& rate = spin.about == Spin::About::Roll ? log.p_dps : log.q_dps;
    std::optional<double> since_s;
    for (std::size_t row = spin.rows.last > 0 ? spin.rows.last - 1 : 0; row < log.size(); ++row) {
        const double t_s = log.t_s[row];
        if (t_s - spin.end_s > most_settling_s + for_s) break;
        const bool still = off_level_deg(log, spin.about, row) < level_deg && std::abs(rate[row]) < still_dps;
        if (!still)
            since_s.reset();
        else if (!since_s)
            since_s = t_s;
        if (since_s && t_s - *since_s >= for_s) return std::max(0.0, *since_s - spin.end_s);
    }
    return std::nullopt;
}

double exit_error_deg(const FlightLog& log, const Spin& spin)
{
    const std::size_t row = std::min(rows_between(log, spin.end_s + after_s, spin.end_s + after_s).first, log.size() - 1);
    return off_level_deg(log, spin.about, row);
}

} // namespace bh
