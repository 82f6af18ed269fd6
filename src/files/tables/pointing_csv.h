#pragma once

#include "core/controller/grip_trial.h"

#include <string>
#include <vector>

namespace bh {

/// A tap of a one-direction pointing task, in degrees of the stick's way.
struct PointingTrial {
    std::string participant;
    double distance_deg = 0, width_deg = 0; ///< nominal: the condition
    Tap tap;
};

/// Reads `participant,nominal_distance_deg,nominal_width_deg,trial,start_deg,target_deg,end_deg,time_s`, columns in any order,
/// others passed over. BadInput with line, column and what was expected.
[[nodiscard]] Result<std::vector<PointingTrial>> load_pointing_csv(const std::string& file);

} // namespace bh
