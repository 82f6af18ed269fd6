#include "school/views/setup_rules.h"

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

std::vector<Message> warnings_of(const School& school, const std::string& pilot_id, const TrainingSetup& setup)
{
    const Airframe* simulated = school.simulated_aircraft(setup.simulated_aircraft);
    const double density = standard_air(0, setup.day.warmer_k).density_kgpm3;
    return setup_warnings(setup, simulated ? *simulated : Airframe{},
                          {is_learner(school, pilot_id), rocking_lately(school, pilot_id)}, density);
}

namespace {

/// The newest flights since then, of which it is known how much a stick rocked.
WayBackEvidence rocking_since(const School& school, const std::string& pilot_id, UnixTime since)
{
    constexpr int newest = 5;
    constexpr std::size_t looked_at = 12;
    const auto& attempts = school.attempts(pilot_id);
    double rocked_s = 0, flown_s = 0;
    WayBackEvidence found;
    for (std::size_t i = attempts.size(); i-- > 0 && found.flights < newest && attempts.size() - i <= looked_at;) {
        if (attempts[i].at < since) break;
        if (attempts[i].log_hash.empty() || !(attempts[i].flown_s > 0)) continue;
        const auto share = school.judged(attempts[i].id).rocking_share;
        if (!share) continue;
        rocked_s += *share * attempts[i].flown_s, flown_s += attempts[i].flown_s, ++found.flights;
    }
    if (flown_s > 0) found.rocking_share = rocked_s / flown_s;
    return found;
}

} // namespace

std::optional<double> rocking_lately(const School& school, const std::string& pilot_id)
{
    constexpr int least = 3;
    const WayBackEvidence lately = rocking_since(school, pilot_id, 0);
    return lately.flights >= least ? std::optional(lately.rocking_share) : std::nullopt;
}

Easing easing_of(const TrainingSetup& setup)
{
    return {setup.power_share, setup.propeller_ratio, rate_dps(setup.rates.roll, 1), setup.camera_tilt_deg};
}

WayBack way_back_from(const TrainingSetup& setup, double rate_dps, double tilt_deg, UnixTime now)
{
    WayBack way;
    way.eased = easing_of(setup);
    way.real = {1, 1, rate_dps, tilt_deg};
    way.at = now;
    return way;
}

std::optional<WayBackStanding> way_back_standing(const School& school, const std::string& pilot_id)
{
    const PilotFile& file = school.file(pilot_id);
    if (!file.way_back || file.way_back->ended || !file.setup) return std::nullopt;
    return standing_of(*file.way_back, easing_of(*file.setup));
}

WayBackEvidence way_back_evidence(const School& school, const std::string& pilot_id)
{
    const auto& way = school.file(pilot_id).way_back;
    if (!way) return {};
    return rocking_since(school, pilot_id, way->taken.empty() ? 0 : way->taken.back().at);
}

bool step_on_way_back(School& school, const std::string& pilot_id, bool forward)
{
    const auto standing = way_back_standing(school, pilot_id);
    const auto rung = !standing ? std::nullopt : forward ? standing->next : standing->back;
    if (!rung) return false;
    const WayBackEvidence evidence = way_back_evidence(school, pilot_id);
    WayBack way = *school.file(pilot_id).way_back;
    way.taken.push_back({school.now(), *rung, evidence.flights > 0 ? std::optional(evidence.rocking_share) : std::nullopt});
    TrainingSetup setup = *school.setup(pilot_id);
    switch (rung->what) {
    case Eased::Power: setup.power_share = rung->to; break;
    case Eased::Propellers: setup.propeller_ratio = rung->to; break;
    case Eased::Rates: setup = with_full_stick(setup, RateAxes::RollAndPitch, rung->to); break;
    case Eased::Tilt: setup.camera_tilt_deg = rung->to; break;
    }
    return school.keep_way_back_step(pilot_id, way, setup);
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
