#pragma once

#include "core/base/message.h"
#include "core/controller/calibration.h"

#include <optional>
#include <string>
#include <vector>

namespace bh {

/// What is followed from one calibration of a controller to the next, per function. Shares of half travel.
enum class DriftMeasure { Centre, Jitter, Hysteresis, Travel };
inline constexpr std::array<DriftMeasure, 4> all_drift_measures{DriftMeasure::Centre, DriftMeasure::Jitter,
                                                                DriftMeasure::Hysteresis, DriftMeasure::Travel};
[[nodiscard]] std::string_view drift_measure_name(DriftMeasure measure); ///< for people: "centre", …
/// Centre: place of the centre between the ends, −1…1. Jitter, hysteresis: of half travel. Travel: share of the range.
[[nodiscard]] double drift_value(const FunctionCalibration& function, DriftMeasure measure);

/// Individuals control chart (Shewhart; ISO 7870-2, from memory): mean ± 2.66 · mean moving range.
struct ControlChart {
    std::vector<double> values; ///< in time order, the newest last
    double mean = 0;            ///< of all but the newest
    double low = 0, high = 0;
    bool can_judge = false;      ///< at least four older values (house)
    bool out_of_control = false; ///< the newest lies outside
};
/// The newest value is judged against those before it. `floor` keeps the limits from closing on noise smaller than
/// matters (they are at least mean ± floor).
[[nodiscard]] ControlChart control_chart(std::vector<double> values, double floor = 0);

/// The charts of one controller's calibrations in time order, and a sentence for what has drifted; empty when nothing has.
struct Drift {
    std::vector<std::pair<Function, DriftMeasure>> which; ///< those out of control
    Message words;
};
[[nodiscard]] Drift drift_of(const std::vector<Calibration>& history);
[[nodiscard]] ControlChart drift_chart(const std::vector<Calibration>& history, Function function, DriftMeasure measure);

/// A calibration older than this many days is to be made again (house).
inline constexpr int calibration_valid_days = 60;

} // namespace bh
