#include "core/path/contacts.h"

#include <algorithm>

namespace bh {

std::vector<std::size_t> ground_contacts(const FlightLog& log, RowSpan span)
{
    std::vector<std::size_t> rows;
    for (std::size_t i = std::max<std::size_t>(span.first, 1); i < span.last; ++i)
        if (log.height_m[i] <= on_ground_m && log.height_m[i - 1] > on_ground_m) rows.push_back(i);
    return rows;
}

double sink_before_mps(const FlightLog& log, std::size_t contact_row)
{
    double sink = 0;
    for (std::size_t i = contact_row; i > 0 && log.t_s[contact_row] - log.t_s[i - 1] < 0.1; --i)
        sink = std::max(sink, -log.climb_mps[i - 1]);
    return sink;
}

} // namespace bh
