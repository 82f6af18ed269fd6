#pragma once

#include "core/path/spins.h"
#include "core/path/turns.h"

#include <vector>

namespace bh {

/// One push so large that the aircraft is far over before it can be judged.
struct BigInput {
    StickAxis axis = StickAxis::Pitch; ///< or roll
    double start_s = 0, end_s = 0;     ///< the push
    double peak = 0;                   ///< of the stick, 0…1
    double lean_deg = 0;               ///< the most that it came to
    double speed_mps = 0;              ///< over ground, the most from its beginning until 3 s after; 0 without positions
};

/// In acro, the pitch or roll stick over 50 % that takes the lean from under 25° to over 45° within 1 s. None of a spin, nor
/// where a turn of the nose by 45° is under way or begins within 0.5 s: a brisk corner is none. In time order. Limits house.
[[nodiscard]] std::vector<BigInput> find_big_inputs(const FlightLog& log, RowSpan span);
/// The same where the span's turns and spins have been found already.
[[nodiscard]] std::vector<BigInput> big_inputs_beside(const FlightLog& log, RowSpan span, const std::vector<Turn>& turns,
                                                      const std::vector<Spin>& spins);

} // namespace bh
