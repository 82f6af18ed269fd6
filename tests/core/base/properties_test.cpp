// Properties that must hold for any input, tried with many seeded random ones.
#include "core/base/random.h"
#include "core/base/stats.h"
#include "core/curves/rate_curve.h"
#include "core/drill/drill_score.h"
#include "core/progress/practice_clock.h"
#include "core/standin/stand_in_controller.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <cmath>
#include <numeric>

using namespace bh;

namespace {

/// A log of nonsense: every value finite, times rising, everything else as it comes.
FlightLog random_log(SeededRandom& random, std::size_t rows)
{
    FlightLog log;
    double t_s = 0;
    for (std::size_t i = 0; i < rows; ++i) {
        FlightSample s;
        s.t_s = t_s += 0.001 + 0.05 * random.uniform();
        s.north_m = 400 * (random.uniform() - 0.5);
        s.east_m = 400 * (random.uniform() - 0.5);
        s.height_m = 30 * random.uniform() * (random.uniform() < 0.7);
        s.climb_mps = 20 * (random.uniform() - 0.5);
        s.vn_mps = 40 * (random.uniform() - 0.5);
        const Quat q = Quat(random.uniform() - 0.5, random.uniform() - 0.5, random.uniform() - 0.5, 0.1).normalized();
        s.qw = q.w(), s.qx = q.x(), s.qy = q.y(), s.qz = q.z();
        s.sticks = {random.uniform(), 2 * random.uniform() - 1, 2 * random.uniform() - 1, 2 * random.uniform() - 1};
        s.mode = random.uniform() < 0.5 ? Mode::Acro : Mode::Angle;
        s.armed = random.uniform() < 0.9;
        log.append(as_logged(s));
        if (random.uniform() < 0.02) log.events.push_back({i, static_cast<FlightEvent>(static_cast<int>(8 * random.uniform()))});
    }
    return log;
}

std::vector<Drill> allDrills(const DataFolder& data)
{
    auto drills = data.drills();
    REQUIRE(drills);
    return std::move(*drills);
}

} // namespace

TEST_CASE("measures of any log are finite, and shares are shares", "[core][measures]")
{
    SeededRandom random(41);
    for (int round = 0; round < 60; ++round) {
        const FlightLog log = random_log(random, 1 + static_cast<std::size_t>(400 * random.uniform()));
        const auto first = static_cast<std::size_t>(random.uniform() * static_cast<double>(log.size()));
        const auto last = first + static_cast<std::size_t>(random.uniform() * static_cast<double>(log.size() - first));
        for (std::size_t m = 0; m < measure_count; ++m) {
            const auto what = static_cast<Measure>(m);
            const auto value = measure(log, {first, last}, what, {});
            CAPTURE(round, measure_key(what), first, last);
            if (first == last) CHECK_FALSE(value);
            if (!value) continue;
            CHECK(std::isfinite(*value));
            const bool signed_one = what == Measure::TouchdownMps || what == Measure::HeightMeanErrorM ||
                                    what == Measure::TurnedDeg || what == Measure::YawLeadMs || what == Measure::ClearanceM ||
                                    what == Measure::SparcSticks;
            CHECK((*value >= 0 || signed_one));
            if (what == Measure::HeightInWindow || what == Measure::SidewaysShare || what == Measure::RockingShare ||
                what == Measure::YawShare)
                CHECK(*value <= 1);
            if (what == Measure::HeadingErrorDeg) CHECK(*value <= 180);
        }
    }
}

