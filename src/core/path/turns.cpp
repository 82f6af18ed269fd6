#include "core/path/turns.h"

#include "core/path/flags.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double turning_dps = 12, goes_on_dps = 8, least_deg = 45;
constexpr double smooth_s = 0.1, way_smooth_s = 0.25; // each way; speeds are noisier than attitudes
constexpr double way_tells_mps = 3;                   // below, turns of the way are not looked for
constexpr double entry_s = 0.6;                       // before the nose is seen to turn, the sticks have moved already
constexpr double onset_share = 0.2;                   // of a stick's own peak
constexpr double rests_below = 0.1;                   // 5 % of the travel

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

/// What a column of angles does in a second, over a short time each way.
std::vector<double> rates_of(const FlightLog& log, RowSpan span, const std::vector<double>& angle_deg, double each_way_s)
{
    std::vector<double> rate(angle_deg.size());
    for (std::size_t i = 0, a = 0, b = 0; i < rate.size(); ++i) {
        const double now_s = log.t_s[span.first + i];
        while (log.t_s[span.first + a] < now_s - each_way_s) ++a;
        while (b + 1 < rate.size() && log.t_s[span.first + b] < now_s + each_way_s) ++b;
        const double time_s = log.t_s[span.first + b] - log.t_s[span.first + a];
        rate[i] = time_s > 0 ? (angle_deg[b] - angle_deg[a]) / time_s : 0;
    }
    return rate;
}

double way_deg(const FlightLog& log, std::size_t row) { return degrees(std::atan2(log.ve_mps[row], log.vn_mps[row])); }

/// The way's direction without jumps at ±180°; slower than told_mps it is chance, and the last one is kept.
std::vector<double> unwrapped_way_deg(const FlightLog& log, RowSpan span, double told_mps)
{
    std::vector<double> way;
    way.reserve(span.size());
    bool told = false;
    for (std::size_t i = span.first; i < span.last; ++i) {
        const bool tells = std::hypot(log.vn_mps[i], log.ve_mps[i]) > told_mps;
        if (!told)
            way.push_back(tells ? way_deg(log, i) : 0);
        else
            way.push_back(tells ? way.back() + wrapped_deg(way_deg(log, i) - way.back()) : way.back());
        if (tells && !told) std::fill(way.begin(), way.end(), way.back());
        told = told || tells;
    }
    return way;
}

/// Stretches, as rows of the span, in which an angle goes to one side quickly enough, and far enough in all.
std::vector<RowSpan> turning(const std::vector<double>& angle_deg, const std::vector<double>& rate_dps)
{
    std::vector<RowSpan> all;
    for (std::size_t i = 0; i < rate_dps.size();) {
        if (std::abs(rate_dps[i]) < turning_dps) {
            ++i;
            continue;
        }
        const double side = rate_dps[i] > 0 ? 1 : -1;
        std::size_t first = i, last = i;
        while (first > 0 && side * rate_dps[first - 1] > goes_on_dps) --first;
        while (last + 1 < rate_dps.size() && side * rate_dps[last + 1] > goes_on_dps) ++last;
        i = last + 1;
        if (std::abs(angle_deg[last] - angle_deg[first]) >= least_deg) all.push_back({first, last + 1});
    }
    return all;
}

/// How far an angle turns in a stretch, from and to where it rests: the first and last few degrees go by slowly.
double turned_to_rest_deg(const std::vector<double>& angle_deg, const std::vector<double>& rate_dps, RowSpan rows)
{
    constexpr double rests_dps = 3;
    const double side = angle_deg[rows.last - 1] >= angle_deg[rows.first] ? 1 : -1;
    while (rows.first > 0 && side * rate_dps[rows.first - 1] > rests_dps) --rows.first;
    while (rows.last < angle_deg.size() && side * rate_dps[rows.last] > rests_dps) ++rows.last;
    return angle_deg[rows.last - 1] - angle_deg[rows.first];
}

/// A span with the directions of nose and way, and how quickly they turn.
struct Directions {
    std::vector<double> nose_deg, nose_dps, way_deg, way_dps;
};

Directions directions_of(const FlightLog& log, RowSpan span)
{
    constexpr double tracks_mps = 1;
    Directions d;
    d.nose_deg = unwrapped_heading_deg(log, span);
    d.nose_dps = rates_of(log, span, d.nose_deg, smooth_s);
    d.way_deg = unwrapped_way_deg(log, span, tracks_mps);
    d.way_dps = rates_of(log, span, d.way_deg, way_smooth_s);
    return d;
}

/// Turns of the nose; of those of the way only the ones in which it does not, as when a bank alone bends it.
std::vector<RowSpan> turning_rows(const FlightLog& log, RowSpan span, const Directions& of)
{
    std::vector<RowSpan> all = turning(of.nose_deg, of.nose_dps);
    if (!log.has_position) return all;
    std::vector<double> way_dps = of.way_dps;
    for (std::size_t i = 0; i < way_dps.size(); ++i)
        if (std::hypot(log.vn_mps[span.first + i], log.ve_mps[span.first + i]) <= way_tells_mps) way_dps[i] = 0;
    const auto apart = [](RowSpan a, RowSpan b) { return a.last <= b.first || b.last <= a.first; };
    for (const RowSpan rows : turning(of.way_deg, way_dps))
        if (std::all_of(all.begin(), all.end(), [&](RowSpan nose) { return apart(nose, rows); })) all.push_back(rows);
    std::sort(all.begin(), all.end(), [](RowSpan a, RowSpan b) { return a.first < b.first; });
    return all;
}

