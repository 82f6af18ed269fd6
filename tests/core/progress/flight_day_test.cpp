// The house's limits, the day of a first flight, what practice is worth in hours and money. Limits are common practice or the
// house's, no source; the arithmetic is worked out by hand.
#include "core/progress/bill.h"
#include "core/progress/flight_day.h"
#include "core/progress/practice_hours.h"
#include "core/progress/surprises.h"

#include "core/setup/camera_tilt.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <set>

using namespace bh;

namespace {

FlightDay good_day()
{
    FlightDay day;
    day.site = {"East bank", SiteGround::Grass, 120, 0, false, false, false, "Edda Fenn", "The board"};
    day.weather.wind_mps = 2, day.weather.visibility_m = 10000, day.weather.temperature_c = 20,
    day.weather.pressure_hpa = 1013.25;
    return day;
}

Grade grade_of(const std::vector<DayFinding>& found, std::string_view what)
{
    const auto one = std::find_if(found.begin(), found.end(), [what](const DayFinding& f) { return f.what == what; });
    REQUIRE(one != found.end());
    return one->grade;
}

} // namespace

TEST_CASE("every house limit has a reason, and holds its own usual value", "[core][progress][house]")
{
    std::set<std::string_view> ids;
    for (const HouseLimit& l : house_limits()) {
        CAPTURE(l.id);
        CHECK(ids.insert(l.id).second);
        CHECK_FALSE(l.name.empty());
        CHECK_FALSE(l.why.empty());
        CHECK(l.least <= l.usual);
        CHECK(l.usual <= l.most);
        CHECK(HouseLimits{}.of(l.limit) == l.usual);
        CHECK(house_limit(l.id) == &l);
    }
    CHECK(house_limit("nothing") == nullptr);
}

TEST_CASE("a house limit is changed, kept within what it allows, and as usual again", "[core][progress][house]")
{
    HouseLimits house;
    house.change(Limit::HoursLow, 30);
    CHECK(house.of(Limit::HoursLow) == 30);
    CHECK(house.is_changed(Limit::HoursLow));
    house.change(Limit::HoursLow, 20);
    CHECK_FALSE(house.is_changed(Limit::HoursLow));
    CHECK(house == HouseLimits{});
    house.change(Limit::GateCutShare, 400);
    CHECK(house.of(Limit::GateCutShare) == 100);
    CHECK(house.share(Limit::GateCutShare) == Approx(1));
    house.change(Limit::HoldPasses, 4.6);
    CHECK(house.whole(Limit::HoldPasses) == 5);
    house.change(Limit::HoldPasses, std::nan("")); // is nothing
    CHECK(house.whole(Limit::HoldPasses) == 5);
}

TEST_CASE("weeks left follow from the pace, with an interval", "[core][progress][hours]")
{
    const Pace steady = pace_of({3, 3, 3, 3});
    CHECK(weeks_left(20, 0, steady).weeks == Approx(20.0 / 3)); // 6.7 weeks, 16.7 for 50 (common practice, worked out)
    CHECK(weeks_left(50, 0, steady).weeks == Approx(50.0 / 3));
    CHECK(weeks_left(20, 25, steady).weeks == 0.0);
    const Pace uneven = pace_of({2, 4, 2, 4});
    CHECK(uneven.weekly_hours == 3);
    // Student's t of 3 degrees of freedom at 97.5 % is 3.182 (printed tables); the deviation of these four is 1.1547.
    CHECK(uneven.high == Approx(3 + 3.182 * 1.1547 / 2).margin(0.02)); // the expansion that is used is 0.7 % short there
    const WeeksLeft left = weeks_left(20, 5, uneven);
    CHECK(left.weeks == Approx(5));
    CHECK(*left.low < 5);
    CHECK(*left.high > 5);
    CHECK_FALSE(weeks_left(20, 5, pace_of({0, 0, 0, 0})).weeks);
    CHECK_FALSE(weeks_left(20, 5, pace_of({0, 0, 0, 4})).high); // the pace may be none at all
    CHECK(short_weeks({3, 1, 3, 2, 2.9}, 3) == 2);
    CHECK(short_weeks({3, 3}, 3) == 0);
    CHECK(short_weeks({}, 3) == 0);
}

TEST_CASE("the day is judged by the house, the worst thing first", "[core][progress][day]")
{
    const HouseLimits house;
    FlightDay day = good_day();
    for (const DayFinding& f : judge_day(day, false, house)) CHECK(f.grade == Grade::Good);
    day.weather.wind_mps = 6;
    CHECK(judge_day(day, false, house).front().what == "wind");
    CHECK(grade_of(judge_day(day, false, house), "wind") == Grade::Stop);
    CHECK(grade_of(judge_day(day, true, house), "wind") != Grade::Stop); // wider for one who has flown
    day.weather.wind_mps = 3.5;
    CHECK(grade_of(judge_day(day, false, house), "wind") == Grade::Careful);
    day.weather.gust_mps = 7;
    CHECK(grade_of(judge_day(day, false, house), "gusts") == Grade::Stop);
    for (const SiteGround hard : {SiteGround::Asphalt, SiteGround::Concrete}) {
        FlightDay on = good_day();
        on.site.ground = hard;
        CHECK(judge_day(on, true, house).front().what == "ground");
        CHECK(judge_day(on, true, house).front().grade == Grade::Stop);
    }
    day = good_day();
    day.site.people = true, day.site.water = true, day.site.spotter.clear();
    const auto found = judge_day(day, false, house);
    CHECK(grade_of(found, "people") == Grade::Stop);
    CHECK(grade_of(found, "water") == Grade::Careful);
    CHECK(grade_of(found, "spotter") == Grade::Stop);
    CHECK(std::is_sorted(found.begin(), found.end(), [](const auto& a, const auto& b) { return a.grade > b.grade; }));
    for (const DayFinding& f : judge_day({}, false, house)) CHECK(f.grade != Grade::Good); // nothing is good that was not said
    day = good_day();
    day.weather.thunder = true;
    CHECK(judge_day(day, true, house).front().what == "thunder");
}

