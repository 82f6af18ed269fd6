#pragma once

#include "core/setup/way_back.h"
#include "school/school.h"

#include <optional>
#include <string>
#include <vector>

namespace bh {

/// A pilot is a learner until every stage is held (house).
[[nodiscard]] bool is_learner(const School& school, const std::string& pilot_id);

/// The share of the last five flights' time in which a stick rocked; nothing where fewer than three are known of.
[[nodiscard]] std::optional<double> rocking_lately(const School& school, const std::string& pilot_id);

/// How a pilot's aircraft is eased now.
[[nodiscard]] Easing easing_of(const TrainingSetup& setup);
/// A way back from there: to full power and propellers, rates of `rate_dps` (350 to 400; common practice) and the real aircraft's
/// tilt.
[[nodiscard]] WayBack way_back_from(const TrainingSetup& setup, double rate_dps, double tilt_deg, UnixTime now);
/// Where the pilot stands on it; nothing: none was begun, or it was ended.
[[nodiscard]] std::optional<WayBackStanding> way_back_standing(const School& school, const std::string& pilot_id);
/// The flights since its last step (the newest five of them).
[[nodiscard]] WayBackEvidence way_back_evidence(const School& school, const std::string& pilot_id);
/// Takes the next step, or half of the last one back; with the set-up, undone together.
bool step_on_way_back(School& school, const std::string& pilot_id, bool forward);

/// What a coordinator should know about a set-up before this pilot flies it (see setup_warnings), one sentence each.
[[nodiscard]] std::vector<Message> warnings_of(const School& school, const std::string& pilot_id, const TrainingSetup& setup);

/// The set-up with another rate at full stick, of roll and pitch or of yaw, in whatever kind of numbers they are given. What
/// cannot be set, a measured table, stays as it is.
enum class RateAxes : std::uint8_t { RollAndPitch, Yaw };
[[nodiscard]] TrainingSetup with_full_stick(TrainingSetup setup, RateAxes axes, double dps);
[[nodiscard]] bool full_stick_can_be_set(const TrainingSetup& setup, RateAxes axes);

} // namespace bh
