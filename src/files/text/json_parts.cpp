#include "files/text/json_parts.h"

namespace bh {

Mode mode_at(const JsonIn& in)
{
    const auto mode = mode_from_key(in.text());
    if (!mode) in.fault("expected acro, angle, horizon, hold or sport, found '%1'", in.text());
    return *mode;
}

Gate gate_at(const JsonIn& g)
{
    Gate gate;
    gate.north_m = g.number("north_m"), gate.east_m = g.number("east_m"), gate.heading_deg = g.number("heading_deg");
    gate.width_m = g.number("width_m"), gate.height_m = g.number("height_m");
    gate.sill_m = g.number("sill_m", gate.sill_m), gate.frame_m = g.number("frame_m", gate.frame_m);
    return gate;
}

} // namespace bh
