#include "files/stick_csv.h"

#include "files/csv.h"
#include "files/file_text.h"

#include <array>
#include <cmath>

namespace bh {
namespace {

struct Column {
    const char* name; ///< as in flight logs
    const char* short_name;
    double low, high;
};
constexpr std::array<Column, 5> columns{
    {{"t_s", "t_s", 0, 1e6}, {"throttle", "throttle", 0, 1}, {"stick_yaw", "yaw", -1, 1}, {"stick_pitch", "pitch", -1, 1}, {"stick_roll", "roll", -1, 1}}};

} // namespace

Result<std::vector<StickRow>> parse_stick_csv(std::string_view text, std::string_view file)
{
    CsvCursor cursor(text);
    const auto names = csv_header(cursor, text);
    if (!names) return bad_input(std::string(file) + ": " + names.error().message);
    std::vector<int> column_of(names->size(), -1); // of `columns`, by field
    for (std::size_t c = 0; c < columns.size(); ++c) {
        int found = 0;
        for (std::size_t i = 0; i < names->size(); ++i)
            if ((*names)[i] == columns[c].name || (*names)[i] == columns[c].short_name) column_of[i] = static_cast<int>(c), ++found;
        if (found != 1) return bad_input(csv_place(file, 1, columns[c].name, "expected once among t_s, throttle, stick_roll, stick_pitch, stick_yaw"));
    }
    std::vector<StickRow> rows;
    while (!cursor.at_end()) {
        if (cursor.at_line_end()) {
            if (!cursor.next_line()) break;
            continue;
        }
        std::array<double, columns.size()> values{};
        for (std::size_t i = 0; i < names->size(); ++i) {
            if (i > 0 && !cursor.next_field()) return bad_input(csv_place(file, cursor.line(), (*names)[i], "is missing"));
            if (column_of[i] < 0) {
                cursor.text();
                continue;
            }
            const Column& column = columns[static_cast<std::size_t>(column_of[i])];
            double& value = values[static_cast<std::size_t>(column_of[i])];
            if (!cursor.number(value) || !(value >= column.low && value <= column.high))
                return bad_input(csv_place(file, cursor.line(), column.name,
                                           "expected a number of " + std::to_string(static_cast<long>(column.low)) + " to " +
                                               std::to_string(static_cast<long>(column.high)) + ", found '" + cursor.glimpse() + "'"));
        }
        if (!cursor.at_line_end()) return bad_input(csv_place(file, cursor.line(), "", "more fields than the header"));
        if (!rows.empty() && !(values[0] > rows.back().t_s)) return bad_input(csv_place(file, cursor.line(), "t_s", "times must rise from row to row"));
        rows.push_back({values[0], {values[1], values[2], values[3], values[4]}});
        cursor.next_line();
    }
    if (rows.empty()) return bad_input(std::string(file) + ": has a header but no rows");
    return rows;
}

Result<std::vector<StickRow>> load_stick_csv(const std::filesystem::path& path)
{
    auto file = MappedFile::open(path);
    if (!file) return tl::unexpected(file.error());
    return parse_stick_csv(file->text(), path.string());
}

} // namespace bh
