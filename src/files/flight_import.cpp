#include "files/flight_import.h"

#include "core/base/one_line.h"
#include "core/base/stats.h"
#include "files/csv.h"
#include "files/flight_pack.h"
#include "files/json_in.h"

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
         "Time",
         {"ts", "t", "time", "times", "timestamp", "seconds", "timems", "timeus", "ms", "us", "elapsed", "elapseds"},
         {{"s"}, {"ms", 1e-3}, {"µs", 1e-6}}},
        {"north", "North", {"northm", "north", "posn", "pn", "positionn", "posnorth", "y"}, lengths},
        {"east", "East", {"eastm", "east", "pose", "pe", "positione", "poseast", "x"}, lengths},
        {"height",
         "Height",
         {"heightm", "height", "altitude", "alt", "altm", "altitudem", "agl", "up", "z", "heightft", "altft"},
         lengths},
        {"latitude", "Latitude", {"latitude", "lat", "latdeg", "gpslat"}, places},
        {"longitude", "Longitude", {"longitude", "lon", "lng", "londeg", "gpslon"}, places},
        {"north_speed", "Speed to the north", {"vnmps", "vn", "velnorth", "veln", "northspeed"}, speeds},
        {"east_speed", "Speed to the east", {"vemps", "ve", "veleast", "vele", "eastspeed"}, speeds},
        {"climb", "Climb", {"climbmps", "climb", "vz", "verticalspeed", "vspeed", "climbrate"}, speeds},
        {"quat_w", "Attitude w", {"qw", "quatw", "q0"}, plain},
        {"quat_x", "Attitude x", {"qx", "quatx", "q1"}, plain},
        {"quat_y", "Attitude y", {"qy", "quaty", "q2"}, plain},
        {"quat_z", "Attitude z", {"qz", "quatz", "q3"}, plain},
        {"roll", "Roll angle", {"roll", "rolldeg", "bank", "phi", "rollangle", "rollrad", "attroll"}, angles},
        {"pitch", "Pitch angle", {"pitch", "pitchdeg", "theta", "pitchangle", "pitchrad", "attpitch"}, angles},
        {"yaw", "Heading", {"yaw", "yawdeg", "heading", "headingdeg", "psi", "yawangle", "yawrad", "attyaw", "course"}, angles},
        {"roll_rate", "Roll rate", {"pdps", "p", "rollrate", "gyrox", "gx", "rateroll", "omegax"}, rates},
        {"pitch_rate", "Pitch rate", {"qdps", "q", "pitchrate", "gyroy", "gy", "ratepitch", "omegay"}, rates},
        {"yaw_rate", "Yaw rate", {"rdps", "r", "yawrate", "gyroz", "gz", "rateyaw", "omegaz"}, rates},
        {"throttle", "Throttle", {"throttle", "thr", "stickthrottle", "rcthrottle", "inputthrottle", "thrust"}, throttles},
        {"roll_stick",
         "Roll stick",
         {"stickroll", "rollstick", "ail", "aileron", "rcroll", "inputroll", "rollinput", "cmdroll"},
         sticks},
        {"pitch_stick",
         "Pitch stick",
         {"stickpitch", "pitchstick", "ele", "elevator", "rcpitch", "inputpitch", "pitchinput", "cmdpitch"},
         sticks},
        {"yaw_stick", "Yaw stick", {"stickyaw", "yawstick", "rud", "rudder", "rcyaw", "inputyaw", "yawinput", "cmdyaw"}, sticks},
        {"mode", "Flight mode", {"mode", "flightmode"}, plain},
        {"armed", "Motors running", {"armed", "arm", "motors"}, plain},
    }};
    return all[static_cast<std::size_t>(value)];
}

FlightValue value_at(std::size_t i) { return static_cast<FlightValue>(i); }

const ImportUnit& unit_of(FlightValue value, const std::string& key)
{
    for (const ImportUnit& u : facts(value).units)
        if (u.key == key) return u;
    return facts(value).units.front();
}

