#include "core/rates/rate_match.h"

#include "core/base/bounded_fit.h"
#include "core/curves/rate_families.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <functional>
#include <memory>
#include <nlopt.h>
#include <numeric>

namespace bh {
namespace {

constexpr std::size_t points = 201;
using Parameters = std::vector<double>;

double stick_at(std::size_t i) { return static_cast<double>(i) / static_cast<double>(points - 1); }

std::vector<double> point_weights(const std::vector<double>& bins)
{
    std::vector<double> weights(points, 1.0);
    if (!bins.empty())
        for (std::size_t i = 0; i < points; ++i) weights[i] = bins[std::min(i * bins.size() / (points - 1), bins.size() - 1)];
    const double sum = std::accumulate(weights.begin(), weights.end(), 0.0);
    for (double& w : weights) w /= sum;
    return weights;
}

/// Least squares over the stick for one family, with what is to be kept exactly as a heavy wish.
class Problem {
public:
    Problem(const RateCurve& target, std::string_view family, const MatchOptions& options, std::vector<ParameterRange> ranges)
        : family_(family), sizing_(rate_family(family)->sizing), ranges_(std::move(ranges)), keep_max_(options.keep_max),
          keep_centre_(options.keep_centre), weights_(point_weights(options.weights))
    {
        for (std::size_t i = 0; i < points; ++i) target_dps_.push_back(rate_dps(target, stick_at(i)));
        target_slope_dps_ = centre_slope_dps(target);
        for (double& w : weights_) w = std::sqrt(w);
        for (const ParameterRange& of : ranges_) box_.low.push_back(of.low), box_.high.push_back(of.high);
    }

    [[nodiscard]] std::size_t size() const { return ranges_.size(); }
    [[nodiscard]] const ParameterRange& range(std::size_t i) const { return ranges_[i]; }
    [[nodiscard]] RateCurve curve(const Parameters& p) const { return *curve_with(family_, p); }

    /// Residuals; their squares add up to the mean square, and to the wishes on top of it.
    void residuals(const Parameters& p, Eigen::VectorXd& r) const
    {
        const RateCurve c = curve(p);
        r.resize(points + 2);
        for (std::size_t i = 0; i < points; ++i)
            r[static_cast<Eigen::Index>(i)] = weights_[i] * (rate_dps(c, stick_at(i)) - target_dps_[i]);
        constexpr double heavy = 30;
        r[points] = keep_max_ ? heavy * (rate_dps(c, 1) - target_dps_.back()) : 0;
        r[points + 1] = keep_centre_ ? heavy * (centre_slope_dps(c) - target_slope_dps_) : 0;
    }
    [[nodiscard]] double cost(const Parameters& p) const
    {
        residuals(p, scratch_);
        return scratch_.squaredNorm();
    }
    [[nodiscard]] Residuals as_function() const
    {
        return [this](const Parameters& p, Eigen::VectorXd& r) { residuals(p, r); };
    }
    [[nodiscard]] const FitBounds& box() const { return box_; }

    /// Places to start from, the best first: a coarse look over the whole box, the size of each candidate fitted to the target.
    [[nodiscard]] std::vector<Parameters> look_around() const
    {
        std::vector<std::pair<double, Parameters>> seen;
        Parameters p(size());
        constexpr int across = 7;
        const auto try_sizes = [&] {
            // What carries deg/s (or the gain) is scaled so that the curve is as large as the target.
            Parameters scaled = p;
            double sum_ct = 0, sum_cc = 0;
            const RateCurve c = curve(p);
            for (std::size_t i = 0; i < points; i += 8) {
                const double w = weights_[i] * weights_[i], rate = rate_dps(c, stick_at(i));
                sum_ct += w * rate * target_dps_[i], sum_cc += w * rate * rate;
            }
            if (!(sum_cc > 0)) return;
            for (std::size_t k = 0; k < size(); ++k)
                if (sizes(k)) scaled[k] = std::clamp(p[k] * sum_ct / sum_cc, ranges_[k].low, ranges_[k].high);
            seen.emplace_back(cost(scaled), scaled);
        };
        const std::function<void(std::size_t)> over = [&](std::size_t k) {
            if (k == size()) return try_sizes();
            const ParameterRange& of = ranges_[k];
            if (k == 0 && sizes(0) && !(size() > 1 && sizes(1))) { // its size follows
                p[0] = std::clamp(1.0, of.low, of.high);
                return over(1);
            }
            if (sizes(k)) { // centre against max
                if (k == 0) {
                    for (int i = 0; i < across; ++i) p[0] = 0.03 + 0.97 * i / (across - 1), over(1);
                } else {
                    p[1] = 1;
                    over(2);
                }
                return;
            }
            for (int i = 0; i < across; ++i) p[k] = of.low + (of.high - of.low) * i / (across - 1), over(k + 1);
        };
        over(0);
        if (seen.empty()) {
            for (std::size_t k = 0; k < size(); ++k) p[k] = (ranges_[k].low + ranges_[k].high) / 2;
            seen.emplace_back(0, p);
        }
        std::sort(seen.begin(), seen.end());
        std::vector<Parameters> starts; // each in another valley, as far as the last parameter tells
        for (const auto& candidate : seen) {
            const Parameters& there = candidate.second;
            if (std::none_of(starts.begin(), starts.end(),
                             [&](const Parameters& s) { return std::abs(s.back() - there.back()) < 1e-9; }))
                starts.push_back(there);
        }
        return starts;
    }

