// What happens at a station, without a window: a flight from take-off until it is on the record.
#include "school_place.h"
#include "station/flight_under_way.h"
#include "station/live_teller.h"
#include "station/station.h"

#include <QTest>
#include <catch2/catch.hpp>

using namespace bh;

namespace {

constexpr int longest_ms = 120'000;

/// A pilot at a station, and what flies there.
struct Seat {
    Place place;
    std::unique_ptr<School> school = place.open();
    std::string pilot = school->add_pilot({"", "Iris Quayle"});
    Station station{*school};
    std::unique_ptr<FlightUnderWay> flight = std::make_unique<FlightUnderWay>(*school, station, nullptr);

    Seat() { station.choosePilot(pilot); }
    void fly(TakeOff::Purpose purpose, double pace)
    {
        TakeOff wanted;
        wanted.purpose = purpose;
        wanted.pilot_id = pilot;
        FlightLoop::StandIn hand;
        hand.seed = 3;
        const auto begun = flight->begin(*school->drill("lift-settle"), wanted, hand);
        REQUIRE(begun);
        flight->setPace(pace);
    }
};

} // namespace

TEST_CASE("a drill that was flown is on the record with its marks, its log and its session", "[station]")
{
    Seat seat;
    bool over = false;
    QObject::connect(seat.flight.get(), &FlightUnderWay::isOver, [&] { over = true; });
    seat.fly(TakeOff::Purpose::Drill, 0);
    CHECK(seat.flight->flying());
    seat.flight->setSession(seat.station.beginPractice()); // a hand that only shows practises nothing by itself
    const LiveTeller teller(*seat.school, seat.station);
    CHECK(teller.now().pilot_id == seat.pilot);
    REQUIRE(QTest::qWaitFor([&] { return over; }, longest_ms));
    CHECK_FALSE(seat.flight->flying());
    const std::string id = seat.flight->keep();
    REQUIRE_FALSE(id.empty());
    CHECK(seat.flight->keep().empty()); // once
    seat.school->finish_keeping();
    QCoreApplication::processEvents();
    REQUIRE(seat.school->attempts(seat.pilot).size() == 1);
    const Attempt& kept = seat.school->attempts(seat.pilot).front();
    CHECK(kept.id == id);
    CHECK_FALSE(kept.session_id.empty());
    CHECK(kept.session_id == seat.station.sessionId());
    CHECK(kept.score > 50);
    const auto log = seat.school->flight_log(kept.log_hash);
    REQUIRE(log);
    CHECK(log->duration_s() == Approx(kept.flown_s).margin(1));
    CHECK(seat.school->cut_short().empty());
}

TEST_CASE("a flight that was not over when its program went is offered at the next start, a demonstration is not", "[station]")
{
    Seat seat;
    const bool shown = GENERATE(false, true);
    seat.fly(shown ? TakeOff::Purpose::Demonstration : TakeOff::Purpose::Drill, 5);
    constexpr double some_s = 2.5;
    REQUIRE(QTest::qWaitFor([&] { return seat.flight->loop()->snapshot().time_s > some_s; }, longest_ms));
    if (!seat.flight->flying()) return; // a machine that was away for so long
    seat.flight.reset();
    const auto cut_short = seat.school->cut_short();
    REQUIRE(cut_short.size() == (shown ? 0 : 1));
    if (shown) return;
    const auto kept = seat.school->keep_cut_short(cut_short.front());
    REQUIRE(kept);
    seat.school->finish_keeping();
    QCoreApplication::processEvents();
    REQUIRE(seat.school->attempt(*kept));
    CHECK_FALSE(seat.school->attempt(*kept)->passed); // it ended in the air
    CHECK(seat.school->cut_short().empty());
}

TEST_CASE("practice is the chosen pilot's, and ends when another sits down", "[station]")
{
    Seat seat;
    const std::string other = seat.school->add_pilot({"", "Wilf Dunnock"});
    const std::string session = seat.station.beginPractice();
    REQUIRE_FALSE(session.empty());
    CHECK(seat.station.beginPractice() == session);
    seat.station.choosePilot(other);
    CHECK_FALSE(seat.station.practising());
    REQUIRE(seat.school->sessions(seat.pilot).size() == 1);
    CHECK(seat.school->sessions(seat.pilot).front().ended_at > 0);
    CHECK(seat.school->sessions(other).empty());
}
