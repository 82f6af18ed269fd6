#include "station/demonstrating_hand.h"

#include "school/school.h"
#include "station/station.h"

namespace bh {

DemonstratingHand::DemonstratingHand(School& school, Station& station, int which, Acts acts, QObject* parent)
    : QObject(parent), school_(school), station_(station), acts_(std::move(acts)), which_(which)
{
    constexpr int look_ms = 1500; // a look at the marks between two flights
    timer_.setInterval(look_ms);
    connect(&timer_, &QTimer::timeout, this, &DemonstratingHand::look);
    timer_.start();
}

void DemonstratingHand::look()
{
    const auto& pilots = school_.pilots();
    if (pilots.empty() || acts_.flies()) return;
    const std::string pilot = pilots[static_cast<std::size_t>(which_) % pilots.size()].id;
    if (station_.pilotId() != pilot) {
        station_.choosePilot(pilot);
        return acts_.sit_down();
    }
    constexpr double least_skill = 0.55, more = 0.04;
    acts_.fly(least_skill + more * static_cast<double>(flown_ % 10), static_cast<std::uint64_t>(which_) * 1000 + flown_);
    ++flown_;
}

} // namespace bh
