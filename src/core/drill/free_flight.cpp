#include "core/drill/free_flight.h"

#include <algorithm>
#include <cstdio>

namespace bh {

Drill free_flight(const std::string& world, double minutes)
{
    Drill d;
    d.id = free_flight_id;
    d.name = label("Free flight");
    d.world = world;
    d.modes = {Mode::Acro, Mode::Angle, Mode::Horizon, Mode::Hold, Mode::Sport};
    Phase fly;
    fly.id = "fly";
    fly.instruction = label("Free flight. F6 begins again.");
    fly.goal = {Goal::Kind::Stay, 60 * minutes, 1, 0};
    fly.time_limit_s = 1e6;
    d.phases = {fly};
    d.free = true;
    d.crashes_allowed.reset();
    d.panic_disqualifies = false;
    return d;
}

Message free_flight_in_words(double flown_s, const std::vector<double>& throttle_cuts_s)
{
    const Rounded minutes = rounded(flown_s / 60, 1);
    if (throttle_cuts_s.empty()) return message("%1 minutes without a task, no crash.", minutes);
    const auto quick = std::count_if(throttle_cuts_s.begin(), throttle_cuts_s.end(), [](double s) { return s <= 1; });
    return message_of(throttle_cuts_s.size(),
                      "%1 minutes without a task, %n crash; throttle at the bottom within 1 s after %2 of %n.",
                      "%1 minutes without a task, %n crashes; throttle at the bottom within 1 s after %2 of %n.", minutes, quick);
}

} // namespace bh
