#include "school/values/values.h"

#include "files/documents/airframe_document.h"
#include "files/documents/rates_document.h"
#include "files/documents/setup_document.h"
#include "files/documents/simulator_document.h"
#include "files/text/json_text.h"
#include "record/chain/bodies.h"
#include "record/chain/seals.h"

#include <QDateTime>
#include <iterator>
#include <nlohmann/json.hpp>

namespace bh {
namespace {

AttemptFact fact(const Attempt& a)
{
    return {a.drill_id, local_day(a.at),    a.score,           a.passed, a.holds,
            a.flown_s,  a.left_minus_right, a.throttle_cuts_s, a.free(), a.world};
}

/// Behind everything that was not later.
template <class Row, class Time>
auto in_time_order(std::vector<Row>& rows, Time time, UnixTime at)
{
    return std::upper_bound(rows.begin(), rows.end(), at, [time](UnixTime t, const Row& row) { return t < row.*time; });
}

/// Behind the newest ones it is found at once.
bool is_known(const Values& values, const Attempt& attempt)
{
    const auto pilot = values.pilots.find(attempt.pilot_id);
    if (pilot == values.pilots.end()) return false;
    const auto& all = pilot->second.attempts;
    return std::any_of(all.rbegin(), all.rend(), [&](const Attempt& a) { return a.id == attempt.id; });
}

bool is_struck(const Values& values, const std::string& id) { return values.texts.contains({Kind::Struck, id}); }

/// Whose a session is, and whether it counts, may have been corrected before or since.
std::string put_session(Values& values, Session session)
{
    if (const std::string flown_by = values.text(Kind::FlownBy, session.id); !flown_by.empty()) {
        values.logged_for.emplace(session.id, session.pilot_id);
        session.pilot_id = flown_by;
    }
    const std::string pilot = session.pilot_id;
    PilotFile& file = values.pilots[pilot];
    auto& sessions = is_struck(values, session.id) ? file.struck_sessions : file.sessions;
    const auto known = std::find_if(sessions.rbegin(), sessions.rend(), [&](const Session& s) { return s.id == session.id; });
    if (known != sessions.rend() && known->started_at == session.started_at) {
        *known = std::move(session);
        return pilot;
    }
    if (known != sessions.rend()) sessions.erase(std::next(known).base());
    sessions.insert(in_time_order(sessions, &Session::started_at, session.started_at), std::move(session));
    return pilot;
}

/// Takes what a correction is about from where it stands. Facts go with their attempts.
template <class Row>
void take_out(std::vector<Row>& rows, std::vector<AttemptFact>* facts, const std::string& id, std::vector<Row>& taken)
{
    for (std::size_t i = rows.size(); i-- > 0;) {
        bool is_it = rows[i].id == id;
        if constexpr (std::is_same_v<Row, Attempt>) is_it = is_it || rows[i].session_id == id;
        if (!is_it) continue;
        taken.push_back(std::move(rows[i]));
        rows.erase(rows.begin() + static_cast<std::ptrdiff_t>(i));
        if (facts) facts->erase(facts->begin() + static_cast<std::ptrdiff_t>(i));
    }
}

/// Puts a session with its flights, or an attempt, where it belongs now.
void settle(Values& values, const std::string& id)
{
    std::vector<Attempt> attempts;
    std::vector<Session> sessions;
    for (auto& [_, file] : values.pilots) {
        take_out(file.attempts, &file.facts, id, attempts);
        take_out<Attempt>(file.struck_attempts, nullptr, id, attempts);
        take_out<Session>(file.sessions, nullptr, id, sessions);
        take_out<Session>(file.struck_sessions, nullptr, id, sessions);
    }
    const bool moved_back = !values.texts.contains({Kind::FlownBy, id}) && values.logged_for.contains(id);
    for (Session& s : sessions) {
        if (moved_back) s.pilot_id = values.logged_for[id];
        put_session(values, std::move(s));
    }
    for (Attempt& a : attempts) {
        if (moved_back) a.pilot_id = values.logged_for[id];
        fold(values, std::move(a));
    }
    if (moved_back) values.logged_for.erase(id);
}

/// A text that stands for a subject, or stands no more.
void put_text(Values& values, Kind kind, const std::string& subject, const std::string& text)
{
    if (text.empty())
        values.texts.erase({kind, subject});
    else
        values.texts[{kind, subject}] = text;
}

template <class T, class Parse>
std::optional<T> parsed(const std::string& text, Parse parse)
{
    if (text.empty()) return std::nullopt;
    auto value = parse(text, "the record");
    return value ? std::optional<T>(std::move(*value)) : std::nullopt;
}

template <class T>
void put(std::map<std::string, T>& all, const std::string& id, std::optional<T> value)
{
    if (value)
        all[id] = std::move(*value);
    else
        all.erase(id);
}

int version_in(const std::string& text)
{
    if (!is_shallow_json(text)) return 0;
    const auto json = nlohmann::json::parse(text, nullptr, false);
    return json.is_object() && json.contains("version") ? whole_in(json["version"]).value_or(0) : 0;
}

/// Setups, simulators and aircraft, which have entries of their own kind.
std::optional<Change> fold_document(Values& values, const Entry& entry, Kind kind)
{
    const auto document = document_in(entry);
    if (!document) return std::nullopt;
    const std::string& id = entry.subject;
    std::string text = *document; // as the writer of today writes it, so that it can be compared
    if (kind == Kind::Simulator) {
        put(values.simulators, id, parsed<SimulatorProfile>(text, parse_simulator));
        if (values.simulators.contains(id)) text = simulator_json(values.simulators[id]).dump();
    } else if (kind == Kind::Aircraft) {
        put(values.aircraft, id, parsed<Airframe>(text, parse_airframe));
        if (values.aircraft.contains(id)) text = airframe_json(values.aircraft[id]).dump();
    } else {
        PilotFile& file = values.pilots[id];
        file.setup = parsed<TrainingSetup>(text, parse_training_setup);
        file.setup_at = file.setup ? entry.at : 0;
        if (file.setup) text = training_setup_json(*file.setup).dump();
    }
    put_text(values, kind, id, text);
    return Change{kind, id, facts_of(kind).of_pilot ? id : ""};
}

/// One of many of a pilot's, with an id of its own; no text takes it back.
template <class T, class Parse>
std::string put_of_pilot(Values& values, std::vector<T> PilotFile::*list, const Text& text, Parse parse)
{
    std::string pilot;
    for (auto& [id, file] : values.pilots)
        if (std::erase_if(file.*list, [&](const T& known) { return known.id == text.id; }) > 0) pilot = id;
    if (text.text.empty()) return pilot;
    auto value = parse(text.text, "the record", text.id);
    if (!value) return pilot;
    pilot = value->pilot_id;
    auto& all = values.pilots[pilot].*list;
    all.insert(in_time_order(all, &T::at, value->at), std::move(*value));
    return pilot;
}

/// Handling ratings and blind tests: "PILOT/ID" is one of them; of older entries "PILOT" is all that there were.
std::optional<Change> fold_rating(Values& values, Kind kind, const std::string& id, const std::string& text)
{
    const std::string pilot = id.substr(0, id.find('/'));
    const bool one = pilot.size() < id.size();
    const bool known = one && values.texts.contains({kind, id});
    put_text(values, kind, id, text);
    if (known) return Change{kind, id, pilot};
    PilotFile& file = values.pilots[pilot];
    const auto take = [&](auto& all, auto parse) {
        auto notes = parsed<std::remove_reference_t<decltype(all)>>(text, parse);
        if (!one) all.clear();
        if (!notes) return;
        for (auto& note : *notes)
            all.insert(in_time_order(all, &std::remove_reference_t<decltype(note)>::at, note.at), std::move(note));
    };
    if (kind == Kind::Handling)
        take(file.handling, parse_handling);
    else
        take(file.blind_tests, parse_blind);
    return Change{kind, id, pilot};
}

/// Texts: drills and curricula as edited, rates, and what is kept of a pilot's.
bool was_withdrawn(const Values& values, const std::string& release_id)
{
    for (const auto& [_, file] : values.pilots)
        for (const Release& r : file.releases)
            if (r.id == release_id && !r.withdrawn.empty()) return true;
    return false;
}

/// One that waited here for the server comes a second time, when it is there.
void put_rule_change(Values& values, RuleChange change)
{
    auto& all = values.rule_changes;
    const auto last = std::find_if(all.rbegin(), all.rend(), [&](const RuleChange& c) { return c.rule == change.rule; });
    if (last != all.rend() && last->to == change.to) all.erase(std::next(last).base());
    all.push_back(std::move(change));
}

std::optional<Change> fold_text(Values& values, const Entry& entry, Kind kind)
{
    const auto document = text_in(entry);
    if (!document) return std::nullopt;
    const auto& [_, id, text] = *document;
    if (kind == Kind::Handling || kind == Kind::Blind) return fold_rating(values, kind, id, text);
    put_text(values, kind, id, text);
    if (kind == Kind::Rates) put(values.rates, id, parsed<RateProfile>(text, parse_rates));
    if (kind == Kind::Drill || kind == Kind::Curriculum || kind == Kind::Coaching)
        if (const int version = version_in(text); version > 0) values.versions[{kind, id}][version] = text;
    if (kind == Kind::Video) put(values.videos, id, parsed<SessionVideo>(text, parse_session_video));
    if (kind == Kind::Advice) return Change{kind, id, put_of_pilot(values, &PilotFile::advice, *document, parse_advice)};
    if (kind == Kind::Note) return Change{kind, id, put_of_pilot(values, &PilotFile::notes, *document, parse_flight_note)};
    if (kind == Kind::Release && was_withdrawn(values, id)) return Change{kind, id, ""}; // for good, whatever comes after
    if (kind == Kind::Release) return Change{kind, id, put_of_pilot(values, &PilotFile::releases, *document, parse_release)};
    if (kind == Kind::AfterFlight)
        return Change{kind, id, put_of_pilot(values, &PilotFile::after_flight, *document, parse_after_flight)};
    if (kind == Kind::Struck || kind == Kind::FlownBy) settle(values, id);
    if (kind == Kind::Bays) values.bays = parsed<SchoolBays>(text, parse_bays);
    if (kind == Kind::Week) put(values.weeks, id, parsed<PlannedWeek>(text, parse_planned_week));
    if (kind == Kind::HouseRule) put_rule_change(values, {id, text, entry.at, entry.who, entry.why});
    if (kind == Kind::Sickness) return Change{kind, id, put_of_pilot(values, &PilotFile::sickness, *document, parse_sickness)};
    if (!facts_of(kind).of_pilot) return Change{kind, id, ""};
    PilotFile& file = values.pilots[id];
    if (kind == Kind::Match) {
        file.match_at = 0;
        file.match = parsed<KeptMatch>(text, [&](const auto& t, const auto& f) { return parse_match(t, f, &file.match_at); });
    }
    if (kind == Kind::Plan) file.plan = parsed<KeptPlan>(text, parse_plan);
    if (kind == Kind::Available) file.available = parsed<Availability>(text, parse_availability);
    if (kind == Kind::FlightDay) file.flight_day = parsed<FlightDay>(text, parse_flight_day);
    if (kind == Kind::WayBack) file.way_back = parsed<WayBack>(text, parse_way_back);
    if (kind == Kind::Trial) file.trial = parsed<RatesTrial>(text, parse_trial);
    return Change{kind, id, id};
}

std::optional<Change> fold_person(Values& values, const Entry& entry)
{
    auto person = person_in(entry);
    if (!person) return std::nullopt;
    const auto known =
        std::find_if(values.people.begin(), values.people.end(), [&](const auto& p) { return p.id == entry.subject; });
    if (known == values.people.end())
        values.people.push_back(std::move(*person));
    else
        *known = std::move(*person);
    return Change{Kind::Person, entry.subject, ""};
}

std::optional<Change> fold_erased(Values& values, const Entry& entry)
{
    if (const auto found = values.pilots.find(entry.subject); found != values.pilots.end()) {
        Pilot& row = found->second.row;
        row.name = erased_name, row.archived = row.erased = true;
        put_text(values, Kind::Pilot, entry.subject, body_of(row));
    }
    for (Person& p : values.people)
        if (p.id == entry.subject) p.name = erased_name, p.active = false, p.passphrase.clear();
    return Change{Kind::Erased, entry.subject, entry.subject};
}

std::optional<Change> fold_stage(Values& values, const Entry& entry)
{
    const auto stage = stage_in(entry);
    if (!stage) return std::nullopt;
    const OpenedStage& o = stage->opening;
    auto& open = values.pilots[o.pilot_id].opened_stages;
    std::erase_if(open, [&](const OpenedStage& s) { return s.curriculum == o.curriculum && s.stage == o.stage; });
    if (stage->open) open.push_back(o);
    put_text(values, Kind::Stage, entry.subject, stage->open ? o.reason : "");
    return Change{Kind::Stage, entry.subject, o.pilot_id};
}

std::optional<Change> fold_controller(Values& values, const Entry& entry, Kind kind)
{
    if (kind == Kind::Controller) {
        auto controller = controller_in(entry);
        if (!controller) return std::nullopt;
        const bool known = std::any_of(values.controllers.begin(), values.controllers.end(),
                                       [&](const KnownController& c) { return c.id == controller->id; });
        if (!known) values.controllers.push_back(std::move(*controller));
    } else if (kind == Kind::Calibration) {
        auto calibration = calibration_in(entry);
        if (!calibration) return std::nullopt;
        std::erase_if(values.calibrations, [&](const KeptCalibration& c) { // it waited here
            if (c.id == calibration->id) calibration->verified_at = c.verified_at;
            return c.id == calibration->id;
        });
        values.calibrations.insert(in_time_order(values.calibrations, &KeptCalibration::at, calibration->at),
                                   std::move(*calibration));
    } else {
        const auto verified = verified_calibration_in(entry);
        if (!verified) return std::nullopt;
        for (KeptCalibration& c : values.calibrations)
            if (c.id == *verified) c.verified_at = entry.at;
    }
    return Change{kind, entry.subject, ""};
}

} // namespace

std::int64_t local_day(UnixTime at) { return QDate(1970, 1, 1).daysTo(QDateTime::fromSecsSinceEpoch(at).date()); }

int Values::newest_version(Kind kind, const std::string& subject) const
{
    const auto known = versions.find({kind, subject});
    return known == versions.end() ? 0 : known->second.rbegin()->first;
}

std::string Values::text(Kind kind, const std::string& subject) const
{
    const auto found = texts.find({kind, subject});
    return found == texts.end() ? "" : found->second;
}

std::string stage_subject(const std::string& pilot_id, const std::string& curriculum, const std::string& stage)
{
    return pilot_id + "/" + curriculum + "/" + stage;
}

void fold(Values& values, Attempt attempt)
{
    if (const std::string flown_by = values.text(Kind::FlownBy, attempt.session_id); !flown_by.empty())
        attempt.pilot_id = flown_by;
    PilotFile& file = values.pilots[attempt.pilot_id];
    if (is_struck(values, attempt.id) || is_struck(values, attempt.session_id)) {
        file.struck_attempts.insert(in_time_order(file.struck_attempts, &Attempt::at, attempt.at), std::move(attempt));
        return;
    }
    const auto place = in_time_order(file.attempts, &Attempt::at, attempt.at);
    file.facts.insert(file.facts.begin() + (place - file.attempts.begin()), fact(attempt));
    file.attempts.insert(place, std::move(attempt));
}

std::optional<Change> fold(Values& values, const Entry& entry)
{
    values.seq = std::max(values.seq, entry.seq);
    const auto kind = kind_of(entry.kind, entry.subject);
    if (!kind) return std::nullopt;
    switch (*kind) {
    case Kind::Person: return fold_person(values, entry);
    case Kind::Erased: return fold_erased(values, entry);
    case Kind::Pilot: {
        auto pilot = pilot_in(entry);
        if (!pilot) return std::nullopt;
        put_text(values, Kind::Pilot, entry.subject, body_of(*pilot));
        values.pilots[entry.subject].row = std::move(*pilot);
        return Change{Kind::Pilot, entry.subject, entry.subject};
    }
    case Kind::Controller:
    case Kind::Calibration:
    case Kind::Verification: return fold_controller(values, entry, *kind);
    case Kind::KitTick: {
        const auto kit = kit_tick_in(entry);
        if (!kit) return std::nullopt;
        values.pilots[kit->pilot_id].kit_ticks[kit->tick.item] = kit->tick;
        return Change{Kind::KitTick, kit->tick.item, kit->pilot_id};
    }
    case Kind::GripRound: {
        auto round = grip_round_in(entry);
        if (!round) return std::nullopt;
        const std::string pilot = round->pilot_id;
        auto& rounds = values.pilots[pilot].grip_rounds;
        std::erase_if(rounds, [&](const GripRound& known) { return known.id == round->id; }); // it waited here
        rounds.push_back(std::move(*round));
        return Change{Kind::GripRound, entry.subject, pilot};
    }
    case Kind::Session: {
        auto session = session_in(entry);
        if (!session) return std::nullopt;
        return Change{Kind::Session, entry.subject, put_session(values, std::move(*session))};
    }
    case Kind::Attempt: {
        auto attempt = attempt_row_in(entry);
        if (!attempt) return std::nullopt;
        const std::string session = attempt->session_id, flown_by = values.text(Kind::FlownBy, session);
        const std::string pilot = flown_by.empty() ? attempt->pilot_id : flown_by;
        if (!is_known(values, *attempt)) fold(values, std::move(*attempt)); // it waited here for the server, and is there now
        return Change{Kind::Attempt, entry.subject, pilot};
    }
    case Kind::Simulator:
    case Kind::Aircraft:
    case Kind::Setup: return fold_document(values, entry, *kind);
    case Kind::Stage: return fold_stage(values, entry);
    case Kind::Demonstration: {
        const auto attempt = demonstrating_attempt_in(entry);
        if (!attempt) return std::nullopt;
        put(values.demonstrations, entry.subject,
            attempt->empty() ? std::nullopt : std::optional(Demonstration{*attempt, entry.at}));
        put_text(values, Kind::Demonstration, entry.subject, *attempt);
        return Change{Kind::Demonstration, entry.subject, ""};
    }
    case Kind::Drill:
    case Kind::Curriculum:
    case Kind::Rates:
    case Kind::Match:
    case Kind::Plan:
    case Kind::Trial:
    case Kind::Handling:
    case Kind::Blind:
    case Kind::WayBack:
    case Kind::Coaching:
    case Kind::Advice:
    case Kind::Note:
    case Kind::Sickness:
    case Kind::Video:
    case Kind::Columns:
    case Kind::Struck:
    case Kind::FlownBy:
    case Kind::FlightDay:
    case Kind::Release:
    case Kind::AfterFlight:
    case Kind::Bays:
    case Kind::Available:
    case Kind::Week:
    case Kind::HouseRule: return fold_text(values, entry, *kind);
    }
    return std::nullopt;
}

WholeRecord whole_of(Record::Snapshot all)
{
    WholeRecord read;
    for (Attempt& attempt : all.attempts) fold(read.values, std::move(attempt));
    for (const Entry& entry : all.entries)
        if (auto change = fold(read.values, entry)) read.changes.add(std::move(*change));
    read.values.seq = all.seq;
    return read;
}

Draft draft_of(const TextChange& c)
{
    const KindFacts& facts = facts_of(c.kind);
    if (!facts.document.empty()) {
        const std::string name(facts.document);
        return {std::string(facts.entry), name + "/" + c.subject, text_body(name, c.subject, c.after), c.why};
    }
    const std::string kind(facts.entry);
    switch (c.kind) {
    case Kind::Simulator:
    case Kind::Aircraft:
    case Kind::Setup: return {kind, c.subject, document_body(c.after), c.why};
    case Kind::Demonstration: return {kind, c.subject, demonstration_body(c.subject, c.after), c.why};
    case Kind::Stage: {
        const auto first = c.subject.find('/'), second = c.subject.find('/', first + 1);
        const OpenedStage opening{c.subject.substr(0, first), c.subject.substr(first + 1, second - first - 1),
                                  c.subject.substr(second + 1), "", 0};
        return {kind, c.subject, body_of(opening, !c.after.empty()), c.after.empty() ? c.before : c.after};
    }
    default: return {kind, c.subject, c.after, c.why};
    }
}

} // namespace bh
