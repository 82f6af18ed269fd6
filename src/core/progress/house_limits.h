#pragma once

#include "core/progress/readiness.h"
#include "core/progress/standing.h"

#include <map>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// A limit that no law and no standard sets: the house's, or common practice. Every school may have its own.
struct HouseLimit {
    std::string_view id;    ///< "hours.low"
    std::string_view group; ///< under which it is shown
    std::string_view name;  ///< "Hours before a first real flight"
    std::string_view unit;  ///< "h"; empty: a count
    double usual = 0, least = 0, most = 0;
    int decimals = 0;
    std::string_view why; ///< for what it is, and where the usual value comes from
};

/// All of them, group by group.
[[nodiscard]] const std::vector<HouseLimit>& house_limits();
[[nodiscard]] const HouseLimit* house_limit(std::string_view id); ///< null: there is none

/// The limits of one house: as usual, but for those that it has changed.
class HouseLimits {
public:
    /// Beyond what the limit allows it is brought to the nearest that is; one that nobody knows is passed over.
    void change(const std::string& id, double value);
    [[nodiscard]] double of(std::string_view id) const; ///< NaN for one that is none
    [[nodiscard]] int whole(std::string_view id) const { return static_cast<int>(of(id) + 0.5); }
    [[nodiscard]] bool is_changed(std::string_view id) const { return changed_.contains(std::string(id)); }
    bool operator==(const HouseLimits&) const = default;

private:
    std::map<std::string, double> changed_;
};

[[nodiscard]] ReadinessRules readiness_rules(const HouseLimits& house);
[[nodiscard]] StandingRules standing_rules(const HouseLimits& house);

} // namespace bh
