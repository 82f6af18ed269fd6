#include "core/drill/drill_rail.h"

namespace bh {

std::vector<RailTie> rail_of(const Drill& drill, const Phase& phase, double spacing_m)
{
    const double speed_mps = phase.speed_mps > 0 ? phase.speed_mps : 5;
    std::vector<Vec3> points;
    if (phase.goal.kind == Goal::Kind::Run)
        for (const double along : {0.0, phase.goal.distance_m})
            points.push_back(drill.in_world({along, 0, std::nullopt}, phase.height_m));
    if (phase.goal.kind == Goal::Kind::Way)
        for (const DrillPlace& place : phase.goal.way) points.push_back(drill.in_world(place, phase.height_m));
    return guide_rail(points, phase.goal.closed && points.size() > 2, speed_mps, spacing_m);
}

} // namespace bh
