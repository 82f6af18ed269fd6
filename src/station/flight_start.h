#pragma once

#include "device/flight_loop.h"
#include "school/flights/take_off.h"

#include <memory>
#include <optional>
#include <string>

namespace bh {

class Station;

/// A flight under way.
struct StartedFlight {
    std::unique_ptr<FlightLoop> loop;
    std::string session_id; ///< practice that it belongs to; empty for a demonstration
};

/// Starts a flight that was prepared: flown with the station's sticks as practice of the chosen pilot, or by the stand-in pilot,
/// or a demonstration that plays. An error says why it cannot be flown.
[[nodiscard]] Result<StartedFlight> start_flight(Station& station, const PreparedFlight& prepared, const Drill& drill,
                                                 std::optional<FlightLoop::StandIn> stand_in = std::nullopt);

} // namespace bh
