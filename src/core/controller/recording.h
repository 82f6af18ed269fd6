#pragma once

#include <array>
#include <cstddef>
#include <optional>
#include <string_view>
#include <vector>

namespace bh {

/// What the pilot was asked to do with the sticks while a sample was taken.
enum class Prompt { Rest, ThrottleUp, ThrottleDown, YawRight, YawLeft, PitchForward, PitchBack, RollRight, RollLeft, Circles };
inline constexpr std::size_t prompt_count = 10;

/// Key as written in recordings: "rest", "throttle_up", …
[[nodiscard]] std::string_view prompt_key(Prompt prompt);
[[nodiscard]] std::optional<Prompt> prompt_from_key(std::string_view key);

/// Raw axis counts of a controller over time. Every list has one entry per sample.
struct ControllerRecording {
    std::vector<double> t_s;
    std::vector<std::vector<int>> axes_counts; ///< [axis][sample]
    std::vector<Prompt> prompts;

    [[nodiscard]] std::size_t samples() const { return t_s.size(); }
    void append(double time_s, const std::vector<int>& counts, Prompt prompt)
    {
        if (axes_counts.empty()) axes_counts.resize(counts.size());
        t_s.push_back(time_s);
        for (std::size_t axis = 0; axis < axes_counts.size(); ++axis)
            axes_counts[axis].push_back(axis < counts.size() ? counts[axis] : 0);
        prompts.push_back(prompt);
    }
};

} // namespace bh
