#include "core/controller/grip_trial.h"

#include "core/base/random.h"
#include "core/base/stats.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <limits>
#include <numbers>

namespace bh {

std::string_view grip_key(Grip grip)
{
    constexpr std::array<std::string_view, all_grips.size()> keys{label("thumb"), label("pinch"), label("hybrid")};
    return keys[static_cast<std::size_t>(grip)];
}

std::optional<Grip> grip_from_key(std::string_view key)
{
    for (const Grip grip : all_grips)
        if (grip_key(grip) == key) return grip;
    return std::nullopt;
}

Pointing pointing(double distance, double sd_along, double mean_time_s)
{
    Pointing p;
    p.distance = distance;
    p.sd_along = sd_along;
    p.width = 4.133 * sd_along; // sqrt(2·pi·e), the width that holds 96 % of a normal spread
    p.mean_time_s = mean_time_s;
    p.difficulty_bit = p.width > 0 ? std::log2(distance / p.width + 1) : std::numeric_limits<double>::infinity();
    p.throughput_bps = p.difficulty_bit / mean_time_s;
    return p;
}

Result<Pointing> pointing(const std::vector<Tap>& taps)
{
    if (taps.size() < 3) return bad_input("throughput needs at least three taps, found %1", taps.size());
    std::vector<double> way, off, times;
    for (const Tap& tap : taps) {
        const double ux = tap.target_x - tap.from_x;
        const double uy = tap.target_y - tap.from_y;
        const double asked = std::hypot(ux, uy);
        if (!(asked > 0)) return bad_input("a target lies on its start, expected a way to go");
        if (!(tap.time_s > 0)) return bad_input("a tap took no time, expected more than 0 s");
        const double beyond = ((tap.end_x - tap.target_x) * ux + (tap.end_y - tap.target_y) * uy) / asked;
        off.push_back(beyond);
        way.push_back(asked + beyond);
        times.push_back(tap.time_s);
    }
    Pointing p = pointing(mean(way), sample_sd(off), mean(times));
    p.taps = static_cast<int>(taps.size());
    return p;
}

Result<GripComparison> compare_grips(const std::string& first_name, const std::vector<double>& first_bps,
                                     const std::string& second_name, const std::vector<double>& second_bps, std::uint64_t seed)
{
    if (first_bps.size() != second_bps.size() || first_bps.empty())
        return bad_input("grips are compared by the rounds made with both, expected the same number of each");
    std::vector<double> differences;
    for (std::size_t i = 0; i < first_bps.size(); ++i) differences.push_back(first_bps[i] - second_bps[i]);
    GripComparison c;
    c.difference_bps = mean(differences);
    SeededRandom random(seed);
    const std::vector<double> means = resampled_means(differences, random);
    c.low_bps = percentile(means, 0.025);
    c.high_bps = percentile(means, 0.975);
    constexpr std::size_t fewest = 5;
    if (differences.size() < fewest) {
        c.words = message("Too little to tell: %1 rounds of each, 5 are needed.", differences.size());
        return c;
    }
    const double least = std::min(std::abs(c.low_bps), std::abs(c.high_bps)),
                 most = std::max(std::abs(c.low_bps), std::abs(c.high_bps));
    const auto better = [&](const Message& name, const Message& other) {
        return message("%1 does better than %2 by %3 bit/s (95 % between %4 and %5).", name, other,
                       rounded(std::abs(c.difference_bps), 2), rounded(least, 2), rounded(most, 2));
    };
    if (c.low_bps > 0) {
        c.verdict = GripComparison::Verdict::FirstBetter;
        c.words = better(first_name, second_name);
    } else if (c.high_bps < 0) {
        c.verdict = GripComparison::Verdict::SecondBetter;
        c.words = better(second_name, first_name);
    } else {
        c.words = message("The rounds cannot tell %1 from %2: the difference lies between %3 and %4 bit/s.", Message(first_name),
                          Message(second_name), rounded(c.low_bps, 2), rounded(c.high_bps, 2));
    }
    return c;
}

TappingRun::TappingRun(int count, double circle_radius) : targets_(tapping_targets(count, circle_radius)), radius_(circle_radius)
{
}

bool TappingRun::look(double t_s, double x, double y)
{
    constexpr double still = 0.03; // of the radius
    constexpr double away = 0.5;   // of the radius: less is a correction of the last tap, not a new one
    constexpr double rest_s = 0.25;
    if (done()) return false;
    left_ = left_ || std::hypot(x - from_x_, y - from_y_) > away * radius_;
    if (rest_since_s_ < 0 || std::hypot(x - rest_x_, y - rest_y_) > still * radius_) {
        rest_x_ = x, rest_y_ = y, rest_since_s_ = t_s;
        return false;
    }
    const bool near_first = current_ > 0 || std::hypot(x - targets_[0].x, y - targets_[0].y) < away * radius_;
    if (t_s - rest_since_s_ < rest_s || !left_ || !near_first) return false;
    if (current_ > 0) {
        const TapTarget& target = targets_[current_];
        taps_.push_back({from_x_, from_y_, target.x, target.y, x, y, rest_since_s_ - from_s_});
    }
    from_x_ = x, from_y_ = y, from_s_ = t_s;
    left_ = false;
    rest_since_s_ = -1;
    ++current_;
    return true;
}

std::vector<TapTarget> tapping_targets(int count, double circle_radius)
{
    count = std::max(3, count | 1); // odd, so that stepping half round visits every place
    std::vector<TapTarget> targets;
    for (int i = 0; i <= count; ++i) {
        const double angle = 2 * std::numbers::pi * ((i * (count / 2 + 1)) % count) / count;
        targets.push_back({circle_radius * std::sin(angle), circle_radius * std::cos(angle)});
    }
    return targets;
}

} // namespace bh
