// The rules that pages show, without a page.
#include "core/drill/free_flight.h"
#include "core/setup/camera_tilt.h"
#include "school/flights/take_off.h"
#include "school/values/ids.h"
#include "school/values/marks.h"
#include "school/views/practice.h"
#include "school/views/rate_rules.h"
#include "school/views/setup_rules.h"
#include "school_place.h"

#include <algorithm>
#include <cctype>
#include <set>

using namespace bh;

namespace {

RateProfile all_axes(const RateCurve& curve) { return {"", curve, curve, curve, {}}; }

/// A school with one pilot, a real aircraft, and both sides' rates.
struct WithRates {
    Place place;
    std::unique_ptr<School> school = place.open();
    std::string pilot = school->add_pilot({"", "Iris Quayle"});
    RateProfile real = all_axes(GainEdgeCurve{0.9, 0.6, 0.1}), practised = all_axes(CentreMaxCurve{140, 500, 0.2});
    WithRates()
    {
        Airframe avocet;
        avocet.id = "real-avocet", avocet.name = "Avocet";
        school->keep_aircraft(avocet);
        school->keep_rates("real-avocet", real);
        practise(practised);
    }
    void practise(const RateProfile& rates)
    {
        TrainingSetup setup;
        setup.real_aircraft = "real-avocet";
        setup.rates = rates;
        school->keep_setup(pilot, setup);
    }
    [[nodiscard]] MatchQuestion question(MatchDirection direction = MatchDirection::SimulatorToReal) const
    {
        MatchQuestion q;
        q.pilot_id = pilot, q.aircraft_id = "real-avocet", q.simulator_id = "mudlark", q.direction = direction;
        return q;
    }
    void flown(double hours)
    {
        const std::string session = school->start_session(pilot, "a", "b");
        school->end_session(session, 3600 * hours, 0);
    }
};

} // namespace

TEST_CASE("two names never become one id", "[school]")
{
    std::vector<std::string> ids;
    const auto taken = [&](const std::string& id) { return std::find(ids.begin(), ids.end(), id) != ids.end(); };
    for (const char* name : {"A 1", "A-1", "a  1", "Avocet", "AVOCET", "Ави", "Ива", "鷺", "鳩", "Échasse", "???", "!"})
        ids.push_back(id_from_name("real-", name, taken));
    const std::set<std::string> different(ids.begin(), ids.end());
    CHECK(different.size() == ids.size());
    CHECK(ids[0] == "real-a-1");
    CHECK(ids[1] == "real-a-1-2");
    CHECK(ids[9] == "real-echasse");
    for (const std::string& id : ids)
        CHECK(std::all_of(id.begin(), id.end(), [](char c) {
            return std::isdigit(static_cast<unsigned char>(c)) || (c >= 'a' && c <= 'z') || c == '-';
        }));
}

TEST_CASE("rates that were found here go on the aircraft after enough hours and steady ratings only", "[school]")
{
    WithRates w;
    const auto why = [&] { return why_match_blocked(*w.school, w.pilot, 5); };
    REQUIRE(why());
    CHECK(why()->why == NotOnAircraft::Why::NotTried);
    w.place.clock += 10;
    w.school->keep_trial(w.pilot, w.practised);
    w.flown(4.9);
    REQUIRE(why());
    CHECK(why()->why == NotOnAircraft::Why::Hours);
    CHECK(why()->hours == Approx(4.9));
    w.flown(0.2);
    for (const int rating : {6, 3, 3}) w.school->add_handling(w.pilot, {0, rating, "", w.practised});
    CHECK(why()->why == NotOnAircraft::Why::Ratings);
    w.school->add_handling(w.pilot, {0, 1, "", all_axes(CentreMaxCurve{})}); // of other rates: counts for nothing
    CHECK(why()->ratings == 3);
    w.school->add_handling(w.pilot, {0, 4, "", w.practised});
    CHECK_FALSE(why());
    CHECK_FALSE(match_again(*w.school, w.question(MatchDirection::FoundHere)).blocked);
    CHECK_FALSE(match_again(*w.school, w.question()).blocked); // the simulator may always change
    w.practise(all_axes(CentreMaxCurve{150, 600, 0}));
    CHECK(why()->why == NotOnAircraft::Why::NotTried); // others than those that were tried
}

