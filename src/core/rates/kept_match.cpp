#include "core/rates/kept_match.h"

#include "core/base/message.h"

namespace bh {

std::optional<Stale> why_stale(const KeptMatch& match, const MatchedThings& now)
{
    if (!now.real) return Stale::AircraftGone;
    if (!(*now.real == match.real)) return Stale::AircraftRates;
    if (!now.practised || !(*now.practised == match.practised)) return Stale::PractisedRates;
    if (now.family.empty()) return Stale::NoRatesToSet;
    if (now.family != match.family || now.ranges != match.ranges) return Stale::Profile;
    return std::nullopt;
}

std::string_view in_words(Stale why)
{
    switch (why) {
    case Stale::AircraftGone: return label("The aircraft of the match is gone");
    case Stale::AircraftRates: return label("Aircraft's rates changed since the match");
    case Stale::PractisedRates: return label("Practised rates changed since the match");
    case Stale::NoRatesToSet: return label("Simulator of the match lets no rates be set");
    case Stale::Profile: return label("Simulator's profile changed since the match");
    }
    return "";
}

} // namespace bh
