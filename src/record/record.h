#pragma once

#include "core/base/result.h"
#include "core/controller/calibration.h"
#include "core/controller/settings_sheet.h"
#include "core/drill/drill_score.h"
#include "core/setup/training_setup.h"

#include <cstdint>
#include <filesystem>
#include <functional>
#include <memory>
#include <optional>
#include <stdexcept>
#include <string>
#include <vector>

namespace bh {

/// The disk or the database failed. Caught where the action began; the transaction has been rolled back.
class StoreFailure : public std::runtime_error {
public:
    using std::runtime_error::runtime_error;
};

/// Times in the record are whole seconds since 1970-01-01 UTC.
using UnixTime = std::int64_t;

struct PilotRow {
    std::string id;
    std::string name;
    std::string curriculum = "first-steps";
    double target_h = 20;
    bool archived = false;
    int stick_mode = 2; ///< 1…4
    bool operator==(const PilotRow&) const = default;
};

struct ControllerRow {
    std::string id;
    std::string name; ///< as the device calls itself
    std::string guid; ///< of the device model
};

struct CalibrationRow {
    std::string id;
    std::string controller_id;
    UnixTime at = 0;
    Calibration calibration;
    UnixTime verified_at = 0; ///< 0: not verified, and then not to be flown with
};

/// The latest tick of one item of a kit checklist, "LIST/ITEM".
struct KitTickRow {
    std::string item;
    UnixTime at = 0;
    bool ticked = false;
};

/// One round of the tapping task with one grip.
struct GripRoundRow {
    std::string id;
    std::string pilot_id;
    UnixTime at = 0;
    std::string grip; ///< "thumb", "pinch", "hybrid"
    double throughput_bps = 0;
    double mean_time_s = 0;
    int taps = 0;
};

struct SessionRow {
    std::string id;
    std::string pilot_id;
    std::string controller_id; ///< empty for the simulated controller
    UnixTime started_at = 0;
    UnixTime ended_at = 0; ///< 0 while it runs
    double active_s = 0;
    double idle_s = 0;
    std::string recording; ///< practice in another program: the file with the sticks beside the record; empty when flown here
    bool matched = false;  ///< on rates that were matched with the real aircraft's when it began
};

struct CriterionRow {
    std::string label;
    std::string unit;
    std::optional<double> value;
    double fail = 0, pass = 0, merit = 0;
    double marks = 0;
    bool must = false;
    std::optional<Limits> below{};  ///< of a band
    std::optional<TimeSpan> span{}; ///< of the flight log that the value was taken from
};

struct AttemptRow {
    std::string id;
    std::string pilot_id;
    std::string session_id;
    std::string drill_id;
    int drill_version = 1;
    UnixTime at = 0;
    std::string mode;
    double score = 0;
    bool passed = false;
    double flown_s = 0;
    std::string summary;
    std::string log_hash;     ///< names the flight log beside the record
    std::string flown_with;   ///< aircraft and conditions in words; empty: the drill's own, in still air
    std::string curriculum{}; ///< id of the pilot's at the time
    int curriculum_version = 0;
    std::string observed{}; ///< name of the simulator where it was flown under somebody's eyes; empty: flown here
    std::optional<double> left_minus_right{}; ///< marks of the sides
    std::vector<double> throttle_cuts_s{};    ///< for each crash
    std::string demonstration{};              ///< hash of the flight log that was shadowed
    std::vector<CriterionRow> criteria;
};

/// A stage that a coordinator opened for a pilot by hand.
struct StageOpeningRow {
    std::string pilot_id;
    std::string curriculum; ///< id
    std::string stage;      ///< name
    std::string reason;
    UnixTime at = 0;
};

/// A drill or a curriculum as edited here; stands in for the one of the same id that ships.
struct DocumentRow {
    std::string id;
    std::string text; ///< JSON
};

/// The flight that shows how a drill is flown.
struct DemonstrationRow {
    std::string attempt_id;
    UnixTime at = 0;
};

/// An attempt as it stands in the record, from a score.
[[nodiscard]] AttemptRow attempt_row(const Score& score, Mode mode);

struct VerifyReport {
    std::int64_t entries = 0;
    std::vector<std::string> problems; ///< empty: the record is as it was written
};

struct RecordOptions {
    std::function<UnixTime()> clock;     ///< "now"; the system's when empty
    std::function<std::string()> new_id; ///< random when empty; the demo record's maker passes a seeded one
    std::string who = "coordinator";
    std::filesystem::path read_logs_also_from; ///< a second folder to look for flight logs in (demo copies)
};

/// The training record: one SQLite file and a folder of compressed flight logs beside it. Everything is written as an
/// entry that is never changed afterwards and carries the SHA-256 of the one before; the tables that are read from are
/// made from the entries in the same transaction and can be made again from them. Used from one thread.
class Record {
public:
    static constexpr int schema_version = 8;

    /// Opens, creating or migrating as needed. A file that is no record, is damaged or was written by a newer version
    /// is refused with a sentence and left as it is. Before a migration a copy of the file is kept beside it.
    static Result<std::unique_ptr<Record>> open(const std::filesystem::path& file, RecordOptions options = {});
    ~Record();
    Record(const Record&) = delete;
    Record& operator=(const Record&) = delete;

