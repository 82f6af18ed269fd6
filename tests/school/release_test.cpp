// Releasing a pilot to a real aircraft: the day, the briefing, the signature, what verification makes of it, and what came after.
#include "record/chain/bodies.h"
#include "record/chain/signing_key.h"
#include "school/lock.h"
#include "school/views/first_flight.h"
#include "school/views/readiness_facts.h"
#include "school/views/today.h"
#include "school_place.h"

#include <algorithm>

using namespace bh;

namespace {

constexpr const char* words = "salt and west wind";

struct Hangar {
    Place place;
    std::unique_ptr<School> school = place.open();
    std::string pilot = school->add_pilot({"", "Nell Harker"});
    Person edda{"edda", "Edda Fenn", Role::Coordinator, "", true};

    Hangar()
    {
        REQUIRE(school->keep_house_rule("passphrases", "none"));
        REQUIRE(school->keep_person(edda, "signs releases"));
        Airframe aircraft = *school->simulated_aircraft("five-inch");
        aircraft.id = "real-avocet", aircraft.name = "Avocet";
        REQUIRE(school->keep_aircraft(aircraft));
        TrainingSetup setup;
        setup.real_aircraft = "real-avocet";
        REQUIRE(school->keep_setup(pilot, setup));
        REQUIRE(school->keep_rates("real-avocet", setup.rates));
        FlightDay day;
        day.site.name = "East bank";
        REQUIRE(keep_flight_day(*school, pilot, day));
    }
    [[nodiscard]] std::map<std::string, std::string> every_reason() const
    {
        std::map<std::string, std::string> reasons;
        for (const ReadinessGate& g : gates_of(*school, pilot)) reasons[std::string(g.id)] = "seen by eye";
        return reasons;
    }
    [[nodiscard]] Release prepared() const { return prepared_release(*school, pilot, every_reason()); }
    [[nodiscard]] std::vector<Message> problems() const { return school->record().verify().problems; }
};

} // namespace

TEST_CASE("a key to sign with opens with its passphrase only, and signs", "[record][release]")
{
    const SealedKey key = new_signing_key(words);
    CHECK(is_public_key(key.public_key));
    const auto opened_key = opened(key, words);
    REQUIRE(opened_key);
    CHECK(is_signed_by(key.public_key, "text", opened_key->sign("text")));
    CHECK_FALSE(is_signed_by(key.public_key, "texts", opened_key->sign("text")));
    CHECK_FALSE(opened(key, "another passphrase"));
    CHECK_FALSE(opened({key.public_key, "rubbish"}, words));
    std::array<unsigned char, 32> seed{};
    CHECK(new_signing_key(words, seed).sealed == new_signing_key(words, seed).sealed); // the demo comes out the same
}

TEST_CASE("a release is signed with the coordinator's own key, verified, and withdrawn", "[school][release]")
{
    Hangar h;
    Release bare = prepared_release(*h.school, h.pilot, {});
    const auto refused = sign_release(*h.school, bare, "edda", words);
    REQUIRE_FALSE(refused);
    CHECK(refused.error().english.find("give a reason") != std::string::npos);
    CHECK_FALSE(sign_release(*h.school, h.prepared(), "edda", "short"));
    const auto signed_id = sign_release(*h.school, h.prepared(), "edda", words);
    REQUIRE(signed_id);
    const Release* r = newest_release(*h.school, h.pilot);
    REQUIRE(r);
    CHECK(r->id == *signed_id);
    CHECK(r->aircraft == "Avocet");
    CHECK(r->site == "East bank");
    CHECK(r->rates.find("deg/s") != std::string::npos);
    CHECK(r->until_day == h.school->today() + 14);
    CHECK(is_signed(*r));
    CHECK(holds(*h.school, *r));
    CHECK(parse_head(r->head));
    CHECK(h.problems().empty());
    // The key is made once, and opens with its passphrase only.
    const std::string key = h.school->person("edda")->key;
    CHECK(r->key == key);
    CHECK_FALSE(sign_release(*h.school, h.prepared(), "edda", "another passphrase"));
    REQUIRE(sign_release(*h.school, h.prepared(), "edda", words));
    CHECK(h.school->person("edda")->key == key);
    h.school = h.place.open();
    REQUIRE(newest_release(*h.school, h.pilot));
    CHECK(is_signed(*newest_release(*h.school, h.pilot)));
    CHECK_FALSE(
        withdraw_release(*h.school, newest_release(*h.school, h.pilot)->id, "Broke an arm", "edda", "another passphrase"));
    CHECK_FALSE(withdraw_release(*h.school, newest_release(*h.school, h.pilot)->id, " ", "edda", words));
    REQUIRE(withdraw_release(*h.school, newest_release(*h.school, h.pilot)->id, "Broke an arm", "edda", words));
    CHECK_FALSE(holds(*h.school, *newest_release(*h.school, h.pilot)));
    CHECK(is_signed(*newest_release(*h.school, h.pilot)));
    CHECK(h.problems().empty());
    // It runs out by itself.
    REQUIRE(sign_release(*h.school, h.prepared(), "edda", words));
    h.place.clock += 15 * 86400;
    CHECK_FALSE(holds(*h.school, *newest_release(*h.school, h.pilot)));
}

