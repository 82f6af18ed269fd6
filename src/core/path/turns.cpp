#include "core/path/turns.h"

#include "core/path/flags.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double turning_dps = 20, least_deg = 45;
constexpr double ends_dps = 3;      // the turn has come to rest
constexpr double smooth_s = 0.1;    // each way
constexpr double entry_s = 0.6;     // before the nose is seen to turn, the sticks have moved already
constexpr double onset_share = 0.2; // of a stick's own peak
constexpr double rests_below = 0.1; // 5 % of the travel

/// When a stick first passes a share of its peak towards a side, between two rows; nothing when it rests.
std::optional<double> onset_s(const FlightLog& log, const std::vector<double>& stick, std::size_t from, std::size_t to,
                              double side)
{
    double peak = 0;
    for (std::size_t i = from; i < to; ++i) peak = std::max(peak, side * stick[i]);
    if (peak < rests_below) return std::nullopt;
    const double level = onset_share * peak;
    for (std::size_t i = from + 1; i < to; ++i) {
        const double before = side * stick[i - 1], now = side * stick[i];
        if (now < level) continue;
        if (before >= level) return std::nullopt; // it stood there already, as in linked turns: its onset cannot be told
        return log.t_s[i - 1] + (log.t_s[i] - log.t_s[i - 1]) * (level - before) / (now - before);
    }
    return std::nullopt;
}

/// Over ground, where the nose points at all: not straight up or down, and not lying on the side.
std::optional<Vec2> nose_over_ground(const FlightLog& log, std::size_t i)
{
    constexpr double cos_80_deg = 0.17364817766693041;
    const Quat q(log.qw[i], log.qx[i], log.qy[i], log.qz[i]);
    const Vec2 nose(1 - 2 * (q.y() * q.y() + q.z() * q.z()), 2 * (q.w() * q.z() + q.x() * q.y()));
    const bool tells = nose.squaredNorm() > 0.04 && 1 - 2 * (q.x() * q.x() + q.y() * q.y()) > cos_80_deg;
    return tells ? std::optional(nose) : std::nullopt;
}

/// From one direction to the next, right positive. Most rows turn by little, where two terms of the series are good to 10⁻⁷.
double between_deg(const Vec2& from, const Vec2& to)
{
    const double along = from.dot(to), across = from.x() * to.y() - from.y() * to.x();
    if (std::abs(across) >= 0.05 * along) return degrees(std::atan2(across, along));
    const double tangent = across / along;
    return degrees(tangent * (1 - tangent * tangent / 3));
}

double angle_deg(const Vec2& v) { return degrees(std::atan2(v.y(), v.x())); }

/// Everything that is taken over the turn's rows, with the nose's rate in each of them.
void measure_turn(const FlightLog& log, const std::vector<double>& nose_dps, Turn& turn)
{
    constexpr double tracks_mps = 1; // below, the track over ground is chance
    const double side = turn.right() ? 1 : -1;
    double yaw = 0, roll = 0, way_m = 0, drift = 0, tracked = 0, error2 = 0, throttle = 0, throttle2 = 0;
    for (std::size_t r = turn.rows.first; r < turn.rows.last; ++r) {
        const Quat q(log.qw[r], log.qx[r], log.qy[r], log.qz[r]);
        if (r > turn.rows.first) {
            const double dt = log.t_s[r] - log.t_s[r - 1];
            yaw += std::abs(log.r_dps[r]) * dt;
            roll += std::abs(log.p_dps[r]) * dt;
            way_m += Vec2(log.north_m[r] - log.north_m[r - 1], log.east_m[r] - log.east_m[r - 1]).norm();
        }
        const double speed_mps = Vec2(log.vn_mps[r], log.ve_mps[r]).norm();
        if (speed_mps > tracks_mps) {
            const double track_deg = degrees(std::atan2(log.ve_mps[r], log.vn_mps[r]));
            drift += std::abs(wrapped_deg(track_deg - heading_deg(q))), ++tracked;
        }
        const double bank = side * bank_deg(q);
        const double coordinated = degrees(std::atan(speed_mps * radians(side * nose_dps[r - turn.rows.first]) / gravity_mps2));
        turn.mean_bank_deg += bank;
        turn.mean_coordinated_deg += coordinated;
        error2 += (bank - coordinated) * (bank - coordinated);
        turn.most_lean_deg = std::max(turn.most_lean_deg, lean_deg(q));
        throttle += log.throttle[r], throttle2 += log.throttle[r] * log.throttle[r];
    }
    const auto n = static_cast<double>(turn.rows.size());
    turn.yaw_share = yaw + roll > 0 ? yaw / (yaw + roll) : 0;
    turn.radius_m = way_m / radians(std::abs(turn.heading_change_deg));
    turn.drift_deg = tracked > 0 ? drift / tracked : 0;
    turn.mean_bank_deg /= n;
    turn.mean_coordinated_deg /= n;
    turn.horizon_error_deg = std::sqrt(error2 / n);
    turn.throttle_sd = std::sqrt(std::max(0.0, throttle2 / n - throttle / n * throttle / n));
    turn.height_change_m = log.height_m[turn.rows.last - 1] - log.height_m[turn.rows.first];
}

} // namespace

