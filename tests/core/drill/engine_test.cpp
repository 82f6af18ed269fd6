// The drill engine's rules, each on a log made for it by hand.
#include "core/drill/demonstration.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

Phase stay(const char* id, double for_s)
{
    Phase phase;
    phase.id = id;
    phase.goal.for_s = for_s;
    phase.height_m = 5;
    return phase;
}

Drill drill_of(std::vector<Phase> phases)
{
    Drill drill;
    drill.id = "test";
    drill.phases = std::move(phases);
    Criterion c;
    c.measure = Measure::DoneS;
    c.fail = 0, c.pass = 0.001, c.merit = 0.002;
    drill.criteria = {c};
    return *checked(drill);
}

/// Hovers at 5 m, armed, for as long as asked; rows are then changed by the tests.
FlightLog hover(double seconds)
{
    FlightLog log;
    for (int i = 0; i <= static_cast<int>(100 * seconds); ++i) {
        FlightSample s;
        s.t_s = 0.01 * i;
        s.height_m = 5;
        s.sticks.throttle = 0.4;
        s.armed = true;
        log.append(s);
    }
    return log;
}

Score scored(const Drill& drill, const FlightLog& log) { return *score_log(drill, log); }

std::string why(const Drill& drill, const FlightLog& log)
{
    const Score s = scored(drill, log);
    return s.disqualified.empty() ? "" : in_words(s.disqualified.front()).english();
}

FlightSetup flight_setup()
{
    FlightSetup setup;
    setup.world.half_size_m = 100;
    setup.start.height_m = 0;
    return setup;
}

} // namespace

TEST_CASE("what a phase must not leave disqualifies when it is left", "[core][drill]")
{
    Phase phase = stay("line", 3);
    SECTION("too high")
    {
        phase.bounds.highest_m = 6;
        FlightLog log = hover(4);
        log.height_m[150] = 6.2;
        CHECK(why(drill_of({phase}), log) == "Over 6.0 m during \"line\".");
    }
    SECTION("too low")
    {
        phase.bounds.lowest_m = 4;
        FlightLog log = hover(4);
        log.height_m[150] = 3.9;
        CHECK(why(drill_of({phase}), log) == "Under 4.0 m during \"line\".");
    }
    SECTION("too fast")
    {
        phase.bounds.fastest_mps = 2;
        FlightLog log = hover(4);
        log.ve_mps[150] = 2.5;
        CHECK(why(drill_of({phase}), log) == "Faster than 2.0 m/s during \"line\".");
    }
    SECTION("off the line")
    {
        phase.bounds.corridor_m = 1;
        FlightLog log = hover(4);
        log.east_m[150] = -1.5;
        CHECK(why(drill_of({phase}), log) == "More than 1.0 m off the line during \"line\".");
    }
    SECTION("left after the phase")
    {
        phase.bounds.highest_m = 6;
        FlightLog log = hover(6);
        log.height_m[400] = 9;
        CHECK(why(drill_of({phase, stay("rest", 2)}), log).empty());
    }
}

TEST_CASE("a stick that a phase does not allow may rest, but not be used", "[core][drill]")
{
    Phase phase = stay("yaw alone", 3);
    phase.sticks = {StickAxis::Yaw};
    const Drill drill = drill_of({phase});
    FlightLog log = hover(4);
    for (std::size_t i = 100; i < 250; ++i) log.stick_yaw[i] = 0.8, log.stick_roll[i] = 0.12;
    CHECK(why(drill, log).empty());
    for (std::size_t i = 100; i < 125; ++i) log.stick_roll[i] = 0.5; // a quarter of a second: a slip
    CHECK(why(drill, log).empty());
    for (std::size_t i = 100; i < 140; ++i) log.stick_roll[i] = 0.5;
    CHECK(why(drill, log) == "Used the roll stick during \"yaw alone\", which does not allow it.");
    FlightLog pumping = hover(4);
    for (std::size_t i = 100; i < 140; ++i) pumping.throttle[i] = 0.7;
    CHECK(why(drill, pumping) == "Used the throttle stick during \"yaw alone\", which does not allow it.");
    // In position-hold the throttle rests at its middle, wherever it was when the phase began.
    FlightLog held = hover(4);
    for (std::size_t i = 0; i < held.size(); ++i) held.mode[i] = Mode::Hold, held.throttle[i] = i < 20 ? 0.7 : 0.5;
    CHECK(why(drill, held).empty());
    for (std::size_t i = 100; i < 140; ++i) held.throttle[i] = 0.7;
    CHECK(why(drill, held) == "Used the throttle stick during \"yaw alone\", which does not allow it.");
}

