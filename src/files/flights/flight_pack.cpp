#include "files/flights/flight_pack.h"

#include "files/flights/flight_columns.h"

#include <cmath>
#include <limits>

namespace bh {
namespace {

constexpr std::string_view magic = "BHFP1\n";
constexpr double largest = 9e15; // whole numbers beyond it are not all doubles

double per_unit(const NumberColumn& c) { return std::pow(10.0, c.decimals); }

void put(std::string& out, std::uint64_t value)
{
    for (; value >= 128; value >>= 7) out.push_back(static_cast<char>(value | 128));
    out.push_back(static_cast<char>(value));
}
void put_signed(std::string& out, std::int64_t value)
{
    put(out, (static_cast<std::uint64_t>(value) << 1) ^ static_cast<std::uint64_t>(value >> 63));
}

/// What is left of whole numbers after taking differences `order` times, as bytes.
std::string differences(std::vector<std::int64_t> values, int order)
{
    for (int k = 0; k < order; ++k)
        for (std::size_t i = values.size(); i-- > 1;) values[i] -= values[i - 1];
    std::string out;
    for (const std::int64_t v : values) put_signed(out, v);
    return out;
}

/// Reads what `put` wrote; `ok` turns false at the end or at nonsense.
struct In {
    std::string_view bytes;
    bool ok = true;
    std::uint64_t number()
    {
        if (!bytes.empty() && static_cast<unsigned char>(bytes.front()) < 128) { // most are
            const auto only = static_cast<unsigned char>(bytes.front());
            bytes.remove_prefix(1);
            return only;
        }
        std::uint64_t value = 0;
        for (int shift = 0; shift < 64; shift += 7) {
            if (bytes.empty()) break;
            const auto byte = static_cast<unsigned char>(bytes.front());
            bytes.remove_prefix(1);
            value |= static_cast<std::uint64_t>(byte & 127) << shift;
            if (byte < 128) return value;
        }
        ok = false;
        return 0;
    }
    std::int64_t signed_number()
    {
        const std::uint64_t folded = number();
        return static_cast<std::int64_t>(folded >> 1) ^ -static_cast<std::int64_t>(folded & 1);
    }
};

template <class Column>
void put_runs(std::string& out, const Column& column)
{
    for (std::size_t i = 0; i < column.size();) {
        std::size_t j = i;
        while (j < column.size() && column[j] == column[i]) ++j;
        put(out, static_cast<std::uint64_t>(column[i]));
        put(out, j - i);
        i = j;
    }
}

template <class Value>
bool take_runs(In& in, std::vector<Value>& column, std::size_t rows, std::uint64_t most)
{
    while (column.size() < rows && in.ok) {
        const std::uint64_t value = in.number(), run = in.number();
        if (value > most || run == 0 || run > rows - column.size()) return false;
        column.insert(column.end(), run, static_cast<Value>(value));
    }
    return in.ok;
}

} // namespace

std::optional<std::string> flight_pack(const FlightLog& log)
{
    if (!log.has_position) return std::nullopt;
    std::string out(magic);
    put(out, log.size());
    std::vector<std::int64_t> whole(log.size());
    for (const NumberColumn& c : number_columns) {
        const std::vector<double>& column = log.*c.column;
        const double per = per_unit(c);
        for (std::size_t i = 0; i < log.size(); ++i) {
            const double scaled = column[i] * per;
            if (!(std::abs(scaled) < largest)) return std::nullopt;
            whole[i] = std::llround(scaled);
            if (static_cast<double>(whole[i]) / per != column[i]) return std::nullopt;
        }
        std::string best;
        char best_order = 0;
        for (char order = 0; order < 3; ++order)
            if (std::string bytes = differences(whole, order); order == 0 || bytes.size() < best.size())
                best = std::move(bytes), best_order = order;
        out.push_back(best_order);
        out += best;
    }
    put_runs(out, log.mode);
    put_runs(out, log.armed);
    put(out, log.events.size());
    std::size_t row = 0;
    for (const FlightLog::Event& e : log.events) {
        put(out, e.row - row);
        put(out, static_cast<std::uint64_t>(e.event));
        row = e.row;
    }
    return out;
}

std::optional<std::size_t> flight_pack_size_at_most(std::string_view beginning)
{
    if (!beginning.starts_with(magic)) return std::nullopt;
    In in{beginning.substr(magic.size())};
    const std::uint64_t rows = in.number();
    if (!in.ok || rows > most_flight_rows) return std::nullopt;
    // A number takes ten bytes at most; of events there may be a few in a row.
    constexpr std::size_t longest_number = 10, events_in_row = 4;
    const std::size_t in_row = longest_number * (number_columns.size() + 4 + 2 * events_in_row);
    return magic.size() + 64 + rows * in_row;
}

Result<FlightLog> flight_unpack(std::string_view bytes)
{
    const auto damaged = [] { return bad_input("is damaged or no packed flight log"); };
    if (!bytes.starts_with(magic)) return damaged();
    In in{bytes.substr(magic.size())};
    const std::uint64_t rows = in.number();
    if (!in.ok || rows > most_flight_rows || rows > in.bytes.size()) return damaged(); // a row takes more than a byte
    FlightLog log;
    for (const NumberColumn& c : number_columns) {
        if (in.bytes.empty()) return damaged();
        const int order = in.bytes.front();
        in.bytes.remove_prefix(1);
        if (order < 0 || order > 2) return damaged();
        std::vector<std::int64_t> whole(rows);
        for (std::int64_t& v : whole) v = in.signed_number();
        if (!in.ok) return damaged();
        for (int k = 0; k < order; ++k)
            for (std::size_t i = 1; i < whole.size(); ++i)
                whole[i] =
                    static_cast<std::int64_t>(static_cast<std::uint64_t>(whole[i]) + static_cast<std::uint64_t>(whole[i - 1]));
        std::vector<double>& column = log.*c.column;
        const double per = per_unit(c);
        column.resize(rows);
        for (std::size_t i = 0; i < rows; ++i) column[i] = static_cast<double>(whole[i]) / per;
    }
    if (!take_runs(in, log.mode, rows, static_cast<std::uint64_t>(Mode::Sport)) || !take_runs(in, log.armed, rows, 1))
        return damaged();
    const std::uint64_t events = in.number();
    std::size_t row = 0;
    for (std::uint64_t i = 0; i < events && in.ok; ++i) {
        row += in.number();
        const std::uint64_t kind = in.number();
        if (row >= rows || kind > static_cast<std::uint64_t>(FlightEvent::ArmRefused)) return damaged();
        log.events.push_back({row, static_cast<FlightEvent>(kind)});
    }
    if (!in.ok || !in.bytes.empty()) return damaged();
    return log;
}

} // namespace bh
