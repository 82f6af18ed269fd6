#include "core/path/rocking.h"

#include "core/base/stats.h"
#include "core/path/stretches.h"
#include "core/path/turns.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace bh {
namespace {

constexpr double apart_share = 0.12; // of the travel from stop to stop
constexpr std::size_t fewest_points = 4, fewest_slow_points = 5;
constexpr double closest_s = 0.12, quick_s = 0.72, calm_s = 1.25, farthest_s = 1.6; // from one turning point
                                                                                    // to the next: 4, 0.7, 0.4, 0.3 Hz
constexpr double slow_swings_deg = 10;  // of the bank or the pitch, from one side to the other
constexpr double steep_swings_deg = 60; // where it goes slower than calm_s: no hand means that
constexpr double linked_turn_deg = 20, linked_mps = 3;
constexpr double linked_pitch_deg = 30;               // a hand that links turns keeps its pitch
constexpr double follows_dps = 8, follows_mps2 = 0.5; // amplitude of what the aircraft does

/// When the stick turned: the middle of the time that it spent within a quarter of a swing of its end. The one row that is
/// farthest out is shifted by any tremor, most of all in slow swings.
double turned_at_s(const FlightLog& log, const std::vector<double>& stick, const TurningPoint& point, double swing, RowSpan span)
{
    const auto near_end = [&](std::size_t row) { return std::abs(stick[row] - point.value) < 0.25 * swing; };
    std::size_t from = point.row, to = point.row;
    while (from > span.first && near_end(from - 1)) --from;
    while (to + 1 < span.last && near_end(to + 1)) ++to;
    return 0.5 * (log.t_s[from] + log.t_s[to]);
}

struct Turned {
    double t_s;
    double value;
};

std::vector<Turned> turned(const FlightLog& log, const std::vector<double>& stick, RowSpan span, double apart)
{
    auto points = turning_points(stick, span, apart);
    // The first has to be swung to as well: a rest before a push is none.
    const auto swung_to = [&](const TurningPoint& p) {
        for (std::size_t i = span.first; i < p.row; ++i)
            if (std::abs(stick[i] - p.value) > apart) return true;
        return false;
    };
    if (!points.empty() && !swung_to(points.front())) points.erase(points.begin());
    std::vector<Turned> times;
    for (std::size_t i = 0; i < points.size(); ++i) {
        double swing = 1e300; // the smaller of those to it and from it
        if (i > 0) swing = std::min(swing, std::abs(points[i].value - points[i - 1].value));
        if (i + 1 < points.size()) swing = std::min(swing, std::abs(points[i].value - points[i + 1].value));
        times.push_back({turned_at_s(log, stick, points[i], points.size() > 1 ? swing : apart, span), points[i].value});
    }
    return times;
}

/// A run of turning points, and how often it goes to and fro.
struct Run {
    std::vector<Turned> points;
    [[nodiscard]] double from_s() const { return points.front().t_s; }
    [[nodiscard]] double to_s() const { return points.back().t_s; }
    [[nodiscard]] double frequency_hz() const { return static_cast<double>(points.size() - 1) / (2 * (to_s() - from_s())); }
    [[nodiscard]] double apart_s() const ///< median
    {
        std::vector<double> between_s;
        for (std::size_t i = 1; i < points.size(); ++i) between_s.push_back(points[i].t_s - points[i - 1].t_s);
        return median(std::move(between_s));
    }
    [[nodiscard]] bool slow() const { return apart_s() > quick_s; }
};

/// Neighbours at most so far apart.
std::vector<Run> runs_of(const std::vector<Turned>& points, double most_apart_s)
{
    std::vector<Run> runs;
    std::vector<Turned> run;
    const auto end_run = [&] {
        if (run.size() >= fewest_points) runs.push_back({run});
        run.clear();
    };
    constexpr double rounding_s = 1e-9;
    for (const Turned& p : points) {
        if (!run.empty()) {
            const double apart_s = p.t_s - run.back().t_s;
            if (apart_s < closest_s - rounding_s || apart_s > most_apart_s + rounding_s) end_run();
        }
        run.push_back(p);
    }
    end_run();
    return runs;
}

/// Amplitude of what goes along with a run at its frequency, whatever its phase: of a sine, beside a straight line, fitted by
/// least squares to pieces of four swings each, since no hand keeps time over many; their mean.
double amplitude_at(const FlightLog& log, const Run& run, const std::vector<double>& column)
{
    const double omega = 2 * std::numbers::pi * run.frequency_hz();
    double sum = 0;
    int pieces = 0;
    for (std::size_t i = 0; i + 2 < run.points.size(); i += 2) {
        const std::size_t last = std::min(i + 4, run.points.size() - 1);
        const RowSpan rows = rows_between(log, run.points[i].t_s, run.points[last].t_s);
        if (rows.size() < 6) continue;
        Eigen::Matrix4d normal = Eigen::Matrix4d::Zero();
        Eigen::Vector4d right = Eigen::Vector4d::Zero();
        for (std::size_t r = rows.first; r < rows.last; ++r) {
            const double t = log.t_s[r] - run.points[i].t_s;
            const Eigen::Vector4d terms(1, t, std::cos(omega * t), std::sin(omega * t));
            normal += terms * terms.transpose();
            right += column[r] * terms;
        }
        const Eigen::Vector4d fitted = normal.ldlt().solve(right);
        sum += std::hypot(fitted[2], fitted[3]);
        ++pieces;
    }
    return pieces > 0 ? sum / pieces : 0;
}

/// The bank or the pitch goes to and fro with a slow run, and that is not what the nose follows from turn to turn.
bool wallows(const FlightLog& log, const Run& run, StickAxis axis)
{
    if (axis == StickAxis::Throttle || axis == StickAxis::Yaw || run.points.size() < fewest_slow_points) return false;
    const RowSpan rows = rows_between(log, run.from_s(), run.to_s());
    if (rows.size() < 2) return false;
    double swings_deg = 0, pitches_deg = 0, turns_deg = 0, speed_mps = 0;
    const std::vector<double> heading = unwrapped_heading_deg(log, rows);
    for (std::size_t i = 0; i + 1 < run.points.size(); ++i) {
        const RowSpan half = rows_between(log, run.points[i].t_s, run.points[i + 1].t_s);
        if (half.size() == 0) return false;
        double low = 1e300, high = -1e300, pitch_low = 1e300, pitch_high = -1e300, nose_low = 1e300, nose_high = -1e300;
        for (std::size_t r = half.first; r < half.last; ++r) {
            const Quat q(log.qw[r], log.qx[r], log.qy[r], log.qz[r]);
            const double lean = axis == StickAxis::Roll ? bank_deg(q) : pitch_deg(q);
            low = std::min(low, lean), high = std::max(high, lean);
            pitch_low = std::min(pitch_low, pitch_deg(q)), pitch_high = std::max(pitch_high, pitch_deg(q));
            if (r < rows.first || r >= rows.last) continue;
            nose_low = std::min(nose_low, heading[r - rows.first]), nose_high = std::max(nose_high, heading[r - rows.first]);
            speed_mps += std::hypot(log.vn_mps[r], log.ve_mps[r]) / static_cast<double>(rows.size());
        }
        swings_deg += high - low, pitches_deg += pitch_high - pitch_low, turns_deg += std::max(0.0, nose_high - nose_low);
    }
    const auto halves = static_cast<double>(run.points.size() - 1);
    const double least_deg = run.apart_s() > calm_s ? steep_swings_deg : slow_swings_deg;
    if (swings_deg / halves < least_deg) return false;
    return !log.has_position || speed_mps <= linked_mps || turns_deg / halves <= linked_turn_deg ||
           pitches_deg / halves >= linked_pitch_deg;
}

/// Sticks that were recorded by themselves: nothing is known of an aircraft, and the hand is taken at its word.
bool is_of_sticks_alone(const FlightLog& log)
{
    const auto still = [](const std::vector<double>& rate) {
        return std::all_of(rate.begin(), rate.end(), [](double dps) { return dps == 0; });
    };
    return !log.has_position && still(log.p_dps) && still(log.q_dps) && still(log.r_dps);
}

bool aircraft_follows(const FlightLog& log, const Run& run, StickAxis axis)
{
    const auto of = [&](const std::vector<double>& column) { return amplitude_at(log, run, column); };
    switch (axis) {
    case StickAxis::Roll: return of(log.p_dps) >= follows_dps;
    case StickAxis::Pitch: return of(log.q_dps) >= follows_dps;
    case StickAxis::Yaw: return of(log.r_dps) >= follows_dps;
    case StickAxis::Throttle: break;
    }
    // A climb that swings by an amplitude has a vertical acceleration of ω times that.
    return of(log.climb_mps) * 2 * std::numbers::pi * run.frequency_hz() >= follows_mps2;
}

/// The runs that are rocking, each whole where it is, or else its quick parts.
std::vector<Run> rocking_runs(const FlightLog& log, const std::vector<Turned>& points, StickAxis axis)
{
    const bool hand_alone = axis != StickAxis::Throttle && is_of_sticks_alone(log);
    const auto quick = [&](const Run& run) { return !run.slow() && (hand_alone || aircraft_follows(log, run, axis)); };
    // A burst and a cut of the throttle, as every flip has them, may lie a second apart: only what is quick throughout is told of
    // it.
    const bool leans = axis == StickAxis::Roll || axis == StickAxis::Pitch;
    std::vector<Run> all;
    for (Run& run : runs_of(points, leans ? calm_s : quick_s)) {
        if (quick(run) || (run.slow() && !hand_alone && wallows(log, run, axis))) {
            all.push_back(std::move(run));
            continue;
        }
        for (Run& part : runs_of(run.points, quick_s))
            if (quick(part)) all.push_back(std::move(part));
    }
    if (!leans || hand_alone) return all;
    // Slower still, and steep: where nothing quicker was found in it.
    for (Run& run : runs_of(points, farthest_s)) {
        const auto overlaps = [&](const Run& known) { return known.from_s() < run.to_s() && run.from_s() < known.to_s(); };
        if (run.apart_s() > calm_s && std::none_of(all.begin(), all.end(), overlaps) && wallows(log, run, axis))
            all.push_back(std::move(run));
    }
    std::sort(all.begin(), all.end(), [](const Run& a, const Run& b) { return a.from_s() < b.from_s(); });
    return all;
}

/// Runs with less than a cycle between them are one.
std::vector<Run> merged(std::vector<Run> runs)
{
    std::vector<Run> all;
    for (Run& run : runs) {
        const bool one =
            !all.empty() && run.from_s() - all.back().to_s() < 1 / std::min(run.frequency_hz(), all.back().frequency_hz());
        if (one)
            all.back().points.insert(all.back().points.end(), run.points.begin(), run.points.end());
        else
            all.push_back(std::move(run));
    }
    return all;
}

} // namespace

