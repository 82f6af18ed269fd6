#pragma once

#include "core/base/result.h"
#include "core/flight/flight_log.h"

#include <optional>
#include <string>
#include <string_view>

namespace bh {

/// Five and a half hours at 250 rows a second (house).
inline constexpr std::size_t most_flight_rows = 5'000'000;

/// A flight log as bytes that compress well, for the store: column by column, each number as a whole multiple of its last
/// digit in a flight CSV, of which only the change (or the change of the change) is kept. Nothing for a log without
/// positions or with numbers that have no such multiple.
///
/// Layout: "BHFP1\n"; rows; per column of number_columns the order of differences (one byte, 0…2) and a number per row;
/// modes and armed each as runs (value, length); events as a count and for each the rows since the one before and its kind.
/// Numbers are base-128 with the lowest seven bits first, signed ones folded to 0, −1, 1, −2, ….
[[nodiscard]] std::optional<std::string> flight_pack(const FlightLog& log);
[[nodiscard]] Result<FlightLog> flight_unpack(std::string_view bytes);
/// How large a packed log can be at most, by the rows that its beginning declares. Nothing where it is none, or one of more rows
/// than a log may have.
[[nodiscard]] std::optional<std::size_t> flight_pack_size_at_most(std::string_view beginning);

} // namespace bh
