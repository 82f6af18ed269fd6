#pragma once

#include <cmath>
#include <cstdint>
#include <numbers>
#include <random>

namespace bh {

/// Seeded randomness that is the same on every system (the library's own distributions are not).
class SeededRandom {
public:
    explicit SeededRandom(std::uint64_t seed) : engine_(seed) {}
    /// Even in 0…1, both ends left out.
    double uniform() { return (static_cast<double>(engine_() >> 11) + 0.5) * 0x1p-53; }
    /// Standard normal, by Box and Muller (1958).
    double normal()
    {
        if (has_spare_) {
            has_spare_ = false;
            return spare_;
        }
        const double radius = std::sqrt(-2 * std::log(uniform()));
        const double angle = 2 * std::numbers::pi * uniform();
        spare_ = radius * std::sin(angle);
        has_spare_ = true;
        return radius * std::cos(angle);
    }
    std::uint64_t bits() { return engine_(); }

private:
    std::mt19937_64 engine_;
    double spare_ = 0;
    bool has_spare_ = false;
};

} // namespace bh
