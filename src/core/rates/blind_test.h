#pragma once

#include <cstdint>
#include <vector>

namespace bh {

/// Whether a hand can tell two rate curves apart: in each trial X is one of the two, and the pilot says which. The number of
/// trials is fixed beforehand.
struct BlindTest {
    std::uint64_t seed = 1;
    int trials = 8;           ///< house: seven right ones of eight come by chance 35 times in 1000
    std::vector<bool> said_b; ///< the answers so far

    [[nodiscard]] bool over() const { return static_cast<int>(said_b.size()) >= trials; }
    /// Whether X is the second curve in a trial, counted from 0: the same for the same seed, half of them on average.
    [[nodiscard]] bool x_is_b(int trial) const;
    [[nodiscard]] int right() const; ///< answers that were
    /// Probability of as many right answers or more by guessing: the upper tail of the binomial distribution with ½.
    [[nodiscard]] double p_value() const;
};

/// Upper tail of the binomial distribution with ½: at least `right` of `trials`.
[[nodiscard]] double chance_of(int right, int trials);

} // namespace bh
