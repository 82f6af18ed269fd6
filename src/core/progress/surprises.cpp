#include "core/progress/surprises.h"

#include "core/base/message.h"

#include <algorithm>
#include <array>

namespace bh {
namespace {

constexpr std::array<std::string_view, surprise_count> surprise_words{
    label("wind"),  label("bent propeller"), label("ground effect"), label("wash"),
    label("rates"), label("sight"),          label("nerves")};

} // namespace

std::string_view surprise_key(Surprise surprise) { return surprise_words[static_cast<std::size_t>(surprise)]; }

std::optional<Surprise> surprise_from_key(std::string_view key)
{
    const auto found = std::find(surprise_words.begin(), surprise_words.end(), key);
    return found == surprise_words.end() ? std::nullopt : std::optional(static_cast<Surprise>(found - surprise_words.begin()));
}

Remedy remedy_for(Surprise surprise)
{
    switch (surprise) {
    case Surprise::Wind: return {label("Fly %1 with the day's wind and gusts switched on"), DrillRole::Wind, true, false};
    case Surprise::BentPropeller: return {label("Fly %1 with a bent propeller switched on"), DrillRole::Rehearsal, true, false};
    case Surprise::GroundEffect:
        return {label("Fly %1 with the ground effect switched on"), DrillRole::GroundEffect, true, false};
    case Surprise::Wash: return {label("Fly %1 with prop wash switched on, and sink slowly"), DrillRole::Wash, true, false};
    case Surprise::Rates: return {label("Compare the real aircraft's curves with those practised"), std::nullopt, false, true};
    case Surprise::Sight: return {label("Fly %1, and look away and back again"), DrillRole::Sight, false, false};
    case Surprise::Nerves: return {label("Fly %1 again, in the same order, read aloud"), DrillRole::Rehearsal, false, false};
    }
    return {};
}

} // namespace bh
