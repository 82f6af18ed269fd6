#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <optional>
#include <vector>

namespace bh {

/// A value at each attempt, counted from 1 and rising; marks, or any measure of which less is better.
struct Trials {
    std::vector<double> trial, value;
    bool higher_is_better = false;
};

/// y = c + a·f(n), or c − a·f(n) where higher is better; a and c at least 0.
struct PracticeFit {
    double a = 0, b = 0, c = 0;
    double sse = 0;
    std::optional<double> aicc; ///< nothing for fewer than six values
};

enum class PracticeLaw : std::uint8_t { Power, Exponential, Either };

struct PracticeCurve {
    PracticeFit power;       ///< f = n^−b (power law of practice: Newell and Rosenbloom 1981)
    PracticeFit exponential; ///< f = exp(−b·n) (Heathcote, Brown and Mewhort 2000)
    PracticeLaw preferred = PracticeLaw::Either;
    /// The curve that forecasts: the preferred one, or the one with the lower AICc.
    [[nodiscard]] bool goes_by_power() const;
    [[nodiscard]] double at(double trial, bool higher_is_better) const;
};

/// Least squares on the value itself: b from 0.001 to 5 by Brent's method (Boost.Math), a and c in closed form for each b. The
/// law with the lower AICc (n·ln(SSE/n) + 2k + 2k(k+1)/(n−k−1), k = 4; Hurvich and Tsai 1989), `Either` when they differ by less
/// than 2. BadInput for fewer than three values, and for trials that do not rise from 1 on.
[[nodiscard]] Result<PracticeCurve> practice_curve(const Trials& trials);

/// When a threshold is met: the first whole trial at which the curve is there; nothing: never, or beyond a million.
struct PracticeForecast {
    std::optional<double> trial, low, high;
};
/// Nobody should forecast from fewer.
inline constexpr std::size_t least_trials_for_forecast = 5;
/// With the interval of the trial at which the learner's own curve without noise meets the threshold, at a level of 0…1:
/// percentiles of a seeded bootstrap of the residuals, each resample fitted anew by both laws. Nothing for fewer than five
/// values.
[[nodiscard]] std::optional<PracticeForecast> practice_forecast(const Trials& trials, const PracticeCurve& curve,
                                                                double threshold, double level = 0.8, std::uint64_t seed = 1);

/// No progress: the 95 % interval of the slope over the last eight values holds nought, and their mean is short of the threshold.
/// False for fewer than eight.
[[nodiscard]] bool on_a_plateau(const Trials& trials, double threshold);

} // namespace bh
