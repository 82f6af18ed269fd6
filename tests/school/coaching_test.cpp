// What is found in flights is kept, advice is told and followed, and whether it helped is worked out from what was flown since.
#include "core/standin/stand_in_pilot.h"
#include "school/views/coaching.h"
#include "school_place.h"

using namespace bh;

namespace {

struct Lesson {
    Place place;
    std::unique_ptr<School> school;
    std::string pilot, session;
    Lesson()
    {
        school = place.open();
        pilot = school->add_pilot({"", "Jonah Wickett"});
        session = school->start_session(pilot, "Simulated controller", "simulated");
    }
    /// A flight of a drill, a minute after the one before.
    std::string fly(bool rocking, const char* drill_id = "straight-run", double rate_dps = 670)
    {
        place.clock += 60;
        const Drill drill = *school->drill(drill_id);
        StandInFaults faults;
        faults.rocking = rocking;
        RateProfile rates;
        for (RateCurve* curve : {&rates.roll, &rates.pitch}) *curve = CentreMaxCurve{150, rate_dps, 0.2};
        const auto flown = fly_drill(drill, *school->data().setup_for(drill, rates), 0.9, ++seed_, faults);
        JudgedAttempt attempt = judged_attempt(flown->score, Mode::Acro);
        attempt.pilot_id = pilot, attempt.session_id = session;
        attempt.flight = FlownWith{"five-inch", 1, 1, 25, 120, rates, {}};
        std::string id = school->add_attempt(std::move(attempt), &flown->log);
        REQUIRE(!id.empty());
        return id;
    }
    std::string tell(const char* rule_id)
    {
        place.clock += 1;
        const CoachingRule& rule = *school->coaching().rule(rule_id);
        GivenAdvice advice;
        advice.pilot_id = pilot, advice.attempt_id = school->attempts(pilot).back().id;
        advice.rule = rule.id, advice.rule_version = school->coaching().version, advice.finding = rule.finding;
        advice.cause = rule.cause, advice.change = rule.change, advice.evidence = "once";
        return school->keep_advice(advice);
    }
    [[nodiscard]] AdviceStanding standing() const { return advice_given(*school, pilot).front(); }

private:
    std::uint64_t seed_ = 40;
};

} // namespace

TEST_CASE("what is found in a flight is kept with it, and the Board names a strong habit", "[school][coaching]")
{
    Lesson l;
    for (int i = 0; i < 2; ++i) l.fly(true);
    CHECK(strong_habit(*l.school, l.pilot).empty());
    const Attempt& first = l.school->attempts(l.pilot).front();
    CHECK(first.found.find("\"rocking\":[") != std::string::npos);
    const FlightTally kept = l.school->tally(first);
    REQUIRE(kept.of(FindingKind::Rocking));
    CHECK(kept.of(FindingKind::Rocking)->faults > 0);
    l.fly(true);
    CHECK(strong_habit(*l.school, l.pilot) == "Rocking at fault in 3 of the last 3 flights");
    l.school = l.place.open(); // from the file
    CHECK(l.school->tally(l.school->attempts(l.pilot).front()) == kept);
    CHECK(strong_habit(*l.school, l.pilot) == "Rocking at fault in 3 of the last 3 flights");
    const auto all = habits_of(*l.school, l.pilot);
    REQUIRE(!all.empty());
    CHECK(all.front().kind == FindingKind::Rocking);
    CHECK(all.front().by_drill.at("straight-run").at_fault == 3);
    // The controller is more pressing; with one that is good it is the habit, which leads to the debrief.
    CHECK(l.school->standing(l.pilot).attention == "No controller calibration yet");
    // What was advised has a week to show.
    REQUIRE(!l.tell("rocking").empty());
    CHECK(strong_habit(*l.school, l.pilot).empty());
    l.place.clock += 8 * 24 * 3600;
    CHECK_FALSE(strong_habit(*l.school, l.pilot).empty());
}

