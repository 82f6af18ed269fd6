#pragma once

#include "core/base/message.h"
#include "core/flight/dynamics.h"

#include <string>
#include <vector>

namespace bh {

/// An aircraft to fly in a simulator beside the real one.
struct Candidate {
    std::string id;
    double distance = 0;          ///< 0 is the same aircraft
    std::vector<Message> reasons; ///< one for each thing that differs enough to be felt, the greatest first
};

/// Ranks aircraft by nearness to the real one: the root of the weighted squares of the differences in ln mass, ln
/// thrust-to-weight, ln propeller diameter, hover throttle and the time of a flip at `max_dps` (weights house).
[[nodiscard]] std::vector<Candidate> nearest_aircraft(const Airframe& real, const std::vector<Airframe>& choice, double max_dps);

} // namespace bh
