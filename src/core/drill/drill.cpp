#include "core/drill/drill.h"

#include "core/debrief/recovered.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace bh {
namespace {

std::string number(double value, const std::string& unit)
{
    char text[48];
    if (unit == "share")
        std::snprintf(text, sizeof text, "%.0f %%", 100 * value);
    else if (unit == "count")
        std::snprintf(text, sizeof text, "%.0f", value);
    else
        std::snprintf(text, sizeof text, "%.1f %s", value, unit.c_str());
    return text;
}

std::string lower_first(std::string text)
{
    if (!text.empty() && text[0] >= 'A' && text[0] <= 'Z') text[0] = static_cast<char>(text[0] - 'A' + 'a');
    return text;
}

std::string summary_of(const Score& score)
{
    if (!score.disqualified.empty()) return score.disqualified.front();
    const CriterionScore* worst = nullptr;
    for (const CriterionScore& c : score.criteria)
        if (c.criterion.must && !c.passed() && (!worst || c.marks < worst->marks)) worst = &c;
    if (worst) {
        const Criterion& c = worst->criterion;
        if (!worst->value) return c.label + " could not be measured: the flight did not get that far.";
        return c.label + ": " + number(*worst->value, c.unit) + " where " + number(c.pass, c.unit) + " passes; " +
               lower_first(c.advice);
    }
    const auto weakest = std::min_element(score.criteria.begin(), score.criteria.end(),
                                          [](const auto& a, const auto& b) { return a.marks < b.marks; });
    if (weakest == score.criteria.end() || weakest->marks >= 90) return "Passed, with nothing left to mend.";
    return "Passed; most is left in \"" + lower_first(weakest->criterion.label) + "\": " +
           lower_first(weakest->criterion.advice);
}

/// Rows of the criterion's phases as far as they were flown: all in one, or a span for each.
struct Taken {
    RowSpan rows;
    const Phase* phase; ///< the first of them
};
std::vector<Taken> spans_of(const DrillRunner& runner, const Criterion& criterion)
{
    std::vector<Taken> spans;
    for (const PhaseSpan& flown : runner.spans()) {
        const std::string& id = runner.drill().phases[flown.phase].id;
        if (std::find(criterion.phases.begin(), criterion.phases.end(), id) == criterion.phases.end()) continue;
        if (spans.empty() || criterion.over != Criterion::Over::Whole) spans.push_back({flown.rows, &runner.drill().phases[flown.phase]});
        spans.back().rows.last = flown.rows.last;
    }
    return spans;
}

/// What a criterion's measure is taken against in a span, from the drill.
MeasureOptions options_for(const Drill& drill, const Criterion& criterion, const FlightLog& log, const Taken& taken)
{
    const RowSpan span = taken.rows;
    MeasureOptions options = criterion.options;
    // Drift is taken from where the phase began; a leg and its heading from the drill's own line.
    const bool along_leg = criterion.measure == Measure::LegStraightnessM || criterion.measure == Measure::HeadingErrorDeg || criterion.measure == Measure::LineOffsetM;
    if (along_leg) options.line = Line{log.north_m[span.first], log.east_m[span.first], drill.start.heading_deg};
    if (criterion.measure == Measure::ClearanceM || criterion.measure == Measure::ClosureM)
        options.line = Line{drill.start.north_m, drill.start.east_m, drill.start.heading_deg};
    for (const std::string& id : criterion.phases)
        if (const Phase* phase = drill.phase(id)) {
            if (phase->goal.kind == Goal::Kind::Turn) options.turn_deg = phase->goal.turn_deg;
            if (phase->goal.kind == Goal::Kind::Way) options.laps = phase->goal.laps;
        }
    if (criterion.measure == Measure::PastPlaceM && taken.phase->goal.kind == Goal::Kind::Go) {
        const Vec3 place = drill.in_world(taken.phase->goal.place, 0);
        options.line = Line{place.x(), place.y(), degrees(std::atan2(place.y() - log.east_m[span.first], place.x() - log.north_m[span.first]))};
    }
    for (const DrillPlace& flag : drill.flags) options.flags_m.emplace_back(drill.in_world(flag, 0).head<2>());
    options.gates = drill.gates;
    return options;
}

/// The measure's value over the criterion's spans, as it is to be taken.
std::optional<double> value_of(const DrillRunner& runner, const FlightLog& log, const Criterion& criterion)
{
    std::optional<double> value;
    double sum = 0, count = 0;
    for (const Taken& taken : spans_of(runner, criterion)) {
        const auto one = measure(log, taken.rows, criterion.measure, options_for(runner.drill(), criterion, log, taken));
        if (!one) continue;
        sum += *one, ++count;
        const bool better = value && marks_for(criterion, *one) > marks_for(criterion, *value);
        if (!value || criterion.over == Criterion::Over::Whole || better == (criterion.over == Criterion::Over::Best)) value = one;
    }
    if (criterion.over == Criterion::Over::Mean && count > 0) value = sum / count;
    return value;
}

} // namespace

