#include "core/view/cameras.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

/// Looks from one place at another, with its picture upright.
Quat looking(const Vec3& from, const Vec3& at)
{
    const Vec3 way = at - from;
    return attitude(degrees(std::atan2(way.y(), way.x())), degrees(std::atan2(-way.z(), way.head<2>().norm())), 0);
}

} // namespace

Camera onboard_camera(const State& state, double tilt_deg, double fov_deg, int width_px, int height_px)
{
    Camera camera;
    camera.position_m = state.position_m + state.attitude * Vec3(0.06, 0, -0.08);
    camera.attitude = state.attitude * Quat(Eigen::AngleAxisd(radians(tilt_deg), Vec3::UnitY()));
    camera.fov_deg = fov_deg;
    camera.width_px = width_px;
    camera.height_px = height_px;
    return camera;
}

Camera ChaseEye::follow(const State& state, double time_s, Camera picture)
{
    constexpr double behind_m = 2.4, above_m = 0.8, ahead_m = 2, swings_s = 0.35, fresh_after_s = 1;
    const Vec3 nose = state.attitude * Vec3::UnitX();
    const bool upright = (state.attitude * Vec3::UnitZ()).z() > 0.2;
    const double passed_s = time_s - time_s_;
    if (passed_s < 0 || passed_s > fresh_after_s)
        way_ = {std::cos(radians(heading_deg(state.attitude))), std::sin(radians(heading_deg(state.attitude)))};
    else if (upright && nose.head<2>().norm() > 0.1) {
        way_ += (nose.head<2>().normalized() - way_) * (1 - std::exp(-passed_s / swings_s));
        if (way_.norm() > 1e-3) way_.normalize();
    }
    time_s_ = time_s;
    const Vec3 way(way_.x(), way_.y(), 0);
    picture.position_m = state.position_m - behind_m * way - Vec3(0, 0, above_m);
    picture.position_m.z() = std::min(picture.position_m.z(), -0.2); // not in the ground
    picture.attitude = looking(picture.position_m, state.position_m + ahead_m * way);
    return picture;
}

Camera pilot_eye(const State& state, const Vec3& pilot_m, Camera picture)
{
    picture.position_m = pilot_m - Vec3(0, 0, 1.6);
    picture.attitude = looking(picture.position_m, state.position_m);
    return picture;
}

} // namespace bh
