#include "core/path/brakes.h"

#include <algorithm>
#include <cmath>

namespace bh {

std::optional<Brake> brake_in(const FlightLog& log, RowSpan span)
{
    constexpr double entry_s = 0.3, least_mps = 1, stands_mps = 0.4;
    if (span.size() < 2) return std::nullopt;
    const auto speed = [&log](std::size_t i) { return Vec2(log.vn_mps[i], log.ve_mps[i]).norm(); };
    Brake b;
    for (std::size_t i = span.first; i < span.last && log.t_s[i] - log.t_s[span.first] <= entry_s; ++i)
        b.entry_speed_mps = std::max(b.entry_speed_mps, speed(i));
    if (b.entry_speed_mps < least_mps) return std::nullopt;
    std::size_t begins = span.first;
    while (begins + 1 < span.last && speed(begins) > 0.95 * b.entry_speed_mps) ++begins;
    std::size_t ends = begins;
    const double slow = std::max(0.05 * b.entry_speed_mps, std::min(stands_mps, 0.2 * b.entry_speed_mps));
    while (ends < span.last && speed(ends) > slow) ++ends;
    if (ends >= span.last) return std::nullopt;
    b.start_s = log.t_s[begins], b.end_s = log.t_s[ends];
    b.stop_s = b.end_s - b.start_s;
    for (std::size_t i = begins + 1; i <= ends; ++i)
        b.stop_m += std::hypot(log.north_m[i] - log.north_m[i - 1], log.east_m[i] - log.east_m[i - 1]);
    for (std::size_t i = span.first; i < span.last; ++i)
        b.height_gain_m = std::max(b.height_gain_m, log.height_m[i] - log.height_m[span.first]);
    return b;
}

namespace {

/// Whether the throttle goes down about when the stick goes back.
bool takes_throttle_out(const FlightLog& log, double back_s)
{
    constexpr double before_s = 0.2, after_s = 0.6, usual_s = 1, least = 0.015;
    const RowSpan usual = rows_between(log, back_s - before_s - usual_s, back_s - before_s);
    if (usual.size() == 0) return false;
    double mean = 0;
    for (std::size_t i = usual.first; i < usual.last; ++i) mean += log.throttle[i] / static_cast<double>(usual.size());
    const RowSpan about = rows_between(log, back_s - before_s, back_s + after_s);
    for (std::size_t i = about.first; i < about.last; ++i)
        if (log.throttle[i] <= mean - least) return true;
    return false;
}

} // namespace

std::vector<Brake> find_brakes(const FlightLog& log, RowSpan span)
{
    constexpr double enters_mps = 3, stopped_mps = 1, back = -0.06, wavers_mps = 0.3, ahead_s = 0.5, later_s = 0.5;
    std::vector<Brake> brakes;
    if (!log.has_position) return brakes;
    const auto speed = [&log](std::size_t i) { return Vec2(log.vn_mps[i], log.ve_mps[i]).norm(); };
    std::size_t from = span.first; // after the brake before
    bool fast = false;
    for (std::size_t i = span.first; i < span.last; ++i) {
        fast = fast || speed(i) > enters_mps;
        if (!fast || speed(i) >= stopped_mps) continue;
        fast = false;
        // Back to where it was fastest before it slowed down, but for little ups and downs.
        std::size_t fastest = i;
        for (std::size_t k = i; k > from && speed(k - 1) > speed(fastest) - wavers_mps; --k)
            if (speed(k - 1) > speed(fastest)) fastest = k - 1;
        std::size_t begins = std::max(from, rows_between(log, log.t_s[fastest] - ahead_s, 0).first);
        while (begins < i && log.stick_pitch[begins] >= back) ++begins;
        from = i + 1;
        if (begins == i || speed(begins) <= enters_mps) continue;
        Brake b;
        b.start_s = log.t_s[begins], b.end_s = log.t_s[i];
        b.entry_speed_mps = speed(begins);
        b.stop_s = b.end_s - b.start_s;
        for (std::size_t k = begins + 1; k <= i; ++k)
            b.stop_m += std::hypot(log.north_m[k] - log.north_m[k - 1], log.east_m[k] - log.east_m[k - 1]);
        for (std::size_t k = begins; k < span.last && log.t_s[k] <= b.end_s + later_s; ++k)
            b.height_gain_m = std::max(b.height_gain_m, log.height_m[k] - log.height_m[begins]);
        b.throttle_first = takes_throttle_out(log, b.start_s);
        brakes.push_back(b);
    }
    return brakes;
}

} // namespace bh