TEST_CASE("advice that was followed is compared over the flights before and since", "[school][coaching]")
{
    Lesson l;
    for (int i = 0; i < 4; ++i) l.fly(true);
    REQUIRE(!l.tell("rocking").empty());
    CHECK(l.standing().followed_at == 0); // a movement can only be ticked
    CHECK(l.standing().advice.told_by == "coordinator");
    CHECK(l.standing().effect.before == 4);
    l.fly(true);
    GivenAdvice advice = l.standing().advice;
    l.place.clock += 1;
    advice.followed_at = l.place.clock;
    REQUIRE(!l.school->keep_advice(advice).empty());
    for (int i = 0; i < 2; ++i) l.fly(false);
    CHECK(l.standing().effect.helped == Helped::TooFewFlights);
    CHECK(rule_records(*l.school).front().helped == 0);
    l.fly(false);
    const AdviceStanding s = l.standing();
    CHECK(s.effect.helped == Helped::Yes);
    CHECK(s.effect.before == 5);
    CHECK(s.effect.after == 3);
    CHECK(s.effect.mean_before > 20); // % of the time
    CHECK(s.effect.mean_after < 5);
    l.school = l.place.open();
    CHECK(l.standing().effect.helped == Helped::Yes);
    const auto records = rule_records(*l.school);
    REQUIRE(records.size() == 1);
    CHECK(records[0].rule == "rocking");
    CHECK(records[0].given == 1);
    CHECK(records[0].followed == 1);
    CHECK(records[0].helped == 1);
    CHECK(records[0].no_sign + records[0].worse == 0);
    REQUIRE(l.school->erase_pilot(l.pilot, "left the school"));
    CHECK(rule_records(*l.school).empty());
}

TEST_CASE("advice that was followed for long and did not help is not given to that pilot again", "[school][coaching]")
{
    Lesson l;
    for (int i = 0; i < 3; ++i) l.fly(true);
    l.tell("rocking");
    GivenAdvice advice = l.standing().advice;
    advice.followed_at = l.place.clock;
    l.school->keep_advice(advice);
    const auto advised = [&] {
        const Attempt& newest = l.school->attempts(l.pilot).back();
        const auto log = l.school->flight_log(newest.log_hash);
        const Coached pilot = coached(*l.school, l.pilot, &newest);
        return advise(debrief(*log, l.school->flown_drill(l.school->judged(newest.id)), nullptr), l.school->coaching().rules,
                      nullptr, &pilot)
            .front()
            .rule;
    };
    l.fly(true);
    CHECK(advised() == "rocking");
    for (int i = 0; i < 8; ++i) l.fly(true);
    CHECK(l.standing().effect.helped == Helped::NoSign);
    CHECK(l.standing().effect.given_up());
    CHECK(advised() == "rocking-pinch");
}

TEST_CASE("that it was followed is seen where it can be: rates, and the drill flown", "[school][coaching]")
{
    Lesson l;
    for (int i = 0; i < 3; ++i) l.fly(true);
    l.tell("rocking-rates-350");
    l.fly(true);
    CHECK(l.standing().followed_at == 0);
    const std::string with_it = l.fly(false, "straight-run", 350);
    CHECK(l.standing().seen);
    CHECK(l.standing().followed_at == l.school->attempt(with_it)->at);
    CHECK(l.standing().effect.after == 1); // the flight that shows it is the first with it
    l.tell("turn-drill");
    CHECK(l.standing().followed_at == 0);
    l.fly(false, "oval-pair");
    CHECK(l.standing().followed_at == l.place.clock);
    l.tell("rocking-pinch");
    CHECK(l.standing().followed_at == 0);
    l.place.clock += 5;
    GripRound round;
    round.pilot_id = l.pilot, round.grip = Grip::Pinch, round.at = l.place.clock;
    REQUIRE(l.school->add_grip_round(round));
    CHECK(l.standing().seen);
}

