// Speed of what a pilot or coordinator waits for, without any window.
#include "core/debrief/debrief.h"
#include "core/drill/demonstration.h"
#include "core/drill/drill_score.h"
#include "core/rates/rate_match.h"
#include "core/standin/stand_in_controller.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"
#include "files/flights/flight_csv.h"
#include "files/text/file_text.h"
#include "long_flight.h"
#include "must.h"

#include <benchmark/benchmark.h>
#include <chrono>
#include <cmath>
#include <cstdlib>
#include <fast_float/fast_float.h>
#include <filesystem>
#include <fstream>

using namespace bh;

namespace {

/// Sticks that keep the aircraft busy in the air: hover thrust with all three axes moving.
Sticks busy_sticks(double t_s)
{
    return {0.36 + 0.05 * std::sin(2 * t_s), 0.3 * std::sin(1.3 * t_s), 0.15 * std::sin(1.7 * t_s), 0.15 * std::cos(1.1 * t_s)};
}

/// A minute of flight on one core; the counter is flight seconds per second of computing.
void physics(benchmark::State& state, Mode mode, const Conditions& conditions)
{
    const DataFolder data(BH_DATA);
    const Drill drill = must(data.drill("hover-window"));
    FlightSetup setup = must(data.setup_for(drill, RateProfile{}));
    setup.mode = mode;
    setup.conditions = conditions;
    setup.crash_disarms = false; // whatever the sticks do, the minute is flown to its end
    double flown_s = 0;
    for (auto _ : state) {
        Flight flight = must(Flight::create(setup));
        flight.arm();
        while (flight.time_s() < 60) flight.step(busy_sticks(flight.time_s()));
        flown_s += flight.time_s();
        benchmark::DoNotOptimize(flight.state().position_m);
    }
    state.counters["times_real_time"] = benchmark::Counter(flown_s, benchmark::Counter::kIsRate);
}
BENCHMARK_CAPTURE(physics, acro, Mode::Acro, Conditions{})->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(physics, angle, Mode::Angle, Conditions{})->Unit(benchmark::kMillisecond);
const Conditions everything{6, 240, true, true, false, true, true, 0.2, 10, 1};
BENCHMARK_CAPTURE(physics, acro_all_conditions, Mode::Acro, everything)->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(physics, sport_all_conditions, Mode::Sport, everything)->Unit(benchmark::kMillisecond);

/// Ten minutes at 100 Hz: the stand-in pilot's flight of a drill whose hold is stretched to that length.
struct LongFlight {
    Drill drill;
    FlightLog log;
    LongFlight()
    {
        const DataFolder data(BH_DATA);
        drill = must(data.drill("hover-window"));
        for (Phase& phase : drill.phases)
            if (phase.goal.kind == Goal::Kind::Stay) phase.goal.for_s = 590, phase.time_limit_s = 700;
        drill = must(checked(drill));
        log = must(fly_drill(drill, must(data.setup_for(drill, RateProfile{})), 0.9, 7)).log;
    }
};
const LongFlight& long_flight()
{
    static const LongFlight flight;
    return flight;
}

void score_ten_minutes(benchmark::State& state)
{
    const LongFlight& flight = long_flight();
    for (auto _ : state) benchmark::DoNotOptimize(must(score_log(flight.drill, flight.log)).score);
    state.counters["rows"] = static_cast<double>(flight.log.size());
}
BENCHMARK(score_ten_minutes)->Unit(benchmark::kMillisecond);

/// A drill's own flight again and again for ten minutes, and the drill with each of its criteria over the whole of it (those of
/// a side over half): more than any drill asks for, whose criteria are about parts of the flight.
struct TiledFlight {
    Drill drill;
    FlightLog log;
    explicit TiledFlight(const Drill& of)
    {
        const DataFolder data(BH_DATA);
        const Drill flown = of.sticks_only ? shadowing(of, std::make_shared<const FlightLog>(long_flight().log)) : of;
        const FlightLog once = must(fly_drill(flown, must(data.setup_for(flown, RateProfile{})), 0.9, 7)).log;
        for (double from_s = 0; log.duration_s() < 600;) {
            auto event = once.events.begin();
            for (std::size_t i = 0; i < once.size() && log.duration_s() < 600; ++i) {
                for (; event != once.events.end() && event->row == i; ++event) log.events.push_back({log.size(), event->event});
                FlightSample s = once.sample(i);
                s.t_s += from_s;
                log.append(s);
            }
            from_s = log.t_s.back() + 0.01;
        }
        drill = flown;
        Phase half = flown.phases.front();
        half.goal = Goal{};
        half.goal.for_s = 299.8;
        half.time_limit_s = 400;
        half.mode.reset(), half.touches_allowed.reset();
        drill.phases = {half, half};
        drill.phases[0].id = "right", drill.phases[1].id = "left";
        drill.begins_disarmed = true;
        drill.crashes_allowed.reset();
        drill.panic_disqualifies = false;
        for (Criterion& c : drill.criteria)
            c.phases = c.side ? std::vector<std::string>{*c.side == Side::Right ? "right" : "left"}
                              : std::vector<std::string>{"right", "left"};
    }
};

void debrief_twenty_minutes(benchmark::State& state)
{
    const FlightLog log = twenty_minutes();
    std::size_t found = 0;
    for (auto _ : state) benchmark::DoNotOptimize(found = debrief(log).findings.size());
    state.counters["rows"] = static_cast<double>(log.size());
    state.counters["findings"] = static_cast<double>(found);
}
BENCHMARK(debrief_twenty_minutes)->Unit(benchmark::kMillisecond);

void score_every_drill(benchmark::State& state)
{
    const auto drills = must(DataFolder(BH_DATA).drills());
    const TiledFlight flight(drills[static_cast<std::size_t>(state.range(0))]);
    for (auto _ : state) benchmark::DoNotOptimize(must(score_log(flight.drill, flight.log)).score);
    state.SetLabel(flight.drill.id);
}
BENCHMARK(score_every_drill)->DenseRange(0, 29)->Unit(benchmark::kMillisecond);

/// What following the drill takes of the time that the flight itself takes.
void runner_share(benchmark::State& state)
{
    const DataFolder data(BH_DATA);
    const Drill drill = must(data.drill("hover-window"));
    const FlightSetup setup = must(data.setup_for(drill, RateProfile{}));
    double flight_s = 0, runner_s = 0;
    for (auto _ : state) {
        using Clock = std::chrono::steady_clock;
        Flight flight = must(Flight::create(setup));
        flight.arm();
        const auto begin = Clock::now();
        while (flight.time_s() < 30) flight.step({0.42, 0, 0.05, 0.05});
        const auto flown = Clock::now();
        DrillRunner runner(drill);
        runner.follow(flight.log());
        benchmark::DoNotOptimize(runner.phase());
        runner_s += std::chrono::duration<double>(Clock::now() - flown).count();
        flight_s += std::chrono::duration<double>(flown - begin).count();
    }
    state.counters["percent"] = 100 * runner_s / flight_s;
}
BENCHMARK(runner_share)->Unit(benchmark::kMillisecond);

/// One axis of an aircraft matched with a simulator's family: as near as it comes, and on its steps.
void match_axis(benchmark::State& state, const char* family, bool on_steps)
{
    const RateCurve target = GainEdgeCurve{1.27, 0.73, 0.2};
    MatchOptions options;
    options.weights = {412, 351, 244, 160, 102, 63, 36, 19, 8, 1};
    options.on_steps = on_steps;
    for (auto _ : state) benchmark::DoNotOptimize(must(match_rates(target, family, options)).rounded_difference.rms_dps);
}
BENCHMARK_CAPTURE(match_axis, centre_max, "centre-max", false)->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(match_axis, percent_end, "percent-end", false)->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(match_axis, gain_curve, "gain-curve", false)->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(match_axis, centre_max_on_steps, "centre-max", true)->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(match_axis, percent_end_on_steps, "percent-end", true)->Unit(benchmark::kMillisecond);

/// All three axes with the steps, as the Rates page does on every change.
void match_three_axes(benchmark::State& state)
{
    const RateCurve targets[] = {GainEdgeCurve{1.27, 0.73, 0.2}, GainEdgeCurve{1.2, 0.7, 0.2}, GainEdgeCurve{0.9, 0.6, 0}};
    for (auto _ : state)
        for (const RateCurve& target : targets)
            benchmark::DoNotOptimize(must(match_rates(target, "centre-max")).rounded_difference.rms_dps);
}
BENCHMARK(match_three_axes)->Unit(benchmark::kMillisecond);

/// A minute of eight axes at 1 kHz with all ten prompts.
void analyse_controller(benchmark::State& state)
{
    StandInController controller;
    controller.axis_count = 8;
    controller.rate_hz = 1000;
    const ControllerRecording once = stand_in_recording(controller, 3);
    ControllerRecording minute; // every sample twice, so that the 31 s of prompts fill a minute
    for (std::size_t i = 0; i < once.samples(); ++i)
        for (int twice = 0; twice < 2; ++twice) {
            std::vector<int> counts;
            for (const auto& axis : once.axes_counts) counts.push_back(axis[i]);
            minute.append(2 * once.t_s[i] + 0.001 * twice, counts, once.prompts[i]);
        }
    for (auto _ : state) benchmark::DoNotOptimize(must(calibrate(minute)).interval_ms);
    state.counters["samples"] = static_cast<double>(minute.samples());
}
BENCHMARK(analyse_controller)->Unit(benchmark::kMillisecond);

std::filesystem::path long_csv()
{
    static const std::filesystem::path path = [] {
        const auto file = std::filesystem::temp_directory_path() / "bluehangar-bench.csv";
        std::ofstream(file, std::ios::binary) << flight_csv(long_flight().log);
        return file;
    }();
    return path;
}

/// The bar: nothing but numbers taken out of the mapped file and stored, no names, no checks, no modes.
void csv_bare_loop(benchmark::State& state)
{
    const auto path = long_csv();
    std::int64_t bytes = 0;
    for (auto _ : state) {
        const auto file = must(FileBytes::open(path));
        const char* at = file.text().data();
        const char* const end = at + file.text().size();
        while (at != end && *at != '\n') ++at;
        std::vector<double> numbers;
        numbers.reserve(file.text().size() / 5);
        while (at != end) {
            double value = 0;
            const auto [next, status] = fast_float::from_chars(at, end, value);
            if (status == std::errc()) numbers.push_back(value), at = next;
            if (at != end) ++at; // the separator, or a letter of a word
        }
        benchmark::DoNotOptimize(numbers.data());
        bytes += static_cast<std::int64_t>(file.text().size());
    }
    state.SetBytesProcessed(bytes);
}
BENCHMARK(csv_bare_loop)->Unit(benchmark::kMillisecond);

void csv_flight_log(benchmark::State& state)
{
    const auto path = long_csv();
    const auto bytes = static_cast<std::int64_t>(std::filesystem::file_size(path));
    for (auto _ : state) benchmark::DoNotOptimize(must(load_flight_csv(path)).t_s.data());
    state.SetBytesProcessed(bytes * state.iterations());
}
BENCHMARK(csv_flight_log)->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
