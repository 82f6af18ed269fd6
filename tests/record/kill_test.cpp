#include "killed.h"

#include <QCoreApplication>
#include <ctime>

using namespace bh;
using killed::Ground;

namespace {

std::filesystem::path place(const char* name)
{
    return std::filesystem::temp_directory_path() / (name + std::to_string(getpid()));
}

std::vector<std::string> writer(const Ground& ground, int flights = 0)
{
    return {BH_WRITER, ground.record.string(), BH_DATA, std::to_string(flights)};
}
std::vector<std::string> window_writer(const Ground& ground, int flights)
{
    return {BH_WINDOW_WRITER, ground.record.string(), BH_DATA, std::to_string(flights)};
}

} // namespace

TEST_CASE("killed at any moment, the record keeps every finished attempt, opens and verifies", "[record]")
{
    int argc = 1;
    char name[] = "record_tests";
    char* argv[] = {name, nullptr};
    const QCoreApplication application(argc, argv);
    Ground ground(place("bh-kill-"));
    SeededRandom random(7);
    const int rounds = killed::rounds(30);
    constexpr std::size_t enough = 20;
    for (int round = 0; round < rounds || (ground.finished.size() <= enough && round < 4 * rounds);
         ++round) { // however busy it is
        CAPTURE(round);
        // Early kills fall into opening and migrating, later ones into the middle of writing.
        REQUIRE(ground.run(writer(ground), 0, 0.005 + 0.25 * random.uniform()));
        ground.check();
    }
    CHECK(ground.finished.size() > enough); // enough writing went on for the kills to mean something
    RecordOptions later;
    later.clock = [] { return static_cast<UnixTime>(std::time(nullptr)) + 3600; }; // nothing was heard of them for an hour
    auto record = Record::open(ground.record, later);
    REQUIRE(record);
    const School school(std::move(*record), DataFolder(BH_DATA));
    for (const Pilot& pilot : school.pilots())
        for (const Session& session : school.sessions(pilot.id)) CHECK(session.ended_at > 0);
}

TEST_CASE("killed before any change of a file, or with the power cut there, the record has lost nothing", "[record]")
{
    int argc = 1;
    char name[] = "record_tests";
    char* argv[] = {name, nullptr};
    const QCoreApplication application(argc, argv);
    Ground ground(place("bh-power-"));
    constexpr int flights = 4, afresh_every = 12;
    const auto changes_of_a_run = [&] {
        const auto count = ground.base / "count";
        ground.settle();
        REQUIRE_FALSE(ground.run(writer(ground, flights), 0, 60, count));
        REQUIRE(ground.finished.size() >= flights);
        ground.check();
        return std::stol(killed::whole(count));
    };
    const long of_the_first = changes_of_a_run(), of_the_next = changes_of_a_run();
    CHECK(of_the_first > 80); // the shim sees what is written
    CHECK(of_the_next > 50);
    SeededRandom random(11);
    const int rounds = killed::rounds(60);
    for (int round = 0; round < rounds; ++round) {
        if (round % afresh_every == 0) ground.afresh();
        const long all = round % afresh_every == 0 ? of_the_first : of_the_next;
        const long at = 1 + static_cast<long>(random.uniform() * static_cast<double>(all));
        const bool power = round % 2 == 1;
        CAPTURE(round, at, power);
        ground.settle();
        ground.run(writer(ground, flights), at, 60);
        if (power) ground.cut_power(random);
        ground.check();
    }
    CHECK(static_cast<int>(ground.finished.size()) > 0);
}

TEST_CASE("killed in the middle of each write, and at each flush and each renaming, all of them", "[record]")
{
    int argc = 1;
    char name[] = "record_tests";
    char* argv[] = {name, nullptr};
    const QCoreApplication application(argc, argv);
    Ground ground(place("bh-each-"));
    constexpr int flights = 1, afresh_every = 25;
    const auto changes_of_a_run = [&] {
        const auto count = ground.base / "count";
        REQUIRE_FALSE(ground.run(writer(ground, flights), 0, 60, count));
        return std::stol(killed::whole(count));
    };
    const long of_the_first = changes_of_a_run(), of_the_next = changes_of_a_run();
    int killed_there = 0;
    for (long at = 1; at <= of_the_first; ++at) { // while the record is made
        CAPTURE(at);
        ground.afresh();
        killed_there += ground.run(writer(ground, flights), at, 60, {}, true);
        ground.check();
    }
    for (long at = 1; at <= of_the_next; ++at) { // and worked with
        CAPTURE(at);
        if (at % afresh_every == 1) ground.afresh(), changes_of_a_run();
        killed_there += ground.run(writer(ground, flights), at, 60, {}, true);
        ground.check();
    }
    CAPTURE(of_the_first, of_the_next);
    CHECK(killed_there > (of_the_first + of_the_next) * 9 / 10); // threads take turns: some runs have a change or two fewer
}

TEST_CASE("killed while somebody flies, the window loses no finished flight, and offers the one under way", "[record]")
{
    int argc = 1;
    char name[] = "record_tests";
    char* argv[] = {name, nullptr};
    const QCoreApplication application(argc, argv);
    Ground ground(place("bh-window-"));
    const auto count = ground.base / "count";
    ground.settle();
    constexpr int flights = 2, afresh_every = 8;
    REQUIRE_FALSE(ground.run(window_writer(ground, flights), 0, 60, count));
    CHECK(ground.finished.size() == flights);
    ground.check();
    const long all = std::stol(killed::whole(count));
    CHECK(all > 80);
    SeededRandom random(13);
    const int rounds = killed::rounds(12);
    int under_way = 0;
    for (int round = 0; round < rounds; ++round) {
        if (round % afresh_every == 0) ground.afresh();
        const long at = 1 + static_cast<long>(random.uniform() * static_cast<double>(all));
        const bool power = round % 4 == 3;
        CAPTURE(round, at, power);
        ground.settle();
        ground.run(window_writer(ground, flights), at, 60);
        if (power) ground.cut_power(random);
        ground.check();
        for (const CutShort& flight : flights_cut_short(ground.record))
            under_way += flight.log.duration_s() > 0.5, forget(flight);
    }
    CHECK(under_way > 0);
}
