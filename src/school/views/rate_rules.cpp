#include "school/views/rate_rules.h"

#include "core/curves/curve_handles.h"
#include "core/curves/rate_families.h"
#include "core/path/rocking.h"
#include "core/rates/turn_numbers.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

/// What is practised may be said in other numbers: the same curve in a family's own, as near as they come.
RateCurve said_in(const RateCurve& curve, const std::string& family, const std::vector<ParameterRange>& ranges)
{
    if (family_key(curve) == family) return curve;
    MatchOptions options;
    options.ranges = ranges;
    const auto same = match_rates(curve, family, options);
    return same ? same->rounded : curve;
}

} // namespace

StickHistory stick_history(const School& school, const std::string& pilot_id)
{
    constexpr std::size_t bins = 20, newest_flights = 6, newest_outside = 3;
    const auto& attempts = school.attempts(pilot_id);
    const auto& sessions = school.sessions(pilot_id);
    std::array<std::vector<double>, 3> sticks;
    double rocked_s = 0, flown_s = 0;
    std::size_t flights = 0;
    for (auto a = attempts.rbegin(); a != attempts.rend() && flights < newest_flights; ++a) {
        if (a->log_hash.empty() || !a->demonstration.empty()) continue;
        const auto log = school.flight_log(a->log_hash);
        if (!log) continue;
        const std::vector<double>* columns[] = {&log->stick_roll, &log->stick_pitch, &log->stick_yaw};
        for (std::size_t axis = 0; axis < 3; ++axis)
            sticks[axis].insert(sticks[axis].end(), columns[axis]->begin(), columns[axis]->end());
        rocked_s += log->duration_s() * rocking_share(*log, {0, log->size()}, std::nullopt);
        flown_s += log->duration_s();
        ++flights;
    }
    std::size_t outside = 0;
    for (auto session = sessions.rbegin(); session != sessions.rend() && outside < newest_outside; ++session) {
        const auto recorded = school.outside_sticks(*session);
        if (recorded.empty()) continue;
        for (const Sticks& s : recorded) sticks[0].push_back(s.roll), sticks[1].push_back(s.pitch), sticks[2].push_back(s.yaw);
        ++outside;
    }
    StickHistory history;
    if (flown_s > 0) history.rocking_share = rocked_s / flown_s;
    for (std::size_t axis = 0; axis < 3; ++axis)
        if (!sticks[axis].empty()) history.shares[axis] = stick_use(sticks[axis], bins);
    return history;
}

RateProfile MatchAnswer::matched() const
{
    RateProfile profile = changing();
    for (const RateAxis axis : rate_axes)
        if (const auto& m = matches[static_cast<std::size_t>(axis)]) curve_of(profile, axis) = m->rounded;
    return profile;
}

std::optional<NotOnAircraft> why_match_blocked(const School& school, const std::string& pilot_id, double least_hours)
{
    const PilotFile& file = school.file(pilot_id);
    const RateProfile practised = file.setup ? file.setup->rates : RateProfile{};
    if (!file.trial || !(file.trial->rates == practised)) return NotOnAircraft{NotOnAircraft::Why::NotTried, 0, least_hours, 0};
    double active_s = 0;
    for (const Session& s : file.sessions)
        if (s.started_at >= file.trial->at) active_s += s.active_s;
    std::vector<int> ratings;
    for (const HandlingNote& n : file.handling)
        if (n.at >= file.trial->at && n.rates == file.trial->rates) ratings.push_back(n.rating);
    return why_not_on_aircraft(active_s / 3600, least_hours, ratings);
}

