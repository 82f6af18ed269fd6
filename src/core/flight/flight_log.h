#pragma once

#include "core/flight/geometry.h"
#include "core/flight/modes.h"

#include <cstdint>
#include <optional>
#include <string_view>
#include <vector>

namespace bh {

enum class FlightEvent : std::uint8_t { Arm, Disarm, Touch, Crash, Panic, PanicOff, Reset, OutOfBounds, MotorsOut, ArmRefused };
[[nodiscard]] std::string_view event_key(FlightEvent event); ///< "arm", "disarm", "touch", …
[[nodiscard]] std::optional<FlightEvent> event_from_key(std::string_view key);

/// One row of a flight log. Axes as in State, except that heights and climb count upwards.
struct FlightSample {
    double t_s = 0;
    double north_m = 0, east_m = 0, height_m = 0;
    double vn_mps = 0, ve_mps = 0, climb_mps = 0;
    double qw = 1, qx = 0, qy = 0, qz = 0;
    double p_dps = 0, q_dps = 0, r_dps = 0;
    Sticks sticks;
    Mode mode = Mode::Acro;
    bool armed = false;

    [[nodiscard]] Quat attitude() const { return {qw, qx, qy, qz}; }
    [[nodiscard]] double ground_speed_mps() const { return std::hypot(vn_mps, ve_mps); }
};

/// Rounded to the digits that a flight log file carries, so that a flight scored as it is flown and the same flight
/// read back from its file give the same score to the last bit.
[[nodiscard]] FlightSample as_logged(const FlightSample& sample) noexcept;

/// A flight, column by column: flown here, by the stand-in pilot, or read from a file. Everything that scores or
/// analyses a flight takes this. All columns have the same length; times rise strictly.
struct FlightLog {
    std::vector<double> t_s;
    std::vector<double> north_m, east_m, height_m;
    std::vector<double> vn_mps, ve_mps, climb_mps;
    std::vector<double> qw, qx, qy, qz;
    std::vector<double> p_dps, q_dps, r_dps;
    std::vector<double> throttle, stick_roll, stick_pitch, stick_yaw;
    std::vector<Mode> mode;
    std::vector<std::uint8_t> armed;
    struct Event {
        std::size_t row;
        FlightEvent event;
    };
    std::vector<Event> events; ///< in row order
    bool has_position = true;  ///< false: only stick measures can be computed

    [[nodiscard]] std::size_t size() const { return t_s.size(); }
    void append(const FlightSample& sample);
    [[nodiscard]] FlightSample sample(std::size_t row) const;
    [[nodiscard]] double duration_s() const { return t_s.empty() ? 0 : t_s.back() - t_s.front(); }
};

} // namespace bh
