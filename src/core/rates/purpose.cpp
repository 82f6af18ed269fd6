#include "core/rates/purpose.h"

#include "core/rates/turn_numbers.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace bh {
namespace {

constexpr double rocks_from = 0.15; // share of the flights (house)
constexpr double slower_by = 0.15;  // one step of a change plan
constexpr double slowest_dps = 250; // common practice: no slower for a learner

template <class... Parts>
std::string worded(const char* format, Parts... parts)
{
    char text[256];
    std::snprintf(text, sizeof text, format, parts...);
    return text;
}

double turn_s(double max_dps, const Airframe& airframe)
{
    return turn_numbers(LinearExpoCurve{max_dps, 0}, airframe).full_turn_s;
}

} // namespace

const std::array<RateBand, 4>& rate_bands()
{
    static constexpr std::array<RateBand, 4> bands{{
        {"learner", "Learner", 250, 350, 350, 300,
         "slow enough for a hand that over-controls; a full roll takes just over a second"},
        {"filming", "Calm filming", 0, 450, 400, 300, "nothing in the picture may jerk"},
        {"racing", "Racing", 350, 400, 380, 330, "quick lines need steady hands more than quick turns"},
        {"freestyle", "Freestyle", 700, 1000, 800, 600, "flips and rolls end before much height is lost"},
    }};
    return bands;
}

std::optional<double> least_rate_for_flip_dps(double height_m, const Airframe& airframe)
{
    if (!(height_m > 0)) return std::nullopt;
    const double fall_s = std::sqrt(2 * height_m / gravity_mps2);
    if (turn_s(rate_limit_dps, airframe) > fall_s) return std::nullopt;
    double low = 1, high = rate_limit_dps; // the faster, the sooner: bisection
    for (int i = 0; i < 60; ++i) {
        const double middle = (low + high) / 2;
        (turn_s(middle, airframe) > fall_s ? low : high) = middle;
    }
    return high;
}

std::vector<RateAdvice> rate_advice(const RateEvidence& e)
{
    std::vector<RateAdvice> advice;
    if (e.rocking_share && *e.rocking_share > rocks_from) {
        RateAdvice a;
        a.at_most_dps = std::max(slowest_dps, (1 - slower_by) * e.max_dps);
        const bool slower = a.at_most_dps < e.max_dps;
        a.reckoning =
            slower ? worded("Rocking %.0f %% of the newest flights, over %.0f %%; %.0f °/s less %.0f %% is %.0f °/s (house; no "
                            "slower than %.0f)",
                            100 * *e.rocking_share, 100 * rocks_from, e.max_dps, 100 * slower_by, a.at_most_dps, slowest_dps)
                   : worded("Rocking %.0f %% of the newest flights, over %.0f %%; %.0f °/s is slow already",
                            100 * *e.rocking_share, 100 * rocks_from, e.max_dps);
        a.sentence = slower ? worded("Slower: go down to %.0f °/s, the hand over-controls.", a.at_most_dps)
                            : std::string("The rates are slow already: smaller movements and another grip before anything else.");
        if (!slower) a.at_most_dps = e.max_dps;
        advice.push_back(std::move(a));
    }
    if (e.flip_height_m) {
        const double fall_s = std::sqrt(2 * std::max(0.0, *e.flip_height_m) / gravity_mps2);
        const auto least = least_rate_for_flip_dps(*e.flip_height_m, e.airframe);
        RateAdvice a;
        if (!least) {
            a.sentence = worded("No flips at %.1f m: go higher, no rate is fast enough.", *e.flip_height_m);
            a.reckoning = worded("A fall of %.1f m takes √(2·%.1f/%.2f) = %.2f s; winding up takes longer", *e.flip_height_m,
                                 *e.flip_height_m, gravity_mps2, fall_s);
        } else {
            const double start_s = turn_s(*least, e.airframe) - 360 / *least;
            a.at_least_dps = *least;
            a.reckoning =
                worded("A fall of %.1f m takes √(2·%.1f/%.2f) = %.2f s; less %.2f s to wind up, 360° in %.2f s is %.0f °/s",
                       *e.flip_height_m, *e.flip_height_m, gravity_mps2, fall_s, start_s, fall_s - start_s, *least);
            a.sentence = e.max_dps >= *least
                             ? worded("Flips at %.1f m end in time: %.0f °/s is over the %.0f that they need.", *e.flip_height_m,
                                      e.max_dps, *least)
                             : worded("Faster: flips at %.1f m need at least %.0f °/s, or go higher.", *e.flip_height_m, *least);
        }
        advice.push_back(std::move(a));
    }
    if (advice.size() == 2 && advice[1].at_least_dps > advice[0].at_most_dps)
        advice.push_back({"Both do not go together yet: no flips at that height until the rocking is gone.",
                          worded("At most %.0f °/s for the hand, at least %.0f °/s for the flip", advice[0].at_most_dps,
                                 advice[1].at_least_dps),
                          0, rate_limit_dps});
    return advice;
}

} // namespace bh