    double polish(Parameters& p, const std::vector<std::size_t>& free, int rounds) const
    {
        return bounded_fit(as_function(), box_, p, free, rounds);
    }

private:
    [[nodiscard]] bool sizes(std::size_t k) const { return k < sizing_; } ///< the curve grows with it
    std::string family_;
    std::size_t sizing_;
    std::vector<ParameterRange> ranges_;
    FitBounds box_;
    bool keep_max_, keep_centre_;
    std::vector<double> weights_, target_dps_;
    double target_slope_dps_ = 0;
    mutable Eigen::VectorXd scratch_;
};

/// NLopt's sequential quadratic programming (Kraft 1988) within the ranges.
void optimise(const Problem& problem, Parameters& p)
{
    struct Call {
        const Problem& problem;
        std::vector<std::size_t> all;
        Eigen::VectorXd r;
        Eigen::MatrixXd j;
    } call{problem, {}, {}, {}};
    for (std::size_t k = 0; k < problem.size(); ++k) call.all.push_back(k);
    const auto cost = [](unsigned n, const double* x, double* gradient, void* data) {
        Call& c = *static_cast<Call*>(data);
        const Parameters at(x, x + n);
        c.problem.residuals(at, c.r);
        if (gradient) {
            differentiate(c.problem.as_function(), c.problem.box(), at, c.r, c.all, c.j);
            const Eigen::VectorXd g = 2 * c.j.transpose() * c.r;
            std::copy(g.begin(), g.end(), gradient);
        }
        return c.r.squaredNorm();
    };
    const std::unique_ptr<std::remove_pointer_t<nlopt_opt>, decltype(&nlopt_destroy)> solver(
        nlopt_create(NLOPT_LD_SLSQP, static_cast<unsigned>(problem.size())), &nlopt_destroy);
    const auto& [low, high] = problem.box();
    nlopt_set_lower_bounds(solver.get(), low.data());
    nlopt_set_upper_bounds(solver.get(), high.data());
    nlopt_set_min_objective(solver.get(), cost, &call);
    nlopt_set_ftol_rel(solver.get(), 1e-8);
    nlopt_set_ftol_abs(solver.get(), 1e-8);
    nlopt_set_maxeval(solver.get(), 40);
    Parameters x = p;
    double value = 0;
    nlopt_optimize(solver.get(), x.data(), &value); // where it cannot go on, what it had is taken when it is better
    for (std::size_t k = 0; k < x.size(); ++k) x[k] = std::isfinite(x[k]) ? std::clamp(x[k], low[k], high[k]) : p[k];
    if (problem.cost(x) < problem.cost(p)) p = x;
}

double on_step(double value, const ParameterRange& of, int off = 0)
{
    const double steps = std::round((value - of.low) / of.step) + off;
    const double most = std::floor((of.high - of.low) / of.step + 1e-9);
    return of.low + of.step * std::clamp(steps, 0.0, most);
}

/// The best point of the lattice near the optimum: one parameter after the other is set to each of the steps around, and the
/// others are fitted anew before they are set.
void round_on(const Problem& problem, Parameters p, std::size_t fixed, Parameters& best, double& best_cost)
{
    if (fixed == problem.size()) {
        if (const double cost = problem.cost(p); cost < best_cost) best_cost = cost, best = p;
        return;
    }
    // The finest first: what it leaves is made good by the others. Coarse ones have few steps to try.
    const bool last = fixed + 1 == problem.size();
    const int reach = last ? 1 : fixed == 0 ? 5 : 3;
    std::vector<std::size_t> free;
    for (std::size_t k = fixed + 1; k < problem.size(); ++k) free.push_back(k);
    double before = 1e300;
    for (int off = -reach; off <= reach; ++off) {
        Parameters there = p;
        there[fixed] = on_step(p[fixed], problem.range(fixed), off);
        if (there[fixed] == before) continue; // beyond the end of the range
        before = there[fixed];
        const double reached = problem.polish(there, free, fixed == 0 ? 8 : 3);
        if (reached >= best_cost) continue; // rounding the rest only takes it farther off
        round_on(problem, there, fixed + 1, best, best_cost);
    }
}

Result<std::vector<ParameterRange>> ranges_for(std::string_view family, const MatchOptions& options)
{
    const RateFamily* known = rate_family(family);
    if (!known) return failure(Error::Code::OutOfRange, "expected %1, found '%2'", rate_family_names(), family);
    std::vector<ParameterRange> ranges = options.ranges;
    if (ranges.empty()) ranges = ranges_of(*known);
    if (ranges.size() != known->parameters.size())
        return failure(Error::Code::OutOfRange, "expected %1 ranges for %2", known->parameters.size(), family);
    for (std::size_t i = 0; i < ranges.size(); ++i)
        if (!(ranges[i].low < ranges[i].high && ranges[i].step > 0 && std::isfinite(ranges[i].high - ranges[i].low)))
            return failure(Error::Code::OutOfRange, "%1: expected a range from low to high with a step over 0",
                           known->parameters[i].key);
    double sum = 0;
    for (const double w : options.weights) {
        if (!(w >= 0) || !std::isfinite(w)) return failure(Error::Code::OutOfRange, "weights: expected numbers of 0 and more");
        sum += w;
    }
    if (!options.weights.empty() && !(sum > 0)) return failure(Error::Code::OutOfRange, "weights: expected at least one over 0");
    return ranges;
}

} // namespace

CurveDifference difference(const RateCurve& a, const RateCurve& b, const std::vector<double>& weights)
{
    CurveDifference d;
    const std::vector<double> w = point_weights(weights);
    for (std::size_t i = 0; i < points; ++i) {
        const double off = std::abs(rate_dps(a, stick_at(i)) - rate_dps(b, stick_at(i)));
        d.rms_dps += w[i] * off * off;
        if (off > d.worst_dps) d.worst_dps = off, d.worst_stick = stick_at(i);
    }
    d.rms_dps = std::sqrt(d.rms_dps);
    return d;
}

Result<RateMatch> match_rates(const RateCurve& target, std::string_view family, const MatchOptions& options)
{
    const auto ranges = ranges_for(family, options);
    if (!ranges) return tl::unexpected(ranges.error());
    const Problem problem(target, family, options, *ranges);
    std::vector<std::size_t> all(problem.size());
    std::iota(all.begin(), all.end(), 0u);
    std::vector<std::pair<double, Parameters>> reached;
    for (Parameters from : problem.look_around()) {
        const double cost = problem.polish(from, all, 4);
        reached.emplace_back(cost, from);
    }
    std::sort(reached.begin(), reached.end());
    constexpr std::size_t followed = 3;
    for (std::size_t i = 0; i < std::min(followed, reached.size()); ++i)
        reached[i].first = problem.polish(reached[i].second, all, 12);
    Parameters p = std::min_element(reached.begin(), reached.end())->second;
    optimise(problem, p);
    // Some valleys bend so sharply (a gain over 2 counts for more) that the steps around find a way on.
    Parameters rounded = p;
    double rounded_cost = 1e300;
    for (int pass = 0; options.on_steps && pass < 3; ++pass) {
        round_on(problem, p, 0, rounded, rounded_cost);
        Parameters further = rounded;
        const double before = problem.cost(p);
        if (problem.polish(further, all, 12) >= 0.999 * before) break;
        p = further;
    }
    RateMatch match;
    match.curve = problem.curve(p);
    match.rounded = problem.curve(rounded);
    match.difference = difference(target, match.curve, options.weights);
    match.rounded_difference = difference(target, match.rounded, options.weights);
    return match;
}

} // namespace bh
