#pragma once

#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"
#include "must.h"

/// Twenty minutes at 250 rows a second, from a slalom and a stop flown again and again.
inline bh::FlightLog twenty_minutes()
{
    using namespace bh;
    const DataFolder data(BH_DATA);
    FlightLog log;
    for (std::uint64_t seed = 1; log.duration_s() < 1200; ++seed) {
        const Drill drill = must(data.drill(seed % 2 ? "slalom" : "run-stop"));
        FlightSetup setup = must(data.setup_for(drill, RateProfile{}));
        setup.steps_per_row = 4;
        const FlightLog once = must(fly_drill(drill, setup, 0.7, seed)).log;
        const double from_s = log.size() > 0 ? log.t_s.back() + 0.004 : 0;
        auto event = once.events.begin();
        for (std::size_t i = 0; i < once.size(); ++i) {
            for (; event != once.events.end() && event->row == i; ++event) log.events.push_back({log.size(), event->event});
            FlightSample s = once.sample(i);
            s.t_s += from_s;
            log.append(as_logged(s)); // as files carry it, and so packed
        }
    }
    return log;
}
