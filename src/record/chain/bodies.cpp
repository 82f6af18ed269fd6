#include "record/chain/bodies.h"

#include "core/base/number_text.h"
#include "files/documents/calibration_document.h"
#include "files/documents/flown_document.h"
#include "files/text/json_in.h"
#include "files/text/json_parts.h"
#include "files/text/json_text.h"

namespace bh {
namespace {

using Json = nlohmann::json;

/// Reads an entry's body, with the entry named in whatever is wrong with it.
template <class T, class Read>
Result<T> read_body(const Entry& entry, Read read)
{
    const std::string name = "entry " + whole_text(entry.seq) + " (" + entry.kind + ")";
    if (!is_shallow_json(entry.body)) return bad_input("%1: is nested deeper than 100", name);
    const Json body = Json::parse(entry.body, nullptr, false);
    if (body.is_discarded() || !body.is_object()) return bad_input("%1: expected an object of JSON", name);
    try {
        return read(JsonIn(body, name));
    } catch (const JsonFault& fault) {
        return bad_input(fault.message);
    }
}

std::optional<double> number_or_none(const JsonIn& in, const char* key)
{
    if (!in.has(key) || in.at(key).value().is_null()) return std::nullopt;
    return in.number(key);
}

TimeSpan span_of(const JsonIn& in)
{
    const auto times = in.items();
    if (times.size() != 2) in.fault("expected two times");
    return {times[0].number(), times[1].number()};
}

std::optional<TimeSpan> span_at(const JsonIn& in)
{
    if (!in.has("span_s")) return std::nullopt;
    return span_of(in.at("span_s"));
}

/// What a criterion asked for; what came of it stands with the attempt.
Json criterion_json(const JudgedCriterion& c)
{
    Json json{{"label", c.label}, {"unit", unit_key(c.unit)}, {"weight", c.weight}, {"fail", c.fail},
              {"pass", c.pass},   {"merit", c.merit},         {"must", c.must}};
    if (c.measure) json["measure"] = measure_key(*c.measure);
    if (c.side) json["side"] = side_key(*c.side);
    if (c.to_hold) json["to_hold"] = true;
    if (c.if_any) json["if_any"] = true;
    if (c.below) json["below"] = {c.below->fail, c.below->pass, c.below->merit};
    return json;
}

JudgedCriterion criterion_at(const JsonIn& in)
{
    JudgedCriterion c;
    if (in.has("measure")) c.measure = measure_from_key(in.text("measure")); // one that a newer version knows stays unknown
    c.label = in.text("label");
    c.unit = unit_from_key(in.text("unit")).value_or(Unit::Count);
    if (in.has("side")) c.side = side_from_key(in.text("side"));
    c.weight = in.number("weight", 1);
    c.fail = in.number("fail");
    c.pass = in.number("pass");
    c.merit = in.number("merit");
    c.must = in.truth("must", false);
    c.to_hold = in.truth("to_hold", false);
    c.if_any = in.truth("if_any", false);
    if (in.has("below")) {
        const auto below = in.at("below").items();
        if (below.size() != 3) in.at("below").fault("expected three limits");
        c.below = Limits{below[0].number(), below[1].number(), below[2].number()};
    }
    return c;
}

/// Values, marks and spans of criteria, and by what name those stand that they were judged by.
Json judged_json(const std::vector<JudgedCriterion>& criteria, const std::string& asked)
{
    Json values = Json::array(), marks = Json::array(), spans = Json::array();
    for (const JudgedCriterion& c : criteria) {
        values.push_back(c.value ? Json(*c.value) : Json(nullptr));
        marks.push_back(c.marks);
        spans.push_back(c.span ? Json{c.span->from_s, c.span->to_s} : Json(nullptr));
    }
    return {{"asked", asked}, {"values", std::move(values)}, {"marks", std::move(marks)}, {"spans_s", std::move(spans)}};
}

/// The document of a shared body.
Json shared_document(const JsonIn& named, const SharedBodies& shared)
{
    const auto body = shared(named.text());
    Json json = body ? Json::parse(*body, nullptr, false) : Json();
    if (!json.is_object() || !json.contains("document")) named.fault("names an entry that is not there");
    return json["document"];
}

std::vector<JudgedCriterion> criteria_at(const JsonIn& in, const SharedBodies& shared)
{
    std::vector<JudgedCriterion> criteria;
    if (in.value().is_array()) { // written before they were shared
        for (const JsonIn& one : in.items()) {
            JudgedCriterion c = criterion_at(one);
            c.value = number_or_none(one, "value");
            c.marks = one.number("marks");
            c.span = span_at(one);
            criteria.push_back(std::move(c));
        }
        return criteria;
    }
    const Json asked = shared_document(in.at("asked"), shared);
    const auto all = JsonIn(asked, "criteria").items(), values = in.at("values").items(), marks = in.at("marks").items(),
               spans = in.at("spans_s").items();
    if (values.size() != all.size() || marks.size() != all.size() || spans.size() != all.size())
        in.fault("expected a value, marks and a span for each of %1 criteria", all.size());
    for (std::size_t i = 0; i < all.size(); ++i) {
        JudgedCriterion c = criterion_at(all[i]);
        if (!values[i].value().is_null()) c.value = values[i].number();
        c.marks = marks[i].number();
        if (!spans[i].value().is_null()) c.span = span_of(spans[i]);
        criteria.push_back(std::move(c));
    }
    return criteria;
}

Json fault_json(const JudgedFault& f)
{
    Json json{{"measure", measure_key(f.measure)}, {"label", f.label}, {"more_than", f.more_than}, {"value", f.value}};
    if (f.span) json["span_s"] = {f.span->from_s, f.span->to_s};
    return json;
}

Json broken_json(const RuleViolation& b)
{
    Json json{{"rule", rule_key(b.rule)}};
    if (!b.phase.empty()) json["phase"] = b.phase;
    if (b.limit != 0) json["limit"] = b.limit;
    if (b.rule == RuleViolation::Rule::WrongMode) json["flown"] = mode_key(b.flown), json["meant"] = mode_key(b.meant);
    if (b.rule == RuleViolation::Rule::Stick) json["stick"] = stick_axis_key(b.stick);
    return json;
}

RuleViolation broken_at(const JsonIn& in)
{
    RuleViolation b;
    b.rule = rule_from_key(in.text("rule")).value_or(RuleViolation::Rule::EndedEarly);
    b.phase = in.text("phase", "");
    b.limit = in.number("limit", 0);
    if (in.has("flown")) b.flown = mode_at(in.at("flown"));
    if (in.has("meant")) b.meant = mode_at(in.at("meant"));
    if (in.has("stick")) b.stick = stick_axis_from_key(in.text("stick")).value_or(StickAxis::Throttle);
    return b;
}

/// What of an attempt says how it was flown and judged, in codes.
void put_details(Json& json, const JudgedAttempt& a)
{
    if (a.rocking_share) json["rocking_share"] = *a.rocking_share;
    for (const RuleViolation& b : a.disqualified) json["disqualified"].push_back(broken_json(b));
    for (const JudgedFault& f : a.faults) json["faults"].push_back(fault_json(f));
    if (!a.shadowed.empty()) json["shadowed"] = a.shadowed;
}

void take_details(const JsonIn& in, JudgedAttempt& a, const SharedBodies& shared)
{
    if (in.has("flight") && in.at("flight").value().is_string()) {
        const Json flight = shared_document(in.at("flight"), shared);
        a.flight = flown_with_at(JsonIn(flight, "flight"));
    } else if (in.has("flight")) { // written before it was shared
        a.flight = flown_with_at(in.at("flight"));
    }
    if (in.has("rocking_share")) a.rocking_share = in.number("rocking_share");
    if (in.has("disqualified"))
        for (const JsonIn& b : in.at("disqualified").items()) a.disqualified.push_back(broken_at(b));
    if (in.has("faults"))
        for (const JsonIn& f : in.at("faults").items())
            if (const auto measure = measure_from_key(f.text("measure")))
                a.faults.push_back({*measure, f.text("label"), f.number("more_than"), f.number("value"), span_at(f)});
    a.shadowed = in.text("shadowed", "");
}

} // namespace

std::string body_of(const Pilot& p)
{
    return Json{{"name", p.name},
                {"curriculum", p.curriculum},
                {"target_h", p.target_h},
                {"archived", p.archived},
                {"stick_mode", p.stick_mode}}
        .dump();
}

Result<Pilot> pilot_in(const Entry& entry)
{
    return read_body<Pilot>(entry, [&](const JsonIn& in) -> Result<Pilot> {
        return Pilot{entry.subject,
                     in.text("name"),
                     in.text("curriculum"),
                     in.number("target_h"),
                     in.truth("archived", false),
                     in.has("stick_mode") ? in.at("stick_mode").whole() : 2};
    });
}

std::string body_of(const Person& p)
{
    Json json{{"name", p.name}, {"role", role_key(p.role)}, {"passphrase", p.passphrase}, {"active", p.active}};
    if (!p.key.empty()) json["key"] = p.key, json["sealed_key"] = p.sealed_key;
    return json.dump();
}

Result<Person> person_in(const Entry& entry)
{
    return read_body<Person>(entry, [&](const JsonIn& in) -> Result<Person> {
        const auto role = role_from_key(in.text("role"));
        if (!role) in.at("role").fault("expected instructor or coordinator, found '%1'", in.text("role"));
        return Person{entry.subject,      in.text("name"),          *role, in.text("passphrase"), in.truth("active", true),
                      in.text("key", ""), in.text("sealed_key", "")};
    });
}

std::string body_of(const KnownController& c) { return Json{{"name", c.name}, {"guid", c.guid}}.dump(); }

Result<KnownController> controller_in(const Entry& entry)
{
    return read_body<KnownController>(entry, [&](const JsonIn& in) -> Result<KnownController> {
        return KnownController{entry.subject, in.text("name"), in.text("guid")};
    });
}

std::string body_of(const KeptCalibration& c)
{
    return Json{{"controller_id", c.controller_id}, {"document", Json(calibration_json(c.calibration))}}.dump();
}

Result<KeptCalibration> calibration_in(const Entry& entry)
{
    return read_body<KeptCalibration>(entry, [&](const JsonIn& in) -> Result<KeptCalibration> {
        auto calibration = parse_calibration(in.at("document").value().dump(), "calibration " + entry.subject);
        if (!calibration) return tl::unexpected(calibration.error());
        return KeptCalibration{entry.subject, in.text("controller_id"), entry.at, std::move(*calibration), 0};
    });
}

std::string verification_body(const std::string& calibration_id) { return Json{{"calibration_id", calibration_id}}.dump(); }

Result<std::string> verified_calibration_in(const Entry& entry)
{
    return read_body<std::string>(entry, [](const JsonIn& in) -> Result<std::string> { return in.text("calibration_id"); });
}

std::string kit_tick_body(const std::string& pilot_id, const std::string& item, bool ticked)
{
    return Json{{"pilot_id", pilot_id}, {"item", item}, {"ticked", ticked}}.dump();
}

Result<KitTick> kit_tick_in(const Entry& entry)
{
    return read_body<KitTick>(entry, [&](const JsonIn& in) -> Result<KitTick> {
        return KitTick{in.text("pilot_id"), {in.text("item"), entry.at, in.at("ticked").truth()}};
    });
}

std::string body_of(const GripRound& r)
{
    return Json{{"pilot_id", r.pilot_id},
                {"grip", grip_key(r.grip)},
                {"throughput_bps", r.throughput_bps},
                {"mean_time_s", r.mean_time_s},
                {"taps", r.taps}}
        .dump();
}

Result<GripRound> grip_round_in(const Entry& entry)
{
    return read_body<GripRound>(entry, [&](const JsonIn& in) -> Result<GripRound> {
        const auto grip = grip_from_key(in.text("grip"));
        if (!grip) in.at("grip").fault("expected thumb, pinch or hybrid, found '%1'", in.text("grip"));
        return GripRound{
            entry.subject,        in.text("pilot_id"), entry.at, *grip, in.number("throughput_bps"), in.number("mean_time_s"),
            in.at("taps").whole()};
    });
}

std::string body_of(const Session& s)
{
    Json json{{"pilot_id", s.pilot_id},
              {"controller_id", s.controller_id},
              {"started_at", s.started_at},
              {"active_s", s.active_s},
              {"idle_s", s.idle_s}};
    if (s.ended_at > 0) json["ended_at"] = s.ended_at;
    if (!s.recording.empty()) json["recording"] = s.recording;
    if (s.matched) json["matched"] = true;
    if (!s.simulator.empty()) json["simulator"] = s.simulator;
    if (!s.by_hand.empty()) json["by_hand"] = s.by_hand;
    if (s.viewing != Viewing::NotSaid) json["viewing"] = viewing_key(s.viewing);
    return json.dump();
}

Result<Session> session_in(const Entry& entry)
{
    return read_body<Session>(entry, [&](const JsonIn& in) -> Result<Session> {
        return Session{entry.subject,
                       in.text("pilot_id"),
                       in.text("controller_id"),
                       in.at("started_at").time(),
                       in.has("ended_at") ? in.at("ended_at").time() : 0,
                       in.number("active_s"),
                       in.number("idle_s"),
                       in.text("recording", ""),
                       in.truth("matched", false),
                       in.text("simulator", ""),
                       in.text("by_hand", ""),
                       viewing_from_key(in.text("viewing", "")).value_or(Viewing::NotSaid)};
    });
}

Draft draft_of(const JudgedAttempt& a)
{
    Draft draft{"attempt", a.id, "", ""};
    const auto share = [&draft](const std::string& document) {
        draft.shared.push_back(document_body(document));
        return shared_name(draft.shared.back());
    };
    Json json{{"pilot_id", a.pilot_id},
              {"session_id", a.session_id},
              {"drill_id", a.drill_id},
              {"drill_version", a.drill_version},
              {"at", a.at},
              {"mode", mode_key(a.mode)},
              {"score", a.score},
              {"passed", a.passed},
              {"holds", a.holds},
              {"flown_s", a.flown_s},
              {"log_hash", a.log_hash}};
    if (!a.curriculum.empty()) json["curriculum"] = a.curriculum, json["curriculum_version"] = a.curriculum_version;
    if (a.observed) json["observed"] = true;
    if (!a.simulator.empty()) json["simulator"] = a.simulator;
    if (!a.demonstration.empty()) json["demonstration"] = a.demonstration;
    if (!a.world.empty()) json["world"] = a.world;
    if (!a.found.empty()) json["found"] = Json::parse(a.found);
    if (a.left_minus_right) json["left_minus_right"] = *a.left_minus_right;
    if (!a.throttle_cuts_s.empty()) json["throttle_cuts_s"] = a.throttle_cuts_s;
    if (a.flight) json["flight"] = share(flown_with_json(*a.flight).dump());
    put_details(json, a);
    Json asked = Json::array();
    for (const JudgedCriterion& c : a.criteria) asked.push_back(criterion_json(c));
    json["criteria"] = judged_json(a.criteria, share(asked.dump()));
    draft.body = json.dump();
    return draft;
}

namespace {

void take_row(const JsonIn& in, const std::string& id, Attempt& a)
{
    a.id = id;
    a.pilot_id = in.text("pilot_id");
    a.session_id = in.text("session_id");
    a.drill_id = in.text("drill_id");
    a.drill_version = in.at("drill_version").whole();
    a.at = in.at("at").time();
    a.mode = mode_at(in.at("mode"));
    a.score = in.number("score");
    a.passed = in.truth("passed", false);
    a.holds = in.truth("holds", a.passed);
    a.flown_s = in.number("flown_s");
    a.log_hash = in.text("log_hash");
    a.curriculum = in.text("curriculum", "");
    if (in.has("curriculum_version")) a.curriculum_version = in.at("curriculum_version").whole();
    a.simulator = in.text("simulator", "");
    a.demonstration = in.text("demonstration", "");
    a.world = in.text("world", "");
    if (in.has("found")) a.found = in.at("found").value().dump();
    a.left_minus_right = number_or_none(in, "left_minus_right");
    if (in.has("throttle_cuts_s"))
        for (const JsonIn& cut : in.at("throttle_cuts_s").items()) a.throttle_cuts_s.push_back(cut.number());
    if (in.has("summary")) { // written before the record kept codes
        a.in_words = {in.text("summary"), in.text("flown_with", ""), in.text("observed", "")};
        a.observed = in.has("observed");
    } else {
        a.observed = in.truth("observed", false);
    }
}

} // namespace

Result<Attempt> attempt_row_in(const Entry& entry)
{
    const auto read = [&](const JsonIn& in) -> Result<Attempt> {
        Attempt row;
        take_row(in, entry.subject, row);
        return row;
    };
    return read_body<Attempt>(entry, read);
}

Result<JudgedAttempt> attempt_in(const Entry& entry, const SharedBodies& shared)
{
    return read_body<JudgedAttempt>(entry, [&](const JsonIn& in) -> Result<JudgedAttempt> {
        JudgedAttempt a;
        take_row(in, entry.subject, a);
        take_details(in, a, shared);
        a.criteria = criteria_at(in.at("criteria"), shared);
        return a;
    });
}

std::string body_of(const StationKeyRow& k)
{
    Json json{{"public_key", k.public_key}, {"unsigned_up_to", k.unsigned_up_to}};
    if (k.countersigned) json["countersigned"] = true;
    if (!k.login.empty()) json["login"] = k.login, json["login_may"] = k.login_may;
    return json.dump();
}

Result<StationKeyRow> station_key_in(const Entry& entry)
{
    return read_body<StationKeyRow>(entry, [](const JsonIn& in) -> Result<StationKeyRow> {
        return StationKeyRow{in.text("public_key"), in.has("unsigned_up_to") ? in.at("unsigned_up_to").count() : 0,
                             in.truth("countersigned", false), in.text("login", ""),
                             in.has("login_may") ? in.at("login_may").whole() : 0};
    });
}

std::string body_of(const AdmissionRow& a)
{
    return Json{{"public_key", a.public_key}, {"by", a.by}, {"signature", a.signature}}.dump();
}

Result<AdmissionRow> admission_in(const Entry& entry)
{
    return read_body<AdmissionRow>(entry, [](const JsonIn& in) -> Result<AdmissionRow> {
        return AdmissionRow{in.text("public_key"), in.text("by"), in.text("signature")};
    });
}

std::string standing_body(std::int64_t up_to) { return Json{{"up_to", up_to}}.dump(); }

std::string body_of(const RepairRow& r)
{
    return Json{{"entry", r.entry}, {"hash", r.hash}, {"by", r.by}, {"signature", r.signature}}.dump();
}

Result<RepairRow> repair_in(const Entry& entry)
{
    return read_body<RepairRow>(entry, [](const JsonIn& in) -> Result<RepairRow> {
        return RepairRow{in.at("entry").count(), in.text("hash"), in.text("by"), in.text("signature")};
    });
}

std::string note_body(const std::string& value) { return Json{{"value", value}}.dump(); }

Result<std::string> note_in(const Entry& entry)
{
    return read_body<std::string>(entry, [](const JsonIn& in) -> Result<std::string> { return in.text("value"); });
}

std::string clock_body(std::int64_t back_s) { return Json{{"back_s", back_s}}.dump(); }

std::string body_of(const OpenedStage& o, bool open)
{
    return Json{{"pilot_id", o.pilot_id}, {"curriculum", o.curriculum}, {"stage", o.stage}, {"open", open}}.dump();
}

Result<StageOpening> stage_in(const Entry& entry)
{
    return read_body<StageOpening>(entry, [&](const JsonIn& in) -> Result<StageOpening> {
        return StageOpening{{in.text("pilot_id"), in.text("curriculum"), in.text("stage"), entry.why, entry.at},
                            in.at("open").truth()};
    });
}

std::string demonstration_body(const std::string& drill_id, const std::string& attempt_id)
{
    return Json{{"drill_id", drill_id}, {"attempt_id", attempt_id}}.dump();
}

Result<std::string> demonstrating_attempt_in(const Entry& entry)
{
    return read_body<std::string>(entry, [](const JsonIn& in) -> Result<std::string> { return in.text("attempt_id"); });
}

std::string document_body(const std::string& document)
{
    return Json{{"document", document.empty() ? Json(nullptr) : Json::parse(document)}}.dump();
}

Result<std::string> document_in(const Entry& entry)
{
    return read_body<std::string>(entry, [](const JsonIn& in) -> Result<std::string> {
        const JsonIn document = in.at("document");
        return document.value().is_null() ? std::string() : document.value().dump();
    });
}

std::string text_body(const std::string& kind, const std::string& id, const std::string& text)
{
    return Json{{"kind", kind}, {"id", id}, {"document", text.empty() ? Json(nullptr) : Json(text)}}.dump();
}

Result<Text> text_in(const Entry& entry)
{
    return read_body<Text>(entry, [](const JsonIn& in) -> Result<Text> {
        return Text{in.text("kind"), in.text("id"), in.at("document").value().is_null() ? "" : in.text("document")};
    });
}

} // namespace bh
