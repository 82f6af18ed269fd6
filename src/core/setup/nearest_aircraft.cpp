#include "core/setup/nearest_aircraft.h"

#include "core/setup/camera_tilt.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

namespace bh {
namespace {

struct Difference {
    double weighted = 0;
    std::string words;
};

std::string text(const char* format, double a, double b)
{
    char out[96];
    std::snprintf(out, sizeof out, format, a, b);
    return out;
}

} // namespace

std::vector<Candidate> nearest_aircraft(const Airframe& real, const std::vector<Airframe>& choice, double max_dps)
{
    constexpr double felt = 0.1; // of the weighted difference: some ten per cent of mass or thrust
    std::vector<Candidate> ranked;
    for (const Airframe& a : choice) {
        const double hover = 100 * hover_throttle(a), real_hover = 100 * hover_throttle(real);
        const double flip = flip_s(a, max_dps), real_flip = flip_s(real, max_dps);
        std::array<Difference, 5> all{{
            {std::log(a.mass_kg / real.mass_kg),
             text(a.mass_kg > real.mass_kg ? "heavier: %.0f g against %.0f g" : "lighter: %.0f g against %.0f g",
                  1000 * a.mass_kg, 1000 * real.mass_kg)},
            {1.5 * std::log(a.thrust_to_weight / real.thrust_to_weight),
             text(a.thrust_to_weight > real.thrust_to_weight ? "stronger: thrust %.1f times its weight against %.1f"
                                                             : "weaker: thrust %.1f times its weight against %.1f",
                  a.thrust_to_weight, real.thrust_to_weight)},
            {std::log(a.propeller_m / real.propeller_m),
             text(a.propeller_m > real.propeller_m ? "larger propellers: %.0f mm against %.0f mm"
                                                   : "smaller propellers: %.0f mm against %.0f mm",
                  1000 * a.propeller_m, 1000 * real.propeller_m)},
            {0.05 * (hover - real_hover), text(hover > real_hover ? "hovers with more throttle: %.0f %% against %.0f %%"
                                                                  : "hovers with less throttle: %.0f %% against %.0f %%",
                                               hover, real_hover)},
            {5 * (flip - real_flip),
             text(flip > real_flip ? "flips more slowly: %.2f s against %.2f s" : "flips faster: %.2f s against %.2f s", flip,
                  real_flip)},
        }};
        Candidate c;
        c.id = a.id;
        for (const Difference& d : all) c.distance += d.weighted * d.weighted;
        c.distance = std::sqrt(c.distance);
        std::sort(all.begin(), all.end(),
                  [](const Difference& x, const Difference& y) { return std::abs(x.weighted) > std::abs(y.weighted); });
        for (const Difference& d : all)
            if (std::abs(d.weighted) >= felt) c.reasons.push_back(d.words);
        ranked.push_back(std::move(c));
    }
    std::stable_sort(ranked.begin(), ranked.end(),
                     [](const Candidate& x, const Candidate& y) { return x.distance < y.distance; });
    return ranked;
}

} // namespace bh
