#include "core/progress/practice_curve.h"

#include <algorithm>
#include <array>
#include <boost/math/distributions/students_t.hpp>
#include <cmath>
#include <limits>
#include <utility>

namespace bh {
namespace {

constexpr double not_met = std::numeric_limits<double>::infinity(), furthest_trial = 1e6;
constexpr double tiny = 1e-300; ///< for logarithms of what may be nought

/// The first whole trial at which a curve meets the threshold; infinite: never.
double first_trial(const PracticeFit& f, PracticeLaw law, double threshold, bool higher_is_better)
{
    const double left = higher_is_better ? f.c - threshold : threshold - f.c; // what a·shape has to come down to
    const auto met = [&](double n) { return f.a * practice_shape(law, f.b, n) <= left; };
    if (met(1)) return 1;
    if (!(left > 0) || !(f.a > 0)) return not_met;
    const double real = law == PracticeLaw::Power ? std::pow(f.a / left, 1 / f.b) : std::log(f.a / left) / f.b;
    if (!(real <= furthest_trial)) return not_met;
    double whole = std::ceil(real);
    if (!met(whole)) ++whole; // a hair's breadth
    if (whole > 1 && met(whole - 1)) --whole;
    return whole <= furthest_trial ? whole : not_met;
}

/// A curve that may be the learner's own, and the logarithm of how far it is believed.
struct Believed {
    PracticeLaw law;
    PracticeFit fit;
    double log_weight;
};

/// All curves that go with a learner's attempts. In here values fall, whatever is better.
class Belief {
public:
    explicit Belief(const Trials& trials) : trial_(trials.trial), sign_(trials.higher_is_better ? -1 : 1)
    {
        for (const double y : trials.value) z_.push_back(sign_ * y);
        const auto [low, high] = std::minmax_element(z_.begin(), z_.end());
        highest_c_ = *high;
        // What falls ends at nought at the lowest; what rises, at most twice as far beyond what was seen as that lies apart
        // (house).
        lowest_c_ = trials.higher_is_better ? *low - 2 * (*high - *low) : std::min(0.0, *low);
        constexpr std::array correlations{0.0, 0.3, 0.6}; // of neighbouring attempts, each as likely (house)
        for (const double rho : correlations) {
            look(PracticeLaw::Power, 0.05, 2, rho); // exponents of practice as they are met (house)
            look(PracticeLaw::Exponential, 0.01, 1, rho);
        }
    }
    [[nodiscard]] const std::vector<Believed>& curves() const { return curves_; }
    [[nodiscard]] double most() const { return most_; }

private:
    /// Sums of products of a law's shape, of ones and of the values, as they are once neighbours have nothing to do with each
    /// other any more.
    struct Sums {
        double ff = 0, f1 = 0, fz = 0, ones = 0, z1 = 0, zz = 0;
        double log_scale = 0; ///< what that does to a likelihood
        [[nodiscard]] double determinant() const { return ff * ones - f1 * f1; }
        [[nodiscard]] bool tells_level() const { return determinant() > 1e-13 * ff * ones; }
        [[nodiscard]] double best_c() const { return (ff * z1 - f1 * fz) / determinant(); }
        [[nodiscard]] double best_a(double c) const { return (fz - c * f1) / ff; }
        [[nodiscard]] double squares(double a, double c) const
        {
            return std::max(tiny, zz - 2 * c * z1 + c * c * ones - 2 * a * (fz - c * f1) + a * a * ff);
        }
    };
    [[nodiscard]] Sums sums(PracticeLaw law, double b, double rho) const
    {
        Sums s;
        double shape_before = 0;
        for (std::size_t i = 0; i < z_.size(); ++i) {
            const double shape = practice_shape(law, b, trial_[i]);
            double f = shape, one = 1, z = z_[i];
            if (i > 0 && rho > 0) {
                const double r = std::pow(rho, trial_[i] - trial_[i - 1]), wider = 1 / std::sqrt(1 - r * r);
                f = wider * (shape - r * shape_before), one = wider * (1 - r), z = wider * (z_[i] - r * z_[i - 1]);
                s.log_scale += std::log(wider);
            }
            shape_before = shape;
            s.ff += f * f, s.f1 += f * one, s.fz += f * z, s.ones += one * one, s.z1 += z * one, s.zz += z * z;
        }
        return s;
    }
    /// Attempts so late that nothing of the law is left in them tell nothing of it.
    static bool has_shape(const Sums& s) { return s.ff > 1e-250; }
    [[nodiscard]] double n() const { return static_cast<double>(z_.size()); }

