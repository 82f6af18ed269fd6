#include "core/setup/way_back.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bh {
namespace {

constexpr std::array<Eased, 4> in_order{Eased::Power, Eased::Propellers, Eased::Rates, Eased::Tilt};
constexpr std::array<std::string_view, 4> keys{"power", "propellers", "rates", "tilt"};
constexpr std::array<double, 4> step_of{0.1, 0.1, 50, 5}; // house
constexpr double hardly = 1e-6;

} // namespace

std::string_view eased_key(Eased what) { return keys[static_cast<std::size_t>(what)]; }

std::optional<Eased> eased_from_key(std::string_view key)
{
    const auto found = std::find(keys.begin(), keys.end(), key);
    return found == keys.end() ? std::nullopt : std::optional(in_order[static_cast<std::size_t>(found - keys.begin())]);
}

double value_of(const Easing& easing, Eased what)
{
    switch (what) {
    case Eased::Power: return easing.power_share;
    case Eased::Propellers: return easing.propeller_ratio;
    case Eased::Rates: return easing.rate_dps;
    case Eased::Tilt: return easing.tilt_deg;
    }
    return 0;
}

std::vector<Rung> ladder(const Easing& eased, const Easing& real)
{
    std::vector<Rung> rungs;
    for (const Eased what : in_order) {
        const double step = step_of[static_cast<std::size_t>(what)], end = value_of(real, what);
        for (double from = value_of(eased, what); from < end - hardly * step;) {
            const double to = from + (1.5 + hardly) * step >= end ? end : from + step; // no last step that is hardly one
            rungs.push_back({what, from, to});
            from = to;
        }
    }
    return rungs;
}

WayBackStanding standing_of(const WayBack& way, const Easing& now)
{
    WayBackStanding standing;
    standing.rungs = ladder(way.eased, way.real);
    for (const Rung& rung : standing.rungs) {
        const double is = value_of(now, rung.what);
        if (is >= rung.to - hardly * step_of[static_cast<std::size_t>(rung.what)]) {
            if (!standing.next) ++standing.climbed;
            continue;
        }
        if (!standing.next) standing.next = Rung{rung.what, is, rung.to};
    }
    if (!way.taken.empty() && !way.taken.back().back()) {
        const Rung& last = way.taken.back().rung;
        const bool stands = std::abs(value_of(now, last.what) - last.to) < hardly * step_of[static_cast<std::size_t>(last.what)];
        if (stands) standing.back = Rung{last.what, last.to, (last.from + last.to) / 2};
    }
    return standing;
}

WayBackAdvice advice(const WayBackStanding& standing, const WayBackEvidence& evidence, const WayBackRules& rules)
{
    const bool rocks = evidence.rocking_share >= rules.rocks_above;
    if (rocks && standing.back && evidence.flights >= rules.flights_to_go_back) return WayBackAdvice::GoBack;
    if (!standing.next) return WayBackAdvice::Through;
    if (evidence.flights < rules.flights_to_step) return WayBackAdvice::FlyMore;
    return rocks ? WayBackAdvice::Stay : WayBackAdvice::Step;
}

} // namespace bh
