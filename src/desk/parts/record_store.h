#pragma once

#include "core/progress/standing.h"
#include "files/data_folder.h"
#include "files/match_documents.h"
#include "record/record.h"

#include <QObject>
#include <QString>
#include <memory>
#include <optional>
#include <vector>

class QUndoStack;

namespace bh::desk {

/// The training record as the desk sees it: owns the values that pages show and is the one way to change them. Says
/// `changed` after every change; a failing disk is told with `failed`, and then nothing was written.
class RecordStore : public QObject {
    Q_OBJECT
public:
    RecordStore(std::unique_ptr<Record> record, DataFolder data);
    ~RecordStore() override;

    [[nodiscard]] const DataFolder& data() const { return data_; }
    [[nodiscard]] const std::vector<Drill>& drills() const { return drills_; }
    [[nodiscard]] const Drill* drill(const std::string& id) const;
    [[nodiscard]] const std::vector<Curriculum>& curricula() const { return curricula_; }
    /// The pilot's way through the drills; first steps for nobody and for one whose curriculum is not there any more.
    [[nodiscard]] const Curriculum& curriculum(const std::string& pilot_id) const;
    [[nodiscard]] const std::vector<PilotRow>& pilots() const { return pilots_; }
    [[nodiscard]] const PilotRow* pilot(const std::string& id) const;
    [[nodiscard]] const PilotStanding& standing(const std::string& pilot_id) const;
    [[nodiscard]] DrillStanding drillStanding(const std::string& pilot_id, const std::string& drill_id) const;
    [[nodiscard]] std::vector<AttemptRow> attempts(const std::string& pilot_id) const; ///< in time order
    [[nodiscard]] std::vector<SessionRow> sessions(const std::string& pilot_id) const; ///< in time order
    [[nodiscard]] std::vector<CriterionRow> criteria(const std::string& attempt_id) const;
    [[nodiscard]] std::optional<CalibrationRow> calibrationOf(const std::string& controller,
                                                              const std::string& guid) const; ///< the latest
    [[nodiscard]] std::vector<CalibrationRow> calibrationsOf(const std::string& controller,
                                                             const std::string& guid) const; ///< in time order
    [[nodiscard]] std::vector<ControllerRow> controllers() const; ///< every one that was ever used here
    [[nodiscard]] std::vector<KitTickRow> kitTicks(const std::string& pilot_id) const;
    [[nodiscard]] std::vector<GripRoundRow> gripRounds(const std::string& pilot_id) const;
    /// Those that ship, and those kept on the record, which stand in for one of the same id.
    [[nodiscard]] const std::vector<SimulatorProfile>& simulators() const { return simulators_; }
    [[nodiscard]] const std::vector<Airframe>& simulatedAircraft() const { return simulated_aircraft_; } ///< those that ship
    [[nodiscard]] const Airframe* simulatedAircraft(const std::string& id) const;
    [[nodiscard]] const std::vector<Airframe>& realAircraft() const { return real_aircraft_; } ///< the school's own, by id
    [[nodiscard]] const Airframe* realAircraft(const std::string& id) const;
    /// The attempt that demonstrates a drill; nothing when none was kept.
    [[nodiscard]] std::optional<AttemptRow> demonstration(const std::string& drill_id) const;
    [[nodiscard]] Result<FlightLog> flightLog(const std::string& log_hash) const;
    /// The sticks of practice in another program, evenly 50 times a second while they moved, as the controller is calibrated now;
    /// empty where nothing was recorded or can be read.
    [[nodiscard]] std::vector<Sticks> outsideSticks(const SessionRow& session) const;
    [[nodiscard]] std::vector<StageOpeningRow> openedStages(const std::string& pilot_id) const; ///< of the pilot's curriculum
    /// A drill or curriculum as JSON, as it is here now.
    [[nodiscard]] Result<std::string> document(const std::string& kind, const std::string& id) const;
    [[nodiscard]] bool edited(const std::string& kind, const std::string& id) const; ///< it is not the one that ships
    /// What a real aircraft's rates are set to; nothing when nobody has said so yet.
    [[nodiscard]] std::optional<RateProfile> ratesOf(const std::string& aircraft_id) const;
    /// How the pilot's practised rates were matched with a real aircraft's, and since when; nothing: not yet.
    [[nodiscard]] std::optional<KeptMatch> match(const std::string& pilot_id, UnixTime* at = nullptr) const;
    [[nodiscard]] std::string matchStale(
        const std::string& pilot_id) const; ///< why it holds no more; empty: it holds, or there is none
    [[nodiscard]] bool onMatchedRates(const std::string& pilot_id) const
    {
        return match(pilot_id) && matchStale(pilot_id).empty();
    }
    [[nodiscard]] std::optional<KeptPlan> ratePlan(const std::string& pilot_id) const;
    [[nodiscard]] std::vector<HandlingNote> handling(const std::string& pilot_id) const; ///< in time order
    [[nodiscard]] std::vector<BlindNote> blindTests(const std::string& pilot_id) const;  ///< in time order
    [[nodiscard]] std::optional<RatesTrial> ratesTrial(const std::string& pilot_id) const;
    /// How a simulator lets a family's parameters be set: its own limits and steps, the family's where it has none.
    [[nodiscard]] static std::vector<ParameterRange> rateRanges(const SimulatorProfile& simulator);
    [[nodiscard]] const SimulatorProfile* simulator(const std::string& id) const;
    [[nodiscard]] std::optional<TrainingSetup> setup(const std::string& pilot_id) const; ///< nothing: none was made yet
    [[nodiscard]] std::optional<UnixTime> setupAt(const std::string& pilot_id) const;
    [[nodiscard]] UnixTime now() const;
    [[nodiscard]] std::int64_t today() const { return localDay(now()); }
    [[nodiscard]] static std::int64_t localDay(UnixTime at);
    [[nodiscard]] QString fileName() const;