const Phase* Drill::phase(const std::string& wanted) const
{
    const auto found = std::find_if(phases.begin(), phases.end(), [&](const Phase& p) { return p.id == wanted; });
    return found == phases.end() ? nullptr : &*found;
}

Vec3 Drill::in_world(const DrillPlace& place, double otherwise_height_m) const
{
    const double c = std::cos(radians(start.heading_deg)), s = std::sin(radians(start.heading_deg));
    return {start.north_m + c * place.along_m - s * place.across_m, start.east_m + s * place.along_m + c * place.across_m,
            -place.height_m.value_or(otherwise_height_m)};
}

Result<Drill> checked(Drill drill)
{
    const auto wrong = [](const std::string& where, const std::string& what) {
        return failure(Error::Code::OutOfRange, where + ": " + what);
    };
    if (drill.id.empty()) return wrong("/id", "expected a short name such as hover-window, found an empty text");
    if (drill.modes.empty()) return wrong("/setup/modes", "expected at least one flight mode");
    if (drill.phases.empty()) return wrong("/phases", "expected at least one phase");
    for (std::size_t i = 0; i < drill.phases.size(); ++i) {
        const Phase& phase = drill.phases[i];
        const std::string at = "/phases/" + std::to_string(i);
        if (drill.phase(phase.id) != &phase) return wrong(at + "/id", "'" + phase.id + "' is used by two phases");
        if (!(phase.time_limit_s > 0)) return wrong(at + "/time_limit_s", "expected more than 0 s");
        if (phase.goal.kind == Goal::Kind::Run && !(phase.goal.distance_m > 0))
            return wrong(at + "/goal/run_m", "expected more than 0 m");
        if (phase.goal.kind == Goal::Kind::Stay && !(phase.goal.for_s > 0))
            return wrong(at + "/goal/stay_s", "expected more than 0 s");
        if (phase.goal.kind == Goal::Kind::Stay && phase.goal.for_s >= phase.time_limit_s)
            return wrong(at + "/time_limit_s", "expected more than the goal's own time");
        if (phase.goal.kind == Goal::Kind::Turn && phase.goal.turn_deg == 0) return wrong(at + "/goal/turn_deg", "expected degrees to the right or, negative, to the left");
        if (phase.goal.kind == Goal::Kind::Way && (phase.goal.way.empty() || phase.goal.laps < 1)) return wrong(at + "/goal/way", "expected at least one place and one lap");
        const bool somewhere = phase.goal.kind == Goal::Kind::ReachHeight || phase.goal.kind == Goal::Kind::Go || phase.goal.kind == Goal::Kind::Way;
        if (somewhere && !(phase.goal.within_m > 0)) return wrong(at + "/goal/within_m", "expected more than 0 m");
    }
    if (drill.criteria.empty()) return wrong("/criteria", "expected at least one criterion");
    for (std::size_t i = 0; i < drill.criteria.size(); ++i) {
        Criterion& c = drill.criteria[i];
        const std::string at = "/criteria/" + std::to_string(i);
        if (c.phases.empty())
            for (const Phase& phase : drill.phases) c.phases.push_back(phase.id);
        for (const std::string& id : c.phases)
            if (!drill.phase(id)) return wrong(at + "/phases", "there is no phase '" + id + "'");
        if (!(c.weight > 0)) return wrong(at + "/weight", "expected more than 0");
        if (c.measure == Measure::SideGap && std::none_of(drill.criteria.begin(), drill.criteria.end(), [](const Criterion& other) { return !other.side.empty(); }))
            return wrong(at + "/measure", "side_gap needs criteria of a left and a right side");
        if ((c.measure == Measure::GatesHit || c.measure == Measure::GatesMissed || c.measure == Measure::LapS || c.measure == Measure::LapSpread) && drill.gates.empty())
            return wrong(at + "/measure", "needs the drill's gates");
        if (c.measure == Measure::FlagDistanceM && drill.flags.empty()) return wrong(at + "/measure", "needs the drill's flags");
        const bool rising = c.fail < c.pass && c.pass <= c.merit;
        const bool falling = c.fail > c.pass && c.pass >= c.merit;
        if (!rising && !falling)
            return wrong(at, "expected fail, pass and merit in rising or in falling order, pass apart from fail");
    }
    return drill;
}

DrillRunner::DrillRunner(Drill drill) : drill_(std::move(drill)) {}