double turned_deg(const FlightLog& log, RowSpan span)
{
    // Whole turns are counted where the nose goes through south; that is all the trigonometry that a long span needs.
    std::optional<Vec2> first, last;
    int turns = 0;
    for (std::size_t i = span.first; i < span.last; ++i) {
        const auto nose = nose_over_ground(log, i);
        if (!nose) continue;
        if (!first) first = nose;
        if (last) {
            const double to_the_right = last->x() * nose->y() - last->y() * nose->x();
            if (last->y() >= 0 && nose->y() < 0 && to_the_right > 0) ++turns;
            if (last->y() < 0 && nose->y() >= 0 && to_the_right < 0) --turns;
        }
        last = nose;
    }
    return first ? angle_deg(*last) - angle_deg(*first) + 360 * turns : 0;
}

std::vector<double> unwrapped_heading_deg(const FlightLog& log, RowSpan span)
{
    std::vector<double> heading;
    heading.reserve(span.size());
    std::optional<Vec2> last;
    for (std::size_t i = span.first; i < span.last; ++i) {
        const auto nose = nose_over_ground(log, i);
        if (heading.empty())
            heading.push_back(heading_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]}));
        else
            heading.push_back(nose && last ? heading.back() + between_deg(*last, *nose)
                              : nose       ? heading.back() + wrapped_deg(angle_deg(*nose) - heading.back())
                                           : heading.back());
        if (nose) last = nose;
    }
    return heading;
}

std::vector<Turn> find_turns(const FlightLog& log, RowSpan span, const std::vector<Vec2>& flags_m)
{
    std::vector<Turn> turns;
    if (span.size() < 3) return turns;
    const std::vector<double> heading = unwrapped_heading_deg(log, span);
    const auto row_at = [&](double t) {
        return std::clamp(rows_between(log, t, t).first, span.first, span.last - 1) - span.first;
    };
    std::vector<double> rate(heading.size());
    for (std::size_t i = 0, a = 0, b = 0; i < rate.size(); ++i) {
        const double now_s = log.t_s[span.first + i];
        while (log.t_s[span.first + a] < now_s - smooth_s) ++a;
        while (b + 1 < rate.size() && log.t_s[span.first + b] < now_s + smooth_s) ++b;
        const double time_s = log.t_s[span.first + b] - log.t_s[span.first + a];
        rate[i] = time_s > 0 ? (heading[b] - heading[a]) / time_s : 0;
    }
    for (std::size_t i = 0; i < rate.size();) {
        if (std::abs(rate[i]) < turning_dps) {
            ++i;
            continue;
        }
        const double side = rate[i] > 0 ? 1 : -1;
        std::size_t first = i, last = i;
        while (first > 0 && side * rate[first - 1] > ends_dps) --first;
        while (last + 1 < rate.size() && side * rate[last + 1] > ends_dps) ++last;
        i = last + 1;
        const double change = heading[last] - heading[first];
        if (std::abs(change) < least_deg) continue;
        Turn turn;
        turn.rows = {span.first + first, span.first + last + 1};
        turn.start_s = log.t_s[turn.rows.first];
        turn.end_s = log.t_s[turn.rows.last - 1];
        turn.heading_change_deg = change;
        turn.entry_speed_mps = log.sample(turn.rows.first).ground_speed_mps();
        // The entry: from a little before until half the turn is done.
        std::size_t half = first;
        while (half < last && std::abs(heading[half] - heading[first]) < std::abs(change) / 2) ++half;
        const std::size_t from = row_at(turn.start_s - entry_s) + span.first, to = span.first + half + 1;
        const auto yaw = onset_s(log, log.stick_yaw, from, to, side), roll = onset_s(log, log.stick_roll, from, to, side);
        if (yaw && roll) turn.yaw_lead_s = *roll - *yaw;
        measure_turn(log,
                     std::vector<double>(rate.begin() + static_cast<std::ptrdiff_t>(first),
                                         rate.begin() + static_cast<std::ptrdiff_t>(last + 1)),
                     turn);
        turn.flag_m = nearest_flag_m(log, turn.rows, flags_m);
        turns.push_back(turn);
    }
    return turns;
}

TurnBand turn_band(double camera_tilt_deg)
{
    // Tiny craft at 15° turn mostly by yaw, and yaw alone is the habit to break; at 45° the body turns mostly by roll.
    constexpr TurnBand bands[] = {{15, 0.40, 0.88}, {20, 0.35, 0.80}, {30, 0.35, 0.80}, {45, 0.20, 0.60}};
    if (camera_tilt_deg <= bands[0].tilt_deg) return bands[0];
    for (std::size_t i = 1; i < std::size(bands); ++i) {
        if (camera_tilt_deg > bands[i].tilt_deg) continue;
        const TurnBand &a = bands[i - 1], &b = bands[i];
        const double share = (camera_tilt_deg - a.tilt_deg) / (b.tilt_deg - a.tilt_deg);
        return {camera_tilt_deg, std::lerp(a.least_yaw_share, b.least_yaw_share, share),
                std::lerp(a.most_yaw_share, b.most_yaw_share, share)};
    }
    return bands[std::size(bands) - 1];
}

bool can_be_judged(const Turn& turn)
{
    constexpr double slowest_mps = 3, most_lean_deg = 80;
    return turn.entry_speed_mps > slowest_mps && turn.most_lean_deg <= most_lean_deg;
}

std::optional<TurnFault> fault_of(const Turn& turn, const TurnBand& band)
{
    constexpr double least_bank_share = 1.0 / 3;
    if (!can_be_judged(turn)) return std::nullopt;
    if (turn.yaw_share > band.most_yaw_share) return TurnFault::YawAlone;
    if (turn.mean_bank_deg < least_bank_share * turn.mean_coordinated_deg) return TurnFault::YawAlone;
    if (turn.yaw_share < band.least_yaw_share) return TurnFault::RollAlone;
    return std::nullopt;
}

} // namespace bh
