#include "core/view/guide_rail.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

/// The curve between b and c, its neighbours a and d; share 0…1 (Barry and Goldman's recursion).
Vec3 on_curve(const Vec3& a, const Vec3& b, const Vec3& c, const Vec3& d, double share)
{
    const auto apart = [](const Vec3& p, const Vec3& q) { return std::max(1e-6, std::sqrt((q - p).norm())); };
    const double t1 = apart(a, b), t2 = t1 + apart(b, c), t3 = t2 + apart(c, d);
    const double t = t1 + share * (t2 - t1);
    const auto mixed = [t](const Vec3& p, const Vec3& q, double from, double to) -> Vec3 {
        return p * ((to - t) / (to - from)) + q * ((t - from) / (to - from));
    };
    const Vec3 ab = mixed(a, b, 0, t1), bc = mixed(b, c, t1, t2), cd = mixed(c, d, t2, t3);
    return mixed(mixed(ab, bc, 0, t2), mixed(bc, cd, t1, t3), t1, t2);
}

} // namespace

std::vector<RailTie> guide_rail(const std::vector<Vec3>& points, bool closed, double speed_mps, double spacing_m,
                                double cruise_lean_deg)
{
    std::vector<RailTie> ties;
    const int count = static_cast<int>(points.size());
    if (count < 2) return ties;
    const auto point = [&](int i) -> Vec3 {
        if (closed) return points[static_cast<std::size_t>((i + count) % count)];
        if (i < 0) return 2 * points[0] - points[1]; // the ends go on straight
        if (i >= count) return 2 * points[static_cast<std::size_t>(count - 1)] - points[static_cast<std::size_t>(count - 2)];
        return points[static_cast<std::size_t>(i)];
    };
    constexpr int pieces = 64; // of a curve between two points, fine enough to measure along
    std::vector<Vec3> way;
    for (int i = 0; i < (closed ? count : count - 1); ++i)
        for (int k = 0; k < pieces; ++k)
            way.push_back(on_curve(point(i - 1), point(i), point(i + 1), point(i + 2), static_cast<double>(k) / pieces));
    way.push_back(point(closed ? 0 : count - 1));
    double length = 0;
    for (std::size_t i = 1; i < way.size(); ++i) length += (way[i] - way[i - 1]).norm();
    if (length < 1e-3) return ties;
    const int steps = std::max(1, static_cast<int>(std::round(length / spacing_m)));
    double gone = 0;
    std::size_t at = 0;
    for (int i = 0; i <= steps; ++i) {
        const double due = length * i / steps;
        while (at + 2 < way.size() && gone + (way[at + 1] - way[at]).norm() < due) gone += (way[at + 1] - way[at]).norm(), ++at;
        const Vec3 along = way[at + 1] - way[at];
        ties.push_back({way[at] + along * std::clamp((due - gone) / std::max(1e-9, along.norm()), 0.0, 1.0), 0, 0, 0});
    }
    const auto lean_at = [&](double gone_m) { // forward positive
        constexpr double gathers_mps2 = 3;
        const double needs_m = speed_mps * speed_mps / (2 * gathers_mps2);
        const double left_m = length - gone_m, nearest_end_m = std::min(gone_m, left_m);
        if (closed || nearest_end_m >= std::min(needs_m, length / 2)) return cruise_lean_deg;
        const double share = nearest_end_m / needs_m; // of the speed's square, as its drag goes
        const double drag = share * std::tan(radians(cruise_lean_deg));
        return degrees(std::atan(drag + (gone_m < left_m ? 1 : -1) * gathers_mps2 / gravity_mps2));
    };
    const auto n = ties.size();
    const auto before = [&](std::size_t i) {
        return i > 0 ? i - 1 : closed ? n - 2 : 0;
    }; // the last tie of a closed rail is the first again
    const auto after = [&](std::size_t i) { return i + 1 < n ? i + 1 : closed ? 1 : n - 1; };
    for (std::size_t i = 0; i < n; ++i) {
        const Vec2 in = (ties[i].place_m - ties[before(i)].place_m).head<2>(),
                   out = (ties[after(i)].place_m - ties[i].place_m).head<2>();
        const Vec2 through = in + out;
        ties[i].heading_deg = degrees(std::atan2(through.y(), through.x()));
        const double lengths = in.norm() * out.norm() * through.norm();
        // Curvature of the circle through three points: 4 · area / product of the sides.
        const double curvature_pm = lengths > 1e-9 ? 2 * (in.x() * out.y() - in.y() * out.x()) / lengths : 0;
        ties[i].bank_deg = degrees(std::atan(speed_mps * speed_mps * curvature_pm / gravity_mps2));
        ties[i].pitch_deg = -lean_at(length * static_cast<double>(i) / steps);
    }
    return ties;
}

std::vector<RailTie> figure_rail(RailFigure figure, const Vec3& from_m, double heading_deg, double side, double speed_mps,
                                 double rate_dps)
{
    constexpr double tie_deg = 15, least_radius_m = 2;
    const double step_m = speed_mps * tie_deg / rate_dps;
    const Vec3 ahead(std::cos(radians(heading_deg)), std::sin(radians(heading_deg)), 0);
    std::vector<RailTie> ties;
    const bool whole = figure != RailFigure::PullThrough;
    for (double turned = 0; turned <= (whole ? 360 : 180); turned += tie_deg) {
        RailTie tie{from_m + ahead * (step_m * turned / tie_deg), heading_deg, 0, 0};
        (figure == RailFigure::Flip ? tie.pitch_deg : tie.bank_deg) = wrapped_deg(side * turned);
        ties.push_back(tie);
    }
    if (whole) return ties;
    const Vec3 top = ties.back().place_m;
    const double radius_m = std::max(least_radius_m, speed_mps / radians(rate_dps));
    for (double pulled = tie_deg; pulled <= 180; pulled += tie_deg) {
        const double a = radians(pulled); // down and round: nose to the ground at 90°, level the other way at 180°
        RailTie tie{top + radius_m * (std::sin(a) * ahead + (1 - std::cos(a)) * Vec3(0, 0, 1)), heading_deg, 180, -pulled};
        if (pulled > 90) tie.heading_deg = wrapped_deg(heading_deg + 180), tie.bank_deg = 0, tie.pitch_deg = pulled - 180;
        ties.push_back(tie);
    }
    return ties;
}

void add_rail(Scene& scene, const std::vector<RailTie>& ties, double gauge_m)
{
    constexpr double below_m = 0.35; // so that it does not hide what is ahead
    constexpr double plate_m = 0.5;  // from a tie's front bar to its back bar
    const auto end = [&](const RailTie& tie, double side, double ahead_m) -> Vec3 {
        return tie.place_m + attitude(tie.heading_deg, tie.pitch_deg, tie.bank_deg) * Vec3(ahead_m, side * gauge_m / 2, below_m);
    };
    for (std::size_t i = 0; i < ties.size(); ++i) {
        for (const double ahead_m : {-plate_m / 2, plate_m / 2})
            scene.lines.push_back({end(ties[i], -1, ahead_m), end(ties[i], 1, ahead_m), Paint::Rail, false, 0.05});
        for (const double side : {-1.0, 1.0}) {
            scene.lines.push_back({end(ties[i], side, -plate_m / 2), end(ties[i], side, plate_m / 2), Paint::Rail, false, 0.05});
            if (i > 0) scene.lines.push_back({end(ties[i - 1], side, 0), end(ties[i], side, 0), Paint::Rail, false, 0.03});
        }
    }
}

} // namespace bh
