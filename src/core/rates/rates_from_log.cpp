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
constexpr double shortest_block_s = 1.5, blocks_wanted = 12; // what shakes the body lasts for some tenths of a second
constexpr double most_delay_s = 0.2, looked_for_s = 0.3, delay_step_s = 0.04;
constexpr double no_limit_dps2 = 40000;
/// Behind the curve's parameters: how the aircraft follows.
enum Other : std::size_t { AtDelay, AtLag, AtOvershoot, AtLimit, other_parameters };

/// One row: the body rates at its beginning and its end, and the stick that was held meanwhile where nothing is delayed.
struct Step {
    double t_s, stick, before_dps, after_dps, dt_s;
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
    const double block_s = std::max(shortest_block_s, std::min(log.duration_s(), 60.0) / blocks_wanted);
    std::vector<Step> steps;
    std::size_t last = 0;
    for (std::size_t i = 1; i < log.size(); ++i) {
        const double dt_s = log.t_s[i] - log.t_s[i - 1];
        const bool flies = log.armed[i] && log.armed[i - 1] && log.mode[i] == Mode::Acro && log.mode[i - 1] == Mode::Acro &&
                           (!log.has_position || log.height_m[i - 1] > off_ground_m);
        if (!flies || !(dt_s > 0 && dt_s < longest_s)) continue;
        steps.push_back({log.t_s[i], stick[i], side * rate[i - 1], side * rate[i], dt_s, last + 1 != i || steps.empty(),
                         static_cast<std::size_t>((log.t_s[i] - log.t_s[0]) / block_s)});
        last = i;
        if (steps.size() == most_rows) break; // a minute of it: the fit does not need more
    }
    return steps;
}

/// How an aircraft follows what it is asked for: e·τ²·p'' + τ·p' + p = w with the lag τ, in steps of a held w, exactly; e = 0 is
/// a first-order lag, over ¼ it overshoots. No step is larger than the limit of the angular acceleration.
class Follower {
public:
    Follower(double lag_s, double e, double most_dps2) : lag_s_(lag_s), e_(e), most_dps2_(most_dps2) {}
    void begin(double at) { x_ = at, v_ = 0; }
    [[nodiscard]] double at() const { return x_; }
    double step(double wanted, double dt_s)
    {
        if (dt_s != now_.dt_s) {
            std::swap(now_, other_);
            if (dt_s != now_.dt_s) prepare(dt_s);
        }
        const auto& [_, xx, xv, vx, vv] = now_;
        const double off = x_ - wanted, most = most_dps2_ * dt_s;
        const double x = wanted + xx * off + xv * v_, v = vx * off + vv * v_;
        const double moved = std::clamp(x - x_, -most, most);
        v_ = std::clamp(v, -most_dps2_, most_dps2_);
        return x_ += moved;
    }

private:
    /// Over one length of a step; a row's two parts have two.
    struct Over {
        double dt_s = -1, xx = 0, xv = 0, vx = 0, vv = 0;
    };
    /// The matrix exponential of x' = v, v' = −(x/τ + v)/(e·τ), by its eigenvalues.
    void prepare(double dt_s)
    {
        now_.dt_s = dt_s;
        constexpr double first_order = 1e-4;
        if (e_ < first_order) return static_cast<void>(now_ = {dt_s, std::exp(-dt_s / lag_s_), 0, 0, 0});
        const double half = 1 / (2 * e_ * lag_s_), stiffness = 1 / (e_ * lag_s_ * lag_s_);
        const double under = stiffness - half * half, w = std::sqrt(std::abs(under)), fades = std::exp(-half * dt_s);
        constexpr double critical = 1e-9;
        // cos and sin/w, or what they become where it does not swing; the hyperbolic ones would overflow by themselves.
        double c = fades, s_by_w = fades * dt_s;
        if (under > critical)
            c = fades * std::cos(w * dt_s), s_by_w = fades * std::sin(w * dt_s) / w;
        else if (under < -critical) {
            const double slow = std::exp((w - half) * dt_s), fast = std::exp((-w - half) * dt_s);
            c = (slow + fast) / 2, s_by_w = (slow - fast) / (2 * w);
        }
        now_ = {dt_s, c + half * s_by_w, s_by_w, -stiffness * s_by_w, c - half * s_by_w};
    }
    double lag_s_, e_, most_dps2_;
    double x_ = 0, v_ = 0;
    Over now_, other_;
};

