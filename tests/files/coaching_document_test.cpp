// Coaching rules, advice, notes and tallies as documents.
#include "files/data_folder.h"
#include "files/documents/coaching_document.h"
#include "files/documents/sickness_document.h"
#include "files/text/file_text.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

std::string one_rule(const std::string& inner)
{
    return R"({"format":"bluehangar.coaching/1","id":"common","version":1,"rules":[{"id":"a","finding":"rocking","cause":"Why.",)"
           R"("kind":"movement","change":"What.")" +
           inner + "}]}";
}

std::string message(const std::string& text)
{
    const auto rules = parse_coaching(text, "c.json");
    REQUIRE_FALSE(rules);
    return rules.error().english;
}

} // namespace

TEST_CASE("the rules that ship are read, and no drill, grip or measure in them is a slip", "[files][coaching]")
{
    const DataFolder data(BH_DATA);
    const auto rules = data.coaching();
    REQUIRE(rules);
    CHECK(rules->version >= 2);
    CHECK(rules->rules.size() > 25);
    const auto drills = data.drills();
    REQUIRE(drills);
    for (const CoachingRule& r : rules->rules) {
        CAPTURE(r.id);
        CHECK_FALSE(r.cause.empty());
        CHECK_FALSE(r.measures.empty());
        if (r.kind == ChangeKind::Drill)
            CHECK(std::any_of(drills->begin(), drills->end(), [&](const Drill& d) { return d.id == r.to; }));
    }
    for (const FindingFacts& facts : finding_kinds()) // there is something to say of each
        CHECK(std::any_of(rules->rules.begin(), rules->rules.end(),
                          [&](const CoachingRule& r) { return r.finding == facts.kind; }));
}

TEST_CASE("a rule that cannot be is refused with what was expected", "[files][coaching]")
{
    CHECK(parse_coaching(one_rule(""), "c.json"));
    CHECK_THAT(message(one_rule(R"(,"measures":["luck"])")), Catch::Contains("there is no measure 'luck'"));
    CHECK_THAT(message(one_rule(R"(,"gain_share":1.5)")), Catch::Contains("gain_share"));
    CHECK_THAT(message(one_rule(R"(,"when":{"flights":6,"of_last":5})")), Catch::Contains("flights"));
    std::string text = one_rule("");
    text.replace(text.find("\"movement\""), 10, "\"rate\"");
    CHECK_THAT(message(text), Catch::Contains("needs a target"));
    text.replace(text.find("\"rate\""), 6, "\"drill\"");
    CHECK_THAT(message(text), Catch::Contains("needs a word \"to\""));
    text = one_rule("");
    text.replace(text.find("rocking"), 7, "wobbles");
    CHECK_THAT(message(text), Catch::Contains("wobbles"));
    text = one_rule("");
    const std::string rule = text.substr(text.find("{\"id\":\"a\""));
    text.insert(text.find("{\"id\":\"a\""), rule.substr(0, rule.find('}') + 1) + ",");
    CHECK_THAT(message(text), Catch::Contains("there is a rule 'a' already"));
}

TEST_CASE("an edited rule keeps the rest of the document as it was", "[files][coaching]")
{
    const auto text = read_text(std::string(BH_DATA) + "/coaching/common.json");
    REQUIRE(text);
    const auto rules = parse_coaching(*text, "c.json");
    CoachingRule edited = *rules->rule("rocking-rates-350");
    edited.target = 300, edited.change = "Rates of 300.", edited.lately = {2, 4}, edited.gain_share = 0.25;
    const auto with = with_rule(*text, edited);
    REQUIRE(with);
    const auto again = parse_coaching(*with, "c.json");
    REQUIRE(again);
    CHECK(*again->rule("rocking-rates-350")->target == 300);
    CHECK(again->rule("rocking-rates-350")->lately.flights == 2);
    CHECK(again->rule("rocking-rates-350")->lately.of == 4);
    CHECK(again->rules.size() == rules->rules.size());
    CHECK(again->rule("turn")->change == rules->rule("turn")->change);
    edited.gain_share = 7;
    CHECK_FALSE(with_rule(*text, edited));
    edited = *rules->rule("turn");
    edited.id = "none";
    CHECK(with_rule(*text, edited).error().code == Error::Code::NotFound);
}

TEST_CASE("advice, notes, videos and tallies come back as they were", "[files][coaching]")
{
    const GivenAdvice a{"id1",  "pilot",       "attempt",  "rocking",  3,   FindingKind::Rocking, "Cause \"so\".", "Change.",
                        "once", "coordinator", 1936711200, 1936711300, true};
    const auto advice = parse_advice(advice_text(a), "record", "id1");
    REQUIRE(advice);
    CHECK(advice->cause == a.cause);
    CHECK(advice->rule_version == 3);
    CHECK(advice->followed_at == a.followed_at);
    CHECK(advice->closed);
    const auto note =
        parse_flight_note(flight_note_text({"n", "pilot", "attempt", "coordinator", "Ünder\nline", 5}), "record", "n");
    REQUIRE(note);
    CHECK(note->text == "Ünder\nline");
    CHECK(parse_session_video(session_video_text({"/a b/c.webm", -2.5}), "record")->offset_s == -2.5);
    FlightTally t;
    t.kinds = {{FindingKind::Rocking, 3, 1, 12.25, 88.5, {}}, {FindingKind::Turn, 4, 2, 50, 40, {{{1, 0}, {3, 2}}}}};
    const std::string text = tally_text(t);
    CHECK(text == R"({"rocking":[3,1,12.25],"turn":[4,2,50.0,1,0,3,2],"weights":{"rocking":88.5,"turn":40.0}})");
    const auto tally = parse_tally(text);
    REQUIRE(tally);
    CHECK(*tally == t);
    CHECK(parse_tally(R"({"wobble":[1,1,1],"rocking":[1,1,1]})")->kinds.size() == 1); // of a newer version
    for (const char* bad : {"", "[]", R"({"rocking":[1,2]})", R"({"rocking":["a",2,3]})", R"({"rocking":[1.5,2,3]})"})
        CHECK_FALSE(parse_tally(bad));
}

TEST_CASE("answers to the questionnaire come back as they were, and only sixteen of 0 to 3 do", "[files]")
{
    SicknessAnswers a;
    a.pilot_id = "p", a.at = 1936711200, a.goggles = true;
    a.answers.assign(16, 1);
    const auto back = parse_sickness(sickness_text(a), "record", "id");
    REQUIRE(back);
    CHECK(back->answers == a.answers);
    CHECK(back->goggles);
    CHECK_FALSE(back->before);
    a.answers[3] = 4;
    CHECK_THAT(parse_sickness(sickness_text(a), "record", "id").error().english, Catch::Contains("answer 4 (Eyestrain)"));
    a.answers.pop_back();
    CHECK_FALSE(parse_sickness(sickness_text(a), "record", "id"));
}
