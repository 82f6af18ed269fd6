#pragma once

#include "record/chain/entry.h"

#include <optional>
#include <string>
#include <string_view>

namespace bh {

/// What an entry is about.
enum class Kind : std::uint8_t {
    Pilot,
    Controller,
    Calibration,
    Verification, ///< of a calibration, on the sticks
    KitTick,
    GripRound,
    Session,
    Attempt,
    // Edits, which are undone: each is a text that stands for a subject, and can be nothing.
    Simulator,
    Aircraft,
    Setup,         ///< of a pilot
    Stage,         ///< opened by hand, "PILOT/CURRICULUM/STAGE": the reason
    Demonstration, ///< of a drill: the attempt that shows it
    Drill,
    Curriculum,
    Rates, ///< of a real aircraft
    Match, ///< of a pilot, as the next
    Plan,
    Trial,
    Handling,    ///< one rating, "PILOT/ID"
    Blind,       ///< one test, "PILOT/ID"
    WayBack,     ///< from an eased aircraft to the real one
    Coaching,    ///< rules of what to change
    Advice,      ///< that was given
    Note,        ///< about a flight
    Video,       ///< beside a session's sticks
    Sickness,    ///< answers to the questionnaire
    Columns,     ///< how tables with these heads are read
    HouseRule,   ///< a limit of the house
    Struck,      ///< out, an attempt or a session with its flights: why. It does not count any more
    FlownBy,     ///< a session by another pilot than it was logged for: that one's id
    FlightDay,   ///< of a pilot's first real flight: what is prepared for it
    Release,     ///< to fly a real aircraft, signed
    AfterFlight, ///< what surprised a pilot on a real aircraft
    Bays,        ///< of the school, and its hours
    Available,   ///< when a pilot can come
    Week,        ///< who flies when, "2031-W07"
    Person,      ///< a coordinator or an instructor
    Erased       ///< whose name nobody can read any more
};

/// How a kind stands in the chain: the entry's kind, and for texts of the kind "document" the name of the text.
struct KindFacts {
    Kind kind;
    std::string_view entry, document;
    bool of_pilot; ///< its subject is a pilot's id
};
[[nodiscard]] const KindFacts& facts_of(Kind kind);
/// Nothing for a kind of a newer version.
[[nodiscard]] std::optional<Kind> kind_of(std::string_view entry_kind, std::string_view subject);

} // namespace bh
