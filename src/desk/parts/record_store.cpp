#include "desk/parts/record_store.h"

#include "core/controller/drift.h"
#include "core/curves/rate_families.h"
#include "device/stick_input.h"
#include "files/curriculum_document.h"
#include "files/data_folder.h"
#include "files/drill_document.h"
#include "files/ladder_edit.h"
#include "files/rates_document.h"
#include "files/stick_recording.h"

#include <QDateTime>
#include <QUndoCommand>
#include <QUndoStack>
#include <algorithm>
#include <functional>
#include <nlohmann/json.hpp>

namespace bh::desk {

namespace {

/// An edit that has been made: goes back and forth by writing corrections to the record.
class Edit : public QUndoCommand {
public:
    Edit(const QString& text, std::function<void()> forth, std::function<void()> back)
        : QUndoCommand(text), forth_(std::move(forth)), back_(std::move(back))
    {
    }
    void redo() override
    {
        if (made_) forth_();
        made_ = true; // the stack calls this once on pushing, when it has been made already
    }
    void undo() override { back_(); }

private:
    bool made_ = false;
    std::function<void()> forth_, back_;
};

} // namespace

RecordStore::RecordStore(std::unique_ptr<Record> record, DataFolder data)
    : record_(std::move(record)), data_(std::move(data)), undo_(std::make_unique<QUndoStack>())
{
    if (auto aircraft = data_.airframes()) simulated_aircraft_ = std::move(*aircraft);
    record_->close_left_open_sessions();
    reload();
}

RecordStore::~RecordStore() = default;

const Drill* RecordStore::drill(const std::string& id) const
{
    const auto found = std::find_if(drills_.begin(), drills_.end(), [&](const Drill& d) { return d.id == id; });
    return found == drills_.end() ? nullptr : &*found;
}

const PilotRow* RecordStore::pilot(const std::string& id) const
{
    const auto found = std::find_if(pilots_.begin(), pilots_.end(), [&](const PilotRow& p) { return p.id == id; });
    return found == pilots_.end() ? nullptr : &*found;
}

const Curriculum& RecordStore::curriculum(const std::string& pilot_id) const
{
    static const Curriculum none;
    const PilotRow* row = pilot(pilot_id);
    for (const std::string& wanted : {row ? row->curriculum : std::string(), std::string("first-steps")})
        for (const Curriculum& c : curricula_)
            if (c.id == wanted) return c;
    return none;
}

const PilotStanding& RecordStore::standing(const std::string& id) const
{
    static const PilotStanding nobody;
    const auto found = std::find_if(standings_.begin(), standings_.end(), [&](const auto& s) { return s.first == id; });
    return found == standings_.end() ? nobody : found->second;
}

namespace {
AttemptFact fact(const AttemptRow& a)
{
    return {a.drill_id, RecordStore::localDay(a.at), a.score, a.passed, a.flown_s, a.left_minus_right, a.throttle_cuts_s};
}

DrillFact fact(const Drill& d) { return {d.id, d.name, d.least_minutes}; }
} // namespace

DrillStanding RecordStore::drillStanding(const std::string& pilot_id, const std::string& drill_id) const
{
    std::vector<AttemptFact> facts;
    for (const AttemptRow& a : attempts_)
        if (a.pilot_id == pilot_id) facts.push_back(fact(a));
    const Drill* of = drill(drill_id);
    return drill_standing(facts, of ? fact(*of) : DrillFact{drill_id, drill_id, 0}, today());
}

std::vector<AttemptRow> RecordStore::attempts(const std::string& id) const
{
    std::vector<AttemptRow> own;
    std::copy_if(attempts_.begin(), attempts_.end(), std::back_inserter(own),
                 [&](const AttemptRow& a) { return a.pilot_id == id; });
    return own;
}

std::vector<SessionRow> RecordStore::sessions(const std::string& id) const
{
    std::vector<SessionRow> own;
    std::copy_if(sessions_.begin(), sessions_.end(), std::back_inserter(own),
                 [&](const SessionRow& s) { return s.pilot_id == id; });
    return own;
}

std::vector<CriterionRow> RecordStore::criteria(const std::string& attempt_id) const { return record_->criteria(attempt_id); }

std::vector<CalibrationRow> RecordStore::calibrationsOf(const std::string& controller, const std::string& guid) const
{
    for (const ControllerRow& row : record_->controllers())
        if (row.name == controller && row.guid == guid) return record_->calibrations(row.id);
    return {};
}

std::optional<CalibrationRow> RecordStore::calibrationOf(const std::string& controller, const std::string& guid) const
{
    auto all = calibrationsOf(controller, guid);
    if (all.empty()) return std::nullopt;
    return std::move(all.back());
}

std::vector<ControllerRow> RecordStore::controllers() const { return record_->controllers(); }
std::vector<KitTickRow> RecordStore::kitTicks(const std::string& pilot_id) const { return record_->kit_ticks(pilot_id); }
std::vector<GripRoundRow> RecordStore::gripRounds(const std::string& pilot_id) const { return record_->grip_rounds(pilot_id); }

UnixTime RecordStore::now() const { return record_->now(); }

std::int64_t RecordStore::localDay(UnixTime at) { return QDate(1970, 1, 1).daysTo(QDateTime::fromSecsSinceEpoch(at).date()); }

QString RecordStore::fileName() const { return QString::fromStdString(record_->file().string()); }

std::string RecordStore::addPilot(const QString& name)
{
    PilotRow pilot;
    pilot.name = name.simplified().toStdString();
    if (pilot.name.empty()) return {};
    if (!tried([&] { pilot.id = record_->add_pilot(pilot); })) return {};
    return pilot.id;
}

void RecordStore::editPilot(const PilotRow& edited)
{
    const PilotRow* known = pilot(edited.id);
    if (!known || *known == edited || edited.name.empty()) return;
    const PilotRow before = *known;
    const auto write = [this](const PilotRow& row, const char* why) { return tried([&] { record_->correct_pilot(row, why); }); };
    if (!write(edited, "edited")) return;
    undo_->push(new Edit(
        tr("edit of %1").arg(QString::fromStdString(before.name)), [=] { write(edited, "edited again"); },
        [=] { write(before, "undone"); }));
}

std::string RecordStore::startSession(const std::string& pilot_id, const std::string& controller, const std::string& guid)
{
    std::string id;
    tried([&] { id = record_->start_session(pilot_id, record_->controller_id(controller, guid), onMatchedRates(pilot_id)); });
    return id;
}

void RecordStore::noteSession(const std::string& id, double active_s, double idle_s)
{
    try {
        record_->note_session_time(id, active_s, idle_s); // no news for the pages
    } catch (const StoreFailure& why) {
        Q_EMIT failed(tr("The practice time could not be saved: %1").arg(QString::fromUtf8(why.what())));
    }
}

void RecordStore::endSession(const std::string& id, double active_s, double idle_s)
{
    tried([&] { record_->end_session(id, active_s, idle_s); });
}

bool RecordStore::addOutsideSession(SessionRow session, const std::string& controller, const std::string& guid)
{
    return tried([&] {
        session.controller_id = record_->controller_id(controller, guid);
        session.matched = onMatchedRates(session.pilot_id);
        record_->add_session(std::move(session));
    });
}

AttemptRow RecordStore::judged(AttemptRow attempt) const
{
    attempt.curriculum = curriculum(attempt.pilot_id).id;
    attempt.curriculum_version = curriculum(attempt.pilot_id).version;
    return attempt;
}

std::string RecordStore::addAttempt(AttemptRow attempt, const FlightLog& log, const FlightLog* demonstration)
{
    std::string id;
    return tried([&] { id = record_->add_attempt(judged(std::move(attempt)), log, demonstration); }) ? id : std::string();
}

std::string RecordStore::addObserved(AttemptRow attempt)
{
    std::string id;
    return tried([&] { id = record_->add_observed(judged(std::move(attempt))); }) ? id : std::string();
}

std::string RecordStore::addCalibration(const std::string& controller, const std::string& guid, const Calibration& calibration)
{
    std::string id;
    return tried([&] { id = record_->add_calibration(record_->controller_id(controller, guid), calibration); }) ? id
                                                                                                                : std::string();
}

bool RecordStore::verifyCalibration(const std::string& id)
{
    return tried([&] { record_->verify_calibration(id); });
}

bool RecordStore::tickKit(const std::string& pilot_id, const std::string& item, bool ticked)
{
    return tried([&] { record_->tick_kit(pilot_id, item, ticked); });
}

bool RecordStore::addGripRound(const GripRoundRow& round)
{
    return tried([&] { record_->add_grip_round(round); });
}

bool RecordStore::keepSimulator(const SimulatorProfile& simulator)
{
    const auto known =
        std::find_if(simulators_.begin(), simulators_.end(), [&](const SimulatorProfile& s) { return s.id == simulator.id; });
    std::optional<SimulatorProfile> before;
    if (known != simulators_.end()) before = *known;
    const auto write = [this](const SimulatorProfile& s) { return tried([&] { record_->keep_simulator(s); }); };
    if (!write(simulator)) return false;
    if (before)
        undo_->push(new Edit(
            tr("edit of %1").arg(QString::fromStdString(simulator.name)), [=] { write(simulator); }, [=] { write(*before); }));
    return true;
}

namespace {
const Airframe* with_id(const std::vector<Airframe>& all, const std::string& id)
{
    const auto found = std::find_if(all.begin(), all.end(), [&](const Airframe& a) { return a.id == id; });
    return found == all.end() ? nullptr : &*found;
}
} // namespace

const Airframe* RecordStore::simulatedAircraft(const std::string& id) const { return with_id(simulated_aircraft_, id); }
const Airframe* RecordStore::realAircraft(const std::string& id) const { return with_id(real_aircraft_, id); }
std::optional<TrainingSetup> RecordStore::setup(const std::string& pilot_id) const { return record_->setup(pilot_id); }
std::optional<UnixTime> RecordStore::setupAt(const std::string& pilot_id) const { return record_->setup_at(pilot_id); }

bool RecordStore::keepAircraft(const Airframe& aircraft)
{
    std::optional<Airframe> before;
    if (const Airframe* known = realAircraft(aircraft.id)) before = *known;
    const auto write = [this](const Airframe& a) { return tried([&] { record_->keep_aircraft(a); }); };
    if (!write(aircraft)) return false;
    if (before)
        undo_->push(new Edit(
            tr("edit of %1").arg(QString::fromStdString(aircraft.name)), [=] { write(aircraft); }, [=] { write(*before); }));
    return true;
}

bool RecordStore::keepSetup(const std::string& pilot_id, const TrainingSetup& setup)
{
    if (!pilot(pilot_id)) return false;
    const QString name = QString::fromStdString(pilot(pilot_id)->name); // writing reads the rows anew
    const TrainingSetup before = record_->setup(pilot_id).value_or(TrainingSetup{});
    const auto write = [this, pilot_id](const TrainingSetup& s) { return tried([&] { record_->keep_setup(pilot_id, s); }); };
    if (!write(setup)) return false;
    undo_->push(new Edit(
        tr("set-up of %1").arg(name), [=] { write(setup); }, [=] { write(before); }));
    return true;
}

std::vector<Sticks> RecordStore::outsideSticks(const SessionRow& session) const
{
    std::vector<Sticks> sticks;
    const auto known = controllers();
    const auto controller =
        std::find_if(known.begin(), known.end(), [&](const ControllerRow& c) { return c.id == session.controller_id; });
    if (session.recording.empty() || controller == known.end()) return sticks;
    const auto calibration = calibrationOf(controller->name, controller->guid);
    const auto recording = load_stick_recording((fileName() + QStringLiteral(".sticks/")).toStdString() + session.recording);
    if (!calibration || !recording) return sticks;
    constexpr double every_s = 0.02, longest_s = 0.5; // a stick that rests for longer tells nothing more
    for (std::size_t i = 0; i + 1 < recording->t_s.size(); ++i) {
        const double held_s = std::min(longest_s, recording->t_s[i + 1] - recording->t_s[i]);
        sticks.insert(sticks.end(), static_cast<std::size_t>(std::max(1.0, held_s / every_s)),
                      to_sticks(calibration->calibration, recording->counts[i]));
    }
    return sticks;
}

std::string RecordStore::text(const std::string& kind, const std::string& id) const
{
    for (const DocumentRow& d : record_->documents(kind))
        if (d.id == id) return d.text;
    return {};
}

bool RecordStore::keepText(const std::string& kind, const std::string& id, const std::string& now, const QString& what)
{
    const std::string earlier = text(kind, id);
    const auto write = [this, kind, id](const std::string& document, const char* why) {
        return tried([&] { record_->keep_document(kind, {id, document}, why); });
    };
    if (!write(now, "edited")) return false;
    undo_->push(new Edit(
        what, [=] { write(now, "edited again"); }, [=] { write(earlier, "undone"); }));
    return true;
}

namespace {

/// What a document on the record says; nothing where there is none or it cannot be read.
template <class T, class Parse>
std::optional<T> read(const std::string& text, const std::string& what, Parse parse)
{
    if (text.empty()) return std::nullopt;
    auto value = parse(text, what);
    return value ? std::optional<T>(std::move(*value)) : std::nullopt;
}

} // namespace

std::optional<RateProfile> RecordStore::ratesOf(const std::string& aircraft_id) const
{
    return read<RateProfile>(text("rates", aircraft_id), "rates of " + aircraft_id,
                             [](const auto& t, const auto& f) { return parse_rates(t, f); });
}

bool RecordStore::keepRates(const std::string& aircraft_id, const RateProfile& rates)
{
    const Airframe* aircraft = realAircraft(aircraft_id);
    return aircraft && keepText("rates", aircraft_id, rates_json(rates).dump(),
                                tr("rates of %1").arg(QString::fromStdString(aircraft->name)));
}

const SimulatorProfile* RecordStore::simulator(const std::string& id) const
{
    const auto found =
        std::find_if(simulators_.begin(), simulators_.end(), [&](const SimulatorProfile& s) { return s.id == id; });
    return found == simulators_.end() ? nullptr : &*found;
}

std::vector<ParameterRange> RecordStore::rateRanges(const SimulatorProfile& simulator)
{
    std::vector<ParameterRange> ranges;
    if (const RateFamily* family = rate_family(simulator.rate_family))
        for (const RateParameter& p : family->parameters) {
            const auto limit = simulator.rate_limits.find(std::string(p.key));
            ranges.push_back(limit == simulator.rate_limits.end()
                                 ? ParameterRange{p.low, p.high, p.step}
                                 : ParameterRange{limit->second.low, limit->second.high, limit->second.step});
        }
    return ranges;
}

std::optional<KeptMatch> RecordStore::match(const std::string& pilot_id, UnixTime* at) const
{
    return read<KeptMatch>(text("match", pilot_id), "match", [&](const auto& t, const auto& f) { return parse_match(t, f, at); });
}

std::string RecordStore::matchStale(const std::string& pilot_id) const
{
    const auto kept = match(pilot_id);
    if (!kept) return {};
    const auto real = ratesOf(kept->aircraft);
    const auto own = setup(pilot_id);
    MatchedThings now;
    if (real && realAircraft(kept->aircraft)) now.real = &*real;
    if (own) now.practised = &own->rates;
    if (const SimulatorProfile* s = simulator(kept->simulator)) now.family = s->rate_family, now.ranges = rateRanges(*s);
    return why_stale(*kept, now);
}

std::optional<KeptPlan> RecordStore::ratePlan(const std::string& pilot_id) const
{
    return read<KeptPlan>(text("plan", pilot_id), "plan", [](const auto& t, const auto& f) { return parse_plan(t, f); });
}

std::vector<HandlingNote> RecordStore::handling(const std::string& pilot_id) const
{
    return read<std::vector<HandlingNote>>(text("handling", pilot_id), "handling",
                                           [](const auto& t, const auto& f) { return parse_handling(t, f); })
        .value_or(std::vector<HandlingNote>{});
}

std::vector<BlindNote> RecordStore::blindTests(const std::string& pilot_id) const
{
    return read<std::vector<BlindNote>>(text("blind", pilot_id), "blind",
                                        [](const auto& t, const auto& f) { return parse_blind(t, f); })
        .value_or(std::vector<BlindNote>{});
}

std::optional<RatesTrial> RecordStore::ratesTrial(const std::string& pilot_id) const
{
    return read<RatesTrial>(text("trial", pilot_id), "trial", [](const auto& t, const auto& f) { return parse_trial(t, f); });
}

bool RecordStore::keepMatch(const std::string& pilot_id, const KeptMatch& match)
{
    return pilot(pilot_id) && keepText("match", pilot_id, match_text(match, now()), tr("match of the rates"));
}
bool RecordStore::keepRatePlan(const std::string& pilot_id, const KeptPlan& plan)
{
    return pilot(pilot_id) && keepText("plan", pilot_id, plan_text(plan), tr("change plan"));
}
bool RecordStore::keepRatesTrial(const std::string& pilot_id, const RateProfile& rates)
{
    return pilot(pilot_id) && keepText("trial", pilot_id, trial_text({now(), rates}), tr("rates to try"));
}

bool RecordStore::addHandling(const std::string& pilot_id, HandlingNote note)
{
    auto notes = handling(pilot_id);
    note.at = now();
    notes.push_back(std::move(note));
    return pilot(pilot_id) && tried([&] { record_->keep_document("handling", {pilot_id, handling_text(notes)}, "rated"); });
}

bool RecordStore::addBlindTest(const std::string& pilot_id, BlindNote note)
{
    auto notes = blindTests(pilot_id);
    note.at = now();
    notes.push_back(std::move(note));
    return pilot(pilot_id) && tried([&] { record_->keep_document("blind", {pilot_id, blind_text(notes)}, "flown"); });
}

std::optional<AttemptRow> RecordStore::demonstration(const std::string& drill_id) const
{
    const auto kept = record_->demonstration(drill_id);
    if (!kept) return std::nullopt;
    const auto found =
        std::find_if(attempts_.begin(), attempts_.end(), [&](const AttemptRow& a) { return a.id == kept->attempt_id; });
    return found == attempts_.end() ? std::nullopt : std::optional(*found);
}

Result<FlightLog> RecordStore::flightLog(const std::string& log_hash) const { return record_->flight_log(log_hash); }

std::vector<StageOpeningRow> RecordStore::openedStages(const std::string& pilot_id) const
{
    std::vector<StageOpeningRow> own = record_->opened_stages();
    const std::string id = curriculum(pilot_id).id;
    std::erase_if(own, [&](const StageOpeningRow& o) { return o.pilot_id != pilot_id || o.curriculum != id; });
    return own;
}

bool RecordStore::openStage(const std::string& pilot_id, const std::string& stage, bool open, const QString& reason)
{
    const StageOpeningRow opening{pilot_id, curriculum(pilot_id).id, stage, reason.simplified().toStdString(), 0};
    if (!pilot(pilot_id) || opening.reason.empty()) return false;
    const auto write = [this, opening](bool now) { return tried([&] { record_->open_stage(opening, now); }); };
    if (!write(open)) return false;
    undo_->push(new Edit(
        tr("stage %1").arg(QString::fromStdString(stage)), [=] { write(open); }, [=] { write(!open); }));
    return true;
}

bool RecordStore::keepDemonstration(const std::string& drill_id, const std::string& attempt_id)
{
    const auto before = record_->demonstration(drill_id);
    const auto write = [this, drill_id](const std::string& id) {
        return tried([&] { record_->keep_demonstration(drill_id, id); });
    };
    if (!write(attempt_id)) return false;
    const std::string earlier = before ? before->attempt_id : std::string();
    undo_->push(new Edit(
        tr("demonstration of %1").arg(QString::fromStdString(drill_id)), [=] { write(attempt_id); }, [=] { write(earlier); }));
    return true;
}

namespace {
std::size_t place_of_kind(const std::string& kind) { return kind == "drill" ? 0 : 1; }
} // namespace

bool RecordStore::edited(const std::string& kind, const std::string& id) const
{
    const auto& kept = documents_[place_of_kind(kind)];
    return std::any_of(kept.begin(), kept.end(), [&](const DocumentRow& d) { return d.id == id; });
}

Result<std::string> RecordStore::document(const std::string& kind, const std::string& id) const
{
    for (const DocumentRow& d : documents_[place_of_kind(kind)])
        if (d.id == id) return d.text;
    return data_.text(kind == "drill" ? "drills" : "curricula", id);
}

Result<void> RecordStore::keepDocument(const std::string& kind, const std::string& id, const std::string& text)
{
    const auto versioned = next_version(text, kind, id);
    if (!versioned) return tl::unexpected(versioned.error());
    if (kind == "drill") {
        if (const auto good = parse_drill(*versioned, id); !good) return tl::unexpected(good.error());
    } else if (const auto good = parse_curriculum(*versioned, id); !good) {
        return tl::unexpected(good.error());
    } else {
        for (const Curriculum::Stage& stage : good->stages)
            for (const std::string& wanted : stage.drills)
                if (!drill(wanted)) return bad_input(id + ": there is no drill '" + wanted + "'");
    }
    const std::string before = edited(kind, id) ? *document(kind, id) : std::string();
    const auto write = [this, kind, id](const std::string& what, const char* why) {
        return tried([&] { record_->keep_document(kind, {id, what}, why); });
    };
    if (!write(*versioned, "edited")) return bad_input("could not be saved");
    undo_->push(new Edit(
        tr("edit of %1").arg(QString::fromStdString(id)), [=] { write(*versioned, "edited again"); },
        [=] { write(before, "undone"); }));
    return {};
}

/// Drills and curricula that ship, and those edited here, which stand in for one of the same id.
void RecordStore::reloadLadder()
{
    std::vector<DocumentRow> drills = record_->documents("drill"), curricula = record_->documents("curriculum");
    const auto same = [](const std::vector<DocumentRow>& a, const std::vector<DocumentRow>& b) {
        return std::equal(a.begin(), a.end(), b.begin(), b.end(),
                          [](const DocumentRow& x, const DocumentRow& y) { return x.id == y.id && x.text == y.text; });
    };
    if (!drills_.empty() && same(drills, documents_[0]) && same(curricula, documents_[1])) return;
    documents_[0] = std::move(drills);
    documents_[1] = std::move(curricula);
    const auto put = [](auto& all, auto&& one) {
        const auto known = std::find_if(all.begin(), all.end(), [&](const auto& other) { return other.id == one.id; });
        if (known != all.end())
            *known = std::move(one);
        else
            all.push_back(std::move(one));
    };
    if (auto shipped = data_.drills()) drills_ = std::move(*shipped);
    if (auto shipped = data_.curricula()) curricula_ = std::move(*shipped);
    for (const DocumentRow& d : documents_[0])
        if (auto drill = parse_drill(d.text, d.id)) put(drills_, *drill);
    for (const DocumentRow& c : documents_[1])
        if (auto curriculum = parse_curriculum(c.text, c.id)) put(curricula_, *curriculum);
}

template <class Action>
bool RecordStore::tried(Action action)
{
    try {
        action();
        reload();
        last_saved_ = QDateTime::fromSecsSinceEpoch(now()).toString(QStringLiteral("HH:mm:ss"));
    } catch (const StoreFailure& why) {
        Q_EMIT failed(tr("Could not be saved, nothing was changed: %1").arg(QString::fromUtf8(why.what())));
        return false;
    }
    Q_EMIT changed();
    return true;
}

void RecordStore::reload()
{
    pilots_ = record_->pilots();
    attempts_ = record_->attempts();
    sessions_ = record_->sessions();
    reloadLadder();
    std::vector<DrillFact> drill_facts;
    for (const Drill& d : drills_) drill_facts.push_back(fact(d));
    if (const auto shipped = data_.simulators()) simulators_ = *shipped;
    for (SimulatorProfile& kept : record_->simulators()) {
        const auto same =
            std::find_if(simulators_.begin(), simulators_.end(), [&](const SimulatorProfile& s) { return s.id == kept.id; });
        if (same != simulators_.end())
            *same = std::move(kept);
        else
            simulators_.push_back(std::move(kept));
    }
    real_aircraft_ = record_->aircraft();
    std::vector<CalibrationRow> calibrations = record_->calibrations("");
    std::erase_if(calibrations, [](const CalibrationRow& c) { return c.verified_at == 0; }); // it counts only when verified
    std::string simulated;                                                                   // needs no calibration
    for (const ControllerRow& c : record_->controllers())
        if (c.guid == SimulatedController::info().guid) simulated = c.id;
    UnixTime any_calibration = 0;
    for (const CalibrationRow& c : calibrations) any_calibration = std::max(any_calibration, c.at);
    standings_.clear();
    for (const PilotRow& p : pilots_) {
        PilotFacts facts;
        facts.target_h = p.target_h;
        for (const AttemptRow& a : attempts_)
            if (a.pilot_id == p.id) facts.attempts.push_back(fact(a));
        UnixTime at = any_calibration;
        std::optional<std::string> controller;
        for (const SessionRow& s : sessions_) {
            if (s.pilot_id != p.id) continue;
            facts.practice.push_back({localDay(s.started_at), s.active_s, s.matched});
            if (s.controller_id != simulated)
                controller = s.controller_id; // sessions are in time order: the last one flown with counts
        }
        std::vector<Calibration> history;
        if (controller) at = 0;
        for (const CalibrationRow& c : calibrations)
            if (controller && c.controller_id == *controller) at = c.at, history.push_back(c.calibration);
        facts.controller_drift = drift_of(history).words;
        facts.stale_match = matchStale(p.id);
        if (at > 0) facts.calibrated_day = localDay(at);
        for (const StageOpeningRow& opening : openedStages(p.id)) facts.opened_stages.push_back(opening.stage);
        standings_.emplace_back(p.id, pilot_standing(facts, curriculum(p.id), today(), drill_facts));
    }
}

} // namespace bh::desk
