// Rocking, turns, spins and brakes against the reference flights with known answers, and against what must not be found.
#include "core/path/brakes.h"
#include "core/path/rocking.h"
#include "core/path/spins.h"
#include "core/path/turns.h"
#include "files/flights/flight_csv.h"
#include "reference.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

struct Known {
    nlohmann::json row;
    FlightLog log;
    RowSpan all, window;
};

Known known(const std::string& kind)
{
    for (const auto& row : referenceRows("flight_logs.json")) {
        if (row.at("kind") != kind) continue;
        auto log = load_flight_csv(std::string(BH_REFERENCE) + "/" + row["inputs"]["file"].get<std::string>());
        REQUIRE(log);
        const RowSpan all{0, log->size()};
        RowSpan window = all;
        if (row["inputs"].contains("window_s"))
            window = rows_between(*log, row["inputs"]["window_s"]["value"][0].get<double>(),
                                  row["inputs"]["window_s"]["value"][1].get<double>() + 1e-9);
        return {row, std::move(*log), all, window};
    }
    FAIL("no reference flight " << kind);
    return {};
}

/// An element of an expected list, as a row of its own.
nlohmann::json element(const nlohmann::json& expected, std::size_t i)
{
    nlohmann::json one = expected;
    one["value"] = expected["value"][i];
    return one;
}

} // namespace

TEST_CASE("rocking is found where it was planted, with its frequency and amplitude, and nowhere else", "[core][debrief]")
{
    const Known k = known("overcontrol");
    const auto found = find_rocking(k.log, k.all);
    REQUIRE(found.size() == 1); // the slow weave later on is steering
    const Rocking& r = found.front();
    const auto& expected = k.row["expected"];
    CHECK("stick_" + std::string(stick_axis_key(r.axis)) == expected["rock_axis"]["value"]);
    CHECK(meets(expected["rock_frequency_hz"], r.frequency_hz));
    CHECK(meets(expected["rock_stick_amplitude"], r.amplitude));
    CHECK(meets(element(expected["rock_span_s"], 0), r.start_s));
    CHECK(meets(element(expected["rock_span_s"], 1), r.end_s));
    CHECK(meets(expected["rock_cycles"], r.frequency_hz * (r.end_s - r.start_s)));
    CHECK(rocking_share(k.log, k.all, std::nullopt) == Approx((r.end_s - r.start_s) / k.log.duration_s()));
    for (const char* calm : {"straight_run", "hover_sine", "box_right", "brake_gain"}) {
        const Known other = known(calm);
        CAPTURE(calm);
        CHECK(find_rocking(other.log, other.all).empty());
    }
}

TEST_CASE("turns are found with side, size and the yaw stick's lead", "[core][debrief]")
{
    for (const char* kind : {"yaw_lead_level", "yaw_lead_rate"}) {
        const Known k = known(kind);
        CAPTURE(kind);
        const auto turns = find_turns(k.log, k.all);
        const auto& expected = k.row["expected"];
        REQUIRE(turns.size() == expected["turn_sides"]["value"].size());
        for (std::size_t i = 0; i < turns.size(); ++i) {
            CAPTURE(i);
            CHECK((turns[i].right() ? "right" : "left") == expected["turn_sides"]["value"][i]);
            CHECK(meets(element(expected["heading_change_deg"], i), turns[i].heading_change_deg));
            REQUIRE(turns[i].yaw_lead_s);
            CHECK(meets(expected["yaw_lead_s"], *turns[i].yaw_lead_s));
            CHECK(turns[i].yaw_share > 0);
            CHECK(turns[i].yaw_share < 1);
        }
    }
    for (const char* kind : {"box_right", "box_left"}) {
        const Known k = known(kind);
        CAPTURE(kind);
        const auto turns = find_turns(k.log, k.window);
        const auto& errors = k.row["expected"]["corner_errors_deg"];
        REQUIRE(turns.size() == errors["value"].size());
        for (std::size_t i = 0; i < turns.size(); ++i) {
            CHECK(turns[i].right() == (k.row["expected"]["side"]["value"] == "right"));
            CHECK(meets(element(errors, i), std::abs(turns[i].heading_change_deg) - 90));
        }
    }
    CHECK(find_turns(known("straight_run").log, known("straight_run").all).empty());
}

TEST_CASE("a roll and a flip are found with how far they turned and what they cost in height", "[core][debrief]")
{
    for (const char* kind : {"roll_right", "flip_forward"}) {
        const Known k = known(kind);
        CAPTURE(kind);
        const auto spins = find_spins(k.log, k.all);
        REQUIRE(spins.size() == 1);
        const Spin& s = spins.front();
        const auto& expected = k.row["expected"];
        CHECK((s.about == Spin::About::Roll ? "body x" : "body y") == expected["axis"]["value"]);
        CHECK((s.about == Spin::About::Roll
                   ? (s.turned_deg > 0 ? "right" : "left")
                   : (s.turned_deg < 0 ? "nose down first" : "nose up first")) == expected["direction"]["value"]);
        CHECK(meets(expected["turned_angle_deg"], std::abs(s.turned_deg)));
        CHECK(meets(expected["peak_rate_dps"], s.peak_dps));
        CHECK(meets(expected["height_change_m"], s.height_change_m));
        CHECK(meets(expected["entry_speed_mps"], s.entry_speed_mps));
        CHECK(exit_error_deg(k.log, s) < 15); // the slower correction is on its way to level
    }
    CHECK(find_spins(known("figure_eight").log, known("figure_eight").all).empty());
}

TEST_CASE("a brake is measured from 95 to 5 per cent of the entry speed, with the height it gained", "[core][debrief]")
{
    const Known k = known("brake_gain");
    const auto b = brake_in(k.log, k.window);
    REQUIRE(b);
    const auto& expected = k.row["expected"];
    CHECK(meets(expected["entry_speed_mps"], b->entry_speed_mps));
    CHECK(meets(expected["height_gain_m"], b->height_gain_m));
    CHECK(meets(expected["time_95_to_5_percent_s"], b->stop_s));
    CHECK(meets(expected["distance_95_to_5_percent_m"], b->stop_m));
    CHECK_FALSE(brake_in(k.log, rows_between(k.log, 8, 9))); // not stopped yet
    CHECK_FALSE(brake_in(k.log, {0, 1}));
}