    /// Logarithm of the likelihood at the best a and c that are possible.
    [[nodiscard]] double likelihood(const Sums& s) const
    {
        if (!has_shape(s)) return std::numeric_limits<double>::lowest();
        double least = not_met;
        const auto at = [&](double c) { least = std::min(least, s.squares(std::max(0.0, s.best_a(c)), c)); };
        if (s.tells_level()) at(std::clamp(s.best_c(), lowest_c_, highest_c_));
        at(lowest_c_), at(highest_c_), at(std::clamp(s.z1 / s.ones, lowest_c_, highest_c_));
        return s.log_scale - 0.5 * n() * std::log(least);
    }
    /// A law's exponents, evenly on a logarithmic scale over as much of it as is not out of the question.
    void look(PracticeLaw law, double low_b, double high_b, double rho)
    {
        constexpr int looks = 20, enough = 8, rounds = 10, points = 10;
        constexpr double out_of_the_question = 9; // e^−9 of the likeliest
        double from = std::log(low_b), to = std::log(high_b);
        for (int round = 0, first = 0, last = 0; round < rounds && last - first < enough; ++round) {
            std::array<double, looks + 1> likely{};
            for (int k = 0; k <= looks; ++k)
                likely[static_cast<std::size_t>(k)] = likelihood(sums(law, std::exp(from + (to - from) * k / looks), rho));
            const double best = *std::max_element(likely.begin(), likely.end());
            const auto may_be = [&](double l) { return l > best - out_of_the_question; };
            first = static_cast<int>(std::find_if(likely.begin(), likely.end(), may_be) - likely.begin());
            last = looks - static_cast<int>(std::find_if(likely.rbegin(), likely.rend(), may_be) - likely.rbegin());
            const double step = (to - from) / looks;
            to = from + step * std::min(looks, last + 1), from += step * std::max(0, first - 1);
        }
        const double step = (to - from) / points;
        for (int k = 0; k < points; ++k) add(law, std::exp(from + (k + 0.5) * step), rho, std::log(step));
    }
    /// Between which levels the curve may end.
    [[nodiscard]] std::pair<double, double> levels(const Sums& s) const
    {
        if (!s.tells_level()) return {lowest_c_, highest_c_};
        constexpr double reach = 5; // standard errors
        const double c = s.best_c();
        const double error = std::sqrt(s.squares(s.best_a(c), c) / (n() - 2) * s.ff / s.determinant());
        const double low = std::clamp(c - reach * error, lowest_c_, highest_c_),
                     high = std::clamp(c + reach * error, lowest_c_, highest_c_);
        if (low < high) return {low, high};
        return c < lowest_c_ ? std::pair(lowest_c_, std::min(highest_c_, lowest_c_ + error))
                             : std::pair(std::max(lowest_c_, highest_c_ - error), highest_c_);
    }
    /// The curves of one exponent: some levels, and for each some parts, as likely one as the other, of Student's t of a, which
    /// is not below nought.
    void add(PracticeLaw law, double b, double rho, double log_before)
    {
        constexpr int at_levels = 8, parts = 4;
        constexpr double room_counts = 5, too_little = 12;
        const Sums s = sums(law, b, rho);
        if (!has_shape(s)) return;
        const auto [from, to] = levels(s);
        const double step = (to - from) / at_levels;
        const boost::math::students_t student(n() - 1);
        for (int k = 0; k < at_levels; ++k) {
            const double c = from + (k + 0.5) * step, a = s.best_a(c), squares = s.squares(a, c);
            const double error = std::sqrt(squares / (n() - 1) / s.ff);
            const double below = boost::math::cdf(student, -a / error), above = std::max(tiny, 1 - below);
            const double room = (highest_c_ - c) / std::max(tiny, highest_c_ - lowest_c_);
            const double log_weight = log_before + std::log(std::max(tiny, step)) + std::log(practice_shape(law, b, 1)) +
                                      room_counts * std::log(std::max(tiny, room)) + s.log_scale - 0.5 * std::log(s.ff) -
                                      0.5 * (n() - 1) * std::log(squares) + std::log(above);
            if (log_weight < most_ - too_little) continue;
            most_ = std::max(most_, log_weight);
            for (int part = 0; part < parts; ++part) {
                constexpr double nearly_all = 1 - 1e-12;
                const double share = std::clamp(below + above * (part + 0.5) / parts, tiny, nearly_all);
                const double own_a = std::max(0.0, a + error * boost::math::quantile(student, share));
                curves_.push_back({law, {own_a, b, sign_ * c, 0, {}}, log_weight});
            }
        }
    }

    const std::vector<double>& trial_;
    double sign_;
    std::vector<double> z_;
    double lowest_c_ = 0, highest_c_ = 0, most_ = -not_met;
    std::vector<Believed> curves_;
};

} // namespace

std::optional<PracticeForecast> practice_forecast(const Trials& trials, const PracticeCurve& curve, double threshold,
                                                  double level)
{
    if (trials.trial.size() < least_trials_for_forecast) return std::nullopt;
    PracticeForecast forecast;
    const PracticeLaw law = curve.goes_by_power() ? PracticeLaw::Power : PracticeLaw::Exponential;
    const double own =
        first_trial(curve.goes_by_power() ? curve.power : curve.exponential, law, threshold, trials.higher_is_better);
    if (std::isfinite(own) && !on_a_plateau(trials, threshold)) forecast.trial = own;
    const Belief belief(trials);
    std::vector<std::pair<double, double>> met; // at which trial, and how far that is believed
    double all = 0;
    for (const Believed& b : belief.curves()) {
        met.emplace_back(first_trial(b.fit, b.law, threshold, trials.higher_is_better), std::exp(b.log_weight - belief.most()));
        all += met.back().second;
    }
    std::sort(met.begin(), met.end());
    const auto quantile = [&](double share) -> std::optional<double> {
        double sum = 0;
        for (const auto& [trial, weight] : met)
            if ((sum += weight) >= share * all) return std::isfinite(trial) ? std::optional(trial) : std::nullopt;
        return std::nullopt;
    };
    forecast.low = quantile((1 - level) / 2);
    forecast.high = quantile((1 + level) / 2);
    return forecast;
}

} // namespace bh
