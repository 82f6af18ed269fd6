// Turning points against the closed form of a sine, and rocking against stick tracks that are made by another rule than the
// finder's: planted strokes of a hand that keeps no exact time, on top of steering, tremor and answers to gusts.
#include "core/base/random.h"
#include "core/debrief/debrief.h"
#include "core/drill/measures.h"
#include "core/path/rocking.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>
#include <rapidcheck/catch.h>

using namespace bh;

namespace {

constexpr double two_pi = 2 * std::numbers::pi;

/// A log in which one stick follows a function of time; the aircraft does what `dps` says.
template <class Stick, class Rate>
FlightLog log_of(double seconds, StickAxis axis, Stick stick, Rate rate)
{
    FlightLog log;
    for (int i = 0; i * 0.01 <= seconds; ++i) {
        FlightSample s;
        s.t_s = i * 0.01;
        s.height_m = 10;
        s.armed = true;
        const double value = stick(s.t_s);
        if (axis == StickAxis::Throttle) s.sticks.throttle = value, s.climb_mps = rate(s.t_s);
        if (axis == StickAxis::Roll) s.sticks.roll = value, s.p_dps = rate(s.t_s);
        if (axis == StickAxis::Pitch) s.sticks.pitch = value, s.q_dps = rate(s.t_s);
        if (axis == StickAxis::Yaw) s.sticks.yaw = value, s.r_dps = rate(s.t_s);
        log.append(s);
    }
    return log;
}

double still(double) { return 0; }

/// A hand's track, sampled 100 times a second, and where rocking was planted in it.
struct Track {
    std::vector<double> stick = std::vector<double>(2401, 0.0);
    double from_s = 0, to_s = 0, hz = 0, amplitude = 0;
};

double smooth(double share) { return share <= 0 ? 0 : share >= 1 ? 1 : 0.5 - 0.5 * std::cos(std::numbers::pi * share); }

/// Steering with a hand that shakes: a slow weave, single corrections to one side and back, answers to gusts (a wandering that
/// fades within a second), or all of them, each half as large. At full size on top of each other they do swing to and fro four
/// times within two seconds now and then, one track in twenty, and that is rocking by its definition.
enum class Steering { Weave, Corrections, Gusts, All };
void steer(Track& track, SeededRandom& luck, double most, Steering kind)
{
    if (kind == Steering::All) most /= 2;
    const double weave_hz = 0.05 + 0.35 * luck.uniform(), weave = most * luck.uniform(), phase = two_pi * luck.uniform();
    double gust = 0, tremor = 0, next_s = 1 + luck.uniform(), pushed_s = -9, push = 0;
    for (std::size_t i = 0; i < track.stick.size(); ++i) {
        const double t = static_cast<double>(i) * 0.01;
        if (t > next_s) pushed_s = t, push = most * (2 * luck.uniform() - 1), next_s = t + 1.8 + 2 * luck.uniform();
        const double into = t - pushed_s;
        const double correction = into < 0.5 ? push * smooth(into / 0.15) * (1 - smooth((into - 0.25) / 0.2)) : 0;
        gust += 0.01 / 0.6 * (1.2 * most * luck.normal() - gust); // its spread is a ninth of the most
        tremor = 0.9 * tremor + 0.004 * luck.normal();
        const bool all = kind == Steering::All;
        track.stick[i] += tremor;
        if (all || kind == Steering::Weave) track.stick[i] += weave * std::sin(two_pi * weave_hz * t + phase);
        if (all || kind == Steering::Corrections) track.stick[i] += correction;
        if (all || kind == Steering::Gusts) track.stick[i] += gust;
    }
}

/// Strokes from side to side: each of its own length and height, drawn as an arc of a cosine.
void plant_rocking(Track& track, SeededRandom& luck)
{
    track.hz = 0.8 + 2.8 * luck.uniform();
    track.amplitude = 0.17 + 0.5 * luck.uniform();
    double t = track.from_s = 2 + 10 * luck.uniform();
    const int strokes = 6 + static_cast<int>(luck.uniform() * 14);
    double from = 0, side = luck.uniform() < 0.5 ? -1 : 1;
    for (int k = 0; k < strokes && t < 22; ++k, side = -side) {
        const double to = k + 1 == strokes ? 0 : side * track.amplitude * (1 + 0.1 * (2 * luck.uniform() - 1));
        const double length_s = 0.5 / track.hz * (1 + 0.08 * (2 * luck.uniform() - 1)) * (k == 0 ? 0.5 : 1);
        for (double into = 0; into < length_s; into += 0.01) {
            const auto row = static_cast<std::size_t>((t + into) * 100);
            if (row < track.stick.size()) track.stick[row] = from + (to - from) * smooth(into / length_s);
        }
        for (auto row = static_cast<std::size_t>((t + length_s) * 100); row < track.stick.size(); ++row) track.stick[row] = to;
        t += length_s;
        from = to;
    }
    track.to_s = t;
}

/// What an aircraft makes of it: a body rate that lags the stick as in acro, or one that leads it as in angle mode (there the
/// stick is an attitude, reached with a lag).
FlightLog flown(const Track& track, StickAxis axis, bool angle)
{
    std::vector<double> rate(track.stick.size());
    double lagged = 0;
    for (std::size_t i = 0; i < rate.size(); ++i) {
        const double before = lagged;
        lagged += 0.01 / (angle ? 0.12 : 0.05) * (track.stick[i] - lagged);
        rate[i] = angle ? 45 * (lagged - before) / 0.01 : 350 * lagged;
    }
    return log_of(
        24, axis, [&](double t) { return std::clamp(track.stick[static_cast<std::size_t>(std::lround(t * 100))], -1.0, 1.0); },
        [&](double t) { return rate[static_cast<std::size_t>(std::lround(t * 100))]; });
}

double shared_s(const Rocking& r, const Track& track)
{
    return std::max(0.0, std::min(r.end_s, track.to_s) - std::max(r.start_s, track.from_s));
}

} // namespace

