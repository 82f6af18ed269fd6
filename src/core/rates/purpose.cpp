#include "core/rates/purpose.h"

#include "core/rates/turn_numbers.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double rocks_from = 0.15; // share of the flights (house)
constexpr double slower_by = 0.15;  // one step of a change plan
constexpr double slowest_dps = 250; // common practice: no slower for a learner

double turn_s(double max_dps, const Airframe& airframe)
{
    return turn_numbers(LinearExpoCurve{max_dps, 0}, airframe).full_turn_s;
}

} // namespace

const std::array<RateBand, 4>& rate_bands()
{
    static constexpr std::array<RateBand, 4> bands{{
        {"learner", label("Learner"), 250, 350, 350, 300,
         label("slow enough for a hand that over-controls; a full roll takes just over a second")},
        {"filming", label("Calm filming"), 0, 450, 400, 300, label("nothing in the picture may jerk")},
        {"racing", label("Racing"), 350, 400, 380, 330, label("quick lines need steady hands more than quick turns")},
        {"freestyle", label("Freestyle"), 700, 1000, 800, 600, label("flips and rolls end before much height is lost")},
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

namespace {

/// "at once", "after 0.32 s", "after over 3 s".
Message settled_in_words(double settled_s)
{
    if (settled_s < 0.05) return message("at once");
    return settled_s >= most_settling_s ? message("after over %1 s", rounded(most_settling_s, 0))
                                        : message("after %1 s", rounded(settled_s, 2));
}

Message reckoned(const FlipsOnRate& flips)
{
    return message("%1 flips and rolls, settled %2 and %3° off level (medians; 0.5 s and 20° are the house's limits)",
                   flips.flips, settled_in_words(flips.settled_s), rounded(flips.off_level_deg, 0));
}

RateAdvice for_a_rocking_hand(const RateEvidence& e)
{
    RateAdvice a;
    a.at_most_dps = std::max(slowest_dps, (1 - slower_by) * e.max_dps);
    const bool slower = a.at_most_dps < e.max_dps;
    a.reckoning =
        slower ? message("Rocking %1 % of the newest flights, over %2 %; %3 °/s less %4 % is %5 °/s (house; no slower than %6)",
                         rounded(100 * *e.rocking_share, 0), rounded(100 * rocks_from, 0), rounded(e.max_dps, 0),
                         rounded(100 * slower_by, 0), rounded(a.at_most_dps, 0), rounded(slowest_dps, 0))
               : message("Rocking %1 % of the newest flights, over %2 %; %3 °/s is slow already",
                         rounded(100 * *e.rocking_share, 0), rounded(100 * rocks_from, 0), rounded(e.max_dps, 0));
    const bool good_flips = e.flips && e.flips->flips >= flips_to_judge_by && e.flips->keep();
    a.sentence = !slower ? message("The rates are slow already: smaller movements and another grip before anything else.")
                 : good_flips
                     ? message("Slower: go down to %1 °/s, the hand over-controls, though the flips are settled in time.",
                               rounded(a.at_most_dps, 0))
                     : message("Slower: go down to %1 °/s, the hand over-controls.", rounded(a.at_most_dps, 0));
    if (!slower) a.at_most_dps = e.max_dps;
    return a;
}

} // namespace

std::optional<RateAdvice> rate_verdict(const RateEvidence& e)
{
    if (e.rocking_share && *e.rocking_share > rocks_from) return for_a_rocking_hand(e);
    const bool judged = e.flips && e.flips->flips >= flips_to_judge_by;
    if (!judged && !e.rocking_share) return std::nullopt;
    RateAdvice a;
    if (judged && !e.flips->keep()) {
        a.at_most_dps = e.flips->better_dps();
        a.sentence = message("A little slower: %1 °/s, the flips are not settled in time.", rounded(a.at_most_dps, 0));
        a.reckoning = reckoned(*e.flips);
        return a;
    }
    a.sentence =
        judged ? message("Keep %1 °/s: the flips are settled in time. That counts more than any table.", rounded(e.max_dps, 0))
               : message("Nothing speaks against %1 °/s.", rounded(e.max_dps, 0));
    a.reckoning = judged
                      ? reckoned(*e.flips)
                      : message("Rocking %1 % of the newest flights, %2 % at most (house); fewer than three flips on this rate",
                                rounded(100 * *e.rocking_share, 0), rounded(100 * rocks_from, 0));
    return a;
}

std::vector<RateAdvice> rate_advice(const RateEvidence& e)
{
    std::vector<RateAdvice> advice;
    const auto verdict = rate_verdict(e);
    if (verdict) advice.push_back(*verdict);
    const double hand_at_most_dps = verdict ? verdict->at_most_dps : rate_limit_dps;
    if (e.flip_height_m) {
        const double fall_s = std::sqrt(2 * std::max(0.0, *e.flip_height_m) / gravity_mps2);
        const auto least = least_rate_for_flip_dps(*e.flip_height_m, e.airframe);
        RateAdvice a;
        if (!least) {
            a.sentence = message("No flips at %1 m: go higher, no rate is fast enough.", rounded(*e.flip_height_m, 1));
            a.reckoning = message("A fall of %1 m takes √(2·%1/%2) = %3 s; winding up takes longer", rounded(*e.flip_height_m, 1),
                                  rounded(gravity_mps2, 2), rounded(fall_s, 2));
        } else {
            const double start_s = turn_s(*least, e.airframe) - 360 / *least;
            a.at_least_dps = *least;
            a.reckoning = message("A fall of %1 m takes √(2·%1/%2) = %3 s; less %4 s to wind up, 360° in %5 s is %6 °/s",
                                  rounded(*e.flip_height_m, 1), rounded(gravity_mps2, 2), rounded(fall_s, 2), rounded(start_s, 2),
                                  rounded(fall_s - start_s, 2), rounded(*least, 0));
            a.sentence = e.max_dps >= *least ? message("Flips at %1 m end in time: %2 °/s is over the %3 that they need.",
                                                       rounded(*e.flip_height_m, 1), rounded(e.max_dps, 0), rounded(*least, 0))
                                             : message("Faster: flips at %1 m need at least %2 °/s, or go higher.",
                                                       rounded(*e.flip_height_m, 1), rounded(*least, 0));
        }
        advice.push_back(std::move(a));
    }
    if (const double needed_dps = e.flip_height_m ? advice.back().at_least_dps : 0; needed_dps > hand_at_most_dps)
        advice.push_back({message("Both do not go together yet: no flips at that height until the rocking is gone."),
                          message("At most %1 °/s for the hand, at least %2 °/s for the flip", rounded(hand_at_most_dps, 0),
                                  rounded(needed_dps, 0)),
                          0, rate_limit_dps});
    return advice;
}

} // namespace bh
