#include "school/values/marks.h"

#include "school/views/first_flight.h"
#include "school/views/rate_rules.h"
#include "school/views/readiness_facts.h"
#include "school/views/setup_rules.h"
#include "school/views/today.h"

namespace bh {

BoardMark board_mark(const School& school)
{
    BoardMark mark;
    mark.need_a_look = static_cast<int>(named_today(school).size());
    mark.state = mark.need_a_look > 0 ? Done::Due : Done::Done;
    return mark;
}

Done setup_mark(const School& school, const std::string& pilot_id)
{
    if (!school.pilot(pilot_id)) return Done::Nothing;
    return school.setup(pilot_id) ? Done::Done : Done::Due;
}

Done drills_mark(const School& school, const std::string& pilot_id)
{
    if (!school.pilot(pilot_id)) return Done::Nothing;
    return is_learner(school, pilot_id) ? Done::Due : Done::Done;
}

RatesMark rates_mark(const School& school, const std::string& pilot_id)
{
    using Why = RatesMark::Why;
    const auto& own = school.setup(pilot_id);
    if (!school.pilot(pilot_id) || !own) return {Done::Nothing, Why::NoSetup, std::nullopt};
    const RateProfile* real = school.rates_of(own->real_aircraft);
    if (!real) return {Done::Due, Why::RealUnknown, std::nullopt};
    if (const auto stale = school.match_stale(pilot_id)) return {Done::Due, Why::Stale, stale};
    const bool near = difference(real->roll, own->rates.roll).rms_dps <= rates_near_dps &&
                      difference(real->pitch, own->rates.pitch).rms_dps <= rates_near_dps;
    return {near ? Done::Done : Done::Due, near ? Why::Near : Why::Apart, std::nullopt};
}

Done first_flight_mark(const School& school, const std::string& pilot_id)
{
    if (!school.pilot(pilot_id)) return Done::Nothing;
    const Release* release = newest_release(school, pilot_id);
    if (has_flown(school, pilot_id) || (release && holds(school, *release))) return Done::Done;
    return all_met(gates_of(school, pilot_id)) ? Done::Due : Done::Nothing;
}

Done progress_mark(const School& school, const std::string& pilot_id)
{
    const auto& last = school.standing(pilot_id).last_practice_day;
    return last && school.today() - *last <= 7 ? Done::Done : Done::Nothing;
}

} // namespace bh
