#include "core/rates/rates_from_log.h"

#include "core/base/bounded_fit.h"
#include "core/base/stats.h"
#include "core/curves/rate_families.h"
#include "core/rates/rate_match.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr std::size_t fewest_rows = 300, most_rows = 6000;
constexpr double least_stick_sd = 0.02;
constexpr double block_s = 1;

/// One row: the stick that was held since the row before, and the body rates at both ends.
struct Step {
    double stick, before_dps, after_dps, dt_s;
    bool begins; ///< a stretch: the row before does not belong to it
    std::size_t block;
};

std::vector<Step> usable_steps(const FlightLog& log, StickAxis axis)
{
    const std::vector<double>& stick = stick_column(log, axis);
    const std::vector<double>& rate = axis == StickAxis::Roll ? log.p_dps : axis == StickAxis::Pitch ? log.q_dps : log.r_dps;
    // Pitch stick forward is nose down, and body rates count nose up.
    const double side = axis == StickAxis::Pitch ? -1 : 1;
    constexpr double off_ground_m = 0.3, longest_s = 0.05;
    std::vector<Step> steps;
    std::size_t last = 0;
    for (std::size_t i = 1; i < log.size(); ++i) {
        const double dt_s = log.t_s[i] - log.t_s[i - 1];
        const bool flies = log.armed[i] && log.armed[i - 1] && log.mode[i] == Mode::Acro && log.mode[i - 1] == Mode::Acro &&
                           (!log.has_position || log.height_m[i - 1] > off_ground_m);
        if (!flies || !(dt_s > 0 && dt_s < longest_s)) continue;
        steps.push_back({stick[i], side * rate[i - 1], side * rate[i], dt_s, last + 1 != i || steps.empty(),
                         static_cast<std::size_t>((log.t_s[i] - log.t_s[0]) / block_s)});
        last = i;
        if (steps.size() == most_rows) break; // a minute of it: the fit does not need more
    }
    return steps;
}

class Fit {
public:
    Fit(std::vector<Step> steps, const RateFamily& family)
        : steps_(std::move(steps)), family_(family.key), weights_(steps_.size(), 1.0)
    {
        for (const RateParameter& p : family.parameters) box_.low.push_back(p.low), box_.high.push_back(p.high);
        box_.low.push_back(0.002), box_.high.push_back(0.2); // the lag
        for (std::size_t k = 0; k < box_.low.size(); ++k) all_.push_back(k);
    }

