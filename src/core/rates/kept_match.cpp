#include "core/rates/kept_match.h"

#include <algorithm>

namespace bh {

std::string why_stale(const KeptMatch& match, const MatchedThings& now)
{
    if (!now.real) return "The real aircraft of the match is not there any more.";
    if (!(*now.real == match.real)) return "The real aircraft's rates have been changed since the match.";
    if (!now.practised || !(*now.practised == match.practised)) return "The practised rates have been changed since the match.";
    if (now.family.empty()) return "The simulator of the match does not let its rates be set any more.";
    const auto same = [](const ParameterRange& a, const ParameterRange& b) { return a.low == b.low && a.high == b.high && a.step == b.step; };
    if (now.family != match.family || !std::equal(now.ranges.begin(), now.ranges.end(), match.ranges.begin(), match.ranges.end(), same))
        return "The simulator's profile has been changed since the match.";
    return {};
}

} // namespace bh
