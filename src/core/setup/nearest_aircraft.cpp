#include "core/setup/nearest_aircraft.h"

#include "core/setup/camera_tilt.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bh {
namespace {

struct Difference {
    double weighted = 0;
    Message words;
};

} // namespace

std::vector<Candidate> nearest_aircraft(const Airframe& real, const std::vector<Airframe>& choice, double max_dps)
{
    constexpr double felt = 0.1; // of the weighted difference: some ten per cent of mass or thrust
    std::vector<Candidate> ranked;
    for (const Airframe& a : choice) {
        const double hover = 100 * hover_throttle(a), real_hover = 100 * hover_throttle(real);
        const double flip = flip_s(a, max_dps), real_flip = flip_s(real, max_dps);
        const auto told = [](double ours, double theirs, int places, std::string_view more, std::string_view less) {
            return message(ours > theirs ? more : less, rounded(ours, places), rounded(theirs, places));
        };
        std::array<Difference, 5> all{{
            {std::log(a.mass_kg / real.mass_kg), told(1000 * a.mass_kg, 1000 * real.mass_kg, 0,
                                                      label("heavier: %1 g against %2 g"), label("lighter: %1 g against %2 g"))},
            {1.5 * std::log(a.thrust_to_weight / real.thrust_to_weight),
             told(a.thrust_to_weight, real.thrust_to_weight, 1, label("stronger: thrust %1 times its weight against %2"),
                  label("weaker: thrust %1 times its weight against %2"))},
            {std::log(a.propeller_m / real.propeller_m),
             told(1000 * a.propeller_m, 1000 * real.propeller_m, 0, label("larger propellers: %1 mm against %2 mm"),
                  label("smaller propellers: %1 mm against %2 mm"))},
            {0.05 * (hover - real_hover), told(hover, real_hover, 0, label("hovers with more throttle: %1 % against %2 %"),
                                               label("hovers with less throttle: %1 % against %2 %"))},
            {5 * (flip - real_flip),
             told(flip, real_flip, 2, label("flips more slowly: %1 s against %2 s"), label("flips faster: %1 s against %2 s"))},
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