std::string bare(std::string_view head)
{
    std::string plain;
    for (const char c : head) {
        if (std::isalnum(static_cast<unsigned char>(c)))
            plain.push_back(static_cast<char>(std::tolower(static_cast<unsigned char>(c))));
        if (c == '[' || c == '(') break; // a unit
    }
    return plain;
}

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
    for (const std::string& c : columns) all += (all.empty() ? "" : "|") + bare(c);
    return all.substr(0, 400);
}

Result<TableHead> table_head(const std::filesystem::path& path)
{
    constexpr std::size_t beginning = 256 * 1024, rows_shown = 200;
    std::error_code none;
    if (!std::filesystem::is_regular_file(path, none)) return bad_input(path.string() + ": is no file");
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
    if (!names) return bad_input(path.string() + ": " + names.error().message);
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
                                       "has " + std::to_string(row.size()) + " fields, the header has " +
                                           std::to_string(head.columns.size())));
        head.rows.push_back(std::move(row));
        cursor.next_line();
    }
    if (head.rows.size() < 2) return bad_input(path.string() + ": has no rows under its header, expected at least two");
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
                if (bare(head.columns[c]) != name) continue;
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

std::vector<std::string> not_known(const FlightMapping& m)
{
    std::vector<std::string> sentences;
    const auto has = [&](FlightValue v) { return m.of(v).column >= 0; };
    const bool placed = ((has(V::North) && has(V::East)) || (has(V::Latitude) && has(V::Longitude))) && has(V::Height);
    if (!placed) sentences.emplace_back("Places are not known: only what the sticks and the attitude tell can be found.");
    if (!has(V::QuatW) && !(has(V::Roll) && has(V::Pitch)))
        sentences.emplace_back("The attitude is not known: turns, leans and banks cannot be found.");
    if (!has(V::RollRate) && !has(V::QuatW) && !(has(V::Roll) && has(V::Pitch)))
        sentences.emplace_back("Body rates are not known: rocking cannot be found.");
    if (!has(V::FlightMode)) sentences.emplace_back("The flight mode is not known: it is taken to be acro.");
    if (!has(V::Armed)) sentences.emplace_back("Whether the motors ran is not known: they are taken to have run.");
    return sentences;
}

namespace {

/// Takes rows in, one value after the other.
class ImportedFlight {
public:
    ImportedFlight(const FlightMapping& mapping, std::size_t columns) : mapping_(mapping), of_column_(columns)
    {
        for (std::size_t i = 0; i < flight_value_count; ++i)
            if (const int c = mapping.values[i].column; c >= 0 && static_cast<std::size_t>(c) < columns) {
                const ImportUnit& unit = unit_of(value_at(i), mapping.values[i].unit);
                of_column_[static_cast<std::size_t>(c)].push_back(
                    {i, unit.factor, unit.offset, mapping.values[i].turned ? -1.0 : 1.0});
            }
        now_[static_cast<std::size_t>(V::QuatW)] = 1;
    }

    /// What was expected where the field is not that.
    std::optional<std::string> field(std::size_t column, CsvCursor& cursor)
    {
        const auto& uses = of_column_[column];
        if (uses.empty()) return cursor.text(), std::nullopt;
        const FlightValue first = value_at(uses.front().value);
        if (first == V::FlightMode || first == V::Armed) return word(first, cursor.text());
        double written = 0;
        if (CsvCursor look = cursor; look.text().empty()) {
            cursor.text();
            return std::nullopt; // as before
        }
        if (!cursor.number(written)) return "expected a number, found '" + cursor.glimpse() + "'";
        for (const Use& use : uses) now_[use.value] = use.sign * (use.factor * written + use.offset);
        return std::nullopt;
    }

