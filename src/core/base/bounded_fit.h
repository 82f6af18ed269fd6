#pragma once

#include <Eigen/Core>
#include <functional>
#include <vector>

namespace bh {

/// Least and most that each parameter may be.
struct FitBounds {
    std::vector<double> low, high;
};

/// Fills in the residuals for some parameters; always as many.
using Residuals = std::function<void(const std::vector<double>& parameters, Eigen::VectorXd& residuals)>;

/// Derivatives of the residuals by the `free` parameters, from differences that stay within the box.
void differentiate(const Residuals& residuals, const FitBounds& box, const std::vector<double>& p, const Eigen::VectorXd& r,
                   const std::vector<std::size_t>& free, Eigen::MatrixXd& jacobian);

/// Gauss-Newton least squares within a box from `p` on, over the `free` parameters only (a parameter that a step would push out
/// of its range stays, and the others are solved for again; Nocedal and Wright, Numerical Optimization, chapters 10 and 16).
/// Never ends higher than it began; returns the sum of squares.
double bounded_fit(const Residuals& residuals, const FitBounds& box, std::vector<double>& p, const std::vector<std::size_t>& free,
                   int rounds);

} // namespace bh
