#include "core/progress/drill_outlook.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace bh {
namespace {

constexpr double most_days = 3650; // what lies further away is not worth a date

/// The later one; nothing where either is never.
std::optional<double> later(const std::optional<double>& a, const std::optional<double>& b)
{
    return a && b ? std::optional(std::max(*a, *b)) : std::nullopt;
}

/// The day of an attempt that is so many away.
std::optional<std::int64_t> day_of_trial(const std::optional<double>& trial, double flown, double a_week, std::int64_t today)
{
    if (!trial || a_week <= 0) return std::nullopt;
    const double days = 7 * std::max(0.0, *trial - flown) / a_week;
    return days <= most_days ? std::optional(today + static_cast<std::int64_t>(std::ceil(days))) : std::nullopt;
}

void look_ahead(DrillOutlook& o, const DrillTrials& trials, std::int64_t today, const HouseLimits& house)
{
    if (!o.pass) return;
    PracticeForecast pass = *o.pass;
    if (o.leading_pass) {
        pass.trial = later(pass.trial, o.leading_pass->trial);
        pass.low = later(pass.low, o.leading_pass->low);
        pass.high = later(pass.high, o.leading_pass->high);
    }
    const auto flown = static_cast<double>(trials.marks.size());
    const auto day = [&](const std::optional<double>& trial) {
        return day_of_trial(trial, flown, trials.attempts_a_week, today);
    };
    const auto next = [flown](const std::optional<double>& trial) { // the past is over: the next attempt at the soonest
        return trial ? std::optional(std::max(*trial, flown + 1)) : std::nullopt;
    };
    const bool passed = trials.standing.passes > 0;
    if (!passed) {
        o.pass_trial = next(pass.trial);
        o.pass_day = day(o.pass_trial), o.pass_low_day = day(next(pass.low)), o.pass_high_day = day(next(pass.high));
    }
    const int more = std::max(0, house.whole(Limit::HoldPasses) - trials.standing.holding);
    const auto first = passed ? std::optional(flown + 1) : o.pass_trial;
    if (first) o.hold_trial = *first + std::max(0, more - 1);
    o.hold_day = day(o.hold_trial);
    const int more_days = std::max(0, house.whole(Limit::HoldDays) - trials.standing.holding_days - (passed ? 0 : 1));
    if (o.hold_day) o.hold_day = std::max(*o.hold_day, passed ? today + more_days : o.pass_day.value_or(today) + more_days);
}

Message in_words(const DrillOutlook& o, std::size_t attempts)
{
    if (o.state == DrillState::Held) return message("held");
    if (o.state == DrillState::Due) return message("was held, pass it again");
    if (attempts == 0) return message("not flown yet");
    if (attempts < least_trials_for_forecast)
        return message("%1 of %2 attempts: nothing is forecast from fewer than %2", attempts, least_trials_for_forecast);
    if (o.no_progress()) return message("no progress over the last 8 attempts: change one thing, see the debrief");
    if (o.progress == Progress::NotSure)
        return message("not sure yet: over the last 8 attempts the marks may stand still, or rise");
    if (!o.pass_trial && o.hold_trial) return message("passed; held by attempt %1 at the soonest", rounded(*o.hold_trial, 0));
    if (!o.pass_trial) return message("at this rate it is not passed");
    return message("passed by attempt %1", rounded(*o.pass_trial, 0));
}

} // namespace

DrillOutlook drill_outlook(const DrillTrials& trials, std::int64_t today, const HouseLimits& house)
{
    DrillOutlook o;
    o.drill_id = trials.drill_id, o.name = trials.name, o.state = trials.standing.state;
    o.marks.higher_is_better = true;
    for (std::size_t i = 0; i < trials.marks.size(); ++i) {
        o.marks.trial.push_back(static_cast<double>(i + 1));
        o.marks.value.push_back(trials.marks[i]);
    }
    const auto fit = [](const Trials& of, double limit, std::optional<PracticeCurve>& curve,
                        std::optional<PracticeForecast>& forecast) {
        if (auto fitted = practice_curve(of)) curve = *fitted;
        if (curve) forecast = practice_forecast(of, *curve, limit);
    };
    fit(o.marks, marks_to_pass, o.curve, o.pass);
    o.leading = trials.leading;
    if (o.leading) fit(o.leading->trials, o.leading->limit, o.leading_curve, o.leading_pass);
    if (trials.standing.state == DrillState::Tried) o.progress = progress_of(o.marks, marks_to_pass, trials.usual_slope);
    look_ahead(o, trials, today, house);
    o.words = in_words(o, trials.marks.size());
    return o;
}

} // namespace bh