void DrillRunner::follow(const FlightLog& log)
{
    while (rows_seen_ < log.size() && !over()) row(log, rows_seen_++);
}

void DrillRunner::end_of_log()
{
    if (status_ == Status::Waiting) disqualify("The motors were never armed.");
    if (status_ == Status::Running)
        disqualify("The flight ended during \"" + drill_.phases[phase_].id + "\", before the drill was done.");
}

void DrillRunner::disqualify(std::string why)
{
    disqualified_.push_back(std::move(why));
    status_ = Status::Disqualified;
}

void DrillRunner::row(const FlightLog& log, std::size_t i)
{
    now_s_ = log.t_s[i];
    if (status_ == Status::Waiting) {
        if (!log.armed[i]) return;
        status_ = Status::Running;
        phase_start_s_ = now_s_;
        spans_.push_back({0, {i, i}});
        while (events_seen_ < log.events.size() && log.events[events_seen_].row < i) ++events_seen_;
    }
    const Phase& phase = drill_.phases[phase_];
    spans_.back().rows.last = i + 1;

    for (; events_seen_ < log.events.size() && log.events[events_seen_].row <= i; ++events_seen_) {
        const FlightEvent event = log.events[events_seen_].event;
        if (event == FlightEvent::Crash && drill_.crash_disqualifies)
            return disqualify("Crashed during \"" + phase.id + "\": throttle to zero, then start again.");
        if (event == FlightEvent::Panic && drill_.panic_disqualifies)
            return disqualify("The panic switch was used during \"" + phase.id + "\": well caught, but not a pass.");
        if (event == FlightEvent::OutOfBounds) return disqualify("Flew out of the field during \"" + phase.id + "\".");
        if (event == FlightEvent::Touch && phase.touches_allowed && ++touches_ > *phase.touches_allowed)
            return disqualify("Touched something during \"" + phase.id + "\", which allows " +
                              std::to_string(*phase.touches_allowed) + " touches.");
    }
    if (log.armed[i] && log.mode[i] != Mode::Hold &&
        std::find(drill_.modes.begin(), drill_.modes.end(), log.mode[i]) == drill_.modes.end())
        return disqualify("Flown in " + std::string(mode_key(log.mode[i])) + " mode, the drill is for " +
                          std::string(mode_key(drill_.modes.front())) + ".");
    if (goal_met(log, i)) {
        if (phase_ + 1 == drill_.phases.size()) {
            status_ = Status::Finished;
            return;
        }
        ++phase_;
        phase_start_s_ = now_s_;
        met_since_s_ = -1;
        touches_ = 0;
        progress_ = 0;
        last_heading_deg_.reset();
        turned_deg_ = 0;
        way_passed_ = 0;
        spans_.push_back({phase_, {i, i + 1}});
    } else if (phase_time_s() > phase.time_limit_s) {
        disqualify("\"" + phase.id + "\" was not done within " + number(phase.time_limit_s, "s") + ".");
    }
}

