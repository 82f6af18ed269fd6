#pragma once

#include "core/drill/measures.h"
#include "core/flight/flight_log.h"

#include <array>
#include <cstdint>
#include <optional>
#include <span>
#include <string_view>

namespace bh {

/// What can be found in a flight, in the order in which lists have it.
enum class FindingKind : std::uint8_t {
    Rocking,
    OverControl, ///< in corners
    BigInput,
    HeldPush,
    Turn,
    Brake,
    Spin,
    BankLeftOver,
    SinkInLean,
    ChoppedThrottle,
    FullThrottleTakeOff,
    Landing,
    ThrottleCut,
    HandsOn ///< sticks that were to be left alone; only a drill can tell
};

/// How a kind is summed up over a flight.
enum class SumUp : std::uint8_t {
    TimeShare, ///< % of the flight
    PerMinute,
    FaultShare, ///< % of those seen
    MeanOf      ///< a number of the findings
};

/// What a tally's value is.
struct HabitMeasure {
    std::string_view words; ///< "of the time rocking"
    std::string_view unit;  ///< "%", "a minute", "m", …
};

/// All there is to say of a kind besides how it is found. The table stands in finding_kinds.cpp; a kind without a row does not
/// compile.
struct FindingFacts {
    FindingKind kind;
    std::string_view key;    ///< "held_push", as on the record and in files: it never changes
    std::string_view letter; ///< by which it is marked on a plot
    std::string_view name;   ///< "Push held"
    StickAxis axis;          ///< the stick that it is about, where the finding itself does not say
    bool any_stick;          ///< which one, the finding's axis has to say
    bool needs_position;     ///< the sticks alone do not tell
    bool none_is_good;       ///< a flight in which none was seen says so; otherwise it says nothing
    /// From which to under which a fault weighs, 0…100 (house). What is spoken of first stands higher, whatever there was of the
    /// other: what breaks aircraft, then what hides everything else, then the rest; what follows from another comes behind it.
    struct Band {
        double from, under;
    };
    Band weight;
    SumUp sum_up;
    std::string_view number; ///< of MeanOf: which of its numbers
    HabitMeasure habit;
    /// A drill that looks for it does so by these; of a fault that only the score found, the first whose number is given is told.
    struct ByMeasure {
        Measure measure = Measure::DoneS;
        std::string_view number; ///< that the measure's value is; empty: none of the finding's
    };
    std::array<ByMeasure, 3> measures{};
    std::array<std::string_view, 4> numbers{}; ///< that it has, in their order, where only a score found it
};
[[nodiscard]] std::span<const FindingFacts> finding_kinds();
[[nodiscard]] const FindingFacts& facts_of(FindingKind kind);
[[nodiscard]] std::optional<FindingKind> finding_from_key(std::string_view key);
[[nodiscard]] const FindingFacts* finding_by(Measure measure); ///< null: that is no finding's

[[nodiscard]] inline std::string_view finding_key(FindingKind kind) { return facts_of(kind).key; }
[[nodiscard]] inline std::string_view finding_name(FindingKind kind) { return facts_of(kind).name; }
[[nodiscard]] inline bool is_of_any_stick(FindingKind kind) { return facts_of(kind).any_stick; }
[[nodiscard]] inline HabitMeasure habit_measure(FindingKind kind) { return facts_of(kind).habit; }

} // namespace bh
