#pragma once

#include "core/plan/school_week.h"
#include "school/school.h"

#include <string>
#include <vector>

namespace bh {

/// "2031-W07" of a day (ISO 8601), and its seven days, Monday first; none for what is no week.
[[nodiscard]] std::string week_of(std::int64_t day);
[[nodiscard]] std::vector<std::string> days_of_week(const std::string& week);

/// What a week's plan asks for: slots of the school's hours, bays, and every pilot who said when to come, with what each is to
/// fly.
struct WeekAsked {
    WeekProblem problem;
    std::vector<std::string> pilot_ids; ///< in the problem's order
    std::vector<PlannedBlock> locked;   ///< which stay, and are no part of the problem
};
/// Priorities, the highest first: 3 a drill that is due or waits for a second day, 2 near a first flight, 1 short of hours over
/// four weeks, 0 everybody else. BadInput for what is no week, and where the school has no bays or hours yet.
[[nodiscard]] Result<WeekAsked> week_asked(const School& school, const std::string& week);
/// The blocks of a plan as they are kept, with those that were locked.
[[nodiscard]] std::vector<PlannedBlock> blocks_of(const WeekAsked& asked, const WeekPlan& plan);
/// Kept blocks by the problem's places; those whose pilot, bay or slot is not there any more are left out.
[[nodiscard]] std::vector<WeekBlock> places_of(const WeekAsked& asked, const std::vector<PlannedBlock>& blocks);

[[nodiscard]] PlannedWeek planned_week(const School& school, const std::string& week);
bool keep_week(School& school, const std::string& week, const PlannedWeek& planned, const std::string& why);
/// From now on people know it.
bool publish_week(School& school, const std::string& week);
/// What a pilot is to fly in a block: the next drill, the weak side, minutes under the roof.
[[nodiscard]] Message to_fly(const School& school, const std::string& pilot_id);
/// Whether somebody flew in a block that is over: a session that began within it, or a quarter of an hour before.
enum class BlockState : std::uint8_t { Ahead, Flown, Missed };
[[nodiscard]] BlockState state_of(const School& school, const PlannedBlock& block);

/// The blocks of a week as people know them: as published, or, where it never was, as they are kept.
[[nodiscard]] std::vector<PlannedBlock> known_blocks(const PlannedWeek& planned);
/// Such blocks as iCalendar, for one pilot, one bay, or (both empty) the whole week. A block keeps its UID when it is moved.
[[nodiscard]] std::string week_calendar(const School& school, const std::string& week, const std::vector<PlannedBlock>& blocks,
                                        const std::string& pilot_id = {}, const std::string& bay = {});

} // namespace bh
