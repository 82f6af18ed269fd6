#include "station/flight_start.h"

#include "station/station.h"

namespace bh {

Result<StartedFlight> start_flight(Station& station, const PreparedFlight& prepared, const Drill& drill,
                                   std::optional<FlightLoop::StandIn> stand_in)
{
    auto flight = Flight::create(prepared.setup);
    if (!flight) return tl::unexpected(flight.error());
    StartedFlight started;
    if (!stand_in) {
        started.session_id = station.beginPractice();
        if (started.session_id.empty()) return bad_input("the practice session could not be begun");
    }
    const auto sticks = [&input = station.input()](double after_s) { return input.sticks_after(after_s); };
    started.loop = std::make_unique<FlightLoop>(std::move(*flight), drill, sticks, stand_in);
    station.setFlying({started.loop.get(), drill.free ? std::string() : drill.id, drill.world, prepared.camera_tilt_deg,
                       prepared.fov_deg, stand_in.has_value()});
    return started;
}

} // namespace bh
