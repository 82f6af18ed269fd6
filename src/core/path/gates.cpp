#include "core/path/gates.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace bh {

std::vector<Through> gates_through(const FlightLog& log, RowSpan span, const std::vector<Gate>& gates)
{
    struct Crossing {
        std::size_t row, gate;
    };
    std::vector<Crossing> crossings;
    for (std::size_t g = 0; g < gates.size(); ++g) { // gate by gate: a long log is read straight through
        const Gate& gate = gates[g];
        const double c = std::cos(radians(gate.heading_deg)), s = std::sin(radians(gate.heading_deg));
        const auto ahead = [&](std::size_t k) { return (log.north_m[k] - gate.north_m) * c + (log.east_m[k] - gate.east_m) * s; };
        double before = ahead(span.first);
        for (std::size_t i = span.first + 1; i < span.last; ++i) {
            const double now = ahead(i);
            const bool crosses = before < 0 && now >= 0;
            const double start = std::exchange(before, now);
            if (!crosses) continue;
            const double share = start / (start - now);
            const double north = log.north_m[i - 1] + share * (log.north_m[i] - log.north_m[i - 1]),
                         east = log.east_m[i - 1] + share * (log.east_m[i] - log.east_m[i - 1]);
            const double height = log.height_m[i - 1] + share * (log.height_m[i] - log.height_m[i - 1]);
            const double aside = -(north - gate.north_m) * s + (east - gate.east_m) * c;
            if (std::abs(aside) <= gate.width_m / 2 && height >= gate.sill_m && height <= gate.sill_m + gate.height_m)
                crossings.push_back({i, g});
        }
    }
    std::sort(crossings.begin(), crossings.end(),
              [](const Crossing& a, const Crossing& b) { return std::pair(a.row, a.gate) < std::pair(b.row, b.gate); });
    std::vector<Through> through;
    for (const Crossing& crossing : crossings) through.push_back({crossing.gate, log.t_s[crossing.row]});
    return through;
}

int gates_missed(const FlightLog& log, RowSpan span, const std::vector<Gate>& gates, int laps)
{
    const std::size_t count = gates.size(), wanted = count * static_cast<std::size_t>(std::max(1, laps));
    std::size_t next = 0, missed = 0; // of all gates of all laps in their order
    for (const Through& t : gates_through(log, span, gates)) {
        const std::size_t skipped = (t.gate + count - next % count) % count;
        if (skipped > count / 2) continue; // one that was flown already, again
        missed += skipped;
        next += skipped + 1;
        if (next >= wanted) break;
    }
    return static_cast<int>(missed + (wanted - std::min(next, wanted)));
}

std::vector<double> lap_times_s(const FlightLog& log, RowSpan span, const std::vector<Gate>& gates)
{
    std::vector<double> laps;
    double last_s = -1;
    for (const Through& t : gates_through(log, span, gates)) {
        if (t.gate != 0) continue;
        if (last_s >= 0) laps.push_back(t.t_s - last_s);
        last_s = t.t_s;
    }
    return laps;
}

} // namespace bh
