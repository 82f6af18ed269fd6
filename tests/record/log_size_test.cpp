// Flight logs at 250 rows a second: how much room they take, and that they come back to the last bit.
#include "core/base/random.h"
#include "core/drill/drill_score.h"
#include "files/data_folder.h"
#include "files/documents/score_document.h"
#include "record/attachments.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <cmath>
#include <filesystem>
#include <nlohmann/json.hpp>

using namespace bh;

TEST_CASE("twenty minutes of flight at 250 rows a second take less than 12 MB and score the same when read again", "[record]")
{
    const DataFolder data(BH_DATA);
    const Drill drill = *data.drill("hover-window");
    FlightSetup setup = *data.setup_for(drill, RateProfile{});
    setup.mode = Mode::Angle;
    setup.steps_per_row = 4;
    setup.start.height_m = 10;
    setup.conditions.wind_mps = 4;
    setup.conditions.gusts = true;
    Flight flight = *Flight::create(setup);
    // Hands that never rest: every stick wanders, quickly enough to be seen in each row; the throttle keeps it at 10 m.
    SeededRandom random(5);
    const double hover = hover_throttle(setup.airframe), keeps = std::exp(-0.004 / 0.15);
    Sticks hands;
    double throttle_wander = 0;
    constexpr double twenty_minutes_s = 1200;
    while (flight.time_s() < twenty_minutes_s) {
        if (static_cast<long>(std::lround(flight.time_s() * 1000)) % 4 == 0) {
            for (double* axis : {&hands.roll, &hands.pitch, &hands.yaw, &throttle_wander})
                *axis = std::clamp(keeps * *axis + 0.08 * random.normal(), -1.0, 1.0);
            hands.throttle = std::clamp(hover + 0.04 * (10 - flight.state().height_m()) + 0.05 * flight.state().velocity_mps.z() +
                                            0.1 * throttle_wander,
                                        0.0, 1.0);
        }
        flight.step(hands);
    }
    const FlightLog& log = flight.log();
    REQUIRE(log.size() == 300001);
    CHECK_FALSE(flight.crashed());
    double moved = 0;
    for (std::size_t i = 1; i < log.size(); ++i) moved += log.stick_roll[i] != log.stick_roll[i - 1];
    CHECK(moved > 0.99 * static_cast<double>(log.size())); // it is the hard case

    const auto folder = std::filesystem::temp_directory_path() / "bluehangar-log-size";
    std::filesystem::remove_all(folder);
    const Attachments logs(folder / "record.sqlite");
    const std::string hash = logs.keep(log);
    std::uintmax_t bytes = 0;
    for (const auto& entry : std::filesystem::recursive_directory_iterator(folder))
        if (entry.is_regular_file()) bytes += entry.file_size();
    CAPTURE(bytes);
    CHECK(bytes > 1'000'000);
    CHECK(bytes < 12'000'000);
    const auto again = logs.flight_log(hash);
    REQUIRE(again);
    CHECK(again->t_s == log.t_s);
    CHECK(again->qw == log.qw);
    CHECK(again->p_dps == log.p_dps);
    CHECK(again->stick_roll == log.stick_roll);
    const auto flown = score_log(drill, log), read = score_log(drill, *again);
    REQUIRE(flown);
    REQUIRE(read);
    CHECK(score_json(*flown).dump() == score_json(*read).dump());
    std::filesystem::remove_all(folder);
}
