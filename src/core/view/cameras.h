#pragma once

#include "core/view/projection.h"

namespace bh {

/// The camera on an aircraft: a little above its belly, tipped up by the tilt.
[[nodiscard]] Camera onboard_camera(const State& state, double tilt_deg, double fov_deg, int width_px, int height_px);

/// An eye that flies behind and a little above the aircraft and looks past it. It swings round behind the nose within
/// some 0.35 s, and keeps its place while the aircraft is on its back.
class ChaseEye {
public:
    /// `picture` gives size and field of view. Times that jump begin afresh.
    Camera follow(const State& state, double time_s, Camera picture);

private:
    Vec2 way_ = Vec2::UnitX();
    double time_s_ = -1e9;
};

/// The eye of a pilot who stands at a place on the ground and keeps looking at the aircraft; `picture` as above.
[[nodiscard]] Camera pilot_eye(const State& state, const Vec3& pilot_m, Camera picture);

} // namespace bh
