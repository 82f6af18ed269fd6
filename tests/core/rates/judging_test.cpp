// Judging rates by flips, and the plan of the full stick alone.
#include "core/rates/change_plan.h"
#include "core/rates/flip_evidence.h"
#include "core/rates/rate_table.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"

#include <catch2/catch.hpp>

using namespace bh;

TEST_CASE("what a rate means is 360/rate and a free fall", "[core][rates]")
{
    // By hand, g = 9.80665 m/s²: 250 °/s: 1.44 s, 10.2 m; 350: 1.03 s, 5.2 m; 450: 0.80 s, 3.1 m; 680: 0.53 s, 1.4 m;
    // 800: 0.45 s, 1.0 m; 1000: 0.36 s, 0.6 m.
    const double turn_s[] = {1.44, 1.03, 0.80, 0.53, 0.45, 0.36}, fall_m[] = {10.2, 5.2, 3.1, 1.4, 1.0, 0.6};
    for (std::size_t i = 0; i < flown_rates.size(); ++i) {
        CHECK(flown_rates[i].turn_s() == Approx(turn_s[i]).margin(0.005));
        CHECK(flown_rates[i].fall_m() == Approx(fall_m[i]).margin(0.05));
    }
}

TEST_CASE("the full stick alone goes 450, 530, 600, 680, or in one jump, and yaw stays", "[core][rates]")
{
    const auto profile = [](double max) {
        return RateProfile{"", CentreMaxCurve{190, max, 0.3}, CentreMaxCurve{190, max, 0.3}, CentreMaxCurve{190, 400, 0.3}, {}};
    };
    ChangePlan plan;
    plan.from = profile(450);
    plan.to = profile(680);
    plan.ranges = {{10, 500, 10}, {10, 1500, 10}, {0, 1, 0.01}};
    std::vector<double> stops;
    auto standing = standing_of(plan);
    REQUIRE(standing);
    for (const RateStep& step : standing->left) {
        CHECK(step.axes == std::vector<RateAxis>{RateAxis::Roll, RateAxis::Pitch});
        stops.push_back(step.to);
    }
    CHECK(stops == std::vector<double>{530, 600, 680}); // common practice
    plan.most_share = 1000;
    standing = standing_of(plan);
    REQUIRE(standing->left.size() == 1);
    CHECK(standing->left[0].to == 680);
}

TEST_CASE("flips are judged by when they settle, by the rate that they were flown on", "[core][rates]")
{
    const auto flip = [](double rate, double settled_s) { return FlipFlown{Spin::About::Roll, rate, 5, settled_s}; };
    std::vector<FlipFlown> flips{flip(450, 0.7), flip(451, 0.9), flip(450, 0.6), flip(680, 0.2), flip(680, 0.3), flip(680, 0.9)};
    flips.push_back({Spin::About::Pitch, 680, 30, std::nullopt}); // never settled
    const auto rates = evidence_by_rate(flips);
    REQUIRE(rates.size() == 2);
    CHECK(rates[0].rate_dps == 450);
    CHECK(rates[0].settled_s == Approx(0.7));
    CHECK_FALSE(rates[0].keep());
    CHECK(rates[0].better_dps() == Approx(427.5)); // 5 % slower
    CHECK(rates[1].flips == 4);
    CHECK(rates[1].settled_in_time == 2);
    CHECK(rates[1].settled_s == Approx(0.6)); // of 0.2, 0.3, 0.9 and none
}

TEST_CASE("a flown roll tells its rate and when it settled", "[core][rates]")
{
    const DataFolder data(BH_DATA);
    const Drill pair = *data.drill("roll-pair");
    const FlightSetup setup = *data.setup_for(pair, RateProfile{});
    const auto flown = fly_drill(pair, setup, 0.95, 3);
    const auto flips = flips_flown(flown->log, setup.rates);
    REQUIRE(flips.size() == 2);
    for (const FlipFlown& f : flips) {
        CHECK(f.rate_dps == Approx(rate_dps(setup.rates.roll, 1)));
        REQUIRE(f.settled_s);
        CHECK(*f.settled_s < 1);
    }
    // Settled at once: a body that stops level.
    FlightLog still;
    for (int i = 0; i < 300; ++i) {
        FlightSample s;
        s.t_s = i * 0.01;
        const double turned = std::min(360.0, std::max(0.0, (s.t_s - 0.5) * 720));
        const Quat q = attitude(0, 0, turned);
        s.qw = q.w(), s.qx = q.x(), s.qy = q.y(), s.qz = q.z();
        s.p_dps = turned > 0 && turned < 360 ? 720 : 0;
        still.append(as_logged(s));
    }
    const auto at_once = flips_flown(still, RateProfile{});
    REQUIRE(at_once.size() == 1);
    CHECK(*at_once[0].settled_s <= 0.02);
}

TEST_CASE("a tumble is no flip, and what nobody asked for tells nothing of the rate", "[core][rates]")
{
    // Turned by a hand that is not ours: a constant rate for so long, and still.
    const auto turned = [](double degrees_about_roll) {
        FlightLog log;
        constexpr double rate_dps = 350;
        double bank = 0;
        for (int i = 0; i < 400; ++i) {
            const bool turns = i > 50 && std::abs(bank) < degrees_about_roll;
            const Quat q = attitude(0, 0, bank);
            FlightSample s;
            s.t_s = 0.01 * i, s.armed = true, s.height_m = 30, s.p_dps = turns ? rate_dps : 0;
            s.qw = q.w(), s.qx = q.x(), s.qy = q.y(), s.qz = q.z();
            log.append(s);
            if (turns) bank += 0.01 * rate_dps;
        }
        return log;
    };
    CHECK(flips_flown(turned(360), RateProfile{}).size() == 1);
    CHECK(flips_flown(turned(230), RateProfile{}).empty());
    CHECK(flips_flown(turned(360), RateProfile{}, false, true).empty()); // the drill asked for flips
}
