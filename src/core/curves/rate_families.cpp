#include "core/curves/rate_families.h"

#include <algorithm>
#include <array>

namespace bh {
namespace {

constexpr std::size_t settable = std::variant_size_v<RateCurve> - 1; // the table is the last
static_assert(std::is_same_v<std::variant_alternative_t<settable, RateCurve>, TableCurve>);

template <std::size_t... I>
constexpr std::array<RateFamily, sizeof...(I)> all_families(std::index_sequence<I...>)
{
    return {RateFamily{RateFamilyOf<std::variant_alternative_t<I, RateCurve>>::key,
                       RateFamilyOf<std::variant_alternative_t<I, RateCurve>>::name,
                       RateFamilyOf<std::variant_alternative_t<I, RateCurve>>::parameters,
                       RateFamilyOf<std::variant_alternative_t<I, RateCurve>>::sizing}...};
}
constexpr auto families = all_families(std::make_index_sequence<settable>());

} // namespace

std::span<const RateFamily> rate_families() { return families; }

const RateFamily* rate_family(std::string_view key)
{
    const auto found = std::find_if(families.begin(), families.end(), [key](const RateFamily& f) { return f.key == key; });
    return found == families.end() ? nullptr : &*found;
}

std::string rate_family_names()
{
    std::string names;
    for (std::size_t i = 0; i < families.size(); ++i) {
        if (i > 0) names += i + 1 == families.size() ? " or " : ", ";
        names += families[i].key;
    }
    return names;
}

std::vector<ParameterRange> ranges_of(const RateFamily& family)
{
    std::vector<ParameterRange> ranges;
    for (const RateParameter& p : family.parameters) ranges.push_back({p.low, p.high, p.step});
    return ranges;
}

} // namespace bh
