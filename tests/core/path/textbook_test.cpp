// Judged as a good instructor would: flights that are drawn from the kinematics of coordinated flight (bank = atan(v·ω/g); body
// rates p = φ' − ψ'·sin θ, q = θ'·cos φ + ψ'·cos θ·sin φ, r = ψ'·cos θ·cos φ − θ'·sin φ, as textbooks of flight dynamics have
// them, written from memory), with sticks that command those rates. Nothing here flies by the finders' rules.
#include "core/debrief/debrief.h"
#include "core/path/big_inputs.h"
#include "core/path/corners.h"
#include "core/path/rocking.h"
#include "core/path/turn_faults.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <cmath>
#include <functional>
#include <numbers>

using namespace bh;

namespace {

constexpr double dt_s = 0.01, stick_dps = 150;

/// What is drawn at a time: where the way and the nose go, the attitude, and the speed over ground.
struct Drawn {
    double way_dps = 0, nose_lags_deg = 0; ///< nose behind the way
    double pitch_deg = 0, bank_deg = 0, speed_mps = 0;
};

FlightLog flown(double seconds, const std::function<Drawn(double)>& at, Mode mode = Mode::Acro)
{
    FlightLog log;
    double way = 0, north = 0, east = 0;
    for (int i = 0; i * dt_s <= seconds; ++i) {
        const double t = i * dt_s;
        const Drawn now = at(t), next = at(t + dt_s);
        FlightSample s;
        s.t_s = t;
        s.armed = true, s.mode = mode, s.height_m = 20, s.sticks.throttle = 0.35;
        s.vn_mps = now.speed_mps * std::cos(radians(way)), s.ve_mps = now.speed_mps * std::sin(radians(way));
        s.north_m = north, s.east_m = east;
        north += dt_s * s.vn_mps, east += dt_s * s.ve_mps;
        const double nose_dps = now.way_dps - (next.nose_lags_deg - now.nose_lags_deg) / dt_s;
        const double bank = radians(now.bank_deg), pitch = radians(now.pitch_deg);
        const double bank_dps = (next.bank_deg - now.bank_deg) / dt_s, pitch_dps = (next.pitch_deg - now.pitch_deg) / dt_s;
        s.p_dps = bank_dps - nose_dps * std::sin(pitch);
        s.q_dps = pitch_dps * std::cos(bank) + nose_dps * std::cos(pitch) * std::sin(bank);
        s.r_dps = nose_dps * std::cos(pitch) * std::cos(bank) - pitch_dps * std::sin(bank);
        const Quat q = attitude(way - now.nose_lags_deg, now.pitch_deg, now.bank_deg);
        s.qw = q.w(), s.qx = q.x(), s.qy = q.y(), s.qz = q.z();
        s.sticks.roll = std::clamp(s.p_dps / stick_dps, -1.0, 1.0);
        s.sticks.pitch = std::clamp(-s.q_dps / stick_dps, -1.0, 1.0);
        s.sticks.yaw = std::clamp(s.r_dps / stick_dps, -1.0, 1.0);
        log.append(s);
        way += now.way_dps * dt_s;
    }
    return log;
}

double eased(double share)
{
    const double x = std::clamp(share, 0.0, 1.0);
    return x * x * (3 - 2 * x);
}

double needed_dps(double speed_mps, double bank) { return degrees(gravity_mps2 * std::tan(radians(bank)) / speed_mps); }
double bank_for(double speed_mps, double dps) { return degrees(std::atan(speed_mps * radians(dps) / gravity_mps2)); }

struct Corners {
    double speed_mps = 6, bank_deg = 25, pitch_deg = -6;
    double bank_share = 1, nose_share = 1; ///< of what a coordinated turn has
    int stirred = 0;                       ///< so many of the five
    double stirs_hz = 0.7, stirs_deg = 12;
    Mode mode = Mode::Acro;
};
/// Five corners of 90°, left and right by turns, each into a second of easing; the first ones stirred by one and a half swings.
FlightLog corners(const Corners& c)
{
    const double dps = needed_dps(c.speed_mps, c.bank_deg), each_s = 4 + 90 / dps, ease_s = 1;
    const auto rate = [=](double t) {
        double sum = 0;
        for (int k = 0; k < 5; ++k) {
            const double begins = 3 + k * each_s, side = k % 2 ? -1 : 1;
            sum += side * dps * (eased((t - begins) / ease_s) - eased((t - begins - 90 / dps) / ease_s));
        }
        return sum;
    };
    const auto lag = [=](double t) { // of the nose, behind the way, only while it turns
        double sum = 0;
        for (double x = std::max(0.0, t - each_s); x < t; x += dt_s) sum += rate(x) * dt_s;
        return (1 - c.nose_share) * sum;
    };
    return flown(
        5 * each_s + 4,
        [=](double t) {
            Drawn now;
            now.way_dps = rate(t), now.speed_mps = c.speed_mps, now.pitch_deg = c.pitch_deg;
            now.bank_deg = c.bank_share * bank_for(c.speed_mps, now.way_dps);
            if (c.nose_share < 1) now.nose_lags_deg = lag(t);
            for (int k = 0; k < c.stirred; ++k) {
                const double in = t - (3 + k * each_s);
                if (in >= 0 && in <= 1.5 / c.stirs_hz)
                    now.bank_deg += c.stirs_deg * std::sin(2 * std::numbers::pi * c.stirs_hz * in);
            }
            return now;
        },
        c.mode);
}

std::vector<Finding> faults(const FlightLog& log, FindingKind kind)
{
    std::vector<Finding> found;
    for (const Finding& f : debrief(log).findings)
        if (f.fault && f.kind == kind) found.push_back(f);
    return found;
}

FlightLog swung(double hz, double swings_deg, double speed_mps = 0)
{
    return flown(40, [=](double t) {
        Drawn now;
        now.bank_deg = swings_deg / 2 * std::sin(2 * std::numbers::pi * hz * t);
        now.speed_mps = speed_mps;
        if (speed_mps > 0) now.way_dps = needed_dps(speed_mps, now.bank_deg);
        return now;
    });
}

} // namespace

