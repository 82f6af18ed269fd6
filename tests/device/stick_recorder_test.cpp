#include "device/stick_recorder.h"

#include "core/base/random.h"
#include "files/text/csv.h"
#include "run_program.h"

#include <cmath>
#include <zlib.h>

using namespace bh;

namespace {

std::string unpacked(const std::filesystem::path& file)
{
    gzFile in = gzopen(file.c_str(), "rb");
    REQUIRE(in);
    std::string text;
    char buffer[8192];
    for (int n; (n = gzread(in, buffer, sizeof buffer)) > 0;) text.append(buffer, static_cast<std::size_t>(n));
    gzclose(in);
    return text;
}

/// Sticks worked without a pause, with jitter: the most that a recording can hold.
DeviceSample busy(double t_s, SeededRandom& random)
{
    DeviceSample s{t_s, {}};
    for (int axis = 0; axis < 6; ++axis)
        s.counts.push_back(
            static_cast<int>(axis < 4 ? 15000 * std::sin((1 + 0.3 * axis) * t_s) + 40 * random.normal() : 20 * random.normal()));
    return s;
}

} // namespace

TEST_CASE("a recording holds the movements at 50 rows a second and nothing of the rest", "[device]")
{
    SeededRandom random(5);
    const auto file = scratchFolder() / "sticks" / "one.csv.gz";
    auto recorder = StickRecorder::create(file);
    REQUIRE(recorder);
    double t_s = 50;
    for (; t_s < 60; t_s += 0.002) (*recorder)->add(busy(t_s, random));
    const std::size_t moving_rows = (*recorder)->rows();
    CHECK(moving_rows > 450);
    CHECK(moving_rows <= 501);
    const DeviceSample last = busy(t_s, random);
    for (; t_s < 120; t_s += 0.002) { // let go: jitter only
        DeviceSample still = last;
        still.t_s = t_s;
        for (int& count : still.counts) count += static_cast<int>(20 * random.normal());
        (*recorder)->add(still);
    }
    CHECK((*recorder)->rows() < moving_rows + 5);
    REQUIRE((*recorder)->finish());
    (*recorder)->add(busy(t_s, random)); // passed over
    const std::string text = unpacked(file);
    CHECK(text.rfind("t_s,a0,a1,a2,a3,a4,a5\n0.000,", 0) == 0);
    CHECK(static_cast<std::size_t>(std::count(text.begin(), text.end(), '\n')) == (*recorder)->rows() + 1);
}

TEST_CASE("what was recorded before a crash can be read", "[device]")
{
    SeededRandom random(6);
    const auto file = scratchFolder() / "sticks" / "crash.csv.gz";
    auto recorder = StickRecorder::create(file);
    REQUIRE(recorder);
    for (double t_s = 0; t_s < 60; t_s += 0.01) (*recorder)->add(busy(t_s, random));
    const auto copy = scratchFolder() / "sticks" / "copy.csv.gz";
    std::filesystem::copy_file(file, copy); // the file as a crash would leave it
    const std::string text = unpacked(copy);
    CHECK(std::count(text.begin(), text.end(), '\n') > 50 * 45);
}

TEST_CASE("eight hours of sticks that never rest stay under 60 MB", "[device]")
{
    SeededRandom random(7);
    const auto file = scratchFolder() / "sticks" / "long.csv.gz";
    auto recorder = StickRecorder::create(file);
    REQUIRE(recorder);
    constexpr double hours = 0.5; // a sixteenth of them: the size goes with the time
    for (double t_s = 0; t_s < 3600 * hours; t_s += 0.02) (*recorder)->add(busy(t_s, random));
    REQUIRE((*recorder)->finish());
    CHECK(static_cast<double>(std::filesystem::file_size(file)) * 8 / hours < 60e6);
}

TEST_CASE("a place that cannot be written is named", "[device]")
{
    const std::string blocked = writeScratch("blocked", "x");
    const auto recorder = StickRecorder::create(blocked + "/sticks.csv.gz");
    REQUIRE_FALSE(recorder);
    CHECK(recorder.error().english.find("blocked/sticks.csv.gz") != std::string::npos);
}
