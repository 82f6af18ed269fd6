// Several stations on one server: what one does the others see, and what happens when the server is away.
#include "cut_line.h"
#include "record/file/database.h"
#include "school_place.h"

#include <QElapsedTimer>
#include <QTest>
#include <catch2/catch.hpp>
#include <csignal>

using namespace bh;

namespace {

JudgedAttempt attempt_of(const std::string& pilot, const std::string& session, double score)
{
    JudgedAttempt a;
    a.pilot_id = pilot, a.session_id = session, a.drill_id = "lift-settle", a.score = score, a.flown_s = 20;
    a.criteria = {{.measure = Measure::Bounces, .label = "Bounces", .value = 1, .fail = 4, .pass = 2, .marks = 80}};
    return a;
}

/// Milliseconds until something is so; more than the longest where it never is.
template <class Is>
qint64 until(Is is)
{
    constexpr int longest_ms = 15'000;
    QElapsedTimer timer;
    timer.start();
    while (!is() && timer.elapsed() < longest_ms) QTest::qWait(1);
    return is() ? timer.elapsed() : longest_ms + 1;
}

std::string told_by(School& school, const std::function<void()>& what)
{
    std::string said;
    const auto line = QObject::connect(&school, &School::failed, [&](const Message& s) { said = s.english(); });
    what();
    QObject::disconnect(line);
    return said;
}

} // namespace

TEST_CASE("what one station does is seen on the others within a second", "[stations]")
{
    if (!PrivateServer::of_this_program()) return;
    Place place("PostgreSQL");
    const auto bay = place.open("bay"), desk = place.open("desk");
    const std::string pilot = desk->add_pilot({"", "Iris Quayle"});
    CHECK(until([&] { return bay->pilot(pilot) != nullptr; }) < 1000);
    const std::string session = bay->start_session(pilot, "Station 1 controller", "sq-01");
    int changes = 0;
    QObject::connect(desk.get(), &School::changed, [&](const Changes& c) { changes += c.any({Kind::Attempt}, pilot) ? 1 : 0; });
    qint64 worst_ms = 0;
    for (int i = 0; i < 20; ++i) {
        const std::string id = bay->add_attempt(attempt_of(pilot, session, 60 + i), nullptr);
        REQUIRE_FALSE(id.empty());
        worst_ms = std::max(worst_ms, until([&] { return desk->attempt(id) != nullptr; }));
    }
    INFO("worst of 20: " << worst_ms << " ms");
    CHECK(worst_ms < 1000);
    CHECK(changes == 20);
    CHECK(desk->judged(desk->attempts(pilot).back().id).criteria.size() == 1);
    CHECK(bay->record().head() == desk->record().head());
}

TEST_CASE("undo is each station's own, and an edit of what was changed meanwhile is refused with both values", "[stations]")
{
    if (!PrivateServer::of_this_program()) return;
    Place place("PostgreSQL");
    const auto bay = place.open("bay"), desk = place.open("desk");
    const std::string pilot = desk->add_pilot({"", "Iris Quayle"});
    REQUIRE(until([&] { return bay->pilot(pilot) != nullptr; }) < 1000);
    Pilot row = *desk->pilot(pilot);
    row.target_h = 30;
    REQUIRE(desk->edit_pilot(row));
    SECTION("an edit elsewhere is not undone here")
    {
        REQUIRE(until([&] { return bay->pilot(pilot)->target_h == 30; }) < 1000);
        CHECK_FALSE(bay->undoable());
        CHECK(desk->undo());
        CHECK(until([&] { return bay->pilot(pilot)->target_h == 20; }) < 1000);
    }
    SECTION("both at once: the second is told what stands there, and by whom")
    {
        CHECK(bay->pilot(pilot)->target_h == 20); // the news has not come yet
        Pilot other = *bay->pilot(pilot);
        other.target_h = 25;
        const std::string said = told_by(*bay, [&] { CHECK_FALSE(bay->edit_pilot(other)); });
        CHECK(said.find("changed meanwhile by coordinator: target_h: 30.0 is there, 25.0 here") != std::string::npos);
        CHECK(bay->pilot(pilot)->target_h == 30);
        CHECK_FALSE(bay->undoable());
    }
    SECTION("two edits of different things go beside each other")
    {
        REQUIRE(bay->keep_house_limit(Limit::KitDays, 5));
        CHECK(until([&] { return desk->house().of(Limit::KitDays) == 5; }) < 1000);
    }
    SECTION("an undo of what was changed elsewhere is refused too")
    {
        REQUIRE(until([&] { return bay->pilot(pilot)->target_h == 30; }) < 1000);
        Pilot other = *bay->pilot(pilot);
        other.target_h = 25;
        REQUIRE(bay->edit_pilot(other));
        const std::string said = told_by(*desk, [&] { CHECK_FALSE(desk->undo()); });
        CHECK(said.find("25.0 is there, 20.0 here") != std::string::npos);
    }
}

