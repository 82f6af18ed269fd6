#include "files/text/csv_text.h"

#include <fast_float/fast_float.h>

namespace bh {
namespace {

bool is_number(std::string_view text)
{
    if (text.starts_with('+')) return false; // a spreadsheet may take what follows for more than a number
    double value = 0;
    const auto [end, problem] = fast_float::from_chars(text.data(), text.data() + text.size(), value);
    return problem == std::errc() && end == text.data() + text.size();
}

} // namespace

std::string csv_field(std::string_view text)
{
    std::string field(text);
    const bool may_compute = !text.empty() && std::string_view("=+-@\t\r\n").find(text[0]) != std::string_view::npos;
    if (may_compute && !is_number(text)) field.insert(field.begin(), '\'');
    if (field.find_first_of(",\"\r\n") == std::string::npos) return field;
    std::string quoted = "\"";
    for (const char c : field) quoted += c == '"' ? std::string("\"\"") : std::string(1, c);
    return quoted + '"';
}

std::string csv_row(const std::vector<std::string>& fields)
{
    std::string row;
    for (std::size_t i = 0; i < fields.size(); ++i) row += (i > 0 ? "," : "") + csv_field(fields[i]);
    return row + "\n";
}

} // namespace bh
