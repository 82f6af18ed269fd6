#include "core/progress/practice_curve.h"

#include "core/base/random.h"
#include "core/base/stats.h"

#include <algorithm>
#include <boost/math/tools/minima.hpp>
#include <cmath>
#include <limits>

namespace bh {
namespace {

constexpr double least_b = 0.001, most_b = 5;
constexpr double never = std::numeric_limits<double>::infinity(), furthest_trial = 1e6;

/// What a law is a straight line of, at one trial.
double shape(PracticeLaw law, double b, double trial)
{
    return law == PracticeLaw::Power ? std::pow(trial, -b) : std::exp(-b * trial);
}

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
        for (std::size_t i = 0; i < f.size(); ++i) f[i] = shape(law, b, t.trial[i]);
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
        const double off = t.value[i] - best.c - sign * best.a * shape(law, best.b, t.trial[i]);
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

/// The first whole trial at which a curve meets the threshold; infinite: never.
double first_trial(const PracticeFit& f, PracticeLaw law, double threshold, bool higher_is_better)
{
    const double left = higher_is_better ? f.c - threshold : threshold - f.c; // what a·shape has to come down to
    const auto met = [&](double n) { return f.a * shape(law, f.b, n) <= left; };
    if (met(1)) return 1;
    if (!(left > 0) || !(f.a > 0)) return never;
    const double real = law == PracticeLaw::Power ? std::pow(f.a / left, 1 / f.b) : std::log(f.a / left) / f.b;
    if (!(real <= furthest_trial)) return never;
    double whole = std::ceil(real);
    if (!met(whole)) ++whole; // a hair's breadth
    if (whole > 1 && met(whole - 1)) --whole;
    return whole <= furthest_trial ? whole : never;
}

PracticeCurve fitted(const Trials& t)
{
    PracticeCurve curve;
    curve.power = fit(t, PracticeLaw::Power);
    curve.exponential = fit(t, PracticeLaw::Exponential);
    curve.preferred = preferred(curve.power, curve.exponential);
    return curve;
}

double first_trial(const PracticeCurve& curve, double threshold, bool higher_is_better)
{
    return curve.goes_by_power() ? first_trial(curve.power, PracticeLaw::Power, threshold, higher_is_better)
                                 : first_trial(curve.exponential, PracticeLaw::Exponential, threshold, higher_is_better);
}

} // namespace

bool PracticeCurve::goes_by_power() const { return power.sse <= exponential.sse; } // as many parameters: so is the AICc

double PracticeCurve::at(double trial, bool higher_is_better) const
{
    const PracticeLaw law = goes_by_power() ? PracticeLaw::Power : PracticeLaw::Exponential;
    const PracticeFit& f = goes_by_power() ? power : exponential;
    return f.c + (higher_is_better ? -1 : 1) * f.a * shape(law, f.b, trial);
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

std::optional<PracticeForecast> practice_forecast(const Trials& trials, const PracticeCurve& curve, double threshold,
                                                  double level, std::uint64_t seed)
{
    const std::size_t n = trials.trial.size();
    if (n < least_trials_for_forecast) return std::nullopt;
    // A fit of three parameters leaves less than the noise there was: the residuals are drawn as much larger.
    constexpr double parameters = 3;
    const double wider = std::sqrt(static_cast<double>(n) / (static_cast<double>(n) - parameters));
    std::vector<double> smooth(n), off(n);
    for (std::size_t i = 0; i < n; ++i) {
        smooth[i] = curve.at(trials.trial[i], trials.higher_is_better);
        off[i] = wider * (trials.value[i] - smooth[i]);
    }
    constexpr int resamples = 400;
    SeededRandom random(seed);
    std::vector<double> met;
    Trials drawn = trials;
    for (int k = 0; k < resamples; ++k) {
        for (std::size_t i = 0; i < n; ++i)
            drawn.value[i] =
                smooth[i] + off[std::min(n - 1, static_cast<std::size_t>(random.uniform() * static_cast<double>(n)))];
        met.push_back(first_trial(fitted(drawn), threshold, trials.higher_is_better));
    }
    std::sort(met.begin(), met.end());
    const auto quantile = [&](double share) {
        const double at = met[std::min(met.size() - 1, static_cast<std::size_t>(share * resamples))];
        return std::isfinite(at) ? std::optional(at) : std::nullopt;
    };
    PracticeForecast forecast;
    if (const double trial = first_trial(curve, threshold, trials.higher_is_better); std::isfinite(trial)) forecast.trial = trial;
    forecast.low = quantile((1 - level) / 2);
    forecast.high = quantile((1 + level) / 2);
    return forecast;
}

bool on_a_plateau(const Trials& trials, double threshold)
{
    constexpr std::size_t looked_at = 8;
    if (trials.trial.size() < looked_at) return false;
    const std::vector<double> x(trials.trial.end() - looked_at, trials.trial.end()),
        y(trials.value.end() - looked_at, trials.value.end());
    const SlopeInterval s = slope_interval(x, y);
    const double level = mean(y);
    return s.low <= 0 && s.high >= 0 && (trials.higher_is_better ? level < threshold : level > threshold);
}

} // namespace bh