    /// False for a time that is not later than the one before.
    bool row()
    {
        const bool has_time = mapping_.of(V::Time).column >= 0;
        FlightSample s;
        if (rows_ == 0) first_ = now_;
        s.t_s = has_time ? now(V::Time) - first_[static_cast<std::size_t>(V::Time)]
                         : static_cast<double>(rows_) / mapping_.rows_per_s;
        ++rows_;
        place(s);
        s.vn_mps = now(V::NorthSpeed), s.ve_mps = now(V::EastSpeed), s.climb_mps = now(V::Climb);
        turn(s);
        s.p_dps = now(V::RollRate), s.q_dps = now(V::PitchRate), s.r_dps = now(V::YawRate);
        s.sticks = {std::clamp(now(V::Throttle), 0.0, 1.0), std::clamp(now(V::YawStick), -1.0, 1.0),
                    std::clamp(now(V::PitchStick), -1.0, 1.0), std::clamp(now(V::RollStick), -1.0, 1.0)};
        s.mode = mode_, s.armed = armed_;
        s = as_logged(s);
        if (log_.size() > 0 && !(s.t_s > log_.t_s.back())) return s.t_s == log_.t_s.back(); // too close to tell apart
        log_.append(s);
        return true;
    }

    [[nodiscard]] std::size_t size() const { return log_.size(); }
    void reserve(std::size_t rows)
    {
        for (auto column : {&FlightLog::t_s, &FlightLog::north_m, &FlightLog::east_m, &FlightLog::height_m, &FlightLog::vn_mps,
                            &FlightLog::ve_mps, &FlightLog::climb_mps, &FlightLog::qw, &FlightLog::qx, &FlightLog::qy,
                            &FlightLog::qz, &FlightLog::p_dps, &FlightLog::q_dps, &FlightLog::r_dps, &FlightLog::throttle,
                            &FlightLog::stick_roll, &FlightLog::stick_pitch, &FlightLog::stick_yaw})
            (log_.*column).reserve(rows);
        log_.mode.reserve(rows), log_.armed.reserve(rows);
    }
    FlightLog finished()
    {
        const auto has = [&](FlightValue v) { return mapping_.of(v).column >= 0; };
        log_.has_position = ((has(V::North) && has(V::East)) || (has(V::Latitude) && has(V::Longitude))) && has(V::Height);
        if (log_.has_position) {
            if (!has(V::NorthSpeed)) differentiate(log_.north_m, log_.vn_mps);
            if (!has(V::EastSpeed)) differentiate(log_.east_m, log_.ve_mps);
            if (!has(V::Climb)) differentiate(log_.height_m, log_.climb_mps);
        }
        if (!has(V::RollRate) && (has(V::QuatW) || has(V::Roll))) rates_from_attitude();
        return std::move(log_);
    }

private:
    struct Use {
        std::size_t value;
        double factor, offset, sign;
    };
    [[nodiscard]] double now(FlightValue v) const { return now_[static_cast<std::size_t>(v)]; }

    std::optional<std::string> word(FlightValue what, std::string_view text)
    {
        if (text.empty()) return std::nullopt;
        const std::string small = bare(text);
        if (what == V::Armed) {
            if (small == "1" || small == "true" || small == "yes" || small == "on" || small == "armed")
                armed_ = true;
            else if (small == "0" || small == "false" || small == "no" || small == "off" || small == "disarmed")
                armed_ = false;
            else
                return "expected 0 or 1, found '" + for_message(text) + "'";
            return std::nullopt;
        }
        const auto known = mode_from_key(small);
        if (!known) return "expected acro, angle, horizon, hold or sport, found '" + for_message(text) + "'";
        mode_ = *known;
        return std::nullopt;
    }

    /// Places from where it began; degrees by the radii of curvature there (WGS 84, NIMA TR8350.2).
    void place(FlightSample& s) const
    {
        const auto since = [&](FlightValue v) { return now(v) - first_[static_cast<std::size_t>(v)]; };
        s.height_m = now(V::Height);
        if (mapping_.of(V::Latitude).column < 0) {
            s.north_m = now(V::North), s.east_m = now(V::East);
            return;
        }
        constexpr double semi_major_m = 6378137, e2 = 6.69437999014e-3;
        const double lat = radians(first_[static_cast<std::size_t>(V::Latitude)]), w2 = 1 - e2 * std::sin(lat) * std::sin(lat);
        s.north_m = radians(since(V::Latitude)) * semi_major_m * (1 - e2) / (w2 * std::sqrt(w2));
        s.east_m = radians(since(V::Longitude)) * semi_major_m / std::sqrt(w2) * std::cos(lat);
    }

