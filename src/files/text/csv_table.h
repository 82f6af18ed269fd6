#pragma once

#include "core/base/result.h"

#include <span>
#include <string_view>
#include <vector>

namespace bh {

/// A column of numbers that a table must have once, by one of two names, within a range.
struct CsvColumn {
    const char* name;
    const char* short_name;
    double low, high;
};

/// Rows of the columns asked for, in their order; other columns are passed over. The first one has to rise from row to row.
/// BadInput with line, column and what was expected.
[[nodiscard]] Result<std::vector<std::vector<double>>> read_csv_table(std::string_view text, std::string_view file,
                                                                      std::span<const CsvColumn> columns);

} // namespace bh
