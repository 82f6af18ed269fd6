#pragma once

#include <cstddef>
#include <utility>
#include <vector>

namespace bh {

/// Least and most of any run of a long column in about a hundred steps, however long the run: for drawing a flight at any zoom.
class MinMax {
public:
    MinMax() = default;
    explicit MinMax(std::vector<double> values);
    [[nodiscard]] std::size_t size() const { return levels_.empty() ? 0 : levels_.front().size(); }
    [[nodiscard]] double at(std::size_t row) const { return levels_.front()[row].first; }
    /// Of rows first to last, last not included; both 0 for none.
    [[nodiscard]] std::pair<double, double> of(std::size_t first, std::size_t last) const;

private:
    static constexpr std::size_t step = 16;
    std::vector<std::vector<std::pair<double, double>>> levels_; ///< each with 16 of the one before in one
};

} // namespace bh
