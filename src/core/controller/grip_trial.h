#pragma once

#include "core/base/result.h"

#include <array>
#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// How the stick is held: the thumb on top, between finger and thumb, or that with the thumb on top.
enum class Grip : std::uint8_t { Thumb, Pinch, Hybrid };
inline constexpr std::array<Grip, 3> all_grips{Grip::Thumb, Grip::Pinch, Grip::Hybrid};
[[nodiscard]] std::string_view grip_key(Grip grip); ///< "thumb", "pinch", "hybrid"
[[nodiscard]] std::optional<Grip> grip_from_key(std::string_view key);

/// One tap of a tapping task: from where the cursor stood, to the target, where it was when the target was confirmed.
/// Places in any one unit of length.
struct Tap {
    double from_x = 0, from_y = 0;
    double target_x = 0, target_y = 0;
    double end_x = 0, end_y = 0;
    double time_s = 0;
};

/// Effective measures of one condition, ISO/TS 9241-411:2012 (from memory) after Fitts (1954): along the line from
/// start to target, We = 4.133·SDx, IDe = log2(Ae/We + 1), TP = IDe/MT.
struct Pointing {
    double distance = 0;       ///< Ae, mean of the way made towards the target
    double sd_along = 0;       ///< SDx, n−1
    double width = 0;          ///< We
    double difficulty_bit = 0; ///< IDe
    double mean_time_s = 0;
    double throughput_bps = 0;
    int taps = 0;
};

/// From the effective distance, spread and time. Infinite where nothing was ever missed by anything (spread 0).
[[nodiscard]] Pointing pointing(double distance, double sd_along, double mean_time_s);
/// BadInput for fewer than three taps, a time that is not positive, or a target on its start.
[[nodiscard]] Result<Pointing> pointing(const std::vector<Tap>& taps);

/// Compares two grips by the throughput of conditions flown with both (same order, in pairs).
struct GripComparison {
    double difference_bps = 0;        ///< mean of first − second
    double low_bps = 0, high_bps = 0; ///< 95 % percentile bootstrap interval (Efron 1979), 4,000 seeded resamples
    enum class Verdict { FirstBetter, SecondBetter, CannotTell } verdict = Verdict::CannotTell;
    Message words;
};
/// Needs at least five pairs to say anything but "cannot tell" (house). BadInput for lists of different length.
[[nodiscard]] Result<GripComparison> compare_grips(const std::string& first_name, const std::vector<double>& first_bps,
                                                   const std::string& second_name, const std::vector<double>& second_bps,
                                                   std::uint64_t seed = 1);

/// Targets of the multidirectional task: `count` (odd) places on a circle, visited across it in turn, the first again at
/// the end.
struct TapTarget {
    double x = 0, y = 0;
};
[[nodiscard]] std::vector<TapTarget> tapping_targets(int count, double circle_radius);

/// Follows a stick-driven cursor through one round and turns it into taps. A target is confirmed by coming to rest: the
/// cursor has left the last place and stays within 3 % of the circle's radius for 0.25 s (house); the rest itself is not
/// counted as time. The first rest, on the first target, only starts the round.
class TappingRun {
public:
    TappingRun(int count, double circle_radius);
    /// The cursor now; true when this confirmed a target.
    bool look(double t_s, double x, double y);
    [[nodiscard]] const std::vector<TapTarget>& targets() const { return targets_; }
    [[nodiscard]] std::size_t current() const { return current_; } ///< the target to go to; targets().size() when done
    [[nodiscard]] bool done() const { return current_ == targets_.size(); }
    [[nodiscard]] const std::vector<Tap>& taps() const { return taps_; }

private:
    std::vector<TapTarget> targets_;
    double radius_;
    std::size_t current_ = 0;
    std::vector<Tap> taps_;
    double rest_x_ = 0, rest_y_ = 0, rest_since_s_ = -1;
    double from_x_ = 0, from_y_ = 0, from_s_ = 0; ///< the last confirmed place and when the cursor was confirmed there
    bool left_ = true;
};

} // namespace bh