TEST_CASE("measures do not care where or in which direction a flight is flown", "[core][measures]")
{
    const DataFolder data(BH_DATA);
    const Drill drill = *data.drill("straight-run");
    const FlightLog log = fly_drill(drill, *data.setup_for(drill, RateProfile{}), 0.8, 9)
                              ->log; // whole: after a tumble nobody can say how often it turned
    const double turn = 1.1;
    const Quat about_down(Eigen::AngleAxisd(turn, Vec3::UnitZ()));
    FlightLog moved = log;
    for (std::size_t i = 0; i < log.size(); ++i) {
        const auto rotate = [&](double& north, double& east) {
            const double n = north;
            north = n * std::cos(turn) - east * std::sin(turn);
            east = n * std::sin(turn) + east * std::cos(turn);
        };
        rotate(moved.north_m[i], moved.east_m[i]);
        rotate(moved.vn_mps[i], moved.ve_mps[i]);
        moved.north_m[i] += 31, moved.east_m[i] -= 12;
        const Quat q = about_down * Quat(log.qw[i], log.qx[i], log.qy[i], log.qz[i]);
        moved.qw[i] = q.w(), moved.qx[i] = q.x(), moved.qy[i] = q.y(), moved.qz[i] = q.z();
    }
    const RowSpan all{0, log.size()};
    for (std::size_t m = 0; m < measure_count; ++m) {
        const auto what = static_cast<Measure>(m);
        CAPTURE(measure_key(what));
        MeasureOptions options;
        options.along_m = 20; // not where it stood when it began, where the rounding of a log decides
        const auto here = measure(log, all, what, options);
        const auto there = measure(moved, all, what, options);
        REQUIRE(here.has_value() == there.has_value());
        if (here) CHECK(*there == Approx(*here).margin(1e-3)); // attitudes are logged to 1e-5
    }
}

TEST_CASE("a mirrored flight has the same measures", "[core][measures]")
{
    const DataFolder data(BH_DATA);
    const Drill drill = *data.drill("straight-run");
    const FlightLog log = fly_drill(drill, *data.setup_for(drill, RateProfile{}), 0.6, 10)->log;
    FlightLog mirrored = log;
    const auto flip = [](std::vector<double>& column) {
        for (double& v : column) v = -v;
    };
    for (auto* column : {&mirrored.east_m, &mirrored.ve_mps, &mirrored.qx, &mirrored.qz, &mirrored.p_dps, &mirrored.r_dps,
                         &mirrored.stick_roll, &mirrored.stick_yaw})
        flip(*column);
    for (std::size_t m = 0; m < measure_count; ++m) {
        const auto what = static_cast<Measure>(m);
        CAPTURE(measure_key(what));
        const auto here = measure(log, {0, log.size()}, what, {});
        const auto there = measure(mirrored, {0, log.size()}, what, {});
        REQUIRE(here.has_value() == there.has_value());
        if (here) CHECK(*there == Approx(what == Measure::TurnedDeg ? -*here : *here).margin(1e-9)); // its sign is the side
    }
}

TEST_CASE("a drill follows any log to an end with a score from 0 to 100", "[core][drill][slow]")
{
    SeededRandom random(5);
    const DataFolder data(BH_DATA);
    const std::vector<Drill> drills = allDrills(data);
    for (int round = 0; round < 60; ++round)
        for (const Drill& drill : drills) {
            const FlightLog log = random_log(random, 2 + static_cast<std::size_t>(600 * random.uniform()));
            const auto result = score_log(drill, log);
            if (!result) continue; // never armed
            CAPTURE(round, drill.id);
            CHECK(result->score >= 0);
            CHECK(result->score <= 100);
            CHECK(result->criteria.size() == drill.criteria.size());
            CHECK_FALSE(summary_of(*result).empty());
            if (!result->disqualified.empty()) CHECK_FALSE(result->passed);
            if (result->passed)
                for (const CriterionScore& c : result->criteria) CHECK((!c.criterion.must || c.passed()));
        }
}