TEST_CASE("the side that changes is matched in its own numbers and steps", "[school]")
{
    WithRates w;
    const MatchAnswer there = match_again(*w.school, w.question());
    CHECK(there.possible());
    CHECK(there.real_known);
    CHECK(there.family == w.school->simulator("mudlark")->rate_family);
    CHECK(there.ranges == ranges_in(*w.school->simulator("mudlark")));
    REQUIRE(there.matches[0]);
    CHECK_FALSE(there.matches[2]); // yaw is locked
    CHECK(there.matched().yaw == w.practised.yaw);
    CHECK(difference(there.matched().roll, w.real.roll).rms_dps < 5);
    const MatchAnswer back = match_again(*w.school, w.question(MatchDirection::RealToSimulator));
    CHECK(back.family == "gain-edge");
    CHECK(difference(back.matched().roll, w.practised.roll).rms_dps < 5);
    SECTION("an aircraft's own limits count")
    {
        RateProfile limited = w.real;
        limited.limits = {{0.5, 1, 0.1}, {0, 0.7, 0.1}, {0, 0.5, 0.1}};
        w.school->keep_rates("real-avocet", limited);
        CHECK(match_again(*w.school, w.question(MatchDirection::RealToSimulator)).ranges == limited.limits);
    }
    SECTION("nothing stands in for an aircraft that is not there")
    {
        MatchQuestion q = w.question();
        q.aircraft_id = "none";
        const MatchAnswer none = match_again(*w.school, q);
        CHECK_FALSE(none.possible());
        CHECK_FALSE(none.matches[0]);
        CHECK_FALSE(match_to_keep(none, w.practised));
    }
    SECTION("a plan ends in a match, unless the side that was to stay has changed")
    {
        const auto plan = plan_to_match(back);
        REQUIRE(plan);
        CHECK(plan->on_aircraft);
        CHECK(plan->stays == w.practised);
        const auto match = match_of_plan(*w.school, w.pilot, *plan, back.matched());
        REQUIRE(match);
        CHECK(match->real == back.matched());
        REQUIRE(w.school->keep_plan_step(w.pilot, *plan, back.matched(), match));
        CHECK(w.school->on_matched_rates(w.pilot));
        CHECK(*w.school->rates_of("real-avocet") == back.matched());
        REQUIRE(w.school->undo()); // the step, the rates and the match together
        CHECK(*w.school->rates_of("real-avocet") == w.real);
        CHECK_FALSE(w.school->match(w.pilot));
        w.practise(all_axes(CentreMaxCurve{150, 600, 0}));
        CHECK_FALSE(match_of_plan(*w.school, w.pilot, *plan, back.matched()));
    }
}

TEST_CASE("the card says where a simulator's rates come from", "[school]")
{
    WithRates w;
    using From = RatesOnCard::From;
    const auto card = [&](const char* simulator) { return rates_on_card(*w.school, w.pilot, *w.school->simulator(simulator)); };
    REQUIRE(card("mudlark"));
    CHECK(card("mudlark")->from == From::Practice);
    CHECK(card("mudlark")->aircraft == "Avocet");
    const MatchAnswer answer = match_again(*w.school, w.question());
    TrainingSetup setup = *w.school->setup(w.pilot);
    setup.rates = answer.matched();
    REQUIRE(w.school->practise_on_match(w.pilot, setup, match_to_keep(answer, setup.rates)));
    CHECK(card("mudlark")->from == From::Match);
    CHECK(card("mudlark")->matched_at == w.place.clock);
    CHECK(card("mudlark")->set_here[0] == answer.matches[0]->rounded);
    const auto other = std::find_if(w.school->simulators().begin(), w.school->simulators().end(),
                                    [](const SimulatorProfile& s) { return s.id != "mudlark" && !s.rate_family.empty(); });
    REQUIRE(other != w.school->simulators().end());
    CHECK(card(other->id.c_str())->from == From::MatchElsewhere);
    w.practise(w.practised);
    CHECK(card("mudlark")->from == From::StaleMatch);
    SimulatorProfile without = *w.school->simulator("mudlark");
    without.rate_family.clear();
    CHECK_FALSE(rates_on_card(*w.school, w.pilot, without));
    CHECK_FALSE(rates_on_card(*w.school, "nobody", *w.school->simulator("mudlark")));
}

