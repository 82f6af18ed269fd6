#include "core/drill/drill_role.h"

namespace bh {
namespace {

constexpr DrillRoleFacts role_table[] = {
    {DrillRole::Roof, "roof"},
    {DrillRole::Panic, "panic"},
    {DrillRole::Rehearsal, "rehearsal"},
    {DrillRole::WithCoordinator, "with_coordinator"},
    {DrillRole::Shadow, "shadow"},
    {DrillRole::Wind, "wind"},
    {DrillRole::GroundEffect, "ground_effect"},
    {DrillRole::Wash, "wash"},
    {DrillRole::Sight, "sight"},
};

} // namespace

std::span<const DrillRoleFacts> drill_roles() { return role_table; }

std::optional<DrillRole> drill_role_from_key(std::string_view key)
{
    for (const DrillRoleFacts& facts : role_table)
        if (facts.key == key) return facts.role;
    return std::nullopt;
}

} // namespace bh
