#pragma once

#include "core/drill/drill_role.h"

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// What surprises pilots on a first real flight (common practice, no source).
enum class Surprise : std::uint8_t { Wind, BentPropeller, GroundEffect, Wash, Rates, Sight, Nerves };
inline constexpr std::size_t surprise_count = 7;
[[nodiscard]] std::string_view surprise_key(Surprise surprise); ///< "wind", "bent propeller", …
[[nodiscard]] std::optional<Surprise> surprise_from_key(std::string_view key);

/// What to practise next when it surprised.
struct Remedy {
    std::string_view words;           ///< a sentence, with a place for the drill's name where it is about one
    std::optional<DrillRole> drill{}; ///< which one is to be flown
    bool condition = false;           ///< one of the day's, on the Set-up page
    bool rates = false;               ///< on the Rates page
};
[[nodiscard]] Remedy remedy_for(Surprise surprise);

/// What a pilot told after having flown a real aircraft.
struct AfterFlight {
    std::string id, pilot_id;
    std::int64_t at = 0; ///< seconds since 1970
    std::vector<Surprise> surprised;
    int packs = 0;
    std::string went, broke; ///< in the pilot's words
    std::string next;        ///< what to practise, as it was chosen
    bool operator==(const AfterFlight&) const = default;
};

/// Over all pilots who have flown: of those who had practised with a thing and those who had not, how many it surprised.
struct SurpriseCount {
    Surprise surprise = Surprise::Wind;
    int practised = 0, practised_surprised = 0;
    int others = 0, others_surprised = 0;
};

} // namespace bh
