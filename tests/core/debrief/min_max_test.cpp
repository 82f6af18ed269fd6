#include "core/base/random.h"
#include "core/debrief/min_max.h"

#include <algorithm>
#include <catch2/catch.hpp>

using namespace bh;

TEST_CASE("least and most of any run are those of a plain search", "[core][debrief]")
{
    SeededRandom random(5);
    for (const std::size_t size : {1U, 2U, 15U, 16U, 17U, 255U, 256U, 4097U, 20000U}) {
        std::vector<double> values;
        for (std::size_t i = 0; i < size; ++i) values.push_back(random.normal());
        const MinMax ranges(values);
        for (int n = 0; n < 200; ++n) {
            const auto a = static_cast<std::size_t>(random.uniform() * static_cast<double>(size)),
                       b = static_cast<std::size_t>(random.uniform() * static_cast<double>(size));
            const std::size_t first = std::min(a, b), last = std::max(a, b) + 1;
            CAPTURE(size, first, last);
            const auto [low, high] = std::minmax_element(values.begin() + static_cast<std::ptrdiff_t>(first),
                                                         values.begin() + static_cast<std::ptrdiff_t>(last));
            const auto found = ranges.of(first, last);
            REQUIRE(found.first == *low);
            REQUIRE(found.second == *high);
        }
    }
    CHECK(MinMax().of(0, 10) == std::pair{0.0, 0.0});
    CHECK(MinMax(std::vector<double>{3.0}).of(1, 5) == std::pair{0.0, 0.0});
}
