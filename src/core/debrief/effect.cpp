#include "core/debrief/effect.h"

#include "core/base/message.h"
#include "core/base/stats.h"

#include <cmath>

namespace bh {

std::string_view helped_in_words(Helped helped)
{
    switch (helped) {
    case Helped::TooFewFlights: return label("too few flights yet");
    case Helped::Yes: return label("helped");
    case Helped::NoSign: return label("no sign yet");
    case Helped::Worse: return label("made it worse");
    }
    return "";
}

Effect effect(const std::vector<double>& before, const std::vector<double>& after)
{
    Effect e;
    e.before = static_cast<int>(before.size()), e.after = static_cast<int>(after.size());
    if (!before.empty()) e.mean_before = mean(before);
    if (!after.empty()) e.mean_after = mean(after);
    if (e.before < Effect::least_flights || e.after < Effect::least_flights) return e;
    const DifferenceInterval d = bootstrap_difference(before, after);
    e.low = d.low, e.high = d.high;
    e.helped = d.high < 0 ? Helped::Yes : d.low > 0 ? Helped::Worse : Helped::NoSign;
    return e;
}

std::optional<ShareFallen> share_fallen(const std::vector<Effect>& effects)
{
    constexpr std::size_t least_cases = 30;
    std::vector<double> shares;
    for (const Effect& e : effects)
        if (e.before >= Effect::least_flights && e.after >= Effect::least_flights && e.mean_before > 0)
            shares.push_back(1 - e.mean_after / e.mean_before);
    if (shares.size() < least_cases) return std::nullopt;
    const auto n = static_cast<double>(shares.size());
    const double middle = mean(shares), reach = student_t_975(n - 1) * sample_sd(shares) / std::sqrt(n);
    return ShareFallen{middle, middle - reach, middle + reach, static_cast<int>(shares.size())};
}

} // namespace bh
