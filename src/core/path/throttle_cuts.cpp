#include "core/path/throttle_cuts.h"

namespace bh {

std::vector<ThrottleCut> find_throttle_cuts(const FlightLog& log, RowSpan span)
{
    std::vector<ThrottleCut> cuts;
    bool motors_out = false;
    for (const FlightLog::Event& e : log.events) {
        if (e.row >= span.last) break;
        if (e.event == FlightEvent::Reset) motors_out = false;
        const bool counts = e.event == FlightEvent::MotorsOut ||
                            (e.event == FlightEvent::Crash && !motors_out); // the fall after a failure is no second one
        if (e.event == FlightEvent::MotorsOut) motors_out = true;
        if (!counts || e.row < span.first) continue;
        std::size_t row = e.row;
        while (row + 1 < log.size() && log.throttle[row] >= 0.05) ++row;
        cuts.push_back({log.t_s[e.row], log.t_s[row]});
    }
    return cuts;
}

std::vector<double> throttle_cuts_s(const FlightLog& log, RowSpan span)
{
    std::vector<double> seconds;
    for (const ThrottleCut& cut : find_throttle_cuts(log, span)) seconds.push_back(cut.seconds());
    return seconds;
}

} // namespace bh
