// What the school keeps, how it is undone, and how its values follow the chain of entries.
#include "record/chain/bodies.h"
#include "school_place.h"

#include "record/file/database.h"

#include <QEventLoop>
#include <QTimer>
#include <fstream>

using namespace bh;

namespace {

/// What a school says, as one text, to compare two of them.
std::string told(const Values& v)
{
    std::string all = std::to_string(v.seq);
    for (const auto& [subject, text] : v.texts)
        all += "\n" + std::to_string(static_cast<int>(subject.first)) + subject.second + text;
    for (const auto& [subject, versions] : v.versions)
        for (const auto& [version, text] : versions) all += "\n" + subject.second + std::to_string(version) + text;
    for (const auto& [id, p] : v.pilots) {
        all +=
            "\n" + body_of(p.row) + std::to_string(p.setup_at) + std::to_string(p.match_at) + std::to_string(p.handling.size());
        for (const Attempt& a : p.attempts) all += "\n" + a.id + draft_of(JudgedAttempt{a}).body;
        for (const AttemptFact& f : p.facts) all += " " + f.drill_id + std::to_string(f.day) + std::to_string(f.score);
        for (const Session& s : p.sessions) all += "\n" + s.id + body_of(s);
        for (const auto& [item, tick] : p.kit_ticks) all += "\n" + item + std::to_string(tick.at) + std::to_string(tick.ticked);
        for (const GripRound& g : p.grip_rounds) all += "\n" + g.id + body_of(g);
        for (const OpenedStage& o : p.opened_stages) all += "\n" + o.stage + o.reason;
    }
    for (const KeptCalibration& c : v.calibrations) all += "\n" + c.id + body_of(c) + std::to_string(c.verified_at);
    for (const auto& [drill, shown] : v.demonstrations) all += "\n" + drill + shown.attempt_id;
    return all;
}

Values followed(const Record& record)
{
    Values values;
    for (const Entry& entry : record.entries_after(0)) fold(values, entry);
    return values;
}

RateProfile fast()
{
    RateProfile rates;
    rates.roll = rates.pitch = CentreMaxCurve{200, 700, 0.3};
    return rates;
}

Airframe avocet()
{
    Airframe real;
    real.id = "real-avocet", real.name = "Avocet", real.mass_kg = 0.76;
    return real;
}

JudgedAttempt attempt(const std::string& pilot, const std::string& session, const char* drill = "hover-window")
{
    JudgedAttempt a;
    a.pilot_id = pilot;
    a.session_id = session;
    a.drill_id = drill;
    a.score = 72;
    a.flown_s = 30;
    return a;
}

/// Something of every kind.
std::string fill(School& school)
{
    const std::string pilot = school.add_pilot({"", "Iris Quayle"});
    Calibration calibration;
    for (FunctionCalibration& f : calibration.functions) f.axis = 0, f.high_counts = 4000, f.centre_counts = 2000;
    school.verify_calibration(school.add_calibration("Station 1 controller", "sq-01", calibration));
    school.keep_aircraft(avocet());
    school.keep_rates("real-avocet", fast());
    TrainingSetup setup;
    setup.real_aircraft = "real-avocet";
    setup.rates = fast();
    school.keep_setup(pilot, setup);
    school.keep_match(pilot, {"real-avocet", "mudlark", fast(), fast(), "centre-max", {}});
    school.keep_trial(pilot, fast());
    school.add_handling(pilot, {0, 3, "coordinator", fast()});
    school.add_blind_test(pilot, {0, "A and B", 7, 8, 0.035});
    school.tick_kit(pilot, "screen/cable", true);
    school.add_grip_round({"", pilot, 0, Grip::Pinch, 3.4, 0.8, 11});
    const std::string session = school.start_session(pilot, "Station 1 controller", "sq-01");
    const FlightLog log = shortLog(4);
    const std::string flown = school.add_attempt(attempt(pilot, session), &log);
    school.keep_demonstration("hover-window", flown);
    school.open_stage(pilot, school.curriculum(pilot).stages.back().name, true, "Flew before");
    school.end_session(session, 120, 10);
    return pilot;
}

} // namespace

