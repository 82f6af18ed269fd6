#include "files/tables/stick_csv.h"

#include "files/text/csv_table.h"
#include "files/text/file_text.h"

#include <array>

namespace bh {
namespace {

constexpr std::array<CsvColumn, 5> stick_columns{{{"t_s", "t_s", 0, 1e6},
                                                  {"throttle", "throttle", 0, 1},
                                                  {"stick_yaw", "yaw", -1, 1},
                                                  {"stick_pitch", "pitch", -1, 1},
                                                  {"stick_roll", "roll", -1, 1}}};

} // namespace

Result<std::vector<StickRow>> parse_stick_csv(std::string_view text, std::string_view file)
{
    const auto table = read_csv_table(text, file, stick_columns);
    if (!table) return tl::unexpected(table.error());
    std::vector<StickRow> rows;
    for (const auto& v : *table) rows.push_back({v[0], {v[1], v[2], v[3], v[4]}});
    return rows;
}

Result<std::vector<StickRow>> load_stick_csv(const std::filesystem::path& path)
{
    auto file = FileBytes::open(path);
    if (!file) return tl::unexpected(file.error());
    return parse_stick_csv(file->text(), path.string());
}

} // namespace bh
