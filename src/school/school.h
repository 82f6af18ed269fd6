#pragma once

#include "core/kit/kit.h"
#include "core/progress/house_limits.h"
#include "files/data_folder.h"
#include "school/flights/flight_journal.h"
#include "school/flights/flight_keeper.h"
#include "school/values/changes.h"
#include "school/values/rights.h"
#include "school/values/text_change.h"
#include "school/values/values.h"
#include "school/views/today_item.h"

#include <QObject>
#include <QString>
#include <QTimer>
#include <deque>
#include <map>
#include <memory>
#include <optional>
#include <set>
#include <string>
#include <unordered_map>
#include <vector>

namespace bh {

/// The coaching rules that every school has.
inline constexpr const char* common_coaching = "common";

/// What is found in a flight of a drill, to be kept with it (see tally_text()).
[[nodiscard]] std::string found_in(const FlightLog& log, const Drill& drill, const Score* score);

/// The school as the record tells it: values that follow the chain of entries, commands that change it, and what is asked about
/// it. Says with `changed` what changed; a failing disk, or a command that comes too late, is told with `failed`, and then
/// nothing was written. Knows no widgets.
class School : public QObject {
    Q_OBJECT
public:
    School(std::unique_ptr<Record> record, DataFolder data);
    ~School() override; ///< waits until flights that were handed over are kept

    // -- what there is --------------------------------------------------------------------------------------------------------
    [[nodiscard]] const DataFolder& data() const { return data_; }
    [[nodiscard]] const Values& values() const { return values_; }
    [[nodiscard]] const std::vector<Pilot>& pilots() const { return pilots_; } ///< by name, without archived ones
    [[nodiscard]] const Pilot* pilot(const std::string& id) const;
    [[nodiscard]] std::vector<Pilot> archived_pilots() const;                          ///< by name, without those who were erased
    [[nodiscard]] UnixTime last_practised(const std::string& pilot_id) const;          ///< 0: never
    [[nodiscard]] const std::vector<Person>& people() const { return values_.people; } ///< coordinators and instructors
    [[nodiscard]] const Person* person(const std::string& id) const;
    [[nodiscard]] std::string house_rule(const std::string& name, const std::string& otherwise = {}) const;
    [[nodiscard]] bool wants_no_passphrases() const { return house_rule("passphrases") == "none"; }
    [[nodiscard]] const FirstFlightPlan& first_flight_plan() const { return first_flight_plan_; } ///< as it ships
    [[nodiscard]] const HouseLimits& house() const { return house_; }       ///< every limit that is the house's
    [[nodiscard]] std::string who_is(const std::string& who) const;         ///< of an entry: a name, where it is somebody's
    [[nodiscard]] const PilotFile& file(const std::string& pilot_id) const; ///< an empty one for nobody
    [[nodiscard]] const std::vector<Attempt>& attempts(const std::string& pilot_id) const { return file(pilot_id).attempts; }
    [[nodiscard]] const std::vector<Session>& sessions(const std::string& pilot_id) const { return file(pilot_id).sessions; }
    [[nodiscard]] const Attempt* attempt(const std::string& id) const;
    /// With what it was flown with and judged by; an empty one where there is none.
    [[nodiscard]] JudgedAttempt judged(const std::string& attempt_id) const;
    [[nodiscard]] Message summary(const Attempt& attempt) const; ///< a sentence: what decided it, and what to do about it
    /// The drill that a flight was flown in, of the version that it was then where that is still known, with the camera that it
    /// was flown with; a free flight's where there is none.
    [[nodiscard]] Drill flown_drill(const JudgedAttempt& attempt) const;
    /// What a flight came to, from the record alone: whatever its drill asks for today, there is one mark for one flight.
    /// Nothing: it was free.
    [[nodiscard]] std::optional<Score> kept_score(const JudgedAttempt& attempt) const;
    /// What today's drill would give the same log, where the flight was judged by another version.
    struct JudgedToday {
        int version = 0;
        double score = 0;
    };
    [[nodiscard]] std::optional<JudgedToday> judged_today(const JudgedAttempt& attempt, const FlightLog& log) const;
    [[nodiscard]] Result<FlightLog> flight_log(const std::string& log_hash) const;
    /// It is not here, and on its way from the server: `fetched` tells when that has ended.
    [[nodiscard]] bool is_being_fetched(const std::string& log_hash) const { return record_->is_being_fetched(log_hash); }
    /// The sticks of practice in another program, evenly 50 times a second while they moved, as the controller is calibrated now;
    /// empty where nothing was recorded or can be read.
    [[nodiscard]] std::vector<Sticks> outside_sticks(const Session& session) const;
    /// The same as a flight of which nothing but the sticks is known, at their own times, 50 rows a second.
    [[nodiscard]] Result<FlightLog> outside_flight(const Session& session) const;
    /// Where a recording of sticks can be written until it is kept.
    [[nodiscard]] std::filesystem::path new_stick_recording(const std::string& stem) const;

