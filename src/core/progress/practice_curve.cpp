#include "core/progress/practice_curve.h"

#include "core/base/stats.h"

#include <algorithm>
#include <boost/math/tools/minima.hpp>
#include <cmath>
#include <limits>

namespace bh {
namespace {

constexpr double least_b = 0.001, most_b = 5;
constexpr double never = std::numeric_limits<double>::infinity();

/// The best a and c for one b, neither negative: of the straight line through the shape, or of its edges.
PracticeFit line_for(const Trials& t, const std::vector<double>& f, double b)
{
    const auto n = static_cast<double>(f.size());
    const double sign = t.higher_is_better ? -1 : 1;
    double sf = 0, sy = 0, sff = 0, sfy = 0, syy = 0;
    for (std::size_t i = 0; i < f.size(); ++i) {
        const double x = sign * f[i], y = t.value[i];
        sf += x, sy += y, sff += x * x, sfy += x * y, syy += y * y;
    }
    const auto with = [&](double a, double c) {
        const double sse = syy - 2 * a * sfy - 2 * c * sy + a * a * sff + 2 * a * c * sf + n * c * c;
        return PracticeFit{a, b, c, std::max(0.0, sse), {}};
    };
    const double across = n * sff - sf * sf;
    if (across > 1e-14 * n * sff) {
        const double a = (n * sfy - sf * sy) / across, c = (sy - a * sf) / n;
        if (a >= 0 && c >= 0) return with(a, c);
    }
    const PracticeFit flat = with(0, std::max(0.0, sy / n)), through = with(sff > 0 ? std::max(0.0, sfy / sff) : 0, 0);
    return flat.sse <= through.sse ? flat : through;
}

PracticeFit fit(const Trials& t, PracticeLaw law)
{
    std::vector<double> f(t.trial.size());
    PracticeFit best;
    best.sse = never;
    const auto try_b = [&](double log_b) {
        const double b = std::exp(log_b);
        for (std::size_t i = 0; i < f.size(); ++i) f[i] = practice_shape(law, b, t.trial[i]);
        const PracticeFit here = line_for(t, f, b);
        if (here.sse < best.sse) best = here;
        return here.sse;
    };
    // The sum of squares may have more than one valley: the best of a coarse walk, and down from there.
    constexpr int steps = 24, digits = 26;
    const double from = std::log(least_b), each = (std::log(most_b) - from) / steps;
    int lowest = 0;
    double lowest_sse = never;
    for (int k = 0; k <= steps; ++k)
        if (const double sse = try_b(from + k * each); sse < lowest_sse) lowest_sse = sse, lowest = k;
    std::uintmax_t rounds = 40;
    boost::math::tools::brent_find_minima(try_b, from + std::max(0, lowest - 1) * each, from + std::min(steps, lowest + 1) * each,
                                          digits, rounds);
    // The sum again, from the residuals: the short form above loses digits where nearly nothing is left.
    const double sign = t.higher_is_better ? -1 : 1;
    best.sse = 0;
    for (std::size_t i = 0; i < t.trial.size(); ++i) {
        const double off = t.value[i] - best.c - sign * best.a * practice_shape(law, best.b, t.trial[i]);
        best.sse += off * off;
    }
    constexpr double k = 4;
    const auto n = static_cast<double>(t.trial.size());
    if (n > k + 1) best.aicc = n * std::log(std::max(best.sse, 1e-300) / n) + 2 * k + 2 * k * (k + 1) / (n - k - 1);
    return best;
}

PracticeLaw preferred(const PracticeFit& power, const PracticeFit& exponential)
{
    constexpr double tells = 2; // Burnham and Anderson 2002
    if (!power.aicc || !exponential.aicc || std::abs(*power.aicc - *exponential.aicc) < tells) return PracticeLaw::Either;
    return *power.aicc < *exponential.aicc ? PracticeLaw::Power : PracticeLaw::Exponential;
}

PracticeCurve fitted(const Trials& t)
{
    PracticeCurve curve;
    curve.power = fit(t, PracticeLaw::Power);
    curve.exponential = fit(t, PracticeLaw::Exponential);
    curve.preferred = preferred(curve.power, curve.exponential);
    return curve;
}

} // namespace

double practice_shape(PracticeLaw law, double b, double trial)
{
    return law == PracticeLaw::Power ? std::pow(trial, -b) : std::exp(-b * trial);
}

bool PracticeCurve::goes_by_power() const { return power.sse <= exponential.sse; } // as many parameters: so is the AICc

double PracticeCurve::at(double trial, bool higher_is_better) const
{
    const PracticeLaw law = goes_by_power() ? PracticeLaw::Power : PracticeLaw::Exponential;
    const PracticeFit& f = goes_by_power() ? power : exponential;
    return f.c + (higher_is_better ? -1 : 1) * f.a * practice_shape(law, f.b, trial);
}

Result<PracticeCurve> practice_curve(const Trials& trials)
{
    if (trials.trial.size() < 3 || trials.trial.size() != trials.value.size())
        return bad_input("a practice curve needs three values or more");
    for (std::size_t i = 0; i < trials.trial.size(); ++i)
        if (!(trials.trial[i] >= 1) || (i > 0 && !(trials.trial[i] > trials.trial[i - 1])))
            return bad_input("trials must rise, from 1 on");
    return fitted(trials);
}

namespace {

constexpr std::size_t looked_at = 8;

struct Newest {
    std::vector<double> trial, value;
};
Newest newest_of(const Trials& t)
{
    return {{t.trial.end() - looked_at, t.trial.end()}, {t.value.end() - looked_at, t.value.end()}};
}

bool meets(const Trials& t, double value, double threshold)
{
    return t.higher_is_better ? value >= threshold : value <= threshold;
}

} // namespace

bool on_a_plateau(const Trials& trials, double threshold)
{
    if (trials.trial.size() < looked_at) return false;
    const Newest newest = newest_of(trials);
    const SlopeInterval s = slope_interval(newest.trial, newest.value);
    return s.low <= 0 && s.high >= 0 && !meets(trials, mean(newest.value), threshold);
}

Progress progress_of(const Trials& trials, double threshold, const std::optional<double>& usual)
{
    if (!on_a_plateau(trials, threshold)) return Progress::There;
    const Newest newest = newest_of(trials);
    const SlopeInterval s = slope_interval(newest.trial, newest.value);
    double squares = 0;
    for (std::size_t i = 0; i < looked_at; ++i) {
        const double off = newest.value[i] - mean(newest.value) - s.slope * (newest.trial[i] - mean(newest.trial));
        squares += off * off;
    }
    const double better = trials.higher_is_better ? 1 : -1;
    const double spread = std::sqrt(squares / (static_cast<double>(looked_at) - 2));
    const double gain = usual ? better * *usual : spread / 2;
    const double most_gain = better > 0 ? s.high : -s.low;
    return most_gain < gain ? Progress::None : Progress::NotSure;
}

std::optional<double> usual_slope(const std::vector<Trials>& others, double threshold)
{
    constexpr std::size_t least_values = 5, least_learners = 3;
    std::vector<double> slopes;
    for (const Trials& t : others) {
        const auto there = std::find_if(t.value.begin(), t.value.end(), [&](double v) { return meets(t, v, threshold); });
        const auto n = std::min(t.value.size(), static_cast<std::size_t>(there - t.value.begin()) + 1);
        if (n < least_values) continue;
        const auto until = static_cast<std::ptrdiff_t>(n);
        slopes.push_back(slope({t.trial.begin(), t.trial.begin() + until}, {t.value.begin(), t.value.begin() + until}));
    }
    return slopes.size() < least_learners ? std::nullopt : std::optional(median(slopes));
}

} // namespace bh
