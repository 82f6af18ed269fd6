#pragma once

#include "core/controller/calibration.h"
#include "core/drill/drill.h"
#include "core/flight/flight_log.h"
#include "device/flight_loop.h"

#include <QString>
#include <string_view>

namespace bh::desk {

[[nodiscard]] QString modeName(Mode mode);

/// The name of a drill's phase, of its id: "lean forward", "run 2". A translation may be of the whole of it, or of its parts.
[[nodiscard]] QString phaseInWords(std::string_view id);

/// What the pilot is to do now.
struct FlightAdvice {
    QString words;
    bool urgent = false;  ///< something went wrong
    bool is_task = false; ///< the drill's own instruction
};
[[nodiscard]] FlightAdvice adviceInWords(const Drill& drill, const FlightSnapshot& now);
/// Where it is and how fast, as in "1.5 m high, 3.0 m/s, heading 90°".
[[nodiscard]] QString placeInWords(double height_m, double speed_mps, double heading_deg);
[[nodiscard]] QString placeInWords(const FlightSample& flown);
/// "throttle 40 %, yaw 12 % left, pitch 0 %, roll 30 % right"
[[nodiscard]] QString sticksInWords(const Sticks& sticks);
/// One stick of −1…1, as in "roll 30 % right".
[[nodiscard]] QString stickInWords(Function function, double position);

} // namespace bh::desk
