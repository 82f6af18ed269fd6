#include "school/views/beginning.h"

#include "school/values/marks.h"

#include <algorithm>

namespace bh {
namespace {
const std::string rates_step = "first_day.rates";
}

std::vector<BeginLine> beginning(const School& school, const std::string& pilot_id, const BeginFacts& facts)
{
    const auto& pilots = school.pilots();
    if (std::any_of(pilots.begin(), pilots.end(), [&](const Pilot& p) { return !school.attempts(p.id).empty(); })) return {};
    return {{BeginStep::Pilot, school.pilot(pilot_id) != nullptr},
            {BeginStep::Kit, facts.kit_items > 0 && facts.kit_ticked == facts.kit_items},
            {BeginStep::Controller, facts.controller_ready},
            {BeginStep::Setup, setup_mark(school, pilot_id) == Done::Done},
            {BeginStep::Rates, rates_mark(school, pilot_id).state == Done::Done || school.house_rule(rates_step) == "later"},
            {BeginStep::Drill, false}};
}

bool put_off_rates(School& school) { return school.keep_house_rule(rates_step, "later", "put off on the first day"); }

bool begin_school(School& school, const NewSchool& answers)
{
    const std::string why = "as the school was begun";
    return (answers.name.empty() || school.keep_house_rule("school", answers.name, why)) &&
           (answers.curriculum.empty() || school.keep_house_rule("curriculum", answers.curriculum, why));
}

std::string school_name(const School& school) { return school.house_rule("school"); }
std::string usual_curriculum(const School& school) { return school.house_rule("curriculum", Pilot().curriculum); }

} // namespace bh
