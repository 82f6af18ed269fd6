// Rotors and wind against momentum theory and the Dryden forms; sources stand with the rows of reference/physics.json.
#include "core/base/stats.h"
#include "core/flight/atmosphere.h"
#include "core/flight/rotor_air.h"
#include "core/flight/wind.h"
#include "reference.h"

#include <catch2/catch.hpp>
#include <complex>
#include <map>
#include <vector>

using namespace bh;

namespace {

constexpr double knot_mps = 1852.0 / 3600; // international nautical mile per hour

/// Calls `check(row)` for each row of a kind and counts the rows.
template <class Check>
int eachRow(const char* kind, Check check)
{
    int rows = 0;
    for (const auto& row : referenceRows("physics.json")) {
        if (row.at("kind") != kind) continue;
        CAPTURE(row.at("id").get<std::string>());
        check(row);
        ++rows;
    }
    return rows;
}

} // namespace

TEST_CASE("rotors take the induced velocities of momentum theory", "[core][flight][air]")
{
    CHECK(eachRow("hover", [](const auto& row) {
              const double area = disc_area_m2(input(row, "rotor_diameter"), static_cast<int>(input(row, "rotors")));
              const double density = standard_air(input(row, "geopotential_height")).density_kgpm3;
              const double thrust_n = input(row, "mass") * gravity_mps2;
              const double vi = hover_induced_mps(thrust_n, density, area);
              CHECK(meets(row["expected"]["disc_area"], area));
              CHECK(meets(row["expected"]["induced_velocity"], vi));
              CHECK(meets(row["expected"]["ideal_power"], thrust_n * vi));
          }) == 5);
    for (const auto& [kind, rows] : std::map<const char*, int>{{"climb_inflow", 2}, {"windmill_inflow", 1}})
        CHECK(eachRow(kind, [](const auto& row) {
                  CHECK(meets(row["expected"]["induced_velocity"],
                              axial_induced_mps(input(row, "hover_induced_velocity"), input(row, "climb_speed"))));
              }) == rows);
    CHECK(eachRow("vortex_ring", [](const auto& row) {
              CHECK(meets(row["expected"]["induced_over_vh"], axial_induced_mps(6, 6 * input(row, "climb_over_vh")) / 6));
          }) == 6);
    CHECK(eachRow("forward_inflow", [](const auto& row) {
              CHECK(meets(row["expected"]["induced_velocity"],
                          forward_induced_mps(input(row, "hover_induced_velocity"), input(row, "airspeed"),
                                              input(row, "disc_tilt_forward"))));
          }) == 3);
    CHECK(eachRow("ground_effect", [](const auto& row) {
              CHECK(meets(row["expected"]["thrust_ratio"],
                          ground_effect_ratio(input(row, "rotor_radius"), input(row, "rotor_height"))));
          }) == 6);
    CHECK(ground_effect_ratio(0.06, 0) == ground_effect_ratio(0.06, 0.03)); // capped where the formula ends
}

TEST_CASE("a rotor is in its own wake only when it sinks slowly and straight", "[core][flight][air]")
{
    double most = 0;
    for (double r = 1; r > -3; r -= 0.01) {
        const double depth = wake_depth(7, 7 * r, 0);
        CHECK(depth >= 0);
        CHECK(depth <= 1);
        if (r >= 0 || r < -1.7) CHECK(depth == 0);
        most = std::max(most, depth);
    }
    CHECK(most == Approx(1).margin(0.001));
    CHECK(wake_depth(7, -8, 3.5) == Approx(0.5 * wake_depth(7, -8, 0)));
    CHECK(wake_depth(7, -8, 7) == 0);
    CHECK(wake_depth(0, -8, 0) == 0);
}

TEST_CASE("wind and turbulence have the sizes of MIL-F-8785C", "[core][flight][air]")
{
    CHECK(eachRow("wind_profile", [](const auto& row) {
              const double wind = wind_at_height_mps(input(row, "wind_at_20ft") * knot_mps, input(row, "height") * foot_m,
                                                     input(row, "roughness") * foot_m);
              CHECK(meets(row["expected"]["wind"], wind / knot_mps));
          }) == 2);
    CHECK(wind_at_height_mps(5, 0) == 0);
    CHECK(wind_at_height_mps(5, 20 * foot_m) == Approx(5));
    CHECK(eachRow("dryden_8785c", [](const auto& row) {
              const Turbulence t = low_height_turbulence(input(row, "height") * foot_m, input(row, "wind_at_20ft") * knot_mps);
              const std::pair<const char*, double> lengths[] = {{"Lu", t.length_u_m}, {"Lv", t.length_v_m}, {"Lw", t.length_w_m}};
              for (const auto& [name, length_m] : lengths) CHECK(meets(row["expected"][name], length_m / foot_m));
              const std::pair<const char*, double> sigmas[] = {
                  {"sigma_u", t.sigma_u_mps}, {"sigma_v", t.sigma_v_mps}, {"sigma_w", t.sigma_w_mps}};
              for (const auto& [name, sigma_mps] : sigmas) CHECK(meets(row["expected"][name], sigma_mps / knot_mps));
          }) == 4);
    CHECK(eachRow("dryden_spectra", [](const auto& row) {
              const double omega = input(row, "omega"), sigma = input(row, "sigma"), length = input(row, "length"),
                           speed = input(row, "airspeed");
              CHECK(meets(row["expected"]["phi_u"], dryden_along(omega, sigma, length, speed)));
              CHECK(meets(row["expected"]["phi_w"], dryden_across(omega, sigma, length, speed)));
          }) == 2);
}