TEST_CASE("marks of the page bar and the board follow from the record", "[school]")
{
    WithRates w;
    CHECK(setup_mark(*w.school, "") == Done::Nothing);
    CHECK(setup_mark(*w.school, w.pilot) == Done::Done);
    CHECK(drills_mark(*w.school, w.pilot) == Done::Due);
    CHECK(is_learner(*w.school, w.pilot));
    CHECK(progress_mark(*w.school, w.pilot) == Done::Nothing);
    w.flown(1);
    CHECK(progress_mark(*w.school, w.pilot) == Done::Done);
    w.place.clock += 8 * 86400;
    CHECK(progress_mark(*w.school, w.pilot) == Done::Nothing); // the day is looked at, not only the entries
    CHECK(rates_mark(*w.school, "").why == RatesMark::Why::NoSetup);
    CHECK(rates_mark(*w.school, w.pilot).why == RatesMark::Why::Apart);
    w.practise(w.real);
    CHECK(rates_mark(*w.school, w.pilot).why == RatesMark::Why::Near);
    CHECK(rates_mark(*w.school, w.pilot).state == Done::Done);
    w.school->keep_match(w.pilot, {"real-avocet", "mudlark", w.real, w.real, "centre-max", {}});
    CHECK(rates_mark(*w.school, w.pilot).why == RatesMark::Why::Stale); // of another kind of numbers than the simulator's
    CHECK(rates_mark(*w.school, w.pilot).stale == Stale::Profile);
    CHECK(board_mark(*w.school).need_a_look == (w.school->standing(w.pilot).needs_attention ? 1 : 0));
}

TEST_CASE("full stick is set in every kind of numbers, the centre in proportion; what was measured is not", "[school]")
{
    for (const RateCurve& curve : {RateCurve(CentreMaxCurve{150, 500, 0.3}), RateCurve(GainEdgeCurve{0.9, 0.6, 0.1}),
                                   RateCurve(GainCurveCurve{0.8, 0.65, 0.3}), RateCurve(PercentEndCurve{300, 60, 40}),
                                   RateCurve(LinearExpoCurve{500, 0.6})}) {
        INFO(family_key(curve));
        TrainingSetup setup;
        setup.rates = all_axes(curve);
        REQUIRE(full_stick_can_be_set(setup, RateAxes::RollAndPitch));
        const double before = rate_dps(curve, 1), centre = centre_slope_dps(curve);
        for (const double wanted : {0.8 * before, 1.1 * before}) {
            const TrainingSetup changed = with_full_stick(setup, RateAxes::RollAndPitch, wanted);
            CHECK(rate_dps(changed.rates.roll, 1) == Approx(wanted).epsilon(0.001));
            CHECK(rate_dps(changed.rates.pitch, 1) == Approx(wanted).epsilon(0.001));
            CHECK(centre_slope_dps(changed.rates.roll) == Approx(centre * wanted / before).epsilon(0.02));
            CHECK(changed.rates.yaw == curve);
        }
    }
    TrainingSetup measured;
    measured.rates.pitch = TableCurve({0.5, 1}, {200, 600});
    CHECK_FALSE(full_stick_can_be_set(measured, RateAxes::RollAndPitch));
    CHECK(full_stick_can_be_set(measured, RateAxes::Yaw));
    CHECK(with_full_stick(measured, RateAxes::RollAndPitch, 300).rates == measured.rates);
}

TEST_CASE("a learner is warned of what a steady hand is not", "[school]")
{
    WithRates w;
    TrainingSetup setup;
    setup.camera_tilt_deg = 50;
    const auto learner = warnings_of(*w.school, w.pilot, setup);
    CHECK_FALSE(learner.empty());
    const auto density = 1.225;
    CHECK(learner == setup_warnings(setup, *w.school->simulated_aircraft(setup.simulated_aircraft), {true, {}}, density));
}