    [[nodiscard]] const std::vector<World>& worlds() const { return worlds_; } ///< those of the data folder
    /// What of the data folder, or of what was edited here, cannot be read, a sentence each: it is as if it were not there.
    [[nodiscard]] std::vector<Message> unread() const;
    [[nodiscard]] const std::string& world_name(const std::string& id) const;  ///< the id itself where there is none
    [[nodiscard]] const std::vector<Drill>& drills() const { return drills_; } ///< those that ship, and those edited here
    [[nodiscard]] const Drill* drill(const std::string& id) const;             ///< as it is now
    [[nodiscard]] std::optional<Drill> drill_of_version(const std::string& id,
                                                        int version) const; ///< nothing: not known any more
    /// The pilot's curriculum's first drill with a role; otherwise, unless only those are meant, the first of all. Null: none.
    [[nodiscard]] const Drill* drill_with(DrillRole role, const std::string& pilot_id, bool of_curriculum = false) const;
    [[nodiscard]] bool has_role(const std::string& drill_id, DrillRole role) const;
    [[nodiscard]] const std::vector<Curriculum>& curricula() const { return curricula_; }
    /// The pilot's way through the drills; first steps for nobody and for one whose curriculum is not there any more.
    [[nodiscard]] const Curriculum& curriculum(const std::string& pilot_id) const;
    /// A drill or curriculum as JSON, as it is here now.
    [[nodiscard]] Result<std::string> document(Kind kind, const std::string& id) const;
    [[nodiscard]] bool edited(Kind kind, const std::string& id) const; ///< it is not the one that ships
    /// What to change when something is found, as it is here now.
    [[nodiscard]] const CoachingRules& coaching() const { return coaching_; }
    /// What was found in a flight, kind by kind: as it was kept with it, or, of older flights, from its log.
    [[nodiscard]] const FlightTally& tally(const Attempt& attempt) const;
    [[nodiscard]] const Attempt* demonstration(const std::string& drill_id) const;           ///< null: none was kept
    [[nodiscard]] std::vector<OpenedStage> opened_stages(const std::string& pilot_id) const; ///< of the pilot's curriculum
    [[nodiscard]] const PilotStanding& standing(const std::string& pilot_id) const;
    /// What needs a look today, see items_of_today(); the same until something changes.
    [[nodiscard]] const std::vector<TodayItem>& today_items() const;
    [[nodiscard]] DrillStanding drill_standing(const std::string& pilot_id, const std::string& drill_id) const;

    [[nodiscard]] const std::vector<KnownController>& controllers() const { return values_.controllers; }
    [[nodiscard]] const KnownController* controller(const std::string& name, const std::string& guid) const;
    [[nodiscard]] std::vector<KeptCalibration> calibrations(const std::string& name,
                                                            const std::string& guid) const;                   ///< in time order
    [[nodiscard]] const KeptCalibration* calibration(const std::string& name, const std::string& guid) const; ///< the latest
    /// For how long a tick of this pilot's kit holds.
    [[nodiscard]] TickRules tick_rules(const std::string& pilot_id) const;
    [[nodiscard]] std::vector<ItemTick> kit_ticks(const std::string& pilot_id) const; ///< by item
    [[nodiscard]] const std::vector<GripRound>& grip_rounds(const std::string& pilot_id) const
    {
        return file(pilot_id).grip_rounds;
    }

