#pragma once

#include "core/base/message.h"
#include "core/debrief/effect.h"
#include "core/debrief/tally.h"

#include <string>
#include <vector>

namespace bh {

/// What a change is a change of.
enum class ChangeKind : std::uint8_t { Movement, Grip, Rate, Power, Propeller, Tilt, Mode, Drill };
[[nodiscard]] std::string_view change_key(ChangeKind kind); ///< "movement", "grip", …
[[nodiscard]] std::optional<ChangeKind> change_from_key(std::string_view key);

/// What to change when something is found. Rules are data, see data/coaching. Of the rules about one kind of finding the first
/// that can be given is given.
struct CoachingRule {
    std::string id;
    FindingKind finding = FindingKind::Rocking;
    int at_least = 1; ///< faults of it in the flight
    struct Number {
        std::string key; ///< of the weightiest finding
        double at_least = 0;
    };
    std::optional<Number> number{};
    struct Word {
        std::string key, is; ///< of the weightiest finding, such as what a turn is at fault for
    };
    std::optional<Word> word{};
    struct Lately {
        int flights = 1, of = 1;
    } lately{};        ///< at fault in so many of so many flights, this one the last
    std::string cause; ///< the likely one, a sentence
    ChangeKind kind = ChangeKind::Movement;
    std::string change; ///< one thing, a sentence
    /// The same sentence with the sticks that it is about, by their keys in the order roll, pitch, yaw, throttle: "roll",
    /// "roll+pitch"; what is not here is said by `change`.
    std::vector<std::pair<std::string, std::string>> change_on{};
    [[nodiscard]] const std::string& change_for(std::string_view sticks) const;
    std::optional<double>
        target{};     ///< of a rate °/s (roll and pitch at full stick), of power and propellers a share, of a tilt °
    std::string to{}; ///< a grip, a mode or a drill by its key
    std::vector<Measure> measures{}; ///< of a drill, that get better with it
    double gain_share = 0.5;         ///< of the marks lost in them, that are expected back (house)
    double improves = 0.3;           ///< share by which the finding's own measure should fall (house)
};

/// What is set for a pilot; nothing, or empty: not known.
struct CoachedSettings {
    std::optional<double> rate_dps, power_share, propeller_ratio, tilt_deg;
    std::string grip, mode;
};
/// A rule asks for something that is set so already.
[[nodiscard]] bool is_set(const CoachingRule& rule, const CoachedSettings& settings);

/// Advice that a pilot was given before.
struct GivenBefore {
    std::string rule;
    bool followed = false;
    bool closed = false; ///< put aside by whoever gave it
    Effect effect;       ///< since it was followed
};

/// "peak 512 °/s"; empty: it is not told.
[[nodiscard]] Message number_in_words(const FindingNumber& number);

/// Marks that a drill gave for a measure.
struct MarksFor {
    Measure measure = Measure::HeightInWindow;
    double weight = 1, marks = 0;
};
[[nodiscard]] std::vector<MarksFor> marks_in(const Score& score);

/// Whom a flight is looked at for.
struct Coached {
    CoachedSettings settings;
    std::vector<FlightTally> before;  ///< flights, the newest last; without the one that is looked at
    std::vector<GivenBefore> given;   ///< the newest last
    std::vector<MarksFor> next_drill; ///< that the pilot has next; empty: its own flight's are taken
};

/// One thing to change, with why.
struct Advice {
    std::string rule, cause, change;
    FindingKind finding = FindingKind::Rocking;
    ChangeKind kind = ChangeKind::Movement;
    Message evidence; ///< "3 times, the weightiest from 12.0 s to 18.4 s: pitch, frequency 1.6 Hz, …; in 4 of the last 5 flights"
    std::optional<double> expected_marks; ///< of 100; nothing: no drill is known, or it is not judged by that
    double weight = 0;
    double improves = 0;        ///< share by which the finding's own measure should fall
    std::vector<TimeSpan> at{}; ///< the findings, the weightiest first
    bool again = false;         ///< it was given before, and still stands
};

/// Nobody works on more.
inline constexpr std::size_t most_advice = 3;
/// What is of this weight goes before all marks (house): the throttle after a crash.
inline constexpr double safety_weight = 90;

/// From what was found, the weightiest first; for a pilot, what brings the most marks in the drill that is next first. A rule
/// that was followed and did not help that pilot is left out, and so is one that asks for what is set already.
[[nodiscard]] std::vector<Advice> advise(const Debrief& debrief, const std::vector<CoachingRule>& rules, const Score* score,
                                         const Coached* pilot = nullptr);

} // namespace bh