    void turn(FlightSample& s) const
    {
        Quat q(now(V::QuatW), now(V::QuatX), now(V::QuatY), now(V::QuatZ));
        if (mapping_.of(V::QuatW).column < 0) {
            q = Quat::Identity();
            std::string_view order = mapping_.rotation;
            while (!order.empty()) { // each about its own axis by then: from the left to the right
                const std::string_view one = order.substr(0, order.find(' '));
                order.remove_prefix(std::min(order.size(), one.size() + 1));
                const FlightValue v = one == "yaw" ? V::Yaw : one == "pitch" ? V::Pitch : V::Roll;
                const Vec3 axis = v == V::Yaw ? Vec3::UnitZ() : v == V::Pitch ? Vec3::UnitY() : Vec3::UnitX();
                q = q * Quat(Eigen::AngleAxisd(radians(now(v)), axis));
            }
        }
        if (q.norm() > 1e-6)
            q.normalize();
        else
            q = Quat::Identity();
        s.qw = q.w(), s.qx = q.x(), s.qy = q.y(), s.qz = q.z();
    }

    void differentiate(const std::vector<double>& of, std::vector<double>& into) const
    {
        for (std::size_t i = 0; i < of.size(); ++i) {
            const std::size_t a = i > 0 ? i - 1 : i, b = std::min(i + 1, of.size() - 1);
            const double time_s = log_.t_s[b] - log_.t_s[a];
            into[i] = time_s > 0 ? std::round(1000 * (of[b] - of[a]) / time_s) / 1000 : 0;
        }
    }

    void rates_from_attitude()
    {
        const auto at = [&](std::size_t i) { return Quat(log_.qw[i], log_.qx[i], log_.qy[i], log_.qz[i]); };
        for (std::size_t i = 0; i < log_.size(); ++i) {
            const std::size_t a = i > 0 ? i - 1 : i, b = std::min(i + 1, log_.size() - 1);
            const double time_s = log_.t_s[b] - log_.t_s[a];
            const Eigen::AngleAxisd turned((at(a).conjugate() * at(b)).normalized());
            const Vec3 dps = time_s > 0 ? Vec3(degrees(turned.angle()) / time_s * turned.axis()) : Vec3(0, 0, 0);
            log_.p_dps[i] = std::round(100 * dps.x()) / 100;
            log_.q_dps[i] = std::round(100 * dps.y()) / 100;
            log_.r_dps[i] = std::round(100 * dps.z()) / 100;
        }
    }

