#include "cli/commands.h"

#include "cli/print.h"
#include "files/file_text.h"
#include "files/week_document.h"

namespace bh::cli {

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
    if (!plan) return bad_input(file + ": " + plan.error().message);
    print(plan_json(*problem, *plan));
    return short_pilots(*problem, plan->blocks).empty() ? 0 : 1;
}

} // namespace bh::cli
