#include "core/base/random.h"
#include "school/school.h"

#include <QCoreApplication>
#include <catch2/catch.hpp>
#include <csignal>
#include <cstdlib>
#include <ctime>
#include <filesystem>
#include <set>
#include <sys/wait.h>
#include <unistd.h>

using namespace bh;

namespace {

/// Runs the writer on a record, kills it with SIGKILL after a while, and returns what it had said was safe.
std::vector<std::string> writeAndKill(const std::string& file, double after_s)
{
    int ends[2];
    REQUIRE(pipe(ends) == 0);
    const pid_t child = fork();
    if (child == 0) {
        dup2(ends[1], STDOUT_FILENO);
        close(ends[0]);
        close(ends[1]);
        execl(BH_WRITER, BH_WRITER, file.c_str(), BH_DATA, static_cast<char*>(nullptr));
        _exit(127);
    }
    close(ends[1]);
    usleep(static_cast<useconds_t>(1e6 * after_s));
    kill(child, SIGKILL);
    int status = 0;
    waitpid(child, &status, 0);
    REQUIRE(WIFSIGNALED(status)); // it was still writing
    std::string text;
    char buffer[4096];
    for (ssize_t n; (n = read(ends[0], buffer, sizeof buffer)) > 0;) text.append(buffer, static_cast<std::size_t>(n));
    close(ends[0]);
    std::vector<std::string> ids;
    for (std::size_t at = 0, end; (end = text.find('\n', at)) != std::string::npos; at = end + 1)
        ids.push_back(text.substr(at, end - at));
    return ids;
}

} // namespace

TEST_CASE("killed at any moment, the record keeps every finished attempt, opens and verifies", "[record]")
{
    int argc = 1;
    char name[] = "record_tests";
    char* argv[] = {name, nullptr};
    const QCoreApplication application(argc, argv);
    const auto folder = std::filesystem::temp_directory_path() / ("bh-kill-" + std::to_string(getpid()));
    std::filesystem::remove_all(folder);
    std::filesystem::create_directories(folder);
    ::setenv("XDG_DATA_HOME", folder.c_str(), 1); // the station's key and what it has seen, of the writer too
    const std::string file = (folder / "record.sqlite").string();
    SeededRandom random(7);
    std::set<std::string> finished;
    constexpr int rounds = 40;
    for (int round = 0; round < rounds; ++round) {
        // Early kills fall into opening and migrating, later ones into the middle of writing.
        for (std::string& id : writeAndKill(file, 0.005 + 0.25 * random.uniform())) finished.insert(std::move(id));
        if (!std::filesystem::exists(file)) continue; // killed before it had begun
        const auto record = Record::open(file);
        CAPTURE(round);
        if (!record) FAIL(record.error().message);
        std::set<std::string> kept;
        for (const AttemptRow& attempt : (*record)->snapshot().attempts) kept.insert(attempt.id);
        for (const std::string& id : finished) REQUIRE(kept.contains(id));
        REQUIRE((*record)->verify().problems.empty());
    }
    CHECK(finished.size() > 40); // enough writing went on for the kills to mean something
    {
        RecordOptions later;
        later.clock = [] { return static_cast<UnixTime>(std::time(nullptr)) + 3600; }; // nothing was heard of them for an hour
        auto record = Record::open(file, later);
        REQUIRE(record);
        const School school(std::move(*record), DataFolder(BH_DATA));
        for (const PilotRow& pilot : school.pilots())
            for (const SessionRow& session : school.sessions(pilot.id)) CHECK(session.ended_at > 0);
    }
    std::filesystem::remove_all(folder);
}
