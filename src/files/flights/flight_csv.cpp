#include "files/flights/flight_csv.h"

#include "files/flights/flight_columns.h"
#include "files/flights/flight_pack.h"
#include "files/text/csv.h"
#include "files/text/file_text.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <cstdio>
#include <set>

namespace bh {
namespace {

enum class Kind : std::uint8_t { Number, Mode, Armed, Event, Other };
struct Column {
    Kind kind = Kind::Other;
    std::vector<double>* numbers = nullptr;
};

bool has_column(const std::vector<std::string>& names, std::string_view name)
{
    return std::find(names.begin(), names.end(), name) != names.end();
}

/// Where each column goes; the log's columns are made ready.
Result<std::vector<Column>> columns_of(const std::vector<std::string>& names, std::string_view file, FlightLog& log,
                                       std::size_t rows_expected)
{
    for (const char* needed : {"t_s", "throttle", "stick_roll", "stick_pitch", "stick_yaw"})
        if (!has_column(names, needed))
            return bad_input(csv_place(file, 1, "", message("there is no column %1, a flight log needs it", needed)));
    log.has_position = has_column(names, "north_m") && has_column(names, "east_m") && has_column(names, "height_m");
    std::vector<Column> columns;
    std::set<std::string_view> seen;
    for (const std::string& name : names) {
        if (!seen.insert(name).second) return bad_input(csv_place(file, 1, name, "stands there twice, expected each name once"));
        Column column;
        for (const NumberColumn& c : number_columns)
            if (name == c.name) column = {Kind::Number, &(log.*c.column)};
        if (column.numbers) column.numbers->reserve(rows_expected);
        if (name == "mode") column.kind = Kind::Mode;
        if (name == "armed") column.kind = Kind::Armed;
        if (name == "event") column.kind = Kind::Event;
        columns.push_back(column);
    }
    log.mode.reserve(rows_expected);
    log.armed.reserve(rows_expected);
    return columns;
}

/// Several events on one row stand one after the other, with a space between.
void read_events(std::string_view keys, FlightLog& log)
{
    while (!keys.empty()) {
        const std::string_view key = keys.substr(0, keys.find(' '));
        if (const auto event = event_from_key(key)) log.events.push_back({log.mode.size(), *event});
        keys.remove_prefix(std::min(keys.size(), key.size() + 1));
    }
}

struct RowState {
    Mode mode = Mode::Acro;
    std::uint8_t armed = 1;
};

/// One field of a row; what was expected where it is not that.
inline std::optional<Message> read_field(CsvCursor& cursor, const Column& column, RowState& row, FlightLog& log)
{
    switch (column.kind) {
    case Kind::Number: {
        double value = 0;
        if (!cursor.number(value)) return message("expected a number, found '%1'", cursor.glimpse());
        column.numbers->push_back(value);
        break;
    }
    case Kind::Mode: {
        const std::string_view key = cursor.text();
        const auto known = mode_from_key(key);
        if (!known) return message("expected acro, angle, horizon, hold or sport, found '%1'", for_message(key));
        row.mode = *known;
        break;
    }
    case Kind::Armed: {
        const std::string_view key = cursor.text();
        if (key != "0" && key != "1") return message("expected 0 or 1, found '%1'", for_message(key));
        row.armed = key == "1";
        break;
    }
    case Kind::Event: read_events(cursor.text(), log); break;
    case Kind::Other: cursor.text(); break;
    }
    return std::nullopt;
}

} // namespace

Result<FlightLog> parse_flight_csv(std::string_view text, std::string_view file)
{
    CsvCursor cursor(text);
    const auto names = csv_header(cursor, text);
    if (!names) return bad_input("%1: %2", file, names.error().message);
    FlightLog log;
    const auto columns = columns_of(*names, file, log, text.size() / 100 + 16);
    if (!columns) return tl::unexpected(columns.error());
    const auto refused = [&](const std::string& column, const Message& what) {
        return bad_input(csv_place(file, cursor.line(), column, what));
    };
    double last_t_s = -1e300;
    while (!cursor.at_end()) {
        if (cursor.at_line_end()) { // an empty line
            if (!cursor.next_line()) break;
            continue;
        }
        if (log.t_s.size() == most_flight_rows)
            return refused("", "more than 5,000,000 rows, over five hours at 250 a second; expected one flight");
        RowState row;
        for (std::size_t i = 0; i < columns->size(); ++i) {
            if (i > 0 && !cursor.next_field())
                return refused((*names)[i], message("is missing, expected %1 fields on the row", columns->size()));
            if (const auto wrong = read_field(cursor, (*columns)[i], row, log)) return refused((*names)[i], *wrong);
        }
        if (!(log.t_s.back() > last_t_s)) return refused("t_s", "times must rise from row to row");
        last_t_s = log.t_s.back();
        log.mode.push_back(row.mode);
        log.armed.push_back(row.armed);
        if (!cursor.at_line_end()) return refused("", message("more fields than the header's %1", columns->size()));
        cursor.next_line();
    }
    if (log.t_s.empty()) return bad_input("%1: has a header but no rows, expected at least two", file);
    if (log.size() < 2) return bad_input("%1: has one row only, which is no flight, expected at least two", file);
    for (const NumberColumn& c : number_columns)
        if ((log.*c.column).empty()) (log.*c.column).assign(log.size(), c.missing);
    return log;
}

Result<FlightLog> load_flight_csv(const std::filesystem::path& path)
{
    auto file = FileBytes::open(path);
    if (!file) return tl::unexpected(file.error());
    return parse_flight_csv(file->text(), path.string());
}

namespace {

/// Digits behind the point with which no two times of a log become the same; as many as usual where those do.
int time_decimals(const FlightLog& log, int usual)
{
    constexpr int most = 12;
    for (int decimals = usual; decimals < most; ++decimals) {
        const double scale = std::pow(10.0, decimals);
        std::size_t i = 1;
        while (i < log.size() && std::round(log.t_s[i] * scale) > std::round(log.t_s[i - 1] * scale)) ++i;
        if (i >= log.size()) return decimals;
    }
    return most;
}

} // namespace

std::string flight_csv(const FlightLog& log)
{
    std::string out;
    out.reserve(log.size() * 120 + 256);
    std::vector<NumberColumn> written(number_columns.begin(), number_columns.end());
    if (!log.has_position) // what is not known does not stand there as nought
        std::erase_if(written, [](const NumberColumn& c) {
            return c.column == &FlightLog::north_m || c.column == &FlightLog::east_m || c.column == &FlightLog::height_m ||
                   c.column == &FlightLog::vn_mps || c.column == &FlightLog::ve_mps || c.column == &FlightLog::climb_mps;
        });
    for (const NumberColumn& c : written) out.append(c.name).push_back(',');
    out += "mode,armed,event\n";
    auto event = log.events.begin();
    std::array<char, 400> digits{};
    const int of_times = time_decimals(log, number_columns.front().decimals);
    for (std::size_t i = 0; i < log.size(); ++i) {
        for (const NumberColumn& c : written) {
            const auto [end, status] =
                std::to_chars(digits.data(), digits.data() + digits.size(), (log.*c.column)[i], std::chars_format::fixed,
                              c.column == &FlightLog::t_s ? of_times : c.decimals);
            out.append(digits.data(), end).push_back(',');
        }
        out.append(mode_key(log.mode[i])).append(log.armed[i] ? ",1," : ",0,");
        for (bool first = true; event != log.events.end() && event->row == i; ++event, first = false) {
            if (!first) out.push_back(' ');
            out.append(event_key(event->event));
        }
        out.push_back('\n');
    }
    return out;
}

} // namespace bh
