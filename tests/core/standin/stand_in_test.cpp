#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"
#include "files/flights/flight_csv.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

FlownDrill flown(const std::string& id, double skill, std::uint64_t seed, Mode mode)
{
    const DataFolder data(BH_DATA);
    const Drill drill = *data.drill(id);
    FlightSetup setup = *data.setup_for(drill, RateProfile{});
    setup.mode = mode;
    return *fly_drill(drill, setup, skill, seed);
}

} // namespace

TEST_CASE("skill 0.9 passes every drill in every mode it allows, skill 0.1 does not", "[core][standin][slow]")
{
    const DataFolder data(BH_DATA);
    const std::string id = GENERATE("lift-settle", "hover-window", "straight-run");
    const Drill drill = *data.drill(id);
    for (const Mode mode : drill.modes)
        for (std::uint64_t seed = 1; seed <= 10; ++seed) {
            CAPTURE(id, std::string(mode_key(mode)), seed);
            const auto good = flown(id, 0.9, seed, mode);
            CAPTURE(summary_of(good.score));
            CHECK(good.score.passed);
            if (mode != Mode::Hold) CHECK_FALSE(flown(id, 0.1, seed, mode).score.passed); // position-hold forgives a clumsy hand
        }
}

TEST_CASE("the same seed flies the same log, another seed another", "[core][standin]")
{
    const std::string a = flight_csv(flown("lift-settle", 0.5, 4, Mode::Angle).log);
    CHECK(a == flight_csv(flown("lift-settle", 0.5, 4, Mode::Angle).log));
    CHECK(a != flight_csv(flown("lift-settle", 0.5, 5, Mode::Angle).log));
}

TEST_CASE("scores rise with skill", "[core][standin][slow]")
{
    const std::string id = GENERATE("lift-settle", "hover-window", "straight-run");
    const auto mean_score = [&](double skill) {
        double sum = 0;
        for (std::uint64_t seed = 1; seed <= 12; ++seed)
            sum += flown(id, skill, seed, DataFolder(BH_DATA).drill(id)->modes.front()).score.score;
        return sum / 12;
    };
    const double low = mean_score(0.15), middle = mean_score(0.45), high = mean_score(0.85);
    CAPTURE(id, low, middle, high);
    CHECK(low < middle);
    CHECK(middle < high);
}
