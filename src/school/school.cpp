#include "school/school.h"

#include "core/base/number_text.h"
#include "core/controller/drift.h"
#include "core/controller/simulated.h"
#include "core/drill/turn_beginning.h"
#include "core/progress/readiness.h"
#include "core/progress/sickness.h"
#include "files/documents/curriculum_document.h"
#include "files/documents/drill_document.h"
#include "files/tables/stick_recording.h"
#include "school/views/coaching.h"
#include "school/views/today.h"

#include <QMetaObject>
#include <algorithm>
#include <charconv>

namespace bh {
namespace {

template <class T>
const T* with_id(const std::vector<T>& all, const std::string& id)
{
    const auto found = std::find_if(all.begin(), all.end(), [&](const T& one) { return one.id == id; });
    return found == all.end() ? nullptr : &*found;
}

template <class T>
void put(std::vector<T>& all, T one)
{
    const auto known = std::find_if(all.begin(), all.end(), [&](const T& other) { return other.id == one.id; });
    if (known != all.end())
        *known = std::move(one);
    else
        all.push_back(std::move(one));
}

constexpr std::size_t most_outside_rows = 1'000'000; // five and a half hours

bool by_name(const Pilot& a, const Pilot& b)
{
    return QString::fromStdString(a.name).compare(QString::fromStdString(b.name), Qt::CaseInsensitive) < 0;
}

} // namespace

School::School(std::unique_ptr<Record> record, DataFolder data) : record_(std::move(record)), data_(std::move(data))
{
    qRegisterMetaType<Changes>();
    if (auto plan = data_.first_flight_plan())
        first_flight_plan_ = std::move(*plan);
    else
        unread_.push_back(plan.error().message);
    simulated_aircraft_ = data_.airframes(&unread_).value_or(std::vector<Airframe>());
    shipped_simulators_ = data_.simulators(&unread_).value_or(std::vector<SimulatorProfile>());
    worlds_ = data_.worlds(&unread_).value_or(std::vector<World>());
    auto [values, everything] = whole_of(record_->snapshot());
    for (const Entry& entry : record_->waiting_entries())
        if (auto change = fold(values, entry)) everything.add(std::move(*change));
    take_whole(std::move(values), everything);
    close_abandoned_sessions();
    start_keeper();
    listen();
    again_.setInterval(try_again_ms);
    connect(&again_, &QTimer::timeout, this, &School::try_again);
}

void School::take_whole(Values values, const Changes& changes)
{
    values_ = std::move(values);
    refresh_lists(changes);
    refresh_house();
    refresh_ladder();
    refresh_simulators();
    refresh_coaching();
}

void School::start_keeper()
{
    // The keeper's thread hands its answers over to this one.
    keeper_ = std::make_unique<FlightKeeper>(record_->attachments(), [this](FlightKeeper::Kept kept) {
        QMetaObject::invokeMethod(
            this, [this, kept = std::move(kept)] { logs_kept(kept); }, Qt::QueuedConnection);
    });
}

School::~School()
{
    finish_keeping();
    if (aside_.empty()) return;
    try_again(); // once more
    finish_keeping();
}

void School::refresh_lists(const Changes& changes)
{
    if (changes.move_standings()) todays_items_.day = -1; // to be worked out anew when they are asked for
    if (changes.any({Kind::Pilot, Kind::Erased})) {
        pilots_.clear();
        for (const auto& [id, file] : values_.pilots)
            if (!file.row.id.empty() && !file.row.archived) pilots_.push_back(file.row);
        std::stable_sort(pilots_.begin(), pilots_.end(), by_name);
    }
    if (changes.any({Kind::HouseRule})) refresh_house();
    if (changes.any({Kind::Drill, Kind::Curriculum, Kind::HouseRule})) refresh_ladder();
    if (changes.any({Kind::Simulator})) refresh_simulators();
    if (changes.any({Kind::Coaching})) refresh_coaching();
    if (changes.any({Kind::Aircraft})) {
        real_aircraft_.clear();
        for (const auto& [id, aircraft] : values_.aircraft) real_aircraft_.push_back(aircraft);
    }
    const bool of_everybody = changes.any({Kind::Calibration, Kind::Verification, Kind::Rates, Kind::Simulator, Kind::Aircraft,
                                           Kind::Drill, Kind::Curriculum, Kind::HouseRule, Kind::FlownBy, Kind::Struck});
    if (of_everybody) standings_.clear();
    for (const Change& change : changes.all()) standings_.erase(change.pilot);
}

/// Drills and curricula that ship, and those edited here, which stand in for one of the same id.
void School::refresh_ladder()
{
    unread_ladder_.clear();
    drills_ = data_.drills(&unread_ladder_).value_or(std::vector<Drill>());
    curricula_ = data_.curricula(&unread_ladder_).value_or(std::vector<Curriculum>());
    const auto take = [&](auto& all, auto read) {
        if (read)
            put(all, std::move(*read));
        else
            unread_ladder_.push_back(message("the record: %1", read.error().message));
    };
    for (const auto& [subject, text] : values_.texts) {
        const auto& [kind, id] = subject;
        if (text.empty()) continue;
        if (kind == Kind::Drill) {
            auto drill = parse_drill(text, id);
            // Edited before drills said what they are good for, it is good for the same still.
            if (const Drill* shipped = with_id(drills_, id); drill && shipped && drill->roles.empty())
                drill->roles = shipped->roles;
            take(drills_, std::move(drill));
        }
        if (kind == Kind::Curriculum) take(curricula_, parse_curriculum(text, id));
    }
    const auto turns = static_cast<TurnBeginning>(house_.whole(Limit::TurnsBegin));
    for (Drill& d : drills_) judge_turn_beginning(d, turns);
    drill_facts_.clear();
    for (const Drill& d : drills_) drill_facts_.push_back({d.id, d.name, d.least_minutes, d.world});
}

void School::refresh_simulators()
{
    simulators_ = shipped_simulators_;
    for (const auto& [id, kept] : values_.simulators) put(simulators_, kept);
}

void School::refresh_coaching()
{
    unread_coaching_ = {};
    const auto text = document(Kind::Coaching, common_coaching);
    auto rules = text ? parse_coaching(*text, common_coaching) : Result<CoachingRules>(tl::unexpected(text.error()));
    if (rules)
        coaching_ = std::move(*rules);
    else
        unread_coaching_ = rules.error().message;
}

void School::refresh_house()
{
    house_ = {};
    for (const HouseLimit& limit : house_limits())
        if (const auto value = number_of(house_rule(std::string(limit.id)))) house_.change(limit.limit, *value);
}

// -- what there is ------------------------------------------------------------------------------------------------------------

const Pilot* School::pilot(const std::string& id) const
{
    const auto found = values_.pilots.find(id);
    return found == values_.pilots.end() || found->second.row.id.empty() || found->second.row.archived ? nullptr
                                                                                                       : &found->second.row;
}

std::int64_t School::today() const
{
    if (const UnixTime at = now(); at != day_at_.first) day_at_ = {at, local_day(at)}; // asking the calendar takes a while
    return day_at_.second;
}

std::vector<Pilot> School::archived_pilots() const
{
    std::vector<Pilot> archived;
    for (const auto& [id, file] : values_.pilots)
        if (!file.row.id.empty() && file.row.archived && !file.row.erased) archived.push_back(file.row);
    std::stable_sort(archived.begin(), archived.end(), by_name);
    return archived;
}

UnixTime School::last_practised(const std::string& pilot_id) const
{
    const auto& sessions = file(pilot_id).sessions;
    return sessions.empty() ? 0 : sessions.back().started_at;
}

const Person* School::person(const std::string& id) const { return with_id(values_.people, id); }

std::string School::house_rule(const std::string& name, const std::string& otherwise) const
{
    const std::string text = values_.text(Kind::HouseRule, name);
    return text.empty() ? otherwise : text;
}

TickRules School::tick_rules(const std::string& pilot_id) const
{
    TickRules rules;
    rules.others_hold_days = house_.whole(Limit::KitDays);
    for (const Session& s : file(pilot_id).sessions)
        rules.last_session_ended_at = std::max(rules.last_session_ended_at, s.ended_at);
    return rules;
}

std::string School::who_is(const std::string& who) const
{
    if (const Person* one = person(who)) return one->name;
    if (const auto& row = file(who).row; !row.id.empty()) return row.name;
    return who;
}

Result<void> School::may_do(Act act) const
{
    if (may(role_, act)) return {};
    const Right& right = right_to(act);
    return bad_input("%1 %2: unlock the station first (Ctrl+U)", message(right.words), message(who_may(right.least)));
}

const PilotFile& School::file(const std::string& pilot_id) const
{
    static const PilotFile nobody;
    const auto found = values_.pilots.find(pilot_id);
    return found == values_.pilots.end() ? nobody : found->second;
}

const Attempt* School::attempt(const std::string& id) const
{
    for (const auto& [_, file] : values_.pilots)
        if (const Attempt* found = with_id(file.attempts, id)) return found;
    return nullptr;
}

JudgedAttempt School::judged(const std::string& attempt_id) const
{
    return record_->judged(attempt_id).value_or(JudgedAttempt{});
}

Message School::summary(const Attempt& attempt) const
{
    if (attempt.in_words) return Message(attempt.in_words->summary);
    const JudgedAttempt flown = judged(attempt.id);
    const Drill by = flown_drill(flown);
    return summary_of(flown, &by);
}

namespace {
Drill with_camera_of(const JudgedAttempt& attempt, Drill drill)
{
    if (!attempt.flight) return drill;
    drill.camera_tilt_deg = attempt.flight->camera_tilt_deg;
    if (attempt.flight->fov_deg > 0) drill.fov_deg = attempt.flight->fov_deg;
    return drill;
}
} // namespace

Drill School::flown_drill(const JudgedAttempt& attempt) const
{
    auto known = attempt.free() ? std::nullopt : drill_of_version(attempt.drill_id, attempt.drill_version);
    if (const Drill* now = known || attempt.free() ? nullptr : drill(attempt.drill_id)) known = *now;
    return with_camera_of(attempt, known ? std::move(*known) : free_flight(attempt.world.empty() ? "pan" : attempt.world));
}

std::optional<Drill> School::drill_of_version(const std::string& id, int version) const
{
    const Drill* now = drill(id);
    if (now && now->version == version) return *now;
    std::optional<std::string> text;
    if (const auto kept = values_.versions.find({Kind::Drill, id}); kept != values_.versions.end())
        if (const auto found = kept->second.find(version); found != kept->second.end()) text = found->second;
    if (auto shipped = text ? Result<std::string>(*text) : data_.text("drills", id))
        if (auto drill = parse_drill(*shipped, id); drill && drill->version == version) return std::move(*drill);
    return std::nullopt;
}

std::optional<Score> School::kept_score(const JudgedAttempt& attempt) const
{
    if (attempt.free() || attempt.id.empty()) return std::nullopt;
    const Drill flown = flown_drill(attempt);
    return score_of(attempt, &flown);
}

std::optional<School::JudgedToday> School::judged_today(const JudgedAttempt& attempt, const FlightLog& log) const
{
    const Drill* now = attempt.free() || !log.has_position ? nullptr : drill(attempt.drill_id);
    if (!now || now->version == attempt.drill_version) return std::nullopt;
    const auto score = score_log(with_camera_of(attempt, *now), log);
    return score ? std::optional(JudgedToday{now->version, score->score}) : std::nullopt;
}

const FlightTally& School::tally(const Attempt& attempt) const
{
    const auto [known, is_new] = tallies_.try_emplace(attempt.id);
    if (!is_new) return known->second;
    if (!attempt.found.empty()) {
        if (auto kept = parse_tally(attempt.found)) known->second = std::move(*kept);
    } else if (!attempt.log_hash.empty() && attempt.demonstration.empty()) {
        if (const auto log = flight_log(attempt.log_hash)) {
            const JudgedAttempt flown = judged(attempt.id);
            const auto score = kept_score(flown);
            if (auto found = parse_tally(found_in(*log, flown_drill(flown), score ? &*score : nullptr)))
                known->second = std::move(*found);
        }
    }
    return known->second;
}

std::string found_in(const FlightLog& log, const Drill& drill, const Score* score)
{
    FlightTally found = bh::tally(debrief(log, drill, score));
    if (log.has_position) found.crashes = find_crashes(log);
    return tally_text(found);
}

Result<FlightLog> School::flight_log(const std::string& log_hash) const { return record_->attachments().flight_log(log_hash); }

std::filesystem::path School::new_stick_recording(const std::string& stem) const
{
    return record_->attachments().new_stick_recording(stem);
}

std::vector<Sticks> School::outside_sticks(const Session& session) const
{
    std::vector<Sticks> sticks;
    const KnownController* controller = with_id(values_.controllers, session.controller_id);
    if (session.recording.empty() || !controller) return sticks;
    const KeptCalibration* known = calibration(controller->name, controller->guid);
    const auto path = record_->attachments().stick_recording(session.recording);
    const auto recording = path ? load_stick_recording(*path) : Result<StickRecording>(tl::unexpected(path.error()));
    if (!known || !recording) return sticks;
    constexpr double every_s = 0.02, longest_s = 0.5; // a stick that rests for longer tells nothing more
    for (std::size_t i = 0; i + 1 < recording->t_s.size(); ++i) {
        const double held_s = std::min(longest_s, recording->t_s[i + 1] - recording->t_s[i]);
        sticks.insert(sticks.end(), static_cast<std::size_t>(std::max(1.0, held_s / every_s)),
                      to_sticks(known->calibration, recording->counts[i]));
    }
    return sticks;
}

Result<FlightLog> School::outside_flight(const Session& session) const
{
    const KnownController* controller = with_id(values_.controllers, session.controller_id);
    if (session.recording.empty() || !controller) return bad_input("no sticks were recorded in this session");
    const KeptCalibration* known = calibration(controller->name, controller->guid);
    if (!known) return bad_input("the controller of this session was never calibrated");
    const auto path = record_->attachments().stick_recording(session.recording);
    if (!path) return tl::unexpected(path.error());
    const auto recording = load_stick_recording(*path);
    if (!recording) return tl::unexpected(recording.error());
    constexpr double per_s = 50;
    FlightLog log;
    if (recording->t_s.size() < 2) return bad_input("fewer than two rows of sticks were recorded in this session");
    const double first_s = recording->t_s.front(), duration_s = recording->t_s.back() - first_s;
    const auto rows = std::min<std::size_t>(most_outside_rows, static_cast<std::size_t>(duration_s * per_s) + 1);
    FlightSample s;
    s.armed = true;
    for (std::size_t row = 0, at = 0; row < rows; ++row) {
        s.t_s = static_cast<double>(row) / per_s;
        while (at + 1 < recording->t_s.size() && recording->t_s[at + 1] - first_s <= s.t_s) ++at;
        s.sticks = to_sticks(known->calibration, recording->counts[at]);
        log.append(s);
    }
    log.has_position = false;
    return log;
}

const std::string& School::world_name(const std::string& id) const
{
    const auto [known, is_new] = world_names_.try_emplace(id, id);
    if (is_new)
        if (const World* world = with_id(worlds_, id)) known->second = world->name;
    return known->second;
}

std::vector<Message> School::unread() const
{
    std::vector<Message> all = unread_;
    all.insert(all.end(), unread_ladder_.begin(), unread_ladder_.end());
    if (!unread_coaching_.empty()) all.push_back(unread_coaching_);
    return all;
}

const Drill* School::drill(const std::string& id) const { return with_id(drills_, id); }

bool School::has_role(const std::string& drill_id, DrillRole role) const
{
    const Drill* known = drill(drill_id);
    return known && known->has(role);
}

const Drill* School::drill_with(DrillRole role, const std::string& pilot_id, bool of_curriculum) const
{
    for (const Curriculum::Stage& stage : curriculum(pilot_id).stages)
        for (const std::string& id : stage.drills)
            if (has_role(id, role)) return drill(id);
    if (of_curriculum) return nullptr;
    const auto found = std::find_if(drills_.begin(), drills_.end(), [role](const Drill& d) { return d.has(role); });
    return found == drills_.end() ? nullptr : &*found;
}

const Curriculum& School::curriculum(const std::string& pilot_id) const
{
    static const Curriculum none;
    for (const std::string& wanted :
         {file(pilot_id).row.id.empty() ? std::string() : file(pilot_id).row.curriculum, std::string("first-steps")})
        if (const Curriculum* found = with_id(curricula_, wanted)) return *found;
    return none;
}

Result<std::string> School::document(Kind kind, const std::string& id) const
{
    if (std::string text = values_.text(kind, id); !text.empty()) return text;
    return data_.text(kind == Kind::Drill ? "drills" : kind == Kind::Coaching ? "coaching" : "curricula", id);
}

bool School::edited(Kind kind, const std::string& id) const { return !values_.text(kind, id).empty(); }

const Attempt* School::demonstration(const std::string& drill_id) const
{
    const auto kept = values_.demonstrations.find(drill_id);
    return kept == values_.demonstrations.end() ? nullptr : attempt(kept->second.attempt_id);
}

std::vector<OpenedStage> School::opened_stages(const std::string& pilot_id) const
{
    std::vector<OpenedStage> own = file(pilot_id).opened_stages;
    const std::string& id = curriculum(pilot_id).id;
    std::erase_if(own, [&](const OpenedStage& o) { return o.curriculum != id; });
    return own;
}

/// When the controller that a pilot flew with last was calibrated, and how it was before; of any when nothing was flown.
std::optional<UnixTime> School::calibrated_at(const PilotFile& pilot, std::vector<Calibration>& history) const
{
    const KnownController* simulated = controller(std::string(simulated_controller_name), simulated_controller_guid);
    std::optional<std::string> last_flown_with;
    for (const Session& s : pilot.sessions)
        if (!simulated || s.controller_id != simulated->id) last_flown_with = s.controller_id;
    std::optional<UnixTime> at;
    for (const KeptCalibration& c : values_.calibrations) {
        if (c.verified_at == 0) continue; // it counts only when verified
        if (last_flown_with && c.controller_id != *last_flown_with) continue;
        if (last_flown_with) history.push_back(c.calibration);
        at = std::max(at.value_or(0), c.at);
    }
    return at;
}

School::ControllerStanding School::controller_standing(const std::string& pilot_id) const
{
    std::vector<Calibration> history;
    const auto at = calibrated_at(file(pilot_id), history);
    std::string controller;
    for (const Session& s : file(pilot_id).sessions) controller = s.controller_id;
    return {at ? std::optional(local_day(*at)) : std::nullopt, drift_of(history).words, std::move(controller)};
}

const PilotStanding& School::standing(const std::string& pilot_id) const
{
    static const PilotStanding nobody;
    const PilotFile& of = file(pilot_id);
    if (of.row.id.empty()) return nobody;
    Standing& known = standings_[pilot_id];
    if (known.day == today()) return known.standing;
    PilotFacts facts;
    facts.target_h = of.row.target_h;
    facts.attempts = of.facts;
    for (const Session& s : of.sessions) facts.practice.push_back({local_day(s.started_at), s.active_s, s.matched});
    ControllerStanding controller = controller_standing(pilot_id);
    facts.calibrated_day = controller.day;
    facts.controller_drift = std::move(controller.drift);
    if (const auto stale = match_stale(pilot_id)) facts.stale_match = in_words(*stale);
    facts.strong_habit = strong_habit(*this, pilot_id);
    for (const SicknessAnswers& s : of.sickness)
        if (const auto score = sickness_score(s.answers); score && local_day(s.at) == today())
            facts.symptoms_today = score->total > house_.of(Limit::SicknessTotal); // the newest of today tells
    for (const OpenedStage& opening : opened_stages(pilot_id)) facts.opened_stages.push_back(opening.stage);
    known = {today(), pilot_standing(facts, curriculum(pilot_id), today(), drill_facts_, house_)};
    return known.standing;
}

const std::vector<TodayItem>& School::today_items() const
{
    if (todays_items_.day != today()) todays_items_ = {today(), items_of_today(*this)};
    return todays_items_.items;
}

DrillStanding School::drill_standing(const std::string& pilot_id, const std::string& drill_id) const
{
    const DrillFact* fact = with_id(drill_facts_, drill_id);
    return bh::drill_standing(file(pilot_id).facts, fact ? *fact : DrillFact{drill_id, drill_id, 0, {}}, today(), house_);
}

const KnownController* School::controller(const std::string& name, const std::string& guid) const
{
    const auto& all = values_.controllers;
    const auto found =
        std::find_if(all.begin(), all.end(), [&](const KnownController& c) { return c.name == name && c.guid == guid; });
    return found == all.end() ? nullptr : &*found;
}

std::vector<KeptCalibration> School::calibrations(const std::string& name, const std::string& guid) const
{
    std::vector<KeptCalibration> own;
    if (const KnownController* of = controller(name, guid))
        for (const KeptCalibration& c : values_.calibrations)
            if (c.controller_id == of->id) own.push_back(c);
    return own;
}

const KeptCalibration* School::calibration(const std::string& name, const std::string& guid) const
{
    const KnownController* of = controller(name, guid);
    const KeptCalibration* latest = nullptr;
    for (const KeptCalibration& c : values_.calibrations)
        if (of && c.controller_id == of->id) latest = &c;
    return latest;
}

std::vector<ItemTick> School::kit_ticks(const std::string& pilot_id) const
{
    std::vector<ItemTick> ticks;
    for (const auto& [item, tick] : file(pilot_id).kit_ticks) ticks.push_back(tick);
    return ticks;
}

const SimulatorProfile* School::simulator(const std::string& id) const { return with_id(simulators_, id); }
const Airframe* School::simulated_aircraft(const std::string& id) const { return with_id(simulated_aircraft_, id); }
const Airframe* School::real_aircraft(const std::string& id) const { return with_id(real_aircraft_, id); }

const Airframe* School::aircraft(const std::string& id) const
{
    const Airframe* real = real_aircraft(id);
    return real ? real : simulated_aircraft(id);
}

const RateProfile* School::rates_of(const std::string& aircraft_id) const
{
    const auto found = values_.rates.find(aircraft_id);
    return found == values_.rates.end() ? nullptr : &found->second;
}

std::optional<Stale> School::match_stale(const std::string& pilot_id) const
{
    const PilotFile& of = file(pilot_id);
    if (!of.match) return std::nullopt;
    MatchedThings now;
    if (real_aircraft(of.match->aircraft)) now.real = rates_of(of.match->aircraft);
    if (of.setup) now.practised = &of.setup->rates;
    if (const SimulatorProfile* s = simulator(of.match->simulator)) now.family = s->rate_family, now.ranges = ranges_in(*s);
    return why_stale(*of.match, now);
}

QString School::file_name() const { return QString::fromStdString(record_->place().in_words()); }

void School::tell(const Error& error) { Q_EMIT failed(message("Could not be saved, nothing was changed: %1", error.message)); }

} // namespace bh
