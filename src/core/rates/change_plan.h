#pragma once

#include "core/curves/rate_axis.h"
#include "core/rates/rate_match.h"

#include <optional>
#include <vector>

namespace bh {

/// One change of one parameter, to be flown before the next.
struct RateStep {
    std::vector<RateAxis> axes; ///< that change together: roll and pitch where they are and will be the same
    std::size_t parameter = 0;  ///< in the family's order, which is: what sets the centre, what sets the end, the expo
    double from = 0, to = 0;
    double worst_dps = 0; ///< by how much the rate changes where it changes most
};

/// A step with how it was found in a test flight.
struct RatedStep {
    RateStep step;
    int rating = 1; ///< 1…10, see handling.h
};

/// How rates go from what they are to what they are to be: one parameter at a time, first what sets the centre, then what sets
/// the end, then the expo (common practice), no step more than `most_share` of the rate at full stick (house), each with a test
/// flight and a rating.
struct ChangePlan {
    RateProfile from, to;
    std::array<bool, 3> locked{false, false, true}; ///< by axis; yaw stays unless it is asked for
    std::vector<ParameterRange> ranges;             ///< of what is changed, in the family's order; empty: the family's own
    double most_share = 0.15;
    std::vector<RatedStep> flown; ///< in their order
};

/// From what a step is found to be too much: it goes half-way back, and the steps after it are half as big.
inline constexpr int half_way_back_from = 7;

struct PlanStanding {
    RateProfile now;              ///< after the steps that were flown
    std::optional<RateStep> next; ///< nothing: it is there
    std::vector<RateStep> left;   ///< `next` and what follows it, if each is found good
};

/// The profile with a parameter of a step's axes set.
[[nodiscard]] RateProfile with_parameter(RateProfile profile, const RateStep& step, double value);
/// What a rated step leaves: its own value, or one half-way back, on the parameter's steps.
[[nodiscard]] double left_by(const RatedStep& rated, const ParameterRange& range);

/// Where a plan stands. OutOfRange where from and to are of different families on an axis that is not locked, or of tables, and
/// for a share that is not above 0.
[[nodiscard]] Result<PlanStanding> standing_of(const ChangePlan& plan);

} // namespace bh