    /// Those that ship, and those kept on the record, which stand in for one of the same id.
    [[nodiscard]] const std::vector<SimulatorProfile>& simulators() const { return simulators_; }
    [[nodiscard]] const SimulatorProfile* simulator(const std::string& id) const;
    [[nodiscard]] const std::vector<Airframe>& simulated_aircraft() const { return simulated_aircraft_; } ///< those that ship
    [[nodiscard]] const Airframe* simulated_aircraft(const std::string& id) const;
    [[nodiscard]] const std::vector<Airframe>& real_aircraft() const { return real_aircraft_; } ///< the school's own, by id
    [[nodiscard]] const Airframe* real_aircraft(const std::string& id) const;
    [[nodiscard]] const Airframe* aircraft(const std::string& id) const; ///< either
    [[nodiscard]] const std::optional<TrainingSetup>& setup(const std::string& pilot_id) const { return file(pilot_id).setup; }
    /// What a real aircraft's rates are set to; null when nobody has said so yet.
    [[nodiscard]] const RateProfile* rates_of(const std::string& aircraft_id) const;
    /// How the pilot's practised rates were matched with a real aircraft's; nothing: not yet.
    [[nodiscard]] const std::optional<KeptMatch>& match(const std::string& pilot_id) const { return file(pilot_id).match; }
    [[nodiscard]] std::optional<Stale> match_stale(
        const std::string& pilot_id) const; ///< why it holds no more; nothing: it holds, or there is none
    /// Practice in that simulator is on matched rates: the match holds, and was made for it. Here the flight has the practised
    /// rates themselves, whichever simulator they were matched for.
    [[nodiscard]] bool matched_in(const std::string& pilot_id, const std::string& simulator_id) const
    {
        return on_matched_rates(pilot_id) && match(pilot_id)->simulator == simulator_id;
    }
    /// The simulator of the pilot's latest practice in another program; empty when none was said.
    [[nodiscard]] std::string last_simulator(const std::string& pilot_id) const;
    [[nodiscard]] Viewing last_viewing(const std::string& pilot_id) const; ///< what the newest session was looked at with
    /// Adds practice that was written down elsewhere: its reason says by whom and why. False, and told, when it failed.
    bool add_session_by_hand(Session session) { return add_sessions_by_hand({std::move(session)}); }
    bool add_sessions_by_hand(std::vector<Session> sessions); ///< all or none
    [[nodiscard]] bool on_matched_rates(const std::string& pilot_id) const { return match(pilot_id) && !match_stale(pilot_id); }

    [[nodiscard]] UnixTime now() const { return record_->now(); }
    [[nodiscard]] std::int64_t today() const;
    /// When the controller that a pilot flew with last was verified (any, when nothing was flown), and what has drifted on it.
    struct ControllerStanding {
        std::optional<std::int64_t> day;
        Message drift;          ///< a sentence; empty: nothing
        std::string controller; ///< its id, where one was flown with
    };
    [[nodiscard]] ControllerStanding controller_standing(const std::string& pilot_id) const;
    [[nodiscard]] QString file_name() const;
    [[nodiscard]] Head head() const { return record_->head(); }
    [[nodiscard]] std::string new_id() const { return record_->new_id(); }
    [[nodiscard]] const std::string& own_key() const { return record_->own_key(); } ///< this station's, public
    /// Names that were erased can be made out nowhere in the file any more.
    [[nodiscard]] bool erased_for_good() const { return record_->erased_for_good(); }
    [[nodiscard]] std::vector<Message> not_handed_over() const { return record_->waiting_problems(); } ///< what no server took
    [[nodiscard]] UnixTime saved_at() const { return saved_at_; } ///< 0: nothing was written yet

    // -- who does it ----------------------------------------------------------------------------------------------------------
    /// Who writes from now on, and what that may be (see rights()). A school without passphrases has a coordinator.
    void act_as(std::string who, Role role) { who_ = std::move(who), role_ = role; }
    [[nodiscard]] Role role() const { return role_; }
    [[nodiscard]] Result<void> may_do(Act act) const; ///< an error says who may

    /// Whose keys stand on the record, and since when (see KeyBook).
    [[nodiscard]] KeyBook keys() const { return record_->keys(); }
    /// Countersigns a key, with a coordinator's or with this station's own.
    Result<void> let_in(const std::string& public_key, const StationKey* with = nullptr);
    /// Marks an entry that is not as it should be as known, with a reason.
    Result<void> mark_as_known(std::int64_t entry, const std::string& why, const StationKey* with = nullptr);