bool DrillRunner::goal_met(const FlightLog& log, std::size_t i)
{
    const Phase& phase = drill_.phases[phase_];
    const Goal& goal = phase.goal;
    const auto kept = [&](bool condition) {
        if (!condition) met_since_s_ = -1;
        else if (met_since_s_ < 0) met_since_s_ = now_s_;
        return condition && now_s_ - met_since_s_ >= goal.for_s;
    };
    switch (goal.kind) {
    case Goal::Kind::ReachHeight:
        progress_ = std::clamp(phase.height_m > 0 ? log.height_m[i] / phase.height_m : 1.0, 0.0, 1.0);
        return kept(std::abs(log.height_m[i] - phase.height_m) <= goal.within_m);
    case Goal::Kind::Stay: progress_ = std::min(1.0, phase_time_s() / goal.for_s); return phase_time_s() >= goal.for_s;
    case Goal::Kind::Run: {
        const std::size_t from = spans_.back().rows.first;
        const double heading = radians(drill_.start.heading_deg);
        const double along = (log.north_m[i] - log.north_m[from]) * std::cos(heading) +
                             (log.east_m[i] - log.east_m[from]) * std::sin(heading);
        progress_ = std::clamp(along / goal.distance_m, 0.0, 1.0);
        return along >= goal.distance_m;
    }
    case Goal::Kind::Land: {
        const bool down = log.height_m[i] <= on_ground_m && std::abs(log.climb_mps[i]) < 0.1;
        progress_ = down ? 1.0 : 0.0;
        return kept(down && (log.throttle[i] < 0.05 || !log.armed[i]));
    }
    case Goal::Kind::Go: {
        const Vec3 place = drill_.in_world(goal.place, phase.height_m);
        const std::size_t from = spans_.back().rows.first;
        const double away_m = std::hypot(log.north_m[i] - place.x(), log.east_m[i] - place.y());
        const double whole_m = std::hypot(log.north_m[from] - place.x(), log.east_m[from] - place.y());
        progress_ = whole_m > goal.within_m ? std::clamp(1 - (away_m - goal.within_m) / (whole_m - goal.within_m), 0.0, 1.0) : 1;
        constexpr double stands_mps = 1;
        return kept(away_m <= goal.within_m && std::hypot(log.vn_mps[i], log.ve_mps[i]) < stands_mps);
    }
    case Goal::Kind::Turn: {
        const double heading = heading_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]});
        if (last_heading_deg_) turned_deg_ += wrapped_deg(heading - *last_heading_deg_);
        last_heading_deg_ = heading;
        progress_ = std::clamp(turned_deg_ / goal.turn_deg, 0.0, 1.0);
        return kept(std::abs(turned_deg_ - goal.turn_deg) <= goal.within_deg);
    }
    case Goal::Kind::Way: {
        const std::size_t all = goal.way.size() * static_cast<std::size_t>(goal.laps);
        const Vec3 next = drill_.in_world(goal.way[way_passed_ % goal.way.size()], phase.height_m);
        if (std::hypot(log.north_m[i] - next.x(), log.east_m[i] - next.y()) <= goal.within_m) ++way_passed_;
        progress_ = static_cast<double>(way_passed_) / static_cast<double>(all);
        return way_passed_ >= all;
    }
    case Goal::Kind::Spin: {
        const std::vector<double>& rate = goal.spin_about_roll ? log.p_dps : log.q_dps;
        if (i > spans_.back().rows.first) turned_deg_ += rate[i] * (log.t_s[i] - log.t_s[i - 1]);
        constexpr double most_of_it_deg = 300, level_deg = 25;
        progress_ = std::clamp(goal.spin_side * turned_deg_ / 360, 0.0, 1.0);
        return kept(goal.spin_side * turned_deg_ > most_of_it_deg && lean_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]}) < level_deg);
    }
    case Goal::Kind::Recover: {
        progress_ = std::clamp(1 - lean_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]}) / 180, 0.0, 1.0);
        return kept(recovered(log, i));
    }
    }
    return false;
}

namespace {

/// Mean marks of the left side's criteria against the right side's; nothing before both have been flown.
std::optional<double> side_gap(const Score& score)
{
    double marks[2] = {0, 0}, weights[2] = {0, 0};
    for (const CriterionScore& c : score.criteria) {
        if (c.criterion.side.empty() || !c.value) continue;
        const int side = c.criterion.side == "left" ? 0 : 1;
        marks[side] += c.criterion.weight * c.marks;
        weights[side] += c.criterion.weight;
    }
    if (weights[0] == 0 || weights[1] == 0) return std::nullopt;
    return std::abs(marks[0] / weights[0] - marks[1] / weights[1]);
}

} // namespace

double marks_for(const Criterion& c, double value) noexcept
{
    const double up_to_pass = (value - c.fail) / (c.pass - c.fail);
    if (up_to_pass < 1) return std::clamp(60 * up_to_pass, 0.0, 60.0);
    if (c.merit == c.pass) return 100;
    return std::min(100.0, 60 + 40 * (value - c.pass) / (c.merit - c.pass));
}

Score score(const DrillRunner& runner, const FlightLog& log)
{
    const Drill& drill = runner.drill();
    Score result;
    result.drill_id = drill.id;
    result.drill_version = drill.version;
    result.disqualified = runner.disqualified();
    double weights = 0;
    bool musts_passed = true;
    for (const Criterion& criterion : drill.criteria) {
        CriterionScore scored{criterion, std::nullopt, 0};
        if (criterion.measure != Measure::SideGap) scored.value = value_of(runner, log, criterion);
        result.criteria.push_back(std::move(scored));
    }
    for (CriterionScore& scored : result.criteria) {
        if (scored.value) scored.marks = marks_for(scored.criterion, *scored.value);
    }
    for (CriterionScore& scored : result.criteria) {
        const Criterion& criterion = scored.criterion;
        if (criterion.measure == Measure::SideGap) {
            scored.value = side_gap(result);
            if (scored.value) scored.marks = marks_for(criterion, *scored.value);
        }
        musts_passed = musts_passed && (!criterion.must || scored.passed());
        result.score += criterion.weight * scored.marks;
        weights += criterion.weight;
    }
    if (weights > 0) result.score /= weights;
    if (!runner.spans().empty())
        result.flown_s = log.t_s[runner.spans().back().rows.last - 1] - log.t_s[runner.spans().front().rows.first];
    result.passed = runner.status() == DrillRunner::Status::Finished && musts_passed;
    result.summary = summary_of(result);
    return result;
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