    /// What follows a first-order lag: p(t+dt) = w + (p(t) − w)·exp(−dt/lag), with the stick's rate w, from the beginning of each
    /// stretch on. Told from the sticks alone and not from the row before: what else shakes the body then only adds noise,
    /// and does not pull the lag and the curve to one side.
    void residuals(const std::vector<double>& p, Eigen::VectorXd& r) const
    {
        const RateCurve curve = *curve_with(family_, std::span(p).first(p.size() - 1)); // the lag comes last
        const double lag_s = p.back();
        r.resize(static_cast<Eigen::Index>(steps_.size()));
        double told = 0, dt_s = -1, keeps = 0;
        for (std::size_t i = 0; i < steps_.size(); ++i) {
            const Step& s = steps_[i];
            if (s.begins) told = s.before_dps;
            if (s.dt_s != dt_s) dt_s = s.dt_s, keeps = std::exp(-dt_s / lag_s);
            const double wanted_dps = rate_dps(curve, s.stick);
            told = wanted_dps + (told - wanted_dps) * keeps;
            r[static_cast<Eigen::Index>(i)] = weights_[i] * (s.after_dps - told);
        }
    }
    double run(std::vector<double>& p, int rounds) const
    {
        return bounded_fit([this](const std::vector<double>& at, Eigen::VectorXd& r) { residuals(at, r); }, box_, p, all_,
                           rounds);
    }
    /// Weights after Huber: what lies farther off than 1.345 spreads counts less.
    void resist_outliers(const std::vector<double>& p)
    {
        std::fill(weights_.begin(), weights_.end(), 1.0);
        Eigen::VectorXd r;
        residuals(p, r);
        std::vector<double> sizes(steps_.size());
        for (std::size_t i = 0; i < sizes.size(); ++i) sizes[i] = std::abs(r[static_cast<Eigen::Index>(i)]);
        const double spread = std::max(1e-6, 1.4826 * median(sizes));
        for (std::size_t i = 0; i < sizes.size(); ++i)
            weights_[i] = sizes[i] <= 1.345 * spread ? 1 : std::sqrt(1.345 * spread / sizes[i]);
    }
    /// Standard errors of the parameters, from leaving out one block after the other. Near the optimum the fit without a block is
    /// one linear step away.
    [[nodiscard]] std::vector<double> standard_errors(const std::vector<double>& p) const
    {
        Eigen::VectorXd r;
        Eigen::MatrixXd j;
        residuals(p, r);
        std::vector<std::size_t> free;
        for (const std::size_t k : all_)
            if (p[k] > box_.low[k] && p[k] < box_.high[k]) free.push_back(k);
        differentiate([this](const std::vector<double>& at, Eigen::VectorXd& out) { residuals(at, out); }, box_, p, r, free, j);
        const Eigen::VectorXd size = j.colwise().norm().cwiseMax(1e-12); // parameters of very different sizes
        for (Eigen::Index k = 0; k < j.cols(); ++k) j.col(k) /= size[k];
        // The slope of Huber's function is 0 beyond its bend: those rows pull, but do not stiffen.
        Eigen::MatrixXd stiff = j;
        for (std::size_t i = 0; i < steps_.size(); ++i)
            if (weights_[i] < 1) stiff.row(static_cast<Eigen::Index>(i)).setZero();
        const Eigen::MatrixXd normal = stiff.transpose() * stiff;
        const Eigen::VectorXd gradient = j.transpose() * r;
        std::vector<Eigen::VectorXd> moved;
        for (std::size_t i = 0; i < steps_.size();) {
            std::size_t end = i;
            while (end < steps_.size() && steps_[end].block == steps_[i].block) ++end;
            const auto from = static_cast<Eigen::Index>(i), count = static_cast<Eigen::Index>(end - i);
            const Eigen::MatrixXd of_block = j.middleRows(from, count);
            const Eigen::MatrixXd stiff_of_block = stiff.middleRows(from, count);
            Eigen::MatrixXd left = normal - stiff_of_block.transpose() * stiff_of_block;
            left.diagonal().array() += 1e-12;
            moved.push_back(left.ldlt().solve(of_block.transpose() * r.segment(from, count) - gradient));
            i = end;
        }
        Eigen::VectorXd middle = Eigen::VectorXd::Zero(j.cols()), squares = middle;
        for (const auto& m : moved) middle += m / static_cast<double>(moved.size());
        for (const auto& m : moved) squares += (m - middle).cwiseAbs2();
        const auto n = static_cast<double>(moved.size());
        std::vector<double> errors(p.size(), 0.0);
        for (std::size_t k = 0; k < free.size(); ++k) {
            const auto at = static_cast<Eigen::Index>(k);
            errors[free[k]] = std::sqrt((n - 1) / n * squares[at]) / size[at];
        }
        return errors;
    }
    [[nodiscard]] double spread_dps(const std::vector<double>& p)
    {
        std::fill(weights_.begin(), weights_.end(), 1.0);
        Eigen::VectorXd r;
        residuals(p, r);
        return std::sqrt(r.squaredNorm() / static_cast<double>(steps_.size()));
    }
    [[nodiscard]] std::size_t rows() const { return steps_.size(); }
    [[nodiscard]] std::size_t blocks() const { return steps_.back().block - steps_.front().block + 1; }
    [[nodiscard]] const FitBounds& box() const { return box_; }

private:
    std::vector<Step> steps_;
    std::string family_;
    std::vector<double> weights_;
    FitBounds box_;
    std::vector<std::size_t> all_;
};

} // namespace

Result<FlownRates> rates_from_log(const FlightLog& log, StickAxis axis, std::string_view family_key)
{
    const RateFamily* family = rate_family(family_key);
    if (!family) return bad_input("expected " + rate_family_names() + ", found '" + std::string(family_key) + "'");
    if (axis == StickAxis::Throttle) return bad_input("expected roll, pitch or yaw: the throttle has no rate");
    std::vector<Step> steps = usable_steps(log, axis);
    if (steps.size() < fewest_rows)
        return bad_input("only " + std::to_string(steps.size()) + " rows of acro off the ground, expected " +
                         std::to_string(fewest_rows));
    std::vector<double> sticks;
    for (const Step& s : steps) sticks.push_back(s.stick);
    if (sample_sd(sticks) < least_stick_sd)
        return bad_input("the " + std::string(stick_axis_key(axis)) + " stick hardly moves: nothing can be told from it");

    Fit fit(std::move(steps), *family);
    // From a learner's curve in that family, with a usual lag, and from a wild one: the better of both.
    std::vector<double> best;
    double best_cost = 1e300;
    for (const RateCurve& from : {RateCurve{CentreMaxCurve{150, 350, 0.2}}, RateCurve{CentreMaxCurve{200, 800, 0.6}}}) {
        const auto start = match_rates(from, family_key);
        std::vector<double> p = parameters_of(start->curve);
        p.push_back(0.03);
        if (const double cost = fit.run(p, 25); cost < best_cost) best_cost = cost, best = p;
    }
    for (int round = 0; round < 3; ++round) fit.resist_outliers(best), fit.run(best, 8);

    FlownRates flown;
    flown.rows = fit.rows();
    flown.curve = *curve_with(family_key, std::span(best).first(best.size() - 1));
    flown.lag_s = best.back();
    const std::vector<double> errors = fit.standard_errors(best);
    flown.rms_dps = fit.spread_dps(best);
    const double t = student_t_975(static_cast<double>(fit.blocks()) - 1);
    for (std::size_t i = 0; i + 1 < best.size(); ++i) {
        const double reach = t * errors[i];
        flown.low.push_back(std::max(fit.box().low[i], best[i] - reach));
        flown.high.push_back(std::min(fit.box().high[i], best[i] + reach));
    }
    return flown;
}

} // namespace bh
