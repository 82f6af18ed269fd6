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

/// What a law is a straight line of, at one trial: n^−b or exp(−b·n).
[[nodiscard]] double practice_shape(PracticeLaw law, double b, double trial);

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
    /// Worth telling after so many attempts: it lies ahead, and its interval is narrow enough to plan by, the far end no more
    /// than four times as far ahead as the middle (house). What the curve has passed already is no forecast.
    [[nodiscard]] bool tells_after(double attempts) const
    {
        constexpr double most_far = 4;
        return trial && high && *trial > attempts && *high - attempts <= most_far * (*trial - attempts);
    }
};
/// Nobody should forecast from fewer.
inline constexpr std::size_t least_trials_for_forecast = 5;
/// The trial of the curve itself; nothing where the learner is on a plateau short of the threshold. With the interval, at a level
/// of 0…1, of the trial at which the learner's own curve without noise meets it: quantiles over all curves of both laws, each
/// weighted by how well it goes with the attempts, which may hang together from one to the next (Bayesian regression with
/// stationary noise of the first order, by sums over a grid; Gelman et al. 2013, Prais and Winsten 1954). What is taken for
/// granted before (house): the exponent on a logarithmic scale, the noise likewise, the level at the first attempt evenly, and
/// that improvement lies ahead, by the fifth power of the room that a curve leaves. Nothing for fewer than five values.
[[nodiscard]] std::optional<PracticeForecast> practice_forecast(const Trials& trials, const PracticeCurve& curve,
                                                                double threshold, double level = 0.8);

/// The 95 % interval of the slope over the last eight values holds nought, and their mean is short of the threshold. False for
/// fewer than eight.
[[nodiscard]] bool on_a_plateau(const Trials& trials, double threshold);

enum class Progress : std::uint8_t { There, NotSure, None };
/// On a plateau, whoever still gains as much an attempt as others do is often taken for one who does not: eight attempts tell
/// little. None only where the slope's interval leaves out the usual one too; where that is not known, half of the spread of the
/// eight attempts about their line (house). Slopes are a value an attempt, as they rise.
[[nodiscard]] Progress progress_of(const Trials& trials, double threshold, const std::optional<double>& usual_slope = {});
/// How much others gained an attempt: the median of their slopes up to their first value that meets the threshold, each over at
/// least five values; nothing for fewer than three who have that many.
[[nodiscard]] std::optional<double> usual_slope(const std::vector<Trials>& others, double threshold);

} // namespace bh