TEST_CASE("ratings of two stations at once are both there", "[stations]")
{
    if (!PrivateServer::of_this_program()) return;
    Place place("PostgreSQL");
    const auto bay = place.open("bay"), desk = place.open("desk");
    const std::string pilot = desk->add_pilot({"", "Iris Quayle"});
    REQUIRE(until([&] { return bay->pilot(pilot) != nullptr; }) < 1000);
    CHECK(desk->add_handling(pilot, {0, 4, "", {}}));
    CHECK(bay->add_handling(pilot, {0, 6, "", {}})); // without having heard of the other
    CHECK(bay->add_blind_test(pilot, {0, "A and B", 7, 8, 0.035}));
    REQUIRE(until([&] { return desk->file(pilot).handling.size() == 2 && desk->file(pilot).blind_tests.size() == 1; }) < 1000);
    const auto again = place.open("third");
    REQUIRE(again->file(pilot).handling.size() == 2);
    CHECK(again->file(pilot).handling[0].rating + again->file(pilot).handling[1].rating == 10);
}

TEST_CASE("without the server a station flies on, and hands over when it is back", "[stations]")
{
    if (!PrivateServer::of_this_program()) return;
    Place place("PostgreSQL");
    CutLine line(PrivateServer::of_this_program()->folder());
    const auto desk = place.open("desk");
    const std::string pilot = desk->add_pilot({"", "Iris Quayle"});
    auto bay = place.open("bay", line.through(place.at.server));
    const std::string before = bay->start_session(pilot, "Station 1 controller", "sq-01");
    line.cut();
    place.clock += 60;
    const FlightLog log = shortLog(2);
    const std::string attempt = bay->add_attempt(attempt_of(pilot, before, 77), &log);
    REQUIRE_FALSE(attempt.empty());
    CHECK(bay->end_session(before, 300, 10));
    const std::string another = bay->start_session(pilot, "A new controller", "sq-09"); // one that the record does not have
    REQUIRE_FALSE(another.empty());
    CHECK(bay->server_away());
    CHECK(bay->waiting_for_server() == 4);
    CHECK(bay->attempts(pilot).size() == 1); // it is seen here as if nothing had happened
    CHECK(bay->judged(attempt).criteria.size() == 1);
    CHECK(bay->flight_log(bay->attempts(pilot)[0].log_hash));
    CHECK(bay->sessions(pilot).size() == 2);
    Pilot row = *bay->pilot(pilot);
    row.target_h = 40;
    const std::string said = told_by(*bay, [&] { CHECK_FALSE(bay->edit_pilot(row)); });
    CHECK(said.find("what changes something that others share waits for the server") != std::string::npos);
    CHECK(desk->attempts(pilot).empty());
    SECTION("by itself")
    {
        place.clock += 600;
        line.mend();
        REQUIRE(until([&] { return !bay->server_away() && bay->waiting_for_server() == 0; }) < 10'000);
        CHECK(until([&] { return desk->attempts(pilot).size() == 1 && desk->sessions(pilot).size() == 2; }) < 1000);
        CHECK(bay->attempts(pilot).size() == 1); // not twice
        CHECK(bay->edit_pilot(row));             // and what is shared goes again
    }
    SECTION("at the next start, after it was ended meanwhile")
    {
        bay.reset();
        line.mend();
        bay = place.open("bay", line.through(place.at.server));
        CHECK(bay->waiting_for_server() == 0);
        CHECK(bay->attempts(pilot).size() == 1);
    }
    REQUIRE(until([&] { return desk->attempt(attempt) != nullptr; }) < 3000);
    CHECK(desk->attempt(attempt)->at == 1'000'060); // when it was flown
    REQUIRE(bay->record().finish_sending(5000));
    CHECK(desk->flight_log(desk->attempt(attempt)->log_hash));
    int late = 0;
    for (const Entry& e : desk->record().entries_after(0))
        late += e.kind == "late" && e.body.find("\"at\":1000060") != std::string::npos;
    CHECK(late == 4); // with its own time, signed
    VerifyOptions options;
    options.station_folder = place.folder / "desk";
    place.let_everybody_in();
    CHECK(verify_record(place.at, options)->problems == std::vector<Message>{});
}

TEST_CASE("a server that is stopped and started is found again", "[stations]")
{
    if (!PrivateServer::of_this_program()) return;
    Place place("PostgreSQL");
    PrivateServer& server = *PrivateServer::of_this_program();
    const auto bay = place.open("bay"), desk = place.open("desk");
    const std::string pilot = desk->add_pilot({"", "Iris Quayle"});
    REQUIRE(until([&] { return bay->pilot(pilot) != nullptr; }) < 1000);
    server.stop();
    const std::string session = bay->start_session(pilot, "Station 1 controller", "sq-01");
    CHECK(bay->waiting_for_server() == 2);
    REQUIRE(until([&] { return desk->server_away(); }) < 6000); // who does nothing notices too
    server.start();
    REQUIRE(until([&] { return !desk->server_away() && !bay->server_away(); }) < 8000);
    CHECK(until([&] { return desk->sessions(pilot).size() == 1; }) < 3000);
    CHECK(bay->waiting_for_server() == 0);
    // And it listens again.
    REQUIRE_FALSE(desk->add_pilot({"", "Wilf Dunnock"}).empty());
    CHECK(until([&] { return bay->pilots().size() == 2; }) < 1000);
}

TEST_CASE("in windows two stations edit the same at once: one is kept, the other is told, and sees what stands", "[stations]")
{
    if (!PrivateServer::of_this_program()) return;
    Place place("PostgreSQL");
    const auto bay = place.open_window("bay"), desk = place.open_window("desk");
    const std::string pilot = desk->add_pilot({"", "Iris Quayle"});
    REQUIRE(until([&] { return bay->pilot(pilot) != nullptr; }) < 15'000);
    Pilot wilf = *desk->pilot(pilot), iris = *bay->pilot(pilot);
    std::vector<std::string> told;
    for (School* school : {bay.get(), desk.get()})
        QObject::connect(school, &School::failed, [&](const Message& m) { told.push_back(m.english()); });
    wilf.target_h = 30, iris.target_h = 25;
    CHECK(desk->edit_pilot(wilf));
    CHECK(bay->edit_pilot(iris)); // nobody waits for the server to hear that it came too late
    CHECK(desk->pilot(pilot)->target_h == 30);
    CHECK(bay->pilot(pilot)->target_h == 25);
    REQUIRE(until([&] { return !told.empty(); }) < 15'000);
    REQUIRE(until([&] { return bay->pilot(pilot)->target_h == desk->pilot(pilot)->target_h; }) < 15'000);
    const double stands = desk->pilot(pilot)->target_h;
    CHECK(told.size() == 1);
    CHECK(told[0].find("Was not kept after all: it was changed meanwhile by coordinator: target_h: ") == 0);
    School& first = stands == 30 ? *desk : *bay;
    School& second = stands == 30 ? *bay : *desk;
    CHECK(first.undoable());
    CHECK_FALSE(second.undoable());
    CHECK(first.waiting_for_server() + second.waiting_for_server() == 0);
    CHECK(first.undo());
    CHECK(until([&] { return second.pilot(pilot)->target_h == 20; }) < 15'000);
    // Two gestures on the same, before the server has the first: each is seen once, in its order.
    std::vector<double> seen;
    QObject::connect(&first, &School::changed, [&](const Changes&) { seen.push_back(first.house().of(Limit::KitDays)); });
    CHECK(first.keep_house_limit(Limit::KitDays, 5));
    CHECK(first.keep_house_limit(Limit::KitDays, 6));
    REQUIRE(until([&] { return second.house().of(Limit::KitDays) == 6; }) < 15'000);
    REQUIRE(until([&] { return first.waiting_for_server() == 0; }) < 15'000);
    QTest::qWait(50);
    CHECK(std::is_sorted(std::find(seen.begin(), seen.end(), 5.0), seen.end())); // never back to what stood before
    for (const School* school : {&first, &second}) {
        int changes = 0;
        for (const RuleChange& change : school->values().rule_changes) changes += change.rule == "kit_days";
        CHECK(changes == 2);
    }
    CHECK(first.record().verify().problems == std::vector<Message>{});
}

TEST_CASE("what a window does goes on beside a server that hangs, and is the same afterwards as in a window opened anew",
          "[stations]")
{
    if (!PrivateServer::of_this_program()) return;
    Place place("PostgreSQL");
    PrivateServer& server = *PrivateServer::of_this_program();
    auto bay = place.open_window("bay");
    const std::string pilot = bay->add_pilot({"", "Iris Quayle"});
    REQUIRE(until([&] { return bay->waiting_for_server() == 0; }) < 15'000);
    // A window's pulse, which stops while its thread waits.
    double longest_ms = 0;
    QElapsedTimer since;
    since.start();
    QTimer pulse;
    QObject::connect(&pulse, &QTimer::timeout, [&] {
        longest_ms = std::max(longest_ms, static_cast<double>(since.nsecsElapsed()) / 1e6);
        since.start();
    });
    pulse.start(5);
    server.signal_all(SIGSTOP);
    const std::string session = bay->start_session(pilot, "Station 1 controller", "sq-01");
    for (int i = 0; i < 5; ++i) {
        const std::string id = bay->add_attempt(attempt_of(pilot, session, 60 + i), nullptr);
        QTest::qWait(5);
        CHECK(bay->judged(id).criteria.size() == 1);
    }
    CHECK(bay->tick_kit(pilot, "battery", true));
    CHECK(bay->keep_house_limit(Limit::KitDays, 9));
    CHECK_FALSE(bay->add_calibration("Station 1 controller", "sq-01", {}).empty());
    QTest::qWait(3000); // the line finds out in this time
    pulse.stop();
    INFO("longest without a pulse: " << longest_ms << " ms");
    CHECK(longest_ms < 1800); // an exchange would have held it for 2,000
    server.signal_all(SIGCONT);
    REQUIRE(until([&] { return bay->waiting_for_server() == 0 && !bay->server_away(); }) < 15'000);
    QTest::qWait(100);
    const auto as_text = [&](const School& school) {
        std::string all = std::to_string(school.attempts(pilot).size()) + " " + std::to_string(school.sessions(pilot).size()) +
                          " " + std::to_string(school.kit_ticks(pilot).size()) + " " +
                          std::to_string(school.values().calibrations.size()) + " " +
                          std::to_string(school.values().rule_changes.size());
        for (const auto& [subject, text] : school.values().texts) all += "\n" + subject.second + text;
        return all;
    };
    const std::string lived_through = as_text(*bay);
    bay.reset();
    CHECK(as_text(*place.open_window("bay")) == lived_through);
}
