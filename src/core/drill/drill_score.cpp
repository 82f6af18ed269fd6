#include "core/drill/drill_score.h"

#include "core/drill/value_words.h"
#include "core/path/rocking.h"
#include "core/path/throttle_cuts.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

namespace bh {
namespace {

/// Why it was passed or not.
Message verdict_in_words(const Score& score)
{
    if (!score.disqualified.empty()) return in_words(score.disqualified.front());
    const CriterionScore* worst = nullptr;
    for (const CriterionScore& c : score.criteria)
        if (c.criterion.must && !c.passed() && (c.value || !c.criterion.if_any) && (!worst || c.marks < worst->marks)) worst = &c;
    if (worst) {
        const Criterion& c = worst->criterion;
        if (!worst->value) return message("%1 could not be measured: the flight did not get that far.", message(c.label));
        return message("%1: %2 where %3 passes; %4", message(c.label), value_in_words(*worst->value, c.unit()),
                       value_in_words(c.pass, c.unit()), small(c.advice));
    }
    const auto short_of_held = [](const CriterionScore& c) {
        return c.criterion.to_hold && !c.passed() && (c.value || !c.criterion.if_any);
    };
    if (score.rocking_share && *score.rocking_share > most_rocking_to_hold)
        return message("Passed, but not to hold it: rocking for %1 of the time, %2 at most; smaller movements.",
                       value_in_words(*score.rocking_share, Unit::Share), value_in_words(most_rocking_to_hold, Unit::Share));
    if (const auto c = std::find_if(score.criteria.begin(), score.criteria.end(), short_of_held); c != score.criteria.end()) {
        const Criterion& of = c->criterion;
        if (!c->value) return message("Passed, but not to hold it: %1 was not measured; %2", small(of.label), small(of.advice));
        return message("Passed, but not to hold it: %1 %2 where %3 holds; %4", small(of.label),
                       value_in_words(*c->value, of.unit()), value_in_words(of.pass, of.unit()), small(of.advice));
    }
    const auto left = [](const CriterionScore& c) { return !c.value && c.criterion.if_any ? 100.0 : c.marks; };
    const auto weakest = std::min_element(score.criteria.begin(), score.criteria.end(),
                                          [&](const auto& a, const auto& b) { return left(a) < left(b); });
    if (weakest == score.criteria.end() || left(*weakest) >= 90) return message("Passed, with nothing left to mend.");
    return message("Passed; most is left in \"%1\": %2", small(weakest->criterion.label), small(weakest->criterion.advice));
}

/// Rows of the phases that were flown: all in one, or a span for each.
struct Taken {
    RowSpan rows;
    const Phase* phase; ///< the first of them
};
std::vector<Taken> spans_of(const DrillRunner& runner, const FlightLog& log, const Measuring& what)
{
    std::vector<Taken> spans;
    for (const PhaseSpan& flown : runner.spans()) {
        const std::string& id = runner.drill().phases[flown.phase].id;
        if (std::find(what.phases.begin(), what.phases.end(), id) == what.phases.end()) continue;
        if (spans.empty() || what.over != Measuring::Over::Whole)
            spans.push_back({flown.rows, &runner.drill().phases[flown.phase]});
        spans.back().rows.last = flown.rows.last;
    }
    if (what.last_s > 0)
        for (Taken& taken : spans) {
            const std::size_t from = rows_between(log, log.t_s[taken.rows.last - 1] - what.last_s, 0).first;
            taken.rows.first = std::max(taken.rows.first, from);
        }
    return spans;
}

/// What a measure is taken against in a span, from the drill.
MeasureOptions options_for(const Drill& drill, const Measuring& what, const FlightLog& log, const Taken& taken)
{
    const RowSpan span = taken.rows;
    MeasureOptions options = what.options;
    // Drift is taken from where the phase began; a leg and its heading from the drill's own line.
    const bool along_leg = what.measure == Measure::LegStraightnessM || what.measure == Measure::HeadingErrorDeg ||
                           what.measure == Measure::LineOffsetM;
    if (along_leg)
        options.line = Line{log.north_m[span.first], log.east_m[span.first],
                            wrapped_deg(drill.start.heading_deg + what.options.line_turn_deg)};
    if (what.measure == Measure::ClearanceM || what.measure == Measure::ClosureM)
        options.line = Line{drill.start.north_m, drill.start.east_m, drill.start.heading_deg};
    for (const std::string& id : what.phases)
        if (const Phase* phase = drill.phase(id)) {
            if (phase->goal.kind == Goal::Kind::Turn) options.turn_deg = phase->goal.turn_deg;
            if (phase->goal.kind == Goal::Kind::Way) options.laps = phase->goal.laps;
        }
    const bool at_place = what.measure == Measure::PastPlaceM || what.measure == Measure::WrongCorrections;
    if (at_place && taken.phase->goal.kind == Goal::Kind::Go) {
        const Vec3 place = drill.in_world(taken.phase->goal.place, 0);
        options.line = Line{place.x(), place.y(),
                            degrees(std::atan2(place.y() - log.east_m[span.first], place.x() - log.north_m[span.first]))};
    }
    for (const DrillPlace& flag : drill.flags) options.flags_m.emplace_back(drill.in_world(flag, 0).head<2>());
    options.camera_tilt_deg = drill.camera_tilt_deg;
    options.gates = drill.gates;
    options.demonstration = drill.demonstration;
    if (what.measure == Measure::GapInWindow && taken.phase->goal.kind == Goal::Kind::Chase)
        options.lead_aircraft = drill.lead_aircraft_in(*taken.phase);
    return options;
}

struct Found {
    std::optional<double> value;
    std::optional<TimeSpan> span; ///< that the value was taken from; of several, the one that counted
};

/// Takes measures of one flight. The same measure over the same rows, which a criterion and a fault may both ask for, is taken
/// once.
class MeasureCache {
public:
    MeasureCache(const DrillRunner& runner, const FlightLog& log) : runner_(runner), log_(log) {}

