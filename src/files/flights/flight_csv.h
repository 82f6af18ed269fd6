#pragma once

#include "core/base/result.h"
#include "core/flight/flight_log.h"

#include <filesystem>
#include <string>
#include <string_view>

namespace bh {

/// Reads a flight log. Columns in any order; t_s and the four sticks are needed, the rest may be missing: without
/// positions only stick measures can be taken, without `mode` the flight is acro, without `armed` it is armed
/// throughout. Errors name the file, line and column and what was expected.
[[nodiscard]] Result<FlightLog> parse_flight_csv(std::string_view text, std::string_view file_name);
[[nodiscard]] Result<FlightLog> load_flight_csv(const std::filesystem::path& path);

/// The log as text, with the digits of as_logged(): reading it back gives the same log.
[[nodiscard]] std::string flight_csv(const FlightLog& log);

} // namespace bh
