#include "school/setup_rules.h"

#include "core/curves/curve_handles.h"
#include "core/flight/atmosphere.h"

#include <algorithm>

namespace bh {
namespace {

/// Another end, and the centre's slope in proportion: the whole curve is faster or slower.
RateCurve faster(const RateCurve& curve, double end_dps)
{
    const double before = rate_dps(curve, 1);
    if (!(before > 0)) return with_end(curve, end_dps);
    const double centre_dps = centre_slope_dps(curve) * end_dps / before;
    return with_centre(with_end(with_centre(curve, std::min(centre_dps, before)), end_dps), centre_dps);
}

} // namespace

bool is_learner(const School& school, const std::string& pilot_id)
{
    const auto& stages = school.standing(pilot_id).stages;
    return stages.empty() || !std::all_of(stages.begin(), stages.end(), [](StageState s) { return s == StageState::Held; });
}

std::vector<std::string> warnings_of(const School& school, const std::string& pilot_id, const TrainingSetup& setup)
{
    const Airframe* simulated = school.simulated_aircraft(setup.simulated_aircraft);
    const double density = standard_air(0, setup.day.warmer_k).density_kgpm3;
    return setup_warnings(setup, simulated ? *simulated : Airframe{},
                          {is_learner(school, pilot_id), rocking_lately(school, pilot_id)}, density);
}

std::optional<double> rocking_lately(const School& school, const std::string& pilot_id)
{
    constexpr std::size_t newest = 5, least = 3, looked_at = 12;
    const auto& attempts = school.attempts(pilot_id);
    double rocked_s = 0, flown_s = 0;
    std::size_t found = 0;
    for (std::size_t i = attempts.size(); i-- > 0 && found < newest && attempts.size() - i <= looked_at;) {
        if (attempts[i].log_hash.empty() || !(attempts[i].flown_s > 0)) continue;
        const auto share = school.judged(attempts[i].id).rocking_share;
        if (!share) continue;
        rocked_s += *share * attempts[i].flown_s, flown_s += attempts[i].flown_s, ++found;
    }
    return found >= least ? std::optional(rocked_s / flown_s) : std::nullopt;
}

bool full_stick_can_be_set(const TrainingSetup& setup, RateAxes axes)
{
    const auto measured = [](const RateCurve& curve) { return std::holds_alternative<TableCurve>(curve); };
    return axes == RateAxes::Yaw ? !measured(setup.rates.yaw) : !measured(setup.rates.roll) && !measured(setup.rates.pitch);
}

TrainingSetup with_full_stick(TrainingSetup setup, RateAxes axes, double dps)
{
    if (!full_stick_can_be_set(setup, axes)) return setup;
    if (axes == RateAxes::Yaw) {
        setup.rates.yaw = faster(setup.rates.yaw, dps);
    } else {
        setup.rates.roll = faster(setup.rates.roll, dps);
        setup.rates.pitch = faster(setup.rates.pitch, dps);
    }
    return setup;
}

} // namespace bh
