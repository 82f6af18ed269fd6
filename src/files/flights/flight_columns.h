#pragma once

#include "core/flight/flight_log.h"

#include <array>
#include <vector>

namespace bh {

/// A column of numbers of a flight log as files carry it.
struct NumberColumn {
    const char* name;
    std::vector<double> FlightLog::*column;
    int decimals;
    double missing; ///< value where the file has no such column
};
inline constexpr std::array<NumberColumn, 18> number_columns{{
    {"t_s", &FlightLog::t_s, 3, 0},
    {"north_m", &FlightLog::north_m, 3, 0},
    {"east_m", &FlightLog::east_m, 3, 0},
    {"height_m", &FlightLog::height_m, 3, 0},
    {"vn_mps", &FlightLog::vn_mps, 3, 0},
    {"ve_mps", &FlightLog::ve_mps, 3, 0},
    {"climb_mps", &FlightLog::climb_mps, 3, 0},
    {"qw", &FlightLog::qw, 5, 1},
    {"qx", &FlightLog::qx, 5, 0},
    {"qy", &FlightLog::qy, 5, 0},
    {"qz", &FlightLog::qz, 5, 0},
    {"p_dps", &FlightLog::p_dps, 2, 0},
    {"q_dps", &FlightLog::q_dps, 2, 0},
    {"r_dps", &FlightLog::r_dps, 2, 0},
    {"throttle", &FlightLog::throttle, 4, 0},
    {"stick_roll", &FlightLog::stick_roll, 4, 0},
    {"stick_pitch", &FlightLog::stick_pitch, 4, 0},
    {"stick_yaw", &FlightLog::stick_yaw, 4, 0},
}};

} // namespace bh
