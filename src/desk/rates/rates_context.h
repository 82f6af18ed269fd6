#pragma once

#include "core/curves/rate_axis.h"
#include "core/rates/rate_match.h"

#include <QString>
#include <array>
#include <optional>
#include <string>
#include <vector>

namespace bh::desk {

/// Which side of a match changes.
enum class MatchDirection {
    SimulatorToReal, ///< the simulator is set like the aircraft
    RealToSimulator, ///< the aircraft is brought to what is practised
    FoundHere        ///< the same, but only after enough hours on the practised rates and steady ratings
};

/// What the parts of the Rates page work on.
struct RatesContext {
    std::string pilot_id, aircraft_id, simulator_id;
    QString aircraft, simulator; ///< names
    MatchDirection direction = MatchDirection::SimulatorToReal;
    RateProfile real, practised;
    std::array<std::optional<RateMatch>, 3> matches; ///< of the side that changes, by axis
    std::array<bool, 3> locked{false, false, true};  ///< axes that are left alone
    std::string family;                              ///< in which the side that changes is set
    std::vector<ParameterRange> ranges;              ///< of it
    std::optional<double> rocking_share;             ///< of the pilot's newest flights
    std::string blocked;                             ///< why the aircraft may not be changed yet; empty: it may

    [[nodiscard]] bool aircraft_changes() const { return direction != MatchDirection::SimulatorToReal; }
    [[nodiscard]] const RateProfile& changing() const { return aircraft_changes() ? real : practised; }
    /// The side that changes, with the match where there is one.
    [[nodiscard]] RateProfile matched() const
    {
        RateProfile profile = changing();
        for (const RateAxis axis : rate_axes)
            if (const auto& m = matches[static_cast<std::size_t>(axis)]) curve_of(profile, axis) = m->rounded;
        return profile;
    }
};

} // namespace bh::desk
