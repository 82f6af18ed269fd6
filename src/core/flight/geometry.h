#pragma once

#include <Eigen/Core>
#include <Eigen/Geometry>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace bh {

/// World axes are north, east, down; body axes x forward, y right, z down. Attitudes turn body into world.
using Vec2 = Eigen::Vector2d;
using Vec3 = Eigen::Vector3d;
using Quat = Eigen::Quaterniond;

inline constexpr double gravity_mps2 = 9.80665; ///< standard gravity (3rd CGPM, 1901)

constexpr double radians(double degrees) { return degrees * std::numbers::pi / 180; }
constexpr double degrees(double radians) { return radians * 180 / std::numbers::pi; }

/// Into −180 … 180.
inline double wrapped_deg(double angle_deg) { return std::remainder(angle_deg, 360.0); }

/// Direction of the nose over ground, degrees clockwise from north, −180 … 180.
inline double heading_deg(const Quat& q)
{
    return degrees(std::atan2(2 * (q.w() * q.z() + q.x() * q.y()), 1 - 2 * (q.y() * q.y() + q.z() * q.z())));
}
/// Angle between the aircraft's top and straight up, 0 … 180 degrees.
inline double lean_deg(const Quat& q)
{
    return degrees(std::acos(std::clamp(1 - 2 * (q.x() * q.x() + q.y() * q.y()), -1.0, 1.0)));
}
/// Towards which side it leans, degrees from the nose, right positive, −180 … 180.
inline double lean_towards_deg(const Quat& q)
{
    const Vec3 top = q * Vec3(0, 0, -1);
    return wrapped_deg(degrees(std::atan2(top.y(), top.x())) - heading_deg(q));
}
/// About the nose, right positive, −180 … 180 degrees.
inline double bank_deg(const Quat& q)
{
    return degrees(std::atan2(2 * (q.w() * q.x() + q.y() * q.z()), 1 - 2 * (q.x() * q.x() + q.y() * q.y())));
}
/// Of the nose over the horizon, up positive, −90 … 90 degrees.
inline double pitch_deg(const Quat& q) { return degrees(std::asin(std::clamp(2 * (q.w() * q.y() - q.z() * q.x()), -1.0, 1.0))); }
inline Quat attitude(double heading, double pitch_up, double bank_right) ///< all in degrees
{
    return Quat(Eigen::AngleAxisd(radians(heading), Vec3::UnitZ()) * Eigen::AngleAxisd(radians(pitch_up), Vec3::UnitY()) *
                Eigen::AngleAxisd(radians(bank_right), Vec3::UnitX()));
}

} // namespace bh
