#include "core/rates/blind_test.h"

#include "core/base/random.h"

#include <algorithm>
#include <cmath>

namespace bh {

bool BlindTest::x_is_b(int trial) const
{
    SeededRandom random(seed);
    bool b = false;
    for (int i = 0; i <= trial; ++i) b = random.uniform() < 0.5;
    return b;
}

int BlindTest::right() const
{
    int count = 0;
    for (std::size_t i = 0; i < said_b.size(); ++i) count += said_b[i] == x_is_b(static_cast<int>(i));
    return count;
}

double BlindTest::p_value() const { return chance_of(right(), static_cast<int>(said_b.size())); }

double chance_of(int right, int trials)
{
    double tail = 0;
    for (int k = trials; k >= right && k >= 0; --k)
        tail +=
            std::exp(std::lgamma(trials + 1.0) - std::lgamma(k + 1.0) - std::lgamma(trials - k + 1.0) - trials * std::log(2.0));
    return std::min(1.0, tail);
}

} // namespace bh