TEST_CASE("gusts have the Dryden spectra, the correlation that follows, and are the same for the same seed",
          "[core][flight][air][slow]")
{
    // Short lengths, so that a record of some minutes holds many of them.
    const Turbulence t{12, 12, 6, 1.5, 1.2, 0.8};
    constexpr double speed = 10, dt_s = 0.02;
    constexpr std::size_t block = 1000, blocks = 400;
    Gusts gusts(42), same(42), other(43);
    std::vector<double> u, v, w;
    bool differs = false;
    for (std::size_t i = 0; i < block * blocks; ++i) {
        const Vec3 g = gusts.step(t, speed, dt_s);
        REQUIRE(g == same.step(t, speed, dt_s));
        differs = differs || g != other.step(t, speed, dt_s);
        u.push_back(g.x()), v.push_back(g.y()), w.push_back(g.z());
    }
    CHECK(differs);
    CHECK(sample_sd(u) == Approx(t.sigma_u_mps).epsilon(0.03));
    CHECK(sample_sd(v) == Approx(t.sigma_v_mps).epsilon(0.03));
    CHECK(sample_sd(w) == Approx(t.sigma_w_mps).epsilon(0.03));
    // exp(−V·lag/L), the inverse transform of the along-wind spectrum.
    for (const std::size_t lag : {10U, 50U}) {
        double sum = 0;
        for (std::size_t i = lag; i < u.size(); ++i) sum += u[i] * u[i - lag];
        CHECK(sum / static_cast<double>(u.size() - lag) / (t.sigma_u_mps * t.sigma_u_mps) ==
              Approx(std::exp(-speed * static_cast<double>(lag) * dt_s / t.length_u_m)).margin(0.03));
    }
    // Averaged periodograms (Bartlett 1948) at frequencies well inside the record.
    const auto spectrum = [&](const std::vector<double>& x, std::size_t k) {
        double sum = 0;
        for (std::size_t b = 0; b < blocks; ++b) {
            std::complex<double> z = 0;
            for (std::size_t i = 0; i < block; ++i)
                z += x[b * block + i] *
                     std::polar(1.0, -2 * std::numbers::pi * static_cast<double>(k * i) / static_cast<double>(block));
            sum += std::norm(z);
        }
        return sum / blocks * dt_s / static_cast<double>(block) / std::numbers::pi; // one-sided, per rad/s
    };
    for (const std::size_t k : {4U, 10U, 20U, 40U}) {
        const double omega = 2 * std::numbers::pi * static_cast<double>(k) / (static_cast<double>(block) * dt_s);
        CAPTURE(omega);
        CHECK(spectrum(u, k) == Approx(dryden_along(omega, t.sigma_u_mps, t.length_u_m, speed)).epsilon(0.2));
        CHECK(spectrum(w, k) == Approx(dryden_across(omega, t.sigma_w_mps, t.length_w_m, speed)).epsilon(0.2));
    }
    // From the first step on, not only once the filters have forgotten a calm that never was: over seeds, and so its correlation
    // with what comes half a second later, which is all that a stationary filter's state can tell.
    const Turbulence at_5_m = low_height_turbulence(5, 7);
    std::vector<double> first[3], later[3];
    double both = 0;
    for (std::uint64_t seed = 1; seed <= 4000; ++seed) {
        Gusts begun(seed);
        Vec3 g = begun.step(at_5_m, speed, dt_s);
        const double u0 = g.x();
        for (int k = 0; k < 3; ++k) first[k].push_back(g[k]);
        for (int i = 0; i < 25; ++i) g = begun.step(at_5_m, speed, dt_s);
        for (int k = 0; k < 3; ++k) later[k].push_back(g[k]);
        both += u0 * g.x();
    }
    const double sigmas[] = {at_5_m.sigma_u_mps, at_5_m.sigma_v_mps, at_5_m.sigma_w_mps};
    for (int k = 0; k < 3; ++k) { // the spread of an SD from 4,000 values is 1.1 %
        CHECK(sample_sd(first[k]) == Approx(sigmas[k]).epsilon(0.04));
        CHECK(sample_sd(later[k]) == Approx(sigmas[k]).epsilon(0.04));
    }
    CHECK(both / 4000 / (sigmas[0] * sigmas[0]) == Approx(std::exp(-speed * 0.5 / at_5_m.length_u_m)).margin(0.05));
    // The published rows' own correlation, at a step of that lag.
    CHECK(eachRow("dryden_u_correlation", [](const nlohmann::json& row) {
              const Turbulence one{input(row, "length"), 60, 60, 1, 1, 1};
              Gusts long_one(7);
              double sum = 0, squares = 0, last = long_one.step(one, input(row, "airspeed"), input(row, "lag")).x();
              for (int i = 0; i < 200000; ++i) {
                  const double now = long_one.step(one, input(row, "airspeed"), input(row, "lag")).x();
                  sum += last * now, squares += last * last, last = now;
              }
              CHECK(sum / squares == Approx(row["expected"]["correlation"]["value"].get<double>()).margin(0.001));
          }) == 2);
}
