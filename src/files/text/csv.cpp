#include "files/text/csv.h"

#include "core/base/one_line.h"

#include <algorithm>

namespace bh {

std::string_view CsvCursor::text()
{
    if (at_ != end_ && *at_ == '"') {
        const char* begin = ++at_;
        while (at_ != end_ && (*at_ != '"' || (at_ + 1 != end_ && at_[1] == '"'))) {
            line_ += *at_ == '\n';
            at_ += *at_ == '"' ? 2 : 1;
        }
        const std::string_view field(begin, static_cast<std::size_t>(at_ - begin));
        if (at_ != end_) ++at_;
        return field;
    }
    const char* begin = at_;
    while (at_ != end_ && *at_ != separator_ && *at_ != '\n' && *at_ != '\r') ++at_;
    return {begin, static_cast<std::size_t>(at_ - begin)};
}

std::string CsvCursor::glimpse() const
{
    CsvCursor copy = *this;
    return for_message(copy.text());
}

std::string for_message(std::string_view text)
{
    std::string shown(text.substr(0, 40));
    for (char& c : shown)
        if (static_cast<unsigned char>(c) < 32 || static_cast<unsigned char>(c) > 126) c = '?';
    return shown;
}

Result<std::vector<std::string>> csv_header(CsvCursor& cursor, std::string_view text)
{
    constexpr std::size_t longest = 64 * 1024;
    if (text.empty()) return bad_input("the file is empty, expected a header row with column names");
    const auto too_long = [] { return bad_input("line 1: longer than 64 kB, expected a header row with column names"); };
    const std::string_view row = text.substr(0, text.find('\n'));
    if (row.size() > longest) return too_long();
    if (std::any_of(row.begin(), row.end(), [](char c) { return static_cast<unsigned char>(c) < 32 && c != '\r' && c != '\t'; }))
        return bad_input("line 1: holds bytes that are no text, expected a header row with column names");
    if (!is_utf8(text)) return bad_input("holds bytes that are no text in UTF-8");
    std::vector<std::string> names;
    std::size_t length = 0; // a name in quotes may go on over the end of its line
    do {
        names.emplace_back(cursor.text());
        length += names.back().size() + 1;
        if (length > longest) return too_long();
    } while (cursor.next_field());
    const auto is_no_text = [](char c) { return static_cast<unsigned char>(c) < 32 && c != '\r' && c != '\n' && c != '\t'; };
    for (const std::string& name : names)
        if (std::any_of(name.begin(), name.end(), is_no_text))
            return bad_input("line 1: holds bytes that are no text, expected a header row with column names");
    if (names.front().starts_with("\xEF\xBB\xBF")) names.front().erase(0, 3); // byte order mark
    if (!cursor.next_line()) return bad_input("line 1: text behind a quoted name, expected a comma");
    return names;
}

Message csv_place(std::string_view file, long line, std::string_view column, const Message& what)
{
    if (column.empty()) return message("%1: line %2: %3", file, line, what);
    return message("%1: line %2, column %3: %4", file, line, for_message(column), what);
}

} // namespace bh
