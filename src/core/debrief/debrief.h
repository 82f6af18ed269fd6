#pragma once

#include "core/base/side.h"
#include "core/debrief/finding_kinds.h"
#include "core/drill/drill_score.h"
#include "core/flight/flight_log.h"

#include <array>
#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace bh {

/// A number of a finding by its key, which carries its unit; nothing: not known. Some are a yes, a word, or times.
struct FindingNumber {
    std::string_view key;
    std::variant<std::monostate, double, bool, std::string_view, std::vector<TimeSpan>> value;
};

/// What a turn is at fault for: a key of TurnFault.
inline constexpr std::string_view turn_fault_number = "turned_by";

/// Something that was seen in a flight, good or not, over its own span.
struct Finding {
    FindingKind kind = FindingKind::Rocking;
    StickAxis axis = StickAxis::Roll;
    std::optional<Side> side{};
    double start_s = 0, end_s = 0;
    bool fault = false;
    double weight = 0; ///< 0…100 of a fault, by which a coach would speak of it first (house); 0 of what is good
    std::vector<FindingNumber> numbers{};
    [[nodiscard]] std::optional<double> number(std::string_view key) const;
    [[nodiscard]] std::optional<std::string_view> word(std::string_view key) const;
};

/// How the sticks were worked.
struct StickStatistics {
    struct Reversals {
        int count = 0;
        double rate_hz = 0;
    };
    std::array<Reversals, 4> reversals{}; ///< by StickAxis; turning points more than 6 % of travel apart
    /// Throttle while it flew: mean, spread, and between which it was for 80 % of the time.
    struct ThrottleBand {
        double mean = 0, sd = 0, low = 0, high = 0;
    };
    std::optional<ThrottleBand> throttle_band{};
    static constexpr std::size_t cells = 9; ///< of a stick's field, each way
    using Field =
        std::array<std::array<double, cells>, cells>; ///< shares of the time: rows up from the bottom, columns to the right
    Field yaw_throttle{}, roll_pitch{};
    double hands_off_share = 0;            ///< yaw, pitch and roll within 10 % of the middle
    std::optional<double> sparc{}, ldlj{}; ///< smoothness of the right stick's speed, mean over minutes; see smoothness.h
};

/// One phase of a drill as it was flown.
struct PhaseDebrief {
    std::string id;
    std::optional<Side> side{};
    double start_s = 0, end_s = 0;
    int faults = 0; ///< findings that begin in it
    double rocking_share = 0;
    double throttle_sd = 0;
    double reversals_hz = 0;                       ///< of roll, pitch and yaw together
    std::optional<double> height_rms_m, speed_mps; ///< off the phase's height, where it has a window; mean over ground
};

/// Turns to one side: means of those that can be judged.
struct SideDebrief {
    int turns = 0, at_fault = 0;
    std::optional<double> yaw_share, radius_m, height_change_m, yaw_lead_ms; ///< height: of its size
};

struct Debrief {
    double duration_s = 0;
    bool has_position = true;      ///< otherwise only what sticks and attitude tell
    std::vector<Finding> findings; ///< in order of time
    StickStatistics statistics;
    std::vector<PhaseDebrief> phases; ///< where it was a drill
    SideDebrief left, right;
    /// Faults, the weightiest first.
    [[nodiscard]] std::vector<const Finding*> faults() const;
};

/// What a flight is looked at with.
struct DebriefOptions {
    std::vector<Vec2> flags_m{}; ///< north, east
};

/// Limits above which what is listed anyhow is a fault (house): a brake's gain and a turn's band stand with their finders.
namespace debrief_limits {
inline constexpr double spin_exit_deg = 20, landing_sink_mps = 1.2, throttle_cut_s = 1;
inline constexpr int landing_bounces = 2;
} // namespace debrief_limits

/// Finds all there is to find. After a crash, until it flies again, only the throttle cut is reported.
[[nodiscard]] Debrief debrief(const FlightLog& log, const DebriefOptions& options = {});

/// The same of a drill, by its camera tilt. What a phase asks for (see Phase::asks) is no fault in it, and what the drill's score
/// found at fault, where there is one, is a finding too.
[[nodiscard]] Debrief debrief(const FlightLog& log, const Drill& drill, const Score* score = nullptr);

} // namespace bh
