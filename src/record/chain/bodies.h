#pragma once

#include "core/base/result.h"
#include "core/logbook/logbook.h"
#include "record/chain/entry.h"

#include <functional>
#include <optional>
#include <string>

/// Rows as the bodies of their entries, and back. What an entry says that cannot be understood is an error; it may have been
/// written by hand.
namespace bh {

[[nodiscard]] std::string body_of(const Pilot& pilot);
[[nodiscard]] std::string body_of(const Person& person);
[[nodiscard]] std::string body_of(const KnownController& controller);
[[nodiscard]] std::string body_of(const KeptCalibration& calibration);
[[nodiscard]] std::string body_of(const GripRound& round);
[[nodiscard]] std::string body_of(const Session& session);
[[nodiscard]] std::string body_of(const OpenedStage& opening, bool open);
[[nodiscard]] std::string kit_tick_body(const std::string& pilot_id, const std::string& item, bool ticked);
[[nodiscard]] std::string verification_body(const std::string& calibration_id);
[[nodiscard]] std::string demonstration_body(const std::string& drill_id, const std::string& attempt_id);
/// Of the kinds "setup", "simulator" and "aircraft"; an empty document takes back what stood.
[[nodiscard]] std::string document_body(const std::string& document);
/// Of the kind "document": drills, curricula, rates, matches, plans, …, each with its text; an empty one takes it back.
[[nodiscard]] std::string text_body(const std::string& kind, const std::string& id, const std::string& text);

/// What it was flown with and what its criteria asked for are the same for many attempts, and are shared.
[[nodiscard]] Draft draft_of(const JudgedAttempt& attempt);

[[nodiscard]] Result<Pilot> pilot_in(const Entry& entry);
[[nodiscard]] Result<Person> person_in(const Entry& entry);
[[nodiscard]] Result<KnownController> controller_in(const Entry& entry);
[[nodiscard]] Result<KeptCalibration> calibration_in(const Entry& entry);
struct KitTick {
    std::string pilot_id;
    ItemTick tick;
};
[[nodiscard]] Result<KitTick> kit_tick_in(const Entry& entry);
[[nodiscard]] Result<GripRound> grip_round_in(const Entry& entry);
[[nodiscard]] Result<Session> session_in(const Entry& entry);
/// The body of a shared entry by its name; nothing: there is none.
using SharedBodies = std::function<std::optional<std::string>(const std::string& name)>;
[[nodiscard]] Result<JudgedAttempt> attempt_in(const Entry& entry, const SharedBodies& shared);
[[nodiscard]] Result<Attempt> attempt_row_in(const Entry& entry); ///< without what it was flown with and judged by
struct StageOpening {
    OpenedStage opening;
    bool open = false;
};
[[nodiscard]] Result<StageOpening> stage_in(const Entry& entry);
[[nodiscard]] Result<std::string> verified_calibration_in(const Entry& entry);  ///< its id
[[nodiscard]] Result<std::string> demonstrating_attempt_in(const Entry& entry); ///< its id; empty: none any more
[[nodiscard]] Result<std::string> document_in(const Entry& entry);              ///< of document_body(); empty: none any more
struct Text {
    std::string kind, id, text;
};
[[nodiscard]] Result<Text> text_in(const Entry& entry);

/// A station's public key, and how far the record was written before there were keys.
struct StationKeyRow {
    std::string public_key;
    std::int64_t unsigned_up_to = 0;
    bool countersigned = false; ///< of a record's first key: from here on new ones are, see key_book.h
    std::string login{};        ///< on a server, the one that brings it
    int login_may = 0;          ///< and how much that may: 0 a station's, 2 an instructor's, 3 a coordinator's
};
[[nodiscard]] std::string body_of(const StationKeyRow& key);
[[nodiscard]] Result<StationKeyRow> station_key_in(const Entry& entry);
/// A key that is countersigned, see key_book.h.
struct AdmissionRow {
    std::string public_key, by, signature;
};
[[nodiscard]] std::string body_of(const AdmissionRow& admission);
[[nodiscard]] Result<AdmissionRow> admission_in(const Entry& entry);
/// Up to this entry a record was written before keys were countersigned.
[[nodiscard]] std::string standing_body(std::int64_t up_to);
/// An entry that is not as it should be and is marked as known, with the reason in `why`.
struct RepairRow {
    std::int64_t entry = 0;
    std::string hash, by, signature;
};
[[nodiscard]] std::string body_of(const RepairRow& repair);
[[nodiscard]] Result<RepairRow> repair_in(const Entry& entry);
/// A small fact about the record itself, as the day on which the demo is looked at.
[[nodiscard]] std::string note_body(const std::string& value);
[[nodiscard]] Result<std::string> note_in(const Entry& entry);
/// The station's clock was set back, by so much at least.
[[nodiscard]] std::string clock_body(std::int64_t back_s);

} // namespace bh
