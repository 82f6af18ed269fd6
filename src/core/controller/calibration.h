#pragma once

#include "core/base/result.h"
#include "core/base/sticks.h"
#include "core/controller/recording.h"
#include "core/controller/switches.h"

#include <array>
#include <optional>
#include <string>
#include <vector>

namespace bh {

/// The four functions of a controller, in the order in which a calibration asks for them.
enum class Function { Throttle, Yaw, Pitch, Roll };
inline constexpr std::array<Function, 4> all_functions{Function::Throttle, Function::Yaw, Function::Pitch, Function::Roll};
[[nodiscard]] std::string_view function_key(Function function); ///< "throttle", "yaw", "pitch", "roll"

enum class Verdict { Good, Usable, Service };
[[nodiscard]] const char* verdict_key(Verdict verdict); ///< "good", "usable", "service"

/// How a spring brings a stick back once it is let go.
struct SpringReturn {
    double time_s = 0;    ///< from the last moment at 90 % of its way until it stays within 10 % of the rest
    double overshoot = 0; ///< how far it swings past the rest, share of half travel
};

/// How one function is read from its axis, and how good that axis is. Counts are the device's raw numbers.
struct FunctionCalibration {
    int axis = -1;                 ///< index into the device's axes, from 0
    bool inverted = false;         ///< counts fall towards throttle up / yaw right / pitch forward / roll right
    bool sprung = false;           ///< returns to the middle when let go
    double low_counts = 0;         ///< raw value with the function at its bottom/left/back end
    double centre_counts = 0;      ///< middle of the two resting places; for an unsprung throttle the middle of travel
    double high_counts = 0;        ///< raw value with the function at its top/right/forward end
    double jitter_counts = 0;      ///< sample standard deviation at rest
    double jitter_peak_counts = 0; ///< largest minus smallest value at rest
    double hysteresis_counts = 0;  ///< gap between the resting places after a return from + and from −; 0 if unsprung
    double rest_after_high_counts = 0;
    double rest_after_low_counts = 0;
    std::optional<SpringReturn> spring_after_high, spring_after_low; ///< where it was seen to be let go
    double dead_band = 0;                                            ///< recommended, share of half travel 0…1
    double travel_share = 0;                                         ///< travel as a share of the device's range
    double asymmetry = 1;      ///< way from the centre to the high end over the way to the low end; 1 for an unsprung throttle
    double effective_bits = 0; ///< log2(travel / smallest step seen on this axis)
    Verdict verdict = Verdict::Service;
    Message reason; ///< why, and what to do; one sentence
};

/// Motion of `second` per motion of `first`, both in half travels and in stick sense (least-squares slope).
struct CrossTalk {
    Function first;
    Function second;
    double share;
};

struct Calibration {
    std::array<FunctionCalibration, 4> functions; ///< indexed by Function
    std::vector<CrossTalk> cross_talk;            ///< the two functions that share each stick, both ways
    std::vector<int> unused_axes;
    int step_counts = 0;        ///< smallest step between different values seen
    double interval_ms = 0;     ///< median sample interval
    double interval_p95_ms = 0; ///< 95th percentile of it: how late a sample comes now and then
    std::vector<Message> problems;
    std::vector<SwitchCalibration> switches; ///< the controller's own, as far as they were learned

    [[nodiscard]] const FunctionCalibration& of(Function function) const { return functions[static_cast<std::size_t>(function)]; }
    FunctionCalibration& of(Function function) { return functions[static_cast<std::size_t>(function)]; }
    /// True when nothing was left to guess: a calibration with problems must not be used.
    [[nodiscard]] bool usable() const { return problems.empty(); }
};

/// Works out which axis carries which function, its direction, ends, centre, jitter, hysteresis and dead band from
/// a recording with prompts. What the recording does not show (a missing prompt, a dead axis, two functions on one
/// axis) is listed under `problems`, never guessed. BadInput when there are no samples, no axes or no rest prompt.
[[nodiscard]] Result<Calibration> calibrate(const ControllerRecording& recording);

/// What its springs are like, side against side: "slack", "stiff", "the spring towards the right is weaker", or nothing (house
/// limits). A pilot's own choice, no fault by itself.
[[nodiscard]] Message spring_in_words(const FunctionCalibration& calibration, Function function);

/// Raw counts to sticks: centre, ends, direction and dead band taken off, clamped. An axis that the device lacks
/// gives a centred stick (throttle: bottom).
[[nodiscard]] Sticks to_sticks(const Calibration& calibration, const std::vector<int>& counts);

/// The other way round, without dead band: the counts at which a stick stands. For replaying sticks on a device.
[[nodiscard]] std::vector<int> to_counts(const Calibration& calibration, const Sticks& sticks, std::size_t axes);

/// Follows a running calibration and tells when the motion a prompt asks for has been seen, so that the checklist
/// can tick itself: rest = all axes still for 2 s; a push = some axis away from where it was at rest, held, and then
/// everything still again; circles = two axes to both sides.
class PromptWatch {
public:
    /// Starts on a prompt; `rest_counts` is where the axes stood at rest (empty for the rest prompt itself).
    PromptWatch(Prompt prompt, std::vector<int> rest_counts);
    /// One sample; returns true once the motion is complete.
    bool add(double t_s, const std::vector<int>& counts);
    /// How far the motion has come, 0…1, for a progress mark.
    [[nodiscard]] double progress() const { return progress_; }

private:
    [[nodiscard]] double range() const;
    Prompt prompt_;
    std::vector<int> rest_counts_;
    std::vector<int> start_counts_;
    std::vector<int> low_;
    std::vector<int> high_;
    std::vector<int> still_from_counts_;
    std::vector<double> axis_still_since_s_;
    double still_since_s_ = 0;
    double progress_ = 0;
    bool first_ = true;
};

} // namespace bh
