#include "core/progress/standing.h"

#include "core/base/stats.h"
#include "core/progress/practice_hours.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <numeric>
#include <set>

namespace bh {
namespace {

constexpr int weeks_shown = 8;

Message what_is_missing(const DrillStanding& s, const DrillFact& drill, const HouseLimits& house)
{
    if (s.state == DrillState::Held) return message("held");
    if (s.state == DrillState::Due) return message("was held, pass it again");
    if (s.attempts == 0) return message("not flown yet");
    if (s.passes == 0) return message_of(s.attempts, "no pass in %n attempt", "no pass in %n attempts");
    if (s.holding < house.whole(Limit::HoldPasses) && s.holding < s.passes)
        return message_of(s.passes, "passed %n time, %1 of %2 to hold", "passed %n times, %1 of %2 to hold", s.holding,
                          house.whole(Limit::HoldPasses));
    if (s.holding < house.whole(Limit::HoldPasses))
        return message_of(s.passes, "passed %n time of %1", "passed %n times of %1", house.whole(Limit::HoldPasses));
    if (s.holding_days < house.whole(Limit::HoldDays))
        return message_of(s.passes, "passed %n time, needs another day", "passed %n times, needs another day");
    const auto minutes = static_cast<std::int64_t>(s.minutes);
    return message("%1, %2", message_of(s.passes, "passed %n time", "passed %n times"),
                   message_of(minutes, "%n minute of %1 flown", "%n minutes of %1 flown", static_cast<int>(drill.least_minutes)));
}

using Look = PilotStanding::Look;

/// Every reason to look at a pilot, the gravest first.
std::vector<Look> looks_at(const PilotFacts& facts, const PilotStanding& s, std::int64_t today, const Message& next_name,
                           const DrillStanding& next, const HouseLimits& house)
{
    using Go = PilotStanding::Go;
    std::vector<Look> looks;
    if (facts.symptoms_today)
        looks.push_back(
            {Cause::Symptoms, message("Symptoms today: the screen, a rest, and no real aircraft today"), Go::FirstFlight, today});
    if (!facts.calibrated_day) looks.push_back({Cause::NoCalibration, message("No controller calibration yet"), Go::Controller});
    if (!s.last_practice_day) looks.push_back({Cause::NeverPractised, message("Has not practised yet"), Go::Drills});
    if (const auto rest = today - s.last_practice_day.value_or(today); rest > house.whole(Limit::LookRestDays))
        looks.push_back({Cause::Rest, message_of(rest, "No practice for %n day", "No practice for %n days"), Go::Drills,
                         *s.last_practice_day + house.whole(Limit::LookRestDays)});
    if (next.failed_in_a_row >= house.whole(Limit::LookFailures))
        looks.push_back({Cause::Failing,
                         message_of(next.failed_in_a_row, "%1 failed %n time in a row", "%1 failed %n times in a row", next_name),
                         Go::Drills, next.failing_since_day});
    if (const auto age = today - facts.calibrated_day.value_or(today); age > house.whole(Limit::GateCalibrationDays))
        looks.push_back({Cause::OldCalibration,
                         message_of(age, "Controller calibrated %n day ago", "Controller calibrated %n days ago"), Go::Controller,
                         *facts.calibrated_day + house.whole(Limit::GateCalibrationDays)});
    if (!facts.controller_drift.empty())
        looks.push_back({Cause::Drift, facts.controller_drift, Go::Controller, facts.calibrated_day});
    if (!facts.stale_match.empty()) looks.push_back({Cause::StaleMatch, facts.stale_match, Go::Rates, facts.stale_since_day});
    if (!facts.strong_habit.empty()) looks.push_back({Cause::Habit, facts.strong_habit, Go::Debrief});
    constexpr std::size_t over_weeks = 4;
    const auto newest = s.weekly_hours.end() - over_weeks;
    const double pace = std::accumulate(newest, s.weekly_hours.end(), 0.0) / over_weeks;
    if (short_weeks(s.weekly_hours, house.of(Limit::HoursWeekly)) >= house.whole(Limit::HoursShortWeeks)) {
        looks.push_back({Cause::Slow,
                         message_of(house.whole(Limit::HoursShortWeeks), "Below %1 h a week for %n week, %2 h over four",
                                    "Below %1 h a week for %n weeks, %2 h over four",
                                    significant(house.of(Limit::HoursWeekly), 3), rounded(pace, 1)),
                         Go::Progress, today - 7 * house.whole(Limit::HoursShortWeeks)});
    }
    return looks;
}

} // namespace

namespace {

constexpr std::size_t sides_over = 6, least_sided = 3; ///< attempts (house)

std::optional<SideGap> side_gap(const std::vector<double>& left_minus_right, double told_above)
{
    constexpr std::size_t over_attempts = sides_over, least = least_sided;
    if (left_minus_right.size() < least) return std::nullopt;
    const std::vector<double> newest(left_minus_right.end() -
                                         static_cast<std::ptrdiff_t>(std::min(over_attempts, left_minus_right.size())),
                                     left_minus_right.end());
    const auto n = static_cast<double>(newest.size());
    const double reach = student_t_975(n - 1) * sample_sd(newest) / std::sqrt(n), middle = mean(newest);
    return SideGap{middle, middle - reach, middle + reach, static_cast<int>(newest.size()), told_above};
}

} // namespace

namespace {

Message gap_in_words(const SideGap& sides)
{
    const Rounded points = rounded(std::abs(sides.left_minus_right), 0);
    return sides.left_minus_right > 0 ? message("right %1 points behind left over the last %2 attempts", points, sides.attempts)
                                      : message("left %1 points behind right over the last %2 attempts", points, sides.attempts);
}

bool is_wide(const SideGap& sides) { return std::abs(sides.left_minus_right) > sides.told_above; }
bool may_be_chance(const SideGap& sides) { return sides.low <= 0 && sides.high >= 0; }

} // namespace

Message side_gap_in_words(const DrillStanding& s)
{
    return s.sides && is_wide(*s.sides) && !may_be_chance(*s.sides) ? gap_in_words(*s.sides) : Message();
}

Message side_doubt_in_words(const DrillStanding& s)
{
    const auto missing = [&](std::size_t of) {
        return message_of(static_cast<int>(of) - s.flown_both_sides, "%n more attempt of both sides is needed",
                          "%n more attempts of both sides are needed");
    };
    if (!s.sides) return missing(least_sided);
    if (!is_wide(*s.sides) || !may_be_chance(*s.sides)) return {};
    const Message chance = message("%1, which may be chance", gap_in_words(*s.sides));
    return s.flown_both_sides < static_cast<int>(sides_over) ? message("%1: %2", chance, missing(sides_over)) : chance;
}

ThrottleCutHabit throttle_cut_habit(const std::vector<AttemptFact>& attempts)
{
    ThrottleCutHabit habit;
    for (const AttemptFact& a : attempts)
        for (const double cut_s : a.throttle_cuts_s) ++habit.crashes, habit.within_1_s += cut_s <= 1, habit.last_s = cut_s;
    return habit;
}

DrillStanding drill_standing(const std::vector<AttemptFact>& attempts, const DrillFact& drill, std::int64_t today,
                             const HouseLimits& house)
{
    DrillStanding s;
    std::set<std::int64_t> holding_days;
    std::vector<double> scores, gaps;
    for (const AttemptFact& a : attempts) {
        if (a.free && drill.least_minutes > 0 && a.world == drill.world) s.minutes += a.flown_s / 60;
        if (a.drill_id != drill.id) continue;
        ++s.attempts;
        s.best = std::max(s.best.value_or(0), a.score);
        s.last = a.score;
        s.failed_in_a_row = a.passed ? 0 : s.failed_in_a_row + 1;
        if (s.failed_in_a_row == 1) s.failing_since_day = a.day;
        s.minutes += a.flown_s / 60;
        if (a.left_minus_right) gaps.push_back(*a.left_minus_right);
        scores.push_back(a.score);
        if (!a.passed) continue;
        ++s.passes;
        if (!a.holds) continue;
        ++s.holding;
        holding_days.insert(a.day);
        s.last_pass_day = a.day;
    }
    s.holding_days = static_cast<int>(holding_days.size());
    s.flown_both_sides = static_cast<int>(gaps.size());
    s.sides = side_gap(gaps, house.of(Limit::HoldSideGap));
    constexpr std::size_t trend_over = 5, least = 3;
    if (scores.size() >= least) {
        const std::vector<double> newest(scores.end() - static_cast<std::ptrdiff_t>(std::min(trend_over, scores.size())),
                                         scores.end());
        std::vector<double> order(newest.size());
        std::iota(order.begin(), order.end(), 0.0);
        s.trend = slope(order, newest);
    }
    if (s.attempts > 0) s.state = DrillState::Tried;
    const bool often_enough = s.holding >= house.whole(Limit::HoldPasses) && s.minutes >= drill.least_minutes;
    if (often_enough && s.holding_days >= house.whole(Limit::HoldDays))
        s.state = today - s.last_pass_day <= house.whole(Limit::HoldCurrencyDays) ? DrillState::Held : DrillState::Due;
    s.waits_for_another_day = often_enough && s.holding_days < house.whole(Limit::HoldDays) && s.last_pass_day == today;
    s.next = what_is_missing(s, drill, house);
    return s;
}

std::vector<DrillStanding> free_standings(const std::vector<AttemptFact>& attempts, const Curriculum& curriculum)
{
    std::vector<DrillStanding> all(curriculum.free_blocks.size());
    for (const AttemptFact& a : attempts) {
        if (!a.free) continue;
        double left_min = a.flown_s / 60;
        for (std::size_t i = 0; i < all.size() && left_min > 0; ++i) {
            const Curriculum::FreeBlock& block = curriculum.free_blocks[i];
            if (!block.world.empty() && block.world != a.world) continue;
            const double taken_min = std::min(left_min, block.minutes - all[i].minutes);
            if (taken_min <= 0) continue;
            left_min -= taken_min;
            all[i].minutes += taken_min;
            ++all[i].attempts;
        }
    }
    for (std::size_t i = 0; i < all.size(); ++i) {
        DrillStanding& s = all[i];
        constexpr double nearly_min = 1e-6;
        const bool done = s.minutes >= curriculum.free_blocks[i].minutes - nearly_min;
        s.passes = done ? 1 : 0;
        s.state = done ? DrillState::Held : s.attempts > 0 ? DrillState::Tried : DrillState::Untried;
        s.next = done ? message("flown")
                      : message("%1 of %2 minutes flown", rounded(std::floor(s.minutes), 0),
                                rounded(curriculum.free_blocks[i].minutes, 0));
    }
    return all;
}

namespace {

DrillFact known(const std::vector<DrillFact>& drills, const std::string& id)
{
    const auto found = std::find_if(drills.begin(), drills.end(), [&](const DrillFact& d) { return d.id == id; });
    return found == drills.end() ? DrillFact{id, id, 0, {}} : *found;
}

void climb_ladder(PilotStanding& s, const PilotFacts& facts, const Curriculum& curriculum, std::int64_t today,
                  const std::vector<DrillFact>& drills, const HouseLimits& house)
{
    const std::vector<DrillStanding> free = free_standings(facts.attempts, curriculum);
    bool goes_on = true; // the stage before is passed, or held, or was and is due again
    for (std::size_t stage = 0; stage < curriculum.stages.size(); ++stage) {
        const Curriculum::Stage& of = curriculum.stages[stage];
        const bool by_hand =
            std::find(facts.opened_stages.begin(), facts.opened_stages.end(), of.name) != facts.opened_stages.end();
        const bool locked = !goes_on && !by_hand;
        std::size_t held = 0, flown = 0, once_held = 0, passed = 0;
        for (const std::string& id : of.drills) {
            const Curriculum::FreeBlock* block = curriculum.free_block(id);
            const DrillStanding d = block ? free[static_cast<std::size_t>(block - curriculum.free_blocks.data())]
                                          : drill_standing(facts.attempts, known(drills, id), today, house);
            held += d.state == DrillState::Held;
            once_held += d.state == DrillState::Held || d.state == DrillState::Due;
            flown += d.attempts > 0;
            passed += d.passes > 0;
            s.ladder.push_back({id, stage, locked, d});
        }
        s.stages.push_back(held == of.drills.size() ? StageState::Held
                           : locked                 ? StageState::Locked
                           : flown > 0              ? StageState::Partly
                                                    : StageState::Open);
        goes_on = (curriculum.opens_on == Curriculum::OpensOn::Passes ? passed : once_held) == of.drills.size();
    }
}

const LadderStep* next_best(const PilotStanding& s)
{
    const auto first = [&](auto&& wanted) {
        const auto found = std::find_if(s.ladder.begin(), s.ladder.end(),
                                        [&](const LadderStep& step) { return !step.locked && wanted(step.standing); });
        return found == s.ladder.end() ? nullptr : &*found;
    };
    if (const auto* step = first([](const DrillStanding& d) { return d.state != DrillState::Held && !d.waits_for_another_day; }))
        return step;
    if (const auto* step = first([](const DrillStanding& d) { return !side_gap_in_words(d).empty(); })) return step;
    return first([](const DrillStanding& d) { return d.state != DrillState::Held; });
}

} // namespace

PilotStanding pilot_standing(const PilotFacts& facts, const Curriculum& curriculum, std::int64_t today,
                             const std::vector<DrillFact>& drills, const HouseLimits& house)
{
    PilotStanding s;
    s.weekly_hours.assign(weeks_shown, 0);
    for (const PracticeFact& p : facts.practice) {
        const double hours = p.active_s / 3600;
        s.hours += hours;
        if (p.matched) s.hours_matched += hours;
        s.last_practice_day = std::max(s.last_practice_day.value_or(p.day), p.day);
        const auto weeks_ago = (today - p.day) / 7;
        if (p.day <= today && weeks_ago < weeks_shown)
            s.weekly_hours[static_cast<std::size_t>(weeks_shown - 1 - weeks_ago)] += hours;
    }
    s.hours_last_7_days = s.weekly_hours.back();
    s.throttle_cuts = throttle_cut_habit(facts.attempts);

    climb_ladder(s, facts, curriculum, today, drills, house);
    DrillStanding next;
    if (const LadderStep* step = next_best(s)) {
        next = step->standing;
        s.next_drill = step->drill_id;
        s.next_reason = next.next;
        if (const Message gap = side_gap_in_words(next); !gap.empty())
            s.next_reason = next.state == DrillState::Held ? gap : message("%1; %2", s.next_reason, gap);
    }
    const Message next_name =
        curriculum.free_block(s.next_drill) ? message("Free flight") : message(known(drills, s.next_drill).name);
    s.looks = looks_at(facts, s, today, next_name, next, house);
    for (Look& look : s.looks) look.words = capital(look.words);
    s.needs_attention = !s.looks.empty() && s.looks.front().cause != Cause::Slow;
    if (s.needs_attention) {
        s.attention = s.looks.front().words;
        s.go = s.looks.front().go;
    } else if (s.next_drill.empty()) {
        s.attention = message("Every stage is held");
    } else {
        s.attention = message("Next: %1, %2", next_name, s.next_reason);
        s.go = PilotStanding::Go::Drills;
    }
    s.attention = capital(s.attention);
    return s;
}

} // namespace bh