TEST_CASE("a phase's mode is flown, with a moment to switch", "[core][drill]")
{
    Phase acro = stay("acro", 2), angle = stay("angle", 2);
    acro.mode = Mode::Acro, angle.mode = Mode::Angle;
    Drill drill;
    drill.modes = {Mode::Acro, Mode::Angle};
    drill.phases = {acro, angle};
    drill.id = "modes";
    drill.criteria = drill_of({acro}).criteria;
    drill.criteria[0].phases = {"acro"};
    FlightLog log = hover(5);
    for (std::size_t i = 260; i < log.size(); ++i) log.mode[i] = Mode::Angle;
    CHECK(why(*checked(drill), log).empty());
    for (std::size_t i = 260; i < 330; ++i) log.mode[i] = Mode::Acro;
    CHECK(why(*checked(drill), log) == "Flown in acro mode during \"angle\", which is for angle.");
}

TEST_CASE("after a crash the drill goes on until the throttle is at the bottom, and the time is kept", "[core][drill]")
{
    const Drill drill = drill_of({stay("fly", 3)});
    FlightLog log = hover(10);
    log.events.push_back({100, FlightEvent::Crash});
    for (std::size_t i = 100; i < log.size(); ++i) log.armed[i] = false;
    for (std::size_t i = 170; i < log.size(); ++i) log.throttle[i] = 0.02;
    DrillRunner runner(drill);
    FlightLog growing;
    for (std::size_t i = 0; i < log.size() && !runner.over(); ++i) {
        if (i == 100) growing.events.push_back(log.events.front());
        growing.append(log.sample(i));
        runner.follow(growing);
        if (i >= 100 && i < 170) CHECK(runner.wants_throttle_cut());
    }
    CHECK(growing.size() == 171);
    const Score live = score(runner, growing);
    CHECK(live.throttle_cuts_s == std::vector{log.t_s[170] - log.t_s[100]});
    CHECK(summary_of(live) == "Crashed during \"fly\". Throttle at the bottom after 0.7 s.");
    CHECK(scored(drill, log).score == live.score); // the rows after it change nothing
    CHECK(*live.criteria[0].value == Approx(1.0)); // and neither does the wait
    for (std::size_t i = 170; i < log.size(); ++i) log.throttle[i] = 0.4;
    CHECK(summary_of(scored(drill, log)) == "Crashed during \"fly\". The throttle was not taken to the bottom.");
}

TEST_CASE("where crashes are allowed the aircraft goes back to the start, until there is one too many", "[core][drill]")
{
    Drill drill = drill_of({stay("fly", 9)});
    drill.crashes_allowed = 1;
    FlightLog log = hover(10);
    log.events = {{100, FlightEvent::Crash}};
    for (std::size_t i = 130; i < 200; ++i) log.throttle[i] = 0;
    CHECK(why(drill, log).empty());
    DrillRunner runner(drill);
    FlightLog growing;
    growing.events = log.events;
    std::vector<double> put_back_s;
    for (std::size_t i = 0; i < 200; ++i) {
        growing.append(log.sample(i));
        runner.follow(growing);
        if (runner.puts_back_now()) put_back_s.push_back(log.t_s[i]);
    }
    REQUIRE_FALSE(put_back_s.empty());
    CHECK(put_back_s.front() == Approx(1.8).margin(0.011)); // half a second with the throttle at the bottom
    log.events.push_back({400, FlightEvent::Reset});
    log.events.push_back({500, FlightEvent::Crash});
    CHECK(why(drill, log) == "Crashed during \"fly\", once more than the drill allows.");
}

