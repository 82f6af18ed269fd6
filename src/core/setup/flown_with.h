#pragma once

#include "core/curves/rate_curve.h"
#include "core/flight/conditions.h"

#include <string>

namespace bh {

/// What a flight was flown with, as codes and values.
struct FlownWith {
    std::string aircraft;       ///< id: the school's real one, or a simulated one
    double propeller_ratio = 1; ///< diameter against the aircraft's own
    double power_share = 1;
    double camera_tilt_deg = 0;
    double fov_deg = 0; ///< horizontal; 0: not known
    RateProfile rates;
    Conditions conditions;
};

} // namespace bh