TEST_CASE("notes are kept with a flight and dated, changed and taken back; a pilot may note and not advise", "[school][coaching]")
{
    Lesson l;
    const std::string flight = l.fly(true);
    l.school->act_as("person", Role::Pilot);
    REQUIRE(l.school->keep_note({"", l.pilot, flight, "pilot", "  Felt   late. ", 0}));
    const auto notes = [&] { return l.school->file(l.pilot).notes; };
    REQUIRE(notes().size() == 1);
    CHECK(notes()[0].text == "Felt late.");
    CHECK(notes()[0].at == l.place.clock);
    FlightNote edited = notes()[0];
    edited.text = "Felt early.";
    l.place.clock += 100;
    REQUIRE(l.school->keep_note(edited));
    CHECK(notes()[0].text == "Felt early.");
    CHECK(notes()[0].at == l.place.clock - 100);
    REQUIRE(l.school->undo());
    CHECK(notes()[0].text == "Felt late.");
    edited.text.clear();
    REQUIRE(l.school->keep_note(edited));
    CHECK(notes().empty());
    CHECK_FALSE(l.school->keep_note({"", l.pilot, flight, "pilot", " ", 0}));
    std::string said;
    QObject::connect(&*l.school, &School::failed, &*l.school, [&](const Message& sentence) { said = sentence.english(); });
    CHECK(l.tell("rocking").empty());
    CHECK(said.find("instructor") != std::string::npos);
}

TEST_CASE("a flight from elsewhere is kept as a free flight that says where it is from", "[school][coaching]")
{
    Lesson l;
    FlightLog log = shortLog(3);
    log.has_position = false;
    const std::string id = l.school->add_imported_flight(l.pilot, log, "club evening.csv", l.place.clock - 5000);
    REQUIRE(!id.empty());
    l.school = l.place.open();
    const Attempt* row = l.school->attempt(id);
    REQUIRE(row);
    CHECK(row->free());
    const auto& sessions = l.school->sessions(l.pilot);
    const auto own = std::find_if(sessions.begin(), sessions.end(), [&](const Session& s) { return s.id == row->session_id; });
    REQUIRE(own != sessions.end());
    CHECK(own->by_hand == "Flight read from club evening.csv");
    CHECK(own->started_at == l.place.clock - 5000);
    const std::string session = own->id;
    const auto back = l.school->flight_log(row->log_hash);
    REQUIRE(back);
    CHECK_FALSE(back->has_position);
    CHECK(l.school->add_imported_flight("nobody", log, "x.csv", 5).empty());
    // How its table is read is known by its heads, and where a recording of a screen lies by the session.
    REQUIRE(l.school->keep_columns("t|thr", "{\"format\":\"bluehangar.columns/1\"}"));
    REQUIRE(l.school->keep_video(session, SessionVideo{"/somewhere/evening.webm", -1.25}));
    l.school = l.place.open();
    CHECK(l.school->values().text(Kind::Columns, "t|thr") == "{\"format\":\"bluehangar.columns/1\"}");
    CHECK(l.school->values().videos.at(session).offset_s == -1.25);
    REQUIRE(l.school->keep_video(session, std::nullopt));
    CHECK(l.school->values().videos.empty());
}

TEST_CASE("edited rules are a version of their own, and can be undone", "[school][coaching]")
{
    Lesson l;
    const int shipped = l.school->coaching().version;
    CoachingRule rule = *l.school->coaching().rule("rocking");
    rule.change = "Half as big, and slower.";
    const auto text = with_rule(*l.school->document(Kind::Coaching, common_coaching), rule);
    REQUIRE(text);
    REQUIRE(l.school->keep_document(Kind::Coaching, common_coaching, *text));
    CHECK(l.school->coaching().version == shipped + 1);
    CHECK(l.school->coaching().rule("rocking")->change == "Half as big, and slower.");
    l.school->undo();
    CHECK(l.school->coaching().version == shipped);
    CHECK_FALSE(l.school->keep_document(Kind::Coaching, common_coaching, "{\"format\":\"bluehangar.coaching/1\",\"rules\":3}"));
}