MatchAnswer match_again(const School& school, const MatchQuestion& question)
{
    MatchAnswer answer;
    answer.question = question;
    const SimulatorProfile* simulator = school.simulator(question.simulator_id);
    answer.has_aircraft = school.real_aircraft(question.aircraft_id);
    answer.has_simulator = simulator;
    if (const RateProfile* known = school.rates_of(question.aircraft_id)) answer.real = *known, answer.real_known = true;
    if (const auto& own = school.setup(question.pilot_id)) answer.practised = own->rates;
    if (question.direction == MatchDirection::FoundHere)
        answer.blocked = why_match_blocked(school, question.pilot_id, question.least_hours);
    const RateFamily* family = answer.aircraft_changes() ? rate_family(family_key(answer.real.roll))
                               : simulator               ? rate_family(simulator->rate_family)
                                                         : nullptr;
    if (!family) return answer;
    answer.family = family->key;
    if (!answer.aircraft_changes())
        answer.ranges = ranges_in(*simulator);
    else
        answer.ranges = answer.real.limits.size() == family->parameters.size() ? answer.real.limits : ranges_of(*family);
    if (!answer.has_aircraft || !simulator) return answer;
    for (const RateAxis axis : rate_axes) {
        const auto i = static_cast<std::size_t>(axis);
        if (question.locked[i]) continue;
        MatchOptions options;
        options.keep_max = question.keep_max;
        options.keep_centre = question.keep_centre;
        options.weights = question.weights[i];
        options.ranges = answer.ranges;
        if (auto match = match_rates(curve_of(answer.target(), axis), answer.family, options))
            answer.matches[i] = std::move(*match);
    }
    return answer;
}

std::optional<KeptMatch> match_to_keep(const MatchAnswer& answer, const RateProfile& practised)
{
    if (!answer.real_known) return std::nullopt;
    return KeptMatch{
        answer.question.aircraft_id, answer.question.simulator_id, answer.real, practised, answer.family, answer.ranges};
}

Result<KeptPlan> plan_to_match(const MatchAnswer& answer)
{
    KeptPlan plan;
    plan.on_aircraft = answer.aircraft_changes();
    plan.aircraft = answer.question.aircraft_id;
    plan.simulator = answer.question.simulator_id;
    plan.stays = plan.on_aircraft ? answer.practised : answer.real;
    plan.plan.from = answer.changing();
    plan.plan.to = answer.matched();
    plan.plan.ranges = answer.ranges;
    plan.plan.locked = answer.question.locked;
    for (const RateAxis axis : rate_axes)
        if (!plan.plan.locked[static_cast<std::size_t>(axis)])
            curve_of(plan.plan.from, axis) = said_in(curve_of(plan.plan.from, axis), answer.family, answer.ranges);
    if (const auto standing = standing_of(plan.plan); !standing) return tl::unexpected(standing.error());
    return plan;
}

Result<KeptPlan> plan_of_max(const MatchAnswer& answer, double max_dps, bool one_jump)
{
    MatchAnswer wanted = answer;
    for (const RateAxis axis : rate_axes) {
        auto& match = wanted.matches[static_cast<std::size_t>(axis)];
        const RateCurve is = said_in(curve_of(answer.changing(), axis), answer.family, answer.ranges);
        match = RateMatch{};
        match->rounded = answer.question.locked[static_cast<std::size_t>(axis)] ? is : with_end(is, max_dps);
    }
    auto plan = plan_to_match(wanted);
    if (!plan) return plan;
    plan->max_only = true;
    constexpr double any = 1000; // of the rate: no step is too big
    if (one_jump) plan->plan.most_share = any;
    return plan;
}

std::vector<FlipsOnRate> flip_evidence(const School& school, const std::string& pilot_id)
{
    constexpr std::size_t newest_flights = 12;
    const auto& attempts = school.attempts(pilot_id);
    std::vector<FlipFlown> flips;
    std::size_t flights = 0;
    const auto asks = [&](const Attempt& a, bool about_roll) {
        const Drill* drill = a.free() ? nullptr : school.drill(a.drill_id);
        return drill && std::any_of(drill->phases.begin(), drill->phases.end(), [&](const Phase& p) {
                   return p.goal.kind == Goal::Kind::Spin && p.goal.spin_about_roll == about_roll;
               });
    };
    for (auto a = attempts.rbegin(); a != attempts.rend() && flights < newest_flights; ++a) {
        if (a->log_hash.empty() || !a->demonstration.empty() || (!asks(*a, true) && !asks(*a, false))) continue;
        const auto flight = school.judged(a->id).flight;
        const auto log = flight ? school.flight_log(a->log_hash) : Result<FlightLog>(FlightLog{});
        if (!flight || !log) continue;
        ++flights;
        const auto flown = flips_flown(*log, flight->rates, asks(*a, true), asks(*a, false));
        flips.insert(flips.end(), flown.begin(), flown.end());
    }
    return evidence_by_rate(flips);
}

