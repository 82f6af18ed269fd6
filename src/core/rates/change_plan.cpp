#include "core/rates/change_plan.h"

#include "core/curves/rate_families.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr std::size_t most_steps = 400; // of a plan that never ends

std::vector<ParameterRange> ranges_of(const ChangePlan& plan, const RateFamily& family)
{
    if (plan.ranges.size() == family.parameters.size()) return plan.ranges;
    return bh::ranges_of(family);
}

double on_steps(double value, const ParameterRange& range)
{
    return range.step > 0 ? range.low + std::round((value - range.low) / range.step) * range.step : value;
}

/// On the way from `from`: half-way between two steps it is the nearer one to where it comes from, so that no step grows.
double on_steps_from(double from, double value, const ParameterRange& range)
{
    return on_steps(value + std::copysign(1e-6 * range.step, from - value), range);
}

/// Roll and pitch go together where they are the same now and then.
std::vector<std::vector<RateAxis>> together(const ChangePlan& plan, const RateProfile& now)
{
    std::vector<std::vector<RateAxis>> groups;
    const bool pair = !plan.locked[0] && !plan.locked[1] && now.roll == now.pitch && plan.to.roll == plan.to.pitch;
    if (pair) groups.push_back({RateAxis::Roll, RateAxis::Pitch});
    for (const RateAxis axis : rate_axes)
        if (!plan.locked[static_cast<std::size_t>(axis)] && !(pair && axis != RateAxis::Yaw)) groups.push_back({axis});
    return groups;
}

std::optional<RateStep> next_step(const ChangePlan& plan, const RateProfile& now, double most_share)
{
    for (const auto& axes : together(plan, now)) {
        const RateCurve &is = curve_of(now, axes.front()), &will = curve_of(plan.to, axes.front());
        const auto values = parameters_of(is), targets = parameters_of(will);
        const auto ranges = ranges_of(plan, *rate_family(family_key(is)));
        const double most_dps = most_share * std::max(rate_dps(is, 1), rate_dps(will, 1));
        for (std::size_t k = 0; k < values.size(); ++k) {
            const double step = std::max(ranges[k].step, 1e-9);
            if (std::abs(targets[k] - values[k]) < 1e-6 * step) continue;
            RateStep next{axes, k, values[k], targets[k], 0};
            const auto changes_dps = [&](double to) {
                return difference(is, curve_of(with_parameter(now, next, to), axes.front())).worst_dps;
            };
            // As many even steps as keep each within what a hand can follow, none finer than the parameter's own.
            for (int parts = 1; changes_dps(next.to) > most_dps && std::abs(targets[k] - values[k]) / parts > step; ++parts)
                next.to = on_steps_from(values[k], values[k] + (targets[k] - values[k]) / (parts + 1), ranges[k]);
            if (std::abs(next.to - values[k]) < 0.5 * step)
                next.to = std::abs(targets[k] - values[k]) < step ? targets[k]
                                                                  : values[k] + std::copysign(step, targets[k] - values[k]);
            next.worst_dps = changes_dps(next.to);
            return next;
        }
    }
    return std::nullopt;
}

} // namespace

RateProfile with_parameter(RateProfile profile, const RateStep& step, double value)
{
    for (const RateAxis axis : step.axes) {
        auto values = parameters_of(curve_of(profile, axis));
        if (step.parameter < values.size()) values[step.parameter] = value;
        curve_of(profile, axis) = *curve_with(family_key(curve_of(profile, axis)), values);
    }
    return profile;
}

double left_by(const RatedStep& rated, const ParameterRange& range)
{
    return rated.rating < half_way_back_from ? rated.step.to : on_steps((rated.step.from + rated.step.to) / 2, range);
}

Result<PlanStanding> standing_of(const ChangePlan& plan)
{
    if (!(plan.most_share > 0)) return failure(Error::Code::OutOfRange, "share of a step: expected more than 0");
    for (const RateAxis axis : rate_axes) {
        if (plan.locked[static_cast<std::size_t>(axis)]) continue;
        const std::string from = family_key(curve_of(plan.from, axis)), to = family_key(curve_of(plan.to, axis));
        if (from != to || !rate_family(from))
            return failure(Error::Code::OutOfRange, "rates: expected both in one family that can be set, found %1 and %2", from,
                           to);
    }
    PlanStanding standing{plan.from, std::nullopt, {}};
    double share = plan.most_share;
    for (const RatedStep& rated : plan.flown) {
        const RateFamily* family = rate_family(family_key(curve_of(standing.now, rated.step.axes.front())));
        standing.now = with_parameter(standing.now, rated.step, left_by(rated, ranges_of(plan, *family)[rated.step.parameter]));
        if (rated.rating >= half_way_back_from) share /= 2;
    }
    standing.next = next_step(plan, standing.now, share);
    RateProfile now = standing.now;
    for (auto step = standing.next; step && standing.left.size() < most_steps; step = next_step(plan, now, share)) {
        standing.left.push_back(*step);
        now = with_parameter(now, *step, step->to);
    }
    return standing;
}

} // namespace bh
