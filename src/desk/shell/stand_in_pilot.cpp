#include "desk/shell/stand_in_pilot.h"

#include "desk/drills/drills_page.h"
#include "desk/parts/station.h"
#include "desk/shell/main_window.h"
#include "school/school.h"

namespace bh::desk {

StandInPilot::StandInPilot(School& school, Station& station, MainWindow& window, int which, QObject* parent)
    : QObject(parent), school_(school), station_(station), window_(window), which_(which)
{
    constexpr int look_ms = 1500; // a look at the marks between two flights
    timer_.setInterval(look_ms);
    connect(&timer_, &QTimer::timeout, this, &StandInPilot::look);
    timer_.start();
}

void StandInPilot::look()
{
    const auto& pilots = school_.pilots();
    if (pilots.empty() || window_.drillsPage()->flying()) return;
    const std::string pilot = pilots[static_cast<std::size_t>(which_) % pilots.size()].id;
    if (station_.pilotId() != pilot) {
        station_.choosePilot(pilot);
        window_.showPage(MainWindow::Drills);
        return;
    }
    constexpr double least_skill = 0.55, more = 0.04;
    window_.drillsPage()->practiseAsStandIn(least_skill + more * static_cast<double>(flown_ % 10),
                                            static_cast<std::uint64_t>(which_) * 1000 + flown_);
    ++flown_;
}

} // namespace bh::desk
