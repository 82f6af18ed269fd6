#pragma once

#include "school/school.h"

#include <optional>
#include <string>
#include <vector>

namespace bh {

/// A pilot is a learner until every stage is held (house).
[[nodiscard]] bool is_learner(const School& school, const std::string& pilot_id);

/// The share of the last five flights' time in which a stick rocked; nothing where fewer than three are known of.
[[nodiscard]] std::optional<double> rocking_lately(const School& school, const std::string& pilot_id);

/// What a coordinator should know about a set-up before this pilot flies it (see setup_warnings), one sentence each.
[[nodiscard]] std::vector<std::string> warnings_of(const School& school, const std::string& pilot_id, const TrainingSetup& setup);

/// The set-up with another rate at full stick, of roll and pitch or of yaw, in whatever kind of numbers they are given. What
/// cannot be set, a measured table, stays as it is.
enum class RateAxes : std::uint8_t { RollAndPitch, Yaw };
[[nodiscard]] TrainingSetup with_full_stick(TrainingSetup setup, RateAxes axes, double dps);
[[nodiscard]] bool full_stick_can_be_set(const TrainingSetup& setup, RateAxes axes);

} // namespace bh
