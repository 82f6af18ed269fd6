// From stick to picture: how long after a stick of SDL's virtual joystick moves the flight view has drawn a frame with it.
// The real sampling thread, flight loop and view, in a shown window.
#include "desk/parts/flight/flight_view.h"
#include "desk/parts/look/theme.h"
#include "device/stick_input.h"
#include "files/data_folder.h"
#include "must.h"
#include "virtual_joystick.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QScreen>
#include <algorithm>
#include <chrono>
#include <cstdio>
#include <thread>

using namespace bh;

namespace {

/// The virtual joystick's axes 0…3 are the functions in order, full 16-bit range.
std::shared_ptr<const Calibration> straight_calibration()
{
    auto c = std::make_shared<Calibration>(SimulatedController::factory_calibration());
    for (Function f : all_functions) {
        FunctionCalibration& axis = c->of(f);
        axis.low_counts = -32768;
        axis.centre_counts = 0;
        axis.high_counts = 32767;
    }
    return c;
}

double at(const std::vector<double>& sorted, double share)
{
    return sorted[static_cast<std::size_t>(share * static_cast<double>(sorted.size() - 1))];
}

} // namespace

int main(int argc, char** argv)
{
    QApplication application(argc, argv);
    desk::applyTheme(application, false);
    ControllerHub hub;
    StickInput input(hub);
    VirtualJoystick joystick(4);
    joystick.set({-32768, 0, 0, 0});
    hub.choose(joystick.instance());
    input.choose(joystick.instance());
    input.calibrate_with(straight_calibration());
    const auto spin_until = [&](auto condition, int ms) {
        QElapsedTimer timer;
        timer.start();
        while (!condition() && timer.elapsed() < ms)
            QApplication::processEvents(QEventLoop::AllEvents | QEventLoop::WaitForMoreEvents, 1);
        return condition();
    };
    if (!spin_until([&] { return input.present(); }, 3000)) return std::fprintf(stderr, "the virtual joystick was not seen\n"), 1;

    const DataFolder data(BH_DATA);
    Drill drill = must(data.drill("hover-window"));
    drill.phases.resize(1);
    drill.phases[0].goal = {Goal::Kind::Stay, 600, 1, 0};
    drill.phases[0].time_limit_s = 1e6;
    drill.criteria.clear();
    FlightSetup setup = must(data.setup_for(drill, RateProfile{}));
    setup.world = must(data.world("circuit"));
    setup.mode = Mode::Hold; // whatever the sticks do, it stays in the air for a minute
    drill.modes = {Mode::Hold};
    setup.start.height_m = 20;
    setup.steps_per_row = 4;
    FlightLoop loop(must(Flight::create(setup)), drill, [&](double after_s) { return input.sticks_after(after_s); });
    desk::FlightView view;
    view.resize(1280, 800);
    view.show(&loop);
    view.show();
    std::vector<double> latency_ms, frame_ms;
    double pushed_s = -1, last_frame_s = -1, wanted = 0;
    QObject::connect(&view, &desk::FlightView::painted, [&](const FlightSnapshot& shown) {
        const double now_s = FlightLoop::now_s();
        if (last_frame_s > 0) frame_ms.push_back(1000 * (now_s - last_frame_s));
        last_frame_s = now_s;
        if (pushed_s < 0 || std::abs(shown.sticks.yaw - wanted) > 0.02) return;
        latency_ms.push_back(1000 * (now_s - pushed_s));
        pushed_s = -1;
    });
    spin_until([] { return false; }, 500);
    for (int i = 0; i < 400; ++i) {
        wanted = i % 2 == 0 ? 0.5 : -0.5;
        pushed_s = FlightLoop::now_s();
        joystick.set(static_cast<int>(Function::Yaw), static_cast<int>(wanted * 32767));
        spin_until([&] { return pushed_s < 0; }, 500);
        spin_until([] { return false; }, 20 + 7 * (i % 5)); // at any place between two frames and two samples
    }
    if (latency_ms.size() < 390) return std::fprintf(stderr, "only %zu of 400 moves were drawn\n", latency_ms.size()), 1;
    std::sort(latency_ms.begin(), latency_ms.end());
    std::sort(frame_ms.begin(), frame_ms.end());
    std::printf("stick to drawn frame, 1280x800, circuit, %s: median %.1f ms, 95 %% %.1f ms, 99 %% %.1f ms; frames every %.1f ms "
                "(median, %.1f ms 99 %%)\n",
                qPrintable(QGuiApplication::platformName()), at(latency_ms, 0.5), at(latency_ms, 0.95), at(latency_ms, 0.99),
                at(frame_ms, 0.5), at(frame_ms, 0.99));
    std::printf("bar: one frame and 8 ms = %.1f ms\n", at(frame_ms, 0.5) + 8);
}
