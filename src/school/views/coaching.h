#pragma once

#include "core/debrief/habits.h"
#include "school/school.h"

#include <string>
#include <vector>

namespace bh {

/// The pilot's newest flights with a log, the newest last; those up to a time, where one is given.
[[nodiscard]] std::vector<const Attempt*> flights_of(const School& school, const std::string& pilot_id, std::size_t newest,
                                                     UnixTime until = 0);
[[nodiscard]] std::vector<FlightOfHabits> flights_for_habits(const School& school, const std::vector<const Attempt*>& flights);
/// So many flights are looked at for habits (house).
inline constexpr std::size_t flights_for_a_habit = 12;
/// Of the newest flights; what a Board and a readiness go by.
[[nodiscard]] std::vector<Habit> habits_of(const School& school, const std::string& pilot_id,
                                           std::size_t newest = flights_for_a_habit);

/// The strongest of the habits in the newest flights, in words; empty when none is strong, or when advice about it was given in
/// the last seven days (house: it needs a week to show). Goes by what is kept with the flights:
/// it never works one out anew, so that a list of pilots stays quick.
[[nodiscard]] Message strong_habit(const School& school, const std::string& pilot_id);

/// Advice that was given, and what became of it.
struct AdviceStanding {
    GivenAdvice advice;
    UnixTime followed_at = 0; ///< ticked, or seen in what was flown; 0: not yet
    bool seen = false;        ///< it was seen, not ticked
    Effect effect;            ///< on the finding's own measure, of the flights before and since
};
[[nodiscard]] AdviceStanding standing_of(const School& school, const GivenAdvice& advice);
/// All of a pilot's, the newest first.
[[nodiscard]] std::vector<AdviceStanding> advice_given(const School& school, const std::string& pilot_id);

/// For whom a flight is looked at: what is set for the pilot, the flights before it, what was advised and what came of it, and
/// what the drill that is next gives marks for.
[[nodiscard]] Coached coached(const School& school, const std::string& pilot_id, const Attempt* flight);

/// How often a rule helped, over all pilots.
struct RuleRecord {
    std::string rule;
    int given = 0, followed = 0, helped = 0, no_sign = 0, worse = 0;
};
/// Of rules that were ever given, the most given first.
[[nodiscard]] std::vector<RuleRecord> rule_records(const School& school);

/// By which share the measure of a rule's finding fell here, wherever the rule was followed; nothing for fewer than thirty cases.
[[nodiscard]] std::optional<ShareFallen> share_fallen_by(const School& school, const std::string& rule);

} // namespace bh
