#pragma once

#include "core/curves/rate_axis.h"
#include "core/rates/flip_evidence.h"
#include "core/rates/handling.h"
#include "core/rates/purpose.h"
#include "core/rates/rate_match.h"
#include "school/school.h"

#include <array>
#include <optional>
#include <string>
#include <vector>

namespace bh {

/// Rates that lie no further apart (root mean square) are not felt to differ (house).
inline constexpr double rates_near_dps = 15;

/// Which side of a match changes.
enum class MatchDirection : std::uint8_t {
    SimulatorToReal, ///< the simulator is set like the aircraft
    RealToSimulator, ///< the aircraft is brought to what is practised
    FoundHere        ///< the same, but only after enough hours on the practised rates and steady ratings
};

/// How a pilot's hands have moved lately.
struct StickHistory {
    std::array<std::vector<double>, 3> shares; ///< roll, pitch, yaw: of the time, in even bins of the stick; empty: nothing known
    std::optional<double> rocking_share;       ///< of the time in the newest flights
};
/// From the pilot's newest six flights and newest three recordings of practice outside.
[[nodiscard]] StickHistory stick_history(const School& school, const std::string& pilot_id);

/// What is to be matched, and how.
struct MatchQuestion {
    std::string pilot_id, aircraft_id, simulator_id;
    MatchDirection direction = MatchDirection::SimulatorToReal;
    std::array<bool, 3> locked{false, false, true}; ///< axes that are left alone: roll, pitch, yaw
    bool keep_max = false, keep_centre = false;
    std::array<std::vector<double>, 3> weights{}; ///< of the stick, by axis; empty: all the same
    double least_hours = 5;                       ///< on rates that were found here, before they go on the aircraft (house)
};

/// How both sides stand, and the nearest that the one that changes can be set to.
struct MatchAnswer {
    MatchQuestion question;
    bool has_aircraft = false, has_simulator = false; ///< there is one of that id
    RateProfile real, practised;
    bool real_known = false; ///< somebody has said what the aircraft is set to; otherwise a learner's rates stand in
    std::array<std::optional<RateMatch>, 3> matches; ///< of the side that changes, by axis
    std::string family;                              ///< in which the side that changes is set
    std::vector<ParameterRange> ranges;              ///< of it
    std::optional<NotOnAircraft> blocked;            ///< why the aircraft may not be changed yet

    [[nodiscard]] bool aircraft_changes() const { return question.direction != MatchDirection::SimulatorToReal; }
    [[nodiscard]] const RateProfile& changing() const { return aircraft_changes() ? real : practised; }
    [[nodiscard]] const RateProfile& target() const { return aircraft_changes() ? practised : real; }
    [[nodiscard]] bool possible() const { return has_aircraft && has_simulator && !blocked; } ///< there is something to take over
    /// The side that changes, with the match where there is one.
    [[nodiscard]] RateProfile matched() const;
};

/// The side that changes is set in its own kind of numbers: the simulator's as its profile says, the aircraft's as they are
/// given.
[[nodiscard]] MatchAnswer match_again(const School& school, const MatchQuestion& question);
/// Why rates that were found here may not go on the aircraft yet.
[[nodiscard]] std::optional<NotOnAircraft> why_match_blocked(const School& school, const std::string& pilot_id,
                                                             double least_hours);
/// What is kept when a match is practised on: nothing where a learner's rates stand in for the aircraft's.
[[nodiscard]] std::optional<KeptMatch> match_to_keep(const MatchAnswer& answer, const RateProfile& practised);
/// A plan from the rates as they are to the match.
[[nodiscard]] Result<KeptPlan> plan_to_match(const MatchAnswer& answer);
/// A plan that changes nothing but the rate at full stick (common practice): roll's and pitch's to `max_dps`, and yaw's where it
/// is not left alone, in steps or in one jump.
[[nodiscard]] Result<KeptPlan> plan_of_max(const MatchAnswer& answer, double max_dps, bool one_jump);
/// What the flips that drills asked for say about the rates that they were flown on, from the newest twelve flights of such
/// drills. Free flights tell nothing: a tumble there is not a flip that somebody meant.
[[nodiscard]] std::vector<FlipsOnRate> flip_evidence(const School& school, const std::string& pilot_id);
/// All that is known of the pilot's hands on the rates that are practised on, for rate_verdict().
[[nodiscard]] RateEvidence rate_evidence(const MatchAnswer& answer, const std::optional<double>& rocking_share,
                                         const std::vector<FlipsOnRate>& flips, const Airframe* real);
/// The practised rates brought to a purpose's usual ones, at full stick, the shape of the curves kept and locked axes left alone.
/// A plan, so that nothing jumps: its standing says whether it is one step or more.
[[nodiscard]] Result<KeptPlan> plan_of_purpose(const School& school, MatchQuestion question, const RateBand& band);
/// The match that a plan ends in once `rates` stand on the side that changed; nothing where the side that was to stay has
/// changed.
[[nodiscard]] std::optional<KeptMatch> match_of_plan(const School& school, const std::string& pilot_id, const KeptPlan& plan,
                                                     const RateProfile& rates);
/// A pilot's practised rates on the card of a simulator: what to set there, and where they come from.
struct RatesOnCard {
    enum class From : std::uint8_t {
        Match,          ///< made for this simulator, and it holds
        MatchElsewhere, ///< made for another one, and it holds
        StaleMatch,
        Practice ///< never matched
    };
    From from = From::Practice;
    UnixTime matched_at = 0;
    std::string aircraft; ///< name of the pilot's real one; empty: not chosen
    std::array<std::optional<RateCurve>, 3>
        set_here{}; ///< by axis, in the simulator's own numbers and steps; nothing: cannot be set
};
/// Nothing where the pilot has no set-up, or the simulator lets no rates be set.
[[nodiscard]] std::optional<RatesOnCard> rates_on_card(const School& school, const std::string& pilot_id,
                                                       const SimulatorProfile& simulator);

} // namespace bh