TEST_CASE("a coordinated turn is no fault, whatever its speed, bank, sharpness and side", "[core][path]")
{
    int flights = 0;
    for (const double speed : {3.2, 3.5, 4.5, 5.5, 6.0, 8.0, 12.0, 16.0})
        for (const double bank : {10.0, 20.0, 30.0, 45.0})
            for (const double pitch : {-4.0, -20.0, -40.0}) {
                if (needed_dps(speed, bank) < 14) continue;
                CAPTURE(speed, bank, pitch);
                ++flights;
                const FlightLog log = corners({.speed_mps = speed, .bank_deg = bank, .pitch_deg = pitch});
                const Debrief d = debrief(log);
                CHECK(std::count_if(d.findings.begin(), d.findings.end(),
                                    [](const Finding& f) { return f.kind == FindingKind::Turn; }) == 5);
                CHECK(faults(log, FindingKind::Turn).empty());
                CHECK(faults(log, FindingKind::OverControl).empty());
                CHECK(faults(log, FindingKind::BigInput).empty());
                CHECK(faults(log, FindingKind::Rocking).empty());
            }
    CHECK(flights > 60);
}

TEST_CASE("a turn that one stick makes is told by which", "[core][path]")
{
    for (const double speed : {4.0, 6.0, 10.0})
        for (const double bank : {20.0, 35.0}) {
            CAPTURE(speed, bank);
            const auto alone = faults(corners({.speed_mps = speed, .bank_deg = bank, .bank_share = 0.2}), FindingKind::Turn);
            REQUIRE(alone.size() == 5);
            for (const Finding& f : alone) CHECK(f.word(turn_fault_number) == "yaw_alone");
        }
    // The way bends by 90° and the nose by half of that: it slides.
    const FlightLog slides = corners({.speed_mps = 6, .nose_share = 0.2});
    const auto rolled = faults(slides, FindingKind::Turn);
    REQUIRE(!rolled.empty());
    CHECK(rolled.front().word(turn_fault_number) == "roll_alone");
    CHECK(*rolled.front().number("drift_deg") < -25);
}

