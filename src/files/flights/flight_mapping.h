#pragma once

#include "core/base/result.h"

#include <array>
#include <filesystem>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// What a column of another program's table can be.
enum class FlightValue : std::uint8_t {
    Time,
    North,
    East,
    Height,
    Latitude,
    Longitude,
    NorthSpeed,
    EastSpeed,
    Climb,
    QuatW,
    QuatX,
    QuatY,
    QuatZ,
    Roll,  ///< angle
    Pitch, ///< angle
    Yaw,   ///< angle
    RollRate,
    PitchRate,
    YawRate,
    Throttle,
    RollStick,
    PitchStick,
    YawStick,
    FlightMode,
    Armed
};
inline constexpr std::size_t flight_value_count = static_cast<std::size_t>(FlightValue::Armed) + 1;
[[nodiscard]] std::string_view flight_value_key(FlightValue value);   ///< "time", "north", …
[[nodiscard]] std::string_view flight_value_words(FlightValue value); ///< "Height", "Roll rate", …

/// A unit that a value can be written in: kept = factor · written + offset, in the log's own unit.
struct ImportUnit {
    std::string_view key; ///< "ft", "deg/s", "1000 to 2000", …
    double factor = 1, offset = 0;
};
[[nodiscard]] const std::vector<ImportUnit>& units_of(FlightValue value);
/// By its key; the log's own where there is none of that key.
[[nodiscard]] const ImportUnit& unit_of(FlightValue value, const std::string& key);
/// A head in small letters and digits alone, without a unit in brackets.
[[nodiscard]] std::string bare_head(std::string_view head);

/// How a table is read.
struct FlightMapping {
    struct Column {
        int column = -1; ///< from 0; −1: there is none
        std::string unit;
        bool turned = false; ///< the sign is the other way round
    };
    std::array<Column, flight_value_count> values{};
    double rows_per_s = 0;                   ///< where there is no time
    std::string rotation = "yaw pitch roll"; ///< the order in which the angles turn the aircraft, each about its own axes by then
    char separator = ',';
    [[nodiscard]] Column& of(FlightValue v) { return values[static_cast<std::size_t>(v)]; }
    [[nodiscard]] const Column& of(FlightValue v) const { return values[static_cast<std::size_t>(v)]; }
};
/// "bluehangar.columns/1", so that it is known again by the heads.
[[nodiscard]] std::string mapping_text(const FlightMapping& mapping);
[[nodiscard]] Result<FlightMapping> parse_mapping(std::string_view text, const std::string& file);
[[nodiscard]] const std::array<std::string_view, 6>& rotation_orders();

/// The heads of a table and its first rows as they are written.
struct TableHead {
    std::vector<std::string> columns;
    std::vector<std::vector<std::string>> rows; ///< as long as the columns
    char separator = ',';
    [[nodiscard]] std::string name() const; ///< by which tables with these heads are known again
};
/// BadInput with what was expected: no file, not UTF-8, no header, no row.
[[nodiscard]] Result<TableHead> table_head(const std::filesystem::path& file);

/// By heads and first values, as far as they say it.
[[nodiscard]] FlightMapping guessed_mapping(const TableHead& head);
/// What the flight will not tell, a sentence each.
[[nodiscard]] std::vector<Message> not_known(const FlightMapping& mapping);

} // namespace bh
