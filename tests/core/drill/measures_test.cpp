#include "core/drill/measures.h"
#include "files/flights/flight_csv.h"
#include "reference.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

struct Flown {
    nlohmann::json row;
    FlightLog log;
    RowSpan span;
};

Flown reference(const std::string& kind)
{
    for (const auto& row : referenceRows("flight_logs.json")) {
        if (row.at("kind") != kind) continue;
        auto log = load_flight_csv(std::string(BH_REFERENCE) + "/" + row["inputs"]["file"].get<std::string>());
        REQUIRE(log);
        RowSpan span{0, log->size()};
        if (row["inputs"].contains("window_s"))
            span = rows_between(*log, row["inputs"]["window_s"]["value"][0].get<double>(),
                                row["inputs"]["window_s"]["value"][1].get<double>() + 1e-9);
        return {row, std::move(*log), span};
    }
    FAIL("no reference flight " << kind);
    return {};
}

double measured(const Flown& f, Measure what, const MeasureOptions& options)
{
    const auto value = measure(f.log, f.span, what, options);
    REQUIRE(value);
    return *value;
}

/// A log at 100 Hz from a height profile; everything else at rest, armed, acro.
template <class Height>
FlightLog profile(double seconds, Height height)
{
    FlightLog log;
    for (int i = 0; i <= static_cast<int>(seconds * 100); ++i) {
        FlightSample s;
        s.t_s = i / 100.0;
        s.height_m = height(s.t_s);
        s.climb_mps = (height(s.t_s) - height(s.t_s - 0.01)) / 0.01;
        s.armed = true;
        log.append(as_logged(s));
    }
    return log;
}

} // namespace

TEST_CASE("height and drift of the reference hover", "[core][measures]")
{
    const Flown f = reference("hover_sine");
    MeasureOptions options;
    options.height_m = input(f.row, "target_height_m");
    options.line = Line{input(f.row, "spot_north_m"), input(f.row, "spot_east_m"), 0};
    const auto& expected = f.row["expected"];
    CHECK(meets(expected["height_rms_m"], measured(f, Measure::HeightRmsM, options)));
    CHECK(meets(expected["height_mean_error_m"], measured(f, Measure::HeightMeanErrorM, options)));
    CHECK(meets(expected["share_within_2p5_m"], measured(f, Measure::HeightInWindow, options)));
    CHECK(meets(expected["horizontal_rms_m"], measured(f, Measure::DriftRmsM, options)));
}

TEST_CASE("line, heading and speed of the reference run", "[core][measures]")
{
    const Flown f = reference("straight_run");
    MeasureOptions options;
    options.height_m = input(f.row, "target_height_m");
    options.line = Line{0, 0, input(f.row, "line_heading_deg")};
    const auto& expected = f.row["expected"];
    CHECK(meets(expected["cross_track_rms_m"], measured(f, Measure::LegStraightnessM, options)));
    CHECK(meets(expected["height_rms_m"], measured(f, Measure::HeightRmsM, options)));
    CHECK(meets(expected["heading_error_rms_deg"], measured(f, Measure::HeadingErrorDeg, options)));
    CHECK(measured(f, Measure::SpeedMps, options) == Approx(expected["mean_along_speed_mps"]["value"].get<double>()).margin(0.1));
}

TEST_CASE("closing distance of the reference boxes", "[core][measures]")
{
    const Flown f = reference(GENERATE(as<std::string>{}, "box_right", "box_left"));
    MeasureOptions options;
    options.height_m = input(f.row, "target_height_m");
    CHECK(meets(f.row["expected"]["closure_distance_m"], measured(f, Measure::ClosureM, options)));
    CHECK(meets(f.row["expected"]["height_rms_m"], measured(f, Measure::HeightRmsM, options)));
    CHECK(meets(f.row["expected"]["share_within_2p5_m"], measured(f, Measure::HeightInWindow, options)));
}

TEST_CASE("the weave of the reference over-control flight has as many reversals as its frequency says", "[core][measures]")
{
    const Flown f = reference("overcontrol");
    MeasureOptions options;
    options.axis = StickAxis::Roll;
    const auto& expected = f.row["expected"];
    const RowSpan rocking = rows_between(f.log, 10, 16); // inside the rocking, off its ends
    const auto rate = measure(f.log, rocking, Measure::ReversalRateHz, options);
    REQUIRE(rate);
    CHECK(*rate == Approx(2 * expected["rock_frequency_hz"]["value"].get<double>()).margin(0.35)); // two turning points a cycle
}