TEST_CASE("values read from tables, followed entry by entry, or followed after each write are the same", "[school]")
{
    Place place;
    const auto school = place.open();
    fill(*school);
    CHECK(school->values().seq == school->record().verify().entries);
    CHECK(told(followed(school->record())) == told(school->values()));
    const auto again = place.open();
    CHECK(told(again->values()) == told(school->values()));
    // Two windows on one record: what the other one wrote is taken in with the next own entry.
    again->add_pilot({"", "Nell Harker"});
    CHECK(school->pilots().size() == 1);
    school->add_pilot({"", "Oren Pell"});
    CHECK(school->pilots().size() == 3);
    CHECK(told(followed(school->record())) == told(school->values()));
}

TEST_CASE("a change tells its kind, its subject and whom it is about", "[school]")
{
    Place place;
    const auto school = place.open();
    const std::string iris = school->add_pilot({"", "Iris Quayle"}), nell = school->add_pilot({"", "Nell Harker"});
    Changes told_last;
    QObject::connect(school.get(), &School::changed, [&](const Changes& changes) { told_last = changes; });
    school->tick_kit(iris, "screen/cable", true);
    REQUIRE(told_last.all().size() == 1);
    CHECK(told_last.any({Kind::KitTick}, iris));
    CHECK_FALSE(told_last.any({Kind::KitTick}, nell));
    CHECK_FALSE(told_last.any({Kind::Attempt, Kind::Setup}));
    school->keep_aircraft(avocet());
    CHECK(told_last.any({Kind::Aircraft}, nell)); // of everybody
    CHECK(told_last.all()[0].subject == "real-avocet");
    school->start_session(nell, "A new controller", "x");
    CHECK(told_last.any({Kind::Session}, nell));
    CHECK_FALSE(told_last.any({Kind::Session}, iris));
}

TEST_CASE("an edit goes back and forth through the same door, and checks what stands there", "[school]")
{
    Place place;
    const auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Iris Quayle"});
    Pilot edited = *school->pilot(pilot);
    edited.name = "Iris Quale";
    CHECK_FALSE(school->undoable()); // adding a pilot is not undone
    REQUIRE(school->edit_pilot(edited));
    REQUIRE(school->undoable());
    CHECK(school->undoable()->front().kind == Kind::Pilot);
    CHECK(school->edit_pilot(edited)); // nothing new: no entry, nothing more to undo
    const std::int64_t seq = school->values().seq;
    REQUIRE(school->undo());
    CHECK(school->pilot(pilot)->name == "Iris Quayle");
    CHECK(school->values().seq == seq + 1);
    CHECK_FALSE(school->undoable());
    REQUIRE(school->redo());
    CHECK(school->pilot(pilot)->name == "Iris Quale");
    CHECK_FALSE(school->redoable());

    SECTION("a command that comes too late is refused")
    {
        TextChange late = school->change_to(Kind::Pilot, pilot, school->values().text(Kind::Pilot, pilot));
        late.before = "{}";
        late.after = body_of(Pilot{pilot, "Somebody"});
        const auto applied = school->apply({late});
        REQUIRE_FALSE(applied);
        CHECK(applied.error().english == "something else stands there by now: name: Iris Quale is there, Somebody here");
        CHECK(school->pilot(pilot)->name == "Iris Quale");
    }
    SECTION("what another window has changed since is not overwritten, and the stack does not say that it can be")
    {
        const auto other = place.open();
        Pilot theirs = *other->pilot(pilot);
        theirs.name = "Iris Q.";
        other->edit_pilot(theirs);
        school->tick_kit(pilot, "screen/cable", true); // hears of it
        std::string said;
        QObject::connect(school.get(), &School::failed, [&](const Message& s) { said = s.english(); });
        CHECK_FALSE(school->undo());
        CHECK(said.find("changed meanwhile by ") != std::string::npos);
        CHECK(school->pilot(pilot)->name == "Iris Q.");
        CHECK_FALSE(school->undoable());
        CHECK_FALSE(school->redoable());
    }
    SECTION("a disk that fails leaves the record and the stack as they are")
    {
        school->record().set_note("probe", "1");
        Database(place.file, false)
            .run("CREATE TRIGGER full BEFORE INSERT ON entries BEGIN SELECT RAISE(ABORT, 'the disk is full'); END");
        std::string said;
        QObject::connect(school.get(), &School::failed, [&](const Message& s) { said = s.english(); });
        CHECK_FALSE(school->undo());
        CHECK(said.find("the disk is full") != std::string::npos);
        CHECK(school->pilot(pilot)->name == "Iris Quale");
        REQUIRE(school->undoable()); // once there is room again
        Database(place.file, false).run("DROP TRIGGER full");
        CHECK(school->undo());
        CHECK(school->pilot(pilot)->name == "Iris Quayle");
    }
}

