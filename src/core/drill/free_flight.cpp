#include "core/drill/free_flight.h"

namespace bh {

Drill free_flight(const std::string& world)
{
    Drill d;
    d.id = "free-flight";
    d.name = "Free flight";
    d.world = world;
    d.modes = {Mode::Acro, Mode::Angle, Mode::Horizon, Mode::Hold, Mode::Sport};
    Phase fly;
    fly.id = "fly";
    fly.instruction = "Free flight. F6 begins again.";
    fly.goal = {Goal::Kind::Stay, 1200, 1, 0};
    fly.time_limit_s = 1e6;
    d.phases = {fly};
    d.crashes_allowed.reset();
    d.panic_disqualifies = false;
    return d;
}

} // namespace bh