TEST_CASE("a landing is measured where the ground is met", "[core][measures]")
{
    // By hand: sinks at 0.8 m/s from 2 m, stands, hops once to 0.2 m, stands.
    const FlightLog log = profile(8, [](double t) {
        if (t < 2.5) return 2 - 0.8 * t;
        if (t > 4 && t < 5) return 0.2 * std::sin((t - 4) * 3.14159265);
        return 0.0;
    });
    const RowSpan all{0, log.size()};
    CHECK(*measure(log, all, Measure::TouchdownMps) == Approx(0.8).margin(0.01));
    CHECK(*measure(log, all, Measure::Bounces) == 1);
    CHECK(*measure(log, all, Measure::HeightSpanM) == Approx(2));
    CHECK(*measure(log, all, Measure::HeightLostM) == Approx(2));
    MeasureOptions options;
    options.height_m = 1.5;
    CHECK(*measure(log, all, Measure::OvershootM, options) == Approx(0.5));
    CHECK_FALSE(measure(log, rows_between(log, 0, 1), Measure::TouchdownMps)); // nothing to measure
}

TEST_CASE("held pushes are long pushes that end in a big lean, in acro only", "[core][measures]")
{
    const Mode mode = GENERATE(Mode::Acro, Mode::Angle);
    FlightLog log;
    for (int i = 0; i < 600; ++i) {
        FlightSample s;
        s.t_s = i / 100.0;
        s.mode = mode;
        // 1 s to 2 s: held forward while the nose goes to 60°; 3 s to 3.3 s: a nudge.
        s.sticks.pitch = (i >= 100 && i < 200) || (i >= 300 && i < 330) ? 0.4 : 0;
        const Quat q = attitude(0, i < 100 ? 0 : -std::min(60.0, 0.6 * (i - 100)), 0);
        s.qw = q.w(), s.qx = q.x(), s.qy = q.y(), s.qz = q.z();
        log.append(s);
    }
    CHECK(*measure(log, {0, 600}, Measure::HeldPushes) == (mode == Mode::Acro ? 1 : 0));
}

TEST_CASE("the throttle cut is timed from the crash", "[core][measures]")
{
    FlightLog log = profile(4, [](double) { return 0.0; });
    for (std::size_t i = 0; i < log.size(); ++i) log.throttle[i] = log.t_s[i] < 2.7 ? 0.5 : 0.0;
    log.events.push_back({200, FlightEvent::Crash});
    CHECK(*measure(log, {0, log.size()}, Measure::ThrottleCutS) == Approx(0.7).margin(0.011));
    CHECK(*measure(log, {0, log.size()}, Measure::Crashes) == 1);
    CHECK_FALSE(measure(log, {300, log.size()}, Measure::ThrottleCutS));
}

TEST_CASE("without positions only stick measures are given, and an empty span gives none", "[core][measures]")
{
    FlightLog log = profile(2, [](double) { return 1.0; });
    CHECK_FALSE(measure(log, {5, 5}, Measure::HeightRmsM));
    log.has_position = false;
    CHECK_FALSE(measure(log, {0, log.size()}, Measure::HeightRmsM));
    CHECK(measure(log, {0, log.size()}, Measure::ReversalRateHz));
}

TEST_CASE("every measure has a key of its own", "[core][measures]")
{
    for (std::size_t i = 0; i < measure_count; ++i) {
        const auto what = static_cast<Measure>(i);
        CHECK(measure_from_key(measure_key(what)) == what);
    }
    CHECK_FALSE(measure_from_key("nonsense"));
}

