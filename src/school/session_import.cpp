#include "school/session_import.h"

#include "core/base/one_line.h"
#include "files/text/csv.h"
#include "files/text/file_text.h"
#include "files/text/json_in.h"

#include <QDateTime>
#include <QStringList>
#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr std::size_t most_rows = 20000;

std::string without_doubled_quotes(std::string_view text)
{
    std::string plain;
    for (std::size_t i = 0; i < text.size(); ++i) {
        plain += text[i];
        if (text[i] == '"' && i + 1 < text.size() && text[i + 1] == '"') ++i;
    }
    return plain;
}

/// Local time without a Z; nothing for what is no time.
std::optional<UnixTime> time_in(const std::string& text)
{
    const QString words = QString::fromStdString(text).trimmed().replace(QLatin1Char(' '), QLatin1Char('T'));
    const QDateTime at = QDateTime::fromString(words, Qt::ISODate);
    return at.isValid() ? std::optional<UnixTime>(at.toSecsSinceEpoch()) : std::nullopt;
}

std::optional<double> number_in(const std::string& text)
{
    CsvCursor cursor(text);
    double value = 0;
    return cursor.number(value) && cursor.at_end() ? std::optional(value) : std::nullopt;
}

} // namespace

Result<PracticeTable> read_practice_table(std::string_view text, const std::string& file)
{
    if (!is_utf8(text)) return bad_input("%1: is not UTF-8 text", file);
    CsvCursor cursor(text);
    auto header = csv_header(cursor, text);
    if (!header) return with_file(Result<PracticeTable>(tl::unexpected(header.error())), file);
    PracticeTable table;
    table.columns = std::move(*header);
    while (!cursor.at_end()) {
        const long line = cursor.line();
        std::vector<std::string> row;
        do row.push_back(without_doubled_quotes(cursor.text()));
        while (cursor.next_field());
        if (!cursor.next_line() || (row.size() != table.columns.size() && !(row.size() == 1 && row.front().empty())))
            return bad_input("%1: line %2: expected %3 fields, found %4", file, line, table.columns.size(), row.size());
        if (row.size() != table.columns.size()) continue; // an empty line
        if (table.rows.size() == most_rows) return bad_input("%1: expected at most 20,000 rows", file);
        table.rows.push_back(std::move(row));
        table.lines.push_back(line);
    }
    if (table.rows.empty()) return bad_input("%1: expected at least one row under the header", file);
    return table;
}

PracticeColumns guessed_columns(const PracticeTable& table)
{
    const auto named = [&](const QStringList& words) {
        for (std::size_t i = 0; i < table.columns.size(); ++i)
            for (const QString& word : words)
                if (QString::fromStdString(table.columns[i]).contains(word, Qt::CaseInsensitive)) return static_cast<int>(i);
        return -1;
    };
    PracticeColumns columns;
    columns.started =
        named({QStringLiteral("start"), QStringLiteral("begin"), QStringLiteral("date"), QStringLiteral("time_utc")});
    columns.active = named({QStringLiteral("active"), QStringLiteral("duration"), QStringLiteral("flown"),
                            QStringLiteral("minutes"), QStringLiteral("hours"), QStringLiteral("length")});
    columns.idle = named({QStringLiteral("idle"), QStringLiteral("pause")});
    columns.simulator = named({QStringLiteral("simulator"), QStringLiteral("program"), QStringLiteral("where")});
    if (columns.active >= 0) {
        const QString name = QString::fromStdString(table.columns[static_cast<std::size_t>(columns.active)]).toLower();
        if (name.endsWith(QLatin1String("_s")) || name.contains(QLatin1String("sec")))
            columns.unit = PracticeColumns::Unit::Seconds;
        if (name.endsWith(QLatin1String("_h")) || name.contains(QLatin1String("hour")))
            columns.unit = PracticeColumns::Unit::Hours;
    }
    return columns;
}

Result<std::vector<Session>> sessions_in(const PracticeTable& table, const PracticeColumns& columns,
                                         const std::vector<SimulatorProfile>& simulators, const std::string& otherwise,
                                         const std::string& file)
{
    if (columns.started < 0) return bad_input("%1: choose the column that says when it began", file);
    if (columns.active < 0) return bad_input("%1: choose the column that says how long was flown", file);
    constexpr double longest_s = 24 * 3600;
    const double seconds = columns.unit == PracticeColumns::Unit::Seconds   ? 1
                           : columns.unit == PracticeColumns::Unit::Minutes ? 60
                                                                            : 3600;
    std::vector<Session> sessions;
    for (std::size_t i = 0; i < table.rows.size(); ++i) {
        const auto& row = table.rows[i];
        const auto cell = [&](int column) { return row[static_cast<std::size_t>(column)]; };
        const auto wrong = [&](int column, const std::string& expected) {
            return bad_input(csv_place(file, table.lines[i], table.columns[static_cast<std::size_t>(column)],
                                       message("expected %1, found '%2'", expected, for_message(cell(column)))));
        };
        Session session;
        const auto started = time_in(cell(columns.started));
        if (!started) return wrong(columns.started, "a date and time as 2031-03-04 17:20");
        session.started_at = *started;
        const auto active = number_in(cell(columns.active));
        if (!active || !(*active > 0) || *active * seconds > longest_s)
            return wrong(columns.active, "a time over 0, up to a day");
        session.active_s = *active * seconds;
        if (columns.idle >= 0 && !cell(columns.idle).empty()) {
            const auto idle = number_in(cell(columns.idle));
            if (!idle || *idle < 0 || *idle * seconds > longest_s) return wrong(columns.idle, "a time from 0, up to a day");
            session.idle_s = *idle * seconds;
        }
        session.ended_at = session.started_at + std::max<UnixTime>(1, std::lround(session.active_s + session.idle_s));
        session.simulator = otherwise;
        if (columns.simulator >= 0 && !cell(columns.simulator).empty()) {
            const auto known = std::find_if(simulators.begin(), simulators.end(), [&](const SimulatorProfile& s) {
                return s.id == cell(columns.simulator) || s.name == cell(columns.simulator);
            });
            if (known == simulators.end()) return wrong(columns.simulator, "a simulator that is known here");
            session.simulator = known->id;
        }
        sessions.push_back(std::move(session));
    }
    return sessions;
}

} // namespace bh
