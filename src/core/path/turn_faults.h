#pragma once

#include "core/path/rocking.h"
#include "core/path/turns.h"

namespace bh {

/// Whether a turn tells something of the stick work: entered at 3 m/s or more and never under 2.5, which one on the spot is not,
/// never with a lean of over 80°, as in a roll, and not half of it inside rocking, which is told by itself (house).
[[nodiscard]] bool can_be_judged(const Turn& turn, const std::vector<RockedTime>& rocked);

/// What is wrong with the stick work of a turn, by what the aircraft did and not by where its camera looks.
enum class TurnFault : std::uint8_t {
    YawAlone, ///< the nose turned, and the bank is under a third of what the way needs, or the nose over 25° ahead of the way
    RollAlone ///< the way turned, and the nose is over 25° behind it, or over 35° at the end
};
[[nodiscard]] std::string_view turn_fault_key(TurnFault fault); ///< "yaw_alone", "roll_alone"
/// Nothing for a turn that is good or cannot be judged. A coordinated turn is good at any speed, bank and camera tilt: its bank
/// is what the way needs and its nose points along the way, whatever share of it is yaw of the body.
[[nodiscard]] std::optional<TurnFault> fault_of(const Turn& turn, const std::vector<RockedTime>& rocked = {});

} // namespace bh
