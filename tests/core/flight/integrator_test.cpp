// The integrator against an independent one: Boost.Odeint's Dormand-Prince 5(4) with error control, on the same equations.
#include "core/base/random.h"
#include "core/flight/dynamics.h"

#include <array>
#include <boost/numeric/odeint.hpp>
#include <catch2/catch.hpp>

using namespace bh;
namespace odeint = boost::numeric::odeint;

namespace {

using Numbers = std::array<double, 14>;

Numbers numbers(const State& s)
{
    Numbers n{};
    for (int i = 0; i < 3; ++i) n[i] = s.position_m[i], n[3 + i] = s.velocity_mps[i], n[10 + i] = s.rates_radps[i];
    for (int i = 0; i < 4; ++i) n[6 + i] = s.attitude.coeffs()[i];
    n[13] = s.thrust_share;
    return n;
}

State state(const Numbers& n)
{
    State s;
    for (int i = 0; i < 3; ++i) s.position_m[i] = n[i], s.velocity_mps[i] = n[3 + i], s.rates_radps[i] = n[10 + i];
    for (int i = 0; i < 4; ++i) s.attitude.coeffs()[i] = n[6 + i];
    s.thrust_share = n[13];
    return s;
}

} // namespace

TEST_CASE("ten seconds of wild flying end where an error-controlled integrator ends", "[core][flight][integrator]")
{
    SeededRandom random(GENERATE(1, 2, 3));
    Airframe airframe;
    State own;
    own.position_m.z() = -50;
    own.thrust_share = 0.25;
    Numbers other = numbers(own);
    for (int stretch = 0; stretch < 100; ++stretch) { // a tenth of a second each
        Demand demand;
        demand.throttle = random.uniform();
        for (int i = 0; i < 3; ++i) demand.rates_radps[i] = radians(400) * (2 * random.uniform() - 1);
        Surroundings around;
        around.density_kgpm3 = 1.1;
        around.thrust_ratio = 0.9 + 0.2 * random.uniform();
        for (int i = 0; i < 3; ++i)
            around.wind_mps[i] = 4 * random.normal(), around.angular_accel_radps2[i] = 5 * random.normal();
        for (int i = 0; i < 100; ++i) own = advanced(own, demand, airframe, around, 0.001);
        const auto flow = [&](const Numbers& n, Numbers& rate, double) {
            const StateRate r = derivative(state(n), demand, airframe, around);
            for (int i = 0; i < 3; ++i)
                rate[i] = r.velocity_mps[i], rate[3 + i] = r.acceleration_mps2[i], rate[10 + i] = r.angular_accel_radps2[i];
            for (int i = 0; i < 4; ++i) rate[6 + i] = r.attitude_rate[i];
            rate[13] = r.thrust_share_rate;
        };
        odeint::integrate_adaptive(odeint::make_controlled(1e-12, 1e-12, odeint::runge_kutta_dopri5<Numbers>()), flow, other, 0.0,
                                   0.1, 1e-4);
    }
    State end = state(other);
    end.attitude.normalize(); // the equations keep its length, their solution only nearly so
    CAPTURE((own.position_m - end.position_m).norm(), degrees(own.attitude.angularDistance(end.attitude)));
    CHECK((own.position_m - end.position_m).norm() < 0.001);
    CHECK(degrees(own.attitude.angularDistance(end.attitude)) < 0.01);
    CHECK((own.position_m - Vec3(0, 0, -50)).norm() > 5); // it did fly
}