TEST_CASE("undo of a pilot's first set-up leaves none", "[school]")
{
    Place place;
    const auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Iris Quayle"});
    TrainingSetup setup;
    setup.camera_tilt_deg = 18;
    REQUIRE(school->keep_setup(pilot, setup));
    place.clock += 100;
    setup.camera_tilt_deg = 22;
    REQUIRE(school->keep_setup(pilot, setup));
    CHECK(school->file(pilot).setup_at == place.clock);
    REQUIRE(school->undo());
    CHECK(school->setup(pilot)->camera_tilt_deg == 18);
    REQUIRE(school->undo());
    CHECK_FALSE(school->setup(pilot));
    CHECK(school->file(pilot).setup_at == 0);
    CHECK_FALSE(place.open()->setup(pilot));
    CHECK(school->record().verify().problems.empty());
    REQUIRE(school->redo());
    CHECK(school->setup(pilot)->camera_tilt_deg == 18);
}

TEST_CASE("changes of one gesture are undone together", "[school]")
{
    Place place;
    const auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Iris Quayle"});
    TrainingSetup setup;
    setup.rates = fast();
    REQUIRE(school->practise_on_match(pilot, setup, KeptMatch{"real-avocet", "mudlark", fast(), fast(), "centre-max", {}}));
    CHECK(school->match(pilot));
    REQUIRE(school->undo());
    CHECK_FALSE(school->match(pilot));
    CHECK_FALSE(school->setup(pilot));
    REQUIRE(school->redo());
    CHECK(school->match(pilot)->simulator == "mudlark");
    CHECK(school->setup(pilot)->rates == fast());
}

TEST_CASE("a version number is never given back", "[school]")
{
    Place place;
    const auto school = place.open();
    const auto renamed = [&](const char* name) {
        std::string text = *school->document(Kind::Drill, "hover-window");
        const auto at = text.find("\"name\"");
        text.replace(at, text.find(',', at) - at, std::string("\"name\": \"") + name + "\"");
        return text;
    };
    const int ships = school->drill("hover-window")->version;
    REQUIRE(school->keep_document(Kind::Drill, "hover-window", renamed("First")));
    CHECK(school->drill("hover-window")->version == ships + 1);
    REQUIRE(school->undo());
    CHECK(school->drill("hover-window")->version == ships); // the one that ships, and nothing else, has this number
    REQUIRE(school->keep_document(Kind::Drill, "hover-window", renamed("Second")));
    CHECK(school->drill("hover-window")->version == ships + 2);
    CHECK(school->drill("hover-window")->name == "Second");
    CHECK(place.open()->drill("hover-window")->version == ships + 2);
}

TEST_CASE("a session that runs in another window goes on; one of which nothing was heard is closed", "[school]")
{
    Place place;
    const auto first = place.open();
    const std::string pilot = first->add_pilot({"", "Sami Roake"});
    const std::string session = first->start_session(pilot, "Station 1 controller", "sq-01");
    place.clock += 100;
    first->note_session(session, 90, 10);
    place.clock += 60;
    const auto second = place.open();
    CHECK(second->sessions(pilot)[0].ended_at == 0);
    CHECK(second->close_abandoned_sessions() == 0);
    CHECK(first->close_abandoned_sessions() == 0); // its own, however long nothing was noted
    place.clock += 300;
    CHECK(first->close_abandoned_sessions() == 0);
    CHECK(second->close_abandoned_sessions() == 1);
    CHECK(second->close_abandoned_sessions() == 0);
    CHECK(second->sessions(pilot)[0].active_s == 90);
    CHECK(second->sessions(pilot)[0].ended_at == 1'000'100); // when it was heard of last
    first->end_session(session, 400, 50);                    // it ran after all, and says so
    CHECK(first->sessions(pilot)[0].active_s == 400);
}

