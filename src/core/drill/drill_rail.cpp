#include "core/drill/drill_rail.h"

#include "core/flight/atmosphere.h"

#include <algorithm>

namespace bh {
namespace {

/// Lean of level flight at a speed, the inverse of level_speed_mps().
double cruise_lean_deg(const Airframe& airframe, double speed_mps)
{
    const double at_45_mps = level_speed_mps(airframe, 45, standard_air(0).density_kgpm3);
    return at_45_mps > 0 ? degrees(std::atan(speed_mps * speed_mps / (at_45_mps * at_45_mps))) : 0;
}

/// A figure is laid out from where the phase before it ends, at that one's height and speed.
std::vector<RailTie> rail_of_figure(const Drill& drill, const Phase& phase)
{
    constexpr double least_mps = 3, rate_dps = 350; // a learner's rates, common practice
    const auto at = static_cast<std::size_t>(&phase - drill.phases.data());
    const Phase* before = at > 0 ? &drill.phases[at - 1] : nullptr;
    double along_m = 0;
    for (std::size_t i = at; i-- > 0 && drill.phases[i].goal.kind == Goal::Kind::Run;) along_m += drill.phases[i].goal.distance_m;
    DrillPlace from{along_m, 0, std::nullopt};
    if (before && before->goal.kind == Goal::Kind::Go) from = before->goal.place;
    const double height_m = before ? before->height_m : phase.height_m;
    const double speed_mps = std::max(least_mps, before ? before->speed_mps : 0.0);
    const RailFigure figure = phase.goal.kind == Goal::Kind::PullThrough ? RailFigure::PullThrough
                              : phase.goal.spin_about_roll               ? RailFigure::Roll
                                                                         : RailFigure::Flip;
    return figure_rail(figure, drill.in_world(from, height_m), drill.start.heading_deg, phase.goal.spin_side, speed_mps,
                       rate_dps);
}

} // namespace

std::vector<RailTie> rail_of(const Drill& drill, const Phase& phase, const Airframe& airframe, double spacing_m)
{
    if (phase.goal.kind == Goal::Kind::Spin || phase.goal.kind == Goal::Kind::PullThrough) return rail_of_figure(drill, phase);
    const double speed_mps = phase.speed_mps > 0 ? phase.speed_mps : 5;
    std::vector<Vec3> points;
    if (phase.goal.kind == Goal::Kind::Run)
        for (const double along : {0.0, phase.goal.distance_m})
            points.push_back(drill.in_world({along, 0, std::nullopt}, phase.height_m));
    if (phase.goal.kind == Goal::Kind::Way)
        for (const DrillPlace& place : phase.goal.way) points.push_back(drill.in_world(place, phase.height_m));
    return guide_rail(points, phase.goal.closed && points.size() > 2, speed_mps, spacing_m,
                      phase.horizon ? drill.camera_tilt_deg : cruise_lean_deg(airframe, speed_mps));
}

} // namespace bh
