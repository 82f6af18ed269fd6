#include "core/progress/surprises.h"

#include <algorithm>
#include <array>

namespace bh {
namespace {

constexpr std::array<std::string_view, surprise_count> surprise_words{"wind",  "bent propeller", "ground effect", "wash",
                                                                      "rates", "sight",          "nerves"};

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
    case Surprise::Wind: return {"Fly Height window with the day's wind and gusts switched on", "hover-window", true, false};
    case Surprise::BentPropeller: return {"Fly the first day with a bent propeller switched on", "first-day", true, false};
    case Surprise::GroundEffect: return {"Fly Ground cushion with the ground effect switched on", "ground-cushion", true, false};
    case Surprise::Wash: return {"Fly Lift and settle with prop wash switched on, and sink slowly", "lift-settle", true, false};
    case Surprise::Rates: return {"Compare the real aircraft's curves with those practised", "", false, true};
    case Surprise::Sight: return {"Fly Four ways, and look away and back again", "four-ways", false, false};
    case Surprise::Nerves: return {"Rehearse the first day again, in the same order, read aloud", "first-day", false, false};
    }
    return {};
}

} // namespace bh
