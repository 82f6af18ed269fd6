#include "files/documents/coaching_document.h"

#include "files/text/json_in.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

double share_at(const JsonIn& in, const char* key, double otherwise)
{
    const double share = in.number(key, otherwise);
    if (!(share >= 0 && share <= 1)) in.at(key).fault("expected 0 to 1");
    return share;
}

int from_one(const JsonIn& in)
{
    const int value = in.whole();
    if (value < 1) in.fault("expected 1 or more");
    return value;
}

FindingKind finding_at(const JsonIn& in)
{
    const auto finding = finding_from_key(in.text());
    if (!finding) in.fault("there is no finding '%1'", in.text());
    return *finding;
}

void take_when(const JsonIn& in, CoachingRule& rule)
{
    if (in.has("at_least")) rule.at_least = from_one(in.at("at_least"));
    if (in.has("number")) rule.number = {in.at("number").text("key"), in.at("number").number("at_least")};
    if (in.has("word")) rule.word = {in.at("word").text("key"), in.at("word").text("is")};
    if (in.has("flights")) rule.lately.flights = from_one(in.at("flights"));
    rule.lately.of = in.has("of_last") ? from_one(in.at("of_last")) : rule.lately.flights;
    if (rule.lately.of < rule.lately.flights) in.at("flights").fault("expected no more than of_last");
    in.only({"at_least", "number", "word", "flights", "of_last"});
}

CoachingRule rule_at(const JsonIn& in)
{
    CoachingRule rule;
    rule.id = in.text("id");
    rule.finding = finding_at(in.at("finding"));
    if (in.has("when")) take_when(in.at("when"), rule);
    rule.cause = in.text("cause");
    const auto kind = change_from_key(in.text("kind", "movement"));
    if (!kind)
        in.at("kind").fault("expected movement, grip, rate, power, propeller, tilt, mode or drill, found '%1'", in.text("kind"));
    rule.kind = *kind;
    rule.change = in.text("change");
    if (in.has("change_on"))
        for (const auto& [sticks, words] : in.at("change_on").value().items())
            rule.change_on.emplace_back(sticks, in.at("change_on").text(sticks.c_str()));
    if (in.has("target")) rule.target = in.number("target");
    rule.to = in.text("to", "");
    using enum ChangeKind;
    const bool has_target = rule.kind == Rate || rule.kind == Power || rule.kind == Propeller || rule.kind == Tilt;
    const bool has_to = rule.kind == Grip || rule.kind == Mode || rule.kind == Drill;
    if (has_target && !rule.target) in.fault("a change of %1 needs a target", change_key(rule.kind));
    if (has_to && rule.to.empty()) in.fault("a change of %1 needs a word \"to\"", change_key(rule.kind));
    if (in.has("measures"))
        for (const JsonIn& key : in.at("measures").items()) {
            const auto measure = measure_from_key(key.text());
            if (!measure) key.fault("there is no measure '%1'", key.text());
            rule.measures.push_back(*measure);
        }
    rule.gain_share = share_at(in, "gain_share", rule.gain_share);
    rule.improves = share_at(in, "improves", rule.improves);
    in.only(
        {"id", "finding", "when", "cause", "kind", "change", "change_on", "target", "to", "measures", "gain_share", "improves"});
    return rule;
}

std::int64_t time_in(const JsonIn& in, const char* key) { return in.has(key) ? in.at(key).time() : 0; }

} // namespace

const CoachingRule* CoachingRules::rule(const std::string& id) const
{
    const auto found = std::find_if(rules.begin(), rules.end(), [&](const CoachingRule& r) { return r.id == id; });
    return found == rules.end() ? nullptr : &*found;
}

Result<CoachingRules> parse_coaching(std::string_view text, const std::string& file)
{
    return read_document<CoachingRules>(text, file, "coaching", [](const JsonIn& in) -> Result<CoachingRules> {
        CoachingRules all;
        if (in.has("version")) all.version = from_one(in.at("version"));
        for (const JsonIn& rule : in.at("rules").items()) {
            all.rules.push_back(rule_at(rule));
            const std::string& id = all.rules.back().id;
            if (all.rule(id) != &all.rules.back()) rule.at("id").fault("there is a rule '%1' already", id);
        }
        return all;
    });
}

Result<std::string> with_rule(const std::string& coaching_text, const CoachingRule& edited)
{
    if (const auto good = parse_coaching(coaching_text, "coaching"); !good) return tl::unexpected(good.error());
    Json document = Json::parse(coaching_text);
    for (Json& rule : document["rules"]) {
        if (rule["id"] != edited.id) continue;
        rule["cause"] = edited.cause;
        if (rule["change"] != edited.change) rule.erase("change_on"); // the school's own words, whatever the stick
        rule["change"] = edited.change;
        rule["gain_share"] = edited.gain_share;
        rule["improves"] = edited.improves;
        if (edited.target) rule["target"] = *edited.target;
        Json& when = rule["when"];
        when["at_least"] = edited.at_least;
        when["flights"] = edited.lately.flights;
        when["of_last"] = edited.lately.of;
        const std::string text = document.dump(2);
        if (const auto good = parse_coaching(text, "coaching"); !good) return tl::unexpected(good.error());
        return text;
    }
    return failure(Error::Code::NotFound, "there is no rule '%1'", edited.id);
}

