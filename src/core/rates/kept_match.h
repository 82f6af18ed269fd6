#pragma once

#include "core/rates/rate_match.h"

#include <optional>
#include <string>
#include <vector>

namespace bh {

/// A match as it was made: which aircraft feels like which simulator, with the rates of both sides at the time.
struct KeptMatch {
    std::string aircraft, simulator; ///< ids
    RateProfile real, practised;
    std::string family;                 ///< of the simulator's rates
    std::vector<ParameterRange> ranges; ///< that the simulator allowed
};

/// What things are now; rates that are not known are left out.
struct MatchedThings {
    const RateProfile* real = nullptr;
    const RateProfile* practised = nullptr;
    std::string family;
    std::vector<ParameterRange> ranges;
};

enum class Stale { AircraftGone, AircraftRates, PractisedRates, NoRatesToSet, Profile };
/// Why a match holds no more; nothing while it holds.
[[nodiscard]] std::optional<Stale> why_stale(const KeptMatch& match, const MatchedThings& now);
[[nodiscard]] std::string_view in_words(Stale why); ///< "Practised rates changed since the match"

} // namespace bh
