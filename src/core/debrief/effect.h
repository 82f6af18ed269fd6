#pragma once

#include <cstdint>
#include <optional>
#include <string_view>
#include <vector>

namespace bh {

/// What became of a measure, of which more is worse, once something was changed.
enum class Helped : std::uint8_t {
    TooFewFlights, ///< not three in each state yet
    Yes,
    NoSign, ///< the difference may be chance
    Worse
};
[[nodiscard]] std::string_view helped_in_words(Helped helped);

struct Effect {
    Helped helped = Helped::TooFewFlights;
    int before = 0, after = 0; ///< flights
    double mean_before = 0, mean_after = 0;
    double low = 0, high = 0; ///< of after minus before, with 95 %; see bootstrap_difference()
    /// It was tried for long enough (house): it is not to be given to that pilot again.
    [[nodiscard]] bool given_up() const
    {
        return helped == Helped::Worse || (helped == Helped::NoSign && after >= enough_flights);
    }
    static constexpr int least_flights = 3, enough_flights = 8;
};

/// From a measure's values flight by flight. With few flights the interval is narrower than it should be: three and three tell
/// only of large differences what can be relied upon.
[[nodiscard]] Effect effect(const std::vector<double>& before, const std::vector<double>& after);

/// By which share a measure fell, over cases in which it was seen before and after a change.
struct ShareFallen {
    double share = 0, low = 0, high = 0; ///< mean, and where it lies with 95 % (Student's t)
    int cases = 0;
};
/// Nothing for fewer than thirty: a guess is no worse then (house).
[[nodiscard]] std::optional<ShareFallen> share_fallen(const std::vector<Effect>& effects);

} // namespace bh
