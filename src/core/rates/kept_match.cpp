#include "core/rates/kept_match.h"

#include <algorithm>

namespace bh {

std::string why_stale(const KeptMatch& match, const MatchedThings& now)
{
    if (!now.real) return "The aircraft of the match is gone";
    if (!(*now.real == match.real)) return "Aircraft's rates changed since the match";
    if (!now.practised || !(*now.practised == match.practised)) return "Practised rates changed since the match";
    if (now.family.empty()) return "Simulator of the match lets no rates be set";
    const auto same = [](const ParameterRange& a, const ParameterRange& b) {
        return a.low == b.low && a.high == b.high && a.step == b.step;
    };
    if (now.family != match.family ||
        !std::equal(now.ranges.begin(), now.ranges.end(), match.ranges.begin(), match.ranges.end(), same))
        return "Simulator's profile changed since the match";
    return {};
}

} // namespace bh