std::string advice_text(const GivenAdvice& a)
{
    Json json{{"format", "bluehangar.advice/1"},
              {"pilot_id", a.pilot_id},
              {"attempt_id", a.attempt_id},
              {"rule", a.rule},
              {"rule_version", a.rule_version},
              {"finding", finding_key(a.finding)},
              {"cause", a.cause},
              {"change", a.change},
              {"evidence", a.evidence},
              {"told_by", a.told_by},
              {"at", a.at}};
    if (a.followed_at > 0) json["followed_at"] = a.followed_at;
    if (a.closed) json["closed"] = true;
    return json.dump();
}

Result<GivenAdvice> parse_advice(std::string_view text, const std::string& file, const std::string& id)
{
    return read_document<GivenAdvice>(text, file, "advice", [&](const JsonIn& in) -> Result<GivenAdvice> {
        return GivenAdvice{id,
                           in.text("pilot_id"),
                           in.text("attempt_id"),
                           in.text("rule"),
                           in.at("rule_version").whole(),
                           finding_at(in.at("finding")),
                           in.text("cause"),
                           in.text("change"),
                           in.text("evidence"),
                           in.text("told_by"),
                           time_in(in, "at"),
                           time_in(in, "followed_at"),
                           in.truth("closed", false)};
    });
}

std::string flight_note_text(const FlightNote& n)
{
    return Json{{"format", "bluehangar.flight-note/1"},
                {"pilot_id", n.pilot_id},
                {"attempt_id", n.attempt_id},
                {"by", n.by},
                {"text", n.text},
                {"at", n.at}}
        .dump();
}

Result<FlightNote> parse_flight_note(std::string_view text, const std::string& file, const std::string& id)
{
    return read_document<FlightNote>(text, file, "flight-note", [&](const JsonIn& in) -> Result<FlightNote> {
        return FlightNote{id, in.text("pilot_id"), in.text("attempt_id"), in.text("by"), in.text("text"), time_in(in, "at")};
    });
}

std::string session_video_text(const SessionVideo& v)
{
    return Json{{"format", "bluehangar.video/1"}, {"path", v.path}, {"offset_s", v.offset_s}}.dump();
}

Result<SessionVideo> parse_session_video(std::string_view text, const std::string& file)
{
    return read_document<SessionVideo>(text, file, "video", [](const JsonIn& in) -> Result<SessionVideo> {
        return SessionVideo{in.text("path"), in.number("offset_s")};
    });
}

std::string tally_text(const FlightTally& tally)
{
    Json json = Json::object();
    for (const FindingTally& t : tally.kinds) {
        Json& one = json[std::string(finding_key(t.kind))];
        one = {t.seen, t.faults, t.value};
        if (t.sides[0].seen + t.sides[1].seen > 0)
            for (const FindingTally::OfSide& side : t.sides) one.push_back(side.seen), one.push_back(side.faults);
    }
    for (const FindingTally& t : tally.kinds)
        if (t.weight > 0) json["weights"][std::string(finding_key(t.kind))] = std::round(10 * t.weight) / 10;
    if (tally.crashes) {
        Json& crashes = json["crashes"] = Json::array();
        const auto tenths = [](double value) { return std::round(10 * value) / 10; };
        for (const Crash& c : *tally.crashes) crashes.push_back({tenths(c.speed_mps), tenths(c.height_m)});
    }
    return json.dump();
}

Result<FlightTally> parse_tally(std::string_view text)
{
    const auto json = nlohmann::json::parse(text, nullptr, false);
    if (!json.is_object()) return bad_input("expected an object of findings");
    try {
        FlightTally all;
        for (const FindingFacts& facts : finding_kinds()) {
            const std::string key(facts.key);
            const JsonIn in(json, "findings");
            if (!in.has(key.c_str())) continue;
            const auto numbers = in.at(key.c_str()).items();
            if (numbers.size() != 3 && numbers.size() != 7) in.at(key.c_str()).fault("expected 3 or 7 numbers");
            FindingTally t;
            t.kind = facts.kind, t.seen = numbers[0].whole(), t.faults = numbers[1].whole(), t.value = numbers[2].number();
            if (numbers.size() == 7)
                for (std::size_t side = 0; side < 2; ++side)
                    t.sides[side] = {numbers[3 + 2 * side].whole(), numbers[4 + 2 * side].whole()};
            // Kept before weights were: as a fault of its kind weighs at least.
            t.weight = t.faults > 0 ? facts.weight.from : 0;
            if (in.has("weights")) t.weight = in.at("weights").number(key.c_str(), t.weight);
            all.kinds.push_back(t);
        }
        if (const JsonIn in(json, "findings"); in.has("crashes")) {
            all.crashes.emplace();
            for (const JsonIn& crash : in.at("crashes").items()) {
                const auto numbers = crash.items();
                if (numbers.size() != 2) crash.fault("expected a speed and a height");
                all.crashes->push_back({numbers[0].number(), numbers[1].number()});
            }
        }
        return all;
    } catch (const JsonFault& fault) {
        return bad_input(fault.message);
    }
}

} // namespace bh