    /// Edits that can be undone.
    [[nodiscard]] QUndoStack* undoStack() const { return undo_.get(); }
    std::string addPilot(const QString& name); ///< returns the id, empty when it failed
    void editPilot(const PilotRow& edited);
    bool keepSimulator(const SimulatorProfile& simulator); ///< a new one is added, which is not undone

    bool openStage(const std::string& pilot_id, const std::string& stage, bool open, const QString& reason);
    /// Checks and keeps an edited drill or curriculum with the next version; an error says what is wrong with it.
    Result<void> keepDocument(const std::string& kind, const std::string& id, const std::string& text);
    bool keepRates(const std::string& aircraft_id, const RateProfile& rates);
    bool keepMatch(const std::string& pilot_id, const KeptMatch& match);
    bool keepRatePlan(const std::string& pilot_id, const KeptPlan& plan);
    bool addHandling(const std::string& pilot_id, HandlingNote note);           ///< dated now
    bool addBlindTest(const std::string& pilot_id, BlindNote note);             ///< dated now
    bool keepRatesTrial(const std::string& pilot_id, const RateProfile& rates); ///< from now on
    bool keepDemonstration(const std::string& drill_id, const std::string& attempt_id);
    bool keepAircraft(const Airframe& aircraft); ///< a real one; a new one is added, which is not undone
    bool keepSetup(const std::string& pilot_id, const TrainingSetup& setup);

    // What happened is added and never undone.
    std::string startSession(const std::string& pilot_id, const std::string& controller, const std::string& guid);
    void noteSession(const std::string& session_id, double active_s, double idle_s);
    void endSession(const std::string& session_id, double active_s, double idle_s);
    bool addOutsideSession(SessionRow session, const std::string& controller, const std::string& guid);
    /// Adds what the attempt is judged by: the pilot's curriculum with its version.
    std::string addAttempt(AttemptRow attempt, const FlightLog& log,
                           const FlightLog* demonstration = nullptr); ///< its id, empty when it failed
    std::string addObserved(AttemptRow attempt);                      ///< its id, empty when it failed
    std::string addCalibration(const std::string& controller, const std::string& guid,
                               const Calibration& calibration); ///< empty when it failed
    bool verifyCalibration(const std::string& calibration_id);
    bool tickKit(const std::string& pilot_id, const std::string& item, bool ticked);
    bool addGripRound(const GripRoundRow& round);
    [[nodiscard]] QString lastSaved() const { return last_saved_; }

Q_SIGNALS:
    void changed();
    void failed(const QString& sentence);

private:
    void reload();
    void reloadLadder();
    [[nodiscard]] AttemptRow judged(AttemptRow attempt) const;
    /// A JSON document of a kind, of the pilot or thing of that id; undone like any edit.
    bool keepText(const std::string& kind, const std::string& id, const std::string& text, const QString& what);
    [[nodiscard]] std::string text(const std::string& kind, const std::string& id) const; ///< empty: none
    template <class Action>
    bool tried(Action action);

    std::unique_ptr<Record> record_;
    DataFolder data_;
    std::vector<Drill> drills_;
    std::vector<Curriculum> curricula_;
    std::vector<DocumentRow> documents_[2]; ///< edited drills, edited curricula
    std::unique_ptr<QUndoStack> undo_;
    std::vector<PilotRow> pilots_;
    std::vector<AttemptRow> attempts_;
    std::vector<SessionRow> sessions_;
    std::vector<SimulatorProfile> simulators_;
    std::vector<Airframe> simulated_aircraft_, real_aircraft_;
    std::vector<std::pair<std::string, PilotStanding>> standings_;
    QString last_saved_;
};

} // namespace bh::desk