TEST_CASE("following a growing log row by row ends as following it whole", "[core][drill][slow]")
{
    const DataFolder data(BH_DATA);
    for (const Drill& drill : allDrills(data))
        for (std::uint64_t seed : {1u, 2u, 3u}) {
            if (drill.sticks_only) continue;
            const auto flown = fly_drill(drill, *data.setup_for(drill, RateProfile{}), 0.5, seed);
            REQUIRE(flown);
            DrillRunner runner(drill);
            FlightLog growing;
            auto event = flown->log.events.begin();
            for (std::size_t i = 0; i < flown->log.size(); ++i) {
                for (; event != flown->log.events.end() && event->row == i; ++event) growing.events.push_back(*event);
                growing.append(flown->log.sample(i));
                runner.follow(growing);
            }
            runner.end_of_log();
            CAPTURE(drill.id, seed);
            CHECK(score(runner, growing).score == flown->score.score);
            CHECK(score(runner, growing).passed == flown->score.passed);
            CHECK(summary_of(score(runner, growing)) == summary_of(flown->score));
        }
}

TEST_CASE("more skill scores more, over many seeds", "[core][standin][slow]")
{
    const DataFolder data(BH_DATA);
    for (const Drill& drill : allDrills(data)) {
        double previous = -1;
        for (double skill : {0.1, 0.4, 0.7, 0.95}) {
            std::vector<double> scores;
            for (std::uint64_t seed = 1; seed <= 12; ++seed)
                scores.push_back(fly_drill(drill, *data.setup_for(drill, RateProfile{}), skill, seed)->score.score);
            CAPTURE(drill.id, skill, mean(scores));
            CHECK(mean(scores) >= previous - 3); // 12 flights tell a mean to a few marks
            previous = mean(scores);
        }
        CHECK(previous > 80);
    }
}

TEST_CASE("marks are 0 at fail, 60 at pass, 100 at merit and never leave the way between", "[core][drill]")
{
    SeededRandom random(8);
    for (int round = 0; round < 500; ++round) {
        Criterion c;
        c.fail = 10 * random.uniform();
        const double sign = random.uniform() < 0.5 ? -1 : 1;
        c.pass = c.fail + sign * (0.1 + random.uniform());
        c.merit = c.pass + sign * (0.1 + random.uniform());
        CHECK(marks_for(c, c.fail) == Approx(0).margin(1e-9));
        CHECK(marks_for(c, c.pass) == Approx(60));
        CHECK(marks_for(c, c.merit) == Approx(100));
        CHECK(marks_for(c, c.merit + sign) == Approx(100));
        CHECK(marks_for(c, c.fail - sign) == Approx(0).margin(1e-9));
        double last = -1;
        for (int i = 0; i <= 50; ++i) {
            const double marks = marks_for(c, c.fail + (c.merit - c.fail) * i / 50);
            CHECK(marks >= last);
            last = marks;
        }
    }
}

TEST_CASE("rate curves are odd, never fall, and their inverse finds the stick again", "[core][rates]")
{
    SeededRandom random(17);
    for (int round = 0; round < 400; ++round) {
        const double most = 100 + 1800 * random.uniform();
        const RateCurve curve = round % 2 ? RateCurve(CentreMaxCurve{20 + 400 * random.uniform(), most, random.uniform()})
                                          : RateCurve(LinearExpoCurve{most, random.uniform()});
        REQUIRE(checked(curve));
        double last = 0;
        for (int i = 0; i <= 100; ++i) {
            const double stick = i / 100.0;
            const double rate = rate_dps(curve, stick);
            CHECK(rate_dps(curve, -stick) == -rate);
            CHECK(rate >= last - 1e-9);
            CHECK(rate <= rate_limit_dps);
            if (rate > last + 1e-6 && rate < rate_limit_dps) CHECK(stick_for_rate(curve, rate) == Approx(stick).margin(1e-6));
            last = rate;
        }
        // The slope at the centre, against the difference quotient.
        CHECK(centre_slope_dps(curve) == Approx(rate_dps(curve, 1e-7) / 1e-7).epsilon(1e-4).margin(1e-3));
    }
}

