#include "cli/commands.h"

#include "cli/print.h"
#include "files/documents/week_document.h"
#include "files/text/file_text.h"
#include "school/views/week_plan.h"

#include <algorithm>
#include <cstdio>

namespace bh::cli {
namespace {

WeekPlan plan_of(const WeekProblem& problem, std::vector<WeekBlock> blocks)
{
    WeekPlan plan;
    plan.objective = objectives_of(problem, blocks);
    plan.blocks = std::move(blocks);
    return plan;
}

} // namespace

Result<int> plan_problem(const std::string& file, double most_s)
{
    constexpr double longest_s = 24 * 3600;
    if (!(most_s > 0 && most_s <= longest_s)) return bad_input("--seconds: expected more than 0, at most a day");
    const auto text = read_text(file);
    if (!text) return tl::unexpected(text.error());
    const auto problem = parse_week(*text, file);
    if (!problem) return tl::unexpected(problem.error());
    PlanOptions options;
    options.most_s = most_s;
    const auto plan = plan_week(*problem, options);
    if (!plan) return bad_input(file + ": " + plan.error().english);
    print(plan_json(*problem, *plan));
    return short_pilots(*problem, plan->blocks).empty() ? 0 : 1;
}

Result<int> plan_of_record(const DataFolder& data, const PlanArguments& asked)
{
    RecordOptions options;
    options.read_only = true;
    auto record = Record::open(asked.store, options);
    if (!record) return tl::unexpected(record.error());
    const School school(std::move(*record), data);
    const auto week = week_asked(school, asked.week);
    if (!week) return bad_input(asked.store + ": " + week.error().english);
    PlanOptions how;
    how.most_s = asked.most_s;
    const auto known = known_blocks(planned_week(school, asked.week));
    // Locked ones are no part of the problem; one may have been locked since the week was published.
    const auto holds = [](const std::vector<PlannedBlock>& all, const PlannedBlock& block) {
        return std::any_of(all.begin(), all.end(), [&](PlannedBlock b) { return b.locked = block.locked, b == block; });
    };
    auto free = known;
    std::erase_if(free, [&](const PlannedBlock& b) { return holds(week->locked, b); });
    const auto plan =
        asked.kept ? Result<WeekPlan>(plan_of(week->problem, places_of(*week, free))) : plan_week(week->problem, how);
    if (!plan) return bad_input(asked.store + ": " + plan.error().english);
    const auto blocks = asked.kept ? known : blocks_of(*week, *plan);
    if (!asked.ics.empty())
        if (const auto written = write_whole(asked.ics, week_calendar(school, asked.week, blocks)); !written)
            return tl::unexpected(written.error());
    auto json = plan_json(week->problem, *plan);
    if (asked.kept) json["status"] = "kept", json["gap"] = nullptr; // nobody has asked whether it is the best
    for (const PlannedBlock& b : week->locked)
        if (holds(blocks, b))
            json["locked"].push_back({{"pilot", school.file(b.pilot_id).row.name}, {"bay", b.bay}, {"day", b.day}});
    auto& times = json["slots"] = nlohmann::ordered_json::array();
    for (const WeekSlot& s : week->problem.time_slots) {
        char start[16];
        std::snprintf(start, sizeof start, "%02d:%02d", s.start_min / 60 % 24, s.start_min % 60);
        times.push_back({{"day", s.day}, {"start", start}});
    }
    print(json);
    return short_pilots(week->problem, plan->blocks).empty() ? 0 : 1;
}

} // namespace bh::cli
