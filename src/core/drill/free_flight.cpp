#include "core/drill/free_flight.h"

#include <algorithm>
#include <cstdio>

namespace bh {

Drill free_flight(const std::string& world, double minutes)
{
    Drill d;
    d.id = free_flight_id;
    d.name = "Free flight";
    d.world = world;
    d.modes = {Mode::Acro, Mode::Angle, Mode::Horizon, Mode::Hold, Mode::Sport};
    Phase fly;
    fly.id = "fly";
    fly.instruction = "Free flight. F6 begins again.";
    fly.goal = {Goal::Kind::Stay, 60 * minutes, 1, 0};
    fly.time_limit_s = 1e6;
    d.phases = {fly};
    d.free = true;
    d.crashes_allowed.reset();
    d.panic_disqualifies = false;
    return d;
}

std::string free_flight_in_words(double flown_s, const std::vector<double>& throttle_cuts_s)
{
    char text[120];
    std::snprintf(text, sizeof text, "%.1f minutes without a task", flown_s / 60);
    std::string words = text;
    const auto crashes = static_cast<int>(throttle_cuts_s.size());
    if (crashes == 0) return words + ", no crash.";
    const auto quick =
        static_cast<int>(std::count_if(throttle_cuts_s.begin(), throttle_cuts_s.end(), [](double s) { return s <= 1; }));
    std::snprintf(text, sizeof text, ", %d crash%s; throttle at the bottom within 1 s after %d of %d.", crashes,
                  crashes == 1 ? "" : "es", quick, crashes);
    return words + text;
}

} // namespace bh