TEST_CASE("one place prepares every flight", "[school]")
{
    WithRates w;
    TrainingSetup setup = *w.school->setup(w.pilot);
    setup.camera_tilt_deg = 18, setup.fov_deg = 120, setup.power_share = 0.8, setup.day.wind_mps = 5;
    w.school->keep_setup(w.pilot, setup);
    const Drill& drill = *w.school->drill("hover-window");
    TakeOff wanted;
    wanted.pilot_id = w.pilot;
    SECTION("a drill: the pilot's rates and detuned aircraft, the drill's own day")
    {
        const auto flight = prepared(*w.school, drill, wanted);
        REQUIRE(flight);
        CHECK(flight->setup.rates == w.practised);
        CHECK(flight->setup.airframe.thrust_to_weight ==
              detuned(*w.school->simulated_aircraft(setup.simulated_aircraft), 1, 0.8).thrust_to_weight);
        CHECK(flight->setup.conditions.wind_mps == drill.day.wind_mps);
        CHECK(flight->setup.steps_per_row == 4);
        CHECK(flight->camera_tilt_deg == 18);
        CHECK(flight->fov_deg == 120);
        CHECK(flight->flown_with.power_share == 0.8);
        CHECK(flight->flown_with.aircraft == setup.simulated_aircraft);
        CHECK(flight->flown_with.rates == w.practised);
    }
    SECTION("on the pilot's day where it is asked for, and always freely")
    {
        wanted.real_day = true;
        CHECK(prepared(*w.school, drill, wanted)->setup.conditions.wind_mps == 5);
        CHECK(prepared(*w.school, drill, wanted)->flown_with.conditions.wind_mps == 5);
        wanted.real_day = false;
        wanted.purpose = TakeOff::Purpose::Free;
        wanted.mode = Mode::Angle;
        const auto flight = prepared(*w.school, free_flight("loft"), wanted);
        REQUIRE(flight);
        CHECK(flight->setup.conditions.wind_mps == 5);
        CHECK(flight->setup.mode == Mode::Angle);
    }
    SECTION("a drill that sets the camera is flown with it, whatever the pilot's own is")
    {
        const auto flight = prepared(*w.school, *w.school->drill("first-gate"), wanted);
        REQUIRE(flight);
        CHECK(flight->camera_tilt_deg == 30);
        CHECK(flight->flown_with.camera_tilt_deg == 30);
    }
    SECTION("a drill that is about the real aircraft, with its tilt")
    {
        const auto flight = prepared(*w.school, *w.school->drill("first-day"), wanted);
        REQUIRE(flight);
        CHECK(flight->setup.airframe.id == "real-avocet");
        CHECK(flight->flown_with.power_share == 1);
        CHECK(flight->camera_tilt_deg == 8); // 10 degrees lower than the pilot's own
    }
    SECTION("a test of rates, on the real aircraft in still air")
    {
        wanted.purpose = TakeOff::Purpose::Test;
        wanted.rates = all_axes(CentreMaxCurve{100, 400, 0});
        wanted.real_aircraft = "real-avocet";
        const auto flight = prepared(*w.school, free_flight("pan"), wanted);
        REQUIRE(flight);
        CHECK(flight->setup.rates == *wanted.rates);
        CHECK(flight->setup.airframe.id == "real-avocet");
        CHECK(flight->setup.conditions.wind_mps == 0);
        CHECK(flight->setup.steps_per_row == 4);
    }
    SECTION("a demonstration, as the drill is meant")
    {
        wanted.purpose = TakeOff::Purpose::Demonstration;
        const auto flight = prepared(*w.school, drill, wanted);
        REQUIRE(flight);
        CHECK(flight->setup.airframe.id == drill.aircraft);
        CHECK(flight->flown_with.power_share == 1);
    }
    SECTION("somebody without a set-up flies as the drill says")
    {
        TakeOff nobody;
        const auto flight = prepared(*w.school, drill, nobody);
        REQUIRE(flight);
        CHECK(flight->setup.airframe.id == drill.aircraft);
        CHECK(flight->camera_tilt_deg == drill.camera_tilt_deg);
        Drill lost = drill;
        lost.world = "nowhere";
        CHECK_FALSE(prepared(*w.school, lost, nobody));
    }
}

TEST_CASE("a practice session is noted as it goes on and ends by itself after ten minutes without movement", "[school]")
{
    Place place;
    const auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Sami Roake"});
    Practice practice(*school);
    CHECK(practice.begin("", "a", "b", 0).empty());
    const std::string session = practice.begin(pilot, "a", "b", 0);
    REQUIRE_FALSE(session.empty());
    CHECK(practice.begin(pilot, "a", "b", 5) == session); // it runs already
    double t = 0;
    for (; t < 45; t += 1) CHECK(practice.update(t, {}, true)); // armed
    const auto noted = school->record().noted_session_times();
    REQUIRE(noted.contains(session));
    CHECK(noted.at(session).active_s > 30);
    const double last_moved_s = t;
    for (; t <= last_moved_s + Practice::ends_after_s - 1; t += 1) REQUIRE(practice.update(t, {}, false));
    bool goes_on = true;
    for (; goes_on && t < last_moved_s + Practice::ends_after_s + 20; t += 1) goes_on = practice.update(t, {}, false);
    CHECK_FALSE(goes_on);
    CHECK_FALSE(practice.running());
    REQUIRE(school->sessions(pilot)[0].ended_at > 0);
    CHECK(school->sessions(pilot)[0].active_s == Approx(44).margin(12)); // and the ten seconds after the last movement
    CHECK(school->sessions(pilot)[0].idle_s > 500);
}
