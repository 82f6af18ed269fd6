#pragma once

#include "core/flight/geometry.h"

#include <cstdint>
#include <vector>

namespace bh {

/// An aircraft to stay behind, made up from a seed: it brakes, climbs and turns, and keeps within a field.
struct LeadAircraft {
    std::uint64_t seed = 1;
    double speed_mps = 6;   ///< about which it goes faster and slower
    double height_m = 8;    ///< at which it begins; it keeps 3 m off the ground
    double ahead_m = 10;    ///< of where the phase's place is, along the heading
    double nearest_m = 5;   ///< to stay behind it by at least so much
    double farthest_m = 15; ///< and at most
    double field_m = 60;    ///< from where it turns back
};

struct LeadAircraftPlace {
    Vec3 position_m = Vec3::Zero(); ///< north, east, down
    Vec3 velocity_mps = Vec3::Zero();
    double heading_deg = 0;
};

/// Its whole way: the same seed flies the same.
class LeadAircraftPath {
public:
    LeadAircraftPath(const LeadAircraft& lead_aircraft, const Vec3& start_m, double heading_deg, double for_s);
    /// Seconds from its start; before and after it stands at the ends.
    [[nodiscard]] LeadAircraftPlace at(double t_s) const;
    [[nodiscard]] const LeadAircraft& lead_aircraft() const { return lead_aircraft_; }
    /// Within the window, and behind: not more than 60° off its tail (house).
    [[nodiscard]] bool followed_from(const Vec3& position_m, double t_s) const;

private:
    LeadAircraft lead_aircraft_;
    std::vector<LeadAircraftPlace> places_; ///< every step
};

} // namespace bh
