#pragma once

#include "core/plan/school_week.h"

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>

namespace bh {

/// "bluehangar.week/1": slots, bays, pilots and what was published. BadInput names what is wrong and where: a time that is none,
/// a slot, a pilot or a bay that is not there, a name that stands twice.
[[nodiscard]] Result<WeekProblem> parse_week(std::string_view text, const std::string& file);
[[nodiscard]] std::string week_text(const WeekProblem& problem);

/// A plan with the names of its problem: status, objective, gap, blocks, and who is short of blocks and why.
[[nodiscard]] nlohmann::ordered_json plan_json(const WeekProblem& problem, const WeekPlan& plan);

/// "bluehangar.bays/1", "bluehangar.availability/1" and "bluehangar.week-plan/1", as they stand on the record.
[[nodiscard]] std::string bays_text(const SchoolBays& bays);
[[nodiscard]] Result<SchoolBays> parse_bays(std::string_view text, const std::string& file);
[[nodiscard]] std::string availability_text(const Availability& availability);
[[nodiscard]] Result<Availability> parse_availability(std::string_view text, const std::string& file);
/// A table of when somebody can come: columns start and end ("09:30"), and day ("2031-02-10") or weekday (1, Monday, to 7).
/// BadInput with line and column. What is wanted is not told by it.
[[nodiscard]] Result<Availability> read_availability_csv(std::string_view text, const std::string& file);
[[nodiscard]] std::string planned_week_text(const PlannedWeek& week);
[[nodiscard]] Result<PlannedWeek> parse_planned_week(std::string_view text, const std::string& file);

} // namespace bh