TEST_CASE("tilt, minutes and voltage for the day", "[core][progress][day]")
{
    const Airframe aircraft; // hovers for 360 s
    FlightDay day = good_day();
    day.packs = 3, day.cells = 4;
    DayPlan plan = plan_day(day, aircraft, 25, 4, {});
    CHECK(plan.tilt_deg == 15);
    CHECK(plan.level_mps == Approx(level_flight(aircraft, 15, plan.density_kgpm3).speed_mps));
    CHECK(plan.level_mps < plan.practised_mps);
    CHECK(plan.pack_min == Approx(6 * 0.7 * 0.75)); // six minutes of hovering, 70 % of it, a third more power in flight
    CHECK(plan.all_min == Approx(3 * plan.pack_min));
    CHECK(plan.land_at_v == Approx(14));
    CHECK(plan.packs_needed == 4);
    CHECK(plan_day(day, aircraft, 8, 4, {}).tilt_deg == 5);
    CHECK(plan_day(day, aircraft, 3, 4, {}).tilt_deg == 3); // never more than was practised
    day.weather.temperature_c = 0;
    CHECK(plan_day(day, aircraft, 25, 4, {}).pack_min == Approx(plan.pack_min * 0.8)); // one per cent for each degree
    day.weather.temperature_c = 35, day.site.field_m = 1500;
    CHECK(plan_day(day, aircraft, 25, 4, {}).thrust_share < 0.85);
}

TEST_CASE("ground and surprises are written as they are read", "[core][progress][day]")
{
    for (int g = 0; g <= static_cast<int>(SiteGround::Concrete); ++g)
        CHECK(ground_from_key(ground_key(static_cast<SiteGround>(g))) == static_cast<SiteGround>(g));
    CHECK_FALSE(ground_from_key("lava"));
    for (std::size_t s = 0; s < surprise_count; ++s) {
        const auto surprise = static_cast<Surprise>(s);
        CHECK(surprise_from_key(surprise_key(surprise)) == surprise);
        const Remedy remedy = remedy_for(surprise);
        CHECK_FALSE(remedy.words.empty());
        CHECK((remedy.drill || remedy.condition || remedy.rates)); // each leads somewhere
    }
}

TEST_CASE("a crash costs by its speed, the height that it falls from, and the ground", "[core][progress][bill]")
{
    CHECK(damage_of({2, 0.2}, false) == Damage::Propellers);
    CHECK(damage_of({7, 0.5}, false) == Damage::Arm);
    CHECK(damage_of({7, 0.5}, true) == Damage::Frame);    // a third more on hard ground: 9.3 m/s
    CHECK(damage_of({2, 30}, false) == Damage::Aircraft); // 24 m/s at the end of the fall
    CHECK(damage_of({25, 0}, false) == Damage::Aircraft);
    HouseLimits prices; // those of this test
    for (const auto& [limit, price] : {std::pair{Limit::PricePropellers, 3.0},
                                       {Limit::PriceMotor, 18.0},
                                       {Limit::PriceArm, 9.0},
                                       {Limit::PriceCamera, 22.0},
                                       {Limit::PriceBattery, 20.0},
                                       {Limit::PriceAircraft, 240.0},
                                       {Limit::PriceController, 65.0},
                                       {Limit::PriceSimulators, 80.0}})
        prices.change(limit, price);
    for (std::size_t d = 1; d < damage_count; ++d)
        CHECK(price_of(static_cast<Damage>(d), prices) > price_of(static_cast<Damage>(d - 1), prices));
    const std::vector<TakenCrash> crashes{{{2, 0.2}, false}, {{7, 0.5}, false}, {{25, 0}, false}};
    const Bill bill = bill_of(crashes, 1, 1, 1, prices);
    const double known = 3 + (3 + 9 + 18) + (240 + 20);
    CHECK(bill.crashes == 4);
    CHECK(bill.would_have_cost == Approx(known + known / 3)); // of the one that is not known, the mean
    CHECK(bill.practice_cost == Approx(80 + 65));
    CHECK(bill.saved() == Approx(bill.would_have_cost - 145));
    CHECK(bill.break_even());
    CHECK(bill.by_damage == std::vector{1, 1, 0, 1});
    CHECK_FALSE(bill_of({}, 0, 1, 1, prices).break_even());
    CHECK(bill_of({}, 2, 1, 1, prices).would_have_cost == Approx(6));
    HouseLimits dear;
    dear.change(Limit::PricePropellers, 10);
    CHECK(bill_of({}, 2, 1, 1, dear).would_have_cost == Approx(20));
    CHECK(station_budget(prices) == Approx(145));
}
