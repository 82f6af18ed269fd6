#pragma once

#include "core/debrief/coaching.h"

#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// Coaching rules as a document, with the version that they have together.
struct CoachingRules {
    int version = 1;
    std::vector<CoachingRule> rules; ///< in the order in which they are tried
    [[nodiscard]] const CoachingRule* rule(const std::string& id) const;
};

/// "bluehangar.coaching/1". BadInput for a finding, a measure or a kind of change there is not, a target where one is needed and
/// missing, two rules of one id, and the like.
[[nodiscard]] Result<CoachingRules> parse_coaching(std::string_view text, const std::string& file);
/// The document with a rule's texts and figures changed, and everything else as it was. NotFound for a rule that is not there.
[[nodiscard]] Result<std::string> with_rule(const std::string& coaching_text, const CoachingRule& edited);

/// Advice that was given to a pilot.
struct GivenAdvice {
    std::string id, pilot_id, attempt_id;
    std::string rule;
    int rule_version = 1;
    FindingKind finding = FindingKind::Rocking;
    std::string cause, change, evidence; ///< as they were told
    std::string told_by;                 ///< who, as entries have it
    std::int64_t at = 0;                 ///< seconds since 1970
    std::int64_t followed_at = 0;        ///< ticked; 0: not
    bool closed = false;                 ///< put aside
};
/// "bluehangar.advice/1"
[[nodiscard]] std::string advice_text(const GivenAdvice& advice);
[[nodiscard]] Result<GivenAdvice> parse_advice(std::string_view text, const std::string& file, const std::string& id);

/// What was written down about a flight.
struct FlightNote {
    std::string id, pilot_id, attempt_id, by, text;
    std::int64_t at = 0;
};
/// "bluehangar.flight-note/1"
[[nodiscard]] std::string flight_note_text(const FlightNote& note);
[[nodiscard]] Result<FlightNote> parse_flight_note(std::string_view text, const std::string& file, const std::string& id);

/// A screen recording that lies beside a session's stick recording: where it is, and at which second of the session it begins.
struct SessionVideo {
    std::string path;
    double offset_s = 0;
    bool operator==(const SessionVideo&) const = default;
};
/// "bluehangar.video/1"
[[nodiscard]] std::string session_video_text(const SessionVideo& video);
[[nodiscard]] Result<SessionVideo> parse_session_video(std::string_view text, const std::string& file);

/// A flight's tally as JSON, short: {"rocking":[seen,faults,value], "turn":[…,left seen,left faults,right seen,right faults]}.
/// Beside them "weights", the weightiest fault of each kind. A kind that a newer version knows is passed over.
[[nodiscard]] std::string tally_text(const FlightTally& tally);
[[nodiscard]] Result<FlightTally> parse_tally(std::string_view text);

} // namespace bh
