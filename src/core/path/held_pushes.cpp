#include "core/path/held_pushes.h"

#include <cmath>

namespace bh {

int held_pushes(const FlightLog& log, RowSpan span)
{
    int count = 0;
    for (const auto* stick : {&log.stick_pitch, &log.stick_roll}) {
        std::size_t begin = span.first;
        bool counted = false;
        for (std::size_t i = span.first; i < span.last; ++i) {
            const bool pushed =
                log.mode[i] == Mode::Acro && std::abs((*stick)[i]) > 0.2 && (i == begin || (*stick)[i] * (*stick)[begin] > 0);
            if (!pushed) {
                begin = i + 1;
                counted = false;
                continue;
            }
            if (counted || log.t_s[i] - log.t_s[begin] <= 0.6) continue;
            const double lean = lean_deg({log.qw[i], log.qx[i], log.qy[i], log.qz[i]});
            const double lean_then = lean_deg({log.qw[begin], log.qx[begin], log.qy[begin], log.qz[begin]});
            if (lean > 45 && lean > lean_then) {
                ++count;
                counted = true;
            }
        }
    }
    return count;
}

} // namespace bh
