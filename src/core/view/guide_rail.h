#pragma once

#include "core/view/scene.h"

#include <vector>

namespace bh {

/// A tie across a guide rail: where the rail goes through, which way, and how an aircraft is to lie in the air there.
struct RailTie {
    Vec3 place_m = Vec3::Zero();
    double heading_deg = 0;
    double bank_deg = 0;  ///< positive to the right
    double pitch_deg = 0; ///< nose up positive
};

/// Lays a rail through points at a speed: a centripetal Catmull–Rom curve (Catmull and Rom 1974; Yuksel et al. 2011), with
/// a tie each `spacing_m`. A tie leans like an aircraft in a coordinated turn, tan(bank) = v²/(g·r), r being the curve's
/// radius over ground, and is pitched like one that gathers speed from a hover at the first point of an open rail, goes on at
/// `cruise_lean_deg` and stops at its last: tan(pitch) = −(lean of the speed + acceleration)/g, 3 m/s² (house). A closed rail
/// comes back to its first point. Fewer than two points give no ties.
[[nodiscard]] std::vector<RailTie> guide_rail(const std::vector<Vec3>& points_m, bool closed, double speed_mps, double spacing_m,
                                              double cruise_lean_deg = 0);

/// What is flown over on a rail: a roll about the line, a flip, or half a roll and pulled through.
enum class RailFigure : std::uint8_t { Roll, Flip, PullThrough };
/// Ties that turn over as the figure does, 15° apart, from a place along a heading at a speed and a rate of turn. `side`: roll
/// right and nose up positive; of PullThrough the side of its half roll, which is then a half loop downwards of the radius that
/// speed and rate make, v/ω, at least 2 m.
[[nodiscard]] std::vector<RailTie> figure_rail(RailFigure figure, const Vec3& from_m, double heading_deg, double side,
                                               double speed_mps, double rate_dps);

/// Draws it: two rails and between them the ties, `gauge_m` wide, a little below where the aircraft goes. A tie is a short plate
/// of two bars, one before the other, so that its pitch is seen as well as its bank.
void add_rail(Scene& scene, const std::vector<RailTie>& ties, double gauge_m);

} // namespace bh
