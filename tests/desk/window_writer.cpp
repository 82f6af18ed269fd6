// The real window on a record, in which a drill is flown again and again with the simulated controller until it is killed; says
// each flight on stdout once it is safe. For kill_test.cpp: window_writer FILE DATA [FLIGHTS]
#include "desk/drills/drills_page.h"
#include "desk/shell/window/main_window.h"
#include "school/school.h"
#include "station/station.h"

#include <QApplication>
#include <QTimer>
#include <cstdio>
#include <cstdlib>

int main(int argc, char** argv)
{
    using namespace bh;
    QApplication application(argc, argv);
    auto record = Record::open(argc > 1 ? argv[1] : "");
    if (!record || argc < 3) {
        std::fprintf(stderr, "%s\n", record ? "expected FILE DATA" : record.error().english.c_str());
        return 2;
    }
    const int most = argc > 3 ? std::atoi(argv[3]) : 0;
    School school(std::move(*record), DataFolder(argv[2]));
    Station station(school);
    desk::MainWindow window(school, station, QStringLiteral("Record"));
    window.show();
    station.choosePilot(school.pilots().empty() ? school.add_pilot({"", "Nell Harker"}) : school.pilots().front().id);
    window.showPage(desk::MainWindow::Drills);
    SimulatedController& sticks = station.input().simulated_controller();
    const auto fly = [&] {
        sticks.set(Function::Throttle, 0);
        window.drillsPage()->start();
        window.drillsPage()->setPace(8); // the drill is over in seconds, and is journalled meanwhile
    };
    int safe = 0;
    QObject::connect(&school, &School::flight_kept, &window, [&](const std::string& id) {
        std::printf("%s\n", id.c_str());
        std::fflush(stdout);
        if (++safe == most) return QApplication::quit();
        fly();
    });
    QTimer climbs; // off the ground, and then down on it again, hard: the drill is soon over
    QObject::connect(&climbs, &QTimer::timeout, &window, [&] {
        FlightLoop* loop = window.drillsPage()->loop();
        if (loop && loop->snapshot().armed) sticks.set(Function::Throttle, loop->snapshot().time_s < 2 ? 0.7 : 0.0);
    });
    climbs.start(5);
    QTimer::singleShot(0, &window, fly);
    return QApplication::exec();
}
