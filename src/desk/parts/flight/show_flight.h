#pragma once

#include "school/flights/take_off.h"

namespace bh {
class FlightLoop;
class Station;
} // namespace bh

namespace bh::desk {

class FlightView;

/// Shows a flight that was started, with the camera that it was prepared for, and takes the keyboard there.
void showFlight(FlightView& view, const Station& station, FlightLoop* loop, const PreparedFlight& prepared);

} // namespace bh::desk
