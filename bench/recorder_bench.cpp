// What watching a controller costs while another program has the focus: eight hours of sticks that never rest, written as
// fast as they can be, and one minute of the real sampling thread with a virtual joystick.
#include "core/base/random.h"
#include "device/controller_hub.h"
#include "device/stick_recorder.h"
#include "must.h"
#include "virtual_joystick.h"

#include <chrono>
#include <cmath>
#include <ctime>
#include <fstream>
#include <thread>
#include <unistd.h>

using namespace bh;

namespace {

double resident_mb()
{
    long pages = 0, resident = 0;
    std::ifstream("/proc/self/statm") >> pages >> resident;
    return static_cast<double>(resident) * static_cast<double>(sysconf(_SC_PAGESIZE)) / 1e6;
}

double cpu_s() { return static_cast<double>(std::clock()) / CLOCKS_PER_SEC; }

/// Four sticks and two knobs, never at rest, with jitter.
void work_sticks(DeviceSample& s, double t_s, SeededRandom& random)
{
    s.t_s = t_s;
    s.counts.resize(6);
    for (std::size_t axis = 0; axis < 6; ++axis) {
        const double swing = axis < 4 ? 15000 * std::sin((1 + 0.3 * static_cast<double>(axis)) * t_s) : 0;
        s.counts[axis] = static_cast<int>(swing + 40 * random.normal());
    }
}

} // namespace

int main()
{
    const auto folder = std::filesystem::temp_directory_path() / "bluehangar-bench";
    const auto file = folder / "sticks.csv.gz";
    constexpr double hours = 8, second = 1;
    SeededRandom random(1);
    DeviceSample sample;
    {
        auto recorder = must(StickRecorder::create(file));
        const double memory_before = resident_mb();
        double most = memory_before, in_recorder_s = 0;
        for (double t_s = 0; t_s < 3600 * hours; t_s += second) {
            std::vector<DeviceSample> samples;
            for (double at = t_s; at < t_s + second; at += 1.0 / ControllerHub::usual_rate_hz) {
                work_sticks(sample, at, random);
                samples.push_back(sample);
            }
            const double from = cpu_s();
            for (const DeviceSample& s : samples) recorder->add(s);
            in_recorder_s += cpu_s() - from;
            most = std::max(most, resident_mb());
        }
        if (!recorder->finish()) return 1;
        std::printf(
            "recorder, %.0f h of sticks that never rest: %.1f MB on disk, %zu rows, %.2f %% of a core, %.1f MB more memory\n",
            hours, static_cast<double>(std::filesystem::file_size(file)) / 1e6, recorder->rows(),
            100 * in_recorder_s / (3600 * hours), most - memory_before);
    }
    ControllerHub hub;
    VirtualJoystick joystick(6);
    hub.choose(joystick.instance());
    const auto recorder = must(StickRecorder::create(file));
    hub.set_listener([&recorder](const DeviceSample& s) { recorder->add(s); });
    std::this_thread::sleep_for(std::chrono::seconds(1));
    // The mover's own work is taken off: the clock of its thread.
    timespec own{};
    const auto thread_s = [&own] {
        clock_gettime(CLOCK_THREAD_CPUTIME_ID, &own);
        return static_cast<double>(own.tv_sec) + 1e-9 * static_cast<double>(own.tv_nsec);
    };
    const double process_from = cpu_s(), mover_from = thread_s();
    const auto start = std::chrono::steady_clock::now();
    constexpr int seconds = 60;
    for (int i = 0; i < seconds * 250; ++i) {
        work_sticks(sample, 0.004 * i, random);
        joystick.set(sample.counts);
        std::this_thread::sleep_until(start + std::chrono::milliseconds(4 * (i + 1)));
    }
    const double used = (cpu_s() - process_from) - (thread_s() - mover_from);
    hub.set_listener(nullptr);
    std::printf("sampling and recording a virtual joystick for %d s: %.2f %% of a core, %zu rows, %.1f MB resident in all\n",
                seconds, 100 * used / seconds, recorder->rows(), resident_mb());
    recorder->finish();
    std::filesystem::remove_all(folder);
}