TEST_CASE("an abandoned session lasts at least as long as its flights", "[school]")
{
    Place place;
    std::string pilot;
    {
        const auto school = place.open();
        pilot = school->add_pilot({"", "Sami Roake"});
        const std::string session = school->start_session(pilot, "Station 1 controller", "sq-01");
        place.clock += 50;
        const FlightLog log = shortLog(1);
        school->add_attempt(attempt(pilot, session), &log);
    }
    place.clock += 1000;
    const auto school = place.open();
    CHECK(school->sessions(pilot)[0].active_s == 30);
    CHECK(school->sessions(pilot)[0].ended_at == 1'000'050);
}

TEST_CASE("an attempt says what was judged in codes, and its sentences are made when it is shown", "[school]")
{
    Place place;
    const auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Iris Quayle"});
    const std::string session = school->start_session(pilot, "Station 1 controller", "sq-01");
    JudgedAttempt a = attempt(pilot, session, "oval-pair");
    a.mode = Mode::Acro;
    a.criteria = {{Measure::YawLeadMs, "Yaw lead, left", Unit::Milliseconds, Side::Left, 2, 120.0, 700, 300, 200, 100, false,
                   true, true, Limits{-400, -50, 20}, TimeSpan{3.5, 41.25}},
                  {Measure::FlagDistanceM, "Flags passed at", Unit::Metres, std::nullopt, 1, 12.0, 16, 8, 3, 30, true, false,
                   false, std::nullopt, std::nullopt}};
    a.faults = {{Measure::RockingShare, "Rocking", 0.2, 0.34, TimeSpan{12, 61}}};
    a.disqualified = {{.rule = RuleViolation::Rule::WrongMode, .phase = "laps-left", .flown = Mode::Angle, .meant = Mode::Acro}};
    a.throttle_cuts_s = {0.4, 1.25};
    a.left_minus_right = -12.5;
    a.flight = FlownWith{"five-inch", 0.9, 0.8, 22, 110, fast(), Conditions{.wind_mps = 4, .gusts = true}};
    const FlightLog log = shortLog(2), shown = shortLog(7);
    const std::string id = school->add_attempt(a, &log, &shown);

    const auto again = place.open();
    const JudgedAttempt kept = again->judged(id);
    CHECK(kept.curriculum == again->curriculum(pilot).id);
    CHECK(kept.disqualified == a.disqualified);
    CHECK(*kept.left_minus_right == -12.5);
    CHECK(kept.throttle_cuts_s == std::vector{0.4, 1.25});
    REQUIRE(kept.flight);
    CHECK(kept.flight->power_share == 0.8);
    CHECK(kept.flight->rates == fast());
    CHECK(kept.flight->conditions.wind_mps == 4);
    REQUIRE(kept.faults.size() == 1);
    CHECK(kept.faults[0].span->to_s == 61);
    const auto& criteria = kept.criteria;
    REQUIRE(criteria.size() == 2);
    CHECK(criteria[0].measure == Measure::YawLeadMs);
    CHECK(criteria[0].side == Side::Left);
    CHECK(criteria[0].weight == 2);
    CHECK(criteria[0].if_any);
    CHECK(criteria[0].to_hold);
    CHECK_FALSE(criteria[1].to_hold);
    CHECK(criteria[0].below->pass == -50);
    CHECK(criteria[0].span->to_s == 41.25);
    CHECK(again->flight_log(kept.demonstration)->height_m == shown.height_m);
    // No sentence is on the record; it is made of the codes.
    for (const Entry& entry : again->record().entries_after(0)) CHECK(entry.body.find("Flown in") == std::string::npos);
    CHECK(again->summary(kept).english().find("Flown in angle mode during \"laps-left\", which is for acro.") == 0);
    CHECK(again->summary(kept).english().find("Seen: rocking, 34 % from 12 s to 61 s") != std::string::npos);
}