TEST_CASE("a stick that swings evenly about its first value turns as often as one that starts elsewhere", "[core][rocking]")
{
    const FlightLog log = log_of(
        20, StickAxis::Throttle, [](double t) { return 0.35 + 0.05 * std::sin(two_pi * t); }, still);
    CHECK(*measure(log, {0, log.size()}, Measure::ReversalRateHz) == Approx(2).margin(0.1));
    CHECK(*measure(log, {20, log.size()}, Measure::ReversalRateHz) == Approx(2).margin(0.1));
}

TEST_CASE("turning points of a sine are its own, at any frequency, size, phase and start", "[core][rocking]")
{
    rc::prop("within one of 2·f·T", [] {
        const double hz = 0.3 + 3.7 * *rc::gen::inRange(0, 1001) / 1000.0;
        const double apart = 0.12, amplitude = apart * (0.6 + 7.7 * *rc::gen::inRange(0, 1001) / 1000.0);
        const double phase = two_pi * *rc::gen::inRange(0, 1000) / 1000.0, seconds = 12;
        const auto start = static_cast<std::size_t>(*rc::gen::inRange(0, 400));
        const FlightLog log = log_of(
            seconds, StickAxis::Roll, [&](double t) { return amplitude * std::sin(two_pi * hz * t + phase); }, still);
        const auto found = turning_points(log.stick_roll, {start, log.size()}, apart);
        // Extremes lie where 2·f·t + phase/π is a whole number and a half. The last is left out where the swing from it is not
        // whole, the first where the span begins with it.
        const auto at = [&](double t) { return std::floor(2 * hz * t + phase / std::numbers::pi + 0.5); };
        const double inside = at(log.t_s.back()) - at(log.t_s[start]);
        RC_ASSERT(static_cast<double>(found.size()) <= inside);
        const double from_extreme = std::abs(std::remainder(2 * hz * log.t_s[start] + phase / std::numbers::pi + 0.5, 1.0));
        RC_ASSERT(static_cast<double>(found.size()) >= inside - 1 - (from_extreme < 2 * hz * 0.01)); // within a row of it
        for (std::size_t i = 2; i < found.size(); ++i)                                               // high and low by turns
            RC_ASSERT((found[i].value - found[i - 1].value) * (found[i - 1].value - found[i - 2].value) < 0);
    });
}