/// Nose minus way, into the turn positive.
void measure_drift(const FlightLog& log, const Directions& of, RowSpan in_span, double side, Turn& turn)
{
    if (!log.has_position) return;
    const auto drift = [&](std::size_t i) { return side * wrapped_deg(of.nose_deg[i] - of.way_deg[i]); };
    const double quarter_s = (turn.end_s - turn.start_s) / 4;
    double sum = 0, rows = 0;
    for (std::size_t i = in_span.first; i < in_span.last; ++i) {
        const double t_s = log.t_s[turn.rows.first + i - in_span.first];
        if (t_s < turn.start_s + quarter_s || t_s > turn.end_s - quarter_s) continue;
        sum += drift(i), ++rows;
    }
    turn.drift_deg = rows > 0 ? sum / rows : 0;
    turn.end_drift_deg = drift(in_span.last - 1);
}

/// Everything that is taken over the turn's rows.
void measure_turn(const FlightLog& log, const Directions& of, RowSpan in_span, Turn& turn)
{
    const double side = turn.right() ? 1 : -1;
    double yaw = 0, roll = 0, asked = 0, way_m = 0, error2 = 0, throttle = 0, throttle2 = 0;
    turn.slowest_mps = 1e300;
    for (std::size_t r = turn.rows.first; r < turn.rows.last; ++r) {
        const std::size_t i = in_span.first + r - turn.rows.first;
        const Quat q(log.qw[r], log.qx[r], log.qy[r], log.qz[r]);
        if (r > turn.rows.first) {
            const double dt = log.t_s[r] - log.t_s[r - 1];
            yaw += std::abs(log.r_dps[r]) * dt;
            roll += std::abs(log.p_dps[r]) * dt;
            way_m += Vec2(log.north_m[r] - log.north_m[r - 1], log.east_m[r] - log.east_m[r - 1]).norm();
        }
        const double speed_mps = Vec2(log.vn_mps[r], log.ve_mps[r]).norm();
        turn.slowest_mps = std::min(turn.slowest_mps, speed_mps);
        const double bank = side * bank_deg(q), pitch = radians(pitch_deg(q));
        const auto coordinated_deg = [&](double rate_dps) {
            return degrees(std::atan(speed_mps * radians(side * rate_dps) / gravity_mps2));
        };
        const double error = bank - coordinated_deg(of.nose_dps[i]);
        const double yaws = std::abs(std::cos(radians(bank)) * std::cos(pitch));
        asked += yaws / (yaws + std::abs(std::sin(pitch)));
        turn.mean_bank_deg += bank;
        turn.mean_needed_deg += coordinated_deg(of.way_dps[i]);
        error2 += error * error;
        turn.most_lean_deg = std::max(turn.most_lean_deg, lean_deg(q));
        throttle += log.throttle[r], throttle2 += log.throttle[r] * log.throttle[r];
    }
    const auto n = static_cast<double>(turn.rows.size());
    turn.yaw_share = yaw + roll > 0 ? yaw / (yaw + roll) : 0;
    turn.yaw_share_asked = asked / n;
    turn.radius_m = way_m / radians(std::abs(turn.heading_change_deg));
    turn.mean_bank_deg /= n;
    turn.mean_needed_deg /= n;
    turn.horizon_error_deg = std::sqrt(error2 / n);
    turn.throttle_sd = std::sqrt(std::max(0.0, throttle2 / n - throttle / n * throttle / n));
    turn.height_change_m = log.height_m[turn.rows.last - 1] - log.height_m[turn.rows.first];
    measure_drift(log, of, in_span, side, turn);
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

std::optional<double> Turn::bank_share() const
{
    constexpr double needs_little_deg = 6; // house: a third of it is what any hand wobbles
    return mean_needed_deg > needs_little_deg ? std::optional(mean_bank_deg / mean_needed_deg) : std::nullopt;
}

std::vector<Turn> find_turns(const FlightLog& log, RowSpan span, const std::vector<Vec2>& flags_m)
{
    std::vector<Turn> turns;
    if (span.size() < 3) return turns;
    const Directions of = directions_of(log, span);
    for (const RowSpan rows : turning_rows(log, span, of)) {
        Turn turn;
        turn.rows = {span.first + rows.first, span.first + rows.last};
        turn.start_s = log.t_s[turn.rows.first];
        turn.end_s = log.t_s[turn.rows.last - 1];
        turn.nose_change_deg = turned_to_rest_deg(of.nose_deg, of.nose_dps, rows);
        turn.way_change_deg = of.way_deg[rows.last - 1] - of.way_deg[rows.first];
        const bool of_nose = std::abs(turn.nose_change_deg) >= least_deg;
        const std::vector<double>& angle = of_nose ? of.nose_deg : of.way_deg;
        turn.heading_change_deg = of_nose ? turn.nose_change_deg : turn.way_change_deg;
        turn.entry_speed_mps = log.sample(turn.rows.first).ground_speed_mps();
        // The entry: from a little before until half the turn is done.
        std::size_t half = rows.first;
        while (half + 1 < rows.last && std::abs(angle[half] - angle[rows.first]) < std::abs(turn.heading_change_deg) / 2) ++half;
        const std::size_t from =
            std::clamp(rows_between(log, turn.start_s - entry_s, turn.start_s).first, span.first, span.last - 1);
        const double side = turn.right() ? 1 : -1;
        const auto yaw = onset_s(log, log.stick_yaw, from, span.first + half + 1, side),
                   roll = onset_s(log, log.stick_roll, from, span.first + half + 1, side);
        if (yaw && roll) turn.yaw_lead_s = *roll - *yaw;
        measure_turn(log, of, rows, turn);
        turn.flag_m = nearest_flag_m(log, turn.rows, flags_m);
        turns.push_back(turn);
    }
    return turns;
}

} // namespace bh
