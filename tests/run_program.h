#pragma once

#include <algorithm>
#include <catch2/catch.hpp>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <string>
#include <sys/wait.h>
#include <unistd.h>

/// What a program answered.
struct Answer {
    int exit = -1;
    std::string out;
    std::string err;
};

/// A folder of this test process, which goes with it.
inline std::filesystem::path scratchFolder()
{
    struct Scratch {
        std::filesystem::path path = std::filesystem::temp_directory_path() / ("bh-programs-" + std::to_string(getpid()));
        ~Scratch()
        {
            std::error_code ignored;
            std::filesystem::remove_all(path, ignored);
        }
    };
    static const Scratch scratch;
    std::filesystem::create_directories(scratch.path);
    return scratch.path;
}

inline std::string slurp(const std::filesystem::path& path)
{
    std::ifstream in(path, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

/// Runs a shell command line and waits for its end.
inline Answer runProgram(const std::string& command)
{
    const auto err = scratchFolder() / "err";
    FILE* pipe = popen((command + " 2>" + err.string()).c_str(), "r");
    Answer answer;
    char buffer[4096];
    while (std::size_t n = fread(buffer, 1, sizeof buffer, pipe)) answer.out.append(buffer, n);
    answer.exit = WEXITSTATUS(pclose(pipe));
    answer.err = slurp(err);
    return answer;
}

inline std::string writeScratch(const std::string& name, const std::string& text)
{
    const auto path = scratchFolder() / name;
    std::ofstream(path, std::ios::binary) << text;
    return path.string();
}

inline bool has(const std::string& text, const char* part) { return text.find(part) != std::string::npos; }