TEST_CASE("rocking is found from 0.7 to 4 Hz, with any phase and start, on every stick", "[core][rocking]")
{
    for (const StickAxis axis : {StickAxis::Roll, StickAxis::Pitch, StickAxis::Yaw, StickAxis::Throttle})
        for (const double hz : {0.7, 0.85, 1.0, 1.6, 2.4, 3.3, 4.0})
            for (const double phase : {0.0, 1.0, 2.5, 4.0}) {
                const bool throttle = axis == StickAxis::Throttle;
                const double amplitude = throttle ? 0.08 : 0.16, follows = throttle ? 0.8 / (two_pi * hz) : 12;
                const auto swing = [&](double t) { return t > 4 && t < 12 ? std::sin(two_pi * hz * (t - 4) + phase) : 0; };
                // What the aircraft does comes a third of a cycle later: any phase will do.
                const FlightLog log = log_of(
                    16, axis, [&](double t) { return (throttle ? 0.4 : 0.1) + amplitude * swing(t); },
                    [&](double t) { return follows * swing(t - 1 / (3 * hz)); });
                CAPTURE(hz, phase, static_cast<int>(axis));
                const auto found = find_rocking(log, {0, log.size()});
                REQUIRE(found.size() == 1);
                CHECK(found[0].axis == axis);
                CHECK(found[0].frequency_hz == Approx(hz).epsilon(0.03));
                CHECK(found[0].amplitude == Approx(amplitude).epsilon(0.05));
                CHECK(found[0].start_s == Approx(4).margin(0.8 / hz));
                CHECK(found[0].end_s == Approx(12).margin(0.8 / hz));
            }
}

TEST_CASE("to and fro is no rocking when the aircraft does not follow, when it is slow, or when it is nudges", "[core][rocking]")
{
    const auto sine = [](double hz, double amplitude) { return [=](double t) { return amplitude * std::sin(two_pi * hz * t); }; };
    const auto found = [](auto stick, auto rate) {
        const FlightLog log = log_of(20, StickAxis::Roll, stick, rate);
        return find_rocking(log, {0, log.size()}).size();
    };
    CHECK(found(sine(1.5, 0.3), sine(1.5, 20)) == 1);
    CHECK(found(sine(1.5, 0.3), sine(1.5, 7)) == 0);  // hardly moves
    CHECK(found(sine(1.5, 0.3), sine(0.3, 60)) == 0); // moves, but to another measure
    CHECK(found(sine(0.4, 0.6), sine(0.4, 100)) == 0);
    CHECK(found(sine(1.5, 0.11), sine(1.5, 40)) == 0);
    // One nudge a second and a half, to one side: the rest between them is a long one.
    const auto nudges = [](double t) { return std::fmod(t, 1.6) < 0.3 ? 0.4 : 0.0; };
    CHECK(found(nudges, sine(1 / 1.6, 60)) == 0);
}