std::vector<Rocking> find_rocking(const FlightLog& log, RowSpan span, StickAxis axis)
{
    std::vector<Rocking> found;
    if (span.size() < 2) return found;
    const std::vector<double>& stick = stick_column(log, axis);
    const auto points = turned(log, stick, span, apart_share * (axis == StickAxis::Throttle ? 1 : 2));
    for (const Run& run : merged(rocking_runs(log, points, axis))) {
        Rocking r;
        r.axis = axis;
        r.slow = run.slow();
        r.frequency_hz = run.frequency_hz();
        for (std::size_t i = 1; i < run.points.size(); ++i)
            r.amplitude +=
                std::abs(run.points[i].value - run.points[i - 1].value) / 2 / static_cast<double>(run.points.size() - 1);
        const double quarter_s = 0.25 / r.frequency_hz;
        r.start_s = std::max(log.t_s[span.first], run.from_s() - quarter_s);
        r.end_s = std::min(log.t_s[span.last - 1], run.to_s() + quarter_s);
        found.push_back(r);
    }
    return found;
}

std::vector<Rocking> find_rocking(const FlightLog& log, RowSpan span)
{
    std::vector<Rocking> all;
    for (const StickAxis axis : {StickAxis::Throttle, StickAxis::Yaw, StickAxis::Pitch, StickAxis::Roll}) {
        auto found = find_rocking(log, span, axis);
        all.insert(all.end(), found.begin(), found.end());
    }
    return all;
}