TEST_CASE("flags, corners, brakes, yaw lead and rocking as measures meet the reference flights", "[core][measures]")
{
    // The slalom's one pass of each flag: the mean of the closest passes.
    const Flown slalom = reference("slalom");
    MeasureOptions options;
    for (const auto& flag : slalom.row["inputs"]["flags_m"]["value"])
        options.flags_m.emplace_back(flag[0].get<double>(), flag[1].get<double>());
    double sum = 0;
    for (const auto& d : slalom.row["expected"]["min_distances_m"]["value"]) sum += d.get<double>();
    CHECK(measured(slalom, Measure::FlagDistanceM, options) == Approx(sum / 6).margin(0.05));
    // As gates 6 m wide beside each flag, on the side where it is to be passed: one pass was on the wrong side.
    options.gates.clear();
    for (std::size_t i = 0; i < options.flags_m.size(); ++i) {
        const double side = i % 2 == 0 ? 1 : -1; // right of the first
        options.gates.push_back({options.flags_m[i].x(), options.flags_m[i].y() + 3 * side, 0, 6, 50, 0, 0.1});
    }
    CHECK(measured(slalom, Measure::GatesHit, options) == 5);
    CHECK(measured(slalom, Measure::GatesMissed, options) == 1);

    for (const char* box : {"box_right", "box_left"}) {
        const Flown f = reference(box);
        double worst = 0;
        for (const auto& e : f.row["expected"]["corner_errors_deg"]["value"]) worst = std::max(worst, std::abs(e.get<double>()));
        CHECK(measured(f, Measure::CornerErrorDeg, {}) == Approx(worst).margin(1));
    }
    const Flown brake = reference("brake_gain");
    CHECK(meets(brake.row["expected"]["height_gain_m"], measured(brake, Measure::BalloonM, {})));
    CHECK(meets(brake.row["expected"]["time_95_to_5_percent_s"], measured(brake, Measure::StopS, {})));
    CHECK(meets(brake.row["expected"]["distance_95_to_5_percent_m"], measured(brake, Measure::StopM, {})));
    const Flown lead = reference("yaw_lead_level");
    CHECK(measured(lead, Measure::YawLeadMs, {}) == Approx(120).margin(20));
    const Flown rocked = reference("overcontrol");
    const auto& planted = rocked.row["expected"]["rock_span_s"]["value"];
    const double share = (planted[1].get<double>() - planted[0].get<double>()) / rocked.log.duration_s();
    CHECK(measured(rocked, Measure::RockingShare, {}) ==
          Approx(share).margin(1.2 / rocked.log.duration_s())); // each end to 0.6 s
}

TEST_CASE("gates missed, laps and their spread, by hand", "[core][measures]")
{
    // Round a square of 20 m at 1 row a metre, through a gate in the middle of each side; the second lap leaves gate 2 out,
    // the third is flown twice as slowly.
    std::vector<Gate> gates{
        {10, 0, 0, 4, 4, 0, 0.1}, {20, 10, 90, 4, 4, 0, 0.1}, {10, 20, 180, 4, 4, 0, 0.1}, {0, 10, 270, 4, 4, 0, 0.1}};
    FlightLog log;
    double t = 0;
    for (int lap = 0; lap < 4; ++lap)
        for (int m = 0; m < 80; ++m) {
            const double along = m % 20 + 0.5;
            FlightSample s;
            s.t_s = t += lap == 2 ? 0.2 : 0.1;
            s.height_m = lap == 1 && m >= 40 && m < 60 ? 9 : 2; // over gate 3 of 4 in the second lap
            s.armed = true;
            if (m < 20)
                s.north_m = along, s.east_m = 0;
            else if (m < 40)
                s.north_m = 20, s.east_m = along;
            else if (m < 60)
                s.north_m = 20 - along, s.east_m = 20;
            else
                s.north_m = 0, s.east_m = 20 - along;
            log.append(s);
            if (lap == 3 && m == 12) lap = 4, m = 80; // to the first gate once more
        }
    MeasureOptions options;
    options.gates = gates;
    options.laps = 3;
    const RowSpan all{0, log.size()};
    CHECK(*measure(log, all, Measure::GatesMissed, options) == 1);
    CHECK(*measure(log, all, Measure::GatesHit, options) == 12); // eleven of three laps, and the first one again
    CHECK(*measure(log, all, Measure::LapS, options) ==
          Approx((8 + 9 + 15) / 3.0).margin(0.2)); // the slow lap begins and ends at a corner
    CHECK(*measure(log, all, Measure::LapSpread, options) == Approx(7 / (32 / 3.0)).margin(0.03));
    options.laps = 4;
    CHECK(*measure(log, all, Measure::GatesMissed, options) == 4); // and what was not flown
}
