#pragma once

#include <cstddef>
#include <cstdint>
#include <optional>
#include <string_view>
#include <vector>

namespace bh {

/// What is made easy for a learner, in the order in which it is given back (common practice, no source): power at unchanged
/// rates first, then full propellers, then the rates, then the camera's tilt.
enum class Eased : std::uint8_t { Power, Propellers, Rates, Tilt };
[[nodiscard]] std::string_view eased_key(Eased what); ///< "power", "propellers", "rates", "tilt"
[[nodiscard]] std::optional<Eased> eased_from_key(std::string_view key);

/// How easy an aircraft is set.
struct Easing {
    double power_share = 1;
    double propeller_ratio = 1;
    double rate_dps = 350; ///< of roll and pitch at full stick
    double tilt_deg = 30;
};
[[nodiscard]] double value_of(const Easing& easing, Eased what);

/// One step of the ladder from the eased aircraft to the real one.
struct Rung {
    Eased what = Eased::Power;
    double from = 0, to = 0;
};

/// A step that was taken: up, or half of one back.
struct RungTaken {
    std::int64_t at = 0; ///< seconds since 1970
    Rung rung;
    std::optional<double> rocking_share{}; ///< that it was taken on
    [[nodiscard]] bool back() const { return rung.to < rung.from; }
};

struct WayBack {
    Easing eased;        ///< where it began
    Easing real;         ///< where it leads: full power and propellers; 350 to 400 °/s and the real aircraft's tilt
    std::int64_t at = 0; ///< when it began
    std::vector<RungTaken> taken;
    bool ended = false; ///< left before it was through
};

/// The whole ladder: 10 % of power, 10 % of the propellers, 50 °/s and 5° at a time (house).
[[nodiscard]] std::vector<Rung> ladder(const Easing& eased, const Easing& real);

/// Where the aircraft as it is set now stands on it.
struct WayBackStanding {
    std::vector<Rung> rungs;
    std::size_t climbed = 0;  ///< rungs whose end is reached, in their order
    std::optional<Rung> next; ///< from where it stands; nothing: it is the real aircraft
    std::optional<Rung> back; ///< half of the step that was taken last; nothing: there is none to go back
};
[[nodiscard]] WayBackStanding standing_of(const WayBack& way, const Easing& now);

/// Flights since the last step, and the share of their time in which a stick rocked.
struct WayBackEvidence {
    int flights = 0;
    double rocking_share = 0;
};
struct WayBackRules { ///< house
    int flights_to_step = 5;
    int flights_to_go_back = 3;
    double rocks_above = 0.15;
};
enum class WayBackAdvice : std::uint8_t {
    FlyMore, ///< too few flights since the last step
    Step,    ///< the next one can be taken
    GoBack,  ///< rocking rose with the last step: half of it back
    Stay,    ///< it rocks, and there is no step to go back
    Through  ///< it is the real aircraft
};
[[nodiscard]] WayBackAdvice advice(const WayBackStanding& standing, const WayBackEvidence& evidence,
                                   const WayBackRules& rules = {});

} // namespace bh
