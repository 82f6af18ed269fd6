#pragma once

#include <cstdint>
#include <optional>
#include <span>
#include <string_view>

namespace bh {

/// What a drill is good for besides its place on a ladder. Its file says so; gates, remedies and the week's plan ask by these and
/// never by a drill's id.
enum class DrillRole : std::uint8_t {
    Roof,            ///< minutes under a roof
    Panic,           ///< asks for the panic switch
    Rehearsal,       ///< of a first day on a real aircraft
    WithCoordinator, ///< flown with one beside (house)
    Shadow,          ///< the sticks alone follow a demonstration
    Wind,            ///< practises against what surprises: the day's wind,
    GroundEffect,    ///< the cushion near the ground,
    Wash,            ///< one's own wake,
    Sight            ///< and losing sight of the aircraft's attitude
};
struct DrillRoleFacts {
    DrillRole role;
    std::string_view key; ///< "with_coordinator", as in drill files
};
[[nodiscard]] std::span<const DrillRoleFacts> drill_roles();
[[nodiscard]] std::optional<DrillRole> drill_role_from_key(std::string_view key);

} // namespace bh
