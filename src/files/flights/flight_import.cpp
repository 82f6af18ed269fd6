#include "files/flights/flight_import.h"

#include "core/base/one_line.h"
#include "files/flights/flight_pack.h"
#include "files/text/csv.h"

#include <algorithm>
#include <cmath>
#include <fstream>

namespace bh {
namespace {

using V = FlightValue;

/// Takes rows in, one value after the other.
class ImportedFlight {
public:
    ImportedFlight(const FlightMapping& mapping, std::size_t columns) : mapping_(mapping), of_column_(columns)
    {
        for (std::size_t i = 0; i < flight_value_count; ++i)
            if (const int c = mapping.values[i].column; c >= 0 && static_cast<std::size_t>(c) < columns) {
                const ImportUnit& unit = unit_of(static_cast<FlightValue>(i), mapping.values[i].unit);
                of_column_[static_cast<std::size_t>(c)].push_back(
                    {i, unit.factor, unit.offset, mapping.values[i].turned ? -1.0 : 1.0});
            }
        now_[static_cast<std::size_t>(V::QuatW)] = 1;
    }

    /// What was expected where the field is not that.
    std::optional<Message> field(std::size_t column, CsvCursor& cursor)
    {
        const auto& uses = of_column_[column];
        if (uses.empty()) return cursor.text(), std::nullopt;
        const FlightValue first = static_cast<FlightValue>(uses.front().value);
        if (first == V::FlightMode || first == V::Armed) return word(first, cursor.text());
        double written = 0;
        if (CsvCursor look = cursor; look.text().empty()) {
            cursor.text();
            return std::nullopt; // as before
        }
        if (!cursor.number(written)) return message("expected a number, found '%1'", cursor.glimpse());
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

    std::optional<Message> word(FlightValue what, std::string_view text)
    {
        if (text.empty()) return std::nullopt;
        const std::string small = bare_head(text);
        if (what == V::Armed) {
            if (small == "1" || small == "true" || small == "yes" || small == "on" || small == "armed")
                armed_ = true;
            else if (small == "0" || small == "false" || small == "no" || small == "off" || small == "disarmed")
                armed_ = false;
            else
                return message("expected 0 or 1, found '%1'", for_message(text));
            return std::nullopt;
        }
        const auto known = mode_from_key(small);
        if (!known) return message("expected acro, angle, horizon, hold or sport, found '%1'", for_message(text));
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
            return "say which column is the " + std::string(flight_value_words(v)) + ": a flight without sticks tells nothing";
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
    if (const auto missing = missing_in(mapping, columns)) return bad_input("%1: %2", path.string(), *missing);
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
        const auto refused = [&](long at, std::size_t column, const Message& what) {
            return bad_input(csv_place(path.string(), at, column < columns ? head->columns[column] : "", what));
        };
        if (!piece) return refused(line, columns, "is longer than 4 MB, expected a row");
        if (piece->empty()) break;
        if (!is_utf8(*piece)) return bad_input("%1: holds bytes that are no text in UTF-8", path.string());
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
                    return refused(at, i, message("is missing, expected %1 fields on the row", columns));
                if (const auto wrong = flight.field(i, cursor)) return refused(at, i, *wrong);
            }
            const int time_column = mapping.of(V::Time).column;
            if (!flight.row())
                return refused(at, static_cast<std::size_t>(std::max(0, time_column)), "times must rise from row to row");
            if (!cursor.at_line_end()) return refused(at, columns, message("more fields than the header's %1", columns));
            cursor.next_line();
        }
        line += cursor.line() - 1;
        if (go_on && !go_on(std::min(1.0, pieces.read() / std::max(1.0, bytes))))
            return failure(Error::Code::Unsupported, "stopped; nothing was kept");
    }
    if (flight.size() < 2) return bad_input("%1: has fewer than two rows that can be told apart in time", path.string());
    return flight.finished();
}

} // namespace bh
