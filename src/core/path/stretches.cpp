#include "core/path/stretches.h"

#include "core/path/contacts.h"

namespace bh {

std::vector<RowSpan> flown_stretches(const FlightLog& log, RowSpan span)
{
    std::vector<RowSpan> stretches;
    bool down = false, lay = false; // after a crash; and has come to lie on the ground since
    std::size_t event = 0;
    for (std::size_t i = 0; i < span.last; ++i) {
        bool crashes = false;
        for (; event < log.events.size() && log.events[event].row <= i; ++event) {
            crashes = crashes || log.events[event].event == FlightEvent::Crash;
            if (log.events[event].event == FlightEvent::Reset) down = lay = false;
        }
        const bool on_ground = log.has_position && log.height_m[i] <= on_ground_m;
        if (down && on_ground) lay = true;
        if (down && lay && log.has_position && !on_ground && log.armed[i]) down = lay = false;
        if (i >= span.first && !down) {
            if (stretches.empty() || stretches.back().last != i) stretches.push_back({i, i});
            stretches.back().last = i + 1;
        }
        if (crashes) down = true, lay = false;
    }
    return stretches;
}

} // namespace bh