TEST_CASE("corners that are stirred through are over-control, told once; one alone is not, nor is a clean one", "[core][path]")
{
    for (const double hz : {0.7, 1.5}) {
        CAPTURE(hz);
        for (const int stirred : {2, 5}) {
            const auto found = faults(corners({.stirred = stirred, .stirs_hz = hz}), FindingKind::OverControl);
            REQUIRE(found.size() == 1);
            CHECK(*found[0].number("swings") >= 3);
            CHECK(*found[0].number("bank_swing_deg") == Approx(22).margin(6));
        }
        CHECK(faults(corners({.stirred = 0, .stirs_hz = hz}), FindingKind::OverControl).empty());
        CHECK(faults(corners({.stirred = 1, .stirs_hz = hz}), FindingKind::OverControl).empty());
    }
    // As a flight of 2 of 5, each corner with its times.
    const auto found = faults(corners({.stirred = 2}), FindingKind::OverControl);
    const auto* times = std::get_if<std::vector<TimeSpan>>(&found.at(0).numbers.back().value);
    REQUIRE(times);
    CHECK(times->size() == 2);
    // Rocking that goes on beside the corners is rocking.
    CHECK(faults(swung(1.2, 24, 6), FindingKind::OverControl).empty());
    CHECK_FALSE(faults(swung(1.2, 24), FindingKind::Rocking).empty());
}

TEST_CASE("slow rocking is seen, by how far the aircraft goes with it; linked turns are none", "[core][path]")
{
    for (const double hz : {0.42, 0.5, 0.55, 0.65}) {
        CAPTURE(hz);
        const auto found = faults(swung(hz, 30), FindingKind::Rocking);
        REQUIRE(found.size() == 1);
        CHECK(*found[0].number("frequency_hz") == Approx(hz).margin(0.01));
        CHECK(found[0].word("pace") == "slow");
        CHECK(faults(swung(hz, 8), FindingKind::Rocking).empty());
    }
    CHECK(faults(swung(0.3, 30), FindingKind::Rocking).empty()); // slower than any over-control
    CHECK(faults(swung(0.8, 30), FindingKind::Rocking).at(0).word("pace") == "quick");
    CHECK(faults(swung(0.42, 50, 5), FindingKind::Rocking).empty()); // the nose goes along: a slalom
}

TEST_CASE("one big push is a fault, however short; a nudge, a brisk corner and a slow push are none", "[core][path]")
{
    const auto pushed = [](double to_deg, double in_s) {
        return flown(12, [=](double t) {
            Drawn now;
            now.pitch_deg = -to_deg * (eased((t - 3) / in_s) - eased((t - 8) / 1.5));
            now.speed_mps = t < 3 ? 0 : std::min(28.0, 9 * (t - 3));
            return now;
        });
    };
    for (const double in_s : {0.4, 0.6, 0.9}) {
        CAPTURE(in_s);
        const auto found = faults(pushed(55, in_s), FindingKind::BigInput);
        REQUIRE(found.size() == 1);
        CHECK(found[0].axis == StickAxis::Pitch);
        CHECK(*found[0].number("peak") > 0.5);
        CHECK(*found[0].number("lean_deg") == Approx(55).margin(1));
        CHECK(*found[0].number("speed_mps") > 20);
    }
    CHECK(faults(pushed(20, 0.4), FindingKind::BigInput).empty());
    CHECK(faults(pushed(55, 3), FindingKind::BigInput).empty());
    CHECK(faults(corners({.speed_mps = 10, .bank_deg = 55}), FindingKind::BigInput).empty());
}
