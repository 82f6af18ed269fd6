#pragma once

#include "core/base/message.h"
#include "core/flight/modes.h"

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// What a controller's own buttons, switches and spare axes can be for.
enum class SwitchUse : std::uint8_t { Arm, Mode, Panic, Reset, Pause };
inline constexpr std::size_t switch_use_count = 5;
[[nodiscard]] std::string_view switch_use_key(SwitchUse use); ///< "arm", "mode", "panic", "reset", "pause"
[[nodiscard]] std::optional<SwitchUse> switch_use_from_key(std::string_view key);

/// Where it is read: a button of the device, or an axis that carries no stick.
struct SwitchSource {
    enum class Kind : std::uint8_t { Button, Axis };
    Kind kind = Kind::Button;
    int index = 0; ///< from 0
    bool operator==(const SwitchSource&) const = default;
    [[nodiscard]] Message words() const; ///< "button 3", "axis 5": as the device counts, from 1 for people
};

/// One switch, as it was learned by moving it.
struct SwitchCalibration {
    SwitchUse use = SwitchUse::Arm;
    SwitchSource source;
    std::vector<int> positions_counts; ///< what it reads in each of its two or three places, that of rest first
    bool springs_back = false;         ///< a push button: pressed and let go, not left in its place
    std::vector<bh::Mode> modes;       ///< of a Mode switch, by position
    bool operator==(const SwitchCalibration&) const = default;
};

/// A device's raw state besides its sticks.
struct SwitchReading {
    std::vector<int> axes_counts;
    std::vector<std::uint8_t> buttons; ///< 0 or 1
};

/// In which of its places it stands, from 0; nothing where the device has no such button or axis (any more).
[[nodiscard]] std::optional<std::size_t> position_of(const SwitchCalibration& calibration, const SwitchReading& reading);

/// Learns a switch from its being moved through all its places and back, or a button from being pressed and let go. Axes that
/// carry sticks are left out of account.
class SwitchWatch {
public:
    SwitchWatch(SwitchUse use, std::vector<int> stick_axes);
    /// One look; times rise. True once it is learned.
    bool look(double t_s, const SwitchReading& reading);
    [[nodiscard]] const std::optional<SwitchCalibration>& learned() const { return learned_; }
    [[nodiscard]] double progress() const; ///< 0…1

    static constexpr double place_s = 0.25;     ///< to be left in a place for so long that it counts as one (house)
    static constexpr double button_s = 0.6;     ///< pressed for less it is a push button (house)
    static constexpr double least_share = 0.15; ///< of an axis' full range, between two places (house)

private:
    struct Follow {
        SwitchSource source;
        int last = 0;
        double since_s = 0;
        std::vector<int> places; ///< that of rest first
        bool back = false;       ///< in the place of rest again
        double longest_away_s = 0;
    };
    void follow(Follow& f, double t_s, int value);

    SwitchUse use_;
    std::vector<int> stick_axes_;
    std::vector<Follow> follows_;
    std::optional<SwitchCalibration> learned_;
    bool first_ = true;
};

/// What is wrong with a set of switches, a sentence; empty when it is well: two uses on one source, a mode switch without a mode
/// for each place.
[[nodiscard]] Message problem_of(const std::vector<SwitchCalibration>& switches);

/// Modes for a switch of so many places, until they are chosen (common practice, no source).
[[nodiscard]] std::vector<bh::Mode> usual_modes(std::size_t positions);

/// Holds all learned switches and tells what they do from look to look.
class SwitchBoard {
public:
    explicit SwitchBoard(std::vector<SwitchCalibration> switches = {}) : switches_(std::move(switches)), at_(switches_.size()) {}
    struct Moved {
        SwitchUse use;
        bool on = false;           ///< of a switch that stays: out of its place of rest; a push button: pressed now
        bool springs_back = false; ///< then every press turns what it is for round
        std::optional<bh::Mode> mode{};
    };
    /// What has moved since the look before; the first look tells only where a mode switch stands.
    [[nodiscard]] std::vector<Moved> look(const SwitchReading& reading);
    [[nodiscard]] const std::vector<SwitchCalibration>& switches() const { return switches_; }
    [[nodiscard]] const SwitchCalibration* of(SwitchUse use) const;

private:
    std::vector<SwitchCalibration> switches_;
    std::vector<std::optional<std::size_t>> at_;
};

/// The eight checks of the sticks are followed by one for each switch: moved out of its place of rest, and back.
class SwitchChecks {
public:
    explicit SwitchChecks(std::vector<SwitchCalibration> switches) : switches_(std::move(switches)) {}
    void look(const SwitchReading& reading);
    [[nodiscard]] bool passed() const { return current_ >= switches_.size(); }
    [[nodiscard]] std::size_t current() const { return current_; }
    [[nodiscard]] const std::vector<SwitchCalibration>& switches() const { return switches_; }

private:
    std::vector<SwitchCalibration> switches_;
    std::size_t current_ = 0;
    std::vector<bool> seen_; ///< places of the one that is on
};

} // namespace bh