TEST_CASE("of 2,000 stick tracks with and without strokes, rocking is found in those that have them", "[core][rocking][slow]")
{
    int planted = 0, missed = 0, false_alarms = 0, calm = 0, astray = 0;
    for (std::uint64_t seed = 1; seed <= 2000; ++seed) {
        SeededRandom luck(seed);
        Track track;
        const bool rocks = seed % 2 == 0, angle = luck.uniform() < 0.5;
        if (rocks) plant_rocking(track, luck);
        steer(track, luck, rocks ? 0.05 : 0.6, static_cast<Steering>(seed / 2 % 4));
        const StickAxis axis = seed % 3 == 0 ? StickAxis::Pitch : seed % 3 == 1 ? StickAxis::Roll : StickAxis::Yaw;
        const FlightLog log = flown(track, axis, angle);
        const auto found = find_rocking(log, {0, log.size()});
        if (!rocks) {
            ++calm;
            false_alarms += !found.empty();
            continue;
        }
        ++planted;
        double shared = 0, outside = 0;
        for (const Rocking& r : found) shared += shared_s(r, track), outside += r.end_s - r.start_s - shared_s(r, track);
        missed += shared < 0.5 * (track.to_s - track.from_s);
        astray += outside > 1 / track.hz;
    }
    CAPTURE(planted, missed, calm, false_alarms, astray);
    CHECK(missed <= 0.01 * planted);
    CHECK(astray <= 0.01 * planted);
    CHECK(false_alarms <= 0.01 * calm);
}

TEST_CASE("rocking weighs more the larger, the longer and the more of the flight it is, and always less than a late throttle cut",
          "[core][path][debrief]")
{
    const auto weight = [](double amplitude, double cycles, double seconds) {
        constexpr double hz = 1.5;
        const auto rocks = [&](double t) { return t > 4 && t < 4 + cycles / hz; };
        const FlightLog log = log_of(
            seconds, StickAxis::Roll, [&](double t) { return rocks(t) ? amplitude * std::sin(two_pi * hz * (t - 4)) : 0; },
            [&](double t) { return rocks(t) ? 60 * amplitude * std::sin(two_pi * hz * (t - 4)) : 0; });
        const Debrief d = debrief(log, DebriefOptions{});
        for (const Finding& f : d.findings)
            if (f.kind == FindingKind::Rocking && f.axis == StickAxis::Roll) return f.weight;
        return 0.0;
    };
    double before = 0;
    for (const double amplitude : {0.2, 0.4, 0.6, 0.9, 1.0}) {
        const double now = weight(amplitude, 8, 40);
        CAPTURE(amplitude, now);
        CHECK(now > before);
        before = now;
    }
    CHECK(weight(0.9, 8, 40) - weight(0.2, 8, 40) > 2); // it is told apart, not only in the last digit
    before = 0;
    for (const double cycles : {3.0, 5.0, 8.0, 16.0, 32.0}) {
        CHECK(weight(0.5, cycles, 40) > before);
        before = weight(0.5, cycles, 40);
    }
    CHECK(weight(0.5, 8, 20) > weight(0.5, 8, 40));
    CHECK(weight(1, 50, 40) < facts_of(FindingKind::ThrottleCut).weight.from);
}

TEST_CASE("what is spoken of first stands in bands that do not overlap, a sink in a lean before the brake that follows from it",
          "[core][debrief]")
{
    // In the order in which a good instructor speaks of them (house); kinds in one braces share a band.
    using K = FindingKind;
    const std::vector<std::vector<FindingKind>> order{{K::ThrottleCut}, {K::Rocking},
                                                      {K::BigInput},    {K::HeldPush},
                                                      {K::OverControl}, {K::ChoppedThrottle, K::FullThrottleTakeOff},
                                                      {K::SinkInLean},  {K::BankLeftOver},
                                                      {K::Turn},        {K::Brake, K::Spin, K::Landing, K::HandsOn}};
    double above = 100;
    std::size_t kinds = 0;
    for (const auto& band : order)
        for (const FindingKind kind : band) {
            const auto [from, under] = facts_of(kind).weight;
            CAPTURE(std::string(finding_key(kind)));
            CHECK(from > 0);
            CHECK(from < under);
            CHECK(under <= above);
            if (kind == band.back()) above = from;
            ++kinds;
        }
    CHECK(kinds == finding_kinds().size());
}