TEST_CASE("a pilot cannot sign, nor can an instructor", "[school][release]")
{
    Hangar h;
    h.school->act_as(h.pilot, Role::Pilot);
    CHECK_FALSE(sign_release(*h.school, h.prepared(), "edda", words));
    h.school->act_as("w", Role::Instructor);
    CHECK_FALSE(sign_release(*h.school, h.prepared(), "edda", words));
    h.school->act_as("coordinator", Role::Coordinator);
    CHECK_FALSE(sign_release(*h.school, h.prepared(), h.pilot, words));
    REQUIRE(h.school->keep_person({"wim", "Wim", Role::Instructor, "", true}, "added"));
    const auto by_instructor = sign_release(*h.school, h.prepared(), "wim", words);
    REQUIRE_FALSE(by_instructor);
    CHECK(by_instructor.error().english.find("no coordinator") != std::string::npos);
    CHECK(newest_release(*h.school, h.pilot) == nullptr);
}

TEST_CASE("verification tells of a release that was changed, forged, or is another record's", "[school][release]")
{
    Hangar h;
    REQUIRE(sign_release(*h.school, h.prepared(), "edda", words));
    const Release good = *newest_release(*h.school, h.pilot);
    const auto write = [&](const Release& r) {
        REQUIRE(h.school->write(h.school->change_to(Kind::Release, r.id, release_text(r), "signed")));
    };
    const auto told = [&](const char* what) {
        const auto problems = h.problems();
        return std::any_of(problems.begin(), problems.end(),
                           [what](const Message& p) { return p.english().find(what) != std::string::npos; });
    };
    SECTION("changed after it was signed")
    {
        Release longer = good;
        longer.id = "longer", longer.until_day += 100;
        write(longer);
        CHECK(told("changed after it was signed"));
        CHECK_FALSE(is_signed(longer));
    }
    SECTION("by a key of nobody here")
    {
        const auto key = opened(new_signing_key("a key of my own"), "a key of my own");
        REQUIRE(key);
        Release forged = good;
        forged.id = "forged", forged.key = key->public_key(), forged.signature = key->sign(text_to_sign(forged));
        write(forged);
        CHECK(told("no coordinator of this record signed"));
    }
    SECTION("of another record")
    {
        const auto key = opened({h.school->person("edda")->key, h.school->person("edda")->sealed_key}, words);
        REQUIRE(key);
        Release moved = good;
        moved.id = "moved", moved.head = "2:" + std::string(64, 'a'), moved.signature = key->sign(text_to_sign(moved));
        write(moved);
        CHECK(told("another record"));
    }
    SECTION("by somebody who is a coordinator no longer")
    {
        Person retired = *h.school->person("edda");
        retired.active = false;
        REQUIRE(h.school->keep_person(retired, "left"));
        CHECK(h.problems().empty()); // what was signed before stays good
        const auto key = opened({retired.key, retired.sealed_key}, words);
        Release late = good;
        late.id = "late", late.signature = key->sign(text_to_sign(late));
        write(late);
        CHECK(told("no coordinator of this record signed"));
    }
}

