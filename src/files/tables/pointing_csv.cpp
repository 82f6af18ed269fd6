#include "files/tables/pointing_csv.h"

#include "files/text/csv.h"
#include "files/text/file_text.h"

#include <array>
#include <cmath>

namespace bh {

Result<std::vector<PointingTrial>> load_pointing_csv(const std::string& file)
{
    constexpr std::array<std::string_view, 7> wanted{
        "participant", "nominal_distance_deg", "nominal_width_deg", "start_deg", "target_deg", "end_deg", "time_s"};
    const auto text = read_text(file);
    if (!text) return tl::unexpected(text.error());
    CsvCursor cursor(*text);
    const auto names = csv_header(cursor, *text);
    if (!names) return bad_input("%1: %2", file, names.error().message);
    std::vector<std::size_t> column_of(names->size(), wanted.size());
    for (std::size_t c = 0; c < wanted.size(); ++c) {
        int found = 0;
        for (std::size_t i = 0; i < names->size(); ++i)
            if ((*names)[i] == wanted[c]) column_of[i] = c, ++found;
        if (found != 1) return bad_input(csv_place(file, 1, wanted[c], "expected once"));
    }
    std::vector<PointingTrial> trials;
    while (!cursor.at_end()) {
        PointingTrial trial;
        double ignored = 0;
        double* const numbers[] = {&ignored,          &trial.distance_deg, &trial.width_deg,
                                   &trial.tap.from_x, &trial.tap.target_x, &trial.tap.end_x,
                                   &trial.tap.time_s};
        for (std::size_t i = 0; i < names->size(); ++i) {
            if (i > 0 && !cursor.next_field()) return bad_input(csv_place(file, cursor.line(), (*names)[i], "is missing"));
            const std::size_t c = column_of[i];
            if (c == 0)
                trial.participant = std::string(cursor.text());
            else if (c == wanted.size())
                cursor.text();
            else if (!cursor.number(*numbers[c]) || !(std::abs(*numbers[c]) <= 1e12))
                return bad_input(
                    csv_place(file, cursor.line(), wanted[c], message("expected a number, found '%1'", cursor.glimpse())));
        }
        if (!cursor.next_line()) return bad_input(csv_place(file, cursor.line(), "", "more fields than the header"));
        trials.push_back(std::move(trial));
    }
    if (trials.empty()) return bad_input("%1: has a header but no rows", file);
    return trials;
}

} // namespace bh
