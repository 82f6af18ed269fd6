#pragma once

#include "core/base/result.h"

#include <fast_float/fast_float.h>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// Walks over comma-separated text (RFC 4180 quoting, LF or CRLF) field by field; another separator can be given.
class CsvCursor {
public:
    explicit CsvCursor(std::string_view text, char separator = ',')
        : at_(text.data()), end_(text.data() + text.size()), separator_(separator)
    {
    }

    [[nodiscard]] bool at_end() const { return at_ == end_; }
    /// True at the end of a row.
    [[nodiscard]] bool at_line_end() const { return at_ == end_ || *at_ == '\n' || *at_ == '\r'; }
    [[nodiscard]] long line() const { return line_; }

    /// Reads a number and stands on the separator behind it; false when the field is no bare number, is not finite, or is beyond
    /// 10^12, which nothing here measures.
    bool number(double& value)
    {
        constexpr double largest = 1e12;
        const auto [next, status] = fast_float::from_chars(at_, end_, value);
        if (status != std::errc() || (next != end_ && *next != separator_ && *next != '\n' && *next != '\r')) return false;
        if (!(value <= largest && value >= -largest)) return false;
        at_ = next;
        return true;
    }
    /// Reads the field as text without its quotes. A doubled quote inside is left doubled.
    std::string_view text();
    /// Steps over the comma behind a field; false when the row ends here.
    bool next_field()
    {
        if (at_ == end_ || *at_ != separator_) return false;
        ++at_;
        return true;
    }
    /// Steps over the row's end; false when something is still left on the row.
    bool next_line()
    {
        if (at_ != end_ && *at_ == '\r') ++at_;
        if (at_ == end_) return true;
        if (*at_ != '\n') return false;
        ++at_;
        ++line_;
        return true;
    }
    /// The text of the field that the cursor stands on, cut to a length fit for a message.
    [[nodiscard]] std::string glimpse() const;

private:
    const char* at_;
    const char* end_;
    char separator_;
    long line_ = 1;
};

/// The column names of the first row. BadInput (without a file name) for an empty text or a header that is no header:
/// longer than 64 kB, quoted line breaks and all, or with bytes that are no text.
[[nodiscard]] Result<std::vector<std::string>> csv_header(CsvCursor& cursor, std::string_view text);

/// Text of a file made fit for a message: cut to 40 characters, everything that is no plain letter shown as '?'.
[[nodiscard]] std::string for_message(std::string_view text);

/// "FILE: line N, column NAME: WHAT"
[[nodiscard]] Message csv_place(std::string_view file, long line, std::string_view column, const Message& what);

} // namespace bh