std::vector<RockedTime> rocked_times(const FlightLog& log, RowSpan span, std::optional<StickAxis> axis)
{
    std::vector<Rocking> found;
    for (const RowSpan& flown : flown_stretches(log, span)) {
        const auto of_stretch = axis ? find_rocking(log, flown, *axis) : find_rocking(log, flown);
        found.insert(found.end(), of_stretch.begin(), of_stretch.end());
    }
    std::sort(found.begin(), found.end(), [](const Rocking& a, const Rocking& b) { return a.start_s < b.start_s; });
    std::vector<RockedTime> times;
    for (const Rocking& r : found) { // stretches of several axes may overlap
        if (times.empty() || r.start_s > times.back().to_s)
            times.push_back({r.start_s, r.end_s});
        else
            times.back().to_s = std::max(times.back().to_s, r.end_s);
    }
    return times;
}

double overlap_s(const std::vector<RockedTime>& rocked, double from_s, double to_s)
{
    double sum_s = 0;
    for (const RockedTime& r : rocked) sum_s += std::max(0.0, std::min(r.to_s, to_s) - std::max(r.from_s, from_s));
    return sum_s;
}

double rocking_share(const FlightLog& log, RowSpan span, std::optional<StickAxis> axis)
{
    if (span.size() < 2) return 0;
    const double from_s = log.t_s[span.first], to_s = log.t_s[span.last - 1];
    return overlap_s(rocked_times(log, span, axis), from_s, to_s) / (to_s - from_s);
}

} // namespace bh