TEST_CASE("flights are kept in another thread, in order, and said to be kept once they are", "[school]")
{
    Place place;
    const auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Iris Quayle"});
    const std::string session = school->start_session(pilot, "Station 1 controller", "sq-01");
    std::vector<std::string> kept, not_kept;
    QObject::connect(school.get(), &School::flight_kept, [&](const std::string& id) {
        CHECK(school->attempt(id)); // on the record by now
        CHECK(school->flight_log(school->attempt(id)->log_hash));
        kept.push_back(id);
    });
    QObject::connect(school.get(), &School::flight_not_kept, [&](const std::string& id) { not_kept.push_back(id); });
    std::vector<std::string> ids;
    for (int i = 0; i < 5; ++i)
        ids.push_back(school->keep_flight(attempt(pilot, session), std::make_shared<const FlightLog>(shortLog(i))));
    CHECK(school->flights_waiting() == 5);
    CHECK(school->attempts(pilot).empty()); // nothing stood still for them
    SECTION("as time goes by")
    {
        QEventLoop loop;
        QTimer::singleShot(10000, &loop, &QEventLoop::quit);
        QObject::connect(school.get(), &School::flight_kept, [&] {
            if (kept.size() == ids.size()) loop.quit();
        });
        loop.exec();
    }
    SECTION("when they are waited for") { school->finish_keeping(); }
    CHECK(kept == ids);
    CHECK(school->flights_waiting() == 0);
    CHECK(not_kept.empty());
    CHECK(school->record().verify().problems.empty());
}

TEST_CASE("flights on their way are kept when the program ends, and a disk that does not take them is told", "[school]")
{
    Place place;
    std::string pilot, id;
    {
        const auto school = place.open();
        pilot = school->add_pilot({"", "Iris Quayle"});
        const std::string session = school->start_session(pilot, "Station 1 controller", "sq-01");
        id = school->keep_flight(attempt(pilot, session), std::make_shared<const FlightLog>(shortLog(3)));
    }
    CHECK(place.open()->attempt(id));
    std::filesystem::remove_all(place.file.string() + ".logs");
    std::ofstream(place.file.string() + ".logs") << "in the way";
    const auto school = place.open();
    std::string said;
    std::vector<std::string> lost;
    QObject::connect(school.get(), &School::failed, [&](const Message& s) { said = s.english(); });
    QObject::connect(school.get(), &School::flight_not_kept, [&](const std::string& which) { lost.push_back(which); });
    const std::string second =
        school->keep_flight(attempt(pilot, school->sessions(pilot)[0].id), std::make_shared<const FlightLog>(shortLog(8)));
    school->finish_keeping();
    CHECK(lost == std::vector{second});
    CHECK(said.find("The flight could not be kept") == 0);
    CHECK_FALSE(school->attempt(second));
    CHECK(school->flights_aside() == 1); // held in memory, and tried again until the disk takes it
    std::filesystem::remove(place.file.string() + ".logs");
    QEventLoop loop;
    QTimer::singleShot(4 * School::try_again_ms, &loop, &QEventLoop::quit);
    QObject::connect(school.get(), &School::flight_kept, &loop, &QEventLoop::quit);
    loop.exec();
    CHECK(school->attempt(second));
    CHECK(school->flights_aside() == 0);
    CHECK(school->flight_log(school->attempt(second)->log_hash));
}