TEST_CASE("a withdrawal is signed, and holds for good", "[school][release]")
{
    Hangar h;
    REQUIRE(sign_release(*h.school, h.prepared(), "edda", words));
    const Release good = *newest_release(*h.school, h.pilot);
    const auto write = [&](const Release& r) {
        REQUIRE(h.school->write(h.school->change_to(Kind::Release, r.id, release_text(r), "x")));
    };
    const auto problem = [&] {
        const auto problems = h.problems();
        return problems.size() == 1 ? problems[0].english() : std::to_string(problems.size());
    };
    SECTION("made good again by its old text")
    {
        REQUIRE(withdraw_release(*h.school, good.id, "Broke an arm", "edda", words));
        CHECK(h.problems().empty());
        write(good);
        CHECK_THAT(problem(), Catch::Contains("makes a release good again that was withdrawn"));
        CHECK_FALSE(holds(*h.school, *newest_release(*h.school, h.pilot))); // nor does the window take it
        h.school = h.place.open();
        CHECK_FALSE(holds(*h.school, *newest_release(*h.school, h.pilot)));
    }
    SECTION("by nobody")
    {
        Release withdrawn = good;
        withdrawn.withdrawn = "left";
        write(withdrawn);
        CHECK_THAT(problem(), Catch::Contains("withdraws a release, and no coordinator of this record signed that"));
    }
    SECTION("for another reason than was signed")
    {
        REQUIRE(withdraw_release(*h.school, good.id, "Broke an arm", "edda", words));
        Release other = *newest_release(*h.school, h.pilot);
        other.withdrawn = "Broke a promise";
        write(other);
        CHECK_THAT(problem(), Catch::Contains("withdraws a release, and no coordinator"));
    }
}

TEST_CASE("what is forged on the file, without a station's key or a passphrase, is told of where the record is known",
          "[school][release]")
{
    Hangar h;
    REQUIRE(sign_release(*h.school, h.prepared(), "edda", words));
    const Release good = *newest_release(*h.school, h.pilot);
    CHECK(h.problems().empty());
    h.school.reset();
    const auto forger = [&] { return h.place.open("forger"); }; // a computer of one's own, and a copy of the file
    const auto told = [&](const std::string& what) {
        h.school = h.place.open();
        const auto problems = h.problems();
        for (const Message& p : problems) UNSCOPED_INFO(p);
        CHECK(std::any_of(problems.begin(), problems.end(),
                          [&](const Message& p) { return p.english().find(what) != std::string::npos; }));
    };
    const SealedKey own = new_signing_key("a key of my own");
    const StationKey open = *opened(own, "a key of my own");
    const auto sign = [&](School& school, const std::string& who) {
        Release forged = good;
        forged.id = "forged", forged.signer = who, forged.key = own.public_key, forged.head = in_words(school.record().head());
        forged.signature = open.sign(text_to_sign(forged));
        REQUIRE(school.write(school.change_to(Kind::Release, forged.id, release_text(forged), "signed")));
    };
    SECTION("a station's key of one's own, and a passed attempt")
    {
        const auto school = forger();
        JudgedAttempt a;
        a.pilot_id = h.pilot, a.session_id = school->start_session(h.pilot, "x", "y"), a.drill_id = "lift-settle", a.score = 100,
        a.passed = true;
        REQUIRE_FALSE(school->add_attempt(a, nullptr).empty());
        told("that nobody who was known has let in");
    }
    SECTION("a coordinator's key replaced")
    {
        const auto school = forger();
        Person edda = *school->person("edda");
        edda.key = own.public_key, edda.sealed_key = own.sealed;
        REQUIRE(school->keep_person(edda, "a key to sign with"));
        sign(*school, "edda");
        told("gives Edda Fenn a key to sign releases with");
        told("is signed with a key that does not stand");
    }
    SECTION("a coordinator who never was, who then signs, and countersigns")
    {
        const auto school = forger();
        REQUIRE(school->keep_person({"ghost", "Ghost", Role::Coordinator, "", true, own.public_key, own.sealed}, "added"));
        sign(*school, "ghost");
        CHECK_FALSE(school->let_in(school->record().own_key())); // the window refuses
        CHECK_FALSE(school->let_in(school->record().own_key(), &open));
        const std::string text = admission_text(school->keys().first_hash(), own.public_key);
        school->record().append(
            {{"admitted", own.public_key, body_of(AdmissionRow{own.public_key, own.public_key, open.sign(text)}), "let in"}});
        told("gives Ghost a key to sign releases with");
        told("is countersigned by a key that does not stand itself");
    }
    SECTION("the mark that an entry is known")
    {
        const auto school = forger();
        const Head there = school->record().head();
        CHECK_FALSE(school->mark_as_known(there.count, "quite all right"));
        CHECK_FALSE(school->mark_as_known(there.count, "quite all right", &open));
    }
}