class Fit {
public:
    Fit(std::vector<Step> steps, const FlightLog& log, StickAxis axis, const RateFamily& family)
        : steps_(std::move(steps)), log_(log), stick_(stick_column(log, axis)), family_(family.key), weights_(steps_.size(), 1.0)
    {
        for (const RateParameter& p : family.parameters) box_.low.push_back(p.low), box_.high.push_back(p.high);
        for (const auto& [low, high] : {std::pair(0.0, looked_for_s), {0.002, 0.2}, {0.0, 1.5}, {200.0, no_limit_dps2}})
            box_.low.push_back(low), box_.high.push_back(high); // in the order of Other
        for (std::size_t k = 0; k < box_.low.size(); ++k) all_.push_back(k);
    }

    /// What follows the sticks, from the beginning of each stretch on. Told from the sticks alone and not from the row before:
    /// what else shakes the body then only adds noise, and does not pull the lag and the curve to one side.
    void residuals(const std::vector<double>& p, Eigen::VectorXd& r) const
    {
        const RateCurve curve = curve_of(p);
        Follower follower(other(p, AtLag), other(p, AtOvershoot), other(p, AtLimit));
        r.resize(static_cast<Eigen::Index>(steps_.size()));
        Asked commanded(*this, other(p, AtDelay));
        for (std::size_t i = 0; i < steps_.size(); ++i) {
            const Step& s = steps_[i];
            if (s.begins) follower.begin(s.before_dps);
            const Asked::Held held = commanded.held(s);
            if (held.before_s > 0) follower.step(rate_dps(curve, held.before), held.before_s);
            const double told = held.after_s > 0 ? follower.step(rate_dps(curve, held.after), held.after_s) : follower.at();
            r[static_cast<Eigen::Index>(i)] = weights_[i] * (s.after_dps - told);
        }
    }
    static double other(const std::vector<double>& p, Other which) { return p[p.size() - other_parameters + which]; }
    [[nodiscard]] RateCurve curve_of(const std::vector<double>& p) const
    {
        return *curve_with(family_, std::span(p).first(p.size() - other_parameters));
    }
    /// Each parameter by itself first: a step in all of them at once goes astray where some are hardly told apart.
    void settle(std::vector<double>& p) const
    {
        for (const std::size_t k : all_)
            bounded_fit([this](const std::vector<double>& at, Eigen::VectorXd& r) { residuals(at, r); }, box_, p, {k}, 3);
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
    /// What leaving out one block after the other makes of the parameters: a column for each block, as moved from `p`. Near the
    /// optimum the fit without a block is one linear step away. A parameter at the end of its range is moved as well: it is not
    /// known any better for being there.
    [[nodiscard]] Eigen::MatrixXd without_each_block(const std::vector<double>& p) const
    {
        Eigen::VectorXd r;
        Eigen::MatrixXd j;
        residuals(p, r);
        differentiate([this](const std::vector<double>& at, Eigen::VectorXd& out) { residuals(at, out); }, box_, p, r, all_, j);
        return moved_without_each_block(j, r);
    }
    /// The same of any curve that is smooth over what was flown, x, x·|x| and x³ of the stick, behind the lag found: of its rate
    /// at some sticks, a row each. What a family cannot tell apart in a small part of its curve does not make that part known
    /// better.
    struct Smooth {
        Eigen::VectorXd off;            ///< of the family's curve, at each stick
        Eigen::MatrixXd without_blocks; ///< a row for each stick, a column for each block
    };
    [[nodiscard]] Smooth smooth_curve(const std::vector<double>& p, double flown_to_stick,
                                      const std::vector<double>& sticks) const
    {
        const auto terms = [&](double stick) {
            const double u = stick / flown_to_stick;
            return Eigen::Vector3d(u, u * std::abs(u), u * u * u);
        };
        const auto rows = static_cast<Eigen::Index>(steps_.size());
        Eigen::MatrixXd j(rows, 5); // the terms, the lag and a shift in time
        std::vector<Follower> told(3, Follower(other(p, AtLag), other(p, AtOvershoot), no_limit_dps2));
        Asked commanded(*this, other(p, AtDelay));
        for (Eigen::Index i = 0; i < rows; ++i) {
            const Step& s = steps_[static_cast<std::size_t>(i)];
            const Asked::Held held = commanded.held(s);
            const double stick = held.after_s > held.before_s ? held.after : held.before;
            for (Eigen::Index k = 0; k < 3; ++k) {
                Follower& of = told[static_cast<std::size_t>(k)];
                if (s.begins) of.begin(0);
                if (held.before_s > 0) of.step(terms(held.before)[k], held.before_s);
                if (held.after_s > 0) of.step(terms(held.after)[k], held.after_s);
                j(i, k) = of.at();
            }
            j.row(i).tail<2>().setZero();
            j(i, 4) = s.begins ? 0 : (s.after_dps - s.before_dps) / s.dt_s;
            j(i, 3) = rate_dps(curve_of(p), stick) - s.after_dps; // how far it still has to go: what a longer lag changes
            if (s.begins) j(i, 3) = 0;
        }
        Eigen::VectorXd r;
        residuals(p, r); // what is left over, weighted as in the fit
        for (Eigen::Index i = 0; i < rows; ++i) j.row(i) *= -weights_[static_cast<std::size_t>(i)];
        const Eigen::MatrixXd moved = moved_without_each_block(j, r);
        const Eigen::VectorXd whole = j.colPivHouseholderQr().solve(-r);
        Smooth smooth{Eigen::VectorXd(static_cast<Eigen::Index>(sticks.size())),
                      Eigen::MatrixXd(static_cast<Eigen::Index>(sticks.size()), moved.cols())};
        for (std::size_t k = 0; k < sticks.size(); ++k) {
            const auto at = static_cast<Eigen::Index>(k);
            smooth.off[at] = terms(sticks[k]).dot(whole.head<3>());
            smooth.without_blocks.row(at) = terms(sticks[k]).transpose() * moved.topRows<3>();
        }
        return smooth;
    }
    /// Parameters of the curve that change nothing where they are.
    [[nodiscard]] std::vector<std::size_t> sleeping(const std::vector<double>& p) const
    {
        Eigen::VectorXd r;
        Eigen::MatrixXd j;
        residuals(p, r);
        differentiate([this](const std::vector<double>& at, Eigen::VectorXd& out) { residuals(at, out); }, box_, p, r, all_, j);
        std::vector<std::size_t> still;
        for (std::size_t k = 0; k + other_parameters < p.size(); ++k)
            if (j.col(static_cast<Eigen::Index>(k)).norm() < 1e-9) still.push_back(k);
        return still;
    }
    [[nodiscard]] double spread_dps(const std::vector<double>& p)
    {
        std::fill(weights_.begin(), weights_.end(), 1.0);
        Eigen::VectorXd r;
        residuals(p, r);
        return std::sqrt(r.squaredNorm() / static_cast<double>(steps_.size()));
    }
    /// Whether sticks go on evenly between two rows; otherwise they are held from each to the next. Logs do not say.
    void take_sticks_between_rows(bool evenly) { between_rows_ = evenly; }
    [[nodiscard]] std::size_t rows() const { return steps_.size(); }
    [[nodiscard]] double row_s() const { return steps_.front().dt_s; }
    [[nodiscard]] std::size_t blocks() const { return steps_.back().block - steps_.front().block + 1; }
    [[nodiscard]] const FitBounds& box() const { return box_; }

private:
    /// The stick that the aircraft answers to, step after step. A delay is no whole number of rows: a stick that is held from row
    /// to row counts for the part of a step over which it was; one that goes on evenly between them is taken at two moments.
    class Asked {
    public:
        Asked(const Fit& fit, double delay_s)
            : t_s_(fit.log_.t_s), stick_(fit.stick_), between_rows_(fit.between_rows_), delay_s_(delay_s)
        {
        }
        /// What is asked over a step's two parts.
        struct Held {
            double before, before_s, after, after_s;
        };
        Held held(const Step& s)
        {
            const double from_s = s.t_s - s.dt_s - delay_s_, at_s = s.t_s - delay_s_;
            if (between_rows_) return {at(from_s + 0.25 * s.dt_s), s.dt_s / 2, at(from_s + 0.75 * s.dt_s), s.dt_s / 2};
            const double into = share_into(at_s);
            constexpr double finest = 1e-6; // of a step, so that its parts are as long as the last one's
            const double after_s = std::round(into / finest) * finest * s.dt_s;
            return {stick_[row_], s.dt_s - after_s, stick_[std::min(row_ + 1, t_s_.size() - 1)], after_s};
        }

    private:
        /// How far a moment lies into the row that follows; times rise from call to call.
        double share_into(double at_s)
        {
            while (row_ + 1 < t_s_.size() && t_s_[row_ + 1] <= at_s) ++row_;
            const std::size_t next = std::min(row_ + 1, t_s_.size() - 1);
            return std::clamp((at_s - t_s_[row_]) / std::max(1e-9, t_s_[next] - t_s_[row_]), 0.0, 1.0);
        }
        double at(double at_s)
        {
            const double into = share_into(at_s);
            return stick_[row_] + into * (stick_[std::min(row_ + 1, t_s_.size() - 1)] - stick_[row_]);
        }
        const std::vector<double>&t_s_, &stick_;
        bool between_rows_;
        double delay_s_;
        std::size_t row_ = 0;
    };
    /// Linear steps from a least-squares optimum to that without each block, for derivatives and residuals there; about their
    /// mean.
    [[nodiscard]] Eigen::MatrixXd moved_without_each_block(Eigen::MatrixXd j, const Eigen::VectorXd& r) const
    {
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
            left.diagonal().array() += 1e-9;
            const Eigen::VectorXd step = left.ldlt().solve(of_block.transpose() * r.segment(from, count) - gradient);
            moved.push_back(step.cwiseQuotient(size));
            i = end;
        }
        Eigen::MatrixXd all(j.cols(), static_cast<Eigen::Index>(moved.size()));
        for (std::size_t i = 0; i < moved.size(); ++i) all.col(static_cast<Eigen::Index>(i)) = moved[i];
        return all.colwise() - all.rowwise().mean();
    }