TEST_CASE("the first hour of a pilot is kept: stick mode, kit, verified calibrations, grip rounds, simulators", "[school]")
{
    Place place;
    Calibration calibration;
    for (FunctionCalibration& f : calibration.functions)
        f.axis = static_cast<int>(&f - calibration.functions.data()), f.high_counts = 4000, f.centre_counts = 2000;
    std::string pilot, first, second;
    {
        const auto school = place.open();
        pilot = school->add_pilot({"", "Petra Lowmoor", "first-steps", 20, false, 3});
        first = school->add_calibration("Station 1 controller", "sq-01", calibration);
        second = school->add_calibration("Station 1 controller", "sq-01", calibration);
        place.clock += 60;
        school->verify_calibration(second);
        school->tick_kit(pilot, "screen/cable", true);
        place.clock += 60;
        school->tick_kit(pilot, "screen/cable", false);
        school->tick_kit(pilot, "screen/battery", true);
        school->add_grip_round({"", pilot, 0, Grip::Pinch, 3.4, 0.82, 11});
        const auto sticks = school->new_stick_recording("2031-06-12T140200");
        std::filesystem::create_directories(sticks.parent_path());
        std::ofstream(sticks) << "t_s,a0\n";
        school->add_outside_session({"", pilot, "", 999'000, 999'900, 700, 200, {}, false, {}, {}}, "Station 1 controller",
                                    "sq-01", sticks);
        SimulatorProfile simulator;
        simulator.id = "heron-loft", simulator.name = "Heron Loft";
        school->keep_simulator(simulator);
        simulator.axis_base = 0;
        school->keep_simulator(simulator);
    }
    const auto school = place.open();
    CHECK(school->pilots()[0].stick_mode == 3);
    const auto calibrations = school->calibrations("Station 1 controller", "sq-01");
    REQUIRE(calibrations.size() == 2);
    CHECK(calibrations[0].id == first);
    CHECK(calibrations[0].verified_at == 0);
    CHECK(calibrations[1].verified_at == 1'000'060);
    CHECK(school->calibration("Station 1 controller", "sq-01")->id == second);
    const auto ticks = school->kit_ticks(pilot);
    REQUIRE(ticks.size() == 2);
    CHECK(ticks[0].item == "screen/battery");
    CHECK(ticks[0].ticked);
    CHECK(ticks[0].at == 1'000'120);
    CHECK_FALSE(ticks[1].ticked);
    REQUIRE(school->grip_rounds(pilot).size() == 1);
    CHECK(school->grip_rounds(pilot)[0].grip == Grip::Pinch);
    REQUIRE(school->sessions(pilot).size() == 1);
    CHECK(school->sessions(pilot)[0].ended_at == 999'900);
    // By what is in it, as sha256sum prints it.
    CHECK(school->sessions(pilot)[0].recording == "ebc85f81c4360cb25134a578219aad18a1c9ee8bd97ad5c228fda531a74243d1.csv.gz");
    REQUIRE(school->simulator("heron-loft")); // the later one stands
    CHECK(school->simulator("heron-loft")->axis_base == 0);
    CHECK(school->record().verify().problems.empty());
}

TEST_CASE("stages opened by hand, edited documents and demonstrations are kept and taken back", "[school]")
{
    Place place;
    std::string pilot, flown;
    {
        const auto school = place.open();
        pilot = school->add_pilot({"", "Iris Quayle", "one-axis"});
        REQUIRE(school->curriculum(pilot).id == "one-axis");
        const FlightLog log = shortLog(2);
        flown = school->add_attempt(attempt(pilot, school->start_session(pilot, "a", "b"), "shadow"), &log);
        const auto& stages = school->curriculum(pilot).stages;
        school->open_stage(pilot, stages[1].name, true, "Flew before");
        school->open_stage(pilot, stages[2].name, true, " Flew   before ");
        school->open_stage(pilot, stages[1].name, false, "a slip");
        school->keep_demonstration("shadow", flown);
        school->keep_demonstration("gaps", flown);
        school->keep_demonstration("gaps", "");
        CHECK_FALSE(school->open_stage(pilot, stages[1].name, true, "  ")); // without a reason
    }
    const auto school = place.open();
    REQUIRE(school->opened_stages(pilot).size() == 1);
    CHECK(school->opened_stages(pilot)[0].stage == school->curriculum(pilot).stages[2].name);
    CHECK(school->opened_stages(pilot)[0].reason == "Flew before");
    CHECK(school->demonstration("shadow")->id == flown);
    CHECK_FALSE(school->demonstration("gaps"));
    const auto refused = school->keep_document(
        Kind::Curriculum, "one-axis",
        R"({"format":"bluehangar.curriculum/1","id":"one-axis","name":"x","version":1,"stages":[{"name":"a","drills":["none"]}]})");
    REQUIRE_FALSE(refused);
    CHECK(refused.error().english == "one-axis: there is no drill 'none'");
}

TEST_CASE("names that come from outside are kept in one line, with nothing hidden in them", "[school]")
{
    Place place;
    const auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Iris\n\tQuayle \xe2\x80\xaegnik\x01"});
    CHECK(school->pilot(pilot)->name == R"(Iris Quayle \u202egnik\x01)");
    Pilot row = *school->pilot(pilot);
    row.name = "Iris\r\nQuayle <b>";
    CHECK(school->edit_pilot(row));
    CHECK(school->pilot(pilot)->name == "Iris Quayle <b>"); // markup is shown as it is written
}
