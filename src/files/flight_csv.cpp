#include "files/flight_csv.h"

#include "files/csv.h"
#include "files/file_text.h"
#include "files/flight_columns.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <cstdio>

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

} // namespace

Result<FlightLog> parse_flight_csv(std::string_view text, std::string_view file)
{
    CsvCursor cursor(text);
    const auto names = csv_header(cursor, text);
    if (!names) return bad_input(std::string(file) + ": " + names.error().message);
    for (const char* needed : {"t_s", "throttle", "stick_roll", "stick_pitch", "stick_yaw"})
        if (!has_column(*names, needed))
            return bad_input(csv_place(file, 1, "", std::string("there is no column ") + needed + ", a flight log needs it"));

    FlightLog log;
    log.has_position = has_column(*names, "north_m") && has_column(*names, "east_m") && has_column(*names, "height_m");
    std::vector<Column> columns;
    const std::size_t rows_expected = text.size() / 100 + 16;
    for (const std::string& name : *names) {
        if (std::count(names->begin(), names->end(), name) > 1)
            return bad_input(csv_place(file, 1, name, "stands there twice, expected each name once"));
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

    double last_t_s = -1e300;
    while (!cursor.at_end()) {
        if (cursor.at_line_end()) { // an empty line
            if (!cursor.next_line()) break;
            continue;
        }
        double finite = 0; // stays 0 as long as every number is finite
        Mode mode = Mode::Acro;
        std::uint8_t armed = 1;
        for (std::size_t i = 0; i < columns.size(); ++i) {
            if (i > 0 && !cursor.next_field())
                return bad_input(csv_place(file, cursor.line(), (*names)[i],
                                           "is missing, expected " + std::to_string(columns.size()) + " fields on the row"));
            switch (columns[i].kind) {
            case Kind::Number: {
                double value = 0;
                if (!cursor.number(value))
                    return bad_input(
                        csv_place(file, cursor.line(), (*names)[i], "expected a number, found '" + cursor.glimpse() + "'"));
                finite += 0 * value;
                columns[i].numbers->push_back(value);
                break;
            }
            case Kind::Mode: {
                const std::string_view key = cursor.text();
                const auto known = mode_from_key(key);
                if (!known)
                    return bad_input(csv_place(file, cursor.line(), "mode",
                                               "expected acro, angle, horizon, hold or sport, found '" + for_message(key) + "'"));
                mode = *known;
                break;
            }
            case Kind::Armed: {
                const std::string_view key = cursor.text();
                if (key != "0" && key != "1")
                    return bad_input(
                        csv_place(file, cursor.line(), "armed", "expected 0 or 1, found '" + for_message(key) + "'"));
                armed = key == "1";
                break;
            }
            case Kind::Event: {
                std::string_view keys = cursor.text();
                while (!keys.empty()) { // several events on one row stand one after the other, with a space between
                    const std::string_view key = keys.substr(0, keys.find(' '));
                    if (const auto event = event_from_key(key)) log.events.push_back({log.mode.size(), *event});
                    keys.remove_prefix(std::min(keys.size(), key.size() + 1));
                }
                break;
            }
            case Kind::Other: cursor.text(); break;
            }
        }
        if (finite != 0)
            return bad_input(csv_place(file, cursor.line(), "", "holds a value that is not finite, expected plain numbers"));
        const double t_s = log.t_s.back();
        if (!(t_s > last_t_s)) return bad_input(csv_place(file, cursor.line(), "t_s", "times must rise from row to row"));
        last_t_s = t_s;
        log.mode.push_back(mode);
        log.armed.push_back(armed);
        if (!cursor.at_line_end())
            return bad_input(
                csv_place(file, cursor.line(), "", "more fields than the header's " + std::to_string(columns.size())));
        cursor.next_line();
    }
    if (log.t_s.empty()) return bad_input(std::string(file) + ": has a header but no rows, expected at least one sample");
    for (const NumberColumn& c : number_columns)
        if ((log.*c.column).empty()) (log.*c.column).assign(log.size(), c.missing);
    return log;
}

Result<FlightLog> load_flight_csv(const std::filesystem::path& path)
{
    auto file = MappedFile::open(path);
    if (!file) return tl::unexpected(file.error());
    return parse_flight_csv(file->text(), path.string());
}

std::string flight_csv(const FlightLog& log)
{
    std::string out;
    out.reserve(log.size() * 120 + 256);
    for (const NumberColumn& c : number_columns) out.append(c.name).push_back(',');
    out += "mode,armed,event\n";
    auto event = log.events.begin();
    std::array<char, 400> digits{};
    for (std::size_t i = 0; i < log.size(); ++i) {
        for (const NumberColumn& c : number_columns) {
            const auto [end, status] = std::to_chars(digits.data(), digits.data() + digits.size(), (log.*c.column)[i],
                                                     std::chars_format::fixed, c.decimals);
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
