#pragma once

#include "core/view/scene.h"

#include <vector>

namespace bh {

/// A tie across a guide rail: where the rail goes through, which way, and how far an aircraft leans into the turn there.
struct RailTie {
    Vec3 place_m = Vec3::Zero();
    double heading_deg = 0;
    double bank_deg = 0; ///< positive to the right
};

/// Lays a rail through points at a speed: a centripetal Catmull–Rom curve (Catmull and Rom 1974; Yuksel et al. 2011), with
/// a tie each `spacing_m`. A tie leans like an aircraft in a coordinated turn, tan(bank) = v²/(g·r), r being the curve's
/// radius over ground. A closed rail comes back to its first point. Fewer than two points give no ties.
[[nodiscard]] std::vector<RailTie> guide_rail(const std::vector<Vec3>& points_m, bool closed, double speed_mps, double spacing_m);

/// Draws it: two rails and the ties between them, `gauge_m` wide, a little below where the aircraft goes.
void add_rail(Scene& scene, const std::vector<RailTie>& ties, double gauge_m);

} // namespace bh
