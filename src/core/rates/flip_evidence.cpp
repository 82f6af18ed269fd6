#include "core/rates/flip_evidence.h"

#include "core/base/stats.h"

#include <cmath>
#include <map>

namespace bh {

std::vector<FlipFlown> flips_flown(const FlightLog& log, const RateProfile& rates, bool rolls_asked, bool flips_asked)
{
    constexpr double whole_deg = 300;
    std::vector<FlipFlown> flips;
    for (const Spin& spin : find_spins(log, {0, log.size()})) {
        const bool asked = spin.about == Spin::About::Roll ? rolls_asked : flips_asked;
        if (!asked || std::abs(spin.turned_deg) < whole_deg) continue;
        const RateCurve& curve = spin.about == Spin::About::Roll ? rates.roll : rates.pitch;
        flips.push_back({spin.about, rate_dps(curve, 1), exit_error_deg(log, spin), settled_s(log, spin)});
    }
    return flips;
}

std::vector<FlipsOnRate> evidence_by_rate(const std::vector<FlipFlown>& flips)
{
    struct Flown {
        std::vector<double> off_level_deg, settled_s;
    };
    std::map<long, Flown> by_rate; // in fives
    for (const FlipFlown& flip : flips) {
        Flown& flown = by_rate[std::lround(flip.rate_dps / 5)];
        flown.off_level_deg.push_back(flip.off_level_deg);
        flown.settled_s.push_back(flip.settled_s.value_or(most_settling_s));
    }
    std::vector<FlipsOnRate> all;
    for (const auto& [fives, flown] : by_rate) {
        FlipsOnRate e;
        e.rate_dps = 5.0 * static_cast<double>(fives);
        e.flips = static_cast<int>(flown.settled_s.size());
        for (const double s : flown.settled_s) e.settled_in_time += s <= FlipsOnRate::settled_within_s;
        e.off_level_deg = median(flown.off_level_deg);
        e.settled_s = median(flown.settled_s);
        all.push_back(e);
    }
    return all;
}

} // namespace bh
