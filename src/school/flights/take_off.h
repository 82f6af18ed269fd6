#pragma once

#include "core/setup/flown_with.h"
#include "school/school.h"

#include <optional>
#include <string>

namespace bh {

/// Who flies what, and why: a pilot a drill, freely, or to feel rates; or nobody, as a demonstration.
struct TakeOff {
    enum class Purpose : std::uint8_t { Drill, Free, Test, Demonstration };
    Purpose purpose = Purpose::Drill;
    std::string pilot_id;
    bool real_day = false;              ///< a drill flown on the day of the pilot's set-up
    std::optional<Mode> mode{};         ///< otherwise the drill's first
    std::optional<RateProfile> rates{}; ///< of a test; otherwise the pilot's
    std::string real_aircraft{};        ///< of a test, by id
};

/// All that a flight is started from.
struct PreparedFlight {
    FlightSetup setup;
    FlownWith flown_with;
    double camera_tilt_deg = 25, fov_deg = 120;
};

/// What a pilot's flight is set up from: the drill's world and start; the pilot's rates, camera and detuned aircraft where there
/// is a set-up; the real one where the drill or the test is about it; the pilot's day for free flights and where it is asked for.
/// A demonstration is flown as the drill is meant. Errors as DataFolder::setup_for.
[[nodiscard]] Result<PreparedFlight> prepared(const School& school, const Drill& drill, const TakeOff& take_off);

} // namespace bh
