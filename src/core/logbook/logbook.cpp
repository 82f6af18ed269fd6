#include "core/logbook/logbook.h"

#include <algorithm>

namespace bh {
namespace {

/// Advice is the drill's. What an attempt was judged by stands in the drill's order, so that the second of a measure is the
/// second there, whatever it is called by now.
template <class Judged, class OfDrill, class Same>
std::string advice_for(const Judged& judged, std::size_t which, const OfDrill& of_drill, Same same)
{
    auto nth = std::count_if(judged.begin(), judged.begin() + static_cast<std::ptrdiff_t>(which),
                             [&](const auto& earlier) { return same(earlier, judged[which]); });
    for (const auto& one : of_drill)
        if (same(one, judged[which]) && nth-- == 0) return one.advice;
    return {};
}

} // namespace

std::string_view role_key(Role role)
{
    switch (role) {
    case Role::Station: return "station";
    case Role::Pilot: return "pilot";
    case Role::Instructor: return "instructor";
    case Role::Coordinator: return "coordinator";
    }
    return "";
}

std::optional<Role> role_from_key(std::string_view key)
{
    for (const Role role : {Role::Station, Role::Pilot, Role::Instructor, Role::Coordinator})
        if (role_key(role) == key) return role;
    return std::nullopt;
}

std::string_view viewing_key(Viewing viewing)
{
    return viewing == Viewing::Screen ? label("screen") : viewing == Viewing::Goggles ? label("goggles") : std::string_view();
}

std::optional<Viewing> viewing_from_key(std::string_view key)
{
    for (const Viewing viewing : {Viewing::NotSaid, Viewing::Screen, Viewing::Goggles})
        if (viewing_key(viewing) == key) return viewing;
    return std::nullopt;
}

std::vector<JudgedCriterion> judged_criteria(const Score& score)
{
    std::vector<JudgedCriterion> rows;
    for (const CriterionScore& c : score.criteria)
        rows.push_back({c.criterion.measure, c.criterion.label, c.criterion.unit(), c.criterion.side, c.criterion.weight, c.value,
                        c.criterion.fail, c.criterion.pass, c.criterion.merit, c.marks, c.criterion.must, c.criterion.to_hold,
                        c.criterion.if_any, c.criterion.below, c.span});
    return rows;
}

JudgedAttempt judged_attempt(const Score& score, Mode mode)
{
    JudgedAttempt row;
    row.drill_id = score.drill_id;
    row.drill_version = score.drill_version;
    row.mode = mode;
    row.score = score.score;
    row.passed = score.passed;
    row.holds = score.holds;
    row.rocking_share = score.rocking_share;
    row.flown_s = score.flown_s;
    row.criteria = judged_criteria(score);
    for (const FaultFound& f : score.faults)
        row.faults.push_back({f.fault.measure, f.fault.label, f.fault.more_than, f.value, f.span});
    row.disqualified = score.disqualified;
    row.left_minus_right = score.left_minus_right;
    row.throttle_cuts_s = score.throttle_cuts_s;
    return row;
}

JudgedAttempt without_score(JudgedAttempt flight)
{
    flight.score = 0;
    flight.passed = flight.holds = false;
    flight.disqualified.clear();
    flight.criteria.clear();
    return flight;
}

Score score_of(const JudgedAttempt& attempt, const Drill* drill)
{
    Score score;
    score.drill_id = attempt.drill_id;
    score.drill_version = attempt.drill_version;
    score.score = attempt.score;
    score.flown_s = attempt.flown_s;
    score.left_minus_right = attempt.left_minus_right;
    score.passed = attempt.passed;
    score.holds = attempt.holds;
    score.rocking_share = attempt.rocking_share;
    score.disqualified = attempt.disqualified;
    score.throttle_cuts_s = attempt.throttle_cuts_s;
    for (std::size_t i = 0; i < attempt.criteria.size(); ++i) {
        const JudgedCriterion& row = attempt.criteria[i];
        CriterionScore& c = score.criteria.emplace_back();
        c.criterion.measure = row.measure.value_or(Measure::DoneS);
        c.criterion.label = row.label;
        c.criterion.side = row.side;
        c.criterion.weight = row.weight;
        c.criterion.fail = row.fail, c.criterion.pass = row.pass, c.criterion.merit = row.merit;
        c.criterion.below = row.below;
        c.criterion.must = row.must;
        c.criterion.to_hold = row.to_hold;
        c.criterion.if_any = row.if_any;
        if (drill)
            c.criterion.advice = advice_for(attempt.criteria, i, drill->criteria, [](const auto& a, const auto& b) {
                return a.measure == b.measure && a.side == b.side;
            });
        c.value = row.value;
        c.marks = row.marks;
        c.span = row.span;
    }
    for (std::size_t i = 0; i < attempt.faults.size(); ++i) {
        const JudgedFault& row = attempt.faults[i];
        FaultFound& f = score.faults.emplace_back();
        f.fault.measure = row.measure;
        f.fault.label = row.label;
        f.fault.more_than = row.more_than;
        if (drill)
            f.fault.advice =
                advice_for(attempt.faults, i, drill->faults, [](const auto& a, const auto& b) { return a.measure == b.measure; });
        f.value = row.value;
        f.span = row.span;
    }
    return score;
}

Message summary_of(const JudgedAttempt& attempt, const Drill* drill)
{
    if (attempt.in_words) return Message(attempt.in_words->summary);
    if (attempt.free()) return free_flight_in_words(attempt.flown_s, attempt.throttle_cuts_s);
    return summary_of(score_of(attempt, drill));
}

} // namespace bh
