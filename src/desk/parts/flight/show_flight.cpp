#include "desk/parts/flight/show_flight.h"

#include "desk/parts/flight/flight_view.h"
#include "station/station.h"

namespace bh::desk {

void showFlight(FlightView& view, const Station& station, FlightLoop* loop, const PreparedFlight& prepared)
{
    view.setSwitches(station.switches());
    view.setStickMode(station.stickMode());
    view.show(loop);
    view.setCamera(prepared.camera_tilt_deg, prepared.fov_deg);
    view.setFocus();
}

} // namespace bh::desk
