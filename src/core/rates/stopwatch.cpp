#include "core/rates/stopwatch.h"

#include "core/base/bounded_fit.h"
#include "core/base/stats.h"
#include "core/curves/rate_families.h"
#include "core/rates/rate_match.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

namespace bh {
namespace {

bool positive(double value) { return value > 0 && std::isfinite(value); }
tl::unexpected<Error> expected_more(const char* what)
{
    return failure(Error::Code::OutOfRange, "%1: expected more than 0", what);
}

} // namespace

Result<TimedRate> timed_rate(double turns, double seconds, double timing_sigma_s)
{
    if (!positive(turns)) return expected_more("turns");
    if (!positive(seconds)) return expected_more("seconds");
    if (!(timing_sigma_s >= 0) || !std::isfinite(timing_sigma_s))
        return failure(Error::Code::OutOfRange, "sigma: expected 0 or more");
    const double rate = 360 * turns / seconds;
    return TimedRate{rate, rate * timing_sigma_s / seconds};
}

Result<TimedRate> timed_rate(double turns, const std::vector<double>& seconds)
{
    if (seconds.size() < 2) return failure(Error::Code::OutOfRange, "seconds: expected at least two timings");
    if (!std::all_of(seconds.begin(), seconds.end(), positive)) return expected_more("seconds");
    const double middle = mean(seconds);
    return timed_rate(turns, middle, sample_sd(seconds) / std::sqrt(static_cast<double>(seconds.size())));
}

Result<int> turns_needed(double rate_dps, double relative_error, double timing_sigma_s)
{
    if (!positive(rate_dps)) return expected_more("rate");
    if (!positive(relative_error)) return expected_more("relative error");
    if (!positive(timing_sigma_s)) return expected_more("sigma");
    return static_cast<int>(std::ceil(timing_sigma_s / relative_error * rate_dps / 360 - 1e-9));
}

Result<TimedRates> rates_from_timings(const std::vector<TimedStick>& timings, std::string_view key)
{
    const RateFamily* family = rate_family(key);
    if (!family) return bad_input("expected %1, found '%2'", rate_family_names(), key);
    if (timings.size() < 2) return bad_input("expected timings at two stick positions or more, found %1", timings.size());
    for (std::size_t i = 0; i < timings.size(); ++i) {
        const TimedStick& t = timings[i];
        if (!(t.stick > 0 && t.stick <= 1)) return bad_input("stick: expected more than 0, to 1");
        if (!positive(t.rate.rate_dps) || !positive(t.rate.standard_error_dps))
            return bad_input("rate and its error: expected more than 0");
        for (std::size_t k = 0; k < i; ++k)
            if (std::abs(timings[k].stick - t.stick) < 0.02)
                return bad_input("expected stick positions that are apart, found two at the same place");
    }
    const std::size_t count = family->parameters.size();
    FitBounds box;
    std::vector<std::size_t> free;
    for (std::size_t k = 0; k < count; ++k) {
        box.low.push_back(family->parameters[k].low), box.high.push_back(family->parameters[k].high);
        if (k < timings.size()) free.push_back(k);
    }
    const Residuals residuals = [&](const std::vector<double>& p, Eigen::VectorXd& r) {
        const RateCurve curve = *curve_with(key, p);
        r.resize(static_cast<Eigen::Index>(timings.size()));
        for (std::size_t i = 0; i < timings.size(); ++i)
            r[static_cast<Eigen::Index>(i)] =
                (timings[i].rate.rate_dps - rate_dps(curve, timings[i].stick)) / timings[i].rate.standard_error_dps;
    };
    // From several curves: the families bend differently, and a fit can stop in a hollow.
    std::vector<double> best;
    double best_cost = 1e300;
    const double top = std::max_element(timings.begin(), timings.end(), [](const auto& a, const auto& b) {
                           return a.rate.rate_dps < b.rate.rate_dps;
                       })->rate.rate_dps;
    for (const double centre_share : {0.25, 0.5, 0.8})
        for (const double expo : {0.0, 0.5}) {
            const auto start = match_rates(CentreMaxCurve{centre_share * top, std::min(rate_limit_dps, 1.1 * top), expo}, key);
            if (!start) continue;
            std::vector<double> p = parameters_of(start->curve);
            for (std::size_t k = timings.size(); k < count; ++k) p[k] = 0;
            if (const double cost = bounded_fit(residuals, box, p, free, 60); cost < best_cost) best_cost = cost, best = p;
        }
    TimedRates found{*curve_with(key, best), best, best, std::vector<bool>(count, false)};
    for (std::size_t k = timings.size(); k < count; ++k) found.assumed[k] = true;
    Eigen::VectorXd r;
    Eigen::MatrixXd j;
    residuals(best, r);
    differentiate(residuals, box, best, r, free, j);
    const Eigen::VectorXd size = j.colwise().norm().cwiseMax(1e-12); // parameters of very different sizes
    for (Eigen::Index k = 0; k < j.cols(); ++k) j.col(k) /= size[k];
    // Where the positions cannot tell two parameters apart the inverse is huge, and the interval is the whole range: honest.
    Eigen::MatrixXd normal = j.transpose() * j;
    normal.diagonal().array() += 1e-12;
    const Eigen::MatrixXd covariance = normal.ldlt().solve(Eigen::MatrixXd::Identity(j.cols(), j.cols()));
    for (std::size_t i = 0; i < free.size(); ++i) {
        const auto at = static_cast<Eigen::Index>(i);
        const double reach = 1.96 * std::sqrt(std::max(0.0, covariance(at, at))) / size[at];
        found.low[free[i]] = std::max(box.low[free[i]], best[free[i]] - reach);
        found.high[free[i]] = std::min(box.high[free[i]], best[free[i]] + reach);
    }
    return found;
}

} // namespace bh