TEST_CASE("coordinators' keys are countersigned by those who were there", "[school][release]")
{
    Place place;
    auto school = place.open();
    Lock lock(*school);
    const auto problems = [&] { return school->record().verify().problems; };
    REQUIRE(lock.add_person("Edda Fenn", Role::Coordinator, words)); // the record's beginning
    const auto milo = lock.add_person("Milo Tarn", Role::Coordinator, "salt on the bell");
    REQUIRE(milo);
    CHECK(problems().empty());
    const KnownKey known = *school->keys().find(school->person(*milo)->key);
    CHECK(known.stands);
    CHECK(let_in_by(*school, known).english() == "Edda Fenn");
    const std::string own = school->person(school->people()[0].id)->key;
    REQUIRE(lock.change_passphrase(school->people()[0].id, "another long passphrase")); // one's own key stays
    CHECK(school->people()[0].key == own);
    REQUIRE(lock.change_passphrase(*milo, "he had forgotten it")); // another's is made anew
    CHECK(school->person(*milo)->key != known.public_key);
    CHECK(problems().empty());
    // A new station: let in by a coordinator, whose passphrase is known here.
    const auto second = place.open("second");
    REQUIRE_FALSE(second->start_session(second->add_pilot({"", "Iris Quayle"}), "x", "y").empty());
    REQUIRE(problems().size() == 1);
    const auto key = lock.signing_key();
    REQUIRE(key);
    REQUIRE(school->let_in(second->record().own_key(), &*key));
    CHECK(problems().empty());
    lock.lock();
    CHECK_FALSE(lock.signing_key());
}

TEST_CASE("the briefing is a gate, ticked by both, and undone", "[school][release]")
{
    Hangar h;
    const auto gate = [&] {
        const auto gates = gates_of(*h.school, h.pilot);
        return gates.back().state;
    };
    CHECK(gate() == GateState::Unknown);
    FlightDay day = flight_day(*h.school, h.pilot);
    for (const auto& item : h.school->first_flight_plan().briefing) day.briefing[item.id] = {true, false, ""};
    REQUIRE(keep_flight_day(*h.school, h.pilot, day));
    CHECK(gate() == GateState::NotYet); // the pilot alone
    for (auto& [_, tick] : day.briefing) tick.by_coordinator = true;
    REQUIRE(keep_flight_day(*h.school, h.pilot, day));
    CHECK(gate() == GateState::Met);
    REQUIRE(h.school->undo());
    CHECK(gate() == GateState::NotYet);
}

TEST_CASE("rates on the aircraft are compared with those practised", "[school][release]")
{
    Hangar h;
    CHECK(rates_on_aircraft(*h.school, h.pilot).same);
    RateProfile faster = h.school->setup(h.pilot)->rates;
    faster.roll = CentreMaxCurve{200, 900, 0.2};
    REQUIRE(h.school->keep_rates("real-avocet", faster));
    const RatesOnAircraft off = rates_on_aircraft(*h.school, h.pilot);
    CHECK_FALSE(off.same);
    CHECK(off.words.english().find("roll") != std::string::npos);
}

