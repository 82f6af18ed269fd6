// A flight that the program's end has cut short.
#include "core/standin/stand_in_pilot.h"
#include "files/flights/flight_csv.h"
#include "school/flights/take_off.h"
#include "school_place.h"

#include <algorithm>
#include <csignal>
#include <sys/wait.h>

using namespace bh;

namespace {

FlightLog rows(const FlightLog& of, std::size_t from, std::size_t to)
{
    FlightLog part;
    for (std::size_t i = from; i < std::min(to, of.size()); ++i) part.append(of.sample(i));
    for (const auto& [row, event] : of.events)
        if (row >= from && row < to) part.events.push_back({row - from, event});
    return part;
}

} // namespace

TEST_CASE("a flight under way is read again, scored as far as it went, and kept once", "[journal]")
{
    Place place;
    auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Iris Quayle"}),
                      session = school->start_session(pilot, "Simulated controller", "simulated");
    const Drill* drill = school->drill("hover-window");
    REQUIRE(drill);
    const auto flight = prepared(*school, *drill, {});
    REQUIRE(flight);
    const auto flown = fly_drill(*drill, flight->setup, 0.8, 3);
    REQUIRE(flown);
    JudgedAttempt attempt;
    attempt.pilot_id = pilot, attempt.session_id = session, attempt.drill_id = drill->id, attempt.mode = flight->setup.mode;
    attempt.flight = flight->flown_with;
    // Written down in another program, second by second, until that is killed.
    constexpr std::size_t a_second = 250, seconds = 12;
    const pid_t writer = fork();
    if (writer == 0) {
        const auto journal = FlightJournal::begin(place.file, attempt, 999'000, "one");
        for (std::size_t s = 0; journal && s < seconds; ++s) journal->add(rows(flown->log, s * a_second, (s + 1) * a_second));
        for (;;) pause();
    }
    const auto journal = std::filesystem::path(place.file.string() + ".under-way") / "one.flight";
    const auto size = [&] {
        std::error_code error;
        const auto bytes = std::filesystem::file_size(journal, error);
        return error ? 0 : bytes;
    };
    const std::size_t all = flight_csv(rows(flown->log, 0, seconds * a_second)).size();
    for (int i = 0; i < 200 && size() < all; ++i) usleep(20'000);
    REQUIRE(size() > all);
    CHECK(school->cut_short().empty()); // its program lives
    kill(writer, SIGKILL);
    waitpid(writer, nullptr, 0);
    auto left = school->cut_short();
    REQUIRE(left.size() == 1);
    CHECK(flight_csv(left[0].log) == flight_csv(rows(flown->log, 0, seconds * a_second)));
    CHECK(left[0].attempt.flight->aircraft == flight->flown_with.aircraft);
    // The row that was being written is lost with half of it written, no more.
    std::filesystem::resize_file(journal, size() - 10);
    left = school->cut_short();
    REQUIRE(left.size() == 1);
    CHECK(left[0].log.size() == seconds * a_second - 1);
    const auto kept = school->keep_cut_short(left[0]);
    if (!kept) FAIL(kept.error().english);
    CHECK(school->cut_short().empty());
    const JudgedAttempt judged = school->judged(*kept);
    CHECK(judged.at == 999'000); // as it was flown
    CHECK(judged.pilot_id == pilot);
    CHECK_FALSE(judged.passed);
    CHECK(judged.flight.has_value());
    CHECK(std::any_of(judged.disqualified.begin(), judged.disqualified.end(),
                      [](const RuleViolation& b) { return b.rule == RuleViolation::Rule::EndedEarly; }));
    const auto log = school->flight_log(judged.log_hash);
    REQUIRE(log);
    CHECK(log->size() == seconds * a_second - 1);
    CHECK(school->record().verify().problems.empty());
}

TEST_CASE("a journal goes with its flight once that is safe, and stays while it is not", "[journal]")
{
    Place place;
    auto school = place.open();
    JudgedAttempt attempt;
    attempt.pilot_id = school->add_pilot({"", "Iris Quayle"});
    attempt.session_id = school->start_session(attempt.pilot_id, "Simulated controller", "simulated");
    attempt.drill_id = "hover-window";
    const auto log = std::make_shared<const FlightLog>(shortLog(4));
    std::shared_ptr<FlightJournal> journal = school->begin_journal(attempt);
    REQUIRE(journal);
    journal->add(*log);
    const std::filesystem::path folder = place.file.string() + ".under-way";
    const auto files = [&] { return std::distance(std::filesystem::directory_iterator(folder), {}); };
    CHECK(files() == 1);
    CHECK((std::filesystem::status(folder).permissions() & std::filesystem::perms::others_all) == std::filesystem::perms::none);
    school->keep_flight(attempt, log, nullptr, std::move(journal));
    school->finish_keeping();
    CHECK(school->attempts(attempt.pilot_id).size() == 1);
    CHECK(files() == 0);
    // What is no journal, or has no row yet, is nothing to offer.
    FILE* junk = std::fopen((folder / "junk.flight").c_str(), "w");
    std::fputs("{\"format\":\"bluehangar.under-way/1\",\"shared\":[[[\nt_s\n", junk);
    std::fclose(junk);
    CHECK(school->cut_short().empty());
    CHECK(files() == 0);
}