    /// `worth` tells which of several spans is the better one.
    template <class Worth>
    [[nodiscard]] Found take(const Measuring& what, Worth worth)
    {
        Found found;
        double sum = 0, count = 0;
        for (const Taken& taken : spans_of(runner_, log_, what)) {
            const auto one = once(what, taken);
            if (!one) continue;
            const TimeSpan times{log_.t_s[taken.rows.first], log_.t_s[taken.rows.last - 1]};
            sum += *one, ++count;
            const bool better = found.value && worth(*one) > worth(*found.value);
            if (!found.value || what.over == Measuring::Over::Whole || better == (what.over == Measuring::Over::Best))
                found = {one, times};
            if (what.over == Measuring::Over::Mean && count > 1) found.span->to_s = times.to_s;
        }
        if (what.over == Measuring::Over::Mean && count > 0) found.value = sum / count;
        return found;
    }

private:
    std::optional<double> once(const Measuring& what, const Taken& taken)
    {
        for (const auto& [known, value] : known_)
            if (known.measure == what.measure && known.rows.first == taken.rows.first && known.rows.last == taken.rows.last &&
                known.options == what.options)
                return value;
        const auto value = is_of_turns(what.measure)
                               ? measure_of_turns(log_, taken.rows, turns_in(taken.rows), what.measure)
                               : measure(log_, taken.rows, what.measure, options_for(runner_.drill(), what, log_, taken));
        known_.push_back({{what.measure, taken.rows, what.options}, value});
        return value;
    }

    const std::vector<Turn>& turns_in(RowSpan rows)
    {
        for (const auto& [known, turns] : turns_)
            if (known.first == rows.first && known.last == rows.last) return turns;
        return turns_.emplace_back(rows, find_turns(log_, rows)).second;
    }