TEST_CASE("a calibration of any recording holds finite numbers, or problems", "[core][controller][slow]")
{
    SeededRandom random(61);
    int usable = 0;
    for (int round = 0; round < 300; ++round) {
        StandInController controller;
        controller.rate_hz = 20 + 300 * random.uniform();
        controller.jitter_share = 0.01 * random.uniform();
        controller.throttle_sprung = random.uniform() < 0.3;
        const ControllerRecording whole = stand_in_recording(controller, static_cast<std::uint64_t>(round));
        // Pieces go missing, as they do when a prompt was short or a device stalled.
        const double cut_s = whole.t_s.back() * random.uniform();
        const double cut_for_s = random.uniform() < 0.5 ? 0.3 * random.uniform() : 12 * random.uniform();
        const double keep = random.uniform() < 0.3 ? 0.1 : 1;
        ControllerRecording recording;
        for (std::size_t i = 0; i < whole.samples(); ++i) {
            if ((whole.t_s[i] > cut_s && whole.t_s[i] < cut_s + cut_for_s) || random.uniform() > keep) continue;
            std::vector<int> counts;
            for (const auto& axis : whole.axes_counts) counts.push_back(axis[i]);
            recording.append(whole.t_s[i], counts, whole.prompts[i]);
        }
        const auto calibration = calibrate(recording);
        if (!calibration || !calibration->usable()) continue;
        ++usable;
        CAPTURE(round, cut_s, cut_for_s);
        for (const FunctionCalibration& f : calibration->functions) {
            for (double value : {f.low_counts, f.centre_counts, f.high_counts, f.jitter_counts, f.hysteresis_counts,
                                 f.rest_after_high_counts, f.rest_after_low_counts, f.dead_band, f.travel_share})
                CHECK(std::isfinite(value));
            CHECK(f.axis == controller.axes[static_cast<std::size_t>(&f - calibration->functions.data())]);
            CHECK_FALSE(f.reason.empty());
        }
        for (const CrossTalk& c : calibration->cross_talk) CHECK(std::isfinite(c.share));
        CHECK(std::isfinite(calibration->interval_ms));
    }
    CHECK(usable > 100);
}

TEST_CASE("the practice clock splits time without losing any", "[core][progress]")
{
    SeededRandom random(23);
    for (int round = 0; round < 50; ++round) {
        PracticeClock clock;
        double t_s = 100 * random.uniform();
        const double from_s = t_s;
        Sticks sticks;
        clock.update(t_s, sticks, false);
        for (int i = 0; i < 300; ++i) {
            t_s += 0.3 * random.uniform();
            if (random.uniform() < 0.05) sticks.roll = 2 * random.uniform() - 1;
            clock.update(t_s, sticks, random.uniform() < 0.3);
        }
        CHECK(clock.active_s() + clock.idle_s() == Approx(t_s - from_s));
        CHECK(clock.active_s() >= 0);
        CHECK(clock.idle_s() >= 0);
    }
}

TEST_CASE("percentiles of sorted numbers agree with their definition", "[core][stats]")
{
    SeededRandom random(3);
    for (int round = 0; round < 100; ++round) {
        std::vector<double> values(1 + static_cast<std::size_t>(30 * random.uniform()));
        for (double& v : values) v = random.normal();
        std::vector<double> sorted = values;
        std::sort(sorted.begin(), sorted.end());
        CHECK(percentile(values, 0) == sorted.front());
        CHECK(percentile(values, 1) == sorted.back());
        const double share = random.uniform();
        const double at = share * static_cast<double>(sorted.size() - 1);
        const auto below = static_cast<std::size_t>(at);
        const double expected = below + 1 < sorted.size()
                                    ? sorted[below] + (at - static_cast<double>(below)) * (sorted[below + 1] - sorted[below])
                                    : sorted.back();
        CHECK(percentile(values, share) == Approx(expected).margin(1e-12));
        CHECK(median(values) == Approx(percentile(values, 0.5)));
        const double m = std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
        CHECK(mean(values) == Approx(m).margin(1e-12));
    }
    CHECK(std::isnan(mean({})));
    CHECK(sample_sd({4}) == 0);
    CHECK(slope({1, 2, 3}, {2, 4, 6}) == Approx(2));
    CHECK(slope({1, 1, 1}, {2, 4, 6}) == 0);
}