    // -- edits, which can be undone -------------------------------------------------------------------------------------------
    /// The one door: writes them all or none, each checked against what stands now.
    Result<std::int64_t> apply(const Edit& edit);
    /// Applies an edit that can be undone. Commands that change nothing are left out.
    bool make(Edit edit);
    bool undo(); ///< false, and told, where it could not be done; one that can never be done any more is forgotten
    bool redo();
    [[nodiscard]] const Edit* undoable() const { return done_ > 0 ? &edits_[done_ - 1] : nullptr; }
    [[nodiscard]] std::size_t edits_standing() const { return done_; } ///< that can be undone
    [[nodiscard]] const Edit* redoable() const { return done_ < edits_.size() ? &edits_[done_] : nullptr; }
    /// The command that lets a text stand for a subject instead of what stands there now.
    [[nodiscard]] TextChange change_to(Kind kind, const std::string& subject, std::string after,
                                       std::string why = "edited") const;

    std::string add_pilot(Pilot pilot); ///< returns the id, empty when it failed; not undone
    bool edit_pilot(const Pilot& edited);
    bool keep_house_rule(const std::string& name, const std::string& value, const std::string& why = "edited");
    bool keep_house_limit(Limit limit, double value, const std::string& why = "edited");
    /// Writes what is not undone, as it is; see command().
    bool write(const TextChange& change) { return add({draft_of(change)}); }
    bool keep_simulator(const SimulatorProfile& simulator); ///< a new one is added, which is not undone
    bool keep_aircraft(const Airframe& aircraft);           ///< a real one; a new one is added, which is not undone
    bool keep_setup(const std::string& pilot_id, const TrainingSetup& setup);
    bool open_stage(const std::string& pilot_id, const std::string& stage, bool open, const std::string& reason);
    /// Checks and keeps an edited drill or curriculum with a version that none had before; an error says what is wrong with it.
    Result<void> keep_document(Kind kind, const std::string& id, const std::string& text);
    bool keep_rates(const std::string& aircraft_id, const RateProfile& rates);
    bool keep_match(const std::string& pilot_id, const KeptMatch& match);
    bool keep_plan(const std::string& pilot_id, const KeptPlan& plan);
    bool keep_trial(const std::string& pilot_id, const RateProfile& rates); ///< from now on
    bool keep_way_back(const std::string& pilot_id, const WayBack& way);
    /// The ladder with a step taken, and the set-up that it leaves; undone together.
    bool keep_way_back_step(const std::string& pilot_id, const WayBack& way, const TrainingSetup& setup);
    bool keep_demonstration(const std::string& drill_id, const std::string& attempt_id);
    /// Advice that a pilot is given now, or one that was given with what became of it; its id, empty when it failed.
    std::string keep_advice(GivenAdvice advice);
    /// A note about a flight, dated now; an empty text takes a note back that has an id.
    bool keep_note(FlightNote note);
    /// Answers to the sickness questionnaire, dated now.
    bool add_sickness(SicknessAnswers answers);
    bool keep_video(const std::string& session_id, const std::optional<SessionVideo>& video);
    bool keep_columns(const std::string& heads, const std::string& mapping); ///< how tables with these heads are read
    /// A step of a plan that was flown and rated, with the rates that it leaves, and the match where that was the last one;
    /// undone together.
    bool keep_plan_step(const std::string& pilot_id, const KeptPlan& plan, const RateProfile& rates,
                        const std::optional<KeptMatch>& match);
    /// The set-up with these rates, and the match that they are; undone together.
    bool practise_on_match(const std::string& pilot_id, const TrainingSetup& setup, const std::optional<KeptMatch>& match);

