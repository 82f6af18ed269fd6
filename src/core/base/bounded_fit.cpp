#include "core/base/bounded_fit.h"

#include <Eigen/Dense>
#include <algorithm>

namespace bh {
namespace {

using Parameters = std::vector<double>;

Eigen::VectorXd step_within(const FitBounds& box, const Parameters& p, const std::vector<std::size_t>& free,
                            const Eigen::VectorXd& r, const Eigen::MatrixXd& j)
{
    Eigen::MatrixXd normal = j.transpose() * j;
    Eigen::VectorXd down = -j.transpose() * r;
    Eigen::VectorXd step = Eigen::VectorXd::Zero(normal.rows());
    for (std::size_t tries = 0; tries <= free.size(); ++tries) {
        Eigen::MatrixXd damped = normal;
        damped.diagonal() *= 1 + 1e-10;
        damped.diagonal().array() += 1e-13;
        step = damped.ldlt().solve(down);
        bool again = false;
        for (std::size_t k = 0; k < free.size(); ++k) {
            const auto at = static_cast<Eigen::Index>(k);
            const bool out =
                (p[free[k]] <= box.low[free[k]] && step[at] < 0) || (p[free[k]] >= box.high[free[k]] && step[at] > 0);
            if (!out) continue;
            normal.row(at).setZero(), normal.col(at).setZero();
            normal(at, at) = 1;
            down[at] = 0;
            again = true;
        }
        if (!again) break;
    }
    return step;
}

} // namespace

void differentiate(const Residuals& residuals, const FitBounds& box, const Parameters& p, const Eigen::VectorXd& r,
                   const std::vector<std::size_t>& free, Eigen::MatrixXd& j)
{
    j.resize(r.size(), static_cast<Eigen::Index>(free.size()));
    Eigen::VectorXd there;
    for (std::size_t k = 0; k < free.size(); ++k) {
        double step = 1e-6 * (box.high[free[k]] - box.low[free[k]]);
        if (p[free[k]] + step > box.high[free[k]]) step = -step;
        Parameters moved = p;
        moved[free[k]] += step;
        residuals(moved, there);
        j.col(static_cast<Eigen::Index>(k)) = (there - r) / step;
    }
}

double bounded_fit(const Residuals& residuals, const FitBounds& box, Parameters& p, const std::vector<std::size_t>& free,
                   int rounds)
{
    Eigen::VectorXd r, there;
    Eigen::MatrixXd j;
    residuals(p, r);
    double now = r.squaredNorm();
    for (int round = 0; round < rounds && !free.empty(); ++round) {
        differentiate(residuals, box, p, r, free, j);
        const Eigen::VectorXd step = step_within(box, p, free, r, j);
        bool better = false;
        for (double share = 1; share > 0.05; share /= 2) {
            Parameters next = p;
            for (std::size_t k = 0; k < free.size(); ++k)
                next[free[k]] =
                    std::clamp(p[free[k]] + share * step[static_cast<Eigen::Index>(k)], box.low[free[k]], box.high[free[k]]);
            residuals(next, there);
            const double cost = there.squaredNorm();
            if (cost >= now - 1e-12) continue;
            better = now - cost > 1e-7 * now;
            p = next, now = cost;
            r = there;
            break;
        }
        if (!better) break;
    }
    return now;
}

} // namespace bh
