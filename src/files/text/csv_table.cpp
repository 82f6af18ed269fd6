#include "files/text/csv_table.h"

#include "files/text/csv.h"

#include <string>

namespace bh {

Result<std::vector<std::vector<double>>> read_csv_table(std::string_view text, std::string_view file,
                                                        std::span<const CsvColumn> columns)
{
    CsvCursor cursor(text);
    const auto names = csv_header(cursor, text);
    if (!names) return bad_input("%1: %2", file, names.error().message);
    std::string wanted;
    for (const CsvColumn& c : columns) wanted += (wanted.empty() ? "" : ", ") + std::string(c.name);
    std::vector<int> column_of(names->size(), -1); // of `columns`, by field
    for (std::size_t c = 0; c < columns.size(); ++c) {
        int found = 0;
        for (std::size_t i = 0; i < names->size(); ++i)
            if ((*names)[i] == columns[c].name || (*names)[i] == columns[c].short_name)
                column_of[i] = static_cast<int>(c), ++found;
        if (found != 1) return bad_input(csv_place(file, 1, columns[c].name, message("expected once among %1", wanted)));
    }
    std::vector<std::vector<double>> rows;
    while (!cursor.at_end()) {
        if (cursor.at_line_end()) {
            if (!cursor.next_line()) break;
            continue;
        }
        std::vector<double> values(columns.size());
        for (std::size_t i = 0; i < names->size(); ++i) {
            if (i > 0 && !cursor.next_field()) return bad_input(csv_place(file, cursor.line(), (*names)[i], "is missing"));
            if (column_of[i] < 0) {
                cursor.text();
                continue;
            }
            const CsvColumn& column = columns[static_cast<std::size_t>(column_of[i])];
            double& value = values[static_cast<std::size_t>(column_of[i])];
            if (!cursor.number(value) || !(value >= column.low && value <= column.high))
                return bad_input(csv_place(file, cursor.line(), column.name,
                                           message("expected a number of %1 to %2, found '%3'", static_cast<long>(column.low),
                                                   static_cast<long>(column.high), cursor.glimpse())));
        }
        if (!cursor.at_line_end()) return bad_input(csv_place(file, cursor.line(), "", "more fields than the header"));
        if (!rows.empty() && !(values[0] > rows.back()[0]))
            return bad_input(csv_place(file, cursor.line(), columns[0].name, "has to rise from row to row"));
        rows.push_back(std::move(values));
        cursor.next_line();
    }
    if (rows.empty()) return bad_input("%1: has a header but no rows", file);
    return rows;
}

} // namespace bh