    // -- what happened, which is added and never undone -----------------------------------------------------------------------
    Result<void> keep_person(const Person& person, const std::string& why);
    /// Makes a pilot's name unreadable for good and deletes the flights and stick recordings that are nobody else's, which the
    /// record allows to be missing then. What the pilot's attempts came to stays, without a name. Returns what is left to be
    /// known: older copies of the record, and entries from before names were sealed.
    Result<Message> erase_pilot(const std::string& pilot_id, const std::string& why);
    bool add_handling(const std::string& pilot_id, HandlingNote note); ///< dated now
    bool add_blind_test(const std::string& pilot_id, BlindNote note);  ///< dated now
    /// The controller of that model and name, added when it is new; its id, empty when it failed.
    std::string controller_id(const std::string& name, const std::string& guid);
    std::string start_session(const std::string& pilot_id, const std::string& controller_name, const std::string& guid);
    bool say_viewing(const std::string& session_id, Viewing viewing); ///< of one that runs
    bool note_session(const std::string& session_id, double active_s, double idle_s);
    bool end_session(const std::string& session_id, double active_s, double idle_s);
    /// A session that is over already, as practice in another program is, with the recording of its sticks where there is one.
    bool add_outside_session(Session session, const std::string& controller_name, const std::string& guid,
                             const std::filesystem::path& recording = {});
    /// Keeps a flight from elsewhere, with a session of its own that says which file it was read from; the attempt's id.
    std::string add_imported_flight(const std::string& pilot_id, const FlightLog& log, const std::string& file, UnixTime at);
    std::string add_session(Session session); ///< as it is; its id, empty when it failed
    /// Ends sessions of which nothing was heard for two minutes, as those of a program that crashed: with the time last noted and
    /// at least their attempts' time. Those that run here, or in another window that notes their time, go on. Returns how many.
    int close_abandoned_sessions();
    /// Keeps a flight: its log is written in another thread, then the attempt's entry, and then `flight_kept` tells that it is
    /// safe. Adds what it is judged by: the pilot's curriculum with its version. Returns the attempt's id.
    std::string keep_flight(JudgedAttempt attempt, std::shared_ptr<const FlightLog> log,
                            std::shared_ptr<const FlightLog> demonstration = nullptr,
                            std::shared_ptr<FlightJournal> journal = nullptr); ///< which is over once the flight is safe
    /// Where a flight that begins now is written down while it lasts; null where that cannot be.
    [[nodiscard]] std::unique_ptr<FlightJournal> begin_journal(const JudgedAttempt& attempt) const;
    /// Flights that were under way when a program ended.
    [[nodiscard]] std::vector<CutShort> cut_short() const { return flights_cut_short(record_->file()); }
    /// Scores what there is of one and keeps it, dated as it was flown; the attempt's id.
    Result<std::string> keep_cut_short(const CutShort& flight);
    [[nodiscard]] int flights_waiting() const { return static_cast<int>(waiting_.size()); }
    /// Flights that the disk has not taken yet, and why. They are tried again every few seconds until it does.
    [[nodiscard]] int flights_aside() const { return static_cast<int>(aside_.size()); }
    [[nodiscard]] QString why_aside() const { return QString::fromStdString(why_aside_); }
    static constexpr int try_again_ms = 5000;
    void finish_keeping(); ///< waits for them
    /// The same, at once; its id, empty when it failed. Without a log it was flown elsewhere and scored by eye.
    std::string add_attempt(JudgedAttempt attempt, const FlightLog* log, const FlightLog* demonstration = nullptr,
                            const std::string& why = {});
    std::string add_calibration(const std::string& controller_name, const std::string& guid,
                                const Calibration& calibration); ///< empty when it failed
    bool verify_calibration(const std::string& calibration_id);
    bool tick_kit(const std::string& pilot_id, const std::string& item, bool ticked);
    bool add_grip_round(GripRound round);

    [[nodiscard]] Record& record() { return *record_; }
    [[nodiscard]] const Record& record() const { return *record_; }

