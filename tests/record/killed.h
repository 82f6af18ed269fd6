#pragma once

#include "core/base/random.h"
#include "school/school.h"

#include <catch2/catch.hpp>
#include <csignal>
#include <cstdlib>
#include <fcntl.h>
#include <filesystem>
#include <fstream>
#include <set>
#include <sstream>
#include <string>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>
#include <vector>

/// Programs that keep flights on a record are killed, or their power is cut, and then the record is looked at.
namespace killed {

namespace fs = std::filesystem;

inline std::string whole(const fs::path& file)
{
    std::ifstream in(file, std::ios::binary);
    std::stringstream read;
    read << in.rdbuf();
    return read.str();
}

/// Where a program works, and what of it is on the disk for sure (see power_cut.cpp).
struct Ground {
    fs::path base, root = base / "root", shadow = base / "shadow", record = root / "record.sqlite";
    std::set<std::string> finished; ///< what it said was safe

    explicit Ground(fs::path folder) : base(std::move(folder)) { afresh(); }
    ~Ground() { fs::remove_all(base); }
    Ground(const Ground&) = delete;
    Ground& operator=(const Ground&) = delete;

    void afresh()
    {
        fs::remove_all(base);
        fs::create_directories(root);
        fs::create_directories(shadow);
        finished.clear();
        ::setenv("XDG_DATA_HOME", root.c_str(), 1); // the station's key and what it has seen, of the program too
    }

    static std::string identity(const fs::path& path)
    {
        struct statx s {};
        REQUIRE(statx(AT_FDCWD, path.c_str(), AT_SYMLINK_NOFOLLOW, STATX_INO | STATX_BTIME, &s) == 0);
        return std::to_string(s.stx_ino) + "." + std::to_string(s.stx_btime.tv_sec) + "." + std::to_string(s.stx_btime.tv_nsec);
    }
    /// Everything that is there now is on the disk.
    void settle() const
    {
        fs::remove_all(shadow);
        fs::create_directories(shadow);
        remember(root);
    }
    void remember(const fs::path& folder) const
    {
        std::string listing;
        for (const auto& entry : fs::directory_iterator(folder)) {
            listing +=
                (entry.is_directory() ? "d " : "f ") + identity(entry.path()) + " " + entry.path().filename().string() + "\n";
            if (entry.is_directory())
                remember(entry.path());
            else
                fs::copy_file(entry.path(), shadow / identity(entry.path()), fs::copy_options::overwrite_existing);
        }
        std::ofstream(shadow / identity(folder)) << listing;
    }

    /// The power was cut: of every file, what was flushed, or what was written last, by chance; of every folder, what was
    /// flushed.
    void cut_power(bh::SeededRandom& random) const
    {
        const fs::path after = base / "after";
        rebuild(root, identity(root), after, random);
        fs::remove_all(root);
        fs::rename(after, root);
    }
    void rebuild(const fs::path& was, const std::string& id, const fs::path& to, bh::SeededRandom& random) const
    {
        fs::create_directories(to);
        std::istringstream listing(whole(shadow / id));
        for (std::string line; std::getline(listing, line);) {
            const std::size_t space = line.find(' ', 2);
            const std::string of = line.substr(2, space - 2), name = line.substr(space + 1);
            if (line[0] == 'd') {
                rebuild(was / name, of, to / name, random);
                continue;
            }
            if (name.ends_with("-shm")) continue; // only memory that is shared
            const bool same = fs::exists(was / name) && identity(was / name) == of;
            const bool newest = same && random.uniform() < 0.5;
            std::ofstream(to / name, std::ios::binary) << (newest ? whole(was / name) : whole(shadow / of));
        }
    }

    /// Runs a program until it ends or is killed, and takes in what it says is safe. Returns whether it was killed.
    bool run(const std::vector<std::string>& command, long at, double at_most_s, const fs::path& count = {}, bool half = false)
    {
        int ends[2];
        REQUIRE(pipe(ends) == 0);
        const pid_t child = fork();
        if (child == 0) {
            dup2(ends[1], STDOUT_FILENO);
            close(ends[0]);
            close(ends[1]);
            setenv("LD_PRELOAD", BH_POWER_CUT, 1);
            setenv("BH_POWER_ROOT", root.c_str(), 1);
            setenv("BH_POWER_SHADOW", shadow.c_str(), 1);
            setenv("BH_POWER_AT", std::to_string(at).c_str(), 1);
            setenv("BH_POWER_COUNT", count.c_str(), 1);
            setenv("BH_POWER_HALF", half ? "1" : "", 1);
            setenv("QT_QPA_PLATFORM", "offscreen", 1);
            std::vector<char*> words;
            for (const std::string& word : command) words.push_back(const_cast<char*>(word.c_str()));
            words.push_back(nullptr);
            execv(words[0], words.data());
            _exit(127);
        }
        close(ends[1]);
        int status = 0;
        pid_t ended = 0;
        constexpr useconds_t tick = 2000;
        for (double waited = 0; (ended = waitpid(child, &status, WNOHANG)) == 0; waited += tick * 1e-6) {
            if (waited > at_most_s) kill(child, SIGKILL);
            usleep(tick);
        }
        std::string text;
        char buffer[4096];
        for (ssize_t n; (n = read(ends[0], buffer, sizeof buffer)) > 0;) text.append(buffer, static_cast<std::size_t>(n));
        close(ends[0]);
        for (std::size_t from = 0, end; (end = text.find('\n', from)) != std::string::npos; from = end + 1)
            finished.insert(text.substr(from, end - from));
        REQUIRE((WIFSIGNALED(status) || WEXITSTATUS(status) == 0));
        return WIFSIGNALED(status);
    }

    /// What was said to be safe is there, it opens, verifies, and what was under way can be read.
    void check() const
    {
        if (finished.empty() && !fs::exists(record)) return; // before it had begun
        auto opened = bh::Record::open(record);
        if (!opened) FAIL(opened.error().english);
        std::set<std::string> kept;
        for (const bh::Attempt& attempt : (*opened)->snapshot().attempts) kept.insert(attempt.id);
        for (const std::string& id : finished) REQUIRE(kept.contains(id));
        const auto problems = (*opened)->verify().problems;
        for (const auto& problem : problems) UNSCOPED_INFO(problem);
        REQUIRE(problems.empty());
        for (const bh::CutShort& flight : bh::flights_cut_short(record)) REQUIRE(flight.log.size() > 0);
    }
};

/// So many rounds: BH_KILLS, or a number that a test run has time for.
inline int rounds(int usual)
{
    const char* asked = std::getenv("BH_KILLS");
    return asked ? std::atoi(asked) : usual;
}

} // namespace killed
