#pragma once

#include "core/flight/flight_log.h"
#include "files/flights/flight_mapping.h"

#include <functional>

namespace bh {

/// Reads it piece by piece. `go_on` is told the share read and says whether to; when it says no, that is the error (Unsupported).
/// Fields that are empty keep the value before. What can be made from the rest is: speeds from places, body rates from attitudes.
/// BadInput with line, column and what was expected, also for a mapping without sticks.
[[nodiscard]] Result<FlightLog> import_flight(const std::filesystem::path& file, const FlightMapping& mapping,
                                              const std::function<bool(double)>& go_on = {});

} // namespace bh
