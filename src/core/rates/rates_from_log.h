#pragma once

#include "core/base/message.h"
#include "core/curves/rate_curve.h"
#include "core/flight/row_span.h"

#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// Where a curve lies with 95 % at one stick position.
struct CurveInterval {
    double stick = 0;
    double rate_dps = 0, low_dps = 0, high_dps = 0;
};

/// The rates of one axis as a flight shows them.
struct FlownRates {
    RateCurve curve;
    double flown_to_stick = 0;           ///< how far the stick went, but for one row in a hundred: beyond, nothing is known
    std::vector<CurveInterval> interval; ///< of the curve, from the centre to there
    /// 95 % intervals of the parameters, in the family's order; to the end of what a parameter may be where the flight says
    /// nothing about it on that side.
    std::vector<double> low, high;
    double delay_s = 0;     ///< until the aircraft begins to answer
    double lag_s = 0;       ///< of the rate loop: how far the aircraft lies behind what is asked, from then on
    double rms_dps = 0;     ///< of the body rate against what the curve and the lag tell
    std::size_t rows = 0;   ///< that could be used
    std::string_view ended; ///< why the search ended: "settled", nothing is gained any more, or "rounds used up"
};

/// "not known beyond 34 % stick", or "known over the whole stick" from 90 % on (house).
[[nodiscard]] Message known_in_words(const FlownRates& flown);

/// Finds what an aircraft's rates are set to from a flight in acro: stick against body rate of roll, pitch or yaw. The rate loop
/// is taken as a pure delay of at most 200 ms, a lag of the first or the second order and a limit of the angular acceleration,
/// found together with the curve; sticks are taken as held from row to row, or evenly between them, whichever tells the flight
/// better; outliers are resisted (Huber 1964); the intervals come from leaving out one second after the other (jackknife; Tukey
/// 1958) and Student's t. BadInput for another axis, family, a longer delay, or too little to go by: under 300 rows in acro off
/// the ground, or a stick that hardly moves.
[[nodiscard]] Result<FlownRates> rates_from_log(const FlightLog& log, StickAxis axis, std::string_view family);

} // namespace bh
