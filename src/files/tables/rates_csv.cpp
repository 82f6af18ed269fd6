#include "files/tables/rates_csv.h"

#include "core/base/number_text.h"
#include "files/documents/rates_document.h"
#include "files/text/csv_table.h"
#include "files/text/file_text.h"

#include <array>
#include <cstdio>

namespace bh {
namespace {

constexpr std::array<CsvColumn, 4> columns{{{"stick", "stick", -1, 1},
                                            {"roll_dps", "roll", -2000, 2000},
                                            {"pitch_dps", "pitch", -2000, 2000},
                                            {"yaw_dps", "yaw", -2000, 2000}}};
constexpr std::size_t most_points = 50;

} // namespace

Result<RateProfile> parse_rates_csv(std::string_view text, std::string_view file)
{
    const auto table = read_csv_table(text, file, columns);
    if (!table) return tl::unexpected(table.error());
    std::vector<std::vector<double>> upper;
    for (const auto& row : *table)
        if (row[0] > 1e-9) upper.push_back(row);
    if (upper.empty() || upper.back()[0] < 1 - 1e-9)
        return bad_input("%1: the stick goes to %2, expected to 1", file, (upper.empty() ? "0" : to_digits(upper.back()[0], 6)));
    const std::size_t every = (upper.size() + most_points - 1) / most_points;
    RateProfile profile;
    profile.name = std::filesystem::path(file).stem().string();
    const std::pair<const char*, RateCurve*> axes[] = {
        {"roll_dps", &profile.roll}, {"pitch_dps", &profile.pitch}, {"yaw_dps", &profile.yaw}};
    for (std::size_t axis = 0; axis < 3; ++axis) {
        std::vector<double> stick, rates_dps;
        for (std::size_t i = upper.size(); i-- > 0;) {
            if ((upper.size() - 1 - i) % every != 0) continue; // the end is always one of them
            stick.insert(stick.begin(), std::min(1.0, upper[i][0]));
            rates_dps.insert(rates_dps.begin(), upper[i][axis + 1]);
        }
        auto good = checked(TableCurve(std::move(stick), std::move(rates_dps)));
        if (!good) return bad_input("%1: column %2: %3", file, axes[axis].first, good.error().message);
        *axes[axis].second = std::move(*good);
    }
    return profile;
}

Result<RateProfile> load_rates(const std::filesystem::path& path)
{
    const auto text = read_text(path);
    if (!text) return tl::unexpected(text.error());
    return path.extension() == ".csv" ? parse_rates_csv(*text, path.string()) : parse_rates(*text, path.string());
}

std::string rates_csv(const RateProfile& profile, int points)
{
    std::string text = "stick,roll_dps,pitch_dps,yaw_dps\n";
    for (int i = 0; i < points; ++i) {
        const double stick = -1 + 2.0 * i / (points - 1);
        text += fixed(stick, 6);
        for (const RateCurve* axis : {&profile.roll, &profile.pitch, &profile.yaw})
            text += ',' + fixed(rate_dps(*axis, stick), 4);
        text += '\n';
    }
    return text;
}

} // namespace bh
