// What changes the school: edits with their undo, and what happened.
#include "core/base/number_text.h"
#include "core/base/one_line.h"
#include "core/path/throttle_cuts.h"
#include "files/documents/airframe_document.h"
#include "files/documents/curriculum_document.h"
#include "files/documents/drill_document.h"
#include "files/documents/ladder_edit.h"
#include "files/documents/rates_document.h"
#include "files/documents/setup_document.h"
#include "files/documents/simulator_document.h"
#include "record/chain/bodies.h"
#include "school/school.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <nlohmann/json.hpp>
#include <set>

namespace bh {
namespace {

/// In one line, without double blanks or marks that cannot be seen, as a name or a reason is kept.
std::string tidy(const std::string& text) { return one_line(QString::fromStdString(text).simplified().toStdString()); }

constexpr auto too_late = Error::Code::OutOfRange;
constexpr UnixTime abandoned_after_s = 120; // a running session notes its time every 5 s

} // namespace

// -- edits --------------------------------------------------------------------------------------------------------------------

TextChange School::change_to(Kind kind, const std::string& subject, std::string after, std::string why) const
{
    return {kind, subject, values_.text(kind, subject), std::move(after), std::move(why)};
}

Result<std::int64_t> School::apply(const Edit& edit)
{
    constexpr int tries = 20;
    for (int i = 1;; ++i) {
        std::vector<Draft> drafts;
        for (const TextChange& c : edit) {
            if (values_.text(c.kind, c.subject) != c.before) return failure(too_late, meanwhile(c));
            drafts.push_back(draft_of(c));
        }
        if (drafts.empty()) return values_.seq;
        if (const auto allowed = may_write(drafts); !allowed) return failure(Error::Code::Unsupported, allowed.error().message);
        for (Draft& draft : drafts) draft = as_actor(std::move(draft));
        try {
            fold_chain(record_->append(drafts, values_.seq)); // what stands there is what is known here
            return values_.seq;
        } catch (const MovedOn& why) {
            if (i == tries) return failure(Error::Code::BadInput, why.message());
            if (const auto followed = fold_news(); !followed) return tl::unexpected(followed.error());
        } catch (const StoreFailure& why) {
            return failure(Error::Code::BadInput, why.message());
        }
    }
}

Message School::meanwhile(const TextChange& wanted) const
{
    const auto by = written_elsewhere_.find({wanted.kind, wanted.subject});
    const Message differs = difference_in_words(values_.text(wanted.kind, wanted.subject), wanted.after);
    return by == written_elsewhere_.end() ? message("something else stands there by now: %1", differs)
                                          : message("it was changed meanwhile by %1: %2", who_is(by->second), differs);
}

bool School::make(Edit edit)
{
    std::erase_if(edit, [](const TextChange& c) { return c.before == c.after; });
    if (edit.empty()) return true;
    if (const auto applied = apply(edit); !applied) {
        tell(applied.error());
        return false;
    }
    edits_.resize(done_);
    edits_.push_back(std::move(edit));
    done_ = edits_.size();
    Q_EMIT edits_changed();
    return true;
}

/// Undo and redo go through the same door as the edit itself; where that fails the stack still says what is so.
bool School::replay(std::size_t which, bool forth)
{
    Edit replayed;
    for (const TextChange& c : edits_[which]) replayed.push_back(forth ? c : reversed(c));
    if (!forth) std::reverse(replayed.begin(), replayed.end());
    if (forth)
        for (TextChange& c : replayed) c.why = "edited again";
    const auto applied = apply(replayed);
    if (applied) {
        done_ = forth ? which + 1 : which;
    } else {
        tell(applied.error());
        if (applied.error().code == too_late) { // whatever stands there now, this edit can never be taken back or made again
            edits_.erase(edits_.begin() + static_cast<std::ptrdiff_t>(which));
            done_ = which;
        }
    }
    Q_EMIT edits_changed();
    return applied.has_value();
}

bool School::undo() { return undoable() && replay(done_ - 1, false); }
bool School::redo() { return redoable() && replay(done_, true); }

Result<void> School::may_write(const std::vector<Draft>& drafts) const
{
    for (const Draft& draft : drafts)
        if (const auto kind = kind_of(draft.kind, draft.subject))
            if (auto allowed = may_do(act_of(*kind)); !allowed) return allowed;
    return {};
}

Draft School::as_actor(Draft draft) const
{
    draft.who = who_;
    return draft;
}

bool School::keep_house_rule(const std::string& name, const std::string& value, const std::string& why)
{
    return make({change_to(Kind::HouseRule, name, value, why)});
}

bool School::keep_house_limit(Limit limit, double value, const std::string& why)
{
    const HouseLimit& facts = facts_of(limit);
    HouseLimits changed = house_;
    changed.change(limit, value);
    const std::string text = changed.is_changed(limit) ? fixed(changed.of(limit), facts.decimals) : "";
    return keep_house_rule(std::string(facts.id), text, tidy(why).empty() ? "edited" : tidy(why));
}

Result<void> School::keep_person(const Person& person, const std::string& why)
{
    const Draft draft{"person", person.id, body_of(person), why};
    if (auto allowed = may_write({draft}); !allowed) return allowed;
    return add({draft}) ? Result<void>() : bad_input("could not be saved");
}

Result<Message> School::erase_pilot(const std::string& pilot_id, const std::string& why)
{
    if (const auto allowed = may_do(Act::KeepPeople); !allowed) return tl::unexpected(allowed.error());
    const PilotFile& of = file(pilot_id);
    if (of.row.id.empty() || of.row.erased) return bad_input("there is no such pilot");
    if (tidy(why).empty()) return bad_input("say why");
    std::set<std::string> logs, sticks, elsewhere;
    for (const Session& s : of.sessions) sticks.insert(s.recording);
    for (const auto& [id, other] : values_.pilots)
        for (const Attempt& a : other.attempts)
            for (const std::string& log : {a.log_hash, a.demonstration}) (id == pilot_id ? logs : elsewhere).insert(log);
    for (const auto& [_, d] : values_.demonstrations)
        if (const Attempt* a = attempt(d.attempt_id)) elsewhere.insert(a->log_hash);
    int in_the_clear = 0;
    try {
        in_the_clear = record_->erase_person(pilot_id, tidy(why), who_);
        fold_chain(record_->entries_after(values_.seq));
    } catch (const StoreFailure& failed) {
        return bad_input(failed.message());
    }
    try {
        for (const std::string& log : logs)
            if (!log.empty() && !elsewhere.contains(log)) record_->attachments().erase_log(log);
        for (const std::string& recording : sticks)
            if (!recording.empty()) record_->attachments().erase_sticks(recording);
    } catch (const StoreFailure& failed) {
        return bad_input("the name is erased, but not every flight: %1", failed.message());
    }
    edits_.clear(); // they may hold the name
    done_ = 0;
    Q_EMIT edits_changed();
    const Message left =
        on_server()
            ? message(
                  "Erased. Copies and backups made before still have the name until they are deleted; and the server's own files "
                  "keep the key to it until whoever looks after the server has run VACUUM and its archives have run out.")
        : record_->erased_for_good()
            ? message("Erased. Copies and backups of the record made before still have the name until they are deleted.")
            : message(
                  "Erased; but another program reads this record, and until it has closed the name can be made out in the file. "
                  "It is tried again by itself. Copies and backups made before have it until they are deleted.");
    if (in_the_clear == 0) return left;
    return message_of(in_the_clear, "%1 %n entry from before names were sealed has it in the clear.",
                      "%1 %n entries from before names were sealed have it in the clear.", left);
}

std::string School::add_pilot(Pilot pilot)
{
    pilot.name = tidy(pilot.name);
    if (pilot.name.empty()) return {};
    if (pilot.id.empty()) pilot.id = record_->new_id();
    return add({{"pilot", pilot.id, body_of(pilot), ""}}) ? pilot.id : "";
}

bool School::edit_pilot(const Pilot& edited)
{
    Pilot row = edited;
    row.name = tidy(row.name);
    const Pilot& known = file(row.id).row; // also of one who has left
    return !known.id.empty() && !known.erased && !row.name.empty() && make({change_to(Kind::Pilot, row.id, body_of(row))});
}

bool School::keep_simulator(const SimulatorProfile& simulator)
{
    const bool known = this->simulator(simulator.id); // one that ships comes back when it is undone
    const TextChange keeps = change_to(Kind::Simulator, simulator.id, simulator_json(simulator).dump());
    return known ? make({keeps}) : add({draft_of(keeps)});
}

bool School::keep_aircraft(const Airframe& aircraft)
{
    const TextChange keeps = change_to(Kind::Aircraft, aircraft.id, airframe_json(aircraft).dump());
    return real_aircraft(aircraft.id) ? make({keeps}) : add({draft_of(keeps)});
}

bool School::keep_text(Kind kind, const std::string& subject, std::string text)
{
    if (facts_of(kind).of_pilot && !pilot(subject)) return false;
    return make({change_to(kind, subject, std::move(text))});
}

bool School::keep_setup(const std::string& pilot_id, const TrainingSetup& setup)
{
    return keep_text(Kind::Setup, pilot_id, training_setup_json(setup).dump());
}

bool School::open_stage(const std::string& pilot_id, const std::string& stage, bool open, const std::string& reason)
{
    if (!pilot(pilot_id) || tidy(reason).empty()) return false;
    return keep_text(Kind::Stage, stage_subject(pilot_id, curriculum(pilot_id).id, stage), open ? tidy(reason) : "");
}

Result<void> School::keep_document(Kind kind, const std::string& id, const std::string& text)
{
    const std::string name(facts_of(kind).document);
    const auto versioned = next_version(text, name, id, values_.newest_version(kind, id));
    if (!versioned) return tl::unexpected(versioned.error());
    if (kind == Kind::Drill) {
        if (const auto good = parse_drill(*versioned, id); !good) return tl::unexpected(good.error());
    } else if (kind == Kind::Coaching) {
        if (const auto good = parse_coaching(*versioned, id); !good) return tl::unexpected(good.error());
    } else if (const auto good = parse_curriculum(*versioned, id); !good) {
        return tl::unexpected(good.error());
    } else {
        for (const Curriculum::Stage& stage : good->stages)
            for (const std::string& wanted : stage.drills)
                if (!drill(wanted) && !good->free_block(wanted)) return bad_input("%1: there is no drill '%2'", id, wanted);
    }
    if (!keep_text(kind, id, *versioned)) return bad_input("could not be saved");
    return {};
}

bool School::keep_rates(const std::string& aircraft_id, const RateProfile& rates)
{
    return real_aircraft(aircraft_id) && keep_text(Kind::Rates, aircraft_id, rates_json(rates).dump());
}

bool School::keep_match(const std::string& pilot_id, const KeptMatch& match)
{
    return keep_text(Kind::Match, pilot_id, match_text(match, now()));
}
bool School::keep_plan(const std::string& pilot_id, const KeptPlan& plan)
{
    return keep_text(Kind::Plan, pilot_id, plan_text(plan));
}
bool School::keep_trial(const std::string& pilot_id, const RateProfile& rates)
{
    return keep_text(Kind::Trial, pilot_id, trial_text({now(), rates}));
}
bool School::keep_way_back(const std::string& pilot_id, const WayBack& way)
{
    return keep_text(Kind::WayBack, pilot_id, way_back_text(way));
}
bool School::keep_way_back_step(const std::string& pilot_id, const WayBack& way, const TrainingSetup& setup)
{
    return pilot(pilot_id) && make({change_to(Kind::WayBack, pilot_id, way_back_text(way)),
                                    change_to(Kind::Setup, pilot_id, training_setup_json(setup).dump())});
}
bool School::keep_demonstration(const std::string& drill_id, const std::string& attempt_id)
{
    return keep_text(Kind::Demonstration, drill_id, attempt_id);
}

std::string School::keep_advice(GivenAdvice advice)
{
    if (!pilot(advice.pilot_id)) return {};
    const bool is_new = advice.id.empty();
    if (is_new) advice.id = record_->new_id(), advice.at = now(), advice.told_by = who_;
    const TextChange keeps = change_to(Kind::Advice, advice.id, advice_text(advice), is_new ? "told" : "what became of it");
    return make({keeps}) ? advice.id : "";
}

bool School::keep_note(FlightNote note)
{
    note.text = tidy(note.text);
    if (!pilot(note.pilot_id) || (note.text.empty() && note.id.empty())) return false;
    if (note.id.empty()) note.id = record_->new_id(), note.at = now();
    return make({change_to(Kind::Note, note.id, note.text.empty() ? "" : flight_note_text(note), "noted")});
}

bool School::add_sickness(SicknessAnswers answers)
{
    if (!pilot(answers.pilot_id)) return false;
    answers.id = record_->new_id(), answers.at = now();
    return make({change_to(Kind::Sickness, answers.id, sickness_text(answers), "answered")});
}

bool School::keep_video(const std::string& session_id, const std::optional<SessionVideo>& video)
{
    return keep_text(Kind::Video, session_id, video ? session_video_text(*video) : "");
}

bool School::keep_columns(const std::string& heads, const std::string& mapping)
{
    const TextChange keeps = change_to(Kind::Columns, heads, mapping, "named");
    return keeps.before == keeps.after || add({draft_of(keeps)});
}

bool School::keep_plan_step(const std::string& pilot_id, const KeptPlan& plan, const RateProfile& rates,
                            const std::optional<KeptMatch>& match)
{
    if (!pilot(pilot_id)) return false;
    Edit edit{change_to(Kind::Plan, pilot_id, plan_text(plan))};
    if (plan.on_aircraft) {
        edit.push_back(change_to(Kind::Rates, plan.aircraft, rates_json(rates).dump()));
    } else {
        TrainingSetup setup = this->setup(pilot_id).value_or(TrainingSetup{});
        setup.rates = rates;
        edit.push_back(change_to(Kind::Setup, pilot_id, training_setup_json(setup).dump()));
    }
    if (match) edit.push_back(change_to(Kind::Match, pilot_id, match_text(*match, now())));
    return make(std::move(edit));
}

bool School::practise_on_match(const std::string& pilot_id, const TrainingSetup& setup, const std::optional<KeptMatch>& match)
{
    if (!pilot(pilot_id)) return false;
    Edit edit{change_to(Kind::Setup, pilot_id, training_setup_json(setup).dump())};
    if (match) edit.push_back(change_to(Kind::Match, pilot_id, match_text(*match, now())));
    return make(std::move(edit));
}

Result<void> School::let_in(const std::string& public_key, const StationKey* with)
{
    if (auto allowed = may_do(Act::KeepPeople); !allowed) return allowed;
    try {
        auto done = record_->countersign(public_key, with, who_);
        if (done) done = fold_news();
        return done;
    } catch (const StoreFailure& why) {
        return failure(Error::Code::BadInput, why.message());
    }
}

Result<void> School::mark_as_known(std::int64_t entry, const std::string& why, const StationKey* with)
{
    if (auto allowed = may_do(Act::KeepPeople); !allowed) return allowed;
    try {
        auto done = record_->mark_as_known(entry, tidy(why), with, who_);
        if (done) done = fold_news();
        return done;
    } catch (const StoreFailure& why_not) {
        return failure(Error::Code::BadInput, why_not.message());
    }
}

// -- what happened ------------------------------------------------------------------------------------------------------------

bool School::add(std::vector<Draft> drafts)
{
    if (const auto allowed = may_write(drafts); !allowed) {
        tell(allowed.error());
        return false;
    }
    for (Draft& draft : drafts) draft = as_actor(std::move(draft));
    try {
        fold_chain(record_->append(drafts));
    } catch (const StoreFailure& why) {
        tell({Error::Code::BadInput, why.what()});
        return false;
    }
    return true;
}

bool School::add_handling(const std::string& pilot_id, HandlingNote note)
{
    note.at = now();
    const std::string subject = pilot_id + "/" + record_->new_id();
    return pilot(pilot_id) && add({draft_of(change_to(Kind::Handling, subject, handling_text({std::move(note)}), "rated"))});
}

bool School::add_blind_test(const std::string& pilot_id, BlindNote note)
{
    note.at = now();
    const std::string subject = pilot_id + "/" + record_->new_id();
    return pilot(pilot_id) && add({draft_of(change_to(Kind::Blind, subject, blind_text({std::move(note)}), "flown"))});
}

std::string School::controller_id(const std::string& name, const std::string& guid)
{
    if (const KnownController* known = controller(name, guid)) return known->id;
    const KnownController added{record_->new_id(), name, guid};
    return add({{"controller", added.id, body_of(added), ""}}) ? added.id : "";
}

std::string School::add_session(Session session)
{
    session.id = record_->new_id();
    return add({{"session", session.id, body_of(session), ""}}) ? session.id : "";
}

std::string School::start_session(const std::string& pilot_id, const std::string& controller_name, const std::string& guid)
{
    Session session;
    session.pilot_id = pilot_id;
    session.controller_id = controller_id(controller_name, guid);
    session.started_at = now();
    session.matched = on_matched_rates(pilot_id);
    session.viewing = last_viewing(pilot_id);
    if (session.controller_id.empty()) return {};
    const std::string id = add_session(std::move(session));
    if (!id.empty()) running_here_.insert(id);
    return id;
}

bool School::add_outside_session(Session session, const std::string& controller_name, const std::string& guid,
                                 const std::filesystem::path& recording)
{
    try {
        if (!recording.empty()) session.recording = record_->attachments().keep_stick_recording(recording);
    } catch (const StoreFailure& why) {
        tell({Error::Code::BadInput, why.what()});
        return false;
    }
    session.controller_id = controller_id(controller_name, guid);
    session.matched = matched_in(session.pilot_id, session.simulator);
    return !session.controller_id.empty() && !add_session(std::move(session)).empty();
}

Viewing School::last_viewing(const std::string& pilot_id) const
{
    const auto& all = sessions(pilot_id);
    return all.empty() ? Viewing::NotSaid : all.back().viewing;
}

bool School::say_viewing(const std::string& session_id, Viewing viewing)
{
    for (const auto& [_, file] : values_.pilots)
        for (Session session : file.sessions) {
            if (session.id != session_id) continue;
            if (session.viewing == viewing) return true;
            session.viewing = viewing;
            return add({{"session", session.id, body_of(session), "looked at " + std::string(viewing_key(viewing))}});
        }
    return false;
}

std::string School::last_simulator(const std::string& pilot_id) const
{
    const auto& all = sessions(pilot_id);
    for (auto s = all.rbegin(); s != all.rend(); ++s)
        if (!s->simulator.empty()) return s->simulator;
    return {};
}

bool School::add_sessions_by_hand(std::vector<Session> sessions)
{
    std::vector<Draft> drafts;
    for (Session& session : sessions) {
        session.by_hand = tidy(session.by_hand);
        if (!pilot(session.pilot_id) || session.by_hand.empty() || session.started_at <= 0 ||
            session.ended_at <= session.started_at)
            return false;
        session.matched = matched_in(session.pilot_id, session.simulator);
        session.id = record_->new_id();
        drafts.push_back({"session", session.id, body_of(session), session.by_hand});
    }
    return drafts.empty() || add(std::move(drafts));
}

std::string School::add_imported_flight(const std::string& pilot_id, const FlightLog& log, const std::string& file, UnixTime at)
{
    if (!pilot(pilot_id)) return {};
    Session session;
    session.id = record_->new_id();
    session.pilot_id = pilot_id;
    session.started_at = at;
    session.active_s = log.duration_s();
    session.ended_at = at + static_cast<UnixTime>(std::ceil(log.duration_s()));
    session.by_hand = tidy("Flight read from " + file);
    if (!add({{"session", session.id, body_of(session), session.by_hand}})) return {};
    JudgedAttempt attempt;
    attempt.pilot_id = pilot_id;
    attempt.session_id = session.id;
    attempt.drill_id = free_flight_id;
    attempt.at = session.ended_at;
    attempt.mode = log.mode.empty() ? Mode::Acro : log.mode[log.size() / 2];
    attempt.flown_s = log.duration_s();
    if (log.has_position) attempt.throttle_cuts_s = throttle_cuts_s(log, {0, log.size()});
    return add_attempt(std::move(attempt), &log, nullptr, session.by_hand);
}

bool School::note_session(const std::string& session_id, double active_s, double idle_s)
{
    try {
        record_->note_session_time(session_id, active_s, idle_s); // no news for anybody
    } catch (const StoreFailure& why) {
        tell({Error::Code::BadInput, why.what()});
        return false;
    }
    return true;
}

bool School::end_session(const std::string& session_id, double active_s, double idle_s)
{
    running_here_.erase(session_id);
    for (const auto& [_, file] : values_.pilots)
        for (const Session& known : file.sessions) {
            if (known.id != session_id) continue;
            Session session = known;
            session.ended_at = now();
            session.active_s = active_s;
            session.idle_s = idle_s;
            return add({{"session", session_id, body_of(session), "ended"}});
        }
    return false;
}

int School::close_abandoned_sessions()
{
    std::vector<Draft> drafts;
    std::map<std::string, NotedTime> noted;
    for (const auto& [_, file] : values_.pilots)
        for (Session session : file.sessions) {
            if (session.ended_at > 0 || running_here_.contains(session.id)) continue;
            try {
                if (record_->place().on_server() && !record_->wrote("session", session.id)) continue; // its own station closes it
                if (noted.empty()) noted = record_->noted_session_times();
            } catch (const ServerAway&) {
                return 0; // the next time
            }
            session.ended_at = session.started_at;
            if (const auto time = noted.find(session.id); time != noted.end()) {
                session.active_s = time->second.active_s;
                session.idle_s = time->second.idle_s;
                session.ended_at = time->second.at;
            }
            double flown_s = 0;
            for (const Attempt& a : file.attempts)
                if (a.session_id == session.id) flown_s += a.flown_s, session.ended_at = std::max(session.ended_at, a.at);
            session.active_s = std::max(session.active_s, flown_s);
            if (now() - session.ended_at < abandoned_after_s) continue; // it may run in another window
            drafts.push_back({"session", session.id, body_of(session), "closed after the program ended unexpectedly"});
        }
    return drafts.empty() || !add(drafts) ? 0 : static_cast<int>(drafts.size());
}

std::string School::add_calibration(const std::string& controller_name, const std::string& guid, const Calibration& calibration)
{
    const KeptCalibration row{record_->new_id(), controller_id(controller_name, guid), 0, calibration, 0};
    return !row.controller_id.empty() && add({{"calibration", row.id, body_of(row), ""}}) ? row.id : "";
}

bool School::verify_calibration(const std::string& calibration_id)
{
    return add({{"verification", record_->new_id(), verification_body(calibration_id), ""}});
}

bool School::tick_kit(const std::string& pilot_id, const std::string& item, bool ticked)
{
    return add({{"kit", pilot_id + "/" + item, kit_tick_body(pilot_id, item, ticked), ""}});
}

bool School::add_grip_round(GripRound round)
{
    round.id = record_->new_id();
    return add({{"grip_round", round.id, body_of(round), ""}});
}

} // namespace bh
