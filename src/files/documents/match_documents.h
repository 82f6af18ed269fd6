#pragma once

#include "core/rates/change_plan.h"
#include "core/rates/kept_match.h"

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// A change plan as it is kept for a pilot, with who decided each step.
struct KeptPlan {
    std::string aircraft, simulator; ///< ids of both sides
    bool on_aircraft = false; ///< the aircraft's rates change, and every step needs its cautions read; otherwise the simulator's
    RateProfile stays;        ///< what the other side was when the plan was made
    ChangePlan plan;
    struct Decision {
        std::int64_t at = 0; ///< seconds since 1970
        std::string by;
        bool outside = false; ///< flown elsewhere; otherwise in the built-in flight
        bool cautions_read = false;
    };
    std::vector<Decision> decisions; ///< of each step that was flown
    bool ended = false;              ///< left before it was through
    bool max_only = false;           ///< nothing but the rate at full stick changes
};

/// A handling rating with the rates that it is about.
struct HandlingNote {
    std::int64_t at = 0;
    int rating = 1;
    std::string by;
    RateProfile rates;
};

/// A blind test that was flown to its end.
struct BlindNote {
    std::int64_t at = 0;
    std::string between; ///< the two curves, in words
    int right = 0, trials = 0;
    double p_value = 1;
};

/// Rates that a pilot tries in the simulator, before they go on the aircraft.
struct RatesTrial {
    std::int64_t at = 0;
    RateProfile rates;
};

/// "bluehangar.match/1", "bluehangar.plan/1", "bluehangar.handling/1", "bluehangar.blind/1" and "bluehangar.trial/1". A rating
/// that is none, a step of an axis or parameter there is not and the like are BadInput with the place.
[[nodiscard]] std::string match_text(const KeptMatch& match, std::int64_t at);
[[nodiscard]] Result<KeptMatch> parse_match(std::string_view text, const std::string& file, std::int64_t* at = nullptr);
[[nodiscard]] std::string trial_text(const RatesTrial& trial);
[[nodiscard]] Result<RatesTrial> parse_trial(std::string_view text, const std::string& file);
[[nodiscard]] std::string plan_text(const KeptPlan& plan);
[[nodiscard]] Result<KeptPlan> parse_plan(std::string_view text, const std::string& file);
[[nodiscard]] std::string handling_text(const std::vector<HandlingNote>& notes);
[[nodiscard]] Result<std::vector<HandlingNote>> parse_handling(std::string_view text, const std::string& file);
[[nodiscard]] std::string blind_text(const std::vector<BlindNote>& notes);
[[nodiscard]] Result<std::vector<BlindNote>> parse_blind(std::string_view text, const std::string& file);

} // namespace bh
