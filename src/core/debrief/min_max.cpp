#include "core/debrief/min_max.h"

#include <algorithm>

namespace bh {

MinMax::MinMax(std::vector<double> values)
{
    std::vector<std::pair<double, double>> first;
    first.reserve(values.size());
    for (const double v : values) first.emplace_back(v, v);
    levels_.push_back(std::move(first));
    while (levels_.back().size() > step) {
        const auto& finer = levels_.back();
        std::vector<std::pair<double, double>> level;
        for (std::size_t i = 0; i < finer.size(); i += step) {
            auto [low, high] = finer[i];
            for (std::size_t k = i + 1; k < std::min(i + step, finer.size()); ++k)
                low = std::min(low, finer[k].first), high = std::max(high, finer[k].second);
            level.emplace_back(low, high);
        }
        levels_.push_back(std::move(level));
    }
}

std::pair<double, double> MinMax::of(std::size_t first, std::size_t last) const
{
    last = std::min(last, size());
    if (first >= last) return {0, 0};
    std::pair<double, double> found = levels_.front()[first];
    const auto take = [&found](const std::pair<double, double>& one) {
        found = {std::min(found.first, one.first), std::max(found.second, one.second)};
    };
    // Up from the first row by the largest whole blocks that still fit, and down again towards the last.
    std::size_t level = 0, block = 1;
    while (first < last) {
        while (level + 1 < levels_.size() && first % (block * step) == 0 && first + block * step <= last) ++level, block *= step;
        while (level > 0 && first + block > last) --level, block /= step;
        take(levels_[level][first / block]);
        first += block;
        while (level > 0 && first % (block) != 0) --level, block /= step;
    }
    return found;
}

} // namespace bh