    struct Asked {
        Measure measure;
        RowSpan rows;
        MeasureOptions options; ///< all of them, as the criterion has them: one that is added is part of the key by itself
    };
    const DrillRunner& runner_;
    const FlightLog& log_;
    std::vector<std::pair<Asked, std::optional<double>>> known_;
    std::vector<std::pair<RowSpan, std::vector<Turn>>> turns_;
};

/// Whether a fault is only what a rocking stick does as well: turns round often, stands beside the middle, is never let go. It is
/// told under the name of rocking, then, and not twice.
bool is_part_of_rocking(const Fault& fault, const Fault& rocking, MeasureCache& cache)
{
    if (fault.measure == Measure::HandsOnShare) return true;
    if (fault.measure != Measure::ReversalRateHz && fault.measure != Measure::SidewaysShare) return false;
    Measuring stick = fault; // the same rows
    stick.measure = Measure::RockingShare;
    if (fault.measure == Measure::SidewaysShare) stick.options.axis = StickAxis::Roll;
    const Found share = cache.take(stick, [](double value) { return -value; });
    return share.value && *share.value > rocking.more_than;
}

/// The drill's faults that show themselves, the farthest over its limit first.
std::vector<FaultFound> faults_in(const Drill& drill, MeasureCache& cache, const std::optional<double>& left_minus_right)
{
    std::vector<FaultFound> shown;
    for (const Fault& fault : drill.faults) {
        Found found;
        if (fault.measure == Measure::SideGap)
            found.value = left_minus_right ? std::optional(std::abs(*left_minus_right)) : std::nullopt;
        else
            found = cache.take(fault, [](double value) { return -value; });
        if (found.value && *found.value > fault.more_than) shown.push_back({fault, *found.value, found.span});
    }
    const auto rocking =
        std::find_if(shown.begin(), shown.end(), [](const FaultFound& f) { return f.fault.measure == Measure::RockingShare; });
    if (rocking != shown.end())
        std::erase_if(shown, [&, as = rocking->fault](const FaultFound& f) { return is_part_of_rocking(f.fault, as, cache); });
    std::stable_sort(shown.begin(), shown.end(), [](const FaultFound& a, const FaultFound& b) {
        return a.value / a.fault.more_than > b.value / b.fault.more_than;
    });
    return shown;
}

} // namespace

namespace {

/// Marks that do not stop at the ends: where both sides are flown better than merit, or worse than fail, the measures themselves
/// still tell which side is the weaker one. Beyond merit they tell less of it, so those points go to 120 and no further.
double marks_beyond(const Criterion& c, double value) noexcept
{
    const auto marks = [value](const Limits& l) {
        const double up_to_pass = (value - l.fail) / (l.pass - l.fail);
        if (up_to_pass < 1) return std::max(-60.0, 60 * up_to_pass);
        if (l.merit == l.pass) return 100.0;
        return std::min(120.0, 60 + 40 * (value - l.pass) / (l.merit - l.pass));
    };
    const double above = marks({c.fail, c.pass, c.merit});
    return c.below ? std::min(above, marks(*c.below)) : above;
}

/// Mean marks of the left side's criteria minus the right side's, −100…100. Once the drill is over, what was not flown on a side
/// is 0 marks there, and so is a side in which the drill came to its end early; nothing where that leaves neither side.
std::optional<double> left_minus_right(const Drill& drill, const Score& score, bool over)
{
    struct Sum {
        double marks = 0, weights = 0;
        bool flown = false;
        [[nodiscard]] double mean() const { return marks / weights; }
    };
    std::array<Sum, 2> sides;
    for (const CriterionScore& c : score.criteria) {
        if (!c.criterion.side || c.criterion.measure == Measure::SideGap) continue;
        if (!c.value && (!over || c.criterion.if_any)) continue;
        Sum& sum = sides[static_cast<std::size_t>(*c.criterion.side)];
        if (c.value) sum.marks += c.criterion.weight * marks_beyond(c.criterion, *c.value), sum.flown = true;
        sum.weights += c.criterion.weight;
    }
    for (const RuleViolation& broken : score.disqualified)
        if (const Phase* phase = drill.phase(broken.phase); phase && phase->side) {
            Sum& ended = sides[static_cast<std::size_t>(*phase->side)];
            ended.marks = 0, ended.flown = false;
        }
    if (sides[0].weights == 0 || sides[1].weights == 0 || (!sides[0].flown && !sides[1].flown)) return std::nullopt;
    return std::clamp(sides[0].mean() - sides[1].mean(), -100.0, 100.0);
}

} // namespace

namespace {

bool asks_for_rocking(const Phase& phase)
{
    return std::find(phase.asks.begin(), phase.asks.end(), "rocking") != phase.asks.end();
}

/// How much of the flight rocked, and where it was too much of a phase to be passed.
void judge_rocking(const DrillRunner& runner, const FlightLog& log, Score& result)
{
    const RowSpan flown{runner.spans().front().rows.first, runner.spans().back().rows.last};
    const auto duration_s = [&log](RowSpan rows) { return log.t_s[rows.last - 1] - log.t_s[rows.first]; };
    const auto rocked_s = [&, rocked = rocked_times(log, flown, std::nullopt)](RowSpan rows) {
        return overlap_s(rocked, log.t_s[rows.first], log.t_s[rows.last - 1]);
    };
    result.rocking_share = duration_s(flown) > 0 ? rocked_s(flown) / duration_s(flown) : 0;
    result.holds = result.holds && *result.rocking_share <= most_rocking_to_hold;
    if (!runner.over()) return;
    const auto too_rough = [&](const std::string& phase, RowSpan rows) {
        const double share = rocked_s(rows) / std::max(duration_s(rows), 1e-9);
        if (duration_s(rows) < rough_from_s || share <= most_rocking_to_pass) return false;
        result.passed = result.holds = false;
        result.disqualified.push_back({.rule = RuleViolation::Rule::TooRough, .phase = phase, .limit = share});
        return true; // once is enough to be told
    };
    bool asked = false;
    for (const PhaseSpan& span : runner.spans()) {
        const Phase& phase = runner.drill().phases[span.phase];
        asked = asked || asks_for_rocking(phase);
        if (!asks_for_rocking(phase) && too_rough(phase.id, span.rows)) return;
    }
    if (!asked) too_rough({}, flown);
}

} // namespace

Message FaultFound::in_words() const
{
    const Message label(fault.label), advice = small(fault.advice);
    Message found = fault.unit() != Unit::Count         ? message("%1, %2", label, value_in_words(value, fault.unit()))
                    : fault.measure == Measure::SideGap ? message("%1 by %2 points", label, rounded(value, 0))
                                                        : message_of(std::llround(value), "%1 once", "%1 %n times", label);
    if (!span) return message("%1: %2", found, advice);
    return message("%1 from %2 s to %3 s: %4", found, rounded(span->from_s, 0), rounded(span->to_s, 0), advice);
}

double marks_for(const Criterion& c, double value) noexcept { return std::clamp(marks_beyond(c, value), 0.0, 100.0); }

Score totalled(const Drill& drill, std::vector<CriterionScore> criteria, std::vector<RuleViolation> disqualified, bool finished,
               bool unmeasured_counts)
{
    Score result;
    result.drill_id = drill.id;
    result.drill_version = drill.version;
    result.disqualified = std::move(disqualified);
    result.criteria = std::move(criteria);
    double weights = 0;
    bool musts_passed = true, good_to_hold = true;
    for (CriterionScore& scored : result.criteria)
        if (scored.value) scored.marks = marks_for(scored.criterion, *scored.value);
    result.left_minus_right = left_minus_right(drill, result, finished || !result.disqualified.empty());
    for (CriterionScore& scored : result.criteria) {
        const Criterion& criterion = scored.criterion;
        if (criterion.measure == Measure::SideGap) {
            if (result.left_minus_right) scored.value = std::abs(*result.left_minus_right);
            if (scored.value) scored.marks = marks_for(criterion, *scored.value);
        }
        const bool left_out = !scored.value && criterion.if_any && finished;
        musts_passed = musts_passed && (!criterion.must || scored.passed() || left_out);
        good_to_hold = good_to_hold && (!criterion.to_hold || scored.passed() || left_out);
        if (!scored.value && (left_out || !unmeasured_counts)) continue;
        result.score += criterion.weight * scored.marks;
        weights += criterion.weight;
    }
    if (weights > 0) result.score /= weights;
    result.passed = finished && result.disqualified.empty() && musts_passed;
    result.holds = result.passed && good_to_hold;
    return result;
}

Score score(const DrillRunner& runner, const FlightLog& log)
{
    const Drill& drill = runner.drill();
    MeasureCache cache(runner, log);
    std::vector<CriterionScore> criteria;
    for (const Criterion& criterion : drill.criteria) {
        Found found;
        if (criterion.measure != Measure::SideGap)
            found = cache.take(criterion, [&](double value) { return marks_for(criterion, value); });
        criteria.push_back({criterion, found.value, 0, found.span});
    }
    Score result =
        totalled(drill, std::move(criteria), runner.disqualified(), runner.status() == DrillRunner::Status::Finished, true);
    // A flight that ends early is worth the share of the drill that was flown.
    if (runner.status() == DrillRunner::Status::Disqualified && !runner.spans().empty())
        result.score *=
            (static_cast<double>(runner.phase()) + runner.phase_progress()) / static_cast<double>(drill.phases.size());
    if (!runner.spans().empty() && !drill.sticks_only) judge_rocking(runner, log, result);
    if (!runner.spans().empty())
        result.flown_s = log.t_s[runner.spans().back().rows.last - 1] - log.t_s[runner.spans().front().rows.first];
    result.throttle_cuts_s = throttle_cuts_s(log, {0, log.size()});
    if (runner.over()) result.faults = faults_in(drill, cache, result.left_minus_right);
    return result;
}

Message summary_of(const Score& score)
{
    Message summary = verdict_in_words(score);
    if (!score.throttle_cuts_s.empty() && !score.disqualified.empty()) {
        const double cut_s = score.throttle_cuts_s.back();
        summary = cut_s < DrillRunner::cut_within_s
                      ? message("%1 Throttle at the bottom after %2.", summary, value_in_words(cut_s, Unit::Seconds))
                      : message("%1 The throttle was not taken to the bottom.", summary);
    }
    if (score.faults.empty()) return summary;
    return message("%1 Seen: %2", summary, small(score.faults.front().in_words()));
}

Result<Score> score_log(const Drill& drill, const FlightLog& log)
{
    if (log.size() == 0) return bad_input("the flight log has no rows");
    if (!log.has_position) return bad_input("the flight log has no positions, a drill needs north_m, east_m and height_m");
    DrillRunner runner(drill);
    runner.follow(log);
    if (runner.status() == DrillRunner::Status::Waiting) return bad_input("the flight log is never armed");
    if (!runner.over()) runner.end_of_log();
    return score(runner, log);
}

} // namespace bh