    std::vector<Step> steps_;
    const FlightLog& log_;
    const std::vector<double>& stick_;
    std::string family_;
    bool between_rows_ = false;
    std::vector<double> weights_;
    FitBounds box_;
    std::vector<std::size_t> all_;
};

} // namespace

Result<FlownRates> rates_from_log(const FlightLog& log, StickAxis axis, std::string_view family_key)
{
    const RateFamily* family = rate_family(family_key);
    if (!family) return bad_input("expected %1, found '%2'", rate_family_names(), family_key);
    if (axis == StickAxis::Throttle) return bad_input("expected roll, pitch or yaw: the throttle has no rate");
    std::vector<Step> steps = usable_steps(log, axis);
    if (steps.size() < fewest_rows)
        return bad_input("only %1 rows of acro off the ground, expected %2", steps.size(), fewest_rows);
    std::vector<double> sticks;
    for (const Step& s : steps) sticks.push_back(s.stick);
    if (sample_sd(sticks) < least_stick_sd)
        return bad_input("the %1 stick hardly moves: nothing can be told from it", stick_axis_key(axis));

    constexpr std::size_t enough_for_delay = 1500; // rows
    std::vector<Step> first_steps(steps.begin(),
                                  steps.begin() + static_cast<std::ptrdiff_t>(std::min(enough_for_delay, steps.size())));
    Fit fit(std::move(steps), log, axis, *family);
    std::vector<double> best;
    double best_cost = 1e300;
    const auto start_from = [&](std::vector<double> p) {
        fit.run(p, 8);
        fit.settle(p);
        if (const double cost = fit.run(p, 20); cost < best_cost) best_cost = cost, best = std::move(p);
    };
    // A parameter that has run to where it changes nothing (a max under its centre) finds no way back by itself.
    const auto wake_sleeping = [&] {
        for (const std::size_t k : fit.sleeping(best)) {
            std::vector<double> p = best;
            p[k] = fit.box().low[k] + 0.3 * (fit.box().high[k] - fit.box().low[k]);
            start_from(std::move(p));
        }
    };
    const auto started = [&](const CentreMaxCurve& from, double delay_s) {
        std::vector<double> p = parameters_of(match_rates(from, family_key)->curve);
        p.insert(p.end(), {delay_s, 0.03, 0.1, no_limit_dps2}); // in the order of Other
        return p;
    };
    // The delay first, from one usual curve: a fit whose delay is farther off than a stick takes to turn finds no way there.
    std::vector<double> nearest;
    double nearest_cost = 1e300;
    const Fit beginning(std::move(first_steps), log, axis, *family);
    for (double delay_s = 0; delay_s < looked_for_s; delay_s += delay_step_s) {
        std::vector<double> p = started({200, 700, 0.4}, delay_s);
        if (const double cost = beginning.run(p, 10); cost < nearest_cost) nearest_cost = cost, nearest = std::move(p);
    }
    start_from(nearest);
    const double delay_s = Fit::other(best, AtDelay);
    // From a learner's curve in that family with a usual lag, from wild ones, and from one that only bends late: a fit that has
    // gone straight finds no way back.
    for (const CentreMaxCurve& from : {CentreMaxCurve{150, 350, 0.2}, {200, 800, 0.6}, {120, 1500, 0.9}, {60, 600, 0.3}})
        start_from(started(from, delay_s));
    wake_sleeping();
    std::vector<double> limited = best; // by its angular acceleration
    limited.back() = 3000;
    start_from(limited);
    fit.take_sticks_between_rows(true);
    const double held_cost = best_cost;
    start_from(best);
    fit.take_sticks_between_rows(best_cost < held_cost);
    for (int round = 0; round < 3; ++round) fit.resist_outliers(best), fit.run(best, 8);
    const double before_last = fit.run(best, 1), last = fit.run(best, 1);

    FlownRates flown;
    constexpr double gains_nothing = 1e-6;
    flown.ended = before_last - last <= gains_nothing * before_last ? label("settled") : label("rounds used up");
    flown.delay_s = Fit::other(best, AtDelay);
    if (flown.delay_s > most_delay_s + fit.row_s()) // a stick may be written down at either end of the row that it is held over
        return bad_input("the aircraft answers %1 ms after the stick, or not to it: expected at most %2 ms",
                         std::lround(1000 * flown.delay_s), std::lround(1000 * most_delay_s));
    flown.rows = fit.rows();
    flown.curve = fit.curve_of(best);
    flown.lag_s = Fit::other(best, AtLag);
    const Eigen::MatrixXd moved = fit.without_each_block(best);
    flown.rms_dps = fit.spread_dps(best);
    const auto n = static_cast<double>(moved.cols());
    const double t = student_t_975(std::max(1.0, n - 1));
    // A dozen blocks that hang together a little make the jackknife too sure of itself: by this much, as `accuracy` measures it
    // (house).
    constexpr double widened = 1.4;
    const auto reach = [&](const Eigen::RowVectorXd& of_blocks) {
        return widened * t * std::sqrt((n - 1) / n * of_blocks.squaredNorm());
    };
    const std::size_t parameters = best.size() - other_parameters;
    for (std::size_t i = 0; i < parameters; ++i) {
        const double r = reach(moved.row(static_cast<Eigen::Index>(i)));
        flown.low.push_back(std::max(fit.box().low[i], best[i] - r));
        flown.high.push_back(std::min(fit.box().high[i], best[i] + r));
    }
    for (double& stick : sticks) stick = std::abs(stick);
    flown.flown_to_stick = percentile(sticks, 0.99);
    std::vector<double> at_sticks;
    for (int k = 0; k <= 10; ++k) at_sticks.push_back(flown.flown_to_stick * k / 10);
    const auto smooth = fit.smooth_curve(best, flown.flown_to_stick, at_sticks);
    for (std::size_t k = 0; k < at_sticks.size(); ++k) {
        const double stick = at_sticks[k];
        const double rate = rate_dps(flown.curve, stick);
        Eigen::RowVectorXd of_blocks = Eigen::RowVectorXd::Zero(moved.cols());
        for (std::size_t i = 0; i < parameters; ++i) {
            std::vector<double> p = best;
            double step = 1e-5 * (fit.box().high[i] - fit.box().low[i]);
            if (p[i] + step > fit.box().high[i]) step = -step;
            p[i] += step;
            of_blocks += (rate_dps(fit.curve_of(p), stick) - rate) / step * moved.row(static_cast<Eigen::Index>(i));
        }
        constexpr double whole_curve = 0.6; // with less of it flown, a family's parameters hang together
        const bool little = flown.flown_to_stick < whole_curve;
        const auto at = static_cast<Eigen::Index>(k);
        constexpr double least_dps = 0.2; // sticks are held from row to row
        const double of_smooth = little ? reach(smooth.without_blocks.row(at)) : 0;
        const double wider = little ? 1.5 : 1; // measured as above
        const double r = std::max(least_dps, wider * std::max(reach(of_blocks), of_smooth));
        const double off = little ? smooth.off[at] : 0;
        flown.interval.push_back({stick, rate, std::max(0.0, rate - r + std::min(0.0, off)), rate + r + std::max(0.0, off)});
    }
    return flown;
}

Message known_in_words(const FlownRates& flown)
{
    constexpr double whole = 0.9;
    if (flown.flown_to_stick >= whole) return message("known over the whole stick");
    return message("not known beyond %1 % stick", std::lround(100 * flown.flown_to_stick));
}

} // namespace bh
