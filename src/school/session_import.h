#pragma once

#include "core/base/result.h"
#include "core/controller/settings_sheet.h"
#include "core/logbook/logbook.h"

#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// A table of practice as another program wrote it: any columns, as texts.
struct PracticeTable {
    std::vector<std::string> columns;
    std::vector<std::vector<std::string>> rows; ///< as long as the columns
    std::vector<long> lines;                    ///< of the file, for messages
};
/// BadInput with line and what was expected: not UTF-8, no header, a row of another length, over 20,000 rows.
[[nodiscard]] Result<PracticeTable> read_practice_table(std::string_view text, const std::string& file);

/// Which column means what; -1: none does.
struct PracticeColumns {
    enum class Unit : std::uint8_t { Seconds, Minutes, Hours };
    int started = -1;   ///< "2031-03-04 17:20", with T, seconds or Z where there are; local time without Z
    int active = -1;    ///< how long was flown
    int idle = -1;      ///< in the same unit
    int simulator = -1; ///< id or name of a profile
    Unit unit = Unit::Minutes;
};
/// By what the columns are called, as far as that says it.
[[nodiscard]] PracticeColumns guessed_columns(const PracticeTable& table);

/// The rows as sessions of nobody yet. `simulators` are known profiles; a row without one takes `otherwise`. BadInput names the
/// line, the column and what was expected, and then nothing is to be kept.
[[nodiscard]] Result<std::vector<Session>> sessions_in(const PracticeTable& table, const PracticeColumns& columns,
                                                       const std::vector<SimulatorProfile>& simulators,
                                                       const std::string& otherwise, const std::string& file);

} // namespace bh
