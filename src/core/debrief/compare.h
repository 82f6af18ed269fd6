#pragma once

#include "core/base/message.h"
#include "core/debrief/debrief.h"

#include <string>
#include <utility>
#include <vector>

namespace bh {

/// Which place of one way belongs to which of another: the pairs of a path that never goes back on either, with the least sum of
/// distances (dynamic time warping, Sakoe and Chiba 1978, steps 1-0, 0-1 and 1-1 of weight 1). Both of at least one place.
struct Warping {
    std::vector<std::pair<std::size_t, std::size_t>> pairs; ///< from (0, 0) to the last of both
    double distance_m = 0;                                  ///< the sum over the pairs
};
[[nodiscard]] Warping warped(const std::vector<Vec3>& way, const std::vector<Vec3>& other);

/// A phase of two flights, laid over each other by its beginning and within it by place.
struct ComparedPhase {
    std::string id; ///< empty: the whole flight, where there are no phases in common
    double from_s = 0, to_s = 0, other_from_s = 0, other_to_s = 0;
    double apart_m = 0;     ///< mean distance of places that belong together
    double bent_s = 0;      ///< how far time had to be bent for that: mean of its size
    double most_bent_s = 0; ///< the most, with its sign: later than the other positive
};

/// Something that this flight did otherwise than the other one.
struct Difference {
    std::string phase;
    Message words;     ///< "brakes 0.8 s later and 1.9 m higher"
    double at_s = 0;   ///< of this flight
    double weight = 0; ///< in thresholds (house): more is told first
};

struct Comparison {
    std::vector<ComparedPhase> phases;
    std::vector<std::pair<double, double>> times; ///< of this flight and of the other, both rising
    std::vector<Difference> differences;          ///< the weightiest first
    /// The other flight's time that belongs to one of this flight.
    [[nodiscard]] double other_time_s(double t_s) const;
};

/// What was found in each has to come with it. BadInput for a log without positions.
[[nodiscard]] Result<Comparison> compare(const FlightLog& log, const Debrief& found, const FlightLog& other,
                                         const Debrief& other_found);

/// The other flight as it was at the times that belong to this one's rows, with this one's times: to be drawn over it.
[[nodiscard]] FlightLog laid_over(const FlightLog& log, const FlightLog& other, const Comparison& by);

} // namespace bh
