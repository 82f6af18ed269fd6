#include "core/drill/observed.h"

#include <algorithm>

namespace bh {

ObservedFlight::ObservedFlight(Drill drill) : drill_(std::move(drill)), seen_(drill_.criteria.size()) {}

void ObservedFlight::start(double now_s)
{
    const Drill same = drill_;
    *this = ObservedFlight(same);
    started_s_ = now_s;
}

void ObservedFlight::stop(double now_s, bool finished)
{
    if (!running()) return;
    for (std::size_t c = 0; c < seen_.size(); ++c)
        if (ticking(c)) press(c, now_s);
    if (crashed_s_) throttle_down(now_s);
    stopped_s_ = now_s;
    finished_ = finished;
}

double ObservedFlight::time_s(double now_s) const { return started_s_ ? stopped_s_.value_or(now_s) - *started_s_ : 0; }

bool ObservedFlight::ticking(std::size_t c) const { return c < seen_.size() && seen_[c].since_s.has_value(); }

bool ObservedFlight::press(std::size_t c, double now_s)
{
    if (c >= seen_.size() || !started_s_) return false;
    Seen& seen = seen_[c];
    switch (facts_of(drill_.criteria[c].measure).by_eye) {
    case ByEye::Tally: ++seen.count; break;
    case ByEye::Judged: seen.judgement = (seen.judgement + 1) % 3; break;
    case ByEye::Watch:
    case ByEye::Share:
        if (!running()) return false;
        if (seen.since_s) {
            const double for_s = now_s - *seen.since_s;
            seen.worst_s = std::max(seen.worst_s, for_s);
            seen.outside_s += for_s;
            seen.since_s.reset();
        } else {
            seen.since_s = now_s;
        }
        break;
    default: return false;
    }
    return seen.judged = true;
}

bool ObservedFlight::take_back(std::size_t c)
{
    if (c >= seen_.size() || !seen_[c].judged) return false;
    Seen& seen = seen_[c];
    if (facts_of(drill_.criteria[c].measure).by_eye == ByEye::Tally && seen.count > 1)
        --seen.count;
    else
        seen = Seen{};
    return true;
}

void ObservedFlight::crash(double now_s)
{
    if (!running()) return;
    if (crashed_s_) throttle_down(now_s);
    ++crashes_;
    crashed_s_ = now_s;
}

void ObservedFlight::throttle_down(double now_s)
{
    if (!crashed_s_) return;
    cuts_s_.push_back(now_s - *crashed_s_);
    crashed_s_.reset();
}

void ObservedFlight::next_phase() { phase_ = std::min(phase_ + 1, drill_.phases.size() - 1); }

std::optional<double> ObservedFlight::value(std::size_t c, double now_s) const
{
    const Criterion& criterion = drill_.criteria[c];
    const Seen& seen = seen_[c];
    const double flown_s = time_s(now_s);
    switch (facts_of(criterion.measure).by_eye) {
    case ByEye::Tally: {
        if (!started_s_) return std::nullopt;
        const double count = criterion.measure == Measure::Crashes ? crashes_ + seen.count : seen.count; // none seen is none
        return criterion.measure != Measure::TouchesPerMin ? std::optional(count)
               : flown_s > 0                               ? std::optional(60 * count / flown_s)
                                                           : std::nullopt;
    }
    case ByEye::Watch:
        if (criterion.measure == Measure::ThrottleCutS && !cuts_s_.empty())
            return *std::max_element(cuts_s_.begin(), cuts_s_.end());
        if (seen.since_s) return now_s - *seen.since_s;
        if (seen.worst_s >= 0) return seen.worst_s;
        return criterion.measure == Measure::DoneS && started_s_ ? std::optional(flown_s) : std::nullopt;
    case ByEye::Share: {
        if (!started_s_ || !(flown_s > 0)) return std::nullopt;
        const double outside_s = seen.outside_s + (seen.since_s ? now_s - *seen.since_s : 0);
        // Rocking is told while it lasts; of a window, the time outside it.
        return criterion.measure == Measure::RockingShare ? outside_s / flown_s : 1 - outside_s / flown_s;
    }
    case ByEye::Judged:
        if (seen.judgement < 0) return std::nullopt;
        return seen.judgement == 0 ? criterion.merit : seen.judgement == 1 ? criterion.pass : criterion.fail;
    default: return std::nullopt;
    }
}

Score ObservedFlight::score(double now_s, const FlightLog* sticks) const
{
    std::vector<CriterionScore> criteria;
    for (std::size_t c = 0; c < drill_.criteria.size(); ++c) {
        CriterionScore scored{drill_.criteria[c], value(c, now_s), 0, std::nullopt};
        if (sticks && facts_of(scored.criterion.measure).from_sticks)
            scored.value = measure(*sticks, {0, sticks->size()}, scored.criterion.measure, scored.criterion.options);
        criteria.push_back(std::move(scored));
    }
    std::vector<RuleViolation> against;
    if (drill_.crashes_allowed && crashes_ > *drill_.crashes_allowed)
        against.push_back({.rule = RuleViolation::Rule::Crashed, .limit = static_cast<double>(*drill_.crashes_allowed)});
    if (over() && !finished_) against.push_back({.rule = RuleViolation::Rule::BrokenOff, .phase = drill_.phases[phase_].id});
    Score score = totalled(drill_, std::move(criteria), std::move(against), over() && finished_, false);
    score.flown_s = time_s(now_s);
    score.throttle_cuts_s = cuts_s_;
    return score;
}

} // namespace bh