RateEvidence rate_evidence(const MatchAnswer& answer, const std::optional<double>& rocking_share,
                           const std::vector<FlipsOnRate>& flips, const Airframe* real)
{
    constexpr double same_dps = 5;
    RateEvidence evidence;
    evidence.max_dps = rate_dps(answer.practised.roll, 1);
    evidence.rocking_share = rocking_share;
    if (real) evidence.airframe = *real;
    for (const FlipsOnRate& f : flips)
        if (std::abs(f.rate_dps - evidence.max_dps) <= same_dps) evidence.flips = f;
    return evidence;
}

Result<KeptPlan> plan_of_purpose(const School& school, MatchQuestion question, const RateBand& band)
{
    question.direction = MatchDirection::SimulatorToReal;
    MatchAnswer wanted = match_again(school, question);
    if (wanted.family.empty()) { // no simulator is chosen: in the numbers that the pilot's own are given in
        wanted.family = family_key(wanted.practised.roll);
        if (const RateFamily* own = rate_family(wanted.family)) wanted.ranges = ranges_of(*own);
    }
    for (const RateAxis axis : rate_axes) {
        const auto i = static_cast<std::size_t>(axis);
        const RateCurve is = said_in(curve_of(wanted.practised, axis), wanted.family, wanted.ranges);
        const double end_dps = axis == RateAxis::Yaw ? band.start_yaw_dps : band.start_dps;
        wanted.matches[i] = RateMatch{};
        wanted.matches[i]->rounded = question.locked[i] ? is : with_end(is, end_dps);
    }
    auto plan = plan_to_match(wanted);
    if (plan) plan->max_only = true;
    return plan;
}

std::optional<KeptMatch> match_of_plan(const School& school, const std::string& pilot_id, const KeptPlan& plan,
                                       const RateProfile& rates)
{
    const SimulatorProfile* simulator = school.simulator(plan.simulator);
    const RateProfile* real = school.rates_of(plan.aircraft);
    const auto& own = school.setup(pilot_id);
    if (!simulator || !real || !own) return std::nullopt;
    const RateProfile& stayed = plan.on_aircraft ? own->rates : *real;
    if (!(stayed == plan.stays)) return std::nullopt;
    const RateProfile& other = plan.on_aircraft ? own->rates : *real;
    if (plan.max_only) // the rest of the curve was left as it was
        for (const RateAxis axis : {RateAxis::Roll, RateAxis::Pitch})
            if (difference(curve_of(rates, axis), curve_of(other, axis)).rms_dps > rates_near_dps) return std::nullopt;
    return KeptMatch{
        plan.aircraft,          plan.simulator,       plan.on_aircraft ? rates : *real, plan.on_aircraft ? own->rates : rates,
        simulator->rate_family, ranges_in(*simulator)};
}

std::optional<RatesOnCard> rates_on_card(const School& school, const std::string& pilot_id, const SimulatorProfile& simulator)
{
    const PilotFile& file = school.file(pilot_id);
    if (!file.setup || !rate_family(simulator.rate_family)) return std::nullopt;
    RatesOnCard card;
    if (const Airframe* real = school.real_aircraft(file.setup->real_aircraft)) card.aircraft = real->name;
    card.matched_at = file.match_at;
    if (file.match && school.match_stale(pilot_id))
        card.from = RatesOnCard::From::StaleMatch;
    else if (file.match)
        card.from = file.match->simulator == simulator.id ? RatesOnCard::From::Match : RatesOnCard::From::MatchElsewhere;
    MatchOptions options;
    options.ranges = ranges_in(simulator);
    for (const RateAxis axis : rate_axes)
        if (const auto match = match_rates(curve_of(file.setup->rates, axis), simulator.rate_family, options))
            card.set_here[static_cast<std::size_t>(axis)] = match->rounded;
    return card;
}

} // namespace bh
