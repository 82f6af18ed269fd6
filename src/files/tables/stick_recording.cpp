#include "files/tables/stick_recording.h"

#include "core/base/number_text.h"
#include "files/text/csv.h"
#include "files/text/csv_table.h"

#include <algorithm>
#include <string>
#include <zlib.h>

namespace bh {

Result<StickRecording> load_stick_recording(const std::filesystem::path& file)
{
    constexpr std::size_t most_bytes = 256u << 20;
    std::error_code error;
    if (!std::filesystem::is_regular_file(file, error))
        return bad_input("%1: is not a file, expected a stick recording", file.string());
    const gzFile stream = gzopen(file.c_str(), "rb");
    if (!stream) return failure(Error::Code::NotFound, "%1: cannot be opened", file.string());
    std::string text;
    char block[1 << 16];
    for (int got; (got = gzread(stream, block, sizeof block)) > 0 && text.size() < most_bytes;)
        text.append(block, static_cast<std::size_t>(got));
    gzclose(stream);
    if (text.size() >= most_bytes) return bad_input("%1: unpacks to more than 256 MB, expected a stick recording", file.string());
    if (const auto end = text.rfind('\n'); end != std::string::npos) text.resize(end + 1); // a row that was not finished is none

    CsvCursor cursor(text);
    const auto names = csv_header(cursor, text);
    if (!names) return bad_input("%1: %2", file.string(), names.error().message);
    std::vector<CsvColumn> columns{{"t_s", "t_s", 0, 1e6}};
    for (const std::string& name : *names)
        if (name.size() > 1 && name[0] == 'a') columns.push_back({name.c_str(), name.c_str(), -1e9, 1e9});
    if (columns.size() < 2) return bad_input(csv_place(file.string(), 1, "a0", "expected the axes of a controller"));
    const auto table = read_csv_table(text, file.string(), columns);
    if (!table) return tl::unexpected(table.error());
    StickRecording recording;
    for (const auto& row : *table) {
        recording.t_s.push_back(row[0]);
        std::vector<int>& counts = recording.counts.emplace_back();
        for (std::size_t i = 1; i < row.size(); ++i) counts.push_back(static_cast<int>(row[i]));
    }
    return recording;
}

Result<void> write_stick_recording(const std::filesystem::path& file, const StickRecording& recording)
{
    std::string text = "t_s";
    for (std::size_t a = 0; !recording.counts.empty() && a < recording.counts.front().size(); ++a) text += ",a" + whole_text(a);
    for (std::size_t i = 0; i < recording.t_s.size(); ++i) {
        text += '\n' + fixed(recording.t_s[i], 3);
        for (const int count : recording.counts[i]) text += ',' + whole_text(count);
    }
    text += '\n';
    std::error_code ignored;
    if (file.has_parent_path()) std::filesystem::create_directories(file.parent_path(), ignored);
    const gzFile stream = gzopen(file.c_str(), "wb6");
    const bool written = stream && gzwrite(stream, text.data(), static_cast<unsigned>(text.size())) > 0;
    const bool closed = stream && gzclose(stream) == Z_OK;
    if (!written || !closed) return bad_input("%1: cannot be written", file.string());
    return {};
}

} // namespace bh
