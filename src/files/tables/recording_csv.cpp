#include "files/tables/recording_csv.h"

#include "core/base/number_text.h"
#include "files/text/csv.h"
#include "files/text/file_text.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace bh {

Result<ControllerRecording> parse_recording_csv(std::string_view text, std::string_view file)
{
    CsvCursor cursor(text);
    const auto names = csv_header(cursor, text);
    if (!names) return bad_input("%1: %2", file, names.error().message);
    constexpr int most_axes = 32;
    int time_column = -1;
    int prompt_column = -1;
    std::vector<int> axis_of(names->size(), -1);
    int axes = 0;
    for (std::size_t i = 0; i < names->size(); ++i) {
        const std::string& name = (*names)[i];
        if (name == "t_s") time_column = static_cast<int>(i);
        if (name == "prompt") prompt_column = static_cast<int>(i);
        for (int axis = 0; axis < most_axes; ++axis)
            if (name == "a" + whole_text(axis)) axis_of[i] = axis, ++axes;
    }
    for (int axis = 0; axis < axes; ++axis)
        if (std::count(axis_of.begin(), axis_of.end(), axis) != 1)
            return bad_input(csv_place(file, 1, "a" + whole_text(axis), "expected once among the axes a0, a1, …"));
    if (time_column < 0 || prompt_column < 0 || axes == 0)
        return bad_input(csv_place(file, 1, "", "a controller recording needs the columns t_s, a0, a1, … and prompt"));

    ControllerRecording recording;
    std::vector<int> counts(static_cast<std::size_t>(axes));
    double last_t_s = -1e300;
    while (!cursor.at_end()) {
        if (cursor.at_line_end()) {
            if (!cursor.next_line()) break;
            continue;
        }
        double t_s = 0;
        std::optional<Prompt> prompt;
        for (std::size_t i = 0; i < names->size(); ++i) {
            if (i > 0 && !cursor.next_field()) return bad_input(csv_place(file, cursor.line(), (*names)[i], "is missing"));
            if (static_cast<int>(i) == prompt_column) {
                const std::string_view key = cursor.text();
                prompt = prompt_from_key(key);
                if (!prompt)
                    return bad_input(
                        csv_place(file, cursor.line(), "prompt",
                                  message("expected rest, throttle_up, … or circles, found '%1'", for_message(key))));
                continue;
            }
            if (static_cast<int>(i) != time_column && axis_of[i] < 0) {
                cursor.text();
                continue;
            }
            double value = 0;
            if (!cursor.number(value) || !std::isfinite(value) || std::abs(value) > 1e9)
                return bad_input(
                    csv_place(file, cursor.line(), (*names)[i], message("expected a number, found '%1'", cursor.glimpse())));
            if (static_cast<int>(i) == time_column)
                t_s = value;
            else
                counts[static_cast<std::size_t>(axis_of[i])] = static_cast<int>(std::lround(value));
        }
        if (!(t_s > last_t_s)) return bad_input(csv_place(file, cursor.line(), "t_s", "times must rise from row to row"));
        last_t_s = t_s;
        recording.append(t_s, counts, *prompt);
        if (!cursor.at_line_end()) return bad_input(csv_place(file, cursor.line(), "", "more fields than the header"));
        cursor.next_line();
    }
    if (recording.samples() == 0) return bad_input("%1: has a header but no rows", file);
    return recording;
}

Result<ControllerRecording> load_recording_csv(const std::filesystem::path& path)
{
    auto file = FileBytes::open(path);
    if (!file) return tl::unexpected(file.error());
    return parse_recording_csv(file->text(), path.string());
}

std::string recording_csv(const ControllerRecording& recording)
{
    std::string out = "t_s";
    for (std::size_t axis = 0; axis < recording.axes_counts.size(); ++axis) out += ",a" + whole_text(axis);
    out += ",prompt\n";
    for (std::size_t i = 0; i < recording.samples(); ++i) {
        out += fixed(recording.t_s[i], 4);
        for (const auto& axis : recording.axes_counts) out.append(",").append(whole_text(axis[i]));
        out.append(",").append(prompt_key(recording.prompts[i])).append("\n");
    }
    return out;
}

} // namespace bh
