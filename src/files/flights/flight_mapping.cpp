#include "files/flights/flight_mapping.h"

#include "core/base/one_line.h"
#include "core/base/stats.h"
#include "files/text/csv.h"
#include "files/text/json_in.h"

#include <algorithm>
#include <cmath>
#include <fstream>
#include <numbers>

namespace bh {
namespace {

using V = FlightValue;

struct ValueFacts {
    std::string_view key, words;
    std::vector<std::string_view> names; ///< of heads, in small letters and digits alone
    std::vector<ImportUnit> units;       ///< the log's own first
};

const ValueFacts& facts(FlightValue value)
{
    constexpr double per_rad = 180 / std::numbers::pi, foot_m = 0.3048; // international foot, 1959
    static const std::vector<ImportUnit> lengths{{"m"}, {"cm", 0.01}, {"mm", 0.001}, {"ft", foot_m}};
    static const std::vector<ImportUnit> speeds{{"m/s"}, {"cm/s", 0.01}, {"km/h", 1 / 3.6}, {"ft/s", foot_m}};
    static const std::vector<ImportUnit> angles{{"deg"}, {"rad", per_rad}};
    static const std::vector<ImportUnit> rates{{"deg/s"}, {"rad/s", per_rad}};
    static const std::vector<ImportUnit> places{{"deg"}, {"deg × 10^7", 1e-7}};
    static const std::vector<ImportUnit> sticks{
        {"-1 to 1"},       {"-100 to 100", 0.01}, {"-500 to 500", 1.0 / 500}, {"1000 to 2000", 1.0 / 500, -3},
        {"0 to 1", 2, -1}, {"0 to 100", 0.02, -1}};
    static const std::vector<ImportUnit> throttles{{"0 to 1"},
                                                   {"0 to 100", 0.01},
                                                   {"0 to 1000", 0.001},
                                                   {"1000 to 2000", 0.001, -1},
                                                   {"-1 to 1", 0.5, 0.5},
                                                   {"-100 to 100", 0.005, 0.5}};
    static const std::vector<ImportUnit> plain{{""}};
    static const std::array<ValueFacts, flight_value_count> all{{
        {"time",
         label("Time"),
         {"ts", "t", "time", "times", "timestamp", "seconds", "timems", "timeus", "ms", "us", "elapsed", "elapseds"},
         {{"s"}, {"ms", 1e-3}, {"µs", 1e-6}}},
        {"north", label("North"), {"northm", "north", "posn", "pn", "positionn", "posnorth", "y"}, lengths},
        {"east", label("East"), {"eastm", "east", "pose", "pe", "positione", "poseast", "x"}, lengths},
        {"height",
         label("Height"),
         {"heightm", "height", "altitude", "alt", "altm", "altitudem", "agl", "up", "z", "heightft", "altft"},
         lengths},
        {"latitude", label("Latitude"), {"latitude", "lat", "latdeg", "gpslat"}, places},
        {"longitude", label("Longitude"), {"longitude", "lon", "lng", "londeg", "gpslon"}, places},
        {"north_speed", label("Speed to the north"), {"vnmps", "vn", "velnorth", "veln", "northspeed"}, speeds},
        {"east_speed", label("Speed to the east"), {"vemps", "ve", "veleast", "vele", "eastspeed"}, speeds},
        {"climb", label("Climb"), {"climbmps", "climb", "vz", "verticalspeed", "vspeed", "climbrate"}, speeds},
        {"quat_w", label("Attitude w"), {"qw", "quatw", "q0"}, plain},
        {"quat_x", label("Attitude x"), {"qx", "quatx", "q1"}, plain},
        {"quat_y", label("Attitude y"), {"qy", "quaty", "q2"}, plain},
        {"quat_z", label("Attitude z"), {"qz", "quatz", "q3"}, plain},
        {"roll", label("Roll angle"), {"roll", "rolldeg", "bank", "phi", "rollangle", "rollrad", "attroll"}, angles},
        {"pitch", label("Pitch angle"), {"pitch", "pitchdeg", "theta", "pitchangle", "pitchrad", "attpitch"}, angles},
        {"yaw",
         label("Heading"),
         {"yaw", "yawdeg", "heading", "headingdeg", "psi", "yawangle", "yawrad", "attyaw", "course"},
         angles},
        {"roll_rate", label("Roll rate"), {"pdps", "p", "rollrate", "gyrox", "gx", "rateroll", "omegax"}, rates},
        {"pitch_rate", label("Pitch rate"), {"qdps", "q", "pitchrate", "gyroy", "gy", "ratepitch", "omegay"}, rates},
        {"yaw_rate", label("Yaw rate"), {"rdps", "r", "yawrate", "gyroz", "gz", "rateyaw", "omegaz"}, rates},
        {"throttle", label("Throttle"), {"throttle", "thr", "stickthrottle", "rcthrottle", "inputthrottle", "thrust"}, throttles},
        {"roll_stick",
         label("Roll stick"),
         {"stickroll", "rollstick", "ail", "aileron", "rcroll", "inputroll", "rollinput", "cmdroll"},
         sticks},
        {"pitch_stick",
         label("Pitch stick"),
         {"stickpitch", "pitchstick", "ele", "elevator", "rcpitch", "inputpitch", "pitchinput", "cmdpitch"},
         sticks},
        {"yaw_stick",
         label("Yaw stick"),
         {"stickyaw", "yawstick", "rud", "rudder", "rcyaw", "inputyaw", "yawinput", "cmdyaw"},
         sticks},
        {"mode", label("Flight mode"), {"mode", "flightmode"}, plain},
        {"armed", label("Motors running"), {"armed", "arm", "motors"}, plain},
    }};
    return all[static_cast<std::size_t>(value)];
}

FlightValue value_at(std::size_t i) { return static_cast<FlightValue>(i); }

/// The unit that stands in a head: "alt [ft]", "roll (rad)", "gyro_x rad/s".
std::string unit_in_head(FlightValue value, std::string_view head)
{
    std::string small;
    for (const char c : head) small.push_back(static_cast<char>(std::tolower(static_cast<unsigned char>(c))));
    for (const ImportUnit& u : facts(value).units) {
        if (u.key.empty()) continue;
        for (const std::string& written :
             {"[" + std::string(u.key) + "]", "(" + std::string(u.key) + ")", "_" + std::string(u.key)})
            if (small.find(written) != std::string::npos && (written[0] != '_' || small.ends_with(written)))
                return std::string(u.key);
    }
    if (value == V::Time && (small.ends_with("us") || small.find("[us]") != std::string::npos)) return "µs";
    if (value == V::Time && small.ends_with("ms")) return "ms";
    if (small.find("rad") != std::string::npos && facts(value).units.size() == 2) return std::string(facts(value).units[1].key);
    return "";
}

/// The unit that the first values lie in, where the head does not say it.
std::string unit_by_values(FlightValue value, const std::vector<double>& values)
{
    if (values.empty()) return "";
    const auto [low_at, high_at] = std::minmax_element(values.begin(), values.end());
    const double low = *low_at, high = *high_at, size = std::max(std::abs(low), std::abs(high));
    constexpr double slack = 1.05;
    switch (value) {
    case V::Time: {
        if (values.size() < 2) return "s";
        const double step = (values.back() - values.front()) / static_cast<double>(values.size() - 1);
        return step < 0.5 ? "s" : step < 200 ? "ms" : "µs";
    }
    case V::Throttle:
        return low >= 800 && high <= 2200 ? "1000 to 2000"
               : low < 0                  ? (size <= slack ? "-1 to 1" : "-100 to 100")
               : size <= slack            ? "0 to 1"
               : size <= 100 * slack      ? "0 to 100"
                                          : "0 to 1000";
    case V::RollStick:
    case V::PitchStick:
    case V::YawStick:
        return low >= 800 && high <= 2200 ? "1000 to 2000"
               : size <= slack            ? "-1 to 1"
               : size <= 100 * slack      ? "-100 to 100"
                                          : "-500 to 500";
    case V::Latitude:
    case V::Longitude: return size > 360 ? "deg × 10^7" : "deg";
    case V::Roll:
    case V::Pitch:
    case V::Yaw: return size > 0 && size < 2 * std::numbers::pi + 0.01 ? "rad" : "deg";
    case V::RollRate:
    case V::PitchRate:
    case V::YawRate: return size > 0 && size < 20 ? "rad/s" : "deg/s"; // a guess: who flies at under 20 °/s all the time
    default: return "";
    }
}

std::vector<double> numbers_in(const TableHead& head, std::size_t column)
{
    std::vector<double> numbers;
    for (const auto& row : head.rows) {
        double value = 0;
        CsvCursor cursor(row[column]);
        if (cursor.number(value)) numbers.push_back(value);
    }
    return numbers;
}

} // namespace

const ImportUnit& unit_of(FlightValue value, const std::string& key)
{
    for (const ImportUnit& u : facts(value).units)
        if (u.key == key) return u;
    return facts(value).units.front();
}

std::string bare_head(std::string_view head)
{
    std::string plain;
    for (const char c : head) {
        if (std::isalnum(static_cast<unsigned char>(c)))
            plain.push_back(static_cast<char>(std::tolower(static_cast<unsigned char>(c))));
        if (c == '[' || c == '(') break; // a unit
    }
    return plain;
}

std::string_view flight_value_key(FlightValue value) { return facts(value).key; }
std::string_view flight_value_words(FlightValue value) { return facts(value).words; }
const std::vector<ImportUnit>& units_of(FlightValue value) { return facts(value).units; }

const std::array<std::string_view, 6>& rotation_orders()
{
    static constexpr std::array<std::string_view, 6> all{"yaw pitch roll", "yaw roll pitch", "pitch yaw roll",
                                                         "pitch roll yaw", "roll pitch yaw", "roll yaw pitch"};
    return all;
}

std::string mapping_text(const FlightMapping& m)
{
    nlohmann::ordered_json json{
        {"format", "bluehangar.columns/1"}, {"separator", std::string(1, m.separator)}, {"rotation", m.rotation}};
    if (m.rows_per_s > 0) json["rows_per_s"] = m.rows_per_s;
    for (std::size_t i = 0; i < flight_value_count; ++i) {
        const FlightMapping::Column& c = m.values[i];
        if (c.column < 0) continue;
        json["values"][std::string(flight_value_key(value_at(i)))] = {
            {"column", c.column}, {"unit", c.unit}, {"turned", c.turned}};
    }
    return json.dump();
}

Result<FlightMapping> parse_mapping(std::string_view text, const std::string& file)
{
    return read_document<FlightMapping>(text, file, "columns", [](const JsonIn& in) -> Result<FlightMapping> {
        FlightMapping m;
        const std::string separator = in.text("separator", ",");
        if (separator.size() != 1) in.at("separator").fault("expected one character");
        m.separator = separator[0];
        m.rotation = in.text("rotation", m.rotation);
        const auto& orders = rotation_orders();
        if (std::find(orders.begin(), orders.end(), m.rotation) == orders.end())
            in.at("rotation").fault("expected an order of yaw, pitch and roll");
        m.rows_per_s = in.number("rows_per_s", 0);
        for (std::size_t i = 0; i < flight_value_count && in.has("values"); ++i) {
            const JsonIn values = in.at("values");
            const std::string key(flight_value_key(value_at(i)));
            if (!values.has(key.c_str())) continue;
            const JsonIn column = values.at(key.c_str());
            m.values[i] = {column.at("column").whole(), column.text("unit", ""), column.truth("turned", false)};
        }
        return m;
    });
}

std::string TableHead::name() const
{
    std::string all;
    for (const std::string& c : columns) all += (all.empty() ? "" : "|") + bare_head(c);
    return all.substr(0, 400);
}

Result<TableHead> table_head(const std::filesystem::path& path)
{
    constexpr std::size_t beginning = 256 * 1024, rows_shown = 200;
    std::error_code none;
    if (!std::filesystem::is_regular_file(path, none)) return bad_input("%1: is no file", path.string());
    std::ifstream in(path, std::ios::binary);
    std::string text(beginning, '\0');
    in.read(text.data(), static_cast<std::streamsize>(text.size()));
    text.resize(static_cast<std::size_t>(std::max<std::streamsize>(0, in.gcount())));
    if (text.size() == beginning) text.resize(std::max<std::size_t>(1, text.rfind('\n') + 1)); // whole lines
    TableHead head;
    const std::string first = text.substr(0, text.find('\n'));
    for (const char separator : {';', '\t'})
        if (std::count(first.begin(), first.end(), separator) > std::count(first.begin(), first.end(), ','))
            head.separator = separator;
    CsvCursor cursor(text, head.separator);
    auto names = csv_header(cursor, text);
    if (!names) return bad_input("%1: %2", path.string(), names.error().message);
    head.columns = std::move(*names);
    while (!cursor.at_end() && head.rows.size() < rows_shown) {
        if (cursor.at_line_end()) {
            if (!cursor.next_line()) break;
            continue;
        }
        std::vector<std::string> row;
        do row.emplace_back(cursor.text());
        while (cursor.next_field());
        if (row.size() != head.columns.size())
            return bad_input(csv_place(path.string(), cursor.line(), "",
                                       message("has %1 fields, the header has %2", row.size(), head.columns.size())));
        head.rows.push_back(std::move(row));
        cursor.next_line();
    }
    if (head.rows.size() < 2) return bad_input("%1: has no rows under its header, expected at least two", path.string());
    return head;
}

namespace {

/// Three of a kind are written in one unit: the one that the largest of them lies in, where no head says it.
void share_unit(FlightMapping& m, const TableHead& head, const std::array<FlightValue, 3>& group)
{
    std::vector<double> all;
    std::string said;
    for (const FlightValue v : group) {
        const int c = m.of(v).column;
        if (c < 0) continue;
        if (const std::string unit = unit_in_head(v, head.columns[static_cast<std::size_t>(c)]); !unit.empty()) said = unit;
        const auto values = numbers_in(head, static_cast<std::size_t>(c));
        all.insert(all.end(), values.begin(), values.end());
    }
    const std::string unit = said.empty() ? unit_by_values(group.front(), all) : said;
    if (unit.empty()) return;
    for (const FlightValue v : group)
        if (m.of(v).column >= 0 && unit_in_head(v, head.columns[static_cast<std::size_t>(m.of(v).column)]).empty())
            m.of(v).unit = unit;
}

} // namespace

FlightMapping guessed_mapping(const TableHead& head)
{
    FlightMapping m;
    m.separator = head.separator;
    for (std::size_t i = 0; i < flight_value_count; ++i) {
        const FlightValue value = value_at(i);
        for (const std::string_view name : facts(value).names) {
            for (std::size_t c = 0; c < head.columns.size() && m.values[i].column < 0; ++c) {
                if (bare_head(head.columns[c]) != name) continue;
                FlightMapping::Column& column = m.values[i];
                column.column = static_cast<int>(c);
                column.unit = unit_in_head(value, head.columns[c]);
                if (column.unit.empty()) column.unit = unit_by_values(value, numbers_in(head, c));
                if (column.unit.empty()) column.unit = facts(value).units.front().key;
            }
        }
    }
    for (const auto& group : {std::array{V::Roll, V::Pitch, V::Yaw}, std::array{V::RollRate, V::PitchRate, V::YawRate},
                              std::array{V::RollStick, V::PitchStick, V::YawStick}})
        share_unit(m, head, group);
    if (m.of(V::Time).column < 0) m.rows_per_s = 100;
    return m;
}

std::vector<Message> not_known(const FlightMapping& m)
{
    std::vector<Message> sentences;
    const auto has = [&](FlightValue v) { return m.of(v).column >= 0; };
    const bool placed = ((has(V::North) && has(V::East)) || (has(V::Latitude) && has(V::Longitude))) && has(V::Height);
    if (!placed) sentences.push_back(message("Places are not known: only what the sticks and the attitude tell can be found."));
    if (!has(V::QuatW) && !(has(V::Roll) && has(V::Pitch)))
        sentences.push_back(message("The attitude is not known: turns, leans and banks cannot be found."));
    if (!has(V::RollRate) && !has(V::QuatW) && !(has(V::Roll) && has(V::Pitch)))
        sentences.push_back(message("Body rates are not known: rocking cannot be found."));
    if (!has(V::FlightMode)) sentences.push_back(message("The flight mode is not known: it is taken to be acro."));
    if (!has(V::Armed)) sentences.push_back(message("Whether the motors ran is not known: they are taken to have run."));
    return sentences;
}

} // namespace bh