TEST_CASE("what surprised is kept, and compared with what was practised over all pilots", "[school][release]")
{
    Hangar h;
    const std::string other = h.school->add_pilot({"", "Anselm Roe"});
    const std::string session = h.school->start_session(h.pilot, "Station 1", "guid");
    for (int i = 0; i < 3; ++i) { // Nell practised in the wind
        h.place.clock += 60;
        JudgedAttempt a;
        a.pilot_id = h.pilot, a.session_id = session, a.drill_id = "hover-window";
        a.flight.emplace();
        a.flight->conditions.wind_mps = 4;
        const FlightLog log = shortLog(2);
        REQUIRE_FALSE(h.school->add_attempt(a, &log).empty());
    }
    h.place.clock += 60;
    AfterFlight nell, anselm;
    nell.pilot_id = h.pilot, nell.packs = 3, nell.surprised = {Surprise::Nerves};
    anselm.pilot_id = other, anselm.packs = 2, anselm.surprised = {Surprise::Wind};
    REQUIRE_FALSE(keep_after_flight(*h.school, nell).empty());
    REQUIRE_FALSE(keep_after_flight(*h.school, anselm).empty());
    CHECK(keep_after_flight(*h.school, {}).empty());
    const auto counts = surprises_of_all(*h.school);
    const SurpriseCount& wind = counts[static_cast<std::size_t>(Surprise::Wind)];
    CHECK(wind.practised == 1);
    CHECK(wind.practised_surprised == 0);
    CHECK(wind.others == 1);
    CHECK(wind.others_surprised == 1);
    h.school = h.place.open();
    CHECK(has_flown(*h.school, h.pilot));
    CHECK(h.school->file(other).after_flight.front().surprised == std::vector{Surprise::Wind});
}

TEST_CASE("today's things are ranked by what they hold up, and one cause is one line", "[school][today]")
{
    Place place;
    place.clock = 100 * 86400;
    auto school = place.open();
    std::vector<std::string> pilots;
    for (const char* name : {"Anselm Roe", "Greta Holm", "Iris Quayle"}) pilots.push_back(school->add_pilot({"", name}));
    Calibration c;
    for (FunctionCalibration& f : c.functions)
        f.axis = static_cast<int>(&f - c.functions.data()), f.high_counts = 4000, f.centre_counts = 2000;
    REQUIRE(school->verify_calibration(school->add_calibration("Station 1", "guid", c)));
    const auto practise = [&](const std::string& pilot, double hours) {
        Session s;
        s.pilot_id = pilot, s.started_at = place.clock, s.active_s = 3600 * hours;
        s.ended_at = place.clock + static_cast<UnixTime>(s.active_s),
        s.controller_id = school->controller_id("Station 1", "guid");
        REQUIRE_FALSE(school->add_session(s).empty());
    };
    for (int week = 0; week < 10; ++week) {
        for (const std::string& p : pilots) practise(p, p == pilots[2] && week == 9 ? 1 : 4);
        place.clock += 7 * 86400;
    }
    // 70 days on: one controller for all three, calibrated too long ago.
    const auto& items = school->today_items();
    REQUIRE(items.size() == 2);
    CHECK(items[1].weight == TodayItem::Weight::Pace); // the last, whatever it moves
    CHECK(items[1].pilots == std::vector{pilots[2]});
    CHECK(items[0].pilots.size() == 3);
    CHECK(items[0].what == "Controller calibrated 70 days ago");
    CHECK(items[0].moved_days == 3 * 10); // ten days each over the sixty
    CHECK(items[0].go == PilotStanding::Go::Controller);
    CHECK(named_today(*school).size() == 3);
    // Another limit of the house, and it is good again.
    REQUIRE(school->keep_house_limit(Limit::GateCalibrationDays, 90, "two controllers are new"));
    CHECK(school->today_items().size() == 1);
    REQUIRE(school->undo());
    CHECK(school->today_items().size() == 2);
    // Symptoms come before everything.
    SicknessAnswers sick;
    sick.pilot_id = pilots[1], sick.goggles = true, sick.answers.assign(16, 2);
    REQUIRE(school->add_sickness(sick));
    CHECK(school->today_items().front().weight == TodayItem::Weight::Safety);
    CHECK(school->today_items().front().pilots == std::vector{pilots[1]});
    // Who stays away for a month, and three of them: one line.
    place.clock += 30 * 86400;
    const auto& later = school->today_items();
    const auto rest =
        std::find_if(later.begin(), later.end(), [](const TodayItem& i) { return i.what.english().starts_with("No practice"); });
    REQUIRE(rest != later.end());
    CHECK(rest->pilots.size() == 3);
    CHECK(rest->what == "No practice for more than 14 days");
    CHECK(std::is_sorted(later.begin(), later.end(), [](const TodayItem& a, const TodayItem& b) { return a.weight < b.weight; }));
}