    [[nodiscard]] const std::filesystem::path& file() const;
    [[nodiscard]] UnixTime now() const;

    // Writing. Each is one transaction; StoreFailure when it could not be done, and then nothing was.
    std::string add_pilot(PilotRow pilot); ///< returns its id
    /// A new entry that supersedes the pilot's last one.
    void correct_pilot(const PilotRow& pilot, const std::string& why);
    /// The controller of that model and name, added when it is new; returns its id.
    std::string controller_id(const std::string& name, const std::string& guid);
    std::string add_calibration(const std::string& controller_id, const Calibration& calibration); ///< returns its id
    /// The calibration was checked on the sticks and holds.
    void verify_calibration(const std::string& calibration_id);
    void tick_kit(const std::string& pilot_id, const std::string& item, bool ticked);
    void add_grip_round(const GripRoundRow& round);
    /// A simulator's conventions as they are known here; a later one of the same id supersedes it.
    void keep_simulator(const SimulatorProfile& simulator);
    /// A real aircraft of the school; a later one of the same id supersedes it.
    void keep_aircraft(const Airframe& aircraft);
    /// How a pilot's practice is set up from now on.
    void keep_setup(const std::string& pilot_id, const TrainingSetup& setup);
    std::string start_session(const std::string& pilot_id, const std::string& controller_id, bool matched = false);
    /// A session that is over already, as practice in another program is; returns its id.
    std::string add_session(SessionRow session);
    /// Keeps how far a running session has come, for the case that its end is never written. No entry.
    void note_session_time(const std::string& session_id, double active_s, double idle_s);
    void end_session(const std::string& session_id, double active_s, double idle_s);
    /// Stores the flight log beside the record (flushed to the disk), then the attempt. Returns the attempt's id. A
    /// demonstration that was shadowed is stored too.
    std::string add_attempt(AttemptRow attempt, const FlightLog& log, const FlightLog* demonstration = nullptr);
    /// An attempt flown in another simulator and scored by eye: it has no flight log. Returns its id.
    std::string add_observed(AttemptRow attempt);
    /// Opens a stage of a curriculum for a pilot by hand, or takes that back.
    void open_stage(const StageOpeningRow& opening, bool open);
    /// Keeps an edited drill or curriculum (`kind`); an empty text goes back to the one that ships.
    void keep_document(const std::string& kind, const DocumentRow& document, const std::string& why);
    /// The attempt that demonstrates a drill from now on; an empty id: none does.
    void keep_demonstration(const std::string& drill_id, const std::string& attempt_id);
    /// Ends sessions that a crash of the program left open, with the time last noted and at least their attempts' time.
    /// Returns how many there were.
    int close_left_open_sessions();

    // Reading.
    [[nodiscard]] std::vector<PilotRow> pilots() const;                                     ///< by name, without archived ones
    [[nodiscard]] std::vector<AttemptRow> attempts(const std::string& pilot_id = "") const; ///< in time order; criteria left out
    [[nodiscard]] std::vector<CriterionRow> criteria(const std::string& attempt_id) const;
    [[nodiscard]] std::vector<SessionRow> sessions(const std::string& pilot_id = "") const; ///< in time order
    [[nodiscard]] std::optional<CalibrationRow> latest_calibration(const std::string& controller_id) const;
    [[nodiscard]] std::vector<CalibrationRow> calibrations(const std::string& controller_id) const; ///< in time order
    [[nodiscard]] std::vector<ControllerRow> controllers() const;
    [[nodiscard]] std::vector<KitTickRow> kit_ticks(const std::string& pilot_id) const;
    [[nodiscard]] std::vector<GripRoundRow> grip_rounds(const std::string& pilot_id) const; ///< in time order
    [[nodiscard]] std::vector<SimulatorProfile> simulators() const;                         ///< those kept on the record, by id
    [[nodiscard]] std::vector<Airframe> aircraft() const;                                   ///< the school's real ones, by id
    [[nodiscard]] std::optional<TrainingSetup> setup(const std::string& pilot_id) const;    ///< nothing when none was made
    [[nodiscard]] std::optional<UnixTime> setup_at(const std::string& pilot_id) const;      ///< when it was made
    [[nodiscard]] std::vector<StageOpeningRow> opened_stages() const;                ///< those that stand open, in time order
    [[nodiscard]] std::vector<DocumentRow> documents(const std::string& kind) const; ///< "drill" or "curriculum", by id
    [[nodiscard]] std::optional<DemonstrationRow> demonstration(const std::string& drill_id) const;
    [[nodiscard]] Result<FlightLog> flight_log(const std::string& log_hash) const;
    [[nodiscard]] std::string note(const std::string& key) const; ///< small facts about the record itself
    void set_note(const std::string& key, const std::string& value);

    /// Recomputes the chain, remakes the tables and compares, and checks every flight log against its hash.
    [[nodiscard]] VerifyReport verify() const;

private:
    class Impl;
    explicit Record(std::unique_ptr<Impl> impl);
    std::unique_ptr<Impl> impl_;
};

} // namespace bh