    // -- with others, on a server ---------------------------------------------------------------------------------------------
    [[nodiscard]] bool on_server() const { return record_->place().on_server(); }
    [[nodiscard]] bool server_away() const { return record_->server_away(); }
    [[nodiscard]] int waiting_for_server() const { return record_->waiting(); } ///< gestures in this station's journal
    /// Tells other stations what happens here; kept nowhere.
    void tell_live(const QString& text) { record_->tell_live(text.toStdString()); }

Q_SIGNALS:
    void changed(const bh::Changes& changes);
    void server_changed();                     ///< it answers or not, or something waits for it
    void fetched(const std::string& log_hash); ///< a flight that was on its way here is here, or is not there either
    void live_told(const QString& text);       ///< what a station tells of itself, this one too
    void edits_changed();                      ///< what can be undone and made again
    void failed(const bh::Message& sentence);
    void flights_waiting_changed();                      ///< on their way to the disk
    void flight_kept(const std::string& attempt_id);     ///< safe, and on the record
    void flight_not_kept(const std::string& attempt_id); ///< not yet, `failed` said why; it may be kept later

private:
    struct Waiting {
        JudgedAttempt attempt;
        std::vector<std::shared_ptr<const FlightLog>> logs; ///< the flight's, and that of a demonstration
        std::shared_ptr<FlightJournal> journal;
    };
    void fold_chain(const std::vector<Entry>& written);
    void take_in(const std::vector<Entry>& entries, std::int64_t own);
    [[nodiscard]] Result<void> fold_news(); ///< what others wrote
    void ask_for_news();
    void listen();
    void server_answers(bool answers);
    void handed_over(bool reached);
    void give_up(const Record::Refused& refused);
    void read_again(std::vector<Record::Refused> refused);
    [[nodiscard]] Message refusal_in_words(const Record::Refused& refused) const;
    void take_whole(Values values, const Changes& changes);
    enum class Place { Elsewhere, Here, HereAndNewerWaits };
    [[nodiscard]] Place written_at(const Entry& entry);
    [[nodiscard]] Message meanwhile(const TextChange& wanted) const; ///< who changed it, to what, in words
    void refresh_lists(const Changes& changes);
    void refresh_ladder();
    void refresh_simulators();
    void refresh_coaching();
    void refresh_house();
    [[nodiscard]] std::optional<UnixTime> calibrated_at(const PilotFile& pilot, std::vector<Calibration>& history) const;
    void start_keeper();
    void logs_kept(const FlightKeeper::Kept& kept);
    void hand_over(Waiting waiting);
    void try_again();
    void set_logs_aside(const JudgedAttempt& attempt);
    [[nodiscard]] JudgedAttempt made_now(JudgedAttempt attempt) const;
    bool add(std::vector<Draft> drafts); ///< what happened
    [[nodiscard]] Result<void> may_write(const std::vector<Draft>& drafts) const;
    [[nodiscard]] Draft as_actor(Draft draft) const; ///< signed by who acts
    bool replay(std::size_t edit, bool forth);
    bool keep_text(Kind kind, const std::string& subject, std::string text);
    void tell(const Error& error);

    std::unique_ptr<Record> record_;
    DataFolder data_;
    Values values_;
    std::vector<Pilot> pilots_;
    std::vector<Drill> drills_;
    std::vector<DrillFact> drill_facts_;
    std::vector<Curriculum> curricula_;
    CoachingRules coaching_;
    HouseLimits house_;
    FirstFlightPlan first_flight_plan_;
    mutable std::unordered_map<std::string, FlightTally> tallies_; ///< by attempt
    std::vector<World> worlds_;
    std::vector<Message> unread_, unread_ladder_;
    Message unread_coaching_;
    mutable std::map<std::string, std::string> world_names_; ///< by id, as far as somebody asked
    std::vector<SimulatorProfile> shipped_simulators_, simulators_;
    std::vector<Airframe> simulated_aircraft_, real_aircraft_;
    std::string who_ = "coordinator";
    Role role_ = Role::Coordinator;
    std::vector<Edit> edits_;
    std::size_t done_ = 0;                                                  ///< so many of the edits stand
    std::map<std::pair<Kind, std::string>, std::string> written_elsewhere_; ///< by whom, of what was not written here last
    bool news_wait_ = false, more_news_ = false;
    /// Bodies of what waits for the server, oldest first, by the kind and subject of their entries.
    std::map<std::pair<std::string, std::string>, std::deque<std::string>> waits_;
    std::set<std::string> running_here_; ///< sessions
    UnixTime saved_at_ = 0;
    struct Standing {
        std::int64_t day = -1;
        PilotStanding standing;
    };
    mutable std::unordered_map<std::string, Standing> standings_;
    struct TodaysItems {
        std::int64_t day = -1; ///< that they were made for
        std::vector<TodayItem> items;
    };
    mutable TodaysItems todays_items_;
    mutable std::pair<UnixTime, std::int64_t> day_at_{-1, 0}; ///< the last moment asked about, and its day
    std::unordered_map<std::uint64_t, Waiting> waiting_;
    std::vector<Waiting> aside_; ///< flights that the disk has not taken; tried again every `try_again_ms`
    std::string why_aside_;
    QTimer again_;
    std::uint64_t next_ticket_ = 1;
    std::unique_ptr<FlightKeeper> keeper_;
};

} // namespace bh
