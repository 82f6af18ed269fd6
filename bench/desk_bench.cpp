// Frames per second of the flight view and of the Debrief page as they are drawn on a machine without a graphics card.
#include "core/standin/stand_in_pilot.h"
#include "desk/debrief/debrief_page.h"
#include "desk/debrief/time_lanes.h"
#include "desk/parts/flight/flight_painter.h"
#include "desk/parts/look/theme.h"
#include "desk/shell/acts/trouble.h"
#include "files/data_folder.h"
#include "long_flight.h"
#include "must.h"
#include "school/school.h"
#include "station/station.h"

#include <QApplication>
#include <QImage>
#include <QPainter>
#include <QTemporaryDir>
#include <algorithm>
#include <array>
#include <benchmark/benchmark.h>
#include <chrono>
#include <cstdlib>

using namespace bh;

namespace {

/// What the view would be given at a row of a flown log.
FlightSnapshot snapshot_of(const FlightLog& log, std::size_t row, const FlightSetup& setup)
{
    const FlightSample s = log.sample(row);
    FlightSnapshot now;
    now.state.position_m = {s.north_m, s.east_m, -s.height_m};
    now.state.velocity_mps = {s.vn_mps, s.ve_mps, -s.climb_mps};
    now.state.attitude = Quat(s.qw, s.qx, s.qy, s.qz);
    now.sticks = s.sticks;
    now.time_s = s.t_s;
    now.armed = true;
    now.mode = setup.mode;
    now.waiting_for_throttle = false;
    now.status = DrillRunner::Status::Running;
    return now;
}

void flight_view(benchmark::State& state, const char* world, QSize size, desk::FlightEye eye)
{
    const DataFolder data(BH_DATA);
    const Drill drill = must(data.drill("straight-run"));
    FlightSetup setup = must(data.setup_for(drill, RateProfile{}));
    const FlightLog log = must(fly_drill(drill, setup, 0.7, 5)).log; // not smooth: the horizon rolls and pitches
    setup.world = must(data.world(world));                           // only looked at: the flight goes through walls
    desk::FlightPainter painter;
    painter.setEye(eye);
    painter.setDrill(drill, setup);
    QImage image(size, QImage::Format_RGB32);
    std::vector<double> frame_ms;
    std::size_t row = 0;
    for (auto _ : state) {
        const auto from = std::chrono::steady_clock::now();
        QPainter p(&image);
        painter.paint(p, size, snapshot_of(log, row, setup));
        p.end();
        frame_ms.push_back(std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - from).count());
        row = (row + 2) % log.size();
    }
    std::sort(frame_ms.begin(), frame_ms.end());
    state.counters["frames"] = benchmark::Counter(static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
    state.counters["p99_ms"] = frame_ms[frame_ms.size() * 99 / 100];
}
#define FLIGHT_VIEW(name, ...) \
    BENCHMARK_CAPTURE(flight_view, name, __VA_ARGS__)->Unit(benchmark::kMillisecond)->MinTime(2)->UseRealTime()
FLIGHT_VIEW(pan_1280x800, "pan", QSize(1280, 800), desk::FlightEye::Aircraft);
FLIGHT_VIEW(bank_1280x800, "bank", QSize(1280, 800), desk::FlightEye::Aircraft);
FLIGHT_VIEW(loft_1280x800, "loft", QSize(1280, 800), desk::FlightEye::Aircraft);
FLIGHT_VIEW(mill_1280x800, "mill", QSize(1280, 800), desk::FlightEye::Aircraft);
FLIGHT_VIEW(circuit_1280x800, "circuit", QSize(1280, 800), desk::FlightEye::Aircraft);
FLIGHT_VIEW(circuit_chase_1280x800, "circuit", QSize(1280, 800), desk::FlightEye::Chase);
FLIGHT_VIEW(circuit_pilot_1280x800, "circuit", QSize(1280, 800), desk::FlightEye::Pilot);
FLIGHT_VIEW(loft_2560x1440, "loft", QSize(2560, 1440), desk::FlightEye::Aircraft);
FLIGHT_VIEW(circuit_2560x1440, "circuit", QSize(2560, 1440), desk::FlightEye::Aircraft);

/// The Debrief page with twenty minutes at 250 rows a second on the record.
struct LongDebrief {
    QTemporaryDir folder;
    std::unique_ptr<School> school;
    std::unique_ptr<Station> station;
    std::unique_ptr<desk::DebriefPage> page;
    std::string flight;
    LongDebrief()
    {
        const std::filesystem::path file = std::filesystem::path(folder.path().toStdString()) / "record.sqlite";
        RecordOptions options;
        options.station_folder = file.parent_path() / "station";
        school = std::make_unique<School>(must(Record::open(file, options)), DataFolder(BH_DATA));
        const std::string pilot = school->add_pilot({"", "Jonah Wickett"});
        const FlightLog log = twenty_minutes();
        flight = school->add_imported_flight(pilot, log, "long.csv", school->now() - 3600);
        station = std::make_unique<Station>(*school);
        page = std::make_unique<desk::DebriefPage>(*school, *station);
        page->resize(1036, 700);
        station->choosePilot(pilot);
        page->ensurePolished();
    }
    void draw() const
    {
        QImage image(page->size(), QImage::Format_RGB32);
        page->render(&image);
        QEvent painted(QEvent::UpdateRequest);
        QCoreApplication::sendEvent(qApp, &painted); // as after every frame of a window
    }
};

/// From the click on a flight to its picture: read from the disk, debriefed, and all of the page drawn.
void debrief_first_drawn(benchmark::State& state)
{
    LongDebrief d;
    for (auto _ : state) {
        d.page->look(d.flight);
        d.draw();
    }
}
BENCHMARK(debrief_first_drawn)->Unit(benchmark::kMillisecond)->UseRealTime();

/// Frames of the whole page, playing: the cursor moves by a sixtieth of a second.
void debrief_playing(benchmark::State& state)
{
    LongDebrief d;
    d.page->look(d.flight);
    auto* lanes = d.page->findChild<desk::TimeLanes*>();
    double t_s = 10;
    for (auto _ : state) {
        Q_EMIT lanes->cursorMoved(t_s += 1 / 60.0);
        d.draw();
    }
    state.counters["frames"] = benchmark::Counter(static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(debrief_playing)->Unit(benchmark::kMillisecond)->UseRealTime()->MinTime(2);

/// Frames of the time axis and of the way from above, panned over the whole of the flight, a minute of it in sight.
void debrief_panning(benchmark::State& state)
{
    LongDebrief d;
    d.page->look(d.flight);
    auto* lanes = d.page->findChild<desk::TimeLanes*>();
    const std::array<QWidget*, 2> moved{lanes, d.page->findChild<QWidget*>("planView")};
    QImage image(1036, 700, QImage::Format_RGB32);
    double from_s = 0;
    for (auto _ : state) {
        from_s = from_s > 1100 ? 0 : from_s + 0.5;
        lanes->zoomTo(from_s, from_s + 60);
        for (QWidget* w : moved) w->render(&image); // the picture from the aircraft stays as it is
    }
    state.counters["frames"] = benchmark::Counter(static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(debrief_panning)->Unit(benchmark::kMillisecond)->UseRealTime()->MinTime(2);

} // namespace

int main(int argc, char** argv)
{
    qputenv("QT_QPA_PLATFORM", "offscreen");
    desk::Application application(argc, argv);
    desk::applyTheme(application, false);
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