TEST_CASE("planted failures and attitudes happen in the flight, and it can be put back", "[core][flight]")
{
    FlightSetup setup = flight_setup();
    setup.start.height_m = 20;
    setup.crash_disarms = false;
    Flight flight = *Flight::create(setup);
    const Sticks hold{hover_throttle(setup.airframe), 0, 0, 0};
    for (int i = 0; i < 500; ++i) flight.step(hold);
    flight.upset(-40, 120);
    CHECK(lean_deg(flight.state().attitude) > 90);
    CHECK(flight.state().velocity_mps.norm() == Approx(0));
    flight.fail_motors();
    const double from_m = flight.state().height_m();
    for (int i = 0; i < 500; ++i) flight.step({1, 0, 0, 0}); // full throttle does nothing any more
    CHECK(from_m - flight.state().height_m() == Approx(0.5 * gravity_mps2 * 0.25).epsilon(0.08)); // free fall, a little drag
    for (int i = 0; i < 4000; ++i) flight.step({1, 0, 0, 0});
    CHECK(flight.crashed());
    CHECK(flight.armed());
    for (int i = 0; i < 20; ++i) flight.step({0, 0, 0, 0});
    flight.put_back();
    CHECK_FALSE(flight.crashed());
    CHECK(flight.on_ground());
    for (int i = 0; i < 2000; ++i) flight.step({0.7, 0, 0, 0});
    CHECK(flight.state().height_m() > 1);
    CHECK(*measure(flight.log(), {0, flight.log().size()}, Measure::ThrottleCutS, {}) ==
          Approx(4.5).margin(0.02)); // from the failure; the crash is part of it
}

TEST_CASE("arming with the throttle up is refused and noted", "[core][flight]")
{
    Flight flight = *Flight::create(flight_setup());
    flight.step({0.3, 0, 0, 0});
    CHECK_FALSE(flight.arm());
    for (int i = 0; i < 20; ++i) flight.step({0, 0, 0, 0});
    CHECK(flight.arm());
    for (int i = 0; i < 20; ++i) flight.step({0, 0, 0, 0});
    flight.disarm();
    for (int i = 0; i < 20; ++i) flight.step({0, 0, 0, 0});
    const RowSpan all{0, flight.log().size()};
    CHECK(*measure(flight.log(), all, Measure::ArmRefusals, {}) == 1);
    CHECK(*measure(flight.log(), all, Measure::DisarmedAtEnd, {}) == 1);
}

TEST_CASE("a band is judged by the side that is farther off", "[core][drill]")
{
    Criterion c;
    c.fail = 700, c.pass = 300, c.merit = 200;
    c.below = Limits{-400, -50, 20};
    CHECK(marks_for(c, 100) == 100);
    CHECK(marks_for(c, 300) == Approx(60));
    CHECK(marks_for(c, -50) == Approx(60));
    CHECK(marks_for(c, -225) == Approx(30));
    CHECK(marks_for(c, 800) == 0);
}

TEST_CASE("each value says from which part of the flight it was taken", "[core][drill]")
{
    Drill drill = drill_of({stay("a", 2), stay("b", 3), stay("c", 1)});
    drill.criteria[0].phases = {"b"};
    Criterion worst = drill.criteria[0];
    worst.measure = Measure::HeightSpanM;
    worst.phases = {"a", "b", "c"};
    worst.over = Criterion::Over::Worst;
    worst.fail = 5, worst.pass = 2, worst.merit = 1;
    drill.criteria.push_back(worst);
    FlightLog log = hover(7);
    log.height_m[300] = 8;
    const Score s = scored(*checked(drill), log);
    CHECK(s.criteria[0].span->from_s == Approx(2).margin(0.02));
    CHECK(s.criteria[0].span->to_s == Approx(5).margin(0.03));
    CHECK(*s.criteria[1].value == Approx(3));
    CHECK(s.criteria[1].span->from_s == Approx(2).margin(0.02)); // the phase with the worst one
}

TEST_CASE("a flight that ends early is worth the share that was flown", "[core][drill]")
{
    const Drill drill = drill_of({stay("a", 2), stay("b", 2)});
    FlightLog log = hover(3); // ends in the middle of the second of two phases
    const Score s = scored(drill, log);
    CHECK_FALSE(s.passed);
    CHECK(s.score == Approx(75).margin(1));
}

TEST_CASE("a demonstration is replayed with the phases it was flown in", "[core][drill]")
{
    const DataFolder data(BH_DATA);
    const Drill drill = *data.drill("lift-settle");
    const auto flown = fly_drill(drill, *data.setup_for(drill, RateProfile{}), 0.95, 4);
    DrillRunner runner(drill);
    runner.follow(flown->log);
    const Drill replay = replay_of(drill, std::make_shared<const FlightLog>(flown->log));
    REQUIRE(replay.phases.size() == runner.spans().size());
    double until_s = 0;
    for (std::size_t i = 0; i < replay.phases.size(); ++i) {
        CHECK(replay.phases[i].instruction == drill.phases[i].instruction);
        until_s += replay.phases[i].goal.for_s;
        if (i + 1 < runner.spans().size()) CHECK(until_s == Approx(flown->log.t_s[runner.spans()[i + 1].rows.first]));
    }
    CHECK(until_s == Approx(flown->log.duration_s()));
}
