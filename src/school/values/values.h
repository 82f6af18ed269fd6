#pragma once

#include "core/controller/settings_sheet.h"
#include "core/progress/standing.h"
#include "core/setup/training_setup.h"
#include "core/setup/way_back.h"
#include "files/documents/coaching_document.h"
#include "files/documents/first_flight_documents.h"
#include "files/documents/match_documents.h"
#include "files/documents/sickness_document.h"
#include "files/documents/week_document.h"
#include "record/record.h"
#include "school/values/changes.h"
#include "school/values/text_change.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace bh {

/// What the record says of one pilot.
struct PilotFile {
    Pilot row;                                 ///< without an id: nobody has added this pilot
    std::vector<Attempt> attempts;             ///< in time order
    std::vector<AttemptFact> facts;            ///< of the same attempts
    std::vector<Session> sessions;             ///< in time order
    std::map<std::string, ItemTick> kit_ticks; ///< by item
    std::vector<GripRound> grip_rounds;        ///< in time order
    std::vector<OpenedStage> opened_stages;    ///< those that stand open, in time order
    std::optional<TrainingSetup> setup;
    UnixTime setup_at = 0;
    std::optional<KeptMatch> match;
    UnixTime match_at = 0;
    std::optional<KeptPlan> plan;
    std::optional<RatesTrial> trial;
    std::optional<WayBack> way_back;
    std::vector<HandlingNote> handling;    ///< in time order
    std::vector<BlindNote> blind_tests;    ///< in time order
    std::vector<GivenAdvice> advice;       ///< in time order
    std::vector<FlightNote> notes;         ///< in time order
    std::vector<SicknessAnswers> sickness; ///< in time order
    std::vector<Attempt> struck_attempts;  ///< out: they do not count, in time order
    std::vector<Session> struck_sessions;
    std::optional<FlightDay> flight_day;
    std::vector<Release> releases;         ///< in time order
    std::vector<AfterFlight> after_flight; ///< in time order
    std::optional<Availability> available;
};

/// How a rule of the house was changed.
struct RuleChange {
    std::string rule, to; ///< empty: as usual again
    UnixTime at = 0;
    std::string who, why;
};

/// What all entries up to one say, as plain values: nothing but fold() changes them.
struct Values {
    std::int64_t seq = 0; ///< of the newest entry that they follow
    std::map<std::string, PilotFile> pilots;
    std::vector<Person> people;                          ///< in the order in which they were added
    std::vector<KnownController> controllers;            ///< in the order of their first use
    std::vector<KeptCalibration> calibrations;           ///< in time order
    std::map<std::string, SimulatorProfile> simulators;  ///< kept on the record
    std::map<std::string, Airframe> aircraft;            ///< the school's real ones
    std::map<std::string, RateProfile> rates;            ///< of real aircraft
    std::map<std::string, Demonstration> demonstrations; ///< by drill
    std::map<std::string, SessionVideo> videos;          ///< by session
    /// What stands for each subject of the kinds that are edited, as it was written.
    std::map<std::pair<Kind, std::string>, std::string> texts;
    /// Every version that a drill, a curriculum or coaching rules ever had here: flights were judged by it, and its number is
    /// never given again.
    std::map<std::pair<Kind, std::string>, std::map<int, std::string>> versions;
    std::optional<SchoolBays> bays;
    std::map<std::string, PlannedWeek> weeks;      ///< by "2031-W07"
    std::vector<RuleChange> rule_changes;          ///< in time order: so many versions of the house's rules there were
    std::map<std::string, std::string> logged_for; ///< session: whom it was logged for, where another pilot flew it

    [[nodiscard]] std::string text(Kind kind, const std::string& subject) const;   ///< empty: nothing stands
    [[nodiscard]] int newest_version(Kind kind, const std::string& subject) const; ///< 0: none was kept here
};

/// Takes one entry in. What it changed; nothing for a kind of a newer version, or one that cannot be understood.
std::optional<Change> fold(Values& values, const Entry& entry);
/// Takes an attempt in that came as a row (see Record::Snapshot).
void fold(Values& values, Attempt attempt);

/// All that a record says, and that all of it is new.
struct WholeRecord {
    Values values;
    Changes changes;
};
[[nodiscard]] WholeRecord whole_of(Record::Snapshot all);

/// The entry that a command asks for.
[[nodiscard]] Draft draft_of(const TextChange& change);

/// Whole days since 1970-01-01 at the station's own midnight.
[[nodiscard]] std::int64_t local_day(UnixTime at);

/// The subject of a stage.
[[nodiscard]] std::string stage_subject(const std::string& pilot_id, const std::string& curriculum, const std::string& stage);

} // namespace bh