    const FlightMapping& mapping_;
    std::vector<std::vector<Use>> of_column_;
    std::array<double, flight_value_count> now_{}, first_{};
    bh::Mode mode_ = bh::Mode::Acro;
    bool armed_ = true;
    std::size_t rows_ = 0;
    FlightLog log_;
};

/// What a mapping must have; nothing: it has.
std::optional<std::string> missing_in(const FlightMapping& m, std::size_t columns)
{
    for (const FlightMapping::Column& c : m.values)
        if (c.column >= static_cast<int>(columns)) return "a column is named that the table does not have";
    for (const FlightValue v : {V::Throttle, V::RollStick, V::PitchStick, V::YawStick})
        if (m.of(v).column < 0)
            return "say which column is the " + std::string(facts(v).words) + ": a flight without sticks tells nothing";
    if (m.of(V::Time).column < 0 && !(m.rows_per_s > 0))
        return "say which column is the time, or how many rows a second there are";
    return std::nullopt;
}

/// A file in pieces of whole lines, so that a large one is never in memory as a whole.
class Pieces {
public:
    explicit Pieces(const std::filesystem::path& path) : in_(path, std::ios::binary) {}
    /// The next lines; empty at the end. Nothing for a line longer than a piece.
    std::optional<std::string_view> next()
    {
        constexpr std::size_t piece = 4 << 20;
        text_.erase(0, whole_);
        const std::size_t kept = text_.size();
        text_.resize(piece);
        in_.read(text_.data() + kept, static_cast<std::streamsize>(piece - kept));
        const auto got = static_cast<std::size_t>(std::max<std::streamsize>(0, in_.gcount()));
        read_ += got;
        text_.resize(kept + got);
        const bool last = got < piece - kept;
        const auto end = text_.rfind('\n');
        if (!last && end == std::string::npos) return std::nullopt;
        whole_ = last ? text_.size() : end + 1;
        return std::string_view(text_).substr(0, whole_);
    }
    [[nodiscard]] double read() const { return static_cast<double>(read_); }

private:
    std::ifstream in_;
    std::string text_;
    std::size_t whole_ = 0, read_ = 0;
};

} // namespace

Result<FlightLog> import_flight(const std::filesystem::path& path, const FlightMapping& mapping,
                                const std::function<bool(double)>& go_on)
{
    const auto head = table_head(path);
    if (!head) return tl::unexpected(head.error());
    const std::size_t columns = head->columns.size();
    if (const auto missing = missing_in(mapping, columns)) return bad_input(path.string() + ": " + *missing);
    std::error_code none;
    const auto bytes = static_cast<double>(std::filesystem::file_size(path, none));
    std::size_t shown = 1;
    for (const auto& row : head->rows)
        for (const std::string& field : row) shown += field.size() + 1;
    ImportedFlight flight(mapping, columns);
    flight.reserve(std::min(
        most_flight_rows,
        static_cast<std::size_t>(1.05 * bytes * static_cast<double>(head->rows.size()) / static_cast<double>(shown)) + 16));
    Pieces pieces(path);
    long line = 1;
    for (bool first = true;; first = false) {
        const auto piece = pieces.next();
        const auto refused = [&](long at, std::size_t column, const std::string& what) {
            return bad_input(csv_place(path.string(), at, column < columns ? head->columns[column] : "", what));
        };
        if (!piece) return refused(line, columns, "is longer than 4 MB, expected a row");
        if (piece->empty()) break;
        if (!is_utf8(*piece)) return bad_input(path.string() + ": holds bytes that are no text in UTF-8");
        CsvCursor cursor(*piece, mapping.separator);
        if (first) {
            while (cursor.text(), cursor.next_field()) {
            }
            cursor.next_line();
        }
        while (!cursor.at_end()) {
            if (cursor.at_line_end()) {
                if (!cursor.next_line()) break;
                continue;
            }
            const long at = line + cursor.line() - 1;
            if (flight.size() == most_flight_rows) return refused(at, columns, "more than 5,000,000 rows; expected one flight");
            for (std::size_t i = 0; i < columns; ++i) {
                if (i > 0 && !cursor.next_field())
                    return refused(at, i, "is missing, expected " + std::to_string(columns) + " fields on the row");
                if (const auto wrong = flight.field(i, cursor)) return refused(at, i, *wrong);
            }
            const int time_column = mapping.of(V::Time).column;
            if (!flight.row())
                return refused(at, static_cast<std::size_t>(std::max(0, time_column)), "times must rise from row to row");
            if (!cursor.at_line_end()) return refused(at, columns, "more fields than the header's " + std::to_string(columns));
            cursor.next_line();
        }
        line += cursor.line() - 1;
        if (go_on && !go_on(std::min(1.0, pieces.read() / std::max(1.0, bytes))))
            return failure(Error::Code::Unsupported, "stopped; nothing was kept");
    }
    if (flight.size() < 2) return bad_input(path.string() + ": has fewer than two rows that can be told apart in time");
    return flight.finished();
}

} // namespace bh
