// What must hold for any flight whatever, searched at random by RapidCheck (set RC_PARAMS to repeat or widen a search).
#include "core/flight/flight.h"

#include <catch2/catch.hpp>
#include <rapidcheck/catch.h>

using namespace bh;

namespace {

/// A number of `low`…`high` in thousandths, so that a found case is short to read.
rc::Gen<double> between(double low, double high)
{
    return rc::gen::map(rc::gen::inRange(0, 1001), [=](int n) { return low + (high - low) * n / 1000; });
}

rc::Gen<Sticks> anySticks()
{
    return rc::gen::apply(
        [](double t, double y, double p, double r) {
            return Sticks{t, y, p, r};
        },
        between(0, 1), between(-1, 1), between(-1, 1), between(-1, 1));
}

rc::Gen<Conditions> anyConditions()
{
    return rc::gen::apply(
        [](double wind, double from, std::array<bool, 4> on, double bent, int seed) {
            Conditions c;
            c.wind_mps = wind, c.wind_from_deg = from, c.bent_propeller = bent, c.seed = static_cast<std::uint64_t>(seed);
            c.gusts = on[0], c.ground_effect = on[1], c.prop_wash = on[2], c.battery_sag = on[3];
            return c;
        },
        between(0, 15), between(0, 360), rc::gen::arbitrary<std::array<bool, 4>>(), between(0, 0.5), rc::gen::inRange(0, 1000));
}

rc::Gen<Mode> anyMode() { return rc::gen::element(Mode::Acro, Mode::Angle, Mode::Horizon, Mode::Hold, Mode::Sport); }

Flight start(Mode mode, const Conditions& conditions, double height_m = 20)
{
    FlightSetup setup;
    setup.mode = mode;
    setup.conditions = conditions;
    setup.start.height_m = height_m;
    return *Flight::create(setup);
}

constexpr int steps_each = 150; // a stick sequence is a list of positions, held this long

} // namespace

TEST_CASE("flights hold what physics holds, for anything that sticks can do", "[core][flight][random][slow]")
{
    rc::prop("no number goes wrong", [] {
        const auto sticks = *rc::gen::container<std::vector<Sticks>>(anySticks());
        Flight flight = start(*anyMode(), *anyConditions(), *between(0.5, 30));
        for (const Sticks& s : sticks)
            for (int i = 0; i < steps_each; ++i) flight.step(s);
        const State& s = flight.state();
        RC_ASSERT(s.position_m.allFinite());
        RC_ASSERT(s.velocity_mps.allFinite());
        RC_ASSERT(s.velocity_mps.norm() < 120);
        RC_ASSERT(std::abs(s.attitude.norm() - 1) < 1e-9);
        RC_ASSERT(s.rates_radps.allFinite());
        RC_ASSERT(s.height_m() >= 0);
    });
    rc::prop("energy never grows without thrust in still air", [] {
        const Airframe airframe;
        State state;
        state.position_m.z() = -200;
        for (int i = 0; i < 3; ++i) state.velocity_mps[i] = *between(-25, 25);
        state.attitude = attitude(*between(-180, 180), *between(-90, 90), *between(-180, 180));
        const auto energy = [&] { return 0.5 * state.velocity_mps.squaredNorm() - gravity_mps2 * state.position_m.z(); };
        double before = energy();
        for (int turn = 0; turn < 10; ++turn) {
            Demand demand;
            for (int i = 0; i < 3; ++i) demand.rates_radps[i] = *between(-10, 10);
            for (int i = 0; i < 100; ++i) {
                state = advanced(state, demand, airframe, {}, 0.001);
                RC_ASSERT(energy() <= before + 1e-9);
                before = energy();
            }
        }
    });
    rc::prop("left and right are mirror images", [] {
        const auto sticks = *rc::gen::container<std::vector<Sticks>>(anySticks());
        const Mode mode = *anyMode();
        Flight one = start(mode, {}, 60), other = start(mode, {}, 60);
        for (const Sticks& s : sticks)
            for (int i = 0; i < steps_each; ++i) {
                one.step(s);
                other.step({s.throttle, -s.yaw, s.pitch, -s.roll});
            }
        const Vec3 a = one.state().position_m, b = other.state().position_m;
        RC_ASSERT((a - Vec3(b.x(), -b.y(), b.z())).norm() < 1e-6);
    });
    rc::prop("the same seed flies the same flight, in whatever bursts it is computed", [] {
        const auto sticks = *rc::gen::container<std::vector<Sticks>>(anySticks());
        const Mode mode = *anyMode();
        const Conditions conditions = *anyConditions();
        const auto bursts = *rc::gen::nonEmpty(rc::gen::container<std::vector<int>>(rc::gen::inRange(50, 900)));
        Flight one = start(mode, conditions), other = start(mode, conditions);
        const int steps = steps_each * static_cast<int>(sticks.size());
        for (int i = 0; i < steps; ++i) one.step(sticks[static_cast<std::size_t>(i / steps_each)]);
        std::size_t burst = 0;
        for (int i = 0; i < steps;) {
            Flight copy = other;
            for (const int end = std::min(steps, i + bursts[burst++ % bursts.size()]); i < end; ++i)
                copy.step(sticks[static_cast<std::size_t>(i / steps_each)]);
            other = copy;
        }
        RC_ASSERT(one.state().position_m == other.state().position_m);
        RC_ASSERT(one.state().attitude.coeffs() == other.state().attitude.coeffs());
        RC_ASSERT(one.log().height_m == other.log().height_m);
    });
}
