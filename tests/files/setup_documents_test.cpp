// Set-ups, real days, aircraft and rates: out and in again, and mistakes told with their place.
#include "files/data_folder.h"
#include "files/documents/airframe_document.h"
#include "files/documents/conditions_document.h"
#include "files/documents/setup_document.h"

#include <catch2/catch.hpp>

using namespace bh;

namespace {

TrainingSetup unusual()
{
    TrainingSetup s;
    s.real_aircraft = "real-x";
    s.simulated_aircraft = "seven-inch";
    s.camera_tilt_deg = 17;
    s.fov_deg = 95;
    s.propeller_ratio = 0.9;
    s.power_share = 0.75;
    s.rates = {"Mixed", GainEdgeCurve{1.1, 0.6, 0.1}, PercentEndCurve{280, 30, 20}, TableCurve{{0.3, 1}, {60, 320}}};
    s.day = {5, 225, true, true, true, false, true, 0.15, -7, 42};
    return s;
}

std::string refusal(const nlohmann::json& document)
{
    const auto s = parse_training_setup(document.dump(), "s.json");
    REQUIRE_FALSE(s);
    return s.error().english;
}

} // namespace

TEST_CASE("a set-up comes back from its document as it was", "[files][setup]")
{
    for (const TrainingSetup& s : {TrainingSetup{}, unusual()}) {
        const std::string text = training_setup_json(s).dump();
        const auto back = parse_training_setup(text, "s.json");
        REQUIRE(back);
        CHECK(training_setup_json(*back).dump() == text);
        CHECK(back->camera_tilt_deg == s.camera_tilt_deg);
        CHECK(back->day.bent_propeller == s.day.bent_propeller);
        CHECK(back->day.seed == s.day.seed);
        for (const double stick : {-1.0, -0.3, 0.2, 1.0}) {
            CHECK(rate_dps(back->rates.roll, stick) == rate_dps(s.rates.roll, stick));
            CHECK(rate_dps(back->rates.pitch, stick) == rate_dps(s.rates.pitch, stick));
            CHECK(rate_dps(back->rates.yaw, stick) == rate_dps(s.rates.yaw, stick));
        }
    }
    const std::vector<Airframe> all = *DataFolder(BH_DATA).airframes();
    for (const Airframe& a : all) {
        const std::string text = airframe_json(a).dump();
        CHECK(airframe_json(*parse_airframe(text, "a.json")).dump() == text);
    }
}

TEST_CASE("a set-up or a day with a mistake is refused with file, place and expectation", "[files][setup]")
{
    auto s = nlohmann::json::parse(training_setup_json(unusual()).dump());
    SECTION("tilt")
    {
        s["camera_tilt_deg"] = 80;
        CHECK(refusal(s) == "s.json: /: camera_tilt_deg: expected 0 to 60, found 80");
    }
    SECTION("no number")
    {
        s["fov_deg"] = "wide";
        CHECK(refusal(s).find("s.json: /fov_deg") == 0);
    }
    SECTION("rates")
    {
        s["rates"]["yaw"]["family"] = "magic";
        CHECK(refusal(s).find("found 'magic'") != std::string::npos);
    }
    SECTION("day")
    {
        s["day"]["bent_propeller"] = 0.9;
        CHECK(refusal(s).find("s.json: /day") == 0);
    }
    SECTION("kind") { CHECK_FALSE(parse_training_setup(airframe_json(Airframe{}).dump(), "s.json")); }
    SECTION("newer")
    {
        s["format"] = "bluehangar.setup/2";
        CHECK(parse_training_setup(s.dump(), "s.json").error().code == Error::Code::Unsupported);
    }
    const auto day = parse_conditions(R"({"format":"bluehangar.conditions/1","wind_mps":3})", "d.json");
    REQUIRE(day);
    CHECK(in_words(*day) == "wind 3 m/s");
    CHECK_FALSE(parse_conditions(R"({"format":"bluehangar.conditions/1","gusts":1})", "d.json"));
}
